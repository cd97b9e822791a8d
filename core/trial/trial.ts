import type { Celsius, Grams, Minutes } from '../measure'
import type { Made } from '../make'
import type { Recipe } from '../recipe'
import { substitutionsOf, type Change, type Plan } from '../swap'
import { servingsFor, type Serving, type TastingKind } from './blind'
import type { Proposal } from './arms'
import { differencesOf, changesOf, type Changed, type Difference } from './difference'

/** How much of a word of the lexicon somebody found in an arm, 0 to 9. */
export interface Score {
  readonly taster: string
  readonly word: string
  readonly value: number
}

/**
 * What was measured and noticed of one arm. Null: not measured. Weights are of one cup or of all,
 * both alike; height and spread in centimetres.
 */
export interface ArmRecord {
  readonly before: Grams | null
  readonly after: Grams | null
  readonly height: number | null
  readonly spread: number | null
  readonly minutes: Minutes | null
  readonly celsius: Celsius | null
  readonly scores: readonly Score[]
  readonly note: string
  readonly photos: readonly string[]
}
export const noRecord: ArmRecord = {
  before: null,
  after: null,
  height: null,
  spread: null,
  minutes: null,
  celsius: null,
  scores: [],
  note: '',
  photos: [],
}

/** One version in a trial. The first is the base, with nothing changed. The recipe is of the whole size. */
export interface Arm {
  readonly id: string
  readonly letter: string
  readonly says: string
  readonly because: string
  readonly recipe: Recipe
  readonly changes: readonly Change[]
  /** Its own bake, for the day and the counter; null until the trial is laid out. */
  readonly bake: string | null
  readonly record: ArmRecord
}

export interface TasterAnswer {
  readonly taster: string
  /**
   * The place of the cup that was named, from 0; for a ranking the place of each cup, 1 the best.
   */
  readonly choice: number | null
  readonly ranks: readonly number[] | null
}

/** What somebody found in a cup before anybody knew what was in it. */
export interface CupScore extends Score {
  readonly code: string
}

/** A blind tasting of some arms. Whoever may not eat one of them is not among the tasters. */
export interface Tasting {
  readonly id: string
  readonly kind: TastingKind
  readonly question: string
  readonly arms: readonly string[]
  readonly seed: number
  readonly servings: readonly Serving[]
  readonly answers: readonly TasterAnswer[]
  /** Words of the lexicon, cup by cup. They go to the arms when the codes are opened. */
  readonly scores?: readonly CupScore[]
  /** The codes have been opened. */
  readonly opened: boolean
}

export interface Trial {
  readonly id: string
  readonly begun: string
  readonly question: string
  readonly family: string
  readonly arms: readonly Arm[]
  /** How many tests of 45 g flour each arm is made of. */
  readonly tests: number
  readonly seed: number
  readonly tastings: readonly Tasting[]
  /** The arm that won. */
  readonly crowned: string | null
  /** The trial whose winner is baked once more here. */
  readonly rematchOf: string | null
}

export const letterOf = (n: number): string => String.fromCharCode(65 + n)
export const mostArms = 6

/** A trial as it is begun. */
interface TrialBeginning extends Pick<Trial, 'id' | 'begun' | 'seed' | 'question'> {
  readonly base: Plan
  readonly tried: readonly Pick<Proposal, 'says' | 'because' | 'plan'>[]
  /** How many tests of 45 g flour each arm is made of; 1 where nothing is said. */
  readonly tests?: number
  /** The trial whose winner is baked once more; none where nothing is said. */
  readonly rematchOf?: string | null
}

/**
 * A trial of the base and what is to be tried against it. `seed` is any whole number: labels and
 * orders follow from it.
 */
export function beginTrial(of: TrialBeginning): Trial {
  const { id, begun, seed, question, base, tried, tests = 1, rematchOf = null } = of
  const arm = (n: number, says: string, because: string, plan: Plan): Arm => ({
    id: `${id}-${letterOf(n).toLowerCase()}`,
    letter: letterOf(n),
    says,
    because,
    recipe: plan.recipe,
    changes: plan.changes,
    bake: null,
    record: noRecord,
  })
  return {
    id,
    begun,
    question,
    family: base.parts[0]?.family ?? 'other',
    arms: [
      arm(0, 'as it is', 'what the others are held against', base),
      ...tried
        .slice(0, mostArms - 1)
        .map((each, n) => arm(n + 1, each.says, each.because, each.plan)),
    ],
    tests,
    seed,
    tastings: [],
    crowned: null,
    rematchOf,
  }
}

/** What an arm does otherwise than the base, as changes; more than one is no fair trial. */
export interface ArmChanges {
  readonly arm: string
  readonly differences: readonly Difference[]
  readonly changes: readonly Changed[]
  readonly warning: string
}
function warningOf(arm: Arm, base: Arm, changes: readonly Changed[]): string {
  const [only, another] = changes
  if (!only)
    return (
      `${arm.letter} is the same as ${base.letter}: useful only to see whether you ` +
      'can tell two of the same apart.'
    )
  if (!another) return ''
  return (
    `${changes.length} things are changed at once in ${arm.letter}: ` +
    `${changes.map(c => c.says).join('; and ')}. Whichever way it comes out, you will ` +
    'not know which of them did it.'
  )
}
export function changesIn(trial: Trial): ArmChanges[] {
  const [base, ...others] = trial.arms
  return others.map((arm): ArmChanges => {
    const differences = differencesOf(base!.recipe, arm.recipe)
    const changes = changesOf(differences, base!, arm)
    const warning = warningOf(arm, base!, changes)
    return { arm: arm.id, differences, changes, warning }
  })
}

