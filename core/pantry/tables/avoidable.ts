/**
 * What a person may avoid, as a tree: an entry under `in` belongs to those groups, so that avoiding the group avoids it.
 * Sources: [L-EU] Regulation 1169/2011 Annex II; [L-US] FALCPA and FASTER; [P] asked about in kitchens, in no law's list;
 * [D] wanted by a diet, not an allergen.
 */
export interface AvoidableRow {
  readonly id: string
  readonly name: string
  readonly in?: readonly string[]
  readonly source: string
}

export const avoidableRows: readonly AvoidableRow[] = [
  { id: 'milk', name: 'milk', source: '[L-EU] [L-US]' },
  { id: 'egg', name: 'egg', source: '[L-EU] [L-US]' },
  { id: 'gluten', name: 'gluten', source: '[L-EU] cereals containing gluten' },
  { id: 'wheat', name: 'wheat', in: ['gluten'], source: '[L-EU] [L-US]' },
  { id: 'rye', name: 'rye', in: ['gluten'], source: '[L-EU]' },
  { id: 'barley', name: 'barley', in: ['gluten'], source: '[L-EU]' },
  { id: 'oat', name: 'oats', in: ['gluten'], source: '[L-EU]; certified oats are for most coeliacs [P]' },
  { id: 'tree-nut', name: 'tree nuts', source: '[L-EU] [L-US]' },
  { id: 'almond', name: 'almond', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'hazelnut', name: 'hazelnut', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'walnut', name: 'walnut', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'cashew', name: 'cashew', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'pecan', name: 'pecan', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'pistachio', name: 'pistachio', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'brazil', name: 'Brazil nut', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'macadamia', name: 'macadamia', in: ['tree-nut'], source: '[L-EU] [L-US]' },
  { id: 'pine', name: 'pine nut', in: ['tree-nut'], source: '[P]; not in [L-EU]' },
  { id: 'chestnut', name: 'chestnut', source: '[P]; in no list' },
  { id: 'legume', name: 'legumes', source: '[P] group: may cross-react with peanut' },
  { id: 'peanut', name: 'peanut', in: ['legume'], source: '[L-EU] [L-US]' },
  { id: 'soy', name: 'soy', in: ['legume'], source: '[L-EU] [L-US]' },
  { id: 'lupin', name: 'lupin', in: ['legume'], source: '[L-EU]' },
  { id: 'chickpea', name: 'chickpea', in: ['legume'], source: '[P]' },
  { id: 'pea', name: 'pea', in: ['legume'], source: '[P]' },
  { id: 'bean', name: 'beans and lentils', in: ['legume'], source: '[P]' },
  { id: 'seed', name: 'seeds', source: '[P] group' },
  { id: 'sesame', name: 'sesame', in: ['seed'], source: '[L-EU] [L-US]' },
  { id: 'flax', name: 'flax (linseed)', in: ['seed'], source: '[P]' },
  { id: 'chia', name: 'chia', in: ['seed'], source: '[P]' },
  { id: 'sunflower', name: 'sunflower seed', in: ['seed'], source: '[P]' },
  { id: 'pumpkin-seed', name: 'pumpkin seed', in: ['seed'], source: '[P]' },
  { id: 'poppy', name: 'poppy seed', in: ['seed'], source: '[P]' },
  { id: 'hemp', name: 'hemp seed', in: ['seed'], source: '[P]' },
  { id: 'mustard', name: 'mustard', in: ['seed'], source: '[L-EU]' },
  { id: 'psyllium', name: 'psyllium', source: '[P]' },
  { id: 'coconut', name: 'coconut', source: '[P]; its own entry' },
  { id: 'corn', name: 'maize (corn)', source: '[P]' },
  { id: 'celery', name: 'celery', source: '[L-EU]' },
  { id: 'sulphite', name: 'sulphites', source: '[L-EU] above 10 mg/kg' },
  { id: 'fish', name: 'fish', source: '[L-EU] [L-US]' },
  { id: 'shellfish', name: 'shellfish', source: '[L-US] group' },
  { id: 'crustacean', name: 'crustaceans', in: ['shellfish'], source: '[L-EU] [L-US]' },
  { id: 'mollusc', name: 'molluscs', in: ['shellfish'], source: '[L-EU]' },
  { id: 'buckwheat', name: 'buckwheat', source: '[P]; no wheat' },
  { id: 'banana', name: 'banana', source: '[P]' },
  { id: 'cocoa', name: 'cocoa', source: '[P]' },
  { id: 'honey', name: 'honey', source: '[D] vegan' },
  { id: 'gelatine', name: 'gelatine', source: '[D] vegan, vegetarian' },
  { id: 'animal-fat', name: 'lard and suet', source: '[D] vegan, vegetarian' },
  { id: 'insect-colour', name: 'carmine and shellac', source: '[D] vegan, vegetarian' },
  { id: 'beeswax', name: 'beeswax', source: '[D] vegan' },
  { id: 'animal-other', name: 'other animal substances', source: '[D] vegan, vegetarian: rennet, L-cysteine, bone phosphate, animal stearates [M]' },
  { id: 'rennet', name: 'animal rennet', in: ['animal-other'], source: '[D] vegan, vegetarian' },
  { id: 'pork', name: 'pork', source: '[D]; gelatine and lard are often of it' },
  { id: 'beef', name: 'beef', source: '[D]; gelatine, suet and dripping are often of it' },
  { id: 'bone-char', name: 'sugar whitened over bone char', source: '[D] vegan; refining practice of some cane sugar [M]' },
  { id: 'alcohol', name: 'alcohol', source: '[D]' },
]
