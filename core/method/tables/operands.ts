import type { Kind } from '../../pantry'
import { vesselNouns } from './vessels'

/** What tins and boards are readied with. [P] */
export const readied: ReadonlySet<Kind> = new Set(['butter', 'oil', 'flour', 'plant-block', 'plant-spread', 'hard-fat', 'cocoa'])

/** One of these in its clause: something is readied, not the dessert's own. [P] */
export const readiedWords: ReadonlySet<string> = new Set([...vesselNouns, ...'it them hand with lightly well generously'.split(' ')])

/** Behind a thing's name these are what it went into: "the plum cake", "the egg mixture". [P] */
export const wholes: ReadonlySet<string> = new Set(
  'mixture mix batter dough cake loaf bread pudding tart pie sponge bun roll biscuit cookie scone muffin brownie pancake waffle crumble cobbler custard meringue traybake gingerbread cheesecake slice bar'.split(
    ' ',
  ),
)

/** Behind a thing's name these are what was made of it, though not all of the dessert: "the chocolate base". [P] */
export const madeNames: ReadonlySet<string> = new Set([...wholes, ...'base paste foam'.split(' ')])
