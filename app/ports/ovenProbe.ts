import { feel, readProbeLine, type Fault, type SimBake } from '#core/make'
import { listen, type DeviceState } from './eventLine'

export interface ProbeEars {
  readonly reading: (celsius: number) => void
  readonly state: (state: DeviceState, where: 'server' | 'browser') => void
}
export interface OvenProbe {
  readonly simulated: boolean
  readonly close: () => void
}

/**
 * The stand-in for a probe in a bake that went in at `begun` (ms since 1970): on this app's server,
 * else in this browser.
 */
export function simulatedProbe(
  bake: SimBake,
  begun: number,
  ears: ProbeEars,
  fault: Fault = 'none',
): OvenProbe {
  let beat: ReturnType<typeof setInterval> | undefined
  let n = 0
  const inBrowser = () => {
    ears.state('here', 'browser')
    beat = setInterval(() => ears.reading(feel(bake, (Date.now() - begun) / 60_000, ++n)), 2000)
  }
  const query = new URLSearchParams({
    ...Object.fromEntries(Object.entries(bake).map(([name, value]) => [name, String(value)])),
    begun: String(begun),
    now: String(Date.now()),
    fault,
  })
  const stop = listen(`/api/stand-ins/probe?${query}`, readProbeLine, {
    reading: ears.reading,
    state: state => ears.state(state, 'server'),
    nobody: inBrowser,
  })
  return {
    simulated: true,
    close: () => {
      stop()
      clearInterval(beat)
    },
  }
}
