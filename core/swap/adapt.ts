import { ingredientById } from '../pantry'
import { isInside } from '../formula'
import { withFinish } from '../method'
import { checkPeople, needsOf, unknownNeeds, type Person } from '../people'
import { ingredientOf, linesOf, thingsOf, type Recipe } from '../recipe'
import { isBlocked, tableOf, type Table, mayBeLeftOut } from './leaving'
import { leftBeside, type Option, optionsFor, type FoundVersion } from './choose'
import {
  type Wishes,
  type HouseKnowledge,
  type DessertPart,
  sugarThatStays,
  leavesOf,
  partsOf,
  sweetenerOf,
} from './ways'
import { planOf, type Asked, redirectOf, hasUnweighed, noneSafe, plansOf } from './carry-out'
import type { Plan } from './plan'
import { routeRows } from './tables/routes'

export interface Adaptation {
  readonly verdict: 'already-fine' | 'adapted' | 'not-advised' | 'cannot'
  /** Family of the main part. */
  readonly family: string
  readonly why: readonly string[]
  readonly plans: readonly Plan[]
  /** What to bake instead, when it is not advised. */
  readonly instead: readonly string[]
  /** A whole recipe that stands in for one which is not advised, where a formula is known. */
  readonly offer?: Plan | null
  /** The closest plan without what the baker asked for, where that would be another. */
  readonly unasked?: Plan | null
}

const nothing = (
  verdict: Adaptation['verdict'],
  family: string,
  why: readonly string[],
): Adaptation => ({ verdict, family, why, plans: [], instead: [], offer: null })

const checked = (recipe: Recipe, people: readonly Person[], known: HouseKnowledge) =>
  checkPeople(recipe, people, known.packets ? { packets: known.packets } : {})

/**
 * Lines that stay and whose packets name what somebody avoids: another packet is the answer, and
 * until it is there no plan holds.
 */
function stuckOn(
  recipe: Recipe,
  people: readonly Person[],
  parts: readonly DessertPart[],
  known: HouseKnowledge,
): readonly string[] {
  if (!known.packets?.length) return []
  const leaving = new Set(parts.flatMap(part => part.leaving.map(item => item.line.id)))
  const found = checked(recipe, people, known)
    .people.flatMap(person => person.conflicts)
    .filter(c => c.rule === 'packet-contains' && c.lineId !== null && !leaving.has(c.lineId))
  return [
    ...new Set(
      found.map(
        c =>
          `“${c.words}”: ${c.because}. Take another packet of it, or something else in its place.`,
      ),
    ),
  ]
}

/** Why nothing has to leave; null where something has to. */
function whyFine({ recipe, people, parts, table, wishes, known }: Asked): readonly string[] | null {
  if (!people.some(person => needsOf(person).length) && !wishesMore(wishes))
    return ['Nobody at the table avoids anything, so nothing changes.']
  if (parts.some(part => isTouched(part, wishes)) || blockedInSteps(recipe, table)) return null
  const open = checked(recipe, people, known).people.flatMap(person => person.conflicts)
  const reasons = [...new Set(open.map(c => c.because))].slice(0, 5)
  return [
    'No line has to leave for the people at the table.',
    ...sugarThatStays(parts, wishes),
    ...(reasons.length ? [`What is still open: ${reasons.join('; ')}.`] : []),
  ]
}

/** Does the baker wish something besides what the people need? */
const wishesMore = (wishes: Wishes) =>
  Boolean(wishes.less?.sugar || wishes.less?.fat || sweetenerOf(wishes))
/** Is anything of a part changed: something leaves, or less of something is wished? */
const isTouched = (part: DessertPart, wishes: Wishes) =>
  part.leaving.length > 0 ||
  (part.goal !== part.before && part.kept.some(k => k.least < 0.8 * k.was) && Boolean(wishes.less))

/** A weight that leaves and is not written: nothing can be computed from it. */
function unweighable(parts: readonly DessertPart[]): string[] {
  const flours = parts.flatMap(part =>
    part.leaving.some(item => item.how === 'leaves')
      ? part.component.lines.filter(
          line =>
            !line.grams &&
            isInside(line) &&
            !line.purpose &&
            !line.optional &&
            line.ingredient &&
            ingredientById(line.ingredient)!.kind.includes('flour'),
        )
      : [],
  )
  const open = flours.map(
    line =>
      `How much “${line.name || line.text}” is not written, and everything else is ` +
      'measured by it. Say how much, and the plan can be worked out.',
  )
  return open.length
    ? open
    : parts.flatMap(part =>
        part.leaving.flatMap(item =>
          item.how === 'leaves' &&
          !item.line.grams &&
          isInside(item.line) &&
          !item.line.purpose &&
          !mayBeLeftOut(item.line, item.ingredient, part.mass)
            ? [
                `How much “${item.line.name || item.line.text}” is not written, and it has ` +
                  'to be replaced. Say how much, and the plan can be worked out.',
              ]
            : [],
        ),
      )
}

