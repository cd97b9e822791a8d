/** A clock that was put back by more than this was set, and did not just run a little slow. */
const notable = 5000

/**
 * Calls every second with the moment (minutes since 1970), and says when the device's clock is put
 * back: by how many minutes. A clock that goes forward may have slept, and what sleeps has passed.
 */
export function useBeat(beat: (moment: number) => void, setBack: (minutes: number) => void) {
  let [wall, steady] = [Date.now(), performance.now()]
  let timer: ReturnType<typeof setInterval> | undefined
  function once() {
    const [nowWall, nowSteady] = [Date.now(), performance.now()]
    const jump = nowWall - wall - (nowSteady - steady)
    ;[wall, steady] = [nowWall, nowSteady]
    if (jump < -notable) setBack(jump / 60_000)
    beat(nowWall / 60_000)
  }
  const seen = () => {
    if (document.visibilityState === 'visible') once()
  }
  onMounted(() => {
    once()
    timer = setInterval(once, 1000)
    document.addEventListener('visibilitychange', seen)
  })
  onBeforeUnmount(() => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', seen)
  })
}
