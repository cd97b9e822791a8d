import { readAmount, pattern } from '../measure'
import { brimful } from './geometry'
import { materialWords, tinWords } from './tables/tin-words'
import { usualTin } from './tables/tins'
import type { NamedTin, Tin } from './tin'

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
/** "Two 20 cm tins", "4 x 150 ml ramekins"; the 12 of "12-hole" and "10 cup" says what one of them holds. */
const numberWords = 'two|three|four|five|six|seven|eight|nine|ten|twelve|a\\s+dozen'
const several = pattern(
  'iu',
  String.raw`^\W*(?:grease|line|butter|use|prepare)?\W*(?:the\s+)?(?:(\d{1,2}|${numberWords})\s+(?=\d|\p{L})`,
  String.raw`(?!(?:x|by|holes?|wells?|cups?|cavit\p{L}+|cm|mm|in|inch(?:es)?|ml|l|litres?|liters?|pints?|`,
  String.raw`quarts?|lbs?|pounds?|g)\b)|([2-4]|${numberWords})\s*(?:x|×)\s+(?=\d)|`,
  String.raw`(\d{1,2}|${numberWords})\s*(?:x|×)\s*(?=\d+\s*(?:ml|g|litres?)\b))`,
)
/** What a vessel holds, in ml. A pint is the one of British dishes, a cup the one of ring pans. [M] */
const measures: readonly { readonly sign: RegExp; readonly ml: number }[] = [
  { sign: /([\d.,]+(?:\s*[½¼¾])?)[\s-]*(?:litres?|liters?|l)\b/iu, ml: 1000 },
  { sign: /([\d.,]+)[\s-]*ml\b/iu, ml: 1 },
  { sign: /([\d.,]+)[\s-]*dl\b/iu, ml: 100 },
  { sign: /([\d.,]+(?:\s*[½¼¾])?)[\s-]*(?:quarts?|qt)\b/iu, ml: 946 },
  { sign: /([\d.,]+(?:\s*[½¼¾])?)[\s-]*pints?\b/iu, ml: 568 },
  { sign: /([\d.,]+)[\s-]*cups?\b/iu, ml: 240 },
]
const held = /(?:\d{1,2}\s*(?:x|×)\s*)?\d+\s*(?:ml|g)\b/giu
/** The volume that is said of one vessel; cups of a muffin tin are its hollows. */
function volumeIn(text: string, row: (typeof tinWords)[number]): number | null {
  for (const { sign, ml } of measures) {
    const hit = sign.exec(text)
    if (!hit || (ml === 240 && row.sized === 'cups')) continue
    const amount = readAmount(hit[1]!.replace(',', '.'), 0)?.amount.low
    if (amount) return amount * ml
  }
  return null
}
/** The usual tin of a name, grown or shrunk in all directions until it holds so much. */
function ofVolume(tin: Tin, ml: number): Tin {
  const by = Math.cbrt(ml / brimful(tin))
  const grow = ([a, b]: readonly [number, number]) => [near(a * by), near(b * by)] as const
  return {
    ...tin,
    top: grow(tin.top),
    bottom: grow(tin.bottom),
    height: near(tin.height * by),
    ...(tin.tube ? { tube: grow(tin.tube) } : {}),
    measured: ml,
  }
}

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
    // A bare "9 x 13" or "10 x 15" can only be inches, a bare "20 x 30" only centimetres.
    const guessed = !unit
    const by = guessed && Math.max(...numbers) <= mostBareInches ? inch : one
    const sides = numbers.map(n => n * by)
    if (sides[0]! >= 3 && sides[0]! <= 80) return { sides, unit: by, guessed }
  }
  return null
}

const mostBareInches = 18

const near = (n: number) => Math.round(n * 10) / 10

