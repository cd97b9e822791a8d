import { asideRows } from './asides'

/**
 * How a statement speaks of what follows. `list`: a part of it; `contains`: named as in it; `trace`: perhaps as a trace; `facility`: in
 * the same house; `denied`: said not to be in it; `warning`: said not to be for somebody; `heading`: the words alone that say how
 * allergens are printed; `torn`: a bare name behind a denial that keeps no closed form, so that nobody can say whether it is denied. Only what `clauses.ts` finds in a closed form behind the words is softened by them; everything else is read as
 * if they were not there. `one`: reaches one thing alone. The words are patterns.
 * Sources: [L] 1169/2011 Art. 21, 828/2014; [P] sentences as packets print them; seven languages.
 */
export type ClauseMode = 'list' | 'contains' | 'trace' | 'facility' | 'denied' | 'warning' | 'aside' | 'heading' | 'torn'
export interface ClauseRow {
  readonly mode: ClauseMode
  readonly words: string
  readonly one?: true
  readonly source: string
}

const place =
  '(?:facility|facilities|factory|factories|bakery|bakeries|premises|equipment|machinery|(?:kitchen|plant|site|environment|line|area|place|room|mill|store|shop|workshop|warehouse|machine|tray|oven|fryer|vessel)s?)'
const doing =
  '(?:handl\\w+|process\\w*|us(?:es?|ed|ing)|pack\\w*|contain\\w*|manufactur\\w*|produc\\w*|stor(?:es?|ed|ing)|ma(?:kes?|king|de)|roast\\w*|mill(?:s|ed|ing)?|gr(?:inds?|inding|ound)|bak(?:es?|ed|ing)|cook(?:s|ed|ing)?|fr(?:y|ies|ied|ying)|blend(?:s|ed|ing)?|mix(?:es|ed|ing)?|cuts?|slic(?:es?|ed|ing)|sort(?:s|ed|ing)|shells|shelled|fill(?:s|ed|ing)|weigh(?:s|ed|ing)|bottl(?:es|ed|ing)|prepar(?:es?|ed|ing)|works?\\s+with|deals?\\s+with|serv(?:es?|ed)|sells?|sold|keeps?|kept|dr(?:y|ies|ied|ying)|crack(?:s|ed))'
const worked =
  '(?:made|produced|manufactured|processed|packed|packaged|prepared|baked|handled|stored|roasted|mixed|milled|ground|handmade|kept|cut|filled|weighed|sieved|blended|dried|cooked|fried|finished)'
/** Words between the work and its place; none that could bring something in. */
const by = '(?:\\s+(?:by\\s+hand|freshly|together|again))?'
const filler = '(?:(?!(?:with|using|from|and|of|contain\\w*)\\b)[\\p{L}-]+\\s+){0,6}?'
const someAmounts = '(?:\\s+(?:(?:very\\s+)?small\\s+amounts|traces?|a\\s+trace|residues?)\\s+of)?'

