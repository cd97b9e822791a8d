import type { NamedTin, Tin } from '../tin'

const usual = (
  id: string,
  name: string,
  shape: Tin['shape'],
  top: readonly [number, number],
  bottom: readonly [number, number],
  height: number,
  more: Partial<Tin> = {},
  source = '[P] usual size',
): NamedTin => ({ id, name, shape, top, bottom, height, count: 1, material: 'dull', source, ...more })
const round = (d: number, height = 5, name = 'round') => usual(`${name.replace(/\W+/gu, '-')}-${d}`, `${d} cm ${name}`, 'round', [d, d], [d, d], height)
const square = (d: number) => usual(`square-${d}`, `${d} cm square`, 'box', [d, d], [d, d], 5)
const slab = (a: number, b: number, height = 4) => usual(`slab-${a}-${b}`, `${a} × ${b} cm slab`, 'box', [a, b], [a, b], height)

/** Tins that kitchens usually have, inside measures in cm, to the brim. A house's own come before them. */
export const tinRows: readonly NamedTin[] = [
  round(15),
  round(18),
  round(20),
  round(23),
  round(26),
  round(20, 7, 'springform'),
  round(23, 7, 'springform'),
  round(26, 7, 'springform'),
  square(15),
  square(20),
  square(23),
  slab(25, 20),
  slab(30, 20),
  slab(33, 23, 5),
  slab(38, 25, 2.5),
  { ...slab(33, 23, 2.5), id: 'slab-33-23-low', name: '33 × 23 cm low slab' },
  slab(46, 33, 2.5),
  usual('loaf-450', '450 g loaf', 'box', [16, 9.5], [14, 7.5], 6, {}, '[M] a pound of bread dough'),
  usual('loaf-900', '900 g loaf', 'box', [21.5, 11.5], [19.5, 9.5], 6.4, {}, '[M] two pounds; 1380 ml by its taper'),
  usual('loaf-23', '23 × 13 cm loaf', 'box', [23.5, 13.5], [21.5, 11.5], 7, {}, '[P] the nine by five inch one'),
  usual('loaf-mini', 'mini loaf', 'box', [14.5, 8], [13, 6.5], 5),
  usual('ring-24', '24 cm ring', 'ring', [24.5, 24.5], [19, 19], 9, { tube: [7, 9] }, '[M] 2907 ml by its taper; flutes hold less: measure with water'),
  usual('ring-20', '20 cm ring', 'ring', [20, 20], [16, 16], 7.5, { tube: [5.5, 7] }),
  usual('cups-12', 'muffin tin of 12', 'cups', [7, 7], [5.2, 5.2], 3.3, { count: 12 }, '[M] 97 ml a cup'),
  usual('cups-mini', 'mini muffin tin of 24', 'cups', [4.7, 4.7], [3.4, 3.4], 2.2, { count: 24 }),
  usual('cups-jumbo', 'jumbo muffin tin of 6', 'cups', [9, 9], [7, 7], 4.5, { count: 6 }),
  usual('cups-bun', 'bun tin of 12', 'cups', [6.7, 6.7], [4.8, 4.8], 2, { count: 12 }, '[P] shallower than a muffin tin'),
  usual('cups-popover', 'popover pan of 6', 'cups', [6.5, 6.5], [5, 5], 6, { count: 6 }),
  usual('cups-madeleine', 'madeleine tin of 12', 'cups', [6, 6], [4, 4], 1.3, { count: 12 }, '[P] shells of about 25 ml'),
  usual('basin', 'pudding basin', 'round', [16, 16], [9, 9], 9, { material: 'ceramic' }, '[P] about 1.1 litres'),
  usual('tartlets', 'tartlet tins, 8 cm', 'cups', [8, 8], [7, 7], 2, { count: 8 }),
  usual('ramekins', 'ramekins, 180 ml', 'cups', [8.8, 8.8], [8, 8], 3.2, { count: 6, material: 'ceramic' }),
  usual('tart-24', '24 cm tart tin', 'round', [25, 25], [24, 24], 2.5),
  usual('pie-23', '23 cm pie dish', 'round', [23, 23], [17, 17], 3.5, { material: 'glass' }),
  usual('skillet-26', '26 cm skillet', 'round', [26, 26], [23, 23], 5, { material: 'iron' }),
  usual('tray-40', 'baking tray 40 × 30 cm', 'tray', [40, 30], [40, 30], 1),
  usual('tray-35', 'baking tray 35 × 25 cm', 'tray', [35, 25], [35, 25], 1),
  usual('log', 'a log on a tray', 'log', [25, 7.5], [25, 7.5], 2.5, {}, '[P] 25 × 7.5 cm'),
]
const byId = new Map(tinRows.map(row => [row.id, row]))
export const usualTin = (id: string): NamedTin => byId.get(id)!
