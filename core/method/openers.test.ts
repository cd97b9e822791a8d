import { describe, expect, test } from '@jest/globals'
import { readRecipe, type Recipe } from '../recipe'
import { readMethod } from './read'

const coffeeCake = (step: string): Recipe =>
  readRecipe(
    'Coffee cake\n\n225 g butter\n225 g sugar\n4 eggs\n225 g self-raising flour\nFor the icing\n' +
      '150 g butter\n300 g icing sugar\n1 tbsp strong coffee\n\nMethod\n' +
      'Cream the butter with the sugar, then add the eggs. Fold in the flour. Bake at 180 °C for ' +
      `25 minutes.\n${step}`,
    { region: 'uk' },
  ).recipe

/** What the last step of a recipe does: its verbs with the names of the lines that they take. */
function doings(recipe: Recipe): string {
  const lines = new Map(recipe.components.flatMap(c => c.lines.map(l => [l.id, l.name] as const)))
  const { actions } = readMethod(recipe)
  const last = actions.at(-1)!.step
  return actions
    .filter(({ step }) => step.component === last.component && step.at === last.at)
    .map(({ verb, takes }) => {
      const names = takes.flatMap(({ thing, share }) => {
        if (thing.is === 'aside') return [`(${thing.words})`]
        const ids = thing.is === 'line' ? [thing.line] : thing.lines
        const piece = share.of === 'piece' ? `${share.piece} of ` : ''
        const rest = share.of === 'rest' ? 'rest of ' : ''
        return ids.map(id => piece + rest + lines.get(id)!)
      })
      return [verb, ...(names.length ? [names.join(' + ')] : [])].join(' ')
    })
    .join('; ')
}

describe('what a sentence is for needs no comma behind it', () => {
  // From memory of how such methods are written.
  test.each([
    [
      'For the icing beat the butter until pale, then add the icing sugar.',
      'beat butter; add icing sugar',
    ],
    [
      'For the icing, beat the butter until pale, then add the icing sugar.',
      'beat butter; add icing sugar',
    ],
    [
      'To make the icing beat the butter until pale and beat in the icing sugar.',
      'beat butter; beat icing sugar',
    ],
    [
      'For the icing cream the butter, sift in the icing sugar and add the coffee.',
      'cream butter; sift icing sugar; add strong coffee',
    ],
    [
      'For the icing put the butter, icing sugar and coffee in a bowl and beat.',
      'put butter + icing sugar + strong coffee; beat',
    ],
    [
      'To make the icing melt the butter with the coffee, then stir in the icing sugar.',
      'melt butter + strong coffee; stir icing sugar',
    ],
    ['For the icing sift the icing sugar and beat in the butter.', 'sift icing sugar; beat butter'],
    [
      'For the icing whisk the icing sugar with the coffee; beat in the butter.',
      'whisk icing sugar + strong coffee; beat butter',
    ],
    ['To finish dust the cake with icing sugar.', 'dust icing sugar'],
    [
      'Meanwhile for the icing beat the butter until soft, then add the icing sugar.',
      'beat butter; add icing sugar',
    ],
    [
      'For a smooth icing beat the butter for 5 minutes, then add the icing sugar.',
      'beat butter; add icing sugar',
    ],
  ])('%s', (step, is) => {
    expect(doings(coffeeCake(step))).toBe(is)
  })
})

describe('what is left of a thing, and pieces of a fruit', () => {
  const pots = (step: string) =>
    readRecipe(
      [
        'Pots\n\n200 g dark chocolate\n1 orange\n300 ml double cream',
        '100 g breadcrumbs\n50 g demerara sugar\n\nMethod',
        step,
      ].join('\n'),
      { region: 'uk' },
    ).recipe
  test.each([
    [
      'Add half of the cream. Whip what is left of the cream.',
      'add double cream; whip rest of double cream',
    ],
    [
      'Add half of the cream. Whip what remains of the cream.',
      'add double cream; whip rest of double cream',
    ],
    [
      'Add half of the cream. Whip whatever is left of the cream.',
      'add double cream; whip rest of double cream',
    ],
    [
      'Grate in the zest of the orange and add its juice.',
      'grate zest of orange; add juice of orange',
    ],
    [
      'Grate in the zest of the orange and add half its juice.',
      'grate zest of orange; add juice of orange',
    ],
    [
      'Toast the crumbs, then scatter with the demerara.',
      'toast breadcrumbs; scatter demerara sugar',
    ],
  ])('%s', (step, is) => {
    expect(doings(pots(step))).toBe(is)
  })
})
