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

/**
 * What is wrong with a tin's measures, in a sentence; null when it can be worked with. A home oven
 * takes 80 cm at most.
 */
export function tinProblem(tin: Tin): TinProblem | null {
  const sides = [...tin.top, ...tin.bottom]
  const bad = sides.find(side => !Number.isFinite(side) || side < least || side > most)
  if (bad !== undefined)
    return {
      code: 'size',
      sentence: sizeSentence(bad),
    }
  if (tin.shape !== 'tray' && (!Number.isFinite(tin.height) || tin.height < 0.5 || tin.height > 30))
    return {
      code: 'height',
      sentence: `A height of ${said(tin.height)} cm cannot be: between 0.5 and 30 cm.`,
    }
  if (
    tin.shape === 'ring' &&
    (!tin.tube ||
      !(Math.min(...tin.tube) > 0) ||
      tin.tube[0] >= tin.top[0] - 1 ||
      tin.tube[1] >= tin.bottom[0] - 1)
  )
    return {
      code: 'tube',
      sentence:
        'The tube of a ring must be above zero and narrower than the ring by a centimetre at least.',
    }
  if (!Number.isInteger(tin.count) || tin.count < 1 || tin.count > 96)
    return {
      code: 'count',
      sentence: `${said(tin.count)} of them cannot be: a whole number from 1 to 96.`,
    }
  if (tin.measured !== undefined && !(tin.measured >= 5 && tin.measured <= 30_000))
    return {
      code: 'measured',
      sentence: `${said(tin.measured)} ml of water cannot be: between 5 ml and 30 litres.`,
    }
  return null
}

const said = (n: number) => (Number.isFinite(n) ? String(Math.round(n * 10) / 10) : 'That')
