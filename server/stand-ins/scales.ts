import { switchOn, type SimScale } from '#core/make'

/** The simulated scales that are switched on, by the key of whoever looks at one. Forgotten after an hour. */
const scales = new Map<string, { scale: SimScale; readonly since: number; seen: number }>()
const kept = 3_600_000

export function scaleOf(key: string) {
  const now = Date.now()
  for (const [id, each] of scales) if (now - each.seen > kept) scales.delete(id)
  const here = scales.get(key) ?? {
    scale: switchOn([...key].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) | 0, 7)),
    since: now,
    seen: now,
  }
  here.seen = now
  scales.set(key, here)
  return { here, at: (now - here.since) / 1000 }
}
export const keyOf = (given: unknown): string =>
  typeof given === 'string' && /^[\w-]{1,60}$/u.test(given) ? given : ''
