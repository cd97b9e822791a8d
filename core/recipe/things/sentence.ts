import { headJoint, tailJoint } from '../tables/joints'

/** Words that were cut out of a sentence, as one of their own: with a capital and a full stop. */
export function asSentence(text: string): string {
  const bare = text.trim().replace(tailJoint, '').replace(headJoint, '')
  const end = /[.!?]$/u.test(bare) ? '' : '.'
  return bare && `${bare.charAt(0).toUpperCase()}${bare.slice(1)}${end}`
}
