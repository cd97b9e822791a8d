import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { adapt, beginMaking, readRecipe, type Person } from '#core'
import { editRecipe } from '#core/recipe'
import { runs } from '../../tests/arbitraries'
import { each } from '../../tests/each'
import { bakeOf, bakeWith, readingOf, type Bake } from './bake'
import { mergeBake } from './merge'
import { eitherOf, listOfBoth, logOfBoth, wordsOfBoth } from './three-way'

const reading = readRecipe(`Plum cushion

For the base
200 g plain flour
100 g butter
80 g sugar

For the top
6 plums
2 tbsp sugar

Rub the butter into the flour. Stir in the sugar.
Press into a tin. Top with the plums. Bake at 180 °C for 40 minutes.`)
const base: Bake = bakeOf('b', reading, ['ada', 'bo'], '2026-01-01T00:00:00.000Z')
const ids = base.recipe.components.flatMap(c => c.lines.map(line => line.id))
const later = (bake: Bake, second: number): Bake => ({
  ...bake,
  updated: `2026-01-01T00:00:${String(second).padStart(2, '0')}.000Z`,
})
const retyped = (bake: Bake, lineId: string, text: string): Bake => {
  const found = editRecipe(readingOf(bake), { do: 'retype', lineId, text })
  if (!found.ok) throw new Error(found.problem.sentence)
  return bakeWith(bake, found)
}
const edited = (bake: Bake, edit: Parameters<typeof editRecipe>[1]): Bake => {
  const found = editRecipe(readingOf(bake), edit)
  if (!found.ok) throw new Error(found.problem.sentence)
  return bakeWith(bake, found)
}
const textsOf = (bake: Bake) => bake.recipe.components.flatMap(c => c.lines.map(l => l.text))

describe('one thing of two sides', () => {
  test.each([
    ['nobody', 1, 1, 1, 1, false],
    ['I', 1, 2, 1, 2, false],
    ['they', 1, 1, 3, 3, false],
    ['both, alike', 1, 2, 2, 2, false],
    ['both, otherwise', 1, 2, 3, 2, true],
  ])('%s changed it', (_, b, mine, theirs, value, isClash) =>
    expect(eitherOf({ base: b, mine, theirs })).toEqual({ value, isClash }),
  )
  test('words: what either put in is in, what either took out is out', () =>
    expect(
      wordsOfBoth({ base: ['a', 'b', 'c'], mine: ['c', 'b', 'm'], theirs: ['a', 'b', 't', 'm'] }),
    ).toEqual(['b', 'm', 't']))
  test('lists by key: each thing by itself, new ones in their place, and what clashes', () => {
    const one = (key: string, n = 0) => ({ key, n })
    expect(
      listOfBoth(
        {
          base: [one('a'), one('b'), one('c'), one('d')],
          mine: [one('a', 1), one('b'), one('c', 1)],
          theirs: [one('x'), one('a', 2), one('y'), one('b', 2), one('d', 2)],
        },
        thing => thing.key,
      ),
    ).toEqual({
      list: [one('x'), one('a', 1), one('y'), one('b', 2), one('c', 1)],
      clashes: ['a', 'd', 'c'],
    })
  })
  test('logs: everything that either told, without what either took back', () => {
    const at = (n: number) => n
    expect(logOfBoth({ base: [1, 2], mine: [1, 2, 5], theirs: [1, 2, 3, 6] }, at)).toEqual([
      1, 2, 3, 5, 6,
    ])
    expect(logOfBoth({ base: [1, 2], mine: [1], theirs: [1, 2, 3] }, at)).toEqual([1, 3])
    expect(logOfBoth({ base: [1, 2], mine: [1, 2, 3], theirs: [1] }, at)).toEqual([1, 3])
    expect(logOfBoth({ base: [1], mine: [1], theirs: [1, 2] }, at)).toEqual([1, 2])
    expect(logOfBoth({ base: [1], mine: [1, 2], theirs: [1] }, at)).toEqual([1, 2])
  })
})

/** What somebody does to a bake, and what must be there of it afterwards, whoever else did what. */
interface Deed {
  readonly name: string
  readonly do: (bake: Bake) => Bake
  readonly isThere: (bake: Bake) => unknown
}
const deeds: readonly Deed[] = [
  ...ids.map((id, i) => ({
    name: `line ${i}`,
    do: (bake: Bake) => retyped(bake, id, `${300 + i} g flour`),
    isThere: (bake: Bake) => textsOf(bake).includes(`${300 + i} g flour`),
  })),
  {
    name: 'a line more',
    do: b => edited(b, { do: 'add', component: 'base', text: '1 tsp salt' }),
    isThere: b => textsOf(b).includes('1 tsp salt'),
  },
  {
    name: 'somebody more',
    do: b => ({ ...b, people: [...b.people, 'cy'] }),
    isThere: b => b.people.includes('cy'),
  },
  {
    name: 'somebody less',
    do: b => ({ ...b, people: b.people.filter(p => p !== 'ada') }),
    isThere: b => !b.people.includes('ada'),
  },
  { name: 'a tag', do: b => ({ ...b, tags: ['plum'] }), isThere: b => b.tags.includes('plum') },
  { name: 'archived', do: b => ({ ...b, archived: true }), isThere: b => b.archived },
  {
    name: 'a size',
    do: b => ({ ...b, size: { target: { by: 'times', times: 2 }, tins: [] } }),
    isThere: b => b.size?.target.by === 'times',
  },
  {
    name: 'a day',
    do: b => ({ ...b, day: { serveAt: null, with: ['x'], wishes: {} } }),
    isThere: b => b.day?.with[0] === 'x',
  },
  {
    name: 'a making',
    do: b => ({ ...b, making: beginMaking('m', [], null, 5) }),
    isThere: b => b.making?.id === 'm',
  },
  {
    name: 'a packet',
    do: b => ({ ...b, ties: [{ ingredient: 'butter', lineId: null, packets: ['k'] }] }),
    isThere: b => b.ties.some(tie => tie.packets.includes('k')),
  },
  {
    name: 'ticked',
    do: b => ({ ...b, ticked: ['wash'] }),
    isThere: b => b.ticked.includes('wash'),
  },
]

