/** What can be wrong with a dessert, in a baker's words; `signs` are how people say it. [P] [M] */
export interface SymptomRow {
  readonly id: string
  readonly sense: 'look' | 'bite' | 'taste'
  readonly says: string
  readonly signs: RegExp
  /** Where it can be; all but these when `not`. Empty: anywhere. */ readonly families?: readonly string[]
  readonly source: string
}

const crumb = ['creamed', 'muffin', 'quick-bread', 'brownie', 'pancake', 'sponge', 'yeast', 'scone', 'other']
const thin = ['cookie', 'shortbread', 'streusel', 'pastry']
const brittle = ['cheesecake', 'egg-custard', 'meringue', 'macaron']
const creams = ['pastry-cream', 'egg-custard', 'set-cream', 'mousse', 'cheesecake', 'ice-cream', 'caramel', 'other']

export const symptomRows: readonly SymptomRow[] = [
  { id: 'gummy', sense: 'bite', says: 'gummy, like glue in the middle', signs: /\b(?:gumm\w*|glu(?:e|ey)|pasty|claggy|cloggy|doughy|sticky inside)\b/iu, source: '[P]' },
  { id: 'wet', sense: 'bite', says: 'too wet all through', signs: /\b(?:wet|soggy|damp|too moist)\b/iu, source: '[P]' },
  {
    id: 'raw-middle',
    sense: 'look',
    says: 'raw or sunken-wet in the middle, done outside',
    signs: /\b(?:raw|undercooked|underbaked|not done|liquid (?:middle|cent(?:re|er))|(?:never|did(?:n.t| not)) set in the (?:middle|cent(?:re|er))|uncooked)\b/iu,
    source: '[P]',
  },
  { id: 'dry', sense: 'bite', says: 'dry', signs: /\b(?:dry|sawdust)\b/iu, source: '[P]' },
  { id: 'crumbly', sense: 'bite', says: 'crumbly, falls apart when it is cut', signs: /\b(?:crumbl\w*|(?:falls?|fell|c[ao]mes?) apart|(?:breaks?|broke) up)\b/iu, source: '[P]' },
  { id: 'tough', sense: 'bite', says: 'tough or rubbery to bite', signs: /\b(?:tough|leathery|bready)\b/iu, source: '[P]' },
  { id: 'chewy', sense: 'bite', says: 'chewy where it should be tender', signs: /\bchew\w*\b/iu, source: '[P]' },
  {
    id: 'dense',
    sense: 'bite',
    says: 'dense, hardly risen',
    signs: /\b(?:dense|heavy|flat|did(?:n.t| not) rise|no rise|never rose|(?:hardly|barely|scarcely) (?:rose|risen|rises)|compact|stodg\w*|close[- ]textured|like lead|doorstop)\b/iu,
    source: '[P]',
  },
  { id: 'peaked', sense: 'look', says: 'domed and cracked, a peak in the middle', signs: /\b(?:domed?|peak\w*|crack\w*|volcano|muffin top)\b/iu, families: crumb, source: '[P]' },
  { id: 'cracked', sense: 'look', says: 'cracked on top', signs: /\bcrack\w*\b/iu, families: brittle, source: '[P]' },
  { id: 'sunk', sense: 'look', says: 'sunk in the middle', signs: /\b(?:sunk|sank|sunken|collapsed|fell|dip(?:ped)?)\b/iu, source: '[P]' },
  { id: 'tunnels', sense: 'look', says: 'tunnels or large holes', signs: /\b(?:tunnel\w*|holes|holey)\b/iu, families: crumb, source: '[P]' },
  { id: 'greasy', sense: 'bite', says: 'greasy', signs: /\b(?:greas\w*|oily|fatty)\b/iu, source: '[P]' },
  {
    id: 'pale',
    sense: 'look',
    says: 'pale',
    signs: /\b(?:pale|white|anaemic|no colou?r|blond|(?:did(?:n.t| not)|never|hardly|barely) (?:brown\w*|colou?r\w*)|would(?:n.t| not) brown)\b/iu,
    source: '[P]',
  },
  { id: 'dark', sense: 'look', says: 'too dark on top', signs: /\b(?:dark|burn\w*|too brown)\b/iu, source: '[P]' },
  { id: 'dark-below', sense: 'look', says: 'too dark below', signs: /\b(?:dark(?: or burnt)? below|burnt bottom|dark bottom)\b/iu, source: '[P]' },
  {
    id: 'soggy-bottom',
    sense: 'look',
    says: 'a soggy bottom',
    signs: /\b(?:soggy (?:bottom|base|crust|pastry)|(?:wet|soft|pasty) (?:base|bottom)|(?:base|bottom) (?:is|was|stayed) (?:soft|wet|soggy|raw))\b/iu,
    source: '[P]',
  },
  { id: 'spread-flat', sense: 'look', says: 'spread flat', signs: /\b(?:spread|ran|flat|puddle)\b/iu, families: thin, source: '[P]' },
  { id: 'no-spread', sense: 'look', says: 'did not spread, stayed a lump', signs: /\b(?:no spread|lump|did not spread|didn.t spread)\b/iu, families: ['cookie'], source: '[P]' },
  { id: 'hard', sense: 'bite', says: 'hard', signs: /\b(?:hard|rock|brick)\b/iu, source: '[P]' },
  { id: 'gritty', sense: 'bite', says: 'gritty or sandy on the tongue', signs: /\b(?:gritt\w*|sandy)\b/iu, source: '[P]' },
  { id: 'stale', sense: 'bite', says: 'stale the next day', signs: /\b(?:stale|next day dry)\b/iu, source: '[P]' },
  { id: 'soapy', sense: 'taste', says: 'tastes of soap', signs: /\bsoap\w*\b/iu, source: '[P]' },
  { id: 'metallic', sense: 'taste', says: 'tastes of metal', signs: /\bmetal\w*\b/iu, source: '[P]' },
  { id: 'bitter', sense: 'taste', says: 'bitter', signs: /\bbitter\b/iu, source: '[P]' },
  { id: 'sour', sense: 'taste', says: 'sour', signs: /\b(?:sour|acidic|tart)\b/iu, source: '[P]' },
  { id: 'grassy', sense: 'taste', says: 'tastes of grass or linseed', signs: /\b(?:grass\w*|linseed|flax|fishy)\b/iu, source: '[P]' },
  { id: 'beany', sense: 'taste', says: 'tastes of beans', signs: /\bbean\w*\b/iu, source: '[P]' },
  { id: 'eggy', sense: 'taste', says: 'smells of egg, though none is in it', signs: /\b(?:eggy|sulphur\w*|(?:smells?|smelt|tastes?|tasted) (?:of|like) (?:rotten )?eggs?)\b/iu, source: '[P]' },
  { id: 'floury', sense: 'taste', says: 'tastes of raw flour or starch', signs: /\b(?:floury|raw flour|starchy)\b/iu, source: '[P]' },
  { id: 'too-sweet', sense: 'taste', says: 'too sweet', signs: /\b(?:too sweet|cloying)\b/iu, source: '[P]' },
  { id: 'not-sweet', sense: 'taste', says: 'not sweet enough', signs: /\b(?:not sweet|bland)\b/iu, source: '[P]' },
  {
    id: 'runny',
    sense: 'look',
    says: 'runny, does not set',
    signs: /\b(?:runny|(?:does|did|has|would)(?:n.t| not) set|(?:never|won.t) set|thin cream|too thin|like soup|soupy|liquid)\b/iu,
    families: creams,
    source: '[P]',
  },
  { id: 'rubbery', sense: 'bite', says: 'rubbery, sets too firm', signs: /\b(?:rubber\w*|bouncy|jelly)\b/iu, source: '[P]' },
  { id: 'split', sense: 'look', says: 'split or curdled', signs: /\b(?:split|curdl\w*|separat\w*)\b/iu, source: '[P]' },
  { id: 'grainy', sense: 'bite', says: 'grainy', signs: /\bgrain\w*\b/iu, families: [...creams, 'buttercream', 'meringue', 'glaze'], source: '[P]' },
  { id: 'weeping', sense: 'look', says: 'weeps, syrup runs out', signs: /\b(?:weep\w*|beads|syrup)\b/iu, families: ['meringue', 'mousse', 'set-cream', 'other'], source: '[P]' },
  {
    id: 'no-stand',
    sense: 'look',
    says: 'the foam does not stand',
    signs: /\b(?:(?:does|did|would)(?:n.t| not) whip|no peaks|foam (?:falls|fell|sank|collaps\w*)|(?:foam|meringue|cream) (?:has )?collapsed|(?:does|did)(?:n.t| not) stand|deflat\w*)\b/iu,
    families: ['meringue', 'macaron', 'mousse', 'whipped-cream', 'sponge'],
    source: '[P]',
  },
  // Of which thing it is said: fruit that sinks is no sunken cake.
  {
    id: 'fruit-sank',
    sense: 'look',
    says: 'the fruit sank to the bottom',
    signs:
      /\b(?:fruit|berries|cherries|raisins|sultanas|currants|blueberries|raspberries|plums?|apples?|chips|nuts|pieces)\s+(?:have |has |had |all |mostly )*(?:sank|sunk|sink|fell|dropped)\b(?: to the bottom)?/iu,
    families: crumb,
    source: '[P]',
  },
  {
    id: 'stuck',
    sense: 'look',
    says: 'stuck to the tin',
    signs: /\b(?:stuck|sticks? (?:to|in) the|would(?:n.t| not) come out|tore (?:when|as) (?:I|it|we)|left (?:half|a piece) (?:of it )?in the tin)\b/iu,
    families: [...crumb, ...thin, 'meringue', 'macaron'],
    source: '[P]',
  },
  { id: 'odd-colour', sense: 'look', says: 'green, grey or another odd colour', signs: /\b(?:gr[ae]y(?:ish)?|green(?:ish)?|purple|bluish|blue)\b/iu, source: '[P]' },
  { id: 'salty', sense: 'taste', says: 'too salty', signs: /\b(?:salty|(?:too much|tastes of) salt)\b/iu, source: '[P]' },
  {
    id: 'lumpy',
    sense: 'bite',
    says: 'lumpy',
    signs: /\b(?:lumpy|lumps(?! of)|not smooth)\b/iu,
    families: [...creams, ...crumb, 'crepe', 'buttercream', 'glaze', 'ganache', 'cream-cheese-frosting'],
    source: '[P]',
  },
  {
    id: 'runs-down',
    sense: 'look',
    says: 'the icing runs down or slides off',
    signs:
      /\b(?:(?:icing|glaze|frosting|buttercream|cream|topping|it|ganache)\s+(?:\w+\s+)?(?:ran|runs|slid|slides|dripped|drips|melted|melts)(?:\s+(?:down|off|away)(?:\s+the\s+sides?)?)?|(?:runs?|ran|slides?|slid) (?:down|off)(?: the (?:sides?|cake))?)\b/iu,
    families: ['glaze', 'buttercream', 'cream-cheese-frosting', 'whipped-cream', 'ganache'],
    source: '[P]',
  },
  {
    id: 'seized',
    sense: 'look',
    says: 'the chocolate seized into a stiff, dull mass',
    signs: /\b(?:seiz\w*|went stiff|(?:stiff|thick|grainy) (?:mass|lump) of chocolate)\b/iu,
    families: ['ganache', 'mousse', 'no-bake', 'brownie', 'glaze'],
    source: '[P]',
  },
  { id: 'shrank', sense: 'look', says: 'shrank or drew away from the tin', signs: /\b(?:shr[aiu]nk\w*|drew (?:in|away|back)|pulled (?:in|away))\b/iu, families: [...thin, ...crumb], source: '[P]' },
  { id: 'aftertaste', sense: 'taste', says: 'leaves an odd taste behind', signs: /\b(?:after[- ]?taste|chemical|odd taste|strange taste|tastes (?:odd|strange|funny))\b/iu, source: '[P]' },
  { id: 'sticky-top', sense: 'look', says: 'sticky on top', signs: /\bsticky (?:on )?(?:top|crust)\b/iu, source: '[P]' },
]

