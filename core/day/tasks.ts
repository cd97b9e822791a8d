import type { Celsius, Grams, Minutes } from '../measure'
import { ingredientById, pantryEdition, remembered } from '../pantry'
import { linesOf, readSteps, servedWarm, type Line, type PlacedStep, type Recipe } from '../recipe'
import { areaAt, batterOfFamily, mainBake, bakesOf, type SizedUp } from '../pan'
import { begins, partsOf } from './clauses'
import { consistent } from './consistent'
import { cuts, inFridge, sideWords, staysWarm } from './tables/clauses'
import {
  coldAfter,
  caseCold,
  comparable,
  dressed,
  halfShelf,
  small,
  smallBatch,
  standsWarm,
  takeOut,
  toOven,
  waitRows,
  weighing,
  wholeOven,
} from './tables/durations'
import type { DayRule, DayTask, DayWork } from './task'

/** What a bake brings to a day: its recipe as it is made, with what the pan stage found. */
export interface DayBake {
  readonly id: string
  readonly title: string
  readonly recipe: Recipe
  readonly sized?: SizedUp | null
}

/** Halves of a shelf: tins by their ground, more than half of one, or whatever lies on a tray, the whole. */
const shelfOf = (sized: SizedUp | null | undefined): number => {
  if (sized?.pieces) return 2
  const ground = (sized?.tins ?? []).reduce(
    (sum, { tin }) => sum + tin.count * areaAt(tin, tin.height),
    0,
  )
  return ground > 0 && ground <= halfShelf ? 1 : 2
}
const turnsOut = /\b(?:turn\w*\s+(?:\w+\s+)?out|unmould|lift\w*\s+(?:\w+\s+)?out)\b/iu
const isLeaven = (step: PlacedStep) =>
  step.uses.some(use => {
    const item = ingredientById(use.line?.ingredient ?? use.mention.ingredient.id)
    return item?.kind === 'leaven' && (item.soda > 0 || item.powder > 0)
  })
const wets = (step: PlacedStep) =>
  step.uses.some(use => {
    const item = ingredientById(use.line?.ingredient ?? use.mention.ingredient.id)
    return item !== undefined && item.per100.water > 30
  })

/** What is to be soft, and the place in the first step that wants it so: one taking-out for each. */
function softenings(
  recipe: Recipe,
  steps: readonly PlacedStep[],
): { readonly lines: readonly Line[]; readonly step: PlacedStep; readonly at: number }[] {
  const found = new Map<string, { lines: Line[]; step: PlacedStep; at: number }>()
  for (const line of linesOf(recipe).filter(l =>
    takeOut.kinds.includes(ingredientById(l.ingredient ?? '')?.kind ?? ''),
  )) {
    const uses = steps.flatMap(step =>
      step.uses.flatMap(use => (use.line?.id === line.id ? [{ step, at: use.mention.start }] : [])),
    )
    const soft = uses.find(use => takeOut.step.test(use.step.text))
    const wanted = takeOut.line.test(line.text)
      ? (uses.find(
          use => !takeOut.greases.test(use.step.text.slice(Math.max(0, use.at - 30), use.at + 60)),
        ) ?? uses[0])
      : soft
    if (!wanted) continue
    const key = `${wanted.step.component}:${wanted.step.at}`
    const kept = found.get(key)
    if (kept) kept.lines.push(line)
    else found.set(key, { lines: [line], ...wanted })
  }
  return [...found.values()]
}
/** The heat of the first bake, where no step before it names one. */
const recipeHeat = (recipe: Recipe, steps: readonly PlacedStep[]): Celsius | null => {
  const bake = steps.findIndex(step => step.times.some(time => time.kind === 'bake'))
  return steps.slice(0, bake + 1).some(step => step.oven) ? null : (recipe.oven?.celsius ?? null)
}

/**
 * A bake as tasks and rules: its weighing, every stretch of work and every wait of its rewritten
 * steps, the oven, cooling, and the serving. Parts that begin with their own name run beside each
 * other until a step brings them together. Times are the steps' own, else from the table; the bake
 * time is the pan stage's.
 */
