import type { AvoidableId, Kind } from '../../pantry'

/** Share of a flour's protein that forms gluten, by the grain it holds. [M] */
export const glutenOfProtein: Readonly<Partial<Record<AvoidableId, number>>> = { wheat: 0.85, rye: 0.3, barley: 0.2 }

/** Kinds whose protein can form gluten. */
export const glutenKinds: readonly Kind[] = ['flour']

/**
 * How heavy a gram makes a crumb that it binds or moistens: by the ingredient where named, else by its kind, else not at all.
 * Source: the engine study [M].
 */
export const heavinessById: Readonly<Record<string, number>> = { flax: 1.5, chia: 2.5, psyllium: 8 }
export const heavinessByKind: Readonly<Partial<Record<Kind, number>>> = { 'tofu': 1, 'puree': 1, 'plant-sour': 0.9 }
