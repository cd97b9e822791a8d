/**
 * Where a recipe was written: it decides the size of its cups and spoons and the meaning of some of
 * its words.
 */
export const regions = ['us', 'ca', 'uk', 'ie', 'au', 'nz', 'za', 'in', 'metric'] as const
export type Region = (typeof regions)[number]

export const isRegion = (value: unknown): value is Region => regions.includes(value as Region)
