import { aDay } from '../measure'
import { durationsIn, type Recipe } from '../recipe'
import type { Action } from './action'
import { readMethod } from './read'
import { keepingSign, keepingWords, neverFrozen, ofAPart } from './tables/keeping'

/** Days that a recipe itself says it keeps; null: it says nothing. Frozen for 0 days: it must not be. */
export interface SaidKeeping {
  readonly days: number | null
  readonly frozenDays: number | null
  readonly aheadDays: number | null
  /** The sentences that say it. */
  readonly says: readonly string[]
}

type Of = keyof typeof keepingWords

interface Said {
  readonly of: Of
  readonly at: number
}
/** The words of keeping in a sentence, in their order. */
const wordsOfKeeping = (text: string): readonly Said[] =>
  (Object.entries(keepingWords) as [Of, RegExp][])
    .flatMap(([of, sign]) => [...text.matchAll(sign)].map(({ index }) => ({ of, at: index })))
    .sort((a, b) => a.at - b.at)

/** What a duration is of: by the nearest word before it, else by the first behind it. */
function ofWhat(text: string, at: number): Of | null {
  const said = wordsOfKeeping(text)
  const before = said.findLast(word => word.at < at)?.of
  const behind = said.find(word => word.at > at)?.of
  // "Make it 2 days ahead": what stands behind says more.
  if (behind === 'ahead' && before !== 'frozen') return 'ahead'
  return before ?? behind ?? null
}

/** The times of a sentence that last a day or longer, and what each is of. */
const timesIn = (text: string): readonly { readonly of: Of; readonly days: number }[] => [
  ...(neverFrozen.test(text) ? [{ of: 'frozen' as const, days: 0 }] : []),
  ...durationsIn(text).flatMap(({ high, span }) => {
    const of = ofWhat(text, span[0])
    return of && high >= aDay ? [{ of, days: Math.round(high / aDay) }] : []
  }),
]

/** The sentences of a method that tell how it keeps, each once. */
function sentencesIn(recipe: Recipe, actions: readonly Action[]): readonly string[] {
  const stepOf = new Map(recipe.components.map(c => [c.name, c.steps] as const))
  const all = actions.map(({ step, sentence }) =>
    (stepOf.get(step.component)?.[step.at] ?? '').slice(...sentence).trim(),
  )
  return [...new Set(all)].filter(text => keepingSign.test(text) && !ofAPart.test(text))
}

/** The shortest time said of each: whoever goes by it is on the safe side. */
const least = (days: readonly number[]): number | null => (days.length ? Math.min(...days) : null)

/**
 * How long the recipe itself says that it keeps, in days: the upper end of what it says, of several
 * sayings the least. What only a part of it keeps is not the whole's.
 */
export function keepingSaid(recipe: Recipe): SaidKeeping {
  const says = sentencesIn(recipe, readMethod(recipe).actions)
  const said = says
    .map(text => ({ text, times: timesIn(text) }))
    .filter(({ times }) => times.length)
  const daysOf = (of: Of) =>
    said.flatMap(({ times }) => times.filter(time => time.of === of).map(time => time.days))
  return {
    days: least(daysOf('kept')),
    frozenDays: least(daysOf('frozen')),
    aheadDays: least(daysOf('ahead')),
    says: said.map(({ text }) => text),
  }
}
