/** Keeps the screen on while a page is open, where the device lets it; `on` says whether it does. */
export function useAwake() {
  const on = ref(false)
  const can = typeof navigator !== 'undefined' && 'wakeLock' in navigator
  let lock: WakeLockSentinel | null = null
  async function ask() {
    if (!can || document.visibilityState !== 'visible' || lock) return
    try {
      lock = await navigator.wakeLock.request('screen')
      on.value = true
      lock.addEventListener('release', () => {
        lock = null
        on.value = false
      })
    } catch {
      on.value = false
    }
  }
  const seen = () => {
    void ask()
  }
  onMounted(() => {
    void ask()
    document.addEventListener('visibilitychange', seen)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', seen)
    void lock?.release()
  })
  return { on, can }
}
