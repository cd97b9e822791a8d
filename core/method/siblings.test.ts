import { describe, expect, test } from '@jest/globals'
import { readRecipe, type Recipe } from '../recipe'
import { readMethod } from './read'

/** Each action of a recipe's method: its part, verb, and the names of the lines that it takes. */
function doings(recipe: Recipe): string[] {
  const names = new Map(recipe.components.flatMap(c => c.lines.map(l => [l.id, l.name] as const)))
  return readMethod(recipe).actions.map(({ part, verb, mode, takes }) => {
    const taken = takes.flatMap(({ thing, share }) => {
      if (thing.is === 'aside') return [`(${thing.words})`]
      const said = share.of === 'all' || share.of === 'amount' ? '' : `${share.of} of `
      const made = thing.is === 'made' ? 'made ' : ''
      const ids = thing.is === 'line' ? [thing.line] : thing.lines
      return ids.map(id => said + made + (names.get(id) ?? '?'))
    })
    const isRemark = mode === 'remark' ? '/remark' : ''
    const ofPart = part ? `${part}: ` : ''
    return `${ofPart}${verb}${isRemark}${taken.length ? ` ${taken.join(' + ')}` : ''}`
  })
}
const read = (list: string, method: string): Recipe =>
  readRecipe(`Pudding\n\n${list}\n\nMethod\n${method}`, { region: 'uk' }).recipe

const pot = '200 g butter\n150 g sugar\n3 eggs\n100 ml milk\n50 g raisins'
// Siblings from memory of how such methods are written.
describe('an order behind where or when it is done', () => {
  test.each([
    ['Off the heat beat in the eggs.', 'beat eggs'],
    ['Away from the heat stir in the eggs.', 'stir eggs'],
    ['Over a low heat melt the butter.', 'melt butter'],
    ['Over a gentle flame melt the butter.', 'melt butter'],
    ['On the hob melt the butter.', 'melt butter'],
    ['At this point stir in the raisins.', 'stir raisins'],
    ['At this stage beat in the eggs.', 'beat eggs'],
    ['At the end fold in the raisins.', 'fold raisins'],
    ['By hand fold in the raisins.', 'fold raisins'],
    ['Before baking brush with the milk.', 'brush milk'],
    ['In cold water soak the raisins.', 'soak (cold water) + raisins'],
  ])('%s', (step, is) => {
    expect(doings(read(pot, step))).toContain(is)
  })
})

describe('what is only said of a thing takes none of it', () => {
  test.each([
    ['Beat the eggs: the sugar will form a crust.', 'beat eggs'],
    ['Beat the eggs; the butter should be soft.', 'beat eggs'],
    ['Beat the eggs until the sugar has dissolved.', 'beat eggs'],
    ['Beat the eggs in a bowl large enough to hold the milk.', 'beat eggs'],
    ['Beat the eggs in a bowl big enough for the milk.', 'beat eggs'],
    ['Beat the eggs, as the butter might split.', 'beat eggs'],
  ])('%s', (step, is) => {
    expect(doings(read(pot, step))[0]).toBe(is)
  })
})

describe('what is told as done is done, also where its past is its present', () => {
  test.each([
    ['spread over the top', 'spread'],
    ['cut into pieces', 'cut'],
    ['put into a bowl', 'put'],
  ])('… and the butter is whipped, %s and topped with the raisins', (said, verb) => {
    const found = doings(
      read(
        pot,
        `The eggs are beaten and the sugar is added. The butter is whipped, ${said} and ` +
          `topped with the raisins.`,
      ),
    )
    expect(found).toEqual(expect.arrayContaining(['whip butter', 'top raisins']))
    expect(found.some(one => one.startsWith(verb) && !one.includes('remark'))).toBe(true)
  })
})

describe('the rest is of what was shared out last', () => {
  const iced =
    '200 g flour\n100 g walnuts\nFor the icing\n100 g butter\n300 g cream cheese\n100 g icing sugar'
  const icing = 'Beat the butter with the cream cheese and icing sugar'
  test.each([
    [`${icing}, then use a third to sandwich the cakes. Spread the rest over the top.`, 'spread'],
    [`${icing}. Spread half over one cake. Pipe the rest on top.`, 'pipe'],
    [`${icing}. Fill with some of it. Spread the remainder over the top.`, 'spread'],
    [`${icing}. Cover with two thirds of the icing and pipe the rest around the edge.`, 'pipe'],
  ])('%s', (method, verb) => {
    const found = doings(read(iced, `Stir half the walnuts into the flour and bake. ${method}`))
    expect(found.filter(one => one.replace(/^\w+: /u, '').startsWith(verb)).at(-1)).not.toMatch(
      /walnuts/u,
    )
  })
  test('of two sugars the one that was parted', () => {
    const pie =
      'For the filling\n150 g caster sugar\n3 egg yolks\nFor the meringue\n3 egg whites\n150 g caster sugar'
    const found = doings(
      read(
        pie,
        'Beat the yolks with the sugar. Whisk the whites until stiff, whisk in half the ' +
          'sugar, and fold in the rest.',
      ),
    )
    expect(found.at(-1)).toBe('meringue: fold rest of caster sugar')
  })
})

