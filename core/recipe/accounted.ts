import { listWords } from './tables/page-words'
import type { LaidPart } from './layout/layout'
import type { Span } from './recipe'

/** What became of a stretch of the text. */
type Place =
  | 'title'
  | 'line'
  | 'heading'
  | 'step'
  | 'fact'
  | 'remark'
  /** The number of a step, a bullet, a mark. */
  | 'numbering'
  /** Nobody knows: it is asked about. */
  | 'left over'

export interface PlacedSpan {
  readonly is: Place
  readonly from: Span
}

const places: Readonly<Record<LaidPart['is'], Place>> = {
  title: 'title',
  ingredient: 'line',
  step: 'step',
  fact: 'fact',
  other: 'left over',
  remark: 'remark',
  note: 'remark',
  ingredients: 'heading',
  steps: 'heading',
  notes: 'heading',
  component: 'heading',
}

const numbering = /^[\s\p{P}\p{S}]*(?:(?:step\s*)?\d{1,2})?[\s\p{P}\p{S}]*$/iu

/** What words are that stand in no part. */
function placeOf(words: string): Place {
  if (numbering.test(words)) return 'numbering'
  return listWords.test(words) ? 'heading' : 'left over'
}

/**
 * Where every piece of a text ended, in its order and without gaps that hold a letter or a digit:
 * what no part covers is a number of a step or left over. `masked` is the text without its marks.
 */
export function placesOf(text: string, parts: readonly LaidPart[], masked = text): PlacedSpan[] {
  const known = parts
    .flatMap(part => [part.from, ...(part.also ?? [])].map(from => ({ is: places[part.is], from })))
    .sort((a, b) => a.from[0] - b.from[0] || a.from[1] - b.from[1])
  const all: PlacedSpan[] = []
  let at = 0
  const gap = (to: number) => {
    const words = text.slice(at, to)
    if (!/[\p{L}\p{N}]/u.test(words)) return
    const lead = words.length - words.trimStart().length
    const seen = /[\p{L}\p{N}]/u.test(masked.slice(at, to))
    all.push({
      is: seen ? placeOf(words) : 'remark',
      from: [at + lead, at + words.trimEnd().length],
    })
  }
  for (const place of known) {
    gap(place.from[0])
    all.push(place)
    at = Math.max(at, place.from[1])
  }
  gap(text.length)
  return all
}

/** The share of a text's letters and digits that stand in a place, left-over ones included or not. */
export function accounted(
  text: string,
  all: readonly PlacedSpan[],
): { readonly of: number; readonly placed: number; readonly understood: number } {
  const signs = [...text.matchAll(/[\p{L}\p{N}]/gu)].map(hit => hit.index)
  const inside = (spans: readonly PlacedSpan[]) => {
    const cover = new Uint8Array(text.length + 1)
    for (const { from } of spans) cover.fill(1, from[0], from[1])
    return signs.filter(i => cover[i]).length
  }
  return {
    of: signs.length,
    placed: inside(all),
    understood: inside(all.filter(place => place.is !== 'left over')),
  }
}
