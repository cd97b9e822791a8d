import { describe, expect, test } from '@jest/globals'
import { checkPeople, readPage, readRecipe } from '#core'
import { accounted } from './accounted'
import { each } from '../../tests/each'
import { cleanRecipes, type CleanRecipe } from '../../tests/corpus/tables/clean-recipes'
import {
  plantedGrounds,
  plantedRecipes,
  type Planted,
} from '../../tests/corpus/tables/hard-contradictions'
import {
  hardLayouts,
  layoutExpected,
  type HardLayout,
} from '../../tests/corpus/tables/hard-layouts'
import { hardLines, type HardLine } from '../../tests/corpus/tables/hard-lines'
import { neverClear } from '../../tests/corpus/tables/never-clear'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'
import { moreRecipes } from '../../tests/corpus/tables/recipes-more'
import {
  contradicting,
  linesRead,
  scoreAccounting,
  scoreClean,
  scoreHardLines,
  scoreLayouts,
  scoreNeverClear,
  scorePlanted,
  shares,
} from '../../tests/corpus/score-hard.mjs'

const says = (wrong: readonly unknown[]) => JSON.stringify(wrong, null, 1)

describe('what is hard to read, in the open two thirds of the corpora', () => {
  test('lines: at least 96 % right, at most 1 % wrong without a word', () => {
    const { open } = shares(hardLines, (row: HardLine) => row.text)
    const found = scoreHardLines(open, linesRead(readRecipe))
    expect(found.of).toBeGreaterThan(200)
    expect([found.right / found.of >= 0.96, says(found.wrong)]).toEqual([true, says(found.wrong)])
    expect(found.silent / found.of).toBeLessThanOrEqual(0.01)
  })
  test('layouts and pages: at least 96 % read as the same recipe', () => {
    const { open } = shares(hardLayouts, (row: HardLayout) => row.name)
    const found = scoreLayouts(open, { readRecipe, readPage, expected: layoutExpected })
    expect(found.of).toBeGreaterThan(30)
    expect([found.right / found.of >= 0.96, says(found.wrong)]).toEqual([true, says(found.wrong)])
  })
  test('facts of clean recipes: at least 96 %, with a false alarm in at most 1 of 20', () => {
    const { open } = shares(cleanRecipes, (row: CleanRecipe) => row.text)
    const found = scoreClean(open, readRecipe)
    expect([found.right / found.facts >= 0.96, says(found.wrong)]).toEqual([
      true,
      says(found.wrong),
    ])
    expect(found.alarms / found.of).toBeLessThanOrEqual(0.05)
  })
  test('planted contradictions: at least 90 % found, and none in the ground they were planted in', () => {
    const { open } = shares(plantedRecipes, (row: Planted) => row.name)
    const found = scorePlanted(open, readRecipe)
    expect(found.right / found.of).toBeGreaterThanOrEqual(0.9)
    for (const ground of each(plantedGrounds))
      expect(
        readRecipe(ground)
          .findings.filter(f => contradicting.has(f.code))
          .map(f => f.sentence),
      ).toEqual([])
  })
})

describe('in all of the corpora', () => {
  const verdictOf = (text: string, allergen: string) =>
    checkPeople(readRecipe(text).recipe, [
      { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'allergy' }], diets: [] },
    ]).people[0]!.verdict
  test('what must never read as clear never does', () => {
    const found = scoreNeverClear(neverClear, verdictOf)
    expect(found.of).toBeGreaterThan(150)
    expect(found.wrong).toEqual([])
  })
  test('the ground of it is clear, so that a verdict of the words is one', () =>
    expect(
      verdictOf(
        'Small cake\n\n200 g rice flour\n100 g sugar\n2 tsp bicarbonate of soda\n150 ml water\n\n' +
          'Method\nMix everything and bake at 180 °C for 20 minutes.',
        'milk',
      ),
    ).toBe('clear'))
  test('every letter and digit ends in one place', () => {
    const texts = [...corpusRecipes, ...moreRecipes, ...cleanRecipes, ...plantedRecipes].map(
      recipe => recipe.text,
    )
    const found = scoreAccounting(
      [...texts, ...hardLayouts.filter(l => !l.page).map(l => l.source)],
      { readRecipe, accounted },
    )
    expect(found.of).toBeGreaterThan(50_000)
    expect(found.placed).toBe(found.of)
  })
})
