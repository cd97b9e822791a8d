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
  l: 1000,
  ml: 1,
  cup: 240,
  pint: 568,
  quart: 1000,
}
const volumeIn = (text: string): number | null => {
  const hit =
    /(\d+(?:[.,]\d+)?)\s*-?\s*(l(?:it(?:re|er)s?)?\b|ml\b|cups?\b|pints?\b|quarts?\b)/iu.exec(text)
  if (!hit) return null
  const unit = hit[2]!.toLowerCase()
  const key = unit.startsWith('ml') ? 'ml' : unit.startsWith('l') ? 'l' : unit.replace(/s$/u, '')
  return Number(hit[1]!.replace(',', '.')) * (millilitres[key] ?? 1)
}

function compared(text: string): Compared | null {
  const reading = readTin(text)
  const kind = /\bloa(?:f|ves)\b/iu.test(text)
    ? 'loaf'
    : /\b(?:muffin|cupcake|bun|hole|ramekins?|dariole|cups?\s+(?:tin|pan))\b/iu.test(text)
      ? 'cups'
      : /\b(?:trays?|sheets?)\b/iu.test(text) && !/traybake/iu.test(text)
        ? 'tray'
        : 'tin'
  const sized = /\d/u.test(text) && /\d\s*-?\s*(?:cm|in|"|”|x|×)/iu.test(text)
  const [a, b] = reading && sized ? reading.tin.top : [0, 0]
  const floor = a ? a * (b || a) * (reading!.tin.shape === 'round' ? Math.PI / 4 : 1) : null
  return { text, kind, floor, volume: volumeIn(text) }
}

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
  const tins = texts
    .flatMap(text =>
      vesselsIn(text)
        .filter(
          v => v.sized && !aside.test(text.slice(Math.max(0, v.span[0] - 24), v.span[1] + 12)),
        )
        .map(v => compared(v.text)),
    )
    .filter(found => found !== null)
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
