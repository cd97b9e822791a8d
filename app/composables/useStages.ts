import type { PeopleCheck } from '#core/people'
import type { Bake } from '#core/share'

/** The stages of the work that Ingwer has so far, in their order; a stage's word is its address. */
export const stages = [
  { id: 'people', says: 'who eats' },
  { id: 'recipe', says: 'what goes in' },
  { id: 'swap', says: 'what changes' },
  { id: 'packet', says: 'out of which packets' },
  { id: 'pan', says: 'how large, in what' },
  { id: 'day', says: 'from when to when' },
  { id: 'make', says: 'one thing at a time' },
  { id: 'trial', says: 'what it teaches' },
  { id: 'share', says: 'the card' },
] as const
export type StageId = (typeof stages)[number]['id']

/** How many ingredients somebody at the table needs a packet read for. */
function packetsToRead(check: PeopleCheck | null): number {
  const all = check?.people.flatMap(p => p.conflicts) ?? []
  const open = all.filter(
    c =>
      (c.ingredient && c.allergen && c.state !== 'contains' && c.rule !== 'diet') ||
      c.rule === 'packet-not-read' ||
      c.rule === 'packet-words',
  )
  return new Set(open.map(c => c.ingredient)).size
}

/** Stages that are done once something is kept with the bake. */
const isDoneBy: Partial<Record<StageId, (bake: Bake) => boolean>> = {
  swap: bake => bake.plan !== null,
  pan: bake => bake.size !== undefined,
  day: bake => bake.day !== undefined,
  make: bake => Boolean(bake.made?.length),
  trial: bake => Boolean(bake.trials?.some(trial => trial.crowned)),
}

/** Where the bake that is open stands: which stage is looked at, which are done, and what is open at each. */
export function useStages() {
  const route = useRoute()
  const current = useCurrentBake()
  const safety = useSafety()
  const house = useHouseStore()
  const here = computed(
    () => stages.find(stage => route.path.split('/')[1] === stage.id)?.id ?? null,
  )
  const openOf = (id: StageId): number => {
    const bake = current.bake
    if (!bake) return 0
    if (id === 'recipe') return bake.findings.filter(f => f.severity !== 'note').length
    if (id === 'swap')
      return bake.plan || !safety.check?.people.some(p => p.verdict === 'conflict') ? 0 : 1
    // Packets that somebody at the table needs read, of the recipe that will be baked.
    if (id === 'packet') return packetsToRead(bake.plan ? safety.planCheck : safety.check)
    return 0
  }
  const isDone = (id: StageId): boolean => {
    const bake = current.bake
    if (id === 'people') return house.people.length > 0
    if (!bake) return false
    if (id === 'recipe') return !bake.findings.some(f => f.severity === 'stop')
    if (id === 'packet')
      return (
        safety.claims !== null &&
        safety.claims.coverage.onPackets >= safety.claims.coverage.bought &&
        openOf('packet') === 0
      )
    return isDoneBy[id]?.(bake) ?? false
  }
  const addressOf = (id: StageId) => {
    const { bake } = current
    if (id === 'people') return '/people'
    if (id === 'trial' && bake?.arm) return `/trial/${bake.arm.bake}`
    return bake ? `/${id}/${bake.id}` : `/${id}`
  }
  return computed(() =>
    stages.map(stage => ({
      ...stage,
      here: stage.id === here.value,
      done: isDone(stage.id),
      open: openOf(stage.id),
      to: addressOf(stage.id),
    })),
  )
}
