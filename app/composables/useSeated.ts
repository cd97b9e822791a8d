/** Everyone of the house sits at the table until somebody is sent away. */
export function useSeated() {
  const house = useHouseStore()
  const seated = ref<readonly string[]>([])
  let touched = false
  watch(
    () => house.residents,
    people => {
      if (!touched) seated.value = people.map(person => person.id)
    },
    { immediate: true },
  )
  const seat = (people: readonly string[]) => {
    touched = true
    seated.value = people
  }
  return { seated, seat }
}
