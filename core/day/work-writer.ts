import type { Celsius, Minutes } from '../measure'
import { readMethod, type Action } from '../method'
import { batterOfFamily, bakesOf, type StatedBake } from '../pan'
import { linesOf, readSteps, type PlacedStep } from '../recipe'
import { consistent } from './consistent'
import { partsOf, type HandPart, type WaitPart, type WorkPart } from './doings'
import { softenings, type Softening } from './softening'
import { staysWarm } from './tables/doings'
import {
  caseCold,
  coldAfter,
  small,
  smallBatch,
  standsWarm,
  takeOut,
  toOven,
  weighing,
  wholeOven,
} from './tables/durations'
import type { DayTask, DayWork } from './task'
import { TaskList, type NewTask } from './task-list'
import { longestWait, waitRow } from './longest-wait'
import { served } from './served'
import { movedTo } from './stays'
import { furtherTrays } from './trays'
import { isLeaven, recipeHeat, timedBake, wets, type WorkedBake } from './worked'

/** Where a part stands: its step, its place there, and what follows it. */
interface At {
  readonly step: PlacedStep
  readonly name: string
  readonly n: number
  readonly next: WorkPart | undefined
}
const where = ({ step }: At) => ({ step: { component: step.component, at: step.at } })

/** Writes a bake's actions as tasks and the rules between them, step after step. */
export class WorkWriter {
  private readonly list: TaskList
  private readonly steps: readonly PlacedStep[]
  private readonly actions: readonly Action[]
  private readonly main: StatedBake | null
  private readonly softened: readonly (Softening & { readonly task: DayTask })[]
  private readonly weigh: DayTask
  private readonly pace: number
  private readonly untilCold: Minutes
  private readonly holds = new Map<string, Minutes>()
  /** Where the work stands, and what is made beside it until a step brings them together. */
  private chain: DayTask | null = null
  private last: DayTask | null = null
  private apart: DayTask[] = []
  private aside = false
  /** Tasks that the next one on the way has to follow as well. */
  private joins: DayTask[] = []
  /** What set the last wait going: what is done meanwhile follows it. */
  private setGoing: DayTask | null = null
  private wet: { readonly task: DayTask; minutes: Minutes } | null = null
  private out: DayTask | null = null
  private cold: DayTask | null = null
  /** What it is left for before it is cut. */
  private readonly untilCut: DayTask[] = []
  private celsius: Celsius | null
  private wasBaked = false
  /** Minutes of the main bake so far: of its stretches together. */
  private mainMinutes: Minutes = 0

  constructor(private readonly bake: WorkedBake) {
    const { recipe } = bake
    this.list = new TaskList(bake.id)
    this.steps = readSteps(recipe)
    this.actions = readMethod(recipe).actions
    this.main = timedBake(bakesOf(recipe, this.actions))
    const lines = linesOf(recipe).filter(line => line.grams)
    this.weigh = this.add({
      id: this.id('weigh'),
      kind: 'hands',
      hands: true,
      short: 'weigh in',
      says: `Weigh in the ${lines.length} things.`,
      minutes: Math.round(weighing.begin + weighing.each * lines.length),
    })
    this.softened = softenings(recipe, this.actions).map((each, n) => ({
      ...each,
      task: this.add({
        id: this.id(n ? `soft:${n}` : 'soft'),
        kind: 'wait',
        short: 'soften',
        says: `${[...new Set(each.lines.map(l => l.name))].join(' and ')} out of the fridge, to soften.`,
        minutes: takeOut.minutes,
      }),
    }))
    const grams = lines.reduce((sum, line) => sum + line.grams!.best, 0)
    this.pace = Math.min(1, Math.cbrt(grams / smallBatch))
    this.untilCold = coldAfter(bake.each ?? 800)
    this.celsius = recipeHeat(recipe, this.actions)
  }

