import type { Celsius, Minutes } from '../measure'
import { partNamed, type Action, type Manner, type Phase } from '../method'
import type { BakeMoment } from './task'
import { momentsOf, staysOf } from './stays'
import { asSentence, type Span, type TimeKind } from '../recipe'
import {
  besidesLongest,
  chills,
  cooksItself,
  handRows,
  leaves,
  leftWords,
  mayTurnOut,
  leftKinds,
  longestOther,
  mixingVessels,
  otherHand,
  restWords,
  takesOff,
  setsOven,
  timesOver,
  untimedRows,
  usualHold,
  usualRest,
  type HandRow,
} from './tables/doings'

/** What is asked of what was baked: cold before it, or still warm. */
type Wants = 'cold' | 'warm' | null

/** Something that hands do, over one action or several. */
export interface HandPart {
  readonly is: 'hands'
  readonly span: Span
  readonly celsius: Celsius | null
  readonly minutes: Minutes
  readonly says: string
  readonly short: string
  readonly mixer: boolean
  readonly holds: Minutes
  readonly wants: Wants
  /** It is done beside what waits. */
  readonly beside: boolean
  /** It brings what was made apart to the rest. */
  readonly joins: boolean
  readonly cuts: boolean
  readonly turnsOut: boolean
  /** It only puts something into the oven. */
  readonly putsIn: boolean
}
/** Something that waits by itself: its time as the recipe states it, or as is usual. */
export interface WaitPart {
  readonly is: 'time'
  readonly span: Span
  readonly celsius: Celsius | null
  readonly kind: TimeKind
  readonly low: Minutes
  readonly high: Minutes
  readonly says: string
  /** In the oven that is turned off. */
  readonly inside: boolean
  /** Only what cuts it waits for it. */
  readonly beforeCut: boolean
  readonly inFridge: boolean
  /** The action that states it, and which of its stays it is. */
  readonly action: string
  readonly stay: number
  readonly moments: readonly BakeMoment[]
}
export type WorkPart = HandPart | WaitPart

/** What hands do where a step only bakes. */
export const putIn = 'Into the oven.'

export interface DoingSetting {
  /** Minutes until what was baked has settled, and until it is cold. */
  readonly settles: Minutes
  readonly cold: Minutes
  /** So many times the table's minutes, for small batches. */
  readonly pace: number
  /** The oven's heat so far; something was baked already. */
  readonly celsius: Celsius | null
  readonly baked: boolean
  /** It is made beside the rest: what brings it to the rest stands alone. */
  readonly side: boolean
  /** What the recipe says of its time in the oven, for a step that says none. */
  readonly stated: { readonly low: Minutes; readonly high: Minutes } | null
}

const endsSentence = (text: string) => /[.!?]\s*$/u.test(text)

const has = (words: string, verb: string) => words.split(' ').includes(verb)
function handOf({ verb, manners, into, takes }: Action) {
  const isReadied = takes.some(one => one.readies)
  const isMixing = into !== null && mixingVessels.has(into.noun)
  const isTin = into !== null && !isMixing
  const row = handRows.find(
    each =>
      has(each.verbs, verb) &&
      (!each.manner || manners.has(each.manner)) &&
      (!each.vessel || isTin) &&
      (!each.mixing || isMixing) &&
      (!each.readies || isTin || isReadied),
  )
  return row ?? otherHand
}

/** Is it left to itself: by what is done, or by the word ("leave to drain")? */
const isLeft = ({ verb, word }: Action) => leaves.has(verb) || leftWords.has(word)

/**
 * Is nothing done for it? A sentence of which no word is known to order anything may order something
 * all the same: it is work.
 */
const isTold = ({ mode, verb, word, manners }: Action) =>
  mode === 'ahead' ||
  verb === 'keep' ||
  (mode === 'remark' &&
    (word !== '' || ['tells', 'minded', 'for-part'].some(one => manners.has(one as Manner))))

/** A wait for which nobody wrote a time: how long is usual, or null. */
function untimed(action: Action, at: DoingSetting) {
  const { verb, word, manners } = action
  if (!isLeft(action) || manners.has('until-needed')) return null
  const row = untimedRows.find(
    each => has(each.verbs, verb) && (!each.manner || manners.has(each.manner)),
  )
  if (!row)
    return verb === 'rest' && restWords.has(word)
      ? { kind: 'rest' as const, minutes: usualRest, told: false }
      : null
  const own = row.minutes === 'cold' ? at.cold : at.settles
  const ofBake = at.baked ? own : row.unbaked!
  return {
    kind: row.kind,
    minutes: typeof row.minutes === 'number' ? row.minutes : ofBake,
    told: row.told ?? false,
  }
}

const wantsOf = ({ manners }: Action, isBaked: boolean): Wants => {
  if (!isBaked) return null
  if (manners.has('while-warm')) return 'warm'
  return manners.has('once-cold') ? 'cold' : null
}

