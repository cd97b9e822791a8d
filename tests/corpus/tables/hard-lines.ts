import type { Region } from '#core'

/**
 * Lines that are hard to read, written from memory of how people write them, with what a careful
 * baker reads. `reads`: things are parted by " ; ", the choices of one thing by " | "; each is an
 * ingredient's id ("?" is unknown, "*" whatever it is taken for), its amount and unit as they should be read ("-": none is stated),
 * and "=" before grams that are checked (within 6 %). "ASK" at the end: it must be asked about.
 */
export interface HardLine {
  readonly group: string
  readonly region: Region
  readonly text: string
  readonly reads: string
}

const lines = (group: string, region: Region, table: string): HardLine[] =>
  table
    .trim()
    .split('\n')
    .map(row => {
      const [text, reads] = row.split(' => ')
      return { group, region, text: text!.trim(), reads: reads!.trim() }
    })

export const hardLines: readonly HardLine[] = [
  ...lines(
    'choice of nouns',
    'uk',
    `
150 ml dairy or oat milk => milk 150 ml | oat-drink 150 ml
150 ml whole/oat milk => milk 150 ml | oat-drink 150 ml
200ml almond or soy milk => almond-drink 200 ml | soy-drink 200 ml
120 ml oat, soy or almond milk => oat-drink 120 ml | soy-drink 120 ml | almond-drink 120 ml
100 g white or dark chocolate, chopped => white-chocolate 100 g | dark-chocolate 100 g
100g milk or dark chocolate chips => milk-chocolate 100 g | chocolate-chips 100 g
2 tbsp coconut or vegetable oil => coconut-oil 2 tbsp | neutral-oil 2 tbsp
75 g vegan or dairy butter => plant-block 75 g | butter 75 g
250 g plain or wholemeal flour => plain-flour 250 g | wholemeal-flour 250 g
3 tbsp raspberry or strawberry jam => jam 3 tbsp
50 ml lemon or orange juice => lemon-juice 50 ml | orange-juice 50 ml
100g caster or light brown sugar => sugar 100 g | light-brown-sugar 100 g
200 g Greek or coconut yoghurt => greek-yoghurt 200 g | coconut-yoghurt 200 g
150 ml double or single cream => double-cream 150 ml | single-cream 150 ml
30 g peanut or almond butter => peanut-butter 30 g | almond-butter 30 g
50 g ground almonds or hazelnuts => ground-almonds 50 g | ground-hazelnuts 50 g
100 g walnuts or pecans, roughly chopped => walnuts 100 g | pecans 100 g
100 g butter or margarine => butter 100 g | margarine 100 g
100 g butter/margarine, softened => butter 100 g | margarine 100 g
2 tbsp honey, maple syrup or golden syrup => honey 2 tbsp | maple-syrup 2 tbsp | golden-syrup 2 tbsp
2 tbsp honey/maple syrup/golden syrup => honey 2 tbsp | maple-syrup 2 tbsp | golden-syrup 2 tbsp
1 tsp vanilla or almond extract => vanilla 1 tsp | almond-extract 1 tsp
1 tsp ground cinnamon or mixed spice => cinnamon 1 tsp | mixed-spice 1 tsp
either 100 g butter or 80 ml sunflower oil => butter 100 g | sunflower-oil 80 ml
either butter or oil, 90 g => butter 90 g | neutral-oil 90 g
60 g raisins or sultanas or currants => raisins 60 g | sultanas 60 g | currants 60 g
200 ml full-fat or semi-skimmed milk => milk 200 ml
85 g salted or unsalted butter => butter 85 g
150g fresh or frozen raspberries => raspberries 150 g
150g fresh or frozen raspberries or blueberries => raspberries 150 g | blueberries 150 g
1 large orange or 2 clementines => orange 1 | clementine 2
2 tbsp rum, brandy or orange juice => rum 2 tbsp | orange-juice 2 tbsp
40g cocoa or carob powder => cocoa 40 g | carob 40 g
100 g rice or buckwheat flour => rice-flour 100 g | buckwheat-flour 100 g
50 g sunflower or pumpkin seeds => sunflower-seeds 50 g | pumpkin-seeds 50 g
2 sheets filo or puff pastry => filo 2 sheet | puff-pastry 2 sheet
1 tbsp lemon juice or white wine vinegar => lemon-juice 1 tbsp | vinegar 1 tbsp
300 ml soya or dairy cream => soy-cream 300 ml | double-cream 300 ml
25 g dairy-free spread or butter => plant-spread 25 g | butter 25 g
240 ml buttermilk or soured plant milk => buttermilk 240 ml | plant-drink-any 240 ml
100 g gluten-free or regular plain flour => gf-blend-gum 100 g | plain-flour 100 g
100 g dried apricots, figs or dates => dried-apricots 100 g | dried-figs 100 g | dates 100 g
`,
  ),
  ...lines(
    'choice of nouns',
    'us',
    `
1 cup dairy or non-dairy milk => milk 1 cup | plant-drink-any 1 cup
1 cup whole or 2% milk => milk 1 cup
1/2 cup canola or melted coconut oil => rapeseed-oil 0.5 cup | coconut-oil 0.5 cup
1/2 cup chopped walnuts or pecans => walnuts 0.5 cup | pecans 0.5 cup
1 cup semisweet or milk chocolate chips => chocolate-chips 1 cup | milk-chocolate 1 cup
1/4 cup almond/cashew butter => almond-butter 0.25 cup | cashew-butter 0.25 cup
1 cup all-purpose or whole wheat flour => plain-flour 1 cup | wholemeal-flour 1 cup
1/2 cup butter, margarine or shortening => butter 0.5 cup | margarine 0.5 cup | shortening 0.5 cup
3/4 cup granulated or brown sugar => sugar 0.75 cup | light-brown-sugar 0.75 cup
1 tsp baking soda or 1 tbsp baking powder => baking-soda 1 tsp | baking-powder 1 tbsp
2 tbsp maple syrup or honey => maple-syrup 2 tbsp | honey 2 tbsp
1/2 c. sour cream or plain yogurt => sour-cream 0.5 cup | yoghurt 0.5 cup
1 tablespoon vegan butter or coconut oil => plant-block 1 tbsp | coconut-oil 1 tbsp
1/3 cup peanut butter or other nut butter => peanut-butter 0.3333 cup | nut-butter-any 0.3333 cup ASK
1 cup cream or half-and-half => double-cream 1 cup | single-cream 1 cup ASK
8 oz cream cheese or mascarpone => cream-cheese 8 oz | mascarpone 8 oz
`,
  ),
  ...lines(
    'choice in brackets',
    'uk',
    `
200 ml milk (dairy or oat) => milk 200 ml | oat-drink 200 ml
200 ml milk (oat or soy) => oat-drink 200 ml | soy-drink 200 ml
100 g butter (or margarine) => butter 100 g | margarine 100 g
100 g butter (or 80 g coconut oil) => butter 100 g | coconut-oil 80 g
100 g nuts (almonds or walnuts) => almonds 100 g | walnuts 100 g
100 g nuts (almonds, hazelnuts or walnuts), chopped => almonds 100 g | hazelnuts 100 g | walnuts 100 g
200 g flour (plain or spelt) => plain-flour 200 g | spelt-flour 200 g
150 g sugar (caster or granulated) => sugar 150 g
2 tbsp oil (sunflower or rapeseed) => sunflower-oil 2 tbsp | rapeseed-oil 2 tbsp
100 g chocolate (dark or milk) => dark-chocolate 100 g | milk-chocolate 100 g
2 eggs (or 2 flax eggs for vegan) => egg 2 | flax-gel 2
2 eggs (or 100 g apple purée) => egg 2 | apple-puree 100 g
100 g butter (vegan if needed) => butter 100 g | plant-block 100 g
100 g butter (use vegan block for dairy-free) => butter 100 g | plant-block 100 g
250 ml milk (or oat milk if vegan) => milk 250 ml | oat-drink 250 ml
150 g plain flour (or gluten-free plain flour) => plain-flour 150 g | gf-blend-gum 150 g
200 g oats (gluten-free if necessary) => oat-flakes 200 g | oat-flakes-certified 200 g
1 tbsp honey (agave syrup if vegan) => honey 1 tbsp | agave-syrup 1 tbsp
100 g dark chocolate (dairy-free if required) => dark-chocolate 100 g | plant-chocolate 100 g
150 ml cream (single or double) => single-cream 150 ml | double-cream 150 ml
80g spread (dairy or plant-based) => margarine 80 g | plant-spread 80 g ASK
`,
  ),
  ...lines(
    'conditions',
    'uk',
    `
200 ml milk, or soya milk for dairy-free => milk 200 ml | soy-drink 200 ml
200 ml milk - use oat milk if vegan => milk 200 ml | oat-drink 200 ml
2 eggs, or 2 tbsp ground flaxseed for a vegan version => egg 2 | flax 2 tbsp
100 g butter, sub coconut oil to make it vegan => butter 100 g | coconut-oil 100 g
50 g walnuts (omit for nut-free) => walnuts 50 g
50 g walnuts, leave out if nut-free => walnuts 50 g
100 g honey, if vegan use maple syrup => honey 100 g | maple-syrup 100 g
for vegans, 150 ml oat cream instead of double cream => oat-cream 150 ml | double-cream 150 ml
200 g self-raising flour; for gluten-free use a gluten-free self-raising blend => self-raising-flour 200 g | gf-self-raising 200 g
1 egg, or egg replacer if you are egg-free => egg 1 | egg-replacer 1
100 g butter, alternatively 90 ml rapeseed oil => butter 100 g | rapeseed-oil 90 ml
2 tbsp yoghurt, otherwise 2 tbsp milk => yoghurt 2 tbsp | milk 2 tbsp
150 g ground almonds or, for nut-free, ground sunflower seeds => ground-almonds 150 g | ground-sunflower 150 g
150 g butter, replaced with margarine if dairy free => butter 150 g | margarine 150 g
100 ml cream (swap for coconut cream if dairy-free) => double-cream 100 ml | coconut-cream 100 ml ASK
`,
  ),
  ...lines(
    'kind left open',
    'uk',
    `
200 ml milk of choice => milk 200 ml ASK
250 ml milk of your choice => milk 250 ml ASK
100 g nuts of choice => mixed-nuts 100 g ASK
100 g your favourite nuts => mixed-nuts 100 g ASK
any milk, 100 ml => milk 100 ml ASK
2 tbsp nut butter of choice => nut-butter-any 2 tbsp ASK
150 g flour of your choosing => plain-flour 150 g ASK
2 tbsp any oil => neutral-oil 2 tbsp ASK
100 g preferred sweetener => high-sweetener 100 g ASK
100 g chocolate you like best => dark-chocolate 100 g ASK
50 g spread, whichever you have => margarine 50 g ASK
100 ml plant milk such as oat or soy => plant-drink-any 100 ml ASK
100 g seeds (e.g. sunflower, pumpkin) => mixed-seeds 100 g ASK
100 g dried fruit of choice => * 100 g ASK
1 tsp spice of choice => ? 1 tsp ASK
`,
  ),
  ...lines(
    'claims and negation',
    'uk',
    `
100 g vegan butter => plant-block 100 g
100 g dairy-free block and 2 eggs => plant-block 100 g ; egg 2
200 ml non-dairy milk => plant-drink-any 200 ml
200 ml plant-based milk => plant-drink-any 200 ml
100 g butter, not dairy-free => butter 100 g
100 g butter (not margarine) => butter 100 g
150 g cake flour (not self-raising) => cake-flour 150 g
100 g dairy-free dark chocolate => plant-chocolate 100 g
100 g gluten-free oats, or ordinary oats => oat-flakes-certified 100 g | oat-flakes 100 g
2 tsp gluten-free baking powder => baking-powder 2 tsp
300 g gluten-free plain flour => gf-blend-gum 300 g
100 g vegan cream cheese => plant-cream-cheese 100 g
150 ml dairy-free single cream => single-cream 150 ml
4 tbsp egg-free mayonnaise => plant-mayonnaise 4 tbsp
1 tin (400 g) coconut milk, full fat, not light => coconut-milk 400 g
50 g sugar, no need to be exact => sugar 50 g
`,
  ),
  ...lines(
    'second things',
    'uk',
    `
1 tbsp ground flaxseed + 3 tbsp water => flax 1 tbsp ; water 3 tbsp
1 egg beaten with 1 tbsp milk => egg 1 ; milk 1 tbsp
1 egg, beaten with 1 tbsp milk, to glaze => egg 1 ; milk 1 tbsp
juice of 1 lemon and 1 orange => lemon-juice 1 ; orange-juice 1
zest of 1 lemon and 1 orange => citrus-zest 1 ; citrus-zest 1
finely grated zest of 2 lemons and juice of 1 => citrus-zest 2 ; lemon-juice 1
2 tbsp cornflour mixed with 3 tbsp cold water => maize-starch 2 tbsp ; water 3 tbsp
2 eggs plus 1 egg yolk => egg 2 ; egg-yolk 1
2 eggs and 2 yolks => egg 2 ; egg-yolk 2
100 g butter, plus 20 g for the tin => butter 100 g
1 tsp each cinnamon, ginger and nutmeg => cinnamon 1 tsp ; ground-ginger 1 tsp ; nutmeg 1 tsp
50 g each of walnuts, pecans and almonds => walnuts 50 g ; pecans 50 g ; almonds 50 g
flour 200 g, sugar 100 g, butter 100 g => plain-flour 200 g ; sugar 100 g ; butter 100 g
200 g flour, 100 g sugar, 2 eggs => plain-flour 200 g ; sugar 100 g ; egg 2
200 g flour and 1 tsp baking powder => plain-flour 200 g ; baking-powder 1 tsp
1 tsp instant coffee dissolved in 1 tbsp hot water => coffee-powder 1 tsp ; water 1 tbsp
3 tbsp cocoa powder blended with 4 tbsp boiling water => cocoa 3 tbsp ; water 4 tbsp
30 g butter & 30 g plain flour, for the roux => butter 30 g ; plain-flour 30 g
1 egg white and 50 g caster sugar => egg-white 1 ; sugar 50 g
salt and pepper => salt - ; black-pepper -
butter and flour, for the tin => butter - ; plain-flour -
icing sugar and cocoa, to dust => icing-sugar - ; cocoa -
1 sachet dried yeast dissolved in 150 ml warm milk => dry-yeast 1 packet ; milk 150 ml
4 tbsp chia seeds soaked in 200 ml oat milk => chia 4 tbsp ; oat-drink 200 ml
2 tsp vanilla extract + pinch of salt => vanilla 2 tsp ; salt 1 pinch
100 g dark chocolate melted with 50 g butter => dark-chocolate 100 g ; butter 50 g
250 ml milk with 1 tbsp lemon juice stirred in => milk 250 ml ; lemon-juice 1 tbsp
`,
  ),
  ...lines(
    'second measures',
    'us',
    `
1 cup less 1 tbsp all-purpose flour => plain-flour 0.9375 cup
1 cup minus 2 tablespoons flour => plain-flour 0.875 cup
1 cup plus 2 tablespoons sugar => sugar 1.125 cup
1/2 cup + 1 tbsp oil => neutral-oil 0.5625 cup
1 cup (240 ml) milk => milk 1 cup
1 stick (1/2 cup / 113 g) butter => butter 1 stick-butter
1 cup / 120 g flour => plain-flour 1 cup
8 oz (225 g) cream cheese => cream-cheese 8 oz
8 oz (325 g) cream cheese => cream-cheese 8 oz ASK
1 lb (250 g) strawberries => strawberries 1 lb ASK
2 lb (900 g) apples => apple 2 lb
1 cup (350 ml) water => water 1 cup ASK
3 eggs (150 g) => egg 3
3 large eggs (300 g) => egg 3 ASK
2 bananas (about 200 g) => banana 2
2 bananas (about 700 g) => banana 2 ASK
1 cup (16 tablespoons) milk => milk 1 cup
1 cup (6 tablespoons) milk => milk 1 cup ASK
4 oz / 400 g chocolate => dark-chocolate 4 oz ASK
1/4 cup (4 tbsp) cocoa => cocoa 0.25 cup
2 cups (500 g) flour => plain-flour 2 cup ASK
10 g (2 tsp) salt => salt 10 g
`,
  ),
  ...lines(
    'fractions',
    'us',
    `
21/4 cups flour => plain-flour 2.25 cup ASK
13/4 cups sugar => sugar 1.75 cup ASK
11/2 tsp baking powder => baking-powder 1.5 tsp ASK
7/3 cup milk => milk 2.3333 cup ASK
3/2 cups milk => milk 1.5 cup ASK
2 1/4-ounce envelopes unflavored gelatin => gelatine 0.5 oz ASK
1 ½ cups sugar => sugar 1.5 cup
1½ cups sugar => sugar 1.5 cup
1.5 cups sugar => sugar 1.5 cup
1-1/2 cups sugar => sugar 1.5 cup
one and three quarter cups milk => milk 1.75 cup
one and a half teaspoons vanilla => vanilla 1.5 tsp
half a cup of sugar => sugar 0.5 cup
three quarters of a cup of oil => neutral-oil 0.75 cup
a cup and a half of flour => plain-flour 1.5 cup
2 and 1/3 cups oats => oat-flakes 2.3333 cup
½-¾ cup water => water 0.5..0.75 cup
1/2 to 3/4 cup water => water 0.5..0.75 cup
2–3 tbsp milk => milk 2..3 tbsp
2 or 3 apples => apple 2..3
two to three tablespoons sugar => sugar 2..3 tbsp
couple of eggs => egg 2
a dozen egg whites => egg-white 12
`,
  ),
  ...lines(
    'old and odd measures',
    'us',
    `
2 squares unsweetened chocolate => dark-chocolate 2 square =57
1 cake yeast => fresh-yeast 1 =17
1 cake compressed yeast => fresh-yeast 1 =17
1 pkg. active dry yeast => dry-yeast 1 packet =7
1 envelope unflavored gelatin => gelatine 1 packet =7
1 No. 2 can crushed pineapple => pineapple 1 no-2-can =567
1 #2 can pineapple => pineapple 1 no-2-can =567
1 No. 303 can pumpkin => pumpkin-puree 1 no-303-can =454
2 sticks butter => butter 2 stick-butter =227
1 T. vinegar => vinegar 1 tbsp
1 t. soda => baking-soda 1 tsp
2 c sifted flour => plain-flour 2 cup
1 pt. whipping cream => double-cream 1 pint
1 qt milk => milk 1 quart
1 heaping tbsp flour => plain-flour 1 tbsp
1 scant cup sugar => sugar 1 cup
1 lg egg => egg 1
2 med. bananas => banana 2
1 sm. orange => orange 1
1 pkg (8 oz) cream cheese => cream-cheese 8 oz
3 T shortening => shortening 3 tbsp
1 doz. eggs => egg 12
1 jigger rum => rum 1 jigger =44
butter the size of an egg => butter 1 size-of-egg =55
butter the size of a walnut => butter 1 size-of-walnut =25
`,
  ),
  ...lines(
    'old and odd measures',
    'uk',
    `
1 dsp golden syrup => golden-syrup 1 dsp
1 level tsp bicarb => baking-soda 1 tsp
4oz self raising flour => self-raising-flour 4 oz
4 oz. S.R. flour => self-raising-flour 4 oz
2oz marg => margarine 2 oz
1/4 pt milk => milk 0.25 pint
1/2 lb plums => plum 0.5 lb
1 lb 4 oz cooking apples => apple 1.25 lb
6 oz castor sugar => sugar 6 oz
a knob of butter => butter 1 knob
a good pinch of salt => salt 1 pinch
4 sheets leaf gelatine => gelatine 4 sheet
1 heaped dessertspoon cornflour => maize-starch 1 dsp
a wineglass of sherry => wine 1 wineglass
1 small tin evaporated milk => evaporated-milk 1 tin
`,
  ),
  ...lines(
    'marks and cases',
    'uk',
    `
2 EGGS => egg 2
1 TABLESPOON TAHINI => tahini 1 tbsp
**200 g plain flour** => plain-flour 200 g
- 200 g plain flour => plain-flour 200 g
• 2 tbsp milk => milk 2 tbsp
[ ] 100 g butter => butter 100 g
☐ 3 eggs => egg 3
200 g plain flour: => plain-flour 200 g
_50 g_ walnuts => walnuts 50 g
* 1 tsp salt => salt 1 tsp
200g plain flour* => plain-flour 200 g
Butter – 100 g => butter 100 g
Sugar ..... 200 g => sugar 200 g
Milk: 150ml => milk 150 ml
Eggs (3) => egg 3
Eggs x 3 => egg 3
3 x eggs => egg 3
🥚 2 eggs => egg 2
🧈 100 g butter 🧈 => butter 100 g
100 g\u200b butter => butter 100 g
100 g butter => butter 100 g
100 gr. butter => butter 100 g
100gm butter => butter 100 g
~~100 g~~ 120 g butter => butter 120 g ASK
1) 200 g flour => plain-flour 200 g
a) 200 g flour => plain-flour 200 g
<b>100 g</b> butter => butter 100 g
100 g butter [see note 1] => butter 100 g
100 g butter (note 2) => butter 100 g
100 g butter¹ => butter 100 g
100 grams of butter please => butter 100 g
approx. 100 g butter => butter 100 g
~100 g butter => butter 100 g
c. 100 g butter => butter 100 g
100-120g butter => butter 100..120 g
100 g to 120 g butter => butter 100..120 g
`,
  ),
  ...lines(
    'specific words',
    'uk',
    `
100 g walnut pieces => walnuts 100 g
100 g toasted flaked almonds => almonds 100 g
1 scoop vanilla ice cream => ice-cream 1 scoop
100 g cream crackers, crushed => biscuits 100 g
100 g almond paste => marzipan 100 g
200 g butter beans => beans 200 g
1 butternut squash => squash 1
100 g cocoa butter => cocoa-butter 100 g
2 tbsp coconut milk powder => * 2 tbsp ASK
1 tbsp buttermilk powder => milk-powder 1 tbsp
100 g chestnut flour => chestnut-flour 100 g
100 g water chestnuts => * 100 g ASK
2 tbsp oat cream => oat-cream 2 tbsp
100 g peanut butter cups => * 100 g ASK
50 g egg noodles => * 50 g ASK
1 tbsp egg white powder => dried-egg-white 1 tbsp
100 g milk bread => * 100 g ASK
1 tbsp nutritional yeast => msg-yeast-flakes 1 tbsp
100 g tiger nuts, ground => * 100 g ASK
100 g cheesecloth-drained yoghurt => yoghurt 100 g
200 g rice pudding => * 200 g ASK
2 tbsp custard creams, crushed => * 2 tbsp ASK
100 g flibbertigibbet => ? 100 g ASK
1 tsp wibble powder => ? 1 tsp ASK
2 cups snozz berries => * 2 cup ASK
`,
  ),
  ...lines(
    'preparation and purpose',
    'uk',
    `
1 apple, peeled, cored and diced => apple 1
100 g butter, melted and cooled => butter 100 g
2 eggs, separated => egg 2
4 egg whites (about 120 g), at room temperature => egg-white 4
1 lemon, zest only => citrus-zest 1
1 lemon, juice only => lemon-juice 1
flour, for dusting => plain-flour -
a little oil for greasing => neutral-oil -
icing sugar to serve => icing-sugar -
milk, for brushing => milk -
100 g walnuts, toasted (optional) => walnuts 100 g
sea salt flakes, to finish => salt -
100 g caster sugar, plus extra for sprinkling => sugar 100 g
225 g plain flour, sifted, plus more for the work surface => plain-flour 225 g
whipped cream or ice cream, to serve => double-cream - | ice-cream -
cream, custard or ice cream, to serve => double-cream - | ready-custard - | ice-cream - ASK
200 g cold unsalted butter, cut into 1 cm cubes => butter 200 g
1 x 400 g tin chickpeas, liquid only => aquafaba 400 g ASK
3 ripe bananas, mashed well => banana 3
100 g oats, blitzed to a flour => oat-flakes 100 g
1 vanilla pod, split and scraped => vanilla-pod 1
2 tbsp boiling water => water 2 tbsp
150 g strong coffee, cooled => coffee 150 g
`,
  ),
  ...lines(
    'German',
    'metric',
    `
200 g Mehl => plain-flour 200 g
2 EL Zucker => sugar 2 tbsp
1 TL Backpulver => baking-powder 1 tsp
1 Pck. Vanillezucker => vanilla-sugar 1 packet
3 Eier => egg 3
125 g weiche Butter => butter 125 g
1/4 l Milch => milk 0.25 l
1 Prise Salz => salt 1 pinch
100 g gemahlene Mandeln => ground-almonds 100 g
100 g Haselnüsse, gehackt => hazelnuts 100 g
200 ml Sahne => double-cream 200 ml
250 g Quark => quark 250 g
2 Eigelb => egg-yolk 2
3 Eiweiß => egg-white 3
50 g Speisestärke => maize-starch 50 g
1,5 kg Äpfel => apple 1.5 kg
Saft von 1 Zitrone => lemon-juice 1
150 g Puderzucker => icing-sugar 150 g
200 ml Hafermilch oder Sojamilch => oat-drink 200 ml | soy-drink 200 ml
1 Würfel frische Hefe => fresh-yeast 1 cube
`,
  ),
  ...lines(
    'French',
    'metric',
    `
200 g de farine => plain-flour 200 g
3 œufs => egg 3
2 c. à s. de sucre => sugar 2 tbsp
1 c. à c. de levure chimique => baking-powder 1 tsp
100 g de beurre mou => butter 100 g
25 cl de lait => milk 25 cl
1 sachet de sucre vanillé => vanilla-sugar 1 packet
1 pincée de sel => salt 1 pinch
20 cl de crème fraîche => creme-fraiche 20 cl
2 jaunes d'œufs => egg-yolk 2
3 blancs d'œufs => egg-white 3
100 g de poudre d'amandes => ground-almonds 100 g
200 g de chocolat noir => dark-chocolate 200 g
50 g de noisettes => hazelnuts 50 g
1 cuillère à soupe de miel => honey 1 tbsp
le jus d'un citron => lemon-juice 1
10 cl de lait d'amande ou de soja => almond-drink 10 cl | soy-drink 10 cl
`,
  ),
]
