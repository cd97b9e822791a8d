import { keyOf, scaleOf } from '../../stand-ins/scales'
import { emptyScale, pour, setToZero } from '#core/make'

/**
 * What hands do at the simulated scale: pour so many grams a second, stop, set it to zero, take
 * everything off.
 */
export default defineEventHandler(async event => {
  const body = await readBody<{ key?: unknown; do?: unknown; rate?: unknown } | null>(event)
  const key = keyOf(body?.key)
  const rate = typeof body?.rate === 'number' && Number.isFinite(body.rate) ? body.rate : 0
  if (!key || !['pour', 'stop', 'zero', 'empty'].includes(String(body?.do))) {
    setResponseStatus(event, 400)
    return { simulated: true, problem: 'A key and one of pour, stop, zero, empty are wanted.' }
  }
  const { here, at } = scaleOf(key)
  here.scale =
    body!.do === 'zero'
      ? setToZero(here.scale, at)
      : body!.do === 'empty'
        ? emptyScale(here.scale, at)
        : pour(here.scale, body!.do === 'pour' ? rate : 0, at)
  return { simulated: true }
})
