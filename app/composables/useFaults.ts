import type { Bake } from '#core/share'
import type { Arm } from '#core/trial'

interface FaultRow {
  readonly id: string
  readonly says: string
  readonly sense: string
}

/** What is wrong with a bake: pressed, read from words, or taken from the scores of an arm. */
export function useFaults(of: { readonly bake: Bake }, arm: Ref<Arm | null>) {
  const rows = shallowRef<readonly FaultRow[]>([])
  const family = ref<string | null>(null)
  watch(
    () => [of.bake.recipe, of.bake.plan] as const,
    async ([recipe, plan]) => {
      const is = await useCore().symptoms(recipe, plan)
      family.value = is.family
      rows.value = is.rows
    },
    { immediate: true },
  )
  const said = ref<Readonly<Record<string, 'yes' | 'no'>>>({})
  watch(
    () => of.bake.id,
    () => {
      said.value = {}
    },
  )
  function say(id: string, to: 'yes' | 'no' | null) {
    const { [id]: _, ...rest } = said.value
    said.value = to ? { ...rest, [id]: to } : rest
  }
  const sayAll = (ids: readonly string[]) => {
    for (const id of ids) say(id, 'yes')
  }
  /** What its tasters' scores say already. */
  const scored = shallowRef<readonly string[]>([])
  watch(arm, async now => {
    scored.value = now ? await useCore().symptomsOf(now.record) : []
  })
  const fromScores = computed(() =>
    rows.value.filter(row => scored.value.includes(row.id) && said.value[row.id] !== 'yes'),
  )
  const words = ref('')
  const unread = ref('')
  async function read() {
    const text = words.value.trim()
    if (!text) return
    const found = await useCore().symptomsIn(words.value, family.value)
    unread.value = found.length
      ? ''
      : `“${text.slice(0, 60)}” names no fault that is known here. Tick what comes nearest.`
    if (!found.length) return
    sayAll(found)
    words.value = ''
  }
  return { rows, said, say, sayAll, fromScores, words, unread, read }
}
