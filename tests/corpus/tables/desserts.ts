/**
 * Ordinary desserts of our own, typed as people type them, on which the engine is measured. A third is `held` back: no figure
 * of the engine was set by looking at them. `refuse` names whose leaving must be refused. Amounts from memory of common
 * practice [M].
 */
export interface Dessert {
  readonly family: string
  readonly text: string
  readonly held?: true
  readonly refuse?: readonly ('egg' | 'gluten')[]
}

export const desserts: readonly Dessert[] = [
  {
    family: 'quick-bread',
    text: `Dark sticky ginger loaf
225 g plain flour
1 tsp bicarbonate of soda
1 Tbsp ground ginger
115 g butter
115 g black treacle
115 g light muscovado sugar
240 ml whole milk
1 large egg
Melt the butter, treacle and sugar. Take off the heat, stir in the milk and beat in the egg.
Whisk the flour, soda and ginger, pour on the liquid and whisk until smooth.
Bake at 160 °C for 50 minutes, until a skewer comes out clean.`,
  },
  {
    family: 'creamed',
    text: `Caraway seed cake
175 g butter, softened
175 g caster sugar
3 eggs
225 g plain flour
1 tsp baking powder
2 Tbsp milk
1 Tbsp caraway seeds
Cream the butter and sugar until pale and fluffy.
Beat in the eggs one at a time.
Fold in the flour, baking powder and caraway, then the milk.
Bake in a lined loaf tin at 170 °C for 55 minutes.`,
  },
  {
    family: 'muffin',
    text: `Blackcurrant breakfast muffins
280 g plain flour
1 Tbsp baking powder
120 g caster sugar
2 eggs
240 ml milk
90 ml sunflower oil
150 g blackcurrants
Whisk the flour, baking powder and sugar.
Beat the eggs with the milk and oil, and stir into the dry ingredients.
Fold in the blackcurrants. Spoon into 12 cases and bake at 190 °C for 22 minutes.`,
  },
  {
    family: 'cookie',
    text: `Spiced oat rounds
110 g butter, softened
120 g light brown sugar
1 egg
150 g plain flour
½ tsp bicarbonate of soda
1 tsp ground cinnamon
100 g rolled oats
Cream the butter and sugar. Beat in the egg.
Mix in the flour, soda, cinnamon and oats.
Drop spoonfuls on a lined sheet and bake at 180 °C for 11 minutes.`,
  },
  {
    family: 'shortbread',
    text: `Lemon thyme shortbread fingers
225 g plain flour
150 g cold butter
75 g caster sugar
1 tsp thyme leaves
Rub the butter into the flour, then stir in the sugar and thyme.
Press into a tin and bake at 160 °C for 35 minutes. Cut while warm.`,
  },
  {
    family: 'brownie',
    text: `Walnut cocoa squares
120 g butter
200 g caster sugar
60 g cocoa powder
2 eggs
90 g plain flour
60 g walnuts
Melt the butter with the sugar and the cocoa.
Beat in the eggs, then stir in the flour and walnuts.
Bake in a 20 cm square tin at 170 °C for 24 minutes.`,
  },
  {
    family: 'pastry-cream',
    text: `Vanilla pastry cream
500 ml whole milk
4 egg yolks
100 g caster sugar
40 g cornflour
30 g butter
1 tsp vanilla extract
Whisk the yolks, sugar and cornflour. Heat the milk and pour it on, whisking.
Return to the pan and stir until it boils and thickens. Beat in the butter and vanilla, and chill.`,
  },
  {
    family: 'scone',
    text: `Currant scones
250 g plain flour
1 Tbsp baking powder
50 g butter
40 g caster sugar
1 egg
110 ml milk
60 g currants
Rub the butter into the flour and baking powder. Stir in the sugar and currants.
Beat the egg with the milk, mix to a soft dough, pat out and cut.
Bake at 220 °C for 12 minutes.`,
  },
  {
    family: 'buttercream',
    text: `Almond-free vanilla buttercream
150 g butter, softened
300 g icing sugar
2 Tbsp milk
1 tsp vanilla extract
Beat the butter until pale. Beat in the icing sugar a little at a time, then the milk and vanilla.`,
  },
  {
    family: 'cheesecake',
    text: `Baked honey cheesecake
For the base
150 g digestive biscuits
70 g butter, melted
For the filling
600 g cream cheese
100 g caster sugar
50 g honey
3 eggs
150 ml soured cream
Mix the biscuits with the butter and press into a tin.
Beat the cream cheese with the sugar and honey, beat in the eggs and the soured cream.
Pour on to the base and bake at 150 °C for 50 minutes. Cool in the oven.`,
  },
  {
    family: 'yeast',
    text: `Cardamom plaits
500 g bread flour
7 g dried yeast
250 ml milk
80 g butter
75 g caster sugar
1 egg
2 tsp ground cardamom
Warm the milk and stir in the yeast. Mix with the flour, sugar, cardamom and egg.
Knead for 10 minutes, working in the butter. Leave to rise for 1 hour.
Shape, prove for 40 minutes and bake at 200 °C for 15 minutes.`,
  },
  {
    family: 'crepe',
    text: `Thin harvest crêpes
125 g plain flour
2 eggs
300 ml milk
25 g butter, melted
1 Tbsp caster sugar
Whisk the flour, eggs, milk, butter and sugar until smooth. Rest for 30 minutes.
Fry in a hot pan, a small ladle at a time.`,
  },
  {
    family: 'ganache',
    text: `Pouring ganache
200 g dark chocolate
200 ml double cream
20 g butter
Heat the cream until it steams and pour it over the chocolate. Stir until smooth, then stir in the butter.`,
  },
  {
    family: 'meringue',
    text: `Pistachio meringue clouds
4 egg whites
220 g caster sugar
1 tsp white wine vinegar
Whisk the egg whites to soft peaks. Add the sugar a spoonful at a time, whisking until stiff. Fold in the vinegar.
Bake at 110 °C for 1½ hours.`,
  },
  {
    family: 'egg-custard',
    text: `Nutmeg baked custard
500 ml whole milk
3 eggs
70 g caster sugar
¼ tsp nutmeg
Warm the milk. Whisk the eggs and sugar, pour on the milk and strain into a dish.
Grate over the nutmeg and bake in a water bath at 150 °C for 45 minutes, until just set.`,
  },
  {
    family: 'pastry',
    text: `Sweet tart case
250 g plain flour
125 g cold butter
80 g icing sugar
1 egg
Rub the butter into the flour and sugar. Bind with the egg and chill for 30 minutes.
Roll out, line a tin and bake blind at 180 °C for 20 minutes.`,
  },
  {
    family: 'choux',
    refuse: ['egg', 'gluten'],
    text: `Harbour éclairs
250 ml water
100 g butter
140 g plain flour
4 eggs
Boil the water and butter, tip in the flour and stir until it leaves the sides. Beat in the eggs one at a time.
Pipe and bake at 200 °C for 30 minutes.`,
  },
  {
    family: 'sponge',
    refuse: ['egg'],
    text: `Whisked lantern roll
4 eggs
110 g caster sugar
110 g plain flour
Whisk the eggs and sugar until thick and pale. Fold in the flour and bake at 200 °C for 10 minutes.`,
  },
  {
    family: 'creamed',
    text: `Coffee and walnut sandwich
200 g butter, softened
200 g caster sugar
4 eggs
200 g self-raising flour
1 tsp baking powder
2 Tbsp strong coffee
60 g walnuts, chopped
Cream the butter and sugar until light. Beat in the eggs one at a time.
Fold in the flour, baking powder, coffee and walnuts. Bake in two tins at 180 °C for 25 minutes.`,
  },
  {
    family: 'muffin',
    text: `Yoghurt and semolina slice
200 g plain flour
100 g semolina
2 tsp baking powder
½ tsp bicarbonate of soda
250 g plain yoghurt
3 eggs
180 g caster sugar
120 ml olive oil
Beat the eggs, sugar, yoghurt and oil. Whisk the flour, semolina, baking powder and soda, and fold together.
Bake in a square tin at 175 °C for 35 minutes.`,
  },
  {
    family: 'bread-pudding',
    text: `Marmalade bread pudding
300 g white bread
500 ml milk
3 eggs
80 g caster sugar
50 g butter, melted
80 g sultanas
Soak the bread in the milk for 20 minutes. Beat in the eggs, sugar and butter, then the sultanas.
Bake at 180 °C for 40 minutes.`,
  },

  {
    family: 'creamed',
    held: true,
    text: `Rosewater ring cake
225 g butter, softened
225 g caster sugar
4 eggs
280 g plain flour
2 tsp baking powder
100 ml milk
1 tsp rose water
Cream the butter and sugar. Beat in the eggs, one at a time.
Fold in the flour and baking powder, loosening with the milk and rose water.
Bake in a ring tin at 170 °C for 45 minutes.`,
  },
  {
    family: 'quick-bread',
    held: true,
    text: `Courgette and raisin loaf
250 g plain flour
2 tsp baking powder
½ tsp bicarbonate of soda
150 g light brown sugar
2 eggs
120 ml sunflower oil
250 g courgette, grated
80 g raisins
Whisk the eggs, sugar and oil. Stir in the courgette and raisins.
Fold in the flour, baking powder and soda. Bake in a loaf tin at 170 °C for 55 minutes.`,
  },
  {
    family: 'cookie',
    held: true,
    text: `Rolled spice biscuits
350 g plain flour
1 tsp bicarbonate of soda
2 tsp ground ginger
100 g butter
175 g dark brown sugar
1 egg
4 Tbsp golden syrup
Rub the butter into the flour, soda and ginger. Stir in the sugar.
Beat the egg with the syrup and mix to a dough. Roll out, cut and bake at 180 °C for 12 minutes.`,
  },
  {
    family: 'pancake',
    held: true,
    text: `Lantern waffles
250 g plain flour
2 tsp baking powder
30 g caster sugar
2 eggs
400 ml milk
80 g butter, melted
Whisk the flour, baking powder and sugar. Beat the eggs with the milk and butter and whisk in.
Bake in a hot iron.`,
  },
  {
    family: 'scone',
    held: true,
    text: `Buttermilk soda scones
300 g plain flour
1 tsp bicarbonate of soda
50 g butter
2 Tbsp caster sugar
230 ml buttermilk
Rub the butter into the flour and soda. Stir in the sugar and buttermilk. Pat out, cut and bake at 220 °C for 12 minutes.`,
  },
  {
    family: 'brownie',
    held: true,
    text: `Rye chocolate squares
180 g dark chocolate
150 g butter
220 g caster sugar
3 eggs
100 g rye flour
Melt the chocolate and butter. Whisk the eggs and sugar and stir in the chocolate. Fold in the flour.
Bake at 170 °C for 25 minutes.`,
  },
  {
    family: 'cream-cheese-frosting',
    held: true,
    text: `Cream-cheese frosting
200 g cream cheese
80 g butter, softened
200 g icing sugar
Beat the butter with the icing sugar, then beat in the cream cheese.`,
  },
  {
    family: 'egg-custard',
    held: true,
    text: `Burnt cardamom cream
500 ml double cream
6 egg yolks
90 g caster sugar
1 tsp ground cardamom
Heat the cream with the cardamom. Whisk the yolks and sugar, pour on the cream and strain.
Bake in a water bath at 140 °C for 40 minutes and chill.`,
  },
  {
    family: 'streusel',
    held: true,
    text: `Hazelnut streusel
120 g plain flour
80 g cold butter
60 g demerara sugar
40 g hazelnuts, chopped
Rub the butter into the flour, then stir in the sugar and hazelnuts. Scatter over fruit and bake at 190 °C for 30 minutes.`,
  },
  {
    family: 'mousse',
    held: true,
    text: `Dark chocolate mousse
200 g dark chocolate
4 eggs, separated
30 g caster sugar
Melt the chocolate and stir in the yolks. Whisk the whites with the sugar to soft peaks and fold in. Chill for 4 hours.`,
  },
  {
    family: 'angel',
    held: true,
    refuse: ['egg'],
    text: `Angel food cake
120 g cake flour
10 egg whites
250 g caster sugar
1 tsp cream of tartar
Whisk the whites with the cream of tartar, add the sugar, fold in the flour and bake at 170 °C for 35 minutes.`,
  },
  {
    family: 'popover',
    held: true,
    refuse: ['egg'],
    text: `Popovers
150 g plain flour
3 eggs
300 ml milk
1 Tbsp butter, melted
Whisk everything smooth, pour into a smoking tin and bake at 220 °C for 30 minutes.`,
  },
]

/** Who sits at the table, by what each avoids: the eight needs of the bench. */
export const needs: readonly { readonly name: string; readonly avoids: readonly string[]; readonly diets: readonly string[] }[] = [
  { name: 'egg', avoids: ['egg'], diets: [] },
  { name: 'milk', avoids: ['milk'], diets: [] },
  { name: 'egg + milk', avoids: ['egg', 'milk'], diets: [] },
  { name: 'vegan', avoids: [], diets: ['vegan'] },
  { name: 'gluten', avoids: ['gluten'], diets: [] },
  { name: 'egg + gluten', avoids: ['egg', 'gluten'], diets: [] },
  { name: 'vegan, nuts, soy', avoids: ['tree-nut', 'soy', 'peanut'], diets: ['vegan'] },
  { name: 'egg, milk, gluten', avoids: ['egg', 'milk', 'gluten'], diets: [] },
]
