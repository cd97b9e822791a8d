import { dietRows } from '#core/people'
import { tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { ordinaryRecipe, someRecipe, someTable, recipeOf } from '../../tests/arbitraries'
import { linesOf, type Line, type Person, type Recipe } from '#core'
import { ratiosOf, weightsOf, eggCount } from '#core/formula'
import { avoidables, ingredientById } from '#core/pantry'
import { adapt } from './adapt'

const anyPlan = tally('plans')
const anyLimited = tally('plans with limits')
const anyAddition = tally('additions')
const anyChange = tally('changes')

/** An oracle that shares no code with the core: what a table avoids, walked by hand over the rows. */
const up = (id: string): string[] => [
  id,
  ...(avoidables.find(a => a.id === id)?.in ?? []).flatMap(up),
]
function forbidden(line: Line, people: readonly Person[]): string | null {
  const row = line.ingredient ? ingredientById(line.ingredient) : undefined
  for (const person of people) {
    const needs = [
      ...person.avoids.map(a => ({ id: a.allergen, ask: [] as readonly string[] })),
      ...dietRows
        .filter(d => person.diets.includes(d.id))
        .flatMap(d => d.avoids.map(id => ({ id, ask: d.butAsk }))),
    ]
    for (const need of needs)
      if (row && !need.ask.includes(row.id) && row.holds.some(held => up(held).includes(need.id)))
        return `${row.id} for ${need.id}`
  }
  return null
}
const all = (recipe: Recipe): Line[] => linesOf(recipe).flatMap(line => [line, ...line.orElse])
const doubled = (recipe: Recipe): Recipe => ({
  ...recipe,
  components: recipe.components.map(c => ({
    ...c,
    lines: c.lines.map(l => ({
      ...l,
      grams: l.grams && { low: 2 * l.grams.low, best: 2 * l.grams.best, high: 2 * l.grams.high },
      amount: l.amount && { low: 2 * l.amount.low, high: 2 * l.amount.high },
    })),
  })),
})

describe('over random recipes and random tables', () => {
  test('no plan ever holds what a person at the table avoids', () => {
    let plans = 0
    fc.assert(
      fc.property(fc.oneof(someRecipe, ordinaryRecipe), someTable, (recipe, people) => {
        for (const plan of anyPlan(adapt(recipe, people).plans)) {
          plans++
          expect(
            all(plan.recipe)
              .map(line => forbidden(line, people))
              .filter(Boolean),
          ).toEqual([])
        }
      }),
      { numRuns: 300 },
    )
    // Without this the property could pass by never making a plan.
    expect(plans).toBeGreaterThan(100)
  })

  test('twice the recipe gives twice the plan', () => {
    let compared = 0
    fc.assert(
      fc.property(
        ordinaryRecipe,
        fc.constantFrom('egg', 'milk', 'wheat', 'gluten'),
        (recipe, allergen) => {
          const people: Person[] = [
            { id: 'p', name: 'Ada', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
          ]
          const [one, two] = [adapt(recipe, people), adapt(doubled(recipe), people)]
          expect(two.verdict).toBe(one.verdict)
          anyPlan(one.plans).forEach((plan, i) =>
            anyChange(plan.changes).forEach((change, j) =>
              anyAddition(change.adds).forEach((add, k) => {
                compared++
                const other = two.plans[i]!.changes[j]!.adds[k]!
                expect(other.ingredient).toBe(add.ingredient)
                // A scale of 1 g: half a gram lost here is a gram there.
                expect(Math.abs(other.grams! - 2 * add.grams!)).toBeLessThanOrEqual(1.6)
              }),
            ),
          )
        },
      ),
      { numRuns: 80 },
    )
    expect(compared).toBeGreaterThan(100)
  })

  test('nobody avoiding anything changes nothing', () => {
    fc.assert(
      fc.property(someRecipe, fc.integer({ min: 0, max: 3 }), (recipe, n) => {
        const people = Array.from({ length: n }, (_, i): Person => ({
          id: `p${i}`,
          name: 'Ada',
          avoids: [],
          diets: [],
        }))
        expect(adapt(recipe, people)).toMatchObject({ verdict: 'already-fine', plans: [] })
      }),
      { numRuns: 40 },
    )
  })

  test('the order of lines does not change what is proposed', () => {
    // 37.5 g of water: the last digits of a sum once tipped it.
    const tie = recipeOf('Something', [
      [
        '',
        [
          ['self-raising-flour', 100],
          ['sugar', 115],
          ['baking-powder', 6],
          ['butter', 5],
          ['egg', 50],
          ['milk', 57],
          ['plain-flour', 40],
        ],
        [
          'Butter a tin.',
          'Cream the butter and sugar, beat in the eggs one at a time, fold in the flour ' +
            'and stir in the milk.',
        ],
      ],
    ])
    let proposed = 0
    fc.assert(
      fc.property(ordinaryRecipe, fc.constantFrom('egg', 'milk'), (recipe, allergen) => {
        const people: Person[] = [
          { id: 'p', name: 'Ada', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
        ]
        const turned = {
          ...recipe,
          components: recipe.components.map(c => ({ ...c, lines: [...c.lines].reverse() })),
        }
        const said = (r: Recipe) =>
          adapt(r, people)
            .plans[0]?.changes.flatMap(c => c.adds.map(a => `${a.ingredient} ${a.grams}`))
            .sort()
        expect(said(turned)).toEqual(said(recipe))
        proposed += said(recipe)?.length ?? 0
      }),
      { numRuns: 40, examples: [[tie, 'egg']] },
    )
    expect(proposed).toBeGreaterThan(40)
  })

  test('limits hold after rounding: powder, gas and gels', () => {
    fc.assert(
      fc.property(ordinaryRecipe, recipe => {
        const flour = ratiosOf(weightsOf(linesOf(recipe))).flour
        const grams = (r: Recipe, id: string) =>
          linesOf(r)
            .filter(l => l.ingredient === id)
            .reduce((sum, l) => sum + l.grams!.best, 0)
        const eggs = eggCount(weightsOf(linesOf(recipe)))
        for (const plan of anyLimited(
          adapt(recipe, [
            {
              id: 'p',
              name: 'Ada',
              avoids: [{ allergen: 'egg', strictness: 'choice' }],
              diets: [],
            },
          ]).plans,
        )) {
          expect(grams(plan.recipe, 'baking-powder')).toBeLessThanOrEqual(
            Math.max(grams(recipe, 'baking-powder'), 0.065 * flour) + 0.5,
          )
          expect(grams(plan.recipe, 'flax') - grams(recipe, 'flax')).toBeLessThanOrEqual(
            8.5 * eggs + 0.5,
          )
        }
      }),
      { numRuns: 100 },
    )
  })
})
