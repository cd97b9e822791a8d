import type { Pan } from './recipe'

const inch = 2.54

/** The bottom of the one tin that the text names, in cm²; null when it gives no size, when there are several, or for cups and loaf sizes. */
export function panArea({ text }: Pan): number | null {
  if (/\b(?:tins|pans|dishes|moulds|molds|trays|cases|ramekins|sheets|muffin|cupcake|loaf|ring|tube)\b/iu.test(text)) return null
  const found = /(\d{1,3}(?:[.,]\d+)?)\s*(cm|mm|-?\s*inch(?:es)?|in\.?|"|”)?\s*(?:(?:x|×|by)\s*(\d{1,3}(?:[.,]\d+)?)\s*)?(?:-|\s)*(cm|mm|inch(?:es)?|in\b\.?|"|”)?/iu.exec(text)
  const unit = found?.[2] ?? found?.[4]
  if (!found || !unit) return null
  const one = /mm/iu.test(unit) ? 0.1 : /cm/iu.test(unit) ? 1 : inch
  const [a, b] = [Number(found[1]!.replace(',', '.')) * one, found[3] ? Number(found[3].replace(',', '.')) * one : null]
  if (a < 8 || a > 60) return null
  return b ? a * b : /square/iu.test(text) ? a * a : Math.PI * a * a / 4
}
