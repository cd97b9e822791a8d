import { adapt, linesOf, readRecipe, type Person, type Plan, type Recipe } from '#core'
import { allIngredients, builtIn, emptyStock, stockPantry, type Ingredient } from '#core/pantry'
import { methods, type Method } from '#core/swap'
import { desserts, needs, type Dessert } from '../corpus/tables/desserts'
import { byQuadprog, type Rows } from '../quadratic'
import { faults } from './clean'

/**
 * Measures the engine on the corpus: clean cases by method, refusals, how steady the choice is, and
 * how long it takes.
 */
const peopleOf = (need: (typeof needs)[number]): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    avoids: need.avoids.map(allergen => ({ allergen, strictness: 'choice' as const })),
    diets: need.diets,
  },
]
const mustRefuse = (dessert: Dessert, need: (typeof needs)[number]) =>
  (dessert.refuse ?? []).some(what =>
    what === 'egg'
      ? need.avoids.includes('egg') || need.diets.includes('vegan')
      : need.avoids.includes('gluten'),
  )

interface MethodScore {
  readonly method: Method
  readonly clean: number
  readonly of: number
  readonly heldClean: number
  readonly heldOf: number
}
interface Refusals {
  readonly right: number
  readonly of: number
  readonly wrong: readonly string[]
}

const read = desserts.map(dessert => ({ dessert, recipe: readRecipe(dessert.text).recipe }))
const cases = read.flatMap(({ dessert, recipe }) =>
  needs.map(need => ({ dessert, recipe, need, people: peopleOf(need) })),
)

/** Clean cases of each method, those held back apart; and what the solver's faults are. */
export function scoreMethods(): { scores: MethodScore[]; refusals: Refusals; faulty: string[] } {
  const faulty: string[] = []
  const wrong: string[] = []
  let [right, mustBe] = [0, 0]
  const scores = methods.map((method): MethodScore => {
    let [clean, of, heldClean, heldOf] = [0, 0, 0, 0]
    for (const { dessert, recipe, need, people } of cases) {
      const found = adapt(recipe, people, {}, { by: method })
      if (mustRefuse(dessert, need)) {
        if (method !== 'solver') continue
        mustBe++
        if (found.verdict === 'not-advised') right++
        else wrong.push(`${recipe.title}, ${need.name}: ${found.verdict}`)
        continue
      }
      if (found.verdict === 'already-fine') continue
      const what = found.plans[0] ? faults(recipe, found.plans[0], people) : [found.verdict]
      if (found.verdict === 'not-advised' && method === 'solver')
        wrong.push(`${recipe.title}, ${need.name}: refused`)
      if (dessert.held) {
        heldOf++
        heldClean += what.length ? 0 : 1
      } else {
        of++
        clean += what.length ? 0 : 1
      }
      if (what.length && method === 'solver')
        faulty.push(
          `${dessert.held ? '(held back) ' : ''}${recipe.title}, ${need.name}: ${what.join('; ')}`,
        )
    }
    return { method, clean, of, heldClean, heldOf }
  })
  return { scores, refusals: { right, of: mustBe, wrong }, faulty }
}

/** A small random number from a seed, so that the bench is the same on every machine. */
const random = (seed: number) => () => {
  seed = (seed * 1664525 + 1013904223) % 4294967296
  return seed / 4294967296
}
const eggWay = (plan: Plan | undefined) =>
  plan?.changes.find(c => /egg/iu.test(c.school ?? '') || c.adds.some(a => a.prepare))?.school ??
  plan?.changes.map(c => c.school).join()

/**
 * How often, with composition ±6 % and functions ±30 %, the winner stays first, and is among the
 * three that were shown.
 */
