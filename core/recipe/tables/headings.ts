import { pattern } from '../../measure'

/** What leads to a part's name: "for the", "to make the". [P] */
export const leadsToName = /^(?:(?:for|(?:to\s+)?make)\s+)?(?:the\s+)?/iu

/** Words by which recipe texts are parted, as bakers write them. [P] */
export const ingredientHeadings =
  /^(?:the\s+)?(?:ingredients?(?:\s+list)?|zutaten(?:\s+für.{0,30})?|ingr[ée]dients?(?:\s+pour.{0,30})?|das\s+brauchst\s+du|you(?:['’]ll|\s+will)?\s+need|what\s+you(?:['’]ll)?\s+need|shopping\s+list)\b[^\p{L}]*(?:\(.*\))?:?$/iu
export const stepHeadings =
  /^(?:the\s+)?(?:zubereitung|anleitung|so\s+geht['’]?s|pr[ée]paration|[ée]tapes|r[ée]alisation|method|directions?|instructions?|steps?|preparation|procedure|how\s+to(?:\s+make(?:\s+it)?)?|to\s+make(?:\s+it)?|what\s+to\s+do|making\s+it|serving(?:\s+suggestions?)?|to\s+serve\s+it)\b[^\p{L}]*:?$/iu
export const otherHeadings =
  /^(?:notes?|tips?|storage|storing|variations?|nutrition(?:al)?(?:\s+(?:facts|information))?|equipment|cook'?s\s+notes?|comments?|about(?:\s+this\s+recipe)?)\b[^\p{L}]*:?$/iu
export const componentHeading = /^(?:for|to\s+make)\s+(?:the\s+|an?\s+)?(.{2,50}?)\s*:?$/iu
/** Names of parts that may stand alone as a heading ("Glaze", "CRUMB TOPPING"). */
export const componentWords =
  /\b(?:cake|batter|dough|base|crust|pastry|case|filling|frosting|icing|glaze|topping|streusel|crumble|crumb|custard|cream|ganache|drizzle|syrup|sauce|coating|decoration|meringue|sponge|biscuit|layer|choux|buns?|puffs?|caramel|compote|jelly|soak|swirl|mousse|garnish|buttercream|brownie|loaf|muffins?|scones?|cookies?|fruit|plain|dark|light|chocolate|white|vanilla)\b/iu
export const purposeHeadings =
  /^(?:to\s+(?:serve|finish|decorate|garnish|dust|glaze|assemble|fill|top|sprinkle|ice)(?:\s+and\s+(?:serve|finish|decorate|garnish|dust|glaze|fill|top|ice))?|for\s+(?:serving|dusting|greasing|finishing|decorating|the\s+(?:tin|pan)))\s*:?$/iu

/** Words with which an instruction begins. */
export const stepVerbs: ReadonlySet<string> = new Set(
  `
preheat heat set line grease butter flour oil mix stir whisk beat cream fold combine add sift sieve put place pour spoon tip scrape divide spread smooth press roll knead cut chop peel slice core
melt bring boil simmer cook bake roast toast leave let allow cool chill refrigerate freeze remove take turn transfer return drain strain rub pulse blend process mash soak separate whizz blitz pulse whip liquidise puree peel juice caramelise temper
make prepare start first then next now when once meanwhile in using with while after before bring reduce brush dust sprinkle drizzle scatter top decorate serve store cover wrap check test insert rest repeat pipe
shape form drop scoop fill toss split assemble warm dissolve crush grate zest squeeze measure weigh work gently gradually slowly lightly carefully finally lower raise switch keep arrange layer sandwich ice glaze hull wash pat stone halve
to at if on for the this your you do don it have gather ensure position arrange adjust unmould invert loosen swirl marble drop tap invert gently evenly quickly continue lift push stamp prick trim crimp knock prove proof punch reheat bind steam infuse scald temper thicken pit
`
    .trim()
    .split(/\s+/),
)

/** Lines about the dessert that are neither ingredient nor step. [P] */
export const factLine = pattern(
  'iu',
  String.raw`^(?:(?:makes?|serves?|yields?|servings?|portions?|(?:prep(?:aration)?|`,
  String.raw`cook(?:ing)?|bak(?:e|ing)|total)(?:\s+time|(?=\s*[:–]))|time|oven|temperature|tin|`,
  String.raw`pan|calories|kcal|energy|carbohydrates?|carbs|cholesterol|sodium|saturates|`,
  String.raw`difficulty|level|course|cuisine|category|author|source|by|from|`,
  String.raw`rating)\b\s*[:–-]?)`,
)
