import { finding, vesselsIn, type Finding, type Recipe } from '../recipe'
import { readTin } from './read-tin'

/** A tin as far as words compare: its kind, and its floor in cm² or its volume in ml. */
interface Compared {
  readonly text: string
  readonly kind: 'loaf' | 'cups' | 'tray' | 'tin'
  readonly floor: number | null
  readonly volume: number | null
}

const millilitres: Readonly<Record<string, number>> = {
  ml: 1,
  l: 1000,
  cup: 240,
  pint: 568,
  quart: 1000,
}
/** The unit's first letters, as the table has it. */
const unitKey = (unit: string) =>
  Object.keys(millilitres).find(key => unit.toLowerCase().startsWith(key)) ?? 'ml'
const volumeIn = (text: string): number | null => {
  const hit = volume.exec(text)
  return hit ? Number(hit[1]!.replace(',', '.')) * millilitres[unitKey(hit[2]!)]! : null
}
const volume = /(\d+(?:[.,]\d+)?)\s*-?\s*(l(?:it(?:re|er)s?)?\b|ml\b|cups?\b|pints?\b|quarts?\b)/iu

const kindSigns: readonly (readonly [Compared['kind'], RegExp])[] = [
  ['loaf', /\bloa(?:f|ves)\b/iu],
  ['cups', /\b(?:muffin|cupcake|bun|hole|ramekins?|dariole|cups?\s+(?:tin|pan))\b/iu],
  ['tray', /\b(?:trays?|sheets?)\b/iu],
]
const kindOf = (text: string): Compared['kind'] =>
  kindSigns.find(([, sign]) => sign.test(text) && !/traybake/iu.test(text))?.[0] ?? 'tin'

/** The floor of a tin whose size is said, in cm². */
function floorIn(text: string): number | null {
  const reading = /\d\s*-?\s*(?:cm|in|"|”|x|×)/iu.test(text) ? readTin(text) : null
  if (!reading) return null
  const [a, b] = reading.tin.top
  return a * (b || a) * (reading.tin.shape === 'round' ? Math.PI / 4 : 1)
}

const compared = (text: string): Compared => ({
  text,
  kind: kindOf(text),
  floor: floorIn(text),
  volume: volumeIn(text),
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
      .map(v => compared(v.text)),
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
