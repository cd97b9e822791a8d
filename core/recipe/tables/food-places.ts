import { pattern } from '../../measure'

/** Where in a step something to eat is named: what is added, and what it is served, filled or brushed with. [P] */

const added = String.raw`\b(?:add(?:ing)?|(?:fold|stir|mix|beat|whisk|knead|work|rub|blend|crumble|grate|drop)(?:ing)?\s+(?:in|through)|(?:sprinkle|scatter|drizzle|pour|sift|spoon|dollop|trickle|crumble|grate)(?:ing)?\s+(?:over|on)|dollop(?:ing)?|scatter(?:ing)?|sprinkl(?:e|ing)|drizzl(?:e|ing)|grat(?:e|ing)|crumbl(?:e|ing)|trickl(?:e|ing)|shav(?:e|ing))\s+`
const withIt = String.raw`\b(?:serv|top|finish|decorat|garnish|fill|sandwich|spread|brush|glaz|dust|coat|cover|sprinkl|scatter|drizzl|dollop|layer|dot|toss|eat|enjoy|accompan|flavour|flavor|stud|greas|rub|ic|frost|marbl|swirl|stuff|dress)(?:e|es|ed|ped|ing|ping|ted|ting|y|ies|ied|d)?\b[^.;:!?]{0,60}?\bwith\s+`
const inIt = String.raw`\b(?:roll|dip|coat|toss|dredge|cover)(?:ed|ing|ped|ping)?\b[^.;:!?]{0,40}?\bin\s+`
const onIt = String.raw`\b(?:serv)(?:e|ed|ing)\b[^.;:!?]{0,40}?\bon\s+`

/**
 * What leads to a food, and the words that may be one: up to where the sentence goes on. Each by itself: "sprinkle with nuts" is found
 * by its "with", "sprinkle nuts over, finish with syrup" by both. What follows is looked at, not taken: another place may lie in it.
 */
export const foodPlaces: readonly RegExp[] = [added, withIt, inIt, onIt].map(place => new RegExp(`${place}(?=([^.;:!?()\\n]{2,90}))`, 'giu'))

/** Where what is named ends and the sentence goes on. [P] */
export const goesOn = pattern(
  'iu',
  String.raw`\s*(?:,\s*)?\b(?:until|till|over|onto|into|to|for|while|whilst|then|before|after|if|as|at|from|by|when|so|which|that|is|are|was|will|should|may|can|it|them|you|they|this|on|in|with|but|because|unless|except|through|around|about|between|using|where|just|bake|baking|cook|chill|cool|beat|beating|whisk|whisking|stir|stirring|mix|mixing|fold|folding|knead|blend|leave|let|set|put|serve|pour|return|reduce|press|shake|work|rub|bring|turn|simmer|heat|sieve|sift|divide|roll|cut|scrape|sprinkle|process|pulse|blitz|whizz|combine|keep|store|freeze|toss|make|melt|drain|strain|not|do|don|t|off|up|down|out|away|back|together|alternately|alternating|gradually|slowly|gently|quickly|carefully|lightly|evenly|thoroughly|well|immediately|straight|finally|last|first|next|again|every|per|along|like|stiffly|between|against|without)\b`,
)

