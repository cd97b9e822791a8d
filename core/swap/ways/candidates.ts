import { otherSchools } from '../tables/other-schools'
import { sweetenerSchools, fatlessSchools } from '../tables/sweetener-schools'
import { eggSchools } from '../tables/egg-schools'
import { dairySchools } from '../tables/dairy-schools'
import { allIngredients, builtIn, ingredientById, membersOf, type Ingredient } from '../../pantry'
import type { FamilyRow } from '../../formula'
import { asksPacket, isBlocked, mayCome, type Table, type Leaving, type Question } from '../leaving'
import { school, type Substitution } from './school'
import { kindAnswers } from '../tables/kind-answers'

/** Every school that Ingwer carries. */
export const substitutions: readonly Substitution[] = [
  ...eggSchools,
  ...dairySchools,
  ...otherSchools,
  ...sweetenerSchools,
  ...fatlessSchools,
]
const byId = new Map(substitutions.map(s => [s.id, s]))

const plus = '+'
/**
 * A school by its id; two that share the eggs have both ids, one of the house's own things the
 * ingredient's.
 */
export function substitutionById(id: string): Substitution | undefined {
  const known = byId.get(id)
  if (known) return known
  const parts = id.split(plus).map(part => byId.get(part))
  if (parts.length === 2 && parts[0] && parts[1]) return together(parts[0], parts[1])
  const own = ownId.exec(id)
  const ingredient = own ? ingredientById(own[2]!) : undefined
  return ingredient ? ofHouse(own![1] as Question, ingredient) : undefined
}

/**
 * What the baker asks for besides: ids of schools or ingredients; a larder of ingredient ids; at
 * most so many new things.
 */
export interface Wishes {
  readonly pin?: readonly string[]
  readonly ban?: readonly string[]
  readonly larder?: readonly string[]
  /** A school for a question. */
  readonly schools?: Readonly<Record<string, string>>
  readonly maxExtra?: number
  readonly measureIn?: 'grams' | 'spoons'
  /** So much less sugar or fat, as a share of what there is (0.25: a quarter less). */
  readonly less?: { readonly sugar?: number; readonly fat?: number }
  /** All that there is of something, in grams, by ingredient. */
  readonly atMost?: Readonly<Record<string, number>>
  /** What kind of dessert a part is, in the baker's own word: family ids by the part's name. */
  readonly family?: Readonly<Record<string, string>>
  /** Another sweetener for the sugar: a school of the question "sweetener". */
  readonly sweeten?: string
  /** How many times as sweet as sugar the product is, by its packet. */
  readonly factor?: number
}

/**
 * Lines of one part that ask the same question and leave together: those that one thing can stand
 * for, where none can for all ("sponge fingers" and "custard").
 */
export interface Group {
  readonly question: Question
  readonly lines: readonly Extract<Leaving, { how: 'leaves' }>[]
}

export function groupsOf(leaving: readonly Leaving[]): Group[] {
  const found: {
    readonly question: Question
    lines: readonly Extract<Leaving, { how: 'leaves' }>[]
  }[] = []
  for (const item of leaving)
    if (item.how === 'leaves') {
      const same = found.filter(group => group.question === item.question)
      const fits =
        same.find(group =>
          substitutions.some(
            school =>
              school.question === item.question &&
              stands(school, { ...group, lines: [...group.lines, item] }),
          ),
        ) ??
        // What nothing stands for at all stays with the rest of its question.
        (substitutions.some(
          school =>
            school.question === item.question &&
            stands(school, { question: item.question, lines: [item] }),
        )
          ? undefined
          : same[0])
      if (fits) fits.lines = [...fits.lines, item]
      else found.push({ question: item.question, lines: [item] })
    }
  return found
}

const stands = (school: Substitution, group: Group) =>
  !school.standsFor.length ||
  group.lines.every(
    ({ ingredient }) =>
      school.standsFor.includes(ingredient.id) ||
      school.standsFor.includes(`kind:${ingredient.kind}`),
  )
/** What is spooned on when it is served is thick: no soured drink. */
const isTooThin = (school: Substitution, group: Group) =>
  school.adds.some(dose => dose.role === 'acid') &&
  group.lines.some(({ line }) => line.purpose === 'serve')
const isOf = (ids: readonly string[], family: FamilyRow) =>
  ids.includes(family.id) || (family.variant !== undefined && ids.includes(family.variant))
export const serves = (school: Substitution, family: FamilyRow): boolean =>
  !isOf(school.not, family) && (!school.families.length || isOf(school.families, family))
const names = (school: Substitution, ids: readonly string[]) =>
  ids.includes(school.id) ||
  school.adds.some(dose => ids.includes(dose.ingredient)) ||
  (school.of?.some(part => ids.includes(part.id)) ?? false)

/**
 * What speaks against a school before anything is computed; what the plan `used` already is neither
 * rare nor asked twice.
 */
export const priceOf = (
  school: Substitution,
  table: Table,
  askPacket: number,
  used: ReadonlySet<string> = new Set(),
): number => {
  const fresh = school.adds.filter(dose => !used.has(dose.ingredient))
  return (
    (fresh.length || !school.adds.length ? school.rarity : 0) +
    school.flavour +
    askPacket * fresh.filter(dose => asksPacket(ingredientById(dose.ingredient)!, table)).length
  )
}

