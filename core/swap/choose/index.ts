/**
 * Which of them: every answer weighed and priced, the three that a baker would know, and the word for each.
 * Hands on `Option`: the answers of a part with their amounts, what they miss and what they cost.
 */
export { beyondAtMost } from './at-most'
export { leftBeside } from './at-most'
export { chooseMain } from './choose'
export type { Judged } from './judge'
export { judge } from './judge'
export type { Answer } from './option'
export type { Option } from './option'
export type { PartSetting } from './option'
export { costOf } from './option'
export { optionOf } from './option'
export { weighed } from './option'
export type { FoundVersion } from './search'
export { optionsFor } from './search'
