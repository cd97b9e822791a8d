import type { Claims, ContactPlan, PacketCoverage } from '#core/people'

interface PacketSafety {
  readonly resting: PacketCoverage
  readonly claims: Claims
  readonly contact: ContactPlan
  /** For each ingredient, what is to be looked for on its packet. */
  readonly lookFor: ReadonlyMap<string, readonly string[]>
}

/** What the packets say of the bake that is open, and which of its ingredients are bought. */
export function useBakePackets() {
  const current = useCurrentBake()
  const house = useHouseStore()
  const safety = shallowRef<PacketSafety | null>(null)
  const bought = shallowRef<ReadonlySet<string>>(new Set())
  const latest = latestOnly()
  watch(
    [() => current.bake, () => current.table, () => house.packets],
    async ([bake, table, packets]) => {
      const isLatest = latest.begin()
      if (!bake) {
        safety.value = null
        return
      }
      const recipe = bake.plan?.recipe ?? bake.recipe
      const [found, kinds] = await Promise.all([
        useCore().safety(recipe, table, bake.ties, { packets, today: today() }),
        useCore().boughtIn(recipe),
      ])
      if (!isLatest()) return
      bought.value = new Set(kinds)
      safety.value = {
        resting: found.claims.coverage,
        claims: found.claims,
        contact: found.contact,
        lookFor: new Map(found.toRead.map(r => [r.ingredient, r.lookFor])),
      }
    },
    { immediate: true },
  )
  return { safety, bought }
}
