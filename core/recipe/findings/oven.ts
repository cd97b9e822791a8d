import { celsiusOfFahrenheit, ovenCelsius, readOven, pattern } from '../../measure'
import { finding, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'
import { bakeWord } from '../tables/step-words'

const pair = pattern(
  'iu',
  String.raw`(\d{2,3})\s*(?:°|º|˚|deg(?:rees)?\.?)?\s*C\b[^.;]{0,28}?(\d{3})\s*(?:°|º|˚|`,
  String.raw`deg(?:rees)?\.?)?\s*F\b|(\d{3})\s*(?:°|º|˚|`,
  String.raw`deg(?:rees)?\.?)?\s*F\b[^.;]{0,28}?(\d{2,3})\s*(?:°|º|˚|`,
  String.raw`deg(?:rees)?\.?)?\s*C\b`,
)
const withFan = pattern(
  'iu',
  String.raw`(\d{3})\s*(?:°|º|˚)?\s*C\b[^.;\d]{0,12}\(?\s*(?:(\d{3})\s*(?:°|º|`,
  String.raw`˚)?\s*C?\s*(?:fan|convection)|(?:fan|convection)[\s:]*(\d{3}))`,
)
const bakes = new RegExp(String.raw`\b(?:${bakeWord}|in\s+the\s+oven)\b`, 'iu')

const use = (celsius: number) => ({
  label: `Use ${celsius} °C`,
  edits: [{ do: 'oven' as const, celsius }],
})

/** A setting that no oven bakes at, two scales that disagree, a fan hotter than the still oven. */
function oddSetting(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  for (const step of steps) {
    const place = { step: { component: step.component, at: step.at } }
    const both = pair.exec(step.text)
    if (both) {
      const [c, f] = [Number(both[1] ?? both[4]), Number(both[2] ?? both[3])]
      const fromF = celsiusOfFahrenheit(f)
      // A fan setting beside a still oven's Fahrenheit is the usual pair of 20 °C apart.
      if (
        Math.abs(c - fromF) > 12 &&
        !(/fan|convection/iu.test(both[0]) && Math.abs(c + 20 - fromF) <= 12)
      ) {
        return [
          finding({
            ...place,
            code: 'oven-odd',
            severity: 'ask',
            text: both[0],
            sentence: `${c} °C and ${f} °F are not the same heat: ${f} °F is ${ovenCelsius(fromF)} °C.`,
            corrections: [use(c), use(ovenCelsius(fromF))],
          }),
        ]
      }
    }
    const fan = withFan.exec(step.text)
    if (fan && Number(fan[2] ?? fan[3]) > Number(fan[1]))
      return [
        finding({
          ...place,
          code: 'oven-odd',
          severity: 'ask',
          text: fan[0],
          sentence:
            'A fan oven bakes hotter, so its setting should be the lower one; here it is ' +
            `${fan[2] ?? fan[3]} °C against ${fan[1]} °C.`,
          corrections: [use(Math.max(Number(fan[1]), Number(fan[2] ?? fan[3])))],
        }),
      ]
  }
  const { oven } = recipe
  if (oven?.celsius && oven.celsius > 300) {
    const asF = ovenCelsius(celsiusOfFahrenheit(oven.celsius))
    return [
      finding({
        code: 'oven-odd',
        severity: 'ask',
        text: oven.text,
        sentence: `No home oven bakes at ${oven.celsius} °C.`,
        corrections: oven.celsius <= 550 ? [use(asF)] : [],
      }),
    ]
  }
  if (
    oven?.celsius &&
    oven.celsius < 85 &&
    (oven.minutes?.high ?? 0) < 150 &&
    steps.some(step => bakes.test(step.text))
  ) {
    const written = Number(/\d{2,3}/u.exec(oven.text)?.[0] ?? 0)
    return [
      finding({
        code: 'oven-odd',
        severity: 'ask',
        text: oven.text,
        sentence: `“${oven.text.trim()}” is only ${oven.celsius} °C: too cool to bake in that time.`,
        corrections: written >= 100 && written <= 250 ? [use(written)] : [],
      }),
    ]
  }
  return []
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

/** A bake time that is missing. Whether one fits its tin is known a few floors up, where tins are. */
function noTime({ oven }: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const last = steps
    .filter(step => bakes.test(step.text) || step.times.some(time => time.kind === 'bake'))
    .at(-1)
  return last && !oven?.minutes
    ? [
        finding({
          code: 'no-bake-time',
          severity: 'note',
          step: { component: last.component, at: last.at },
          text: last.text,
          sentence: 'No bake time is written.',
        }),
      ]
    : []
}

export const ovenFindings = (recipe: Recipe, steps: readonly PlacedStep[]): Finding[] => [
  ...whichScale(recipe),
  ...oddSetting(recipe, steps),
  ...noTime(recipe, steps),
]
