import { bakeLossFor, bakeLossRowOf, type Card, type Making } from '#core/make'

/** What goes from a bake in the oven: what it weighed before, and how far the weight in hand is on. */
export function useBakeLoss(
  of: { readonly making: Making; readonly now: number },
  card: Ref<Card>,
  inHand: Ref<number | null>,
) {
  const row = computed(() => bakeLossRowOf(card.value.weighing?.row ?? ''))
  const before = computed(() => {
    const other = card.value.weighing?.other
    const found = of.making.log.findLast(h => h.do === 'measured' && h.card === other)
    return found?.do === 'measured' ? found : null
  })
  const loss = computed(() => {
    const now = inHand.value
    if (!row.value || card.value.weighing?.when !== 'after') return null
    if (now === null || !(now > 0)) return null
    const took = before.value ? of.now - before.value.at : 0
    return bakeLossFor(row.value, before.value?.grams ?? null, now, took)
  })
  return { row, before, loss }
}
