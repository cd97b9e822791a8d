/**
 * A choice carried out: lines and steps written, rests and sentences of the house, the gates and the
 * check before it is shown. Hands on `Plan`.
 */
export { houseRange } from './house'
export { restRange } from './house'
export { withSentence } from './house-steps'
export { hasUnweighed } from './lines/part'
export { trimmedLine } from './lines/write'
export { writtenLine } from './lines/write'
export { redirectOf } from './redirect'
export type { Rested } from './rest'
export { restFor } from './rest'
export { restName } from './rest'
export { restTimes } from './rest'
export { restedIn } from './rest'
export { noneSafe } from './shown'
export { plansOf } from './shown'
export { withAmountsRight } from './telling/amounts'
export type { Asked } from './write-plan'
export { planOf } from './write-plan'
