import { diffWords } from 'diff'

/** Words of a step: as they were, gone, or new. */
interface Words {
  readonly text: string
  readonly is: 'same' | 'gone' | 'new'
}
/** A step as it is done now; all of it new where the recipe had none like it. */
export interface ChangedStep {
  readonly words: readonly Words[]
  readonly isNew: boolean
  readonly isChanged: boolean
}

const bag = (text: string) => new Set(text.toLowerCase().match(/\p{L}{3,}/gu) ?? [])
/** The share of the words of both that they have in common. */
function alike(a: string, b: string): number {
  const [one, other] = [bag(a), bag(b)]
  const both = [...one].filter(word => other.has(word)).length
  return both / Math.max(1, Math.max(one.size, other.size))
}
/** Less alike, a step is a new one and none that was changed. */
const enough = 0.35

const wordsOf = (was: string, is: string): readonly Words[] =>
  diffWords(was, is).map(({ value, added, removed }) => {
    const gone = removed ? 'gone' : 'same'
    return { text: value, is: added ? 'new' : gone }
  })

/**
 * What changed in the steps of a part, word by word: each step beside the one that it was, the most
 * alike that no step before it stands for. Steps that are gone stand at the end.
 */
export function changedSteps(
  was: readonly string[],
  is: readonly string[],
): { readonly steps: readonly ChangedStep[]; readonly gone: readonly string[] } {
  const left = new Set(was)
  for (const text of is) left.delete(text)
  const steps = is.map((text): ChangedStep => {
    if (was.includes(text)) return { words: [{ text, is: 'same' }], isNew: false, isChanged: false }
    const [best] = [...left].sort((a, b) => alike(b, text) - alike(a, text))
    if (best === undefined || alike(best, text) < enough)
      return { words: [{ text, is: 'new' }], isNew: true, isChanged: true }
    left.delete(best)
    return { words: wordsOf(best, text), isNew: false, isChanged: true }
  })
  return { steps, gone: [...left] }
}
