import { describe, expect, test } from '@jest/globals'
import { diagnose } from './diagnose'
import { symptomsIn } from './symptoms'

// How people say it: from memory of what bakers write under a recipe [P].
describe('what went wrong, in a baker’s own words', () => {
  test.each([
    ['it stuck to the tin', 'creamed', ['stuck']],
    ['would not come out of the ring', 'creamed', ['stuck']],
    ['it didn’t brown at all', 'quick-bread', ['pale']],
    ['never coloured', 'cookie', ['pale']],
    ['hardly rose', 'muffin', ['dense']],
    ['barely risen and stodgy', 'quick-bread', ['dense']],
    ['it never set', 'set-cream', ['runny']],
    ['like soup', 'pastry-cream', ['runny']],
    ['it never set in the middle', 'creamed', ['raw-middle']],
    ['turned green inside', 'quick-bread', ['odd-colour']],
    ['a greyish crumb', 'muffin', ['odd-colour']],
    ['smells of eggs', 'creamed', ['eggy']],
    ['far too salty', 'cookie', ['salty']],
    ['full of lumps', 'pastry-cream', ['lumpy']],
    ['the icing is grainy', 'buttercream', ['grainy']],
    ['the icing ran down the sides', 'glaze', ['runs-down']],
    ['the cream slid off', 'whipped-cream', ['runs-down']],
    ['the meringue weeps', 'meringue', ['weeping']],
    ['the chocolate seized', 'ganache', ['seized']],
    ['oily on the fingers', 'brownie', ['greasy']],
    ['raw underneath', 'pancake', ['raw-middle']],
    ['the pastry shrank', 'pastry', ['shrank']],
    ['it drew away from the tin', 'creamed', ['shrank']],
    ['tunnels inside', 'muffin', ['tunnels']],
    ['the foam collapsed', 'meringue', ['no-stand']],
    ['a chemical aftertaste', 'muffin', ['aftertaste']],
    ['hard as a brick', 'no-bake', ['hard']],
    ['gritty sugar', 'meringue', ['gritty']],
    ['it fell apart when I cut it', 'creamed', ['crumbly']],
    ['the base was soft', 'pastry', ['soggy-bottom']],
    ['doughy', 'yeast', ['gummy']],
  ])('%s', (words, family, is) => {
    expect(symptomsIn(words, family)).toEqual(is)
  })
})

describe('what is denied is no fault', () => {
  test.each([
    ['not hard at all', []],
    ['it isn’t dry', []],
    ['it wasn’t really too dry', []],
    ['never dry or tough', []],
    ['not dry, hard or crumbly', []],
    ['no longer gummy', []],
    ['not a bit greasy', []],
    ['did not turn out dry', []],
    ['not dry but crumbly', ['crumbly']],
    ['not hard, but it sank', ['sunk']],
    ['it did not rise', ['dense']],
    ['not sweet', ['not-sweet']],
    ['crumbly, not dry', ['crumbly']],
  ])('%s', (words, is) => {
    expect(symptomsIn(words, 'creamed')).toEqual(is)
  })
})

test('what is said of the fruit is not said of the cake', () => {
  expect(symptomsIn('the fruit sank', 'creamed')).toEqual(['fruit-sank'])
  expect(symptomsIn('all the cherries had sunk to the bottom', 'quick-bread')).toEqual([
    'fruit-sank',
  ])
  expect(symptomsIn('the cake sank', 'creamed')).toEqual(['sunk'])
  expect(symptomsIn('the cake sank and the raisins sank too', 'creamed').sort()).toEqual([
    'fruit-sank',
    'sunk',
  ])
})

// What a baker would think of first [P].
test.each([
  ['it stuck to the tin', 'tin was not lined'],
  ['the raisins sank', 'heavier than the batter'],
  ['it turned green inside', 'turned colour with the soda'],
  ['it is much too salty', 'too much salt'],
])('%s: %s', (words, cause) => {
  const [first] = diagnose(symptomsIn(words, 'creamed')).causes
  expect(first!.cause).toContain(cause)
  expect(JSON.stringify(first!.nextChange)).toMatch(/\d/u)
})
