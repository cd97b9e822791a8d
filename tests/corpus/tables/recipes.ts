import type { FindingCode } from '#core/recipe'

/**
 * Whole desserts of our own invention, in many hands and layouts, with what a careful baker reads in them: how many lines
 * and steps, the region, and the findings a colleague would raise (nothing else should be raised). Slips are put in on
 * purpose where `findings` names them.
 */
export interface CorpusRecipe {
  readonly text: string
  readonly title: string
  readonly region: string
  readonly lines: number
  readonly steps: number
  readonly findings: readonly FindingCode[]
}

export const corpusRecipes: readonly CorpusRecipe[] = [
  {
    title: 'Parkin for the lantern walk',
    region: 'uk',
    lines: 9,
    steps: 5,
    findings: [],
    text: `Parkin for the lantern walk

Makes 16 squares

225g self-raising flour
115g medium oatmeal
1 tsp bicarbonate of soda
1 tbsp ground ginger
115g butter
115g soft dark brown sugar
200g golden syrup
1 egg
100ml milk

Method
1. Heat the oven to 160°C. Line a 20 cm square tin.
2. Mix the flour, oatmeal, bicarbonate of soda and ginger in a bowl.
3. Melt the butter, sugar and syrup gently in a pan.
4. Beat the egg into the milk, then stir the liquids into the dry ingredients.
5. Bake for 50-60 minutes until firm. Keep for two days before cutting.`,
  },
  {
    title: 'Saffron buns',
    region: 'uk',
    lines: 9,
    steps: 4,
    findings: ['not-listed'],
    text: `Saffron buns
Makes 12

Ingredients
a good pinch of saffron
300ml milk
500g strong white flour
7g sachet fast-action dried yeast
75g caster sugar
100g butter, softened
1 egg
50g currants
butter for the tin

Method
Warm the milk with the saffron and leave it to infuse for 20 minutes.
Mix the flour, yeast, sugar and 1 tsp salt, then pour in the milk and the egg. Knead for 10 minutes, working in the butter.
Knead in the currants. Leave to rise for 1½ hours, shape into 12 buns and put on a buttered tray. Prove for 40 minutes.
Bake at 200 °C for 15-18 minutes.`,
  },
  {
    title: 'Spiced pear crumble',
    region: 'uk',
    lines: 8,
    steps: 4,
    findings: ['not-used'],
    text: `Spiced pear crumble
Serves 6

For the fruit
1kg ripe pears
50g light muscovado sugar
1 lemon, juice only

For the crumble
150g plain flour
100g cold butter
75g demerara sugar
50g porridge oats
1 tsp mixed spice

1. Heat the oven to 180 °C.
2. Peel and slice the pears into a dish, and toss with the muscovado sugar and lemon juice.
3. Rub the butter into the flour until it looks like crumbs. Stir in the demerara sugar and the mixed spice.
4. Scatter over the pears and bake for 40 minutes.`,
  },
  {
    title: 'Walnut torte',
    region: 'us',
    lines: 7,
    steps: 4,
    findings: ['step-amount'],
    text: `Walnut torte

6 large eggs, separated
1 cup sugar
2 cups ground walnuts
1/2 cup fine breadcrumbs
1 tsp vanilla
1/2 tsp salt
Butter for the pan

Preheat oven to 350°F. Butter a 9-inch springform pan.
Beat the egg yolks with 1/2 cup sugar until thick. Stir in the vanilla, walnuts and breadcrumbs.
Beat the egg whites with the salt until stiff. Fold into the yolks in three additions.
Bake 35 to 40 minutes.`,
  },
  {
    title: 'Honey cake from next door',
    region: 'us',
    lines: 8,
    steps: 3,
    findings: ['soda-powder'],
    text: `Honey cake from next door

2 1/2 cups all-purpose flour
1 tsp baking soda
1 tsp cinnamon
3 eggs
3/4 cup sugar
3/4 cup honey
1/2 cup vegetable oil
1 cup strong coffee

Whisk the flour, baking powder and cinnamon.
Beat the eggs with the sugar, then the honey, oil and coffee. Fold in the flour mixture.
Bake in a loaf pan at 325°F for 60 minutes.`,
  },
  {
    title: 'Rye gingerbread hearts',
    region: 'metric',
    lines: 8,
    steps: 4,
    findings: ['odd-fraction'],
    text: `Rye gingerbread hearts

2 cups rye flour
3 1/4 cups honey
1/4 cup butter
1 egg
1 tsp baking soda
2 tsp cinnamon
1/2 tsp cloves
a pinch of salt

Warm the honey and butter until runny, then cool.
Stir in the egg, then the flour, baking soda, cinnamon, cloves and salt. Chill for 2 hours.
Roll out and cut hearts.
Bake at 180 °C for 10 minutes.`,
  },
  {
    title: 'Dairy-free apple slices',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['claim'],
    text: `Dairy-free apple slices

250g self-raising flour
125g caster sugar
100ml sunflower oil
2 eggs
3 apples, sliced
1 tsp cinnamon
25g butter, to finish

Mix the flour, sugar, oil and eggs. Spread in a 20 x 30 cm tin.
Lay the apple slices on top and sprinkle with the cinnamon. Dot with the butter.
Bake at 180 °C for 35 minutes.`,
  },
  {
    title: 'Semolina and almond cake',
    region: 'uk',
    lines: 7,
    steps: 4,
    findings: ['parts-short'],
    text: `Semolina and almond cake

200g butter
200g caster sugar
3 eggs
150g fine semolina
150g ground almonds
1 tsp baking powder
zest of 1 orange

1. Beat the butter and sugar until pale. Beat in the eggs and the orange zest.
2. Fold in a third of the semolina, then a third of the ground almonds. Fold in another third of the semolina with the baking powder.
3. Fold in the rest of the almonds.
4. Bake in a lined 20 cm round tin at 170 °C for 45 minutes.`,
  },
  {
    title: 'Oatmeal hearth biscuits',
    region: 'us',
    lines: 7,
    steps: 3,
    findings: ['weight-against-volume'],
    text: `Oatmeal hearth biscuits

1 cup (227 g) butter
1 cup (200 g) sugar
2 cups (300 g) rolled oats
1 1/2 cups (180 g) flour
1 egg
1 tsp baking soda
1/2 tsp salt

Cream the butter and sugar. Beat in the egg.
Stir in the oats, flour, baking soda and salt.
Bake at 350°F for 10 to 12 minutes.`,
  },
  {
    title: 'Seed cake',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['oven-scale'],
    text: `Seed cake

175g butter
175g caster sugar
3 eggs
225g self-raising flour
1 tbsp caraway seeds
2 tbsp milk
50g ground almonds

Cream the butter and sugar, then beat in the eggs. Fold in the flour, almonds, caraway and milk.
Spoon into a lined loaf tin.
Bake at 220 for 50 minutes.`,
  },
  {
    title: 'Cardamom knots',
    region: 'metric',
    lines: 8,
    steps: 4,
    findings: ['oven-odd'],
    text: `Cardamom knots

3 dl milk
50 g fresh yeast
1 dl sugar
100 g butter
8 dl flour
2 tsp ground cardamom
1/2 tsp salt
1 egg, for brushing

Crumble the yeast into the lukewarm milk. Add the sugar, salt, cardamom, flour and soft butter. Knead for 8 minutes.
Let rise for 45 minutes.
Roll out, fold and tie into knots. Brush with the egg.
Bake at 225°C (350°F) for 10 minutes.`,
  },
  {
    title: 'Hazelnut crescents',
    region: 'uk',
    lines: 6,
    steps: 3,
    findings: ['raw-dough'],
    text: `Hazelnut crescents

225g plain flour
175g butter
100g ground hazelnuts
60g icing sugar
1 tsp vanilla extract
icing sugar, to dust

Rub the butter into the flour, hazelnuts and icing sugar, add the vanilla and bring together. Try a bit of the raw dough, it is the best part.
Shape into crescents and chill for 30 minutes.
Bake at 170 °C for 15 minutes and dust with icing sugar.`,
  },
  {
    title: 'Little honey loaf',
    region: 'us',
    lines: 7,
    steps: 2,
    findings: ['halved'],
    text: `Little honey loaf

3/4 cup flour
1/8 tsp baking soda
3/8 tsp baking powder
1/2 egg
1/4 cup honey
2 tbsp oil
1/4 cup milk

Whisk the flour, baking soda and baking powder. Stir in the egg, honey, oil and milk.
Bake in a mini loaf pan at 350°F for 25 minutes.`,
  },
  {
    title: 'Poppy seed traybake',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['twice'],
    text: `Poppy seed traybake

200g butter
200g caster sugar
4 eggs
200g self-raising flour
2 tbsp poppy seeds
2 tbsp poppy seeds
zest of 1 lemon

Cream the butter and sugar. Beat in the eggs one at a time.
Fold in the flour, poppy seeds and lemon zest.
Bake in a 20 x 30 cm tin at 180 °C for 25-30 minutes.`,
  },
  {
    title: 'Ginger snaps',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['no-unit'],
    text: `Ginger snaps

350 plain flour
1 tsp bicarbonate of soda
2 tsp ground ginger
100g butter
175g light brown sugar
1 egg
4 tbsp golden syrup

Rub the butter into the flour, bicarbonate of soda and ginger. Stir in the sugar.
Beat in the egg and syrup.
Roll into balls and bake at 180 °C for 12 minutes.`,
  },
  {
    title: 'Rhubarb and custard squares',
    region: 'au',
    lines: 9,
    steps: 4,
    findings: ['ratio'],
    text: `Rhubarb and custard squares

250g butter, softened
1 cup caster sugar
3 eggs
1 1/2 cups self-raising flour
1/2 cup custard powder
1/4 cup milk
6 tablespoons salt
2 cups chopped rhubarb
1 tablespoon raw sugar

Cream the butter and caster sugar. Add the eggs one at a time.
Fold in the flour, custard powder and salt with the milk.
Spread in a lined slice tin, top with the rhubarb and sprinkle with the raw sugar.
Bake at 180°C for 40 minutes.`,
  },
  {
    title: 'Ring biscuits',
    region: 'uk',
    lines: 5,
    steps: 2,
    findings: ['yield'],
    text: `Ring biscuits
Makes 90 biscuits

100g butter
50g icing sugar
1 egg yolk
120g plain flour
1 tsp vanilla extract

Cream the butter and icing sugar, beat in the yolk and vanilla, then work in the flour.
Pipe rings and bake at 180 °C for 12 minutes.`,
  },
  {
    title: 'Sticky date squares',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['bake-time'],
    text: `Sticky date squares
Makes 12 squares

200g chopped dates
150ml boiling water
1 tsp bicarbonate of soda
75g butter
100g dark brown sugar
2 eggs
175g self-raising flour

Soak the dates in the boiling water with the bicarbonate of soda for 10 minutes.
Cream the butter and sugar, beat in the eggs, then fold in the flour and the dates.
Bake in a 20 cm square tin at 180 °C for 3 minutes.`,
  },
  {
    title: 'Cherry clafoutis',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['no-bake-time'],
    text: `Cherry clafoutis
Serves 6

400g cherries, stoned
3 eggs
100g caster sugar
75g plain flour
300ml milk
1 tsp vanilla extract
a knob of butter

Butter a dish and put in the cherries.
Whisk the eggs and sugar, then the flour, milk and vanilla. Pour over the fruit.
Bake at 180 °C until puffed and golden.`,
  },
  {
    title: 'Lemon snow',
    region: 'uk',
    lines: 4,
    steps: 3,
    findings: ['unknown-ingredient'],
    text: `Lemon snow

4 egg whites
100g caster sugar
2 lemons, juice only
2 tbsp frostelle

Whisk the whites until stiff, then whisk in the sugar.
Fold in the lemon juice and the frostelle.
Chill for an hour.`,
  },
  {
    title: 'Corn flour shortbread',
    region: 'uk',
    lines: 4,
    steps: 2,
    findings: ['ambiguous'],
    text: `Corn flour shortbread

200 g butter
100 g sugar
250 g flour
50 g corn flour

Cream the butter and sugar, work in the flour and the corn flour.
Press into a 20 cm round tin and bake at 160 °C for 40 minutes.`,
  },
  {
    title: 'Rice pudding',
    region: 'uk',
    lines: 5,
    steps: 2,
    findings: [],
    text: `Rice pudding
Serves 4

100g pudding rice
50g sugar
1 litre whole milk
freshly grated nutmeg
a knob of butter

Put the rice, sugar and milk in a buttered dish. Grate over some nutmeg.
Bake at 150 °C for 2 hours, stirring now and then.`,
  },
  {
    title: 'Almond crescents',
    region: 'us',
    lines: 6,
    steps: 1,
    findings: ['no-list'],
    text: `Almond crescents. You need 1 cup butter, 1/2 cup powdered sugar, 2 cups flour, 1 cup ground almonds, 1 tsp vanilla and 1/4 tsp salt.
Cream the butter with the powdered sugar, work in the flour, almonds, vanilla and salt, shape, and bake at 325°F for 15 minutes.`,
  },
  {
    title: 'Quince tart',
    region: 'uk',
    lines: 10,
    steps: 5,
    findings: [],
    text: `Quince tart

PASTRY
200g plain flour
100g cold butter
50g icing sugar
1 egg yolk
1-2 tbsp cold water

FILLING
3 quinces
100g caster sugar
2 eggs
200ml double cream
1 tsp vanilla extract

Make the pastry: rub the butter into the flour and icing sugar, then bind with the egg yolk and water. Chill for 30 minutes.
Peel, core and slice the quinces and poach in water until tender, about 40 minutes. Drain.
Line a 23 cm tart tin with the pastry and bake blind at 190 °C for 15 minutes.
Whisk the sugar, eggs, cream and vanilla. Arrange the quinces in the case and pour over the custard.
Bake for 30 minutes at 170 °C.`,
  },
  {
    title: 'Apricot dumplings',
    region: 'metric',
    lines: 9,
    steps: 4,
    findings: [],
    text: `Apricot dumplings
4 servings

Ingredients:
500 g floury potatoes
150 g flour
1 egg
30 g butter
a pinch of salt
12 apricots
12 sugar cubes
breadcrumbs and sugar, to roll

Instructions:
Boil the potatoes, press through a ricer and let cool.
Knead with the flour, egg, butter and salt.
Stone the apricots and put a sugar cube into each. Wrap in dough.
Simmer for 12 minutes and roll in the breadcrumbs and sugar.`,
  },
  {
    title: 'Lantern buns',
    region: 'ie',
    lines: 7,
    steps: 2,
    findings: [],
    text: `Lantern buns

8oz/225g self-raising flour
4oz/115g butter
4oz/115g caster sugar
1 egg, beaten
3 tbsp milk
½ tsp bread soda
2oz/55g sultanas

Rub the butter into the flour and bread soda, then stir in the sugar and sultanas. Bind with the egg and milk.
Drop in 12 heaps on a tray and bake at 200°C/gas 6 for 12-15 minutes.`,
  },
  {
    title: 'Treacle tart',
    region: 'uk',
    lines: 6,
    steps: 3,
    findings: [],
    text: `Treacle tart

375g pack shortcrust pastry
450g golden syrup
100g fresh white breadcrumbs
zest and juice of 1 lemon
1 egg, beaten
clotted cream, to serve

Roll out the pastry and line a 20 cm flan tin.
Warm the syrup, stir in the breadcrumbs, lemon zest and juice, cool a little and beat in the egg.
Pour into the case and bake at 180 °C for 35 minutes. Serve with clotted cream.`,
  },
  {
    title: 'Jaggery and coconut squares',
    region: 'in',
    lines: 7,
    steps: 3,
    findings: [],
    text: `Jaggery and coconut squares

1 cup maida
1/2 cup desiccated coconut
1/2 cup grated jaggery
1/2 cup curd
1/4 cup ghee
1/2 tsp baking soda
1/4 tsp elaichi powder

Dissolve the jaggery in the curd. Stir in the ghee.
Sift in the maida, baking soda and elaichi powder, and fold in the coconut.
Bake in a greased 7 inch square tin at 180°C for 30 minutes.`,
  },
  {
    title: 'Melktert for the neighbours',
    region: 'za',
    lines: 10,
    steps: 4,
    findings: [],
    text: `Melktert for the neighbours

Crust
125 g butter
60 ml castor sugar
1 egg
500 ml cake wheat flour
5 ml baking powder

Filling
1 litre milk
30 ml butter
125 ml castor sugar
60 ml cornflour
3 eggs

Cream the butter and castor sugar for the crust, add the egg, flour and baking powder. Press into a tart dish and bake for 15 minutes at 180 °C.
Bring the milk and butter to the boil.
Mix the castor sugar, cornflour and eggs, pour on the hot milk and cook until thick.
Pour into the crust and chill for 3 hours.`,
  },
  {
    title: 'Two-column teabread',
    region: 'uk',
    lines: 6,
    steps: 2,
    findings: [],
    text: `Two-column teabread

250g self-raising flour      200g mixed dried fruit
150g light brown sugar       1 egg
200ml strong tea             1 tsp mixed spice

Soak the fruit in the tea overnight.
Stir in the sugar, egg, flour and mixed spice, and bake in a loaf tin at 170 °C for 1 hour.`,
  },
  {
    title: 'Vegan plum cake',
    region: 'uk',
    lines: 8,
    steps: 3,
    findings: [],
    text: `# Vegan plum cake

## Ingredients

- 250 g spelt flour
- 100 g sugar
- 2 tsp baking powder
- 200 ml oat milk
- 80 ml rapeseed oil
- 1 Tbsp cider vinegar
- 500 g plums
- 1 tsp cinnamon

## Method

1. Whisk the flour, sugar and baking powder. Stir in the oat milk, oil and vinegar.
2. Spread in a 24 cm round tin, press in the halved plums and sprinkle with the cinnamon.
3. Bake for 40 minutes at 180 °C.`,
  },
  {
    title: 'Stollen slices',
    region: 'uk',
    lines: 9,
    steps: 4,
    findings: [],
    text: `Stollen slices

500 g flour
1 packet dried yeast
200 ml milk
80 g sugar
200 g butter
250 g raisins, soaked overnight in 4 tbsp rum
50 g candied peel
100 g almonds, chopped
icing sugar for dusting

Mix the flour with the yeast, milk, sugar and half the butter. Knead and let rise for 1 hour.
Knead in the raisins, peel and almonds. Shape and let rise for 30 minutes more.
Bake for 45 minutes at 175 °C.
Melt the remaining butter, brush it over the hot stollen and dust with icing sugar.`,
  },
  {
    title: 'Maple and oat squares',
    region: 'ca',
    lines: 6,
    steps: 3,
    findings: [],
    text: `Maple and oat squares

375 mL (1½ cups) quick-cooking oats
250 mL (1 cup) all-purpose flour
125 mL (½ cup) packed brown sugar
2 mL (½ tsp) baking soda
175 mL (¾ cup) butter, melted
125 mL (½ cup) maple syrup

Combine the oats, flour, brown sugar and baking soda.
Stir in the butter and maple syrup.
Press into a 9-inch square pan and bake at 350°F for 25 minutes.`,
  },
  {
    title: 'Buttered plums',
    region: 'uk',
    lines: 4,
    steps: 1,
    findings: ['not-listed'],
    text: `Buttered plums

12 plums
50g butter
2 tbsp demerara sugar
a cinnamon stick

Halve the plums, dot with the butter, add the sugar and cinnamon stick and bake at 180 °C for 25 minutes. Serve with whipped cream.`,
  },
]
