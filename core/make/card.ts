import type { Celsius, Grams, Minutes } from '../measure'
import { amountsOf, settingOf, ovenOffset, type Kitchen } from '../pan'
import { isInside } from '../formula'
import { cautionsAt } from '../people'
import { readMethod, type Action } from '../method'
import { asSentence, linesOf, type Line, type Recipe } from '../recipe'
import { putIn, type DayBake, type DayPlan, type Moment, type PlacedTask } from '../day'
import { bakeLossRows, lossRows } from './tables/losses'

/** What is weighed in: how much (null: nobody says), the same in spoons, and what it is for. */
export interface WeighItem {
  readonly lineId: string
  readonly name: string
  readonly says: string
  readonly grams: Grams | null
  readonly spoons: string
  readonly for: string
  /** Counted (eggs, vanilla pods): it cannot be scaled by a few percent. */
  readonly counted: boolean
  /** Part of the batter or dough, and not for the tin or the plate. */
  readonly inside: boolean
}

/** A weighing before or after: of what, how much usually goes, and which card was the one before. */
export interface Weighing {
  readonly row: string
  readonly when: 'before' | 'after'
  readonly other: string
}

/** Something to notice while a timer runs, so long after its beginning. */
export interface Mark {
  readonly at: Minutes
  readonly says: string
}

/** The warming of the coldest place: minutes in the oven, °C, and at how many it is done. */
export interface Warmth {
  readonly minutes: readonly Minutes[]
  readonly coldest: readonly Celsius[]
  readonly finish: Celsius
}

/**
 * One thing at the counter. Hands end `heat`, `weigh`, `do`, `measure` and `serve` cards; a `wait`
 * begins by itself once what it follows is over, a `bake` when somebody says that it is in. Moments
 * are minutes since 1970.
 */
export interface Card {
  readonly id: string
  /** The task of the day that it is, or is part of. */
  readonly task: string
  readonly bake: string
  readonly title: string
  readonly kind: 'heat' | 'weigh' | 'do' | 'wait' | 'bake' | 'measure' | 'serve'
  readonly short: string
  readonly says: string
  readonly minutes: Minutes
  readonly celsius: Celsius | null
  readonly starts: Moment
  /** Tasks that must be over before. */
  readonly after: readonly string[]
  /** Longest waits: within so many minutes after the end of that task. */
  readonly within: readonly {
    readonly task: string
    readonly minutes: Minutes
    readonly because: string
  }[]
  readonly cautions: readonly string[]
  /**
   * Tasks of the day that are done with this one's beginning: a tin goes into the oven when
   * somebody says that it is in.
   */
  readonly also?: readonly string[]
  readonly item?: WeighItem
  readonly weighing?: Weighing
  readonly marks: readonly Mark[]
  /** Of a bake: the batter's weight and the share that it usually loses. */
  readonly loses?: { readonly grams: Grams; readonly share: readonly [number, number] }
  /** How its middle is expected to warm, for whoever has a probe in it. */
  readonly warming?: Warmth
  readonly step: { readonly component: string; readonly at: number } | null
}

/** Where a line is wanted first, in the order of the actions, and the words of what wants it. */
type Wanted = ReadonlyMap<string, { readonly at: number; readonly says: string }>
function wantedIn(actions: readonly Action[]): Wanted {
  const place = new Map<string, { readonly at: number; readonly says: string }>()
  const all = actions.flatMap(({ takes, text }, n) =>
    takes.flatMap(({ thing, readies }, k) =>
      thing.is === 'line' ? [{ id: thing.line, at: n + k / 1000, says: text, readies }] : [],
    ),
  )
  // What greases the tin besides is weighed for what it is in.
  for (const { id, at, says } of [...all.filter(one => !one.readies), ...all])
    if (!place.has(id)) place.set(id, { at, says: asSentence(says) })
  return place
}
/**
 * The lines in the order in which they are weighed in: as the actions need them; what none takes at
 * the end of its part; what is only for the tin last.
 */
