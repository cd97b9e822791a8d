/**
 * Words of packet statements and what they bring, in English, German and French. `holds` is always in it; `open` is in some
 * makes, and the words do not say; a row with neither is known to bring nothing, and keeps a shorter word inside it from
 * being found (cocoa butter, buckwheat, nutmeg). `origin`: a single word in brackets behind it says what it was made of.
 * Sources: [L] Regulation 1169/2011 Annex II with its exemptions, Directive 2008/100 (lists of E-numbers), FALCPA; [P] lists
 * that allergy advice hands out; [M] from memory.
 */
export interface TermRow {
  readonly words: string
  readonly holds?: string
  readonly open?: string
  /** Made of other things, as its own list says where there is one. */ readonly made?: true
  readonly origin?: true
  readonly source: string
}

export const termRows: readonly TermRow[] = [
  // Exceptions first to mind: longer names that hold a shorter word which would alarm.
  {
    words:
      'cocoa butter | cocoabutter | cacao butter | kakao butter | shea butter | karite butter | illipe butter | mango butter | kakaobutter | sheabutter | beurre de cacao | beurre de karité | beurre de karite',
    source: '[P]',
  },
  {
    words:
      'cocoa | cocoa mass | cocoa solids | cocoa powder | cocoa paste | cocoa liquor | cacao | kakao | kakaomasse | kakaopulver | kakaobohnen | kakaotrockenmasse | fettarmer kakao | pâte de cacao | poudre de cacao | fève de cacao | masse de cacao',
    holds: 'cocoa',
    source: '[P]',
  },
  {
    words:
      'crab apple | crab apples | oyster mushroom | oyster mushrooms | king oyster mushroom | king oyster mushrooms | lobster mushroom | doughnut peach | doughnut peaches | butterhead | butterhead lettuce | milk of magnesia | milk thistle | horse chestnut',
    source: '[P] fruits, mushrooms, plants and a mineral that are called so',
  },
  { words: 'erdmandel | erdmandeln | erdmandelmehl | chufa | chufas', source: '[P] tiger nut, a tuber' },
  { words: 'vanille bourbon | bourbon-vanille | bourbon vanilla | bourbon vanilla extract | bourbon vanilla powder | vainilla bourbon | vaniglia bourbon', source: '[P] of the island; no drink' },
  { words: 'mantequilla de cacao', holds: 'cocoa', source: '[P]' },
  { words: 'noce di cocco | nuez de coco | noz de coco', holds: 'coconut', source: '[P]; its own entry' },
  { words: 'cream of wheat', holds: 'wheat', source: '[P]' },
  { words: 'room temperature | at room | cool room | dry room | cold room', source: '[P] English; room is also cream in Dutch' },
  { words: 'mantequilla de cacahuete | mantequilla de maní | manteiga de amendoim', holds: 'peanut', source: '[P]' },
  { words: 'crème de marrons', holds: 'chestnut', source: '[P] a spread, no cream' },
  { words: 'crème de cassis | crème de menthe | crème de pêche | crème de mûre | crème de framboise', open: 'alcohol', source: '[P] a spread or a liqueur, no cream' },
  { words: 'crème de cacao', holds: 'cocoa', open: 'alcohol', source: '[P] a spread or a liqueur, no cream' },
  { words: 'cream of tartar | tartar cream | crème de tartre | creme de tartre | weinstein | weinsteinrahm', source: '[P]' },
  {
    words:
      'lactic acid | lactate | calcium lactate | sodium lactate | potassium lactate | lactylate | sodium stearoyl lactylate | calcium stearoyl lactylate | stearoyl lactylate | milchsäure | acide lactique | lactate de calcium',
    source: '[P] fermented from sugar or starch',
  },
  {
    words:
      'coconut | coconut extract | coconut water | coconut yoghurt | coconut milk | coconut cream | coconut butter | coconut oil | coconut flour | coconut sugar | coconut milk powder | creamed coconut | desiccated coconut | copra | kokosnuss | kokosnüsse | kokos | kokosmilch | kokosmilchpulver | kokosraspel | kokosfett | kokosöl | kokosflocken | kokoscreme | noix de coco | lait de coco | crème de coco | huile de coco | coco | coco râpée',
    holds: 'coconut',
    source: '[P]; its own entry',
  },
  { words: 'buckwheat | buckwheat flour | kasha | buchweizen | buchweizenmehl | sarrasin | farine de sarrasin | blé noir', holds: 'buckwheat', source: '[P] no wheat' },
  {
    words:
      'nutmeg | butternut | butternut squash | tiger nut | tigernut | water chestnut | nut grass | muskat | muskatnuss | muskatblüte | noce moscata | nuez moscada | noz moscada | nootmuskaat | erdmandel | noix de muscade | muscade | souchet | doum nut',
    source: '[P]',
  },
  { words: 'shea nut | shea | palm kernel | palm nut | kola nut | cola nut | betel nut | palmkern', source: '[P]' },
  { words: 'eggplant | egg plant | aubergine', source: '[P]' },
  { words: 'butter bean | butter beans | haricot butter bean', holds: 'bean', source: '[P]' },
  { words: 'product of brazil | from brazil | origin brazil | brazil origin | grown in brazil', source: '[P] the country' },
  { words: 'rice milk | rice drink | rice cream | lait de riz | reisdrink | reismilch | apple butter | plum butter | fruit butter | cookie dough flavour', source: '[P]' },
  { words: 'nut milk | nut drink', holds: 'tree-nut', source: '[P]' },
  { words: 'hazelnut milk | hazelnut drink', holds: 'hazelnut', source: '[P]' },
  { words: 'cashew milk | cashew drink', holds: 'cashew', source: '[P]' },
  { words: 'pea milk | pea drink', holds: 'pea', source: '[P]' },
  { words: 'sunflower butter | sunflower seed butter', holds: 'sunflower', source: '[P]' },
  {
    words:
      'vanilla | vanilla flavouring | vanilla flavour | vanilla flavor | natural vanilla flavouring | natural vanilla flavour | natural vanilla flavor | vanilla powder | vanilla pod | vanillin | ethyl vanillin',
    source: '[P]',
  },
  {
    words:
      'palm oil | palm fat | palm kernel oil | palm kernel fat | palm stearin | palm olein | cottonseed oil | rapeseed oil | canola oil | olive oil | rice bran oil | grapeseed oil | safflower oil',
    source: '[P]',
  },
  {
    words: 'rice protein | potato protein | canola protein | rapeseed protein | xanthan | xanthan gum | flavour enhancer | flavour enhancers | flavor enhancer',
    source: '[P]; what a gum was grown on is not in it, and soy would be named [L]',
  },
  { words: 'milk thistle | butter lettuce | buttercup | butterfly pea flower | milkweed | wheatgrass powder (gluten free)', source: '[P]' },
  {
    words:
      'sulphate | sulfate | sulphide | calcium sulphate | calcium sulfate | ammonium sulphate | ferrous sulphate | iron sulphate | sulfat | calciumsulfat | eisensulfat | sulfate de calcium | sulfate de fer',
    source: '[P] no sulphite',
  },
  { words: 'cream flavour without milk | creaming agent', source: '[P]' },

  // Milk.
  {
    words:
      'milk | skim milk | skimmed milk | whole milk | milk powder | skimmed milk powder | skim milk powder | whole milk powder | milk solids | nonfat milk | nonfat dry milk | milk protein | milk protein concentrate | milk fat | milkfat | anhydrous milk fat | amf | milk sugar | milk derivative | milk ingredients | modified milk ingredients | condensed milk | evaporated milk | buttermilk | butter milk | buttermilk powder | goat milk | goat’s milk | sheep milk | cow’s milk | buffalo milk | lactose-free milk | dairy | dairy products | dairy ingredients | milkshake powder',
    holds: 'milk',
    source: '[L]',
  },
  {
    words:
      'butter | butterfat | butter fat | butter oil | butter solids | butter powder | concentrated butter | clarified butter | ghee | beurre noisette | brown butter | buttercream | butterscotch | dulce de leche',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words: 'butter flavour | butter flavouring | natural butter flavour | artificial butter flavor | cheese flavour | cheese powder flavour | cream flavour | milk flavour | caramel flavour',
    open: 'milk',
    source: '[P]',
  },
  {
    words:
      'cream | cream powder | sour cream | whipping cream | clotted cream | crème fraîche | creme fraiche | dairy cream | half and half | custard powder mix with milk | ice cream | custard | kulfi | khoya | mawa | rabri',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words: 'whey | whey powder | sweet whey | whey protein | whey protein isolate | whey protein concentrate | whey solids | whey permeate | demineralised whey | dried whey | lactoserum',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words:
      'casein | rennet casein | acid casein | caseinate | sodium caseinate | calcium caseinate | potassium caseinate | magnesium caseinate | ammonium caseinate | micellar casein | casein hydrolysate | hydrolysed casein | paracasein | caseinogen',
    holds: 'milk',
    source: '[P]',
  },
  {
    words:
      'lactose | lactalbumin | alpha-lactalbumin | lactalbumin phosphate | lactoglobulin | beta-lactoglobulin | beta lactoglobulin | lactoferrin | lactulose | lactoperoxidase | galactooligosaccharide from milk | recaldent | milk minerals | dairy calcium',
    holds: 'milk',
    source: '[P]',
  },
  {
    words:
      'curd | curds | cheese | cream cheese | cottage cheese | cheese powder | quark | ricotta | mascarpone | parmesan | mozzarella | cheddar | feta | paneer | gouda | emmental | brie | camembert | fromage frais | yoghurt | yogurt | yoghurt powder | yogurt powder | kefir | lassi | skyr | labneh | ymer | junket',
    holds: 'milk',
    source: '[P]',
  },
  {
    words: 'milk chocolate | white chocolate | chocolat au lait | chocolat blanc | vollmilchschokolade | milchschokolade | weiße schokolade | alpenmilchschokolade',
    holds: 'milk',
    open: 'soy',
    source: '[P]',
  },
  { words: 'simplesse', holds: 'milk egg', source: '[M]' },
  {
    words:
      'creamer | coffee creamer | non-dairy creamer | nondairy creamer | whitener | lactic acid starter culture | lactic acid culture | lactic culture | starter culture | bacterial culture | probiotic culture | lactitol | tagatose | lactic ferment',
    open: 'milk',
    source: '[P]; “non-dairy” may hold casein',
  },
  {
    words:
      'milch | vollmilch | magermilch | magermilchpulver | vollmilchpulver | milchpulver | milcheiweiß | milchprotein | milchzucker | milchbestandteile | milcherzeugnis | milcherzeugnisse | sahne | sahnepulver | schlagsahne | rahm | rahmpulver | schmand | molke | molkenpulver | molkepulver | süßmolkenpulver | süßmolkepulver | molkenerzeugnis | molkeneiweiß | molkenprotein | butterreinfett | butterfett | buttermilchpulver | butterschmalz | milchfett | laktose | kasein | käse | frischkäse | quark | topfen | joghurt | joghurtpulver | magermilchjoghurt | sauermilch | dickmilch | kondensmilch | obers | schlagobers | kuhmilch | ziegenmilch | schafmilch',
    holds: 'milk',
    source: '[L] [P]',
  },
  {
    words:
      'lait | lait entier | lait écrémé | lait demi-écrémé | lait en poudre | lait écrémé en poudre | lait entier en poudre | poudre de lait | poudre de lait écrémé | poudre de lait entier | lactosérum | petit-lait | petit lait | lactosérum en poudre | poudre de lactosérum | protéines de lait | protéine de lait | protéines laitières | produits laitiers | beurre | beurre concentré | beurre pâtissier | matière grasse laitière | matière grasse de lait | matière grasse lactique | matière grasse butyrique | matière grasse du lait | crème | crème en poudre | babeurre | babeurre en poudre | caséine | caséinate | caséinates de lait | fromage | fromage blanc | yaourt | lait concentré | ferments lactiques du lait | lait de vache | lait de chèvre | lait de brebis',
    holds: 'milk',
    source: '[L] [P]',
  },
  { words: 'ferments lactiques | ferment lactique | milchsäurekulturen | milchsäurebakterien | joghurtkulturen', open: 'milk', source: '[P]' },

  // Egg.
  {
    words:
      'egg | eggs | whole egg | egg white | egg yolk | egg powder | dried egg | dried whole egg | egg white powder | egg solids | egg protein | egg albumen | albumen | albumin | pasteurised egg | free range egg | barn egg | liquid egg | hen’s egg | ovalbumin | ovomucoid | ovomucin | ovotransferrin | conalbumin | ovoglobulin | ovovitellin | vitellin | apovitellin | livetin | lysozyme | egg lysozyme | egg lecithin | lecithin from egg | meringue | meringue powder | mayonnaise | eggnog | advocaat | egg wash | egg product | egg substitute | silici albuminate',
    holds: 'egg',
    source: '[L] [P]',
  },
  {
    words:
      'ei | eier | vollei | volleipulver | eigelb | eigelbpulver | eiweiß aus ei | hühnerei | hühnereiweiß | hühnereiweißpulver | hühnerei-eiweißpulver | hühnereigelb | hühnervollei | hühnervolleipulver | eiklar | eipulver | eipulver aus bodenhaltung | trockenei | trockeneiweiß | eidotter | eialbumin | eierlikör | eiweißpulver aus hühnerei | lysozym',
    holds: 'egg',
    source: '[L] [P]',
  },
  { words: 'eiweiß | eiweißpulver | eiweiss', open: 'egg milk soy', origin: true, source: '[P] protein, or the white of an egg' },
  {
    words:
      'oeuf | œuf | oeufs | œufs | oeuf entier | œufs entiers | blanc d’oeuf | blanc d’œuf | blanc d oeuf | jaune d’oeuf | jaune d’œuf | jaunes d’œufs | poudre d’oeuf | poudre de blanc d’œuf | oeuf en poudre | blanc d’œuf en poudre | œuf entier en poudre | albumine | ovalbumine | lysozyme d’œuf',
    holds: 'egg',
    source: '[L] [P]',
  },
  { words: 'nougat | torrone | turron', open: 'egg tree-nut', source: '[P]' },
  { words: 'marshmallow | guimauve', open: 'egg gelatine', source: '[P]' },

  // Cereals with gluten.
  {
    words:
      'wheat | wheat flour | wheat starch | wheat bran | wheat germ | wheat gluten | wheat protein | hydrolysed wheat protein | hydrolyzed wheat protein | wheat semolina | wheat malt | wheat fibre | wholewheat | whole wheat | wheat berries | wheat flakes | white flour | plain flour | self-raising flour | all-purpose flour | enriched flour | bleached flour | bread flour | cake flour | wholemeal flour | fortified flour | wheat maltodextrin | wheat glucose syrup | wheat dextrose | wheat grass | wheatgrass | wheat rusk',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'spelt | spelt flour | dinkel | dinkelmehl | dinkelvollkornmehl | kamut | khorasan | khorasan wheat | emmer | einkorn | durum | durum wheat | durum semolina | semolina | couscous | bulgur | bulgar | farro | freekeh | farina | graham | graham flour | seitan | triticale | vital wheat gluten',
    holds: 'wheat',
    source: '[L] [P]',
  },
  {
    words:
      'graham cracker | matzo | matzah | panko | breadcrumb | breadcrumbs | bread crumb | rusk | biscuit | biscuits | cookie crumb | wafer | wafers | cracker | pretzel | croissant | filo | phyllo | brioche | sponge cake | ladyfinger | noodle | pasta | crouton | cake crumb | pie crust | doughnut | waffle | feuilletine | croustillant | paniermehl | semmelbrösel | zwieback | waffel | keks | kekse | biskuit | löffelbiskuit | nudeln | teigwaren | chapelure | biscuit | gaufrette | biscotte | pâtes',
    holds: 'wheat',
    made: true,
    source: '[L] [P]',
  },
  { words: 'flour | flours | flour blend | flour mix | mehl | mehlmischung | farine | farines', holds: 'wheat', made: true, source: '[L] a flour that is no wheat says of what it is' },
  { words: 'gluten', holds: 'gluten', source: '[L]' },
  { words: 'rye | rye flour | rye flakes | pumpernickel | roggen | roggenmehl | roggenvollkornmehl | seigle | farine de seigle', holds: 'rye', source: '[L]' },
  {
    words:
      'barley | barley malt | barley malt extract | barley flour | barley flakes | pearl barley | malt | malt extract | malted barley | malt syrup | malt flour | malt flavouring | malt flavour | malt powder | malted | malt vinegar | barley malt vinegar | barley malt flour | beer | ale | stout | lager | brewer’s yeast | brewers yeast | yeast extract from barley | gerste | gerstenmalz | gerstenmalzextrakt | gerstenmehl | gerstengrütze | malz | malzextrakt | gerstenmalzmehl | malzmehl | bier | bierhefe | orge | orge malté | malt d’orge | extrait de malt | extrait de malt d’orge | farine d’orge | malt d orge',
    holds: 'barley',
    source: '[L] [P]',
  },
  {
    words:
      'oat | oats | oatmeal | oat flour | oat bran | oat flakes | rolled oats | oat fibre | oat milk | oat drink | oat cream | oat syrup | hafer | haferflocken | hafermehl | haferkleie | hafervollkornflocken | haferdrink | avoine | flocons d’avoine | farine d’avoine | son d’avoine',
    holds: 'oat',
    source: '[L]',
  },
  {
    words:
      'weizen | weizenmehl | weizenstärke | weizenkleie | weizenkeime | weizengluten | weizeneiweiß | weizenprotein | weizenvollkornmehl | weizengrieß | hartweizengrieß | hartweizen | weizenmalz | weizenmalzmehl | weizenquellmehl | weizenröstmalz | grieß | grünkern | seitan | einkorn | emmer | weizenglukosesirup | weizenfaser',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'blé | froment | farine de blé | farine de froment | amidon de blé | gluten de blé | protéines de blé | son de blé | germe de blé | semoule | semoule de blé | semoule de blé dur | blé dur | épeautre | farine d’épeautre | boulgour | sirop de glucose de blé | blé complet | petit épeautre | engrain',
    holds: 'wheat',
    source: '[L]',
  },
  {
    words:
      'rice flour | potato flour | tapioca flour | cassava flour | sorghum flour | teff flour | millet flour | quinoa flour | amaranth flour | plantain flour | arrowroot flour | tigernut flour | reismehl | kartoffelmehl | hirsemehl | farine de riz | farine de manioc',
    source: '[P]',
  },
  {
    words:
      'modified starch | starch | modified food starch | food starch | stärke | modifizierte stärke | amidon | amidon modifié | amidon transformé | vegetable starch | dextrin | gelatinised starch | pregelatinised starch | cereal | cereals | cereal flour | cereal syrup | bran | fibre from cereal | vegetable fibre | getreide | céréales | céréale',
    open: 'wheat',
    origin: true,
    source: '[P]; the law of the EU asks to name wheat, others do not',
  },
  {
    words:
      'glucose syrup | glucose-fructose syrup | fructose-glucose syrup | glucose | dextrose | maltodextrin | maltitol | maltose | fructose | isomalt | isomaltulose | sorbitol | mannitol | polydextrose | maltitol syrup | glukosesirup | glukose-fruktose-sirup | glucose-fruktose-sirup | fruktose | traubenzucker | sirop de glucose | sirop de glucose-fructose | sirop de fructose | maltodextrine | invert sugar syrup | invertzuckersirup | sucre inverti | sirop de sucre inverti | malto-dextrin',
    source: '[L] wheat- and barley-based glucose syrups and maltodextrins are exempt, Annex II 1 (a)–(c)',
  },
  {
    words:
      'hydrolysed vegetable protein | hydrolyzed vegetable protein | hvp | vegetable protein | textured vegetable protein | tvp | textured protein | plant protein | protein isolate | hydrolysed protein | hydrolyzed protein | hydrolysed plant protein | pflanzeneiweiß | pflanzenprotein | pflanzliches eiweiß | protéines végétales | protéine végétale | protéines végétales hydrolysées',
    open: 'soy wheat pea lupin',
    origin: true,
    source: '[P]',
  },

  // Soy.
  {
    words:
      'soy | soya | soybean | soybeans | soya bean | soya beans | soy bean | soy flour | soya flour | soy protein | soya protein | soy protein isolate | soya protein isolate | soy lecithin | soya lecithin | soybean lecithin | lecithin from soya | lecithin from soy | soybean oil | soya oil | soy oil | soya bean oil | hydrogenated soybean oil | soya milk | soy milk | soya drink | soy drink | soy cream | soya cream | soy yoghurt | soya fibre | edamame | tofu | tempeh | miso | natto | okara | tamari | bean curd | yuba | glycine max | textured soya | textured soy protein | soja | sojabohne | sojabohnen | sojamehl | sojaeiweiß | sojaprotein | sojalecithin | sojalecithine | sojaöl | sojadrink | sojagrieß | lecithin aus soja | lécithine de soja | lécithines de soja | protéines de soja | farine de soja | graines de soja | huile de soja | fèves de soja | lait de soja',
    holds: 'soy',
    source: '[L] [P]',
  },
  { words: 'soy sauce | soya sauce | shoyu | sojasauce | sauce soja', holds: 'soy', open: 'wheat', source: '[P]' },
  { words: 'lecithin | lecithins | lecithine | lécithine | lécithines | emulgator lecithin', open: 'soy egg', origin: true, source: '[P] soy or egg, unless another source is named' },
  {
    words: 'sunflower lecithin | sunflower lecithins | sonnenblumenlecithin | sonnenblumenlecithine | lécithine de tournesol | lécithines de tournesol | lecithin from sunflower',
    holds: 'sunflower',
    source: '[P]',
  },
  { words: 'rapeseed lecithin | canola lecithin | rape lecithin | rapslecithin | lécithine de colza | lécithines de colza', source: '[P]' },
  { words: 'tocopherol | natural vitamin e | mixed tocopherols | vitamin e | phytosterol', source: '[L] exempt where made of soy, Annex II 6 (b)' },
  {
    words:
      'vegetable oil | vegetable oils | vegetable fat | vegetable fats | hydrogenated vegetable oil | partially hydrogenated vegetable oil | fully hydrogenated vegetable oil | shortening | vegetable shortening | pflanzenfett | pflanzenöl | pflanzliche fette | pflanzliche öle | pflanzliches fett | pflanzliches öl | huile végétale | huiles végétales | graisse végétale | graisses végétales | matière grasse végétale | matières grasses végétales',
    open: 'soy',
    origin: true,
    source: '[P]',
  },
  { words: 'margarine | margarine végétale', open: 'milk soy', source: '[P]' },

  // Nuts and peanut.
  {
    words:
      'nut | nuts | tree nut | tree nuts | treenut | treenuts | mixed nuts | nut paste | nut oil | nut butter | nut meal | nut flour | chopped nuts | other nuts | nut pieces | nut kernels | nuss | nüsse | nüssen | schalenfrucht | schalenfrüchte | schalenfrüchten | nusskerne | nusskernen | andere nüsse | anderen nüssen | anderen schalenfrüchten | fruits à coque | fruit à coque | autres fruits à coque | fruits secs à coque',
    holds: 'tree-nut',
    source: '[L] peanut is named for itself',
  },
  {
    words:
      'almond | almonds | almond flour | almond meal | ground almond | flaked almonds | almond paste | almond butter | almond milk | almond drink | almond oil | almond extract | almond flavour | marzipan | frangipane | amaretto | amaretti | orgeat | mandel | mandeln | mandelmehl | mandelsplitter | mandelmus | gemahlene mandeln | mandelblättchen | mandelstückchen | marzipanrohmasse | amande | amandes | poudre d’amandes | pâte d’amandes | amandes effilées | lait d’amande | massepain | bitter almond',
    holds: 'almond',
    source: '[L] [P]',
  },
  { words: 'persipan | apricot kernel | apricot kernels | aprikosenkerne | noyaux d’abricot', open: 'almond', source: '[P]' },
  {
    words:
      'hazelnut | hazelnuts | hazel nut | hazel nuts | filbert | filberts | cobnut | hazelnut paste | hazelnut butter | hazelnut flour | haselnuss | haselnüsse | haselnüssen | haselnusskerne | haselnussmark | haselnussmasse | geröstete haselnüsse | haselnusspaste | noisette | noisettes | pâte de noisette | pâte de noisettes | noisettes entières | noisettes hachées | gianduja | gianduia',
    holds: 'hazelnut',
    source: '[L] [P]',
  },
  { words: 'ground nut | ground nuts', holds: 'tree-nut', open: 'peanut', source: '[P] milled nuts, or another word for peanuts' },
  { words: 'praline | pralines | praliné | praline paste | pralin | krokant | nougatmasse | nuss-nougat | nussnougat | nussnougatcreme', holds: 'tree-nut', source: '[P]' },
  {
    words:
      'walnut | walnuts | wal nut | wal nuts | walnut pieces | walnut oil | walnuss | walnüsse | walnüssen | walnusskerne | baumnuss | baumnüsse | noix | cerneaux de noix | noix de grenoble | huile de noix',
    holds: 'walnut',
    source: '[L]; the French word alone is walnut',
  },
  {
    words: 'cashew | cashews | cashew nut | cashew nuts | cashew paste | cashew butter | cashew cream | cashewkerne | cashewnuss | cashewnüsse | kaschunuss | noix de cajou | cajou | anacarde',
    holds: 'cashew',
    source: '[L]',
  },
  { words: 'pecan | pecans | pecan nut | pecan nuts | hickory nut | pekannuss | pekannüsse | pekannüssen | noix de pécan | noix de pecan | pécan', holds: 'pecan', source: '[L]' },
  {
    words: 'pistachio | pistachios | pistachio nut | pistachio nuts | pistachio paste | pistazie | pistazien | pistazienkerne | pistazienpaste | pistache | pistaches | pâte de pistache',
    holds: 'pistachio',
    source: '[L]',
  },
  { words: 'brazil nut | brazil nuts | brazil | para nut | paranuss | paranüsse | paranüssen | noix du brésil', holds: 'brazil', source: '[L]' },
  {
    words: 'macadamia | macadamias | macadamia nut | macadamia nuts | queensland nut | macadamianuss | macadamianüsse | macadamianüssen | noix de macadamia | noix du queensland',
    holds: 'macadamia',
    source: '[L]',
  },
  { words: 'pine nut | pine nuts | pine kernel | pine kernels | pignoli | pinenut | pinienkerne | pinienkern | pignon de pin | pignons de pin | pignons', holds: 'pine', source: '[P]' },
  { words: 'chestnut | chestnuts | sweet chestnut | marron | marrons | kastanie | kastanien | marone | maronen | châtaigne | châtaignes', holds: 'chestnut', source: '[P]' },
  {
    words:
      'peanut | peanuts | pea nut | pea nuts | groundnut | groundnuts | monkey nut | monkey nuts | peanut butter | peanut oil | groundnut oil | peanut flour | peanut paste | arachis oil | arachis | goober | beer nuts | mandelona | erdnuss | erdnüsse | erdnüssen | erdnussbutter | erdnussöl | erdnusskerne | erdnussmark | arachide | arachides | cacahuète | cacahuètes | cacahouète | beurre de cacahuète | beurre de cacahuètes | huile d’arachide',
    holds: 'peanut',
    source: '[L] [P]',
  },

  // Seeds, legumes, the rest of the law's list.
  {
    words:
      'sesame | sesame seed | sesame seeds | sesame oil | sesame paste | sesamol | tahini | tahina | tahin | halva | halvah | gingelly | gingelly oil | benne | benne seed | gomasio | til | sesam | sesamsamen | sesamsaat | sesamöl | sesamkörner | sesammus | sésame | graines de sésame | huile de sésame | purée de sésame',
    holds: 'sesame',
    source: '[L] [P]',
  },
  { words: 'hummus | houmous', holds: 'chickpea sesame', source: '[P]' },
  {
    words:
      'lupin | lupine | lupins | lupin flour | lupin protein | lupini | lupinen | lupinenmehl | lupineneiweiß | süßlupine | süßlupinen | süßlupinenmehl | lupinenprotein | farine de lupin | protéines de lupin',
    holds: 'lupin',
    source: '[L]',
  },
  {
    words:
      'celery | celeriac | celery seed | celery salt | celery powder | celery extract | sellerie | selleriesamen | selleriesalz | selleriepulver | knollensellerie | céleri | céleri-rave | sel de céleri | graines de céleri',
    holds: 'celery',
    source: '[L]',
  },
  {
    words:
      'mustard | mustard seed | mustard flour | mustard powder | mustard oil | dijon mustard | senf | senfkörner | senfsaat | senfmehl | senfsamen | senföl | moutarde | graines de moutarde | farine de moutarde',
    holds: 'mustard',
    source: '[L]',
  },
  {
    words:
      'sulphite | sulphites | sulfite | sulfites | sulphur dioxide | sulfur dioxide | so2 | metabisulphite | metabisulfite | sodium metabisulphite | potassium metabisulphite | sodium metabisulfite | potassium metabisulfite | bisulphite | sodium bisulphite | sodium bisulfite | sodium sulphite | sodium sulfite | sulphiting agent | sulfiting agents | schwefeldioxid | schwefel | geschwefelt | sulfit | sulfiten | natriumsulfit | natriummetabisulfit | kaliummetabisulfit | natriumdisulfit | anhydride sulfureux | dioxyde de soufre | métabisulfite | métabisulfite de sodium | bisulfite de sodium',
    holds: 'sulphite',
    source: '[L]',
  },
  {
    words:
      'fish | fish oil | anchovy | anchovies | tuna | salmon | cod | haddock | isinglass | isinglass finings | omega-3 from fish | worcester sauce | worcestershire sauce | fisch | fischöl | sardelle | sardellen | thunfisch | lachs | poisson | poissons | huile de poisson | anchois | thon | saumon',
    holds: 'fish',
    source: '[L]',
  },
  {
    words:
      'crustacean | crustaceans | crustacea | prawn | prawns | shrimp | shrimps | crab | lobster | crayfish | krill | langoustine | krebstiere | krebstieren | garnelen | krabben | crustacés | crevette | crevettes | crabe | homard',
    holds: 'crustacean',
    source: '[L]',
  },
  {
    words:
      'mollusc | molluscs | mollusk | mollusks | mussel | mussels | oyster | oysters | squid | clam | clams | scallop | scallops | octopus | cuttlefish | snail | weichtiere | weichtieren | muscheln | tintenfisch | mollusques | moule | moules | huître | huîtres | calamar',
    holds: 'mollusc',
    source: '[L]',
  },
  { words: 'shellfish | schalentiere | fruits de mer', holds: 'shellfish', source: '[L-US]' },
  {
    words:
      'chickpea | chickpeas | chick pea | chickpea flour | chickpea protein | gram flour | besan | garbanzo | garbanzo bean flour | aquafaba | kichererbse | kichererbsen | kichererbsenmehl | pois chiche | pois chiches | farine de pois chiche | farine de pois chiches',
    holds: 'chickpea',
    source: '[P]',
  },
  {
    words:
      'pea | peas | pea protein | pea fibre | pea flour | pea starch | pea protein isolate | yellow pea | split pea | erbse | erbsen | erbsenprotein | erbsenfaser | erbseneiweiß | erbsenstärke | petit pois | protéines de pois | protéine de pois | fibre de pois | fibres de pois | amidon de pois',
    holds: 'pea',
    source: '[P]',
  },
  {
    words:
      'bean flour | fava bean | faba bean | faba bean protein | broad bean | broad bean flour | fava protein | fava bean protein | lentil | lentils | lentil flour | mung bean | mung bean protein | haricot bean | black bean | kidney bean | ackerbohne | ackerbohnen | ackerbohnenprotein | bohnen | bohnenmehl | linsen | linsenmehl | féverole | protéines de fève | lentille | lentilles | haricot | haricots | locust bean | urad',
    holds: 'bean',
    source: '[P]',
  },
  {
    words:
      'locust bean gum | carob gum | carob bean gum | guar gum | carob | carob powder | johannisbrotkernmehl | guarkernmehl | gomme de guar | farine de graines de caroube | gomme de caroube | cocoa bean | coffee bean | vanilla bean | vanilla beans | coffee | kaffee | kaffeebohnen',
    source: '[P] named beans, but no pulse that is eaten as one',
  },
  { words: 'cocoa beans | cocoa bean mass', holds: 'cocoa', source: '[P]' },
  { words: 'flax | flaxseed | linseed | flax seed | linseed meal | leinsamen | leinsaat | leinöl | lin | graines de lin', holds: 'flax', source: '[P]' },
  { words: 'chia | chia seed | chia seeds | chiasamen | graines de chia', holds: 'chia', source: '[P]' },
  {
    words:
      'sunflower | sunflower oil | high oleic sunflower oil | sunflower seed | sunflower seeds | sunflower flour | sonnenblumenöl | sonnenblumenkerne | sonnenblumen | huile de tournesol | tournesol | graines de tournesol',
    holds: 'sunflower',
    source: '[P]',
  },
  { words: 'pumpkin seed | pumpkin seeds | kürbiskerne | kürbiskern | graines de courge | graines de citrouille', holds: 'pumpkin-seed', source: '[P]' },
  { words: 'poppy seed | poppy seeds | poppyseed | mohn | mohnsamen | pavot | graines de pavot', holds: 'poppy', source: '[P]' },
  { words: 'hemp | hemp seed | hemp protein | hanfsamen | hanf | chanvre | graines de chanvre', holds: 'hemp', source: '[P]' },
  { words: 'psyllium | psyllium husk | psyllium fibre | flohsamen | flohsamenschalen', holds: 'psyllium', source: '[P]' },
  {
    words:
      'corn | maize | corn starch | cornstarch | maize starch | corn syrup | high fructose corn syrup | corn syrup solids | corn flour | cornflour | corn meal | cornmeal | polenta | corn oil | maize oil | corn dextrose | modified corn starch | modified maize starch | maize flour | corn maltodextrin | corn flakes | cornflakes | popcorn | mais | maisstärke | modifizierte maisstärke | maismehl | maisgrieß | maiskeimöl | maïs | amidon de maïs | amidon modifié de maïs | farine de maïs | fécule de maïs | semoule de maïs | amidon transformé de maïs',
    holds: 'corn',
    source: '[P]',
  },
  { words: 'banana | banana powder | banana flour | banana puree | banane | bananen', holds: 'banana', source: '[P]' },

  // What diets leave out.
  { words: 'honey | honey powder | honig | miel', holds: 'honey', source: '[D]' },
  { words: 'beeswax | bees wax | bienenwachs | cire d’abeille | propolis | royal jelly | gelée royale', holds: 'beeswax', source: '[D]' },
  {
    words: 'gelatine | gelatin | gelatine powder | collagen | hydrolysed collagen | speisegelatine | gélatine | collagène',
    holds: 'gelatine',
    open: 'pork beef fish',
    origin: true,
    source: '[D] of pigs, cattle or fish; only the maker tells',
  },
  { words: 'pork gelatine | pork gelatin | porcine gelatine | schweinegelatine | gelatine (pork) | gélatine porcine | gélatine de porc', holds: 'gelatine pork', source: '[D]' },
  { words: 'beef gelatine | beef gelatin | bovine gelatine | rindergelatine | gelatine (beef) | gélatine bovine | gélatine de bœuf', holds: 'gelatine beef', source: '[D]' },
  { words: 'vitamin d3 | cholecalciferol | colecalciferol | vitamine d3 | vitamina d3', open: 'animal-other', origin: true, source: '[P] of wool grease, of fish, or of lichen' },
  { words: 'animal fat | animal fats | suet | dripping | graisse animale', holds: 'animal-fat', open: 'pork beef', source: '[D]' },
  { words: 'lard | pork fat | schmalz | schweineschmalz | saindoux | schweinefett', holds: 'animal-fat pork', source: '[D]' },
  { words: 'beef suet | tallow | beef fat | beef dripping | rindertalg | suif | graisse de bœuf', holds: 'animal-fat beef', source: '[D]' },
  { words: 'animal shortening', holds: 'animal-fat', source: '[D]' },
  {
    words:
      'carmine | carminic acid | cochineal | cochineal extract | shellac | confectioner’s glaze | confectioners glaze | lac resin | karmin | echtes karmin | cochenille | schellack | carmin | gomme laque | acide carminique',
    holds: 'insect-colour',
    source: '[D]',
  },
  { words: 'animal rennet | calf rennet | kälberlab | présure animale', holds: 'rennet', source: '[D]' },
  { words: 'rennet | lab | présure | caglio | cuajo | coalho | stremsel', open: 'rennet', origin: true, source: '[D] of calves, of moulds or of plants' },
  { words: 'vegetarian rennet | microbial rennet | mikrobielles lab', source: '[D]' },
  { words: 'fish gelatine | fish gelatin | fischgelatine | gélatine de poisson', holds: 'fish gelatine', source: '[L]' },
  { words: 'malted milk solids | malted milk powder', holds: 'milk barley', open: 'wheat', source: '[P]' },
  {
    words: 'brewer’s yeast | brewers yeast | bierhefe | levure de bière | lievito di birra | levadura de cerveza | levedura de cerveja | biergist',
    open: 'barley',
    source: '[P] grown on wort, or only called so',
  },
  { words: 'l-cysteine | l cysteine | cysteine | bone phosphate | lanolin | pepsin | cystein | edible bone phosphate', holds: 'animal-other', source: '[D]' },
  {
    words:
      'glycerine | glycerin | glycerol | mono- and diglycerides | mono and diglycerides | mono- and diglycerides of fatty acids | mono and diglycerides of fatty acids | monoglyceride | diglyceride | stearic acid | magnesium stearate | mono- und diglyceride von speisefettsäuren | mono- und diglyceride | mono- et diglycérides d’acides gras | mono et diglycérides d’acides gras | glycérine | glycérol | polysorbate | datem | calcium stearate',
    open: 'animal-fat',
    origin: true,
    source: '[P] of plants or of animals; only the maker tells',
  },
  {
    words:
      'alcohol | ethanol | ethyl alcohol | rum | brandy | kirsch | wine | red wine | white wine | marsala | sherry | port | liqueur | whisky | whiskey | bourbon | vodka | gin | cognac | champagne | alkohol | rum-aroma mit alkohol | wein | weinbrand | likör | kirschwasser | alcool | rhum | vin | eau de vie | porto',
    holds: 'alcohol',
    source: '[D]',
  },
  {
    words: 'vanilla extract | natural vanilla extract | extrait de vanille | vanilleextrakt | extrait naturel de vanille',
    open: 'alcohol',
    source: '[P] drawn with alcohol, unless it says otherwise',
  },

  // Words that leave open what was used.
  {
    words:
      'flavouring | flavourings | flavoring | flavorings | flavour | flavours | flavor | flavors | natural flavouring | natural flavourings | natural flavour | natural flavours | natural flavor | natural flavors | artificial flavor | artificial flavors | artificial flavour | artificial flavours | artificial flavouring | natural and artificial flavors | aroma | aromen | natürliches aroma | natürliche aromen | arôme | arômes | arôme naturel | arômes naturels | smoke flavouring',
    open: 'barley',
    source: '[L] the lists of the EU, UK, US and AU/NZ name milk, egg, nuts and soy in flavourings too; malt only the EU, UK and AU/NZ',
  },
  {
    words:
      'chocolate | dark chocolate | plain chocolate | bittersweet chocolate | semi-sweet chocolate | semisweet chocolate | chocolate chips | chocolate chunks | chocolate pieces | dark chocolate chips | dark chocolate chunks | couverture | chocolate drops | schokolade | zartbitterschokolade | edelbitterschokolade | bitterschokolade | schokoladenstückchen | schokoladenstücke | kuvertüre | zartbitterkuvertüre | chocolat | chocolat noir | pépites de chocolat | éclats de chocolat | chocolat de couverture',
    open: 'milk soy',
    source: '[P]',
  },
  {
    words:
      'caramel | toffee | fudge | karamell | caramel sauce | salted caramel | toffee pieces | fudge pieces | caramel pieces | karamellstückchen | compound coating | chocolate flavour coating | yoghurt coating | yogurt coating | kakaohaltige fettglasur',
    open: 'milk soy',
    source: '[P]',
  },
  {
    words:
      'caramel colour | caramel color | plain caramel | sulphite ammonia caramel | ammonia caramel | zuckerkulör | colorant caramel | caramelised sugar syrup | caramelised sugar | caramel sugar syrup | karamellzucker | karamellzuckersirup',
    source: '[P] burnt sugar',
  },
  { words: 'bouillon | stock | stock cube | bouillon powder | brühe', open: 'celery milk wheat', source: '[P]' },
  {
    words: 'spice | spices | spice mix | mixed spice | mixed spices | seasoning | curry powder | gewürze | gewürz | gewürzmischung | épices | mélange d’épices | épice',
    open: 'mustard celery',
    source: '[P]',
  },
  { words: 'eiweißerzeugnis | protein blend | protein powder', open: 'milk soy egg', origin: true, source: '[P]' },
  { words: 'sprinkles | decorations | sugar strands | streusel | dekor', open: 'milk soy wheat insect-colour', source: '[P]' },
  { words: 'colour | colours | color | colors | colouring | red colour | farbstoff | farbstoffe | colorant | colorants', open: 'insect-colour', origin: true, source: '[P]' },
  { words: 'glazing agent | glazing agents | überzugsmittel | agent d’enrobage | agents d’enrobage', open: 'insect-colour beeswax', origin: true, source: '[P]' },
  { words: 'enzyme | enzymes | enzyme préparation', open: 'egg animal-other', origin: true, source: '[P]' },
]
