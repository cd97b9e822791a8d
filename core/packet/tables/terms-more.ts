import type { TermRow } from './terms'

/**
 * Words of packet statements and what they bring, in Italian, Spanish, Portuguese and Dutch; the law's fourteen with their usual
 * compounds, and longer names that keep a shorter word inside them from being found. Sources as in terms.ts.
 */
export const moreTerms: readonly TermRow[] = [
  // Longer names that hold a shorter word which would alarm.
  { words: 'burro di cacao | manteca de cacao | manteiga de cacau | cacaoboter | burro di karité | manteca de karité | manteiga de karité | sheaboter | karitéboter', source: '[P]' },
  {
    words:
      'cacao magro | cacao in polvere | pasta di cacao | massa di cacao | pasta de cacao | cacao en polvo | cacao desgrasado | pasta de cacau | cacau | cacau em pó | cacau magro | cacaomassa | cacaopoeder | magere cacao | cacaodeeg',
    holds: 'cocoa',
    source: '[P]',
  },
  {
    words:
      'latte di cocco | cocco | estratto di cocco | olio di cocco | farina di cocco | leche de coco | coco | extracto de coco | aceite de coco | leite de coco | extrato de coco | óleo de coco | kokosmelk | kokosextract | kokosolie | kokosvet | kokos | kokosmeel | kokosrasp | crema di cocco | crema de coco | creme de coco | kokosroom',
    holds: 'coconut',
    source: '[P]; its own entry',
  },
  {
    words:
      'latte di riso | bevanda di riso | leche de arroz | bebida de arroz | leite de arroz | rijstmelk | rijstdrank | noce moscata | nuez moscada | noz moscada | nootmuskaat | muskaatnoot | cremor tartaro | crémor tártaro | cremor tártaro | wijnsteen | acido lattico | ácido láctico | melkzuur | lattato di calcio | lactato de calcio | sago',
    source: '[P]',
  },
  {
    words: 'grano saraceno | farina di grano saraceno | trigo sarraceno | alforfón | trigo mourisco | farinha de trigo sarraceno | boekweit | boekweitmeel',
    holds: 'buckwheat',
    source: '[P] no wheat',
  },
  {
    words:
      'farina di riso | farina di tapioca | farina di patate | harina de arroz | harina de tapioca | farinha de arroz | farinha de mandioca | farina di miglio | farina di teff | rijstmeel | rijstebloem | aardappelmeel | tapiocameel | gierstmeel | farina di quinoa | farina di sorgo',
    source: '[P]',
  },
  { words: 'farina di castagne | castagne | castañas | castanha | castanhas | kastanjes | harina de castaña', holds: 'chestnut', source: '[P]' },
  { words: 'dough conditioner | dough conditioners | dough strengthener | dough improver', source: '[P] additives; what they are stands in brackets' },

  // Milk.
  {
    words:
      'latte | latte intero | latte scremato | latte in polvere | latte scremato in polvere | latte intero in polvere | latte condensato | burro | burro anidro | burro concentrato | panna | panna fresca | panna acida | siero di latte | siero di latte in polvere | siero del latte | proteine del latte | proteine di latte | lattosio | formaggio | formaggio fresco | mascarpone | ricotta | mozzarella | parmigiano | yogurt | caseina | caseinato di sodio | caseinati | latticello | latticini | crema di latte | cioccolato al latte | cioccolato bianco | grasso del latte | gelato',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words:
      'leche | leche entera | leche desnatada | leche en polvo | leche desnatada en polvo | leche entera en polvo | leche condensada | mantequilla | mantequilla concentrada | mantequilla anhidra | nata | nata agria | nata en polvo | suero de leche | suero de leche en polvo | suero lácteo | lactosuero | proteínas de la leche | proteína de leche | proteínas lácteas | lactosa | queso | queso fresco | requesón | yogur | caseína | caseinato | caseinato sódico | caseinatos | suero de mantequilla | productos lácteos | lácteos | dulce de leche | chocolate con leche | chocolate blanco | grasa láctea | grasa de leche | cuajada | helado',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words:
      'leite | leite gordo | leite magro | leite em pó | leite magro em pó | leite gordo em pó | leite condensado | manteiga | manteiga concentrada | nata | natas | soro de leite | soro de leite em pó | soro lácteo | proteínas do leite | proteína do leite | lactose | queijo | queijo fresco | requeijão | iogurte | caseína | caseinato | soro de manteiga | lacticínios | laticínios | produtos lácteos | chocolate de leite | chocolate branco | gordura láctea | gordura do leite | gelado',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words:
      'melk | koemelk | volle melk | magere melk | melkpoeder | magere melkpoeder | volle melkpoeder | melkeiwit | melkeiwitten | melksuiker | melkvet | boter | roomboter | boterconcentraat | botervet | room | slagroom | zure room | roompoeder | wei | weipoeder | zoete weipoeder | wei eiwit | weieiwit | lactose | kaas | kaaspoeder | roomkaas | kwark | yoghurt | yoghurtpoeder | caseïne | caseïnaat | natriumcaseïnaat | karnemelk | karnemelkpoeder | zuivel | melkproducten | melkbestanddelen | melkchocolade | witte chocolade | gecondenseerde melk | vla',
    holds: 'milk',
    source: '[L] [P]',
  },
  { words: 'fermenti lattici | fermentos lácticos | melkzuurbacteriën | melkzuurculturen', open: 'milk', source: '[P]' },

  // Egg.
  {
    words:
      'uovo | uova | uova intere | uova fresche | albume | albume d’uovo | albume in polvere | tuorlo | tuorlo d’uovo | tuorli | uovo in polvere | uova in polvere | bianco d’uovo | albumina | albume d’uovo in polvere',
    holds: 'egg',
    source: '[L] [P]',
  },
  {
    words:
      'huevo | huevos | huevo entero | huevo líquido | huevo en polvo | huevo pasteurizado | clara de huevo | claras de huevo | clara de huevo en polvo | yema de huevo | yemas de huevo | yema | albúmina | albúmina de huevo | ovoproductos',
    holds: 'egg',
    source: '[L] [P]',
  },
  {
    words: 'ovo | ovos | ovo inteiro | ovo líquido | ovo em pó | ovo pasteurizado | clara de ovo | claras de ovo | clara de ovo em pó | gema de ovo | gemas de ovo | gema | albumina | ovoprodutos',
    holds: 'egg',
    source: '[L] [P]',
  },
  {
    words: 'ei | eieren | heel ei | kippenei | scharrelei | eigeel | eierdooier | eiwit | eiwitpoeder van ei | kippeneiwit | eipoeder | heeleipoeder | eigeelpoeder | eiwitpoeder | ei eiwit',
    holds: 'egg',
    source: '[L] [P]',
  },

  // Cereals with gluten.
  {
    words:
      'frumento | grano | grano tenero | grano duro | farina di frumento | farina di grano | farina di grano tenero | farina di grano tenero tipo 00 | farina integrale | semola | semola di grano duro | semolino | amido di frumento | glutine di frumento | crusca di frumento | germe di grano | farro | farina di farro | kamut | pangrattato | cuscus | glutine di grano | fibra di frumento',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'trigo | harina de trigo | harina | harina integral | sémola | sémola de trigo | sémola de trigo duro | trigo duro | almidón de trigo | gluten de trigo | salvado de trigo | germen de trigo | espelta | harina de espelta | pan rallado | proteína de trigo | fibra de trigo',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'farinha de trigo | farinha | farinha integral | sêmola | sêmola de trigo | trigo duro | amido de trigo | glúten de trigo | farelo de trigo | gérmen de trigo | farinha de espelta | pão ralado | proteína de trigo',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'tarwe | tarwebloem | tarwemeel | bloem | patentbloem | zelfrijzend bakmeel | volkorenmeel | tarwezetmeel | tarwegluten | tarwezemelen | tarwekiemen | tarwegries | griesmeel | durumtarwe | harde tarwe | spelt | speltmeel | speltbloem | volkoren tarwemeel | paneermeel | beschuit | tarwevezel | tarwe eiwit',
    holds: 'wheat',
    source: '[L]',
  },
  { words: 'glutine | glúten | glutenhaltiges getreide | glutenhaltige getreide | céréales contenant du gluten', holds: 'gluten', source: '[L]' },
  {
    words: 'cereali contenenti glutine | cereales que contienen gluten | cereales con gluten | cereais que contêm glúten | glutenbevattende granen | granen die gluten bevatten',
    holds: 'gluten',
    source: '[L]',
  },
  { words: 'segale | farina di segale | centeno | harina de centeno | centeio | farinha de centeio | rogge | roggemeel | roggebloem', holds: 'rye', source: '[L]' },
  {
    words:
      'orzo | malto d’orzo | estratto di malto | estratto di malto d’orzo | malto | farina d’orzo | cebada | malta de cebada | extracto de malta | extracto de malta de cebada | malta | harina de cebada | cevada | malte | malte de cevada | extrato de malte | extrato de malte de cevada | gerst | gerstemout | gerstemoutextract | mout | moutextract | gerstemeel | cerveza | birra | bier | cerveja',
    holds: 'barley',
    source: '[L] [P]',
  },
  {
    words:
      'avena | fiocchi d’avena | farina d’avena | crusca d’avena | copos de avena | harina de avena | salvado de avena | aveia | flocos de aveia | farinha de aveia | haver | havervlokken | havermout | havermeel | haverzemelen | haverdrank',
    holds: 'oat',
    source: '[L]',
  },
  {
    words:
      'amido | amido modificato | amido modificado | almidón | almidón modificado | zetmeel | gemodificeerd zetmeel | fécula | fibra vegetale | fibra vegetal | cereali | cereales | cereais | granen | destrina | dextrina | dextrine',
    open: 'wheat',
    origin: true,
    source: '[P]; the law of the EU asks to name wheat',
  },
  {
    words:
      'amido di riso | amido di tapioca | fecola | fecola di patate | fecola di tapioca | almidón de arroz | almidón de patata | fécula de patata | fécula de tapioca | fécula de mandioca | amido de arroz | amido de batata | fécula de batata | aardappelzetmeel | rijstzetmeel | tapiocazetmeel',
    source: '[P] the plant is named',
  },
  {
    words:
      'mais | amido di mais | farina di mais | harina de maíz | farinha de milho | amido di mais modificato | amido de milho | amido de milho modificado | milho | almidón de maíz | almidón modificado de maíz | maíz | maïs | maïszetmeel | gemodificeerd maïszetmeel | maïsmeel | polenta | xarope de milho',
    holds: 'corn',
    source: '[P]',
  },
  {
    words:
      'sciroppo di glucosio | sciroppo di glucosio-fruttosio | glucosio | fruttosio | destrosio | maltodestrine | maltodestrina | jarabe de glucosa | jarabe de glucosa-fructosa | jarabe de glucosa y fructosa | glucosa | fructosa | dextrosa | maltodextrina | xarope de glucose | xarope de glucose-frutose | glucosestroop | glucose-fructosestroop | fructosestroop | zucchero invertito | sciroppo di zucchero invertito | azúcar invertido | açúcar invertido | invertsuikerstroop',
    source: '[L] exempt, Annex II 1 (a)–(c)',
  },
  {
    words: 'proteine vegetali | proteína vegetal | proteínas vegetales | proteínas vegetais | plantaardig eiwit | plantaardige eiwitten | proteine vegetali idrolizzate',
    open: 'soy wheat pea lupin',
    origin: true,
    source: '[P]',
  },

  // Soy.
  {
    words:
      'soia | semi di soia | lecitina di soia | lecitine di soia | farina di soia | proteine di soia | olio di soia | latte di soia | bevanda di soia | lecitina de soja | lecitinas de soja | habas de soja | proteína de soja | proteínas de soja | aceite de soja | harina de soja | leche de soja | bebida de soja | semillas de soja | feijão de soja | grãos de soja | óleo de soja | farinha de soja | leite de soja | sojaboon | sojabonen | sojalecithine | sojalecithinen | sojaeiwit | sojaolie | sojameel | sojamelk | sojadrank | sojasaus | salsa di soia | salsa de soja | molho de soja | tofu',
    holds: 'soy',
    source: '[L] [P]',
  },
  { words: 'lecitina | lecitine | lecitinas', open: 'soy egg', origin: true, source: '[P] soy or egg, unless another source is named' },
  { words: 'lecitina di girasole | lecitine di girasole | lecitina de girasol | lecitina de girassol | zonnebloemlecithine', holds: 'sunflower', source: '[P]' },
  {
    words:
      'oli vegetali | olio vegetale | grassi vegetali | oli e grassi vegetali | grasso vegetale | aceites vegetales | aceite vegetal | grasas vegetales | grasa vegetal | óleos vegetais | óleo vegetal | gorduras vegetais | gordura vegetal | plantaardige oliën | plantaardige olie | plantaardig vet | plantaardige vetten | plantaardige oliën en vetten',
    open: 'soy',
    origin: true,
    source: '[P]',
  },
  { words: 'margarina', open: 'milk soy', origin: true, source: '[P]' },

  // Nuts and peanut.
  {
    words:
      'frutta a guscio | frutta secca a guscio | altra frutta a guscio | frutos de cáscara | frutos secos | frutos secos de cáscara | otros frutos de cáscara | frutos de casca rija | outros frutos de casca rija | frutos secos de casca rija | noten | notenmix | andere noten | schaalvruchten',
    holds: 'tree-nut',
    source: '[L] peanut is named for itself',
  },
  {
    words:
      'mandorla | mandorle | farina di mandorle | latte di mandorla | pasta di mandorle | marzapane | almendra | almendras | harina de almendra | leche de almendra | mazapán | amêndoa | amêndoas | farinha de amêndoa | maçapão | amandel | amandelen | amandelmeel | amandelspijs | amandeldrank | marsepein',
    holds: 'almond',
    source: '[L] [P]',
  },
  {
    words:
      'nocciola | nocciole | pasta di nocciole | granella di nocciole | avellana | avellanas | pasta de avellanas | avelã | avelãs | pasta de avelã | hazelnoot | hazelnoten | hazelnootpasta | gianduia',
    holds: 'hazelnut',
    source: '[L]',
  },
  { words: 'noce | noci | gherigli di noce | nuez | nueces | noz | nozes | walnoot | walnoten', holds: 'walnut', source: '[L]; the bare word is walnut' },
  { words: 'anacardi | anacardo | anacardos | caju | cajus | castanha de caju | cashewnoot | cashewnoten', holds: 'cashew', source: '[L]' },
  { words: 'noci pecan | noce pecan | nuez pecana | nueces pecanas | nueces de pecán | noz pecã | nozes pecã | pecannoot | pecannoten', holds: 'pecan', source: '[L]' },
  { words: 'pistacchio | pistacchi | pasta di pistacchio | pistacho | pistachos | pistácio | pistácios | pistachenoot | pistachenoten', holds: 'pistachio', source: '[L]' },
  { words: 'noci del brasile | nueces de brasil | castanha do brasil | castanhas do brasil | paranoot | paranoten', holds: 'brazil', source: '[L]' },
  { words: 'noci macadamia | noci di macadamia | nueces de macadamia | nozes de macadâmia | macadâmia | macadamianoot | macadamianoten', holds: 'macadamia', source: '[L]' },
  { words: 'pinoli | piñones | pinhões | pijnboompitten', holds: 'pine', source: '[P]' },
  {
    words:
      'arachide | arachidi | burro di arachidi | olio di arachidi | cacahuete | cacahuetes | cacahuate | maní | manteca de cacahuete | crema de cacahuete | aceite de cacahuete | amendoim | amendoins | manteiga de amendoim | óleo de amendoim | pinda | pinda’s | pindas | pindakaas | pindaolie | aardnoot | aardnoten',
    holds: 'peanut',
    source: '[L]',
  },

  // Seeds, legumes, the rest of the law's list.
  {
    words: 'sesamo | semi di sesamo | olio di sesamo | sésamo | semillas de sésamo | ajonjolí | aceite de sésamo | sementes de sésamo | óleo de sésamo | gergelim | sesamzaad | sesamolie | sesampasta',
    holds: 'sesame',
    source: '[L]',
  },
  {
    words: 'lupino | lupini | farina di lupini | farina di lupino | altramuz | altramuces | harina de altramuz | tremoço | tremoços | farinha de tremoço | lupinemeel | lupinebloem',
    holds: 'lupin',
    source: '[L]',
  },
  {
    words: 'sedano | sedano rapa | semi di sedano | apio | sal de apio | semillas de apio | aipo | aipo-rábano | selderij | selderie | knolselderij | bleekselderij | selderijzout | selderijzaad',
    holds: 'celery',
    source: '[L]',
  },
  {
    words: 'senape | semi di senape | farina di senape | mostaza | granos de mostaza | semillas de mostaza | mostarda | sementes de mostarda | mosterd | mosterdzaad | mosterdmeel',
    holds: 'mustard',
    source: '[L]',
  },
  {
    words:
      'anidride solforosa | solfiti | metabisolfito di sodio | metabisolfito di potassio | dióxido de azufre | sulfitos | anhídrido sulfuroso | metabisulfito sódico | metabisulfito potásico | metabisulfito de sodio | dióxido de enxofre | anidrido sulfuroso | zwaveldioxide | sulfiet | sulfieten | natriummetabisulfiet | kaliummetabisulfiet',
    holds: 'sulphite',
    source: '[L]',
  },
  {
    words:
      'pesce | pesci | acciuga | acciughe | tonno | salmone | merluzzo | pescado | peixe | anchoa | anchoas | atún | salmón | bacalao | anchova | anchovas | atum | salmão | bacalhau | vis | ansjovis | tonijn | zalm | kabeljauw | visgelatine',
    holds: 'fish',
    source: '[L]',
  },
  {
    words: 'crostacei | gamberi | gamberetti | granchio | crustáceos | gambas | langostinos | cangrejo | camarão | camarões | caranguejo | schaaldieren | garnalen | garnaal | krab',
    holds: 'crustacean',
    source: '[L]',
  },
  {
    words: 'molluschi | cozze | vongole | calamari | moluscos | mejillones | almejas | calamares | mexilhões | amêijoas | lulas | weekdieren | mosselen | oesters | inktvis',
    holds: 'mollusc',
    source: '[L]',
  },
  {
    words:
      'ceci | farina di ceci | garbanzo | garbanzos | harina de garbanzo | harina de garbanzos | grão de bico | grão-de-bico | farinha de grão-de-bico | kikkererwt | kikkererwten | kikkererwtenmeel',
    holds: 'chickpea',
    source: '[P]',
  },
  {
    words: 'piselli | proteine di piselli | guisante | guisantes | proteína de guisante | ervilha | ervilhas | proteína de ervilha | erwten | erwt | erwteneiwit | erwtenvezel',
    holds: 'pea',
    source: '[P]',
  },
  { words: 'lenticchie | fagioli | fave | lentejas | judías | alubias | lentilhas | feijão | linzen | bonen | tuinbonen', holds: 'bean', source: '[P]' },
  { words: 'semi di lino | linaza | semillas de lino | linhaça | sementes de linhaça | lijnzaad', holds: 'flax', source: '[P]' },
  { words: 'semi di chia | semillas de chía | chía | sementes de chia | chiazaad', holds: 'chia', source: '[P]' },
  {
    words:
      'girasole | olio di girasole | olio di semi di girasole | semi di girasole | girasol | aceite de girasol | semillas de girasol | girassol | óleo de girassol | sementes de girassol | zonnebloem | zonnebloemolie | zonnebloempitten',
    holds: 'sunflower',
    source: '[P]',
  },
  { words: 'semi di zucca | pipas de calabaza | semillas de calabaza | sementes de abóbora | pompoenpitten', holds: 'pumpkin-seed', source: '[P]' },
  { words: 'semi di papavero | semillas de amapola | sementes de papoila | maanzaad', holds: 'poppy', source: '[P]' },

  // What diets leave out, and words that leave open what was used.
  { words: 'miele | mel | honing', holds: 'honey', source: '[D]' },
  { words: 'cera d’api | cera de abejas | cera de abelha | bijenwas', holds: 'beeswax', source: '[D]' },
  {
    words:
      'gelatina | gelatina di suino | gelatina di bovino | gelatina alimentare | gelatina de cerdo | gelatina de vacuno | gelatina de porco | gelatina de bovino | rundergelatine | varkensgelatine',
    holds: 'gelatine',
    open: 'pork beef fish',
    origin: true,
    source: '[D]',
  },
  { words: 'sugna | manteca | rundvet | sebo', holds: 'animal-fat', source: '[D]' },
  { words: 'cocciniglia | carminio | gommalacca | cochinilla | carmín | goma laca | cochonilha | karmijn | cochenille | schellak', holds: 'insect-colour', source: '[D]' },
  {
    words:
      'mono- e digliceridi degli acidi grassi | mono- e digliceridi | mono y diglicéridos de ácidos grasos | mono- y diglicéridos de ácidos grasos | mono e diglicéridos de ácidos gordos | mono- en diglyceriden van vetzuren | glicerina | glicerolo | glycerine',
    open: 'animal-fat',
    origin: true,
    source: '[P]',
  },
  { words: 'alcol | vino | liquore | vinho | licor | vino blanco | wijn | álcool', holds: 'alcohol', source: '[D]' },
  {
    words: 'aroma | aromi | aromas | aroma naturale | aromi naturali | aroma natural | aromas naturales | aromas naturais | aroma’s | natuurlijk aroma | natuurlijke aroma’s',
    open: 'barley',
    source: '[L]',
  },
  { words: 'aroma naturale di vaniglia | aroma natural de vainilla | aroma de vainilla | aroma de baunilha | aroma naturale vaniglia | vanille-aroma | vanille aroma', source: '[P]' },
  { words: 'cioccolato | cioccolato fondente | chocolate negro | chocolate fondant | chocolade | pure chocolade | gocce di cioccolato | chocoladestukjes', open: 'milk soy', source: '[P]' },
  { words: 'brodo | caldo | bouillon | dado | groentebouillon', open: 'celery milk wheat', origin: true, source: '[P]' },
  { words: 'spezie | especias | especiarias | specerijen | kruiderij | kruiden | spezie miste', open: 'mustard celery', source: '[P]' },
  { words: 'turrón | turron | torrone', open: 'egg tree-nut almond', source: '[P]' },
  { words: 'colorante | coloranti | colorantes | corante | corantes | kleurstof | kleurstoffen', open: 'insect-colour', origin: true, source: '[P]' },
  { words: 'agente di rivestimento | agenti di rivestimento | agente de recubrimiento | agente de revestimento | glansmiddel', open: 'insect-colour beeswax', origin: true, source: '[P]' },
  { words: 'worcestersauce | salsa worcester', holds: 'fish', open: 'barley', source: '[P]' },
  { words: 'gelatina di suino | gelatina de cerdo | gelatina de porco | varkensgelatine', holds: 'gelatine pork', source: '[D]' },
  { words: 'gelatina di bovino | gelatina de vacuno | gelatina de bovino | rundergelatine', holds: 'gelatine beef', source: '[D]' },
  { words: 'strutto | manteca de cerdo | banha | reuzel', holds: 'animal-fat pork', source: '[D]' },
  { words: 'glicerol | glicerolo', open: 'animal-fat', source: '[P] as glycerine' },
  { words: 'frittierfett | frittieröl | siedefett | bratfett | bratöl | frying fat | frying oil | graisse de friture | frituurvet', open: 'soy animal-fat', source: '[P] of plants or of beef' },
  { words: 'pflanzenmargarine', open: 'milk soy', source: '[P] as margarine' },
  { words: 'ron', holds: 'alcohol', source: '[P]' },
]
