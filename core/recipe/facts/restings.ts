import type { Minutes } from '../../measure'
import type { Recipe, Span } from '../recipe'
import { readStepTimes } from './step-times'

/**
 * What waits so that something comes of it; a cake that cools or a jelly that sets is done when it
 * is done.
 */
const restKinds = ['rest', 'chill', 'soak', 'rise'] as const
export type RestKind = (typeof restKinds)[number]

/**
 * A time for which something rests, as a step states it in figures; "overnight" is none. `of`: what
 * a step of its own makes ready ("For the flax gel: …"), else null.
 */
export interface RestTime {
  /** The place of its part and of its step in it. */
  readonly part: number
  readonly step: number
  readonly component: string
  readonly of: string | null
  readonly kind: RestKind
  readonly low: Minutes
  readonly high: Minutes
  readonly span: Span
  /** It comes after something was baked. */
  readonly baked: boolean
  /** Its sentence without the time. */
  readonly sentence: string
}

const readies =
  /^\s*(?:(?:for|to\s+make)\s+the\s+([\p{L} -]{3,60}?)[,:]|([\p{L} -]{3,60}?),\s+[\d½¼¾])/iu
const isKind = (kind: string): kind is RestKind => (restKinds as readonly string[]).includes(kind)

/** Where the sentence around a span begins and ends. */
function sentenceAround(text: string, [start, end]: Span): Span {
  const begins = ['. ', '! ', '; '].map(mark => text.lastIndexOf(mark, start - 1) + 1)
  const ends = ['.', '!', ';'].map(mark => text.indexOf(mark, end)).filter(at => at >= 0)
  return [Math.max(...begins), Math.min(text.length, ...ends)]
}
/** A night is no time that a clock is set to. */
const isNight = (text: string, span: Span) => /night|evening/iu.test(text.slice(...span))

/** Every resting of a recipe, part by part in the order of its steps. */
export function restTimesIn(recipe: Recipe): RestTime[] {
  let baked = false
  const inStep = (text: string, place: Pick<RestTime, 'part' | 'step' | 'component'>) => {
    const own = readies.exec(text)
    const of = (own?.[1] ?? own?.[2])?.trim() ?? null
    return readStepTimes(text).flatMap(({ kind, low, high, span }): RestTime[] => {
      if (kind === 'bake') baked = true
      if (!isKind(kind) || low < 1 || isNight(text, span)) return []
      const [from, to] = sentenceAround(text, span)
      const sentence = `${text.slice(from, span[0])}…${text.slice(span[1], to)}`.trim()
      return [{ ...place, of, kind, low, high, span, baked, sentence }]
    })
  }
  return recipe.components.flatMap((c, part) =>
    c.steps.flatMap((text, step) => inStep(text, { part, step, component: c.name })),
  )
}

const isPlain = (minutes: Minutes) => minutes < 120 && minutes !== 60
/**
 * Minutes as a step states them; `readStepTimes` reads the same back. With a second figure both,
 * `between` them, in one unit where they have one.
 */
export function sayRestTime(minutes: Minutes, second: Minutes = minutes, between = ' to '): string {
  const [one, two] = [Math.round(minutes), Math.round(second)]
  if (one === two) {
    if (isPlain(one)) return one === 1 ? '1 minute' : `${one} minutes`
    const [hours, over] = [Math.floor(one / 60), one % 60]
    return `${hours === 1 ? '1 hour' : `${hours} hours`}${over ? ` and ${over} minutes` : ''}`
  }
  if (one % 60 === 0 && two % 60 === 0)
    return `${one / 60}${between}${two / 60} ${two === 60 ? 'hour' : 'hours'}`
  return `${one}${between}${two} minutes`
}

const clockSteps = [
  { below: 20, by: 1 },
  { below: 60, by: 5 },
  { below: 180, by: 15 },
  { below: Infinity, by: 30 },
]
/** So much as somebody sets a clock to: minutes up to twenty, then fives, quarters and half hours. [M] */
export function roundRestTime(minutes: Minutes): Minutes {
  const { by } = clockSteps.find(row => minutes < row.below)!
  return Math.max(1, Math.round(minutes / by) * by)
}

/**
 * The recipe with its restings as long as `to` says (their lower figure, in minutes; an upper one
 * keeps its distance); null leaves one as it is.
 */
export function withRestTimes(recipe: Recipe, to: (resting: RestTime) => Minutes | null): Recipe {
  const moved = restTimesIn(recipe).flatMap(resting => {
    const now = to(resting)
    return now === null || Math.abs(now - resting.low) < 0.5 ? [] : [{ resting, now }]
  })
  if (!moved.length) return recipe
  return {
    ...recipe,
    components: recipe.components.map((c, part) => {
      if (!moved.some(m => m.resting.part === part)) return c
      const { stepsFrom: _, ...rest } = c
      return {
        ...rest,
        steps: c.steps.map((text, step) =>
          moved
            .filter(m => m.resting.part === part && m.resting.step === step)
            .reduceRight(
              (line, { resting: { span, low, high }, now }) =>
                `${line.slice(0, span[0])}` +
                sayRestTime(now, Math.max(now, roundRestTime((high * now) / low))) +
                `${line.slice(span[1])}`,
              text,
            ),
        ),
      }
    }),
  }
}
