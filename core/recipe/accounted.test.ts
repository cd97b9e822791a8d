import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { checkPeople, readPage, readRecipe } from '#core'
import { accounted, placesOf } from './accounted'
import { linesOf } from './recipe'
import type { Recipe } from './recipe'
import { each } from '../../tests/each'
import { cleanRecipes } from '../../tests/corpus/tables/clean-recipes'
import { corpusRecipes } from '../../tests/corpus/tables/recipes'

const texts = [...cleanRecipes, ...corpusRecipes].map(recipe => recipe.text)
const allergens = ['milk', 'egg', 'gluten', 'almond', 'soy', 'coconut']
const verdicts = (recipe: Recipe) =>
  allergens.map(
    allergen =>
      checkPeople(recipe, [
        { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
      ]).people[0]!.verdict,
  )

/** What editors, messengers and pages do to a line of a recipe. */
const mutations: Readonly<Record<string, (line: string, i: number) => string>> = {
  'as it is': line => line,
  'capitals': line => line.toUpperCase(),
  'capitals of words': line => line.replace(/\p{L}+/gu, w => w[0]!.toUpperCase() + w.slice(1)),
  'small letters': line => line.toLowerCase(),
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

const brokenAt = (line: string, at: number): string => {
  const words = line.split(' ')
  return [words.slice(0, at), words.slice(at)]
    .map(part => part.join(' '))
    .filter(part => part)
    .join('\n')
}
const pairs = (lines: readonly string[], between: string): string[] =>
  lines.flatMap((line, i) =>
    i % 2
      ? []
      : [line && lines[i + 1] ? line + between + lines[i + 1] : `${line}\n${lines[i + 1] ?? ''}`],
  )
/** The first half of the lines beside the second. */
const sideBySide = (lines: readonly string[]): string[] => {
  const half = Math.ceil(lines.length / 2)
  return lines.slice(0, half).map((line, i) => `${line.padEnd(36)}    ${lines[half + i] ?? ''}`)
}

/** What is done to the lines under the title of a recipe as a whole. */
const layouts: Readonly<Record<string, (lines: readonly string[]) => readonly string[]>> = {
  'numbered and in capitals': lines =>
    lines.map((line, i) => (line ? `${i + 1}. ${line.toUpperCase()}` : line)),
  'numbered': lines => lines.map((line, i) => (line ? `${i + 1}. ${line}` : line)),
  'numbered in brackets': lines => lines.map((line, i) => (line ? `(${i + 1}) ${line}` : line)),
  'broken after a word': lines => lines.map(line => brokenAt(line, 1)),
  'broken after two words': lines => lines.map(line => brokenAt(line, 2)),
  'broken in the middle': lines =>
    lines.map(line => brokenAt(line, Math.ceil(line.split(' ').length / 2))),
  'broken before the last word': lines =>
    lines.map(line => brokenAt(line, line.split(' ').length - 1)),
  'two and two': lines => pairs(lines, '      '),
  'two and two with a tab': lines => pairs(lines, '\t'),
  'two columns': sideBySide,
}

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;')
const tagged = (lines: readonly string[], tag: string) =>
  lines.map(line => `<${tag}>${escaped(line)}</${tag}>`).join('')
/** How pages hold their lines. */
const pages: Readonly<Record<string, (lines: readonly string[]) => string>> = {
  paragraphs: lines => `<nav><a href="/">Home</a></nav><article>${tagged(lines, 'p')}</article>`,
  items: lines => `<ul>${tagged(lines, 'li')}</ul>`,
  breaks: lines => `<div>${lines.map(escaped).join('<br>')}</div>`,
  rows: lines => `<table>${lines.map(line => `<tr>${tagged([line], 'td')}</tr>`).join('')}</table>`,
  words: lines => lines.map(line => `<div>${tagged(line.split(' '), 'span')}</div>`).join(''),
}

/** Everything of a reading is in a place, and what was not clear is not clear. */
const plain = new Map(texts.map(text => [text, verdicts(readRecipe(text).recipe)]))
const holds = (name: string, text: string, reading: ReturnType<typeof readRecipe>) => {
  const sum = accounted(reading.text, reading.places)
  expect([name, sum.placed]).toEqual([name, sum.of])
  const [was, is] = [plain.get(text)!, verdicts(reading.recipe)]
  for (const [i, verdict] of each(was.entries()))
    if (verdict !== 'clear') expect([name, allergens[i], is[i]]).not.toContain('clear')
}

describe('every word of a text is accounted for', () => {
  test('whatever a page or an editor does to its lines, and no verdict becomes clear by it', () => {
    const names = Object.keys(mutations)
    for (const [at, text] of each(texts.entries())) {
      const lines = text.split('\n')
      const changed = (name: string, which: (i: number) => boolean) =>
        lines.map((line, i) => (i > 0 && which(i) ? mutations[name]!(line, i) : line)).join('\n')
      for (const name of names) holds(name, text, readRecipe(changed(name, () => true)))
      const one = 1 + (at % (lines.length - 1))
      const name = names[at % names.length]!
      holds(name, text, readRecipe(changed(name, i => i === one)))
    }
  })
  test('however its lines are laid out', () => {
    for (const text of each(texts))
      for (const [name, lay] of Object.entries(layouts)) {
        const [title, ...lines] = text.split('\n')
        holds(name, text, readRecipe([title, ...lay(lines)].join('\n')))
      }
  })
  test('however a page holds it', () => {
    for (const text of each(texts))
      for (const [name, laid] of Object.entries(pages)) {
        const [title, ...lines] = text.split('\n')
        const body = `<h1>${escaped(title!)}</h1>${laid(lines)}`
        holds(name, text, readPage(`<html><body>${body}</body></html>`))
      }
  })
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
