import type { VerbId } from './verbs'

/** Cooks what is in it. [P] */
export const cooks: ReadonlySet<VerbId> = new Set('bake boil simmer cook fry steam toast microwave caramelise reduce'.split(' ') as VerbId[])
/** It stands over heat, or something hot is poured on: what is mixed in is cooked there. [P] */
export const onHeat = /\b(?:heat|warm|hob|hot|boiling|thickens?|thick)\b/iu
/** On the hob: part of a "cook time". [P] */
export const onHob: ReadonlySet<VerbId> = new Set('heat melt boil simmer reduce caramelise temper cook fry steam toast'.split(' ') as VerbId[])
/** A bake of this kind is not the one that the oven was heated for. [P] */
export const anotherBake = /\b(?:blind|finish|second|further|more|another)\b/iu
/** Facts that state a time: of the bake alone, or of all that cooks. [P] */
export const statesBake = /^\W*(?:bak(?:e|ing)|cook(?:ing)?)\b/iu
export const statesCooking = /^\W*cook(?:ing)?\b/iu
/** On a flame: what is stirred there until it is thick has cooked. [P] */
export const onFlame = /\b(?:over|on)\s+(?:a\s+|the\s+)?(?:\p{L}+\s+)?(?:heat|hob|flame)\b/iu
