import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { adapt, checkPeople, linesOf, readRecipe, type Person, type Plan, type Recipe } from '#core'
import { trialFile } from '#core/share'
import { restedIn, restFor } from '#core/swap'
import { armsFor, baseOf } from './arms'
import { atOven } from './at-oven'
import { changesOf, differencesOf } from './difference'
import { tooFine } from './fine'
import { beforeTest, judgeTasting, weightOf } from './judge'
import {
  knowledgeFrom,
  learnedDoses,
  learnedRests,
  priorTrials,
  sayDose,
  sayRest,
} from './knowledge'
import { learn, lessonsFrom, turned, type Lesson } from './learn'
import {
  answered,
  beginTrial,
  changesIn,
  layTasting,
  bakeLossOfArm,
  noRecord,
  openCodes,
  profileOf,
  scoredCup,
  withMade,
  type Tasting,
  type Trial,
} from './trial'
import { compareVersions, searchVersions, treeOf, versionsOf } from './versions'

const { readTrialsCsv, trialsCsv, trialsMarkdown, trialColumns } = await trialFile()
const everyone = JSON.parse(
  readFileSync(new URL('../../demo/people.json', import.meta.url), 'utf8'),
) as Person[]
const people = everyone.filter(p => ['Ottilie', 'Bram'].includes(p.name))
const { recipe } = readRecipe(
  readFileSync(new URL('../../demo/recipes/1-ginger-loaf.txt', import.meta.url), 'utf8'),
  {},
)
const plan = adapt(recipe, people).plans[0]!
const arms = armsFor(recipe, plan, people)
const arm = (id: string) => arms.find(a => a.id === id || a.id.startsWith(`${id}:`))!
const trial = beginTrial({
  id: 't1',
  begun: '2026-11-07',
  seed: 42,
  question: 'Which binder?',
  base: plan,
  tried: [arm('bind-more'), arm('binder'), arm('cooler')],
})

