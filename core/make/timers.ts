import type { Minutes } from '../measure'
import type { Moment } from '../day'
import type { MakingEvent } from './making'
import type { Mark } from './card'

/**
 * A timer with its name. Its end is a moment, so that it goes on while the page is closed or the
 * device sleeps.
 */
export interface Timer {
  readonly id: string
  readonly says: string
  readonly card: string | null
  readonly begun: Moment
  readonly ends: Moment
  readonly marks: readonly (Mark & { readonly moment: Moment; readonly heard: boolean })[]
  readonly stopped: Moment | null
}

/** Something that calls for attention now: a mark that nobody has heard yet, or an end. */
export interface Call {
  readonly timer: string
  readonly says: string
  readonly mark: number | null
  readonly since: Moment
}

/** A timer as it was begun, and everything said since. */
interface TimerBegun {
  readonly id: string
  readonly says: string
  readonly card: string | null
  readonly begun: Moment
  readonly minutes: Minutes
  readonly marks: readonly Mark[]
  readonly log: readonly MakingEvent[]
}

/**
 * The timer as it stands after what was said of it. Marks that were passed before an extension
 * stay; those after it move along with the end.
 */
export function timerOf({ id, says, card, begun, minutes, marks, log }: TimerBegun): Timer {
  let length = minutes
  let moved = marks.map(mark => ({ ...mark }))
  let stopped: Moment | null = null
  const heard = new Set<number>()
  for (const h of log) {
    if (h.do === 'more' && h.timer === id) {
      const so = h.at - begun
      moved = moved.map((mark, n) =>
        mark.at > so && !heard.has(n) ? { ...mark, at: Math.max(so, mark.at + h.minutes) } : mark,
      )
      length = Math.max(0, length + h.minutes)
    } else if (h.do === 'heard' && h.timer === id) heard.add(h.mark)
    else if (h.do === 'stop' && h.timer === id && stopped === null) stopped = h.at
  }
  return {
    id,
    says,
    card,
    begun,
    ends: begun + length,
    marks: moved.map((mark, n) => ({ ...mark, moment: begun + mark.at, heard: heard.has(n) })),
    stopped,
  }
}

export const isOver = (timer: Timer, now: Moment): boolean =>
  timer.stopped !== null || timer.ends <= now

/** What calls, the oldest first. A timer that ended calls until somebody says that it is done. */
export function callsOf(timers: readonly Timer[], now: Moment): readonly Call[] {
  return timers
    .filter(timer => timer.stopped === null)
    .flatMap((timer): Call[] => [
      ...timer.marks.flatMap((mark, n): Call[] =>
        !mark.heard && mark.moment <= now && timer.ends > now
          ? [{ timer: timer.id, says: `${mark.says}: ${timer.says}`, mark: n, since: mark.moment }]
          : [],
      ),
      ...(timer.ends <= now
        ? [{ timer: timer.id, says: timer.says, mark: null, since: timer.ends }]
        : []),
    ])
    .sort((a, b) => a.since - b.since)
}