/** Needs that are not understood, or nothing to work with. */
function unusable(recipe: Recipe, people: readonly Person[]): string[] {
  const unclear = people.flatMap(person =>
    unknownNeeds(person).map(
      id => `“${id}” among ${person.name}’s needs is nothing that Ingwer knows. Correct it first.`,
    ),
  )
  if (unclear.length) return unclear
  return linesOf(recipe).length ? [] : ['There is no ingredient line to work with.']
}

/** A part whose family must not be adapted: why, what to bake instead, and that worked out. */
function refusedFor({ recipe, people, parts, table, wishes, known }: Asked): Adaptation | null {
  const refused = parts.find(part => part.route?.how === 'refuse')
  if (!refused) return null
  const leaves = leavesOf(refused)
  const family = refused.reading.family.id
  const rows = routeRows.filter(
    row =>
      row.how === 'refuse' && row.family === family && row.leaves.some(what => leaves.has(what)),
  )
  const why = rows.map(row => row.because)
  const by = wishes.measureIn ?? 'grams'
  const { first: _, ...quiet } = known
  const offer = redirectOf({ recipe, parts, refused, people, table, by }, other =>
    adapt(
      other,
      people,
      { ...wishes, pin: undefined, schools: undefined },
      { ...quiet, alone: true },
    ),
  )
  // The last row that applies asks the most of its alternative (gluten after egg).
  return { ...nothing('not-advised', family, why), instead: [rows.at(-1)!.instead!], offer }
}

/** Did the baker choose the ways, in a question that may be asked again without that? */
const isAsked = (wishes: Wishes, known: HouseKnowledge) =>
  Boolean(wishes.pin?.length || wishes.schools) && known.by === undefined && !known.alone

/**
 * Works out a version of the recipe for these people: up to three whole plans, or why not.
 * `already-fine` when nothing has to leave and nothing is wished; `not-advised` when a part's
 * family must not be adapted (with what to bake instead); `cannot` when an amount is missing,
 * someone's needs are not understood, or nothing that all may eat can stand for a line. Every plan
 * has passed checkPeople without a conflict; in it, what finishes a baked part is a part of its own;
 * what only packets can tell is in `packets`. `known` is what the house knows besides.
 *
 * @example
 * const recipe = readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe
 * const wren = { id: 'wren', name: 'Wren', diets: [], avoids: [{ allergen: 'milk', strictness: 'allergy' }] }
 * adapt(recipe, [wren]).verdict // "adapted"
 */
