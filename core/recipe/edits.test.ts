import { each, tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { editRecipe } from '#core/pan'
import { unknownsOf } from './correct'
import { previewOf } from './preview'
import { linesOf, type Reading, type RecipeEdit } from './recipe'

const anyCorrection = tally('corrections')

const text = `Lantern bars

For the base
200 g plain flour and 100 g caster sugar
120 g butter
2 eggs

For the glaze
100 g icing sugar
30 g fizzwhip

Heat the oven to 180 °C.
Mix the flour, caster sugar, butter and eggs. Bake for 25 minutes.
Beat the icing sugar with 20 ml milk and brush it on.`

const first = (): Reading => {
  const { recipe, findings } = readRecipe(text)
  return { recipe, findings, settled: [] }
}
const texts = (reading: Reading) => reading.recipe.components.map(c => c.lines.map(l => l.text))
const id = (reading: Reading, words: string) =>
  linesOf(reading.recipe).find(l => l.text.includes(words))!.id
function after(reading: Reading, ...edits: RecipeEdit[]): Reading {
  const result = editRecipe(reading, edits)
  if (!result.ok) throw new Error(result.problem.sentence)
  return { recipe: result.recipe, findings: result.findings, settled: result.settled }
}
const refusal = (reading: Reading, edit: RecipeEdit) => {
  const result = editRecipe(reading, edit)
  return result.ok ? '' : result.problem.sentence
}

describe('lines under the hands of an editor', () => {
  test('a line is parted where two things meet, and both parts keep their place in the text', () => {
    const joined = after(first(), { do: 'add', component: 'base', text: '50 g oats, 20 g honey' })
    const line = linesOf(joined.recipe).find(l => l.text === '50 g oats, 20 g honey')!
    const parted = after(joined, { do: 'split', lineId: line.id, at: 9 })
    expect(texts(parted)[0]!.slice(-2)).toEqual(['50 g oats', '20 g honey'])
    expect(
      linesOf(parted.recipe)
        .filter(l => ['oat-flakes', 'honey'].includes(l.ingredient ?? ''))
        .map(l => l.grams!.best),
    ).toEqual([50, 20])
    expect(new Set(linesOf(parted.recipe).map(l => l.id)).size).toBe(linesOf(parted.recipe).length)
    expect(refusal(joined, { do: 'split', lineId: line.id, at: 0 })).toMatch(/between two things/u)
  })
  test('two lines become one, but never over the edge of a part', () => {
    const now = after(first(), { do: 'add', component: 'glaze', text: 'finely sieved' })
    const joined = after(now, { do: 'join', lineId: id(now, 'finely sieved') })
    expect(texts(joined)[1]).toEqual(['100 g icing sugar', '30 g fizzwhip finely sieved'])
    expect(refusal(now, { do: 'join', lineId: id(now, 'icing sugar') })).toMatch(/no line above/u)
  })
  test('a line moves within its part and into another one, and counts there', () => {
    const now = first()
    const eggs = id(now, 'eggs')
    const up = after(now, { do: 'move', lineId: eggs, to: 'base', before: id(now, 'butter') })
    expect(texts(up)[0]!.slice(-2)).toEqual(['2 eggs', '120 g butter'])
    const over = after(up, { do: 'move', lineId: eggs, to: 'glaze', before: null })
    expect(texts(over)[1]!.at(-1)).toBe('2 eggs')
    expect(linesOf(over.recipe).find(l => l.id === eggs)!.component).toBe('glaze')
    expect(refusal(now, { do: 'move', lineId: eggs, to: 'nowhere', before: null })).toMatch(
      /not there any more/u,
    )
  })
  test('a retyped line keeps its id and place; taking out leaves no finding of it behind', () => {
    const now = first()
    const unknown = id(now, 'fizzwhip')
    const place = linesOf(now.recipe).find(l => l.id === unknown)!.from
    expect(text.slice(...place!)).toBe('30 g fizzwhip')
    const retyped = after(now, { do: 'retype', lineId: unknown, text: '30 g cocoa' })
    expect(linesOf(retyped.recipe).find(l => l.id === unknown)).toMatchObject({
      ingredient: 'cocoa',
      from: place,
    })
    expect(
      after(now, { do: 'remove', lineId: unknown }).findings.filter(f => f.lineId === unknown),
    ).toEqual([])
    expect(now.findings.some(f => f.lineId === unknown && f.code === 'unknown-ingredient')).toBe(
      true,
    )
  })
  test('everything doubled: numbers, fractions and counts, but no pan and no time', () => {
    const doubled = after(first(), { do: 'scale', by: 2 })
    expect(texts(doubled)[1]).toEqual(['200 g icing sugar', '60 g fizzwhip'])
    expect(texts(doubled)[0]!.at(-1)).toBe('4 eggs')
    expect(doubled.recipe.oven).toEqual(first().recipe.oven)
    expect(refusal(first(), { do: 'scale', by: 0 })).toMatch(/fifty times/u)
  })
  test('an unknown word is answered for every line that has it', () => {
    const now = after(first(), { do: 'add', component: 'base', text: '10 g fizzwhip' })
    expect(unknownsOf(now.recipe)).toMatchObject([
      { words: 'fizzwhip', lines: [{ text: '10 g fizzwhip' }, { text: '30 g fizzwhip' }] },
    ])
    const said = after(now, { do: 'say-words', words: 'Fizzwhip', ingredient: 'cornflour-none' })
    expect(
      linesOf(said.recipe)
        .filter(l => l.text.includes('fizzwhip'))
        .map(l => l.ingredient),
    ).toEqual([null, null])
    const known = after(now, { do: 'say-words', words: 'Fizzwhip', ingredient: 'cocoa' })
    expect(
      linesOf(known.recipe)
        .filter(l => l.text.includes('fizzwhip'))
        .map(l => l.ingredient),
    ).toEqual(['cocoa', 'cocoa'])
    expect(known.findings.some(f => f.code === 'unknown-ingredient')).toBe(false)
  })
})

describe('steps, parts and the whole', () => {
  test('steps are changed, added, moved and taken out; findings follow', () => {
    const now = first()
    const part = now.recipe.components.find(c => c.steps.length)!
    expect(now.findings.some(f => f.code === 'not-listed' && f.sentence.includes('milk'))).toBe(
      true,
    )
    const changed = after(now, {
      do: 'restep',
      component: part.name,
      at: 2,
      text: 'Brush with the icing sugar and fizzwhip.',
    })
    expect(changed.findings.some(f => f.code === 'not-listed')).toBe(false)
    const moved = after(
      changed,
      { do: 'add-step', component: part.name, after: 2, text: 'Cool.' },
      { do: 'move-step', component: part.name, at: 3, to: 0 },
    )
    expect(
      moved.recipe.components.find(c => c.name === part.name)!.steps.map(s => s.split(' ')[0]),
    ).toEqual(['Cool.', 'Heat', 'Mix', 'Brush'])
    const fewer = after(moved, { do: 'remove-step', component: part.name, at: 0 })
    expect(fewer.recipe.components.find(c => c.name === part.name)!.steps).toHaveLength(3)
    expect(refusal(now, { do: 'restep', component: part.name, at: 0, text: '  ' })).toMatch(
      /needs words/u,
    )
    expect(refusal(now, { do: 'remove-step', component: part.name, at: 99 })).toMatch(
      /not there any more/u,
    )
  })
  test('a step is cut, joined, and moved to another part; what cannot be is said', () => {
    const now = first()
    const part = now.recipe.components.find(c => c.steps.length > 1)!
    const { name: component, steps } = part
    const stepsOf = (of: typeof now, name = component) =>
      of.recipe.components.find(c => c.name === name)!.steps
    const place = steps[1]!.indexOf(' ', 8)
    const cut = after(now, { do: 'cut-step', component, at: 1, place })
    expect(stepsOf(cut)).toHaveLength(steps.length + 1)
    const words = (text: string) => text.toLowerCase().match(/\p{L}{4,}/gu)
    expect(words(`${stepsOf(cut)[1]} ${stepsOf(cut)[2]}`)).toEqual(words(steps[1]!))
    expect(stepsOf(cut)[1]).toMatch(/\.$/u)
    expect(stepsOf(cut)[2]).toMatch(/^\p{Lu}/u)
    const joined = after(cut, { do: 'join-step', component, at: 1 })
    expect(stepsOf(joined)).toHaveLength(steps.length)
    expect(stepsOf(joined)[1]).toContain('. ')
    const other = now.recipe.components.find(c => c.name !== component)!.name
    const moved = after(now, { do: 'step-to-part', component, at: 0, to: other })
    expect(stepsOf(moved)).toEqual(steps.slice(1))
    expect(stepsOf(moved, other).at(-1)).toBe(steps[0])
    const refused = (edit: Parameters<typeof refusal>[1]) => refusal(now, edit)
    expect(refused({ do: 'cut-step', component, at: 1, place: 0 })).toMatch(/between two/u)
    expect(refused({ do: 'join-step', component, at: steps.length - 1 })).toMatch(/no step behind/u)
    expect(refused({ do: 'step-to-part', component, at: 0, to: 'cellar' })).toMatch(/any more/u)
    expect(refused({ do: 'step-to-part', component, at: 99, to: other })).toMatch(/any more/u)
  })
  test('parts are named, and no two alike', () => {
    const named = after(
      first(),
      { do: 'add-part', name: 'Topping' },
      { do: 'rename-part', component: 'glaze', name: 'Shiny top' },
    )
    expect(named.recipe.components.map(c => c.name)).toEqual(['base', 'shiny top', 'topping'])
    expect(linesOf(named.recipe).find(l => l.text.includes('icing'))!.component).toBe('shiny top')
    expect(refusal(named, { do: 'add-part', name: 'topping' })).toMatch(/already/u)
    expect(refusal(named, { do: 'rename-part', component: 'base', name: 'topping' })).toMatch(
      /already/u,
    )
  })
  test('how cups were filled re-reads every cup that no word fills', () => {
    const read = readRecipe(
      `Cup bars
2 cups all-purpose flour
1 cup sifted icing sugar
1 cup milk
Mix and bake at 350°F for 20 minutes.`,
    )
    const [spooned, scooped, sifted] = ['spooned', 'scooped', 'sifted'].map(handling =>
      linesOf(
        after({ ...read, settled: [] }, { do: 'handling', handling: handling as 'sifted' }).recipe,
      ).map(l => Math.round(l.grams!.best)),
    )
    // [U]: 4, 4.25 and 5 oz a cup of flour.
    for (const [read, ounces] of [
      [sifted, 4],
      [spooned, 4.25],
      [scooped, 5],
    ] as const)
      expect(Math.abs(read![0]! / (2 * ounces * 28.3495) - 1)).toBeLessThan(0.01)
    expect(new Set([spooned![2], scooped![2], sifted![2]]).size).toBe(1)
  })
  test('“no problem” is remembered, and can be called back', () => {
    const now = first()
    const found = now.findings.find(f => f.code === 'not-listed')!
    const settled = after(now, { do: 'dismiss', key: found.key })
    expect(settled.findings.some(f => f.key === found.key)).toBe(false)
    const later = after(settled, { do: 'retype', lineId: id(settled, 'eggs'), text: '3 eggs' })
    expect(later.findings.some(f => f.key === found.key)).toBe(false)
    expect(
      after(later, { do: 'recall', key: found.key }).findings.some(f => f.key === found.key),
    ).toBe(true)
  })
  test('every correction of every finding does what its preview says, and most take the finding away', () => {
    const now = first()
    const all = each(now.findings).flatMap(({ key, corrections }) =>
      [...anyCorrection(corrections)].map(({ edits }) => ({ key, edits })),
    )
    for (const { key, edits } of each(all)) {
      const seen = previewOf(now, edits)
      if (!seen.ok) throw new Error(seen.sentence)
      const next = after(now, ...edits)
      const words = [
        next.recipe.title,
        ...linesOf(next.recipe).map(l => l.text),
        ...next.recipe.components.flatMap(c => c.steps),
      ].join('\n')
      for (const change of each(seen.changes))
        if (change.after !== null) expect(words).toContain(change.after.replace(/ \([^)]*\)$/u, ''))
      expect(next.findings.map(f => f.key)).not.toContain(key)
    }
  })
})
