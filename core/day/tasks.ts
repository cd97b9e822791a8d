import { areaAt, type SizedUp } from '../pan'
import { pantryEdition, remembered } from '../pantry'
import type { Recipe } from '../recipe'
import { halfShelf } from './tables/durations'
import type { DayWork } from './task'
import { WorkWriter } from './work-writer'
import type { WorkedBake } from './worked'

/** What a bake brings to a day: its recipe as it is made, with what the pan stage found. */
export interface DayBake {
  readonly id: string
  readonly title: string
  readonly recipe: Recipe
  readonly sized?: SizedUp | null
}

/** Halves of a shelf: tins by their ground, more than half of one, or whatever lies on a tray, the whole. */
const shelfOf = (sized: SizedUp | null | undefined): number => {
  if (sized?.pieces) return 2
  const ground = (sized?.tins ?? []).reduce(
    (sum, { tin }) => sum + tin.count * areaAt(tin, tin.height),
    0,
  )
  return ground > 0 && ground <= halfShelf ? 1 : 2
}

/**
 * A bake as tasks and rules: its weighing, every stretch of work and every wait of its actions, the
 * oven, cooling, and the serving. Parts that begin with their own name run beside each other until
 * a step brings them together; every tray is a bake of its own. Times are the recipe's own, else
 * from the table; the bake time is the pan stage's.
 */
export const workOf = ({ id, title, recipe, sized }: DayBake): DayWork =>
  workFrom({
    id,
    title,
    recipe,
    each: sized?.batter
      ? sized.batter.grams /
        Math.max(1, sized.pieces?.count ?? sized.tins.reduce((sum, { tin }) => sum + tin.count, 0))
      : null,
    settles: sized?.settles ?? null,
    shelf: shelfOf(sized),
    loads: sized?.pieces?.loads ?? 1,
    likely: sized?.tins.map(t => t.time).find(t => t.ok)?.likely ?? null,
  })

const workFrom = remembered(
  (bake: WorkedBake): DayWork => new WorkWriter(bake).written(),
  40,
  pantryEdition,
  JSON.stringify,
)
