/**
 * Answers that come after something newer was asked are thrown away: `begin` gives a question to be
 * asked once the answer is there, `stop` makes all that are under way stale.
 */
export function latestOnly() {
  let turn = 0
  return {
    begin: () => {
      const mine = ++turn
      return () => mine === turn
    },
    stop: () => {
      turn++
    },
  }
}
