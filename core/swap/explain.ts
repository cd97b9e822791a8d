import { kitchenNumber, weightText } from '../measure'
import { balanceOf, toleranceOf, type Balance, type Measure, type Weight } from '../formula'
import type { Option } from './part'
import { consequences, measureNames } from './tables/consequences'

/** Numbers and words for the baker; every figure in a sentence is computed from the amounts it speaks of. */
export const listed = (items: readonly string[]): string => items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`
export const percent = (n: number): string => `${n > 0 ? '+' : '−'}${Math.abs(Math.round(n))} %`

const told: readonly Measure[] = ['water', 'fat', 'sugar', 'protein', 'starch']
const powers: readonly Measure[] = ['bind', 'set', 'foam', 'emulsify', 'lift', 'solidFat', 'gluten']

/** What these weights did in the part: their share of each measure that they carry at least a third of. */
export function whatTheyDid(weights: readonly Weight[], whole: Balance, eggLift: number): string {
  const own = balanceOf(weights, eggLift)
  const shares = [...told, ...powers].filter(m => whole[m] > 0.05 && own[m] / whole[m] >= 1 / 3 && own[m] > (powers.includes(m) ? 0.15 : 2))
  const said = shares.sort((a, b) => own[b] / whole[b] - own[a] / whole[a]).slice(0, 4).map(m => `${Math.min(100, Math.round(100 * own[m] / whole[m]))} % of the ${measureNames[m]}`)
  return said.length ? `Here it was ${listed(said)}.` : ''
}

/** "90 g fat and 18 g water": the two or three heaviest things that weights bring. */
export function whatTheyBring(weights: readonly Weight[]): string {
  const own = balanceOf(weights)
  const brought = told.filter(m => own[m] >= 0.5).sort((a, b) => own[b] - own[a]).slice(0, 3)
  return listed(brought.map(m => `${weightText(own[m])} ${measureNames[m]}`)) || 'hardly anything but taste'
}

/** What a baker will notice: the measures that moved by more than their tolerance, with the number. */
export function noticed(option: Option): string[] {
  const { before, mass, flour, reading } = option.part
  if (option.part.route?.how === 'formula') return []
  const costly = option.misses.filter(miss => miss.cost > 0.7)
  const once = costly.filter(miss => miss.measure !== 'sweetness' || !costly.some(other => other.measure === 'sugar'))
  return once.slice(0, 4).flatMap(miss => {
    const row = consequences.find(c => c.measure === miss.measure)
    const text = miss.change > 0 ? row?.more : row?.less
    if (!text) return []
    const by = before[miss.measure] > 0.5 && miss.measure !== 'acid' ? ` (${measureNames[miss.measure]} ${percent(100 * miss.change / before[miss.measure])})` : miss.measure === 'acid' && flour > 0 ? ` (${miss.change > 0 ? '+' : '−'}${kitchenNumber(Math.abs(100 * miss.change / flour))} meq a 100 g flour)` : ''
    return Math.abs(miss.change) > toleranceOf(miss.measure, before, mass, flour) ? [`${text}${by}`] : reading.family.weights[miss.measure] ? [`${text}${by}`] : []
  })
}
