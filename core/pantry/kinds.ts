import type { Kind } from './ingredient'

/** What each kind is called where a baker chooses one. */
export const kindNames: Readonly<Record<Kind, string>> = {
  'egg': 'whole egg', 'egg-white': 'egg white', 'egg-yolk': 'egg yolk', 'egg-product': 'dried or other egg',
  'butter': 'butter', 'hard-fat': 'firm fat', 'oil': 'oil', 'plant-block': 'block plant butter', 'plant-spread': 'plant spread',
  'milk': 'milk', 'sour-milk': 'soured milk, yoghurt', 'cream': 'cream', 'fresh-cheese': 'fresh cheese', 'cheese': 'cheese', 'condensed-milk': 'condensed milk', 'milk-powder': 'milk powder',
  'plant-drink': 'plant drink', 'plant-sour': 'plant yoghurt', 'plant-cream': 'plant cream', 'plant-cheese': 'plant fresh cheese', 'plant-condensed': 'condensed plant drink', 'tofu': 'tofu',
  'flour': 'flour with gluten', 'gluten-free-flour': 'flour without gluten', 'flour-mix': 'gluten-free flour mix', 'starch': 'starch', 'flakes': 'flakes',
  'sugar': 'sugar', 'syrup': 'syrup', 'honey': 'honey', 'chocolate': 'chocolate', 'plant-chocolate': 'dairy-free chocolate', 'cocoa': 'cocoa',
  'nut': 'nut', 'nut-flour': 'ground nuts', 'nut-butter': 'nut or seed butter', 'seed': 'seed', 'coconut': 'coconut',
  'fruit': 'fruit or vegetable', 'puree': 'purée', 'dried-fruit': 'dried fruit', 'jam': 'jam', 'juice': 'juice', 'legume': 'beans, peas',
  'leaven': 'leavener', 'acid': 'acid', 'yeast': 'yeast', 'binder': 'binder', 'gel': 'setting agent', 'salt': 'salt', 'spice': 'spice or herb', 'flavour': 'flavour',
  'water': 'water or drink', 'alcohol': 'alcohol', 'ready-made': 'bought ready-made', 'decoration': 'decoration or sweet',
}
