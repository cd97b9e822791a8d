/**
 * What must never read as clear for whoever avoids that: a line or a step of an otherwise harmless
 * recipe (rice flour, sugar, water), and the allergens for each of which the verdict must be
 * anything but clear. Written from memory of how people write; an allergen of "any" is an open word.
 */
export interface NeverClear {
  readonly as: 'line' | 'step'
  readonly text: string
  readonly avoid: readonly string[]
}

const table = (as: NeverClear['as'], rows: string): NeverClear[] =>
  rows
    .trim()
    .split('\n')
    .map(row => {
      const [text, avoid] = row.split(' => ')
      return { as, text: text!, avoid: avoid!.trim().split(' ') }
    })

export const neverClear: readonly NeverClear[] = [
  ...table(
    'line',
    `
2 EGGS => egg
EGGS => egg
**Eggs** => egg
Eggs: => egg
3 EGGS: => egg
1 TABLESPOON TAHINI => sesame
TAHINI => sesame
Puff pastry => gluten milk
PUFF PASTRY => gluten milk
Shortcrust pastry: => gluten milk
Custard => milk
Marzipan => almond
Walnuts => walnut
# Hazelnuts => hazelnut
**100 g butter** => milk
BUTTER, 100 g => milk
MILK => milk
Cream cheese: => milk
150 ml dairy or oat milk => milk oat
150 ml whole/oat milk => milk oat
100 g vegan or dairy butter => milk
100 g dairy or vegan butter => milk
250 ml milk of choice => milk soy almond
250 ml any milk => milk soy
milk (your choice), 200 ml => milk almond
2 eggs (or 2 flax eggs for vegan) => egg flax
2 flax eggs (or 2 eggs) => egg flax
200 ml oat milk (or cow's milk) => milk oat
200 ml plant milk or regular milk => milk
1 cup non-dairy or dairy milk => milk
100 g butter, vegan if you like => milk
100 g butter (vegan if needed) => milk
100 g butter (dairy-free for the vegans) => milk
100 g butter, dairy-free if necessary => milk
2 eggs, egg-free if needed => egg
200 g flour (gluten-free if needed) => gluten
200 g gluten-free or plain flour => gluten
200 g oats, gluten-free if required => oat
100 g chocolate (dairy-free, or not) => milk
100 g white or dark chocolate => milk
100 g dark or milk chocolate => milk
50 g almonds or walnuts => almond walnut
50 g nuts (walnuts or pecans) => walnut pecan
almond or soy milk, 200 ml => almond soy
coconut or vegetable oil, 2 tbsp => coconut
2 tbsp vegetable or coconut oil => coconut
2 tbsp peanut or almond butter => peanut almond
100 g butter, not dairy-free => milk
100 g not vegan butter => milk
100 g butter (non-vegan) => milk
200 ml milk, not oat => milk
1 egg white or 30 g aquafaba => egg chickpea
100 g nuts => almond walnut cashew hazelnut
100 g mixed nuts => almond walnut
100 g seeds => sesame
2 tbsp nut butter => almond peanut
100 ml plant milk => soy almond oat
100 ml non-dairy creamer => milk soy
100 g vegetable spread => milk
1 tbsp spread => milk
1 tbsp egg substitute => egg
100 g wibbleflour => gluten egg milk
2 tbsp secret sauce => milk egg
1 sachet dessert topping mix => milk egg
100 g crumbs => gluten
100 g cake => gluten egg milk
100 g biscuit base => gluten milk
1 pie crust => gluten
1 tub frosting => milk
1 tbsp lupin flakes => lupin
100 g praline => hazelnut almond
2 tbsp pesto => milk pine
1 tsp malt => gluten
1 tbsp soy sauce => soy gluten
100 g seitan => gluten
100 g tempeh => soy
1 tbsp miso => soy
100 g edamame => soy
1 tbsp furikake => sesame fish
2 tbsp amaretto => almond
50 g frangipane => almond egg milk
100 g nougat => almond egg
100 g lebkuchen => gluten
100 g ghee => milk
100 g paneer => milk
50 g casein => milk
2 tbsp whey => milk
100 g kefir => milk
1 tbsp malted milk powder => milk gluten
100 g brioche, cubed => gluten egg milk
12 ladyfingers => gluten egg
100 g meringue nests => egg
2 tbsp advocaat => egg
2 tbsp Irish cream liqueur => milk
200 g lemon curd => egg milk
1 tbsp dukkah => sesame hazelnut
100 g halva => sesame
100 g gianduja => hazelnut milk
1 tbsp tahini or peanut butter => sesame peanut
100 g couscous or quinoa => gluten
25 g butter + 1 egg => milk egg
1 tbsp cornflour mixed with 2 tbsp milk => milk
1 tsp vanilla + 1 egg => egg
juice of 1 lemon and 2 egg yolks => egg
Glaze: 1 egg, beaten => egg
To serve: cream or ice cream => milk
To finish - toasted almonds => almond
FOR THE TIN: butter => milk
100 g Butterkekse => gluten milk
200 g mantequilla => milk
2 uova => egg
200 g harina de trigo => gluten
100 g Nüsse => almond walnut
2 œufs => egg
100 g beurre => milk
200 ml Milch => milk
3 Eier => egg
`,
  ),
  ...table(
    'step',
    `
Grease the tin with butter. => milk
Butter a 20 cm tin and line it. => milk
Dust the tin with flour. => gluten
Butter and flour the tin. => milk gluten
Serve with shortbread and buttercream. => milk gluten
Serve with custard. => milk
Serve with a scoop of vanilla ice cream. => milk
Serve with whipped cream and toasted almonds. => milk almond
Fold in the walnuts. => walnut
Fold in some chopped pecans. => pecan
Sprinkle with flaked almonds. => almond
Scatter over a handful of pistachios. => pistachio
Brush with beaten egg. => egg
Brush with egg wash. => egg
Glaze with milk. => milk
Brush the top with a little cream. => milk
Roll in sesame seeds. => sesame
Roll in crushed digestive biscuits. => gluten
Coat in melted white chocolate. => milk
Drizzle over salted caramel sauce. => milk
Spread with peanut butter. => peanut
Sandwich with buttercream. => milk
Fill with crème pâtissière. => milk egg
Top with marzipan. => almond
Press into a biscuit base. => gluten
Pour into a shortcrust pastry case. => gluten
Line the dish with filo. => gluten
Stir in a splash of amaretto. => almond
Add an egg and mix. => egg
Add two eggs, one at a time. => egg
Whisk in the yolks. => egg
Fold in stiffly beaten egg whites. => egg
Whisk the whites to soft peaks and fold them in. => egg
Loosen with a splash of milk. => milk
Loosen with milk if it is stiff, or use oat milk. => milk oat
Dot with butter. => milk
Stir in a knob of butter. => milk
Fry in a little butter. => milk
Decorate with wibbleberries and snozz. => egg milk
Serve with a spoonful of flumgum. => egg milk
Finish with a dollop of yoghurt. => milk
Finish with your favourite nuts. => almond walnut
Serve with cream or custard. => milk
Stir in the soya yoghurt. => soy
Dust with malted milk powder. => milk gluten
Sift over milk powder. => milk
Dip in chocolate hazelnut spread. => hazelnut
Knead on a floured surface. => gluten
Roll out on a lightly floured board. => gluten
Grease and flour the tin. => gluten
Pour over warm honey butter. => milk
Layer with sponge fingers soaked in coffee. => gluten egg
Fold through crushed meringues. => egg
Serve on slices of brioche. => gluten egg milk
Sprinkle with granola. => gluten oat
`,
  ),
]
