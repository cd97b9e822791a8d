import { pattern } from '../../measure'

/** How something is done, beside what is done: where it waits, what of the bake it wants, how it goes. */
export type Manner =
  | 'beside'
  | 'for-part'
  | 'together'
  | 'once-cold'
  | 'while-warm'
  | 'quite-cold'
  | 'a-little'
  | 'before-cut'
  | 'cuts'
  | 'inside'
  | 'in-fridge'
  | 'room-warm'
  | 'to-firm'
  | 'to-set'
  | 'rises'
  | 'until-needed'
  | 'all-the-time'
  | 'both-sides'
  | 'in-batches'
  | 'bit-by-bit'
  | 'to-peaks'
  | 'until-light'
  | 'minded'
  | 'tells'
  | 'out'
  | 'on-to'
  | 'served-warm'
  | 'unboiled'
  | 'in-bath'

const baked = 'cakes?|sponges?|base|batter|dough|tins?|case|crust|rolls?|buns?|bars?|biscuits?|cookies?|scones?|pudding|loaf|layers?|shells?|nests?|puffs?|tart|pie'
const hotBake = 'cakes?|pudding|loaf|sponges?|rolls?|buns?|bars?|bread|biscuits?|cookies?|base|case'
const still = String.raw`(?:(?:it|they)(?:\s+is|\s+are|['’]s|['’]re)?\s+|the\s+\p{L}+\s+(?:is|are)\s+)?(?:still\s+)?(?:warm|hot)\b`

