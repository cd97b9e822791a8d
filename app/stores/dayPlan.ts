import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import type { DayPlan, Needed } from '#core/day'
import type { BakeDay } from '#core/share'
import { useCurrentBake } from './currentBake'
import { useHouseStore } from './house'

/** Milliseconds until a good plan is shown, and until the search for a better one ends. */
const patience = { soon: 160, most: 1500 }

/** The day of the bake that is open, and what it needs. */
export const useDayPlan = defineStore('dayPlan', () => {
  const house = useHouseStore()
  const current = useCurrentBake()
  const plan = shallowRef<DayPlan | null>(null)
  const working = ref(false)
  const shopping = shallowRef<readonly Needed[]>([])
  const latest = latestOnly()
  /** Works out the day; a first plan is shown while better ones are looked for. */
  async function planDay(
    day: BakeDay,
    now: number,
    asleep: readonly (readonly [number, number])[],
  ) {
    if (!current.bake) return
    const isLatest = latest.begin()
    working.value = true
    const core = useCore()
    const all = await current.bakesOf(day)
    const apart = all.length > 1 ? await core.apart(all, house.people) : []
    const better = proxy((found: DayPlan) => {
      if (isLatest()) plan.value = found
    })
    const { serveAt, wishes } = day
    const options = { serveAt, now, kitchen: house.kitchen, asleep, wishes, apart }
    const found = await core.planDay(all, options, patience, better).catch(current.broken)
    if (!isLatest()) return
    plan.value = found
    shopping.value = (await core.shopping(all, house.kitchen).catch(current.broken)) ?? []
    if (isLatest()) working.value = false
  }
  watch(
    () => current.bake,
    now => {
      if (!now) plan.value = null
    },
  )
  return { plan, working, shopping, planDay }
})
