import { readOven, type Celsius, type Minutes } from '../measure'
import { remembered } from '../pantry'
import type { PlacedStep, Span, StepTime } from '../recipe'
import {
  cooksItself,
  cutBefore,
  handRows,
  inTheOven,
  leadIn,
  leftBeforeCut,
  minded,
  neededLater,
  otherHand,
  ovenWords,
  remark,
  sideWords,
  stirred,
  timesOver,
  togetherWords,
  untimedWaits,
  usualHold,
  waitWords,
  wantsCold,
  wantsWarm,
} from './tables/clauses'

/** What a clause asks of what was baked: cold before it, or still warm. */
type Wants = 'cold' | 'warm' | null
/** A stretch of work of one step, or a wait that it states; `span` is its place in the step's text. */
export type WorkPart = { readonly span: Span; readonly celsius: Celsius | null } & (
  | {
      readonly is: 'hands'
      readonly minutes: Minutes
      readonly says: string
      readonly short: string
      readonly mixer: boolean
      readonly holds: Minutes
      readonly wants: Wants
      /** It is done beside what waits. */ readonly beside: boolean
      /** It brings what was made apart to the rest. */ readonly joins: boolean
    }
  | {
      readonly is: 'time'
      readonly time: StepTime
      readonly says: string
      /** In the oven that is turned off. */ readonly inside: boolean
      /** Only what cuts it waits for it. */ readonly beforeCut: boolean
    }
)

/** What hands do where a step only bakes. */
export const putIn = 'Into the oven.'

/**
 * A clause, and what its words say whatever was baked before: `bare` is what begins with the verb,
 * `row` whose verb it is.
 */
interface Clause {
  readonly text: string
  readonly from: number
  readonly bare: string
  readonly says: string
  readonly celsius: Celsius | null
  readonly row: ReturnType<typeof handOf>
  readonly minded: boolean
  readonly waits: boolean
  readonly remark: boolean
  readonly heats: boolean
  /** Somebody stands by what is on the hob. */
  readonly stirred: boolean
  readonly times: number
}

/**
 * Sentences, what follows a "then", and what is left to itself or put to the rest at the end of
 * one: times such as "1.5 hours" are not torn.
 */
const clausesOf = remembered((whole): readonly Clause[] => {
  const cuts = [
    0,
    ...[...whole.matchAll(cutBefore)].map(hit => hit.index + (hit[1] ? 0 : hit[0].length)),
    whole.length,
  ].sort((a, b) => a - b)
  return cuts
    .slice(0, -1)
    .map((from, i) => ({ text: whole.slice(from, cuts[i + 1]), from }))
    .filter(clause => /\p{L}/u.test(clause.text))
    .map(({ text, from }): Clause => {
      const oven = /[\d¼½¾]/u.test(text) ? readOven(text) : null
      const bare = bareOf(text.replace(/^\W*(?:and\s+)?(?:then\s+)?/iu, ''))
      return {
        text,
        from,
        bare,
        says: sentence(text),
        celsius: oven?.celsius ?? null,
        row: handOf(bare),
        minded: minded.test(bare),
        waits: waitWords.test(bare),
        remark: remark.test(text),
        heats:
          ovenWords.test(text) &&
          (oven !== null || /\boven\b/iu.test(text)) &&
          !/\b(?:grease|line|butter)\b/iu.test(text),
        stirred: stirred.test(text),
        times: timesOver.reduce((by, row) => (row.sign.test(text) ? by * row.by : by), 1),
      }
    })
}, 1000)
/** A clause as a sentence of its own. */
const sentence = (text: string): string => {
  const bare = text
    .trim()
    .replace(/^[,;]\s*/u, '')
    .replace(/^(?:and\s+)?(?:then\s+)?/iu, '')
    .replace(/[,;\s]+$/u, '')
  return `${bare.charAt(0).toUpperCase()}${bare.slice(1)}${/[.!?]$/u.test(bare) ? '' : '.'}`
}
/** Without "Meanwhile,", "For the filling,", "Once it is cold,": what begins with the verb. */
function bareOf(text: string): string {
  let bare = text.replace(/^\W+/u, '')
  for (let next = bare.replace(leadIn, ''); next !== bare; next = bare.replace(leadIn, ''))
    bare = next
  return bare
}
const otherShort = (bare: string): string =>
  /^\p{L}{3,12}(?=[\s.,;!]|$)/u.exec(bare)?.[0].toLowerCase() ?? otherHand.short
/**
 * All verbs as one pattern, a group a row: an alternation takes the first place, and of two rows
 * there the first.
 */
const anyHand = new RegExp(handRows.map(row => `(${row.sign.source})`).join('|'), 'iu')
/** The row whose verb comes first; of two at one place the one that stands first. */
function handOf(bare: string) {
  const hit = anyHand.exec(bare)
  const row = hit && handRows[hit.findIndex((group, n) => n > 0 && group !== undefined) - 1]
  return row
    ? { ...row, short: row.short || hit[0].toLowerCase() }
    : { ...otherHand, short: otherShort(bare), mixer: undefined, holds: undefined }
}

export interface ClauseSetting {
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
}

/** A wait for which nobody wrote a time: how long is usual, or null. */
function untimed(
  { bare: text, waits }: Clause,
  at: ClauseSetting,
): { readonly kind: StepTime['kind']; readonly minutes: Minutes; readonly told: boolean } | null {
  if (!waits || neededLater.test(text)) return null
  const row = untimedWaits.find(each => each.sign.test(text))
  if (!row) return null
  const minutes =
    row.minutes === 'cold'
      ? at.baked
        ? at.cold
        : row.unbaked!
      : row.minutes === 'settles'
        ? at.baked
          ? at.settles
          : row.unbaked!
        : row.minutes
  return { kind: row.kind, minutes, told: row.told ?? false }
}

