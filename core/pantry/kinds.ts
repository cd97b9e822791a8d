import type { Kind } from './ingredient'

/** Sets of kinds that several stages speak of. Common practice. */
export const flourKinds: readonly Kind[] = ['flour', 'gluten-free-flour', 'flour-mix']
/** What a dough's proportions are reckoned on: flours and rolled grain. */
export const grainKinds: readonly Kind[] = [...flourKinds, 'flakes']
export const fatKinds: readonly Kind[] = [
  'oil',
  'plant-block',
  'butter',
  'plant-spread',
  'hard-fat',
]
export const plainSugarKinds: readonly Kind[] = ['sugar', 'syrup', 'honey']
/** Everything that is sweetened with, milk boiled down with sugar too. */
export const sweetKinds: readonly Kind[] = [...plainSugarKinds, 'condensed-milk', 'plant-condensed']
/** Eggs as they come out of a shell. */
export const freshEggKinds: readonly Kind[] = ['egg', 'egg-white', 'egg-yolk']

/** What each kind is called where a baker chooses one. */
export const kindNames: Readonly<Record<Kind, string>> = {
  'egg': 'whole egg',
  'egg-white': 'egg white',
  'egg-yolk': 'egg yolk',
  'egg-product': 'dried or other egg',
  'butter': 'butter',
  'hard-fat': 'firm fat',
  'oil': 'oil',
  'plant-block': 'block plant butter',
  'plant-spread': 'plant spread',
  'milk': 'milk',
  'sour-milk': 'soured milk, yoghurt',
  'cream': 'cream',
  'fresh-cheese': 'fresh cheese',
  'cheese': 'cheese',
  'condensed-milk': 'condensed milk',
  'milk-powder': 'milk powder',
  'plant-drink': 'plant drink',
  'plant-sour': 'plant yoghurt',
  'plant-cream': 'plant cream',
  'plant-cheese': 'plant fresh cheese',
  'plant-condensed': 'condensed plant drink',
  'tofu': 'tofu',
  'flour': 'flour with gluten',
  'gluten-free-flour': 'flour without gluten',
  'flour-mix': 'gluten-free flour mix',
  'starch': 'starch',
  'flakes': 'flakes',
  'sugar': 'sugar',
  'syrup': 'syrup',
  'honey': 'honey',
  'chocolate': 'chocolate',
  'plant-chocolate': 'dairy-free chocolate',
  'cocoa': 'cocoa',
  'nut': 'nut',
  'nut-flour': 'ground nuts',
  'nut-butter': 'nut or seed butter',
  'seed': 'seed',
  'coconut': 'coconut',
  'fruit': 'fruit or vegetable',
  'puree': 'purée',
  'dried-fruit': 'dried fruit',
  'jam': 'jam',
  'juice': 'juice',
  'legume': 'beans, peas',
  'leaven': 'leavener',
  'acid': 'acid',
  'yeast': 'yeast',
  'binder': 'binder',
  'gel': 'setting agent',
  'salt': 'salt',
  'spice': 'spice or herb',
  'flavour': 'flavour',
  'water': 'water or drink',
  'alcohol': 'alcohol',
  'ready-made': 'bought ready-made',
  'decoration': 'decoration or sweet',
}
