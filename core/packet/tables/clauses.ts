/**
 * How a statement speaks of what follows. `mode`: a part of it (`list`), named as in it (`contains`), perhaps as a trace
 * (`trace`), in the same house (`facility`), said not to be in it (`free`: the rest of the sentence, where it begins one;
 * `without`: the next thing alone), said to be unfit for somebody (`unfit`, read as a trace), or no part of the list at all
 * (`aside`: how to store it, what it nourishes with; `heading`: the words alone that say how allergens are printed). The words are patterns.
 * Sources: [L] 1169/2011 Art. 21, 828/2014; [P] sentences as packets print them.
 */
export type ClauseMode = 'list' | 'contains' | 'trace' | 'facility' | 'free' | 'without' | 'unfit' | 'aside' | 'heading'
export interface ClauseRow {
  readonly mode: ClauseMode
  readonly words: string
  readonly source: string
}

const facilityPlace = '(?:facility|facilities|factory|bakery|kitchen|plant|site|premises|environment|line|lines|equipment|machinery|area)'

export const clauseRows: readonly ClauseRow[] = [
  { mode: 'heading', words: '\\bfor\\s+allergens,?(?:\\s+including\\s+cereals\\s+containing\\s+gluten,?)?\\s+(?:please\\s+)?see\\b|\\bincluding\\s+cereals\\s+containing\\s+gluten\\b', source: '[P]' },
  { mode: 'free', words: "\\b(?:(?:does|do)\\s+not|doesn[’']t)\\s+contain(?:\\s+any)?", source: '[P]' },
  { mode: 'free', words: '\\bcontains?\\s+(?:no|neither)\\b', source: '[P]' },
  { mode: 'free', words: '\\bfree\\s+(?:from|of)\\b|\\bfrei\\s+von\\b|\\bexempt\\s+de\\b|\\bgarantie?\\s+sans\\b|\\bmade\\s+without\\b|\\bnot\\s+made\\s+with\\b', source: '[P]' },
  { mode: 'without', words: "\\b(?:without|ohne|sans|no\\s+added|no|enthält\\s+kein(?:e|en)?)\\s|\\bne\\s+contient\\s+pas\\s+d(?:e|es|’|')", source: '[P]' },
  {
    mode: 'unfit',
    words:
      '\\b(?:not\\s+(?:be\\s+)?suitable|unsuitable|nicht\\s+geeignet|ne\\s+convient\\s+pas|do\\s+not\\s+eat\\s+if\\s+you\\s+are\\s+allergic|cannot\\s+(?:be\\s+)?guarantee[d]?(?:\\s+to\\s+be)?)\\b',
    source: '[P]',
  },
  {
    mode: 'trace',
    words: '\\b(?:may|might|can|could)\\s+(?:also\\s+|therefore\\s+|still\\s+|occasionally\\s+)?(?:contain|have|carry|include)(?:\\s+(?:small\\s+amounts|traces?|a\\s+trace|residues?)\\s+of)?',
    source: '[P]',
  },
  { mode: 'trace', words: '\\btraces?\\s+(?:of|from)\\b|\\bpossible\\s+traces?\\b|\\bmay\\s+be\\s+present\\s*:|\\bcross[-\\s]contamination\\b', source: '[P]' },
  {
    mode: 'trace',
    words: '\\b(?:kann|können)(?=[^.]{0,240}\\benthalten\\b)(?:\\s+auch)?(?:\\s+(?:geringe\\s+Mengen|Spuren)\\s+(?:von|an))?|\\bkann\\s+(?:Spuren|enthalten)\\b|\\bSpuren\\s+von\\b',
    source: '[P]',
  },
  {
    mode: 'trace',
    words: "\\bpeut\\s+(?:aussi\\s+|également\\s+)?contenir(?:\\s+des\\s+traces)?|\\btraces?\\s+(?:éventuelles?\\s+)?d(?:e|es|’|')|\\bprésence\\s+(?:éventuelle|possible)\\s+d(?:e|es|’|')",
    source: '[P]',
  },
  {
    mode: 'facility',
    words: `\\b(?:made|produced|manufactured|processed|packed|packaged|prepared|baked|handled|stored|roasted|mixed)\\s+(?:in|on|at|with)\\s+(?:the\\s+|a\\s+|an\\s+|our\\s+|shared\\s+|same\\s+)*[\\p{L}\\s-]{0,48}?${facilityPlace}\\b(?:\\s+(?:that|which|where|with|also|handling|processing|using|used)\\b(?:[^.;:,]{0,40}?\\b(?:handl\\w+|process\\w*|us(?:es|ed|ing)|pack\\w*|contain\\w*|manufactur\\w*|produc\\w*|stor\\w*|makes?)\\b)?(?:\\s+products\\s+containing)?)?`,
    source: '[P]',
  },
  { mode: 'facility', words: `\\b(?:our|this|the|same)\\s+${facilityPlace}\\s+(?:also\\s+)?(?:handles?|uses?|processes|makes?|packs?|contains?)\\b`, source: '[P]' },
  {
    mode: 'facility',
    words:
      '\\bin\\s+(?:einem|unserem|diesem)\\s+(?:Betrieb|Werk|Haus)\\b|\\bim\\s+(?:selben\\s+|gleichen\\s+)?Betrieb\\b|\\bfabriqué\\w*\\s+dans\\s+un\\s+(?:atelier|site|établissement)\\b|\\bélaboré\\w*\\s+dans\\s+un\\s+atelier\\b',
    source: '[P]',
  },
  { mode: 'contains', words: '\\b(?:contains?|enthält|contient)\\b\\s*(?:the\\s+following\\s+allergens?)?\\s*:?|\\b(?:allergens?|allergene|allergènes)\\s*:', source: '[L]' },
  { mode: 'list', words: '\\b(?:ingredients?|zutaten|ingr[ée]dients?)\\s*:', source: '[L]' },
  {
    mode: 'aside',
    words: '\\b(?:nutrition(?:al)?\\s+(?:information|facts)|store\\s+in|storage|best\\s+before|once\\s+opened|keep\\s+refrigerated|nährwerte?|valeurs?\\s+nutritionnelles?)\\b',
    source: '[P]',
  },
]

