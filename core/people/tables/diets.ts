/**
 * Diets as rules over the pantry. `butAsk` are ingredients that the diet allows when the packet says so (certified oats
 * for coeliacs). Sources: [P] common practice; [L] gluten-free is at most 20 mg/kg, EU 828/2014.
 */
export interface DietRow { readonly id: string, readonly name: string, readonly avoids: readonly string[], readonly level: 'ingredient' | 'trace', readonly butAsk: readonly string[], readonly source: string }

export const dietRows: readonly DietRow[] = [
  { id: 'vegan', name: 'vegan', avoids: ['milk', 'egg', 'honey', 'gelatine', 'animal-fat', 'insect-colour', 'fish', 'shellfish'], level: 'ingredient', butAsk: [], source: '[P]' },
  { id: 'vegetarian', name: 'vegetarian', avoids: ['gelatine', 'animal-fat', 'insect-colour', 'fish', 'shellfish'], level: 'ingredient', butAsk: [], source: '[P]' },
  { id: 'coeliac', name: 'coeliac', avoids: ['gluten'], level: 'trace', butAsk: ['oat-flakes-certified'], source: '[L]' },
  { id: 'no-alcohol', name: 'no alcohol', avoids: ['alcohol'], level: 'ingredient', butAsk: [], source: '[P]' },
]
