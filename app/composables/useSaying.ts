import type { Saying } from '~/stores/make'

/**
 * Says what happened at the counter, and ends the making with the last tick. The card that comes for
 * it has the focus as soon as it comes, so that it is read out; what comes later, when all is kept,
 * takes the focus from nobody.
 */
export function useSaying(make: ReturnType<typeof useMakeStore>) {
  let isSaid = false
  watch(
    () => make.making?.log.length,
    () => {
      if (isSaid) document.querySelector<HTMLElement>('#now')?.focus({ preventScroll: true })
      isSaid = false
    },
    { flush: 'post' },
  )
  return async (sayings: readonly Saying[]) => {
    isSaid = true
    await make.say(...sayings)
    isSaid = false
    const counter = make.counter
    if (counter?.finished !== null) return
    if (counter.cards.filter(p => p.card.kind === 'serve').every(p => p.is === 'over'))
      await make.finish()
  }
}
