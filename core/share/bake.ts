import { longestText, type Region } from '../measure'
import type { Stock } from '../pantry'
import { linesOf, type Finding, type Reading, type Recipe } from '../recipe'
import type { Packet } from '../packet'
import type { DayWishes } from '../day'
import type { Made, Making } from '../make'
import { asWritten, sizeUp, usualKitchen, type Kitchen, type SizedUp, type Sizing } from '../pan'
import type { PeopleGroup, Person, PacketLink } from '../people'
import type { Plan, Tried, Wishes } from '../swap'
import type { Lesson, Trial } from '../trial'

/** One dessert for some people, from pasting to sharing: the unit of work, as it is stored and exported. */
export interface Bake {
  readonly id: string
  readonly title: string
  /** The text as it was read, in which lines and steps have their places; never changed by a correction. */
  readonly source: string
  readonly region: Region
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  /** Keys of findings that the baker called no problem. */
  readonly settled: readonly string[]
  readonly tags: readonly string[]
  /** Off the shelf, but kept. */
  readonly archived: boolean
  readonly people: readonly string[]
  /** Which packets of the house it is made of. */
  readonly ties: readonly PacketLink[]
  /** Steps against cross-contact that are done, by their keys. */
  readonly ticked: readonly string[]
  readonly wishes: Wishes
  /** The plan that was chosen, whole, so that a card can be printed without working it out again. */
  readonly plan: Plan | null
  /** How large, in what, cut how; as the recipe says where absent. */
  readonly size?: Sizing
  /** When it is to be on the table, with which other bakes, and what was changed of its day. */
  readonly day?: BakeDay
  /** The making that has begun, with all that happened; kept when it is finished, until another begins. */
  readonly making?: Making | null
  /** What really happened, each time that it was made. */
  readonly made?: readonly Made[]
  /** How it came out, each time it was baked by its plan. */
  readonly baked?: readonly Baked[]
  /** Its trials, in the order in which they were begun. */
  readonly trials?: readonly Trial[]
  /** Versions of it that somebody is fond of, by id. */
  readonly favourites?: readonly string[]
  /**
   * It is one arm of another bake's trial: it has a day and a counter like any bake, and no place
   * on the shelf.
   */
  readonly arm?: { readonly bake: string; readonly trial: string; readonly letter: string }
  readonly created: string
  readonly updated: string
}

/**
 * The day of a bake: on the table at (ISO; null: begun now), together with other bakes of the
 * house, and what the baker said of its tasks.
 */
export interface BakeDay {
  readonly serveAt: string | null
  readonly with: readonly string[]
  readonly wishes: DayWishes
}

/**
 * One time that a plan was baked: the day (ISO), how it came out, by which schools in which family,
 * and a note.
 */
export interface Baked extends Tried {
  readonly on: string
  readonly note: string
}

/** The photo of a packet's label, as a data address. */
export interface Label {
  readonly packet: string
  readonly data: string
}

/** The photo of a card that a bake was read from, as a data address. */
export interface Picture {
  readonly bake: string
  readonly data: string
}

/** A photo that was taken while something was made, as a data address. */
export interface Photo {
  readonly id: string
  readonly bake: string
  readonly data: string
}

/** Everything that a house holds. */
export interface House {
  readonly people: readonly Person[]
  readonly groups: readonly PeopleGroup[]
  readonly bakes: readonly Bake[]
  readonly packets: readonly Packet[]
  readonly stock: Stock
  readonly pictures: readonly Picture[]
  readonly labels: readonly Label[]
  readonly kitchen?: Kitchen
  readonly photos?: readonly Photo[]
  readonly lessons?: readonly Lesson[]
}

/** A new bake of what was read. `now` is the moment as ISO 8601, given by the caller. */
export const bakeOf = (
  id: string,
  reading: {
    readonly recipe: Recipe
    readonly findings: readonly Finding[]
    readonly text: string
    readonly keywords?: readonly string[]
  },
  people: readonly string[],
  now: string,
): Bake => ({
  id,
  title: reading.recipe.title,
  source: reading.text.slice(0, longestText),
  region: reading.recipe.region,
  recipe: reading.recipe,
  findings: reading.findings,
  settled: [],
  tags: tagsOf(reading.keywords ?? []),
  archived: false,
  people: [...people],
  ties: [],
  ticked: [],
  wishes: {},
  plan: null,
  created: now,
  updated: now,
})

/** What is made: the chosen plan, or the recipe as it is. */
export const plannedRecipe = (bake: Bake): Recipe => bake.plan?.recipe ?? bake.recipe

