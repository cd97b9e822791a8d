import type { InjectionKey } from 'vue'
import type { DayPlan } from '#core/day'
import type { Bake, BakeDay, ShelfRow } from '#core/share'

/** The one day of the page, for what the page is made of. */
export const bakeDayKey: InjectionKey<ReturnType<typeof useBakeDay>> = Symbol('bakeDay')

/** The names of all bakes of the day by their ids, the one that is open first. */
function titlesOf(
  open: Bake | null,
  rows: readonly ShelfRow[],
  ids: readonly string[],
): Readonly<Record<string, string>> {
  const others = rows.filter(row => row.id !== open?.id && ids.includes(row.id))
  return Object.fromEntries(
    [...(open ? [open] : []), ...others].map(({ id, title }) => [id, title]),
  )
}

/** The day of the bake that is open: what was wished for it, and the plan that is worked out anew with it. */
export function useBakeDay() {
  const current = useCurrentBake()
  const dayPlan = useDayPlan()
  const house = useHouseStore()
  const bake = computed(() => current.bake)
  const day = computed<BakeDay>(
    () =>
      bake.value?.day ?? {
        serveAt: new Date(usualServing() * 60_000).toISOString(),
        with: [],
        wishes: {},
      },
  )
  const serveAt = computed(() =>
    day.value.serveAt ? Date.parse(day.value.serveAt) / 60_000 : null,
  )
  const keep = (change: Partial<BakeDay>) => current.keepDay({ ...day.value, ...change })
  const wish = (change: Partial<BakeDay['wishes']>) =>
    keep({ wishes: { ...day.value.wishes, ...change } })
  const work = () =>
    dayPlan.planDay(
      day.value,
      nowMinute(),
      nightsBefore(serveAt.value ?? nowMinute() + 1440, nightsBack(day.value.wishes)),
    )
  watch(
    () => [
      bake.value?.id,
      bake.value?.day,
      bake.value?.size,
      bake.value?.plan,
      bake.value?.recipe,
      house.kitchen,
    ],
    () => {
      if (bake.value) void work()
    },
    { immediate: true },
  )

  const plan = computed(() => (dayPlan.plan?.ok ? dayPlan.plan : null))
  const problem = computed(() => (dayPlan.plan && !dayPlan.plan.ok ? dayPlan.plan.problem : null))
  /** What was there before a wish that cannot be: it stays in sight. */
  const last = shallowRef<Extract<DayPlan, { ok: true }> | null>(null)
  watch(plan, now => {
    if (now) last.value = now
  })
  watch(
    () => bake.value?.id,
    () => {
      last.value = null
    },
  )
  const shown = computed(() => plan.value ?? last.value)
  const titles = computed(() => titlesOf(bake.value, house.rows, day.value.with))
  return { bake, day, titles, serveAt, keep, wish, plan, problem, last, shown }
}
