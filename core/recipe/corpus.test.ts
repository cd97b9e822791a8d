import { each } from '../../tests/each'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readLine } from './line/line'
import { corpusLines } from '../../tests/corpus/tables/lines'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'
import { moreRecipes } from '../../tests/corpus/tables/recipes-more'
import { scoreLines, scoreRecipes } from '../../tests/corpus/score.mjs'

describe('the corpus of our own', () => {
  test('the demo household’s desserts raise no question when they are read as the app reads them', () => {
    const folder = new URL('../../demo/recipes/', import.meta.url)
    for (const name of each(readdirSync(folder)))
      expect([
        name,
        readRecipe(readFileSync(new URL(name, folder), 'utf8')).findings.filter(
          f => f.severity !== 'note',
        ),
      ]).toEqual([name, []])
  })
  test('at least 98 % of the lines have quantity, unit, ingredient and grams all right', () => {
    const found = scoreLines(corpusLines, readLine)
    if (found.wrong.length) process.stdout.write(`${JSON.stringify(found.wrong, null, 1)}\n`)
    expect(found.of).toBeGreaterThanOrEqual(150)
    expect(found.right / found.of).toBeGreaterThanOrEqual(0.98)
  })
  test('recipes: title, region, lines, steps; findings with at least 95 % precision and recall', () => {
    const found = scoreRecipes([...corpusRecipes, ...moreRecipes], readRecipe)
    if (found.wrong.length) process.stdout.write(`${JSON.stringify(found.wrong, null, 1)}\n`)
    expect(found.of).toBeGreaterThanOrEqual(60)
    expect(found.expected).toBeGreaterThanOrEqual(45)
    expect(found.precision).toBeGreaterThanOrEqual(0.95)
    expect(found.recall).toBeGreaterThanOrEqual(0.95)
    expect(
      found.wrong.filter(w => w.says.some((s: string) => /lines|steps|title|region/u.test(s))),
    ).toEqual([])
  })
})
