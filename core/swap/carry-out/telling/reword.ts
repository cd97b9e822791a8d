import { linesTaken, type Action, type VerbId } from '../../../method'
import { ingredientById, type Kind } from '../../../pantry'
import type { Line, Recipe } from '../../../recipe'
import { headJoint, linesOf, tailJoint } from '../../../recipe'
import {
  aboutKinds,
  dishes,
  doingRows,
  insteadRows,
  pouring,
  type DoingRow,
  type InsteadRow,
} from '../../tables/doing-rows'
import { kindOf, rowFits, type Making } from './making'
import { edit, type Doing, type ToldStep } from './method-text'

/** The kinds of what actions take: of one part's lines, and of what no line lists. */
function kindsTaken(actions: readonly Action[], lines: readonly Line[]): ReadonlySet<Kind> {
  const ids = new Set(actions.flatMap(linesTaken))
  const asides = actions.flatMap(({ takes }) =>
    takes.flatMap(({ thing }) =>
      thing.is === 'aside' ? (ingredientById(thing.ingredient)?.kind ?? []) : [],
    ),
  )
  const own = lines.filter(line => ids.has(line.id)).flatMap(line => kindOf(line) ?? [])
  return new Set([...own, ...asides])
}

/** What the telling of one part looks at. */
export interface OfPart {
  readonly making: Making
  /** The lines of the part before and now. */
  readonly before: readonly Line[]
  readonly now: readonly Line[]
  /** Its steps, or all of them where the parts share a method. */
  readonly scope: readonly ToldStep[]
  /** From this step on it is its own; before, another's. */
  readonly mine: number
}

/** What one part's telling looks at; `was`: the recipe before; `recipe`: with its new lines. */
export function ofPart(
  making: Making,
  steps: readonly ToldStep[],
  was: Recipe,
  recipe: Recipe,
): OfPart {
  const own = steps.filter(step => step.component === making.at)
  const scope = own.length ? own : steps
  const { name } = recipe.components[making.at]!
  const before = linesOf(was).filter(line => line.component === name)
  const ids = new Set(before.map(line => line.id))
  const isOwn = (doing: Doing) => doing.was.some(a => linesTaken(a).some(id => ids.has(id)))
  const mine = (scope.find(step => step.doings.some(isOwn)) ?? scope[0])?.place ?? 0
  return { making, before, now: linesOf(recipe), scope, mine }
}

/** Into the oven, the pan or on to the iron. */
export const bakes = (action: Action): boolean =>
  action.mode !== 'remark' &&
  (['bake', 'load', 'fry'].includes(action.verb) ||
    (action.verb === 'cook' && action.into !== null && action.phases.length > 0))

/** The doings of a part as its plan tells them. */
export function reword(of: OfPart): void {
  const { scope, mine } = of
  for (const step of scope)
    if (step.place >= mine) for (const doing of step.doings) rewordOne(doing, of)
  for (const row of insteadRows) if (rowFits(row, of.making)) tellInstead(row, of)
}

/** Is it one of these; any, where none are said. */
const isAmong = <T>(one: T, those: readonly T[] | undefined): boolean =>
  !those || those.includes(one)

const isUntil = (action: Action, cue: DoingRow['cue']): boolean =>
  !cue || (action.until !== null && (cue === 'any' || cue.some(k => action.until!.kinds.has(k))))

function takesWhat(row: DoingRow, action: Action, now: readonly Line[]): boolean {
  const kinds = [...kindsTaken([action], now)]
  return (
    (!row.takes || kinds.some(kind => row.takes!.includes(kind))) &&
    (!row.only || kinds.every(kind => row.only!.includes(kind))) &&
    (!row.ids || takesOne(action, row.ids, now))
  )
}

function fits(row: DoingRow, { action, was }: Doing, { making, before, now }: OfPart): boolean {
  const isSo =
    rowFits(row, making) &&
    isAmong(action.verb, row.verbs) &&
    isAmong(action.word, row.words) &&
    isUntil(action, row.cue)
  if (!isSo || !takesWhat(row, action, now)) return false
  const kinds = row.about && kindsTaken(was, before)
  return !kinds || aboutKinds[row.about!].some(kind => kinds.has(kind))
}

