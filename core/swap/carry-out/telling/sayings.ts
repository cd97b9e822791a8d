import type { Action } from '../../../method'
import { flourKinds, type Kind } from '../../../pantry'
import type { Line } from '../../../recipe'
import {
  aboutKinds,
  coating,
  dryKinds,
  leastFlour,
  leftAlone,
  placeRows,
  readying,
  shaping,
  type PlaceRow,
} from '../../tables/doing-rows'
import { kindOf, rowFits } from './making'
import { sayBefore, type Doing, type ToldStep } from './method-text'
import { bakes, type OfPart } from './reword'
import { toldStep } from './told'

const fats: readonly Kind[] = [...aboutKinds.fat, 'oil']

const isDone = ({ mode }: Action) => mode !== 'remark'
const shapes = (action: Action) => isDone(action) && shaping.has(action.verb)

const linesOfKind = (kinds: readonly Kind[], { now, making }: OfPart): readonly Line[] =>
  now.filter(
    line =>
      line.purpose !== 'pan' &&
      line.component === making.part.component.name &&
      kinds.includes(kindOf(line) ?? 'water'),
  )

/** The flour that the dough is of: not the spoonful that stands in for an egg. */
function mainFlour(of: OfPart): readonly Line[] {
  const flours = linesOfKind(flourKinds, of)
  const gramsOf = (line: Line) => line.grams?.best ?? 0
  const all = flours.reduce((sum, line) => sum + gramsOf(line), 0)
  return flours.filter(line => gramsOf(line) >= leastFlour * all)
}

/** Does an action take one of these lines into the dessert, or what is dry and made of them? */
function takesDry(doing: Doing, lines: readonly Line[], of: OfPart): boolean {
  const { action, step } = doing
  if (readying.has(action.verb) || coating.has(action.verb) || !isDone(action)) return false
  const isOne = (id: string) => lines.some(line => line.id === id)
  const isDry = (id: string) => dryKinds.includes(kindOf(of.now.find(l => l.id === id)) ?? 'water')
  const said = step.text.slice(...action.span).toLowerCase()
  const isNewFlour = of.making.answers.some(
    ([group, { inSteps }]) => group.question === 'flour' && said.includes(inSteps.toLowerCase()),
  )
  const isSo = (ids: readonly string[]) => ids.some(isOne) && ids.every(isDry)
  return (
    isSo(action.meets) ||
    (isNewFlour && lines.some(line => flourKinds.includes(kindOf(line)!))) ||
    action.takes.some(({ thing, readies }) => {
      if (readies || thing.is === 'aside') return false
      if (thing.is === 'line') return isOne(thing.line)
      return isSo(thing.lines)
    })
  )
}

/** The last doing that takes such a thing. */
const mixing = (lines: readonly Line[], of: OfPart, scope: readonly ToldStep[]) =>
  scope.flatMap(step => step.doings).findLast(doing => takesDry(doing, lines, of))

const goesOn = ({ action }: Doing) =>
  bakes(action) || shapes(action) || (isDone(action) && leftAlone.has(action.verb))

/** Behind the mixing, and before what the same step goes on to bake, shape or leave. */
function sayBehindMixing(mixed: Doing | undefined, says: string): void {
  if (!mixed) return
  const { doings, behind } = mixed.step
  const next = doings.find((doing, i) => i > doings.indexOf(mixed) && goesOn(doing))
  if (next) sayBefore(next, says, mixed)
  else behind.push(says)
}

/** Where it is shaped first; what is not shaped, where it is baked. */
function firstShaped(scope: readonly ToldStep[]): Doing | undefined {
  const all = scope.flatMap(step => step.doings)
  return all.find(d => shapes(d.action)) ?? all.find(d => bakes(d.action))
}

const leavesOven = ({ action }: Doing) => bakes(action) || action.verb === 'cool'

/** Behind the sentence of a doing, before what its step tells next. */
function sayBehindSentence(doing: Doing, says: string): void {
  const { doings, behind, text } = doing.step
  const next = doings.find(
    ({ action: { sentence } }) =>
      sentence[0] > doing.action.sentence[0] && /[.!?]\s*$/u.test(text.slice(0, sentence[0])),
  )
  if (next) sayBefore(next, says)
  else behind.push(says)
}

const places: Readonly<
  Record<PlaceRow['at'], (says: string, of: OfPart, scope: readonly ToldStep[]) => void>
> = {
  'flour': (says, of, scope) => sayBehindMixing(mixing(mainFlour(of), of, scope), says),
  'fat': (says, of, scope) => mixing(linesOfKind(fats, of), of, scope)?.step.behind.push(says),
  'after-oven': (says, _, scope) => {
    const all = scope.flatMap(step => step.doings)
    const baked = all.findLastIndex(doing => bakes(doing.action))
    // Cooled in the next breath, before anything else is taken up: melted chocolate cools as well.
    const then = all.slice(baked + 1)
    const next = then.findIndex(({ action }) => action.takes.length > 0)
    const cooled = then.slice(0, next < 0 ? undefined : next).findLast(leavesOven)
    const last = cooled ?? all[baked] ?? all.findLast(leavesOven)
    if (last) sayBehindSentence(last, says)
  },
  'before-oven': (says, _, scope) => {
    const first = scope.flatMap(step => step.doings).find(d => bakes(d.action))
    if (first) sayBefore(first, says)
  },
  'before-shaping': (says, _, scope) => {
    const first = firstShaped(scope)
    if (first) sayBefore(first, says)
  },
  'own-step-before-shaping': (says, _, scope) => {
    const first = firstShaped(scope)
    if (!first) return
    const isLater = first.action.sentence[0] !== first.step.doings[0]!.action.sentence[0]
    if (isLater) sayBefore(first, says)
    else first.step.ahead.push(says)
  },
}

/** What is to mind with the plan of a part, each at its place; nothing that the recipe says itself. */
export function sayOnce(of: OfPart): void {
  const scope = of.scope.filter(step => step.place >= of.mine)
  const isWarm = of.scope.some(step =>
    step.doings.some(({ action }) => action.manners.has('served-warm')),
  )
  for (const row of placeRows) {
    const isSaid = scope.some(step => row.unless.test(toldStep(step)))
    const isRight = row.warm === undefined || row.warm === isWarm
    if (rowFits(row, of.making) && isRight && !isSaid) places[row.at](row.says, of, scope)
  }
}
