/** A word as a recogniser gives it, with how sure it is, 0–100. */
export interface SeenWord {
  readonly text: string
  readonly sure: number
}

/**
 * Fractions that a recogniser made something else of. It has no letters for ½ ¼ ¾: printed cards of
 * our own, in six faces and two sizes, gave "%", "%2", "Y", "Y4", "Ys", "V2", "Va", "¥", "3%" and
 * single figures that it hardly believed itself.
 */
const mark = /^(\d{0,2})(?:[%¥€]|[YVv][0-9aszZA]?)[\d:.;]?$/u
/** The same with its measure grown on: "Ytsp". */
const grown = /^(\d{0,2})[%¥€YV][24s]?(?=t[bh]?sps?\b|cups?\b|teaspoons?\b|tablespoons?\b)/u
const measure =
  /^(?:t[bh]?sps?|teaspoons?|tablespoons?|cups?|pints?|oz|ounces?|lbs?|pounds?|inch(?:es)?)\b/iu
const spoonOrCup = /^(?:tsps?|teaspoons?|cups?)\b/iu
/** A single figure that is believed less is asked about beside a measure. */
const unsure = 70
/** Nobody measures so many teaspoons or cups: three teaspoons are a tablespoon (common practice). */
const unlikely = { teaspoon: 4, cup: 6 }

const fractions = ['½', '¼', '¾', '⅓', '⅔'] as const

/**
 * An amount that may have been a fraction: the first words of a line, up to the one at `at`. `whole` is
 * the number before it, `rest` what stands behind it in the same word ("tsp"); `isMark`: what was
 * read is no amount at all, so it stands as "?" until somebody says which it is.
 */
export interface FractionDoubt {
  readonly at: 0 | 1
  readonly whole: string
  readonly rest: string
  readonly isMark: boolean
}

/** "3%" and "13%" are ¾ and 1¾: the three belongs to the fraction. */
const wholeOf = (figures: string) => figures.replace(/3$/u, '')

function isUnlikely(figure: string, next: string): boolean {
  if (!spoonOrCup.test(next)) return false
  return Number(figure) >= (/^t/iu.test(next) ? unlikely.teaspoon : unlikely.cup)
}

type Words = readonly SeenWord[]
/** A word that is a fraction's mark, alone or grown together with its measure. */
function markedIn([first, second]: Words): FractionDoubt | null {
  const { text } = first!
  const run = grown.exec(text)
  if (run) return { at: 0, whole: wholeOf(run[1]!), rest: text.slice(run[0].length), isMark: true }
  const alone = mark.exec(text)
  // "12% fat" is no fraction; "% lemon" is one, whatever it is of.
  const isOfSomething = second && (measure.test(second.text) || !/^\d/u.test(text))
  return alone && isOfSomething
    ? { at: 0, whole: wholeOf(alone[1]!), rest: '', isMark: true }
    : null
}

/** The amount at the beginning of a line, where it may have been a fraction; null where it cannot. */
export function fractionIn({ words }: { readonly words: Words }): FractionDoubt | null {
  const [first, second, third] = words
  if (!first || !second) return words.length ? markedIn(words) : null
  const marked = markedIn(words)
  if (marked || !/^\d$/u.test(first.text)) return marked
  if (third && mark.test(second.text)) return { at: 1, whole: first.text, rest: '', isMark: true }
  const isAsked =
    measure.test(second.text) && (first.sure < unsure || isUnlikely(first.text, second.text))
  return isAsked ? { at: 0, whole: '', rest: '', isMark: false } : null
}

/** What the amount may be: each fraction with its whole number. */
export const fractionOffers = ({ whole, rest }: FractionDoubt): readonly string[] =>
  fractions.map(fraction => `${whole}${fraction}${rest ? ` ${rest}` : ''}`)
