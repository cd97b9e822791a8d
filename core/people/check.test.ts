import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  runs,
  someIngredient,
  somePerson,
  someRecipe,
  recipeOf,
  lineFor,
} from '../../tests/arbitraries'
import { avoidables, pantry } from '#core/pantry'
import { readRecipe, type Recipe } from '#core'
import { cautionsFor } from './cautions'
import { checkPeople } from './check'
import { claimFor, packetsToCheck } from './claim'
import type { Person } from './person'

const person = (avoids: Person['avoids'], diets: readonly string[] = []): Person => ({
  id: 'p',
  name: 'Ada',
  avoids,
  diets,
})
const avoids = (allergen: string, strictness: 'choice' | 'allergy' = 'choice', except?: string[]) =>
  person([{ allergen, strictness, ...(except ? { except } : {}) }])
const text = (lines: string, steps = '') =>
  readRecipe(`Bun\n${lines}\n${steps ? `Method\n${steps}` : ''}`, { region: 'uk' }).recipe
const verdict = (recipe: Recipe, who: Person) => checkPeople(recipe, [who]).people[0]!.verdict

describe('verdicts', () => {
  test.each([
    ['200 g flour\n50 g butter', avoids('milk'), 'conflict'],
    ['200 g flour\n50 g sugar', avoids('milk'), 'clear'],
    ['200 ml coconut milk', avoids('milk'), 'clear'],
    ['200 g peanut butter', avoids('milk'), 'clear'],
    ['200 g peanut butter', avoids('legume'), 'conflict'],
    ['100 g almonds', avoids('tree-nut'), 'conflict'],
    ['100 g almonds', avoids('tree-nut', 'choice', ['almond']), 'clear'],
    ['100 g walnuts', avoids('tree-nut', 'choice', ['almond']), 'conflict'],
    ['100 g mixed nuts', avoids('almond'), 'unknown'],
    ['100 g dark chocolate', avoids('milk'), 'unknown'],
    ['100 g milk chocolate', avoids('milk'), 'conflict'],
    ['100 g dairy-free chocolate', avoids('milk'), 'clear'],
    ['100 g dairy-free chocolate', avoids('milk', 'allergy'), 'unknown'],
    ['100 g oats', avoids('gluten'), 'conflict'],
    ['100 g honey', person([], ['vegan']), 'conflict'],
    ['3 sheets gelatine', person([], ['vegetarian']), 'conflict'],
    ['100 g gluten-free oats', person([], ['coeliac']), 'unknown'],
    ['100 g oats', person([], ['coeliac']), 'conflict'],
    ['1 tbsp rum', person([], ['no-alcohol']), 'conflict'],
    ['100 g butter or block plant butter', avoids('milk'), 'conflict'],
    ['100 g block plant butter or butter', avoids('milk'), 'conflict'],
    ['50 g butter (optional)', avoids('milk'), 'conflict'],
    ['butter, for the tin', avoids('milk'), 'conflict'],
    ['200 g sugar\nwhipped cream, to serve', avoids('milk'), 'conflict'],
    ['200 g zorblax', avoids('milk'), 'unknown'],
    ['200 g zorblax sugar', avoids('milk'), 'unknown'],
    ['100 g hazelnut sugar', avoids('hazelnut'), 'conflict'],
    ['100 g vegan ice cream', avoids('milk'), 'clear'],
    ['200 ml lactose-free milk', avoids('milk'), 'conflict'],
    ['200 ml goat’s milk', avoids('milk'), 'conflict'],
    ['100 g ghee', avoids('milk'), 'conflict'],
    ['100 g marzipan', avoids('almond'), 'conflict'],
    ['150 g egg substitute', avoids('egg'), 'conflict'],
    ['1 tsp malt vinegar', avoids('barley'), 'conflict'],
  ] as const)('%s', (lines, who, expected) => expect(verdict(text(lines), who)).toBe(expected))

  test.each([
    ['Butter the tin and bake.', 'milk', 'conflict'],
    ['Serve with whipped cream.', 'milk', 'conflict'],
    ['Turn on to a floured board.', 'wheat', 'conflict'],
    ['Brush with beaten egg.', 'egg', 'conflict'],
    ['Cream until soft.', 'milk', 'clear'],
    ['Rub in until it looks like breadcrumbs.', 'wheat', 'clear'],
  ] as const)('a step alone: %s', (step, allergen, expected) =>
    expect(verdict(text('100 g sugar', step), avoids(allergen))).toBe(expected),
  )

  test('a claim in the words makes “contains” unknown, never clear', () =>
    expect(
      verdict(
        text('100 g dairy-free toffee pieces\n50 g lactose-free dairy-free single cream'),
        avoids('milk'),
      ),
    ).toBe('unknown'))
  test('nobody can eat an empty recipe', () =>
    expect(verdict(readRecipe('').recipe, avoids('milk'))).toBe('unknown'))
  test.each([
    'Cake\n\n500gstrongwhiteflour\n4tbspoliveoil\n\nMixtheflourandhalftheoil.Bakefor20minutes.',
    'Cake\n\nMix the sugar with water. Bake for 20 minutes.',
    'Cake',
  ])('nor is one of which no line was read, whatever its steps name: %s', unread =>
    expect(verdict(readRecipe(unread).recipe, avoids('gluten'))).toBe('unknown'),
  )
  test('a need that is no id is refused, not ignored', () => {
    expect(verdict(text('100 g sugar'), avoids('kryptonite'))).toBe('unknown')
    expect(verdict(text('100 g sugar'), person([], ['lunar']))).toBe('unknown')
  })
  test('every conflict says where, in which words, and why', () => {
    const [found] = checkPeople(text('50 g butter'), [avoids('milk')]).people[0]!.conflicts
    expect(found).toMatchObject({
      lineId: 'l1',
      where: 'line',
      state: 'contains',
      allergen: 'milk',
      words: '50 g butter',
      because: 'butter contains milk',
    })
  })
  test('a checked packet settles what its kind may hold, but takes nothing back that it always holds', () => {
    const packet = (contains: string[]) => ({
      packets: [{ ingredient: 'dark-chocolate', contains, mayContain: [] }],
    })
    expect(
      checkPeople(text('100 g dark chocolate'), [avoids('milk')], packet([])).people[0]!.verdict,
    ).toBe('clear')
    expect(
      checkPeople(text('100 g dark chocolate'), [avoids('milk')], packet(['milk'])).people[0]!
        .verdict,
    ).toBe('conflict')
    expect(
      checkPeople(text('100 g dark chocolate'), [avoids('cocoa')], packet([])).people[0]!.verdict,
    ).toBe('conflict')
  })
})

