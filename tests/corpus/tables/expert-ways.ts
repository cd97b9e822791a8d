/**
 * What an experienced baker would take for the egg and the butter of ordinary desserts, without egg and milk (`vegan`) and without
 * gluten too (`all`). Ids of ways (wayOf) or substitutions: any of them is right. The recipes are those of the other tables,
 * by their title. From memory of what home bakers do [P]; rows that are `held` were written before anybody had seen a plan for them.
 */
export interface ExpertWay {
  readonly title: string
  readonly for: 'vegan' | 'all'
  readonly egg?: string
  readonly butter?: string
  readonly held?: true
}

const cake = 'soured-drink yoghurt'
const gfCrumb = 'psyllium-gel flax-gel'
const moist = 'flax-gel soured-drink apple-puree'
const custard = 'starch-custard starch-custard-potato agar-custard'
const firm = 'block'
const any = 'block oil-and-water rapeseed-and-water'
const row = (title: string, egg: string, butter = '', held?: true): ExpertWay[] => [{ title, for: 'vegan', ...(egg ? { egg } : {}), ...(butter ? { butter } : {}), ...(held ? { held } : {}) }]
const gf = (title: string, egg: string, butter = '', held?: true): ExpertWay[] => row(title, egg, butter, held).map(one => ({ ...one, for: 'all' as const }))
const both = (title: string, egg: string, butter = '', eggGf = gfCrumb): ExpertWay[] => [...row(title, egg, butter), ...gf(title, eggGf, butter)]
const heldBoth = (title: string, egg: string, butter = '', eggGf = gfCrumb): ExpertWay[] => [...row(title, egg, butter, true), ...gf(title, eggGf, butter, true)]

export const expertWays: readonly ExpertWay[] = [
  ...both('Victoria sandwich', cake, firm),
  ...both('Banana bread', `${moist} no-binder`, any),
  ...both('BROWNIES', 'flax-gel starch aquafaba', any),
  ...row('Scones', '', firm),
  ...row('Shortbread fingers', '', firm),
  ...row('Oat flapjacks', '', firm),
  ...row('Meringues', 'meringue-aquafaba meringue-aquafaba-lemon'),
  ...both('Blueberry muffins', moist),
  ...both('Gingerbread men', 'flax-gel no-binder starch', firm, `${gfCrumb} no-binder starch`),
  ...row('Treacle tart', '', firm),
  ...both('Lemon drizzle traybake', cake, firm),
  ...row('Chocolate mousse', 'aquafaba mousse-cream'),
  ...both('Pancakes', 'starch chickpea-batter', '', 'starch chickpea-batter psyllium-gel flax-gel'),
  ...both('Carrot cake', `${moist} yoghurt`),
  ...both('Chocolate chip cookies', 'flax-gel no-binder starch', firm),
  ...row('Bread and butter pudding', 'starch starch-custard starch-custard-potato', firm),
  ...row('Lebkuchen hearts', '', firm),
  ...row('Crème caramel', custard),
  ...row('Coconut macaroons', 'meringue-aquafaba meringue-aquafaba-lemon aquafaba'),
  ...both('Sticky toffee pudding', moist, any),
  ...row('Hot cross buns', 'no-binder', firm),
  ...row('Almond biscotti', 'flax-gel starch aquafaba no-binder'),
  ...row('Peach cobbler', '', firm),
  ...both('Kladdkaka-style sticky cake', 'flax-gel starch aquafaba', any),
  ...row('Christmas pudding', `${moist} no-binder`),
  ...row('Madeleines', cake, firm),
  ...both('Parkin', `${moist} no-binder`, any),
  ...row('Polenta cake', `${cake} starch flax-gel`, firm),
  ...both("Granny's bundt", cake, firm),
  ...row('Queen of puddings', custard),
  ...both('Dark sticky ginger loaf', moist, any),
  ...both('Caraway seed cake', cake, firm),
  ...both('Blackcurrant breakfast muffins', moist),
  ...row('Spiced oat rounds', 'flax-gel starch no-binder', firm),
  ...both('Walnut cocoa squares', 'flax-gel starch aquafaba', any),
  ...row('Vanilla pastry cream', custard, firm),
  ...row('Currant scones', 'no-binder soured-drink', firm),
  ...row('Almond-free vanilla buttercream', '', firm),
  ...row('Cardamom plaits', 'no-binder', firm),
  ...row('Thin harvest crêpes', 'starch chickpea-batter', any),
  ...row('Nutmeg baked custard', custard),
  ...row('Sweet tart case', 'dough-liquid', firm),
  ...both('Coffee and walnut sandwich', cake, firm),
  ...row('Marmalade bread pudding', 'starch starch-custard starch-custard-potato', firm),
  ...both('Rosewater ring cake', cake, firm),
  ...both('Courgette and raisin loaf', `${moist} no-binder`),
  ...row('Rolled spice biscuits', 'flax-gel no-binder starch', firm),
  ...both('Lantern waffles', 'soured-drink starch', any, `${gfCrumb} soured-drink starch`),
  ...row('Burnt cardamom cream', custard),
  ...row('Hazelnut streusel', '', firm),
  ...row('Dark chocolate mousse', 'aquafaba mousse-cream'),

  ...heldBoth('Halva-swirl blondies', 'flax-gel starch aquafaba', any),
  ...heldBoth('Gingerbread people', 'flax-gel no-binder starch', firm, `${gfCrumb} no-binder starch`),
  ...row('Apricot custard tart', custard, '', true),
  ...row('ANZAC-style oat biscuits', '', firm, true),
  ...heldBoth('Rhubarb crisp topping muffins', moist),
  ...heldBoth('Vanilla sheet cake', cake, firm),
  ...row('Sunday shortbread', '', firm, true),
  ...heldBoth('Date slice', `${moist} no-binder`, any),
  ...heldBoth('HONEY CAKE', `${cake} flax-gel`, any),
  ...row('Fruit scones', 'no-binder soured-drink', firm, true),
  ...heldBoth('Easy Oat Cookies', 'flax-gel no-binder starch', firm),
  ...row('crepes', 'starch chickpea-batter', any, true),
  ...heldBoth('Walnut ring', `${cake} flax-gel`, firm),
  ...row('Pavlova', 'meringue-aquafaba meringue-aquafaba-lemon', '', true),
  ...row('No-knead cinnamon knots', 'no-binder', firm, true),
  ...row('Choc chip shortbread fingers', '', firm, true),
  ...heldBoth('Coffee and walnut cake', cake, firm),
  ...heldBoth('Wholemeal loaf cake', `${moist} ${cake}`),
  ...heldBoth('Fudge brownies', 'flax-gel starch aquafaba', any),
  ...row('Lemon curd', custard, firm, true),
  ...row('Vanilla custard', custard, '', true),
  ...heldBoth('Sunday waffles', 'soured-drink starch', any, `${gfCrumb} soured-drink starch`),
  ...row('Saffron buns', 'no-binder', firm, true),
  ...heldBoth('Poppy seed traybake', cake, firm),
  ...heldBoth('Sticky date squares', `${moist} no-binder`, any),
  ...row('Cherry clafoutis', 'starch silken-tofu', any, true),
  ...row('Corn flour shortbread', '', firm, true),
]
