import { tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readPage, readRecipe } from '#core'
import { editRecipe, readFile } from '#core/pan'
import { readLine } from './line/line'
import { linesOf } from './recipe'
import { corpusLines } from '../../tests/corpus/tables/lines'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'

const anyLine = tally('lines')
const anyFinding = tally('findings')

const lines = corpusLines.map(l => l.text)
const recipes = corpusRecipes.map(r => r.text)
const debris = fc.constantFrom(
  '½',
  '1/0',
  '9999999999999999999',
  '(',
  ')))',
  '\u202e',
  '\u0000',
  '🍰',
  '°',
  '- ',
  '\n',
  '\r\n',
  '\t',
  ',',
  '--',
  '<b>',
  '</p>',
  '&nbsp;',
  '&#0;',
  '{',
  '"@type":"Recipe"',
  ']]>',
  '<!--',
  'x400g',
  ' or ',
  ' plus ',
  'e\u0301',
  '1\u20444',
  '％',
  'NaN',
  '-5 g',
  '1e309 g flour',
)

/** A text with pieces taken out, doubled, mixed with another or with debris. */
const mutated = (of: readonly string[]) =>
  fc
    .tuple(
      fc.constantFrom(...of),
      fc.constantFrom(...of),
      fc.array(
        fc.tuple(
          fc.nat(5000),
          fc.nat(40),
          fc.oneof(debris, fc.string({ maxLength: 6 }), fc.constant('')),
        ),
        { maxLength: 8 },
      ),
    )
    .map(([text, other, cuts]) =>
      cuts.reduce((now, [at, long, put], i) => {
        const from = at % (now.length + 1)
        return (
          now.slice(0, from) +
          (i % 3 === 2 ? other.slice(0, long * 3) : put) +
          now.slice(from + long)
        )
      }, text),
    )
const anything = fc.oneof(
  fc.string({ maxLength: 200 }),
  fc.string({ unit: 'binary', maxLength: 120 }),
  fc.array(debris, { maxLength: 30 }).map(all => all.join('')),
)

const sound = (read: ReturnType<typeof readRecipe>) => {
  for (const line of anyLine(linesOf(read.recipe))) {
    if (line.grams)
      expect(
        line.grams.low <= line.grams.best &&
          line.grams.best <= line.grams.high &&
          line.grams.low >= 0 &&
          Number.isFinite(line.grams.high),
      ).toBe(true)
    if (line.amount)
      expect(line.amount.low <= line.amount.high && Number.isFinite(line.amount.high)).toBe(true)
    if (line.from)
      expect(
        line.from[0] >= 0 && line.from[1] <= read.text.length && line.from[0] < line.from[1],
      ).toBe(true)
  }
  for (const found of anyFinding(read.findings)) expect(found.sentence.length).toBeGreaterThan(5)
}

describe('ten thousand random and mutated texts: no exception, nothing negative, nothing endless', () => {
  test('4,000 lines', () =>
    fc.assert(
      fc.property(fc.oneof(mutated(lines), anything), text => {
        const read = readLine(text)
        if (read.ok && read.line.grams)
          expect(read.line.grams.low >= 0 && Number.isFinite(read.line.grams.high)).toBe(true)
      }),
      { numRuns: 4000 },
    ))
  test(
    '3,500 recipes',
    () =>
      fc.assert(
        fc.property(fc.oneof(mutated(recipes), anything), text => {
          sound(readRecipe(text))
        }),
        { numRuns: 3500 },
      ),
    240_000,
  )
  test(
    '1,500 pages',
    () =>
      fc.assert(
        fc.property(
          fc.oneof(
            mutated(
              recipes.map((text, i) =>
                i % 2
                  ? `<html><body>${text
                      .split('\n')
                      .map(l => `<p itemprop="recipeIngredient">${l}</p>`)
                      .join('')}`
                  : '<script ' +
                    'type="application/ld+json">' +
                    JSON.stringify({
                      '@type': 'Recipe',
                      'name': 'x',
                      'recipeIngredient': text.split('\n'),
                    }) +
                    '</script>',
              ),
            ),
            anything,
          ),
          text => {
            sound(readPage(text))
          },
        ),
        { numRuns: 1500 },
      ),
    240_000,
  )
  test('500 files, 500 edited readings', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('a.json', 'a.html', 'a.md', 'a.txt', 'a'),
        fc.oneof(mutated(recipes), anything),
        (name, text) => {
          const read = readFile(name, text)
          if (!read.ok) expect(read.problem.sentence.length).toBeGreaterThan(5)
        },
      ),
      { numRuns: 500 },
    )
    fc.assert(
      fc.property(
        fc.constantFrom(...recipes),
        fc.nat(),
        fc.oneof(mutated(lines), anything),
        fc.nat(60),
        (source, n, text, at) => {
          const read = readRecipe(source)
          const line = linesOf(read.recipe)[n % linesOf(read.recipe).length]!
          for (const edit of [
            { do: 'retype', lineId: line.id, text },
            { do: 'split', lineId: line.id, at },
            { do: 'join', lineId: line.id },
            { do: 'scale', by: at / 7 },
          ] as const) {
            const result = editRecipe({ ...read, settled: [] }, edit)
            if (result.ok) expect(linesOf(result.recipe).length).toBeGreaterThan(0)
            else expect(result.problem.sentence).toMatch(/\.$/u)
          }
        },
      ),
      { numRuns: 500 },
    )
  }, 240_000)
})
