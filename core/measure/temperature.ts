import { pattern } from './pattern'
import type { Celsius } from './quantity'

export const celsiusOfFahrenheit = (f: number): Celsius => ((f - 32) * 5) / 9
export const fahrenheitOfCelsius = (c: number): number => (c * 9) / 5 + 32

/** Gas mark n ≥ 1 is 275 + 25(n − 1) °F [U]; ¼ and ½ are 225 and 250 °F [U]. Null outside ¼ … 10. */
export function celsiusOfGasMark(mark: number): Celsius | null {
  if (mark === 0.25) return celsiusOfFahrenheit(225)
  if (mark === 0.5) return celsiusOfFahrenheit(250)
  return mark >= 1 && mark <= 10 ? celsiusOfFahrenheit(275 + 25 * (mark - 1)) : null
}

/** A fan oven set to `fan` bakes about as a still one 20 °C hotter [P]. */
export const stillOfFan = (fan: Celsius): Celsius => fan + 20

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

const degrees = String.raw`(\d{2,3})(?:\s*[-–]\s*\d{2,3})?\s*(?:º|°|˚|degrees?|deg\.?)?\s*`
const inC = new RegExp(
  `${degrees}(?:C\\b|celsius|centigrade)(\\s*\\(?\\s*(?:fan|convection))?`,
  'iu',
)
const inF = new RegExp(`${degrees}(?:F\\b|fahrenheit)(\\s*\\(?\\s*(?:fan|convection))?`, 'iu')
const fanFirst = /\b(?:fan|convection)(?:\s+oven)?(?:\s+(?:to|at))?[:\s]*(\d{2,3})/iu
const gas = /gas(?:\s*mark)?\s*(\d{1,2}|½|¼|1\/2|1\/4)/iu
const bare = pattern(
  'iu',
  String.raw`\b(?:oven|bake|heat|preheat|temperature)\b[^.]{0,60}?\b(\d{3})\b\s*(?:º|°|˚|`,
  String.raw`degrees?)?(?!\s*(?:g\b|ml|grams?|cm|mm))`,
)

/** Sugar that boils to 140 °C, chocolate that is tempered at 31 °C, milk at 40 °C: no oven. */
const inPan = pattern(
  'iu',
  String.raw`\b(?:boil\w*|simmer\w*|thermometer|temper\w*|syrup|caramel|warm(?:ed)?\s+to|`,
  String.raw`cool(?:ed|s)?\s+to|reach\w*|soft[\s-]ball|hard[\s-]crack|lukewarm|yeast|fry|`,
  String.raw`frying|deep-fry)\b`,
)
const ofOven = /\b(?:oven|bak(?:e|es|ed|ing)|pre-?heat\w*|roast\w*|gas|fan)\b/iu

/**
 * The oven setting named in a sentence: °C first, then °F, a gas mark, a fan setting alone, or a
 * bare number. A bare 100–199 is Celsius, 275 and more Fahrenheit, 200–274 is asked [P]. Null when
 * the sentence names none.
 */
export function readOven(text: string): OvenReading | null {
  if (inPan.test(text) && !ofOven.test(text)) return null
  const c = inC.exec(text)
  const fanOnly = fanFirst.exec(text)
  if (c) {
    const alone = Boolean(c[2]) && !/(?:°|º)\s*C[^.]*\d{2,3}\s*(?:°|º)?\s*C/iu.test(text)
    const prefixed = !c[2] && fanOnly?.[1] === c[1]
    return {
      celsius: alone || prefixed ? stillOfFan(Number(c[1])) : Number(c[1]),
      fan: alone || prefixed,
      text: c[0],
      asks: false,
    }
  }
  const f = inF.exec(text)
  if (f) {
    const still = ovenCelsius(celsiusOfFahrenheit(Number(f[1])))
    return {
      celsius: f[2] ? stillOfFan(still) : still,
      fan: Boolean(f[2]),
      text: f[0],
      asks: false,
    }
  }
  const g = gas.exec(text)
  if (g) {
    const mark = { '½': 0.5, '1/2': 0.5, '¼': 0.25, '1/4': 0.25 }[g[1]!] ?? Number(g[1])
    const exact = celsiusOfGasMark(mark)
    return exact === null
      ? null
      : { celsius: ovenCelsius(exact), fan: false, text: g[0], asks: false }
  }
  if (fanOnly)
    return { celsius: stillOfFan(Number(fanOnly[1])), fan: true, text: fanOnly[0], asks: false }
  const b = bare.exec(text)
  if (!b) return null
  const n = Number(b[1])
  if (n >= 275 && n <= 550)
    return {
      celsius: ovenCelsius(celsiusOfFahrenheit(n)),
      fan: false,
      text: b[0],
      asks: false,
      bare: true,
    }
  if (n < 200) return { celsius: n, fan: false, text: b[0], asks: false, bare: true }
  return { celsius: null, fan: false, text: b[0], asks: true, bare: true }
}
