import { findMentions, ingredientById, type Ingredient } from '../pantry'
import { isInside, type FamilyRow } from '../formula'
import type { Region } from '../measure'
import type { Component, Line } from '../recipe'
import { isBlocked, type Table } from './allowed'
import { questionOf, type Question } from './school'

/** A line that cannot stay as it is, and why: it leaves, only its words do, or one of its alternatives is taken. */
export type Leaving =
  | { readonly how: 'leaves', readonly line: Line, readonly ingredient: Ingredient, readonly question: Question }
  | { readonly how: 'rewords', readonly line: Line, readonly ingredient: Ingredient }
  | { readonly how: 'picks', readonly line: Line, readonly alternative: Line }
  | { readonly how: 'narrows', readonly line: Line }

/** Is anything that this line holds, by its ingredient or by its words, kept away from this table? */
export function isLineBlocked(line: Line, table: Table, region: Region): boolean {
  const own = line.ingredient ? ingredientById(line.ingredient) : undefined
  const reading = line.evidence.by === 'baker' ? null : findMentions(line.text, region)
  if (own && isBlocked(own, table, reading?.claims)) return true
  const alternatives = line.orElse.map(alt => alt.text)
  return reading?.mentions.some(m => !alternatives.some(text => text.includes(m.words)) && isBlocked(m.ingredient, table, reading.claims)) ?? false
}

const isOwnBlocked = (line: Line, table: Table, region: Region) => {
  const own = line.ingredient ? ingredientById(line.ingredient) : undefined
  return own !== undefined && isBlocked(own, table, line.evidence.by === 'baker' ? [] : findMentions(line.text, region).claims)
}

/** What of a component cannot stay. Lines whose ingredient is unknown stay where they are; the check will say so. */
export function leavingOf(component: Component, family: FamilyRow, table: Table, region: Region): Leaving[] {
  return component.lines.flatMap((line): Leaving[] => {
    const own = line.ingredient ? ingredientById(line.ingredient)! : null
    const blocked = isLineBlocked(line, table, region)
    if (!blocked) return line.orElse.some(alt => isLineBlocked(alt, table, region)) ? [{ how: 'narrows', line }] : []
    const alternative = line.orElse.find(alt => alt.ingredient && !alt.unread.length && !isLineBlocked(alt, table, region))
    if (alternative) return [{ how: 'picks', line, alternative }]
    if (!own) return []
    if (!isOwnBlocked(line, table, region)) return [{ how: 'rewords', line, ingredient: own }]
    const wash = own.kind.startsWith('egg') && (line.purpose === 'brush' || family.id === 'egg-wash' || /wash/iu.test(line.text))
    return [{ how: 'leaves', line, ingredient: own, question: wash ? 'egg-wash' : questionOf[own.kind] ?? 'flavour' }]
  })
}

/** May the dessert do without it: said to be optional, only for the plate, or small and there for taste or bite alone? */
export function mayBeLeftOut(line: Line, ingredient: Ingredient, batch: number): boolean {
  if (line.optional || line.purpose === 'serve' || line.purpose === 'decorate' || line.purpose === 'taste') return true
  const small = ['nut', 'seed', 'decoration', 'flavour', 'spice', 'fruit', 'dried-fruit', 'coconut', 'alcohol', 'salt', 'milk-powder', 'gel'].includes(ingredient.kind)
  return small && isInside(line) && (line.grams?.best ?? 0) <= 0.15 * batch
}
