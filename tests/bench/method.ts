import { adapt, readRecipe, type Person } from '#core'
import { gateFaults, readMethod } from '#core/method'
import { linesOf } from '#core/recipe'
import { scoreActions } from '../corpus/score-actions.mjs'
import { needs } from '../corpus/tables/desserts'
import { methodLists, writtenActions } from '../corpus/tables/method-lists'

type Both = ReturnType<typeof scoreActions>
const whats = ['actions', 'operands', 'shares', 'settings', 'times', 'vessels'] as const
const says = ({ scores }: Both['open']) =>
  whats
    .map(what => `${what} ${((100 * scores[what]!.right) / scores[what]!.of).toFixed(1)} %`)
    .join(', ')

/** What the bench prints of methods: how many actions are read right, both shares, open misses. */
export function methodRows(): string[] {
  const { open, aside } = scoreActions(methodLists, writtenActions, {
    readMethod,
    readRecipe,
    linesOf,
  })
  return [
    `methods as actions             open (${open.methods}): ${says(open)}`,
    `                               aside (${aside.methods}): ${says(aside)}`,
    ...open.wrong.map((wrong: string) => `  ${wrong}`),
  ]
}

/** How long reading a method takes, in milliseconds and against reading one line. */
export function methodSpeed(
  time: (work: () => void, runs?: number) => number,
  perLine: number,
): string {
  const recipes = Object.values(methodLists).flatMap(list =>
    list.map(row => readRecipe(row.text).recipe),
  )
  const each = recipes.map(recipe => time(() => void readMethod(recipe), 3))
  const mean = each.reduce((sum, ms) => sum + ms, 0) / each.length
  return (
    `a method read as actions        ${mean.toFixed(2)} ms, the longest ` +
    `${Math.max(...each).toFixed(2)} ms; × ${(mean / perLine).toFixed(0)} of a line`
  )
}

const tableOf = (need: (typeof needs)[number]): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    avoids: need.avoids.map(allergen => ({ allergen, strictness: 'choice' as const })),
    diets: need.diets,
  },
]
const toldAnew = /^The method could not be rewritten/u

/** Plans of the whole corpus for six tables: what the gates find in them, and what they held back. */
export function gateRows(): string[] {
  const cases = Object.values(methodLists)
    .flat()
    .flatMap(row => {
      const { recipe } = readRecipe(row.text)
      return needs.slice(0, 6).map(need => ({ recipe, need, found: adapt(recipe, tableOf(need)) }))
    })
  const plans = cases.flatMap(c => c.found.plans.map(plan => ({ ...c, plan })))
  const faulty = plans.flatMap(({ recipe, need, plan }) => {
    const faults = gateFaults(recipe, plan.recipe)
    return faults.length ? [`  ${recipe.title}, ${need.name}: ${faults[0]!.says}`] : []
  })
  const held = cases.filter(({ found }) => toldAnew.test(found.why[0] ?? ''))
  return [
    `gates                          ${faulty.length} of ${plans.length} shown plans fail one; ` +
      `${held.length} of ${cases.length} questions have no plan that passes`,
    ...faulty,
    ...held.map(({ recipe, need, found }) => `  ${recipe.title}, ${need.name}: ${found.why[0]}`),
  ]
}
