import type { Minutes } from '../measure'
import type { HandPart } from './doings'
import { takeOut, waitRows } from './tables/durations'
import type { DayTask } from './task'

export const waitRow = (kind: string) => waitRows[kind as keyof typeof waitRows] ?? waitRows.other

const sayLong = (m: Minutes) => {
  if (m >= 1440) return `${Math.round(m / 1440)} days`
  return m >= 120 ? `${Math.round(m / 60)} hours` : `${m} minutes`
}

/** How long what came before may wait for hands, and why; `kept`: how long a batter or dough holds. */
export function longestWait(last: DayTask, part: HandPart, kept: Minutes | undefined) {
  if (last.kind === 'bake') return { over: 1, because: `“${last.short}” comes out when it is done` }
  if (last.kind === 'hands')
    return kept === undefined
      ? null
      : { over: kept, because: `“${last.short}” waits ${sayLong(kept)} at most` }
  if (last.kind !== 'wait') return null
  const isTurnedOut = last.waits === 'cool' && part.turnsOut
  const over = isTurnedOut ? takeOut.turnOut : waitRow(last.waits ?? 'other').over
  return {
    over,
    because: `“${last.says}” does not wait longer than ${sayLong(over)} over its time`,
  }
}
