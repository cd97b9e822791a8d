import type { Material } from '../tin'

/** `takesIn`: share of the oven's radiation; `wall`: m² K/W of the wall itself, its thickness over what it conducts. */
export interface MaterialRow {
  readonly id: Material
  readonly name: string
  readonly takesIn: number
  readonly wall: number
  readonly says: string
  readonly source: string
}

export const materialRows: readonly MaterialRow[] = [
  { id: 'dull', name: 'dull metal', takesIn: 0.6, wall: 0, says: '', source: '[M] emissivity of used aluminium and tinned steel' },
  { id: 'shiny', name: 'shiny metal', takesIn: 0.1, wall: 0, says: 'Shiny metal throws the oven’s heat back: it takes longer, and browns less below.', source: '[M]' },
  { id: 'dark', name: 'dark metal', takesIn: 0.9, wall: 0, says: 'Dark metal bakes faster from below: look earlier, or set the oven 10–15 °C lower.', source: '[M]' },
  { id: 'glass', name: 'glass', takesIn: 0.9, wall: 0.005, says: 'Glass warms slowly and holds its heat: it bakes on for some minutes outside the oven.', source: '[M] 5 mm at 1 W/(m K)' },
  { id: 'ceramic', name: 'ceramic', takesIn: 0.9, wall: 0.007, says: 'Ceramic warms slowly and holds its heat: it bakes on for some minutes outside the oven.', source: '[M] 8 mm at 1.2 W/(m K)' },
  { id: 'silicone', name: 'silicone', takesIn: 0.9, wall: 0.0075, says: 'Silicone holds heat back and browns little; set it on a metal tray.', source: '[M] 1.5 mm at 0.2 W/(m K)' },
  { id: 'iron', name: 'cast iron', takesIn: 0.9, wall: 0.0001, says: 'Cast iron goes on baking when it is out: take the bake out of it, or out of the oven a little earlier.', source: '[M]' },
  { id: 'paper', name: 'paper mould', takesIn: 0.8, wall: 0.003, says: '', source: '[M] 0.3 mm of card and its air' },
]
const byId = new Map(materialRows.map(row => [row.id, row]))
export const materialOf = (id: Material): MaterialRow => byId.get(id)!
