import { findMentions, plainWord, wordsOf } from '../../pantry'
import type { Span } from '../recipe'
import { stepVerbs } from '../tables/headings'
import { anyFood, foodPlace, goesOn, isHere, noFood } from '../tables/food-places'

const plainNoFood = new Set([...noFood, ...stepVerbs].map(plainWord))

const plainAnyFood = new Set([...anyFood].map(plainWord))

/** Words of a step that stand where food stands and that nobody knows. */
export interface UnknownFood {
  readonly words: string
  readonly span: Span
}

/**
 * What a step adds, fills, brushes or is served with, and that is in no table: neither an
 * ingredient nor a word of steps. `known` are the words of the dessert itself: its lines, parts and
 * title, and of the steps before; a food that may be made of anything is known only by them.
 */
export function unknownFoods(step: string, known: ReadonlySet<string>): UnknownFood[] {
  const found: UnknownFood[] = []
  for (const hit of step.matchAll(foodPlace)) {
    const all = hit[1]!
    const at = hit.index + hit[0].length - all.length
    const stop = goesOn.exec(all)
    const phrase = stop ? all.slice(0, stop.index) : all
    const { unread, mentions } = findMentions(phrase)
    const odd = wordsOf(phrase).filter(
      word =>
        word.plain.length > 2 &&
        (plainAnyFood.has(word.plain) || unread.includes(phrase.slice(word.start, word.end))) &&
        !mentions.some(m => word.start >= m.start && word.end <= m.end) &&
        !known.has(word.plain) &&
        (plainAnyFood.has(word.plain)
          ? !isHere.test(phrase.slice(0, word.start))
          : !plainNoFood.has(word.plain)) &&
        !/ly$/u.test(word.plain),
    )
    if (!odd.length) continue
    const from = at + odd[0]!.start
    found.push({
      words: phrase.slice(odd[0]!.start, odd.at(-1)!.end).trim(),
      span: [from, at + odd.at(-1)!.end],
    })
  }
  return found
}
