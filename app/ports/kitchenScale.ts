import {
  atScale,
  readScaleLine,
  switchOn,
  weigh,
  type Fault,
  type ScaleAct,
  type ScaleReading,
} from '#core/make'
import { listen, type DeviceState } from './eventLine'

export interface ScaleEars {
  readonly reading: (reading: ScaleReading) => void
  readonly state: (state: DeviceState, where: 'server' | 'browser') => void
}

/**
 * A kitchen scale, wherever it is. A real one can take the stand-in's place behind this; `pour` is
 * only there where the hand is simulated too.
 */
export interface KitchenScale {
  readonly simulated: boolean
  readonly zero: () => void
  readonly empty: () => void
  readonly pour?: (rate: number) => void
  readonly close: () => void
}

/**
 * The stand-in on this app's own server; where that cannot be reached, the same one in this
 * browser. Signed as simulated.
 */
export function simulatedScale(ears: ScaleEars, fault: Fault = 'none'): KitchenScale {
  const key = crypto.randomUUID()
  let here: { scale: ReturnType<typeof switchOn>; readonly since: number } | null = null
  let beat: ReturnType<typeof setInterval> | undefined
  const seconds = () => (here ? (performance.now() - here.since) / 1000 : 0)
  function inBrowser() {
    here = { scale: switchOn(4711), since: performance.now() }
    ears.state('here', 'browser')
    beat = setInterval(() => {
      const { scale, reading } = weigh(here!.scale, seconds())
      here!.scale = scale
      ears.reading(reading)
    }, 200)
  }
  const stop = listen(`/api/stand-ins/scale?key=${key}&fault=${fault}`, readScaleLine, {
    reading: ears.reading,
    state: state => ears.state(state, 'server'),
    nobody: inBrowser,
  })
  const tell = (what: ScaleAct, rate = 0) => {
    if (here) here.scale = atScale(here.scale, what, { rate, seconds: seconds() })
    else
      void fetch('/api/stand-ins/scale', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ key, do: what, rate }),
      }).catch(() => undefined)
  }
  return {
    simulated: true,
    zero: () => tell('zero'),
    empty: () => tell('empty'),
    pour: rate => tell(rate ? 'pour' : 'stop', rate),
    close: () => {
      stop()
      clearInterval(beat)
    },
  }
}
