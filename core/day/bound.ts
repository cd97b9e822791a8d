import type { Problem } from './problem'

const near = 1e-7

interface Job {
  readonly from: number
  readonly minutes: number
  /** What still follows once it is over. */ readonly tail: number
}

/**
 * One pair of hands that may put anything down and take it up again, round the closed hours: when
 * each job is over if always the best by `before` is done. With the longest tail first no
 * preemptive order ends sooner (Jackson); with the shortest rest first no k-th end is sooner
 * (Schrage), for every k. Both bound every order without interruption.
 */
function interrupted(
  jobs: readonly Job[],
  closed: readonly (readonly [number, number])[],
  before: (a: { job: Job; rest: number }, b: { job: Job; rest: number }) => number,
): { readonly job: Job; readonly end: number }[] {
  const left = jobs.map(job => ({ job, rest: job.minutes }))
  const ends: { job: Job; end: number }[] = []
  const openAt = (at: number) => {
    for (const [from, to] of closed) if (at >= from - near && at < to - near) return to
    return at
  }
  let now = 0
  while (left.length) {
    now = openAt(Math.max(now, Math.min(...left.map(each => each.job.from))))
    const ready = left.filter(each => each.job.from <= now + near)
    if (!ready.length) continue
    const next = ready.reduce((best, each) => (before(each, best) < 0 ? each : best))
    const stop = Math.min(
      now + next.rest,
      ...left.filter(each => each.job.from > now + near).map(each => each.job.from),
      ...closed.filter(([from]) => from > now + near).map(([from]) => from),
    )
    next.rest -= stop - now
    now = stop
    if (next.rest <= near) {
      ends.push({ job: next.job, end: now })
      left.splice(left.indexOf(next), 1)
    }
  }
  return ends
}

/** Longest ways from each task's start to the end of all. */
export function tailsOf(problem: Problem): Float64Array {
  const n = problem.minutes.length
  const counted = new Set(problem.counted)
  const tail = Float64Array.from({ length: n }, (_, i) =>
    counted.has(i) ? problem.minutes[i]! : -Infinity,
  )
  for (let round = 0; round < n; round++) {
    let moved = false
    for (const { from, to, least } of problem.arcs)
      if (tail[to]! + least > tail[from]! + near) {
        tail[from] = tail[to]! + least
        moved = true
      }
    if (!moved) break
  }
  return tail
}

/**
 * Nothing can be cheaper. The span: for what one resource has to do one after the other, Jackson's
 * bound; for the oven, the time that each heat takes on its racks and the changes between heats.
 * The earliness of hands: the ends that nobody can beat, the soonest first. `x` are the earliest
 * starts by the rules alone.
 */
export function boundOf(problem: Problem, x: ArrayLike<number>): number {
  const { minutes } = problem
  const tail = tailsOf(problem)
  let span = 0
  for (const i of problem.counted) span = Math.max(span, x[i]! + minutes[i]!)
  const jobsOf = (group: readonly number[]) =>
    group
      .filter(i => minutes[i]! > 0)
      .map((i): Job => ({ from: x[i]!, minutes: minutes[i]!, tail: tail[i]! - minutes[i]! }))
  for (const group of problem.single) {
    const closed = group.every(i => problem.awake.includes(i)) ? problem.closed : []
    const jobs = jobsOf(group).filter(job => Number.isFinite(job.tail))
    for (const { job, end } of interrupted(jobs, closed, (a, b) => b.job.tail - a.job.tail))
      span = Math.max(span, end + job.tail)
  }
  const racks = problem.shared[0]
  if (racks)
    for (const begin of new Set([...racks.needs.keys()].map(i => x[i]!))) {
      const later = [...racks.needs.keys()].filter(i => x[i]! >= begin && Number.isFinite(tail[i]!))
      const heats = new Map<number, { sum: number; most: number }>()
      for (const i of later) {
        const heat = problem.settings.get(i) ?? Number.NaN
        const so = heats.get(heat) ?? { sum: 0, most: 0 }
        heats.set(heat, {
          sum: so.sum + minutes[i]! * racks.needs.get(i)!,
          most: Math.max(so.most, minutes[i]!),
        })
      }
      // What needs no heat may be in at any.
      const set = [...heats]
        .filter(([heat]) => !Number.isNaN(heat))
        .map(([, so]) => Math.max(so.sum / racks.most, so.most))
      if (set.length)
        span = Math.max(
          span,
          begin +
            set.reduce((sum, so) => sum + so, 0) +
            (set.length - 1) * problem.change +
            Math.min(...later.map(i => tail[i]! - minutes[i]!)),
        )
    }
  const hands = problem.single.find(group =>
    problem.early.every(i => minutes[i] === 0 || group.includes(i)),
  )
  const early = !hands
    ? problem.early.reduce((sum, i) => sum + x[i]!, 0)
    : interrupted(
        jobsOf(problem.early),
        problem.early.every(i => problem.awake.includes(i)) ? problem.closed : [],
        (a, b) => a.rest - b.rest,
      ).reduce((sum, { end }) => sum + end, 0) -
      jobsOf(problem.early).reduce((sum, job) => sum + job.minutes, 0) +
      problem.early.filter(i => !minutes[i]).reduce((sum, i) => sum + x[i]!, 0)
  return span + 0.01 * early
}