export function steadiness(times: number): { first: number; shown: number; of: number } {
  const some = cases.filter(
    c => ['egg', 'egg + milk', 'vegan'].includes(c.need.name) && !mustRefuse(c.dessert, c.need),
  )
  const before = some.map(c => adapt(c.recipe, c.people)).map(found => found.plans.map(eggWay))
  let [first, shown, of] = [0, 0, 0]
  for (let t = 0; t < times; t++) {
    const r = random(t + 1)
    const by = (n: number, share: number) => n * (1 + share * (2 * r() - 1))
    const moved = allIngredients()
      .filter(i => builtIn(i.id))
      .map((i): Ingredient => ({
        ...i,
        per100: {
          ...i.per100,
          water: by(i.per100.water, 0.06),
          fat: by(i.per100.fat, 0.06),
          protein: by(i.per100.protein, 0.06),
          sugar: by(i.per100.sugar, 0.06),
          starch: by(i.per100.starch, 0.06),
          fibre: by(i.per100.fibre, 0.06),
        },
        does: {
          bind: by(i.does.bind, 0.3),
          set: by(i.does.set, 0.3),
          foam: by(i.does.foam, 0.3),
          emulsify: by(i.does.emulsify, 0.3),
        },
      }))
    stockPantry({ ...emptyStock, ingredients: moved })
    some.forEach((c, i) => {
      const winner = eggWay(adapt(c.recipe, c.people).plans[0])
      if (!before[i]!.length || winner === undefined) return
      of++
      if (before[i]![0] === winner) first++
      if (before[i]!.includes(winner)) shown++
    })
  }
  stockPantry(emptyStock)
  return { first, shown, of }
}

const median = (all: readonly number[]) =>
  [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!
const timed = (work: () => unknown) => {
  const t = performance.now()
  work()
  return performance.now() - t
}

/** A least-squares problem as big as a plan's usual one, for `quadprog` to solve. */
function usualProblem(): Rows {
  const r = random(5)
  const [n, m] = [10, 24]
  return {
    n,
    a: Float64Array.from({ length: n * m }, () => 2 * r() - 1),
    b: Float64Array.from({ length: m }, () => 4 * r() - 2),
    over: Float64Array.from({ length: m }, () => 0.1 + r()),
    under: Float64Array.from({ length: m }, () => 0.1 + r()),
    low: new Float64Array(n),
    high: new Float64Array(n).fill(2),
  }
}

/**
 * Milliseconds of an adaptation over all cases, of the hardest need, of the first plan, and of one
 * `quadprog` solve; and the heap over a thousand.
 */
export function speed(): {
  median: number
  hardest: number
  firstPlan: number
  whole: number
  quadprog: number
  heap: readonly number[]
} {
  for (const c of cases.slice(0, 60)) adapt(c.recipe, c.people)
  const all = cases.map(c => timed(() => adapt(c.recipe, c.people)))
  const hard = cases
    .filter(c => c.need.name === 'egg, milk, gluten')
    .map(c => Math.max(...[1, 2].map(() => timed(() => adapt(c.recipe, c.people)))))
  const firsts = cases
    .filter(c => c.need.name === 'egg, milk, gluten')
    .flatMap(c => {
      const t = performance.now()
      let at = 0
      adapt(
        c.recipe,
        c.people,
        {},
        {
          first: () => {
            at = performance.now() - t
          },
        },
      )
      return at ? [[at, performance.now() - t] as const] : []
    })
  const problem = usualProblem()
  for (let i = 0; i < 20; i++) byQuadprog(problem)
  const quadprog = median(Array.from({ length: 60 }, () => timed(() => byQuadprog(problem))))
  const heap: number[] = []
  const used = () =>
    (globalThis as { process?: { memoryUsage: () => { heapUsed: number } } }).process!.memoryUsage()
      .heapUsed / 1e6
  const collect = (globalThis as { gc?: () => void }).gc
  for (let i = 0; i <= 1000; i++) {
    if (i % 250 === 0) {
      collect?.()
      heap.push(used())
    }
    const c = cases[i % cases.length]!
    adapt(c.recipe, c.people)
  }
  return {
    median: median(all),
    hardest: Math.max(...hard),
    firstPlan: median(firsts.map(f => f[0])),
    whole: median(firsts.map(f => f[1])),
    quadprog,
    heap,
  }
}

export const corpusSize = {
  recipes: desserts.length,
  held: desserts.filter(d => d.held).length,
  needs: needs.length,
  lines: read.reduce((n, { recipe }: { recipe: Recipe }) => n + linesOf(recipe).length, 0),
}
