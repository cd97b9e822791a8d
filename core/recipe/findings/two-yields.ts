import { finding, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'
import { everyCount, oneCount } from '../tables/yields'

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
export function twoYields(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
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
