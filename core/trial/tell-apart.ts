import type { FactId, Facts } from './facts'
import { telling } from './tables/causes'
import { contradictions, symptomRows, type SymptomRow } from './tables/symptoms'
import { shows, type Weighed } from './weigh-causes'

/** What would tell the likeliest causes apart. */
export interface Apart {
  readonly asks: string
  readonly symptom: string | null
  readonly fact: FactId | null
  readonly yes: string
  readonly no: string
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
const measurable: readonly (readonly [FactId, string])[] = [
  ['bake-loss', 'Weigh it before and after the oven next time'],
  ['core', 'Put a probe into its middle when it comes out'],
  ['rested', 'Note how long it cooled before it was cut'],
  ['waited', 'Note how long it stood between mixing and oven'],
  ['minutes-short', 'Note how long it was in the oven'],
]

/** Symptoms that nobody has spoken of, of this family, and possible beside those that are there. */
function unasked({ present, absent, family }: ApartAsked): SymptomRow[] {
  const excludes = (id: string) =>
    contradictions.some(
      ({ of }) => of.includes(id) && of.some(other => other !== id && present.includes(other)),
    )
  return symptomRows.filter(
    ({ id, families }) =>
      !present.includes(id) &&
      !absent.includes(id) &&
      (!families || family === null || families.includes(family)) &&
      !excludes(id),
  )
}
/** A measurement that was not made and that speaks for only one of two causes, or for each otherwise. */
function byMeasuring(a: Weighed, b: Weighed, facts: Facts): Apart | null {
  for (const [fact, asks] of measurable) {
    if (facts[fact] !== undefined) continue
    const [ofA, ofB] = [a, b].map(w => w.row.evidence.find(e => e.fact === fact))
    const evidence = ofA ?? ofB
    if (!evidence || (ofA && ofB && ofA.up === ofB.up)) continue
    const [yes, no] = ofA ? [a, b] : [b, a]
    return {
      asks: `${asks}: if ${evidence.says}, it is rather “${yes.row.says.toLowerCase()}”.`,
      symptom: null,
      fact,
      yes: yes.row.id,
      no: no.row.id,
    }
  }
  return null
}
function byLooking({ id, says }: SymptomRow, a: Weighed, b: Weighed): Apart {
  const [yes, no] = shows(a.row.id, id) > shows(b.row.id, id) ? [a, b] : [b, a]
  return {
    asks:
      `Is it ${says} as well? Then rather “${yes.row.says.toLowerCase()}”; if ` +
      `not, “${no.row.says.toLowerCase()}”.`,
    symptom: id,
    fact: null,
    yes: yes.row.id,
    no: no.row.id,
  }
}

/**
 * The question or measurement that parts the two likeliest causes best; null where one is clear or
 * nothing parts them.
 */
export function tellApart(asked: ApartAsked): Apart | null {
  const [a, b] = asked.ranked
  const { share } = asked
  if (!a || !b || share(a) > telling.clear || share(b) < telling.rival) return null
  const [symptom] = unasked(asked)
    .map(row => ({ row, gap: Math.abs(shows(a.row.id, row.id) - shows(b.row.id, row.id)) }))
    .sort((x, y) => y.gap - x.gap)
  // A measurement that only one of them knows is worth more than one more word.
  const measure = byMeasuring(a, b, asked.facts)
  if (measure && (!symptom || symptom.gap < telling.rather)) return measure
  return symptom && symptom.gap >= telling.gap ? byLooking(symptom.row, a, b) : null
}
