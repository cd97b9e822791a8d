import { readAmount, pattern } from '../measure'
import { materialWords, tinWords } from './tables/tin-words'
import { usualTin } from './tables/tins'
import type { Tin } from './tin'

/**
 * What a recipe's words say of what it is baked in. `assumed` names what the words leave open and
 * custom filled in.
 */
export interface TinReading {
  readonly tin: Tin
  readonly like: string
  readonly text: string
  readonly assumed: readonly string[]
}

const inch = 2.54
const size = pattern(
  'giu',
  String.raw`(\d{1,3}(?:[.,]\d+)?)(?:\s*(½|¼|¾|1\/2|1\/4|3\/4))?\s*-?\s*(cm|mm|inch(?:es)?|`,
  String.raw`in\b\.?|"|”)?(?:\s*(?:x|×|by)\s*(\d{1,3}(?:[.,]\d+)?)(?:\s*(½|¼|¾|1\/2|1\/4|`,
  String.raw`3\/4))?\s*-?\s*(cm|mm|inch(?:es)?|in\b\.?|"|”)?)?(?:\s*(?:x|×|`,
  String.raw`by)\s*(\d{1,2}(?:[.,]\d+)?)\s*-?\s*(cm|mm|inch(?:es)?|in\b\.?|"|”)?)?`,
)
const parts: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '1/2': 0.5,
  '1/4': 0.25,
  '3/4': 0.75,
}
const several =
  /^\W*(?:grease|line|butter|use|prepare)?\W*(?:the\s+)?(two|three|four|2|3|4)\s+(?:x\s+|×\s+)?(?=\d|\p{L})/iu

/** Centimetres of one of its units; a size without one is taken for centimetres. */
function centimetresOf(unit: string | undefined): number {
  if (!unit || /cm/iu.test(unit)) return 1
  return /mm/iu.test(unit) ? 0.1 : inch
}

function sizeIn(
  text: string,
): { readonly sides: readonly number[]; readonly unit: number; readonly guessed: boolean } | null {
  for (const hit of text.matchAll(size)) {
    const unit = hit[3] ?? hit[6] ?? hit[8]
    if (!unit && !hit[4]) continue
    const one = centimetresOf(unit)
    const numbers = [
      [hit[1], hit[2]],
      [hit[4], hit[5]],
      [hit[7], undefined],
    ].flatMap(([n, part]) => (n ? [Number(n.replace(',', '.')) + (part ? parts[part]! : 0)] : []))
    // A bare "9 x 13" can only be inches, a bare "20 x 30" only centimetres.
    const guessed = !unit
    const by = guessed && Math.max(...numbers) < 15 ? inch : one
    const sides = numbers.map(n => n * by)
    if (sides[0]! >= 3 && sides[0]! <= 80) return { sides, unit: by, guessed }
  }
  return null
}

const near = (n: number) => Math.round(n * 10) / 10

/**
 * A tin as recipes name it: "20 x 30 cm traybake tin", "10-inch ring pan", "900 g loaf tin", "two
 * 20 cm sandwich tins". What is not said is taken from the usual tin of that name and named. Null
 * where the words name nothing to bake in.
 */
export function readTin(text: string): TinReading | null {
  const found = sizeIn(text)
  const row =
    found && found.sides.length >= 2 && /\bloa(?:f|ves)\b/iu.test(text)
      ? tinWords.find(r => r.like === 'loaf-900')!
      : tinWords.find(r => r.sign.test(text))
  if (!row) return null
  const usual = usualTin(row.like)
  const assumed: string[] = []
  const material = materialWords.find(m => m.sign.test(text))?.material ?? usual.material
  const many = several.exec(text)
  // "20 cm tins" without a number are two, as layers are.
  const plural = !many && /\b(?:tins|pans|layers)\b/iu.test(text)
  const said = many ? (readAmount(many[1]!, 0)?.amount.low ?? 1) : 1
  const times = plural ? 2 : said
  const [a, b, c] = found?.sides ?? []
  const base: Tin = {
    shape: usual.shape,
    top: usual.top,
    bottom: usual.bottom,
    height: usual.height,
    count: usual.count,
    material,
    ...(usual.tube ? { tube: usual.tube } : {}),
  }
  if (plural && row.sized !== 'cups') assumed.push('two of them')
  if (found?.guessed) assumed.push(found.unit === inch ? 'inches' : 'centimetres')
  let tin: Tin = base
  if (row.sized === 'cups') {
    const holes = /\b(\d{1,2})[\s-]*(?:hole|cup|well)/iu.exec(text)
    tin = { ...base, count: holes ? Number(holes[1]) : usual.count }
    if (!holes) assumed.push(`${usual.count} cups`)
    assumed.push(`${near(usual.top[0])} cm across above`)
  } else if (a === undefined) {
    tin = { ...base, count: times }
    if (row.sized !== 'pound' && !/\b9[05]0\s*g|\b(?:2|two)[\s-]*(?:lb|pound)/iu.test(text))
      assumed.push(`the usual ${usual.name}`)
    else assumed.push(`${near(usual.top[0])} × ${near(usual.top[1])} cm above`)
  } else if (b !== undefined && usual.shape !== 'ring') {
    const tray = usual.shape === 'tray'
    // "23 x 5 cm round": across and high. Everything else with two sides is a box.
    if (/\bround\b|spring-?form/iu.test(text) && b < a / 2)
      tin = { ...base, shape: 'round', top: [a, a], bottom: [a, a], height: b, count: times }
    else {
      const taper = row.like.startsWith('loaf') ? 2 : 0
      const [long, short] = [Math.max(a, b), Math.min(a, b)]
      tin = {
        ...base,
        shape: tray ? 'tray' : 'box',
        top: [long, short],
        bottom: [long - taper, short - taper],
        height: c ?? (usual.shape === 'round' ? 5 : usual.height),
        count: times,
      }
      if (c === undefined && !tray) assumed.push(`${near(tin.height)} cm high`)
    }
  } else {
    const grown = a / usual.top[0]
    const taper = usual.top[0] - usual.bottom[0]
    const square = usual.shape === 'box' || usual.shape === 'tray'
    const ring = usual.shape === 'ring' && usual.tube
    tin = {
      ...base,
      top: [a, square && !/square/iu.test(text) ? (a * usual.top[1]) / usual.top[0] : a],
      bottom: ring
        ? [usual.bottom[0] * grown, usual.bottom[0] * grown]
        : [
            a - taper,
            square && !/square/iu.test(text) ? (a * usual.bottom[1]) / usual.top[0] : a - taper,
          ],
      height: ring ? near(usual.height * Math.min(1.1, grown)) : usual.height,
      count: times,
      ...(ring ? { tube: [usual.tube![0] * grown, usual.tube![1] * grown] as const } : {}),
    }
    assumed.push(`${near(tin.height)} cm high`)
    if (ring) assumed.push(`its tube ${near(tin.tube![0])} cm across`)
  }
  return { tin, like: row.like, text: text.trim(), assumed }
}

/** A tin in words: "20 × 30 cm, 4 cm high". */
export function tinWordsOf(tin: Tin): string {
  const [a, b] = [near(tin.top[0]), near(tin.top[1])]
  const size =
    tin.shape === 'box' || tin.shape === 'tray' || tin.shape === 'log'
      ? `${a} × ${b} cm`
      : `${a} cm across`
  const several = tin.count > 1 ? `${tin.count} × ` : ''
  const cups = tin.shape === 'cups' ? `${tin.count} cups, ` : several
  return `${cups}${size}${tin.shape === 'tray' ? '' : `, ${near(tin.height)} cm high`}`
}
