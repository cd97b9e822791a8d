/** It stands over heat, or something hot is poured on: what is mixed in is cooked there. [P] */
export const onHeat = /\b(?:heat|hob|hot|boiling|thickens?|thick)\b/iu
