import { substitutionsOf, type Plan, type Wishes } from '#core/swap'

/**
 * Marks a plan as it comes out today beside the chosen one of its name; once taken it is called as
 * before.
 */
const nowadays = '-today'
const titled = { learned: ', as learned', anew: ', anew' } as const
const waysOf = (plan: Plan) =>
  JSON.stringify([
    substitutionsOf(plan).sort(),
    plan.changes.flatMap(change => change.house ?? []).sort(),
  ])
const hasLearned = (plan: Plan, kept: Plan) =>
  plan.changes.some(c => c.house && !kept.changes.some(k => k.house === c.house))
/** The plan as it comes out today, told from the chosen one by its title. */
const asToday = (plan: Plan, kept: Plan): Plan => {
  const ending = hasLearned(plan, kept) ? titled.learned : titled.anew
  const title = plan.title === kept.title ? `${plan.title}${ending}` : plan.title
  return { ...plan, id: `${plan.id}${nowadays}`, title }
}
/** What was marked for today, under its own name again. */
const unmarked = (plan: Plan): Plan => ({
  ...plan,
  id: plan.id.replace(nowadays, ''),
  title: plan.title.replace(titled.learned, '').replace(titled.anew, ''),
})

/** The plans that are on offer for the bake that is open, and the one that is looked at. */
export function useOfferedPlans() {
  const current = useCurrentBake()
  const plans = usePlans()
  const kept = computed(() => current.bake?.plan ?? null)
  /** What is worked out today. */
  const found = computed<readonly Plan[]>(() => {
    const { adaptation } = plans
    if (!adaptation) return []
    const beside = [adaptation.unasked, adaptation.offer].filter(
      plan => plan !== undefined && plan !== null,
    )
    return [...adaptation.plans, ...beside]
  })
  const offered = computed<readonly Plan[]>(() => {
    const chosen = kept.value
    // The plan that was chosen is shown as it was chosen, whatever is worked out today.
    if (!chosen) return found.value
    if (!found.value.some(plan => plan.id === chosen.id)) return [chosen, ...found.value]
    // Beside it the same as it comes out today, where that is another: something was learned, taken
    // back or asked for since, or others sit at the table.
    return found.value.flatMap(plan => {
      if (plan.id !== chosen.id) return [plan]
      return waysOf(plan) === waysOf(chosen) ? [chosen] : [chosen, asToday(plan, chosen)]
    })
  })
  const looked = ref('closest')
  watch(
    () => current.bake?.id,
    () => {
      looked.value = kept.value?.id ?? 'closest'
    },
    { immediate: true },
  )
  watch(offered, all => {
    const first = all[0]
    if (first && !all.some(plan => plan.id === looked.value)) looked.value = first.id
  })
  const isRefused = computed(
    () => plans.adaptation !== null && !kept.value && !plans.adaptation.plans.length,
  )
  const plan = computed(() => {
    if (isRefused.value) return null
    return offered.value.find(p => p.id === looked.value) ?? offered.value[0] ?? null
  })
  return { offered, looked, plan }
}

/** Taking a plan, testing it first, wishing for others: what is `looked` at follows. */
export function usePlanChoice(looked: Ref<string>) {
  const current = useCurrentBake()
  const plans = usePlans()
  const toast = useToast()
  async function take(one: Plan) {
    const chosen = unmarked(one)
    await plans.choose(chosen)
    looked.value = chosen.id
    toast.add({
      title: 'Chosen, and saved with the bake.',
      color: 'success',
      actions: [
        {
          label: 'To the card',
          color: 'primary',
          variant: 'outline',
          onClick: () => {
            void navigateTo(`/share/${current.bake?.id}`)
          },
        },
      ],
    })
  }
  /** The plan is taken, and a test of it sized. */
  async function testFirst(one: Plan) {
    await take(one)
    await current.resize({ target: { by: 'test', tests: 1 }, tins: [] })
    await navigateTo(`/pan/${current.bake!.id}`)
  }
  /** What was asked for is looked at, beside the plan that was chosen. */
  const wish = (wishes: Wishes) => {
    looked.value = current.bake?.plan?.id === 'closest' ? `closest${nowadays}` : 'closest'
    void plans.wish(wishes)
  }
  return { take, testFirst, wish }
}
