import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { accounted, checkPeople, linesOf, placesOf, readRecipe } from '#core'
import { each } from '../../tests/each'
import { cleanRecipes } from '../../tests/corpus/tables/clean-recipes'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'

const texts = [...cleanRecipes, ...corpusRecipes].map(recipe => recipe.text)
const allergens = ['milk', 'egg', 'gluten', 'almond', 'soy', 'coconut']
const verdicts = (text: string) => {
  const { recipe } = readRecipe(text)
  return allergens.map(
    allergen =>
      checkPeople(recipe, [
        { id: 'p', name: 'P', avoids: [{ allergen, level: 'ingredient' }], diets: [] },
      ]).people[0]!.verdict,
  )
}

/** What editors, messengers and pages do to a line of a recipe. */
const mutations: Readonly<Record<string, (line: string, i: number) => string>> = {
  'as it is': line => line,
  'capitals': line => line.toUpperCase(),
  'bold': line => (line ? `**${line}**` : line),
  'a colon behind it': line => (line && !/[.:!]$/u.test(line) ? `${line}:` : line),
  'a bullet': line => (line ? `• ${line}` : line),
  'a dash': line => (line ? `- ${line}` : line),
  'a tick box': line => (line ? `☐ ${line}` : line),
  'a picture': line => (line ? `🧁 ${line}` : line),
  'no-break blanks': line => line.replaceAll(' ', '\u00a0'),
  'indented': line => (line ? `      ${line}` : line),
  'quoted': line => `> ${line}`,
  'two blanks': line => line.replaceAll(' ', '  '),
  'zero-width marks': line => line.replaceAll(' ', '\u200b '),
}

describe('every word of a text is accounted for', () => {
  test('whatever a page or an editor does to its lines, and no verdict becomes clear by it', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...texts),
        fc.constantFrom(...Object.keys(mutations)),
        fc.nat(40),
        fc.boolean(),
        (text, name, at, all) => {
          const change = mutations[name]!
          const changed = text
            .split('\n')
            .map((line, i) => (i > 0 && (all || i === at) ? change(line, i) : line))
            .join('\n')
          const reading = readRecipe(changed)
          const sum = accounted(reading.text, reading.places)
          expect([name, sum.placed]).toEqual([name, sum.of])
          const [was, is] = [verdicts(text), verdicts(changed)]
          for (const [i, verdict] of each(was.entries()))
            if (verdict !== 'clear') expect([name, allergens[i], is[i]]).not.toContain('clear')
        },
      ),
      { numRuns: 250 },
    ))
  test('any text at all', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 400 }), text => {
        const reading = readRecipe(text)
        if (reading.text !== text) return
        const sum = accounted(reading.text, reading.places)
        expect(sum.placed).toBe(sum.of)
      }),
      { numRuns: 300 },
    ))
  test('what no part covers is left over, or the number of a step', () => {
    const text = 'Cake\n1.\nflumgum 200 g'
    expect(placesOf(text, [{ is: 'title', text: 'Cake', from: [0, 4] }])).toEqual([
      { is: 'title', from: [0, 4] },
      { is: 'left over', from: [5, text.length] },
    ])
    expect(accounted(text, [{ is: 'title', from: [0, 4] }])).toEqual({
      of: 16,
      placed: 4,
      understood: 4,
    })
  })
  test('a measured thing is never a heading, nor is the name of a thing alone', () => {
    for (const line of each([
      '2 EGGS',
      '**2 eggs**',
      '2 EGGS:',
      'EGGS',
      'Eggs:',
      '# Tahini',
      'Puff pastry',
    ]))
      expect([
        line,
        linesOf(
          readRecipe(`Cake\n\n200 g rice flour\n${line}\n100 g sugar\n\nBake for 20 minutes.`)
            .recipe,
        ).length,
      ]).toEqual([line, 3])
  })
})
