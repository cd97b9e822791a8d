import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { asWritten, cardsOf, readRecipe, sizeUp, usualKitchen } from '#core'
import { readMethod } from '../method'
import { partsOf } from './doings'
import { consistent } from './consistent'
import type { DayRule, DayTask } from './task'
import type { DayPlan } from './options'
import { planDay } from './plan-day'
import { mannersOf } from '../method/manners'
import { workOf, type DayBake } from './tasks'
import { bakesOf } from '../pan'

const bakeOf = (text: string): DayBake => {
  const { recipe } = readRecipe(text)
  return { id: 'b', title: recipe.title, recipe, sized: sizeUp(recipe, asWritten, usualKitchen) }
}
const five = Date.parse('2026-12-05T17:00:00Z') / 60_000
const night: readonly [number, number] = [five - 18.5 * 60, five - 10 * 60]
const day = (bake: DayBake) => {
  const plan = planDay([bake], { serveAt: five, asleep: [night] })
  if (!plan.ok) throw new Error(`${bake.title}: ${plan.problem.sentence}`)
  return plan
}
type Good = Extract<DayPlan, { ok: true }>
const task = (plan: Good, words: string) => {
  const found = plan.tasks.find(t => t.says.toLowerCase().includes(words.toLowerCase()))
  if (!found) throw new Error(`Nothing says “${words}”.`)
  return found
}

/** Ordinary home baking in our own words: each has something that a day must not get wrong. */
const sponge = bakeOf(`Two-tin sponge
180 g caster sugar
180 g soft butter
3 eggs
180 g self-raising flour

For the filling
90 g soft butter
130 g icing sugar
150 g plum jam

Heat the oven to 180 °C. Butter two 20 cm sandwich tins and line them with paper.
Beat everything for the cake in a large bowl for 2 minutes.
Divide between the tins, level the tops, then bake for 22 minutes.
Turn on to a rack and leave to cool completely.
For the filling, beat the butter until creamy, then beat in the icing sugar. Spread over one \
sponge, top with the jam and sandwich together.`)
const drizzle = bakeOf(`Quince drizzle squares
200 g plain flour
150 g sugar
150 g soft butter
3 eggs
2 tsp baking powder

For the drizzle
100 g granulated sugar
60 ml quince juice

Heat the oven to 180 °C. Grease and line a 20 cm square tin.
Beat the flour, sugar, butter, eggs and baking powder until smooth.
Spread in the tin and bake for 30 minutes.
Stir the juice into the sugar and spoon over the cake while it is still warm. Cut into squares when cold.`)
const pie = bakeOf(`Blind-baked meringue pie
180 g plain flour
90 g cold butter, cubed
1 egg

For the filling
60 g cornflour
200 g sugar
4 egg yolks

For the meringue
4 egg whites
200 g sugar

Rub the butter into the flour. Add the egg and bring it together. Wrap and chill for 30 minutes.
Roll out and line a 23 cm flan tin. Heat the oven to 200 °C.
Line with paper and beans and bake for 15 minutes. Take out the beans and bake for 5 minutes more. \
Reduce the oven to 160 °C.
Mix the cornflour with 400 ml water, bring to the boil, stirring, and beat in the sugar and yolks. \
Pour into the case.
Whisk the whites to stiff peaks, then whisk in the sugar. Spoon over the filling.
Bake for 14 minutes until golden. Cool completely.`)
const dates = bakeOf(`Toffee date pudding
180 g dates, chopped
1 tsp bicarbonate of soda
80 g soft butter
130 g brown sugar
2 eggs
170 g self-raising flour

For the sauce
150 g brown sugar
50 g butter
200 ml double cream

Pour 200 ml boiling water over the dates and soda and leave to stand for 10 minutes.
Heat the oven to 180 °C. Butter a 20 cm square tin.
Cream the butter and sugar. Beat in the eggs one at a time. Fold in the flour, then the dates.
Pour into the tin and bake for 32 minutes.
Meanwhile melt the sugar and butter for the sauce in a pan, add the cream and simmer for 3 minutes.
Prick the hot pudding and pour over half of the sauce.`)
const buns = bakeOf(`Spiral buns
450 g strong white flour
7 g instant yeast
50 g sugar
240 ml milk
50 g butter, melted

For the middle
70 g soft butter
90 g brown sugar

For the top
90 g cream cheese
100 g icing sugar

Mix the flour, yeast and sugar. Add the milk and butter and knead for 10 minutes. Cover and leave \
to rise until doubled.
Roll out. Spread with the soft butter and scatter over the sugar. Roll up and cut into 12.
Put in a greased tin, cover and prove for 40 minutes.
Bake at 180 °C for 24 minutes.
Beat the cream cheese with the icing sugar and spread on the warm buns.`)
const crumble = bakeOf(`Pear crumble
For the fruit
800 g pears, sliced
60 g sugar

For the crumble
180 g plain flour
90 g cold butter
90 g demerara sugar

Heat the oven to 180 °C.
Cook the pears with the sugar for 5 minutes and tip them into a dish.
For the crumble, rub the butter into the flour and stir in the sugar.
Scatter the crumble over the pears. Bake for 40 minutes.`)
const pavlova = bakeOf(`White wreath
Serves 8

4 egg whites
240 g caster sugar
1 tsp cornflour
250 ml double cream

Heat the oven to 140 °C.
Whisk the whites to stiff peaks, then whisk in the sugar a tablespoonful at a time. Fold in the cornflour.
Spread into a 22 cm circle on paper.
Bake for 1 hour, then turn off the oven and let it cool completely inside.
When the meringue is cold, whip the cream and spread it over.`)
const torn = bakeOf(`Torn between two
200 g plain flour
100 g sugar
100 g oil
2 eggs

For the syrup
80 g sugar
40 ml lemon juice

Heat the oven to 180 °C. Line a 20 cm square tin.
Mix the flour, sugar, oil and eggs and spread in the tin. Bake for 25 minutes.
Leave to cool for 1 hour.
Boil the sugar with the juice and spoon over the cake while it is still warm.`)
const cheese = bakeOf(`Fig cheesecake
180 g digestive biscuits
80 g butter, melted
600 g cream cheese
180 g sugar
3 eggs

Heat the oven to 160 °C and line a 23 cm springform tin.
Crush the biscuits, mix with the butter and press into the tin. Bake for 10 minutes, then leave to cool.
Beat the cheese with the sugar and eggs until smooth. Pour over the base. Stand the tin in a \
roasting tin of hot water.
Bake for 50 minutes, turning it after 25 minutes.
Turn off the oven and leave it inside for 1 hour. Chill for 5 hours. Take out of the fridge 20 \
minutes before serving.`)
const steamed = bakeOf(`Steamed quince pudding
150 g butter
150 g sugar
3 eggs
150 g self-raising flour

Cream the butter and sugar, beat in the eggs and fold in the flour. Spoon into a buttered 1 litre basin.
Steam in a large pan of simmering water for 1 hour 30 minutes.
Serve hot.`)
const stars = bakeOf(`Honey stars
Makes 24
300 g plain flour
120 g butter
120 g sugar
1 egg
80 g icing sugar

Rub the butter into the flour, stir in the sugar and egg, and chill for 15 minutes. Roll out and \
cut out 24 stars.
Heat the oven to 180 °C. Bake for 10 minutes.
When cold, mix the icing sugar with a little water and pipe on.`)
const all = [sponge, drizzle, pie, dates, buns, crumble, pavlova, cheese, steamed, stars]

