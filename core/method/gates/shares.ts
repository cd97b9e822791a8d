import { linesOf, type Component, type Line, type Recipe } from '../../recipe'
import type { Action } from '../action'
import { linesTaken } from '../action'
import type { Fault, Gate } from './gate'

/** Three thirds and a rounding come to a little more than one. [P] */
const whole = 1.04

const fractionsOf = (line: Line, actions: readonly Action[]): number =>
  actions
    .flatMap(action => action.takes)
    .reduce((sum, { thing, share }) => {
      if (thing.is !== 'line' || thing.line !== line.id) return sum
      return sum + (share.of === 'part' ? share.fraction : 0)
    }, 0)

/** A method that takes fewer of its part's lines tells only half of what is done. [I] */
const toldFrom = 0.8

/** The parts whose own method takes nearly all of their lines: of the others nothing can be said. */
function toldParts(was: Recipe, taken: ReadonlySet<string>): ReadonlySet<string> {
  const isTold = ({ lines }: Component) => {
    const due = lines.filter(line => line.purpose === null)
    return due.filter(line => taken.has(line.id)).length >= toldFrom * due.length
  }
  return new Set(was.components.filter(isTold).map(c => c.name))
}

/**
 * Every line that came in is in some step, every line that a step took before still is, and no line
 * is shared out to more than there is.
 */
export const sharesGate: Gate = ({ was, is, actionsBefore, actions }) => {
  const taken = (all: readonly Action[]) => new Set(all.flatMap(linesTaken))
  const [before, now] = [taken(actionsBefore), taken(actions)]
  const listed = new Set(linesOf(was).map(line => line.id))
  const told = toldParts(was, before)
  return linesOf(is).flatMap((line): Fault[] => {
    const isDue = listed.has(line.id) ? before.has(line.id) : told.has(line.component)
    const isLost = line.purpose === null && isDue && !now.has(line.id)
    const tooMuch = fractionsOf(line, actions) > whole && fractionsOf(line, actionsBefore) <= whole
    return [
      ...(isLost ? [`No step takes the ${line.name}.`] : []),
      ...(tooMuch ? [`The steps take more of the ${line.name} than there is.`] : []),
    ].map(says => ({ gate: 'shares', says, step: null }))
  })
}
