/**
 * What is weighed before and after, since a recipe reckons with what is left: recognised by the sentence that says it. `lost` is the usual share that goes (of the weight before; for `air`, grams that
 * 100 ml weigh afterwards); `law` how it goes with time. `short`: too little has gone; `past`: too much.
 */
export interface LossRow {
  readonly id: string
  readonly sign: RegExp
  readonly of: string
  readonly by: 'weight' | 'air'
  readonly lost: readonly [number, number]
  /** Boiling takes as much every minute; draining slows down, as the square root of the time. */
  readonly law: 'even' | 'slowing' | 'none'
  readonly short: string
  readonly past: string
  readonly source: string
}

export const lossRows: readonly LossRow[] = [
  {
    id: 'drain',
    sign: /\b(?:hang|drain|strain)\b[^.]*\b(?:yogh?urt|quark|curd|in a cloth)\b|\byogh?urt\b[^.]*\b(?:hang|drain|strain)\w*\b/iu,
    of: 'the yoghurt',
    by: 'weight',
    lost: [0.4, 0.55],
    law: 'slowing',
    short: 'Leave it to drain longer, or lay a plate on it; it slows down as it goes. Used now, the cream is softer.',
    past: 'Stir some of what dripped out back in, until the weight is right.',
    source: '[P] 400 → 200 g overnight',
  },
  {
    id: 'reduce',
    sign: /\b(?:reduce|boil\s+down|simmer)\b[^.]*\b(?:aquafaba|bean\s+(?:liquid|water)|chickpea)|\b(?:aquafaba|bean\s+(?:liquid|water)|chickpea\s+water)\b[^.]*\b(?:reduce|boil\w*\s+down|simmer)/iu,
    of: 'the bean liquid',
    by: 'weight',
    lost: [0.25, 0.5],
    law: 'even',
    short: 'Simmer on, without a lid; weigh again after a few minutes. Thin, it whips to a soft foam that does not stand.',
    past: 'Stir in water up to the weight that was wanted.',
    source: '[P] by a third to a half, until it clings to a spoon',
  },
  {
    id: 'boil-down',
    sign: /\b(?:reduce|boil\s+down|until\s+(?:it\s+is\s+)?(?:reduced|thick\s+and\s+syrupy))\b/iu,
    of: 'the pan',
    by: 'weight',
    lost: [0.25, 0.5],
    law: 'even',
    short: 'Boil on, and weigh again after a few minutes.',
    past: 'Stir in water up to the weight that was wanted.',
    source: '[M]',
  },
  {
    id: 'peaks',
    sign: /\bwhisk\w*\b[^.]{0,90}\b(?:peaks|stiff|firm\s+and\s+glossy)\b|\bwhip\w*\b[^.]{0,60}\bpeaks\b/iu,
    of: 'the foam',
    by: 'air',
    lost: [14, 30],
    law: 'none',
    short: 'Heavier than that, it holds too little air: whisk on, and see that bowl and whisk are free of fat.',
    past: 'Lighter than that it is close to breaking: stop, and go on at once.',
    source: '[M] egg white and bean liquid with sugar 0.15–0.3 g/ml',
  },
  {
    id: 'whip',
    sign: /\bwhip\w*\b(?=[^.]*\b(?:cream|coconut|topping)\b)/iu,
    of: 'the cream',
    by: 'air',
    lost: [42, 65],
    law: 'none',
    short: 'Heavier than that, it is still soft: whip on, cold.',
    past: 'Lighter than that it turns grainy soon: stop.',
    source: '[M] whipped cream 0.45–0.6 g/ml',
  },
]

/** What a bake loses in the oven, as a share of what went in, by how it bakes. [M] usual for home ovens */
export const bakeLossRows: Readonly<Record<string, readonly [number, number]>> = { heat: [0.06, 0.14], browning: [0.1, 0.18], drying: [0.12, 0.4] }
