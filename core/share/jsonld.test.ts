import { readFileSync, readdirSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readFile } from '#core/pan'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'
import { jsonLdOf } from './jsonld'

const demo = readdirSync(new URL('../../demo/recipes/', import.meta.url)).map(
  name =>
    [name, readFileSync(new URL(`../../demo/recipes/${name}`, import.meta.url), 'utf8')] as const,
)
const all = [...demo, ...corpusRecipes.map(c => [c.title, c.text] as const)]

test.each(all)(
  '%s comes back from JSON-LD with the same lines, parts, steps and weights',
  (_, text) => {
    const { recipe } = readRecipe(text)
    const file = readFile('x.jsonld', jsonLdOf(recipe))
    if (!file.ok) throw new Error(file.problem.sentence)
    const again = file.readings[0]!.recipe
    const shape = (r: typeof recipe) => ({
      title: r.title,
      region: r.region,
      parts: r.components
        .filter(c => c.lines.length)
        .map(c => [c.name, c.lines.map(l => [l.text, l.ingredient, l.grams?.best ?? null])]),
      steps: r.components.flatMap(c => c.steps),
    })
    expect(shape(again)).toEqual(shape(recipe))
  },
)

test('what is written is schema.org’s Recipe', () => {
  const data = JSON.parse(jsonLdOf(readRecipe(demo[0]![1]).recipe)) as Record<string, unknown>
  expect(data).toMatchObject({
    '@context': expect.arrayContaining(['https://schema.org']),
    '@type': 'Recipe',
    'recipeIngredient': expect.arrayContaining([expect.any(String)]),
  })
})
