/** Joints that stand at the head or the tail of words cut out of a sentence: ", and then", "…, or". [P] */
export const headJoint = /^[,;]?\s*(?:and\s+)?(?:then\s+)?/iu
export const tailJoint = /(?:[,;\s]|(?<=\s)(?:and|then|or))+$/iu