describe('arms', () => {
  test('each is one change of the base, and everyone at the table may eat it', () => {
    expect(arms.length).toBeGreaterThan(15)
    expect(new Set(arms.map(a => a.group)).size).toBeGreaterThan(6)
    for (const one of each(arms)) {
      for (const person of each(checkPeople(one.plan.recipe, people).people))
        expect(person.conflicts.filter(c => c.state === 'contains')).toEqual([])
      expect(one.changes.length).toBeGreaterThan(0)
    }
    expect(arms.filter(a => a.changes.length === 1).length / arms.length).toBeGreaterThan(0.9)
  })
  test('what is not changed weighs the same', () => {
    const dose = arm('bind-more')
    const [line, ...more] = dose.differences.filter(d => d.what === 'line')
    expect(more).toEqual([])
    expect(line!.to! > line!.from!).toBe(true)
    const other = arm('binder')
    const same = linesOf(other.plan.recipe).filter(l =>
      linesOf(plan.recipe).some(
        b => b.ingredient === l.ingredient && b.grams?.best === l.grams?.best,
      ),
    )
    expect(same.length).toBeGreaterThanOrEqual(9)
  })
  test('what rests is tried longer and shorter: one change, the same gel, no amount moved', () => {
    const [longer, shorter] = ['rest-longer:flax-gel', 'rest-shorter:flax-gel'].map(id =>
      arms.find(a => a.id === id)!,
    )
    expect([longer!.says, shorter!.says]).toEqual([
      'the flax gel rests 20 minutes, not 10 minutes',
      'the flax gel rests 5 minutes, not 10 minutes',
    ])
    for (const one of [longer!, shorter!])
      expect(one.changes).toEqual([
        expect.objectContaining({
          key: 'rest:flax gel',
          differences: [
            expect.objectContaining({ what: 'rest', from: 10, to: one === longer ? 20 : 5 }),
          ],
        }),
      ])
    // Another school whose gel rests otherwise is one change still, and so is one of the same base
    // with a longer rest.
    const rested = { ...plan, recipe: longer!.plan.recipe }
    const other = armsFor(recipe, rested, people).find(a => a.id.startsWith('binder:'))!
    expect(other.changes.map(c => c.key)).not.toContain('rest:the rest after baking')
    expect(other.changes).toHaveLength(1)
  })
  test(
    'what a kitchen scale cannot tell apart at the size of a test is said, with the size ' +
      'that it can',
    () => {
      const powder = arms.find(a => a.id === 'lift-more')!
      const line = powder.differences.find(d => d.what === 'line')!
      const flour = linesOf(plan.recipe).find(l => l.ingredient === 'plain-flour')!.grams!.best
      const by = (tests: number) => (Math.abs(line.to! - line.from!) * 45 * tests) / flour
      expect(by(1)).toBeLessThan(1)
      expect(tooFine(plan.recipe, powder.plan.recipe, 1)).toBe(
        `At this size that is ${Math.round(10 * by(1)) / 10} g of baking powder, and a ` +
          'kitchen scale shows whole grams: weigh it on a finer one.',
      )
      const flax = arm('bind-more')
      expect(tooFine(plan.recipe, flax.plan.recipe, 1)).toContain('or make each arm of 90 g flour.')
      expect(tooFine(plan.recipe, flax.plan.recipe, 2)).toBe('')
      // Where no amount differs no scale is asked; a large one is weighed anywhere.
      for (const id of ['cooler', 'rest-longer:flax-gel', 'water-more'])
        expect(tooFine(plan.recipe, arms.find(a => a.id === id)!.plan.recipe, 1)).toBe('')
    },
  )
  test(
    'whatever the dessert, another school is nearly always one change: all else goes back to ' +
      'what it was',
    () => {
      const texts = [
        `Sweet buns
500 g strong white flour
7 g fast-action dried yeast
75 g sugar
250 ml milk
2 eggs
80 g butter
Mix everything and knead for 10 minutes. Leave to rise for 1 hour.
Shape into 12 buns and leave to rise for 45 minutes. Bake at 190C for 15-18 minutes.`,
        `Pancakes
200 g plain flour
2 tsp baking powder
2 tbsp sugar
2 eggs
300 ml milk
30 g butter, melted
Whisk it all. Let the batter rest for 10 minutes. Fry in a hot pan for 2 minutes a side.`,
        `Brownies
200 g dark chocolate
175 g butter
325 g caster sugar
3 eggs
130 g plain flour
Melt the chocolate and butter. Stir in the sugar, eggs and flour. Pour into a 20 cm square tin \
and bake at 170C for 30 minutes. Leave for 1 hour before cutting.`,
      ]
      for (const text of each(texts)) {
        const dessert = readRecipe(text).recipe
        const found = armsFor(dessert, adapt(dessert, people).plans[0]!, people)
        const schools = found.filter(a => a.id.includes(':') && !a.id.startsWith('rest'))
        expect(schools.length).toBeGreaterThan(5)
        expect(schools.filter(a => a.changes.length > 1).length).toBeLessThanOrEqual(1)
        expect(
          schools.flatMap(a =>
            a.changes.flatMap(c => c.differences.filter(d => d.what === 'rest')),
          ),
        ).toEqual([])
      }
      // What rises twice is tried as one: both longer, both shorter; it is one change, and says both.
      const buns = readRecipe(texts[0]!).recipe
      const rising = armsFor(buns, null, []).filter(a => a.group === 'rest')
      expect(rising.map(a => a.says)).toEqual([
        'it rises for 2 hours, not 1 hour; and 90 minutes, not 45 minutes',
        'it rises for 30 minutes, not 1 hour; and 25 minutes, not 45 minutes',
      ])
      for (const a of each(rising)) expect(a.changes).toHaveLength(1)
      // And the brownies’ own rest before cutting is not said twice.
      expect(
        adapt(readRecipe(texts[2]!).recipe, people)
          .plans[0]!.recipe.components.flatMap(c => c.steps)
          .filter(s => /to set before you cut/u.test(s)),
      ).toEqual([])
    },
  )
  test('a recipe that everyone may eat is tried as it is written', () => {
    const written = armsFor(recipe, null, [])
    expect(written.map(a => a.id)).toEqual(
      expect.arrayContaining(['water-less', 'lift-more', 'sugar-less', 'stand', 'cooler']),
    )
    expect(written.some(a => a.id.startsWith('binder'))).toBe(false)
    expect(
      beginTrial({
        id: 'w',
        begun: '2026-11-07',
        seed: 1,
        question: '',
        base: baseOf(recipe, null, []),
        tried: written.slice(0, 1),
      }).family,
    ).toBe('quick-bread')
  })
  test('two changes at once are named', () => {
    const cool = atOven(arm('bind-more').plan.recipe, -20)!
    const mixed: Trial = { ...trial, arms: [trial.arms[0]!, { ...trial.arms[1]!, recipe: cool }] }
    expect(changesIn(mixed)[0]!.warning).toMatch(
      /2 things are changed at once in B: .*flax.*; and oven: 160 → 140 °C/u,
    )
    expect(
      changesIn({
        ...trial,
        arms: [trial.arms[0]!, { ...trial.arms[0]!, id: 'x', letter: 'B' }],
      })[0]!.warning,
    ).toMatch(/the same as A/u)
    for (const c of each(changesIn(trial))) expect(c.warning).toBe('')
  })
  test('differences are seen both ways, and none between a recipe and itself', () => {
    expect(differencesOf(plan.recipe, plan.recipe)).toEqual([])
    const there = differencesOf(plan.recipe, arm('binder').plan.recipe)
    const back = differencesOf(arm('binder').plan.recipe, plan.recipe)
    expect(back).toHaveLength(there.length)
    expect(changesOf(there, plan, arm('binder').plan)).toHaveLength(1)
    // Twice the batch is no difference.
    const twice = {
      ...plan.recipe,
      components: plan.recipe.components.map(c => ({
        ...c,
        lines: c.lines.map(l => ({
          ...l,
          grams: l.grams && {
            low: 2 * l.grams.low,
            best: 2 * l.grams.best,
            high: 2 * l.grams.high,
          },
        })),
      })),
    }
    expect(differencesOf(plan.recipe, twice, 2)).toEqual([])
  })
  test('an oven that is not stated or would be none is left alone', () => {
    expect(atOven({ ...recipe, oven: null }, -20)).toBeNull()
    expect(atOven(recipe, 120)).toBeNull()
    expect(atOven(recipe, -20)!.components[0]!.steps.join(' ')).toContain('140 °C')
    expect(atOven(recipe, -20)!.components[0]!.steps.join(' ')).not.toContain('160')
  })
})

