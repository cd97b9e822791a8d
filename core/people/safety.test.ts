import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { cautionsAt } from './cautions'
import type { Person } from './person'
import { boughtIn, makeBefore, safetyOf, type ServedBake } from './safety'

const recipe = (lines: string) => readRecipe(`Bun\n${lines}`, { region: 'uk' }).recipe
const person = (id: string, allergen: string, strictness: 'allergy' | 'choice'): Person => ({
  id,
  name: id,
  avoids: [{ allergen, strictness }],
  diets: [],
})
const ada = person('ada', 'milk', 'allergy')
const bo = person('bo', 'milk', 'choice')
const cy = person('cy', 'egg', 'allergy')
const dee: Person = { id: 'dee', name: 'dee', avoids: [], diets: [] }

describe('all of a dessert’s safety in one go', () => {
  const buns = recipe('200 g flour\n50 g butter\n100 g dark chocolate\n1 egg')
  const said = safetyOf(buns, [ada, cy], [])
  test('who can eat it, what may be claimed, what is still to be read', () => {
    expect(said.check.people.map(p => [p.personId, p.verdict])).toEqual([
      ['ada', 'conflict'],
      ['cy', 'conflict'],
    ])
    expect([said.claims.table, said.claims.each]).toEqual([null, []])
    expect(said.claims.notFor.map(person => person.name)).toEqual(['ada', 'cy'])
    expect(said.toRead.length).toBeGreaterThan(0)
    expect(said.contact).toMatchObject({ people: ['ada', 'cy'], against: ['milk', 'egg'] })
    expect(said.cautions).toEqual(cautionsAt(buns))
  })
})

describe('what comes out of packets', () => {
  test('each once, choices with it, eggs and fresh fruit not; what is not known as nothing', () => {
    expect(
      boughtIn(recipe('200 g flour\n50 g flour, for dusting\n2 eggs\n3 apples\n50 g zorblax')),
    ).toEqual(['plain-flour', ''])
    expect(boughtIn(recipe('100 ml oat milk or soya milk'))).toEqual(['oat-drink', 'soy-drink'])
    expect(boughtIn(recipe('2 eggs'))).toEqual([])
  })
})

describe('which bake has to be made before which', () => {
  const bake = (id: string, lines: string, people: readonly Person[]): ServedBake => ({
    id,
    recipe: recipe(lines),
    people: people.map(p => p.id),
  })
  const all = [ada, bo, cy, dee]
  const plain = '200 g flour\n50 g sugar'
  const buttery = '200 g flour\n50 g butter'
  const eggy = '200 g flour\n2 eggs'
  test.each([
    ['somebody with an allergy first', bake('a', plain, [ada]), bake('b', buttery, [dee]), 'a b'],
    ['whichever was named first', bake('b', buttery, [dee]), bake('a', plain, [ada]), 'a b'],
    ['a choice minds no traces', bake('a', plain, [bo]), bake('b', buttery, [dee]), ''],
    ['nobody eats what is not for them', bake('a', buttery, [ada]), bake('b', eggy, [dee]), ''],
    ['nothing against anybody', bake('a', plain, [ada]), bake('b', plain, [cy]), ''],
    ['each before the other: neither', bake('a', buttery, [cy]), bake('b', eggy, [ada]), ''],
    ['who is not asked about', bake('a', plain, [dee]), bake('b', buttery, [dee]), ''],
  ])('%s', (_, one, other, pairs) =>
    expect(makeBefore([one, other], all).flat().join(' ')).toBe(pairs),
  )
  test('of three the one that endangers comes last', () =>
    expect(
      makeBefore([bake('b', buttery, [dee]), bake('a', plain, [ada]), bake('e', eggy, [ada])], all),
    ).toEqual([
      ['a', 'b'],
      ['e', 'b'],
    ]))
})