describe('days from ordinary recipes', () => {
  test.each(all.map(b => [b.title, b] as const))(
    '%s: it fits, and no word of its method is lost',
    (_, bake) => {
      const plan = day(bake)
      const said = plan.tasks
        .map(t => t.says)
        .join(' ')
        .toLowerCase()
      const lost = bake.recipe.components
        .flatMap(c => c.steps)
        .flatMap(step => step.split(/(?<=[.])\s+/u))
        .filter(
          text =>
            !/\b(?:heat|reduce|turn off)\b.*\boven\b/iu.test(text) && !mannersOf(text).has('tells'),
        )
        .flatMap(text => text.toLowerCase().match(/\p{L}{4,}/gu) ?? [])
        .filter(word => !said.includes(word))
      expect(lost.filter(word => word !== 'then')).toEqual([])
    },
  )
  test(
    'a sponge is filled when it is cold, by a filling that was made beside it; each butter ' +
      'softens for its own step',
    () => {
      const plan = day(sponge)
      const [cool, beat, spread] = [
        task(plan, 'cool completely'),
        task(plan, 'For the filling'),
        task(plan, 'Spread over one'),
      ]
      expect(cool.minutes).toBeGreaterThan(50)
      expect(spread.starts).toBeGreaterThanOrEqual(cool.ends - 1e-6)
      expect(beat.starts).toBeLessThan(cool.ends)
      const soft = plan.tasks.filter(t => t.short === 'soften')
      expect(soft).toHaveLength(2)
      for (const t of each(soft)) expect(t.minutes).toBe(90)
      expect(soft[1]!.ends).toBeLessThanOrEqual(beat.starts + 1e-6)
    },
  )
  test(
    'what goes on while it is warm goes on within a quarter of an hour; cutting waits until ' +
      'it is cold',
    () => {
      const plan = day(drizzle)
      const out = plan.tasks.find(t => t.id.endsWith(':out'))!
      expect(task(plan, 'spoon over').starts - out.ends).toBeLessThanOrEqual(15)
      expect(task(plan, 'Cut into squares').starts - out.ends).toBeGreaterThan(45)
    },
  )
  test('each bake has the heat that its words had reached, and blind baking keeps its stated minutes', () => {
    const bakes = day(pie)
      .tasks.filter(t => t.kind === 'bake')
      .sort((a, b) => a.starts - b.starts)
    expect(bakes.map(t => [t.celsius, t.minutes])).toEqual([
      [200, 15],
      [200, 5],
      [160, 14],
    ])
    expect(day(pie).preheats.map(h => h.celsius)).toEqual([200, 160])
  })
  test('what is made meanwhile is there when it is poured', () => {
    const plan = day(dates)
    const [sauce, pour] = [task(plan, 'Meanwhile melt'), task(plan, 'pour over half')]
    expect(sauce.ends).toBeLessThanOrEqual(pour.starts + 1e-6)
    expect(sauce.starts).toBeGreaterThanOrEqual(task(plan, 'Pour into the tin').ends - 1e-6)
    expect(plan.tasks.some(t => /^The dates/u.test(t.says))).toBe(false)
  })
  test('dough rises though nobody wrote how long, and the day says so', () => {
    const rise = task(day(buns), 'until doubled')
    expect(rise).toMatchObject({ short: 'rise', hands: false, minutes: 75 })
    expect(rise.says).toMatch(/The recipe states no time/u)
    const plan = day(buns)
    expect(
      task(plan, 'spread on the warm').starts - plan.tasks.find(t => t.id.endsWith(':out'))!.ends,
    ).toBeLessThanOrEqual(15)
  })
  test('one method keeps its order though its parts take turns', () => {
    const plan = day(crumble)
    expect(task(plan, 'For the crumble').ends).toBeLessThanOrEqual(
      task(plan, 'Scatter the crumble').starts + 1e-6,
    )
  })
  test('what stays in the oven comes out after it, and “serves 8” is not eight pieces', () => {
    const plan = day(pavlova)
    const [bake, inside, out] = [
      plan.tasks.find(t => t.kind === 'bake')!,
      task(plan, 'cool completely inside'),
      plan.tasks.find(t => t.id.endsWith(':out'))!,
    ]
    expect(bake.minutes).toBeLessThan(90)
    expect(inside).toMatchObject({ place: 'oven', starts: bake.ends })
    expect(out.starts).toBeGreaterThanOrEqual(inside.ends - 1e-6)
    expect(plan.tasks.filter(t => t.id.endsWith(':out'))).toHaveLength(1)
  })
  test(
    'a base is cold in half an hour; standing in water is no rest; a moment within a bake is ' +
      'no second one; across two steps it stays in the oven',
    () => {
      const plan = day(cheese)
      expect(task(plan, 'leave to cool').minutes).toBe(30)
      expect(task(plan, 'Stand the tin').hands).toBe(true)
      expect(plan.tasks.filter(t => t.kind === 'bake').map(t => t.minutes)).toEqual([
        10,
        expect.any(Number),
      ])
      const [inside, bake] = [
        task(plan, 'leave it inside'),
        plan.tasks.filter(t => t.kind === 'bake').at(-1)!,
      ]
      expect(inside).toMatchObject({ place: 'oven', starts: bake.ends })
      expect(plan.tasks.filter(t => t.id.endsWith(':out'))).toHaveLength(2)
      expect(plan.tasks.filter(t => /line a 23 cm/iu.test(t.says)).map(t => t.short)).toEqual([
        'ready the tin',
      ])
      expect(
        plan.tasks.find(t => /out of the fridge 20/u.test(t.says) && t.kind === 'wait'),
      ).toMatchObject({ place: 'counter', minutes: 20 })
    },
  )
  test(
    'what steams does so by itself, on the hob; small things are cold sooner than a cake, ' +
      'and iced when they are',
    () => {
      expect(day(steamed).tasks.find(t => t.place === 'hob')).toMatchObject({
        kind: 'wait',
        minutes: 90,
        hands: false,
      })
      expect(day(steamed).hands).toBeLessThan(60)
      const cold = task(day(stars), 'quite cold')
      expect(cold.minutes).toBeLessThan(60)
      expect(task(day(stars), 'When cold').starts).toBeGreaterThanOrEqual(cold.ends - 1e-6)
    },
  )
})