/** The times of an action, and which of them hands are busy with. */
function timesOf(action: Action) {
  const { phases, manners, verb } = action
  const times = phases
    .filter(time => time.high >= 1 && !(time.kind === 'other' && time.high >= longestOther))
    .map(time => ({ ...time, kind: leftKinds[verb] ?? time.kind }))
  const isByHand = (time: Phase) =>
    !isLeft(action) &&
    (time.kind === 'mix' ||
      (time.kind === 'cook' && (manners.has('all-the-time') || time.low < cooksItself)))
  const over = timesOver.reduce((by, row) => (manners.has(row.manner) ? by * row.by : by), 1)
  return {
    waits: times.filter(time => !isByHand(time) && time.kind !== 'preheat'),
    busy: times.filter(isByHand).reduce((sum, time) => sum + time.high, 0) * over,
  }
}

/** What of an action's time hands are busy with, and whether it bakes or waits. */
interface HandIs {
  readonly busy: Minutes
  readonly isBake: boolean
  readonly waits: boolean
}

/** What was told before hands: its words, the name of what they make, and where it stands. */
interface Lead {
  readonly says: string
  readonly name: string | null
  readonly span: Span
}

/** Writes the actions of a step as what hands do and what waits, one after the other. */
class PartWriter {
  readonly parts: WorkPart[] = []
  celsius: Celsius | null
  private baked: boolean
  /**
   * The sentence at hand, as far as it belongs to the last part: the minutes that it brought, its
   * words, and what was said before it. Null: it has ended.
   */
  private now: { readonly minutes: Minutes; readonly raw: string; readonly before: string } | null =
    null

  /** What was told before the next hands, and the name of what they make. */
  private lead: Lead | null = null

  constructor(private readonly at: DoingSetting) {
    this.celsius = at.celsius
    this.baked = at.baked
  }

  take(action: Action) {
    this.celsius = action.settings[0]?.celsius ?? this.celsius
    if (isTold(action)) this.remark(action)
    else if (!setsOven.has(action.verb) || action.phases.length) this.doing(action)
    if (endsSentence(action.text)) this.now = null
  }

  /** What was told before hands that never came is said by itself. */
  end() {
    const { lead } = this
    if (lead) this.parts.push({ ...this.plain(lead), says: lead.says, short: lead.name ?? 'do' })
  }

  /** What only tells goes with what it is about; what tells of afterwards goes nowhere. */
  private remark({ text, manners, mode, span }: Action) {
    const last = this.parts.at(-1)
    if (mode === 'ahead' || (manners.has('tells') && !manners.has('minded'))) return
    // "For the flax gel: 8 g of flax and 48 g of water." stands before what is done with it.
    if (!last || manners.has('for-part')) {
      this.lead = { says: asSentence(text), name: partNamed(text), span }
      return
    }
    this.replaceLast({
      ...last,
      span: [last.span[0], span[1]],
      says: `${last.says} ${asSentence(text)}`,
    })
  }

  private doing(action: Action) {
    const { waits, busy } = this.timed(action)
    const usual = waits.length || busy ? null : untimed(action, { ...this.at, baked: this.baked })
    const isBake = waits[0]?.kind === 'bake'
    const isIdle = isLeft(action) && (waits.length > 0 || usual !== null)
    const isReady = isBake && this.parts.at(-1)?.is === 'hands'
    if (!isIdle && !isReady)
      this.hand(action, { busy, isBake, waits: waits.length > 0 || usual !== null })
    if (usual) this.usual(action, usual)
    const told = action.settings.map(({ celsius }) => celsius)
    const heats = told.length === waits.length ? told : []
    let before = 0
    for (const [n, stay] of staysOf(waits).entries()) {
      this.wait(action, stay, n, heats.slice(before, before + stay.length))
      before += stay.length
    }
  }
  /** "Bake until golden" takes what the recipe says of itself. */
  private timed(action: Action) {
    const found = timesOf(action)
    const { stated } = this.at
    if (action.verb !== 'bake' || found.waits.length || !stated || this.baked) return found
    return { ...found, waits: [{ ...stated, kind: 'bake' as const, celsius: null, then: null }] }
  }

