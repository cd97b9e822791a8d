/** Puts the bake of the page's address on the bench; `missing` when the house has no such bake. */
export function useBake() {
  const route = useRoute()
  const current = useCurrentBake()
  const missing = ref(false)
  const id = computed(() =>
    typeof route.params.bake === 'string' && route.params.bake ? route.params.bake : undefined,
  )
  const opened = ref(false)
  watch(
    id,
    async () => {
      missing.value = !(await current.open(id.value))
      opened.value = true
    },
    { immediate: true },
  )
  return { missing, opened }
}