describe('the part of a sentence in a method that several share', () => {
  const tart =
    'For the pastry\n175 g plain flour\n120 g butter\nFor the chocolate filling\n300 ml ' +
    'cream\n200 g dark chocolate\n30 g butter\n' +
    'For the toffee sauce\n80 g butter\n80 g muscovado sugar'
  test.each([
    [
      'Rub the butter into the flour. Roll out and bake. Bring the cream to the boil. Pour ' +
        'it over the chocolate, wait, then stir until smooth. Beat in the butter.',
      'chocolate filling: beat butter',
    ],
    [
      'Cream the butter and flour together. Bake. Make the sauce: melt everything in a pan.',
      'toffee sauce: melt butter + muscovado sugar',
    ],
    [
      'Rub the butter into the flour. For the filling, boil the cream and stir in the ' +
        'chocolate. Beat in the butter.',
      'chocolate filling: beat butter',
    ],
    [
      'Cream the butter with the flour. Roll out and bake. Melt the chocolate and stir in the cream.',
      'pastry: cream butter + plain flour',
    ],
    [
      'Rub the butter into the flour. Bake. Melt the muscovado sugar, then stir in the butter.',
      'toffee sauce: stir butter',
    ],
  ])('%s', (method, is) => {
    expect(doings(read(tart, method))).toContain(is)
  })
})

describe('a thing by how it is now, by what was pressed of it, or by what it went into', () => {
  const list =
    '200 g plain flour\n80 g ground almonds\n1 tsp baking powder\n60 g caster sugar, plus ' +
    '100 g for rolling\n2 tsp instant coffee\n2 tbsp lemon juice\n100 g honey'
  test.each([
    ['Add the hot coffee.', 'add instant coffee'],
    ['Add the cooled coffee.', 'add instant coffee'],
    ['Stir in the lemon.', 'stir lemon juice'],
    ['Make a well in the dry ingredients and pour in the honey.', 'pour honey'],
  ])('%s', (step, is) => {
    expect(doings(read(list, `Mix the flour with the almonds. ${step}`))).toContain(is)
  })
  test.each([
    'Put the dry ingredients in a bowl. Pour the honey into the flour mixture. Roll in the sugar.',
    'Mix the dry ingredients. Melt the honey, stir into the flour mix and roll in the sugar.',
    'Sift the dry ingredients. Add the honey. Toss in the caster sugar.',
  ])('%s', method => {
    const [first] = doings(read(list, method))
    expect(first).toMatch(/plain flour \+ ground almonds \+ baking powder \+ caster sugar/u)
  })
})

describe('a method as it was spoken', () => {
  test.each([
    'right so first you cream your butter and sugar together then crack in the eggs one by ' +
      'one and fold in the flour and bake it in a tin for 25 minutes',
    'so you melt the butter with the sugar and then let it cool and beat in the eggs and the ' +
      'flour and put it in a tin and bake it until it is done',
    'ok take the butter and the sugar and beat them up well then add the eggs stir in the ' +
      'flour and get it into the oven in a lined tin for half an hour',
  ])('%s', method => {
    const { recipe, findings } = readRecipe(
      `Plain cake\n\n200 g butter\n200 g sugar\n4 eggs\n200 g flour\n\n${method}`,
    )
    expect(recipe.left ?? []).toEqual([])
    expect(findings.filter(f => /left over/u.test(f.text ?? ''))).toEqual([])
    const taken = doings(recipe).join(' ')
    for (const name of ['butter', 'sugar', 'eggs', 'flour']) expect(taken).toContain(name)
  })
  test('a story behind the list orders nothing', () => {
    const { recipe } = readRecipe(
      'Plain cake\n\n200 g butter\n200 g flour\n\nBake it all.\n\nMy gran used to make this ' +
        'every Sunday when we came home from the hills and she never wrote it down',
    )
    expect(doings(recipe).slice(1)).toEqual(['look/remark'])
  })
})