describe('properties', () => {
  /** An oracle of its own: walks the tree by hand, looks at rows only. */
  const inGroup = (id: string, group: string): boolean =>
    id === group || Boolean(avoidables.find(a => a.id === id)?.in?.some(up => inGroup(up, group)))
  test('whatever holds what a person avoids is never clear, nor unknown', () => {
    fc.assert(
      fc.property(
        someIngredient,
        fc.constantFrom(...avoidables.map(a => a.id)),
        fc.integer({ min: 1, max: 900 }),
        (item, allergen, grams) => {
          const recipe = recipeOf('x', [
            [
              '',
              [
                [item.id, grams],
                ['sugar', 10],
              ],
              [],
            ],
          ])
          const holds = item.holds.some(id => inGroup(id, allergen))
          if (holds)
            expect([item.id, verdict(recipe, avoids(allergen))]).toEqual([item.id, 'conflict'])
          else expect(verdict(recipe, avoids(allergen))).not.toBe('conflict')
        },
      ),
      { numRuns: runs(3000) },
    )
  })
  test('an unknown ingredient never yields clear, whoever eats', () => {
    fc.assert(
      fc.property(
        someRecipe,
        somePerson,
        fc.constantFrom(
          'zorblax',
          'fizzwhip powder',
          'mystery flour',
          'glimmer sugar',
          'quux butter',
        ),
        (recipe, who, word) => {
          const unknown = readRecipe(`x\n100 g ${word}`).recipe.components
          expect(
            verdict({ ...recipe, components: [...recipe.components, ...unknown] }, who),
          ).not.toBe('clear')
        },
      ),
      { numRuns: runs(300) },
    )
  })
  test('adding an ingredient never makes a verdict safer, and the order of lines does not matter', () => {
    const rank = { clear: 0, unknown: 1, conflict: 2 }
    fc.assert(
      fc.property(someRecipe, someIngredient, somePerson, (recipe, item, who) => {
        const more = {
          ...recipe,
          components: recipe.components.map((c, i) =>
            i ? c : { ...c, lines: [...c.lines, lineFor('extra', item, 20)] },
          ),
        }
        const turned = {
          ...recipe,
          components: recipe.components.map(c => ({ ...c, lines: [...c.lines].reverse() })),
        }
        // A step's bare word may come to mean the new line, so steps are left out of this one.
        const bare = (r: Recipe): Recipe => ({
          ...r,
          components: r.components.map(c => ({ ...c, steps: [] })),
        })
        expect(rank[verdict(bare(more), who)]).toBeGreaterThanOrEqual(
          rank[verdict(bare(recipe), who)],
        )
        expect(verdict(bare(turned), who)).toBe(verdict(bare(recipe), who))
      }),
      { numRuns: runs(400) },
    )
  })
  test('every ingredient is clear or unknown for a person who avoids nothing', () => {
    for (const item of each(pantry))
      expect(verdict(recipeOf('x', [['', [[item.id, 10]], []]]), person([]))).toBe('clear')
  })
})