/** Members of a group that a claim about the group does not speak of: oats may be gluten-free. [L] 828/2014 */
export const besideClaim: Readonly<Record<string, readonly string[]>> = { gluten: ['oat'] }

/** Said of a whole product, or of the word before: a claim, with what it says is not there. It is shown, never believed against the list. */
export interface MarkRow {
  readonly words: string
  readonly name: string
  readonly without: string
  /** Even what stands right before a name settles nothing about it. */ readonly weak?: true
  readonly source: string
}
export const markRows: readonly MarkRow[] = [
  {
    words: 'vegan|suitable\\s+for\\s+vegans?|vegane?[rs]?|végane?|végétalien(?:ne)?',
    name: 'vegan',
    without: 'milk egg honey beeswax gelatine animal-fat insect-colour animal-other fish shellfish',
    source: '[P]; says nothing about traces',
  },
  { words: 'vegetarian|suitable\\s+for\\s+vegetarians?|vegetarisch|végétarien(?:ne)?', name: 'vegetarian', without: 'gelatine animal-fat insect-colour animal-other fish shellfish', source: '[P]' },
  { words: 'plant[-\\s]based', name: 'plant-based', without: 'milk egg', source: '[P]; not a word of the law' },
  { words: '(?:dairy|milk)[-\\s]free|milchfrei|sans\\s+lait', name: 'dairy-free', without: 'milk', source: '[P]; may sit on a packet that holds casein' },
  { words: 'non[-\\s]?dairy', name: 'non-dairy', without: 'milk', weak: true, source: '[L] US: may hold casein' },
  { words: 'lactose[-\\s]free|laktosefrei|sans\\s+lactose', name: 'lactose-free', without: '', source: '[P]; lactose-free milk is milk' },
  { words: 'gluten[-\\s]?free|glutenfrei|sans\\s+gluten', name: 'gluten-free', without: 'gluten wheat rye barley', source: '[L] at most 20 mg/kg, EU 828/2014' },
  { words: 'wheat[-\\s]free|weizenfrei', name: 'wheat-free', without: 'wheat', source: '[P]' },
  { words: 'egg[-\\s]free|eggless|eifrei|ohne\\s+ei|sans\\s+(?:œuf|oeuf)s?', name: 'egg-free', without: 'egg', source: '[P]' },
  { words: 'nut[-\\s]free|nussfrei|sans\\s+fruits?\\s+à\\s+coque', name: 'nut-free', without: 'tree-nut peanut', source: '[P]' },
  { words: 'peanut[-\\s]free', name: 'peanut-free', without: 'peanut', source: '[P]' },
  { words: 'soya?[-\\s]free|sojafrei|sans\\s+soja', name: 'soy-free', without: 'soy', source: '[P]' },
  { words: 'sesame[-\\s]free', name: 'sesame-free', without: 'sesame', source: '[P]' },
  { words: 'allergen[-\\s]free|free\\s+from\\s+(?:the\\s+)?(?:14\\s+)?(?:major\\s+|main\\s+)?allergens', name: 'allergen-free', without: '', source: '[P]; six different things, none of them this' },
  { words: 'alcohol[-\\s]free|alkoholfrei|sans\\s+alcool', name: 'alcohol-free', without: 'alcohol', source: '[P]' },
  { words: 'sugar[-\\s]free|fat[-\\s]free|salt[-\\s]free|caffeine[-\\s]free|gmo[-\\s]free|zuckerfrei', name: 'free of something else', without: '', source: '[P]' },
  { words: 'pareve|parve|kosher|koscher|casher|halal', name: 'religious mark', without: '', source: '[P]; cannot be computed from a list' },
]

