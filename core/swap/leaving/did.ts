import { weightText } from '../../measure'
import { balanceIn, type Balance, type FamilyRow, type Measure, type Weight } from '../../formula'
import type { Line } from '../../recipe'
import type { Question } from '../leaving/question'
import { measureNames } from '../tables/consequences'
import { forRows, jobRows, tasteJobs } from '../tables/jobs'

/** Numbers and words for the baker; every figure in a sentence is computed from the amounts it speaks of. */
export const listed = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`

/** Something that a leaving line did here: the job, how much of it, and its share of the whole part's. */
export interface Did {
  readonly job: string
  readonly word: string
  readonly amount: number
  readonly unit: string
  readonly share: number
}

/**
 * What these weights did in the part, the greatest share first. Lines that no figure speaks for
 * flavoured or glazed it.
 */
export function whatTheyDid(
  weights: readonly Weight[],
  whole: Balance,
  family: FamilyRow,
  question: Question,
): Did[] {
  const own = balanceIn(family, weights)
  const found = jobRows
    .flatMap((row): Did[] => {
      if (
        (family.weights[row.measure] ?? 1) <= 0 &&
        row.measure !== 'water' &&
        row.measure !== 'fat'
      )
        return []
      const amount = own[row.measure]
      const of = whole[row.measure]
      return amount >= row.least && of > 0 && amount / of >= 0.1
        ? [
            {
              job: row.job,
              word: row.word,
              amount,
              unit: row.unit,
              share: Math.min(1, amount / of),
            },
          ]
        : []
    })
    .sort((a, b) => b.share - a.share)
  if (question === 'egg-wash')
    return [{ ...forRows.brush, amount: 0, unit: '', share: 1 }, ...found]
  return found.length
    ? found
    : [{ job: tasteJobs.flavour, word: 'its own taste', amount: 0, unit: '', share: 1 }]
}

/** What a line without a weight was there for: to glaze, for the tin, for the plate. */
export const whatItWasFor = (line: Line, question: Question): Did[] => {
  const purpose = question === 'egg-wash' ? 'brush' : line.purpose
  const row = purpose ? forRows[purpose] : undefined
  return row ? [{ ...row, amount: 0, unit: '', share: 1 }] : []
}

/** "Here it did 100 % of the binding, 38 % of the water and brought half the protein." */
export function sayDid(did: readonly Did[]): string {
  const numbers = did
    .filter(d => d.unit && d.share >= 1 / 4)
    .slice(0, 4)
    .map(d => `${Math.round(100 * d.share)} % of the ${d.word}`)
  if (did[0] && !did[0].unit) return `Here it gave ${did[0].word}.`
  return numbers.length ? `Here it was ${listed(numbers)}.` : ''
}

const told: readonly Measure[] = ['water', 'fat', 'sugar', 'protein', 'starch']
/** "90 g fat and 18 g water": the two or three heaviest things that weights bring. */
export function whatTheyBring(weights: readonly Weight[], family: FamilyRow): string {
  const own = balanceIn(family, weights)
  const brought = told
    .filter(m => own[m] >= 0.5)
    .sort((a, b) => own[b] - own[a])
    .slice(0, 3)
  return (
    listed(brought.map(m => `${weightText(own[m])} ${measureNames[m]}`)) ||
    'hardly anything but taste'
  )
}
