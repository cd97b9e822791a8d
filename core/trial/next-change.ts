import type { Measure } from '../formula'
import type { Minutes } from '../measure'
import type { Person } from '../people'
import { capital, sayRestTime, type Recipe } from '../recipe'
import {
  adapt,
  leverFor,
  restedIn,
  restFor,
  restTimes,
  substitutionById,
  type Change,
  type HouseKnowledge,
  type Lever,
  type Plan,
  type Wishes,
} from '../swap'
import { atOven } from './at-oven'
import type { Seen } from './facts'
import type { CauseRow } from './tables/causes'

/** The next single change: what, how much, and the version with it where the recipe is known. */
export interface NextChange {
  readonly how: 'measure' | 'school' | 'rest' | 'oven' | 'minutes' | 'word'
  readonly says: string
  readonly because: string
  readonly lever?: Lever
  /** The version to try; it has passed the safety check for everyone at the table. */
  readonly plan?: Plan
}

/** A cause for which one change is wanted. */
interface ChangeAsked {
  readonly row: CauseRow
  readonly original: Recipe
  readonly plan: Plan
  readonly component: string
  readonly seen: Seen
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}
type Remedy = CauseRow['remedies'][number]
type RemedyOf<How extends Remedy['how']> = Extract<Remedy, { readonly how: How }>

const grams = (n: number) => `${Math.round(10 * n) / 10} g`
const substitutionOf = (change: Pick<Change, 'school'>) => substitutionById(change.school ?? '')

function rests({ row, plan }: ChangeAsked, { key, times }: RemedyOf<'rest'>): NextChange | null {
  const { recipe, changes } = plan
  const longer = restFor(recipe, changes, key, rested => restTimes(rested, times))
  if (!longer) return null
  const mine = restedIn(recipe, changes).filter(rested => rested.key === key)
  const said = mine.map((rested, n) => {
    const to = sayRestTime(restTimes(rested, times))
    const from = sayRestTime(rested.resting.low)
    return `${n ? '' : `${rested.says} `}${to} instead of ${from}`
  })
  return {
    how: 'rest',
    says: `${capital(said.join('; and '))}.`,
    because: row.why,
    plan: { ...plan, recipe: longer },
  }
}
/** How long it was in the oven: noted, timed, planned, or as the recipe says. */
function minutesOf({ seen, plan }: ChangeAsked): Minutes | null {
  const timed = seen.made?.times.find(t => t.says === 'in the oven')?.took
  const written = plan.recipe.oven?.minutes
  const middle = written ? (written.low + written.high) / 2 : null
  return seen.record?.minutes ?? timed ?? seen.planned ?? middle
}
function bakes(asked: ChangeAsked, { share }: RemedyOf<'minutes'>): NextChange {
  const minutes = minutesOf(asked)
  const because = asked.row.why
  if (!minutes) return { how: 'minutes', says: aboutATenth(share), because }
  const by = Math.max(1, Math.round(Math.abs(minutes * share)))
  const to = Math.round(minutes + Math.sign(share) * by)
  const how = share > 0 ? 'longer' : 'less'
  const says = `${by} min ${how} in the oven: ${to} instead of ${Math.round(minutes)} min.`
  return { how: 'minutes', says, because }
}
const aboutATenth = (share: number) => `About a tenth ${share > 0 ? 'longer' : 'less'} in the oven.`
function heats({ row, plan }: ChangeAsked, { by }: RemedyOf<'oven'>): NextChange | null {
  const recipe = atOven(plan.recipe, by)
  if (!recipe) return null
  const how = by < 0 ? 'cooler' : 'hotter'
  const [to, from] = [recipe.oven!.celsius, plan.recipe.oven!.celsius]
  return {
    how: 'oven',
    says: `${Math.abs(by)} °C ${how}: ${to} instead of ${from} °C.`,
    because: row.why,
    plan: { ...plan, recipe },
  }
}
function levers(asked: ChangeAsked, { measure, up }: RemedyOf<'measure'>): NextChange | null {
  const { original, plan, component, people, wishes, known } = asked
  const lever = leverFor({ original, plan, component, measure, up, people, wishes, known })
  if (!lever) return null
  const to = grams(lever.to)
  const amount =
    lever.from === null
      ? `${to} ${lever.name}, which is new`
      : `${to} instead of ${grams(lever.from)} ${lever.name}`
  const kitchen = lever.kitchen && lever.kitchen !== to ? ` (${lever.kitchen})` : ''
  return {
    how: 'measure',
    says: `${amount}${kitchen}.`,
    because: asked.row.why,
    lever,
    plan: lever.after.plan,
  }
}
/** Another substitution for the same question, without what the present one adds. */
function replaces(asked: ChangeAsked, { question }: RemedyOf<'school'>): NextChange | null {
  const { row, original, plan, people, wishes, known } = asked
  const now = plan.changes.map(substitutionOf).find(s => s?.question === question)
  if (!now) return null
  const mine = now.adds.map(add => add.ingredient).filter(id => id !== 'water')
  const ban = [...new Set([...(wishes.ban ?? []).filter(id => id !== 'water'), ...mine])]
  const isOther = (change: Change) =>
    substitutionOf(change)?.question === question && change.school !== now.id
  const { plans } = adapt(original, people, { ...wishes, ban }, known)
  const other = plans.find(p => p.changes.some(isOther))
  const school = other?.changes.map(substitutionOf).find(s => s?.question === question)
  if (!other || !school) return null
  const { adds } = other.changes.find(c => c.school === school.id)!
  const added = adds.map(a => `${a.grams === null ? '' : `${grams(a.grams)} `}${a.name}`).join(', ')
  return {
    how: 'school',
    says: `${capital(school.name)} instead of ${now.name}: ${added}.`,
    because: row.why,
    plan: other,
  }
}
function changeBy(asked: ChangeAsked, remedy: Remedy): NextChange | null {
  switch (remedy.how) {
    case 'word':
      return { how: 'word', says: remedy.says, because: asked.row.why }
    case 'rest':
      return rests(asked, remedy)
    case 'minutes':
      return bakes(asked, remedy)
    case 'oven':
      return heats(asked, remedy)
    case 'measure':
      return levers(asked, remedy)
    case 'school':
      return replaces(asked, remedy)
  }
}