const laid = (kind: Tasting['kind'], of: string[], tasters: string[]) => {
  const made = layTasting({ id: 'x', kind, question: 'Which?', of, tasters, seed: 5 })
  if (!made.ok) throw new Error(made.sentence)
  return { ...made.tasting, opened: true }
}
const A = 't1-a',
  B = 't1-b'
const oddOf = (t: Tasting, taster: string) => {
  const { cups } = t.servings.find(s => s.taster === taster)!
  return cups.findIndex(c => cups.filter(o => o.arm === c.arm).length === 1)
}

describe('judging', () => {
  const four = ['Ottilie', 'Bram', 'Ikenna', 'Wren']
  test('all four name the odd cup: they differ; one does: nothing either way', () => {
    const t = laid('triangle', [A, B], four)
    const all = four.reduce(
      (now, taster) => answered(now, { taster, choice: oddOf(t, taster), ranks: null }),
      t,
    )
    expect(judgeTasting(all, trial.arms)).toMatchObject({
      is: 'differ',
      pValue: expect.closeTo(1 / 81, 9),
    })
    const one = four.reduce(
      (now, taster, i) =>
        answered(now, {
          taster,
          choice: i ? (oddOf(t, taster) + 1) % 3 : oddOf(t, taster),
          ranks: null,
        }),
      t,
    )
    const open = judgeTasting(one, trial.arms)!
    expect(open.is).toBe('open')
    expect(open.because).toContain('4 would have been needed')
    expect(judgeTasting(t, trial.arms)).toBeNull()
  })
  test('“nobody could tell” only when the numbers say so', () => {
    const many = Array.from({ length: 40 }, (_, i) => `t${i}`)
    const t = laid('triangle', [A, B], many)
    // A third right, as by guessing: of 40 that leaves some 20 % at most.
    const guessed = many.reduce(
      (now, taster, i) =>
        answered(now, {
          taster,
          choice: i % 3 === 0 ? oddOf(t, taster) : (oddOf(t, taster) + 1) % 3,
          ranks: null,
        }),
      t,
    )
    const found = judgeTasting(guessed, trial.arms)!
    expect(found.is).toBe('alike')
    expect(found.count!.telling.most).toBeLessThan(0.3)
    for (let n = 1; n <= 8; n++) {
      const few = many
        .slice(0, n)
        .reduce<Tasting>(
          (now, taster) =>
            answered(now, { taster, choice: (oddOf(t, taster) + 1) % 3, ranks: null }),
          { ...t, servings: t.servings.slice(0, n) },
        )
      const said = judgeTasting(few, trial.arms)!
      expect(said.is).toBe('open')
    }
  })
  test('a preference of six to nothing counts, of five it does not', () => {
    const six = [...four, 'Philippa', 'a guest']
    const t = laid('preference', [A, B], six)
    const all = six.reduce(
      (now, taster) =>
        answered(now, {
          taster,
          choice: t.servings.find(s => s.taster === taster)!.cups.findIndex(c => c.arm === B),
          ranks: null,
        }),
      t,
    )
    expect(judgeTasting(all, trial.arms)).toMatchObject({ is: 'differ', first: B })
    expect(judgeTasting({ ...all, answers: all.answers.slice(0, 5) }, trial.arms)).toMatchObject({
      is: 'open',
      first: B,
    })
  })
  test('ranks follow the cups, not their places', () => {
    const t = laid('ranking', ['t1-a', 't1-b', 't1-c'], four)
    const order = ['t1-c', 't1-a', 't1-b']
    const all = four.reduce(
      (now, taster) =>
        answered(now, {
          taster,
          choice: null,
          ranks: t.servings.find(s => s.taster === taster)!.cups.map(c => 1 + order.indexOf(c.arm)),
        }),
      t,
    )
    expect(judgeTasting(all, trial.arms)).toMatchObject({
      is: 'differ',
      first: 't1-c',
      rank: { sums: [8, 12, 4] },
      apart: [['t1-c', 't1-b']],
    })
  })
  test('before it: what so few can and cannot show', () => {
    expect(beforeTest('triangle', 2).says).toMatch(/cannot show a difference/u)
    expect(beforeTest('triangle', 4).says).toMatch(/^All 4 must name the odd cup/u)
    expect(beforeTest('ranking', 1, 3).says).toMatch(/cannot prove/u)
    expect(beforeTest('preference', 4).says).toMatch(/cannot show/u)
  })
  test('a tasting needs tasters, each once, and the right arms', () => {
    expect(
      layTasting({
        id: 'x',
        kind: 'triangle',
        question: '',
        of: [A, B, 't1-c'],
        tasters: four,
        seed: 1,
      }),
    ).toMatchObject({ ok: false })
    expect(
      layTasting({ id: 'x', kind: 'pair', question: '', of: [A, B], tasters: [' '], seed: 1 }),
    ).toMatchObject({
      ok: false,
      sentence: expect.stringContaining('Who tastes'),
    })
    expect(
      layTasting({
        id: 'x',
        kind: 'pair',
        question: '',
        of: [A, B],
        tasters: ['Bram', 'Bram '],
        seed: 1,
      }),
    ).toMatchObject({
      ok: false,
      sentence: expect.stringContaining('Bram, again'),
    })
  })
  test(
    'what is found in a cup before the codes are opened is the arm’s afterwards, and takes ' +
      'the place of what was said with its letter in sight',
    () => {
      const made = layTasting({
        id: 'b1',
        kind: 'triangle',
        question: '',
        of: [A, B],
        tasters: ['Ottilie', 'Bram'],
        seed: 5,
      })
      if (!made.ok) throw new Error(made.sentence)
      const cups = made.tasting.servings[0]!.cups
      const twice = cups.map(c => c.arm).find((arm, i, all) => all.indexOf(arm) !== i)!
      const once = cups.find(c => c.arm !== twice)!
      const [one, two] = cups.filter(c => c.arm === twice)
      const say = (t: Tasting, code: string, value: number | null) =>
        scoredCup(t, { taster: 'Ottilie', code, word: 'moistness', value })
      let now = say(say(say(made.tasting, one!.code, 4), two!.code, 7), once.code, 2)
      now = say(say(now, once.code, 3), once.code, 1)
      const seen: Trial = {
        ...trial,
        tastings: [now],
        arms: trial.arms.map(a =>
          a.id === twice
            ? {
                ...a,
                record: {
                  ...noRecord,
                  scores: [
                    { taster: 'Ottilie', word: 'moistness', value: 9 },
                    { taster: 'Bram', word: 'moistness', value: 8 },
                  ],
                },
              }
            : a,
        ),
      }
      expect(seen.arms.find(a => a.id === once.arm)!.record.scores).toEqual([])
      const open = openCodes(seen, 'b1')
      expect(open.tastings[0]!.opened).toBe(true)
      expect(open.arms.find(a => a.id === twice)!.record.scores).toEqual([
        { taster: 'Bram', word: 'moistness', value: 8 },
        { taster: 'Ottilie', word: 'moistness', value: 5.5 },
      ])
      expect(open.arms.find(a => a.id === once.arm)!.record.scores).toEqual([
        { taster: 'Ottilie', word: 'moistness', value: 1 },
      ])
      expect(openCodes(open, 'b1')).toBe(open)
      expect(
        openCodes(
          {
            ...seen,
            tastings: [say(say(say(now, one!.code, null), two!.code, null), once.code, null)],
          },
          'b1',
        ).arms,
      ).toEqual(seen.arms)
    },
  )
  test('what a trial is worth: proof more than leaning, a rematch more than none', () => {
    const proof = [
      { is: 'differ', first: B },
      { is: 'open', first: B },
    ] as unknown as Parameters<typeof weightOf>[0]
    expect(weightOf(proof, B, false)).toBe(1)
    expect(weightOf(proof.slice(1), B, false)).toBeLessThan(weightOf(proof.slice(1), B, true))
    expect(weightOf([], B, false)).toBe(0.25)
  })
})

