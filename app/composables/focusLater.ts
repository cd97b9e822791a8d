/**
 * For what takes a while: call it before the wait, and hand what it gives the thing that is to have
 * the focus after it. Whoever has gone elsewhere meanwhile stays there.
 */
export function focusLater(): (to: { focus: () => void } | null | undefined) => void {
  const from = document.activeElement
  return to => {
    const now = document.activeElement
    if (now === null || now === document.body || now === from) to?.focus()
  }
}