const pairs = new Map<string, Substitution>()
/** Two schools that share the same eggs: each gives what it is good at, and the amounts are set together. */
function together(a: Substitution, b: Substitution): Substitution {
  const id = `${a.id}${plus}${b.id}`
  const made = pairs.get(id)
  if (made) return made
  const pair: Substitution = {
    ...school(
      a.question,
      id,
      `${a.name} with ${b.name}`,
      `${a.inSteps} and ${b.inSteps}`,
      [...a.adds, ...b.adds],
      `${a.reason}; ${b.reason}`,
      a.source === b.source ? a.source : `${a.source}; ${b.source}`,
    ),
    of: [a, b],
    prepare: [a.prepare, b.prepare].filter(Boolean).join(' ') || null,
    restMinutes:
      a.restMinutes === null && b.restMinutes === null
        ? null
        : Math.max(a.restMinutes ?? 0, b.restMinutes ?? 0),
    differs: [a.differs, b.differs].filter(Boolean)[0] ?? null,
    rarity: a.rarity + b.rarity,
    flavour: 0.6 * (a.flavour + b.flavour),
  }
  pairs.set(id, pair)
  return pair
}

const ownId = /^own-([a-z-]+?):(.+)$/u
const ofHouse = (question: Question, item: Ingredient): Substitution =>
  school(
    question,
    `own-${question}:${item.id}`,
    item.name,
    item.name,
    [
      {
        ingredient: item.id,
        perGram: 1,
        ...(kindAnswers[question]?.role ? { role: kindAnswers[question].role } : {}),
      },
    ],
    'one for one, from this house’s own shelf',
    '[H] entered in this house',
  )

/** The house's own things, and those of its larder, that are of a kind which answers the question. */
function ownSchools(question: Question, larder: readonly string[]): Substitution[] {
  const row = kindAnswers[question]
  if (!row) return []
  const known = new Set(
    substitutions
      .filter(s => s.question === question && s.adds.length === 1)
      .map(s => s.adds[0]!.ingredient),
  )
  return allIngredients()
    .filter(
      item =>
        row.kinds.includes(item.kind) &&
        !known.has(item.id) &&
        (larder.includes(item.id) || !builtIn(item.id)),
    )
    .map(item => ofHouse(question, item))
}

const cereals = new Set<string>(membersOf('gluten'))
/** Would it have to leave for its gluten alone? */
const leavesForGluten = (group: Group, table: Table): boolean =>
  group.lines.some(({ ingredient }) =>
    isBlocked(
      {
        ...ingredient,
        holds: ingredient.holds.filter(id => cereals.has(id)),
        mayHold: [],
        traces: [],
      },
      table,
    ),
  )

/** A group that leaves a dessert, and who eats it. */
interface CandidatesAsked {
  readonly group: Group
  readonly family: FamilyRow
  readonly table: Table
  readonly glutenGone: boolean
  readonly wishes: Wishes
}

/**
 * The schools that may answer a group's question in this family at this table: the hard filter
 * first, then the family's palette, then the baker's bans and pins. Nothing that leaves comes back
 * by another line. For eggs, every two that do different things also come as one.
 */
export function candidatesFor({
  group,
  family,
  table,
  glutenGone,
  wishes,
}: CandidatesAsked): Substitution[] {
  const leaves = new Set(group.lines.map(item => item.ingredient.id))
  const every = [...substitutions, ...ownSchools(group.question, wishes.larder ?? [])].filter(
    school =>
      school.question === group.question &&
      stands(school, group) &&
      !isTooThin(school, group) &&
      serves(school, family) &&
      school.adds.every(
        dose =>
          mayCome(ingredientById(dose.ingredient)!, table) &&
          !leaves.has(dose.ingredient) &&
          wishes.atMost?.[dose.ingredient] !== 0,
      ) &&
      (!school.onlyGlutenFree || glutenGone) &&
      (!school.onlyAsked ||
        wishes.sweeten === school.id ||
        wishes.schools?.[group.question] === school.id) &&
      (wishes.factor !== undefined || !school.adds.some(dose => dose.perFactor)) &&
      !names(school, wishes.ban ?? []),
  )
  const needed =
    glutenGone || leavesForGluten(group, table)
      ? every
      : every.filter(school => !school.ratherGlutenFree)
  const fit = needed.length ? needed : every
  // Only a dough or batter takes two: a foam or a cream stands on one.
  const isDough = (family.weights.gluten ?? 1) > 0
  const all = [
    ...fit.filter(school => !school.onlyTogether),
    ...(isDough ? fit : []).flatMap((a, i) =>
      fit
        .slice(i + 1)
        .flatMap(b => (a.does && b.does && a.does !== b.does ? [together(a, b)] : [])),
    ),
  ]
  const asked =
    wishes.schools?.[group.question] ??
    (group.question === 'sweetener' ? wishes.sweeten : undefined)
  const pinned = all.filter(school => names(school, wishes.pin ?? []))
  // Who pins a school means it and no mixture, unless both halves are pinned.
  const both = pinned.filter(school => school.of?.every(part => names(part, wishes.pin ?? [])))
  const plain = pinned.filter(school => !school.of)
  const lists = asked ? [all.filter(school => school.id === asked)] : [both, plain, pinned]
  return lists.find(list => list.length) ?? all
}
