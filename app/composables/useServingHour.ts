/**
 * When what is being made is on the table, as it goes now, in minutes since 1970; null where no hour
 * was said.
 */
export function useServingHour() {
  const make = useMakeStore()
  return computed(() => {
    if (!make.making) return null
    return make.rest?.plan.ok ? make.rest.plan.end : make.making.serveAt
  })
}