/**
 * Cuts a step into what hands do and what waits, in the order of its clauses, each with the oven's
 * heat as it then is. The oven's heating is left out: it is worked out afterwards. Where a wait
 * states no time, the usual one counts, and it says so. Times in minutes.
 */
export function partsOf(
  step: Pick<PlacedStep, 'text' | 'times'>,
  at: ClauseSetting,
): { readonly parts: readonly WorkPart[]; readonly celsius: Celsius | null } {
  const parts: WorkPart[] = []
  let celsius = at.celsius
  let baked = at.baked
  for (const clause of clausesOf(step.text)) {
    const { text, from, bare, says, row } = clause
    celsius = clause.celsius ?? celsius
    const span: Span = [from, from + text.length]
    const times = step.times.filter(
      time =>
        time.span[0] >= span[0] &&
        time.span[0] < span[1] &&
        time.high >= 1 &&
        !(time.kind === 'other' && time.high >= longestOther),
    )
    const byHand = (time: StepTime) =>
      time.kind === 'mix' || (time.kind === 'cook' && (clause.stirred || time.low < cooksItself))
    const waits = times.filter(time => !byHand(time) && time.kind !== 'preheat')
    const busy = times.filter(byHand).reduce((sum, time) => sum + time.high, 0) * clause.times
    const usual =
      times.length || step.times.some(time => time.kind === 'rest' && /\brest\b/iu.test(bare))
        ? null
        : untimed(clause, { ...at, baked })
    const bakes =
      waits[0]?.kind === 'bake' &&
      /^(?:(?:blind[\s-]+)?bake|cook|roast|return|put\s+(?:\w+\s+)?(?:in|back))\b/iu.test(bare)
    const last = parts.at(-1)
    // What is to be minded stands with what it is about.
    if (
      clause.minded &&
      last &&
      (!times.length || /\bintervals?\b|\bevery\b|^\W*it\s+takes\b/iu.test(text))
    ) {
      parts[parts.length - 1] = {
        ...last,
        span: [last.span[0], span[1]],
        says: `${last.says} ${says}`,
      }
      continue
    }
    const isIdle =
      ((waits.length > 0 || usual !== null) && clause.waits && !bakes) ||
      (clause.remark && !waits.length && !busy)
    const isHeating = clause.heats && !waits.length
    if (!isIdle && !isHeating && !(bakes && last?.is === 'hands')) {
      // A sentence that only waits ("Chill for 4 hours") takes hands for a moment.
      const only = bakes || (waits.length > 0 && text.length < 60)
      const minutes = busy || (only ? 1 : Math.max(1, Math.round(row.minutes * at.pace)))
      const wants: Wants = !baked
        ? null
        : wantsWarm.test(text)
          ? 'warm'
          : wantsCold.test(text)
            ? 'cold'
            : null
      const hand: WorkPart = {
        is: 'hands',
        span,
        celsius,
        minutes,
        says: bakes ? putIn : says,
        short: bakes ? 'into the oven' : row.short,
        mixer: Boolean(row.mixer),
        holds: row.holds ?? usualHold,
        wants,
        beside: sideWords.test(text),
        joins: at.side && togetherWords.test(bare),
      }
      if (
        last?.is === 'hands' &&
        (last.wants ?? hand.wants) === hand.wants &&
        !hand.beside &&
        last.joins === (hand.joins || last.joins)
      )
        parts[parts.length - 1] = {
          ...last,
          span: [last.span[0], span[1]],
          celsius,
          minutes: last.minutes + minutes,
          says: `${last.says} ${says}`,
          short: last.minutes >= minutes ? last.short : hand.short,
          mixer: last.mixer || hand.mixer,
          holds: Math.min(last.holds, hand.holds),
          wants: hand.wants,
        }
      else parts.push(hand)
    }
    if (usual)
      parts.push({
        is: 'time',
        span,
        celsius,
        time: { kind: usual.kind, low: usual.minutes, high: usual.minutes, span: [from, from] },
        says: usual.told ? says : `${says} The recipe states no time.`,
        inside: baked && inTheOven.test(text),
        beforeCut: baked && leftBeforeCut.test(text),
      })
    for (const time of waits) {
      parts.push({
        is: 'time',
        span,
        celsius,
        time,
        says,
        inside: baked && time.kind !== 'bake' && inTheOven.test(text),
        beforeCut: baked && time.kind !== 'bake' && leftBeforeCut.test(text),
      })
      baked ||= time.kind === 'bake'
    }
  }
  // What is made ready by itself, where no verb says what is done, goes by its name: "flax gel".
  const [first] = parts
  const named = begins.exec(step.text)?.[1]
  const name =
    named && !handRows.some(row => row.sign.test(clausesOf(step.text)[0]?.text ?? ''))
      ? named
      : null
  if (first?.is === 'hands' && name) parts[0] = { ...first, short: name.trim() }
  return { parts, celsius }
}

/** A step that makes a part of its own: "For the glaze, …". */
export const begins = /^\s*(?:for|to\s+make)\s+the\s+([\p{L} -]{3,30}?)[,:]/iu
/** "Best after two days" is no wait that serving has to follow. */
const longestOther = 12 * 60
