import { regions, type Region } from '../measure'
import { regionSigns } from './tables/region-signs'

/**
 * The region that a recipe's words and measures speak for, with the words that decided. 'metric'
 * when none do.
 */
export function guessRegion(source: string): { region: Region; because: readonly string[] } {
  // Signs look over line ends and blanks: many of them in a row say no more than one.
  const text = source.replace(/[^\S\n]{2,}/gu, ' ').replace(/\n{2,}/gu, '\n')
  const points = new Map<Region, number>()
  const signs = regionSigns.filter(({ sign }) => sign.test(text))
  for (const row of signs)
    for (const [region, n] of Object.entries(row.points) as [Region, number][])
      points.set(region, (points.get(region) ?? 0) + n)
  const order: readonly Region[] = ['us', 'uk', 'au', 'ca', 'nz', 'ie', 'za', 'in', 'metric']
  const best = order.reduce((a, b) => ((points.get(b) ?? 0) > (points.get(a) ?? 0) ? b : a))
  const enough = best === 'us' || best === 'uk' ? 2 : 3
  if ((points.get(best) ?? 0) < enough || !regions.includes(best))
    return { region: 'metric', because: [] }
  const because = signs
    .filter(row => (row.points[best] ?? 0) > 0)
    .map(row => row.sign.exec(text)![0])
  return { region: best, because }
}