const dose = (id: string, factor: number, weight = 1): Lesson => ({
  id,
  on: '2026-11-07',
  trial: id,
  bake: 'b',
  title: 'loaf',
  family: 'quick-bread',
  weight,
  about: { what: 'dose', school: 'flax-gel', ingredient: 'flax', factor },
})

describe('what a house learns', () => {
  const won: Trial = { ...trial, crowned: B }
  test('from the winner: its dose, that its schools work; the ids make learning twice learning once', () => {
    const lessons = lessonsFrom(won, 'loaf', 'b', '2026-11-08', 0.4)
    const [was, is] = [plan.recipe, won.arms[1]!.recipe].map(
      r => linesOf(r).find(l => l.ingredient === 'flax')!.grams!.best,
    )
    expect(lessons).toEqual(
      expect.arrayContaining([
        expect.objectContaining({
          about: { what: 'dose', school: 'flax-gel', ingredient: 'flax', factor: is! / was! },
        }),
        expect.objectContaining({
          about: expect.objectContaining({ what: 'schools', result: 'worked' }),
        }),
      ]),
    )
    expect(learn(learn([], lessons), lessons)).toEqual(lessons)
    const tied = [
      { id: 'k1', name: 'Harbour Flax', ingredient: 'flax' },
      { id: 'k2', name: 'Fogbell Plain Flour', ingredient: 'plain-flour' },
    ]
    const packets = lessonsFrom(won, 'loaf', 'b', '2026-11-08', 1, tied)
    expect(packets.filter(l => l.about.what === 'packet').map(l => l.about)).toEqual([
      { what: 'packet', packet: 'k1', name: 'Harbour Flax', ingredient: 'flax' },
    ])
    expect(knowledgeFrom(packets).sayings.map(s => s.says)).toContain(
      'The winner of “loaf” was made with the packet “Harbour Flax”.',
    )
    expect(lessonsFrom({ ...trial, crowned: null }, 'loaf', 'b', '2026-11-08', 1)).toEqual([])
    const cool = lessonsFrom({ ...trial, crowned: 't1-d' }, 'loaf', 'b', '2026-11-08', 1)
    expect(cool).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ about: { what: 'method', row: 'cooler', better: true } }),
      ]),
    )
    expect(cool.some(l => l.about.what === 'dose')).toBe(false)
  })
  test('a dose that was moved before is reckoned from what is worked out, not from where it was', () => {
    // The winner of one trial is the base of the next, and wins against less still.
    const first = won.arms[1]!
    const next = beginTrial({
      id: 't9',
      begun: '2026-11-14',
      seed: 3,
      question: '',
      base: { ...plan, recipe: first.recipe, changes: first.changes },
      tried: [arm('cooler')],
    })
    const less: Trial = {
      ...next,
      crowned: 't9-a',
      arms: [
        next.arms[0]!,
        {
          ...next.arms[1]!,
          recipe: {
            ...first.recipe,
            components: first.recipe.components.map(c => ({
              ...c,
              lines: c.lines.map(l =>
                l.ingredient === 'flax' ? { ...l, grams: { low: 9, best: 9, high: 9 } } : l,
              ),
            })),
          },
        },
      ],
    }
    const [was, is] = [plan.recipe, first.recipe].map(
      r => linesOf(r).find(l => l.ingredient === 'flax')!.grams!.best,
    )
    const [found] = lessonsFrom(less, 'loaf', 'b', '2026-11-15', 1).filter(
      l => l.about.what === 'dose',
    )
    expect(found!.about.what === 'dose' && found!.about.factor).toBeCloseTo(is! / was!, 2)
  })
  test('an arm with two changes teaches nothing of either', () => {
    const mixed: Trial = {
      ...trial,
      arms: [trial.arms[0]!, { ...trial.arms[1]!, recipe: atOven(trial.arms[1]!.recipe, -20)! }],
      crowned: B,
    }
    expect(lessonsFrom(mixed, 'loaf', 'b', '2026-11-08', 1).map(l => l.about.what)).toEqual([
      'schools',
    ])
  })
  test('no trial moves a dose more than its weight says', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.4, max: 2.5, noNaN: true }),
            fc.double({ min: 0, max: 1, noNaN: true }),
          ),
          { maxLength: 8 },
        ),
        fc.double({ min: 0.4, max: 2.5, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (before, factor, weight) => {
          const lessons = before.map(([f, w], i) => dose(`d${i}`, f, w))
          const [was] = learnedDoses(lessons)
          const [is] = learnedDoses([...lessons, dose('new', factor, weight)])
          const moved = Math.abs(Math.log(is!.factor) - Math.log(was?.factor ?? 1))
          const share = weight / (before.reduce((sum, [, w]) => sum + w, 0) + weight + priorTrials)
          expect(moved).toBeLessThanOrEqual(
            share * Math.abs(Math.log(factor) - Math.log(2.5) * (factor < 1 ? 1 : -1)) + 1e-9,
          )
          // One alone moves it its share of the way, and no further.
          if (!before.length)
            expect(moved).toBeCloseTo(
              Math.min(share * Math.abs(Math.log(factor)), Math.max(Math.log(1.5), -Math.log(0.6))),
              9,
            )
        },
      ),
    )
  })
  test('taken back it is as before, exactly; given again it is again', () => {
    const lessons = [dose('a', 0.8), dose('b', 0.7)]
    const more = [...lessons, dose('c', 1.4)]
    expect(knowledgeFrom(turned(more, 'c', true))).toEqual(knowledgeFrom(lessons))
    expect(turned(turned(more, 'c', true), 'c', false)).toEqual(more)
    expect(knowledgeFrom([])).toEqual({ doses: [], rests: [], steps: [], sayings: [], tried: [] })
  })
  test('plans take the house’s dose and say so; nobody meets anything new', () => {
    const house = knowledgeFrom([dose('a', 0.5), dose('b', 0.5), dose('c', 0.5)])
    const [mine, usual] = [adapt(recipe, people, {}, house), adapt(recipe, people)].map(a =>
      a.plans.find(p => p.changes.some(c => c.school === 'flax-gel'))!,
    ) as [Plan, Plan]
    const flax = (p: Plan) => linesOf(p.recipe).find(l => l.ingredient === 'flax')!.grams!.best
    expect(flax(mine) / flax(usual)).toBeLessThan(0.75)
    expect(mine.changes.find(c => c.school === 'flax-gel')!.house).toBe(
      sayDose(learnedDoses([dose('a', 0.5), dose('b', 0.5), dose('c', 0.5)])[0]!),
    )
    for (const person of each(checkPeople(mine.recipe, people).people))
      expect(person.conflicts.filter(c => c.state === 'contains')).toEqual([])
    // A dose for another family says nothing here.
    expect(
      adapt(
        recipe,
        people,
        {},
        { doses: house.doses.map(d => ({ ...d, family: 'cookie' })) },
      ).plans.map(p => p.recipe),
    ).toEqual(adapt(recipe, people).plans.map(p => p.recipe))
  })
  test(
    'a way of working is said after a hint, written into the method once it is proven, and ' +
      'once only',
    () => {
      const way = (id: string, weight: number, row = 'sift', better = true): Lesson => ({
        id,
        on: '2026-11-07',
        trial: id,
        bake: 'b',
        title: 'loaf',
        family: 'quick-bread',
        weight,
        about: { what: 'method', row, better },
      })
      const bare: Recipe = {
        ...recipe,
        components: recipe.components.map(c => ({
          ...c,
          steps: c.steps.map(s => s.replace(/^Sift/u, 'Mix')),
        })),
      }
      const closest = (lessons: readonly Lesson[], of: Recipe = bare) =>
        adapt(of, people, {}, knowledgeFrom(lessons)).plans[0]!
      const twice = 'Sift the flour once more before it goes in.'
      const told = (p: Plan) =>
        p.recipe.components.flatMap(c => c.steps).filter(s => s === twice).length
      const says = 'In this house it came out better when the flour is sifted twice (one trial).'
      const [none, hint, proven] = [closest([]), closest([way('a', 0.25)]), closest([way('a', 1)])]
      expect([none, hint, proven].map(told)).toEqual([0, 0, 1])
      expect(hint.notes).toContain(says)
      expect(proven.notes).not.toContain(says)
      expect(proven.changes.at(-1)).toMatchObject({
        because: twice,
        house: says,
        adds: [],
        removes: [],
      })
      expect(linesOf(proven.recipe)).toEqual(linesOf(none.recipe))
      // Said already it is not said again; worse is never written; another family is left alone; an
      // oven is only spoken of.
      expect(told(closest([way('a', 1)], recipe))).toBe(0)
      expect(told(closest([way('a', 1, 'sift', false)]))).toBe(0)
      expect(told(closest([{ ...way('a', 1), family: 'cookie' }]))).toBe(0)
      expect(closest([way('a', 1, 'hotter')]).notes).toContain(
        'In this house it came out better when baked in an oven 20 °C hotter (one trial).',
      )
      expect(closest(turned([way('a', 1)], 'a', true)).recipe).toEqual(none.recipe)
    },
  )
  describe('of rest', () => {
    const rested = (id: string, factor: number, of = 'flax-gel', weight = 1): Lesson => ({
      id,
      on: '2026-11-07',
      trial: id,
      bake: 'b',
      title: 'loaf',
      family: 'quick-bread',
      weight,
      about: { what: 'rest', of, factor },
    })
    const restOf = (p: Plan) =>
      Number(
        /Rest it for (\d+) minutes/u.exec(p.recipe.components.flatMap(c => c.steps).join(' '))![1],
      )
    const byFlax = (lessons: readonly Lesson[]) =>
      adapt(recipe, people, {}, knowledgeFrom(lessons)).plans.find(p =>
        p.changes.some(c => c.school === 'flax-gel'),
      )!
    test('the winner’s rest is learned as so many times what is written, and so is one that held', () => {
      const tried = beginTrial({
        id: 'r',
        begun: '2026-11-07',
        seed: 1,
        question: '',
        base: plan,
        tried: [arms.find(a => a.id === 'rest-longer:flax-gel')!],
      })
      expect(
        lessonsFrom({ ...tried, crowned: 'r-b' }, 'loaf', 'b', '2026-11-08', 1).map(l => l.about),
      ).toContainEqual({ what: 'rest', of: 'flax-gel', factor: 2 })
      expect(
        lessonsFrom({ ...tried, crowned: 'r-a' }, 'loaf', 'b', '2026-11-08', 1).map(l => l.about),
      ).toContainEqual({ what: 'rest', of: 'flax-gel', factor: 1 })
    })
    test(
      'it is in the next plan: the minutes, the change with its reason, the list of what is ' +
        'made first; taken back it is gone',
      () => {
        const lessons = [rested('a', 2), rested('b', 2)]
        const [mine, usual] = [byFlax(lessons), byFlax([])]
        expect([restOf(usual), restOf(mine)]).toEqual([10, 14])
        expect(mine.changes.find(c => c.rest)).toMatchObject({
          rest: { of: 'flax-gel', from: 10, to: 14 },
          because: 'The flax gel rests 14 minutes instead of 10 minutes.',
          house: sayRest(learnedRests(lessons)[0]!),
        })
        expect(sayRest(learnedRests(lessons)[0]!)).toBe(
          'The rest of the flax gel takes 41 % longer in this house than is written (two ' +
            'trials here, which count half against what is written).',
        )
        expect(
          mine.changes.flatMap(c =>
            c.school === 'flax-gel' ? c.adds.map(a => a.restMinutes) : [],
          ),
        ).toEqual([14, 14])
        expect(linesOf(mine.recipe).map(l => l.grams?.best)).toEqual(
          linesOf(usual.recipe).map(l => l.grams?.best),
        )
        expect(byFlax(turned(turned(lessons, 'a', true), 'b', true)).recipe).toEqual(usual.recipe)
        expect(byFlax(lessons.map(l => ({ ...l, family: 'cookie' }))).recipe).toEqual(usual.recipe)
      },
    )
    test('what comes after is reckoned from what is written, not from where the house had moved it', () => {
      const mine = byFlax([rested('a', 2), rested('b', 2)])
      const next = beginTrial({
        id: 'r2',
        begun: '2026-11-14',
        seed: 1,
        question: '',
        base: mine,
        tried: [armsFor(recipe, mine, people).find(a => a.id === 'rest-longer:flax-gel')!],
      })
      expect(
        lessonsFrom({ ...next, crowned: 'r2-b' }, 'loaf', 'b', '2026-11-15', 1).find(
          l => l.about.what === 'rest',
        )!.about,
      ).toEqual({ what: 'rest', of: 'flax-gel', factor: 2.5 })
      expect(
        lessonsFrom({ ...next, crowned: 'r2-a' }, 'loaf', 'b', '2026-11-15', 1).find(
          l => l.about.what === 'rest',
        )!.about,
      ).toEqual({ what: 'rest', of: 'flax-gel', factor: 1.4 })
    })
    test('nor by hand: a custard that soaks stands two hours at most', () => {
      const pudding = readRecipe(
        `Bread pudding
300 g bread
4 eggs
500 ml milk
80 g sugar
Whisk eggs, milk and sugar. Pour over the bread and soak for 30 minutes. Bake at 170C for 40 \
minutes.`,
      ).recipe
      const soaked = (minutes: number) =>
        restedIn(restFor(pudding, [], 'soak', () => minutes) ?? pudding, []).find(
          r => r.key === 'soak',
        )?.resting.low
      expect([soaked(45), soaked(120), soaked(600)]).toEqual([45, 120, 120])
      expect(
        armsFor(pudding, null, [])
          .filter(a => a.id.endsWith(':soak'))
          .map(a => a.says),
      ).toEqual(['it soaks 1 hour, not 30 minutes', 'it soaks 15 minutes, not 30 minutes'])
    })
    test('nothing stands longer than is safe, and one trial moves it no further than its share', () => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.01, max: 100, noNaN: true }),
          fc.double({ min: 0, max: 1, noNaN: true }),
          (factor, weight) => {
            const [found] = learnedRests([rested('a', factor, 'rest-baked', weight)])
            expect(Math.abs(Math.log(found!.factor))).toBeLessThanOrEqual(
              (weight / (weight + priorTrials)) * Math.log(2.5) + 1e-9,
            )
          },
        ),
      )
      const long: Lesson[] = Array.from({ length: 40 }, (_, i) =>
        rested(`l${i}`, 2.5, 'rest-baked'),
      )
      const times = byFlax(long)
        .recipe.components.flatMap(c => c.steps)
        .flatMap(
          step => /Leave it for (\d+) to (\d+) minutes/u.exec(step)?.slice(1).map(Number) ?? [],
        )
      expect(times).toEqual([60, 90])
    })
  })
  test('a lesson never brings back what somebody avoids', () => {
    const flaxless: Person[] = [
      ...people,
      { ...people[0]!, id: 'z', avoids: [{ allergen: 'flax', strictness: 'choice' }] },
    ]
    for (const p of each(
      adapt(recipe, flaxless, {}, knowledgeFrom([dose('a', 1.5), dose('b', 1.5)])).plans,
    ))
      expect(linesOf(p.recipe).some(l => l.ingredient === 'flax')).toBe(false)
  })
  test('a thousand trials stay quick to learn from', () => {
    const many = Array.from({ length: 1000 }, (_, i) => dose(`d${i}`, 0.5 + (i % 10) / 10))
    expect(learnedDoses(many)[0]!.trials).toBe(1000)
    expect(knowledgeFrom(many).doses[0]!.factor).toBeCloseTo(learnedDoses(many)[0]!.factor, 12)
  })
})

