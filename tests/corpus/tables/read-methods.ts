/**
 * Methods of ordinary home baking, written for this test, with what each step takes of which line, and what else it says:
 * things taken together, times, heat, cues. A name in brackets is brought by the step alone. Read through by hand [M].
 */
export interface ReadMethod {
  readonly text: string
  readonly steps: readonly { readonly takes: readonly string[]; readonly also: readonly string[] }[]
}

export const readMethods: readonly ReadMethod[] = [
  {
    text: `Apricot tray bake

For the base
200 g plain flour
1 tsp baking powder
120 g butter, softened
90 g caster sugar
2 eggs, separated
1 lemon, zest and juice

For the top
8 apricots
30 g flaked almonds
2 tbsp demerara sugar
1 tbsp milk, to brush

Method
1. Heat the oven to 180 °C. Butter the tin and flour it.
2. Sift the flour and baking powder. Cream the butter and caster sugar; beat in the yolks and the lemon zest.
3. Whisk the whites with a pinch of salt to soft peaks. Fold half of the flour into the butter, then the whites, then the remaining flour with 1 tbsp of the lemon juice.
4. Spread in the tin. Top with the apricots, almonds and 1 tbsp demerara sugar. Bake for 35 minutes until golden.
5. Brush with the milk while warm and dust with the rest of the demerara sugar. Serve with whipped cream.`,
    steps: [
      { takes: ['Butter (done to it) → 120 g butter, softened', 'flour (done to it) → 200 g plain flour'], also: ['oven 180'] },
      {
        takes: [
          'flour → 200 g plain flour',
          'baking powder → 1 tsp baking powder',
          'butter → 120 g butter, softened',
          'caster sugar → 90 g caster sugar',
          'yolks → 2 eggs, separated',
          'lemon zest → 1 lemon, zest and juice',
        ],
        also: [],
      },
      {
        takes: [
          'whites → 2 eggs, separated',
          'salt → [salt] : 0.3 g',
          'flour → 200 g plain flour × 0.5',
          'butter → 120 g butter, softened',
          'whites → 2 eggs, separated',
          'flour → 200 g plain flour : the rest',
          'lemon juice → 1 lemon, zest and juice : 15.5 g',
        ],
        also: ['to soft peaks'],
      },
      { takes: ['apricots → 8 apricots', 'almonds → 30 g flaked almonds', 'demerara sugar → 2 tbsp demerara sugar : 12.9 g'], also: ['bake 35–35: 35 minutes', 'until golden'] },
      { takes: ['milk → 1 tbsp milk, to brush', 'demerara sugar → 2 tbsp demerara sugar : the rest', 'whipped cream → [double-cream]'], also: [] },
    ],
  },
  {
    text: `Cocoa pots

500 ml oat milk
60 g cornflour
50 g cocoa powder
100 g muscovado sugar
1 vanilla pod
150 g dark chocolate
sea salt

Whisk the cornflour, cocoa and sugar with 100 ml milk (a third of a cup) to a paste. Heat the remaining milk with the vanilla, pour it over and bring to the boil. Take off the heat, stir in the chocolate (150 g) until it looks like cream. Pour the custard into 6 pots, chill for 2 hours and serve with shop-bought biscuits and a little salt.`,
    steps: [
      {
        takes: [
          'cornflour → 60 g cornflour',
          'cocoa → 50 g cocoa powder',
          'sugar → 100 g muscovado sugar',
          'milk → 500 ml oat milk : 103 g',
          'milk → 500 ml oat milk : the rest',
          'vanilla → 1 vanilla pod',
          'chocolate → 150 g dark chocolate : 150 g',
          'biscuits → [biscuits]',
          'salt → sea salt',
        ],
        also: ['chill 120–120: 2 hours', 'until it looks like cream'],
      },
    ],
  },
  {
    text: `Cinnamon twists

For the dough
400 g strong white flour
7 g yeast
250 ml milk
60 g butter, melted
For the filling
80 g butter
100 g light brown sugar
1 cinnamon stick, ground
For the glaze
50 g icing sugar

Mix the dry ingredients for the dough. Add 200 ml milk and the melted butter and knead for 10 minutes. Cover the dough and leave to rise for 1 hour.
For the filling, beat the butter with the sugar and cinnamon. Oil your hands, roll out the dough on a floured board and spread with the filling.
Twist, prove for 30 minutes and bake at 190 °C for 20 minutes. For the glaze, stir the icing sugar with 2 tsp milk or water. Ice the twists. Brush the tops with more milk before they go in.`,
    steps: [
      {
        takes: ['milk → 250 ml milk : 204.6 g', 'butter → 60 g butter, melted'],
        also: ['together: ingredients for the', 'together: the dry ingredients', 'mix 10–10: 10 minutes', 'rise 60–60: 1 hour'],
      },
      {
        takes: [
          'butter → 80 g butter',
          'sugar → 100 g light brown sugar',
          'cinnamon → 1 cinnamon stick, ground',
          'Oil (done to it) → [neutral-oil]',
          'floured (done to it) → 400 g strong white flour',
        ],
        also: [],
      },
      { takes: ['icing sugar → 50 g icing sugar', 'milk → 250 ml milk : 10.2 g', 'water → [water]', 'milk → 250 ml milk'], also: ['rise 30–30: 30 minutes', 'bake 20–20: 20 minutes', 'oven 190'] },
    ],
  },
  {
    text: `Almond ring

3 eggs
150 g sugar
100 g ground almonds
100 g self-raising flour
75 ml oil
zest of 1 orange
20 g butter, for the tin

Grease the ring tin with the butter and dust with flour. Whisk the eggs with two thirds of the sugar until pale. Fold in everything else except the remaining sugar. Bake 40 min at 170 °C; meanwhile boil the remaining sugar with 3 tbsp orange juice. Prick the cake, pour the syrup over and cool in the tin. Cut off a piece the size of a walnut to taste.`,
    steps: [
      {
        takes: [
          'butter → 20 g butter, for the tin',
          'flour → 100 g self-raising flour',
          'eggs → 3 eggs',
          'sugar → 150 g sugar × 0.67',
          'sugar → 150 g sugar : the rest',
          'sugar → 150 g sugar : the rest',
          'orange juice → [orange-juice] : 46.8 g',
        ],
        also: ['together: everything', 'together: syrup', 'bake 40–40: 40 min', 'oven 170', 'until pale'],
      },
    ],
  },
  {
    text: `Crumb slice

150 g digestive biscuits
70 g butter
400 g cream cheese
2 eggs
120 g sugar
1 tbsp flour
300 g berries
100 g white chocolate
100 g dark chocolate

Crush the biscuits, stir in the melted butter and press the biscuit base into a buttered tin. Beat the cream cheese with the sugar, the flour and half the eggs, then the rest. Pour over the base and bake at 160 °C for 45 minutes. Melt the white and dark chocolate separately, drizzle over, and top with the berries. Cool the slice overnight. Rice the leftovers.`,
    steps: [
      {
        takes: [
          'biscuits → 150 g digestive biscuits',
          'butter → 70 g butter',
          'biscuit → 150 g digestive biscuits',
          'buttered (done to it) → 70 g butter',
          'cream cheese → 400 g cream cheese',
          'sugar → 120 g sugar',
          'flour → 1 tbsp flour',
          'eggs → 2 eggs × 0.5',
          'white → 100 g white chocolate',
          'dark chocolate → 100 g dark chocolate',
          'berries → 300 g berries',
        ],
        also: ['together: the rest', 'together: berries', 'bake 45–45: 45 minutes', 'cool 480–720: overnight', 'oven 160'],
      },
    ],
  },
  {
    text: `Walnut loaf

300 g wholemeal flour
150 g walnuts
1 tsp bicarbonate of soda
2 tbsp treacle
300 ml buttermilk
a knob of butter

Chop 100 g of the walnuts. Tip the flour, soda and chopped walnuts into a bowl. Warm the treacle with the buttermilk, combine everything and scrape into the loaf tin. Scatter over the reserved walnuts. Bake for 50–60 minutes. Butter a slice. Eat with raspberry jam or a dollop of crème fraîche.`,
    steps: [
      {
        takes: [
          'walnuts → 150 g walnuts : 100 g',
          'flour → 300 g wholemeal flour',
          'soda → 1 tsp bicarbonate of soda',
          'walnuts → 150 g walnuts',
          'treacle → 2 tbsp treacle',
          'buttermilk → 300 ml buttermilk',
          'walnuts → 150 g walnuts : the rest',
          'Butter (done to it) → a knob of butter',
          'raspberry jam → [jam]',
          'crème fraîche → [creme-fraiche] : 25 g',
        ],
        also: ['together: everything', 'bake 50–60: 50–60 minutes'],
      },
    ],
  },
  {
    text: `Rhubarb fool with shortbread

For the rhubarb
400 g rhubarb
80 g sugar
1 orange
For the cream
300 ml double cream
2 tbsp icing sugar
For the shortbread
150 g flour
100 g butter
50 g sugar

1. Rhubarb: cook the rhubarb with the sugar and the juice of the orange for 10 minutes.
2. Shortbread: rub the butter into the flour, add the sugar. Press into a square tin and bake at 160 °C for 25 minutes.
3. Cream: whip the cream with the sugar.
4. Fold half the fruit into the cream, add the rest in ribbons. Chill for 1 hour. Serve with the shortbread.`,
    steps: [
      { takes: ['Rhubarb → 400 g rhubarb', 'rhubarb → 400 g rhubarb', 'sugar → 80 g sugar', 'orange → 1 orange'], also: ['cook 10–10: 10 minutes'] },
      { takes: ['butter → 100 g butter', 'flour → 150 g flour', 'sugar → 50 g sugar'], also: ['bake 25–25: 25 minutes', 'oven 160'] },
      { takes: ['Cream → 300 ml double cream', 'cream → 300 ml double cream', 'sugar → 2 tbsp icing sugar'], also: [] },
      { takes: ['fruit → 400 g rhubarb × 0.5', 'cream → 300 ml double cream'], also: ['together: the rest', 'together: fruit', 'chill 60–60: 1 hour'] },
    ],
  },
  {
    text: `Poppy seed pancakes

250 g flour
2 level tsp baking powder
2 tbsp poppy seeds
2 eggs
300 ml soya milk
1 lemon, zest and juice
vegetable oil, for frying
maple syrup

Put the flour, baking powder and seeds in a bowl. Make a well, add the eggs and a third of the milk, and whisk. Whisk in the rest of the milk and the lemon zest. Leave for 20 minutes. Heat 1 tsp oil in a pan; cook 2 minutes a side. Repeat with more oil. Serve drizzled with syrup and a squeeze of lemon juice.`,
    steps: [
      {
        takes: [
          'flour → 250 g flour',
          'baking powder → 2 level tsp baking powder',
          'seeds → 2 tbsp poppy seeds',
          'eggs → 2 eggs',
          'milk → 300 ml soya milk × 0.33',
          'milk → 300 ml soya milk : the rest',
          'lemon zest → 1 lemon, zest and juice',
          'oil → vegetable oil, for frying : 4.5 g',
          'oil → vegetable oil, for frying',
          'lemon juice → 1 lemon, zest and juice : 5 g',
        ],
        also: ['together: seeds', 'together: syrup', 'rest 20–20: 20 minutes', 'cook 2–2: 2 minutes'],
      },
    ],
  },
]

