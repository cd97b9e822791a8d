import { pattern, settingsIn, stillCelsius, type OvenSetting } from '../../measure'
import { readStepTimes } from '../facts/step-times'
import { finding, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'
import { bakeWord } from '../tables/step-words'
import { everyCount, oneCount } from '../tables/yields'

/** Facts that a recipe states twice, and not alike: its oven, its bake time, how much it makes. */

const bakes = new RegExp(String.raw`\b(?:${bakeWord}|in\s+the\s+oven)\b`, 'iu')
const preheats = pattern(
  'iu',
  String.raw`\b(?:pre-?heat|heat\s+(?:the\s+|your\s+)?oven|set\s+(?:the\s+)?oven|oven\s*:|`,
  String.raw`turn\s+(?:the\s+)?oven\s+on)`,
)
/** The heat is changed on purpose. */
const changed = pattern(
  'iu',
  String.raw`\b(?:lower|reduce|turn(?:ed)?\s+(?:it\s+|the\s+\p{L}+\s+)?(?:down|up)|raise|increase|drop|`,
  String.raw`then|blind|finish|second|further|more|after)\b`,
)
const sentencesOf = (text: string) => text.split(/(?<=[.;!?])\s+/u)
/** Ovens are rounded to tens, and scales to each other. °C [P] */
const sameHeat = 16

const still = (setting: OvenSetting | undefined) => (setting ? stillCelsius(setting) : null)
const stillIn = (text: string) => {
  const all = settingsIn(text).filter(s => s.scale !== 'bare' || s.figure >= 100)
  return still(all.find(s => s.scale === 'C' && !s.fan) ?? all[0])
}

/** The oven is heated to one setting and the first bake asks for another; or a fact line says a third. */
function twoOvens(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const sentences = steps.flatMap(step => sentencesOf(step.text).map(text => ({ text, step })))
  const heated = sentences.find(({ text }) => preheats.test(text) && stillIn(text) !== null)
  const baked = sentences.find(({ text }) => bakes.test(text) && !preheats.test(text))
  const told = (recipe.facts ?? []).find(fact => stillIn(fact) !== null)
  const pairs = [
    heated && baked && !changed.test(baked.text.split(/\d/u)[0]!)
      ? ([heated.text, baked.text] as const)
      : null,
    told && (heated ?? baked) ? ([told, (heated ?? baked)!.text] as const) : null,
  ]
  for (const pair of pairs) {
    const [one, two] = pair ? [stillIn(pair[0]), stillIn(pair[1])] : [null, null]
    if (one === null || two === null || Math.abs(one - two) <= sameHeat) continue
    return [
      finding({
        code: 'two-ovens',
        severity: 'ask',
        text: pair![1],
        about: `${pair![0]} ${pair![1]}`,
        sentence:
          `Two oven settings for one bake: ${Math.round(one)} °C and ` +
          `${Math.round(two)} °C. Which is it?`,
        corrections: [one, two].map(celsius => ({
          label: `Use ${Math.round(celsius)} °C`,
          edits: [{ do: 'oven', celsius: Math.round(celsius) }],
        })),
      }),
    ]
  }
  return []
}

/** Narrower than recipes round their own times. [P] */
const longer = 1.6
const shorter = 0.62

/** "Bake time: 20 min" over a step that bakes 45. A cook time holds what simmers as well. */
function twoTimes(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const minutes = recipe.oven?.minutes
  const fact = (recipe.facts ?? []).find(text => /^\W*(?:bak(?:e|ing)|cook(?:ing)?)\b/iu.test(text))
  const time = fact ? readStepTimes(fact)[0] : undefined
  if (!minutes || !fact || !time || !steps.some(s => s.times.some(t => t.kind === 'bake')))
    return []
  const others = steps
    .flatMap(step => step.times)
    .filter(t => t.kind === 'cook' || t.kind === 'other')
    .reduce((sum, t) => sum + t.high, 0)
  const most = minutes.high * longer + (/cook/iu.test(fact) ? others + 10 : 0)
  if (time.high >= minutes.low * shorter && time.low <= most) return []
  return [
    finding({
      code: 'two-times',
      severity: 'ask',
      text: fact,
      sentence:
        `“${fact}” and the steps do not agree: they bake ` +
        `${minutes.low === minutes.high ? minutes.low : `${minutes.low}–${minutes.high}`} minutes.`,
      corrections: [{ label: 'The steps are right', edits: [{ do: 'forget-fact', text: fact }] }],
    }),
  ]
}

/** How often one count is another before it is a contradiction. [P] */
const apart = 1.5

interface Count {
  readonly low: number
  readonly high: number
  readonly of: string
  readonly text: string
}

const singular = (word: string) =>
  word
    .toLowerCase()
    .replace(/(?:ies)$/u, 'y')
    .replace(/s$/u, '')

function countsIn(text: string): Count[] {
  return [...text.matchAll(everyCount)].flatMap(hit =>
    [...hit[0].matchAll(oneCount)].flatMap(([, low, high, word]) => {
      const serves = /^(?:serves?|feeds)/iu.test(hit[0])
      const of = serves ? 'serving' : singular(word ?? 'piece')
      return /^(?:cm|g|kg|ml|inch|in|l|lb|x)$/u.test(of)
        ? []
        : [{ low: Number(low), high: Number(high ?? low), of, text: hit[0].trim() }]
    }),
  )
}

/** "Makes 10 slices" here and "makes 30 slices" there. */
function twoYields(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const all = [...(recipe.facts ?? []), ...steps.map(s => s.text)].flatMap(countsIn)
  for (const [i, one] of all.entries()) {
    const other = all
      .slice(i + 1)
      .find(c => c.of === one.of && (c.low > one.high * apart || one.low > c.high * apart))
    if (!other) continue
    return [
      finding({
        code: 'two-yields',
        severity: 'ask',
        text: other.text,
        about: `${one.text} ${other.text}`,
        sentence: `It says “${one.text}” and “${other.text}”. How many does it make?`,
      }),
    ]
  }
  return []
}

export const twoFacts = (recipe: Recipe, steps: readonly PlacedStep[]): Finding[] => [
  ...twoOvens(recipe, steps),
  ...twoTimes(recipe, steps),
  ...twoYields(recipe, steps),
]
