/**
 * The usual cautions, each shown where what it speaks of is in the recipe. `when` names pantry ids or kinds ("kind:flour");
 * `unless` takes it back. Source: common safety advice for home kitchens [P].
 */
export interface CautionRow { readonly id: string, readonly when: readonly string[], readonly also?: readonly string[], readonly unless?: readonly string[], readonly says: string }

export const cautionRows: readonly CautionRow[] = [
  { id: 'raw-flour', when: ['kind:flour', 'kind:gluten-free-flour', 'kind:flour-mix'], unless: ['kind:egg'], says: 'Raw flour is not safe to eat because the eggs are gone: no tasting of the dough.' },
  { id: 'aquafaba', when: ['aquafaba'], says: 'Aquafaba only from a sound tin or freshly boiled beans; chilled up to 3 days. Count the salt of salted tins. Chickpea may cross-react with peanut and lupin.' },
  { id: 'honey', when: ['honey'], says: 'Honey is not for children under twelve months.' },
  { id: 'nuts', when: ['kind:nut', 'mixed-seeds'], says: 'Whole nuts and hard pieces: a choking risk for children under about five years.' },
  { id: 'dry-binders', when: ['psyllium', 'chia'], says: 'Chia and psyllium are never eaten dry: always with liquid.' },
  { id: 'alcohol', when: ['kind:alcohol'], says: 'Alcohol does not all bake out.' },
  { id: 'xylitol', when: ['xylitol'], says: 'Xylitol is poisonous to dogs.' },
  { id: 'oats', when: ['oat-drink', 'oat-cream', 'oat-yoghurt', 'oat-flakes', 'oat-flakes-certified', 'oat-flour'], says: 'Oats carry gluten by contact unless certified, and a few coeliacs do not tolerate oats at all.' },
  { id: 'coconut', when: ['coconut-milk', 'coconut-cream', 'coconut-oil', 'coconut-drink', 'desiccated-coconut', 'coconut-yoghurt', 'plant-condensed'], says: 'Coconut is its own entry here, not a tree nut: ask whoever avoids nuts.' },
  { id: 'dark-chocolate', when: ['kind:chocolate', 'kind:plant-chocolate', 'kind:cocoa'], says: 'Dark chocolate very often carries milk; “dairy-free” and “vegan” say nothing about traces.' },
  { id: 'plant-fat', when: ['plant-block', 'plant-spread', 'margarine'], says: 'Plant butters may hold soy, coconut, pea or cashew: read the statement each time, the same brand changes its recipe.' },
  { id: 'cold-fillings', when: ['kind:tofu', 'kind:plant-cream', 'kind:plant-sour', 'kind:cream', 'avocado'], says: 'Creams and custards: within two hours into the fridge, eaten within 2–3 days.' },
  { id: 'extracts', when: ['almond-extract', 'amaretto', 'marzipan', 'praline'], says: 'Extracts, liqueurs, marzipan and praline bring nuts.' },
  { id: 'coumarin', when: ['cinnamon'], says: 'Cassia cinnamon holds coumarin: the usual kitchen amounts only.' },
]

/** What to do about traces, said once when someone at the table avoids them. [P] */
export const crossContact = 'Bake this first, with clean tools: wooden spoons, sieves, graters, mats and tins hold traces. Wash with soap and hot water, cover it, keep it on the top shelf.'
