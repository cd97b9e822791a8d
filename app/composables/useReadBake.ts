import type { InjectionKey } from 'vue'
import type { Region } from '#core/measure'
import type { Action } from '#core/method'
import type { Thing } from '#core/recipe'
import { pictureOf } from '~/db/house'

/** What is read of the bake that is open, for what the recipe page is made of. */
export const readBakeKey: InjectionKey<ReturnType<typeof useReadBake>> = Symbol('readBake')

/** What the recipe page shows beside the bake: names, steps as they are read, the photo it came from. */
export function useReadBake() {
  const current = useCurrentBake()
  const house = useHouseStore()
  const names = shallowRef<readonly { id: string; name: string }[]>([])
  watch(
    [() => current.bake?.region, () => house.stocked],
    async ([region]) => {
      if (region) names.value = await useCore().ingredientNames(region as Region)
    },
    { immediate: true },
  )
  const nameOf = computed(() => new Map(names.value.map(item => [item.id, item.name])))
  const actions = shallowRef<readonly Action[]>([])
  const brought = shallowRef<readonly Thing[]>([])
  watch(
    () => current.bake?.recipe,
    async recipe => {
      const read = recipe ? await useCore().readSteps(recipe) : { actions: [], things: [] }
      actions.value = read.actions
      brought.value = read.things.filter(thing => thing.is === 'aside' || thing.is === 'unknown')
    },
    { immediate: true },
  )
  const picture = ref('')
  watch(
    () => current.bake?.id,
    async id => {
      picture.value = id ? ((await pictureOf(id).catch(() => undefined))?.data ?? '') : ''
    },
    { immediate: true },
  )
  return { names, nameOf, actions, brought, picture }
}