/** A tin being read: its words, the row and the usual tin of its name, the size that was found. */
interface TinWords {
  readonly text: string
  readonly row: (typeof tinWords)[number]
  readonly usual: NamedTin
  readonly base: Tin
  readonly times: number
  /** How many there are is said. */
  readonly isCounted: boolean
  readonly sides: readonly number[]
}
/** A tin with what was taken for granted of it. */
interface Assumed {
  readonly tin: Tin
  readonly assumed: readonly string[]
}
/** A muffin tin and its kin: so many cups. */
function cupsIn({ text, row, usual, base, times, isCounted, sides }: TinWords): Assumed {
  const holes = /\b(\d{1,2})[\s-]*(?:hole|cup|well|cavit)/iu.exec(text)
  const own = holes ? Number(holes[1]) * times : null
  // "4 ramekins" are four; "2 muffin tins" are two times twelve.
  const isEach = !/\b(?:tins?|pans?|trays?)\s*$/iu.test(text) || row.like === 'tartlets'
  const counted = isCounted ? times * (isEach ? 1 : usual.count) : usual.count
  const across = sides[0] && sides[0] < mostCup ? grownCup(base, sides[0]) : base
  return {
    tin: { ...across, count: own ?? counted },
    assumed: [
      ...(own || isCounted ? [] : [`${usual.count} cups`]),
      ...(across === base ? [`${near(usual.top[0])} cm across above`] : []),
    ],
  }
}
/** No cup of a tin is so wide, in cm: "six 10 cm tartlet tins". */
const mostCup = 14
function grownCup(base: Tin, across: number): Tin {
  const by = across / base.top[0]
  const below = near(base.bottom[0] * by)
  return { ...base, top: [across, across], bottom: [below, below] }
}
/** No size is said: the usual one of that name. */
function usualSize({ text, row, usual, base, times }: TinWords): Assumed {
  const isOfPound =
    row.sized === 'pound' || /\b9[05]0\s*g|\b(?:2|two)[\s-]*(?:lb|pound)/iu.test(text)
  const said = isOfPound
    ? `${near(usual.top[0])} × ${near(usual.top[1])} cm above`
    : `the usual ${usual.name}`
  return { tin: { ...base, count: times }, assumed: [said] }
}
/** Loaf tins are narrower below, by so many centimetres. */
const loafTaper = 2
/** Two sides are said: a box; "23 x 5 cm round" is across and high. */
function twoSided({ text, row, usual, base, times, sides }: TinWords): Assumed {
  const [a, b, c] = sides as [number, number, number?]
  if (/\bround\b|spring-?form/iu.test(text) && b < a / 2) {
    const round = { shape: 'round', top: [a, a], bottom: [a, a], height: b, count: times } as const
    return { tin: { ...base, ...round }, assumed: [] }
  }
  const isTray = usual.shape === 'tray'
  const taper = row.like.startsWith('loaf') ? loafTaper : 0
  const [long, short] = [Math.max(a, b), Math.min(a, b)]
  const height = c ?? (usual.shape === 'round' ? 5 : usual.height)
  const tin: Tin = {
    ...base,
    shape: isTray ? 'tray' : 'box',
    top: [long, short],
    bottom: [long - taper, short - taper],
    height,
    count: times,
  }
  return { tin, assumed: c === undefined && !isTray ? [`${near(height)} cm high`] : [] }
}
/** One side is said: the usual tin of that name, grown to it. */
function oneSided(of: TinWords): Assumed {
  const { text, usual, base, times } = of
  const [a] = of.sides as [number]
  if (usual.shape === 'ring' && usual.tube) return grownRing(of, usual.tube)
  const isOblong = (usual.shape === 'box' || usual.shape === 'tray') && !/square/iu.test(text)
  const taper = usual.top[0] - usual.bottom[0]
  const breadth = (side: number, otherwise: number) =>
    isOblong ? (a * side) / usual.top[0] : otherwise
  const tin: Tin = {
    ...base,
    top: [a, breadth(usual.top[1], a)],
    bottom: [a - taper, breadth(usual.bottom[1], a - taper)],
    height: usual.height,
    count: times,
  }
  return { tin, assumed: [`${near(tin.height)} cm high`] }
}
/** A ring's height grows with it, but not much: they are all about as high. */
const ringGrowth = 1.1
function grownRing(
  { usual, base, times, sides }: TinWords,
  tube: readonly [number, number],
): Assumed {
  const [a] = sides as [number]
  const grown = a / usual.top[0]
  const bottom = usual.bottom[0] * grown
  const tin: Tin = {
    ...base,
    top: [a, a],
    bottom: [bottom, bottom],
    height: near(usual.height * Math.min(ringGrowth, grown)),
    count: times,
    tube: [tube[0] * grown, tube[1] * grown],
  }
  return {
    tin,
    assumed: [`${near(tin.height)} cm high`, `its tube ${near(tin.tube![0])} cm across`],
  }
}
function tinIn(of: TinWords): Assumed {
  const [a, b] = of.sides
  const ml = volumeIn(of.text, of.row)
  if (ml !== null && a === undefined) {
    const { tin } = of.row.sized === 'cups' ? cupsIn(of) : { tin: { ...of.base, count: of.times } }
    const one = { ...tin, count: 1 }
    return { tin: { ...ofVolume(one, ml), count: tin.count }, assumed: ['shaped as usual'] }
  }
  if (of.row.sized === 'cups') return cupsIn(of)
  if (a === undefined) return usualSize(of)
  return b !== undefined && of.usual.shape !== 'ring' ? twoSided(of) : oneSided(of)
}
/** How many tins: as it says; "20 cm tins" without a number are two, as layers are. */
function timesIn(text: string): {
  readonly times: number
  readonly isPlural: boolean
  readonly isCounted: boolean
} {
  const many = several.exec(text)
  const isPlural = !many && /\b(?:tins|pans|layers)\b/iu.test(text)
  if (isPlural) return { times: 2, isPlural, isCounted: false }
  const words = (many?.[1] ?? many?.[2] ?? many?.[3])?.replace(/^a\s+dozen$/iu, 'twelve')
  const said = words ? readAmount(words, 0)?.amount.low : undefined
  return { times: said ?? 1, isPlural, isCounted: said !== undefined }
}

/**
 * A tin as recipes name it: "20 x 30 cm traybake tin", "10-inch ring pan", "900 g loaf tin", "two
 * 20 cm sandwich tins". What is not said is taken from the usual tin of that name and named. Null
 * where the words name nothing to bake in.
 */
export function readTin(text: string): TinReading | null {
  // Of "4 x 150 ml ramekins" nothing is a length.
  const found = sizeIn(text.replace(held, ' '))
  const sides = found?.sides ?? []
  const isLoaf = sides.length >= 2 && /\bloa(?:f|ves)\b/iu.test(text)
  const row = tinWords.find(r => (isLoaf ? r.like === 'loaf-900' : r.sign.test(text)))
  if (!row) return null
  const usual = usualTin(row.like)
  const { times, isPlural, isCounted } = timesIn(text)
  const { shape, top, bottom, height, count, tube } = usual
  const material = materialWords.find(m => m.sign.test(text))?.material ?? usual.material
  const base: Tin = { shape, top, bottom, height, count, material, ...(tube ? { tube } : {}) }
  const { tin, assumed } = tinIn({ text, row, usual, base, times, isCounted, sides })
  return {
    tin,
    like: row.like,
    text: text.trim(),
    assumed: [
      ...(isPlural && row.sized !== 'cups' ? ['two of them'] : []),
      ...(found?.guessed ? [found.unit === inch ? 'inches' : 'centimetres'] : []),
      ...assumed,
    ],
  }
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
