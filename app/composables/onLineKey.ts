import type { Line } from '#core/recipe'

/** What the keys do on a line of the recipe that is not being written in. */
interface LineActs {
  readonly move: (by: 1 | -1) => void
  readonly go: (by: 1 | -1) => void
  readonly remove: () => void
  readonly take: (choice: number) => void
  readonly below: () => void
}

/** The choice that a digit takes, from 0; null where the line offers none of that number. */
function choiceOf(key: string, line: Line): number | null {
  const isDigit = /^[1-9]$/u.test(key)
  const last = line.orElse.length
  return isDigit && last && Number(key) <= last + 1 ? Number(key) - 1 : null
}

/** What a key does on a line, or null where it does nothing. */
function actOf(event: KeyboardEvent, line: Line, acts: LineActs): (() => void) | null {
  const { key, altKey } = event
  if (key === 'ArrowDown' || key === 'ArrowUp') {
    const by = key === 'ArrowDown' ? 1 : -1
    return () => (altKey ? acts.move(by) : acts.go(by))
  }
  if (key === 'Delete' || key === 'Backspace') return acts.remove
  if (key === 'Insert' || key === '+') return acts.below
  const choice = choiceOf(key, line)
  return choice === null ? null : () => acts.take(choice)
}

/** Arrows go to another line, Alt moves it, digits take a choice, Delete takes it out, Insert adds one. */
export const onLineKey = (line: () => Line, acts: LineActs) => (event: KeyboardEvent) => {
  const act = actOf(event, line(), acts)
  if (!act) return
  event.preventDefault()
  act()
}