/** What the words of an action say of its manner. [P] cookery words as ordinary recipes use them; `unless`: what they do not mean. */
export const mannerRows: readonly { readonly is: Manner; readonly sign: RegExp }[] = [
  // Beside what waits, for a part of its own, and bringing that part to the rest.
  {
    is: 'beside',
    sign: pattern(
      'iu',
      String.raw`^\W*(?:meanwhile\b|in\s+the\s+meantime\b|while\s+(?!(?:it|they)(?:\s+is|\s+are|['’]s|['’]re)?\s+(?:still\s+)?(?:warm|hot)|(?:the|your)\s+(?:\p{L}+\s+){1,2}(?:is|are)\s+(?:still\s+)?(?:warm|hot))`,
      String.raw`(?:the|it|they|that|this|your)\b[^,.]{2,60},)`,
    ),
  },
  { is: 'for-part', sign: /^\s*(?:for|to\s+make)\s+the\s+[\p{L} -]{3,30}?[,:]/iu },
  {
    is: 'together',
    sign: pattern(
      'iu',
      String.raw`\b(?:over|on(?:to|\s+top\s+of)?|into?|between|with)\s+(?:the\s+|one\s+|each\s+|both\s+|your\s+|half\s+(?:of\s+)?the\s+)?(?:\p{L}+\s+)?(?:${baked})\b|\bsandwich\b|\b(?:ice|fill|top|cover|decorate|drizzle)\s+the\b`,
    ),
  },
  // What it wants of what was baked.
  {
    is: 'once-cold',
    sign: pattern(
      'iu',
      String.raw`\b(?:cold|cooled|cool)\s+(?:cakes?|loaf|bake|base|puffs?|layers?|biscuits?|cookies?|sponges?|case|shells?|tart)\b|\b(?:once|when|if)\s+(?:(?:it|they|the\s+\p{L}+)\s+(?:is|are|has|have)\s+)?(?:quite\s+|fully\s+|completely\s+)?(?:cold|cool(?:ed)?)\b(?!\s+enough)`,
      String.raw`|(?:^|[,;:]\s*|\band\s+)ice\b(?!\s*[- ]?cream)|\bglaze\s+(?:the|each|them|it)\b|\b(?:spread|drizzle|pour|spoon|brush|cover|top|pipe)\b[^.]{0,60}\b(?:glaze|icing|frosting|buttercream|ganache)\b|\bsandwich\b`,
    ),
  },
  {
    is: 'while-warm',
    sign: pattern(
      'iu',
      String.raw`\bwhile\s+${still}|\b(?:over|onto?|into|in)\s+(?:the\s+)?(?:still\s+)?(?:warm|hot)\s+(?:${hotBake})\b|\bthe\s+(?:warm|hot)\s+(?:cakes?|pudding|loaf|sponges?|rolls?|buns?|bars?|bread)\b|\bstraight\s+(?:from|out\s+of)\s+the\s+oven\b`,
    ),
  },
  { is: 'quite-cold', sign: /\b(?:completely|fully|quite|totally)\b|\buntil\s+(?:\p{L}+\s+)?(?:cold|cool)\b(?!\s+enough)|\broom\s+temperature\b/iu },
  { is: 'a-little', sign: /\b(?:slightly|a\s+little|briefly|a\s+bit)\b|\buntil\s+(?:just\s+)?(?:warm|lukewarm)|\bcool\s+enough\b/iu },
  { is: 'before-cut', sign: /\bbefore\b[^.]{0,25}\b(?:cut\w*|slic\w*)\b/iu },
  { is: 'cuts', sign: /\b(?:cut|slice)\b/iu },
  // Where it stands meanwhile.
  { is: 'inside', sign: /\b(?:inside|in\s+(?:it|the\s+(?:\p{L}+\s+)?oven))\b|\bdoor\s+(?:ajar|open)\b/iu },
  { is: 'in-fridge', sign: /(?<!\bout\s+of\s+the\s+)\b(?:fridge|refrigerator)\b/iu },
  { is: 'room-warm', sign: /\broom\s+temperature\b/iu },
  { is: 'to-firm', sign: /\bfirm\b/iu },
  { is: 'to-set', sign: /\bset\b/iu },
  { is: 'rises', sign: /\b(?:doubl\w+|rise[ns]?|rising|prov\w+|proof\w*|puff\w*)\b/iu },
  { is: 'until-needed', sign: /\buntil\s+(?:(?:you['’]?(?:re|\s+are)?\s+)?(?:needed|required|ready|wanted|serving|using|need)|you\s+(?:need|want|use|serve))/iu },
  // How it goes.
  {
    is: 'all-the-time',
    sign: pattern(
      'iu',
      String.raw`\b(?:stir\w*|whisk\w*|beat\w*|swirl\w*)\b(?!\s+(?:occasionally|once|every|(?:now|from\s+time|every\s+now))\b)`,
      String.raw`(?<!\b(?:occasionally|then)\s+\w+)|\bfry\w*\b|\bcarameli[sz]\w*`,
    ),
  },
  { is: 'both-sides', sign: /\b(?:on\s+each|each|per|a|both)\s+sides?\b/iu },
  { is: 'in-batches', sign: /\b(?:in\s+(?:two\s+|three\s+|small\s+)?batches|a\s+few\s+at\s+a\s+time)\b/iu },
  { is: 'bit-by-bit', sign: /\b(?:\w*spoonful|tablespoon)\s+at\s+a\s+time|\bone\s+at\s+a\s+time|\bgradually\b/iu },
  { is: 'to-peaks', sign: /\b(?:peaks|stiff(?!\s+(?:dough|paste|batter|mixture|mix|mass|ball|crumb|consistency|enough)\b)|glossy)\b/iu },
  { is: 'until-light', sign: /\b(?:pale|light|fluffy)\b/iu },
  // What only tells.
  {
    is: 'minded',
    sign: /^\W*(?:stop|it\s+takes\b|do\s+not|don['’]t|take\s+care|be\s+careful|avoid|never|check\b[^.]*\b(?:intervals?|every|skewer)|(?:turn|rotate)\s+the\s+(?:trays?|tins?|sheets?)\s+(?:round|around)?)\b/iu,
  },
  { is: 'tells', sign: /^\W*(?:it|this|they|these|best|keeps?|stores?|enjoy|serves?|makes|you\s+can|tips?(?=\s*:)|notes?(?=\s*:))\b/iu },
  { is: 'served-warm', sign: /\b(?:serve\w*|eat|enjoy)\b[^.]{0,60}\b(?:warm|hot|straight\s+away|immediately|at\s+once)\b(?!\s*(?:or|,)\s+(?:cold|cool|at\s+room))/iu },
  { is: 'out', sign: /\bout\b/iu },
  { is: 'on-to', sign: /\bon\s?to\b/iu },
  // How it is heated.
  { is: 'unboiled', sign: /\bwithout\s+(?:letting\s+it\s+|ever\s+)?boil\w*|\b(?:do\s+not|don['’]t|never)\s+(?:let\s+it\s+|allow\s+it\s+to\s+)?boil\b|\bnot\s+boil\w*/iu },
  { is: 'in-bath', sign: /\bwater\s+bath\b|\bbain[- ]marie\b|\broasting\s+(?:tin|pan|tray|dish)\b|\b(?:hot|boiling)\s+water\b[^.]*\b(?:half\s*way|sides)\b/iu },
]
