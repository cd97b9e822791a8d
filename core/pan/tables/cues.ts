import type { Kind } from '../../pantry'
import type { BatterRow } from './batters'

/** From here on a batter is too dark for its crust to say anything: so much of it cocoa and chocolate, or dark sugars and syrups. [M] */
export const dark: { readonly kinds: readonly Kind[]; readonly cocoa: number; readonly words: RegExp; readonly sugars: number } = {
  kinds: ['cocoa', 'chocolate', 'plant-chocolate'],
  cocoa: 0.03,
  words: /\b(?:treacle|molasses|muscovado|dark brown)\b/iu,
  sugars: 0.15,
}

/** A sign that it is done. `colour`: of no use on a dark batter. `families` that it suits; all of that `by` where none are named. */
export interface CueRow {
  readonly says: string
  readonly by: BatterRow['by']
  readonly families?: readonly string[]
  readonly not?: readonly string[]
  readonly colour?: true
  readonly egg?: 'with' | 'without'
  readonly source: string
}

const wobbling = ['cheesecake', 'egg-custard', 'bread-pudding', 'batter-pudding'] as const
export const cueRows: readonly CueRow[] = [
  { says: 'a tester in the middle comes out without wet batter; a crumb or two is fine', by: 'heat', not: [...wobbling, 'brownie', 'yeast', 'fruit', 'sponge', 'angel'], source: '[P]' },
  { says: 'the top is matt, not wet, and springs back under a finger', by: 'heat', not: [...wobbling, 'brownie', 'yeast', 'fruit'], egg: 'with', source: '[P]' },
  { says: 'the top is matt, not wet; without egg it springs back less, so trust the tester', by: 'heat', not: [...wobbling, 'brownie', 'yeast', 'fruit'], egg: 'without', source: '[P]' },
  { says: 'it begins to leave the sides of the tin', by: 'heat', not: [...wobbling, 'brownie', 'yeast', 'fruit'], source: '[P]' },
  { says: 'golden all over', by: 'heat', not: [...wobbling, 'brownie', 'fruit'], colour: true, source: '[P]' },
  { says: 'a tester comes out with damp crumbs, not with wet batter', by: 'heat', families: ['brownie'], source: '[P]' },
  { says: 'the edge is set and dull, the middle still gives', by: 'heat', families: ['brownie'], source: '[P]' },
  { says: 'the edge is set and the middle wobbles as one when the tin is nudged', by: 'heat', families: wobbling, source: '[P]' },
  { says: 'it sounds hollow when knocked below', by: 'heat', families: ['yeast'], source: '[P]' },
  { says: 'the juices bubble thickly in the middle too', by: 'heat', families: ['fruit'], source: '[P]' },
  { says: 'the edges are pale gold and the middle is just dull', by: 'browning', not: ['scone', 'pastry', 'streusel', 'macaron', 'choux', 'popover'], colour: true, source: '[P]' },
  { says: 'the edges are set and a piece slides on the paper; the middle firms while it cools', by: 'browning', not: ['scone', 'pastry', 'streusel', 'macaron', 'choux', 'popover'], source: '[P]' },
  { says: 'risen, and the sides no longer feel wet', by: 'browning', families: ['scone'], source: '[P]' },
  { says: 'golden brown above', by: 'browning', families: ['scone', 'pastry', 'streusel'], colour: true, source: '[P]' },
  { says: 'dry and crisp to the touch, below as well', by: 'browning', families: ['pastry', 'streusel'], source: '[P]' },
  { says: 'brown and light in the hand, its sides firm: a soft side sinks', by: 'browning', families: ['choux', 'popover'], source: '[P]' },
  { says: 'a shell comes off the paper whole', by: 'browning', families: ['macaron'], source: '[P]' },
  { says: 'dry outside, and it lifts off the paper without sticking', by: 'drying', source: '[P]' },
  { says: 'bubbles open on top and stay open; the second side takes half as long', by: 'fried', source: '[P]' },
  { says: 'set right through: a knife comes out clean', by: 'cold', source: '[P]' },
]

/** A custard or cheesecake with egg in it is safe from here on in its middle. [L] 71 °C as food-safety offices give it for egg dishes */
export const safeEgg = { celsius: 71, families: ['cheesecake', 'egg-custard', 'bread-pudding', 'batter-pudding', 'pastry-cream'] as readonly string[] }
