import type { Minutes } from '../measure'
import { ingredientById } from '../pantry'
import { linesOf, readSteps, type PlacedStep, type Recipe, type StepTime } from '../recipe'
import { areaAt, batterOfFamily, mainBake, bakesOf, type SizedUp } from '../pan'
import { coldAfter, dressed, halfShelf, handRows, otherHand, remark, small, smallBatch, takeOut, toOven, usualHold, waitRows, wantsCold, weighing } from './tables/durations'
import type { DayRule, DayTask, DayWork } from './task'

/** What a bake brings to a day: its recipe as it is made, with what the pan stage found. */
export interface DayBake { readonly id: string, readonly title: string, readonly recipe: Recipe, readonly sized?: SizedUp | null }

/** What hands do where a step only bakes. */
export const putIn = 'Into the oven.'

interface Piece { readonly text: string, readonly from: number }
/** A stretch of work of one step, or a wait that it states. */
type Part = { readonly is: 'hands', readonly minutes: Minutes, readonly says: string, readonly short: string, readonly mixer: boolean, readonly holds: Minutes } | { readonly is: 'time', readonly time: StepTime, readonly says: string }

/** Sentences, and what follows a "then": times such as "1.5 hours" are not torn. */
const sentencesOf = (text: string): Piece[] => {
  const cuts = [0, ...[...text.matchAll(/(?:[.;!?](?!\d)\s+|,?\s+(?=then\s))/giu)].map(hit => hit.index + hit[0].length), text.length]
  return cuts.slice(0, -1).map((from, i) => ({ text: text.slice(from, cuts[i + 1]), from })).filter(piece => /\p{L}/u.test(piece.text))
}
/** Halves of a shelf: tins by their ground, more than half of one, or whatever lies on a tray, the whole. */
const shelfOf = (sized: SizedUp | null | undefined): number => {
  if (sized?.pieces) return 2
  const ground = (sized?.tins ?? []).reduce((sum, { tin }) => sum + tin.count * areaAt(tin, tin.height), 0)
  return ground > 0 && ground <= halfShelf ? 1 : 2
}
/** A piece of a step as a sentence of its own. */
const sentence = (text: string): string => { const bare = text.trim().replace(/^then\s+/iu, '').replace(/[,;\s]+$/u, ''); return `${bare.charAt(0).toUpperCase()}${bare.slice(1)}${/[.!?]$/u.test(bare) ? '' : '.'}` }
const preheats = /\b(?:pre-?heat|heat)\b[^.]{0,30}\boven\b/iu
const handOf = (sentence: string) => handRows.find(row => row.sign.test(sentence)) ?? { ...otherHand, mixer: undefined, holds: undefined }

const begins = /^\s*(?:for|to\s+make)\s+the\s+([\p{L} -]{3,30}?)[,:]/iu
/** Cuts a step into what hands do and what waits, in the order of its sentences. The oven's heating is left out: it is worked out afterwards. */
function partsOf(step: PlacedStep, settles: Minutes, pace: number): Part[] {
  const parts: Part[] = []
  for (const { text, from } of sentencesOf(step.text)) {
    const times = step.times.filter(time => time.span[0] >= from && time.span[0] < from + text.length && time.high >= 1 && !(time.kind === 'other' && time.high >= longestOther))
    const waits = times.filter(time => time.kind !== 'mix' && time.kind !== 'cook' && time.kind !== 'preheat')
    const busy = times.filter(time => time.kind === 'mix' || time.kind === 'cook').reduce((sum, time) => sum + time.high, 0)
    const says = sentence(text)
    const idle = waits.length > 0 && /^\W*(?:then\s+)?(?:cool|leave|rest|let|stand|chill|set\s+aside)\b/iu.test(text) || remark.test(text) && !waits.length && !busy
    if (idle) { /* It only waits, or only tells. */ }
    else if (!preheats.test(text) || /\b(?:grease|line|butter)\b/iu.test(text)) {
      const row = handOf(text)
      const last = parts.at(-1)
      // A sentence that only waits ("Chill for 4 hours") takes hands for a moment.
      const only = waits.length > 0 && text.length < 60
      const minutes = busy || (only ? 1 : Math.max(1, Math.round(row.minutes * pace)))
      const hand: Part = { is: 'hands', minutes, says: only && waits[0]!.kind === 'bake' ? putIn : says, short: only ? waits[0]!.kind === 'bake' ? 'into the oven' : row.short : row.short, mixer: Boolean(row.mixer), holds: row.holds ?? usualHold }
      if (last?.is === 'hands') parts[parts.length - 1] = { ...last, minutes: last.minutes + minutes, says: `${last.says} ${says}`, short: last.minutes >= minutes ? last.short : hand.short, mixer: last.mixer || hand.mixer, holds: Math.min(last.holds, hand.holds) }
      else parts.push(hand)
    }
    if (!times.length && leftToCool.test(text)) { if (parts.at(-1)?.says === says) parts.pop(); parts.push({ is: 'time', time: { kind: 'cool', low: settles, high: settles, span: [from, from] }, says }); continue }
    for (const time of waits) parts.push({ is: 'time', time, says })
  }
  // What is made ready by itself, where no verb says what is done, goes by its name: "flax gel".
  const [first] = parts
  const name = handRows.some(row => row.sign.test(sentencesOf(step.text)[0]?.text ?? '')) ? null : begins.exec(step.text)?.[1]
  if (first?.is === 'hands' && name) parts[0] = { ...first, short: name.trim() }
  return parts
}