/** The first remedy of a cause that can be carried out here, with its figures. */
export function changeFor(asked: ChangeAsked): NextChange | null {
  for (const remedy of asked.row.remedies) {
    const change = changeBy(asked, remedy)
    if (change) return change
  }
  return null
}

/** What there is more or less of, in a baker's words. */
const measureWords: Partial<Record<Measure, string>> = {
  bind: 'of what binds',
  set: 'of what sets',
  starch: 'flour or starch',
  water: 'liquid',
  gluten: 'gum',
}

/** What a remedy says where no recipe is known: in which direction, and no figure. */
function plainly(remedy: Remedy): string {
  switch (remedy.how) {
    case 'word':
      return remedy.says
    case 'rest':
      return (
        `Let it rest ${remedy.times > 1 ? 'longer' : 'less long'}; how long can be said ` +
        'with the recipe.'
      )
    case 'minutes':
      return aboutATenth(remedy.share)
    case 'oven':
      return `${Math.abs(remedy.by)} °C ${remedy.by < 0 ? 'cooler' : 'hotter'}.`
    case 'school':
      return 'Something else in its stead; how much can be said with the recipe.'
    case 'measure': {
      const what = measureWords[remedy.measure] ?? remedy.measure
      return `${remedy.up ? 'More' : 'Less'} ${what}; how much can be said with the recipe.`
    }
  }
}
/** The change of a cause where no recipe is known. */
export function plainChange({ remedies, why }: CauseRow): NextChange | null {
  // How long something rests is not known here: what is done instead says more.
  const first = remedies.find(remedy => remedy.how !== 'rest') ?? remedies[0]
  return first ? { how: first.how, says: plainly(first), because: why } : null
}
