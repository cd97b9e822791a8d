/** What a field takes: from `low` to `high`, and `what` it is called when it is refused. */
interface NumberRange {
  readonly low: number
  readonly high: number
  readonly what: string
}

/**
 * Numbers as they are typed: `number` hands on what is within its range, and undefined for an empty
 * field; anything else becomes the sentence in `wrong`, and nothing is handed on.
 */
export function useNumberField() {
  const wrong = ref('')
  function number(given: string, range: NumberRange, use: (n: number | undefined) => unknown) {
    const n = readDecimal(given)
    const { low, high, what } = range
    const isRefused = n !== null && !(Number.isFinite(n) && n >= low && n <= high)
    wrong.value = isRefused ? `“${given}” is no ${what}: from ${low} to ${high}.` : ''
    if (!isRefused) void use(n ?? undefined)
  }
  return { wrong, number }
}
