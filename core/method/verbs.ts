import { beforeVerb, joints, pastForms, verbWords, type VerbId } from './tables/verbs'

/** The doing that a word orders. */
export const byWord: ReadonlyMap<string, VerbId> = new Map(
  Object.entries(verbWords).flatMap(([id, words]) =>
    words.split(' ').map(word => [word, id as VerbId] as const),
  ),
)

/** The order in a past form: "beaten" is of "beat". */
export const past: ReadonlyMap<string, string> = new Map([
  ...[...byWord.keys()].flatMap(word =>
    [
      `${word}ed`,
      `${word.replace(/e$/u, '')}ed`,
      `${word.replace(/y$/u, 'i')}ed`,
      `${word}${word.at(-1)!}ed`,
    ].map(form => [form, word] as const),
  ),
  ...Object.entries(pastForms),
])

/** The order in a gerund: "baking" is of "bake". */
export const gerunds: ReadonlyMap<string, string> = new Map(
  [...byWord.keys()].flatMap(word =>
    [`${word}ing`, `${word.replace(/e$/u, '')}ing`, `${word}${word.at(-1)!}ing`].map(
      form => [form, word] as const,
    ),
  ),
)

/** Joins one doing to the next. */
export const isJoint = (word: string): boolean => joints.has(word)
/** Tells how something is done, and may stand before its verb. */
export const isManner = (word: string): boolean => beforeVerb.has(word) || word.endsWith('ly')
