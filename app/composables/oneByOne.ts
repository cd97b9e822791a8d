/**
 * Lets one piece of work in at a time: each waits for the one before, and calls what it was given
 * when the next may begin.
 */
export function oneByOne(): () => Promise<() => void> {
  let before: Promise<void> = Promise.resolve()
  return async () => {
    const mine = before
    let free = () => {}
    before = new Promise(resolve => {
      free = resolve
    })
    await mine
    return free
  }
}
