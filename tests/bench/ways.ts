import { adapt, readRecipe, type Person, type Plan } from '#core'
import { cleanRecipes } from '../corpus/tables/clean-recipes'
import { desserts } from '../corpus/tables/desserts'
import { expertWays, type ExpertWay } from '../corpus/tables/expert-ways'
import { corpusRecipes } from '../corpus/tables/recipes'
import { moreRecipes } from '../corpus/tables/recipes-more'

/** How often the way that a baker would take is among the plans, and first. */

const all = [...cleanRecipes, ...desserts, ...moreRecipes, ...corpusRecipes]
const textOf = (title: string): string => {
  const text = all.find(
    one => ('title' in one && one.title === title) || one.text.trimStart().startsWith(title),
  )?.text
  if (text === undefined) throw new Error(`No recipe “${title}” in the corpus.`)
  return text
}
const avoids = { vegan: ['egg', 'milk'], all: ['egg', 'milk', 'gluten'] } as const
const tableFor = (row: ExpertWay): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    diets: [],
    avoids: avoids[row.for].map(allergen => ({ allergen, strictness: 'intolerance' as const })),
  },
]

/** Ids of substitutions of one brand are one way. */
const ways: readonly (readonly [RegExp, string])[] = [
  [/^soured-\w+-egg$/u, 'soured-drink'],
  [/-yoghurt-egg$/u, 'yoghurt'],
  [/^(?:starch|maize)-slurry$/u, 'starch'],
]
const waysOf = (plan: Plan): string[] =>
  plan.changes
    .flatMap(change => change.school?.split('+') ?? [])
    .map(id => ways.find(([sign]) => sign.test(id))?.[1] ?? id)

const isRight = (plan: Plan, row: ExpertWay): boolean => {
  const taken = waysOf(plan)
  return [row.egg, row.butter].every(
    wanted => wanted === undefined || wanted.split(' ').some(id => taken.includes(id)),
  )
}

const share = (n: number, of: number) => `${((100 * n) / Math.max(of, 1)).toFixed(1)} % of ${of}`

/** The shares, open and set aside apart; and the open rows that fall short. */
export function expertRows(): string[] {
  const scored = expertWays.map(row => {
    const { plans } = adapt(
      readRecipe(textOf(row.title)).recipe,
      tableFor(row),
      {},
      { alone: true },
    )
    const first = plans[0] !== undefined && isRight(plans[0], row)
    const fit = plans.filter(plan => isRight(plan, row)).length
    return { row, first, among: fit > 0, plans }
  })
  const said = (name: string, held: boolean) => {
    const rows = scored.filter(({ row }) => Boolean(row.held) === held)
    const count = (of: (one: (typeof rows)[number]) => boolean) => rows.filter(of).length
    return (
      `${name.padEnd(12)} among the plans ${share(
        count(one => one.among),
        rows.length,
      )}, ` +
      `first ${share(
        count(one => one.first),
        rows.length,
      )}`
    )
  }
  const short = scored.flatMap(({ row, first, plans }) =>
    first || row.held
      ? []
      : [`  ${row.title}, ${row.for}: ${plans.map(plan => waysOf(plan).join(' ')).join(' | ')}`],
  )
  return [
    '\nthe way that a baker would take',
    said('open', false),
    said('set aside', true),
    ...short,
  ]
}
