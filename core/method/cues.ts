import type { Span } from '../recipe'
import { cueWords, type CueKind } from './tables/cues'
import { isJoint, isManner } from './verbs'
import { wordsIn } from './words'

/** What a doing goes on until: its words, and the looks that they name. */
export interface Cue {
  readonly span: Span
  readonly text: string
  readonly kinds: ReadonlySet<CueKind>
}

const kindsOf: ReadonlyMap<string, readonly CueKind[]> = new Map(
  Object.entries(cueWords).flatMap(([kind, words]) =>
    words.split(' ').map(word => [word, [kind as CueKind]] as const),
  ),
)

/** "Until light and gradually [beat in …]": what joins the next doing is none of the cue. */
function withoutJoint(text: string): string {
  const words = wordsIn(text)
  const joint = words.findLastIndex(word => isJoint(word.is))
  const isLast = joint > 0 && words.slice(joint + 1).every(word => isManner(word.is))
  return isLast ? text.slice(0, words[joint - 1]!.end) : text.trimEnd()
}

/** "Until thick, pale and doubled in volume": the looks that a list goes on with. */
function withList(text: string, [from, to]: Span): Span {
  const next = listed.exec(text.slice(to))
  const word = next?.[1]?.toLowerCase()
  return word && kindsOf.has(word) ? withList(text, [from, to + next![0].length]) : [from, to]
}
const listed = /^,\s+(?:and\s+)?(?:very\s+|quite\s+)?([\p{L}-]+)\b[^.;,]*/u

/** The cue of a clause: the first of its step that begins in it, up to the clause's end. */
export function cueOf(
  cues: readonly { readonly span: Span; readonly text: string }[],
  text: string,
  [from, to]: Span,
): Cue | null {
  const cue = cues.find(({ span }) => span[0] >= from && span[0] < to)
  if (!cue) return null
  const [start, end] = withList(text, cue.span)
  const said = end > to ? withoutJoint(text.slice(start, to)) : text.slice(start, end).trimEnd()
  return {
    span: [start, start + said.length],
    text: said,
    kinds: new Set(wordsIn(said).flatMap(word => kindsOf.get(word.is) ?? [])),
  }
}
