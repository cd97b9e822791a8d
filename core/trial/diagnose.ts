import type { Measure } from '../formula'
import type { Person } from '../people'
import { sayRestTime, type Recipe } from '../recipe'
import {
  adapt,
  asWrittenPlan,
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
import { atOven } from './arms'
import { factsOf, mainOf, type FactId, type Facts, type Seen } from './facts'
import {
  clashing,
  leak,
  causeRows,
  somethingElse,
  telling,
  worthSaying,
  type CauseRow,
  type Evidence,
} from './tables/causes'
import { linkRows } from './tables/links'
import { lexicon, symptomAt } from './tables/lexicon'
import { profileOf, type ArmRecord } from './trial'
import { contradictions, symptomRows, type SymptomRow } from './tables/symptoms'

/** A symptom by its id or in a baker's own words; `absent`: it was looked for and is not so. */
export interface Symptom {
  readonly id: string
  readonly absent?: boolean
}

/** The next single change: what, how much, and the version with it where the recipe is known. */
interface NextChange {
  readonly how: 'measure' | 'school' | 'rest' | 'oven' | 'minutes' | 'word'
  readonly says: string
  readonly because: string
  readonly lever?: Lever
  /** The version to try; it has passed the safety check for everyone at the table. */
  readonly plan?: Plan
}

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

/** What would tell the likeliest causes apart. */
interface Apart {
  readonly asks: string
  readonly symptom: string | null
  readonly fact: FactId | null
  readonly yes: string
  readonly no: string
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

const substitutionOf = (change: Pick<Change, 'school'>) => substitutionById(change.school ?? '')
const often = new Map(linkRows.map(row => [`${row.cause}|${row.symptom}`, row.often]))
const shows = (cause: string, symptom: string) => often.get(`${cause}|${symptom}`) ?? leak
const byId = new Map(symptomRows.map(row => [row.id, row]))

/**
 * Which symptoms a baker's words mean; the longest sign of a place counts, so that "burnt bottom"
 * is not "burnt". Of two that the same word may mean, that of the dessert's family.
 *
 * @example
 * symptomsIn('it sank in the middle and is gummy') // ["gummy", "sunk"]
 */
export function symptomsIn(words: string, family: string | null = null): string[] {
  const fits = (id: string) => {
    const of = byId.get(id)!.families
    if (!of) return 1
    return family !== null && of.includes(family) ? 2 : 0
  }
  const hits = symptomRows.flatMap(row =>
    [...words.matchAll(new RegExp(row.signs.source, 'giu'))].map(m => ({
      id: row.id,
      from: m.index,
      to: m.index + m[0].length,
    })),
  )
  const longest = hits.filter(
    h =>
      !hits.some(o => o !== h && o.from <= h.from && o.to >= h.to && o.to - o.from > h.to - h.from),
  )
  return [
    ...new Set(
      longest
        .filter(
          h => !longest.some(o => o.from === h.from && o.to === h.to && fits(o.id) > fits(h.id)),
        )
        .map(h => h.id),
    ),
  ]
}

/**
 * How much a figure multiplies the odds: `weight` for each step of its scale, two steps at most
 * either way.
 */
function factor(evidence: Evidence, facts: Facts): number | null {
  const x = facts[evidence.fact]
  if (x === undefined || !Number.isFinite(x)) return null
  const steps =
    Math.min(2, Math.max(-2, (x - evidence.centre) / evidence.scale)) * (evidence.up ? 1 : -1)
  return evidence.weight ** steps
}

interface Weighed {
  readonly row: CauseRow
  readonly odds: number
  readonly pro: readonly string[]
  readonly con: readonly string[]
}

function weigh(
  row: CauseRow,
  present: readonly string[],
  absent: readonly string[],
  facts: Facts,
): Weighed {
  let odds = row.prior
  // Two that exclude each other at one place: only a cause that makes both explains both; any other
  // at most one.
  const clashes = contradictions.filter(c => c.of.every(id => present.includes(id)))
  const inClash = new Set(clashes.flatMap(c => c.of))
  for (const id of present) if (!inClash.has(id)) odds *= shows(row.id, id)
  for (const clash of clashes) {
    const [a, b] = clash.of.map(id => shows(row.id, id)) as [number, number]
    odds *= clash.both.includes(row.id)
      ? Math.max(clashing.both, a, b)
      : clashing.one * Math.max(a, b)
  }
  for (const id of absent) odds *= 1 - shows(row.id, id)
  const [pro, con]: [string[], string[]] = [[], []]
  for (const evidence of row.evidence) {
    const by = factor(evidence, facts)
    if (by === null) continue
    odds *= by
    if (by > worthSaying.pro) pro.push(evidence.says)
    else if (by < worthSaying.con) con.push(`it is not that ${evidence.says}`)
  }
  return { row, odds, pro, con }
}

/** Causes that can be at all: of this family, and with what they need to be there. */
const possible = (family: string | null, facts: Facts) =>
  causeRows.filter(row => {
    if (family === null) return true
    return (
      (!row.families || row.families.includes(family)) &&
      (!row.only || (facts[row.only.fact] ?? -Infinity) > row.only.above)
    )
  })

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const grams = (n: number) => `${Math.round(10 * n) / 10} g`

/** A cause for which one change is wanted. */
interface ChangeAsked {
  readonly row: CauseRow
  readonly original: Recipe
  readonly plan: Plan
  readonly component: string
  readonly options: DiagnoseOptions
}

function changeFor({ row, original, plan, component, options }: ChangeAsked): NextChange | null {
  const [people, wishes, known] = [options.people ?? [], options.wishes ?? {}, options.known ?? {}]
  for (const remedy of row.remedies) {
    if (remedy.how === 'word') return { how: 'word', says: remedy.says, because: row.why }
    if (remedy.how === 'rest') {
      const mine = restedIn(plan.recipe, plan.changes).filter(r => r.key === remedy.key)
      const recipe = restFor(plan.recipe, plan.changes, remedy.key, r => restTimes(r, remedy.times))
      if (recipe)
        return {
          how: 'rest',
          says:
            capital(
              mine
                .map(
                  (r, n) =>
                    (n ? '' : `${r.says} `) +
                    `${sayRestTime(restTimes(r, remedy.times))} instead of ${sayRestTime(r.resting.low)}`,
                )
                .join('; and '),
            ) + '.',
          because: row.why,
          plan: { ...plan, recipe },
        }
      continue
    }
    if (remedy.how === 'minutes') {
      const minutes =
        options.record?.minutes ??
        options.made?.times.find(t => t.says === 'in the oven')?.took ??
        options.planned ??
        (plan.recipe.oven?.minutes
          ? (plan.recipe.oven.minutes.low + plan.recipe.oven.minutes.high) / 2
          : null)
      const by = minutes ? Math.max(1, Math.round(Math.abs(minutes * remedy.share))) : null
      return {
        how: 'minutes',
        says: by
          ? `${by} min ${remedy.share > 0 ? 'longer' : 'less'} in the oven: ` +
            `${Math.round(minutes! + Math.sign(remedy.share) * by)} instead of ` +
            `${Math.round(minutes!)} min.`
          : `About a tenth ${remedy.share > 0 ? 'longer' : 'less'} in the oven.`,
        because: row.why,
      }
    }
    if (remedy.how === 'oven') {
      const recipe = atOven(plan.recipe, remedy.by)
      if (recipe)
        return {
          how: 'oven',
          says:
            `${Math.abs(remedy.by)} °C ${remedy.by < 0 ? 'cooler' : 'hotter'}: ` +
            `${recipe.oven!.celsius} instead of ${plan.recipe.oven!.celsius} °C.`,
          because: row.why,
          plan: { ...plan, recipe },
        }
      continue
    }
    if (remedy.how === 'measure') {
      const lever = leverFor({
        original,
        plan,
        component,
        measure: remedy.measure,
        up: remedy.up,
        people,
        wishes,
        known,
      })
      if (lever)
        return {
          how: 'measure',
          says:
            (lever.from === null
              ? `${grams(lever.to)} ${lever.name}, which is new`
              : `${grams(lever.to)} instead of ${grams(lever.from)} ${lever.name}`) +
            (lever.kitchen && lever.kitchen !== grams(lever.to) ? ` (${lever.kitchen})` : '') +
            '.',
          because: row.why,
          lever,
          plan: lever.after.plan,
        }
      continue
    }
    const now = plan.changes.map(substitutionOf).find(s => s?.question === remedy.question)
    const mine = new Set(now ? now.adds.map(a => a.ingredient) : [])
    const other =
      now &&
      adapt(
        original,
        people,
        { ...wishes, ban: [...(wishes.ban ?? []), ...mine].filter(id => id !== 'water') },
        known,
      ).plans.find(p =>
        p.changes.some(c => substitutionOf(c)?.question === remedy.question && c.school !== now.id),
      )
    const school = other?.changes.map(substitutionOf).find(s => s?.question === remedy.question)
    if (other && school) {
      const adds = other.changes.find(c => c.school === school.id)!.adds
      return {
        how: 'school',
        says:
          `${capital(school.name)} instead of ${now!.name}: ` +
          `${adds.map(a => `${a.grams === null ? '' : `${grams(a.grams)} `}${a.name}`).join(', ')}.`,
        because: row.why,
        plan: other,
      }
    }
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

/** Without a recipe: in which direction, and no figure. */
function plainChange(row: CauseRow): NextChange | null {
  // How long something rests is not known here: what is done instead says more.
  const first = row.remedies.find(r => r.how !== 'rest') ?? row.remedies[0]
  if (!first) return null
  const because = row.why
  switch (first.how) {
    case 'word':
      return { how: 'word', says: first.says, because }
    case 'rest':
      return {
        how: 'rest',
        says:
          `Let it rest ${first.times > 1 ? 'longer' : 'less long'}; how long can be said ` +
          'with the recipe.',
        because,
      }
    case 'minutes':
      return {
        how: 'minutes',
        says: `About a tenth ${first.share > 0 ? 'longer' : 'less'} in the oven.`,
        because,
      }
    case 'oven':
      return {
        how: 'oven',
        says: `${Math.abs(first.by)} °C ${first.by < 0 ? 'cooler' : 'hotter'}.`,
        because,
      }
    case 'school':
      return {
        how: 'school',
        says: 'Something else in its stead; how much can be said with the recipe.',
        because,
      }
    default:
      return {
        how: 'measure',
        says:
          `${first.up ? 'More' : 'Less'} ` +
          (measureWords[first.measure] ?? first.measure) +
          '; ' +
          'how much can be said with the recipe.',
        because,
      }
  }
}

/** The likeliest causes, and what is said of the symptoms. */
interface ApartAsked {
  readonly ranked: readonly Weighed[]
  readonly share: (w: Weighed) => number
  readonly present: readonly string[]
  readonly absent: readonly string[]
  readonly facts: Facts
  readonly family: string | null
}

/**
 * The question or measurement that parts the two likeliest causes best; null where one is clear or
 * nothing parts them.
 */
function tellApart({ ranked, share, present, absent, facts, family }: ApartAsked): Apart | null {
  const [a, b] = ranked
  if (!a || !b || share(a) > telling.clear || share(b) < telling.rival) return null
  const asked = symptomRows.filter(
    row =>
      !present.includes(row.id) &&
      !absent.includes(row.id) &&
      (!row.families || family === null || row.families.includes(family)) &&
      !contradictions.some(
        c =>
          c.of.includes(row.id) && c.of.some(other => other !== row.id && present.includes(other)),
      ),
  )
  const bySymptom = asked
    .map(row => ({ row, gap: Math.abs(shows(a.row.id, row.id) - shows(b.row.id, row.id)) }))
    .sort((x, y) => y.gap - x.gap)[0]
  const measurable: readonly [FactId, string][] = [
    ['bake-loss', 'Weigh it before and after the oven next time'],
    ['core', 'Put a probe into its middle when it comes out'],
    ['rested', 'Note how long it cooled before it was cut'],
    ['waited', 'Note how long it stood between mixing and oven'],
    ['minutes-short', 'Note how long it was in the oven'],
  ]
  const byFact = measurable.flatMap(([fact, asks]) => {
    const on = [a, b].map(w => w.row.evidence.find(e => e.fact === fact))
    return facts[fact] === undefined &&
      (on[0] || on[1]) &&
      (!on[0] || !on[1] || on[0].up !== on[1].up)
      ? [{ fact, asks, on }]
      : []
  })[0]
  // A measurement that only one of them knows is worth more than one more word.
  if (byFact && (!bySymptom || bySymptom.gap < telling.rather)) {
    const [x] = byFact.on
    const speaks = x ? a : b
    return {
      asks:
        `${byFact.asks}: if ${(x ?? byFact.on[1])!.says}, it is rather ` +
        `“${speaks.row.says.toLowerCase()}”.`,
      symptom: null,
      fact: byFact.fact,
      yes: speaks.row.id,
      no: speaks === a ? b.row.id : a.row.id,
    }
  }
  if (!bySymptom || bySymptom.gap < telling.gap) return null
  const yes = shows(a.row.id, bySymptom.row.id) > shows(b.row.id, bySymptom.row.id) ? a : b
  const no = yes === a ? b : a
  return {
    asks:
      `Is it ${bySymptom.row.says} as well? Then rather “${yes.row.says.toLowerCase()}”; if ` +
      `not, “${no.row.says.toLowerCase()}”.`,
    symptom: bySymptom.row.id,
    fact: null,
    yes: yes.row.id,
    no: no.row.id,
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
  const original = recipe ?? null
  const baked = options.baked ?? plan?.recipe ?? original
  const facts = baked ? factsOf(original, baked, plan ?? null, options) : {}
  const main = baked ? mainOf(baked, plan ?? null) : null
  const said = symptoms.map(s =>
    typeof s === 'string' ? { id: s, absent: false } : { id: s.id, absent: s.absent ?? false },
  )
  const read = said.map(s => ({
    ...s,
    ids: byId.has(s.id) ? [s.id] : symptomsIn(s.id, main?.family ?? null),
  }))
  const present = [...new Set(read.filter(s => !s.absent).flatMap(s => s.ids))]
  const absent = [...new Set(read.filter(s => s.absent).flatMap(s => s.ids))].filter(
    id => !present.includes(id),
  )
  const unread = read.filter(s => !s.ids.length).map(s => s.id)
  const clash = contradictions.filter(c => c.of.every(id => present.includes(id)))
  if (!present.length)
    return {
      causes: [],
      else: 1,
      symptoms: [],
      unread,
      contradictions: [],
      apart: null,
      besides: [],
    }

  const ranked = possible(main?.family ?? null, facts)
    .map(row => weigh(row, present, absent, facts))
    .sort((a, b) => b.odds - a.odds)
  const other =
    somethingElse.prior *
    somethingElse.symptom ** (present.length - clash.length) *
    (1 - somethingElse.symptom) ** absent.length
  const total = ranked.reduce((sum, w) => sum + w.odds, other)
  const share = (w: Weighed) => w.odds / total
  const base =
    original && baked
      ? {
          ...(plan ?? asWrittenPlan(original, options.people ?? [], options.wishes, options.known)),
          recipe: baked,
        }
      : null
  const causeOf = (
    w: Weighed,
    of: readonly string[],
    likelihood: number,
    changes: boolean,
  ): Cause => {
    const seen = of.filter(id => shows(w.row.id, id) > leak)
    const because =
      `${capital(w.row.why)}` +
      (seen.length ? `: that is ${seen.map(id => byId.get(id)!.says).join(', ')}` : '') +
      '.' +
      (w.pro.length ? ` Here ${w.pro.join(', and ')}.` : '') +
      (w.con.length ? ` Against it: ${w.con.join(', and ')}.` : '')
    const nextChange = (row: CauseRow) =>
      base && main
        ? changeFor({ row, original: original!, plan: base, component: main.component, options })
        : plainChange(row)
    return {
      cause: w.row.says,
      id: w.row.id,
      likelihood,
      because,
      explains: seen,
      pro: w.pro,
      con: w.con,
      nextChange: changes ? nextChange(w.row) : null,
      source: w.row.source,
    }
  }
  const wanted = options.changes ?? 3
  const causes = ranked.map((w, n) => causeOf(w, present, share(w), n < wanted))
  const first = ranked[0]
  // One cause is not all of it where it leaves a symptom quite unexplained.
  const besides =
    !first || present.length < 2
      ? []
      : present
          .filter(id => shows(first.row.id, id) <= leak && !clash.some(c => c.of.includes(id)))
          .flatMap(id => {
            const alone = possible(main?.family ?? null, facts)
              .map(row => weigh(row, [id], absent, facts))
              .sort((a, b) => b.odds - a.odds)
            const all = alone.reduce(
              (sum, w) => sum + w.odds,
              somethingElse.prior * somethingElse.symptom,
            )
            return alone[0] && shows(alone[0].row.id, id) > leak
              ? [
                  {
                    symptom: id,
                    says: byId.get(id)!.says,
                    cause: causeOf(alone[0], [id], alone[0].odds / all, wanted > 0),
                  },
                ]
              : []
          })
  return {
    causes,
    else: other / total,
    symptoms: present,
    unread,
    contradictions: clash.map(c => `${c.says}: look where it is which.`),
    apart: tellApart({ ranked, share, present, absent, facts, family: main?.family ?? null }),
    besides,
  }
}

/** What the scores of an arm say is wrong with it: means that lie at the wrong end of their scale. */
export function symptomsOf(record: Pick<ArmRecord, 'scores'>): string[] {
  const profile = profileOf(record)
  return lexicon.flatMap(row => {
    const mean = profile.get(row.id)?.mean
    if (mean === undefined) return []
    if (row.high9 && mean >= (row.off ? symptomAt.off : symptomAt.high)) return [row.high9]
    return row.low0 && mean <= symptomAt.low ? [row.low0] : []
  })
}

/** The symptoms that can be asked about for a family. */
export const symptomsFor = (family: string | null): readonly SymptomRow[] =>
  symptomRows.filter(
    row =>
      (!row.families || family === null || row.families.includes(family)) &&
      (family === null ||
        linkRows.some(
          link =>
            link.symptom === row.id &&
            causeRows.some(
              c => c.id === link.cause && (!c.families || c.families.includes(family)),
            ),
        )),
  )
