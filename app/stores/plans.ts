import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import type { Bake } from '#core/share'
import type { Adaptation, Plan, Result, Split, Wishes } from '#core/swap'
import { useCurrentBake } from './currentBake'
import { useHouseStore } from './house'

/** Steps on the same line within so many milliseconds are one step to undo. */
const together = 1500

/** The plans for the bake that is open: worked out, moved, chosen, and weighed against several batches. */
export const usePlans = defineStore('plans', () => {
  const house = useHouseStore()
  const current = useCurrentBake()
  const adaptation = shallowRef<Adaptation | null>(null)
  const planning = ref(false)
  const latest = latestOnly()
  /** The wishes that the plans were worked out by. */
  let wishedFor = ''
  const asked = (now: Bake) => {
    const of = current.asked(now)
    return { ...of, wishes: { ...of.wishes, measureIn: house.measureIn } }
  }

  async function work() {
    const now = current.bake
    if (!now) return
    const isLatest = latest.begin()
    planning.value = true
    wishedFor = JSON.stringify(now.wishes)
    // A first plan is shown while the others are still weighed.
    const first = proxy((plan: Plan) => {
      if (isLatest() && !adaptation.value)
        adaptation.value = {
          verdict: 'adapted',
          family: plan.parts[0]?.family ?? '',
          why: [],
          plans: [plan],
          instead: [],
        }
    })
    const found = await useCore().adapt(asked(now), first).catch(current.broken)
    if (!isLatest()) return
    adaptation.value = found
    planning.value = false
  }
  /** Stops waiting: what was there before stays. */
  function stopWorking() {
    latest.stop()
    planning.value = false
  }

  // Another bake, recipe or table: these plans are of the one before.
  watch(
    [
      () => current.bake?.id,
      () => current.bake?.recipe,
      () => current.bake?.people,
      () => current.openings,
    ],
    () => {
      stopWorking()
      adaptation.value = null
      stopSplit()
      split.value = null
    },
    { flush: 'sync' },
  )
  // What the house has learned meanwhile is in the plans that are shown.
  watch(
    () => house.lessons,
    () => {
      if (adaptation.value) void work()
    },
  )
  watch(
    () => current.stepped,
    () => {
      nudged = null
      if (adaptation.value && JSON.stringify(current.bake?.wishes) !== wishedFor) void work()
    },
  )

  /**
   * What the baker asks for besides; the plans are worked out anew. A plan that was chosen stays
   * chosen until another is.
   */
  async function wish(wishes: Wishes) {
    await current.put({ wishes })
    await work()
  }
  const choose = (plan: Plan) => current.put({ plan })

  let nudged: { readonly lineId: string; readonly at: number } | null = null
  /** Moves one amount of a plan; it is then the bake's own plan. */
  async function nudge(plan: Plan, lineId: string, grams: number) {
    const now = current.bake
    if (!now) return
    // When it was pressed: how long it takes to work out parts no steps.
    const at = performance.now()
    const found = await useCore().nudge(asked(now), { plan, lineId, grams }).catch(current.broken)
    if (!found || current.bake?.id !== now.id) return
    const next = { ...current.bake, plan: found.plan, updated: new Date().toISOString() }
    const isSameMove = nudged?.lineId === lineId && at - nudged.at < together && current.canUndo
    await (isSameMove ? current.replace(next) : current.change(next))
    nudged = { lineId, at: performance.now() }
  }

  const split = shallowRef<Split | null>(null)
  const splitting = ref<{ readonly done: number; readonly of: number } | null>(null)
  const latestSplit = latestOnly()
  /** Weighs one version for all against several batches. */
  async function weighSplit() {
    const now = current.bake
    if (!now) return
    const isLatest = latestSplit.begin()
    split.value = null
    splitting.value = { done: 0, of: 1 }
    const heard = proxy((done: number, of: number) => {
      if (isLatest()) splitting.value = { done, of }
      return isLatest()
    })
    const found = await useCore().split(asked(now), heard).catch(current.broken)
    if (!isLatest()) return
    split.value = found
    splitting.value = null
  }
  function stopSplit() {
    latestSplit.stop()
    splitting.value = null
  }
  /** Makes a bake of each batch, each with its people and plan; the one that is baked first is opened. */
  async function bakeApart(): Promise<string | null> {
    const now = current.bake
    const found = split.value
    if (!now || !found) return null
    const moment = new Date().toISOString()
    const bakes = found.batches.map((batch): Bake => {
      const title = `${now.title} for ${batch.names.join(' and ')}`.slice(0, 160)
      return {
        ...now,
        id: crypto.randomUUID(),
        title,
        recipe: { ...now.recipe, title },
        people: batch.people,
        plan: batch.plan,
        baked: [],
        making: null,
        made: [],
        trials: [],
        favourites: [],
        created: moment,
        updated: moment,
      }
    })
    for (const each of [...bakes].reverse()) await house.keepBake(each)
    return bakes[0]?.id ?? null
  }

  /** How it came out, today, by the chosen plan; or takes that back. */
  async function baked(result: Result | null) {
    const now = current.bake
    if (!now?.plan) return
    const on = today()
    const others = (now.baked ?? []).filter(b => b.on !== on)
    const schools = [...new Set(now.plan.changes.flatMap(change => change.school ?? []))]
    const family = now.plan.parts[0]?.family ?? 'other'
    const fresh = result ? [{ on, result, family, schools, note: '' }] : []
    await current.put({ baked: [...others, ...fresh] })
    await work()
  }

  return {
    adaptation,
    planning,
    split,
    splitting,
    work,
    stopWorking,
    wish,
    choose,
    nudge,
    weighSplit,
    stopSplit,
    bakeApart,
    baked,
  }
})
