import type { TimeKind } from '../../recipe'

/** What the clauses of a step say: where one ends, what hands do in it, what waits, and what it asks of the bake. All [P] unless a row says otherwise. */

const verbs =
  'add|allow|arrange|bake|beat|blend|boil|bring|brush|carefully|chill|chop|coat|combine|cook|cool|cover|cream|crumble|cut|decorate|dip|divide|drain|drizzle|drop|dust|fill|flip|fold|form|freeze|fry|gently|gradually|grate|grease|heat|ice|knead|knock|layer|leave|let|lift|line|mash|melt|mix|peel|pipe|place|poke|pour|press|prick|prove|pulse|push|put|reduce|refrigerate|remove|repeat|return|roll|rub|sandwich|scatter|scrape|serve|set|shape|sieve|sift|simmer|slice|slowly|smooth|soak|spoon|spread|sprinkle|squeeze|steam|stir|strain|swirl|take|tip|top|toss|transfer|turn|whip|whisk|whizz|work|wrap'
const leaves = String.raw`(?:blind[\s-]+)?bake|chill|refrigerate|freeze|leave|let\s|allow|set\s+aside|prove|proof|cool\s+(?:completely|fully|in|on|for|slightly|to|until|down|it|them)|rest\s+(?:for|in|at|it)|stand\s+for|(?:put|place|return)\s+(?:(?:it|them|the\s+\p{L}+)\s+)?(?:back\s+)?(?:in|to)\s+the\s+(?:fridge|freezer|oven)`
const puts = String.raw`pour|spread|spoon|drizzle|scatter|sandwich|dust|brush|pipe|cut\s+(?:it\s+|them\s+)?in(?:to)?\s`
/** Where a clause ends: after a sentence, or (first group) before "then beat", "and leave to cool", "and pour over". "Then the milk" goes on. */
export const cutBefore = new RegExp(
  String.raw`[.;!?](?!\d)\s+|(,?\s+(?:and\s+)?then\s+(?=(?:${verbs})\b)|,?\s+and\s+(?=(?:${leaves}|${puts}))|,\s+(?=(?:${leaves}))|(?<=\b(?:pre-?)?heat\s+(?:the\s+|your\s+)?oven\b[^.;]{0,60}),?\s+and\s+(?=(?:line|grease|butter|flour|oil)\b))`,
  'giu',
)

/** What stands before the verb: "Meanwhile,", "For the filling,", "Once it is cold,", "In a large bowl,", "gently". */
export const leadIn =
  /^(?:(?:meanwhile|in\s+the\s+meantime|next|now|finally|first)\b,?\s+|(?:once|when|while|after|before|as\s+soon\s+as|for|to\s+make)\b[^,:]{0,80}[,:]\s*|(?:in|using|with|on)\s+(?:an?|the|another|your|one)\s+(?:[\p{L}-]+\s+){0,4}(?:bowls?|pans?|saucepan|jug|mixer|whisk|processor|blender|surface|sieve|spatula|trays?|sheets?|dish)\s*[,:]\s*|make\s+the\s+[^,:.]{3,30}:\s*|(?:very\s+)?(?:gently|gradually|slowly|carefully|quickly|lightly|immediately)\s+)/iu

