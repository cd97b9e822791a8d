import { fractionIn, fractionOffers, type FractionDoubt, type SeenWord } from './photoFractions'

/** What a recogniser gives: words with how sure it is (0–100), in lines with their edges in pixels. */
export interface SeenLine {
  readonly top: number
  readonly bottom: number
  readonly right: number
  readonly words: readonly SeenWord[]
}

/** Text of a photo: a figure that could not be made out stands as "?", and is named among the doubts. */
export interface SeenText {
  readonly text: string
  readonly doubts: readonly string[]
  readonly fractions: readonly FractionAsked[]
}
/**
 * An amount that may have been a fraction: the line as it stands in the text, what begins it, what it
 * may be.
 */
export interface FractionAsked {
  readonly line: string
  readonly amount: string
  readonly offers: readonly string[]
  /** Which of the lines that were seen, and how many of its words. */
  readonly seen: number
  readonly words: number
}

/**
 * Below this a figure is not taken over at all; up to the other it is, and is named. Found on cards
 * of our own, printed and photographed.
 */
const tooUnsure = 55
const unsure = 78
const holdsFigure = (text: string) => /[\d½⅓⅔¼¾⅛⅜⅝⅞]/u.test(text)

/** Marks that recognisers confuse, where a recipe leaves no doubt: "O.5", "l tsp", "1/z", "° C". */
const tidied = (text: string) =>
  text
    .replace(/[|¦]/gu, 'I')
    .replace(/(?<=\d)[oO](?=\d|\s?(?:g|ml)\b)/gu, '0')
    .replace(/(?<![\p{L}\d])[lI](?=\s?(?:\d|tsp|tbsp|cup|egg|g\b|kg\b|x\s))/giu, '1')
    .replace(/(?<=\d)\s?\/z\b/gu, '/2')
    .replace(/°\s?(?:¢|\()/gu, '°C')
    .replace(/(?<=\d)[°º]\s(?=[CF]\b)/gu, ' °')

/** A line that reaches the right edge of the card's widest was broken by the card, not by its writer. */
const nearEdge = 0.82
const fewWords = 4

/** The words of a line as they are taken over: what was not made out stands as "?". */
function wordsIn(line: SeenLine, doubt: FractionDoubt | null): readonly string[] {
  const words = line.words.map(w => (holdsFigure(w.text) && w.sure < tooUnsure ? '?' : w.text))
  return doubt?.isMark ? [`? ${doubt.rest}`.trim(), ...words.slice(doubt.at + 1)] : words
}

interface Asked {
  readonly at: number
  readonly amount: string
  readonly seen: number
  readonly doubt: FractionDoubt
}

/**
 * Lines keep their order; one that the card broke goes on; an empty line comes in where the card
 * has a gap well above its usual one.
 */
export function photoText(lines: readonly SeenLine[]): SeenText {
  const gaps = lines.slice(1).map((line, i) => line.top - lines[i]!.bottom)
  const usual = [...gaps].sort((a, b) => a - b)[Math.floor((gaps.length - 1) / 2)] ?? 0
  const height =
    [...lines].map(l => l.bottom - l.top).sort((a, b) => a - b)[Math.floor(lines.length / 2)] ?? 1
  const edge = Math.max(0, ...lines.map(line => line.right))
  const doubts: string[] = []
  const asked: Asked[] = []
  const out: string[] = []
  const isApart = (i: number) => i > 0 && gaps[i - 1]! > usual + 0.6 * height
  const isBroken = (i: number) =>
    i > 0 &&
    !isApart(i) &&
    lines[i - 1]!.right >= nearEdge * edge &&
    lines[i - 1]!.words.length > fewWords &&
    !/[.!?:]$/u.test(out.at(-1) ?? '')
  lines.forEach((line, i) => {
    const goesOn = isBroken(i) && out.length > 0
    const doubt = goesOn ? null : fractionIn(line)
    const words = wordsIn(line, doubt)
    const said = tidied(words.join(' ')).trim()
    if (!said) return
    if (isApart(i) && out.length) out.push('')
    if (goesOn) out[out.length - 1] += ` ${said}`
    else out.push(said)
    if (doubt) asked.push({ at: out.length - 1, amount: words[0]!, seen: i, doubt })
    if (line.words.some(w => holdsFigure(w.text) && w.sure < unsure)) doubts.push(said)
  })
  const fractions = asked.map(({ at, amount, seen, doubt }) => ({
    line: out[at]!,
    amount,
    offers: fractionOffers(doubt),
    seen,
    words: doubt.at + 1,
  }))
  return { text: out.join('\n'), doubts, fractions }
}

/** The text with one of a line's amounts as somebody said it; as it was where the line is no more. */
export function withAmount(text: string, { line, amount }: FractionAsked, says: string): string {
  const lines = text.split('\n')
  const at = lines.indexOf(line)
  if (at < 0 || !line.startsWith(amount)) return text
  return lines.with(at, says + line.slice(amount.length)).join('\n')
}
