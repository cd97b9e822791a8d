import type { BeadState } from '~/components/shared/PersonBead.vue'

/**
 * How somebody stands to what is on the bench, by the same claims as the card: a plain bead beside a
 * dessert is for whoever may have it alone.
 */
export function useBeadState() {
  const safety = useSafety()
  return (id: string): BeadState | undefined => {
    const claims = safety.claims
    const isIn = (all: readonly { readonly personId: string }[] = []) =>
      all.some(each => each.personId === id)
    if (isIn(claims?.notFor)) return 'must not'
    return isIn(claims?.notKnown) || !claims ? 'unknown' : undefined
  }
}
