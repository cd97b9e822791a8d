/** Doses above which bakers notice something: of flour, of the part, or an egg that left; with the usual most. [M] the engine study; [P] */
export interface DoseRisk {
  readonly ingredients: readonly string[]
  readonly of: 'flour' | 'batch' | 'egg'
  readonly usual: number
  readonly says: string
  readonly source: string
}

export const doseRisks: readonly DoseRisk[] = [
  { ingredients: ['psyllium'], of: 'flour', usual: 0.025, says: 'gummy', source: '[M] the engine study' },
  { ingredients: ['xanthan', 'guar'], of: 'flour', usual: 0.01, says: 'slimy and tight', source: '[M] the engine study' },
  { ingredients: ['flax'], of: 'flour', usual: 0.1, says: 'heavy, with a grassy taste', source: '[M] the engine study, 8 % of the dry matter' },
  { ingredients: ['chia'], of: 'flour', usual: 0.08, says: 'heavy, with seeds to be felt', source: '[M] the engine study, 6 % of the dry matter' },
  { ingredients: ['maize-starch', 'potato-starch', 'tapioca-starch', 'arrowroot'], of: 'egg', usual: 12, says: 'dry and crumbly the next day', source: '[M] the engine study, 12 g an egg' },
  { ingredients: ['chickpea-flour'], of: 'egg', usual: 20, says: 'beany', source: '[M] the engine study, 20 g an egg' },
  { ingredients: ['soy-flour'], of: 'egg', usual: 15, says: 'beany and brown', source: '[M] the engine study, 15 g an egg' },
  { ingredients: ['aquafaba'], of: 'egg', usual: 45, says: 'hollow and dry', source: '[P] 3 Tbsp an egg' },
  { ingredients: ['silken-tofu', 'soy-yoghurt', 'coconut-yoghurt'], of: 'egg', usual: 65, says: 'dense and damp', source: '[M] the engine study, 65 g an egg' },
  { ingredients: ['apple-puree', 'banana', 'pumpkin-puree'], of: 'batch', usual: 0.15, says: 'dense and damp', source: '[M] the engine study, 130 g of fruit in a recipe' },
  { ingredients: ['baking-powder'], of: 'flour', usual: 0.065, says: 'bitter, and it may rise and fall back', source: '[M] the engine study' },
  { ingredients: ['baking-soda'], of: 'flour', usual: 0.025, says: 'soapy', source: '[P] ¼ tsp a cup with its acid' },
  { ingredients: ['agar'], of: 'batch', usual: 0.008, says: 'rubbery', source: '[M] 0.8 % of the batch' },
]
