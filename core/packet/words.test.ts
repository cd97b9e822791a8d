import { describe, expect, test } from '@jest/globals'
import { each } from '../../tests/each'
import { readStatements } from '../../tests/corpus/tables/read-statements'
import { deniedBy, marksIn } from './marks'
import { readPacket } from './read'
import type { Role } from './reading'

function byRole(roles: readonly Role[]) {
  const found: Record<string, string[]> = {}
  for (const { role, words } of roles) if (role !== 'harmless') (found[role] ??= []).push(words)
  return found
}

describe('statements word by word: what each was understood as', () => {
  test.each(readStatements.map(row => [row.text, row] as const))('%s', (text, expected) => {
    const { roles, contains, mayContain, claims } = readPacket(text)
    expect({
      text,
      words: byRole(roles),
      contains: contains.map(hit => `${hit.allergen}: ${hit.words}`),
      may: mayContain.map(hit => `${hit.allergen} (${hit.how}): ${hit.words}`),
      claims: claims.map(claim => `${claim.name}: ${claim.without.join(' ')}`),
    }).toEqual(expected)
  })
  test('every role stands where its words are', () => {
    const placed = readStatements.flatMap(({ text }) =>
      readPacket(text).roles.map(({ start, end }) => text.slice(start, end)),
    )
    const said = readStatements.flatMap(({ text }) => readPacket(text).roles.map(r => r.words))
    expect(placed).toEqual(said)
  })
})
describe('“may contain” with its verb in the middle or at the end', () => {
  test.each([
    ['Suiker. Kan sporen bevatten van pinda en sesam.', 'peanut sesame'],
    ['Kan ook sporen bevatten van noten, melk.', 'tree-nut milk'],
    ['Kan bevatten: pinda. Suiker', 'peanut'],
    ['Kan sporen van pinda en noten bevatten. Suiker', 'peanut tree-nut'],
    ['Zucker. Kann Spuren enthalten von Nüssen und Sesam.', 'tree-nut sesame'],
    ['Kann auch Spuren enthalten: Sesam', 'sesame'],
    ['Kann geringe Mengen enthalten von Soja, Ei', 'soy egg'],
    ['Kann Spuren von Sesam enthalten', 'sesame'],
  ])('%s', (text, ids) => {
    const { contains, mayContain } = readPacket(text)
    expect([contains, mayContain.map(hit => `${hit.allergen} ${hit.how}`)]).toEqual([
      [],
      ids.split(' ').map(id => `${id} trace`),
    ])
  })
  test.each(['Kan sporen bevatten. Melk', 'Kann enthalten. Milch', 'Kan niet bevatten melk'])(
    'what stands behind its end is in it: %s',
    text => expect(readPacket(text).contains.map(hit => hit.allergen)).toEqual(['milk']),
  )
})

test.each([
  ['Zorblax flumgum quibble wubble, sugar.', true],
  ['Sugar, zorblax, flumgum, quibble.', true],
  ['Sugar, zorblax, flumgum.', false],
  ['Zorblax flumgum.', false],
  ['Sugar, rice, water, salt, maize, zorblax, flumgum, quibble.', false],
  ['Sugar, rice, zorblax, flumgum, quibble, water.', false],
])('a language that is not read: %s, %p', (text, is) =>
  expect(readPacket(text).unreadTongue).toBe(is),
)

describe('marks of a statement', () => {
  const marks = (text: string) =>
    marksIn(text).map(mark => [text.slice(mark.start, mark.end), deniedBy(mark)])
  test('of two at one place the longer, each once, in no other word', () => {
    expect(marks('gluten-free, suitable for vegans; not egg-freeze')).toEqual([
      ['suitable for vegans', expect.arrayContaining(['milk', 'egg'])],
      ['gluten-free', ['gluten', 'wheat', 'rye', 'barley']],
    ])
    expect(marks('sugar, freedom, eggfreezer')).toEqual([])
    const all = marksIn('vegan vegan')
    expect(all.map(mark => [mark.start, mark.end])).toEqual([
      [0, 5],
      [6, 11],
    ])
  })
  test('none lies within another', () => {
    const text =
      'Suitable for vegans and vegetarians, 100% vegan, certified gluten free oats, dairy-free'
    const all = marksIn(text)
    expect(all.length).toBeGreaterThan(2)
    for (const mark of each(all))
      expect(
        all.filter(other => other !== mark && other.start < mark.end && mark.start < other.end),
      ).toEqual([])
  })
})
