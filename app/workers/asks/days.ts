import {
  ifLate,
  keepingOf,
  planDaySteps,
  replan,
  shoppingOf,
  type DayOptions,
  type DayPlan,
  type Happened,
} from '#core/day'
import { cardsOf, pourOf, type Making } from '#core/make'
import type { Kitchen, SizedUp } from '#core/pan'
import { dayBakesOf, familiesOf, plannedRecipe, recipeOf, sizedBake, type Bake } from '#core/share'

/** Milliseconds that a day is placed for before others have their turn. */
const atATime = 30
let dayCalls = 0

/** Milliseconds after which a good plan is shown, and after which the search for a better one ends. */
interface Patience {
  readonly soon: number
  readonly most: number
}
interface Poured {
  readonly making: Making
  readonly card: string
  readonly grams: number
  readonly bake: Bake
  readonly kitchen: Kitchen
  readonly now: number
}

/** Sizes, days and the counter. */
export const days = {
  /**
   * Size, tin and bake time of what is made; `first` hears what the rule of thumb says before the
   * heat model has run.
   */
  sizedBake: (
    bake: Bake,
    kitchen: Kitchen,
    measureIn: 'grams' | 'spoons',
    first?: (found: SizedUp) => void,
  ) => {
    if (first) void first(sizedBake(bake, kitchen, measureIn, true))
    return sizedBake(bake, kitchen, measureIn)
  },
  /**
   * The day of one or several bakes; `better` hears of the first plan, and of what there is after
   * `soon` milliseconds. What cannot be proven the best by then is gone on with for as long as
   * `most` says, in small turns that let other questions in between; a newer day, or a plan that
   * stands at the counter, ends it.
   */
  planDay: async (
    bakes: readonly Bake[],
    options: Omit<DayOptions, 'go' | 'pause'>,
    { soon, most }: Patience,
    better?: (plan: DayPlan) => void,
  ) => {
    const call = ++dayCalls
    const all = dayBakesOf(bakes, options.kitchen)
    const began = performance.now()
    let turn = began
    const run = planDaySteps(all, {
      ...options,
      budget: 1e6,
      go: () => call === dayCalls && performance.now() - began < most,
      pause: () => performance.now() - turn > atATime,
    })
    let told = 0
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value
      const now = performance.now()
      if (better && (told === 0 || (told === 1 && now - began >= soon))) {
        told++
        void better(step.value)
      }
      if (now - turn > atATime) {
        await new Promise(resolve => setTimeout(resolve))
        turn = performance.now()
      }
    }
  },
  /** What the day's bakes take together. */
  shopping: (bakes: readonly Bake[], kitchen: Kitchen) =>
    shoppingOf(bakes.map(bake => recipeOf(bake, kitchen))),
  ifLate,
  /** How long each of the bakes keeps. */
  keepings: (bakes: readonly Bake[]) =>
    bakes.map(bake => [bake.id, keepingOf(plannedRecipe(bake), '')] as const),
  /** A planned day as cards for the counter. */
  cardsOf: (bakes: readonly Bake[], plan: Extract<DayPlan, { ok: true }>, kitchen: Kitchen) =>
    cardsOf(dayBakesOf(bakes, kitchen), plan, kitchen),
  /** The rest of a day that has begun. */
  replan: (
    bakes: readonly Bake[],
    options: DayOptions & { readonly happened: Happened; readonly now: number },
    most: number,
  ) => {
    dayCalls++
    const all = dayBakesOf(bakes, options.kitchen)
    const until = performance.now() + most
    return replan(all, { ...options, budget: 20_000, go: () => performance.now() < until })
  },
  /** What it does that so much of something is in the bowl, and what would put the rest into proportion. */
  pourOf: ({ making, card, grams, bake, kitchen, now }: Poured) =>
    pourOf({
      making,
      cardId: card,
      got: grams,
      recipe: recipeOf(bake, kitchen),
      families: familiesOf(bake),
      now,
    }),
}
