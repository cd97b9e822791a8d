import type { Wishes } from '../ways'
import { costOf, type Option } from './option'
import { wayOf } from './search'
import { notAdvised } from '../tables/limits'
import { unusual } from '../tables/priors'

/** What the first is called: the usual way where bakers take every one of its answers. */
function titleOf({ unusual: isUnusual }: Option, { pin, schools }: Wishes): string {
  if (pin?.length || Object.keys(schools ?? {}).length) return 'What you asked for'
  return isUnusual === 0 ? 'The usual way' : 'Closest'
}

/**
 * Up to three distinct answers for the main part: the closest, the one with fewest new things, and
 * one by the larder or another way. Different means another egg school, or, without eggs, another
 * school somewhere.
 */
export function chooseMain(
  options: readonly Option[],
  wishes: Wishes,
): { option: Option; id: string; title: string }[] {
  const allowed =
    wishes.maxExtra === undefined ? options : options.filter(o => o.news.length <= wishes.maxExtra!)
  const pool = allowed.length ? allowed : options
  const [closest] = pool
  if (!closest) return []
  const chosen = [{ option: closest, id: 'closest', title: titleOf(closest, wishes) }]
  const others = () => pool.filter(o => !chosen.some(c => wayOf(c.option) === wayOf(o)))
  // What hardly anybody would bake is shown only where nothing else is left.
  const isKnown = (o: Option) => o.unusual <= closest.unusual + unusual.mostBeside
  const fresh = () => {
    const near = others().filter(o => o.loss < Math.max(notAdvised, closest.loss * 2))
    return near.some(isKnown) ? near.filter(isKnown) : near
  }
  const fewest = fresh().reduce<Option | null>(
    (best, o) =>
      !best ||
      o.news.length < best.news.length ||
      (o.news.length === best.news.length && costOf(o) < costOf(best))
        ? o
        : best,
    null,
  )
  if (fewest)
    chosen.push(
      fewest.news.length < closest.news.length
        ? { option: fewest, id: 'fewest', title: 'Fewest extras' }
        : { option: fresh()[0]!, id: 'other-way', title: 'Another way' },
    )
  const larder = new Set(wishes.larder ?? [])
  const bought = (o: Option) => o.news.filter(id => !larder.has(id)).length
  const third = larder.size
    ? fresh().reduce<Option | null>(
        (best, o) => (!best || bought(o) < bought(best) ? o : best),
        null,
      )
    : fresh()[0]
  if (third)
    chosen.push(
      larder.size
        ? { option: third, id: 'larder', title: 'From your larder' }
        : {
            option: third,
            id: 'third-way',
            title: chosen.some(c => c.id === 'other-way') ? 'A third way' : 'Another way',
          },
    )
  return chosen
}
