import type { Component, Line, Recipe, Span } from '../recipe'
import { linesTaken, type Action } from './action'
import { readMethod } from './read'

/** What comes to a part once it is baked. */
export interface BehindBake {
  /** Lines that only doings behind the last bake take. */
  readonly lines: readonly Line[]
  /** The sentences of those doings: the step's place, and the span in it. */
  readonly sentences: readonly { readonly step: Action['step']; readonly span: Span }[]
}
const nothing: BehindBake = { lines: [], sentences: [] }

/** Fillings, toppings, what is dusted over: none of it was in the oven. Nothing where nothing is baked. */
export function behindBake(recipe: Recipe, component: Component): BehindBake {
  const own = readMethod(recipe).actions.filter(action => action.part === component.name)
  const last = own.findLastIndex(action => action.verb === 'bake')
  if (last < 0) return nothing
  const before = new Set(own.slice(0, last + 1).flatMap(linesTaken))
  const behind = own.slice(last + 1)
  const lines = component.lines.filter(
    line => !before.has(line.id) && behind.some(action => linesTaken(action).includes(line.id)),
  )
  const ids = new Set(lines.map(line => line.id))
  return {
    lines,
    sentences: behind
      .filter(action => linesTaken(action).some(id => ids.has(id)))
      .map(({ step, sentence }) => ({ step, span: sentence })),
  }
}
