import type { CorpusRecipe } from './recipes'

/** More whole desserts of our own invention: each was written before the core could read it, with slips put in on purpose. */
export const moreRecipes: readonly CorpusRecipe[] = [
  {
    title: 'Lemon drizzle traybake',
    region: 'uk',
    lines: 9,
    steps: 4,
    findings: [],
    text: `Lemon drizzle traybake

225g softened butter
225g caster sugar
4 eggs
275g self-raising flour
2 tsp baking powder
4 tbsp milk
finely grated zest of 2 lemons

For the drizzle
175g granulated sugar
juice of 2 lemons

1. Preheat the oven to 180C/160C fan/gas 4. Grease and line a 30 x 23cm traybake tin.
2. Beat together the butter, sugar, eggs, flour, baking powder, milk and lemon zest for 2 minutes.
3. Spoon into the tin, level the top and bake for 35-40 minutes until golden.
4. Mix the granulated sugar with the lemon juice and pour over the warm cake. Leave to cool in the tin.`,
  },
  {
    title: 'SNICKERDOODLE STYLE ROUNDS',
    region: 'us',
    lines: 9,
    steps: 1,
    findings: [],
    text: `SNICKERDOODLE STYLE ROUNDS

1 c. butter
1 1/2 c. sugar
2 eggs
2 3/4 c. flour
2 tsp. cream of tartar
1 tsp. baking soda
1/4 tsp. salt
2 Tbsp. sugar
2 tsp. cinnamon

Cream butter, 1 1/2 c. sugar and eggs. Sift flour, cream of tartar, soda and salt; stir in. Roll into balls and roll in a mixture of 2 Tbsp. sugar and cinnamon. Bake at 400°F for 8-10 minutes.`,
  },
  {
    title: 'Nut-free carrot cake for Wren',
    region: 'uk',
    lines: 9,
    steps: 3,
    findings: ['claim'],
    text: `Nut-free carrot cake for Wren

200ml sunflower oil
3 large eggs
175g light muscovado sugar
140g carrots, grated
100g chopped walnuts
175g self raising flour
1 tsp bicarbonate of soda
1 tsp ground cinnamon
zest of 1 orange

Set the oven to 180°C. Grease a deep 18cm square tin.
Beat the oil, eggs and sugar. Stir in the carrots, walnuts and orange zest, then the flour, bicarb and cinnamon.
Bake for 45 minutes.`,
  },
  {
    title: 'Halva-swirl blondies',
    region: 'ca',
    lines: 10,
    steps: 4,
    findings: ['parts-short'],
    text: `Halva-swirl blondies (makes 16)

170 g unsalted butter
200 g light brown sugar
1 egg
1 egg yolk
1 tsp vanilla
180 g all-purpose flour
1/2 tsp baking powder
1/2 tsp salt
100 g white chocolate chips
60 g tahini

Heat the oven to 175°C and line a 20cm square pan.
Melt the butter, stir in the sugar, then the egg, yolk and vanilla.
Fold in the flour, baking powder and salt, then half the white chocolate chips. Scrape into the pan. Swirl in the tahini.
Bake 25 minutes.`,
  },
  {
    title: 'Soft dinner-party meringue roulade',
    region: 'uk',
    lines: 5,
    steps: 3,
    findings: [],
    text: `Soft dinner-party meringue roulade

5 egg whites
275 g caster sugar
50 g flaked almonds
300 ml double cream
250 g raspberries

Whisk the egg whites until stiff, then whisk in the sugar, a tablespoon at a time. Spread in a lined 33 x 23 cm swiss roll tin and scatter with the almonds.
Bake at 200 °C for 8 minutes, then at 160 °C for 15 minutes more.
Turn out, cool, spread with the whipped cream and raspberries, and roll up.`,
  },
  {
    title: 'Gingerbread people',
    region: 'uk',
    lines: 8,
    steps: 3,
    findings: ['ratio'],
    text: `Gingerbread people

350 g plain flour
1 tbsp bicarbonate of soda
2 tsp ground ginger
1 tsp ground cinnamon
125 g butter
175 g soft light brown sugar
1 egg
4 tbsp golden syrup

Sift together the flour, bicarb, ginger and cinnamon. Rub in the butter. Stir in the sugar.
Beat the egg and golden syrup, add to the bowl and bring together as a dough. Wrap and chill for 15 minutes.
Roll out to 5 mm thick, cut out shapes and bake for 12-15 minutes at 180 °C.`,
  },
  {
    title: 'Banana bread',
    region: 'uk',
    lines: 8,
    steps: 1,
    findings: [],
    text: `Banana bread

3 very ripe bananas, mashed (about 300 g)
75 g melted butter
150 g sugar
1 egg, beaten
1 teaspoon vanilla extract
1 teaspoon baking soda
pinch of salt
200 g plain flour

Preheat oven to 175 C. Butter a 20x10 cm loaf pan. Stir melted butter into the mashed bananas. Mix in sugar, egg and vanilla. Sprinkle baking soda and salt over and mix. Add flour last. Pour into the pan and bake for 1 hour. Cool on a rack.`,
  },
  {
    title: 'Chocolate puddle pudding',
    region: 'uk',
    lines: 9,
    steps: 2,
    findings: [],
    text: `Chocolate puddle pudding
Serves 4

100g self-raising flour
25g cocoa powder
100g caster sugar
75ml milk
1 egg
50g butter, melted
For the sauce:
100g dark brown sugar
2 tbsp cocoa
250 ml boiling water

Heat the oven to 180C. Sift the flour and cocoa into a bowl and stir in the caster sugar. Whisk the milk, egg and melted butter, and beat in. Scrape into a buttered 1 litre dish.
Mix the brown sugar and cocoa and scatter on top. Pour over the boiling water. Bake for 30 minutes.`,
  },
  {
    title: 'Coconut macaroons',
    region: 'us',
    lines: 5,
    steps: 1,
    findings: [],
    text: `Coconut macaroons

1 can sweetened condensed milk
14 oz shredded coconut
1 tsp vanilla
2 egg whites
1/4 tsp salt

Preheat oven to 325 degrees F. Line baking sheets with parchment. Combine coconut, condensed milk and vanilla. Beat egg whites and salt to medium-firm peaks and fold in. Drop by tablespoons. Bake 25-30 minutes until golden.`,
  },
  {
    title: 'Apricot custard tart',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: [],
    text: `Apricot custard tart

1 sheet puff pastry
400 g tin apricot halves, drained
2 eggs
150 ml single cream
40 g caster sugar
1 tsp vanilla paste
apricot jam, to glaze

Heat the oven to 200 °C. Line a 23 cm tart tin with the pastry and prick the base.
Arrange the apricots in it. Whisk the eggs, cream, sugar and vanilla and pour over.
Bake for 35 minutes. Warm the jam and brush it over.`,
  },
  {
    title: "Granny's bread pudding",
    region: 'uk',
    lines: 7,
    steps: 1,
    findings: ['parts-short'],
    text: `Granny's bread pudding

8 slices stale white bread
2 oz butter
3 oz sultanas
1 pint milk
3 eggs
2 oz sugar
nutmeg

Butter the bread and cut into triangles. Layer in a 2 pint pie dish with the sultanas. Beat the eggs with the milk and half the sugar and pour over. Leave for 30 minutes. Grate nutmeg on top and bake at gas 4 for 40 minutes.`,
  },
  {
    title: "Vegan chocolate cake (Ikenna's birthday)",
    region: 'uk',
    lines: 13,
    steps: 6,
    findings: ['claim'],
    text: `Vegan chocolate cake (Ikenna's birthday)

INGREDIENTS
300g plain flour
60g cocoa powder
2 tsp baking powder
1 tsp bicarbonate of soda
250g caster sugar
400ml soya milk
1 tbsp cider vinegar
150ml vegetable oil
2 tsp vanilla extract

For the icing
200g icing sugar
100g butter
40g cocoa powder
2 tbsp soya milk

METHOD
Heat oven to 180C/160C fan/gas 4 and grease two 20cm sandwich tins.
Stir the vinegar into the soya milk and leave for 5 minutes.
Sift the flour, cocoa, baking powder and bicarb. Stir in the sugar.
Whisk the oil and vanilla into the soya milk, pour into the dry ingredients and whisk until smooth. Divide between the tins.
Bake for 30 minutes, then cool.
For the icing, beat the butter until soft, then beat in the icing sugar, cocoa powder and soya milk. Sandwich and top the cake.`,
  },
  {
    title: 'Besan laddu',
    region: 'in',
    lines: 5,
    steps: 1,
    findings: [],
    text: `Besan laddu

2 cups besan
1/2 cup ghee
1 cup powdered sugar
1/2 tsp cardamom powder
2 tbsp chopped cashews

Roast besan in ghee on low flame for 20-25 mins till aromatic. Let it cool. Add sugar, cardamom powder and cashews. Mix well and shape into balls.`,
  },
  {
    title: 'Milk tart (melktert)',
    region: 'za',
    lines: 13,
    steps: 2,
    findings: ['endless-wait'],
    text: `Milk tart (melktert)

Base:
125 g butter
125 ml sugar
1 egg
500 ml cake flour
10 ml baking powder
Filling:
1 litre milk
30 g butter
3 eggs
200 ml sugar
60 ml cake flour
60 ml cornflour
5 ml vanilla essence
cinnamon for sprinkling

Cream the butter and sugar, add the egg, then the flour and baking powder. Press into a 26 cm pie dish and bake at 180 °C for 15 minutes.
Bring the milk and butter to the boil. Whisk eggs, sugar, flours and vanilla. Pour the hot milk on, return to the heat and stir until thick. Pour into the crust and chill. Sprinkle with cinnamon.`,
  },
  {
    title: 'ANZAC-style oat biscuits',
    region: 'au',
    lines: 8,
    steps: 1,
    findings: [],
    text: `ANZAC-style oat biscuits

1 cup plain flour
1 cup rolled oats
1 cup desiccated coconut
3/4 cup brown sugar
125 g butter
2 tbsp golden syrup
1/2 tsp bicarb soda
1 tbsp boiling water

Preheat oven to 160°C (140°C fan-forced). Combine flour, oats, coconut and sugar in a bowl. Melt butter and golden syrup. Dissolve bicarb in the boiling water and add to butter mixture. Stir into dry ingredients. Place tablespoons of mixture on lined trays. Bake for 12-15 minutes.`,
  },
  {
    title: 'Rhubarb crisp topping muffins',
    region: 'us',
    lines: 8,
    steps: 1,
    findings: ['oven-scale', 'ratio'],
    text: `Rhubarb crisp topping muffins
Makes 12

2½ cups flour
1½ teaspoons baking powder
1 tablespoon salt
1 cup brown sugar
1/2 cup oil
1 egg
1 cup buttermilk
1½ cups diced rhubarb

Mix dry ingredients. Combine brown sugar, oil, egg and buttermilk. Stir wet into dry, fold in rhubarb. Bake at 375 for 20-25 minutes.`,
  },
  {
    title: 'Tres leches style cake',
    region: 'us',
    lines: 12,
    steps: 5,
    findings: [],
    text: `Tres leches style cake

1 cup AP flour
1 1/2 tsp baking powder
1/4 tsp salt
5 large eggs, separated
1 cup sugar, divided
1/3 cup whole milk
1 tsp vanilla

Milk soak:
1 (12 oz) can evaporated milk
1 (14 oz) can sweetened condensed milk
1/4 cup heavy cream

Whipped topping:
1 pint heavy cream
3 Tbsp sugar

Preheat oven to 350°F. Grease a 9x13 inch pan.
Combine flour, baking powder and salt. Beat egg yolks with 3/4 cup sugar until pale. Stir in milk and vanilla; fold in flour mixture.
Beat egg whites, adding the remaining 1/4 cup sugar, to firm peaks. Fold in gently. Bake 35 to 45 minutes. Cool.
Combine evaporated milk, condensed milk and 1/4 cup cream; drizzle over the cake. Rest 30 min.
Whip 1 pint heavy cream with 3 Tbsp sugar and spread over.`,
  },
  {
    title: 'Half batch oat flapjacks',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: ['halved'],
    text: `Half batch oat flapjacks

Makes 6

87.5 g butter
62 g golden syrup
½ egg
125 g porridge oats
1/16 tsp salt

Melt the butter with the syrup, stir in the oats, egg and salt, press into a small tin and bake at 160 °C for 25 minutes.`,
  },
  {
    title: 'Peanut lunchbox cookies',
    region: 'uk',
    lines: 6,
    steps: 1,
    findings: ['twice', 'raw-dough', 'ratio', 'yield'],
    text: `Peanut lunchbox cookies
Makes 200 cookies

150 g peanut butter
100 g soft brown sugar
1 egg
100 g plain flour
½ tsp baking powder
100 g soft brown sugar

Beat the peanut butter, sugar and egg. Work in the flour and baking powder. Roll into balls, flatten with a fork and bake at 180 °C for 12 minutes. The dough is lovely to nibble raw while you wait.`,
  },
  {
    title: 'Cinnamon apple loaf',
    region: 'uk',
    lines: 7,
    steps: 3,
    findings: ['no-unit', 'oven-odd', 'no-bake-time'],
    text: `Cinnamon apple loaf

250 flour
120 g sugar
2 eggs
100 ml oil
2 apples, grated
2 tsp cinnamon
2 tsp baking powder

Heat the oven to 600 °C and line a loaf tin.
Mix the wet, fold in the dry and the apples.
Bake.`,
  },
  {
    title: 'Vanilla sheet cake',
    region: 'us',
    lines: 8,
    steps: 2,
    findings: ['not-used', 'not-used', 'parts-short', 'bake-time'],
    text: `Vanilla sheet cake

3 cups flour
2 cups sugar
1 cup butter, softened
4 eggs
1 cup milk
1 Tbsp baking powder
1/2 tsp salt
2 tsp vanilla

Cream butter and sugar; beat in eggs and vanilla. Add one third of the flour, then half the milk, then another third of the flour and the rest of the milk.
Pour into a greased 9 x 13 inch pan and bake at 350°F for 4 minutes.`,
  },
  {
    title: 'Sunday shortbread',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: ['not-used', 'ratio'],
    text: `Sunday shortbread

225 g butter
110 g caster sugar
330 g plain flour
2 Tbsp salt
1 tsp vanilla extract

Rub the butter into the flour, sugar and salt. Press into a 23 cm round tin, prick, and bake at 150 °C for 45 minutes.`,
  },
  {
    title: 'Orange polenta cake (gluten-free)',
    region: 'uk',
    lines: 8,
    steps: 2,
    findings: ['claim', 'oven-odd'],
    text: `Orange polenta cake (gluten-free)

200 g butter
200 g caster sugar
3 eggs
200 g ground almonds
100 g polenta
1½ tsp baking powder
zest of 2 oranges
2 tbsp plain flour, for the tin

Heat the oven to 180 °C / 450 °F. Butter a 20 cm tin and dust it with the flour.
Beat butter and sugar, add the eggs, then everything else. Bake for 40-45 minutes.`,
  },
  {
    title: 'Syrup sponge squares',
    region: 'us',
    lines: 6,
    steps: 1,
    findings: ['weight-against-volume', 'weight-against-volume', 'step-amount'],
    text: `Syrup sponge squares

1½ Tbsp oil (16 g)
1 cup (120 g) flour
1 cup (150 g) granulated sugar
2 eggs
¼ cup (60 ml) milk
1 tsp baking powder

Whisk the eggs and sugar. Fold in the flour and baking powder. Stir in 100 ml milk and the oil. Bake in a 20 cm square tin at 350°F for 25 minutes.`,
  },
  {
    title: 'Date slice',
    region: 'au',
    lines: 8,
    steps: 2,
    findings: ['not-used'],
    text: `Date slice

1 cup dates, chopped
1 cup water
1 tsp bicarb soda
60 g butter
3/4 cup brown sugar
1 egg
1 cup self-raising flour
½ cup walnuts

Simmer the dates in the water for 3 minutes, take off the heat and stir in the bicarb soda and butter. Cool.
Stir in the sugar and egg, then the self-raising flour. Spread in a slice tin and bake at 180°C for 30 minutes.`,
  },
  {
    title: 'Easy mug pudding',
    region: 'uk',
    lines: 7,
    steps: 1,
    findings: ['ambiguous'],
    text: `Easy mug pudding

4 tbsp self-raising flour
3 tbsp sugar
2 tbsp cocoa
1 egg
3 tbsp milk
2 tbsp oil
2 tbsp vegan egg substitute

Mix everything in a big mug and microwave on high for 90 seconds.`,
  },
  {
    title: 'Bakewell squares',
    region: 'uk',
    lines: 9,
    steps: 2,
    findings: [],
    text: `Bakewell squares

For the base
200g plain flour
100g butter
50g icing sugar
For the top
4 tbsp raspberry jam
110g butter
110g sugar
110g ground almonds
2 eggs
25g flaked almonds

Rub 100g butter into the flour and icing sugar, press into a 20cm square tin and bake blind for 15 minutes at 180C.
Spread with jam. Beat 110g butter with the sugar, then the eggs and ground almonds. Spread over, scatter with flaked almonds and bake for 25 minutes.`,
  },
  {
    title: "Grandma's plum dumpling bake",
    region: 'uk',
    lines: 8,
    steps: 3,
    findings: ['no-list', 'not-listed'],
    text: `Grandma's plum dumpling bake. Take 500 g of potatoes, boil and rice them while hot. Work in 150 g flour, 1 egg, a pinch of salt and 30 g butter. Wrap around 12 small plums, boil for 10 minutes, then roll in 100 g breadcrumbs fried in 50 g butter and dust with icing sugar.`,
  },
  {
    title: 'Untitled dessert',
    region: 'uk',
    lines: 5,
    steps: 5,
    findings: ['not-used'],
    text: `Ingredients                          Method
200 g plain flour                    Heat the oven to 180 °C.
100 g butter                         Rub the butter into the flour.
75 g caster sugar                    Stir in the sugar and bind with the egg.
1 egg                                Roll out, cut rounds and bake for 12 minutes.
1 tsp vanilla extract                Cool on a rack.`,
  },
  {
    title: 'HONEY CAKE',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: [],
    text: `HONEY CAKE
INGREDIENTS: 250g clear honey, 225g butter, 100g dark muscovado sugar, 3 large eggs, 300g self-raising flour
METHOD: Melt the honey, butter and sugar. Cool, beat in the eggs, then the flour. Bake at 160C for 55 minutes in a 20cm round tin.`,
  },
  {
    title: 'Lemon bars',
    region: 'us',
    lines: 8,
    steps: 2,
    findings: [],
    text: `Lemon bars 🍋

**Crust**
* 1 cup flour
* 1/4 cup powdered sugar
* 1/2 cup butter

**Filling**
* 2 eggs
* 1 cup sugar
* 2 Tbsp lemon juice
* 2 Tbsp flour
* 1/2 tsp baking powder

**Directions**
1) Mix crust ingredients and press into an 8x8 pan. Bake at 350F for 15 min.
2) Beat filling ingredients, pour over crust, bake 20 min more.`,
  },
  {
    title: 'Fruit scones',
    region: 'uk',
    lines: 6,
    steps: 1,
    findings: [],
    text: `Fruit scones
(makes 8)
8oz SR flour / 2oz butter / 1oz sugar / 2oz sultanas / 1 egg / about 4 tbsp milk
Rub butter into flour, stir in sugar and sultanas. Mix to a soft dough with egg and milk. Cut out and bake 220C 12 mins.`,
  },
  {
    title: 'Easy Oat Cookies',
    region: 'uk',
    lines: 7,
    steps: 4,
    findings: ['other-text'],
    text: `Recipe: Easy Oat Cookies
Prep time: 10 mins
Cook time: 12 mins
Servings: 24
Calories: 120 kcal

You will need
☐ 115g butter
☐ 100g brown sugar
☐ 1 egg
☐ 130g oats
☐ 90g flour
☐ ½ tsp bicarbonate of soda
☐ 80g raisins

How to make it
Step 1: Cream the butter and sugar.
Step 2: Beat in the egg.
Step 3: Stir in everything else.
Step 4: Spoon onto trays and bake at 180°C for 12 mins.

Notes
Keeps for a week in a tin. Swap the raisins for 80g chocolate chips.`,
  },
  {
    title: 'Sticky toffee pudding',
    region: 'uk',
    lines: 9,
    steps: 4,
    findings: ['not-listed'],
    text: `Sticky toffee pudding
For the sponge: 175g dates (chopped), 1 tsp bicarbonate of soda, 85g butter, 150g demerara sugar, 2 eggs, 175g self-raising flour
For the sauce: 150g light brown sugar, 100g butter, 150ml double cream
Soak the dates in 200ml boiling water with the bicarb for 10 minutes.
Cream the butter and sugar, beat in the eggs, then the flour and the dates with their liquid.
Bake in a 23cm square dish at 180C for 35 minutes.
For the sauce, simmer everything for 3 minutes.`,
  },
  {
    title: 'crepes',
    region: 'metric',
    lines: 5,
    steps: 1,
    findings: [],
    text: `crepes

flour 250g
eggs 4
milk 500ml
butter 50g melted
pinch of salt

whisk all together, rest 1 hour, fry thin`,
  },
  {
    title: 'Cheesecake (no bake)',
    region: 'uk',
    lines: 8,
    steps: 3,
    findings: [],
    text: `Cheesecake (no bake)
250g digestive biscuits
100g butter
600g soft cheese
100g icing sugar
284ml pot double cream
1 vanilla pod
Topping
400g punnet strawberries
25g icing sugar
Crush the biscuits and mix with the melted butter. Press into a 23cm tin and chill for 1 hr.
Beat the soft cheese, icing sugar and vanilla seeds, then add the cream and beat until smooth. Spoon over the base and chill overnight.
Purée half the strawberries with the icing sugar and 1 tsp water, and serve over the cake with the rest.`,
  },
  {
    title: 'Walnut ring',
    region: 'uk',
    lines: 6,
    steps: 3,
    findings: [],
    text: `Walnut ring

Ingredients:			Method:
250 g flour			Sift the flour with the
2 tsp baking powder		baking powder. Beat the butter
150 g butter			and sugar, then the eggs one
150 g sugar			at a time.
3 eggs
100 g walnuts			Fold in the flour and walnuts.
				Bake at 175 °C for 45 minutes.`,
  },
  {
    title: 'Pumpkin pie (Canadian)',
    region: 'ca',
    lines: 9,
    steps: 1,
    findings: [],
    text: `Pumpkin pie (Canadian)
1 (9 inch) unbaked pie shell
1 can (398 mL) pure pumpkin
3/4 cup (175 mL) packed brown sugar
2 eggs
1 1/2 cups (375 mL) evaporated milk
1 tsp (5 mL) cinnamon
1/2 tsp (2 mL) each ginger and nutmeg
1/4 tsp (1 mL) salt

Preheat oven to 425°F (220°C). Whisk all filling ingredients and pour into shell. Bake 15 min; reduce heat to 350°F (180°C) and bake 40 to 45 min longer.`,
  },
  {
    title: 'Pavlova',
    region: 'au',
    lines: 7,
    steps: 4,
    findings: [],
    text: `Pavlova
Serves 8-10

6 egg whites (at room temperature)
1 1/2 cups (330g) caster sugar
1 tbsp cornflour
1 tsp white vinegar
300ml thickened cream, whipped
2 x 250g punnets strawberries
4 passionfruit
Preheat oven to 120C/100C fan forced. Draw a 22cm circle on baking paper.
Beat egg whites until soft peaks. Gradually add sugar, beating until dissolved. Fold in cornflour and vinegar.
Pile onto the paper and bake for 1 hour 30 minutes. Cool in the oven with the door ajar.
Top with cream, strawberries and passionfruit pulp.`,
  },
  {
    title: 'No-knead cinnamon knots',
    region: 'uk',
    lines: 10,
    steps: 3,
    findings: [],
    text: `No-knead cinnamon knots

For the dough
500g strong white flour, plus extra for dusting
7g sachet fast-action yeast
1 tsp salt
50g caster sugar
250ml warm milk
1 egg
75g very soft butter

For the filling
100g butter
100g light brown sugar
1 tbsp cinnamon

1. Mix the flour, yeast, salt and sugar. Beat the milk with the egg, add to the bowl with the butter and mix to a dough. Rise for 1 hour.
2. Mix the filling. Roll the dough to 40 x 30cm, spread and fold, cut into 12 strips and knot.
3. Prove for 30 minutes, then bake at 200C/180C fan for 18-20 minutes.`,
  },
  {
    title: 'Gulab jamun',
    region: 'in',
    lines: 11,
    steps: 3,
    findings: [],
    text: `Gulab jamun

For the dumplings:
1 cup milk powder
1/4 cup maida
1/4 tsp baking soda
1 tbsp ghee
3-4 tbsp milk
oil or ghee for deep frying

For the syrup:
1.5 cups sugar
1.5 cups water
4 green cardamom pods, crushed
1 tsp rose water
a few strands of saffron

Mix milk powder, maida and baking soda. Rub in ghee, and knead with milk to a soft dough. Rest 10 mins.
Boil sugar, water and cardamom for 5 mins. Add rose water and saffron.
Roll small balls, fry on low flame till golden, and soak in the warm syrup for 2 hours.`,
  },
  {
    title: 'Whole orange and almond cake (GF, DF)',
    region: 'au',
    lines: 5,
    steps: 2,
    findings: [],
    text: `Whole orange and almond cake (GF, DF)

2 oranges (about 375g)
6 eggs
250g caster sugar
250g almond meal
1 tsp GF baking powder

Boil the oranges for 2 hours, cool, and blend, skin and all.
Beat eggs and sugar, add orange pulp, almond meal and baking powder. Bake in a 23cm springform tin at 170C for 1 hour.`,
  },
  {
    title: 'Treacle toffee apples',
    region: 'uk',
    lines: 5,
    steps: 3,
    findings: [],
    text: `Treacle toffee apples
6 apples
400 g demerara sugar
100 ml water
1 teaspoon vinegar
4 tablespoons golden syrup
Stick a lolly stick in each apple.
Dissolve the sugar in the water over a medium heat. Stir in the vinegar and syrup. Boil to 140 °C (hard crack) without stirring.
Dip the apples and set on baking paper.`,
  },
  {
    title: 'Vegan banana pancakes',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: ['not-listed', 'claim'],
    text: `Vegan banana pancakes
1 ripe banana
150g self raising flour
1 tsp baking powder
250ml plant milk
1 tbsp oil + more for frying
Blend everything, rest 5 mins, fry in a little oil, 2 mins each side. Serve with honey.`,
  },
  {
    title: 'Choc chip shortbread fingers',
    region: 'uk',
    lines: 4,
    steps: 1,
    findings: [],
    text: `Choc chip shortbread fingers
225g plain flour
150g butter
75g caster sugar
100g choc chips (dairy free if needed)
Rub in, knead in the chocolate chips, press into a 20 x 30cm tin. Bake 170C 25mins. Makes 24.`,
  },
  {
    title: 'Egg-free sponge drops',
    region: 'uk',
    lines: 4,
    steps: 1,
    findings: ['claim'],
    text: `Egg-free sponge drops

150 g self raising flour
100 g caster sugar
2 eggs
50 g butter, melted

Whisk the eggs and sugar for 5 minutes, fold in the flour and butter, and bake at 190C for 10 minutes.`,
  },
  {
    title: 'Blueberry muffins',
    region: 'uk',
    lines: 7,
    steps: 2,
    findings: ['not-listed'],
    text: `Blueberry muffins
Makes 12

280 g plain flour
1 tbsp baking powder
½ tsp salt
110 g caster sugar
1 egg
240 ml milk
90 ml vegetable oil

Heat the oven to 200°C and line a 12-hole muffin tin.
Mix the dry ingredients. Whisk the egg, milk and oil and stir in with the blueberries. Bake for 20 minutes.`,
  },
  {
    title: 'Almond crescents (nut free!)',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: ['claim'],
    text: `Almond crescents (nut free!)

225 g butter
60 g icing sugar
1 tsp vanilla
250 g plain flour
100 g ground almonds

Cream the butter and icing sugar, work in vanilla, flour and almonds. Shape into crescents and bake at 170 °C for 15 minutes.`,
  },
  {
    title: 'Rice pudding for two',
    region: 'uk',
    lines: 5,
    steps: 1,
    findings: [],
    text: `Rice pudding for two

50 g pudding rice
25 g sugar
600 ml milk
knob of butter
nutmeg

Put the rice, sugar and milk in a dish, dot with butter and grate over nutmeg. Bake at 150 °C for 2 hours.`,
  },
  {
    title: 'Coffee and walnut cake',
    region: 'uk',
    lines: 9,
    steps: 3,
    findings: ['step-amount'],
    text: `Coffee and walnut cake

170 g butter
170 g caster sugar
3 eggs
170 g self-raising flour
1 tbsp instant coffee in 1 tbsp hot water
60 g walnuts

For the icing
100 g butter
200 g icing sugar
2 tsp coffee essence

Cream the butter and sugar. Beat in the eggs, fold in the flour, then the coffee and 100 g chopped walnuts.
Divide between two 20 cm tins and bake for 25 minutes.
Beat the butter and icing sugar with the coffee essence, and sandwich the cakes.`,
  },
  {
    title: 'Wholemeal loaf cake',
    region: 'uk',
    lines: 7,
    steps: 1,
    findings: ['parts-short', 'oven-odd', 'ratio'],
    text: `Wholemeal loaf cake

200 g wholemeal flour
150 g honey
2 eggs
120 ml oil
2 tsp baking soda
1 tsp salt
300 g carrots, grated

Mix the flour, baking soda and salt. Whisk the honey, eggs and 120 ml oil. Combine, add half the carrots and pour into a loaf tin. Bake at 60 °C for 50 minutes.`,
  },
  {
    title: 'Fudge brownies',
    region: 'us',
    lines: 9,
    steps: 1,
    findings: ['raw-dough'],
    text: `Fudge brownies

1 cup butter
2 1/4 cups sugar
4 eggs
1 1/4 cups cocoa powder
1 tsp salt
1 tsp baking powder
1 Tbsp vanilla
1 1/2 cups flour
2 cups chocolate chips

Melt the butter with the sugar. Stir in cocoa, eggs, salt, baking powder and vanilla, then flour and chips. Spread in a 9x13 pan, bake at 350 F for 30 minutes. Lick the bowl: raw batter is the best part!`,
  },
  {
    title: 'Ginger tea bread',
    region: 'uk',
    lines: 8,
    steps: 1,
    findings: ['no-unit', 'not-used'],
    text: `Ginger tea bread

225 plain flour
1½ tsp baking powder
2 tsp ground ginger
100 g butter
100 g light brown sugar
150 ml milk
1 egg
50 g crystallised ginger

Rub the butter into the flour, baking powder and ginger. Stir in the sugar. Beat the egg with the milk and mix in. Bake in a 900 g loaf tin at 180 °C for 50 minutes.`,
  },
  {
    title: 'Polenta biscuits',
    region: 'uk',
    lines: 7,
    steps: 1,
    findings: ['twice'],
    text: `Polenta biscuits

120 g fine polenta
120 g plain flour
100 g butter
80 g caster sugar
1 egg yolk
zest of 1 lemon
120 g plain flour

Rub together the polenta, flour and butter, stir in the sugar and zest and bind with the yolk. Roll, cut and bake at 180 °C for 12 minutes.`,
  },
  {
    title: 'Dairy-free rice crispy squares',
    region: 'uk',
    lines: 3,
    steps: 1,
    findings: ['claim'],
    text: `Dairy-free rice crispy squares
Makes 16

60 g butter
200 g marshmallows
150 g puffed rice

Melt the butter and marshmallows, stir in the puffed rice, press into a tin and cool.`,
  },
  {
    title: 'Lemon curd',
    region: 'metric',
    lines: 5,
    steps: 1,
    findings: [],
    text: `Lemon curd

3 lemons
200 g sugar
100 g butter
3 eggs and 1 yolk

Grate the zest of the lemons and squeeze the juice. Put everything in a bowl over simmering water and stir for 10 minutes until it coats the spoon. Pot into sterilised jars.`,
  },
  {
    title: 'Vanilla custard',
    region: 'uk',
    lines: 6,
    steps: 1,
    findings: ['parts-short'],
    text: `Vanilla custard

300 ml milk
300 ml double cream
1 vanilla pod
6 egg yolks
75 g caster sugar
1 tbsp cornflour

Heat the milk and cream with the vanilla. Whisk the yolks, sugar and cornflour. Pour on two thirds of the milk, whisk, return to the pan and cook until thick.`,
  },
  {
    title: 'Sunday waffles',
    region: 'us',
    lines: 8,
    steps: 1,
    findings: [],
    text: `Sunday waffles

2 cups flour
4 tsp baking powder
2 Tbsp sugar
1/2 tsp salt
2 eggs
1 1/2 cups warm milk
1/3 cup butter, melted
1 tsp vanilla

Preheat waffle iron. Sift dry ingredients. Beat eggs; stir in milk, butter and vanilla. Combine. Cook until golden.`,
  },
]
