/**
 * Formulas without egg and milk (some without gluten), graded as an experienced baker would who has baked them: A would be called
 * the dessert, B is good after at most a small edit, C comes out but disappoints, F fails. `was` is the original; amounts in
 * grams by ingredient id. Every second one of each dessert is `held`: set aside before any word was fitted. [M] from memory of ordinary baking; nothing
 * here was computed.
 */
export type Grade = 'A' | 'B' | 'C' | 'F'
interface GradedFormula {
  readonly grade: Grade
  readonly lines: string
  readonly because: string
}
export interface GradedDessert {
  readonly title: string
  readonly for: 'vegan' | 'all'
  readonly was: string
  readonly formulas: readonly GradedFormula[]
}
const graded =
  (grade: Grade) =>
  (lines: string, because: string): GradedFormula => ({ grade, lines, because })
const [a, b, c, f] = [graded('A'), graded('B'), graded('C'), graded('F')]
const dessert = (title: string, was: string, formulas: readonly GradedFormula[], who: 'vegan' | 'all' = 'vegan'): GradedDessert => ({ title, for: who, was, formulas })

export const gradedDesserts: readonly GradedDessert[] = [
  dessert('Victoria sandwich', 'self-raising-flour 200, butter 200, sugar 200, egg 200, baking-powder 4, milk 30', [
    a('self-raising-flour 200, plant-block 110, sugar 180, oat-drink 195, vinegar 10, baking-powder 5', 'the standard soured-drink sponge'),
    a('self-raising-flour 200, neutral-oil 80, sugar 170, soy-drink 200, vinegar 10, baking-powder 4', 'the same with oil'),
    b('self-raising-flour 200, plant-block 125, sugar 190, soy-yoghurt 120, oat-drink 90, baking-powder 5', 'a little closer, good'),
    c('self-raising-flour 200, plant-block 210, sugar 200, flax 28, water 84, oat-drink 30, baking-powder 4', 'all that fat and no egg: greasy, heavy, speckled'),
    c('self-raising-flour 200, plant-block 200, sugar 200, apple-puree 200, baking-powder 4', 'gummy and tastes of apple'),
    f('self-raising-flour 200, plant-block 200, sugar 200, oat-drink 30, baking-powder 4', 'the eggs left out: crumbles in its own fat'),
    f('plain-flour 200, plant-block 110, sugar 180, oat-drink 195', 'nothing lifts it'),
  ]),
  dessert('Blueberry muffins', 'plain-flour 250, sugar 120, butter 90, egg 100, milk 180, baking-powder 12, blueberries 150', [
    a('plain-flour 250, sugar 120, neutral-oil 75, flax 14, water 45, oat-drink 215, baking-powder 13, blueberries 150', 'what most people bake'),
    a('plain-flour 250, sugar 120, plant-block 85, oat-drink 250, vinegar 10, baking-powder 12, blueberries 150', 'soured drink, tender'),
    b('plain-flour 250, sugar 110, neutral-oil 70, apple-puree 100, oat-drink 170, baking-powder 13, blueberries 150', 'moister, a little closer'),
    c('plain-flour 250, sugar 120, neutral-oil 75, oat-drink 150, baking-powder 12, blueberries 150', 'far too dry: tight and bready'),
    f('plain-flour 250, sugar 120, neutral-oil 75, oat-drink 430, baking-powder 12, blueberries 150', 'a soup: gummy, never bakes through'),
    f('plain-flour 250, sugar 120, neutral-oil 75, oat-drink 250, baking-powder 45, blueberries 150', 'soapy, rises and falls'),
  ]),
  dessert('Banana bread', 'plain-flour 250, sugar 150, butter 110, egg 100, banana 350, baking-soda 5, salt 3', [
    a('plain-flour 250, sugar 140, neutral-oil 85, banana 400, oat-drink 40, vinegar 6, baking-soda 5, salt 3', 'banana holds it'),
    a('plain-flour 250, sugar 150, plant-block 110, flax 14, water 60, banana 350, baking-soda 5, salt 3', 'the usual with flax'),
    b('plain-flour 250, sugar 150, neutral-oil 80, soy-yoghurt 110, banana 350, baking-soda 5, salt 3', 'moist, good'),
    c('plain-flour 250, sugar 150, neutral-oil 200, banana 400, baking-soda 5, salt 3', 'oil runs out of it'),
    f('plain-flour 250, sugar 140, neutral-oil 85, banana 400, oat-drink 40, salt 3', 'no lift: a brick'),
    f('plain-flour 120, sugar 150, neutral-oil 110, banana 700, baking-soda 5, salt 3', 'pudding that never sets'),
  ]),
  dessert('Chocolate chip cookies', 'plain-flour 280, butter 170, sugar 100, light-brown-sugar 150, egg 50, baking-soda 4, chocolate-chips 200', [
    a('plain-flour 280, plant-block 170, sugar 100, light-brown-sugar 150, flax 7, water 28, baking-soda 4, plant-chocolate 200', 'spreads and chews as it should'),
    a('plain-flour 280, plant-block 165, sugar 95, light-brown-sugar 150, oat-drink 38, baking-soda 4, plant-chocolate 200', 'drink only: nobody notices'),
    b('plain-flour 275, plant-block 165, sugar 100, light-brown-sugar 150, maize-starch 12, oat-drink 32, baking-soda 4, plant-chocolate 200', 'a little crisper'),
    c('plain-flour 280, plant-block 120, sugar 100, light-brown-sugar 150, apple-puree 110, baking-soda 4, plant-chocolate 200', 'cakey, soft the next day'),
    f('plain-flour 280, neutral-oil 230, sugar 100, light-brown-sugar 150, baking-soda 4, plant-chocolate 200', 'oil without water: runs to a sheet and crumbles'),
    f('plain-flour 280, plant-block 170, sugar 100, light-brown-sugar 150, oat-drink 220, baking-soda 4, plant-chocolate 200', 'a batter, not a dough'),
  ]),
  dessert('Shortbread', 'plain-flour 200, butter 135, sugar 65', [
    a('plain-flour 200, plant-block 138, sugar 65', 'like for like'),
    a('plain-flour 200, plant-block 145, sugar 65', 'the fat matched'),
    b('plain-flour 200, coconut-oil 110, water 16, sugar 65', 'snaps, tastes of less'),
    c('plain-flour 200, neutral-oil 80, sugar 65', 'sandy and hard, no richness'),
    f('plain-flour 200, plant-block 50, oat-drink 90, sugar 65', 'a scone dough'),
  ]),
  dessert('Chocolate brownies', 'dark-chocolate 200, butter 180, egg 150, sugar 275, plain-flour 85, cocoa 40', [
    a('plant-chocolate 200, plant-block 110, sugar 230, plain-flour 125, cocoa 30, flax 14, water 95', 'dense, shiny, cuts cold'),
    a('plant-chocolate 200, plant-block 130, sugar 250, plain-flour 110, cocoa 40, aquafaba 100', 'a crackled top'),
    b('plant-chocolate 200, plant-block 120, sugar 250, plain-flour 110, cocoa 40, silken-tofu 150', 'a little denser'),
    c('plant-chocolate 200, plant-block 60, sugar 250, plain-flour 85, cocoa 40, apple-puree 260', 'wet cake, fruity'),
    f('plant-chocolate 200, plant-block 190, sugar 275, plain-flour 85, cocoa 40', 'a pool of fat and sugar'),
    f('plant-chocolate 200, plant-block 130, sugar 250, plain-flour 85, cocoa 40, oat-drink 420', 'chocolate soup'),
  ]),
  dessert('Pancakes', 'plain-flour 200, milk 290, egg 50, sugar 20, baking-powder 12, butter 30', [
    a('plain-flour 200, oat-drink 300, vinegar 12, sugar 20, baking-powder 12, neutral-oil 22', 'thick and light'),
    a('plain-flour 190, maize-starch 10, oat-drink 300, sugar 20, baking-powder 12, plant-block 30', 'good'),
    b('plain-flour 200, oat-drink 230, banana 100, sugar 10, baking-powder 12, neutral-oil 20', 'taste of banana'),
    b('plain-flour 200, oat-drink 280, flax 7, water 25, sugar 20, baking-powder 12, neutral-oil 20', 'a little denser'),
    f('plain-flour 200, oat-drink 600, sugar 20, baking-powder 12, neutral-oil 22', 'runs over the whole pan and tears'),
    f('plain-flour 200, oat-drink 120, sugar 20, baking-powder 12, neutral-oil 22', 'a dough'),
  ]),
  dessert('Crêpes', 'plain-flour 250, egg 150, milk 500, butter 40', [
    a('plain-flour 220, maize-starch 30, oat-drink 540, plant-block 35', 'thin, folds'),
    b('plain-flour 250, oat-drink 580, neutral-oil 25', 'drink only: tears a little'),
    a('plain-flour 220, chickpea-flour 30, oat-drink 400, water 150, neutral-oil 28', 'browns well, folds'),
    c('plain-flour 250, flax 35, water 120, oat-drink 460, neutral-oil 20', 'speckled and slimy'),
    f('plain-flour 250, oat-drink 260, neutral-oil 25', 'a paste'),
    f('plain-flour 250, oat-drink 1200, neutral-oil 25', 'milk with flour in it'),
  ]),
  dessert('Scones', 'self-raising-flour 350, butter 85, milk 175, sugar 30, egg 50', [
    a('self-raising-flour 350, plant-block 88, oat-drink 215, vinegar 8, sugar 30', 'rise and split'),
    a('self-raising-flour 350, plant-block 90, soy-drink 210, sugar 30, baking-powder 4', 'the same'),
    b('self-raising-flour 350, neutral-oil 70, oat-drink 215, sugar 30', 'less flaky'),
    c('self-raising-flour 350, plant-block 200, oat-drink 120, sugar 30', 'shortbread that spreads'),
    f('self-raising-flour 350, plant-block 85, oat-drink 430, sugar 30', 'batter'),
    f('plain-flour 350, plant-block 85, oat-drink 215, sugar 30', 'no lift: stones'),
  ]),
  dessert('Sweet yeast buns', 'bread-flour 500, milk 220, egg 100, butter 80, sugar 60, dry-yeast 8, salt 8', [
    a('bread-flour 500, oat-drink 295, plant-block 85, sugar 60, dry-yeast 8, salt 8', 'soft and light'),
    b('bread-flour 500, water 280, neutral-oil 60, sugar 60, dry-yeast 8, salt 8', 'plainer, stale sooner'),
    a('bread-flour 490, soy-drink 300, plant-block 85, sugar 60, dry-yeast 8, salt 8, potato-starch 10', 'softer for longer'),
    c('bread-flour 500, oat-drink 290, plant-block 250, sugar 60, dry-yeast 8, salt 8', 'too rich to rise'),
    f('bread-flour 500, oat-drink 130, plant-block 85, sugar 60, dry-yeast 8, salt 8', 'cannot be kneaded'),
    f('bread-flour 500, oat-drink 560, plant-block 85, sugar 60, dry-yeast 8, salt 8', 'cannot be shaped'),
  ]),
  dessert('Carrot cake', 'plain-flour 250, sugar 220, neutral-oil 180, egg 200, carrot 300, baking-soda 4, baking-powder 4', [
    a('plain-flour 250, sugar 200, neutral-oil 110, oat-drink 165, vinegar 8, carrot 300, baking-soda 4, baking-powder 4', 'moist, even'),
    a('plain-flour 250, sugar 200, neutral-oil 110, apple-puree 120, oat-drink 70, carrot 300, baking-soda 4, baking-powder 4', 'moist, keeps'),
    b('plain-flour 250, sugar 215, neutral-oil 130, flax 21, water 110, carrot 300, baking-soda 4, baking-powder 4', 'denser'),
    c('plain-flour 250, sugar 220, neutral-oil 260, carrot 300, baking-soda 4, baking-powder 4', 'oily'),
    f('plain-flour 250, sugar 200, neutral-oil 110, oat-drink 165, carrot 300', 'no lift'),
    f('plain-flour 120, sugar 220, neutral-oil 180, oat-drink 300, carrot 300, baking-soda 4', 'falls to a pudding'),
  ]),
  dessert('Gingerbread biscuits', 'plain-flour 350, butter 110, light-brown-sugar 150, egg 50, golden-syrup 60, baking-soda 5', [
    a('plain-flour 350, plant-block 112, light-brown-sugar 150, oat-drink 32, golden-syrup 70, baking-soda 5', 'rolls and keeps its edge'),
    a('plain-flour 350, plant-block 112, light-brown-sugar 150, flax 7, water 30, golden-syrup 60, baking-soda 5', 'the same'),
    b('plain-flour 350, coconut-oil 90, water 45, light-brown-sugar 150, golden-syrup 65, baking-soda 5', 'crisper'),
    c('plain-flour 350, neutral-oil 100, light-brown-sugar 150, golden-syrup 60, baking-soda 5', 'cracks when it is rolled'),
    f('plain-flour 350, plant-block 110, light-brown-sugar 150, oat-drink 200, golden-syrup 60, baking-soda 5', 'a batter that runs'),
  ]),
  dessert('Buttercream', 'butter 150, icing-sugar 300, milk 20', [
    a('plant-block 150, icing-sugar 300, oat-drink 12', 'holds its swirl'),
    a('plant-block 160, icing-sugar 310, oat-drink 10', 'the same'),
    c('plant-spread 150, icing-sugar 300', 'slides off a warm cake'),
    f('neutral-oil 130, icing-sugar 300, oat-drink 20', 'a syrup with oil on it'),
    f('plant-block 60, icing-sugar 300, oat-drink 130', 'a glaze'),
  ]),
  dessert('Crumble topping', 'plain-flour 200, butter 120, sugar 100', [
    a('plain-flour 200, plant-block 122, sugar 100', 'like for like'),
    a('plain-flour 200, plant-block 115, sugar 100', 'crisper'),
    b('plain-flour 200, coconut-oil 98, water 12, sugar 100', 'crisp'),
    f('plain-flour 200, plant-block 120, oat-drink 120, sugar 100', 'a batter'),
  ]),
  dessert('Ginger loaf', 'plain-flour 225, baking-soda 5, light-brown-sugar 100, butter 110, golden-syrup 120, treacle 120, egg 50, milk 180', [
    a('plain-flour 225, baking-soda 5, light-brown-sugar 100, plant-block 108, golden-syrup 120, treacle 120, oat-drink 225', 'sticky, even'),
    a('plain-flour 225, baking-soda 5, light-brown-sugar 100, plant-block 110, golden-syrup 120, treacle 120, flax 7, water 25, oat-drink 185', 'the same'),
    b('plain-flour 225, baking-soda 5, light-brown-sugar 100, neutral-oil 85, golden-syrup 120, treacle 120, apple-puree 60, oat-drink 180', 'softer'),
    c('plain-flour 225, baking-soda 5, light-brown-sugar 100, plant-block 200, golden-syrup 120, treacle 120, oat-drink 130', 'greasy at the bottom'),
    f('plain-flour 225, baking-soda 25, light-brown-sugar 100, plant-block 108, golden-syrup 120, treacle 120, oat-drink 225', 'soap'),
    f('plain-flour 225, light-brown-sugar 100, plant-block 108, golden-syrup 120, treacle 120, oat-drink 225', 'toffee slab'),
  ]),
  dessert('Oat cookies', 'oat-flakes 200, plain-flour 100, butter 125, sugar 120, egg 50, baking-soda 3', [
    a('oat-flakes 200, plain-flour 100, plant-block 125, sugar 110, golden-syrup 25, oat-drink 28, baking-soda 3', 'hold and chew'),
    a('oat-flakes 200, plain-flour 100, plant-block 125, sugar 120, flax 7, water 30, baking-soda 3', 'the same'),
    b('oat-flakes 200, plain-flour 100, coconut-oil 100, sugar 115, oat-drink 55, baking-soda 3', 'crisper'),
    f('oat-flakes 200, plain-flour 100, plant-block 125, sugar 120, oat-drink 350, baking-soda 3', 'porridge'),
    c('oat-flakes 200, plain-flour 100, plant-block 40, sugar 120, banana 200, baking-soda 3', 'soft and flat-tasting'),
  ]),
  dessert('Chocolate cake', 'plain-flour 220, sugar 250, cocoa 50, butter 150, egg 150, milk 150, baking-powder 8, baking-soda 3', [
    a('plain-flour 220, sugar 210, cocoa 45, neutral-oil 80, oat-drink 250, vinegar 14, baking-soda 4, baking-powder 3', 'the plain cocoa cake that always works'),
    a('plain-flour 220, sugar 215, cocoa 45, plant-block 110, oat-drink 240, vinegar 10, baking-powder 8, baking-soda 2', 'the same, richer'),
    b('plain-flour 220, sugar 230, cocoa 50, plant-block 110, soy-yoghurt 120, oat-drink 150, baking-powder 8, baking-soda 3', 'good, closer'),
    c('plain-flour 220, sugar 250, cocoa 50, plant-block 155, oat-drink 150, baking-powder 8, baking-soda 3', 'the eggs left out: dry, crumbles'),
    f('plain-flour 220, sugar 400, cocoa 50, plant-block 150, oat-drink 240, baking-powder 8', 'sinks to a chewy slab'),
    f('plain-flour 220, sugar 215, cocoa 45, plant-block 110, oat-drink 600, baking-powder 8', 'wet'),
  ]),
  dessert('Vanilla cupcakes', 'self-raising-flour 150, butter 150, sugar 150, egg 150, milk 30, vanilla 4', [
    a('self-raising-flour 150, plant-block 80, sugar 135, soy-drink 150, vinegar 8, baking-powder 3, vanilla 4', 'light and pale'),
    b('self-raising-flour 150, plant-block 95, sugar 140, oat-yoghurt 100, oat-drink 60, baking-powder 3, vanilla 4', 'good'),
    a('self-raising-flour 150, neutral-oil 60, sugar 130, oat-drink 155, vinegar 8, baking-powder 3, vanilla 4', 'light'),
    c('self-raising-flour 150, plant-block 150, sugar 150, soy-flour 45, water 120, oat-drink 20, vanilla 4', 'beany, heavy'),
    f('self-raising-flour 150, plant-block 160, sugar 150, vanilla 4', 'nothing but fat and flour'),
  ]),
  dessert(
    'Victoria sandwich',
    'plain-flour 200, butter 200, sugar 200, egg 200, baking-powder 10, milk 30',
    [
      a('gf-blend-gum 200, plant-block 105, sugar 180, soy-yoghurt 100, soy-drink 130, psyllium 5, baking-powder 11', 'holds, moist, hardly sandy'),
      b('gf-blend-gum 200, plant-block 110, sugar 180, flax 14, soy-drink 200, vinegar 8, baking-powder 11', 'a little denser'),
      c('rice-flour 200, plant-block 110, sugar 180, soy-drink 195, vinegar 10, baking-powder 10', 'grit without any hold: crumbles'),
      f('gf-blend-gum 200, plant-block 200, sugar 200, baking-powder 10, soy-drink 30', 'falls apart'),
    ],
    'all',
  ),
  dessert(
    'Chocolate chip cookies',
    'plain-flour 280, butter 170, sugar 100, light-brown-sugar 150, egg 50, baking-soda 4, chocolate-chips 200',
    [
      a('gf-blend-gum 290, plant-block 160, sugar 95, light-brown-sugar 150, flax 7, water 38, baking-soda 4, plant-chocolate 200', 'chewy enough'),
      b('gf-blend-gum 280, plant-block 165, sugar 100, light-brown-sugar 150, soy-drink 42, baking-soda 4, plant-chocolate 200', 'a little short'),
      f('rice-flour 280, neutral-oil 200, sugar 100, light-brown-sugar 150, baking-soda 4, plant-chocolate 200', 'sand'),
    ],
    'all',
  ),
]
