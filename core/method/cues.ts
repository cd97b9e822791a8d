import type { Span } from '../recipe'
import { cueWords, type CueKind } from './tables/cues'
import { beforeVerb } from './tables/verbs'
import { wordsIn } from './words'

/** What a doing goes on until: its words, and the looks that they name. */
export interface Cue {
  readonly span: Span
  readonly text: string
  readonly kinds: ReadonlySet<CueKind>
}

const joints: ReadonlySet<string> = new Set(['and', 'then', 'or'])

const kindsOf: ReadonlyMap<string, readonly CueKind[]> = new Map(
  Object.entries(cueWords).flatMap(([kind, words]) =>
    words.split(' ').map(word => [word, [kind as CueKind]] as const),
  ),
)

/** "Until light and gradually [beat in …]": what joins the next doing is none of the cue. */
function ownWords(text: string): string {
  const words = wordsIn(text)
  let last = words.length
  while (last > 1 && isLead(words[last - 1]!.is)) last--
  return last === words.length ? text.trimEnd() : text.slice(0, words[last - 1]!.end)
}
const isLead = (word: string): boolean =>
  joints.has(word) || beforeVerb.has(word) || /..ly$/u.test(word)

/** The cue of a clause: the first of its step that begins in it, up to the clause's end. */
export function cueOf(
  cues: readonly { readonly span: Span; readonly text: string }[],
  text: string,
  [from, to]: Span,
): Cue | null {
  const cue = cues.find(({ span }) => span[0] >= from && span[0] < to)
  if (!cue) return null
  const [start] = cue.span
  const said = ownWords(text.slice(start, Math.min(cue.span[1], to)))
  return {
    span: [start, start + said.length],
    text: said,
    kinds: new Set(wordsIn(said).flatMap(word => kindsOf.get(word.is) ?? [])),
  }
}
