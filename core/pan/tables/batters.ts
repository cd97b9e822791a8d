/**
 * What a family's batter is to the oven. `density` g/ml as it is poured with its egg, `without` where no egg is in it; `fill` the share of the tin it may take;
 * `rise` how much of its height it gains; `finish` °C in its coldest place when it is done. `by`: heat (the model), browning (thin pieces
 * on a tray: by weight of a piece), drying, cold (nothing is baked), fried. `settles` minutes before cutting, with egg and without. `beside`: it goes on
 * or beside the bake and not into the tin. [M] unless said.
 */
export interface BatterRow {
  readonly family: string
  /** A narrower kind; the family's own row else. */
  readonly variant?: string
  readonly density: number
  readonly without: number
  readonly fill: number
  readonly rise: number
  readonly finish: number
  readonly by: 'heat' | 'browning' | 'drying' | 'cold' | 'fried'
  readonly settles: readonly [number, number]
  readonly beside?: true
  readonly source: string
}

const cake = { fill: 2 / 3, rise: 0.9, finish: 96, by: 'heat', settles: [10, 35] } as const
const beside = { density: 1, without: 1, fill: 1, rise: 0, finish: 90, by: 'cold', settles: [0, 0], beside: true } as const

export const batterRows: readonly BatterRow[] = [
  { family: 'creamed', density: 0.9, without: 1, ...cake, source: '[M] creamed .85–.95, egg-free 1.0–1.1 g/ml; ⅔ full' },
  { family: 'creamed', variant: 'pound', density: 0.92, without: 1.02, ...cake, fill: 0.75, rise: 0.6, finish: 97, source: '[M]' },
  { family: 'quick-bread', density: 1.03, without: 1.05, ...cake, rise: 0.75, finish: 97, settles: [15, 45], source: '[M] oil and egg-free 1.0–1.1' },
  { family: 'muffin', density: 1.03, without: 1.05, ...cake, finish: 96, settles: [5, 20], source: '[M]; 60–70 g a cup at ⅔ [P]' },
  { family: 'sponge', density: 0.45, without: 0.6, ...cake, rise: 0.5, finish: 95, source: '[M] .4–.5' },
  { family: 'angel', density: 0.35, without: 0.4, ...cake, rise: 0.6, finish: 95, source: '[M]' },
  { family: 'brownie', density: 1.2, without: 1.2, ...cake, fill: 0.75, rise: 0.25, finish: 90, settles: [30, 60], source: '[M] 1.15–1.25, ¾; done while a tester is still damp' },
  { family: 'cheesecake', density: 1.05, without: 1.08, ...cake, fill: 0.9, rise: 0.08, finish: 68, settles: [240, 360], source: '[M] off the heat while its middle still wobbles' },
  { family: 'cheesecake', variant: 'cold-cheesecake', density: 1, without: 1, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [240, 360], source: '[M]' },
  { family: 'yeast', density: 0.6, without: 0.6, ...cake, fill: 0.6, rise: 0.4, finish: 93, settles: [20, 30], source: '[M] after its last proof' },
  { family: 'scone', density: 1.1, without: 1.1, ...cake, rise: 0.6, finish: 95, by: 'browning', settles: [10, 15], source: '[M]' },
  { family: 'cookie', density: 1.2, without: 1.2, ...cake, rise: 0, finish: 90, by: 'browning', settles: [5, 10], source: '[M] cookie dough 1.2' },
  { family: 'shortbread', density: 1.15, without: 1.15, ...cake, fill: 0.9, rise: 0, finish: 95, by: 'browning', settles: [10, 10], source: '[M]' },
  { family: 'streusel', density: 0.6, without: 0.6, ...cake, fill: 0.9, rise: 0, finish: 95, by: 'browning', settles: [15, 15], source: '[M]' },
  { family: 'pastry', density: 1.2, without: 1.2, ...cake, fill: 0.9, rise: 0, finish: 95, by: 'browning', settles: [15, 15], source: '[M]' },
  { family: 'crumb-base', density: 0.9, without: 0.9, ...cake, fill: 0.9, rise: 0, by: 'cold', settles: [30, 30], source: '[M]' },
  { family: 'meringue', density: 0.3, without: 0.3, ...cake, fill: 0.9, rise: 0.1, by: 'drying', settles: [60, 60], source: '[M]' },
  { family: 'macaron', density: 0.75, without: 0.75, ...cake, fill: 0.9, rise: 0.3, by: 'browning', settles: [30, 30], source: '[M]' },
  { family: 'egg-custard', density: 1.06, without: 1.06, ...cake, fill: 0.9, rise: 0, finish: 80, settles: [60, 120], source: '[M] sets at 78–82 °C; curdles above 85' },
  { family: 'bread-pudding', density: 0.85, without: 0.85, ...cake, fill: 0.85, rise: 0.1, finish: 80, settles: [15, 20], source: '[M]' },
  { family: 'batter-pudding', density: 1.05, without: 1.05, ...cake, fill: 0.8, rise: 0.2, finish: 85, settles: [20, 30], source: '[M]' },
  { family: 'pastry-cream', density: 1.08, without: 1.08, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [180, 240], source: '[M]' },
  { family: 'set-cream', density: 1.03, without: 1.03, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [240, 240], source: '[M]' },
  { family: 'marshmallow', density: 0.4, without: 0.4, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [240, 240], source: '[M] whipped, set overnight' },
  { family: 'mousse', density: 0.6, without: 0.6, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [180, 240], source: '[M]' },
  { family: 'ice-cream', density: 1.05, without: 1.05, ...cake, fill: 0.9, rise: 0, by: 'cold', settles: [360, 360], source: '[M]' },
  { family: 'no-bake', density: 1.1, without: 1.1, ...cake, fill: 0.95, rise: 0, by: 'cold', settles: [120, 120], source: '[M]' },
  { family: 'fruit', density: 1.05, without: 1.05, ...cake, fill: 0.9, rise: 0, finish: 85, settles: [60, 60], source: '[M]' },
  { family: 'nut-filling', density: 1.05, without: 1.08, ...cake, fill: 0.9, rise: 0.3, finish: 93, settles: [20, 30], source: '[M]' },
  { family: 'pancake', density: 1.03, without: 1.05, ...cake, by: 'fried', settles: [0, 0], source: '[M] fried, not baked' },
  { family: 'crepe', density: 1.05, without: 1.05, ...cake, by: 'fried', settles: [0, 0], source: '[M] fried, not baked' },
  { family: 'choux', density: 0.9, without: 0.9, ...cake, rise: 0, finish: 95, by: 'browning', settles: [15, 15], source: '[M] piped; it dries and browns' },
  { family: 'popover', density: 1.03, without: 1.03, ...cake, fill: 0.5, rise: 0.9, finish: 96, by: 'browning', settles: [0, 0], source: '[M]' },
  { family: 'buttercream', ...beside, source: '[M]' },
  { family: 'cream-cheese-frosting', ...beside, source: '[M]' },
  { family: 'ganache', ...beside, source: '[M]' },
  { family: 'whipped-cream', ...beside, source: '[M]' },
  { family: 'glaze', ...beside, source: '[M]' },
  { family: 'caramel', ...beside, source: '[M]' },
  { family: 'syrup', ...beside, source: '[M]' },
  { family: 'egg-wash', ...beside, source: '[M]' },
]

/** Any other batter: an ordinary cake. */
const other: BatterRow = { family: 'other', density: 1, without: 1.05, ...cake, source: '[M]' }
export const batterOfFamily = (family: string, variant?: string): BatterRow =>
  batterRows.find(row => row.family === family && row.variant !== undefined && row.variant === variant) ?? batterRows.find(row => row.family === family && !row.variant) ?? other

/** Names of parts that go on or beside the bake, whatever they are made of. [P] */
export const besideWords = /\b(?:to serve|serving|decorat\w*|frosting|icing|glaze|to finish)\b/iu
