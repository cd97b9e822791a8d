import { pattern } from '../../measure'
import type { Rule } from '../findings'
import { parseLoosely } from './linked-data'
import { markup, readRecipe, readStated, type PageReading } from './page'

export type FileReading =
  | { readonly ok: true; readonly readings: readonly PageReading[] }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'empty' | 'binary' | 'house' | 'no-recipe' | 'too-large'
        readonly sentence: string
      }
    }

const refuse = (
  code: 'empty' | 'binary' | 'house' | 'no-recipe' | 'too-large',
  sentence: string,
): FileReading => ({ ok: false, problem: { code, sentence } })

/** How files begin that hold pages, archives or pictures, and characters that no text has. */
const beginningOfBinary = pattern(
  'u',
  String.raw`^(?:%PDF|PK\u0003\u0004|\u0089PNG|GIF8|\u00ff\u00d8)`,
)
const neverInText = pattern('gu', String.raw`[\u0000-\u0008\u000e-\u001f\ufffd]`)
const mostNeverInText = 1 / 50

/** No file of a recipe is larger, in characters. */
const largestFile = 12_000_000

/** Why a file holds no text that a recipe could be in; null where it may. */
function noText(name: string, content: string): FileReading | null {
  if (!content.trim()) return refuse('empty', `“${name}” is empty.`)
  if (content.length > largestFile)
    return refuse(
      'too-large',
      `“${name}” has ${Math.round(content.length / 1e6)} million characters. A recipe has ` +
        'a few thousand; is this the right file?',
    )
  const start = content.slice(0, 4000)
  const never = start.match(neverInText)?.length ?? 0
  return beginningOfBinary.test(start) || never > start.length * mostNeverInText
    ? refuse(
        'binary',
        `“${name}” is no text. A saved page, a text file or a photo of the card can be read.`,
      )
    : null
}
const isHouse = (data: unknown) =>
  typeof data === 'object' && data !== null && 'format' in data && data.format === 'ingwer-house'
function readData(name: string, content: string, further: readonly Rule[]): FileReading {
  const data = parseLoosely(content)
  if (isHouse(data))
    return refuse(
      'house',
      `“${name}” is a house file. Open it under “House file”; it brings a whole household along.`,
    )
  const readings = readStated(content, further)
  if (readings.length) return { ok: true, readings }
  return refuse(
    'no-recipe',
    data === undefined
      ? `“${name}” looks like data, but is broken: it cannot be read.`
      : `“${name}” holds data, but no recipe that is marked as one.`,
  )
}

/**
 * Every recipe of a file that was opened: a saved page, JSON-LD, Markdown or plain text, told by
 * what is in it and not by its name. Refuses with a sentence what is empty, no text, a house file,
 * or holds no recipe; nothing is kept then.
 */
export function readFile(
  name: string,
  content: string,
  further: readonly Rule[] = [],
): FileReading {
  const refused = noText(name, content)
  if (refused) return refused
  if (/^\s*[[{]/u.test(content)) return readData(name, content, further)
  const stated = markup.test(content) ? readStated(content, further) : []
  if (stated.length) return { ok: true, readings: stated }
  const reading = readRecipe(content, {}, further)
  if (!reading.recipe.components.some(c => c.lines.length))
    return refuse('no-recipe', `I found no ingredients in “${name}”.`)
  return { ok: true, readings: [{ ...reading, others: [], which: 0, keywords: [] }] }
}
