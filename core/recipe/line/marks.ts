import { pattern } from '../../measure'

/** What stands in a line for the page and not for the dish. */

const unseen =
  /\u00ad|[\u200b\u200c]|\u200d|[\u200e\u200f\u202a-\u202e\u2060\u2066-\u2069]|\ufe0e|\ufe0f|\ufeff/gu
const picture = /\p{Extended_Pictographic}|[\u{1f1e6}-\u{1f1ff}]|[\u{1f3fb}-\u{1f3ff}]|\u20e3/gu
const tag = /<\/?[a-z][^<>]{0,80}>/giu
const raised = /[¹²³⁴⁵⁶⁷⁸⁹⁰†‡]+(?=$|[\s,.;)])/gu
const reference = pattern(
  'giu',
  String.raw`[[(]\s*(?:see\s+)?(?:foot)?notes?\s*\d*\s*[\])]|\[\d{1,2}\]`,
)
/** "**200 g**", "_50 g_", "\`x\`": marks around words. */
const emphasis = /(?<![\p{L}\d])(\*\*|__|~~|`|\*|_)(?=\S)(.*?\S)\1(?![\p{L}\d])/gu
const stars = /\*+/gu
const bullet = pattern(
  'iu',
  String.raw`^[\s\u00a0]*(?:[-–—*•·▪▫●○▢□☐☑✓✔✅◦‣➤►▸>]+\s+|[•▪●▢□☐☑✅◦‣·➤►▸]\s*|\[[ x]?\]\s*|`,
  String.raw`(?:\d{1,2}|[a-h])[.)]\s+(?=\S)|#+\s+)`,
)

/** The text with the marks of a page taken off: emphasis, tags, pictures, notes, one blank for any. */
const withoutMarks = (text: string): string =>
  text
    .replace(unseen, '')
    .replace(tag, ' ')
    .replace(picture, ' ')
    .replace(raised, '')
    .replace(reference, ' ')
    .replace(emphasis, '$2')
    .replace(stars, ' ')
    .replace(/[\s\u00a0\u2000-\u200a\u202f\u205f\u3000]+/gu, ' ')
    .trim()

/**
 * An ingredient line without its bullet, tick box, number, marks, leaders ("Sugar ..... 200 g")
 * and last colon.
 */
export const bareLine = (source: string): string =>
  withoutMarks(withoutMarks(source.replace(unseen, '').replace(bullet, '')).replace(bullet, ''))
    .replace(/\s*\.{3,}\s*(?=\d)/gu, ' – ')
    .replace(/^["“”„«]+|["“”»]+$/gu, '')
    .replace(/\s*[:;]$/u, '')
