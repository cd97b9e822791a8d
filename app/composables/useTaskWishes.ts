import type { PlacedTask } from '#core/day'
import type { useBakeDay } from './useBakeDay'

type ByTask = Readonly<Record<string, number>> | undefined

function without(map: ByTask, id: string) {
  const { [id]: _, ...rest } = map ?? {}
  return rest
}
/** Shorter differences from the usual length are none, in minutes. */
const negligible = 0.01

/** What is wished of single tasks of the day: their length, their hours, their going. */
export function useTaskWishes({ day, wish }: ReturnType<typeof useBakeDay>) {
  const wishes = computed(() => day.value.wishes)
  const own = computed(() => wishes.value.own ?? [])
  function length(task: PlacedTask, minutes: number) {
    if (task.kind === 'own') {
      void wish({ own: own.value.map(o => (o.id === task.id ? { ...o, minutes } : o)) })
      return
    }
    const isUsual = Math.abs(minutes - (task.usual ?? task.minutes)) < negligible
    const others = without(wishes.value.minutes, task.id)
    void wish({ minutes: isUsual ? others : { ...others, [task.id]: minutes } })
  }
  function hour(task: PlacedTask, which: 'notBefore' | 'outBy', at: number | null) {
    const others = without(wishes.value[which], task.id)
    void wish({ [which]: at === null ? others : { ...others, [task.id]: at } })
  }
  /** Dragged to the left it must be over earlier; to the right it does not begin before. */
  function move(task: PlacedTask, by: number) {
    const outBy = without(wishes.value.outBy, task.id)
    const notBefore = without(wishes.value.notBefore, task.id)
    void wish(
      by < 0
        ? { outBy: { ...outBy, [task.id]: Math.round(task.ends + by) }, notBefore }
        : { notBefore: { ...notBefore, [task.id]: Math.round(task.starts + by) }, outBy },
    )
  }
  const drop = (task: PlacedTask) => wish({ own: own.value.filter(o => o.id !== task.id) })
  return { length, hour, move, drop }
}
