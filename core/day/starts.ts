import type { Arc } from './problem'

const near = 1e-7

/** Starts under arcs, each as early as it can be; grows as arcs are added, and can be set back. */
export class Starts {
  readonly x: Float64Array
  private readonly out: Arc[][]
  private readonly queue: Int32Array
  private readonly queued: Uint8Array
  private readonly times: Uint16Array
  private readonly one = [0]
  constructor(
    private readonly n: number,
    private readonly horizon: number,
    arcs: readonly Arc[],
  ) {
    this.x = new Float64Array(n)
    this.out = Array.from({ length: n }, () => [])
    this.queue = new Int32Array(n)
    this.queued = new Uint8Array(n)
    this.times = new Uint16Array(n)
    for (const arc of arcs) this.out[arc.from]!.push(arc)
  }

  /** Lets what follows from these tasks follow; false when it goes round in a circle that grows. */
  spread(from: readonly number[]): boolean {
    const { queue, queued, times, n } = this
    queued.fill(0)
    times.fill(0)
    let [head, waiting] = [0, 0]
    for (const i of from) {
      queued[i] = 1
      queue[waiting++] = i
    }
    while (waiting) {
      const i = queue[head]!
      head = head + 1 === n ? 0 : head + 1
      waiting--
      queued[i] = 0
      for (const { to, least } of this.out[i]!) {
        const at = this.x[i]! + least
        if (at <= this.x[to]! + near) continue
        if (to === 0 || at > this.horizon || ++times[to]! > n + 1) return false
        this.x[to] = at
        if (!queued[to]) {
          queued[to] = 1
          const end = head + waiting++
          queue[end < n ? end : end - n] = to
        }
      }
    }
    return true
  }
  add(arc: Arc): boolean {
    this.out[arc.from]!.push(arc)
    const at = this.x[arc.from]! + arc.least
    if (at <= this.x[arc.to]! + near) return true
    if (arc.to === 0 || at > this.horizon) return false
    this.x[arc.to] = at
    this.one[0] = arc.to
    return this.spread(this.one)
  }
  take(arc: Arc) {
    this.out[arc.from]!.pop()
  }
}
