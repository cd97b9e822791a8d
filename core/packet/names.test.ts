import { expect, test } from '@jest/globals'
import { each } from '../../tests/each'
import { allIngredients, groupsOf } from '../pantry'
import { readPacket } from './read'
import { moreTerms } from './tables/terms-more'
import { termRows } from './tables/terms'
import { explainedNames, explainedWords } from './tables/name-exceptions'

const names = [
  ...allIngredients().flatMap(item => item.names),
  ...[...termRows, ...moreTerms].flatMap(row => row.words.split('|').map(word => word.trim())),
].filter(name => name.includes(' '))

const broughtBy = (text: string) => {
  const { contains, mayContain } = readPacket(text)
  return [...contains, ...mayContain].map(hit => hit.allergen)
}

test('a name brings what its words bring, but where a table says why not', () => {
  const lost = each([...new Set(names)]).flatMap(name => {
    const whole = broughtBy(name)
    const isMet = (id: string) =>
      whole.some(other => other === id || groupsOf(other).has(id) || groupsOf(id).has(other))
    return name
      .split(' ')
      .filter(word => !explainedWords.has(word.toLowerCase()))
      .flatMap(word => readPacket(word).contains.filter(hit => hit.how !== 'unsaid'))
      .filter(hit => !isMet(hit.allergen) && !explainedNames.has(name))
      .map(hit => `${name}: ${hit.allergen}`)
  })
  expect(lost).toEqual([])
})
