/**
 * A formula that stands in for a dessert which must not be adapted: on the original's own flour, in baker's per cent; `sugar` keeps
 * the original's line within a range. Of several ingredients the first that everyone may eat is taken. [M] professional baking
 * from memory: an egg-free oil cake.
 */
export interface RedirectRow {
  readonly family: string
  readonly title: string
  readonly because: string
  readonly flour: readonly string[]
  readonly sugar: readonly [number, number]
  readonly adds: readonly { readonly of: readonly string[]; readonly percent: number }[]
  readonly steps: readonly string[]
  readonly confidence: 'works, noticeably different' | 'experimental'
  readonly source: string
}

export const redirectRows: readonly RedirectRow[] = [
  {
    family: 'sponge',
    title: 'A thin oil cake instead',
    because: 'No foam has to carry this one: powder, soda and a little acid lift a thin oil batter, and it rolls and layers while it is warm.',
    flour: ['plain-flour', 'gf-blend-gum'],
    sugar: [60, 90],
    adds: [
      { of: ['neutral-oil', 'rapeseed-oil', 'sunflower-oil', 'olive-oil'], percent: 34 },
      { of: ['oat-drink', 'soy-drink', 'rice-drink', 'pea-drink', 'almond-drink', 'coconut-drink', 'water'], percent: 105 },
      { of: ['vinegar', 'lemon-juice'], percent: 6 },
      { of: ['baking-powder'], percent: 4 },
      { of: ['baking-soda'], percent: 0.8 },
    ],
    steps: [
      'Heat the oven to 180 °C and line the tin that the sponge was meant for.',
      'Whisk the {flour}, {sugar}, {4} and {5}.',
      'Whisk the {1}, {2} and {3}, pour them on to the dry things and mix only until no dry flour is left.',
      'Spread it 1 cm deep and bake for 12–15 minutes, until it springs back.',
      'Roll it up or cut it while it is warm; then leave it to cool.',
    ],
    confidence: 'works, noticeably different',
    source: '[M] an egg-free oil cake in baker’s per cent',
  },
]
