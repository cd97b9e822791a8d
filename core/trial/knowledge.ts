import { ingredientById } from '../pantry'
import {
  houseRange,
  restName,
  restRange,
  substitutionById,
  type HouseDose,
  type HouseRest,
  type HouseSaying,
  type HouseStep,
  type Result,
  type Tried,
} from '../swap'
import { factorWithin, type Lesson } from './learn'
import { armRows, type ArmRow } from './tables/arms'

/**
 * Trials without news that a house is taken to have made already: what is learned is shrunk towards
 * nothing by them. [M]
 */
export const priorTrials = 2
/** Below so much a dose is as it was, and a way of working neither better nor worse. [M] */
const nothingNew = { dose: 0.02, way: 0.08 } as const
/**
 * From so much on a way of working is written into the method, by the mean of its trials with two
 * without news; below it is only said. One trial that is proven, or two that lean. [M]
 */
const worthWriting = 0.2

/** What has been learned of one figure: the factor after shrinking, and how much each trial counts in it. */
interface Learned {
  readonly family: string
  readonly factor: number
  readonly trials: number
  readonly counts: number
  readonly lessons: readonly string[]
}
export interface LearnedDose extends Learned {
  readonly school: string
  readonly ingredient: string
}
export interface LearnedRest extends Learned {
  readonly of: string
}

const times = (n: number) => {
  if (n === 1) return 'one trial'
  return n === 2 ? 'two trials' : `${n} trials`
}
const share = (by: number) => {
  const p = Math.round(100 * Math.abs(by))
  if (p === 10) return 'a tenth'
  if (p === 20) return 'a fifth'
  if (p === 25) return 'a quarter'
  if (p === 33) return 'a third'
  return p === 50 ? 'half' : `${p} %`
}

/**
 * Figures from lessons, each family's and each key's by itself: the mean of the logarithms, each by
 * its weight, shrunk by `priorTrials` trials in which nothing changed. So one trial of weight w
 * moves the logarithm by at most w / (all weights + 2) of the way.
 */
function shrunk<A extends { readonly factor: number }>(
  all: readonly { readonly lesson: Lesson; readonly about: A }[],
  key: (about: A) => string,
  [least, most]: readonly [number, number],
): (Learned & { readonly about: A })[] {
  const groups = new Map<string, { lesson: Lesson; about: A }[]>()
  for (const each of all)
    if (!each.lesson.off) {
      const at = `${each.lesson.family}|${key(each.about)}`
      groups.set(at, [...(groups.get(at) ?? []), each])
    }
  return [...groups.values()].map(mine => {
    const weight = mine.reduce((sum, { lesson }) => sum + lesson.weight, 0)
    const log =
      mine.reduce(
        (sum, { lesson, about }) => sum + lesson.weight * Math.log(factorWithin(about.factor)),
        0,
      ) /
      (weight + priorTrials)
    const { lesson, about } = mine[0]!
    return {
      about,
      family: lesson.family,
      factor: Math.min(most, Math.max(least, Math.exp(log))),
      trials: mine.length,
      counts: weight / (weight + priorTrials),
      lessons: mine.map(a => a.lesson.id),
    }
  })
}

/** Doses from lessons. */
export const learnedDoses = (lessons: readonly Lesson[]): LearnedDose[] =>
  shrunk(
    lessons.flatMap(lesson =>
      lesson.about.what === 'dose' ? [{ lesson, about: lesson.about }] : [],
    ),
    a => a.school,
    houseRange,
  ).map(({ about, ...d }) => ({ ...d, school: about.school, ingredient: about.ingredient }))
/** Rests from lessons. */
export const learnedRests = (lessons: readonly Lesson[]): LearnedRest[] =>
  shrunk(
    lessons.flatMap(lesson =>
      lesson.about.what === 'rest' ? [{ lesson, about: lesson.about }] : [],
    ),
    a => a.of,
    restRange,
  ).map(({ about, ...d }) => ({ ...d, of: about.of }))

const restsOn = (figure: Learned, against: string) =>
  `${times(figure.trials)} here, which ${figure.trials === 1 ? 'counts' : 'count'} ` +
  `${figure.counts > 0.6 ? 'for most of it' : `${share(figure.counts)} against ${against}`}`
const isNews = (factor: number) => Math.abs(factor - 1) >= nothingNew.dose
/** A learned dose in a sentence: what it does, on how much it rests, how far it is held back. */
export function sayDose(dose: LearnedDose): string {
  const name = ingredientById(dose.ingredient)?.name ?? dose.ingredient
  const by = dose.factor - 1
  return isNews(dose.factor)
    ? `This house takes ${share(by)} ${by > 0 ? 'more' : 'less'} ${name} than is worked out ` +
        `(${restsOn(dose, 'what is worked out')}).`
    : `This house’s trials left the dose of ${name} as it is worked out ` +
        `(${restsOn(dose, 'what is worked out')}).`
}
/** A learned rest likewise. */
export function sayRest(rest: LearnedRest): string {
  const by = rest.factor - 1
  const name = restName(rest.of)
  return isNews(rest.factor)
    ? `${name.charAt(0).toUpperCase()}${name.slice(1)} takes ${share(by)} ` +
        `${by > 0 ? 'longer' : 'less time'} in this house than is written ` +
        `(${restsOn(rest, 'what is written')}).`
    : `This house’s trials left the time for ${name} as it is written (${restsOn(rest, 'what is written')}).`
}

