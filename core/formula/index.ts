/** What a recipe amounts to: weights, balance, family. */

/* Weights of the lines. */
export { weightsOf } from './weight'
export { batterOf } from './weight'
export { massOf } from './weight'
export { isInside } from './weight'
export type { Weight } from './weight'

/* What one gram of an ingredient brings. */
export { perGram } from './vector'
export { at } from './vector'
export { atAcid } from './vector'
export { atEgg } from './vector'
export { atPowder } from './vector'
export { atSoda } from './vector'
export { freshEgg } from './vector'

/* The balance: every measure added up. */
export { measures } from './measures'
export { balanceOf } from './totals'
export { balanceIn } from './totals'
export { eggCount } from './totals'
export { noBalance } from './measures'
export { plusBalance } from './measures'
export type { Balance } from './measures'
export type { Measure } from './measures'

/* Leavening. */
export { liftOf } from './leavening'
export { gasOf } from './leavening'
export { heatShare } from './leavening'
export { liftThatHolds } from './tables/tolerances'

/* Baker’s percentages and the rules about them. */
export { ratiosOf } from './ratios'
export type { Ratios } from './ratios'
export { balanceRules } from './tables/balance-rules'
export { rulesLeft } from './balance'
export type { Ratio } from './ratios'

/* Which dessert it is. */
export { familyOf } from './family'
export { familyById } from './family'
export { familyRows } from './tables/families'
export { variantRows } from './tables/variants'
export type { FamilyReading } from './family'
export type { FamilyRow } from './family'

/* How far a measure may move before it is noticed. */
export { bandsOf } from './bands'
export { toleranceOf } from './bands'
export { sideOf } from './bands'
export { felt } from './bands'
export { deviationOf } from './bands'
export type { Bands } from './bands'
export type { Miss } from './bands'

/* Proportions that no such dessert has. */
export { grossSlips } from './gross'
export { oddRatios } from './odd-ratios'
export { oddYield } from './odd-yield'