/** Single sentences and what they take of which line: what a word means, where its amount stands, what is no food. [M] */
export const readSentences: readonly { readonly lines: string; readonly method: string; readonly takes: readonly string[] }[] = [
  { lines: '120 g butter\n20 g butter, for brushing', method: 'Melt the butter. Brush the tin with the butter.', takes: ['butter → 120 g butter', 'butter → 20 g butter, for brushing'] },
  {
    lines: '20 g butter, for the tin\n120 g butter',
    method: 'Cream the butter. Grease a tin with the butter; dot with butter.',
    takes: ['butter → 120 g butter', 'butter → 20 g butter, for the tin', 'butter → 120 g butter'],
  },
  { lines: '200 g flour\n100 g rye flour', method: 'Stir in the flour. Coat the board in flour.', takes: ['flour → 200 g flour', 'flour → 200 g flour'] },
  {
    lines: '100 g almond butter\n50 g butter',
    method: 'Flour and butter the tin. Spread the butter over; butter it well.',
    takes: ['Flour (done to it) → [plain-flour]', 'butter (done to it) → 50 g butter', 'butter → 50 g butter', 'butter (done to it) → 50 g butter'],
  },
  { lines: '50 g rice\n500 ml milk', method: 'Rice the potatoes. Stir in the rice. Ice the cake, then sprinkle and spread.', takes: ['potatoes → [potato]', 'rice → 50 g rice'] },
  {
    lines: '300 ml double cream\n100 g butter\n50 g sugar',
    method: 'Cream the butter and sugar. Creamed together, cream until light. Whip the cream, cream it.',
    takes: ['butter → 100 g butter', 'sugar → 50 g sugar', 'cream → 300 ml double cream'],
  },
  {
    lines: '200 g hazelnuts\n50 g sugar',
    method: 'Grind the hazelnuts to a fine flour. Fold the flour into the sugar. Add 20 g flour.',
    takes: ['hazelnuts → 200 g hazelnuts', 'sugar → 50 g sugar', 'flour → [plain-flour] : 20 g'],
  },
  { lines: '200 g oats\n50 g walnuts', method: 'Blitz the oats to a flour and add the butter. Stir the flour in.', takes: ['oats → 200 g oats', 'butter → [butter]'] },
  {
    lines: '50 g sugar\n200 g hazelnuts\n2 eggs',
    method: 'Beat the eggs; process the nuts to a smooth butter. Spread the butter. Grind the sugar to flour.',
    takes: ['eggs → 2 eggs', 'nuts → 200 g hazelnuts', 'sugar → 50 g sugar', 'flour → [plain-flour]'],
  },
  {
    lines: '400 ml coconut milk\n20 g sugar',
    method: 'Scoop off the thick cream. Whip the cream with sugar. Take the cream from the top of the coconut milk.',
    takes: ['sugar → 20 g sugar', 'coconut milk → 400 ml coconut milk'],
  },
  {
    lines: '2 eggs\n500 ml milk\n50 g sugar\n1 tbsp cornflour',
    method: 'Heat the milk, whisk in the eggs, sugar and cornflour and cook the custard. Pour in custard, then some bought custard. Serve with custard.',
    takes: ['milk → 500 ml milk', 'eggs → 2 eggs', 'sugar → 50 g sugar', 'cornflour → 1 tbsp cornflour', 'custard → [ready-custard]', 'custard → [ready-custard]', 'custard → [ready-custard]'],
  },
  {
    lines: '200 g flour\n100 g butter',
    method: 'Rub the butter into the flour. Roll out the pastry. Put it in a pastry case, in an empty pastry shell. Bake the pastry base. Fill a sponge base.',
    takes: ['butter → 100 g butter', 'flour → 200 g flour', 'pastry case → [shortcrust]'],
  },
  {
    lines: '200 g biscuits\n100 g butter',
    method: 'Crush the biscuits. Press the biscuit base in. Top with 3 biscuits and slices of biscuit.',
    takes: ['biscuit → 200 g biscuits', 'biscuits → 200 g biscuits : 39 g', 'biscuit → 200 g biscuits'],
  },
  {
    lines: '100 g chopped white chocolate\n100 g dark chocolate',
    method: 'Melt the white and dark chocolate. Stir the white, and dark chocolate.',
    takes: ['white → 100 g chopped white chocolate', 'dark chocolate → 100 g dark chocolate', 'dark chocolate → 100 g dark chocolate'],
  },
  { lines: '2 egg whites', method: 'Whisk the white and milk chocolate.', takes: ['milk chocolate → [milk-chocolate]'] },
  { lines: '100 g white Belgian chocolate\n50 g butter', method: 'Melt the white and milk chocolate.', takes: ['white → 100 g white Belgian chocolate', 'milk chocolate → [milk-chocolate]'] },
  { lines: '100 g zorblax white chocolate\n50 g butter', method: 'Beat the white. Melt the white & plain chocolate.', takes: ['plain chocolate → [dark-chocolate]'] },
  {
    lines: '1 vanilla pod\n1 cinnamon stick\n2 tbsp poppy seeds\n100 g poppy seed paste',
    method: 'Add the vanilla, the cinnamon, the poppy seed.',
    takes: ['vanilla → 1 vanilla pod', 'cinnamon → 1 cinnamon stick', 'poppy seed → 2 tbsp poppy seeds'],
  },
  { lines: '3 egg whites\n3 egg yolks', method: 'Beat the eggs.', takes: ['eggs → 3 egg whites'] },
  {
    lines: '250 g butter',
    method: 'Add the butter (250 g). Add butter ( about 100 g ), the butter (cold) and butter (3). Butter (½) and butter (100 g cold).',
    takes: ['butter → 250 g butter : 250 g', 'butter → 250 g butter : 100 g', 'butter → 250 g butter', 'butter → 250 g butter', 'Butter → 250 g butter', 'butter → 250 g butter'],
  },
  {
    lines: '500 ml milk\n100 g sugar',
    method: 'Add 120 ml of the cold milk. Add half a cup of milk. Heat to 175 C. Milk the bread: half the milk, a milk bottle. Mix 5 minutes; milk, 3 times the milk. Add 20 ml milk, 3 tins milk.',
    takes: [
      'milk → 500 ml milk : 122.8 g',
      'milk → 500 ml milk : 127.9 g',
      'Milk → 500 ml milk',
      'bread → [bread]',
      'milk → 500 ml milk × 0.5',
      'milk → 500 ml milk',
      'milk → 500 ml milk',
      'milk → 500 ml milk',
      'milk → 500 ml milk : 20.5 g',
      'milk → 500 ml milk : ? g',
    ],
  },
  {
    lines: '4 eggs\n200 g flour',
    method: 'Add 2 eggs. Add two of the eggs. Add half an egg. Add 1 tbsp of the sifted flour. Add 1 tbsp water flour.',
    takes: ['eggs → 4 eggs : 100 g', 'eggs → 4 eggs : 100 g', 'egg → 4 eggs', 'flour → 200 g flour : 7.2 g', 'water → [water] : 15 g', 'flour → 200 g flour'],
  },
  {
    lines: '3 tbsp flour',
    method: 'Add half the flour. Use three quarters of the flour, the remaining flour and the other flour.',
    takes: ['flour → 3 tbsp flour × 0.5', 'flour → 3 tbsp flour × 0.75', 'flour → 3 tbsp flour : the rest', 'flour → 3 tbsp flour'],
  },
  { lines: '200 g flour\n60 g butter\nCake tin', method: 'Put in a cake tin, a pie dish, a pudding basin and a muffin tin. Line a loaf tin. Turn the cake tin.', takes: [] },
  {
    lines: '100 g caramel\n100 g dark chocolate',
    method: 'Melt the chocolates; resembling breadcrumbs, the size of walnuts, as thick as cream, like honey. Colour of caramel.',
    takes: ['chocolates → 100 g dark chocolate'],
  },
  { lines: '30 g butter', method: 'A buttered dish, an oiled bowl, a lightly floured board.', takes: ['buttered (done to it) → 30 g butter', 'lightly floured (done to it) → [plain-flour]'] },
  {
    lines: '30 ml oil\n100 g self-raising flour',
    method: 'An oiled bowl and a floured board. Oil the tin.',
    takes: ['oiled (done to it) → 30 ml oil', 'floured (done to it) → 100 g self-raising flour', 'Oil (done to it) → 30 ml oil'],
  },
  {
    lines: '1 orange, zest and juice\n1 lemon',
    method: 'Add the orange zest, orange juice, lemon juice and the zest.',
    takes: ['orange zest → 1 orange, zest and juice', 'orange juice → 1 orange, zest and juice', 'lemon juice → 1 lemon', 'zest → 1 orange, zest and juice'],
  },
  {
    lines: '100 g walnuts\n100 g almonds',
    method: 'Chop the nuts. Toast the walnuts. Add the pecans and the nut.',
    takes: ['nuts → 100 g walnuts', 'walnuts → 100 g walnuts', 'pecans → [pecans]', 'nut → 100 g walnuts'],
  },
  {
    lines: '150 ml oat milk\n50 g brown sugar\n100 g rye flour',
    method: 'Warm the milk. Sift flour. Add the sugar, caster sugar and almond milk.',
    takes: ['milk → 150 ml oat milk', 'flour → 100 g rye flour', 'sugar → 50 g brown sugar', 'caster sugar → [sugar]', 'almond milk → [almond-drink]'],
  },
  { lines: '200 g hazelnuts\n50 g sugar', method: 'Grind to a fine flour.', takes: [] },
  { lines: '200 g hazelnuts\n50 g sugar', method: 'Grind the sugar and hazelnuts to flour; sift the flour.', takes: ['sugar → 50 g sugar', 'hazelnuts → 200 g hazelnuts'] },
  { lines: '200 g hazelnuts\n50 g sugar', method: 'Grind the sugar to a flour, then the hazelnuts.', takes: ['sugar → 50 g sugar', 'flour → [plain-flour]', 'hazelnuts → 200 g hazelnuts'] },
  { lines: '200 g hazelnuts\n50 g sugar', method: 'Chop the hazelnuts. Grind the sugar to a flour.', takes: ['hazelnuts → 200 g hazelnuts', 'sugar → 50 g sugar', 'flour → [plain-flour]'] },
  { lines: '200 g hazelnuts\n50 g sugar', method: 'Stir the hazelnuts into a flour.', takes: ['hazelnuts → 200 g hazelnuts', 'flour → [plain-flour]'] },
  { lines: '50 g sugar', method: 'Grind the sugar to a flour.', takes: ['sugar → 50 g sugar', 'flour → [plain-flour]'] },
  { lines: '200 g almonds\n50 g sugar', method: 'Blend the almonds with water into a smooth milk. Warm the milk, add milk.', takes: ['almonds → 200 g almonds', 'water → [water]', 'milk → [milk]'] },
  { lines: '400 ml coconut milk', method: 'Lift off the solid cream and beat the cream from the top of the milk. Pour cream.', takes: ['milk → 400 ml coconut milk', 'cream → [double-cream]'] },
  { lines: '400 ml coconut milk\n200 ml double cream', method: 'Skim off the thick cream. Whip the cream.', takes: ['cream → 200 ml double cream', 'cream → 200 ml double cream'] },
  { lines: '200 g silken tofu', method: 'Blitz the tofu to a cream. Chill the cream. Add cream.', takes: ['tofu → 200 g silken tofu', 'cream → [double-cream]'] },
  {
    lines: '100 g butter\n200 g flour\n50 g sugar',
    method: 'Crush the biscuits. Mix to biscuits and bake. Dip the biscuits.',
    takes: ['biscuits → [biscuits]', 'biscuits → [biscuits]', 'biscuits → [biscuits]'],
  },
  {
    lines: '4 egg whites\n200 g sugar',
    method: 'Whisk the whites with the sugar. Bake the meringues. Crumble the meringues over with crushed meringues.',
    takes: ['whites → 4 egg whites', 'sugar → 200 g sugar', 'crushed meringues → [meringues-bought]'],
  },
  {
    lines: '100 g almonds\n100 g sugar',
    method: 'Mix the almonds and sugar to marzipan. Roll out the marzipan; add bought marzipan.',
    takes: ['almonds → 100 g almonds', 'sugar → 100 g sugar', 'marzipan → [marzipan]'],
  },
  { lines: '100 g hazelnuts\n100 g sugar', method: 'Mix to marzipan. Cover with the marzipan.', takes: ['marzipan → [marzipan]', 'marzipan → [marzipan]'] },
  { lines: '300 ml cream\n50 g sugar\n200 g strawberries', method: 'Churn the ice cream. Freeze the ice cream. Scoop of ice cream.', takes: ['ice cream → [ice-cream]', 'ice cream → [ice-cream]'] },
  {
    lines: '250 g mascarpone\n50 g sugar',
    method: 'Beat the mascarpone. Spread the cream over. Whip the cream. Line with beans and bake blind. Set the jelly.',
    takes: ['mascarpone → 250 g mascarpone', 'cream → [double-cream]', 'jelly → [jam]'],
  },
]