describe('a bake of two tabs', () => {
  test('what one side alone did is as that side has it', () => {
    for (const { do: deed } of each(deeds)) {
      const mine = later(deed(base), 1)
      expect(mergeBake(base, mine, base)).toMatchObject({ bake: mine, clashes: [] })
      expect(mergeBake(base, base, mine)).toMatchObject({ bake: mine, clashes: [] })
    }
  })
  test('whatever different things two do, nothing of either is lost and nothing clashes', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...deeds.keys()], { minLength: 2 }),
        fc.nat(20),
        (order, split) => {
          const cut = 1 + (split % (order.length - 1))
          const [a, b] = [order.slice(0, cut), order.slice(cut)]
          const after = (which: readonly number[]) =>
            which.reduce((bake, i) => deeds[i]!.do(bake), base)
          const { bake, clashes } = mergeBake(base, later(after(a), 1), later(after(b), 2))
          expect(clashes).toEqual([])
          for (const i of each(order))
            expect([deeds[i]!.name, deeds[i]!.isThere(bake)]).toEqual([deeds[i]!.name, true])
          expect(bake.updated).toBe(later(base, 2).updated)
        },
      ),
      { numRuns: runs(200) },
    )
  })
  test.each([
    [
      'a line',
      retyped(base, ids[0]!, '210 g flour'),
      retyped(base, ids[0]!, '220 g flour'),
      'the line “210 g flour”',
    ],
    [
      'a line that is gone',
      edited(base, { do: 'remove', lineId: ids[1]! }),
      retyped(base, ids[1]!, '120 g butter'),
      'the line “120 g butter”',
    ],
    [
      'the size',
      { ...base, size: { target: { by: 'times', times: 2 }, tins: [] } } as Bake,
      { ...base, size: { target: { by: 'times', times: 3 }, tins: [] } } as Bake,
      'the size',
    ],
    [
      'the title',
      edited(base, { do: 'title', title: 'Mine' }),
      edited(base, { do: 'title', title: 'Theirs' }),
      'the title',
    ],
  ])('both changed %s: it is as mine, and said', (_, mine, theirs, says) => {
    const merged = mergeBake(base, mine, theirs)
    expect(merged.clashes).toEqual([says])
    expect(textsOf(merged.bake)).toEqual(textsOf(mine))
    expect([merged.bake.size, merged.bake.title]).toEqual([mine.size, mine.title])
  })
  test('a chosen plan stays with its recipe and people, and goes where either is another’s', () => {
    const ada: Person = {
      id: 'ada',
      name: 'Ada',
      diets: [],
      avoids: [{ allergen: 'milk', strictness: 'allergy' }],
    }
    const plan = adapt(base.recipe, [ada]).plans[0]!
    const mine = { ...base, plan }
    expect(mergeBake(base, mine, { ...base, tags: ['plum'] }).bake.plan).toEqual(plan)
    expect(mergeBake(base, { ...base, tags: ['plum'] }, mine).bake.plan).toEqual(plan)
    expect(mergeBake(base, mine, { ...base, people: ['bo'] }).bake.plan).toBeNull()
    expect(mergeBake(base, mine, retyped(base, ids[0]!, '210 g flour')).bake.plan).toBeNull()
    const both = mergeBake(base, mine, { ...base, plan: { ...plan, title: 'Another' } })
    expect([both.bake.plan?.title, both.clashes]).toEqual([plan.title, ['the chosen plan']])
  })
  test('lines of both sides are read anew; one side’s findings stay as they were', () => {
    const mine = retyped(base, ids[0]!, '210 g zorblax')
    const theirs = retyped(base, ids[2]!, '90 g sugar')
    expect(mergeBake(base, mine, theirs).isReadAnew).toBe(true)
    expect(mergeBake(base, mine, base)).toMatchObject({
      isReadAnew: false,
      bake: { findings: mine.findings },
    })
    expect(mergeBake(base, base, mine)).toMatchObject({
      isReadAnew: false,
      bake: { findings: mine.findings },
    })
  })
  test('at one counter from two places: everything that was told, in its order', () => {
    const begun = { ...base, making: beginMaking('m', [], null, 0) }
    const told = (bake: Bake, at: number): Bake => ({
      ...bake,
      making: { ...bake.making!, log: [...bake.making!.log, { at, do: 'done', card: `c${at}` }] },
    })
    const merged = mergeBake(begun, told(told(begun, 1), 4), told(told(begun, 2), 3))
    expect(merged.bake.making!.log.map(event => event.at)).toEqual([1, 2, 3, 4])
    const another = { ...base, making: beginMaking('n', [], null, 9) }
    expect(mergeBake(begun, another, told(begun, 1)).clashes).toEqual(['where its making stands'])
  })
})
