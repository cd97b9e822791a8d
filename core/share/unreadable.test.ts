import { describe, expect, test } from '@jest/globals'
import { each } from '../../tests/each'
import { readRecipe } from '#core'
import { checkPeople } from '#core/people'
import { keptProblem } from './kept/bake'
import { inTheirPlace, unreadable } from './unreadable'

describe('rows that do not hold together', () => {
  test('what holds is left; what does not is set aside with a sentence', () => {
    expect(unreadable('group', { id: 'g', name: 'Sunday', people: [] })).toBeNull()
    expect(unreadable('group', { id: 'g', name: 'Sunday' })).toEqual({
      kind: 'group',
      value: { id: 'g', name: 'Sunday' },
      sentence: expect.stringMatching(
        /^The group “Sunday” does not hold together: “people” is missing/u,
      ),
    })
    expect(unreadable('bake', null)?.sentence).toMatch(/^The bake “” does not hold together/u)
  })
  test.each([
    ['a person without needs', { id: 'ada', name: ' Ada ' }, 'Ada'],
    ['no name', { id: 'ada', name: 7, avoids: [] }, 'Somebody'],
    ['a name of blanks', { id: 'ada', name: '  ' }, 'Somebody'],
    ['nothing at all', null, 'Somebody'],
  ])('whoever cannot be read avoids everything: %s', (_, row, name) => {
    const person = inTheirPlace(row, 'ada')
    expect([person.id, person.name]).toEqual(['ada', name])
    expect(keptProblem('person', person)).toBeNull()
    // [L-EU], [L-US], [L-AU]: a line of each; none of them is ever called fine.
    for (const line of each([
      '1 egg',
      '200 g plain flour',
      '20 g sesame seeds',
      '30 ml milk',
      '10 g pecans',
    ])) {
      const { recipe } = readRecipe(`Bun\n${line}`)
      expect(checkPeople(recipe, [person]).people[0]?.verdict).toBe('conflict')
    }
  })
  test('a guest stays the guest of their dessert', () => {
    expect(inTheirPlace({ guestOf: 'b' }, 'g').guestOf).toBe('b')
  })
})
