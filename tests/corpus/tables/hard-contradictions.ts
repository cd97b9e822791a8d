/**
 * Recipes of our own invention in which one thing is wrong, with the finding that has to be raised;
 * and clean ones in which none of these may be. The ground is a plain recipe; each row changes it.
 */
export interface Planted {
  readonly name: string
  readonly text: string
  /** One of these findings has to be there. */
  readonly codes: readonly string[]
}

interface Ground {
  readonly title: string
  readonly facts: readonly string[]
  readonly lines: readonly string[]
  readonly steps: readonly string[]
}

const grounds: Readonly<Record<string, Ground>> = {
  loaf: {
    title: 'Plain lemon loaf',
    facts: ['Makes 1 loaf, 10 slices', '900 g loaf tin'],
    lines: ['175 g butter', '175 g caster sugar', '3 eggs', '175 g plain flour', '2 tsp baking powder', '1 lemon, zest only', '2 tbsp milk'],
    steps: [
      'Heat the oven to 180 °C. Line a 900 g loaf tin.',
      'Cream the butter and sugar until pale. Beat in the eggs one at a time.',
      'Fold in the flour, baking powder and lemon zest, then the milk.',
      'Bake for 45–50 minutes until a skewer comes out clean. Cool in the tin.',
    ],
  },
  cookies: {
    title: 'Oat biscuits',
    facts: ['Makes 20 biscuits'],
    lines: ['120 g butter', '100 g light brown sugar', '1 tbsp golden syrup', '150 g rolled oats', '120 g plain flour', '1/2 tsp bicarbonate of soda', '1/4 tsp salt'],
    steps: [
      'Heat the oven to 170 °C. Line two trays with baking paper.',
      'Melt the butter, sugar and golden syrup together.',
      'Stir in the oats, flour, bicarbonate of soda and salt.',
      'Put spoonfuls on the trays and bake for 12–15 minutes until golden.',
    ],
  },
  custard: {
    title: 'Vanilla custard',
    facts: ['Serves 4'],
    lines: ['500 ml milk', '4 egg yolks', '60 g caster sugar', '20 g cornflour', '1 tsp vanilla extract'],
    steps: [
      'Whisk the egg yolks, sugar and cornflour.',
      'Heat the milk until it steams and pour it over, whisking.',
      'Return to the pan and stir over a low heat for 5 minutes until thick.',
      'Stir in the vanilla. Chill for 2 hours.',
    ],
  },
  crumble: {
    title: 'Apple crumble',
    facts: ['Serves 6'],
    lines: ['800 g apples, peeled and sliced', '50 g sugar', '200 g plain flour', '100 g cold butter', '80 g demerara sugar'],
    steps: [
      'Heat the oven to 190 °C. Toss the apples with the sugar in a 1.5 litre dish.',
      'Rub the butter into the flour and stir in the demerara sugar.',
      'Scatter over the apples and bake for 35–40 minutes until golden.',
    ],
  },
}

const textOf = ({ title, facts, lines, steps }: Ground) => [title, '', ...facts, '', 'Ingredients', ...lines, '', 'Method', ...steps.map((s, i) => `${i + 1}. ${s}`)].join('\n')

