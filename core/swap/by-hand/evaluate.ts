import { noBalance } from '../../formula'
import { withFinish } from '../../method'
import {
  cautionsFor,
  checkPeople,
  packetsToCheck,
  type PeopleCheck,
  type Person,
} from '../../people'
import type { Recipe } from '../../recipe'
import { tableOf } from '../leaving'
import { asPartedIn, partsOf, type Wishes, type HouseKnowledge, type DessertPart } from '../ways'
import { judge, type Judged } from '../choose'
import { substitutionsOf, type Plan } from '../plan'

/**
 * A recipe that everyone may eat as it is written, as a plan without changes, to be weighed and
 * moved like any other.
 */
export function asWrittenPlan(
  written: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Plan {
  const recipe = withFinish(written)
  const bare: Plan = {
    id: 'as-written',
    title: 'As written',
    recipe,
    changes: [],
    balance: { before: noBalance, after: noBalance },
    parts: [],
    risks: [],
    differs: [],
    notes: [],
    cautions: [],
    packets: [],
    confidence: 'very close',
    confidenceBecause: '',
    restsOn: '',
    forPeople: people.map(p => p.id),
  }
  const parts = partsOf(recipe, tableOf(people, known.packets), wishes)
  // Every part counts, though nothing of it changes: its family and bands are what versions are weighed by.
  return {
    ...bare,
    ...judge({
      adapted: recipe,
      parts,
      touched: new Set(parts.keys()),
      schools: [],
      tried: known.tried,
    }),
    cautions: cautionsFor(recipe, people),
    packets: packetsToCheck(
      recipe,
      people,
      checkPeople(recipe, people, known.packets ? { packets: known.packets } : {}),
    ),
  }
}

/** For whom a plan is, what they asked for, and what the house knows. */
export interface PlanContext {
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

/** A plan looked at anew: what it comes to, and who may eat it. */
export interface EvaluatedPlan {
  readonly plan: Plan
  readonly check: PeopleCheck
}

const touchedBy = (parts: readonly DessertPart[], plan: Plan) =>
  new Set(
    parts.flatMap((part, i) =>
      part.leaving.length ||
      plan.parts.some(p => p.component === part.component.name) ||
      plan.recipe.components[i]?.lines.some(
        line => part.component.lines.find(l => l.id === line.id)?.grams?.best !== line.grams?.best,
      )
        ? [i]
        : [],
    ),
  )

/**
 * Weighs a plan whose recipe has been moved against the original, and checks it for everyone.
 * Arithmetic only: nothing is solved.
 */
export function evaluatePlan(
  original: Recipe,
  plan: Plan,
  { people, wishes, known }: PlanContext,
): EvaluatedPlan {
  const parts = partsOf(asPartedIn(original, plan.recipe), tableOf(people, known.packets), wishes)
  const judged: Judged = judge({
    adapted: plan.recipe,
    parts,
    touched: touchedBy(parts, plan),
    schools: substitutionsOf(plan),
    tried: known.tried,
  })
  const check = checkPeople(plan.recipe, people, known.packets ? { packets: known.packets } : {})
  return {
    plan: {
      ...plan,
      ...judged,
      cautions: cautionsFor(plan.recipe, people),
      packets: packetsToCheck(plan.recipe, people, check),
    },
    check,
  }
}
