import { school } from '../school'

/**
 * What bakers use for eggs; doses for one large egg of 50 g. Sources: [P] common practice, schools kept as alternatives;
 * limits from the engine study [M].
 */
const egg = 1 / 50
const crumb = ['fruit', 'crumb-base', 'set-cream', 'syrup', 'bread-pudding', 'batter-pudding', 'no-bake', 'nut-filling', 'creamed', 'muffin', 'quick-bread', 'cookie', 'brownie', 'pancake', 'scone', 'yeast', 'crepe', 'pastry', 'shortbread', 'streusel', 'other']
const cakes = ['creamed', 'muffin', 'quick-bread', 'brownie', 'pancake']
const custards = ['egg-custard', 'pastry-cream', 'caramel', 'ice-cream', 'bread-pudding', 'other']

const washed = 'Stir them together, four parts of the one to one of the other, and brush thinly.'

export const eggSchools = [
  school('egg', 'flax-gel', 'flax gel', 'flax gel', [{ ingredient: 'flax', perGram: 7 * egg, role: 'gel' }, { ingredient: 'water', perGram: 45 * egg, role: 'gel-water' }], 'binds, and holds its water through the bake', '[P] 1 Tbsp + 3 Tbsp an egg', {
    families: crumb, not: ['pastry', 'shortbread'], prepare: 'Stir the ground flax into the water and let it rest until it clings to the spoon.', restMinutes: 10, differs: 'a slightly darker crumb with fine specks and a mild nutty taste', limit: { perEgg: 8.5, ofDry: 0.08 }, does: 'binds' }),
  school('egg', 'chia-gel', 'chia gel', 'chia gel', [{ ingredient: 'chia', perGram: 12 * egg, role: 'gel' }, { ingredient: 'water', perGram: 60 * egg, role: 'gel-water' }], 'binds firmly', '[P] 1 Tbsp + 4 Tbsp an egg', {
    families: crumb, not: ['crepe', 'pastry', 'shortbread', 'creamed'], prepare: 'Stir the chia into the water and let it rest until thick.', restMinutes: 10, differs: 'seeds to be seen and felt, a moist and heavier crumb', limit: { ofDry: 0.06 }, rarity: 0.3, flavour: 0.5, does: 'binds' }),
  school('egg', 'aquafaba', 'aquafaba', 'aquafaba', [{ ingredient: 'aquafaba', perGram: 45 * egg, role: 'gel' }], 'foams and emulsifies like white, binds little', '[P] 3 Tbsp an egg, 2 Tbsp a white', {
    families: [...cakes, 'cookie', 'scone', 'sponge', 'mousse', 'glaze', 'other'], prepare: 'Shake or whisk the aquafaba to a loose foam before it goes in; it may look split with the fat, and that is fine.', restMinutes: null, differs: 'a light, slightly drier crumb that colours less', limit: { perEgg: 45 }, does: 'foams' }),
  school('egg', 'psyllium-gel', 'psyllium gel', 'psyllium gel', [{ ingredient: 'psyllium', perGram: 2.5 * egg, role: 'gel' }, { ingredient: 'water', perGram: 45 * egg, role: 'gel-water' }], 'holds a dough that has no gluten', '[P] 1 tsp husk + 3 Tbsp an egg', {
    families: crumb, not: ['crepe'], onlyGlutenFree: true, prepare: 'Stir the psyllium into the water; it sets to a gel in five minutes.', restMinutes: 5, differs: 'a springy crumb that turns gummy if cut warm', limit: { ofDry: 0.025 }, rarity: 0.4, does: 'binds' }),
  school('egg', 'starch-slurry', 'potato starch slurry', 'potato starch slurry', [{ ingredient: 'potato-starch', perGram: 10 * egg, role: 'gel' }, { ingredient: 'water', perGram: 40 * egg, role: 'gel-water' }], 'sets the crumb when it is hot, as egg does', '[P] 2 Tbsp starch + 3 Tbsp liquid an egg, cut to the study’s limit', {
    families: crumb, not: ['yeast'], prepare: 'Whisk the starch into the water just before it goes in.', restMinutes: null, differs: 'a tender, fine crumb that dries sooner', limit: { perEgg: 12, ofDry: 0.1 }, does: 'sets' }),
  school('egg', 'maize-slurry', 'cornflour slurry', 'cornflour slurry', [{ ingredient: 'maize-starch', perGram: 10 * egg, role: 'gel' }, { ingredient: 'water', perGram: 40 * egg, role: 'gel-water' }], 'sets the crumb when it is hot, as egg does', '[P] 2 Tbsp starch + 3 Tbsp liquid an egg, cut to the study’s limit', {
    families: crumb, not: ['yeast'], prepare: 'Whisk the starch into the water just before it goes in.', differs: 'a tender, fine crumb that dries sooner', limit: { perEgg: 12, ofDry: 0.1 }, rarity: 0.1, does: 'sets' }),
  school('egg', 'chickpea-batter', 'chickpea flour batter', 'chickpea flour batter', [{ ingredient: 'chickpea-flour', perGram: 15 * egg, role: 'gel' }, { ingredient: 'water', perGram: 35 * egg, role: 'gel-water' }], 'brings protein that sets, as egg does', '[P]; limit 20 g an egg', {
    families: crumb, not: ['shortbread', 'pastry', 'creamed'], prepare: 'Whisk the chickpea flour into the water until smooth.', restMinutes: 5, differs: 'a well-set crumb; raw batter tastes of beans, the baked one hardly', limit: { perEgg: 20 }, rarity: 0.3, flavour: 0.8, does: 'sets' }),
  school('egg', 'soy-flour-batter', 'soy flour batter', 'soy flour batter', [{ ingredient: 'soy-flour', perGram: 13 * egg, role: 'gel' }, { ingredient: 'water', perGram: 37 * egg, role: 'gel-water' }], 'brings protein and lecithin', '[P]; limit 15 g an egg', {
    families: crumb, not: ['shortbread'], prepare: 'Whisk the soy flour into the water until smooth.', differs: 'a close, golden crumb with a light bean taste', limit: { perEgg: 15 }, rarity: 0.6, flavour: 0.5, does: 'sets' }),
  school('egg', 'apple-puree', 'apple purée', 'apple purée', [{ ingredient: 'apple-puree', perGram: 60 * egg, role: 'gel' }], 'moistens and binds a little; its sugar and water are counted', '[P] 60 g an egg', {
    families: ['muffin', 'quick-bread', 'brownie', 'pancake', 'cookie', 'bread-pudding'], differs: 'moist and close, with a hint of apple', limit: { perEgg: 60, ofBatch: 0.15 }, flavour: 0.6, does: 'moistens' }),
  school('egg', 'banana', 'mashed banana', 'mashed banana', [{ ingredient: 'banana', perGram: 60 * egg, role: 'gel' }], 'moistens and binds; its sugar and water are counted', '[P] 60 g an egg', {
    families: ['muffin', 'quick-bread', 'pancake'], prepare: 'Mash the banana until no lump is left.', differs: 'it tastes of banana', limit: { perEgg: 60, ofBatch: 0.15 }, flavour: 2, does: 'moistens' }),
  school('egg', 'silken-tofu', 'silken tofu', 'blended tofu', [{ ingredient: 'silken-tofu', perGram: 60 * egg, role: 'gel' }], 'sets and moistens, with protein', '[P] 60 g an egg', {
    families: ['brownie', 'creamed', 'muffin', 'quick-bread', 'cheesecake'], prepare: 'Blend the tofu until it is quite smooth.', differs: 'moist and dense', limit: { perEgg: 65 }, rarity: 0.3, flavour: 0.2, does: 'moistens' }),
  school('egg', 'soy-yoghurt-egg', 'thick soy yoghurt', 'soy yoghurt', [{ ingredient: 'soy-yoghurt', perGram: 60 * egg, role: 'gel' }], 'moistens and binds a little', '[P] 60 g an egg', { families: [...cakes, 'scone'], differs: 'moist, a little tangy', limit: { perEgg: 65 }, rarity: 0.1, does: 'moistens' }),
  school('egg', 'coconut-yoghurt-egg', 'thick coconut yoghurt', 'coconut yoghurt', [{ ingredient: 'coconut-yoghurt', perGram: 60 * egg, role: 'gel' }], 'moistens, and brings its own fat', '[P] 60 g an egg', { families: [...cakes, 'scone'], differs: 'moist, with a hint of coconut', limit: { perEgg: 65 }, rarity: 0.2, flavour: 0.5, does: 'moistens' }),
  school('egg', 'lecithin', 'sunflower lecithin', 'lecithin', [{ ingredient: 'sunflower-lecithin', perGram: 1.6 * egg, role: 'gel' }], 'keeps fat and water together, as yolk does', '[M] about ½ tsp an egg', {
    families: [...cakes, 'sponge', 'crepe', 'cookie', 'ice-cream'], onlyTogether: true, prepare: 'Whisk the lecithin into the fat.', limit: { perEgg: 2 }, rarity: 0.8, does: 'emulsifies' }),
  school('egg', 'no-binder', 'no binder: water, oil and a little more lift', 'water', [{ ingredient: 'water', perGram: 38 * egg, role: 'liquid' }], 'flour alone holds a simple crumb together', '[P] snack cakes', {
    families: ['muffin', 'quick-bread', 'creamed', 'pancake', 'scone', 'cookie', 'yeast', 'crepe'], differs: 'plainer and a little more tender; it crumbles when it is cut warm' }),
  school('egg', 'dough-liquid', 'cold water and a little oil', 'cold water and oil', [{ ingredient: 'water', perGram: 38 * egg, role: 'liquid' }, { ingredient: 'neutral-oil', perGram: 4.8 * egg, role: 'fat' }], 'an egg in short dough is only its water and fat', '[P]', { families: ['pastry', 'shortbread', 'streusel'], differs: 'shorter, and paler when baked' }),

  school('egg', 'starch-custard', 'starch-set cream', 'starch mixture', [{ ingredient: 'maize-starch', perGram: 0.16, role: 'gel' }, { ingredient: 'neutral-oil', perGram: 0.2, role: 'fat' }], 'yolk thickens like 0.16 g of starch a gram, and brings fat', '[M] the engine study', {
    families: custards, prepare: 'Whisk the starch into a little of the cold liquid first.', differs: 'sets as a starch cream: boil it until it bubbles, and chill it before cutting' }),
  school('egg', 'starch-custard-potato', 'potato-starch-set cream', 'starch mixture', [{ ingredient: 'potato-starch', perGram: 0.13, role: 'gel' }, { ingredient: 'neutral-oil', perGram: 0.2, role: 'fat' }], 'potato starch sets a quarter stronger than maize', '[M] the engine study', {
    families: custards, prepare: 'Whisk the starch into a little of the cold liquid first.', differs: 'clearer and a little more elastic; do not boil it long', rarity: 0.2 }),
  school('egg', 'agar-custard', 'agar-set cream', 'agar', [{ ingredient: 'agar', perGram: 0.03, role: 'gel' }, { ingredient: 'maize-starch', perGram: 0.08, role: 'gel' }, { ingredient: 'neutral-oil', perGram: 0.12, role: 'fat' }], 'agar sets where a custard must be cut', '[M] about 0.8 % of the liquid', {
    families: ['egg-custard', 'mousse'], prepare: 'Boil the agar in the liquid for two minutes; it sets as it cools.', differs: 'cuts cleanly, with a shorter, firmer bite', limit: { ofBatch: 0.008 }, rarity: 0.8 }),
  school('egg', 'cheese-starch', 'cornflour', 'cornflour', [{ ingredient: 'maize-starch', perGram: 0.2, role: 'gel' }], 'sets a baked cheesecake without egg', '[P]', { families: ['cheesecake'], differs: 'sets as it cools; softer in the middle, and it does not crack' }),
  school('egg', 'cheese-starch-potato', 'potato starch', 'potato starch', [{ ingredient: 'potato-starch', perGram: 0.17, role: 'gel' }], 'sets a baked cheesecake without egg', '[P]', { families: ['cheesecake'], differs: 'sets as it cools; softer in the middle, and it does not crack', rarity: 0.2 }),
  school('egg', 'butter-only', 'plain whipped buttercream', 'water', [{ ingredient: 'water', perGram: 0.3, role: 'liquid' }], 'without the egg foam it is whipped fat and sugar', '[P]', { families: ['buttercream', 'ganache', 'whipped-cream', 'cream-cheese-frosting'], not: ['meringue-buttercream'], differs: 'denser and sweeter on the tongue than one with egg' }),

  school('egg', 'meringue-aquafaba', 'aquafaba meringue', 'aquafaba', [{ ingredient: 'aquafaba', perGram: 1, role: 'gel' }, { ingredient: 'cream-of-tartar', perGram: 0.012, role: 'acid' }], 'aquafaba weight for weight whips to the same peaks, with acid to steady it', '[P] sugar 2:1', {
    families: ['meringue', 'macaron', 'meringue-buttercream'], prepare: 'Reduce the aquafaba by a third if it is thin, cool it, and stir in the cream of tartar. It takes 6–8 minutes of whisking to firm peaks.', differs: 'crisper and more fragile; softens quickly in damp air' }),
  school('egg', 'meringue-aquafaba-lemon', 'aquafaba meringue with lemon', 'aquafaba', [{ ingredient: 'aquafaba', perGram: 1, role: 'gel' }, { ingredient: 'lemon-juice', perGram: 0.06, role: 'acid' }], 'aquafaba weight for weight, steadied by lemon juice', '[P] sugar 2:1', {
    families: ['meringue', 'macaron', 'meringue-buttercream'], prepare: 'Reduce the aquafaba by a third if it is thin, cool it, and stir in the lemon juice. It takes 6–8 minutes of whisking to firm peaks.', differs: 'crisper and more fragile; softens quickly in damp air', flavour: 0.2 }),

  school('egg-wash', 'drink-wash', 'plant drink and syrup', 'wash', [{ ingredient: 'soy-drink', perGram: 0.8 }, { ingredient: 'maple-syrup', perGram: 0.2 }], 'protein and sugar brown', '[P]', { prepare: washed, differs: 'less shine' }),
  school('egg-wash', 'oat-wash', 'oat drink and syrup', 'wash', [{ ingredient: 'oat-drink', perGram: 0.8 }, { ingredient: 'maple-syrup', perGram: 0.2 }], 'sugar browns', '[P]', { prepare: washed, differs: 'less shine' }),
  school('egg-wash', 'rice-wash', 'rice drink and syrup', 'wash', [{ ingredient: 'rice-drink', perGram: 0.8 }, { ingredient: 'maple-syrup', perGram: 0.2 }], 'sugar browns', '[P]', { prepare: washed, differs: 'less shine' }),
]
