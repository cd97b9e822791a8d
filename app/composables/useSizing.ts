import type { Sizing, SizeTarget } from '#core/pan'
import { plannedRecipe } from '#core/share'

/** The size of the bake that is open: what it is made of, what was said of it, how to say it otherwise. */
export function useSizing() {
  const current = useCurrentBake()
  const recipe = computed(() => current.bake && plannedRecipe(current.bake))
  const size = computed<Sizing>(
    () => current.bake?.size ?? { target: { by: 'times', times: 1 }, tins: [] },
  )
  const say = (change: Partial<Sizing>) => current.resize({ ...size.value, ...change })
  const target = (to: SizeTarget) => say({ target: to })
  return { recipe, size, say, target }
}
