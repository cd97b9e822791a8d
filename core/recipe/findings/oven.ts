import { celsiusOfFahrenheit, ovenCelsius, readOven } from '../../measure'
import { panArea } from '../pan-size'
import { finding, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../steps'
import { bakeTimeRows } from '../tables/bake-times'
import { bakeWord } from '../tables/step-words'

const pair = /(\d{2,3})\s*(?:°|º|˚|deg(?:rees)?\.?)?\s*C\b[^.;]{0,28}?(\d{3})\s*(?:°|º|˚|deg(?:rees)?\.?)?\s*F\b|(\d{3})\s*(?:°|º|˚|deg(?:rees)?\.?)?\s*F\b[^.;]{0,28}?(\d{2,3})\s*(?:°|º|˚|deg(?:rees)?\.?)?\s*C\b/iu
const withFan = /(\d{3})\s*(?:°|º|˚)?\s*C\b[^.;\d]{0,12}\(?\s*(?:(\d{3})\s*(?:°|º|˚)?\s*C?\s*(?:fan|convection)|(?:fan|convection)[\s:]*(\d{3}))/iu
const bakes = new RegExp(String.raw`\b(?:${bakeWord}|in\s+the\s+oven)\b`, 'iu')

const use = (celsius: number) => ({ label: `Use ${celsius} °C`, edits: [{ do: 'oven' as const, celsius }] })

/** A setting that no oven bakes at, two scales that disagree, a fan hotter than the still oven. */
function oddSetting(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  for (const step of steps) {
    const place = { step: { component: step.component, at: step.at } }
    const both = pair.exec(step.text)
    if (both) {
      const [c, f] = [Number(both[1] ?? both[4]), Number(both[2] ?? both[3])]
      const fromF = celsiusOfFahrenheit(f)
      // A fan setting beside a still oven's Fahrenheit is the usual pair of 20 °C apart.
      if (Math.abs(c - fromF) > 12 && !(/fan|convection/iu.test(both[0]) && Math.abs(c + 20 - fromF) <= 12)) {
        return [finding({ ...place, code: 'oven-odd', severity: 'ask', text: both[0], sentence: `${c} °C and ${f} °F are not the same heat: ${f} °F is ${ovenCelsius(fromF)} °C.`, corrections: [use(c), use(ovenCelsius(fromF))] })]
      }
    }
    const fan = withFan.exec(step.text)
    if (fan && Number(fan[2] ?? fan[3]) > Number(fan[1])) return [finding({ ...place, code: 'oven-odd', severity: 'ask', text: fan[0], sentence: `A fan oven bakes hotter, so its setting should be the lower one; here it is ${fan[2] ?? fan[3]} °C against ${fan[1]} °C.`, corrections: [use(Math.max(Number(fan[1]), Number(fan[2] ?? fan[3])))] })]
  }
  const { oven } = recipe
  if (oven?.celsius && oven.celsius > 300) {
    const asF = ovenCelsius(celsiusOfFahrenheit(oven.celsius))
    return [finding({ code: 'oven-odd', severity: 'ask', text: oven.text, sentence: `No home oven bakes at ${oven.celsius} °C.`, corrections: oven.celsius <= 550 ? [use(asF)] : [] })]
  }
  if (oven?.celsius && oven.celsius < 85 && (oven.minutes?.high ?? 0) < 150 && steps.some(step => bakes.test(step.text))) {
    const written = Number(/\d{2,3}/u.exec(oven.text)?.[0] ?? 0)
    return [finding({ code: 'oven-odd', severity: 'ask', text: oven.text, sentence: `“${oven.text.trim()}” is only ${oven.celsius} °C: too cool to bake in that time.`, corrections: written >= 100 && written <= 250 ? [use(written)] : [] })]
  }
  return []
}

/** A setting without its scale: a bare 200–260 may be either, the others only one. */
function whichScale({ oven }: Recipe): Finding[] {
  const reading = oven && readOven(oven.text)
  if (oven && reading?.bare && oven.celsius !== null) {
    const written = /\d{3}/u.exec(oven.text)?.[0]
    return [finding({ code: 'oven-scale', severity: 'note', text: oven.text, sentence: `“${oven.text.trim()}” has no scale. ${written} can only be ${Number(written) === oven.celsius ? 'Celsius' : `Fahrenheit, which is ${oven.celsius} °C`}.`, corrections: [use(oven.celsius)] })]
  }
  if (!oven || oven.celsius !== null || !reading?.asks) return []
  const written = Number(/\d{3}/u.exec(oven.text)?.[0])
  return [finding({ code: 'oven-scale', severity: 'ask', text: oven.text, sentence: `“${oven.text.trim()}”: is that Celsius or Fahrenheit? Both are possible, so the setting stays unknown.`, corrections: [{ label: `${written} °C`, edits: [{ do: 'oven', celsius: written }] }, { label: `${written} °F, which is ${ovenCelsius(celsiusOfFahrenheit(written))} °C`, edits: [{ do: 'oven', celsius: ovenCelsius(celsiusOfFahrenheit(written)) }] }] })]
}

/** A cake of h cm needs at least 6 + 3.5 h minutes at these settings, however thin its crumb: a sheet of 2.5 cm 15, a deep one of 5 cm 24 [P]. */
const leastMinutes = (cm: number) => 6 + 3.5 * cm

/** Too short for how thick it lies in its tin: the first part's grams on the tin's bottom, at about 1 g a cm³. */
function tooShort(recipe: Recipe, minutes: number): { cm: number, least: number } | null {
  const area = recipe.pan && panArea(recipe.pan)
  const grams = (recipe.components[0]?.lines ?? []).reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const cm = area ? grams / area : 0
  return cm > 1 && minutes < leastMinutes(cm) ? { cm, least: 5 * Math.round(leastMinutes(cm) / 5) } : null
}

/** A bake time that is missing or does not fit the tin. */
function oddTime(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const baking = steps.filter(step => bakes.test(step.text) || step.times.some(time => time.kind === 'bake'))
  const { oven } = recipe
  if (!baking.length && !oven?.celsius) return []
  if (!oven?.minutes) return baking.length ? [finding({ code: 'no-bake-time', severity: 'note', step: { component: baking.at(-1)!.component, at: baking.at(-1)!.at }, text: baking.at(-1)!.text, sentence: 'No bake time is written.' })] : []
  if (!oven.celsius || oven.celsius < 145 || oven.celsius > 215) return []
  const row = bakeTimeRows.find(r => r.sign.test(recipe.pan?.text ?? '')) ?? bakeTimeRows.find(r => r.sign.test(recipe.title))
  const total = steps.flatMap(step => step.times.filter(time => time.kind === 'bake')).reduce((sum, time) => sum + time.high, 0)
  const { low, high } = oven.minutes
  const short = tooShort(recipe, Math.max(high, total))
  if (short) return [finding({ code: 'bake-time', severity: 'ask', about: `${high} ${recipe.pan!.text}`, text: oven.text, sentence: `${Math.max(high, total)} minutes at ${oven.celsius} °C is short: it lies about ${short.cm.toFixed(1).replace(/\.0$/u, '')} cm deep in the ${recipe.pan!.text}, which takes ${short.least} minutes at least.` })]
  if (!row) return []
  const odd = low > row.minutes[1] || Math.max(high, total) < row.minutes[0]
  const said = low === high ? `${low}` : `${low}–${high}`
  return odd ? [finding({ code: 'bake-time', severity: 'ask', about: `${said} ${recipe.pan?.text ?? recipe.title}`, text: oven.text, sentence: `${said} minutes at ${oven.celsius} °C is odd for ${row.name}: usual are ${row.minutes[0]}–${row.minutes[1]} minutes.` })] : []
}

export const ovenFindings = (recipe: Recipe, steps: readonly PlacedStep[]): Finding[] => [...whichScale(recipe), ...oddSetting(recipe, steps), ...oddTime(recipe, steps)]
