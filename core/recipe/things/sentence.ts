import { headJoint, tailJoint } from '../tables/joints'

/** Without the joint that a cut left at its end: "grease and" is "grease". */
export const withoutTail = (text: string): string => text.trim().replace(tailJoint, '')

/** Words that were cut out of a sentence, as one of their own: with a capital and a full stop. */
export function asSentence(text: string): string {
  const bare = withoutTail(text).replace(headJoint, '')
  const end = /[.!?]$/u.test(bare) ? '' : '.'
  return bare && `${bare.charAt(0).toUpperCase()}${bare.slice(1)}${end}`
}