/** Does an action take one of these ingredients, as a line or by the way? */
function takesOne(action: Action, ids: readonly string[], lines: readonly Line[]): boolean {
  const taken = new Set([...linesTaken(action), ...action.unsaid])
  const isOne = (id: string | null) => id !== null && ids.includes(id)
  return (
    lines.some(line => taken.has(line.id) && isOne(line.ingredient)) ||
    action.takes.some(({ thing }) => thing.is === 'aside' && isOne(thing.ingredient))
  )
}

const asIs = (text: string, to: string): string =>
  /^\p{Lu}/u.test(text) ? to.replace(/^\p{Ll}/u, c => c.toUpperCase()) : to

function rewordOne(doing: Doing, of: OfPart): void {
  const { action } = doing
  if (action.mode === 'remark' && action.word !== '') return
  for (const row of doingRows) if (fits(row, doing, of)) tellBy(row, doing, of)
}

/** One row of the table, told in a doing: each thing that it changes at its own place. */
function tellBy({ is }: DoingRow, doing: Doing, of: OfPart): void {
  const { action, step } = doing
  const { verb, until, over, cuts } = is
  const [from, to] = action.wordAt
  if (verb && to > from) edit(doing, action.wordAt, asIs(step.text.slice(from, to), verb))
  if (until !== undefined && action.until)
    edit(doing, withBlank(step.text, action.until.span, until), until)
  if (over && action.over) edit(doing, action.over, over)
  const cut = cuts?.exec(action.text)
  const at = action.span[0] + (cut?.index ?? 0)
  if (cut) edit(doing, [at, at + cut[0].length], '')
  besides(is, doing, of)
}
function besides({ golden, adds, strips, dry }: DoingRow['is'], doing: Doing, of: OfPart): void {
  if (golden) lighter(doing)
  if (adds && !isTold(adds, of)) add(doing, adds)
  if (strips) strip(doing, strips, of)
  if (dry) withoutWater(doing, of)
}

/** What says nothing takes the blank before it along. */
const withBlank = (text: string, [from, to]: readonly [number, number], says: string) => {
  const blank = says ? 0 : /\s*(?:just\s*)?$/iu.exec(text.slice(0, from))![0].length
  return [from - blank, to] as const
}

/** "Deep golden brown": without milk it stays golden. */
function lighter(doing: Doing): void {
  const { span, text } = doing.action.until!
  const hit = /\b(?:deep\s+)?golden[- ]brown\b/iu.exec(text)
  const from = span[0] + (hit?.index ?? 0)
  if (hit) edit(doing, [from, from + hit[0].length], 'golden')
}

/** Is it added to another doing of the method already? It boils once. */
const isTold = (says: string, { scope }: OfPart): boolean =>
  scope.some(step => step.doings.some(one => one.edits.some(({ to }) => to.includes(says))))

/** Behind the doing's own words, before what joins it to the next; nothing that is done next anyway. */
function add(doing: Doing, says: string): void {
  const { action, step } = doing
  const next = step.doings[step.doings.indexOf(doing) + 1]
  if (next?.action.verb === 'boil') return
  const own = action.text.replace(/[\s,;.]+$/u, '').replace(tailJoint, '')
  const at = action.span[0] + own.length
  edit(doing, [at, at], ` ${says}`)
}

/** The water of what came for a fat: out of the list, with its joint. */
function withoutWater({ action, edits }: Doing, { making, now }: OfPart): void {
  const isNew = (id: string) =>
    making.lines.some(line => line.id === id && kindOf(now.find(l => l.id === id)) === 'water')
  for (const [i, { thing, span }] of action.takes.entries()) {
    const before = action.takes[i - 1]?.span
    if (span && before && thing.is === 'line' && isNew(thing.line))
      edits.push({ span: [before[1], span[1]], to: '' })
  }
}

/** Words right before an oil that are of a solid fat. */
function strip(doing: Doing, words: readonly string[], { now }: OfPart): void {
  for (const { thing, span } of doing.action.takes) {
    const line = thing.is === 'line' ? now.find(l => l.id === thing.line) : undefined
    if (!span || kindOf(line) !== 'oil') continue
    const lead = doing.step.text.slice(0, span[0])
    const hit = new RegExp(String.raw`\b(?:(?:${words.join('|')})\s+)+$`, 'iu').exec(lead)
    if (hit) edit(doing, [hit.index, span[0]], '')
  }
}

