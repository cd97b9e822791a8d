import { finding, type Finding } from './recipe'
import { englishWords, enoughWords, languages } from './tables/languages'

const english = new Set(englishWords)
const tables = languages.map(row => ({ ...row, words: new Set(row.words) }))

/**
 * The language of a text, where it is another than English; null when it is English, or nothing
 * tells. `read`: its names and measures are known here.
 */
function languageOf(text: string): { readonly name: string; readonly read: boolean } | null {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? []
  const count = (known: ReadonlySet<string>) =>
    words.reduce((n, word) => n + (known.has(word) ? 1 : 0), 0)
  const own = count(english)
  const best = tables
    .map(row => ({ row, n: count(row.words) }))
    .reduce((a, b) => (b.n > a.n ? b : a))
  return best.n >= enoughWords && best.n > own ? { name: best.row.name, read: best.row.read } : null
}

/** Says once that a text is in another language: German and French are read, any other is not. */
export function languageFinding(text: string): Finding[] {
  const language = languageOf(text)
  if (!language) return []
  return [
    finding({
      code: 'language',
      severity: language.read ? 'note' : 'stop',
      about: language.name,
      sentence: language.read
        ? `This is ${language.name}. Its ingredients and measures are read; its steps only ` +
          'for times and ovens, not for what they add. Look through them.'
        : `This looks like ${language.name}, which I do not read. What is not known stays ` +
          'unknown; write the ingredients in English, German or French.',
    }),
  ]
}