describe('a recipe that cannot keep its own words', () => {
  test(
    'the order of its steps stands, the wait that cannot be kept is named, and there is a ' +
      'day all the same',
    () => {
      const plan = day(torn)
      expect(plan.warnings).toEqual([
        expect.stringMatching(/cannot be kept: it is warm for 15 minutes/u),
      ])
      expect(task(plan, 'spoon over').starts).toBeGreaterThanOrEqual(
        task(plan, 'cool for 1 hour').ends - 1e-6,
      )
      for (const bake of each(all)) expect(day(bake).warnings).toEqual([])
    },
  )
  test('rules that agree stay as they are; of a circle the longest wait goes', () => {
    const one = (id: string): DayTask => ({
      id,
      bake: 'b',
      short: id,
      says: id,
      kind: 'hands',
      minutes: 10,
      hands: true,
      mixer: false,
      place: 'counter',
      celsius: null,
      racks: 0,
      step: null,
    })
    const [a, b, c] = ['a', 'b', 'c'].map(one) as [DayTask, DayTask, DayTask]
    const order: DayRule[] = [
      { from: 'a', to: 'b', least: 10, because: 'then b' },
      { from: 'b', to: 'c', least: 10, because: 'then c' },
    ]
    const fits: DayRule = { from: 'c', to: 'a', least: -30, because: 'within half an hour' }
    const cannot: DayRule = { from: 'c', to: 'a', least: -15, because: 'within a quarter' }
    expect(consistent([a, b, c], [...order, fits])).toEqual({ rules: [...order, fits], gives: [] })
    expect(consistent([a, b, c], [...order, fits, cannot])).toEqual({
      rules: [...order, fits],
      gives: ['within a quarter'],
    })
  })
  test('what is left before it is cut holds up the cutting alone; what is to be minded takes no time', () => {
    const cake = bakeOf(
      `Plain slab
200 g plain flour
150 g sugar
100 g oil
150 g oat drink
8 g baking powder
50 g icing sugar

Heat the oven to 180 °C. Line a 20 cm square tin.
Mix the flour, sugar, oil, oat drink and baking powder. Stop mixing as soon as no dry flour is \
left. Pour into the tin.
Bake for 25 minutes. Leave it for 40 minutes to set before you cut it.
Dust with the icing sugar. Cut into squares.`,
    )
    const plan = day(cake)
    const [left, dust] = [task(plan, 'before you cut'), task(plan, 'Dust')]
    expect(left.minutes).toBe(40)
    expect(dust.ends).toBeGreaterThanOrEqual(left.ends)
    expect(plan.tasks.some(t => t.says.startsWith('Stop mixing'))).toBe(false)
    expect(task(plan, 'Stop mixing').says).toMatch(/^Mix the flour/u)
  })
})

