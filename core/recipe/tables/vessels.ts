import { pattern } from '../../measure'

/** What desserts are baked, set and steamed in, as recipes name it. Sources of patterns without flags. [P] */

const unit = String.raw`(?:cm|mm|centimet(?:re|er)s?|inch(?:es)?|in\b\.?|"|”|″)`
const number = String.raw`\d{1,4}(?:[.,]\d{1,2}|\s?[½¼¾⅓⅔]|[\s-]\d\/\d)?`
const side = String.raw`${number}\s*-?\s*${unit}?`
/** "20 cm", "30 x 20 cm", "9x13-inch", "23cm/9in", "20 cm (8 inch)". */
const across = String.raw`${side}(?:\s*(?:x|×|by)\s*${side}){0,2}(?:\s*[/(]\s*${side}(?:\s*(?:x|×|by)\s*${side}){0,2}\)?)?`
/** "1.5 litre", "10-cup", "900 g", "2 lb", "12-hole". */
const holding = String.raw`${number}\s*-?\s*(?:litres?|liters?|l\b|ml|dl|cups?|pints?|quarts?|qt\b|g\b|kg|lbs?|pounds?|oz|holes?|wells?|cavit(?:y|ies))(?:\s*[/(]\s*${number}\s*-?\s*(?:lbs?|g|kg|pints?|cups?|oz|litres?|ml)\)?)?`
const count = String.raw`(?:\d{1,2}|two|three|four|five|six|eight|nine|ten|twelve|a\s+dozen)\s*(?:x|×)?\s+(?:of\s+)?`
const looks = String.raw`(?:(?:paper|foil|deep|shallow|large|small|medium|individual|round|square|rectangular|oblong|oval|fluted|plain|heavy|light|dark|non-?stick|loose[\s-](?:bottomed|based)|removable|straight[\s-]sided|spring-?form|springform|metal|glass|ceramic|enamel|silicone|cast[\s-]iron|earthenware|ovenproof|heatproof|greased|lined|buttered|oiled|floured|prepared|mini|cake|loaf|bread|traybake|muffin|cupcake|bun|fairy\s+cake|patty|sandwich|layer|sponge|swiss[\s-]roll|jelly[\s-]roll|brownie|tart|tartlet|flan|quiche|pie|pizza|baking|roasting|roast|oven|ring|tube|bundt|kugelhopf|savarin|madeleine|friand|financier|dariole|pudding|popover|yorkshire|half[\s-]sheet|quarter[\s-]sheet|angel\s+food|with\s+removable\s+bottom|gratin|souffl[eé]|lasagne|casserole|terrine|cookie|biscuit|shortbread|frying|griddle|pancake|crêpe|crepe)[\s,-]+)*`
/** A vessel by its own name alone. */
const always = String.raw`(?:spring-?forms?|bundts?|ramekins?|traybake\s+tins?|brownie\s+pans?|loaf\s+(?:tins?|pans?)|skillets?|muffin\s+cups?|popover\s+(?:cups?|pans?)|pie\s+plates?|(?:half|quarter)[\s-]sheet\s+(?:pans?|tins?)|jelly[\s-]roll\s+(?:tins?|pans?)|dariole\s+moulds?|custard\s+cups?|kugelhopfs?|cocottes?|casseroles?|gratins?)`
const plain = String.raw`(?:tins?|pans?|dish(?:es)?|moulds?|molds?|trays?|sheets?|cases?|rings?|basins?|terrines?|tubes?|frames?|forms?|cake\s*tins?|flan\s*rings?|tartlets?)`

const noun = String.raw`(?:${looks}(?:${always}|${plain})(?:\s+(?:tins?|pans?|moulds?))?)`

/** A vessel with its size or how many of it there are. */
export const sizedVessel = pattern(
  'giu',
  String.raw`(?<![\p{L}\d./-])(?:(?:${count})?(?:${across}|${holding})[\s,-]*(?:(?:${across}|${holding})[\s,-]*)?${noun}|`,
  String.raw`${count}${noun})(?![\p{L}])`,
)
/** A vessel by its looks or its own name. */
export const namedVessel = pattern(
  'giu',
  String.raw`(?<![\p{L}\d-])(?:${looks}${always}|(?:round|square|loaf|muffin|cupcake|ring|tube|tart|tartlet|flan|pie|brownie|springform|spring-form|traybake|bundt|pudding|cake|sandwich|swiss[\s-]roll|madeleine|roasting|baking|jelly|friand|frying|gratin|souffl[eé])[\s-]+${looks}${plain})(?![\p{L}])`,
)
/**
 * Shapes that are eaten as often as baked in: a sponge case, a lasagne sheet, a biscuit ring. In a list they are a tool
 * only behind one of these words; anything else may be food, and is asked. [P]
 */
const shapes = {
  'cases?': 'paper muffin cupcake cake bun fairy\\s+cake foil silicone baking',
  'sheets?': 'baking cookie oven metal silicone',
  'rings?': 'cake tart flan pastry metal ring mousse',
  'tubes?|forms?|frames?': 'cake metal baking',
  'tartlets?|terrines?|casseroles?|gratins?': '(?!)',
}
/** Ends in such a shape, and nothing says that it is a tool. */
export const maybeEaten = (text: string): boolean =>
  Object.entries(shapes).some(
    ([shape, tools]) => new RegExp(String.raw`\b(?:${shape})\s*$`, 'iu').test(text) && !new RegExp(String.raw`\b(?:${tools.split(' ').join('|')})[\s-]+(?:${shape})\s*$`, 'iu').test(text),
  )

/** All that may stand beside a vessel in a line of its own: "you need a 20 cm tin". */
export const besideVessel = /^[\s\p{P}]*(?:an?|one|you\s+need|for|in|use)?[\s\p{P}]*$/iu

/** "Tin: 20 cm square": the label says that it is one. */
export const labelledVessel = pattern('iu', String.raw`^\s*(?:tin|pan|dish|mou?ld|tray|equipment|size|cake\s+tin)\s*(?:size)?\s*[:–-]\s*(\S.{2,60})$`)
/** What stands on the hob or holds a mixture: no vessel that one bakes in. */
export const noBaking = /\b(?:sauce\s?pan|frying|mixing|bowl|jug|wok|pancake|griddle|(?<!(?:half|quarter)[\s-])sheets?|trays?|cases?|paper)\b/iu
/** What these words bring about is no vessel: "10 pancakes", "pan juices". */
export const bareVessel = /^\s*(?:tins?|pans?|cases?|forms?|rings?|tubes?|sheets?|frames?)\s*$/iu
