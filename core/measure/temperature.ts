import { pattern } from './pattern'
import {
  asked,
  fanWord,
  gasWord,
  heatNames,
  inPan,
  ofOven,
  otherFigure,
  thermostatWord,
} from './tables/oven-words'
import type { Celsius } from './quantity'

export const celsiusOfFahrenheit = (f: number): Celsius => ((f - 32) * 5) / 9
export const fahrenheitOfCelsius = (c: number): number => (c * 9) / 5 + 32

/** Gas mark n ≥ 1 is 275 + 25(n − 1) °F [U]; ¼ and ½ are 225 and 250 °F [U]. Null outside ¼ … 10. */
export function celsiusOfGasMark(mark: number): Celsius | null {
  if (mark === 0.25) return celsiusOfFahrenheit(225)
  if (mark === 0.5) return celsiusOfFahrenheit(250)
  return mark >= 1 && mark <= 10 ? celsiusOfFahrenheit(275 + 25 * (mark - 1)) : null
}

/** How many degrees a still oven is set higher than a fan oven for the same bake [P]. */
export const fanDegrees: Celsius = 20
/** What an oven is worth as a still one, in °C. */
export const asStill = (celsius: Celsius, fan: boolean | undefined): Celsius =>
  celsius + (fan ? fanDegrees : 0)

/** Kitchen rounding of a Fahrenheit setting: 350 °F is 180 °C, not 177 [P]. To the nearest 10 °C. */
export const ovenCelsius = (exact: Celsius): Celsius => Math.round(exact / 10) * 10

export interface OvenReading {
  /** Still-oven setting in °C, kitchen-rounded; null when the unit decides and is not given. */
  readonly celsius: Celsius | null
  /** True when only a fan setting was given (`celsius` is then already the still-oven one). */
  readonly fan: boolean
  readonly text: string
  /** A bare 200–260, which may be either scale. */
  readonly asks: boolean
  /** No scale is written. */
  readonly bare?: boolean
}

/** One setting as it stands in a text: which scale, which dial, the figure and its place. */
export interface OvenSetting {
  readonly scale: 'C' | 'F' | 'gas' | 'bare' | 'word'
  /** The dial of a fan oven. */
  readonly fan: boolean
  /** The figure as written; of a range the lower one; of a word its °C. */
  readonly figure: number
  readonly start: number
  readonly end: number
}

const sign = String.raw`\s*(?:º|°|˚|degrees?|deg\.?|grad)?\s*`
const figure = pattern(
  'giu',
  String.raw`(?<before>${fanWord}[\s:,(]*(?:to|at)?[\s:]*)?(?<![\d.,/½¼¾])(?<n>\d{2,3})(?![\d½¼¾]|[.,]\d)`,
  String.raw`(?:${sign}(?:C\b|F\b)?\s*(?:[-–—]|to)\s*\d{2,3}`,
  String.raw`(?=${sign}(?:C\b|F\b|celsius|fahrenheit|centigrade)))?`,
  String.raw`(?<deg>${sign})(?<scale>C\b|F\b|celsius|centigrade|fahrenheit)?`,
  String.raw`(?<after>\s*[(,]?\s*${fanWord})?`,
)
const gas = new RegExp(`\\b${gasWord}[\\s:]*(\\d{1,2}|½|¼|1/2|1/4)(?![\\d/])`, 'giu')
const thermostat = new RegExp(`\\b${thermostatWord}\\s*(\\d)(?!\\d)`, 'giu')
const notHeat = new RegExp(`^\\s*-?\\s*${otherFigure}`, 'iu')
const marks: Readonly<Record<string, number>> = { '½': 0.5, '1/2': 0.5, '¼': 0.25, '1/4': 0.25 }

/** A figure without a scale is a heat where a degree, a fan or an oven says so, and no size or time. */
function isHeat(text: string, hit: RegExpMatchArray, start: number): boolean {
  const { before, n, deg, after } = hit.groups!
  const sure = Boolean(deg?.trim())
  if (notHeat.test(text.slice(start + n!.length + (sure ? deg!.length : 0)))) return false
  return sure || Boolean(before ?? after) || asked.test(text.slice(0, start))
}

const scaleOf = (letter: string | undefined): 'C' | 'F' | 'bare' => {
  if (!letter) return 'bare'
  return /^f/iu.test(letter) ? 'F' : 'C'
}

