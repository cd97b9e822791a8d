import type { Minutes } from '../measure'
import type { DayRule, DayTask } from './task'

export type NewTask = Partial<DayTask> & Pick<DayTask, 'id' | 'short' | 'says' | 'kind' | 'minutes'>

/** Tasks of a bake and the rules between them, as they are written. */
export class TaskList {
  readonly tasks: DayTask[] = []
  readonly rules: DayRule[] = []

  constructor(private readonly bake: string) {}

  add(task: NewTask): DayTask {
    const whole: DayTask = {
      bake: this.bake,
      hands: false,
      mixer: false,
      place: 'counter',
      celsius: null,
      racks: 0,
      step: null,
      ...task,
    }
    this.tasks.push(whole)
    return whole
  }
  after(a: DayTask, b: DayTask, because: string) {
    this.rules.push({ from: a.id, to: b.id, least: a.minutes, because })
  }
  soon(a: DayTask, b: DayTask, over: Minutes, because: string) {
    this.rules.push({ from: b.id, to: a.id, least: -(a.minutes + over), because })
  }
  /** Out of the oven as soon as it is done. */
  takenOut(task: DayTask, minutes: Minutes, says: string): DayTask {
    const take = this.add({
      id: `${task.id}:out`,
      kind: 'hands',
      hands: true,
      short: 'out of the oven',
      says,
      minutes,
      step: task.step,
    })
    this.after(task, take, 'it bakes so long')
    this.soon(task, take, 1, 'it comes out when it is done')
    return take
  }
  /** The task that was written last, with all its rules, is written no more. */
  takeBack() {
    const gone = this.tasks.pop()
    for (let k = this.rules.length - 1; k >= 0; k--)
      if (this.rules[k]!.from === gone?.id || this.rules[k]!.to === gone?.id)
        this.rules.splice(k, 1)
  }
}
