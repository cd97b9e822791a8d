import type { Person } from '../people'
import type { Recipe } from '../recipe'
import { asWrittenPlan, type HouseKnowledge, type Plan, type Wishes } from '../swap'
import { factsOf, mainOf, type Facts, type Seen } from './facts'
import { changeFor, plainChange, type NextChange } from './next-change'
import { isSymptom, symptomName, symptomsIn, type Symptom } from './symptoms'
import { leak, somethingElse, type CauseRow } from './tables/causes'
import { contradictions } from './tables/symptoms'
import { tellApart, type Apart } from './tell-apart'
import { possible, shows, weigh, type Weighed } from './weigh-causes'

interface Cause {
  readonly cause: string
  readonly id: string
  readonly likelihood: number
  /** In a sentence: which symptoms, and what the recipe's own numbers say. */
  readonly because: string
  /** Which of the symptoms it is known to show; none: it is here only because nothing speaks against it. */
  readonly explains: readonly string[]
  /** Figures that speak for it. */
  readonly pro: readonly string[]
  readonly con: readonly string[]
  readonly nextChange: NextChange | null
  readonly source: string
}

export interface Diagnosis {
  readonly causes: readonly Cause[]
  /** The share that no cause of the table explains. */
  readonly else: number
  readonly symptoms: readonly string[]
  /** Words that are no symptom here. */
  readonly unread: readonly string[]
  readonly contradictions: readonly string[]
  readonly apart: Apart | null
  /**
   * Symptoms that the likeliest cause does not show: perhaps a second fault, with what is likeliest
   * for each alone.
   */
  readonly besides: readonly {
    readonly symptom: string
    readonly says: string
    readonly cause: Cause
  }[]
}

/** What is needed for amounts, and what was seen of the bake. */
export interface DiagnoseOptions extends Seen {
  readonly people?: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
  /** Recipe as it was baked, where it is not the plan's. */ readonly baked?: Recipe
  /** So many causes get their change worked out. */ readonly changes?: number
}

/** What is said of the symptoms: there, not there, and words that are none. */
function heard(symptoms: readonly (string | Symptom)[], family: string | null) {
  const said = symptoms.map(symptom =>
    typeof symptom === 'string' ? { id: symptom, absent: false } : symptom,
  )
  const read = said.map(({ id, absent = false }) => ({
    id,
    absent,
    ids: isSymptom(id) ? [id] : symptomsIn(id, family),
  }))
  const idsOf = (isAbsent: boolean) => [
    ...new Set(read.filter(each => each.absent === isAbsent).flatMap(each => each.ids)),
  ]
  const present = idsOf(false)
  return {
    present,
    absent: idsOf(true).filter(id => !present.includes(id)),
    unread: read.filter(each => !each.ids.length).map(each => each.id),
  }
}
/** In a sentence: which symptoms a cause shows, and what the figures say for and against it. */
function becauseOf({ row, pro, con }: Weighed, seen: readonly string[]): string {
  const why = row.why.charAt(0).toUpperCase() + row.why.slice(1)
  const which = seen.length ? `: that is ${seen.map(symptomName).join(', ')}` : ''
  const here = pro.length ? ` Here ${pro.join(', and ')}.` : ''
  const against = con.length ? ` Against it: ${con.join(', and ')}.` : ''
  return `${why}${which}.${here}${against}`
}
/** How many causes get their change worked out where nobody says. */
const usualChanges = 3

interface Weighing {
  readonly present: readonly string[]
  readonly absent: readonly string[]
  readonly family: string | null
  readonly facts: Facts
}
const byOdds = (of: Weighing, symptoms: readonly string[]): Weighed[] =>
  possible(of.family, of.facts)
    .map(row => weigh(row, symptoms, of.absent, of.facts))
    .sort((a, b) => b.odds - a.odds)
/** Makes a cause of what was weighed, for these symptoms. */
type Told = (w: Weighed, symptoms: readonly string[], likelihood: number) => Cause

/** Symptoms that the first cause does not show, each with what is likeliest for it alone. */
function unexplained(of: Weighing, first: Weighed | undefined, told: Told): Diagnosis['besides'] {
  if (!first || of.present.length < 2) return []
  const inClash = clashesIn(of.present)
  const left = of.present.filter(
    id => shows(first.row.id, id) <= leak && !inClash.some(clash => clash.of.includes(id)),
  )
  return left.flatMap(id => {
    const alone = byOdds(of, [id])
    const other = somethingElse.prior * somethingElse.symptom
    const all = alone.reduce((sum, w) => sum + w.odds, other)
    const [best] = alone
    if (!best || shows(best.row.id, id) <= leak) return []
    return [{ symptom: id, says: symptomName(id), cause: told(best, [id], best.odds / all) }]
  })
}
const clashesIn = (present: readonly string[]) =>
  contradictions.filter(c => c.of.every(id => present.includes(id)))

