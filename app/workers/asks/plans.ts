import type { Person } from '#core/people'
import type { Recipe } from '#core/recipe'
import {
  adapt,
  contributions,
  familyChoices,
  jobRows,
  nudge,
  sensitivity,
  substitutionById,
  substitutions,
  sweeteners,
  waysFor,
  weighSplits,
  type Plan,
  type Wishes,
} from '#core/swap'
import { knownBy, type HouseKnows } from '#core/trial'

/** For what plans are worked out: the recipe, the table, its wishes, what the house knows. */
export interface AskedPlan {
  readonly recipe: Recipe
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly knows: HouseKnows
}
interface Move {
  readonly plan: Plan
  readonly lineId: string
  readonly grams: number
}

/** Plans: worked out, moved, explained, weighed against several batches. */
export const plans = {
  /** Works the plans out; `first` hears of a first one before the rest are weighed. */
  adapt: ({ recipe, people, wishes, knows }: AskedPlan, first?: (plan: Plan) => void) =>
    adapt(recipe, people, wishes, { ...knownBy(knows), ...(first ? { first } : {}) }),
  nudge: ({ recipe, people, wishes, knows }: AskedPlan, { plan, lineId, grams }: Move) =>
    nudge({ original: recipe, plan, lineId, grams, people, wishes, known: knownBy(knows) }),
  sensitivity: ({ recipe, people, wishes, knows }: AskedPlan, plan: Plan) =>
    sensitivity({ original: recipe, plan, people, wishes, known: knownBy(knows) }),
  contributions,
  waysFor: ({ recipe, people, wishes, knows }: AskedPlan) =>
    waysFor(recipe, people, wishes, knownBy(knows)),
  choices: () => ({
    families: familyChoices,
    sweeteners,
    schools: substitutions.map(({ id, name, source }) => ({ id, name, source })),
    jobs: jobRows.map(({ job, explains }) => ({ job, explains })),
  }),
  schoolNames: (ids: readonly string[]) =>
    ids.map(id => ({
      id,
      name: substitutionById(id)?.name ?? id,
      source: substitutionById(id)?.source ?? '',
    })),
  /** One version for all or several; stops when it is told to, between two groups. */
  split: async (
    { recipe, people, wishes, knows }: AskedPlan,
    each: (done: number, of: number) => Promise<boolean> | boolean,
  ) => {
    const weighing = weighSplits(recipe, people, wishes, knownBy(knows))
    for (;;) {
      const next = weighing.next()
      if (next.done) return next.value
      if (!(await each(next.value.done, next.value.of))) return null
    }
  },
}