function isInstead(row: InsteadRow, { action }: Doing, { now }: OfPart): boolean {
  const { verbs, manners, cue, ids } = row
  const isSo =
    (verbs?.includes(action.verb) ?? false) ||
    (manners?.some(manner => action.manners.has(manner)) ?? false) ||
    (cue?.some(kind => action.until?.kinds.has(kind)) ?? false)
  return isSo && (!ids || takesOne(action, ids, now))
}

/** Into its dishes, before it is cooked: what goes there is in the bowl already. */
const isPoured = ({ action }: Doing): boolean =>
  pouring.has(action.verb) &&
  dishes.has(action.into?.noun ?? '') &&
  !action.manners.has('in-bath') &&
  !action.takes.some(({ thing }) => thing.is === 'line')

/** What stands in for the egg is in it from here on; a caramel before that stays in its dishes. */
const eggsAt = (own: readonly Doing[], { before }: OfPart): number =>
  own.findIndex(doing =>
    [...kindsTaken(doing.was, before)].some(kind => aboutKinds.egg.includes(kind)),
  )
const pours: ReadonlySet<VerbId> = new Set<VerbId>(['pour', 'strain', 'spoon', 'divide'])

/** How the recipe itself pours it into its dishes or its case. */
function pourOf(own: readonly Doing[], before: number, of: OfPart): string {
  const since = own.slice(Math.max(0, eggsAt(own, of)), before)
  const { action } = since.findLast(doing => isPoured(doing) && pours.has(doing.action.verb)) ?? {}
  if (!action) return 'pour into dishes'
  const words = action.text
    .replace(/[\s,;.]+$/u, '')
    .replace(tailJoint, '')
    .trimStart()
  const said = words.replace(headJoint, '')
  return said.charAt(0).toLowerCase() + said.slice(1)
}

/** The first doing of its part that no longer fits is told otherwise; the rest of them go. */
function tellInstead(row: InsteadRow, of: OfPart): void {
  const { name } = of.making.part.component
  const own = of.scope
    .flatMap(step => step.doings)
    .filter(
      ({ step, instead, action }) =>
        step.place >= of.mine && instead === null && action.part === name,
    )
  const [first, ...rest] = own.filter(doing => isInstead(row, doing, of))
  if (!first) return
  const says = row.is.replace('{pour}', pourOf(own, own.indexOf(first), of))
  // Two rows may say the same of one custard.
  const mine = of.scope.flatMap(step => step.doings).filter(doing => doing.action.part === name)
  const isSaid = mine.some(doing => doing.instead === says)
  first.instead = isSaid ? '' : says
  for (const doing of rest) doing.instead = ''
  if (row.passes) for (const doing of [first, ...rest]) passOn(row, doing, of)
  if (row.pours) dropBesides(own, own.indexOf(first), of)
}

/** "Squeeze the leaves and add to the pan": what the second takes unsaid is named where the first goes. */
function passOn({ ids }: InsteadRow, doing: Doing, of: OfPart): void {
  const { step } = doing
  const next = step.doings[step.doings.indexOf(doing) + 1]
  const line = of.now.find(one => one.ingredient !== null && ids?.includes(one.ingredient))
  if (!line || next?.instead !== null || !next.action.unsaid.includes(line.id)) return
  if (!puts.has(next.action.verb)) return
  const [, at] = next.action.wordAt
  const pronoun = /^\s+(?:it|them|these)\b/iu.exec(step.text.slice(at))?.[0] ?? ''
  edit(next, [at, at + pronoun.length], ` the ${line.name}`)
}
const puts: ReadonlySet<VerbId> = new Set<VerbId>(
  'add stir whisk put drop combine dissolve melt fold beat'.split(' ') as VerbId[],
)

/** What goes with a bake that goes: the oven, its bath, its dishes, and a chilling that is told now. */
function dropBesides(own: readonly Doing[], first: number, of: OfPart): void {
  const eggs = eggsAt(own, of)
  for (const [i, doing] of own.entries()) {
    const { action } = doing
    const isChilled = i > first && action.verb === 'chill' && !action.phases.length
    const isTooSoon = i >= eggs && i < first && isPoured(doing)
    if (isChilled || isTooSoon || action.manners.has('in-bath')) doing.instead ??= ''
  }
  // An oven that nothing goes into any more is not heated.
  const all = of.scope.flatMap(step => step.doings)
  const last = all.findLastIndex(doing => doing.instead === null && bakes(doing.action))
  for (const doing of all.slice(last + 1)) if (doing.action.verb === 'preheat') doing.instead ??= ''
}
