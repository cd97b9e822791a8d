import { findMentions, plainWord, wordsOf, type Word } from '../../pantry'
import type { Span } from '../recipe'
import { stepVerbs } from '../tables/headings'
import { alsoDishes, behindDoing, verbWords } from '../tables/verb-words'
import { anyFood, bakedThing, foodPlaces, goesOn, isHere, noFood } from '../tables/food-places'

const plainNoFood = new Set([...noFood, ...stepVerbs].map(plainWord))

const verbs: ReadonlySet<string> = new Set(
  Object.values(verbWords)
    .flatMap(words => words.split(' '))
    .filter(word => !alsoDishes.has(word)),
)
/** "With jam and lay in a bowl": a doing, by the words of doings and what stands right behind it. */
function isDoing(step: string, [from, to]: Span): boolean {
  const next = /^\s+([\p{L}-]+)/u.exec(step.slice(to))?.[1]?.toLowerCase()
  const isJoined = /(?:\b(?:and|then|or)|[,;])\s+(?:then\s+|gently\s+)?$/iu.test(
    step.slice(0, from),
  )
  return (
    isJoined &&
    verbs.has(step.slice(from, to).toLowerCase()) &&
    next !== undefined &&
    behindDoing.has(next)
  )
}

const plainAnyFood = new Set([...anyFood].map(plainWord))

/** Words of a step that stand where food stands and that nobody knows. */
export interface UnknownFood {
  readonly words: string
  readonly span: Span
}

/** Words that stand side by side name one thing: "flum gum", but "shortbread and buttercream" two. */
function together(words: readonly Word[], phrase: string): Word[][] {
  const runs: Word[][] = []
  for (const word of words) {
    const last = runs.at(-1)?.at(-1)
    if (last && /^[\s-]*$/u.test(phrase.slice(last.end, word.start))) runs.at(-1)!.push(word)
    else runs.push([word])
  }
  return runs
}

/**
 * What a step adds, fills, brushes or is served with, and that is in no table: neither an
 * ingredient nor a word of steps. `known` are the words of the dessert itself: its lines, parts and
 * title, and of the steps before; a food that may be made of anything is known only by them, or as
 * "the frosting" where the list has what it is made of (`isMadeOf`).
 */
export function unknownFoods(
  step: string,
  known: ReadonlySet<string>,
  isMadeOf: (word: string) => boolean,
): UnknownFood[] {
  const found: UnknownFood[] = []
  const isFound = ([from, to]: Span) => found.some(({ span }) => span[0] < to && from < span[1])
  for (const hit of foodPlaces.flatMap(place => [...step.matchAll(place)])) {
    const all = hit[1]!
    const at = hit.index + hit[0].length
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
          ? !isHere.test(phrase.slice(0, word.start)) || !isMadeOf(word.plain)
          : !plainNoFood.has(word.plain) && !isDoing(step, [at + word.start, at + word.end])) &&
        !/ly$/u.test(word.plain),
    )
    for (const run of together(odd, phrase)) {
      const [start, end] = [run[0]!.start, run.at(-1)!.end]
      const span: Span = [at + start, at + end]
      if (!isFound(span)) found.push({ words: phrase.slice(start, end), span })
    }
  }
  const baked = bakedIn(step, known, isMadeOf).filter(({ span }) => !isFound(span))
  return [...found, ...baked].sort((a, b) => a.span[0] - b.span[0])
}

/** Baked things that nothing listed makes, wherever the step names them. */
function bakedIn(
  step: string,
  known: ReadonlySet<string>,
  isMadeOf: (word: string) => boolean,
): UnknownFood[] {
  const hits = [...step.matchAll(bakedThing)]
  if (!hits.length) return []
  const { mentions } = findMentions(step)
  return hits.flatMap((hit): UnknownFood[] => {
    const word = plainWord((hit[1] ?? hit[2])!)
    const span: Span = [hit.index, hit.index + hit[0].length]
    const isNamed = mentions.some(m => m.start < span[1] && span[0] < m.end)
    return isNamed || known.has(word) || isMadeOf(word) ? [] : [{ words: hit[0], span }]
  })
}
