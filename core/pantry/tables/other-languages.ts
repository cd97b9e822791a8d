/**
 * German and French names of what the pantry has, as recipes write them; English names come first where a word is in both.
 * "id: German | … / French | …". [M]
 */
const rows = `
plain-flour: Mehl | Weizenmehl | Weißmehl | Weissmehl / farine | farine de blé | farine de froment
wholemeal-flour: Vollkornmehl | Weizenvollkornmehl / farine complète
rye-flour: Roggenmehl / farine de seigle
spelt-flour: Dinkelmehl | Dinkelvollkornmehl / farine d'épeautre | farine de petit épeautre
rice-flour: Reismehl / farine de riz
buckwheat-flour: Buchweizenmehl / farine de sarrasin
semolina: Grieß | Weichweizengrieß | Hartweizengrieß / semoule | semoule de blé | semoule fine
breadcrumbs: Semmelbrösel | Paniermehl / chapelure
maize-starch: Speisestärke | Maisstärke | Stärkemehl / maïzena | fécule de maïs | amidon de maïs
potato-starch: Kartoffelstärke | Kartoffelmehl / fécule de pomme de terre | fécule
custard-powder: Vanillepuddingpulver | Puddingpulver Vanille / poudre à crème
oat-flakes: Haferflocken | kernige Haferflocken | zarte Haferflocken / flocons d'avoine
sugar: Zucker | Rohrzucker | feiner Zucker / sucre | sucre en poudre | sucre semoule | sucre blanc
icing-sugar: Puderzucker | Staubzucker / sucre glace
vanilla-sugar: Vanillezucker | Bourbon-Vanillezucker | Vanillinzucker / sucre vanillé
light-brown-sugar: brauner Zucker | braunen Zucker / cassonade | sucre roux | vergeoise | sucre brun
honey: Honig / miel
maple-syrup: Ahornsirup / sirop d'érable
agave-syrup: Agavendicksaft / sirop d'agave
butter: weiche Butter | kalte Butter / beurre | beurre doux | beurre demi-sel | beurre mou | beurre fondu
margarine: Pflanzenmargarine
shortening: Pflanzenfett / graisse végétale
ghee: Butterschmalz / beurre clarifié
lard: Schmalz | Schweineschmalz / saindoux
neutral-oil: Öl | Pflanzenöl | neutrales Öl / huile | huile neutre | huile végétale
sunflower-oil: Sonnenblumenöl / huile de tournesol
rapeseed-oil: Rapsöl / huile de colza
olive-oil: Olivenöl / huile d'olive
coconut-oil: Kokosöl | Kokosfett / huile de coco
egg: Ei | Eier | Eiern / œuf | œufs | oeuf | oeufs | œufs entiers
egg-white: Eiweiß | Eiweiss | Eiweiße | Eischnee / blanc d'œuf | blancs d'œufs | blanc d'oeuf | blancs d'oeufs
egg-yolk: Eigelb | Eigelbe | Eidotter / jaune d'œuf | jaunes d'œufs | jaune d'oeuf | jaunes d'oeufs
milk: Milch | Vollmilch | Kuhmilch / lait | lait entier | lait demi-écrémé
buttermilk: Buttermilch / lait ribot | babeurre | lait fermenté
yoghurt: Joghurt | Naturjoghurt / yaourt | yaourt nature
quark: Magerquark | Speisequark | Topfen / fromage blanc
double-cream: Sahne | Schlagsahne | Schlagobers | Obers | Rahm | süße Sahne / crème liquide | crème entière | crème fleurette | crème entière liquide | crème
sour-cream: saure Sahne | Sauerrahm | Schmand / crème aigre
creme-fraiche: Crème fraîche / crème fraîche | crème épaisse | crème fraîche épaisse
cream-cheese: Frischkäse | Doppelrahmfrischkäse / fromage frais | fromage à tartiner
milk-powder: Milchpulver / lait en poudre | poudre de lait
condensed-milk: gezuckerte Kondensmilch / lait concentré sucré
hard-cheese: Käse / fromage
soy-drink: Sojamilch | Sojadrink / lait de soja | boisson au soja | boisson soja
oat-drink: Hafermilch | Haferdrink / lait d'avoine | boisson à l'avoine
almond-drink: Mandelmilch | Mandeldrink / lait d'amande | lait d'amandes
rice-drink: Reismilch | Reisdrink / lait de riz
coconut-milk: Kokosmilch / lait de coco
plant-drink-any: Pflanzenmilch | Pflanzendrink | pflanzliche Milch / lait végétal | boisson végétale
dark-chocolate: Zartbitterschokolade | dunkle Schokolade | Bitterschokolade | Schokolade | Kuvertüre / chocolat noir | chocolat | chocolat pâtissier
milk-chocolate: Vollmilchschokolade | Milchschokolade / chocolat au lait
white-chocolate: weiße Schokolade / chocolat blanc
cocoa: Kakao | Kakaopulver | Backkakao / cacao | cacao en poudre | poudre de cacao
baking-powder: Backpulver | Weinsteinbackpulver / levure chimique | poudre à lever | poudre levante
baking-soda: Natron | Speisenatron / bicarbonate de soude | bicarbonate
dry-yeast: Trockenhefe | Hefe | Trockenbackhefe / levure sèche | levure boulangère sèche
fresh-yeast: frische Hefe | Frischhefe / levure fraîche | levure de boulanger | levure boulangère
salt: Salz | Meersalz / sel | fleur de sel | sel fin
water: Wasser / eau | eau tiède | eau froide
almonds: Mandeln | Mandel | Mandelblättchen | Mandelstifte / amandes | amande | amandes effilées
ground-almonds: gemahlene Mandeln | geriebene Mandeln | Mandelmehl / poudre d'amande | poudre d'amandes | amandes en poudre | amandes moulues
hazelnuts: Haselnüsse | Haselnuss | Haselnußkerne | Haselnusskerne / noisettes | noisette
ground-hazelnuts: gemahlene Haselnüsse | geriebene Haselnüsse / poudre de noisettes | noisettes en poudre
walnuts: Walnüsse | Walnuss | Walnusskerne / noix | cerneaux de noix
mixed-nuts: Nüsse | gemahlene Nüsse | Nuss / fruits à coque | fruits secs à coque
pistachios: Pistazien / pistaches
cashews: Cashewkerne | Cashewnüsse / noix de cajou
peanuts: Erdnüsse / cacahuètes | arachides
peanut-butter: Erdnussbutter | Erdnussmus / beurre de cacahuète
almond-butter: Mandelmus / purée d'amandes
desiccated-coconut: Kokosraspel | Kokosflocken / noix de coco râpée | coco râpée
sesame: Sesam / sésame | graines de sésame
poppy-seeds: Mohn / pavot | graines de pavot
sunflower-seeds: Sonnenblumenkerne / graines de tournesol
pumpkin-seeds: Kürbiskerne / graines de courge
flax: Leinsamen | geschrotete Leinsamen / graines de lin | graines de lin moulues
chia: Chiasamen / graines de chia
gelatine: Blattgelatine | Blatt Gelatine / gélatine | feuilles de gélatine
agar: Agar-Agar / agar-agar
apple: Apfel | Äpfel | Apfels / pomme | pommes
pear: Birnen | Birne / poire | poires
plum: Pflaumen | Zwetschgen | Zwetschken / prunes fraîches | mirabelles | quetsches
cherry: Kirschen | Süßkirschen | Sauerkirschen / cerises | griottes
strawberries: Erdbeeren / fraises
raspberries: Himbeeren / framboises
blueberries: Heidelbeeren | Blaubeeren / myrtilles
rhubarb: Rhabarber / rhubarbe
banana: Banane | Bananen / banane | bananes
lemon: Zitrone | Zitronen / citron | citrons | citron jaune | citron vert
lemon-juice: Zitronensaft / jus de citron | jus d'un citron | jus d'un demi citron
citrus-zest: Zitronenschale | Zitronenabrieb | Orangenschale / zeste de citron | zeste d'un citron | zeste d'orange | zeste
orange: Orangen | Apfelsine / oranges
orange-juice: Orangensaft / jus d'orange
raisins: Rosinen / raisins secs
dates: Datteln / dattes
jam: Marmelade | Konfitüre | Aprikosenmarmelade | Aprikosenkonfitüre / confiture | confiture d'abricots
marzipan: Marzipanrohmasse | Rohmarzipan / pâte d'amande
biscuits: Kekse | Butterkekse | Zwieback / biscuits secs | petits-beurre | spéculoos
ladyfingers: Löffelbiskuits / biscuits à la cuillère | boudoirs
puff-pastry: Blätterteig / pâte feuilletée
shortcrust: Mürbeteig / pâte brisée | pâte sablée
bread: Toastbrot | Brot | Brötchen / pain | pain de mie | brioche tranchée
cinnamon: Zimt | gemahlener Zimt / cannelle | cannelle en poudre
ground-ginger: gemahlener Ingwer | Ingwerpulver / gingembre | gingembre en poudre
nutmeg: Muskat | Muskatnuss / muscade | noix de muscade
cloves: Nelken | gemahlene Nelken / clous de girofle | girofle
cardamom: Kardamom / cardamome
vanilla: Vanilleextrakt | Vanilleessenz | Vanillearoma / extrait de vanille | arôme vanille | vanille liquide
vanilla-pod: Vanilleschote | Vanilleschoten / gousse de vanille | gousses de vanille
coffee: Kaffee | starker Kaffee / café | café fort
rum: Weinbrand / rhum | rhum brun
vinegar: Essig | Apfelessig / vinaigre | vinaigre de cidre
apple-puree: Apfelmus / compote de pommes | compote
`

