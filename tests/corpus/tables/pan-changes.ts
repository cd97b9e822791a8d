import type { Tin } from '#core/pan'

/**
 * What ordinary recipes say for the same batter in different tins, from memory of common practice [M] and, where marked [P], from the
 * check values. The first of each is the stated one; the others are predicted. Millilitres are in each tin or cup.
 */
interface Said {
  readonly tin: Tin
  readonly ml: number
  readonly minutes: readonly [number, number]
  readonly celsius?: number
}
export interface PanChanges {
  readonly name: string
  readonly family: string
  readonly celsius: number
  readonly density: number
  readonly stated: Said
  readonly others: readonly Said[]
  readonly source: string
}

const tin = (shape: Tin['shape'], top: readonly [number, number], bottom: readonly [number, number], height: number, more: Partial<Tin> = {}): Tin => ({
  shape,
  top,
  bottom,
  height,
  count: 1,
  material: 'dull',
  ...more,
})
const round = (d: number, h = 5) => tin('round', [d, d], [d, d], h)
const box = (a: number, b: number, h = 5) => tin('box', [a, b], [a, b], h)
const loaf = tin('box', [21.5, 11.5], [19.5, 9.5], 6.4)
const bigLoaf = tin('box', [23.5, 13.5], [21.5, 11.5], 7)
const miniLoaf = tin('box', [14.5, 8], [13, 6.5], 5)
const cups = tin('cups', [7, 7], [5.2, 5.2], 3.3, { count: 12 })
const mini = tin('cups', [4.7, 4.7], [3.4, 3.4], 2.2, { count: 24 })
const jumbo = tin('cups', [9, 9], [7, 7], 4.5, { count: 6 })
const ramekin = tin('cups', [8.8, 8.8], [8, 8], 3.2, { count: 6, material: 'ceramic' })
const tartlet = tin('cups', [8, 8], [7, 7], 2, { count: 8 })
const ring = tin('ring', [24.5, 24.5], [19, 19], 9, { tube: [7, 9] })

export const panChanges: readonly PanChanges[] = [
  {
    name: 'butter cake',
    family: 'creamed',
    celsius: 175,
    density: 0.92,
    source: '[M]',
    stated: { tin: round(23), ml: 750, minutes: [30, 35] },
    others: [
      { tin: box(33, 23), ml: 1500, minutes: [33, 38] },
      { tin: cups, ml: 62, minutes: [18, 22] },
      { tin: mini, ml: 22, minutes: [11, 14] },
      { tin: ring, ml: 1500, minutes: [43, 50] },
      { tin: round(20), ml: 750, minutes: [34, 40] },
      { tin: round(15), ml: 480, minutes: [34, 40] },
    ],
  },
  {
    name: 'muffins',
    family: 'muffin',
    celsius: 190,
    density: 1.03,
    source: '[M]',
    stated: { tin: cups, ml: 70, minutes: [19, 22] },
    others: [
      { tin: mini, ml: 24, minutes: [11, 14] },
      { tin: jumbo, ml: 165, minutes: [25, 30] },
      { tin: loaf, ml: 900, minutes: [50, 60], celsius: 175 },
    ],
  },
  {
    name: 'tea loaf',
    family: 'quick-bread',
    celsius: 175,
    density: 1.03,
    source: '[M]',
    stated: { tin: bigLoaf, ml: 1200, minutes: [55, 65] },
    others: [
      { tin: miniLoaf, ml: 320, minutes: [32, 38] },
      { tin: cups, ml: 70, minutes: [20, 24] },
      { tin: box(20, 20), ml: 1200, minutes: [40, 48] },
      { tin: ring, ml: 1200, minutes: [38, 46] },
    ],
  },
  {
    name: 'pound cake',
    family: 'creamed',
    celsius: 165,
    density: 0.92,
    source: '[M]',
    stated: { tin: loaf, ml: 1000, minutes: [60, 70] },
    others: [
      { tin: miniLoaf, ml: 320, minutes: [38, 45] },
      { tin: round(23), ml: 1000, minutes: [42, 50] },
      { tin: ring, ml: 2000, minutes: [65, 75] },
      { tin: cups, ml: 62, minutes: [20, 25] },
    ],
  },
  {
    name: 'brownie',
    family: 'brownie',
    celsius: 175,
    density: 1.2,
    source: '[M]',
    stated: { tin: box(20, 20), ml: 800, minutes: [27, 32] },
    others: [
      { tin: box(23, 23), ml: 800, minutes: [22, 27] },
      { tin: box(33, 23), ml: 1600, minutes: [28, 34] },
      { tin: cups, ml: 55, minutes: [17, 21] },
    ],
  },
  {
    name: 'gingerbread',
    family: 'quick-bread',
    celsius: 170,
    density: 1.03,
    source: '[M]',
    stated: { tin: box(23, 23), ml: 1250, minutes: [35, 42] },
    others: [
      { tin: loaf, ml: 950, minutes: [50, 58] },
      { tin: cups, ml: 62, minutes: [18, 22] },
      { tin: box(33, 23), ml: 1875, minutes: [35, 42] },
    ],
  },
  {
    name: 'whisked sponge',
    family: 'sponge',
    celsius: 180,
    density: 0.45,
    source: '[M]',
    stated: { tin: round(20), ml: 850, minutes: [22, 26] },
    others: [
      { tin: box(33, 23, 2.5), ml: 1150, minutes: [12, 15] },
      { tin: cups, ml: 65, minutes: [12, 15] },
    ],
  },
  {
    name: 'oat loaf',
    family: 'quick-bread',
    celsius: 175,
    density: 1.05,
    source: '[P] loaf 50–60, round or square 45–50; loaf 45–60 against cupcakes 15–20',
    stated: { tin: loaf, ml: 1000, minutes: [50, 60] },
    others: [
      { tin: round(20), ml: 1000, minutes: [45, 50] },
      { tin: box(20, 20), ml: 1000, minutes: [45, 50] },
      { tin: cups, ml: 62, minutes: [15, 20] },
    ],
  },
  {
    name: 'baked cheesecake',
    family: 'cheesecake',
    celsius: 160,
    density: 1.05,
    source: '[M]',
    stated: { tin: round(23, 7), ml: 1500, minutes: [50, 60] },
    others: [
      { tin: cups, ml: 75, minutes: [19, 23] },
      { tin: ramekin, ml: 150, minutes: [25, 30] },
      { tin: box(20, 20), ml: 1200, minutes: [38, 46] },
    ],
  },
  {
    name: 'custard tart',
    family: 'egg-custard',
    celsius: 155,
    density: 1.06,
    source: '[M]',
    stated: { tin: round(24, 2.5), ml: 700, minutes: [32, 38] },
    others: [
      { tin: tartlet, ml: 60, minutes: [17, 21] },
      { tin: cups, ml: 60, minutes: [18, 24] },
    ],
  },
  {
    name: 'almond tart',
    family: 'nut-filling',
    celsius: 180,
    density: 1.05,
    source: '[M]',
    stated: { tin: round(24, 2.5), ml: 700, minutes: [35, 42] },
    others: [
      { tin: tartlet, ml: 60, minutes: [19, 25] },
      { tin: box(30, 20, 4), ml: 1000, minutes: [32, 40] },
    ],
  },
]