/** The odds that it is nothing of the table: symptoms that contradict each other count once. */
function oddsOfElse({ present, absent }: Weighing): number {
  const { prior, symptom } = somethingElse
  const seen = present.length - clashesIn(present).length
  return prior * symptom ** seen * (1 - symptom) ** absent.length
}

/** What was baked, from what, and in which part it is looked for. */
interface Asked {
  readonly original: Recipe | null
  readonly baked: Recipe | null
  readonly plan: Plan | null
  readonly main: ReturnType<typeof mainOf> | null
  readonly options: DiagnoseOptions
}
function askedOf(
  recipe: Recipe | null | undefined,
  plan: Plan | null,
  options: DiagnoseOptions,
): Asked {
  const original = recipe ?? null
  const baked = options.baked ?? plan?.recipe ?? original
  return { original, baked, plan, main: baked ? mainOf(baked, plan) : null, options }
}

/** Works out the next single change for a cause: with its amount, where there is a recipe. */
function changesOf({
  original,
  baked,
  plan,
  main,
  options,
}: Asked): (row: CauseRow) => NextChange | null {
  if (!original || !baked || !main) return plainChange
  const { people = [], wishes = {}, known = {} } = options
  const base = plan ?? asWrittenPlan(original, people, wishes, known)
  const from = { original, plan: { ...base, recipe: baked }, component: main.component }
  return row => changeFor({ row, ...from, seen: options, people, wishes, known })
}

function causeOf(
  w: Weighed,
  symptoms: readonly string[],
  {
    likelihood,
    nextChange,
  }: { readonly likelihood: number; readonly nextChange: NextChange | null },
): Cause {
  const explains = symptoms.filter(id => shows(w.row.id, id) > leak)
  return {
    cause: w.row.says,
    id: w.row.id,
    likelihood,
    because: becauseOf(w, explains),
    explains,
    pro: w.pro,
    con: w.con,
    nextChange,
    source: w.row.source,
  }
}

/**
 * What most likely went wrong: every cause that can be, with a likelihood (they and `else` add up
 * to 1), the symptoms and the figures of this very recipe that speak for it, what would tell the
 * first two apart, and for the first few the next single change with its amount from the engine,
 * never one by which somebody at the table meets what they avoid. Symptoms are ids or words. Naive
 * Bayes over the tables; a figure that is not known weighs nothing. Without a recipe there are no
 * amounts.
 *
 * @example
 * diagnose(symptomsIn('it sank in the middle')).causes[0].cause // "It came out too soon"
 */
export function diagnose(
  symptoms: readonly (string | Symptom)[],
  recipe?: Recipe | null,
  plan?: Plan | null,
  options: DiagnoseOptions = {},
): Diagnosis {
  const asked = askedOf(recipe, plan ?? null, options)
  const { original, baked, main } = asked
  const family = main?.family ?? null
  const { present, absent, unread } = heard(symptoms, family)
  const nothing = { contradictions: [], apart: null, besides: [] }
  if (!present.length) return { causes: [], else: 1, symptoms: [], unread, ...nothing }

  const facts = baked ? factsOf(original, baked, asked.plan, options) : {}
  const of: Weighing = { present, absent, family, facts }
  const ranked = byOdds(of, present)
  const other = oddsOfElse(of)
  const total = ranked.reduce((sum, w) => sum + w.odds, other)
  const share = (w: Weighed) => w.odds / total
  const { changes = usualChanges } = options
  const changeOf = changesOf(asked)
  return {
    causes: ranked.map((w, n) => {
      const nextChange = n < changes ? changeOf(w.row) : null
      return causeOf(w, present, { likelihood: share(w), nextChange })
    }),
    else: other / total,
    symptoms: present,
    unread,
    contradictions: clashesIn(present).map(c => `${c.says}: look where it is which.`),
    apart: tellApart({ ranked, share, present, absent, facts, family }),
    // One cause is not all of it where it leaves a symptom quite unexplained.
    besides: unexplained(of, ranked[0], (w, ids, likelihood) => {
      const nextChange = changes > 0 ? changeOf(w.row) : null
      return causeOf(w, ids, { likelihood, nextChange })
    }),
  }
}