export const clauseRows: readonly ClauseRow[] = [
  { mode: 'heading', words: '\\bfor\\s+allergens,?(?:\\s+including\\s+cereals\\s+containing\\s+gluten,?)?\\s+(?:please\\s+)?see\\b|\\bincluding\\s+cereals\\s+containing\\s+gluten\\b', source: '[P]' },

  // Said not to be for somebody: before anything that could be read as a denial.
  {
    mode: 'warning',
    words:
      "\\b(?:(?:may\\s+)?not\\s+(?:be\\s+)?(?:suitable|recommended|safe|advised)|unsuitable)\\b|\\b(?:do\\s+not|don[’']t|never)\\s+(?:ever\\s+)?(?:eat|consume|use|give|serve|buy|feed|taste|offer|take)\\b(?=[^.;:\\n]{0,60}\\b(?:if|to|when|unless|with)\\b)|\\bavoid\\s+(?:this\\s+)?(?:if|when)\\b|\\bkeep\\s+away\\s+from\\s+(?:anyone|people|those|children|persons)\\b|\\b(?:should|must|may|do|can)\\s*not\\s+(?:eat|consume|use|have|be\\s+eaten|be\\s+consumed)\\b|\\b(?:not|never|unfit)\\b(?=[^.,;:\\n]{0,60}\\b(?:allerg\\w*|intoleran\\w*|sufferers?|c(?:o)?eliacs?)\\b)|\\b(?:we\\s+)?(?:can\\s?not|can[’']t|do\\s+not|does\\s+not|unable\\s+to|not)\\s+(?:be\\s+)?(?:guarantee[ds]?|promise[ds]?|ensured?|certif(?:y|ied)|claimed?)\\b|\\bno\\s+(?:guarantee|promise)\\b|\\b(?:no\\s+longer|not|never|nor|isn[’']t|aren[’']t)\\s+(?:\\p{L}+\\s+){0,3}?(?:free\\s+(?:from|of)\\b|(?=[\\p{L}]+[-\\s]free\\b)|(?=vegan\\b|vegetarian\\b))",
    source: '[P]',
  },
  {
    mode: 'warning',
    words: '\\bnicht\\s+(?:geeignet|garantiert|empfohlen|verzehren|frei\\s+von|(?=\\p{L}+frei\\b)|(?=vegan|vegetarisch))|\\bungeeignet\\b|\\bnicht\\s+für\\b|\\bkein(?:e)?\\s+garantie\\b',
    source: '[P]',
  },
  {
    mode: 'warning',
    words:
      '\\bne\\s+convien(?:t|nent)\\s+pas\\b|\\bne\\s+(?:pouvons|peut|peuvent)\\s+(?:pas\\s+)?(?:être\\s+)?garanti(?:r|e)?\\b|\\bdéconseillé\\w*\\b|\\bnon\\s+garanti\\b|\\b(?:non|pas)\\s+(?=véga|vegan|végét)',
    source: '[P]',
  },
  { mode: 'warning', words: '\\bnon\\s+(?:è\\s+)?(?:adatt[oa]|indicat[oa]|garantit[oa])\\b|\\bnon\\s+possiamo\\s+garantire\\b|\\bnon\\s+(?=vega|vegeta)', source: '[P]' },
  { mode: 'warning', words: '\\bno\\s+(?:es\\s+)?(?:apt[oa]|adecuad[oa]|recomendad[oa]|garantizad[oa])\\b|\\bno\\s+podemos\\s+garantizar\\b|\\bno\\s+(?=vega|vegeta)', source: '[P]' },
  { mode: 'warning', words: '\\bnão\\s+(?:é\\s+)?(?:apt[oa]|adequad[oa]|recomendad[oa]|indicad[oa])\\b|\\bnão\\s+podemos\\s+garantir\\b|\\bnão\\s+(?=vega|vegeta)', source: '[P]' },
  { mode: 'warning', words: '\\b(?:niet\\s+geschikt|ongeschikt)\\b|\\bkunnen\\s+(?:wij\\s+)?niet\\s+garanderen\\b|\\bniet\\s+(?=vega|vegeta|\\p{L}+vrij\\b)', source: '[P]' },

  // Perhaps as a trace.
  { mode: 'trace', words: `\\b(?:may|might|can|could)\\s+(?:also\\s+|therefore\\s+|still\\s+|occasionally\\s+)?(?:contain|have|carry|include)${someAmounts}`, source: '[P]' },
  {
    mode: 'trace',
    words:
      '\\btraces?\\s+(?:of|from)\\b|\\bpossible\\s+traces?(?:\\s+of)?\\b|\\btraces?\\s*:|\\bmay\\s+be\\s+present\\s*:|\\bcross[-\\s]contamination\\s+with\\b|\\btraces?\\s+(?:are\\s+)?possible\\s*:|\\bbeen\\s+in\\s+contact\\s+with\\b|\\bin\\s+Kontakt\\s+mit\\b',
    source: '[P]',
  },
  {
    mode: 'trace',
    words:
      '\\bkann\\s+(?:auch\\s+)?(?:geringe\\s+Mengen|Spuren)\\s+enthalten(?:\\s+von)?\\b|\\bkann\\s+(?:auch\\s+)?(?:(?:geringe\\s+Mengen|Spuren)\\s+(?:von|an)|enthalten)\\b|\\b(?:kann|können)(?=[^.\\n]{0,240}\\benthalten\\b)(?:\\s+auch)?|\\bSpuren\\s+von\\b|\\benthält\\s+möglicherweise\\b|\\bSpuren\\s*:',
    source: '[P]',
  },
  {
    mode: 'trace',
    words:
      "\\b(?:peut|peuvent)\\s+(?:aussi\\s+|également\\s+)?contenir(?:\\s+des\\s+traces)?|\\btraces?\\s+(?:éventuelles?\\s+|possibles?\\s+)?d(?:e|es|’|')|\\bprésence\\s+(?:éventuelle|possible)\\s+d(?:e|es|’|')",
    source: '[P]',
  },
  { mode: 'trace', words: '\\bpuò\\s+(?:anche\\s+)?contenere(?:\\s+(?:tracce|piccole\\s+quantità))?|\\b(?:possibili\\s+)?tracce\\s+di\\b|\\bpossono\\s+essere\\s+presenti\\b', source: '[P]' },
  { mode: 'trace', words: '\\bpuede\\s+(?:también\\s+)?contener(?:\\s+trazas)?|\\b(?:posibles\\s+)?trazas\\s+de\\b', source: '[P]' },
  { mode: 'trace', words: '\\bpode\\s+(?:também\\s+)?conter(?:\\s+vestígios)?|\\b(?:possíveis\\s+)?vestígios\\s+de\\b', source: '[P]' },
  {
    mode: 'trace',
    words: '\\bkan\\s+(?:ook\\s+)?(?:sporen\\s+)?bevatten(?:\\s+van)?\\b|\\bkan\\s+(?=[^.\\n]{0,240}\\bbevatten\\b)(?:ook\\s+)?(?:sporen(?:\\s+van)?)?|\\bsporen\\s+van\\b|\\bbevat\\s+mogelijk\\b',
    source: '[P]',
  },

  // In the same house or on the same line.
  {
    mode: 'facility',
    words: `\\bshared\\s+(?:\\p{L}+\\s+){0,2}${place}\\s+with\\b|\\b${place}\\s+(?:that\\s+(?:is|are)\\s+)?shared\\s+with\\b|\\b${worked}${by}\\s+(?:in|on|at)\\s+${filler}${place}\\s+with\\b`,
    source: '[P]',
  },
  {
    mode: 'facility',
    words: `\\b${worked}${by}\\s+(?:(?:in|on|at)\\s+${filler}|(?:with|by)\\s+(?:the\\s+|a\\s+|an\\s+|our\\s+|shared\\s+|same\\s+)*)${place}\\b(?:\\s+(?:shared|in))?(?:\\s+(?:that|which|where|as|also|handling|processing|used|containing)\\b(?:[^.;:,\\n]{0,40}?\\b${doing}\\b)?(?:\\s+products\\s+containing)?)?`,
    source: '[P]',
  },
  {
    mode: 'facility',
    words: `\\b${worked}${by}\\s+where\\b(?:[^.;:,\\n]{0,40}?\\b${doing}\\b)?|\\b(?:in|on|at)\\s+${filler}${place}\\s+(?:that|which|where|also|handling|processing|using|packing|shared\\s+by)\\b(?:[^.;:,\\n]{0,40}?\\b${doing}\\b)?(?:\\s+products\\s+containing)?`,
    source: '[P]',
  },
  { mode: 'facility', words: `\\b${worked}\\s+(?:right\\s+)?(?:beside|near|alongside|next\\s+to)\\b`, source: '[P]' },
  { mode: 'facility', words: `\\b(?:our|this|the|same)\\s+${place}\\s+(?:also\\s+)?(?:handles?|uses?|processes|makes?|packs?|contains?)\\b`, source: '[P]' },
  {
    mode: 'facility',
    words:
      '\\b(?:in|auf)\\s+(?:einem|einer|unserem|unserer|diesem|dieser)\\s+(?:Betrieb|Werk|Haus|Anlage|Produktionsstätte|Linie|Bäckerei)\\b(?:,?\\s*(?:in\\s+de[mr]|der|die|das|wo|auf\\s+de[mr]))?|\\bim\\s+(?:selben\\s+|gleichen\\s+)?(?:Betrieb|Werk)\\b',
    source: '[P]',
  },
  {
    mode: 'facility',
    words:
      '\\b(?:fabriqué|élaboré|conditionné|emballé|produit|préparé)\\w*\\s+(?:dans|sur)\\s+une?\\s+(?:atelier|site|établissement|usine|ligne|lieu)\\b(?:\\s+(?:qui|où|utilisant|manipulant)\\b(?:\\s+\\p{L}+(?:ent|e|t|ant)\\b)?)?(?:\\s+(?:aussi|également))?',
    source: '[P]',
  },
  {
    mode: 'facility',
    words:
      "\\b(?:prodott|lavorat|confezionat)\\w+\\s+in\\s+un[oa]?\\s*[’']?\\s*(?:stabilimento|laboratorio|impianto|azienda|ambiente)\\b(?:\\s+(?:che|dove|in\\s+cui)\\b(?:\\s+(?:si\\s+)?\\p{L}+)?)?(?:\\s+anche)?",
    source: '[P]',
  },
  {
    mode: 'facility',
    words:
      '\\b(?:elaborad|fabricad|envasad|producid)\\w+\\s+en\\s+una?\\s+(?:fábrica|planta|obrador|instalación|línea|local)\\b(?:\\s+(?:que|donde|en\\s+la\\s+que|en\\s+el\\s+que)\\b(?:\\s+(?:se\\s+)?(?:también\\s+)?\\p{L}+)?)?(?:\\s+también)?',
    source: '[P]',
  },
  {
    mode: 'facility',
    words:
      '\\b(?:fabricad|produzid|embalad)\\w+\\s+(?:numa?|em\\s+uma?|em)\\s+(?:fábrica|unidade|instalação|linha|local)\\b(?:\\s+(?:que|onde)\\b(?:\\s+(?:se\\s+)?(?:também\\s+)?\\p{L}+)?)?(?:\\s+também)?',
    source: '[P]',
  },
  {
    mode: 'facility',
    words: '\\b(?:geproduceerd|gemaakt|verpakt|bereid|gebakken)\\s+(?:in|op)\\s+een\\s+(?:fabriek|bedrijf|bakkerij|lijn|omgeving|keuken)\\b(?:\\s+(?:waar|die|dat|waarin))?(?:\\s+ook)?',
    source: '[P]',
  },

  // Said not to be in it.
  { mode: 'denied', words: "\\b(?:(?:does|do)\\s+not|doesn[’']t|don[’']t)\\s+contain(?:\\s+any)?\\b", source: '[P]' },
  { mode: 'denied', words: '\\bcontains?\\s+(?:no|neither)\\b', source: '[P]' },
  {
    mode: 'denied',
    words:
      '\\bfree\\s+(?:from|of)\\b|\\bmade\\s+without\\b|\\bnot\\s+made\\s+with\\b|\\bfrei\\s+von\\b|\\bexempt\\s+de\\b|\\bgarantie?\\s+sans\\b|\\bpriv[oa]\\s+di\\b|\\blibre\\s+de\\b|\\bisento\\s+de\\b|\\bvrij\\s+van\\b',
    source: '[P]',
  },
  {
    mode: 'denied',
    words: "\\bnon\\s+contiene\\b|\\bno\\s+contiene\\b|\\bnão\\s+contém\\b|\\bbevat\\s+geen\\b|\\bne\\s+contient\\s+(?:pas|ni)\\b(?:\\s+d(?:e|es|’|'))?|\\benthält\\s+(?:kein(?:e|en)?|weder)\\b",
    source: '[P]',
  },
  {
    mode: 'denied',
    one: true,
    words: "\\b(?:without|ohne|sans|senza|sin|sem|zonder|no\\s+added|no|kein(?:e|en|er|em|es|erlei)?|geen|nessun[oa]?|ning(?:ún|una)|nenhuma?|aucune?|pas\\s+d(?:e|es|’|'))\\b(?!\\s*[:.])",
    source: '[P]',
  },

  // Named as in it, and the list itself.
  {
    mode: 'contains',
    words:
      '\\b(?:contains?|enthält|contient|contiene|contém|bevat)\\b\\s*(?:the\\s+following\\s+allergens?)?\\s*:?|\\b(?:allergens?|allergene|allergènes|allergeni|alérgenos|alergénios|allergenen)\\s*:',
    source: '[L]',
  },
  {
    mode: 'list',
    words:
      '\\b(?:ingredients?|zutaten|ingr[ée]dients?|ingredienti|ingredientes|ingrediënten)\\s*:|(?<=^|[.!?;:)\\]\\n]\\s{0,3})(?:ingredients?|zutaten|ingr[ée]dients?|ingredienti|ingredientes|ingrediënten)\\b(?!\\s+(?:in\\s+(?:bold|capitals)|marked|listed|above|printed))',
    source: '[L]',
  },
  ...asideRows,
]

