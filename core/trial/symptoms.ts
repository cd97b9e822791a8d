import { pattern } from '../measure'
import { causeRows } from './tables/causes'
import { lexicon, symptomAt } from './tables/lexicon'
import { linkRows } from './tables/links'
import { symptomRows, type SymptomRow } from './tables/symptoms'
import { profileOf, type ArmRecord } from './trial'

/** A symptom by its id or in a baker's own words; `absent`: it was looked for and is not so. */
export interface Symptom {
  readonly id: string
  readonly absent?: boolean
}

const byId = new Map(symptomRows.map(row => [row.id, row]))
export const isSymptom = (id: string): boolean => byId.has(id)
/** What a symptom is called, by its id. */
export const symptomName = (id: string): string => byId.get(id)!.says

/**
 * "Not hard at all", "it isn't dry", "never dry or tough": what is denied is no fault. A sign that is
 * itself a denial ("did not rise") begins before it.
 */
const denied = pattern(
  'iu',
  String.raw`(?:\bnot|n[’']t|\bnever|\bno\s+longer|\bneither|\bnor|\bwithout\s+being|\bhardly|`,
  String.raw`\bnothing)\s+(?:(?:be|been|being|at\s+all|really|very|too|that|so|even|all|a\s+bit|`,
  String.raw`in\s+the\s+least|particularly|remotely|any|get|got|go|went|turn\w*|come|came|out|`,
  String.raw`taste\w*|feel|look)\s+)*(?:\p{L}+\s*(?:,|or|nor)\s+)*$`,
)

/**
 * Which symptoms a baker's words mean; the longest sign of a place counts, so that "burnt bottom"
 * is not "burnt"; what is denied is none. Of two that the same word may mean, that of the dessert's
 * family.
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
      !denied.test(words.slice(0, h.from)) &&
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