const filled: Trial = {
  ...trial,
  crowned: B,
  arms: trial.arms.map((a, i) => ({
    ...a,
    record: {
      ...noRecord,
      before: 60,
      after: 54 - i,
      height: 4.2,
      minutes: 20 + i,
      note: i ? 'a "dense", close crumb; =1+1' : '',
      scores: [
        { taster: 'Ottilie', word: 'moistness', value: 5 + (i % 3) },
        { taster: 'Bram', word: 'moistness', value: 6 },
        { taster: 'Bram', word: 'gumminess', value: i },
      ],
    },
  })),
}

describe('looking back', () => {
  const grown = {
    recipe,
    plan:
      filled.arms[1]!.recipe === plan.recipe ? plan : { ...plan, recipe: filled.arms[1]!.recipe },
    created: '2026-11-01T08:00:00.000Z',
    trials: [
      filled,
      beginTrial({
        id: 't2',
        begun: '2026-11-14',
        seed: 7,
        question: 'And cooler?',
        base: { ...plan, recipe: filled.arms[1]!.recipe },
        tried: [
          { ...arm('cooler'), plan: { ...plan, recipe: atOven(filled.arms[1]!.recipe, -20)! } },
        ],
      }),
    ],
  }
  const versions = versionsOf(grown)
  test('a tree: written, what was tried, the winner, and what grew out of it', () => {
    expect(versions.map(v => [v.id, v.parent])).toEqual([
      ['written', null],
      ['t1-a', 'written'],
      ['t1-b', 't1-a'],
      ['t1-c', 't1-a'],
      ['t1-d', 't1-a'],
      ['t2-b', 't1-b'],
    ])
    expect(
      versions
        .at(-1)!
        .since.map(c => c.says)
        .join(),
    ).toContain('160 → 140')
    const places = treeOf(versions)
    expect(new Set(places.map(p => `${p.column},${p.row}`)).size).toBe(versions.length)
    expect(places.find(p => p.id === 't2-b')).toMatchObject({ column: 3 })
  })
  test('two held against each other, and looked for by words', () => {
    const [a, b] = [versions.find(v => v.id === 't1-a')!, versions.find(v => v.id === 't1-b')!]
    const found = compareVersions(a, b)
    expect(found.recipe).toHaveLength(1)
    expect(found.outcome).toEqual(
      expect.arrayContaining([
        { what: 'bake loss', a: '10 %', b: '11.7 %' },
        { what: 'moist', a: '5.5', b: '6' },
      ]),
    )
    expect(compareVersions(versions[0]!, a).outcome[0]).toMatchObject({ a: 'not measured' })
    expect(searchVersions(versions, 'winner').map(v => v.id)).toEqual(['t1-b'])
    expect(searchVersions(versions, 'flax 140').map(v => v.id)).toEqual(['t1-d', 't2-b'])
    expect(searchVersions(versions, 'marzipan')).toEqual([])
  })
  test('records: loss only where both were weighed; what the making noted stands where nobody typed', () => {
    expect(bakeLossOfArm({ before: 60, after: 54 })).toBeCloseTo(0.1)
    expect([
      bakeLossOfArm({ before: 60, after: null }),
      bakeLossOfArm({ before: 50, after: 60 }),
      bakeLossOfArm(noRecord),
    ]).toEqual([null, null, null])
    const made = {
      making: 'm',
      bake: 'b',
      begun: 0,
      finished: 60,
      weights: [],
      times: [{ task: 'x', says: 'in the oven', planned: 20, took: 22, celsius: 160 }],
      losses: [],
      warmest: null,
      notes: [{ at: 3, beside: '', text: 'smelled good' }],
      photos: ['p'],
      differs: [],
    }
    expect(withMade(noRecord, made)).toMatchObject({
      minutes: 22,
      celsius: 160,
      note: 'smelled good',
      photos: ['p'],
    })
    expect(withMade({ ...noRecord, minutes: 25 }, made).minutes).toBe(25)
    expect(profileOf(filled.arms[0]!.record).get('moistness')).toEqual({ mean: 5.5, count: 2 })
  })
})

