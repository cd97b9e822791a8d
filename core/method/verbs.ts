import { pastForms, verbWords, type VerbId } from './tables/verbs'

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
