import { keyOf, scaleOf } from '../../stand-ins/scales'
import { atScale, scaleActs } from '#core/make'

/**
 * What hands do at the simulated scale: pour so many grams a second, stop, set it to zero, take
 * everything off.
 */
export default defineEventHandler(async event => {
  const body = await readBody<{ key?: unknown; do?: unknown; rate?: unknown } | null>(event)
  const key = keyOf(body?.key)
  const rate = typeof body?.rate === 'number' && Number.isFinite(body.rate) ? body.rate : 0
  const act = scaleActs.find(each => each === body?.do)
  if (!key || !act) {
    setResponseStatus(event, 400)
    return { simulated: true, problem: 'A key and one of pour, stop, zero, empty are wanted.' }
  }
  const { here, at } = scaleOf(key)
  here.scale = atScale(here.scale, act, { rate, seconds: at })
  return { simulated: true }
})
