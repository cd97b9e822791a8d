/**
 * Words of longer names that the name as a whole explains: "rice flour" is no wheat, "oat milk" no
 * milk, "cashew nuts" are cashews. Only the test of the tables reads this. [P]
 */
export const explainedWords: ReadonlySet<string> = new Set(
  `flour farina harina farine farinha mehl trigo grano blé semoule white gluten (gluten free
  milk cream creme crème butter beurre burro mantequilla manteiga manteca lait latte leche leite crema
  dairy curd quark skyr custard yoghurt yogurt cheese room mayonnaise egg eggs eiwit suet
  nut nuts pâte pasta noix noce nuez noz noci nueces nozes castanha castanhas granos seed seeds bean beans feijão pea
  biscuits digestives cookies crackers shortcrust bread breadcrumbs beer ale`.split(/\s+/u),
)

/** Names that bring less than their words would, each row for one reason. */
const rows: readonly { readonly because: string; readonly names: string }[] = [
  { because: 'the fat alone, without what one reacts to', names: 'cocoa butter | cacao butter | kakao butter | beurre de cacao | burro di cacao | manteca de cacao | manteiga de cacau' },
  {
    because: 'another plant with a name like it',
    names:
      'water chestnut | water chestnut flour | horse chestnut | crab apple | crab apples | oyster mushroom | oyster mushrooms | king oyster mushroom | king oyster mushrooms | lobster mushroom | doughnut peach | doughnut peaches | butterfly pea flower',
  },
  { because: 'made of it, and nothing of it is left', names: 'cider vinegar | apple cider vinegar | white wine vinegar | wine vinegar | red wine vinegar | sulphite ammonia caramel' },
  {
    because: 'called after it, without any in it',
    names:
      'brandy snaps | brandy snap baskets | gingerbread spice | banana essence | sesame brittle | beurre noisette | wheat malt | vanille bourbon | bourbon vanilla | bourbon vanilla extract | bourbon vanilla powder | vainilla bourbon | vaniglia bourbon',
  },
  { because: 'the country', names: 'product of brazil | from brazil | origin brazil | brazil origin | grown in brazil' },
  { because: 'the bean itself is printed as cocoa', names: 'cocoa bean | cocoa beans' },
]
export const explainedNames: ReadonlySet<string> = new Set(rows.flatMap(row => row.names.split('|').map(name => name.trim())))
