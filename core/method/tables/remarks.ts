import { pattern } from '../../measure'

/** A sentence that tells and orders nothing, though a verb stands in it. [P] */
export const remarkSign = pattern(
  'iu',
  String.raw`^\W*(?:it\s+(?:will|should|may|can|might|takes?|is|keeps?|does|looks?)|they\s+(?:will|should|may|can|keep|are)|you\s+(?:will|should|may|can|could|might|want|need)|`,
  String.raw`this\s+(?:is|will|makes?|takes?|can|should)|these\s+(?:are|will|keep|freeze)|don[’']t|do\s+not|there\s+(?:is|are|will|should)|`,
  String.raw`(?:the|your)\s+[\p{L}\s-]{2,40}?\s(?:will|should|may|can|might|keeps?|freezes?|is|are)\b)`,
)
/** What can wait, ready, before the day. [P] */
export const aheadSign = /\b(?:can\s+be\s+(?:made|prepared|baked|frozen)|ahead|in\s+advance|the\s+day\s+before|the\s+night\s+before)\b/iu
/** What is only looked at or tried. [P] */
export const asides: ReadonlySet<string> = new Set('taste try lick run insert check test weigh measure'.split(' '))