export const workOf = ({ id, title, recipe, sized }: DayBake): DayWork =>
  workFrom({
    id,
    title,
    recipe,
    each: sized?.batter
      ? sized.batter.grams /
        Math.max(1, sized.pieces?.count ?? sized.tins.reduce((sum, { tin }) => sum + tin.count, 0))
      : null,
    settles: sized?.settles ?? null,
    shelf: shelfOf(sized),
    loads: sized?.pieces?.loads ?? 1,
    likely: sized?.tins.map(t => t.time).find(t => t.ok)?.likely ?? null,
  })

/** All of a bake that its work rests on, without the curves of the pan stage. */
interface WorkedBake extends Pick<DayBake, 'id' | 'title' | 'recipe'> {
  /** Of one cake or piece. */ readonly each: Grams | null
  readonly settles: Minutes | null
  /** Halves of a shelf. */ readonly shelf: number
  readonly loads: number
  /** Minutes that its bake likely takes. */ readonly likely: Minutes | null
}

const workFrom = remembered(
  (bake: WorkedBake): DayWork => {
    const { recipe, loads } = bake
    const steps = readSteps(recipe)
    const tasks: DayTask[] = []
    const rules: DayRule[] = []
    const id = (name: string) => `${bake.id}/${name}`
    const add = (
      task: Partial<DayTask> & Pick<DayTask, 'id' | 'short' | 'says' | 'kind' | 'minutes'>,
    ): DayTask => {
      const whole: DayTask = {
        bake: bake.id,
        hands: false,
        mixer: false,
        place: 'counter',
        celsius: null,
        racks: 0,
        step: null,
        ...task,
      }
      tasks.push(whole)
      return whole
    }
    const after = (a: DayTask, b: DayTask, because: string) => {
      rules.push({ from: a.id, to: b.id, least: a.minutes, because })
    }
    const soon = (a: DayTask, b: DayTask, over: Minutes, because: string) => {
      rules.push({ from: b.id, to: a.id, least: -(a.minutes + over), because })
    }

    const lines = linesOf(recipe).filter(line => line.grams)
    const weigh = add({
      id: id('weigh'),
      kind: 'hands',
      hands: true,
      short: 'weigh in',
      says: `Weigh in the ${lines.length} things.`,
      minutes: Math.round(weighing.begin + weighing.each * lines.length),
    })
    const softened = softenings(recipe, steps).map((each, n) => ({
      ...each,
      task: add({
        id: id(n ? `soft:${n}` : 'soft'),
        kind: 'wait',
        short: 'soften',
        says: `${[...new Set(each.lines.map(l => l.name))].join(' and ')} out of the fridge, to soften.`,
        minutes: takeOut.minutes,
      }),
    }))

    const pace = Math.min(
      1,
      Math.cbrt(lines.reduce((sum, line) => sum + line.grams!.best, 0) / smallBatch),
    )
    const holds = new Map<string, Minutes>()
    /** Where the work stands, and what is made beside it until a step brings them together. */
    let chain: DayTask | null = null
    let apart: DayTask[] = []
    /** What set the last wait going: what is done meanwhile follows it. */
    let setGoing: DayTask | null = null
    let wet: { readonly task: DayTask; minutes: Minutes } | null = null
    let out: DayTask | null = null
    let cold: DayTask | null = null
    /** What it is left for before it is cut. */
    const untilCut: DayTask[] = []
    const untilCold = coldAfter(bake.each ?? 800)
    let celsius = recipeHeat(recipe, steps)
    const bakes = bakesOf(recipe, steps)
    const longest = mainBake(bakes)
    // Of several bakes of about one length (a case baked blind, filled, baked again) none is the
    // one that the pan stage times: they stay as written.
    const main =
      longest &&
      bakes.every(each => each === longest || each.minutes[1] < comparable * longest.minutes[1])
        ? longest
        : null
    let wasBaked = false
    /** What is baked again after this step is a case or a base, and no whole cake. */
    const goesBackIn = (step: PlacedStep) =>
      steps
        .slice(steps.indexOf(step) + 1)
        .some(
          later =>
            later.component === step.component && later.times.some(time => time.kind === 'bake'),
        )

    for (const step of steps) {
      const named = begins.test(step.text) && chain !== null
      const most = goesBackIn(step) ? caseCold : Infinity
      const cut = partsOf(step, {
        settles: Math.min(most, Math.max(10, bake.settles ?? 15)),
        cold: Math.min(most, untilCold),
        pace,
        celsius,
        baked: wasBaked,
        side: named || sideWords.test(step.text),
      })
      celsius = cut.celsius
      /** Tasks that the next one on the way has to follow as well. */
      let joins: DayTask[] = []
      let last: DayTask | null = chain
      let aside = false
      const leave = (to: DayTask | null) => {
        if (last) apart.push(last)
        last = to
        aside = true
      }
      const comeBack = () => {
        joins = apart.filter(each => each !== last)
        apart = []
        aside = false
      }
      if (named) leave(null)
      else if (apart.length && !sideWords.test(step.text)) comeBack()
      for (const [n, part] of cut.parts.entries()) {
        const name = `${step.component}:${step.at}:${n}`
        const where = { step: { component: step.component, at: step.at } }
        if (part.is === 'hands' && part.beside && !aside) leave(setGoing)
        if (part.is === 'hands' && part.joins && aside) comeBack()
        let task: DayTask
        if (part.is === 'hands') {
          task = add({
            id: id(name),
            kind: 'hands',
            hands: true,
            mixer: part.mixer,
            short: part.short,
            says: part.says,
            minutes: part.minutes,
            ...where,
          })
          holds.set(task.id, part.holds)
          // What is baked keeps; only batters and doughs do not.
          const kept = last?.kind === 'hands' && !wasBaked ? holds.get(last.id) : undefined
          if (last && kept !== undefined)
            soon(last, task, kept, `“${last.short}” waits ${sayLong(kept)} at most`)
          if (last && (last.kind === 'wait' || last.kind === 'bake')) {
            const over =
              last.kind === 'bake'
                ? 1
                : last.waits === 'cool' && turnsOut.test(part.says)
                  ? 15
                  : waitRows[(last.waits ?? 'other') as keyof typeof waitRows].over
            soon(
              last,
              task,
              over,
              last.kind === 'bake'
                ? `“${last.short}” comes out when it is done`
                : `“${last.says}” does not wait longer than ${sayLong(over)} over its time`,
            )
          }
          if (part.wants === 'warm' && out)
            soon(out, task, staysWarm, `it is warm for ${staysWarm} minutes after the oven`)
          // What the recipe itself has left to cool for as long is cold already.
          if (part.wants === 'cold' && out && cold) after(cold, task, 'only on what is cold')
          else if (part.wants === 'cold' && out) {
            cold = add({
              id: id(`${name}:cold`),
              kind: 'wait',
              short: 'cool',
              says: 'Until it is quite cold.',
              minutes: untilCold,
              waits: 'cool',
            })
            after(out, cold, 'it cools after the oven')
            soon(out, cold, 0, 'it cools from when it is out')
            after(cold, task, 'only on what is cold')
          }
        } else {
          // "Turn off the oven and leave it inside": it is not taken out between.
          if (part.inside && last && last === out && tasks.at(-1) === out) {
            const baked = rules.find(rule => rule.to === out!.id && rule.least > 0)!.from
            tasks.pop()
            for (let k = rules.length - 1; k >= 0; k--)
              if (rules[k]!.from === out.id || rules[k]!.to === out.id) rules.splice(k, 1)
            last = tasks.find(task => task.id === baked)!
            out = null
          }
          const { time } = part
          const isBake = time.kind === 'bake'
          const isMain =
            isBake &&
            main &&
            time.low === main.minutes[0] &&
            time.high === main.minutes[1] &&
            main.step?.at === step.at &&
            main.step.component === step.component
          const minutes =
            isMain && bake.likely ? Math.round(bake.likely) : Math.round((time.low + time.high) / 2)
          const row = isBake
            ? null
            : (waitRows[time.kind as keyof typeof waitRows] ?? waitRows.other)
          task = isBake
            ? add({
                id: id(name),
                kind: 'bake',
                place: 'oven',
                racks: bake.shelf,
                celsius: part.celsius,
                short: 'bake',
                says: part.says,
                minutes: minutes * Math.max(1, isMain ? loads : 1),
                waits: 'bake',
                ...where,
              })
            : add({
                id: id(name),
                kind: 'wait',
                place: part.inside
                  ? 'oven'
                  : row!.place === 'counter' && inFridge.test(part.says)
                    ? 'fridge'
                    : row!.place,
                racks: part.inside ? wholeOven : 0,
                short: row!.short,
                says: part.says,
                minutes: Math.round(time.low),
                waits: time.kind,
                ...where,
              })
          setGoing = last?.hands ? last : setGoing
          if (isBake) {
            const kept = last?.kind === 'hands' ? holds.get(last.id) : undefined
            if (last && kept !== undefined)
              soon(
                last,
                task,
                Math.min(kept, 20),
                `“${last.short}” goes into the oven within ${Math.min(kept, 20)} minutes`,
              )
            if (wet) {
              soon(
                wet.task,
                task,
                toOven + wet.minutes,
                `what lifts is wet: into the oven within ${toOven} minutes`,
              )
              wet = null
            }
            wasBaked = true
          }
          // What the recipe itself lets stand once it is wet may stand.
          else if (wet) wet.minutes += task.minutes
          if (isBake) cold = null
          else if (wasBaked && time.kind === 'cool' && task.minutes >= untilCold) cold = task
        }
        // Left before it is cut: what is done to it meanwhile goes on.
        if (part.is === 'time' && part.beforeCut && out) {
          after(out, task, 'it sets while it cools')
          soon(out, task, 0, 'it cools from when it is out')
          untilCut.push(task)
          continue
        }
        if (part.is === 'hands' && wasBaked && cuts.test(part.says))
          for (const left of untilCut.splice(0)) after(left, task, 'it is cut when it has set')
        if (last) after(last, task, 'one after the other')
        // What waits by itself begins as soon as hands leave it; it may wait longer, not later.
        if (last?.hands && task.kind === 'wait')
          soon(last, task, 0, 'it waits from when it is left')
        for (const join of joins.splice(0)) after(join, task, 'its parts come together')
        if (!last || (n === 0 && !chain)) after(weigh, task, 'weighed in first')
        for (const each of softened.filter(
          s =>
            s.step === step && part.is === 'hands' && part.span[0] <= s.at && s.at < part.span[1],
        )) {
          after(each.task, task, 'soft first')
          soon(each.task, task, takeOut.over, 'soft, and not running')
        }
        if (wet && part.is === 'hands') wet.minutes += part.minutes
        if (
          part.is === 'hands' &&
          isLeaven(step) &&
          (wets(step) || steps.some(s => s.at < step.at && wets(s))) &&
          !wasBaked
        )
          wet = { task, minutes: 0 }
        const next = cut.parts[n + 1]
        const staysIn = next?.is === 'time' && next.inside
        if (part.is === 'time' && part.inside && last?.kind === 'bake')
          soon(last, task, 0, 'it stays in the oven')
        last = task
        if ((task.kind === 'bake' || task.place === 'oven') && !staysIn) {
          const take = add({
            id: id(`${name}:out`),
            kind: 'hands',
            hands: true,
            short: 'out of the oven',
            says: 'Look, and take it out.',
            minutes: small.out,
            ...where,
          })
          after(task, take, 'it bakes so long')
          soon(task, take, 1, 'it comes out when it is done')
          last = take
          out = take
        }
      }
      if (last) chain = last
    }
    const usual = bake.settles ?? (wasBaked ? batterOfFamily('other').settles[0] : 0)
    const settles = steps.some(step => servedWarm.test(step.text))
      ? Math.min(usual, standsWarm)
      : usual
    if (out && chain === out && settles && !untilCut.length) {
      const cool = add({
        id: id('settle'),
        kind: 'wait',
        short: 'settle',
        says: `Left ${settles} min before it is ${settles < usual ? 'served' : 'cut'}.`,
        minutes: settles,
        waits: 'cool',
      })
      after(out, cool, 'it sets while it cools')
      soon(out, cool, 0, 'it cools from when it is out')
      chain = cool
    }
    const serve = add({
      id: id('serve'),
      kind: 'serve',
      short: 'on the table',
      says: `${bake.title} is on the table.`,
      minutes: 0,
    })
    for (const end of new Set([...apart, ...untilCut, ...(chain ? [chain] : [])])) {
      after(end, serve, 'all of it is done')
      if (dressed.sign.test(end.says) && end.kind === 'hands')
        soon(
          end,
          serve,
          dressed.just.test(end.says) ? 15 : dressed.over,
          'dressed, it does not wait long',
        )
    }
    if (!chain) after(weigh, serve, 'weighed in first')
    return { tasks, ...consistent(tasks, rules) }
  },
  40,
  pantryEdition,
  JSON.stringify,
)

const sayLong = (m: Minutes) => {
  if (m >= 1440) return `${Math.round(m / 1440)} days`
  return m >= 120 ? `${Math.round(m / 60)} hours` : `${m} minutes`
}
