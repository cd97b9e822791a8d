import { weightText } from '../../../measure'
import { measured, nameIn, type Ingredient, type Measured } from '../../../pantry'
import type { Line } from '../../../recipe'
import type { Added } from '../../amounts'
import { listed } from '../../leaving'
import type { Option } from '../../choose'
import type { Addition, Change } from '../../plan'
import type { Substitution, Setting } from '../../ways'
import { writtenLine } from './write'

/** Something that comes in, with its amount as a kitchen measures it; null: as much as before. */
export interface Weighed<A> {
  readonly of: A
  readonly amount: Measured | null
}
/** The same, where there is an amount of it. */
export interface Amount<A> extends Weighed<A> {
  readonly amount: Measured
}

/** What becomes of one part's lines, as it is written down: each author adds to it. */
export class Ledger {
  readonly changes: Change[] = []
  /** What the steps call a line that leaves; '' when nothing comes for it. */
  readonly naming = new Map<string, string>()
  /** The lines that leave for something that is made ready first. */
  readonly ready = new Set<string>()
  /** The lines that stand where a line left. */
  readonly newLines = new Map<string, Line[]>()
  readonly gone = new Set<string>()
  /** What is made ready first. */
  readonly first: string[] = []
  /** How much heavier a line is now than what it stands for. */
  readonly factors = new Map<string, number>()
  private count = 0

  constructor(
    readonly option: Option,
    readonly index: number,
    readonly setting: Setting,
  ) {}

  get component() {
    return this.option.part.component
  }
  nextId = (): string => `p${this.index + 1}-${++this.count}`

  /** Does the part list the same thing a second time? Then each line says what it is for. */
  isElsewhere = (a: Added): boolean => {
    const { kept, added } = this.option.draft
    return (
      kept.some(k => k.ingredient.id === a.ingredient.id) ||
      added.some(b => b.answers !== a.answers && b.ingredient.id === a.ingredient.id)
    )
  }
  measured = (ingredient: Ingredient, grams: number): Measured =>
    measured(grams, ingredient, this.setting.region, this.setting.by)
  called = (ingredient: Ingredient): string => nameIn(ingredient, this.setting.region)

  /** Those of what comes in of which a kitchen can measure anything. */
  weighed = <A extends { readonly ingredient: Ingredient; readonly grams: number }>(
    adds: readonly A[],
  ): Amount<A>[] =>
    adds
      .map(a => ({ of: a, amount: this.measured(a.ingredient, a.grams) }))
      .filter(({ amount }) => amount.grams > 0)

  /** "15 g ground flax and 79 g water". */
  said = (all: readonly Amount<{ readonly ingredient: Ingredient }>[]): string =>
    listed(all.map(({ of, amount }) => `${weightText(amount.grams)} ${this.called(of.ingredient)}`))

  line = (
    ingredient: Ingredient,
    amount: Measured | null,
    tail: string,
    purpose: Line['purpose'],
  ): Line =>
    writtenLine({
      id: this.nextId(),
      component: this.component.name,
      ingredient,
      amount,
      region: this.setting.region,
      tail,
      purpose,
    })

  /** As the plan says it: `exact` where the kitchen's measure is not what was computed. */
  addition = (
    { of, amount }: Weighed<{ readonly ingredient: Ingredient; readonly grams?: number }>,
    answer: Substitution | null,
  ): Addition => ({
    ingredient: of.ingredient.id,
    name: this.called(of.ingredient),
    grams: amount?.grams ?? null,
    kitchen: amount?.kitchen ?? 'as much as before',
    ...(isRounded(amount, of.grams) ? { exact: Math.round(10 * of.grams!) / 10 } : {}),
    ...(answer?.prepare ? { prepare: answer.prepare } : {}),
    ...(answer?.restMinutes ? { restMinutes: answer.restMinutes } : {}),
  })

  change = (change: Omit<Change, 'component' | 'trims'> & Partial<Pick<Change, 'trims'>>): void => {
    this.changes.push({ component: this.component.name, trims: [], ...change })
  }
}

/** Is what a kitchen measures another amount than was computed? */
const isRounded = (amount: Measured | null, grams: number | undefined): boolean =>
  amount !== null && grams !== undefined && Math.abs(amount.grams - grams) > noticed * grams
/** Rounding by more than this share is said. [P] */
const noticed = 0.02

/** What a baker calls a line. */
export const wordsOf = (line: Line): string => line.name || line.text
