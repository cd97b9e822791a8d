import { keyOf, scaleOf } from '../../stand-ins/scales'
import { faults, frame, weigh, type Fault } from '#core/make'

/**
 * The stand-in for a kitchen scale: a reading to the gram, five a second, as Server-Sent Events,
 * each signed as simulated. `fault` lets it misbehave as cheap devices do: nonsense, silence, a
 * line that drops.
 */
export default defineEventHandler(async event => {
  const { key: given, fault: asked } = getQuery(event)
  const key = keyOf(given)
  if (!key) {
    setResponseStatus(event, 400)
    return { simulated: true, problem: 'A key is wanted: letters, digits, dashes.' }
  }
  const fault: Fault = faults.find(f => f === asked) ?? 'none'
  const stream = createEventStream(event)
  let n = 0
  const timer = setInterval(() => {
    const { here, at } = scaleOf(key)
    const { scale, reading } = weigh(here.scale, at)
    here.scale = scale
    const text = frame(fault, scale.seed, ++n, { ...reading, simulated: true })
    if (text !== null) void stream.push(text)
    if (fault === 'drop' && n > 15) void stream.close()
  }, 200)
  stream.onClosed(async () => {
    clearInterval(timer)
    await stream.close()
  })
  return stream.send()
})