export function adapt(
  written: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Adaptation {
  const recipe = withFinish(written)
  const unclear = unusable(recipe, people)
  if (unclear.length) return nothing('cannot', 'other', unclear)
  const table = tableOf(people, known.packets)
  const parts = partsOf(recipe, table, wishes)
  const asked: Asked = { recipe, people, parts, table, wishes, known }
  const family = parts.reduce((a, b) => (b.mass > a.mass ? b : a)).reading.family.id
  const stuck = stuckOn(recipe, people, parts, known)
  if (stuck.length) return nothing('cannot', family, stuck)
  const fine = whyFine(asked)
  if (fine) return nothing('already-fine', family, fine)
  const refused = refusedFor(asked)
  if (refused) return refused
  const missing = unweighable(parts)
  if (missing.length) return nothing('cannot', family, missing)
  const found = chosen(asked, family)
  return found.verdict === 'adapted' && isAsked(wishes, known)
    ? { ...found, unasked: unaskedOf({ recipe, people, wishes, known, found }) }
    : found
}

/** What was asked for, and what was found for it. */
interface UnaskedFor {
  readonly recipe: Recipe
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
  readonly found: Adaptation
}

/** The closest plan when nothing is asked for, if it is another one. */
function unaskedOf({ recipe, people, wishes, known, found }: UnaskedFor): Plan | null {
  const { first: _, ...rest } = known
  const free = adapt(recipe, people, { ...wishes, pin: undefined, schools: undefined }, rest)
    .plans[0]
  const ways = (plan: Plan) => plan.changes.map(c => c.school).join()
  return free && ways(free) !== ways(found.plans[0]!)
    ? { ...free, id: 'unasked', title: 'Without your wish' }
    : null
}

const blockedInSteps = (recipe: Recipe, table: Table) =>
  thingsOf(recipe).some(thing => {
    const ingredient = thing.is === 'aside' ? ingredientOf(thing) : undefined
    return ingredient !== undefined && isBlocked(ingredient, table, [thing])
  })

/** A part that something is changed in, and its place in the recipe. */
interface Touched {
  readonly part: DessertPart
  readonly i: number
}
const touchedIn = ({ parts, wishes }: Asked): Touched[] =>
  parts
    .flatMap((part, i) => (isTouched(part, wishes) ? [{ part, i }] : []))
    .sort((a, b) => b.part.mass - a.part.mass)

const settingOf = ({ table, wishes, known, recipe }: Asked, used: ReadonlySet<string>) => ({
  table,
  wishes,
  used,
  by: known.by,
  region: recipe.region,
  ...(known.tried ? { tried: known.tried } : {}),
})

/** The main part's option, and the best one of each other part beside it. */
function withOthers(
  asked: Asked,
  [main, ...rest]: readonly Touched[],
  option: Option,
): ReadonlyMap<number, Option> {
  const options = new Map([[main!.i, option]])
  const used = new Set(option.news)
  for (const { part, i } of rest) {
    const wishes = leftBeside(asked.wishes, options.values())
    const best = bestOf(optionsFor(part, settingOf({ ...asked, wishes }, used)))
    if (!best) continue
    options.set(i, best)
    best.news.forEach(item => used.add(item))
  }
  return options
}

/** A recipe of which only steps bring something: they are told otherwise. */
function stepsOnly(asked: Asked, family: string): Adaptation {
  const plan = planOf(asked, { id: 'closest', title: 'Only other words', options: new Map() })
  if (!plan)
    return nothing('cannot', family, ['The steps bring something that cannot be taken out.'])
  const why = ['Only the steps bring something that has to go.']
  return { verdict: 'adapted', family, why, plans: [plan], instead: [] }
}

/** Gives the first good plan to whoever waits for one, before the rest is weighed. */
function firstPlan(asked: Asked, touched: readonly Touched[]) {
  const { first } = asked.known
  if (!first) return undefined
  return (option: Option) => {
    const options = withOthers(asked, touched, option)
    const plan = planOf(asked, { id: 'closest', title: 'The best so far', options })
    if (plan) first(plan)
  }
}

function chosen(asked: Asked, family: string): Adaptation {
  const touched = touchedIn(asked)
  const [main, ...rest] = touched
  if (!main) return stepsOnly(asked, family)
  const setting = settingOf(asked, new Set())
  for (const { part } of rest) {
    const found = optionsFor(part, { ...setting, only: 'stuck' })
    if ('stuck' in found) return stuckAt(part, found, family)
  }
  const found = optionsFor(main.part, setting, firstPlan(asked, touched))
  if ('stuck' in found) return stuckAt(main.part, found, family)
  const faults: string[] = []
  const beside = (option: Option) => withOthers(asked, touched, option)
  const plans = plansOf(asked, found.options, beside, faults)
  if (!plans.length) return nothing('cannot', family, [faults[0] ?? noneSafe])
  const advised = plans.filter(({ isAdvised }) => isAdvised)
  const shown = advised.length ? advised : plans.slice(0, 1)
  return {
    verdict: 'adapted',
    family,
    why: [
      ...whyOf(
        touched.map(t => t.part),
        asked.table,
      ),
      ...sugarThatStays(asked.parts, asked.wishes),
    ],
    plans: shown.map(({ plan }) => plan),
    instead: [],
  }
}

const bestOf = (found: FoundVersion) => ('options' in found ? found.options[0] : undefined)

function stuckAt(
  part: DessertPart,
  { stuck }: Extract<FoundVersion, { stuck: unknown }>,
  family: string,
): Adaptation {
  const lines = stuck.lines.map(item => `“${item.line.name || item.line.text}”`).join(', ')
  return nothing('cannot', family, [
    `Nothing that everyone at this table may eat stands in for ${lines} in ` +
      `${part.reading.family.name}. Take someone’s need off the table, lift a ban, or choose ` +
      'another dessert.',
  ])
}

function whyOf(parts: readonly DessertPart[], table: Table): string[] {
  const packets = [...table.unfit]
    .filter(([id]) => {
      const item = ingredientById(id)
      return item !== undefined && !isBlocked(item, table)
    })
    .map(
      ([id, name]) =>
        `Your packet “${name}” does not suit everybody here, so ` +
        `${ingredientById(id)?.name ?? id} is left out of what is proposed.`,
    )
  return [
    ...packets,
    ...parts.flatMap(part => {
      const leaves = part.leaving
        .filter(item => item.how === 'leaves')
        .map(item => ingredientById(item.line.ingredient!)!.name)
      const { name } = part.component
      const inIt = name ? `In the ${name.charAt(0).toLowerCase()}${name.slice(1)}` : 'Here'
      const isFor = /^(?:to|for)\s/iu.test(name)
      const where = isFor ? `${name.charAt(0).toUpperCase()}${name.slice(1)}` : inIt
      const route = part.route ? [part.route.because] : []
      return [
        ...(leaves.length || hasUnweighed(part)
          ? [
              `${where} (${part.reading.family.name}, ${part.reading.because}) ` +
                `${leaves.length ? `${[...new Set(leaves)].join(', ')} cannot stay.` : 'only words change.'}`,
            ]
          : []),
        ...route,
      ]
    }),
  ]
}
