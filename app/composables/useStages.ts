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

/** Where the bake on the bench stands: which stage is looked at, which are done, and what is open at each. */
export function useStages() {
  const route = useRoute()
  const bench = useBenchStore()
  const house = useHouseStore()
  const here = computed(
    () => stages.find(stage => route.path.split('/')[1] === stage.id)?.id ?? null,
  )
  const openOf = (id: StageId): number => {
    const bake = bench.bake
    if (!bake) return 0
    if (id === 'recipe') return bake.findings.filter(f => f.severity !== 'note').length
    if (id === 'swap')
      return bake.plan || !bench.check?.people.some(p => p.verdict === 'conflict') ? 0 : 1
    // Packets that somebody at the table needs read, of the recipe that will be baked.
    if (id === 'packet') {
      const check = bake.plan ? bench.planCheck : bench.check
      return new Set(
        check?.people.flatMap(p =>
          p.conflicts
            .filter(
              c =>
                (c.ingredient && c.allergen && c.state !== 'contains' && c.rule !== 'diet') ||
                c.rule === 'packet-not-read' ||
                c.rule === 'packet-words',
            )
            .map(c => c.ingredient),
        ) ?? [],
      ).size
    }
    return 0
  }
  const isDone = (id: StageId): boolean => {
    const bake = bench.bake
    if (id === 'people') return house.people.length > 0
    if (!bake) return false
    if (id === 'recipe') return !bake.findings.some(f => f.severity === 'stop')
    if (id === 'packet')
      return (
        bench.claims !== null &&
        bench.claims.resting.onPackets >= bench.claims.resting.bought &&
        openOf('packet') === 0
      )
    return id === 'swap'
      ? bake.plan !== null
      : id === 'pan'
        ? bake.size !== undefined
        : id === 'day'
          ? bake.day !== undefined
          : id === 'make'
            ? Boolean(bake.made?.length)
            : id === 'trial'
              ? Boolean(bake.trials?.some(t => t.crowned))
              : false
  }
  const addressOf = (id: StageId) =>
    id === 'people'
      ? '/people'
      : id === 'trial' && bench.bake?.arm
        ? `/trial/${bench.bake.arm.bake}`
        : bench.bake
          ? `/${id}/${bench.bake.id}`
          : `/${id}`
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
