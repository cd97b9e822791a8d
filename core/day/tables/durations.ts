import type { TimeKind } from '../../recipe'
import type { Place } from '../task'

/** Less than so many grams are done the sooner: hands take their time times the cube root of the share of it; what a recipe states stays. [M] a saucepan of 150 g melts while one stands there */
export const smallBatch = 300
/** Weighing in: so long for the beginning, and for each thing. [M] */
export const weighing = { begin: 3, each: 0.7 } as const
/** Taking a tray out, and washing up between two bakes. [M] */
export const small = { out: 1, wash: 12, turn: 0 } as const

/** What hands do tray by tray, by the short words of the task. */
export const shaping: ReadonlySet<string> = new Set(['shape', 'pipe', 'into the tin', 'drop', 'turn out and cut', 'spoon'])

/** What waits by itself, where, and how long it may wait over its time before it suffers. [P] */
export const waitRows: Readonly<Record<Exclude<TimeKind, 'bake' | 'preheat' | 'mix'>, { readonly place: Place; readonly over: number; readonly short: string }>> = {
  soak: { place: 'counter', over: 10, short: 'soak' },
  rest: { place: 'counter', over: 45, short: 'rest' },
  rise: { place: 'counter', over: 30, short: 'rise' },
  chill: { place: 'fridge', over: 24 * 60, short: 'chill' },
  set: { place: 'fridge', over: 24 * 60, short: 'set' },
  freeze: { place: 'freezer', over: 7 * 24 * 60, short: 'freeze' },
  cool: { place: 'counter', over: 24 * 60, short: 'cool' },
  cook: { place: 'hob', over: 5, short: 'on the hob' },
  other: { place: 'counter', over: 60, short: 'wait' },
}

/** From wetting what lifts to the oven. [P] 5–10 min once acid meets soda */
export const toOven = 10
/** What must come out of the fridge before: kinds, lines and words before a name that want it soft, minutes. [P] */
export const takeOut = {
  kinds: ['butter', 'plant-block', 'plant-spread', 'fresh-cheese', 'plant-cheese'] as readonly string[],
  line: /\b(?:soft(?:ened)?|room\s+temperature)\b|\bcream\s+cheese\b/iu,
  soft: /(?<!\buntil\s+)\bsoft(?:ened)?\b[^.]{0,30}$/iu,
  minutes: 90,
  over: 120,
  turnOut: 15,
} as const
/** A bake is cold enough to ice or fill after so long; by what it weighs. [M] a loaf of a kilogram an hour and a half */
export const coldAfter = (grams: number): number => Math.round(Math.min(150, 40 + 50 * Math.sqrt(Math.max(grams, 50) / 1000)))
/** Whipped things and what is dressed do not wait. [P] */
export const dressed = { sign: /\bwhip|\bcream\b|\bberries\b|\bserving\b|\bto serve\b/iu, over: 120, just: /\bjust before\b/iu } as const
/** Minutes for the oven to be hot: 15 to 180 °C, five more a further 40. [M] */
export const preheat = (celsius: number): number => Math.round(10 + Math.max(0, celsius - 100) / 16)
/** From this share of the longest on, another bake is as much a main one. [M] */
export const comparable = 0.6
/** To another heat, between two loads. [the study] */
export const heatChange = 15
/** What half of an oven shelf holds, in cm²: two loaf tins or a ring and a loaf stand side by side, a tray is alone. [M] shelves of 40 × 30 cm */
export const halfShelf = 600
/** More halves of a shelf than any oven has: beside what stays in it when it is turned off nothing is baked. */
export const wholeOven = 99

/** A base or case that is baked again is cold after so long. [M] */
export const caseCold = 30
/** What comes to the table warm stands so long at most. [M] */
export const standsWarm = 10
