import { describe, expect, test } from '@jest/globals'
import { readStatements } from '../../tests/corpus/tables/read-statements'
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
