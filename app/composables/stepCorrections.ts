import { pattern } from '#core/measure'
import { capital, type Component, type Line } from '#core/recipe'
import type { StayMark, TakenMark } from './stepMarks'

/** What a mark of a step may be corrected to, with one press. */
export interface Choice {
  readonly label: string
  /** The step as it would be. */
  readonly text: string
}

/** Words of a share, with the article, right before a name. */
const shareBefore = pattern(
  'iu',
  String.raw`(?:(?:all|half|a third|two thirds|a quarter|the rest|some|a little)\s+(?:of\s+)?)?`,
  String.raw`(?:(?:the|your|an?)\s+)?$`,
)
const shareWords = [
  ['all of it', 'the '],
  ['half of it', 'half the '],
  ['a third of it', 'a third of the '],
  ['the rest of it', 'the rest of the '],
] as const

/**
 * What a mark may be corrected to, each as the step's new words: another thing of the list, or
 * another share of this one. Nothing where the step does not name it by itself.
 */
export function otherWords(
  text: string,
  { span, lineId }: Pick<TakenMark, 'span' | 'lineId'>,
  lines: readonly Pick<Line, 'id' | 'name'>[],
): { readonly things: readonly Choice[]; readonly shares: readonly Choice[] } {
  if (!span) return { things: [], shares: [] }
  const [start, end] = span
  const others = lines.filter(line => line.id !== lineId && line.name)
  const head = text.slice(0, start).replace(shareBefore, '')
  return {
    things: others.map(({ name }) => ({
      label: name,
      text: text.slice(0, start) + name + text.slice(end),
    })),
    shares: lineId
      ? shareWords.map(([label, words]) => ({ label, text: head + words + text.slice(start) }))
      : [],
  }
}

type Said = StayMark['said'][number]
const withWords = (text: string, [from, to]: Said['span'], words: string): string =>
  text.slice(0, from) + words + text.slice(to)

/** Times that recipes state, in minutes. */
const usualTimes = [
  1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 20, 25, 30, 35, 40, 45, 50, 55, 60, 75, 90, 120, 180, 240,
  360, 480, 720, 1440,
] as const
const around = 4
const saysTime = (minutes: number): string => {
  if (minutes < 60 || minutes % 60 !== 0) return `${minutes} minute${minutes === 1 ? '' : 's'}`
  return `${minutes / 60} hour${minutes === 60 ? '' : 's'}`
}
/** "For about" before a time goes with it. */
const lead =
  /\s*,?\s*\b(?:(?:for|in)\s+)?(?:(?:about|around|another|a\s+further|roughly|some)\s+)?$/iu

function otherTimes(text: string, { span, is }: Said): readonly Choice[] {
  const others = usualTimes.filter(minutes => Math.abs(minutes - is) > 0.5)
  const shorter = others.filter(minutes => minutes < is).slice(-around)
  const longer = others.filter(minutes => minutes > is).slice(0, around)
  const without = text.slice(0, span[0]).replace(lead, '') + text.slice(span[1])
  return [
    ...[...shorter, ...longer].map(minutes => ({
      label: saysTime(minutes),
      text: withWords(text, span, saysTime(minutes)),
    })),
    { label: 'It is no time of this step', text: without.replace(/^\W+/u, '').trim() },
  ]
}

const step = 10
const hottest = 250
function otherHeats(text: string, { span, is }: Said): readonly Choice[] {
  const near = Math.round(is / step) * step
  const degrees = [-3, -2, -1, 0, 1, 2, 3].map(by => near + by * step)
  return degrees
    .filter(celsius => Math.abs(celsius - is) > 1 && celsius <= hottest)
    .map(celsius => ({
      label: `${celsius} °C`,
      text: withWords(text, span, `${celsius} °C`),
    }))
}

/** For each time or heat of a mark, what else it may be. */
export const otherStays = (
  text: string,
  { is, said }: StayMark,
): readonly { readonly says: string; readonly choices: readonly Choice[] }[] =>
  said.map(one => ({
    says: one.says,
    choices: is === 'time' ? otherTimes(text, one) : otherHeats(text, one),
  }))

const forPart = /^\s*for\s+the\s+[^:,]{2,40}[:,]\s*/iu
/**
 * The parts that a step may work on beside the one it is read for, each as the step's new words:
 * "For the glaze: …". `now` is the part that it is read for.
 */
export function otherParts(
  text: string,
  now: string,
  parts: readonly Pick<Component, 'name'>[],
): readonly Choice[] {
  const bare = text.replace(forPart, '')
  return parts.flatMap(({ name }) => {
    if (name === now) return []
    const words = name
      ? `For the ${name.replace(/^the\s+/iu, '')}: ${capital(bare)}`
      : capital(bare)
    return words === text ? [] : [{ label: name || 'the dessert itself', text: words }]
  })
}
