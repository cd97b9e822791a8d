import {
  asStill,
  fanDegrees,
  celsiusOfFahrenheit,
  ovenCelsius,
  readOven,
  settingsIn,
  stillCelsius,
  type OvenSetting,
} from '../../measure'
import { finding, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'

const use = (celsius: number) => ({
  label: `Use ${celsius} °C`,
  edits: [{ do: 'oven' as const, celsius }],
})

/** Two scales for one setting, within what cooks round: °F to tens of °C, gas marks to twenty-fives of °F. */
const sameSetting = 13
/** How far a fan's dial may stand below the still oven's: 10–30 °C. */
const fanBelow = [5, 36] as const
/** Further apart they speak of two settings. */
const beside = 30

const named = ({ scale, figure, fan }: OvenSetting) =>
  scale === 'gas' ? `gas ${figure}` : `${figure} °${scale}${fan ? ' fan' : ''}`
const plainOf = (s: OvenSetting) => stillCelsius({ ...s, fan: false })

/** Two settings that stand side by side, as degrees of their own dials. */
interface Pair {
  readonly one: OvenSetting
  readonly other: OvenSetting
  readonly a: number
  readonly b: number
}

function pairsIn(text: string): Pair[] {
  const scaled = settingsIn(text).filter(s => s.scale !== 'bare' && s.scale !== 'word')
  return scaled.flatMap((one, i) => {
    const other = scaled[i + 1]
    if (!other) return []
    const between = text.slice(one.end, other.start)
    const [a, b] = [plainOf(one), plainOf(other)]
    const apart = between.length > beside || /[.;]\s|\bthen\b|\bto\b/iu.test(between)
    return apart || a === null || b === null ? [] : [{ one, other, a, b }]
  })
}

/** Is one the fan's dial of the other, or the same heat? A fan setting is often written without its word. */
function isOneHeat({ one, other, a, b }: Pair, text: string): boolean {
  if (one.fan !== other.fan) {
    const below = one.fan ? b - a : a - b
    return below >= fanBelow[0] && below <= fanBelow[1]
  }
  const apart = Math.abs(a - b)
  const saysFan = one.scale !== other.scale && /fan|convection/iu.test(text)
  return apart <= sameSetting || (saysFan && Math.abs(apart - fanDegrees) <= sameSetting)
}

function saysWhy({ one, other, a, b }: Pair): string {
  const [fan, plain] = one.fan ? [a, b] : [b, a]
  if (one.fan !== other.fan && fan >= plain)
    return (
      'A fan oven bakes hotter, so its setting should be the lower one; here it is ' +
      `${Math.round(fan)} °C against ${Math.round(plain)} °C.`
    )
  return (
    `${named(one)} and ${named(other)} are not the same heat: ` +
    `${named(other)} is ${ovenCelsius(asStill(b, other.fan))} °C.`
  )
}

/** Two settings side by side that are not the same heat, or a fan's that is the higher one. */
function inOneSentence(step: PlacedStep): Finding | null {
  const pair = pairsIn(step.text).find(found => !isOneHeat(found, step.text))
  if (!pair) return null
  const { one, other, a, b } = pair
  return finding({
    step: { component: step.component, at: step.at },
    text: step.text.slice(one.start, other.end),
    code: 'oven-odd',
    severity: 'ask',
    sentence: saysWhy(pair),
    corrections: [use(ovenCelsius(asStill(a, one.fan))), use(ovenCelsius(asStill(b, other.fan)))],
  })
}

/** A setting that no oven bakes at, two scales that disagree, a fan hotter than the still oven. */
/** No home oven bakes hotter. °C */
const hottest = 300
function tooHot({ oven }: Recipe): Finding[] {
  if (!oven?.celsius || oven.celsius <= hottest) return []
  const asFahrenheit = ovenCelsius(celsiusOfFahrenheit(oven.celsius))
  return [
    finding({
      code: 'oven-odd',
      severity: 'ask',
      text: oven.text,
      sentence: `No home oven bakes at ${oven.celsius} °C.`,
      corrections: oven.celsius <= 550 ? [use(asFahrenheit)] : [],
    }),
  ]
}
function oddSetting(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  for (const step of steps) {
    const found = inOneSentence(step)
    if (found) return [found]
  }
  return tooHot(recipe)
}

/** A setting without its scale: a bare 200–260 may be either, the others only one. */
function whichScale({ oven }: Recipe): Finding[] {
  const reading = oven && readOven(oven.text)
  if (oven && reading?.bare && oven.celsius !== null) {
    const written = /\d{3}/u.exec(oven.text)?.[0]
    return [
      finding({
        code: 'oven-scale',
        severity: 'note',
        text: oven.text,
        sentence:
          `“${oven.text.trim()}” has no scale. ${written} can only be ` +
          `${Number(written) === oven.celsius ? 'Celsius' : `Fahrenheit, which is ${oven.celsius} °C`}.`,
        corrections: [use(oven.celsius)],
      }),
    ]
  }
  if (!oven || oven.celsius !== null || !reading?.asks) return []
  const written = Number(/\d{3}/u.exec(oven.text)?.[0])
  return [
    finding({
      code: 'oven-scale',
      severity: 'ask',
      text: oven.text,
      sentence:
        `“${oven.text.trim()}”: is that Celsius or Fahrenheit? Both are possible, so the ` +
        'setting stays unknown.',
      corrections: [
        { label: `${written} °C`, edits: [{ do: 'oven', celsius: written }] },
        {
          label: `${written} °F, which is ${ovenCelsius(celsiusOfFahrenheit(written))} °C`,
          edits: [{ do: 'oven', celsius: ovenCelsius(celsiusOfFahrenheit(written)) }],
        },
      ],
    }),
  ]
}

export const ovenFindings = (recipe: Recipe, steps: readonly PlacedStep[]): Finding[] => [
  ...whichScale(recipe),
  ...oddSetting(recipe, steps),
]
