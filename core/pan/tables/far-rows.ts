import type { Kind } from '../../pantry'

/** What no longer goes in proportion when a recipe is made far larger or smaller. `above`, `below`: factors from which it is said. */
export const farRows: readonly {
  readonly above?: number
  readonly below?: number
  readonly code: 'leaven' | 'far'
  readonly kinds?: readonly Kind[]
  readonly says: string
  readonly source: string
}[] = [
  {
    above: 3,
    code: 'leaven',
    kinds: ['leaven'],
    says: 'At three times and more, batter is deeper or waits longer: begin with a tenth less leavening, and bake in several tins rather than in one deep one.',
    source: '[P]',
  },
  {
    above: 3,
    code: 'far',
    kinds: ['spice', 'salt', 'flavour'],
    says: 'Spice, salt and extracts gain on the tongue: put three quarters of the new amount in, then taste the idea of it on a spoonful of sugar.',
    source: '[P]',
  },
  {
    below: 0.34,
    code: 'far',
    kinds: ['spice', 'salt', 'flavour', 'leaven'],
    says: 'With so little, half a gram of spice, salt or leavening is much: weigh on a fine scale, or level the smallest spoon.',
    source: '[P]',
  },
  { below: 0.34, code: 'far', says: 'A small amount whips, creams and reduces faster and in a smaller bowl; a pan of it boils dry sooner.', source: '[P]' },
  { above: 3, code: 'far', says: 'A large amount whips, creams and boils down for longer; two bowls may be quicker than one.', source: '[P]' },
]