  private hand(action: Action, is: HandIs) {
    const own = is.isBake ? this.putsIn(action) : this.own(action, is)
    const last = this.parts.at(-1)
    if (last?.is === 'hands' && this.goesWith(last, own))
      this.grow(last, own, { text: action.text, isStated: is.busy > 0 })
    else this.begin(own, action, is)
  }
  /** Hands of an action: its own time where it states one, else by the table. */
  private own(action: Action, { busy, waits }: HandIs): HandPart {
    const { manners } = action
    const row: Pick<HandRow, 'minutes' | 'short' | 'mixer' | 'holds'> = handOf(action)
    const usual = Math.max(1, Math.round(row.minutes * this.at.pace))
    const only = waits && !action.takes.length ? 1 : usual
    return {
      ...this.plain(action),
      minutes: busy || only,
      says: asSentence(action.text),
      short: row.short || action.word || 'do',
      mixer: row.mixer ?? false,
      holds: row.holds ?? usualHold,
      wants: wantsOf(action, this.baked),
      beside: manners.has('beside'),
      joins: this.at.side && manners.has('together'),
      cuts: manners.has('cuts'),
      turnsOut: action.verb === 'unmould' || (mayTurnOut.has(action.verb) && manners.has('out')),
    }
  }
  private putsIn = (action: Action): HandPart => ({
    ...this.plain(action),
    says: putIn,
    short: 'into the oven',
    putsIn: true,
  })
  /** A moment of hands, and nothing that it asks for. */
  private plain = ({ span }: { readonly span: Span }): HandPart => ({
    is: 'hands',
    span,
    celsius: this.celsius,
    minutes: 1,
    says: '',
    short: '',
    mixer: false,
    holds: usualHold,
    wants: null,
    beside: false,
    joins: false,
    cuts: false,
    turnsOut: false,
    putsIn: false,
  })
  private begin(own: HandPart, action: Action, { busy }: HandIs) {
    const lead = this.lead
    this.lead = null
    const before = lead ? `${lead.says} ` : ''
    this.parts.push({ ...own, short: lead?.name ?? own.short, says: before + own.says })
    this.now = { minutes: busy ? 0 : own.minutes, raw: action.text, before }
  }
  private goesWith = (last: HandPart, own: HandPart) =>
    !this.lead &&
    // What goes on in a sentence wants what the sentence wanted.
    ((this.now !== null && own.wants === null) || (last.wants ?? own.wants) === own.wants) &&
    !own.beside &&
    last.joins === (own.joins || last.joins) &&
    !last.putsIn
  /** One more doing: of one sentence the longest counts, and a minute for each further one. */
  private grow(
    last: HandPart,
    own: HandPart,
    { text, isStated }: { readonly text: string; readonly isStated: boolean },
  ) {
    const now = this.now
    const isSame = now !== null && !isStated
    const minutes = isSame ? Math.max(now.minutes, own.minutes) + besidesLongest : own.minutes
    const before = now ? now.before : `${last.says} `
    const raw = now ? now.raw + text : text
    this.now = { minutes: isStated ? (now?.minutes ?? 0) : minutes, raw, before }
    this.replaceLast({
      ...last,
      span: [last.span[0], own.span[1]],
      celsius: own.celsius,
      minutes: last.minutes + minutes - (isSame ? now.minutes : 0),
      says: before + asSentence(raw),
      short: last.minutes >= own.minutes ? last.short : own.short,
      mixer: last.mixer || own.mixer,
      holds: Math.min(last.holds, own.holds),
      wants: own.wants ?? last.wants,
      cuts: last.cuts || own.cuts,
      turnsOut: last.turnsOut || own.turnsOut,
    })
  }
  private replaceLast(part: WorkPart) {
    this.parts[this.parts.length - 1] = part
  }

  private usual(action: Action, { kind, minutes, told }: NonNullable<ReturnType<typeof untimed>>) {
    const says = asSentence(action.text)
    this.push(action, {
      kind,
      low: minutes,
      high: minutes,
      says: told ? says : `${says} The recipe states no time.`,
      stay: 0,
      moments: [],
    })
  }
  /** A stated time; what has to be taken off a bake is taken off outside of the oven. */
  private wait(action: Action, stay: readonly Phase[], n: number, heats: readonly Celsius[]) {
    const [first] = stay as [Phase, ...Phase[]]
    if (first.kind === 'bake' && n > 0) this.parts.push({ ...this.plain(action), ...takesOff })
    const sum = (of: 'low' | 'high') => stay.reduce((all, time) => all + time[of], 0)
    const moments = momentsOf(stay, heats)
    this.push(action, {
      kind: first.kind,
      low: sum('low'),
      high: sum('high'),
      says: asSentence(action.text),
      stay: n,
      moments,
    })
    this.celsius = moments.findLast(each => each.celsius !== null)?.celsius ?? this.celsius
    this.baked ||= first.kind === 'bake'
  }
  private push({ id, span, manners, verb }: Action, time: Stay) {
    const isAfter = this.baked && time.kind !== 'bake'
    this.parts.push({
      is: 'time',
      span,
      celsius: this.celsius,
      ...time,
      inside: isAfter && manners.has('inside'),
      beforeCut: isAfter && manners.has('before-cut') && !chills.has(verb),
      inFridge: manners.has('in-fridge'),
      action: id,
    })
  }
}
type Stay = Pick<WaitPart, 'kind' | 'low' | 'high' | 'says' | 'stay' | 'moments'>

/**
 * The actions of a step as what hands do and what waits, in their order, each with the oven's heat as
 * it then is. The oven's heating is left out: it is worked out afterwards. Where a wait states no
 * time, the usual one counts, and it says so. Times in minutes.
 */
export function partsOf(
  actions: readonly Action[],
  at: DoingSetting,
): { readonly parts: readonly WorkPart[]; readonly celsius: Celsius | null } {
  const writer = new PartWriter(at)
  for (const action of actions) writer.take(action)
  writer.end()
  return { parts: writer.parts, celsius: writer.celsius }
}
