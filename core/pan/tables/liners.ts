import type { Shape } from '../tin'
import type { BatterRow } from './batters'

/** How a tin is made ready: the first row that fits its shape and the family. */
export const linerRows: readonly {
  readonly shapes: readonly Shape[]
  readonly families?: readonly string[]
  readonly says: string
  readonly grease: boolean
  readonly dust: boolean
  readonly source: string
}[] = [
  { shapes: ['round', 'box', 'cups', 'ring'], families: ['angel'], says: 'Leave the tin bare: the crumb climbs up its sides.', grease: false, dust: false, source: '[P]' },
  {
    shapes: ['tray', 'box', 'round', 'log'],
    families: ['meringue', 'macaron'],
    says: 'Line with paper and grease nothing: a trace of fat keeps a foam from standing.',
    grease: false,
    dust: false,
    source: '[P]',
  },
  {
    shapes: ['round', 'box', 'cups'],
    families: ['pastry', 'crumb-base', 'shortbread'],
    says: 'Rich doughs let go by themselves; a strip of paper below helps to lift.',
    grease: false,
    dust: false,
    source: '[P]',
  },
  {
    shapes: ['cups'],
    families: ['egg-custard', 'set-cream', 'mousse', 'ice-cream', 'pastry-cream'],
    says: 'Leave the cups bare where it is eaten from them.',
    grease: false,
    dust: false,
    source: '[P]',
  },
  { shapes: ['cups'], says: 'Paper cases, or grease each cup.', grease: true, dust: false, source: '[P]' },
  { shapes: ['ring'], says: 'A ring cannot be lined: grease every fold, the tube too.', grease: true, dust: true, source: '[P]' },
  { shapes: ['box'], says: 'Line with a strip of paper that stands over two sides, to lift it out.', grease: true, dust: false, source: '[P]' },
  { shapes: ['round'], says: 'Line the bottom with a round of paper.', grease: true, dust: false, source: '[P]' },
  { shapes: ['tray', 'log', 'round', 'box', 'ring', 'cups'], says: 'Line with paper.', grease: false, dust: false, source: '[P]' },
]

/** What the bake time does not know, said where it matters. */
export const notModelled: readonly {
  readonly by?: readonly BatterRow['by'][]
  readonly families?: readonly string[]
  readonly trays?: number
  readonly altitude?: number
  readonly says: string
  readonly source: string
}[] = [
  { by: ['heat', 'browning'], trays: 2, says: 'Two trays at once are not modelled: count on up to a sixth longer, and swap them at half time.', source: '[P]' },
  { families: ['cheesecake', 'egg-custard'], says: 'A water bath is not modelled: with one, count on a third longer and trust the wobble.', source: '[P]' },
  {
    by: ['heat'],
    altitude: 1000,
    says: 'High up, water boils below 100 °C and a batter rises more before it sets: a tenth less leavening and sugar, a little more liquid. The time given here allows for the height.',
    source: '[P]',
  },
  { by: ['browning'], says: 'How brown it gets is not modelled; ovens differ most there.', source: 'this model' },
  { by: ['heat'], says: 'A crowded oven, a cake that sinks and how brown it gets are not modelled.', source: 'this model' },
]
