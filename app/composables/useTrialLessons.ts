import { learn, type Lesson } from '#core/trial'
import type { useOpenTrial } from './useOpenTrial'

type Taught = Awaited<ReturnType<ReturnType<typeof useCore>['lessons']>>

/** What the winner of a trial teaches, and whether the house has learned it. */
export function useTrialLessons({ trial, bake }: ReturnType<typeof useOpenTrial>) {
  const house = useHouseStore()
  const takeBack = useTakeBack()
  const taught = shallowRef<Taught | null>(null)
  /** The packets that it was made of: what is learned holds for them. */
  const packets = computed(() =>
    house.packets
      .filter(p => p.ingredient && bake.value.ties.some(tie => tie.packets.includes(p.id)))
      .map(p => ({ id: p.id, name: p.name, ingredient: p.ingredient! })),
  )
  watch(
    [trial, packets],
    async ([now]) => {
      const { title, id } = bake.value
      const of = { title, bake: id, on: today(), packets: packets.value }
      taught.value = now.crowned
        ? await useCore()
            .lessons(now, of)
            .catch(() => null)
        : null
    },
    { immediate: true },
  )
  const lessons = computed<readonly Lesson[]>(() =>
    (taught.value?.lessons ?? []).map(each => each.lesson),
  )
  const isKnown = computed(
    () =>
      lessons.value.length > 0 &&
      lessons.value.every(lesson => house.lessons.some(known => known.id === lesson.id)),
  )
  async function learnIt() {
    const fresh = lessons.value
    const back = await house.keepLessons(learn(house.lessons, fresh))
    takeBack('Learned. Plans are worked out with it from now on.', 'Take it back', back)
    return fresh
  }
  return { taught, lessons, isKnown, learnIt }
}