/** Every °C, °F and bare figure. A fan word before it counts where no earlier figure has it behind. */
function figuresIn(text: string): OvenSetting[] {
  const found: OvenSetting[] = []
  for (const hit of text.matchAll(figure)) {
    const { before, n, scale, after } = hit.groups!
    const start = hit.index + (before?.length ?? 0)
    const end = hit.index + hit[0].length
    if (!scale && !isHeat(text, hit, start)) continue
    // "180 °C, fan 160": the word belongs to the figure behind it.
    const next = after !== undefined && /^[\s:]*\d{2,3}/u.test(text.slice(end))
    found.push({
      scale: scaleOf(scale),
      fan: Boolean(before) || (after !== undefined && !next),
      figure: Number(n),
      start,
      end: next ? end - after.length : end,
    })
  }
  return found
}

/**
 * Every oven setting that a text names, in order: figures with or without a scale, gas marks, "a
 * moderate oven".
 */
export function settingsIn(text: string): OvenSetting[] {
  const all = figuresIn(text)
  for (const hit of text.matchAll(gas))
    all.push({
      scale: 'gas',
      fan: false,
      figure: marks[hit[1]!] ?? Number(hit[1]),
      start: hit.index,
      end: hit.index + hit[0].length,
    })
  for (const hit of text.matchAll(thermostat))
    all.push({
      scale: 'C',
      fan: false,
      figure: 30 * Number(hit[1]),
      start: hit.index,
      end: hit.index + hit[0].length,
    })
  const named = heatNames.map(row => ({ row, hit: row.words.exec(text) })).find(({ hit }) => hit)
  if (named?.hit)
    all.push({
      scale: 'word',
      fan: false,
      figure: named.row.celsius,
      start: named.hit.index,
      end: named.hit.index + named.hit[0].length,
    })
  return all
    .filter(
      one =>
        one.scale !== 'bare' ||
        !all.some(o => o !== one && o.scale === 'gas' && one.start >= o.start && one.end <= o.end),
    )
    .sort((a, b) => a.start - b.start)
}

/**
 * The still-oven °C of a setting, not rounded; null for a bare figure that may be either scale,
 * and no mark.
 */
export function stillCelsius({ scale, fan, figure: n }: OvenSetting): Celsius | null {
  const plain = inCelsius(scale, n, fan)
  if (plain === null) return null
  return asStill(plain, fan)
}

function inCelsius(scale: OvenSetting['scale'], n: number, fan: boolean): Celsius | null {
  if (scale === 'gas') return celsiusOfGasMark(n)
  if (scale === 'F' || (scale === 'bare' && n >= 275)) return celsiusOfFahrenheit(n)
  return scale === 'bare' && n >= 200 && !fan ? null : n
}

const order = ['C', 'F', 'gas', 'bare', 'word'] as const

/** The setting that counts: by the order of scales, of one scale that without a fan. */
const settingFirst = (all: readonly OvenSetting[]) =>
  order
    .flatMap(scale => [
      all.find(s => s.scale === scale && !s.fan),
      all.find(s => s.scale === scale && s.fan),
    ])
    .find(s => s !== undefined)
/** A bare figure from here on can only be Fahrenheit. */
const bareFahrenheit = 275
const isFahrenheit = ({ scale, figure }: OvenSetting) =>
  scale === 'F' || scale === 'gas' || (scale === 'bare' && figure >= bareFahrenheit)

/**
 * The oven setting named in a sentence: °C first, then °F, a gas mark, a bare number, a word ("a
 * moderate oven"); of one scale a still oven's before a fan's. A bare 100–199 is Celsius, 275 and
 * more Fahrenheit, 200–274 is asked [P], unless a word of the sentence decides. Null when the
 * sentence names none.
 */
export function readOven(text: string): OvenReading | null {
  if (inPan.test(text) && !ofOven.test(text)) return null
  const all = settingsIn(text).filter(s => s.scale !== 'bare' || s.figure >= 100)
  const one = settingFirst(all)
  if (!one) return null
  const isBare = one.scale === 'bare'
  const words = text.slice(isBare ? leadOf(text, one.start) : one.start, one.end).trim()
  const word = all.find(s => s.scale === 'word')
  const byWord = word && Math.abs(word.figure - one.figure) <= 30 ? one.figure : null
  const exact = stillCelsius(one) ?? byWord
  if (exact === null)
    return one.scale === 'gas'
      ? null
      : { celsius: null, fan: false, text: words, asks: true, bare: true }
  return {
    celsius: isFahrenheit(one) ? ovenCelsius(exact) : exact,
    fan: one.fan,
    text: words,
    asks: false,
    ...(isBare && !one.fan ? { bare: true } : {}),
  }
}

/** A bare figure is shown with the word that makes a heat of it: "oven at 180". */
function leadOf(text: string, start: number): number {
  const lead = asked.exec(text.slice(0, start))
  return lead && lead[0].length < 40 ? lead.index : start
}
