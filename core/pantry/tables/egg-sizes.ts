import type { Region } from '../../measure'

/**
 * Grams of a hen's egg without its shell: [low, best, high] by size word and region. US: large 50 g [U], the others in
 * proportion to their dozen weights [M]. EU and UK: S under 53, M 53–63, L 63–73, XL over 73 g with shell [L, EU
 * 2023/2465], less 11.5 % shell [M]. A bare "egg" is the size that recipes there mean [P].
 */
type Size = readonly [number, number, number]
const european: Readonly<Record<string, Size>> = { 'small': [41, 44, 47], 'medium': [47, 51, 56], '': [47, 53, 65], 'large': [56, 60, 65], 'extra large': [65, 68, 72] }
const american: Readonly<Record<string, Size>> = { 'small': [36, 38, 41], 'medium': [41, 44, 47], '': [47, 50, 53], 'large': [47, 50, 53], 'extra large': [53, 56, 59], 'jumbo': [59, 63, 68] }
const southern: Readonly<Record<string, Size>> = { 'small': [38, 41, 44], 'medium': [41, 44, 47], '': [47, 52, 58], 'large': [44, 49, 53], 'extra large': [50, 54, 58], 'jumbo': [58, 61, 66] }

export const eggSizes: Readonly<Record<Region, Readonly<Record<string, Size>>>> = {
  us: american,
  ca: american,
  uk: european,
  ie: european,
  au: southern,
  nz: southern,
  za: southern,
  in: american,
  metric: { ...european, '': [45, 50, 60] },
}