describe('a clause', () => {
  const setting = {
    settles: 15,
    cold: 90,
    pace: 1,
    celsius: null,
    baked: false,
    side: false,
    stated: null,
  }
  const parts = (text: string, more: Partial<typeof setting> = {}) => {
    const { recipe } = readRecipe(
      `Things\n100 g flour\n100 g butter\n100 g sugar\n\nMethod\n${text}`,
    )
    return partsOf(readMethod(recipe).actions, { ...setting, ...more }).parts
  }
  const shorts = (text: string) =>
    parts(text).map(part => (part.is === 'hands' ? part.short : part.kind))
  test.each([
    ['Warm the milk, cream and sugar in a pan.', ['heat on the hob']],
    ['Put the flour and zest into a bowl.', ['mix']],
    ['Tip the sugar into a bowl.', ['mix']],
    ['Oil and line the tin.', ['ready the tin']],
    ['Mash with a fork.', ['mash']],
    ['In a large bowl, cream the butter and sugar.', ['cream']],
    ['Cut into squares.', ['turn out and cut']],
    ['Cut the cold butter into the flour.', ['rub in']],
    ['Chill until needed.', ['chill']],
    ['Leave to cool.', ['cool']],
    ['Cover and chill until firm.', ['cover', 'chill']],
    ['Best after two days.', []],
    ['Reduce the oven to 170 °C.', []],
    ['Reduce the heat and stir.', ['heat on the hob']],
  ])('%s', (text, expected) => {
    expect(shorts(text)).toEqual(expected)
  })
  test('“until needed” is no wait, and baked things cool longer', () => {
    expect(each(parts('Chill until needed.')).every(part => part.is === 'hands')).toBe(true)
    const [cool] = parts('Leave to cool completely.', { baked: true })
    expect(cool).toMatchObject({ is: 'time', low: 90 })
    expect(parts('Leave to cool completely.')[0]).toMatchObject({ low: 45 })
  })
  test('what stays inside is told from what is put in', () => {
    expect(mannersOf('leave it inside with the door ajar').has('inside')).toBe(true)
    expect(mannersOf('leave to cool in the tin').has('inside')).toBe(false)
  })
})