/** How long hands take for what a clause says to do, where it states no time: the row whose verb comes first. [M] ordinary kitchens, for about half a kilogram */
export const handRows: readonly {
  readonly sign: RegExp
  readonly minutes: number
  readonly mixer?: true
  /** Empty: the verb itself. */ readonly short: string
  /** Minutes that the result may wait for the next pair of hands. */ readonly holds?: number
}[] = [
  {
    sign: /\b(?:grease|butter|line|flour|oil)\b(?!,|\s+and\b)[^.]{0,40}\b(?:tins?|pans?|trays?|sheets?|dish|moulds?|cases|ramekins)\b|\b(?:grease|butter|oil)\s+and\s+(?:line|flour)\b/iu,
    minutes: 4,
    short: 'ready the tin',
    holds: 480,
  },
  { sign: /\b(?:take|remove)\b[^.]{0,30}\boff\s+the\s+heat\b|\b(?:take|remove)\b[^.]{0,20}\bfrom\s+the\s+heat\b/iu, minutes: 1, short: 'off the heat' },
  { sign: /\b(?:cover|wrap)\b/iu, minutes: 1, short: 'cover' },
  { sign: /\b(?:set|put)\s+(?:it\s+|them\s+)?(?:to\s+one\s+side|aside)\b/iu, minutes: 1, short: 'set aside', holds: 240 },
  { sign: /\bwhisk\b[^.]{0,60}\b(?:peaks|stiff|glossy)\b/iu, minutes: 9, mixer: true, short: 'whisk to peaks', holds: 3 },
  { sign: /\b(?:beat|whisk|add|mix|stir|work)\b[^.]{0,60}(?:\b(?:spoonful|tablespoon)\s+at\s+a\s+time|\bone\s+at\s+a\s+time)/iu, minutes: 6, mixer: true, short: 'beat in bit by bit' },
  { sign: /\bcream\b(?=[^.]{0,40}\b(?:butter|sugar|fat|block|spread)\b)|\bbeat\b[^.]{0,60}\b(?:pale|light|fluffy)/iu, minutes: 7, mixer: true, short: 'cream' },
  { sign: /\bwhip\b/iu, minutes: 6, mixer: true, short: 'whip', holds: 60 },
  { sign: /\bknead\b/iu, minutes: 10, short: 'knead' },
  {
    sign: /\brub\b[^.]{0,30}\b(?:in|into|together|with)\b|\bcut\b\s+(?:in\s+)?(?:the\s+)?(?:cold\s+|vegan\s+)?(?:butter|fat|block|shortening|margarine)\b[^.]{0,40}\b(?:flour|mixture|crumbs)\b/iu,
    minutes: 7,
    short: 'rub in',
  },
  { sign: /\b(?:roll|shape|form|cut\s+out|stamp)\b/iu, minutes: 10, short: 'shape' },
  { sign: /\bpipe\b|\bspoon\b[^.]{0,30}\b(?:nests|heaps|mounds|rounds)\b/iu, minutes: 10, short: 'pipe' },
  { sign: /\b(?:put|place|tip|weigh|measure)\b[^.]{0,140}\b(?:bowl|mixer|processor)\b|\bcombine\b/iu, minutes: 4, short: 'mix' },
  { sign: /\b(?:melt|boil|simmer|cook|heat|(?<!\b(?:the|still|a|is|are|while|until)\s)warm|stir\s+over|bring|fry)\b/iu, minutes: 6, short: 'heat on the hob', holds: 20 },
  { sign: /\b(?:turn\s+(?:\w+\s+)?out|unmould|lift\s+(?:\w+\s+)?(?:out|on)|turn\s+(?:\w+\s+)?(?:on|onto)\b|cut\s+(?:it\s+|them\s+)?into|slice)\b/iu, minutes: 4, short: 'turn out and cut' },
  { sign: /\b(?:(?:peel|core|stone|zest)(?=\s*,|\s+(?:the|and\s+(?:slice|chop|core|cut|dice|grate|quarter|stone|halve))\b)|halve|chop|grate|slice|split|dice|cut)\b/iu, minutes: 6, short: 'cut up' },
  { sign: /\b(?:sift|sieve|weigh|measure)\b/iu, minutes: 3, short: 'sift' },
  { sign: /\b(?:whizz|blend|pulse|blitz|process)\b/iu, minutes: 4, mixer: true, short: 'blend' },
  { sign: /\bfold\b/iu, minutes: 4, short: 'fold', holds: 5 },
  {
    sign: /\b(?:spread|press|pour|scrape|spoon|drop|fill|scatter|divide|arrange|place|put|set|tip|turn|transfer)\b[^.]{0,80}\b(?:tins?|pans?|trays?|sheets?|dish|moulds?|cases?|rings?|ramekins|glasses)\b/iu,
    minutes: 4,
    short: 'into the tin',
  },
  { sign: /\bspread\b/iu, minutes: 4, short: 'spread' },
  { sign: /\b(?:scatter|sprinkle|top)\b/iu, minutes: 3, short: 'scatter' },
  { sign: /\b(?:press|pour|scrape|spoon|drop|fill|swirl|place|put|set)\b/iu, minutes: 4, short: '' },
  { sign: /\b(?:whisk|beat|mix|stir|toss|add)\b/iu, minutes: 4, short: 'mix' },
  { sign: /\b(?:decorate|dust|glaze|ice|drizzle|brush|sandwich)\b/iu, minutes: 4, short: 'finish' },
]
export const otherHand = { minutes: 3, short: 'do' } as const
/** What was begun is gone on with within an hour, where its row says nothing else. [M] */
export const usualHold = 60
/** Sentences that tell something and ask for nothing. */
export const remark = /^\W*(?:it|this|they|these|best|keeps?|stores?|enjoy|serves?|makes|you\s+can|tips?(?=\s*:)|notes?(?=\s*:))\b/iu

