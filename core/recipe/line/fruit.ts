import { pattern, type Region } from '../../measure'
import { findMentions, partOfFruit, type Ingredient } from '../../pantry'

/** "Juice of", "finely grated zest of" at the start of a line. */
export const fruitLead = pattern(
  'iu',
  String.raw`^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(zest|juice|rind|peel)(?:\s+and\s+(?:juice|`,
  String.raw`zest))?\s+(?:of|from)\s+(?:the\s+)?`,
)

const fromFruit = pattern(
  'i',
  String.raw`\b(juice|saft|jus|zest|rind|peel|schale|abrieb|zeste)(?:\s+and\s+(?:juice|zest|`,
  String.raw`rind))?\s+(?:(?:of|from|von|einer|de)\b|d['’]|`,
  String.raw`(?=[\d½¼]|half\b|one\b|two\b))`,
)
const fruitThen = pattern(
  'i',
  String.raw`\b(lemons?|limes?|oranges?|clementines?|`,
  String.raw`grapefruits?)\b[^,;:(]*[,;:(–-]\s*(?:finely\s+)?(?:grated\s+)?(juiced?|zested|`,
  String.raw`zest|juice)(?:\s+only)?`,
)

/**
 * "Juice of half a lemon", "1 lime, zested": the part of the fruit that goes in. Zest and juice
 * together weigh as the juice.
 */
export function fruitPart(text: string, region: Region): Ingredient | null {
  const part = fromFruit.exec(text)?.[1] ?? fruitThen.exec(text)?.[2]
  if (!part) return null
  return partOfFruit(
    findMentions(text, region).mentions,
    /zest|rind|peel|schale|abrieb/iu.test(part) && !/juice|saft|jus\b/iu.test(text)
      ? 'zest'
      : 'juice',
  )
}