/** name | ground | what is replaced > by what | findings of which one must be there */
const planted = String.raw`
half and half and half | loaf | Beat in the eggs one at a time. > Beat in half the eggs, then two thirds of the eggs. | parts-short shares
three halves of sugar | loaf | Cream the butter and sugar > Cream the butter and half the sugar, then half the sugar, and keep half the sugar for the top, | parts-short shares
third missing | loaf | Fold in the flour, baking powder > Fold in a third of the flour, then another third of the flour, the baking powder | parts-short shares
quarter milk only | custard | Heat the milk > Heat a quarter of the milk | parts-short shares
half the flour only | cookies | Stir in the oats, flour, > Stir in the oats, half the flour, | parts-short shares
all then half | crumble | Scatter over the apples > Scatter over with half the flour and all the flour | parts-short shares
gas against °C | loaf | 180 °C. > 180 °C / gas 8. | oven-scale oven-odd
fahrenheit against °C | loaf | 180 °C. > 180 °C (425 °F). | oven-scale oven-odd
gas against °C low | cookies | 170 °C. > 170 °C, gas mark 7. | oven-scale oven-odd
fan hotter than plain | loaf | 180 °C. > 180 °C (200 °C fan). | oven-scale oven-odd
fahrenheit first | crumble | 190 °C. > 375 °F (150 °C). | oven-scale oven-odd
celsius as fahrenheit | cookies | 170 °C. > 350 °C. | oven-odd oven-scale
degrees without scale | loaf | 180 °C. > 18 °C. | oven-odd oven-scale
cold oven | crumble | 190 °C. > 80 °C. | oven-odd oven-scale two-ovens
two ovens | loaf | Bake for 45 > Bake at 220 °C for 45 | two-ovens oven-scale
two ovens crumble | crumble | bake for 35 > bake at 150 °C for 35 | two-ovens oven-scale
two ovens cookies | cookies | bake for 12 > bake at 200 °C for 12 | two-ovens oven-scale
oven in facts | loaf | 900 g loaf tin\n > 900 g loaf tin\nOven: 150 °C\n | two-ovens oven-scale
two tins | loaf | Line a 900 g loaf tin. > Line a 20 cm round tin. | two-tins
two tins by the end | loaf | Cool in the tin. > Cool in the 30 cm square tin. | two-tins
two dishes | crumble | Serves 6 > Serves 6\n3 litre dish | two-tins
trays and tin | cookies | Makes 20 biscuits > Makes 20 biscuits\n20 cm square tin | two-tins
two times | loaf | Makes 1 loaf, 10 slices > Makes 1 loaf, 10 slices\nBake time: 20 minutes | two-times bake-time
two times crumble | crumble | Serves 6 > Serves 6\nCook time: 1 hour 30 minutes | two-times bake-time
two times cookies | cookies | Makes 20 biscuits > Makes 20 biscuits\nBaking time: 40 min | two-times bake-time
two yields | loaf | Cool in the tin. > Cool in the tin. Makes 30 slices. | two-yields yield
two yields cookies | cookies | until golden. > until golden. This makes 60 biscuits. | two-yields yield
two yields custard | custard | Chill for 2 hours. > Chill for 2 hours. Serves 12. | two-yields yield
step more butter | loaf | Cream the butter > Cream 250 g butter | step-amount
step less butter | loaf | Cream the butter > Cream 75 g butter | step-amount
step more milk | custard | Heat the milk > Heat 750 ml milk | step-amount
step other eggs | loaf | Beat in the eggs > Beat in 5 eggs | step-amount
step other flour | crumble | into the flour > into 400 g of the flour | step-amount
step other oats | cookies | Stir in the oats > Stir in 250 g oats | step-amount
step other sugar | custard | the egg yolks, sugar > the egg yolks, 120 g sugar | step-amount
step amount behind | loaf | Cream the butter and sugar > Cream the butter (250 g) and sugar | step-amount
step amount behind milk | custard | Heat the milk > Heat the milk (250 ml) | step-amount
not used milk | loaf | , then the milk. > . | not-used
not used salt | cookies | bicarbonate of soda and salt > bicarbonate of soda | not-used
not used vanilla | custard | Stir in the vanilla. > | not-used
not used zest | loaf | baking powder and lemon zest > baking powder | not-used
not used sugar | crumble | with the sugar in > in | not-used
not listed cinnamon | crumble | Toss the apples > Add the cinnamon and toss the apples | not-listed
not listed cream | custard | Stir in the vanilla. > Stir in the vanilla and the cream. | not-listed
not listed raisins | cookies | Stir in the oats > Stir in the raisins, oats | not-listed
not listed buttermilk | loaf | then the milk. > then the milk and the buttermilk. | not-listed
soda for powder | loaf | baking powder and lemon > bicarbonate of soda and lemon | soda-powder not-listed
slip salt | cookies | 1/4 tsp salt > 4 tbsp salt | gross ratio
slip powder | loaf | 2 tsp baking powder > 12 tsp baking powder | gross ratio
slip flour | loaf | 175 g plain flour > 1750 g plain flour | gross ratio
slip butter | cookies | 120 g butter > 1200 g butter | gross ratio
slip yolks | custard | 4 egg yolks > 40 egg yolks | gross ratio
slip soda | cookies | 1/2 tsp bicarbonate > 5 tsp bicarbonate | gross ratio
slip cornflour | custard | 20 g cornflour > 200 g cornflour | gross ratio
slip sugar | crumble | 80 g demerara sugar > 800 g demerara sugar | gross ratio
slip flour small | loaf | 175 g plain flour > 17 g plain flour | gross ratio
title sugar-free | loaf | Plain lemon loaf > Sugar-free lemon loaf | claim
title egg-free | loaf | Plain lemon loaf > Egg-free lemon loaf | claim
title no-bake | cookies | Oat biscuits > No-bake oat biscuits | claim
title vegan | custard | Vanilla custard > Vegan vanilla custard | claim
title gluten-free | crumble | Apple crumble > Gluten-free apple crumble | claim
title flourless | crumble | Apple crumble > Flourless apple crumble | claim
title dairy-free | loaf | Plain lemon loaf > Dairy-free lemon loaf | claim
title butterless | cookies | Oat biscuits > Butter-free oat biscuits | claim
twice butter | loaf | 3 eggs > 3 eggs\n175 g butter | twice
weight and volume | loaf | 175 g plain flour > 175 g (4 cups) plain flour | weight-against-volume
ounces and grams | loaf | 175 g butter > 6 oz (275 g) butter | weight-against-volume
count and weight | loaf | 3 eggs > 3 eggs (400 g) | weight-against-volume
no time for the bake | crumble | bake for 35–40 minutes until golden > bake | no-bake-time
oven heated after the bake | loaf | Heat the oven to 180 °C. Line a 900 g loaf tin. > Line a 900 g loaf tin. | order no-bake-time oven-scale
oven heated last | loaf | Cool in the tin. > Cool in the tin. Preheat the oven to 180 °C. | order
oven heated at the end | crumble | until golden. > until golden. Heat the oven to 190 °C. | order
oven on at the table | cookies | until golden. > until golden. Turn the oven on to 170 °C before serving. | order
flour after the bake | loaf | Fold in the flour, baking powder and lemon zest, then the milk.\n4. Bake for 45–50 minutes until a skewer comes out clean. Cool in the tin. > Bake for 45–50 minutes.\n4. Fold in the flour, baking powder and lemon zest, then the milk. Cool in the tin. | order
powder after the bake | loaf | Cool in the tin. > Cool in the tin, then whisk in 1 tsp bicarbonate of soda. | order not-listed
oats after the bake | cookies | Stir in the oats, flour, bicarbonate of soda and salt.\n4. Put spoonfuls on the trays and bake for 12–15 minutes until golden. > Put spoonfuls on the trays and bake for 12–15 minutes until golden.\n4. Stir in the oats, flour, bicarbonate of soda and salt. | order
topping after the bake | crumble | Rub the butter into the flour and stir in the demerara sugar.\n3. Scatter over the apples and bake for 35–40 minutes until golden. > Bake the apples for 35–40 minutes.\n3. Rub the butter into the flour and stir in the demerara sugar. Scatter over the apples. | order
sauce forgotten | loaf | 2 tbsp milk > 2 tbsp milk\n\nFor the syrup\n80 g caster sugar\n60 ml water\n\nSimmer the sugar and water for 3 minutes. | made-unused
icing forgotten | cookies | 1/4 tsp salt > 1/4 tsp salt\n\nFor the icing\n150 g icing sugar\n20 ml water\n\nWhisk the icing sugar with the water until smooth. | made-unused
custard forgotten | crumble | 80 g demerara sugar > 80 g demerara sugar\n\nFor the custard\n300 ml milk\n20 g cornflour\n\nWhisk the cornflour into the milk and boil for 1 minute. | made-unused
caramel forgotten | custard | 1 tsp vanilla extract > 1 tsp vanilla extract\n\nFor the caramel\n100 g sugar\n30 ml water\n\nBoil the sugar and water to a dark caramel. | made-unused
two ovens in fahrenheit | loaf | Bake for 45 > Bake at 425 °F for 45 | two-ovens oven-scale
two ovens by gas | crumble | bake for 35 > bake at gas mark 2 for 35 | two-ovens oven-scale
two ovens, put in | cookies | bake for 12 > put in the oven at 220 °C for 12 | two-ovens oven-scale
oven in facts of biscuits | cookies | Makes 20 biscuits > Makes 20 biscuits\nOven: 220 °C | two-ovens oven-scale
two times in a range | crumble | Serves 6 > Serves 6\nBaking: 15–20 min | two-times bake-time
no time for the loaf | loaf | Bake for 45–50 minutes until > Bake until | no-bake-time
bake much too long | cookies | 12–15 minutes > 95 minutes | bake-time
`

export const plantedRecipes: readonly Planted[] = planted
  .trim()
  .split('\n')
  .map(row => {
    const [name, ground, change, codes] = row.split(' | ').map(cell => cell.replaceAll('\\n', '\n'))
    const [from, to = ''] = change!.split(/ > ?/u)
    const whole = textOf(grounds[ground!]!)
    const text = whole.replace(from!, to)
    if (text === whole) throw new Error(`“${name}” changes nothing`)
    return { name: name!, text, codes: codes!.trim().split(' ') }
  })
export const plantedGrounds: readonly string[] = Object.values(grounds).map(textOf)