/** Two that cannot both be true of one place; where `both` are named, a cause that makes the one in one place and the other in another. [P] */
export const contradictions: readonly { readonly of: readonly [string, string]; readonly both: readonly string[]; readonly says: string }[] = [
  { of: ['dry', 'wet'], both: ['oven-hot', 'underbaked'], says: 'Dry and wet at once is mostly dry outside and wet inside' },
  { of: ['dry', 'gummy'], both: ['oven-hot', 'cut-warm'], says: 'Dry and gummy at once is mostly a dry crust over a middle that had no time' },
  { of: ['dry', 'raw-middle'], both: ['oven-hot', 'tin-deep'], says: 'Dry outside and raw inside' },
  { of: ['sunk', 'peaked'], both: ['oven-hot', 'lift-much'], says: 'It peaked, and then fell' },
  { of: ['pale', 'dark'], both: ['oven-uneven'], says: 'Pale in one place and dark in another' },
  { of: ['pale', 'dark-below'], both: ['tin-dark', 'oven-uneven'], says: 'Pale on top and dark below' },
  { of: ['too-sweet', 'not-sweet'], both: [], says: 'Two tasters disagree about how sweet it is' },
  { of: ['spread-flat', 'no-spread'], both: ['oven-uneven'], says: 'Some spread and some did not' },
  { of: ['runny', 'rubbery'], both: ['mixed-badly'], says: 'Runny in one place and rubbery in another' },
  { of: ['soapy', 'sour'], both: ['mixed-badly'], says: 'Soap in one bite and acid in another' },
  { of: ['greasy', 'dry'], both: ['mixed-badly', 'fat-soft'], says: 'Greasy to the finger, dry on the tongue: the fat has run out' },
]