/** A way of working with what trials said of it: better (above zero) or worse. */
interface LearnedWay {
  readonly family: string
  readonly row: ArmRow
  readonly mean: number
  readonly says: string
}
function learnedWays(lessons: readonly Lesson[]): LearnedWay[] {
  const sums = new Map<string, { family: string; row: string; sum: number; count: number }>()
  for (const { about, family, weight } of lessons) {
    if (about.what !== 'method') continue
    const key = `${family}|${about.row}`
    const there = sums.get(key) ?? { family, row: about.row, sum: 0, count: 0 }
    const sum = there.sum + (about.better ? weight : -weight)
    sums.set(key, { ...there, sum, count: there.count + 1 })
  }
  return [...sums.values()].flatMap(({ family, row: id, sum, count }): LearnedWay[] => {
    const row = armRows.find(r => r.id === id)
    const mean = sum / (count + priorTrials)
    if (!row || (row.how !== 'method' && row.how !== 'oven')) return []
    if (Math.abs(mean) < nothingNew.way) return []
    const what = row.how === 'oven' ? `baked in ${row.says}` : row.says
    const says =
      `In this house it came out ${mean > 0 ? 'better' : 'no better'} when ` +
      `${what} (${times(count)}).`
    return [{ family, row, mean, says }]
  })
}

/** The packets that winners were made with, each said once. */
function packetSayings(lessons: readonly Lesson[]): HouseSaying[] {
  const all = lessons.flatMap(({ about, family, title }): HouseSaying[] => {
    if (about.what !== 'packet') return []
    const says = `The winner of “${title}” was made with the packet “${about.name}”.`
    return [{ family, school: null, says }]
  })
  return [...new Map(all.map(saying => [saying.says, saying])).values()]
}

/**
 * What plans are worked out with: doses, rests, sentences of method, sayings and how plans by each
 * substitution came out. Lessons that are off count for nothing.
 */
export function knowledgeFrom(lessons: readonly Lesson[]): {
  readonly doses: readonly HouseDose[]
  readonly rests: readonly HouseRest[]
  readonly steps: readonly HouseStep[]
  readonly sayings: readonly HouseSaying[]
  readonly tried: readonly Tried[]
} {
  const on = lessons.filter(lesson => !lesson.off)
  const doses = learnedDoses(on).filter(dose => isNews(dose.factor))
  const rests = learnedRests(on).filter(rest => isNews(rest.factor))
  const ways = learnedWays(on)
  const isWritten = ({ row, mean }: LearnedWay) => row.how === 'method' && mean >= worthWriting
  const steps = ways
    .filter(isWritten)
    .flatMap(({ family, row, says }): HouseStep[] =>
      row.how === 'method'
        ? [{ family, says, step: row.step, before: row.before, unless: row.unless }]
        : [],
    )
  const onlySaid = ways.filter(way => !isWritten(way))
  return {
    doses: doses.map(dose => ({
      family: dose.family,
      school: dose.school,
      factor: dose.factor,
      says: sayDose(dose),
    })),
    rests: rests.map(rest => ({
      family: rest.family,
      of: rest.of,
      factor: rest.factor,
      says: sayRest(rest),
    })),
    steps,
    sayings: [
      ...onlySaid.map(({ family, says }) => ({ family, school: null, says })),
      ...packetSayings(on),
    ],
    tried: on.flatMap(({ family, about }) =>
      about.what === 'schools' ? [{ family, schools: about.schools, result: about.result }] : [],
    ),
  }
}

/** What a lesson's weight is called, from so much on. */
const lessonWorth = [
  { from: 0.95, says: 'a full trial' },
  { from: 0.4, says: 'half a trial' },
  { from: -Infinity, says: 'a hint' },
]
const resultWords: Readonly<Record<Result, string>> = {
  worked: 'it worked',
  fair: 'passable',
  failed: 'it failed',
}
/** A lesson in a sentence, for the list of what was learned. */
export function sayLesson(lesson: Lesson): string {
  const { about } = lesson
  const { says: worth } = lessonWorth.find(row => lesson.weight >= row.from)!
  if (about.what === 'dose')
    return (
      `${ingredientById(about.ingredient)?.name ?? about.ingredient}: ` +
      `${Math.round(100 * about.factor)} % of what is worked out won (${worth})`
    )
  if (about.what === 'rest')
    return `${restName(about.of)}: ${Math.round(100 * about.factor)} % of what is written won (${worth})`
  if (about.what === 'schools')
    return (
      `${about.schools.map(id => substitutionById(id)?.name ?? id).join(', ')}: ` +
      resultWords[about.result]
    )
  if (about.what === 'packet') return `made with the packet “${about.name}”`
  const row = armRows.find(r => r.id === about.row)
  return `${row && 'says' in row ? row.says : about.row}: ${about.better ? 'better' : 'no better'} (${worth})`
}