export const otherLanguages: readonly { readonly ingredient: string; readonly names: readonly string[] }[] = rows
  .trim()
  .split('\n')
  .map(row => {
    const [ingredient, names] = row.split(': ')
    return { ingredient: ingredient!, names: names!.split(/ [|/] /u).map(name => name.trim()) }
  })

/** German and French words around a name that change nothing of it. [M] */
export const otherDescriptors =
  `der die das den dem des ein eine einen einer einem und oder mit von vom zum zur in im aus auf fur fein feine feiner feines feinen frisch frische frischer frisches gehackt gehackte gehackten gemahlen gemahlene gemahlener gemahlenen gerieben geriebene
geriebener weich weiche weicher kalt kalte kalter warm warme lauwarm lauwarme lauwarmer geschmolzen geschmolzene flussig flussige getrennt grosse groser grosser grose klein kleine kleiner reif reife etwas nach bedarf fett zimmerwarm zimmerwarme raumtemperatur
unbehandelt unbehandelte bio abgerieben abgeriebene schale saft prise gestrichen gehauft geschlagen steif geschalt entsteint ungesalzen gesalzen ersatzweise ca gestrichene gestrichener form stuck stucken wurfeln zimmer bestauben bestreuen fetten einfetten mark gehaufte gehaufter
le la les l un une du de d au aux et ou en pour avec bien tres frais fraiche fraiches rape rapee hache hachee hachees concasse concassees moulu moulue fondu fondue mou ramolli froid tiede chaud gros grosse petit petite moyen moyenne entier entiere entiers
bio epluche epluchees denoyaute tamise tamisee environ temperature ambiante non traite demi doux sale jus peu moule montes monte neige nature sucre pepites pepite morceaux carres servir decorer facultatif`
    .trim()
    .split(/\s+/)