/** Words of steps that name nothing to eat by themselves: tools, vessels, what is being made, measures and looks. In the singular. [P] */
export const noFood: ReadonlySet<string> = new Set(
  `
bowl basin jug pan saucepan frying tin tray sheet dish mould mold ring case ramekin glass jar bottle cup mug plate platter rack board surface worktop counter table foil paper parchment film cling clingfilm towel cloth bag piping nozzle syringe tip
spoon teaspoon tablespoon ladle fork knife skewer tester toothpick stick whisk mixer blender processor beater paddle hook spatula wrapper scraper palette brush sieve strainer colander grater zester peeler scoop cutter pin rolling pastry ruler thermometer scale timer lid weight bean bath microwave oven grill hob stove fridge freezer refrigerator
hand finger thumb fist palm fingertip
mixture mix batter dough base crust topping filling layer crumb icing frosting glaze sauce syrup drizzle cream custard buttercream ganache caramel meringue mousse jelly paste puree foam froth purée coating crumble streusel sponge cake tart pie pudding loaf bun roll biscuit cookie scone muffin brownie blondie square slice piece bar round ball finger shape log disc star heart strip rope wreath twist knot half quarter third rest remainder remaining lot amount bit little pinch handful knob splash dash drop spoonful dollop blob dusting sprinkling
drizzle layer batch addition go turn time minute hour second day night moment degree centimetre cm mm inch gram side edge rim middle centre center top bottom surface corner hole gap well dip dent line pattern lattice
ingredient thing other everything all each half both one two three four five six seven eight nine ten dozen few several some any more another extra same rest above reserved remaining first last final following else same whatever plenty
care speed heat temperature power high medium low room boil simmer steam air space light dark colour color gold golden brown pale white smooth thick thin stiff soft firm hard warm hot cold cool dry wet moist sticky shiny glossy fluffy light airy runny loose tight flat even rough fine coarse large small big thick clean sharp damp
the a an of or and your our my its their his her this that these those such no not only also too very really quite rather almost nearly about around roughly approximately generous good heaped level scant
peak ribbon trail soft stiff firm consistency texture shape form way end start beginning order turn
dry wet liquid solid warm fresh ripe
chopped sliced grated melted toasted crushed ground beaten whipped softened sifted sieved chilled cooled warmed reserved soaked drained squeezed strained peeled cored pitted halved quartered diced crumbled cooked roasted flaked caramelised candied zested juiced separated mashed pureed
folded stirred mixed combined leftover leftover spare optional desired needed required preferred favourite choice
flavouring flavour topping decoration garnish accompaniment side
love patience friend family crowd guest everyone child kid
heap pile fried bind baked step part recipe method stage instruction note picture photo
`
    .trim()
    .split(/\s+/),
)

/** Foods that may be made of anything: what no line, part, title or earlier step of the dessert speaks of is bought, and unknown. In the singular. [P] */
export const anyFood: ReadonlySet<string> = new Set(
  'cake pastry crumb dough crust filling sauce frosting icing buttercream ganache caramel meringue mousse custard streusel crumble jelly sponge glaze pudding brownie blondie muffin biscuit cookie scone bun pie tart'.split(
    ' ',
  ),
)
/**
 * Baked things, and cases that hold a filling, wherever a step names them: with nothing listed that makes one it is bought, and
 * nobody knows of what. "Cake tin", "muffin cases" and "waffle iron" are tools. [P]
 */
export const bakedThing = pattern(
  'giu',
  String.raw`(?<![\p{L}-])(?:(tart|tartlet|pie|flan|sponge|cookie|wafer|waffle)s?[\s-]+(?:case|shell|cup|basket|nest|cone)s?|`,
  String.raw`(sponge|cake|cupcake|cookie|scone|brownie|blondie|muffin|bun|flapjack|waffle|pancake|crepe|crêpe|`,
  String.raw`crumpet|tart|tartlet|pie|doughnut|donut|eclair|éclair|batter|roulade)s?)(?![\p{L}-])`,
  String.raw`(?!\s+(?:tins?|pans?|mou?lds?|cases?|papers?|wrappers?|liners?|dish(?:es)?|irons?|makers?|racks?|stands?|boards?|boxe?s?|plates?|`,
  String.raw`rings?|hoops?|frames?|domes?|knife|knives|slicers?|testers?|skewers?|lifters?|servers?|mixers?|stone|beans|weights?))`,
)
/** Before what is here already. [P] */
export const isHere = /\b(?:the|your|this|these|that|those|each|remaining|reserved|rest|all|both|its|half|of|it)\s+(?:\p{L}+\s+){0,2}$/iu