/** Beginnings and ends of longer words (German writes them together, photos lose spaces): what such a word brings when no table knows it whole. */
export interface PartRow {
  readonly parts: string
  readonly holds: string
  readonly unless: string
}
export const partRows: readonly PartRow[] = [
  {
    parts: 'milch molke sahne butter joghurt quark kase milk whey cheese casein caseinate lacto rahm kasein',
    holds: 'milk',
    unless: 'kakaobutter kokosmilch sheabutter butternut milchsaure kokosbutter erdnussbutter mandelbutter sojamilch hafermilch mandelmilch reismilch buttercup',
  },
  { parts: 'vollei huhnerei eigelb eiklar eipulver volleier albumin', holds: 'egg', unless: '' },
  { parts: 'weizen dinkel hartweizen emmer wheat spelt grunkern', holds: 'wheat', unless: 'buchweizen buckwheat' },
  { parts: 'roggen', holds: 'rye', unless: '' },
  { parts: 'gersten gerste malz barley', holds: 'barley', unless: '' },
  { parts: 'hafer oatmeal', holds: 'oat', unless: '' },
  { parts: 'gluten', holds: 'gluten', unless: 'glutenfrei glutenfree glutenfreie' },
  { parts: 'soja soya', holds: 'soy', unless: 'sojafrei' },
  { parts: 'haselnuss hazelnut', holds: 'hazelnut', unless: '' },
  { parts: 'mandel almond', holds: 'almond', unless: '' },
  { parts: 'walnuss walnut', holds: 'walnut', unless: '' },
  { parts: 'cashew', holds: 'cashew', unless: '' },
  { parts: 'pistazien pistachio', holds: 'pistachio', unless: '' },
  { parts: 'pekannuss', holds: 'pecan', unless: '' },
  { parts: 'macadamia', holds: 'macadamia', unless: '' },
  { parts: 'erdnuss peanut groundnut', holds: 'peanut', unless: '' },
  { parts: 'nuss nusse', holds: 'tree-nut', unless: 'kokosnuss muskatnuss erdnuss haselnuss walnuss kokosnusse nussfrei butternuss erdnusse cashewnuss paranuss' },
  { parts: 'sesam sesame', holds: 'sesame', unless: '' },
  { parts: 'lupin', holds: 'lupin', unless: '' },
  { parts: 'sellerie', holds: 'celery', unless: '' },
  { parts: 'senf mustard', holds: 'mustard', unless: '' },
  { parts: 'sulfit sulphite sulfite', holds: 'sulphite', unless: '' },
  { parts: 'fisch', holds: 'fish', unless: '' },
  { parts: 'krebs', holds: 'crustacean', unless: '' },
  { parts: 'kokos coconut', holds: 'coconut', unless: '' },
  { parts: 'gelatine gelatin', holds: 'gelatine', unless: '' },
]
