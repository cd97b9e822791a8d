/** How a device that sends lines is: being called, sending, sending nonsense, silent, out of reach. */
export type DeviceState = 'calling' | 'here' | 'garbled' | 'silent' | 'lost'
export interface DeviceEars<T> {
  readonly reading: (reading: T) => void
  readonly state: (state: DeviceState) => void
  /** Nobody answers at all: once. */ readonly nobody: () => void
}

/** A device that says nothing for so long is silent; one that never answers within so long is not there. */
const silence = 4000
const patience = 5000

/**
 * Listens to lines of a device at an address of this server. Lines that are no reading are counted
 * and left out; a dropped line is called again by the browser. Gives the way to stop.
 */
export function listen<T>(
  url: string,
  read: (text: string) => T | null,
  ears: DeviceEars<T>,
): () => void {
  const source = new EventSource(url)
  let [answered, nonsense, state] = [false, 0, 'calling' as DeviceState]
  const is = (next: DeviceState) => {
    if (next !== state) {
      state = next
      ears.state(next)
    }
  }
  let quiet: ReturnType<typeof setTimeout> | undefined
  const listenOn = () => {
    clearTimeout(quiet)
    quiet = setTimeout(() => is('silent'), silence)
  }
  const never = setTimeout(() => {
    if (!answered) {
      stop()
      ears.nobody()
    }
  }, patience)
  source.onopen = () => {
    listenOn()
  }
  source.onmessage = ({ data }: MessageEvent<string>) => {
    answered = true
    listenOn()
    const reading = read(data)
    if (reading === null) {
      if (++nonsense >= 3) is('garbled')
      return
    }
    // Among nonsense a reading is not believed: it takes some good ones in a row.
    nonsense = Math.max(0, nonsense - 1)
    if (nonsense < 3) {
      is('here')
      ears.reading(reading)
    }
  }
  source.onerror = () => {
    clearTimeout(quiet)
    if (!answered && source.readyState === EventSource.CLOSED) {
      stop()
      ears.nobody()
    } else is('lost')
  }
  function stop() {
    source.close()
    clearTimeout(quiet)
    clearTimeout(never)
  }
  return stop
}