  written(): DayWork {
    for (const step of this.steps) this.step(step)
    this.settle()
    this.serve()
    const { tasks, rules } = this.list
    return { tasks, ...consistent(tasks, rules) }
  }

  private id = (name: string) => `${this.bake.id}/${name}`
  private add = (task: NewTask) => this.list.add(task)
  private after = (a: DayTask, b: DayTask, because: string) => this.list.after(a, b, because)
  private soon = (a: DayTask, b: DayTask, over: Minutes, because: string) =>
    this.list.soon(a, b, over, because)

  private step(step: PlacedStep) {
    const actions = this.actions.filter(
      ({ step: at }) => at.component === step.component && at.at === step.at,
    )
    const manners = actions[0]?.manners
    const isBeside = manners?.has('beside') ?? false
    const isNamed = (manners?.has('for-part') ?? false) && this.chain !== null
    const cut = partsOf(actions, this.setting(step, isNamed || isBeside))
    this.celsius = cut.celsius
    this.joins = []
    this.last = this.chain
    this.aside = false
    if (isNamed) this.leave(null)
    else if (this.apart.length && !isBeside) this.comeBack()
    for (const [n, part] of cut.parts.entries()) {
      const name = `${step.component}:${step.at}:${n}`
      const at = { step, n, name, next: cut.parts[n + 1] }
      if (part.is === 'hands') this.handPart(part, at)
      else this.timePart(part, at)
    }
    if (this.last) this.chain = this.last
  }
  private setting(step: PlacedStep, side: boolean) {
    const { settles, recipe } = this.bake
    const most = this.goesBackIn(step) ? caseCold : Infinity
    return {
      settles: Math.min(most, Math.max(10, settles ?? 15)),
      cold: Math.min(most, this.untilCold),
      pace: this.pace,
      celsius: this.celsius,
      baked: this.wasBaked,
      side,
      stated: this.main?.step === null ? (recipe.oven?.minutes ?? null) : null,
    }
  }
  /** What is baked again after this step is a case or a base, and no whole cake. */
  private goesBackIn = (step: PlacedStep) =>
    this.steps
      .slice(this.steps.indexOf(step) + 1)
      .some(
        later =>
          later.component === step.component && later.times.some(time => time.kind === 'bake'),
      )

  private leave(to: DayTask | null) {
    if (this.last) this.apart.push(this.last)
    this.last = to
    this.aside = true
  }
  private comeBack() {
    this.joins = this.apart.filter(each => each !== this.last)
    this.apart = []
    this.aside = false
  }

  private handPart(part: HandPart, at: At) {
    if (part.beside && !this.aside) this.leave(this.setGoing)
    if (part.joins && this.aside) this.comeBack()
    const task = this.hands(part, at)
    if (this.wasBaked && part.cuts)
      for (const left of this.untilCut.splice(0))
        this.after(left, task, 'it is cut when it has set')
    this.follows(task, at)
    this.readied(part, task, at)
    this.last = task
  }
  private timePart(part: WaitPart, at: At) {
    const task = this.time(part, at)
    // Left before it is cut: what is done to it meanwhile goes on.
    if (part.beforeCut && this.out) {
      this.after(this.out, task, 'it sets while it cools')
      this.soon(this.out, task, 0, 'it cools from when it is out')
      this.untilCut.push(task)
      return
    }
    this.follows(task, at)
    if (part.inside && this.last?.kind === 'bake')
      this.soon(this.last, task, 0, 'it stays in the oven')
    this.last = task
    if (this.comesOut(task, at)) this.takeOut(task, at)
  }
  private follows(task: DayTask, { n }: At) {
    const { last, weigh } = this
    if (last) this.after(last, task, 'one after the other')
    // What waits by itself begins as soon as hands leave it; it may wait longer, not later.
    if (last?.hands && task.kind === 'wait')
      this.soon(last, task, 0, 'it waits from when it is left')
    for (const join of this.joins.splice(0)) this.after(join, task, 'its parts come together')
    if (!last || (n === 0 && !this.chain)) this.after(weigh, task, 'weighed in first')
  }
  /** What must be soft for it, and how long what lifts has been wet. */
  private readied(part: HandPart, task: DayTask, { step }: At) {
    const isWanted = ({ action }: Softening) =>
      action.step.component === step.component &&
      action.step.at === step.at &&
      part.span[0] <= action.span[0] &&
      action.span[0] < part.span[1]
    for (const each of this.softened.filter(isWanted)) {
      this.after(each.task, task, 'soft first')
      this.soon(each.task, task, takeOut.over, 'soft, and not running')
    }
    if (this.wet) this.wet.minutes += part.minutes
    const isWet = () => wets(step) || this.steps.some(s => s.at < step.at && wets(s))
    if (!this.wasBaked && isLeaven(step) && isWet()) this.wet = { task, minutes: 0 }
  }