describe('more of what magazines write', () => {
  const list =
    '200 g ground almonds\n30 g flaked almonds\n2 oranges\n4 eggs, separated\n200 g raspberries\n' +
    '100 g sugar\n200 g strong flour\n7 g yeast'
  test.each([
    ['Stir in the almonds. Scatter over the flaked almonds.', 'stir ground almonds'],
    ['Scatter the flaked almonds on top.', 'scatter flaked almonds'],
    [
      'Whisk the whites. Stir a spoonful of the whites into the sugar, then fold in the remainder.',
      'fold rest of eggs',
    ],
    ['Reserve a dozen raspberries. Stir in the sugar.', 'set-aside raspberries'],
    ['Just before serving scatter with the raspberries.', 'scatter raspberries'],
    ['Immediately before serving top with the raspberries.', 'top raspberries'],
    [
      'Squeeze the oranges. Boil the rest of the juice with the sugar.',
      'boil sugar + piece of made oranges',
    ],
    ['Knead the flour with the yeast. Leave in an oiled bowl until doubled.', 'proof'],
    ['Knead the flour. Cover and leave until well risen.', 'proof'],
    ['When bubbles rise to the surface add the sugar.', 'add sugar'],
    ['Once the sugar has melted stir in the raspberries.', 'stir raspberries'],
    ['When the milk boils whisk in the eggs.', 'whisk eggs'],
    ['Chill for 20 minutes before baking at 170 °C for 15 minutes.', 'bake'],
    ['Leave for an hour before frying in hot oil.', 'fry (oil)'],
    ['Cool before cutting into squares.', 'cool'],
    ['Chill well before frying for 3 minutes.', 'fry'],
    ['Leave to rise before steaming for an hour.', 'steam'],
  ])('%s', (step, is) => {
    expect(doings(read(list, step))).toContain(is)
  })
  test('a bake that comes after “before” has its heat and its time', () => {
    const { actions } = readMethod(
      read(list, 'Chill for 20 minutes before baking at 170 °C for 15 minutes.'),
    )
    expect(actions.map(a => [a.verb, a.phases[0]?.low, a.settings.length])).toEqual([
      ['chill', 20, 0],
      ['bake', 15, 1],
    ])
  })
})

test.each([
  ['200 g sponge fingers', 'Dip the fingers in the coffee.', 'dip sponge fingers + strong coffee'],
  ['3 gelatine leaves', 'Soak the leaves in the coffee.', 'soak gelatine leaves + strong coffee'],
  ['200 g digestive biscuits', 'Crush the biscuits.', 'mash digestive biscuits'],
  ['200 g white chocolate chips', 'Fold in the chips.', 'fold white chocolate chips'],
])('%s, called by the end of its name: %s', (line, step, is) => {
  expect(doings(read(`${line}\n100 ml strong coffee`, step))[0]).toBe(is)
})

// "The chocolate mix" of a torte with a chocolate glaze took the glaze's own chocolate.
describe('the name of what was made is no line that is still to come', () => {
  const twice =
    'Torte\n100 g chocolate\n50 g ground hazelnuts\n3 eggs\n30 g coffee\n' +
    'Glaze\n60 g chocolate\n20 g coffee\n2 eggs'
  test.each([
    ['Melt the chocolate. Stir the chocolate mix.', 'stir made chocolate'],
    ['Melt the chocolate. Stir the chocolate mixture.', 'stir made chocolate'],
    ['Melt the chocolate. Whisk the chocolate base.', 'whisk made chocolate'],
    ['Melt the chocolate. Beat the chocolate paste.', 'beat made chocolate'],
    ['Whisk the eggs. Stir the egg mixture.', 'stir made eggs'],
    ['Whisk the eggs. Stir the egg foam.', 'stir made eggs'],
    ['Whisk the eggs. Pour in the egg batter.', 'pour made eggs'],
    ['Boil the coffee. Stir the coffee mixture.', 'stir made coffee'],
    ['Melt the chocolate. Stir in the nuts.', 'stir ground hazelnuts'],
    ['Melt the chocolate. Fold through the nuts.', 'fold ground hazelnuts'],
  ])('%s', (steps, is) => {
    const said = doings(readRecipe(`Torte\n\n${twice}\n\nMethod\n${steps}`).recipe)
    expect(said.map(one => one.replace(/^.*: /u, ''))).toContain(is)
  })
})

describe('how it is by then, and an order behind it without a comma', () => {
  test.each([
    ['When lukewarm beat in the eggs.', 'beat eggs'],
    ['When cold stir in the raisins.', 'stir raisins'],
    ['Once cool fold in the raisins.', 'fold raisins'],
    ['Once melted take off the heat.', 'unheat'],
    ['While still hot brush with the milk.', 'brush milk'],
    ['While still warm pour over the milk.', 'pour milk'],
    ['Once smooth add the eggs.', 'add eggs'],
    ['When thick and smooth beat in the butter.', 'beat butter'],
    ['Once completely cold whip in the butter.', 'whip butter'],
    ['When just set scatter over the raisins.', 'scatter raisins'],
    ['Once risen brush with the milk.', 'brush milk'],
  ])('%s', (step, is) => {
    expect(doings(read(pot, `Boil the sugar.\n${step}`))).toContain(is)
  })
})

