import { describe, expect, test } from '@jest/globals'
import { plainWord } from '#core/pantry'
import { unknownFoods } from './unknown-foods'

const nothing = () => false
const anything = () => true
const found = (
  step: string,
  { known = '', isMadeOf = nothing }: { known?: string; isMadeOf?: (word: string) => boolean } = {},
) =>
  unknownFoods(step, new Set(known.split(' ').filter(Boolean).map(plainWord)), isMadeOf).map(
    ({ words, span }) => {
      expect(step.slice(...span)).toBe(words)
      return words
    },
  )

describe('words where food stands and that nobody knows', () => {
  test.each([
    ['Stir in the flumgum.', 'flumgum'],
    ['Add flum gum and sugar, then flum-gum.', 'flum gum'],
    ['Serve with flumgum and quibble.', 'flumgum|quibble'],
    ['Fold in the flumgum, sugar and quibble wubble.', 'flumgum|quibble wubble'],
    ['Stir in the flumgum sugar.', 'flumgum'],
    ['Stir in the flour. Add the quibble! Serve with butter and flumgum;', 'quibble|flumgum'],
    ['Stir in the flumgum until the quibble is smooth.', 'flumgum'],
    ['Stir in it gently, slowly and lovingly.', ''],
    // A doing behind a food, by the words of doings and what stands right behind it; else it is food.
    ['Spread with jam and lay in a glass bowl.', ''],
    ['Sprinkle with sugar and dot with butter.', ''],
    ['Add sugar, flour and incorporate them gently.', ''],
    ['Serve with sugar, stew and quibble.', 'stew|quibble'],
    ['Serve with sugar and stew.', 'stew'],
    ['Stir in the stew over a low heat.', 'stew'],
    // A verb that adds may do it by "with": each place is found by itself.
    ['Sprinkle with flumgum.', 'flumgum'],
    ['Scatter with flumgum and sugar.', 'flumgum'],
    ['Drizzle generously with quibble.', 'quibble'],
    ['Dollop with flumgum.', 'flumgum'],
    ['Drizzle the top with flumgum.', 'flumgum'],
    ['Sprinkle flumgum over the top, then finish with quibble.', 'flumgum|quibble'],
    ['Add flumgum, roll the lot in quibble and serve with butter.', 'flumgum|quibble'],
    ['Scatter over the flumgum and serve on quibble.', 'flumgum|quibble'],
    ['Top with sugar, add quibble.', 'quibble'],
    ['Grate flumgum over and dust with icing sugar.', 'flumgum'],
    ['Crumble the quibble on, shave flumgum over it.', 'quibble|flumgum'],
    ['Stir in the sugar until smooth, add flumgum and stir in quibble.', 'flumgum|quibble'],
    ['Serve with cream in bowls, topped with flumgum.', 'flumgum'],
    ['Serve with lylyb.', 'lylyb'],
    ['Stir in an ox.', ''],
    ['Beat in the eggs, butter and double cream.', ''],
    ['Whisk flumgum on the table.', ''],
  ])('%s', (step, words) => expect(found(step).join('|')).toBe(words))
  test('what the dessert itself speaks of is known', () => {
    expect(found('Stir in the flumgum.', { known: 'flumgum' })).toEqual([])
    expect(found('Stir in the flumgums.', { known: 'flumgum' })).toEqual([])
    expect(found('Stir in the flumgum gum.', { known: 'flumgum' })).toEqual(['gum'])
  })
  test('a food that may be made of anything: here only by its word and what it is made of', () => {
    expect(found('Spread with the frosting.')).toEqual(['frosting'])
    expect(found('Spread with the frosting.', { isMadeOf: anything })).toEqual([])
    expect(found('Spread with frosting.', { isMadeOf: anything })).toEqual(['frosting'])
    expect(found('Spread with half of the frosting.', { isMadeOf: anything })).toEqual([])
    expect(found('Spread with frosting.', { known: 'frosting' })).toEqual([])
  })
})

describe('baked things that nothing makes', () => {
  test.each([
    ['Cut the sponge in half; put the sponges together.', 'sponge|sponges'],
    ['Serve with a scone, then cut the cake.', 'scone|cake'],
    ['Serve with scones and a scone.', 'scones|scone'],
    ['A cake tin, a tart tin, muffin cases, a waffle iron and a sponge.', 'sponge'],
    ['Sponge fingers, a pancake pan, cake crumbs.', ''],
    ['Fill the tart shells.', ''],
    ['A cupcakey cheesecake.', ''],
  ])('%s', (step, words) => expect(found(step).join('|')).toBe(words))
  test('made here, or the dessert itself', () => {
    expect(found('Cut the sponge.', { isMadeOf: anything })).toEqual([])
    expect(found('Cut the sponge.', { known: 'sponge' })).toEqual([])
  })
})
