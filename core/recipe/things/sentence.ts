import { headJoint, tailJoint } from '../tables/joints'

/** With a capital at its head. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Words that were cut out of a sentence, as one of their own: with a capital and a full stop. */
export function asSentence(text: string): string {
  const bare = text.trim().replace(tailJoint, '').replace(headJoint, '')
  const end = /[.!?]$/u.test(bare) ? '' : '.'
  return bare && `${capital(bare)}${end}`
}