  private hands(part: HandPart, at: At): DayTask {
    const task = this.add({
      id: this.id(at.name),
      kind: 'hands',
      hands: true,
      mixer: part.mixer,
      short: part.short,
      says: part.says,
      minutes: part.minutes,
      ...where(at),
    })
    this.holds.set(task.id, part.holds)
    if (this.last) this.within(this.last, task, part)
    if (part.wants) this.asBaked(part.wants, task, at)
    return task
  }
  private within(last: DayTask, task: DayTask, part: HandPart) {
    // What is baked keeps; only batters and doughs do not.
    const kept = this.wasBaked ? undefined : this.holds.get(last.id)
    const most = longestWait(last, part, kept)
    if (most) this.soon(last, task, most.over, most.because)
  }
  /** Only on what is warm, or on what is cold: what the recipe let cool for as long is cold already. */
  private asBaked(wants: 'cold' | 'warm', task: DayTask, at: At) {
    const { out } = this
    if (!out) return
    if (wants === 'warm') {
      this.soon(out, task, staysWarm, `it is warm for ${staysWarm} minutes after the oven`)
      return
    }
    if (!this.cold) {
      this.cold = this.add({
        id: this.id(`${at.name}:cold`),
        kind: 'wait',
        short: 'cool',
        says: 'Until it is quite cold.',
        minutes: this.untilCold,
        waits: 'cool',
      })
      this.after(out, this.cold, 'it cools after the oven')
      this.soon(out, this.cold, 0, 'it cools from when it is out')
    }
    this.after(this.cold, task, 'only on what is cold')
  }