describe('files', () => {
  test('comma-separated values come back as they went', () => {
    const text = trialsCsv('Dark sticky ginger loaf', [filled])
    expect(text.split('\r\n')[0]!.split(',')).toEqual([...trialColumns])
    expect(text.trim().split(/\r\n(?=[^\n])/u)).toHaveLength(1 + filled.arms.length)
    const back = readTrialsCsv(text, 'Dark sticky ginger loaf', [filled])
    expect(back).toMatchObject({
      ok: true,
      notes: [],
      trials: [
        {
          ...filled,
          arms: filled.arms.map(a => ({ ...a, record: { ...a.record, celsius: null } })),
        },
      ],
    })
  })
  test('into a house without them: recipes are read from the file', () => {
    const back = readTrialsCsv(
      trialsCsv('Dark sticky ginger loaf', [filled]),
      'Dark sticky ginger loaf',
      [],
    )
    if (!back.ok) throw new Error(back.sentence)
    expect(back.notes).toEqual([])
    const [one] = back.trials
    expect(one).toMatchObject({
      id: 't1',
      begun: '2026-11-07',
      crowned: 't1-b',
      family: 'quick-bread',
    })
    for (const [i, arm] of each(one!.arms.entries())) {
      expect(arm.record.scores).toEqual(filled.arms[i]!.record.scores)
      const lost = differencesOf(filled.arms[i]!.recipe, arm.recipe).filter(d => d.what === 'line')
      expect(lost.map(d => d.says)).toEqual([])
    }
  })
  test('wrong cells are named and change nothing; a foreign table is refused; formulas stay text', () => {
    const text = trialsCsv('loaf', [filled]).replace(',60,54,', ',heavy,54,')
    const back = readTrialsCsv(text, 'loaf', [filled])
    expect(back.ok && back.notes[0]).toMatch(/Row 2: “heavy” is no before g; what was there stays/u)
    expect(back.ok && back.trials[0]!.arms[0]!.record.before).toBe(60)
    expect(readTrialsCsv('a,b\n1,2', 'loaf', [])).toMatchObject({
      ok: false,
      sentence: expect.stringContaining('“trial”'),
    })
    expect(readTrialsCsv('', 'loaf', []).ok).toBe(false)
    expect(trialsCsv('=cmd', [filled])).toContain("'=cmd")
  })
  test('Markdown says what was changed, measured and shown', () => {
    const text = trialsMarkdown('Dark sticky ginger loaf', [filled])
    expect(text).toContain('## 2026-11-07: Which binder?')
    expect(text).toMatch(/\| B ★ \|.*11\.7 %/u)
    expect(text).toMatch(/C: soured \w+ drink instead of flax gel/u)
  })
})
