import { substitutionsOf, type Plan } from '#core/swap'

/** The names of all substitutions in some plans, by their ids: asked of the core once they are needed. */
export function useSubstitutionNames(plans: Ref<readonly Plan[]>) {
  const names = ref<Readonly<Record<string, string>>>({})
  watch(
    plans,
    async all => {
      const ids = all.flatMap(substitutionsOf).filter(id => !names.value[id])
      if (!ids.length) return
      const found = await useCore().schoolNames(ids)
      names.value = { ...names.value, ...Object.fromEntries(found.map(s => [s.id, s.name])) }
    },
    { immediate: true },
  )
  return names
}