describe('what it becomes is no line of the list', () => {
  const crumble = '100 g flour\n50 g butter\n80 g breadcrumbs\n50 g almond paste'
  test.each([
    ['Rub the butter into the flour to crumbs.', 'rub butter + flour'],
    ['Whizz the flour and butter to fine crumbs.', 'blend flour + butter'],
    ['Blitz the flour and butter into coarse crumbs.', 'blend flour + butter'],
    ['Rub the butter into the flour to get crumbs.', 'rub butter + flour'],
    ['Beat the butter to a smooth paste.', 'beat butter'],
    ['Stir the flour and butter to form rough crumbs.', 'stir flour + butter'],
  ])('%s', (step, is) => {
    expect(doings(read(crumble, step))[0]).toBe(is)
  })
})

describe('a tin is readied with no line that the dessert needs', () => {
  const cakes = '100 g butter\n100 g plain flour\n100 g sugar\n2 eggs'
  test.each([
    'Brush the tray with melted butter.',
    'Brush a loaf tin with butter.',
    'Brush the moulds generously with butter.',
    'Coat the tin with butter.',
    'Brush each ramekin with melted butter.',
    'Grease the tin with butter.',
  ])('%s', step => {
    const said = doings(
      read(cakes, `${step} Whisk the eggs and sugar. Stir in the flour and butter.`),
    )
    expect(said[0]).toMatch(/\(butter\)$/u)
    expect(said.at(-1)).toBe('stir plain flour + butter')
  })
  test('a cake in its tin is brushed with its own', () => {
    const said = doings(
      read(cakes, 'Whisk the eggs and sugar. Brush the cake in its tin with the butter.'),
    )
    expect(said.at(-1)).toBe('brush butter')
  })
})

// "Pour on the milk" of a custard took the crêpes' milk, which no step had named.
describe('where each part has its method, a used-up line is its own', () => {
  const crepes = (steps: string) =>
    readRecipe(
      'Crepes with custard\n\n100 g flour\n2 eggs\n300 ml milk\n\nWhisk together and fry thinly.\n\n' +
        `Custard\n300 ml milk\n3 egg yolks\n40 g sugar\n\n${steps}`,
      { region: 'uk' },
    ).recipe
  test.each([
    ['Heat the milk. Whisk the yolks and sugar, pour on the milk.', 'custard: pour made milk'],
    ['Boil the milk. Whisk the yolks and sugar and pour over the milk.', 'custard: pour made milk'],
    ['Warm the milk. Beat the yolks with the sugar. Stir in the milk.', 'custard: stir made milk'],
    ['Heat the milk with the sugar. Add the milk to the yolks.', 'custard: add made milk'],
    [
      'Simmer the milk. Whisk the sugar and yolks. Strain in the milk.',
      'custard: strain made milk',
    ],
    ['Bring the milk to a simmer. Beat the yolks. Whisk in the milk.', 'custard: whisk made milk'],
  ])('%s', (steps, is) => {
    expect(doings(crepes(steps)).map(one => one.replace(/ \+ .*$/u, ''))).toContain(is)
  })
  test('while some of its own is left, that is meant', () => {
    expect(
      doings(crepes('Whisk the yolks with half the milk. Heat the rest of the milk.')),
    ).toContain('custard: heat rest of milk')
  })
})

// An egg yolk that became water, beside the water of the list, was in no step.
describe('a thing that is listed twice and named once is all of it', () => {
  test.each([
    [
      '200 g flour\n20 ml water\n30 ml cold water',
      'Bind the flour with the water.',
      'combine flour + water + cold water',
    ],
    [
      '200 g flour\n20 ml water\n30 ml cold water',
      'Bind the flour with the cold water.',
      'combine flour + water + cold water',
    ],
    [
      '100 g butter\n50 g butter\n200 g flour',
      'Rub the butter into the flour.',
      'rub butter + flour + butter',
    ],
    [
      '100 ml milk\n200 ml milk\n200 g flour',
      'Whisk the flour with the milk.',
      'whisk flour + milk + milk',
    ],
  ])('%s: %s', (list, step, is) => {
    const [said] = doings(read(list, `${step} Bake at 180 °C for 20 minutes.`))
    expect(said!.split(/ (?:\+ )?/u).sort()).toEqual(is.split(/ (?:\+ )?/u).sort())
  })
  test('named twice, each has its own', () => {
    const said = doings(
      read(
        '100 g butter\n50 g butter\n200 g flour',
        'Melt the butter. Rub the butter into the flour.',
      ),
    )
    expect(said).toEqual(['melt butter', 'rub butter + flour'])
  })
})
