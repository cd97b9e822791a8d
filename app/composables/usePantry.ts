import type { Ingredient } from '#core/pantry'
import type { UnknownName } from '#core/recipe'
import { readingOf } from '#core/share'

/** All ingredients as they count in this house, and the words in its recipes that nobody knows. */
export function usePantry() {
  const house = useHouseStore()
  const rows = shallowRef<readonly Ingredient[]>([])
  const words = shallowRef<readonly UnknownName[]>([])
  const looked = ref(false)
  const own = computed(() => new Set(house.stock.ingredients.map(i => i.id)))
  const names = computed(() =>
    rows.value.map(i => ({ id: i.id, name: i.name })).sort((a, b) => a.name.localeCompare(b.name)),
  )
  const nameOf = computed(() => new Map(names.value.map(n => [n.id, n.name])))
  const latest = latestOnly()
  async function look() {
    const isLatest = latest.begin()
    await house.start()
    const found = await useCore().pantry()
    const bakes = await house.everyBake().catch(() => [])
    const unknown = await useCore().unknowns(
      bakes
        .filter(bake => !bake.archived)
        .map(bake => ({
          id: bake.id,
          reading: readingOf(bake),
          stale: bake.updated < house.stocked,
        })),
    )
    if (!isLatest()) return
    rows.value = found
    words.value = unknown
    looked.value = true
  }
  watch(() => house.stock, look, { immediate: true })
  return { rows, words, looked, own, names, nameOf, look }
}
