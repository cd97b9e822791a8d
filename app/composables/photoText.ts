/** What a recogniser gives: words with how sure it is (0–100), in lines with their edges in pixels. */
export interface SeenLine {
  readonly top: number
  readonly bottom: number
  readonly right: number
  readonly words: readonly { readonly text: string; readonly sure: number }[]
}

/** Text of a photo: a figure that could not be made out stands as "?", and is named among the doubts. */
export interface SeenText {
  readonly text: string
  readonly doubts: readonly string[]
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
  const out: string[] = []
  lines.forEach((line, i) => {
    const shaky = line.words.some(w => holdsFigure(w.text) && w.sure < unsure)
    const said = tidied(
      line.words.map(w => (holdsFigure(w.text) && w.sure < tooUnsure ? '?' : w.text)).join(' '),
    ).trim()
    if (!said) return
    const apart = i > 0 && gaps[i - 1]! > usual + 0.6 * height
    const broken =
      i > 0 &&
      !apart &&
      lines[i - 1]!.right >= nearEdge * edge &&
      lines[i - 1]!.words.length > fewWords &&
      !/[.!?:]$/u.test(out.at(-1) ?? '')
    if (apart && out.length) out.push('')
    if (broken && out.length) out[out.length - 1] += ` ${said}`
    else out.push(said)
    if (shaky) doubts.push(said)
  })
  return { text: out.join('\n'), doubts }
}
