import type { SeenLine } from './photoText'

/** Where on the picture a word stands, in its pixels. */
interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}
export interface BoxedLine extends SeenLine {
  readonly words: readonly { readonly text: string; readonly sure: number; readonly box: Box }[]
}

/**
 * A word of a label: as it is read now, where it stands in the text and on the picture, and whether
 * somebody has to confirm it.
 */
export interface LabelWord {
  readonly text: string
  readonly box: Box
  readonly sure: number
  readonly doubtful: boolean
}

/** Below this a word does not count before somebody has confirmed it. */
const unsure = 82
const clauseStart =
  /^(?:ingredients?|contains?|may|allerg|made|produced|zutaten|kann|enthält|ingrédients?|peut)\b/iu

/**
 * The words of a label in reading order. A word that the line's end parted is put together again;
 * lone specks are left out.
 */
export function labelWords(lines: readonly BoxedLine[]): LabelWord[] {
  const words: LabelWord[] = []
  for (const line of lines) {
    // A line that hardly a word of is believed is asked about as one: mostly it is the edge of the label.
    const sure = line.words.reduce((sum, w) => sum + w.sure, 0) / Math.max(1, line.words.length)
    if (line.words.length > 1 && sure < 60 && line.words.every(w => w.sure < 85)) {
      const all = line.words.map(w => w.box)
      words.push({
        text: line.words.map(w => w.text.trim()).join(' '),
        sure,
        doubtful: true,
        box: {
          x0: Math.min(...all.map(b => b.x0)),
          y0: Math.min(...all.map(b => b.y0)),
          x1: Math.max(...all.map(b => b.x1)),
          y1: Math.max(...all.map(b => b.y1)),
        },
      })
      continue
    }
    line.words.forEach((word, i) => {
      const text = word.text.replace(/[|¦]/gu, 'l').trim()
      // Specks at the edge of a picture look like short words, and the recogniser hardly believes
      // them itself.
      if (word.sure < 40 && text.length < 3) return
      if (
        !/[\p{L}\p{N}(),;:.%&]/u.test(text) ||
        (!/[\p{L}\p{N}]/u.test(text) && word.sure < unsure)
      )
        return
      const last = words.at(-1)
      if (i === 0 && last && /\p{L}[-‐]$/u.test(last.text) && /^\p{Ll}/u.test(text))
        words[words.length - 1] = {
          ...last,
          text: last.text.slice(0, -1) + text,
          sure: Math.min(last.sure, word.sure),
          doubtful: last.doubtful || word.sure < unsure,
        }
      else
        words.push({
          text,
          box: word.box,
          sure: word.sure,
          doubtful: word.sure < unsure && /[\p{L}\p{N}]/u.test(text),
        })
    })
  }
  return words
}

/** The text that the words make, and where in it each stands. A clause begins a line of its own. */
export function labelText(words: readonly LabelWord[]): {
  readonly text: string
  readonly places: readonly (readonly [number, number])[]
} {
  let text = ''
  const places = words.map((word, i): [number, number] => {
    const isNewClause = clauseStart.test(word.text) && /[.)\]]$/u.test(text)
    if (i > 0) text += isNewClause ? '\n' : ' '
    text += word.text
    return [text.length - word.text.length, text.length]
  })
  return { text, places }
}
