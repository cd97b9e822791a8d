import { millilitresIn, readAmount, readUnit, type Region } from '../measure'
import { finding, vesselsIn, type Finding, type Recipe } from '../recipe'
import { readTin } from './read-tin'
import { tinWords } from './tables/tin-words'

/** A tin as far as words compare: its kind, and its floor in cm² or its volume in ml. */
interface Compared {
  readonly text: string
  readonly kind: 'loaf' | 'cups' | 'tray' | 'tin'
  readonly floor: number | null
  readonly volume: number | null
}

/** "1.5 litre", "6-cup": the first volume that is said, in ml of that region. */
function volumeIn(text: string, region: Region): number | null {
  for (const { index } of text.matchAll(/(?<![\d.,])\d/gu)) {
    const read = readAmount(text, index)
    const unit =
      read && readUnit(text, read.end + (gap.exec(text.slice(read.end))?.[0].length ?? 0))
    const one = unit && millilitresIn(unit.unit, region)
    if (one) return read.amount.low * one
  }
  return null
}
const gap = /^\s*-?\s*/u

/** Its kind by the words that the pan knows it by; a volume in cups is no muffin tin. */
function kindOf(text: string): Compared['kind'] {
  const row = tinWords.find(r => r.sign.test(text.replace(/\d+[\s-]*cups?(?=\s+\p{L})/giu, '')))
  if (row?.sized === 'cups') return 'cups'
  if (row?.like.startsWith('loaf')) return 'loaf'
  return row?.like.startsWith('tray') ? 'tray' : 'tin'
}

/** The floor of a tin whose size is said, in cm². */
function floorIn(text: string): number | null {
  const reading = /\d\s*-?\s*(?:cm|in|"|”|x|×)/iu.test(text) ? readTin(text) : null
  if (!reading) return null
  const [a, b] = reading.tin.top
  return a * (b || a) * (reading.tin.shape === 'round' ? Math.PI / 4 : 1)
}

const compared = (text: string, region: Region): Compared => ({
  text,
  kind: kindOf(text),
  floor: floorIn(text),
  volume: volumeIn(text, region),
})

/** A floor or a volume so much larger is another tin, not another wording. [P] */
const larger = 1.3

const differ = (one: Compared, other: Compared): boolean => {
  if (one.kind !== other.kind) return one.kind !== 'cups' && other.kind !== 'cups'
  const pair = (a: number | null, b: number | null) =>
    a !== null && b !== null && Math.max(a / b, b / a) > larger
  return pair(one.floor, other.floor) || pair(one.volume, other.volume)
}

/** Water stands in it, or something else is done there. */
const aside =
  /\b(?:roasting|water|caramel|frying|half|smaller|larger|second|other|inner|if\s+you|or\b)/iu

/** Two tins for one batter: a loaf tin in the facts, a round one in the steps. */
export function twoTins(recipe: Recipe): Finding[] {
  if (recipe.components.filter(c => c.lines.length).length > 1) return []
  const texts = [...(recipe.facts ?? []), ...recipe.components.flatMap(c => c.steps)]
  const tins = texts.flatMap(text =>
    vesselsIn(text)
      .filter(v => v.sized && !aside.test(text.slice(Math.max(0, v.span[0] - 24), v.span[1] + 12)))
      .map(v => compared(v.text, recipe.region)),
  )
  for (const [i, one] of tins.entries()) {
    const other = tins.slice(i + 1).find(tin => differ(one, tin))
    if (other)
      return [
        finding({
          code: 'two-tins',
          severity: 'ask',
          text: other.text,
          about: `${one.text} ${other.text}`,
          sentence: `It says “${one.text}” and “${other.text}”. Which of them is it baked in?`,
        }),
      ]
  }
  return []
}