function weighingOrder(recipe: Recipe): readonly { readonly line: Line; readonly for: string }[] {
  const { actions } = readMethod(recipe)
  const place = wantedIn(actions)
  const last = new Map(actions.map(({ step }, n) => [step.component, n + 0.9]))
  return linesOf(recipe)
    .map((line, n) => ({
      line,
      n,
      at:
        (line.purpose === 'pan' ? 1e6 : 0) +
        (place.get(line.id)?.at ?? last.get(line.component) ?? 1e5),
      for: place.get(line.id)?.says ?? '',
    }))
    .sort((a, b) => a.at - b.at || a.n - b.n)
    .map(({ line, for: use }) => ({ line, for: firstWords(use) }))
}
/** Cut at a word. */
const firstWords = (text: string) =>
  text.length <= 90 ? text : `${text.slice(0, text.lastIndexOf(' ', 88))} …`

const isCounted = (line: Line) => line.unit === null && line.amount !== null

/** Everything that is weighed in for a bake, in its order. */
export function itemsOf(recipe: Recipe): readonly WeighItem[] {
  const amounts = new Map(amountsOf(recipe, 1, 'grams').map(a => [a.lineId, a]))
  return weighingOrder(recipe)
    .filter(({ line }) => !line.optional || line.grams)
    .map(({ line, for: use }): WeighItem => ({
      lineId: line.id,
      name: amounts.get(line.id)?.name || line.name || line.text,
      says: line.text,
      grams: line.grams?.best ?? null,
      spoons: amounts.get(line.id)?.spoons ?? '',
      for: use,
      counted: isCounted(line),
      inside: isInside(line),
    }))
}

const heatId = (n: number) => `heat/${n}`
const isBroad = (over: Minutes) => over <= 1 || over > 240

/** What is done or noticed while it bakes: what the recipe says, turning, and the first look. */
function marksOf(task: PlacedTask, bake: DayBake, dial: (celsius: Celsius) => string): Mark[] {
  if (task.kind !== 'bake') return []
  const usual = task.usual ?? task.minutes
  const stretch = task.minutes / Math.max(1, usual)
  const told = (task.moments ?? []).map(({ at, says, celsius }): Mark => ({
    at,
    says: celsius === null ? says : `The oven to ${dial(celsius)}`,
  }))
  const isTurned = task.moments?.some(moment => moment.celsius === null) ?? false
  return [...told, ...noticed(usual, bake).filter(mark => !isTurned || mark.says !== turning)]
    .map(mark => ({ ...mark, at: Math.round(mark.at * stretch) }))
    .sort((a, b) => a.at - b.at)
}
const turning = 'Turn it round'
/** What this kitchen's oven is set to. */
const dialOf = (kitchen: Kitchen) => (celsius: Celsius) =>
  settingOf(celsius, kitchen.oven, ovenOffset(kitchen.oven).degrees).says
function noticed(usual: Minutes, bake: DayBake): Mark[] {
  const time = bake.sized?.tins.map(t => t.time).find(t => t.ok)
  if (!time?.ok || Math.abs(Math.round(time.likely) - usual) > 1)
    return usual >= 20 ? [{ at: usual * 0.85, says: 'First look' }] : []
  const { turnAt, firstCheck, likely } = time
  return [
    ...(turnAt && likely >= 12 ? [{ at: turnAt, says: turning }] : []),
    ...(firstCheck && firstCheck < likely ? [{ at: firstCheck, says: 'First look' }] : []),
  ]
}