/** "Cool on the sheet." without a time: as long as it takes to set. */
const leftToCool = /^\W*(?:then\s+)?(?:leave\s+(?:it\s+|them\s+)?to\s+)?cool\b/iu
/** "Best after two days" is no wait that serving has to follow. */
const longestOther = 12 * 60
const turnsOut = /\b(?:turn\w*\s+(?:\w+\s+)?out|unmould|lift\w*\s+(?:\w+\s+)?out)\b/iu
const isLeaven = (step: PlacedStep) => step.uses.some((use) => { const item = ingredientById(use.line?.ingredient ?? use.mention.ingredient.id); return item?.kind === 'leaven' && (item.soda > 0 || item.powder > 0) })
const wets = (step: PlacedStep) => step.uses.some((use) => { const item = ingredientById(use.line?.ingredient ?? use.mention.ingredient.id); return item !== undefined && item.per100.water > 30 })

/**
 * A bake as tasks and rules: its weighing, every stretch of work and every wait of its rewritten steps, the oven, cooling, and the serving. Parts that begin with their own name
 * run beside each other until a step brings them together. Times are the steps' own, else from the table; the bake time is the pan stage's.
 */
export function workOf(bake: DayBake): DayWork {
  const { recipe, sized } = bake
  const steps = readSteps(recipe)
  const tasks: DayTask[] = []
  const rules: DayRule[] = []
  const id = (name: string) => `${bake.id}/${name}`
  const add = (task: Partial<DayTask> & Pick<DayTask, 'id' | 'short' | 'says' | 'kind' | 'minutes'>): DayTask => {
    const whole: DayTask = { bake: bake.id, hands: false, mixer: false, place: 'counter', celsius: null, racks: 0, step: null, ...task }
    tasks.push(whole)
    return whole
  }
  const after = (a: DayTask, b: DayTask, because: string) => { rules.push({ from: a.id, to: b.id, least: a.minutes, because }) }
  const soon = (a: DayTask, b: DayTask, over: Minutes, because: string) => { rules.push({ from: b.id, to: a.id, least: -(a.minutes + over), because }) }

  const lines = linesOf(recipe).filter(line => line.grams)
  const weigh = add({ id: id('weigh'), kind: 'hands', hands: true, short: 'weigh in', says: `Weigh in the ${lines.length} things.`, minutes: Math.round(weighing.begin + weighing.each * lines.length) })
  const soft = linesOf(recipe).filter(line => takeOut.kinds.includes(ingredientById(line.ingredient ?? '')?.kind ?? '') && (takeOut.sign.test(line.text) || steps.some(s => takeOut.sign.test(s.text) && s.uses.some(u => u.line?.id === line.id))))
  const warm = soft.length ? add({ id: id('soft'), kind: 'wait', short: 'soften', says: `${soft.map(l => l.name).join(' and ')} out of the fridge, to soften.`, minutes: takeOut.minutes }) : null

  const pace = Math.min(1, Math.cbrt(lines.reduce((sum, line) => sum + line.grams!.best, 0) / smallBatch))
  const holds = new Map<string, Minutes>()
  let chain: DayTask | null = null
  const branches: DayTask[] = []
  let wet: { readonly task: DayTask, hands: Minutes } | null = null
  let out: DayTask | null = null
  const main = mainBake(bakesOf(recipe, steps))
  const setTime = sized?.tins.map(t => t.time).filter(t => t.ok)[0]
  const loads = sized?.pieces?.loads ?? 1
  let wasBaked = false

  for (const step of steps) {
    const own = begins.exec(step.text)
    const parts = partsOf(step, Math.max(10, sized?.settles ?? 15), pace)
    const branch: boolean = own !== null && chain !== null && !/\b(?:pour|spread|fold|over|into)\b[^.]{0,40}\b(?:cake|batter|base|tin)\b/iu.test(step.text) && !wasBaked
    let last: DayTask | null = branch ? null : chain
    const joins = !branch ? branches.splice(0) : []
    if (branch && chain) branches.push(chain)
    for (const [n, part] of parts.entries()) {
      const name = `${step.component}:${step.at}:${n}`
      const where = { step: { component: step.component, at: step.at } }
      let task: DayTask
      if (part.is === 'hands') {
        task = add({ id: id(name), kind: 'hands', hands: true, mixer: part.mixer, short: part.short, says: part.says, minutes: part.minutes, ...where })
        holds.set(task.id, part.holds)
        // What is baked keeps; only batters and doughs do not.
        const kept = last?.kind === 'hands' && !wasBaked ? holds.get(last.id) : undefined
        if (last && kept !== undefined) soon(last, task, kept, `“${last.short}” waits ${sayLong(kept)} at most`)
        if (last && (last.kind === 'wait' || last.kind === 'bake') ) {
          const over = last.kind === 'bake' ? 1 : last.waits === 'cool' && turnsOut.test(part.says) ? 15 : waitRows[(last.waits ?? 'other') as keyof typeof waitRows].over
          soon(last, task, over, last.kind === 'bake' ? `“${last.short}” comes out when it is done` : `“${last.says}” does not wait longer than ${sayLong(over)} over its time`)
        }
        if (wasBaked && wantsCold.test(part.says) && out) {
          const cold = add({ id: id(`${name}:cold`), kind: 'wait', short: 'cool', says: 'Until it is quite cold.', minutes: coldAfter(sized?.batter?.grams ?? 800), waits: 'cool' })
          after(out, cold, 'it cools after the oven')
          soon(out, cold, 0, 'it cools from when it is out')
          after(cold, task, 'only on what is cold')
        }
      }
      else {
        const { time } = part
        const isBake = time.kind === 'bake'
        const isMain = isBake && main && time.low === main.minutes[0] && time.high === main.minutes[1] && main.step?.at === step.at
        const minutes = isMain && setTime?.ok && setTime.likely > 0 ? Math.round(setTime.likely) : Math.round((time.low + time.high) / 2)
        const row = isBake ? null : waitRows[time.kind as keyof typeof waitRows] ?? waitRows.other
        task = isBake
          ? add({ id: id(name), kind: 'bake', place: 'oven', racks: shelfOf(sized), celsius: step.oven?.celsius ?? recipe.oven?.celsius ?? null, short: 'bake', says: part.says, minutes: minutes * Math.max(1, isMain ? loads : 1), waits: 'bake', ...where })
          : add({ id: id(name), kind: 'wait', place: row!.place, short: row!.short, says: part.says, minutes: Math.round(time.low), waits: time.kind, ...where })
        if (isBake) {
          const kept = last?.kind === 'hands' ? holds.get(last.id) : undefined
          if (last && kept !== undefined) soon(last, task, Math.min(kept, 20), `“${last.short}” goes into the oven within ${Math.min(kept, 20)} minutes`)
          if (wet) { soon(wet.task, task, toOven + wet.hands, `what lifts is wet: into the oven within ${toOven} minutes`); wet = null }
          wasBaked = true
        }
      }
      if (last) after(last, task, 'one after the other')
      // What waits by itself begins as soon as hands leave it; it may wait longer, not later.
      if (last?.hands && task.kind === 'wait') soon(last, task, 0, 'it waits from when it is left')
      if (n === 0) for (const join of joins) if (join !== last) after(join, task, 'its parts come together')
      if (!last || n === 0 && !chain) after(weigh, task, 'weighed in first')
      if (warm && part.is === 'hands' && soft.some(line => step.uses.some(u => u.line?.id === line.id))) { after(warm, task, 'soft first'); soon(warm, task, takeOut.over, 'soft, and not running') }
      if (wet && part.is === 'hands') wet.hands += part.minutes
      if (part.is === 'hands' && isLeaven(step) && (wets(step) || steps.some(s => s.at < step.at && wets(s))) && !wasBaked) wet = { task, hands: 0 }
      last = task
      if (task.kind === 'bake') {
        const take = add({ id: id(`${name}:out`), kind: 'hands', hands: true, short: 'out of the oven', says: 'Look, and take it out.', minutes: small.out, ...where })
        after(task, take, 'it bakes so long')
        soon(task, take, 1, 'it comes out when it is done')
        last = take
        out = take
      }
    }
    if (last) chain = last
  }
  const settles = sized?.settles ?? (wasBaked ? batterOfFamily('other').settles[0] : 0)
  if (out && chain === out && settles) {
    const cool = add({ id: id('settle'), kind: 'wait', short: 'settle', says: `Left ${settles} min before it is cut.`, minutes: settles, waits: 'cool' })
    after(out, cool, 'it sets while it cools')
    soon(out, cool, 0, 'it cools from when it is out')
    chain = cool
  }
  const serve = add({ id: id('serve'), kind: 'serve', short: 'on the table', says: `${bake.title} is on the table.`, minutes: 0 })
  for (const end of [...branches, ...chain ? [chain] : []]) {
    after(end, serve, 'all of it is done')
    if (dressed.sign.test(end.says) && end.kind === 'hands') soon(end, serve, dressed.just.test(end.says) ? 15 : dressed.over, 'dressed, it does not wait long')
  }
  if (!chain) after(weigh, serve, 'weighed in first')
  return { tasks, rules }
}

const sayLong = (m: Minutes) => m >= 1440 ? `${Math.round(m / 1440)} days` : m >= 120 ? `${Math.round(m / 60)} hours` : `${m} minutes`
