import { describe, expect, test } from '@jest/globals'
import { checkPeople, readRecipe, type Person } from '#core'
import type { CheckedPacket } from '#core/people'
import { adapt } from './adapt'
import { each } from '../../tests/each'

const milk: readonly Person[] = [
  { id: 'p', name: 'Ada', avoids: [{ allergen: 'milk', strictness: 'choice' }], diets: [] },
]
const packet = (ingredient: string, more: Partial<CheckedPacket> = {}): CheckedPacket => ({
  ingredient,
  name: 'Lantern',
  contains: ['milk'],
  mayContain: [],
  ...more,
})
const cake = (more: string) =>
  readRecipe(
    `Cake

200 g plain flour
200 g sugar
100 ml sunflower oil
200 ml oat milk
2 tsp baking powder
${more}

Method
Mix everything. Bake at 180 °C for 30 minutes.`,
  ).recipe
const found = (more: string, packets: readonly CheckedPacket[]) =>
  adapt(cake(more), milk, {}, { packets })

describe('plans are judged with the packets that are tied', () => {
  test('a kept line whose packet names it is never “nothing has to change”: another packet is', () => {
    const answer = found('', [packet('plain-flour')])
    expect(answer.verdict).toBe('cannot')
    expect(answer.why).toEqual([
      '“200 g plain flour”: the packet “Lantern” names milk. Take another packet of it, or ' +
        'something else in its place.',
    ])
  })
  test('what holds it in some makes is swapped, and no plan conflicts', () => {
    for (const [more, id] of each([
      ['100 g dark chocolate', 'dark-chocolate'],
      ['20 g protein powder', 'protein-powder'],
    ] as const)) {
      const packets = [packet(id)]
      const answer = found(more, packets)
      expect([more, answer.verdict]).toEqual([more, 'adapted'])
      for (const plan of each(answer.plans))
        expect(checkPeople(plan.recipe, milk, { packets }).people[0]!.verdict).toBe('clear')
    }
  })
  test('a choice is taken whose packet suits', () => {
    const recipe = readRecipe(
      `Cake

200 g plain flour
200 g sugar
80 ml oil
200 ml oat or soy milk
2 tsp baking powder

Method
Mix. Bake at 180 °C for 30 minutes.`,
    ).recipe
    const answer = adapt(recipe, milk, {}, { packets: [packet('oat-drink')] })
    expect(answer.plans[0]!.recipe.components[0]!.lines.map(l => l.ingredient)).toContain(
      'soy-drink',
    )
  })
  test('a packet that suits changes nothing', () =>
    expect(found('', [packet('plain-flour', { contains: ['wheat'] })]).verdict).toBe(
      'already-fine',
    ))
})