describe('stretches of one bake, and trays', () => {
  const bakesIn = (bake: DayBake) =>
    workOf(bake)
      .tasks.filter(t => t.kind === 'bake')
      .map(t => [t.celsius, t.minutes])
  const outs = (bake: DayBake) => workOf(bake).tasks.filter(t => t.id.endsWith(':out'))
  const plainly = (text: string): DayBake => {
    const { recipe } = readRecipe(text)
    return { id: 'b', title: recipe.title, recipe }
  }
  const momentsIn = (bake: DayBake) =>
    workOf(bake).tasks.flatMap(t => (t.moments ?? []).map(m => [m.at, m.says, m.celsius]))
  test('turned, it stays in: one stay with a moment in it, out once', () => {
    const cake = plainly(`Turned cake
150 g butter
150 g sugar
3 eggs
150 g self-raising flour

Heat the oven to 180 °C. Cream the butter and sugar, beat in the eggs and fold in the flour.
Scrape into a 23 cm tin and bake for 15 minutes, turn the tin round and bake for another 20 minutes.`)
    expect(bakesIn(cake)).toEqual([[180, 35]])
    expect(momentsIn(cake)).toEqual([[15, 'Turn it round', null]])
    expect(outs(cake)).toHaveLength(1)
  })
  test('the heat changes within a stay: heated once, nothing stands out meanwhile', () => {
    const rolls = plainly(`Crusty rolls
500 g strong white flour
7 g instant yeast
330 ml water

Mix everything and knead for 10 minutes. Cover and leave to rise for 1 hour.
Shape into 8 balls.
Bake at 220 °C for 10 minutes, then lower the oven to 190 °C and bake for 10 minutes more.`)
    expect(bakesIn(rolls)).toEqual([[220, 20]])
    expect(momentsIn(rolls)).toEqual([[10, '', 190]])
    expect(outs(rolls)).toHaveLength(1)
    const plan = day(rolls)
    expect(plan.preheats.map(heat => heat.celsius)).toEqual([220])
    const [into, out] = [plan.tasks.find(t => t.kind === 'bake')!, task(plan, 'take it out')]
    expect(out.starts - into.starts).toBeCloseTo(20)
    const card = cardsOf([rolls], plan, usualKitchen).find(c => c.kind === 'bake')!
    expect(card.marks.map(mark => [mark.at, mark.says])).toEqual(
      expect.arrayContaining([[10, expect.stringContaining('190 °C')]]),
    )
  })
  test('beans are taken off outside of the oven', () => {
    const tart = plainly(`Case
200 g plain flour
100 g butter
1 egg

Rub the butter into the flour and bind with the egg. Roll out and line a 23 cm tart tin.
Bake blind at 190 °C for 15 minutes. Remove the beans and bake for a further 5 minutes.`)
    expect(bakesIn(tart)).toEqual([
      [190, 15],
      [190, 5],
    ])
    expect(outs(tart)).toHaveLength(2)
  })
  test('what is toasted first is not the bake', () => {
    const loaf = plainly(`Toasted oat loaf
100 g rolled oats
200 g wholemeal flour
250 ml milk
1 egg

Toast the oats in the oven at 180 °C for 10 minutes. Leave them to cool.
Mix the oats with the flour, milk and egg. Pour into a 900 g loaf tin and bake for 45 minutes.`)
    expect(bakesIn(loaf)).toEqual([
      [180, 10],
      [180, 45],
    ])
    const sized = sizeUp(loaf.recipe, asWritten, usualKitchen)
    expect(sized.tins.map(t => t.time).find(t => t.ok)!.minutes[0]).toBeGreaterThan(30)
  })
  test('every tray is a bake of its own, shaped while the one before it is in', () => {
    const cookies = bakeOf(`Raisin cookies
Makes 36
200 g soft butter
150 g brown sugar
2 eggs
200 g plain flour
200 g rolled oats

Heat the oven to 180 °C. Cream the butter and sugar and beat in the eggs. Stir in the flour and oats.
Roll the dough into 36 balls and set them well apart on two lined sheets.
Bake for 12 minutes. Cool on a rack.`)
    const { tasks } = workOf(cookies)
    const trays = tasks.filter(t => t.kind === 'bake')
    expect(trays.length).toBe(cookies.sized!.pieces!.loads)
    expect(trays.length).toBeGreaterThan(1)
    for (const tray of each(trays)) expect(tray.minutes).toBeLessThanOrEqual(16)
    expect(outs(cookies)).toHaveLength(trays.length)
    const plan = day(cookies)
    const placed = plan.tasks.filter(t => t.kind === 'bake').toSorted((a, b) => a.starts - b.starts)
    const next = plan.tasks.filter(t => t.says.startsWith('The next tray'))
    expect(next).toHaveLength(trays.length - 1)
    for (const [n, shaped] of each(next.entries())) {
      expect(shaped.starts).toBeGreaterThanOrEqual(placed[n]!.starts - 1e-6)
      expect(shaped.ends).toBeLessThanOrEqual(placed[n + 1]!.starts + 1e-6)
    }
  })
  test('a verb that nobody knows is work all the same; what tells is none', () => {
    const says = (text: string) =>
      workOf(plainly(`Odd cream\n200 g yoghurt\n50 g sugar\n\n${text}`)).tasks.map(t => t.says)
    expect(says('Flumgum the yoghurt in a cloth.\nStir in the sugar.')).toContain(
      'Flumgum the yoghurt in a cloth.',
    )
    expect(says('Stir in the sugar.\nIt will look thin.').join(' ')).not.toContain('look thin')
    // What stands before hands is said with them, or by itself.
    const bare = plainly('Loaf\n200 g flour\n8 g flax\n\nMix it.')
    const steps = ['For the flax gel: 8 g flax and 48 g water. Stir it.', 'For the top: nothing.']
    const told = { ...bare.recipe.components[0]!, steps }
    const { tasks } = workOf({ ...bare, recipe: { ...bare.recipe, components: [told] } })
    expect(tasks.slice(1, 3).map(t => [t.short, t.says])).toEqual([
      ['flax gel', 'For the flax gel: 8 g flax and 48 g water. Stir it.'],
      ['top', 'For the top: nothing.'],
    ])
  })
  test('what is chilled before it is cut is cold first', () => {
    const tart = plainly(`Set tart
200 g plain flour
100 g butter
4 eggs
300 ml double cream

Rub the butter into the flour and press into a 23 cm tin. Whisk the eggs with the cream and pour it in.
Bake at 150 °C for 40 minutes. Cool completely, then chill for 2 hours before slicing.`)
    const plan = day(tart)
    const [cool, chill] = [task(plan, 'Cool completely'), task(plan, 'Chill for 2 hours')]
    expect(chill.starts).toBeGreaterThanOrEqual(cool.ends - 1e-6)
  })
  test('rolling out is no turning out: dough may cool as long as it likes', () => {
    const dough = plainly(`Rye crackers
200 g rye flour
100 ml oil

Warm the oil and stir in the flour. Leave to cool for 30 minutes. Roll out and cut into squares.`)
    const { tasks, rules } = workOf(dough)
    const rolled = tasks.find(t => t.says.startsWith('Roll out'))!
    const most = rules.find(rule => rule.from === rolled.id && rule.least < 0)!
    expect(-most.least).toBeGreaterThan(60)
  })
  test('of two times by the tin the recipe’s own tin has one', () => {
    const text = (tin: string) => `Ginger batter
200 g plain flour
150 g sugar
100 g oil
2 eggs

Heat the oven to 180 °C. Mix everything and pour into ${tin}.
Bake for 20 minutes for muffins, or 45 minutes in a loaf tin.`
    const minutes = (tin: string) => bakesOf(readRecipe(text(tin)).recipe).map(b => b.minutes)
    expect(minutes('a 900 g loaf tin')).toEqual([[45, 45]])
    expect(minutes('a 12-hole muffin tin')).toEqual([[20, 20]])
  })
})