/** "Stop mixing as soon as …", "do not let it boil": nothing is done for it. */
export const minded =
  /^(?:stop|it\s+takes\b|do\s+not|don['’]t|take\s+care|be\s+careful|avoid|never|check\b[^.]*\b(?:intervals?|every|skewer)|(?:turn|rotate)\s+the\s+(?:trays?|tins?|sheets?)\s+(?:round|around)?)\b/iu

/** The oven is set: "Preheat the oven", "Reduce the temperature to 170 °C". */
export const ovenWords = /\b(?:pre-?heat|heat|reduce|lower|turn\s+(?:\w+\s+)?(?:down|up|off)|increase|raise|set)\b[^.]{0,40}\b(?:oven|temperature|heat)\b/iu

/** A clause that leaves something to itself. */
export const waitWords =
  /^\W*(?:cool|leave|rest|let|allow|stand(?!\s+(?:the|it|them|your|each)\b)|chill|refrigerate|freeze|prove|proof|set\s+aside\s+(?:for|to|until|in)|(?:put|place|return)\b[^.]{0,40}\b(?:fridge|freezer))\b/iu
/** "Chill until needed" waits for nothing. */
export const neededLater = /\buntil\s+(?:(?:you['’]?(?:re|\s+are)?\s+)?(?:needed|required|ready|wanted|serving|using|need)|you\s+(?:need|want|use|serve))/iu
/**
 * Waits without a time, the first row that fits: how long is usual, in minutes; 'cold' and 'settles' are the bake's own figures, `unbaked` where nothing was baked. `told`: its words say enough.
 * Rising [P] 1–1½ hours at room temperature; setting in the fridge [P] 2–4 hours; the others [M].
 */
export const untimedWaits: readonly { readonly sign: RegExp; readonly kind: TimeKind; readonly minutes: number | 'cold' | 'settles'; readonly unbaked?: number; readonly told?: true }[] = [
  {
    sign: /\b(?:completely|fully|quite|totally)\s+(?:cool|cold)|\bcool\b[^.]{0,40}\b(?:completely|fully)\b|\bcompletely\b[^.]{0,30}\bcool|\buntil\s+(?:\p{L}+\s+)?(?:cold|cool)\b(?!\s+enough)|\broom\s+temperature\b/iu,
    kind: 'cool',
    minutes: 'cold',
    unbaked: 45,
  },
  { sign: /\bcool\b[^.]{0,30}\b(?:slightly|a\s+little|briefly|a\s+bit)|\buntil\s+(?:just\s+)?(?:warm|lukewarm)|\bcool\s+enough\b/iu, kind: 'cool', minutes: 10 },
  { sign: /\bcool\b/iu, kind: 'cool', minutes: 'settles', unbaked: 30, told: true },
  { sign: /\b(?:doubl\w+|rise[ns]?|rising|prov\w+|proof\w*|puff\w*)\b/iu, kind: 'rise', minutes: 75 },
  { sign: /\bfreez\w+/iu, kind: 'freeze', minutes: 180 },
  { sign: /\b(?:fridge|chill\w*|refrigerat\w*)\b[^.]{0,40}\bset\b|\bset\b[^.]{0,40}\b(?:fridge|chill\w*)\b/iu, kind: 'set', minutes: 180 },
  { sign: /\b(?:fridge|chill\w*|refrigerat\w*)\b[^.]{0,40}\bfirm\b/iu, kind: 'chill', minutes: 45 },
  { sign: /\b(?:fridge|chill\w*|refrigerat\w*)\b/iu, kind: 'chill', minutes: 20 },
  { sign: /\buntil\s+(?:\p{L}+\s+){0,3}(?:soft\w*|plump\w*|absorbed|thick\w*|swollen|gel\w*)\b|\bsoak\b|\binfuse\b/iu, kind: 'soak', minutes: 20 },
  { sign: /\bto\s+(?:firm\s+up|harden)\b|\b(?:leave|let|allow)\b[^.]{0,30}\bset\b/iu, kind: 'set', minutes: 30 },
  { sign: /\b(?:rest|stand|sit|relax)\b/iu, kind: 'rest', minutes: 15 },
]

/** Done beside what waits: "Meanwhile, …", "While it bakes, …". */
export const sideWords =
  /^\W*(?:meanwhile\b|in\s+the\s+meantime\b|while\s+(?!(?:it|they)(?:\s+is|\s+are|['’]s|['’]re)?\s+(?:still\s+)?(?:warm|hot)|(?:the|your)\s+(?:\p{L}+\s+){1,2}(?:is|are)\s+(?:still\s+)?(?:warm|hot))(?:the|it|they|that|this|your)\b[^,.]{2,60},)/iu
const baked = 'cakes?|sponges?|base|batter|dough|tins?|case|crust|rolls?|buns?|bars?|biscuits?|cookies?|scones?|pudding|loaf|layers?|shells?|nests?|puffs?|tart|pie'
/** What brings a part that was made beside the rest to the rest. */
export const togetherWords = new RegExp(
  String.raw`\b(?:over|on(?:to|\s+top\s+of)?|into?|between|with)\s+(?:the\s+|one\s+|each\s+|both\s+|your\s+|half\s+(?:of\s+)?the\s+)?(?:\p{L}+\s+)?(?:${baked})\b|\bsandwich\b|\b(?:ice|fill|top|cover|decorate|drizzle)\s+the\b`,
  'iu',
)
/** "Leave it for half an hour to set before you cut it", and what cuts it. */
export const leftBeforeCut = /\bbefore\b[^.]{0,25}\b(?:cut\w*|slic\w*)\b/iu
export const cuts = /\b(?:cut|slice)\b/iu
/** It stays in the oven that is turned off. */
export const inTheOven = /\b(?:inside|in\s+(?:it|the\s+(?:\p{L}+\s+)?oven))\b|\bdoor\s+(?:ajar|open)\b/iu
/** So many times the stated minutes: both sides, and one batch after the other. [M] */
export const timesOver: readonly { readonly sign: RegExp; readonly by: number }[] = [
  { sign: /\b(?:on\s+each|each|per|a|both)\s+sides?\b/iu, by: 2 },
  { sign: /\b(?:in\s+(?:two\s+|three\s+|small\s+)?batches|a\s+few\s+at\s+a\s+time)\b/iu, by: 3 },
]
/** Only on what is cold, and only on what is still warm. */
export const wantsCold =
  /\b(?:cold|cooled|cool)\s+(?:cakes?|loaf|bake|base|puffs?|layers?|biscuits?|cookies?|sponges?|case|shells?|tart)\b|\b(?:once|when|if)\s+(?:(?:it|they|the\s+\p{L}+)\s+(?:is|are|has|have)\s+)?(?:quite\s+|fully\s+|completely\s+)?(?:cold|cool(?:ed)?)\b(?!\s+enough)|(?:^|[,;:]\s*|\band\s+)ice\b(?!\s*[- ]?cream)|\bglaze\s+(?:the|each|them|it)\b|\b(?:spread|drizzle|pour|spoon|brush|cover|top|pipe)\b[^.]{0,60}\b(?:glaze|icing|frosting|buttercream|ganache)\b|\bsandwich\b/iu
export const wantsWarm =
  /\bwhile\s+(?:(?:it|they)(?:\s+is|\s+are|['’]s|['’]re)?\s+|the\s+\p{L}+\s+(?:is|are)\s+)?(?:still\s+)?(?:warm|hot)\b|\b(?:over|onto?|into|in)\s+(?:the\s+)?(?:still\s+)?(?:warm|hot)\s+(?:cakes?|pudding|loaf|sponges?|rolls?|buns?|bars?|bread|biscuits?|cookies?|base|case)\b|\bthe\s+(?:warm|hot)\s+(?:cakes?|pudding|loaf|sponges?|rolls?|buns?|bars?|bread)\b|\bstraight\s+(?:from|out\s+of)\s+the\s+oven\b/iu
/** So long what came out of the oven is still warm. [M] */
export const staysWarm = 15

/** So many minutes on the hob go by themselves, with a look now and then, unless somebody stirs all the time. [M] */
export const cooksItself = 15
export const stirred = /\b(?:stir\w*|whisk\w*|beat\w*|swirl\w*)\b(?!\s+(?:occasionally|once|every|(?:now|from\s+time|every\s+now))\b)(?<!\b(?:occasionally|then)\s+\w+)|\bfry\w*\b|\bcarameli[sz]\w*/iu

/** "Leave overnight in the fridge". */
export const inFridge = /(?<!\bout\s+of\s+the\s+)\b(?:fridge|refrigerator)\b/iu
