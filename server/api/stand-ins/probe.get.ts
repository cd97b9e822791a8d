import { faults, feel, frame, type Fault } from '#core/make'

/** How far the clock of whoever asks is ahead of the server's, by probe: the same when it is called again. */
const ahead = new Map<string, number>()
const mostProbes = 100
function aheadOf(probe: string, now: number): number {
  const known = ahead.get(probe)
  if (known !== undefined) return known
  if (ahead.size >= mostProbes) ahead.clear()
  ahead.set(probe, now - Date.now())
  return now - Date.now()
}

/**
 * The stand-in for an oven probe: the temperature in the middle of a bake that has been in since
 * `begun`, by the clock of whoever asks, where it is `now` (both ms since 1970); every two seconds,
 * as Server-Sent Events signed as simulated. `start`, `finish` in °C and `likely` in minutes and
 * `half`, the share of it at half the warming, say what is baked; the simulated bake takes its own
 * time.
 */
export default defineEventHandler(async event => {
  const query = getQuery(event)
  const number = (name: string, low: number, high: number, otherwise: number) => {
    const n = Number(query[name])
    return Number.isFinite(n) && query[name] !== undefined
      ? Math.min(Math.max(n, low), high)
      : otherwise
  }
  const fault: Fault = faults.find(f => f === query.fault) ?? 'none'
  const bake = {
    seed: number('seed', 0, 1e9, 1),
    start: number('start', -20, 60, 20),
    finish: number('finish', 40, 110, 96),
    likely: number('likely', 2, 1440, 40),
    half: number('half', 0.2, 0.9, 0.6),
  }
  const begun = number('begun', 0, Number.MAX_SAFE_INTEGER, Date.now())
  const now = number('now', 0, Number.MAX_SAFE_INTEGER, Date.now())
  const clock = aheadOf(`${bake.seed}/${begun}`, now)
  const stream = createEventStream(event)
  let n = 0
  const say = () => {
    const minutes = Math.max(0, (Date.now() + clock - begun) / 60_000)
    const text = frame(fault, bake.seed, ++n, { celsius: feel(bake, minutes, n), simulated: true })
    if (text !== null) void stream.push(text)
    if (fault === 'drop' && n > 3) void stream.close()
  }
  const timer = setInterval(say, 2000)
  stream.onClosed(async () => {
    clearInterval(timer)
    await stream.close()
  })
  setTimeout(say, 50)
  return stream.send()
})
