import { describe, expect, test } from '@jest/globals'
import { ingredientById } from '#core/pantry'
import { readLine } from '#core'
import type { Person, Line } from '#core'
import { asksPacket, isBlocked, tableOf } from '../../leaving'
import { rewriteStep, type Renaming } from './rename'

const person = (avoids: Person['avoids'], diets: readonly string[] = []): Person => ({
  id: 'p',
  name: 'Ada',
  avoids,
  diets,
})
const lines = (...texts: string[]): Line[] =>
  texts.flatMap((text, i) => {
    const r = readLine(text, { id: `l${i}` })
    return r.ok ? [r.line] : []
  })

const listed = lines('200 g plain flour', '100 g butter', '2 eggs', '100 ml milk', '80 g sugar')
const naming: Renaming = {
  lines: listed,
  table: tableOf([
    person([
      { allergen: 'milk', strictness: 'choice' },
      { allergen: 'egg', strictness: 'choice' },
      { allergen: 'gluten', strictness: 'choice' },
    ]),
  ]),
  byLine: new Map([
    ['l0', 'gluten-free mix'],
    ['l1', 'plant block'],
    ['l2', 'flax gel'],
    ['l3', 'oat drink'],
  ]),
  standIn: item => (item.id === 'double-cream' ? 'plant whipping cream' : null),
  grease: 'rapeseed oil',
  dusting: 'rice flour',
}

describe('steps with what left called by what came', () => {
  test.each([
    ['Cream the butter and sugar until pale.', 'Cream the plant block and sugar until pale.'],
    [
      'Beat in the eggs one at a time, then the milk.',
      'Beat in the flax gel a little at a time, then the oat drink.',
    ],
    ['Add 2 eggs and mix.', 'Add the flax gel and mix.'],
    ['Butter and flour a tin.', 'Grease (with rapeseed oil) and dust (with rice flour) a tin.'],
    ['Grease the tin with butter.', 'Grease the tin with rapeseed oil.'],
    ['Pour into a buttered, floured tin.', 'Pour into a greased, dusted tin.'],
    [
      'Sift the flour over the milk mixture.',
      'Sift the gluten-free mix over the oat drink mixture.',
    ],
    ['Serve with whipped cream.', 'Serve with plant whipping cream.'],
    ['Serve with vanilla ice cream.', ''],
    ['Bake for 10 minutes. Serve with vanilla ice cream.', 'Bake for 10 minutes.'],
    ['Eggs go in last.', 'Flax gel go in last.'],
    ['Whisk the egg whites until stiff.', 'Whisk the flax gel until stiff.'],
    ['Stir in the sugar.', 'Stir in the sugar.'],
    ['Rub in until it looks like breadcrumbs.', 'Rub in until it looks like breadcrumbs.'],
  ])('%s', (before, after) => expect(rewriteStep(before, naming)).toBe(after))

  test.each([
    ['Fold in the hazelnuts.', ''],
    ['Fold in the sugar, hazelnuts and salt.', 'Fold in the sugar and salt.'],
    ['Fold in the hazelnuts and salt.', 'Fold in the salt.'],
    ['Fold in the salt and hazelnuts.', 'Fold in the salt.'],
    ['Fold in the hazelnuts, salt and sugar.', 'Fold in the salt and sugar.'],
    [
      'Stir in the sugar, then scatter with the chopped hazelnuts. Bake.',
      'Stir in the sugar. Bake.',
    ],
    [
      'Pour into the tin, scatter over the hazelnuts and bake for 20 minutes.',
      'Pour into the tin and bake for 20 minutes.',
    ],
    ['Spread it out. Decorate with hazelnuts and serve.', 'Spread it out. Serve.'],
    ['Toast the hazelnuts, chop them and stir them in. Add the salt.', 'Add the salt.'],
  ])('%s without hazelnuts', (before, after) => {
    expect(
      rewriteStep(before, {
        ...naming,
        lines: lines('50 g hazelnuts', '5 g salt', '80 g sugar'),
        byLine: new Map([['l0', '']]),
      }),
    ).toBe(after)
  })
  test('with nothing to grease with, the tin is lined', () =>
    expect(rewriteStep('Butter the tin.', { ...naming, grease: null })).toBe('Line the tin.'))
})

describe('the planner’s own filter', () => {
  const item = (id: string) => ingredientById(id)!
  test.each([
    ['butter', [person([{ allergen: 'milk', strictness: 'choice' }])], true],
    ['oat-drink', [person([{ allergen: 'gluten', strictness: 'choice' }])], true],
    [
      'ground-almonds',
      [person([{ allergen: 'tree-nut', except: ['almond'], strictness: 'choice' }])],
      false,
    ],
    ['mixed-nuts', [person([{ allergen: 'almond', strictness: 'choice' }])], true],
    ['honey', [person([], ['vegan'])], true],
    ['oat-flakes-certified', [person([], ['coeliac'])], false],
    [
      'oat-flakes-certified',
      [person([], ['coeliac']), person([{ allergen: 'oat', strictness: 'choice' }])],
      true,
    ],
    ['oat-flakes', [person([], ['coeliac'])], true],
    ['chickpea-flour', [person([{ allergen: 'legume', strictness: 'choice' }])], true],
    ['flax', [person([{ allergen: 'seed', strictness: 'choice' }])], true],
    ['plain-flour', [person([])], false],
  ] as const)('%s for that table: blocked %p', (id, people, blocked) =>
    expect(isBlocked(item(id), tableOf(people))).toBe(blocked),
  )
  test('a packet is asked for when its kind may hold, or carry as a trace, what matters', () => {
    const strict = tableOf([person([{ allergen: 'milk', strictness: 'allergy' }])])
    const mild = tableOf([person([{ allergen: 'milk', strictness: 'choice' }])])
    expect([
      asksPacket(item('dark-chocolate'), mild),
      asksPacket(item('plant-chocolate'), mild),
      asksPacket(item('plant-chocolate'), strict),
      asksPacket(item('sugar'), strict),
    ]).toEqual([true, false, true, false])
  })
})