/** Said behind what may be there as a trace: "nuts may be present". [P] */
export const mayBePresent = /(?<!\p{L})(?:(?:may|could)\s+(?:also\s+)?be\s+present|(?:en\s+)?présence\s+possible|présents?\s+à\s+l[’']état\s+de\s+traces)(?!\p{L}|\s*:)/giu

/** Before a full stop that ends no sentence. [P] */
export const abbreviations = /\b(?:min|max|incl|approx|e\.g|i\.e|ca|mind|env|no|nr|St|vit)$/iu
/** Behind a full stop that ends one all the same. [P] */
export const sentenceStarts = /^\.\s*(?:contains?|may|allerg|ingredients?|free|made|kann|enthält|peut|contient|può|puede|contiene|pode|contém|kan|bevat)/iu

/** Between the words that open a clause and the first thing that it names. [P] */
export const leadWords = new Set(
  'of any the a an from other others some also both traces trace small amounts amount residues residue von an anderen andere auch spuren de des du d la le les l autres di del della dei delle degli altra altri altre de la las los el otros otras trazas da do das dos outros van andere het also sowie both either neither products containing ingredients following that und for für per voor wird werden wordt worden'.split(
    ' ',
  ),
)

/** What may stand beside a name in a clause without being a thing of its own. [P] */
export const besideName = new Set(
  'trace amount amounts residue residues other others some various certain all tree products product ingredients ingredient derivatives derivative protein proteins seeds seed containing thereof their and/or further traces of e.g stone stones pit pits shell shells bone bones kernel kernels husk husks produkte erzeugnisse andere anderen weitere daraus autres produits dérivés à base altri altra altre derivati prodotti otros otras derivados productos outros derivados produtos andere producten from from cow goat sheep raw roasted'.split(
    ' ',
  ),
)

/** Joins two names. [P] */
export const andWords = new Set('and or nor & und oder sowie noch et ou ni e ed o od né y u ni nem en of noch'.split(' '))

/** What may end a clause behind its last name: verbs that stand at the end, and who it is for. [P] */
export const clauseEnds =
  /^\s*(?:(?:(?:are|is|also|may|can|be|being|were)\s+)*(?:used|handled|present|processed|packed|stored|produced|made|found)(?:\s+(?:here|too|on\s+site|there))?|(?:may|might|can|could)\s+(?:also\s+)?(?:occur|arise|be\s+(?:found|detected|left|in\s+it))|enthalten(?:\s+sein)?|möglich|verarbeitet(?:\s+(?:werden|wird))?|verwendet(?:\s+(?:werden|wird))?|verpackt(?:\s+(?:werden|wird))?|verarbeiten|bevatten|worden\s+(?:verwerkt|gebruikt|verpakt)|wordt\s+(?:verwerkt|gebruikt|verpakt)|verwerkt(?:\s+(?:worden|wordt))?|gebruikt\s+(?:worden|wordt)|possible|éventuelle?s?|(?:due\s+to|because\s+of|owing\s+to|aufgrund|en\s+raison\s+d)[^.;,()\n]{0,60}|as\s+traces|in\s+traces|als\s+Spuren|auch)\b/iu

/** Goes on behind a denial as if it ended: what follows is another clause. [P] */
export const butWords = /^\s*(?:,\s*)?(?:but|aber|mais|ma|pero|mas|maar|however|yet)(?!\p{L})/iu

/** What may stand in a sentence before a denial that speaks of the whole product. [P] */
export const wholeProduct =
  /(?:^|[.!?•\n(:;]|\b(?:but|and|und|et|e|y|en)\b)\s*(?:(?:this|our|the|it|product|recipe|bar|is|are|guaranteed|certified|naturally|always|100\s?%|made|dieses|produkt|ist|von|natur|aus|ce|produit|est|garanti|prodotto|è|producto|es|produto|é|dit|product)\s+)*$/iu

/** Before a food that is the product itself: "this bar". [P] */
export const itselfWords = /(?<!\p{L})(?:this|these|our|dies\p{L}*|unser\p{L}*|cette?|ces|quest[oaei]|est[ae]s?|dit|deze|onze?)\s+$/iu

/** Right behind a name: made to stand in for it, of whatever that may be. [P] */
export const insteadWords =
  /^[\s-]*(?:(?:style|type|like)[\s-]+)*(?:style|type(?!\s*[t.]?\s*\d)|like|alternatives?|substitutes?|analogues?|replacers?|replacements?|imitations?|ersatz|substituts?|sostituto|sustituto|sucedáneo|vervanger)(?!\p{L})/iu

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
    words: 'vegans?|suitable\\s+for\\s+vegans?|vegane?[rs]?|végane?s?|végétaliens?|végétaliennes?|vegan[oa]s?|veganist\\w*',
    name: 'vegan',
    without: 'milk egg honey beeswax gelatine animal-fat insect-colour animal-other fish shellfish',
    source: '[P]; says nothing about traces',
  },
  {
    words: 'vegetarians?|suitable\\s+for\\s+vegetarians?|vegetarisch\\w*|vegetarier\\w*|végétariens?|végétariennes?|vegetarian[oa]s?|vegetariërs?',
    name: 'vegetarian',
    without: 'gelatine animal-fat insect-colour animal-other fish shellfish',
    source: '[P]',
  },
  { words: 'plant[-\\s]based', name: 'plant-based', without: 'milk egg', source: '[P]; not a word of the law' },
  { words: '(?:dairy|milk)[-\\s]free|milchfrei(?:e[mnrs]?)?|sans\\s+lait', name: 'dairy-free', without: 'milk', source: '[P]; may sit on a packet that holds casein' },
  { words: 'non[-\\s]?dairy', name: 'non-dairy', without: 'milk', weak: true, source: '[L] US: may hold casein' },
  {
    words: 'lactose[-\\s]free|laktosefrei\\w*|sans\\s+lactose|lactosevrij\\w*|senza\\s+lattosio|sin\\s+lactosa|sem\\s+lactose',
    name: 'lactose-free',
    without: '',
    source: '[P]; lactose-free milk is milk',
  },
  {
    words: 'gluten[-\\s]?free|glutenfrei\\w*|sans\\s+gluten|glutenvrij\\w*|senza\\s+glutine|sin\\s+gluten|sem\\s+glúten',
    name: 'gluten-free',
    without: 'gluten wheat rye barley',
    source: '[L] at most 20 mg/kg, EU 828/2014',
  },
  {
    words: '(?:suitable\\s+for\\s+)?c(?:o)?eliacs?|zöliakiebetroffene\\w*|zöliakie|cœliaques?|coeliaques?|celiac[io]|celíac[oa]s?|coeliakie\\w*',
    name: 'for coeliacs',
    without: 'gluten wheat rye barley',
    weak: true,
    source: '[P]',
  },
  { words: 'wheat[-\\s]free|weizenfrei(?:e[mnrs]?)?', name: 'wheat-free', without: 'wheat', source: '[P]' },
  { words: 'egg[-\\s]free|eggless|eifrei(?:e[mnrs]?)?|ohne\\s+ei|sans\\s+(?:œuf|oeuf)s?', name: 'egg-free', without: 'egg', source: '[P]' },
  { words: 'nut[-\\s]free|nussfrei(?:e[mnrs]?)?|sans\\s+fruits?\\s+à\\s+coque', name: 'nut-free', without: 'tree-nut peanut', source: '[P]' },
  { words: 'peanut[-\\s]free', name: 'peanut-free', without: 'peanut', source: '[P]' },
  { words: 'soya?[-\\s]free|sojafrei(?:e[mnrs]?)?|sans\\s+soja', name: 'soy-free', without: 'soy', source: '[P]' },
  { words: 'tree[-\\s]nuts?[-\\s]free', name: 'tree-nut-free', without: 'tree-nut', source: '[P]' },
  { words: 'shell\\s?fish[-\\s]free|crustacean[-\\s]free', name: 'shellfish-free', without: 'crustacean mollusc shellfish', source: '[P]' },
  { words: "cow[’']?s[-\\s]milk[-\\s]free", name: 'free of cow’s milk', without: '', source: '[P]; may hold goat’s or sheep’s' },
  { words: 'sesame[-\\s]free', name: 'sesame-free', without: 'sesame', source: '[P]' },
  { words: 'hazelnut[-\\s]free|haselnussfrei(?:e[mnrs]?)?', name: 'hazelnut-free', without: 'hazelnut', source: '[P]' },
  { words: 'almond[-\\s]free|mandelfrei(?:e[mnrs]?)?', name: 'almond-free', without: 'almond', source: '[P]' },
  { words: 'erdnussfrei(?:e[mnrs]?)?', name: 'peanut-free', without: 'peanut', source: '[P]' },
  { words: 'sesamfrei(?:e[mnrs]?)?', name: 'sesame-free', without: 'sesame', source: '[P]' },
  { words: 'lupin[-\\s]free|lupinenfrei(?:e[mnrs]?)?', name: 'lupin-free', without: 'lupin', source: '[P]' },
  { words: 'mustard[-\\s]free|senffrei(?:e[mnrs]?)?', name: 'mustard-free', without: 'mustard', source: '[P]' },
  { words: 'celery[-\\s]free|selleriefrei(?:e[mnrs]?)?', name: 'celery-free', without: 'celery', source: '[P]' },
  { words: 'fish[-\\s]free|fischfrei(?:e[mnrs]?)?', name: 'fish-free', without: 'fish', source: '[P]' },
  { words: 'oat[-\\s]free|haferfrei(?:e[mnrs]?)?', name: 'oat-free', without: 'oat', source: '[P]' },
  { words: 'rye[-\\s]free|roggenfrei(?:e[mnrs]?)?', name: 'rye-free', without: 'rye', source: '[P]' },
  { words: 'coconut[-\\s]free|kokosfrei(?:e[mnrs]?)?', name: 'coconut-free', without: 'coconut', source: '[P]' },
  { words: 'allergen[-\\s]free|free\\s+from\\s+(?:the\\s+)?(?:14\\s+)?(?:major\\s+|main\\s+)?allergens', name: 'allergen-free', without: '', source: '[P]; six different things, none of them this' },
  { words: 'alcohol[-\\s]free|alkoholfrei(?:e[mnrs]?)?|sans\\s+alcool', name: 'alcohol-free', without: 'alcohol', source: '[P]' },
  { words: 'sugar[-\\s]free|fat[-\\s]free|salt[-\\s]free|caffeine[-\\s]free|gmo[-\\s]free|zuckerfrei(?:e[mnrs]?)?', name: 'free of something else', without: '', source: '[P]' },
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
