import { proxy } from 'comlink'
import type { Bake } from '#core/share'
import type { Plan } from '#core/swap'
import type { Proposal } from '#core/trial'

/** An arm that is to be tried, with what is to be minded about it. */
export interface ChosenArm {
  readonly id: string
  readonly says: string
  readonly because: string
  readonly plan: Plan
  readonly warning: string
}

/** What could be tried, proposed while it is worked out; a newer question leaves the older one. */
export function useProposedArms(bake: () => Bake) {
  const current = useCurrentBake()
  const arms = shallowRef<readonly Proposal[]>([])
  const working = ref<{ readonly done: number; readonly of: number } | null>(null)
  const failed = ref(false)
  let turn = 0
  async function work() {
    const mine = ++turn
    arms.value = []
    failed.value = false
    working.value = { done: 0, of: 1 }
    const said = proxy((done: number, of: number, more: readonly Proposal[]) => {
      if (mine !== turn) return false
      working.value = { done, of }
      arms.value = [...arms.value, ...more]
      return true
    })
    const found = await useCore()
      .arms(current.asked(bake()), bake().plan, said)
      .catch(() => undefined)
    if (mine !== turn) return
    if (found === undefined) failed.value = true
    else if (found) arms.value = found
    working.value = null
  }
  watch(() => [bake().id, bake().recipe, bake().plan, current.table], work, { immediate: true })
  onBeforeUnmount(() => {
    turn++
  })
  const groups = computed(() =>
    [...new Set(arms.value.map(a => a.group))].map(name => ({
      name,
      arms: arms.value.filter(a => a.group === name),
    })),
  )
  return { arms, groups, working, failed, work }
}