const points = 48
/** The curve with few points: a making is kept whole, curve and all. */
function warmthOf(bake: DayBake | undefined): Warmth | undefined {
  const time = bake?.sized?.tins.map(t => t.time).find(t => t.ok)
  if (!time?.ok || !time.warming) return undefined
  const { minutes, coldest, finish } = time.warming
  const every = Math.max(1, Math.ceil(minutes.length / points))
  const keep = (_: unknown, n: number) => n % every === 0 || n === minutes.length - 1
  const round = (n: number) => Math.round(100 * n) / 100
  return {
    minutes: minutes.filter(keep).map(round),
    coldest: coldest.filter(keep).map(round),
    finish,
  }
}

/**
 * A planned day as cards in their order: the oven's heating, every single thing to weigh in, what
 * hands do, what waits, what is weighed before and after, the serving. Cautions stand at the first
 * card of the step, or line, that calls for them.
 *
 * @example
 * const { recipe } = readRecipe('Buns\n\n200 g flour\n\nMix. Bake at 180 °C for 20 minutes.')
 * const bakes = [{ id: 'b', title: 'Buns', recipe }]
 * const plan = planDay(bakes, { serveAt: '2026-01-17T17:00:00.000Z', kitchen: usualKitchen })
 * cardsOf(bakes, plan, usualKitchen).map(card => card.kind).slice(0, 4) // ["heat","weigh","do","bake"]
 */
export function cardsOf(
  bakes: readonly DayBake[],
  plan: Extract<DayPlan, { ok: true }>,
  kitchen: Kitchen,
): readonly Card[] {
  const byId = new Map(bakes.map(bake => [bake.id, bake]))
  const minutes = new Map(plan.tasks.map(task => [task.id, task.minutes]))
  const told = new Set<string>()
  const dial = dialOf(kitchen)
  const cards: Card[] = []
  for (const [n, heat] of plan.preheats.entries())
    cards.push({
      id: heatId(n),
      task: heatId(n),
      bake: '',
      title: '',
      kind: 'heat',
      short: 'heat the oven',
      says: `Heat the oven to ${dial(heat.celsius)}.`,
      minutes: heat.ready - heat.at,
      celsius: heat.celsius,
      starts: heat.at,
      after: [],
      within: [],
      cautions: [],
      marks: [],
      step: null,
    })
  for (const task of plan.tasks) {
    const bake = byId.get(task.bake)
    const cautions = bake ? cautionsAt(bake.recipe) : []
    const after = plan.rules
      .filter(rule => rule.to === task.id && rule.least > 0)
      .map(rule => rule.from)
    const within = plan.rules
      .filter(rule => rule.from === task.id && rule.least < 0)
      .map(rule => ({
        task: rule.to,
        minutes: Math.round(-rule.least - (minutes.get(rule.to) ?? 0)),
        because: rule.because,
      }))
      .filter(w => !isBroad(w.minutes))
    const said = (test: (c: (typeof cautions)[number]) => boolean) =>
      cautions
        .filter(c => test(c) && !told.has(`${task.bake}/${c.id}`))
        .map(c => {
          told.add(`${task.bake}/${c.id}`)
          return c.says
        })
    const base = {
      task: task.id,
      bake: task.bake,
      title: bake?.title ?? '',
      celsius: task.celsius,
      after,
      within,
      marks: [],
      step: task.step,
    }
    if (bake && task.id === `${bake.id}/weigh`) {
      const items = itemsOf(bake.recipe)
      for (const [n, item] of items.entries())
        cards.push({
          ...base,
          id: `${task.id}#${item.lineId}`,
          kind: 'weigh',
          short: item.name,
          says: item.says,
          minutes: task.minutes / items.length,
          starts: task.starts + (n * task.minutes) / items.length,
          cautions: said(c => c.lineId === item.lineId),
          item,
        })
      continue
    }
    const kind: Card['kind'] =
      task.kind === 'serve' ? 'serve' : task.kind === 'bake' ? 'bake' : task.hands ? 'do' : 'wait'
    const by = bake?.sized?.batter?.row.by ?? 'heat'
    const grams = bake?.sized?.batter ? bake.sized.batter.grams * (bake.sized.factor || 1) : 0
    cards.push({
      ...base,
      id: task.id,
      kind,
      short: task.short,
      says: task.says,
      minutes: task.minutes,
      starts: task.starts,
      cautions:
        kind === 'wait' || kind === 'bake'
          ? []
          : said(
              c =>
                c.step !== null &&
                c.step.component === task.step?.component &&
                c.step.at === task.step?.at,
            ),
      marks: bake ? marksOf(task, bake, dial) : [],
      ...(kind === 'bake' && grams > 0 && bakeLossRows[by]
        ? { loses: { grams, share: bakeLossRows[by] } }
        : {}),
      ...(kind === 'bake' && warmthOf(bake) ? { warming: warmthOf(bake) } : {}),
    })
  }
  return withWeighings(intoOven(cards.sort((a, b) => a.starts - b.starts)))
}

