import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { linesOf } from '#core/recipe'
import { badLabels, scoreActions } from '../../tests/corpus/score-actions.mjs'
import { methodLists, writtenActions } from '../../tests/corpus/tables/method-lists'
import { readMethod } from './read'

const { open, aside } = scoreActions(methodLists, writtenActions, {
  readMethod,
  readRecipe,
  linesOf,
})
/** What at least must be right, in the open part and in what was set aside. [I] */
const least = {
  actions: [0.99, 0.95],
  operands: [0.98, 0.93],
  shares: [0.99, 0.95],
  settings: [0.99, 0.97],
  times: [0.99, 0.97],
  vessels: [0.99, 0.97],
} as const

describe('methods written out by hand as actions', () => {
  test.each(Object.entries(least))('%s', (what, [ofOpen, ofAside]) => {
    const share = (score: { right: number; of: number } | undefined) =>
      score ? score.right / score.of : 0
    const key = what as keyof typeof least
    expect(open.scores[key]?.of).toBeGreaterThan(50)
    expect([share(open.scores[key]) >= ofOpen, open.wrong]).toEqual([true, open.wrong])
    expect(share(aside.scores[key])).toBeGreaterThanOrEqual(ofAside)
  })
  test('every label names lines and steps that there are', () =>
    expect(badLabels(methodLists, writtenActions, { readRecipe, linesOf })).toEqual([]))
  test('no word of a step is lost, and none is in two actions', () => {
    const recipes = Object.values(methodLists).flatMap(list =>
      list.map(row => readRecipe(row.text)),
    )
    const covers = ({ recipe }: (typeof recipes)[number]) => {
      const { actions } = readMethod(recipe)
      return recipe.components.flatMap(({ name, steps }) =>
        steps.flatMap((text, at) => {
          const spans = actions
            .filter(a => a.step.component === name && a.step.at === at)
            .map(a => a.span)
          return [...text.matchAll(/\p{L}+/gu)].map(({ index, 0: word }) => ({
            word,
            text,
            in: spans.filter(([from, to]) => from <= index && index < to).length,
          }))
        }),
      )
    }
    expect(recipes.flatMap(covers).length).toBeGreaterThan(5000)
    expect(recipes.flatMap(covers).filter(word => word.in !== 1)).toEqual([])
  })
})
