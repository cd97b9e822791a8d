/**
 * What the milks and pastes of plants are called (not their creams, yoghurts and butters: a coconut yoghurt may be milk with coconut): the words of each language around the plant's name ("leite de …",
 * "…melk"), and the plants with what they bring. No animal's milk is in any of them. [P]; names of the fourteen [L].
 */
export interface PlantWords {
  /** Words before the plant's name. */ readonly before: readonly string[]
  /** Endings that are written together with it. */ readonly ends: readonly string[]
  /** Avoidable id (or none), and the plant's names. */
  readonly plants: Readonly<Record<string, string>>
}

export const plantWords: readonly PlantWords[] = [
  {
    before: ['lait de', 'lait d', 'boisson de', 'boisson d', 'purée de', 'purée d'],
    ends: [],
    plants: {
      'almond': 'amande | amandes',
      'oat': 'avoine',
      'soy': 'soja',
      '': 'riz | chanvre | pois',
      'hazelnut': 'noisette | noisettes',
      'coconut': 'coco | noix de coco',
      'cashew': 'cajou | noix de cajou',
      'peanut': 'arachide | arachides | cacahuète | cacahuètes',
      'pistachio': 'pistache | pistaches',
      'walnut': 'noix',
      'sesame': 'sésame',
    },
  },
  {
    before: ['latte di', 'bevanda di'],
    ends: [],
    plants: {
      'almond': 'mandorla | mandorle',
      'oat': 'avena',
      'soy': 'soia',
      '': 'riso | canapa | piselli',
      'hazelnut': 'nocciola | nocciole',
      'coconut': 'cocco',
      'cashew': 'anacardi | anacardio',
      'peanut': 'arachidi | arachide',
      'pistachio': 'pistacchio | pistacchi',
      'walnut': 'noci',
      'sesame': 'sesamo',
    },
  },
  {
    before: ['leche de', 'bebida de'],
    ends: [],
    plants: {
      'almond': 'almendra | almendras',
      'oat': 'avena',
      'soy': 'soja',
      '': 'arroz | cáñamo | guisante',
      'hazelnut': 'avellana | avellanas',
      'coconut': 'coco',
      'cashew': 'anacardo | anacardos',
      'peanut': 'cacahuete | cacahuetes | maní',
      'pistachio': 'pistacho | pistachos',
      'walnut': 'nuez | nueces',
      'sesame': 'sésamo',
    },
  },
  {
    before: ['leite de', 'bebida de'],
    ends: [],
    plants: {
      'almond': 'amêndoa | amêndoas',
      'oat': 'aveia',
      'soy': 'soja',
      '': 'arroz | cânhamo | ervilha',
      'hazelnut': 'avelã | avelãs',
      'coconut': 'coco',
      'cashew': 'caju',
      'peanut': 'amendoim',
      'pistachio': 'pistácio | pistácios',
      'walnut': 'noz | nozes',
      'sesame': 'sésamo',
    },
  },
  {
    before: [],
    ends: ['melk', 'drank', 'pasta'],
    plants: {
      almond: 'amandel',
      oat: 'haver',
      soy: 'soja',
      hazelnut: 'hazelnoot | hazelnoten',
      coconut: 'kokos',
      cashew: 'cashew',
      pistachio: 'pistache',
      walnut: 'walnoot | walnoten',
      sesame: 'sesam',
    },
  },
  {
    before: [],
    ends: ['milch', 'drink', 'mus'],
    plants: {
      almond: 'mandel',
      oat: 'hafer',
      soy: 'soja',
      hazelnut: 'haselnuss | haselnuß',
      coconut: 'kokos',
      cashew: 'cashew',
      peanut: 'erdnuss | erdnuß',
      pistachio: 'pistazien',
      walnut: 'walnuss',
      sesame: 'sesam',
    },
  },
]

/** Behind a joined word's other pieces: made to stand in for them, or to be used with them; what it is made of they do not say. [P] */
export const insteadPieces: readonly string[] = 'ersatz alternative steif festiger hilfe vervanger alternatief'.split(' ')
