/**
 * What works without egg, in baker's per cent (flour = 100): a plan that lies in here is another cake, and a good one, however far
 * it is from the original. `water` is all that is water-like, milk's and fat's too; `lift` in mmol of gas to 100 g of flour (3.0 a
 * gram of powder, 11.9 a gram of soda with its acid). `families` are ids of families or of their kinds, the narrower first.
 * [P] common practice for bakes without egg.
 */
type Range = readonly [number, number]
export interface RegionRow {
  readonly id: string
  readonly families: readonly string[]
  readonly says: string
  readonly sugar: Range
  readonly fat: Range
  readonly water: Range
  readonly lift: Range
  /** Fried in its own fat: what the batter has of it is no measure. */
  readonly fried?: true
  readonly source: string
}

export const regionRows: readonly RegionRow[] = [
  { id: 'dense-butter', families: ['pound'], says: 'a dense butter cake without egg', sugar: [75, 95], fat: [42, 60], water: [60, 90], lift: [7.5, 13.5], source: '[P]' },
  { id: 'soured-milk', families: ['creamed'], says: 'a soured-milk cake', sugar: [70, 95], fat: [30, 50], water: [85, 118], lift: [9, 18], source: '[P]' },
  { id: 'snack-cake', families: ['oil-cake'], says: 'a snack cake', sugar: [60, 95], fat: [24, 42], water: [80, 120], lift: [12, 20], source: '[P]' },
  { id: 'muffin', families: ['muffin'], says: 'a muffin without egg', sugar: [35, 90], fat: [18, 42], water: [72, 112], lift: [11, 19], source: '[P]' },
  { id: 'fruit-loaf', families: ['quick-bread'], says: 'a loaf without egg', sugar: [35, 90], fat: [18, 48], water: [55, 180], lift: [9, 20], source: '[P]' },
  { id: 'rolled', families: ['rolled-cookie'], says: 'a rolled biscuit without egg', sugar: [40, 100], fat: [28, 58], water: [7, 30], lift: [0, 10], source: '[P]' },
  { id: 'drop-cookie', families: ['cookie'], says: 'a drop cookie without egg', sugar: [55, 110], fat: [36, 66], water: [12, 42], lift: [3, 16], source: '[P]' },
  { id: 'short', families: ['pastry', 'shortbread', 'streusel'], says: 'short dough without egg', sugar: [0, 60], fat: [36, 80], water: [8, 36], lift: [0, 8], source: '[P]' },
  { id: 'scone', families: ['scone'], says: 'a scone without egg', sugar: [5, 25], fat: [15, 32], water: [58, 75], lift: [13, 20], source: '[P]' },
  { id: 'brownie', families: ['brownie'], says: 'a brownie without egg', sugar: [100, 230], fat: [40, 88], water: [38, 88], lift: [0, 4], source: '[P]' },
  { id: 'thick-pancake', families: ['pancake'], says: 'a thick pancake or waffle without egg', sugar: [4, 25], fat: [6, 28], water: [105, 140], lift: [12, 20], fried: true, source: '[P]' },
  { id: 'thin-pancake', families: ['crepe'], says: 'a thin pancake without egg', sugar: [0, 12], fat: [4, 22], water: [190, 245], lift: [0, 1], fried: true, source: '[P]' },
  { id: 'rich-yeast', families: ['yeast'], says: 'a rich yeast dough without egg', sugar: [6, 25], fat: [6, 40], water: [50, 68], lift: [0, 2], source: '[P]' },
]

/** So far above the usual its sugar makes a dessert what it is: a sticky loaf. [P] */
export const character = 1.25
/** They bind, and hold no dough. [P] */
export const ofBeans: readonly string[] = ['soy-flour', 'chickpea-flour', 'lupin-flour']
/** From so much more or less flour on it is a formula on another amount of it. [P] */
export const otherFlour = 0.15
/** With so much fruit on what holds the dough so much less may be poured. [P] */
export const fruity = 0.6
export const lessPoured = 0.3

/** A region is aimed at only where so much of what there was stays, or becomes of it. [M] */
export const nearest = { fat: [0.48, 1.6], sugar: [0.65, 1.5], water: [0.5, 2] } as const satisfies Readonly<Record<string, Range>>

/** Beside the distance to the region so much of the distance to the original counts, and at most so much: another cake is not "very close". [M] */
export const another = { counts: 0.06, most: 3 } as const
