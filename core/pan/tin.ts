/**
 * What its wall does: how much radiation it takes in, and how much it holds heat back (m² K/W).
 * Rows in tables/materials.ts.
 */
export type Material =
  'dull' | 'shiny' | 'dark' | 'glass' | 'ceramic' | 'silicone' | 'iron' | 'paper'

export type Shape = 'round' | 'box' | 'ring' | 'cups' | 'tray' | 'log'

/**
 * Something to bake in or on, in centimetres, inside. `top` and `bottom` are length and breadth,
 * twice the diameter's one for what is round; `tube` the diameter of a ring's tube above and below;
 * `count` how many of it, or how many cups one tin has. A tray has no depth that counts: pieces lie
 * on it. A log stands free, and its `height` is its own.
 */
export interface Tin {
  readonly shape: Shape
  readonly top: readonly [number, number]
  readonly bottom: readonly [number, number]
  readonly height: number
  readonly tube?: readonly [number, number]
  readonly count: number
  readonly material: Material
  /** Millilitres to the brim of one, where it was measured with water: goes before what its sides say. */
  readonly measured?: number
}

/** A tin that a house has, or that kitchens usually have. */
export interface NamedTin extends Tin {
  readonly id: string
  readonly name: string
  readonly source: string
}

/** Does batter stand in it? On a tray it does not. */
export const holdsBatter = (tin: Tin): boolean => tin.shape !== 'tray'

export type TinProblem = {
  readonly code: 'size' | 'height' | 'tube' | 'count' | 'measured'
  readonly sentence: string
}

const least = 1.5
const most = 80
function sizeSentence(bad: number): string {
  if (!(bad > 0) || bad === Infinity)
    return 'A tin needs a length and a breadth above zero, in centimetres.'
  return bad > most
    ? `${said(bad)} cm does not go into a home oven: at most ${most} cm.`
    : `${said(bad)} cm is too small to bake in: at least ${least} cm.`
}

const isTube = ({ tube, top, bottom }: Tin) =>
  tube !== undefined && Math.min(...tube) > 0 && tube[0] < top[0] - 1 && tube[1] < bottom[0] - 1
const badSide = ({ top, bottom }: Tin) =>
  [...top, ...bottom].find(side => !Number.isFinite(side) || side < least || side > most)
/** What may be wrong with a tin's measures: the first that is, is said. */
const problems: readonly {
  readonly code: TinProblem['code']
  readonly isWrong: (tin: Tin) => boolean
  readonly sentence: (tin: Tin) => string
}[] = [
  {
    code: 'size',
    isWrong: tin => badSide(tin) !== undefined,
    sentence: tin => sizeSentence(badSide(tin)!),
  },
  {
    code: 'height',
    isWrong: ({ shape, height }) => shape !== 'tray' && !(height >= 0.5 && height <= 30),
    sentence: ({ height }) => `A height of ${said(height)} cm cannot be: between 0.5 and 30 cm.`,
  },
  {
    code: 'tube',
    isWrong: tin => tin.shape === 'ring' && !isTube(tin),
    sentence: () =>
      'The tube of a ring must be above zero and narrower than the ring by a centimetre at least.',
  },
  {
    code: 'count',
    isWrong: ({ count }) => !Number.isInteger(count) || count < 1 || count > 96,
    sentence: ({ count }) => `${said(count)} of them cannot be: a whole number from 1 to 96.`,
  },
  {
    code: 'measured',
    isWrong: ({ measured }) => measured !== undefined && !(measured >= 5 && measured <= 30_000),
    sentence: ({ measured }) =>
      `${said(measured!)} ml of water cannot be: between 5 ml and 30 litres.`,
  },
]

/**
 * What is wrong with a tin's measures, in a sentence; null when it can be worked with. A home oven
 * takes 80 cm at most.
 */
export function tinProblem(tin: Tin): TinProblem | null {
  const found = problems.find(problem => problem.isWrong(tin))
  return found ? { code: found.code, sentence: found.sentence(tin) } : null
}

const said = (n: number) => (Number.isFinite(n) ? String(Math.round(n * 10) / 10) : 'That')
