import type { Action } from '../method'
import { ingredientById } from '../pantry'
import { linesOf, type Line, type Recipe } from '../recipe'
import { takeOut } from './tables/durations'

/** What is to be soft, and the action that wants it so. */
export interface Softening {
  readonly lines: readonly Line[]
  readonly action: Action
}

const isSoftened = (action: Action, at: readonly [number, number] | null): boolean =>
  action.verb === 'cream' ||
  action.manners.has('room-warm') ||
  (at !== null && takeOut.soft.test(action.text.slice(0, at[1] - action.span[0])))

/** What comes out of the fridge to soften: one taking-out for each action that wants it. */
export function softenings(recipe: Recipe, actions: readonly Action[]): readonly Softening[] {
  const found = new Map<string, { lines: Line[]; action: Action }>()
  const kept = linesOf(recipe).filter(line =>
    takeOut.kinds.includes(ingredientById(line.ingredient ?? '')?.kind ?? ''),
  )
  for (const line of kept) {
    const uses = actions.flatMap(action =>
      action.takes
        .filter(one => one.thing.is === 'line' && one.thing.line === line.id)
        .map(one => ({ action, one })),
    )
    const wanted = takeOut.line.test(line.text)
      ? (uses.find(({ one }) => !one.readies) ?? uses[0])
      : uses.find(({ action, one }) => !one.readies && isSoftened(action, one.span))
    if (!wanted) continue
    const before = found.get(wanted.action.id)
    if (before) before.lines.push(line)
    else found.set(wanted.action.id, { lines: [line], action: wanted.action })
  }
  return [...found.values()]
}
