import { ingredientById } from './lookup'
import type { Ingredient } from './ingredient'

/**
 * How much fat firm plant fats are reckoned with, and the same fat with what its packet says. Asked
 * by the swap page, where blocks and tubs differ most.
 */

const byPacket = 'fat by the packet, entered in this house; else '

/** The fat in 100 g of those ids that are a firm plant fat. Others are left out. */
export const plantFats = (
  ids: readonly string[],
): readonly { readonly id: string; readonly name: string; readonly fat: number }[] =>
  ids.flatMap(id => {
    const item = ingredientById(id)
    return item?.kind === 'plant-block' ? [{ id, name: item.name, fat: item.per100.fat }] : []
  })

/** The same ingredient with `fat` g in 100 g; its water gives way. Null for an unknown id. */
export function withFat(id: string, fat: number): Ingredient | null {
  const item = ingredientById(id)
  if (!item) return null
  const { per100, source } = item
  const water = Math.max(0, per100.water + per100.fat - fat)
  const before = source.startsWith(byPacket) ? source.slice(byPacket.length) : source
  return { ...item, per100: { ...per100, fat, water }, source: `${byPacket}${before}` }
}
