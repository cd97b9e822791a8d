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
  { id: 'gummy', sense: 'bite', says: 'gummy, like glue in the middle', signs: /\b(?:gumm\w*|glu(?:e|ey)|pasty|claggy|sticky inside)\b/iu, source: '[P]' },
  { id: 'wet', sense: 'bite', says: 'too wet all through', signs: /\b(?:wet|soggy|damp|too moist)\b/iu, source: '[P]' },
  { id: 'raw-middle', sense: 'look', says: 'raw or sunken-wet in the middle, done outside', signs: /\b(?:raw|undercooked|underbaked|not done|liquid middle)\b/iu, source: '[P]' },
  { id: 'dry', sense: 'bite', says: 'dry', signs: /\b(?:dry|sawdust)\b/iu, source: '[P]' },
  { id: 'crumbly', sense: 'bite', says: 'crumbly, falls apart when it is cut', signs: /\b(?:crumbl\w*|falls? apart|breaks? up)\b/iu, source: '[P]' },
  { id: 'tough', sense: 'bite', says: 'tough or rubbery to bite', signs: /\b(?:tough|leathery|bready)\b/iu, source: '[P]' },
  { id: 'chewy', sense: 'bite', says: 'chewy where it should be tender', signs: /\bchew\w*\b/iu, source: '[P]' },
  { id: 'dense', sense: 'bite', says: 'dense, hardly risen', signs: /\b(?:dense|heavy|flat|did(?:n.t| not) rise|no rise|compact)\b/iu, source: '[P]' },
  { id: 'peaked', sense: 'look', says: 'domed and cracked, a peak in the middle', signs: /\b(?:domed?|peak\w*|crack\w*|volcano|muffin top)\b/iu, families: crumb, source: '[P]' },
  { id: 'cracked', sense: 'look', says: 'cracked on top', signs: /\bcrack\w*\b/iu, families: brittle, source: '[P]' },
  { id: 'sunk', sense: 'look', says: 'sunk in the middle', signs: /\b(?:sunk|sank|sunken|collapsed|fell|dip(?:ped)?)\b/iu, source: '[P]' },
  { id: 'tunnels', sense: 'look', says: 'tunnels or large holes', signs: /\b(?:tunnel\w*|holes|holey)\b/iu, families: crumb, source: '[P]' },
  { id: 'greasy', sense: 'bite', says: 'greasy', signs: /\b(?:greas\w*|oily|fatty)\b/iu, source: '[P]' },
  { id: 'pale', sense: 'look', says: 'pale', signs: /\b(?:pale|white|anaemic|no colou?r)\b/iu, source: '[P]' },
  { id: 'dark', sense: 'look', says: 'too dark on top', signs: /\b(?:dark|burn\w*|too brown)\b/iu, source: '[P]' },
  { id: 'dark-below', sense: 'look', says: 'too dark below', signs: /\b(?:dark(?: or burnt)? below|burnt bottom|dark bottom)\b/iu, source: '[P]' },
  { id: 'soggy-bottom', sense: 'look', says: 'a soggy bottom', signs: /\bsoggy bottom|wet base\b/iu, source: '[P]' },
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
  { id: 'eggy', sense: 'taste', says: 'smells of egg, though none is in it', signs: /\b(?:eggy|sulphur|(?:smells?|tastes?) of egg)\b/iu, source: '[P]' },
  { id: 'floury', sense: 'taste', says: 'tastes of raw flour or starch', signs: /\b(?:floury|raw flour|starchy)\b/iu, source: '[P]' },
  { id: 'too-sweet', sense: 'taste', says: 'too sweet', signs: /\b(?:too sweet|cloying)\b/iu, source: '[P]' },
  { id: 'not-sweet', sense: 'taste', says: 'not sweet enough', signs: /\b(?:not sweet|bland)\b/iu, source: '[P]' },
  { id: 'runny', sense: 'look', says: 'runny, does not set', signs: /\b(?:runny|does(?:n.t| not) set|thin cream|liquid)\b/iu, families: creams, source: '[P]' },
  { id: 'rubbery', sense: 'bite', says: 'rubbery, sets too firm', signs: /\b(?:rubber\w*|bouncy|jelly)\b/iu, source: '[P]' },
  { id: 'split', sense: 'look', says: 'split or curdled', signs: /\b(?:split|curdl\w*|separat\w*)\b/iu, source: '[P]' },
  { id: 'grainy', sense: 'bite', says: 'grainy', signs: /\bgrain\w*\b/iu, families: [...creams, 'buttercream', 'meringue', 'glaze'], source: '[P]' },
  { id: 'weeping', sense: 'look', says: 'weeps, syrup runs out', signs: /\b(?:weep\w*|beads|syrup)\b/iu, families: ['meringue', 'mousse', 'set-cream', 'other'], source: '[P]' },
  {
    id: 'no-stand',
    sense: 'look',
    says: 'the foam does not stand',
    signs: /\b(?:does(?:n.t| not) whip|no peaks|foam falls|does(?:n.t| not) stand|deflat\w*)\b/iu,
    families: ['meringue', 'macaron', 'mousse', 'whipped-cream', 'sponge'],
    source: '[P]',
  },
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