  private time(part: WaitPart, at: At): DayTask {
    this.staysInside(part)
    const task = part.kind === 'bake' ? this.baked(part, at) : this.waits(part, at)
    this.setGoing = this.last?.hands ? this.last : this.setGoing
    if (part.kind === 'bake') this.intoOven(task)
    // What the recipe itself lets stand once it is wet may stand.
    else if (this.wet) this.wet.minutes += task.minutes
    if (part.kind === 'bake') this.cold = null
    else if (this.wasBaked && part.kind === 'cool' && task.minutes >= this.untilCold)
      this.cold = task
    return task
  }
  /** "Turn off the oven and leave it inside": it is not taken out between. */
  private staysInside(part: WaitPart) {
    const { out } = this
    const { tasks, rules } = this.list
    if (!part.inside || !out || this.last !== out || tasks.at(-1) !== out) return
    const baked = rules.find(rule => rule.to === out.id && rule.least > 0)!.from
    this.list.takeBack()
    this.last = tasks.find(task => task.id === baked)!
    this.out = null
  }
  private baked(part: WaitPart, at: At): DayTask {
    const stated = (part.low + part.high) / 2
    const { likely } = this.bake
    const isMain = this.isMain(part)
    const whole = isMain ? (this.main!.minutes[0] + this.main!.minutes[1]) / 2 : stated
    const minutes = Math.max(1, Math.round(isMain && likely ? (likely * stated) / whole : stated))
    if (isMain) this.mainMinutes = (part.stay ? this.mainMinutes : 0) + minutes
    const moments = movedTo(part.moments, minutes, stated)
    return this.add({
      id: this.id(at.name),
      kind: 'bake',
      place: 'oven',
      // Where its heat changes on the way, nothing else is baked beside it.
      racks: moments.some(each => each.celsius !== null) ? wholeOven : this.bake.shelf,
      celsius: part.celsius,
      short: 'bake',
      says: part.says,
      minutes,
      waits: 'bake',
      ...(moments.length ? { moments } : {}),
      ...where(at),
    })
  }
  private isMain = ({ action }: WaitPart) =>
    this.main !== null && [action, null].includes(this.main.action)
  private waits(part: WaitPart, at: At): DayTask {
    const row = waitRow(part.kind)
    const kept = row.place === 'counter' && part.inFridge ? 'fridge' : row.place
    return this.add({
      id: this.id(at.name),
      kind: 'wait',
      place: part.inside ? 'oven' : kept,
      racks: part.inside ? wholeOven : 0,
      short: row.short,
      says: part.says,
      minutes: Math.round(part.low),
      waits: part.kind,
      ...where(at),
    })
  }
  private intoOven(task: DayTask) {
    const { last, wet } = this
    const kept = last?.kind === 'hands' ? this.holds.get(last.id) : undefined
    if (last && kept !== undefined) {
      const most = Math.min(kept, 20)
      this.soon(last, task, most, `“${last.short}” goes into the oven within ${most} minutes`)
    }
    if (wet) {
      const because = `what lifts is wet: into the oven within ${toOven} minutes`
      this.soon(wet.task, task, toOven + wet.minutes, because)
      this.wet = null
    }
    this.wasBaked = true
  }

  /** Does it come out of the oven when it is over? */
  private comesOut = (task: DayTask, { next }: At): boolean =>
    (task.kind === 'bake' || task.place === 'oven') && !(next?.is === 'time' && next.inside)
  private takeOut(task: DayTask, at: At) {
    const { loads } = this.bake
    const { list, mainMinutes: minutes } = this
    const out = list.takenOut(task, small.out, 'Look, and take it out.')
    const isOfTrays = loads > 1 && minutes > 0 && task.kind === 'bake' && this.wasMain(at)
    this.last = isOfTrays ? furtherTrays(list, { bake: task, out, minutes, loads }) : out
    this.out = this.last
  }
  private wasMain = ({ step }: At): boolean =>
    this.main!.step === null ||
    (this.main!.step.component === step.component && this.main!.step.at === step.at)

  /** What is baked settles before it is cut, where the recipe says nothing of it. */
  private settle() {
    const { bake, out } = this
    const usual = bake.settles ?? (this.wasBaked ? batterOfFamily('other').settles[0] : 0)
    const isWarm = this.actions.some(action => action.manners.has('served-warm'))
    const settles = isWarm ? Math.min(usual, standsWarm) : usual
    if (!out || this.chain !== out || !settles || this.untilCut.length) return
    const cool = this.add({
      id: this.id('settle'),
      kind: 'wait',
      short: 'settle',
      says: `Left ${settles} min before it is ${settles < usual ? 'served' : 'cut'}.`,
      minutes: settles,
      waits: 'cool',
    })
    this.after(out, cool, 'it sets while it cools')
    this.soon(out, cool, 0, 'it cools from when it is out')
    this.chain = cool
  }
  private serve() {
    const { list, weigh, chain } = this
    const ends = [...this.apart, ...this.untilCut, ...(chain ? [chain] : [])]
    served(list, { id: this.id('serve'), title: this.bake.title, ends })
    if (!chain) this.after(weigh, list.tasks.at(-1)!, 'weighed in first')
  }
}
