import { pattern } from '../../measure'

/**
 * The marks of a page or an editor taken off a text without moving a letter: every mark becomes as
 * many blanks, so that places stay. A keycap becomes a number with its point, a line that is bold
 * as a whole a heading mark.
 */

const blanks = (text: string) => ' '.repeat(text.length)
const keycap = /([0-9])\ufe0f?\u20e3/gu
const picture =
  /\p{Extended_Pictographic}|[\u{1f1e6}-\u{1f1ff}]|[\u{1f3fb}-\u{1f3ff}]|\u200d|\ufe0e|\ufe0f|\u20e3/gu
/** Pictures that are letters or signs of recipes all the same. */
const kept = /[©®™↔-⇿☐☑✓✔▪▫◾◽]/u
const boldLine = /^([^\S\n]*)(\*\*|__)(?=\S)([^*_\n]{1,80}?)\2(:?)([^\S\n]*)$/gmu
const emphasis =
  /(?<![\p{L}\d*_])(\*{1,3}|_{1,3}|~~|`)(?=\S)([^\n]{1,200}?)(?<=\S)\1(?![\p{L}\d*_])/gu
const tag = /<\/?(?:b|i|em|strong|u|span|sup|sub|small|mark|font|br)\b[^<>\n]{0,120}>/giu
const tableRule = /^[\s|:-]*-{2,}[\s|:-]*$/gmu
const tableRow = /^[^\S\n]*\|[^\n]*\|[^\S\n]*$/gmu
const hashTags = /(?<![\p{L}\p{N}&])#[\p{L}_][\p{L}\p{N}_]*/gu
/** "> " before quoted lines, "[12/03, 18:22] Ann:" before messages. */
const quoted = /^[^\S\n]*(?:>[^\S\n]?)+/gmu
const message = pattern(
  'gmu',
  String.raw`^[^\S\n]*\[?\d{1,2}[./-]\d{1,2}(?:[./-]\d{2,4})?,?\s+\d{1,2}:\d{2}(?::\d{2})?`,
  String.raw`\]?\s*(?:-\s*)?[^:\n]{1,40}:`,
)
const rule = /^[^\S\n]*(?:[-*_=~•·]\s?){3,}$/gmu

/** A line longer than people write has no marks that are worth looking for; looking stays linear. */
const longestMarked = 4000

const maskLine = (line: string): string =>
  line.length > longestMarked
    ? line
    : line
        .replace(rule, blanks)
        .replace(quoted, blanks)
        .replace(message, blanks)
        .replace(boldLine, (_hit, ...parts) => {
          const [lead, mark, words, colon, tail] = parts as string[]
          return `${lead}# ${words}${blanks(mark!)}${colon}${tail}`
        })
        .replace(
          emphasis,
          (_hit, mark: string, words: string) => `${blanks(mark)}${words}${blanks(mark)}`,
        )
        .replace(tag, blanks)
        .replace(tableRule, blanks)
        .replace(tableRow, hit => hit.replace(/\|/gu, ' '))

export const maskMarks = (text: string): string =>
  text
    .replace(keycap, (hit, n: string) => (n + '. ' + blanks(hit)).slice(0, hit.length))
    .replace(picture, hit => (kept.test(hit) ? hit : blanks(hit)))
    .replace(hashTags, blanks)
    .split('\n')
    .map(maskLine)
    .join('\n')
