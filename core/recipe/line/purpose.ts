import { pattern } from '../../measure'
import type { Purpose } from '../recipe'

const purposes: readonly (readonly [Purpose, RegExp])[] = [
  [
    'pan',
    pattern(
      'i',
      String.raw`\b(?:(?:for|to)\s+(?:greas\w+|the\s+(?:tin|pan|dish|tray|mou?ld|basin|ramekin|`,
      String.raw`sheet|griddle)s?|(?:butter|lin)\w*\s+the|coat(?:ing)?\s+the\s+(?:tin|pan))|`,
      String.raw`for\s+(?:the\s+)?(?:tin|pan|dish|tray|basin|ramekin)s?|for\s+(?:deep[\s-]*|`,
      String.raw`shallow[\s-]*)?frying)\b`,
    ),
  ],
  ['dust', /\b(?:(?:for|to)\s+(?:dust|roll|knead|flour)\w*)\b/i],
  ['brush', /\b(?:(?:for|to)\s+(?:brush|glaz|wash|seal)\w*)\b/i],
  ['serve', /\b(?:(?:to|for)\s+serv\w*|for\s+serving)\b/i],
  ['decorate', /\b(?:(?:to|for)\s+(?:decorat|finish|garnish|sprinkl|top|scatter)\w*)\b/i],
  ['taste', /\b(?:to\s+taste|as\s+needed|as\s+required|if\s+needed|a\s+little|some)\b/i],
]
/** What the whole line is for. */
export function purposeOf(main: string, measured: boolean): Purpose | null {
  const purpose = purposes.find(([, pattern]) => pattern.test(main))?.[0] ?? null
  return purpose === 'taste' && measured ? null : purpose
}