/** Everything about a bake's size, in this kitchen. */
export const sizedBake = (
  bake: Bake,
  kitchen: Kitchen = usualKitchen,
  measureIn: 'grams' | 'spoons' = 'grams',
  quick = false,
): SizedUp => {
  const size = bake.size ?? asWritten
  // A meringue without egg white is one by its plan, not by its proportions.
  const families = {
    ...Object.fromEntries((bake.plan?.parts ?? []).map(part => [part.component, part.family])),
    ...bake.wishes.family,
  }
  return sizeUp(
    plannedRecipe(bake),
    { ...size, said: { ...size.said, families } },
    kitchen,
    measureIn,
    quick,
  )
}

/** What is made, at its size and in its tin. */
export const recipeOf = (bake: Bake, kitchen?: Kitchen): Recipe =>
  bake.size ? sizedBake(bake, kitchen).recipe : plannedRecipe(bake)

export const readingOf = (bake: Bake): Reading => ({
  recipe: bake.recipe,
  findings: bake.findings,
  settled: bake.settled,
})

/** The bake with another reading of it. A chosen plan stays only where the recipe is the same. */
export function bakeWith(bake: Bake, { recipe, findings, settled }: Reading): Bake {
  const same = JSON.stringify(recipe) === JSON.stringify(bake.recipe)
  return {
    ...bake,
    recipe,
    findings,
    settled: settled ?? [],
    title: recipe.title,
    region: recipe.region,
    plan: same ? bake.plan : null,
  }
}

const mostTags = 12
/** Tags as they are kept: in lower case, short, each once. */
export const tagsOf = (words: readonly string[]): string[] =>
  [
    ...new Set(
      words
        .map(w =>
          w
            .replace(/[\s,;#]+/gu, ' ')
            .trim()
            .toLowerCase()
            .slice(0, 30),
        )
        .filter(Boolean),
    ),
  ].slice(0, mostTags)

/**
 * What the shelf shows of a bake and looks for, without laying out the whole: it stays quick with
 * thousands.
 */
export interface ShelfRow {
  readonly id: string
  readonly title: string
  readonly tags: readonly string[]
  readonly archived: 0 | 1
  readonly updated: string
  /** "closest, very close" or "as written". */
  readonly says: string
  readonly planned: boolean
  /** Findings that want an answer. */
  readonly open: number
  /** Names of what is in it, for looking. */
  readonly words: string
  /** It is an arm of this bake's trial, and not shown. */
  readonly armOf?: string
}

export const shelfRowOf = (bake: Bake): ShelfRow => ({
  id: bake.id,
  title: bake.title,
  tags: bake.tags,
  archived: bake.archived ? 1 : 0,
  updated: bake.updated,
  says: bake.plan ? `${bake.plan.title.toLowerCase()}, ${bake.plan.confidence}` : 'as written',
  planned: bake.plan !== null,
  open: bake.findings.filter(f => f.severity !== 'note').length,
  ...(bake.arm ? { armOf: bake.arm.bake } : {}),
  words: [...new Set(linesOf(bake.recipe).map(line => line.name.toLowerCase()))]
    .join(' ')
    .slice(0, 600),
})

/** The moment (ISO), the bakes of its arms that are there already, and when it is on the table. */
interface TrialBakesAt {
  readonly now: string
  readonly there?: readonly Bake[]
  readonly serveAt?: string | null
}

/**
 * The bakes of a trial's arms: each small, in cups where its family fills them, on one day with the
 * others. What was made of them stays. Their ids are the arms'. On the table at `serveAt` (ISO)
 * where nothing else is said.
 */
export function trialBakes(
  bake: Bake,
  trial: Trial,
  { now, there = [], serveAt = null }: TrialBakesAt,
): Bake[] {
  const ids = trial.arms.map(arm => arm.id)
  const families = {
    ...Object.fromEntries((bake.plan?.parts ?? []).map(part => [part.component, part.family])),
    ...bake.wishes.family,
  }
  const wishes = Object.keys(families).length ? { family: families } : {}
  const dayOf = (arm: string, was: Bake | undefined): NonNullable<Bake['day']> => ({
    serveAt: was?.day?.serveAt ?? bake.day?.serveAt ?? serveAt,
    wishes: was?.day?.wishes ?? {},
    with: ids.filter(id => id !== arm),
  })
  return trial.arms.map((arm): Bake => {
    const was = there.find(b => b.id === arm.id)
    const title = `${arm.letter}: ${bake.title}`.slice(0, 160)
    return {
      id: arm.id,
      title,
      source: '',
      region: bake.region,
      recipe: { ...arm.recipe, title },
      findings: [],
      settled: [],
      tags: [],
      archived: false,
      people: bake.people,
      ties: bake.ties,
      ticked: was?.ticked ?? [],
      wishes,
      plan: null,
      size: { target: { by: 'test', tests: trial.tests }, tins: [] },
      day: dayOf(arm.id, was),
      ...(was?.making !== undefined ? { making: was.making } : {}),
      ...(was?.made ? { made: was.made } : {}),
      arm: { bake: bake.id, trial: trial.id, letter: arm.letter },
      created: was?.created ?? now,
      updated: now,
    }
  })
}