describe('claims and cautions', () => {
  const bread = text('200 g rice flour\n100 g block plant butter')
  const read = ['rice-flour', 'plant-block'].map(ingredient => ({
    ingredient,
    contains: [],
    mayContain: [],
  }))
  test('a claim names the things, the people and the packets, and never says safe', () => {
    expect(claimFor(bread, [avoids('milk', 'allergy')])).toBeNull()
    const claim = claimFor(bread, [avoids('milk', 'allergy')], read)
    expect(claim).toBe(
      'No milk found for Ada, traces counted: 2 lines and the steps looked at, 2 of 2 bought ones ' +
        'by their packets.',
    )
    expect(claim).not.toMatch(/safe/iu)
  })
  test('diets are claimed as diets', () => {
    expect(claimFor(bread, [person([], ['vegan'])], read)).toBe(
      'Nothing that vegan eating leaves out found for Ada, as an ingredient: 2 lines and the steps ' +
        'looked at, 2 of 2 bought ones by their packets. Not asked: block plant butter: added ' +
        'vitamin D3 may be of wool grease; the maker tells (vegan).',
    )
    expect(
      claimFor(bread, [person([{ allergen: 'soy', strictness: 'choice' }], ['vegan'])], read),
    ).toMatch(/^No soy, and nothing that vegan eating leaves out, found for Ada/u)
  })
  test('there is no claim with a conflict, with something unknown, or for nobody', () => {
    expect(claimFor(text('50 g butter'), [avoids('milk')])).toBeNull()
    expect(claimFor(text('50 g zorblax'), [avoids('milk')])).toBeNull()
    expect(claimFor(bread, [])).toBeNull()
  })
  test('packets say what to look for', () =>
    expect(packetsToCheck(bread, [avoids('soy')])).toEqual([
      { ingredient: 'plant-block', name: 'block plant butter', lookFor: ['soy'] },
    ]))
  test('cautions come where they apply', () => {
    expect(cautionsFor(bread, [avoids('milk', 'allergy')]).join(' ')).toMatch(
      /clean tools.*Raw flour/u,
    )
    expect(cautionsFor(text('200 g sugar'), [avoids('milk')])).toEqual([])
  })
})
