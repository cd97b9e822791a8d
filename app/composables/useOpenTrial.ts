import type { InjectionKey } from 'vue'
import type { Made } from '#core/make'
import type { Bake, Photo } from '#core/share'
import { withMade, type Arm, type Trial } from '#core/trial'
import { bakeById, photosOf } from '~/db/house'

type TrialView = Awaited<ReturnType<ReturnType<typeof useCore>['trialView']>>

/** The one trial that is open, for what its sheet is made of. */
export const openTrialKey: InjectionKey<ReturnType<typeof useOpenTrial>> = Symbol('openTrial')

/**
 * A trial as it is looked at: what differs and who may eat what, the bakes that its arms are made
 * by, and what was seen of each.
 */
export function useOpenTrial(of: { readonly trial: Trial; readonly bake: Bake }) {
  const current = useCurrentBake()
  const house = useHouseStore()
  const trial = computed(() => of.trial)
  const bake = computed(() => of.bake)

  const view = shallowRef<TrialView | null>(null)
  watch(
    () => [of.trial, current.table, house.packets, house.people],
    async () => {
      const at = { packets: house.packets, today: today() }
      const found = await useCore()
        .trialView(of.trial, house.people, of.bake.ties, at)
        .catch(() => null)
      if (found) view.value = found
    },
    { immediate: true },
  )

  // The arms' own bakes, for the day and the counter.
  const arms = shallowRef<ReadonlyMap<string, Bake>>(new Map())
  const photos = shallowRef<readonly Photo[]>([])
  async function look() {
    const found = await Promise.all(of.trial.arms.map(arm => bakeById(arm.id)))
    arms.value = new Map(found.flatMap(one => (one ? [[one.id, one] as const] : [])))
    photos.value = (await Promise.all(of.trial.arms.map(arm => photosOf(arm.id)))).flat()
  }
  watch(() => [of.trial.id, house.rows], look, { immediate: true })

  const madeOf = (arm: Arm): Made | null => arms.value.get(arm.id)?.made?.at(-1) ?? null
  /** What was typed, filled up with what the counter wrote down. */
  const seen = (arm: Arm) => withMade(arm.record, madeOf(arm))
  const winner = computed(() => of.trial.arms.find(arm => arm.id === of.trial.crowned) ?? null)
  return { trial, bake, view, arms, photos, look, madeOf, seen, winner }
}