export const schoolsIn = (arm: Pick<Arm, 'changes'>): string[] => substitutionsOf(arm)

/** The share of its weight that an arm lost in the oven; null where it was not weighed, or gained. */
export const bakeLossOfArm = ({
  before,
  after,
}: Pick<ArmRecord, 'before' | 'after'>): number | null =>
  before && after && after <= before ? (before - after) / before : null

/** The record with what the making wrote down, where nobody has typed anything else. */
export function withMade(record: ArmRecord, made: Made | null): ArmRecord {
  if (!made) return record
  const oven = made.times.find(t => t.says === 'in the oven')
  return {
    ...record,
    minutes: record.minutes ?? oven?.took ?? null,
    celsius: record.celsius ?? oven?.celsius ?? null,
    note: record.note || made.notes.map(n => n.text).join(' '),
    photos: [...new Set([...record.photos, ...made.photos])],
  }
}

/** The share of weight lost: measured in the trial, else at the counter. */
export const bakeLossSeen = (record: ArmRecord, made: Made | null): number | null =>
  bakeLossOfArm(record) ?? made?.losses.find(l => l.of === 'the bake')?.share ?? null

/** Mean and count of every word that was scored in an arm. */
export function profileOf(
  record: Pick<ArmRecord, 'scores'>,
): Map<string, { readonly mean: number; readonly count: number }> {
  const found = new Map<string, number[]>()
  for (const { word, value } of record.scores) found.set(word, [...(found.get(word) ?? []), value])
  return new Map(
    [...found].map(([word, all]) => [
      word,
      { mean: all.reduce((a, b) => a + b, 0) / all.length, count: all.length },
    ]),
  )
}

const arms = (kind: TastingKind) =>
  kind === 'ranking' ? ([2, mostArms] as const) : ([2, 2] as const)
/** A tasting that is wanted: which arms, by the ids of `of`, and who tastes, by name. */
interface TastingWish extends Pick<Tasting, 'id' | 'kind' | 'question' | 'seed'> {
  readonly of: readonly string[]
  readonly tasters: readonly string[]
}

/**
 * A tasting laid out: who is given which codes in which order. Refuses too few arms or tasters with
 * a sentence.
 */
export function layTasting({
  id,
  kind,
  question,
  of,
  tasters,
  seed,
}: TastingWish):
  | { readonly ok: true; readonly tasting: Tasting }
  | { readonly ok: false; readonly sentence: string } {
  const [least, most] = arms(kind)
  if (of.length < least || of.length > most)
    return {
      ok: false,
      sentence:
        kind === 'ranking'
          ? `A ranking takes two to ${most} arms.`
          : 'This test is between two arms.',
    }
  const names = tasters.map(t => t.trim()).filter(Boolean)
  if (!names.length) return { ok: false, sentence: 'Who tastes? At least one is needed.' }
  if (new Set(names).size < names.length)
    return {
      ok: false,
      sentence:
        `${names.find((t, i) => names.indexOf(t) !== i)!} is there twice. Whoever tastes ` +
        'twice is called so: “Bram, again”.',
    }
  return {
    ok: true,
    tasting: {
      id,
      kind,
      question,
      arms: of,
      seed,
      servings: servingsFor(kind, of, names, seed),
      answers: [],
      opened: false,
    },
  }
}

/** The tasting with what a taster found of a word in a cup; null takes it back. */
export const scoredCup = (
  tasting: Tasting,
  score: Omit<CupScore, 'value'> & { readonly value: number | null },
): Tasting => ({
  ...tasting,
  scores: [
    ...(tasting.scores ?? []).filter(
      s => s.taster !== score.taster || s.code !== score.code || s.word !== score.word,
    ),
    ...(score.value === null ? [] : [{ ...score, value: score.value }]),
  ],
})

/**
 * The trial with the codes of a tasting opened: what was scored blind is each arm's from now on, in
 * place of what the same taster had said of it with its letter in sight; of two cups of one arm the
 * mean.
 */
export function openCodes(trial: Trial, id: string): Trial {
  const tasting = trial.tastings.find(t => t.id === id)
  if (!tasting || tasting.opened) return trial
  const inCup = new Map(tasting.servings.flatMap(s => s.cups.map(c => [c.code, c.arm] as const)))
  const blind = (arm: string): Score[] => {
    const found = new Map<string, Score[]>()
    for (const { taster, word, value, code } of tasting.scores ?? [])
      if (inCup.get(code) === arm) {
        const key = `${taster}|${word}`
        found.set(key, [...(found.get(key) ?? []), { taster, word, value }])
      }
    return [...found.values()].map(all => ({
      ...all[0]!,
      value: all.reduce((sum, s) => sum + s.value, 0) / all.length,
    }))
  }
  return {
    ...trial,
    tastings: trial.tastings.map(t => (t === tasting ? { ...t, opened: true } : t)),
    arms: trial.arms.map(arm => {
      const fresh = blind(arm.id)
      return fresh.length
        ? {
            ...arm,
            record: {
              ...arm.record,
              scores: [
                ...arm.record.scores.filter(
                  s => !fresh.some(f => f.taster === s.taster && f.word === s.word),
                ),
                ...fresh,
              ],
            },
          }
        : arm
    }),
  }
}

/** The tasting with somebody's answer; a later one takes the place of an earlier. */
export const answered = (tasting: Tasting, answer: TasterAnswer): Tasting => ({
  ...tasting,
  answers: [...tasting.answers.filter(a => a.taster !== answer.taster), answer],
})
