import { defineStore } from 'pinia'
import type { Caution, Claims, ContactPlan, PeopleCheck } from '#core/people'
import type { Bake } from '#core/share'
import { useCurrentBake } from './currentBake'
import { useHouseStore } from './house'

/** Who can eat the bake that is open, as it is written and as it is planned, by the packets of the house. */
export const useSafety = defineStore('safety', () => {
  const house = useHouseStore()
  const current = useCurrentBake()
  const check = shallowRef<PeopleCheck | null>(null)
  /** The same of the chosen plan's recipe; null without a plan. */
  const planCheck = shallowRef<PeopleCheck | null>(null)
  /** What may be said of what will be baked, and on how many packets it rests. */
  const claims = shallowRef<Claims | null>(null)
  const cautions = shallowRef<readonly Caution[]>([])
  /** What is to be done against traces, of what will be baked. */
  const contact = shallowRef<ContactPlan | null>(null)

  const latest = latestOnly()
  async function look(at: Bake) {
    const isLatest = latest.begin()
    const [core, people] = [useCore(), current.table]
    const by = { packets: house.packets, today: today() }
    const of = (recipe: Bake['recipe']) =>
      core.safety(recipe, people, at.ties, by).catch(current.broken)
    const [written, planned] = await Promise.all([
      of(at.recipe),
      at.plan ? of(at.plan.recipe) : null,
    ])
    if (!isLatest()) return
    check.value = written?.check ?? null
    cautions.value = written?.cautions ?? []
    claims.value = (planned ?? written)?.claims ?? null
    contact.value = (planned ?? written)?.contact ?? null
    planCheck.value = planned?.check ?? null
  }
  function forget() {
    latest.stop()
    for (const said of [check, planCheck, claims, contact]) said.value = null
    cautions.value = []
  }
  // What is said of another bake must never stand beside this one, not for a moment.
  watch(
    () => current.bake?.id,
    () => forget(),
    { flush: 'sync' },
  )
  // A person or a packet may change in another tab: what was said of this bake may hold no longer.
  // What is told at the counter changes nothing of it.
  watch(
    [
      () => current.bake?.recipe,
      () => current.bake?.plan,
      () => current.bake?.people,
      () => current.bake?.ties,
      () => current.openings,
      () => house.people,
      () => house.packets,
    ],
    () => {
      if (current.bake) void look(current.bake)
    },
    { immediate: true },
  )
  return { check, planCheck, claims, cautions, contact }
})
