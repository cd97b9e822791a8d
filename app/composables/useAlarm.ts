import type { InjectionKey } from 'vue'
import type { Call } from '#core/make'

/** The one alarm of the app, for the page that sets it. */
export const alarmKey: InjectionKey<ReturnType<typeof useAlarm>> = Symbol('alarm')

/** How long it rings for one call, and how often, in seconds. */
const rings = { most: 300, every: 4 }

/** Three tones one after the other, each so long, in seconds. */
const [tones, length] = [[660, 880, 660], 0.22]
function threeTones(audio: AudioContext) {
  for (const [n, hertz] of tones.entries()) {
    const [tone, loud] = [audio.createOscillator(), audio.createGain()]
    const at = audio.currentTime + n * length
    tone.frequency.value = hertz
    loud.gain.setValueAtTime(0.0001, at)
    loud.gain.exponentialRampToValueAtTime(0.35, at + 0.02)
    loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.2)
    tone.connect(loud).connect(audio.destination)
    tone.start(at)
    tone.stop(at + length)
  }
}
async function notify(call: Call) {
  const options = {
    body: 'Ingwer, at the counter',
    tag: `${call.timer}/${call.mark}`,
    icon: '/icon.svg',
  }
  try {
    const worker = await navigator.serviceWorker?.getRegistration()
    if (worker) await worker.showNotification(call.says, options)
    else new Notification(call.says, options)
  } catch {
    /* Not allowed after all: the tones and the page say it. */
  }
}

/**
 * Calls out what a timer has to say: three tones again and again until it is heard, a shaking where
 * the device has it, and a notification where that is allowed and nobody looks. `quiet` turns tones
 * and shaking off, and stays so on this device.
 */
export function useAlarm(calls: () => readonly Call[], moment: () => number) {
  const quiet = ref(localStorage.getItem('ingwer-quiet') === '1')
  const allowed = ref(
    typeof Notification === 'undefined' ? ('never' as const) : Notification.permission,
  )
  let audio: AudioContext | null = null
  /** Can it be heard? Browsers play nothing before somebody has touched the page or pressed a key. */
  const isAwake = ref(false)
  function begun() {
    const own = new AudioContext()
    own.addEventListener('statechange', () => {
      isAwake.value = own.state === 'running'
    })
    return own
  }
  function wake() {
    if (typeof AudioContext === 'undefined') return
    audio ??= begun()
    if (audio.state === 'suspended') void audio.resume()
    isAwake.value = audio.state === 'running'
  }
  function ring() {
    if (quiet.value) return
    navigator.vibrate?.([220, 120, 220])
    if (audio?.state === 'running') threeTones(audio)
  }
  const ask = async () => {
    if (typeof Notification !== 'undefined') allowed.value = await Notification.requestPermission()
  }

  const told = new Set<string>()
  let last = 0
  watch([calls, moment], ([now, at]) => {
    for (const call of now) {
      const key = `${call.timer}/${call.mark}/${Math.round(call.since * 60)}`
      if (!told.has(key)) {
        told.add(key)
        last = 0
        if (allowed.value === 'granted' && document.visibilityState !== 'visible') void notify(call)
      }
    }
    const fresh = now.some(call => (at - call.since) * 60 < rings.most)
    if (fresh && at * 60 - last >= rings.every) {
      last = at * 60
      ring()
    }
  })
  const setQuiet = (is: boolean) => {
    quiet.value = is
    localStorage.setItem('ingwer-quiet', is ? '1' : '0')
  }
  const touches = ['pointerdown', 'pointerup', 'keydown'] as const
  onMounted(() => {
    for (const touch of touches) window.addEventListener(touch, wake)
  })
  onBeforeUnmount(() => {
    for (const touch of touches) window.removeEventListener(touch, wake)
    void audio?.close()
  })
  return { quiet, setQuiet, allowed, ask, wake, isAwake }
}