/** Putting something into the oven is one card, not two: the bake takes over what it waits for. */
function intoOven(cards: readonly Card[]): Card[] {
  const bakes = cards.filter(card => card.kind === 'bake')
  const gone = new Map(
    bakes.flatMap(bake =>
      bake.after.flatMap(task => {
        const put = cards.find(c => c.task === task && c.kind === 'do' && c.says === putIn)
        return put ? [[put.id, { put, bake }] as const] : []
      }),
    ),
  )
  return cards
    .filter(card => !gone.has(card.id))
    .map(card => {
      const puts = [...gone.values()].filter(each => each.bake === card).map(each => each.put)
      if (!puts.length) return card
      const also = puts.map(put => put.task)
      return {
        ...card,
        also,
        after: [
          ...new Set([
            ...card.after.filter(task => !also.includes(task)),
            ...puts.flatMap(put => put.after),
          ]),
        ],
        within: [
          ...card.within.filter(w => !also.includes(w.task)),
          ...puts.flatMap(put => put.within),
        ],
        cautions: [...puts.flatMap(put => put.cautions), ...card.cautions],
      }
    })
}

/** Puts a weighing before and one after whatever loses weight or takes up air. */
function withWeighings(cards: readonly Card[]): Card[] {
  const all: Card[] = []
  const waiting: { card: Card; after: string }[] = []
  for (const card of cards) {
    const row = card.kind === 'do' ? lossRows.find(r => r.sign.test(card.says)) : undefined
    if (!row) {
      all.push(card)
      for (const w of waiting.filter(w => w.after === card.task)) {
        all.push(w.card)
        waiting.splice(waiting.indexOf(w), 1)
      }
      continue
    }
    const [before, after] = [`${card.id}~before`, `${card.id}~after`]
    const measure = (
      id: string,
      when: 'before' | 'after',
      says: string,
      starts: Moment,
      tasks: readonly string[],
    ): Card => ({
      ...card,
      id,
      task: id,
      kind: 'measure',
      short: `weigh ${row.of}`,
      says,
      minutes: 1,
      starts,
      after: tasks,
      within: [],
      cautions: [],
      marks: [],
      weighing: { row: row.id, when, other: when === 'before' ? after : before },
    })
    // A drained or reduced thing is weighed when its wait is over, where it has one.
    const wait =
      row.law === 'none'
        ? undefined
        : cards.find(c => c.kind === 'wait' && c.after.includes(card.task))
    if (row.by === 'weight')
      all.push(measure(before, 'before', `Weigh ${row.of} before.`, card.starts, card.after))
    all.push(card)
    const last = measure(
      after,
      'after',
      row.by === 'weight' ? `Weigh ${row.of} again.` : `Weigh 100 ml of ${row.of}, levelled off.`,
      wait ? wait.starts + wait.minutes : card.starts + card.minutes,
      [wait?.task ?? card.task],
    )
    if (wait) waiting.push({ card: last, after: wait.task })
    else all.push(last)
  }
  return [...all, ...waiting.map(w => w.card)]
}
