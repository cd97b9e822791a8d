/** Does this browser keep the house when its disk runs full, and how much of its room is used? */
export function useStorageRoom() {
  /** null: this browser does not say. */
  const isLasting = ref<boolean | null>(null)
  const used = ref<number | null>(null)
  const room = ref<number | null>(null)
  async function look() {
    const { storage } = navigator
    isLasting.value = (await storage?.persisted?.()) ?? null
    const is = await storage?.estimate?.()
    used.value = is?.usage ?? null
    room.value = is?.quota ?? null
  }
  /** Asks the browser to keep it; some ask whoever sits there. */
  async function ask() {
    isLasting.value = (await navigator.storage?.persist?.()) ?? null
    await look()
  }
  onMounted(look)
  return { isLasting, used, room, ask }
}
