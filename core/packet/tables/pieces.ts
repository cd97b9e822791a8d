/** What joins two pieces of a German or Dutch word. [P] */
export const links: readonly string[] = ['s', 'n', 'en', 'e', 'es', 'er']

/** More pieces of joined words, beside the parts of clauses.ts, that are no words of a list by themselves, or too short to be found as such, and what they bring. [P] */
export const pieceRows: readonly { readonly pieces: string; readonly holds: string }[] = [
  { pieces: 'vollmilch magermilch molken süßmolken laktose melk boter wei kaas room', holds: 'milk' },
  { pieces: 'ei eier eieren huhn kippenei', holds: 'egg' },
  { pieces: 'tarwe durum grieß griess', holds: 'wheat' },
  { pieces: 'rogge', holds: 'rye' },
  { pieces: 'gerst mout', holds: 'barley' },
  { pieces: 'haver', holds: 'oat' },
  { pieces: 'noten noot', holds: 'tree-nut' },
  { pieces: 'haselnüsse hazelnoot hazelnoten', holds: 'hazelnut' },
  { pieces: 'walnüsse walnoot walnoten', holds: 'walnut' },
  { pieces: 'mandeln amandel amandelen', holds: 'almond' },
  { pieces: 'pistazie pistache', holds: 'pistachio' },
  { pieces: 'erdnüsse pinda', holds: 'peanut' },
  { pieces: 'soy', holds: 'soy' },
  { pieces: 'lupinen lupine süßlupinen', holds: 'lupin' },
  { pieces: 'selderij', holds: 'celery' },
  { pieces: 'mosterd', holds: 'mustard' },
  { pieces: 'vis', holds: 'fish' },
  { pieces: 'kokosmilch kokosmelk kokosnuss kokosnoot', holds: 'coconut' },
  { pieces: 'kichererbsen kikkererwten', holds: 'chickpea' },
  { pieces: 'erbsen erwten', holds: 'pea' },
  { pieces: 'mais maïs', holds: 'corn' },
  { pieces: 'sonnenblumen zonnebloem', holds: 'sunflower' },
  { pieces: 'honig honing', holds: 'honey' },
  { pieces: 'kakao cacao', holds: 'cocoa' },
  { pieces: 'erdnussbutter peanutbutter pindakaas', holds: 'peanut' },
  { pieces: 'haselnussbutter hazelnutbutter', holds: 'hazelnut' },
  { pieces: 'cashewbutter cashewmilch', holds: 'cashew' },
  { pieces: 'walnussbutter walnutbutter', holds: 'walnut' },
  { pieces: 'pistazienbutter pistachiobutter', holds: 'pistachio' },
  { pieces: 'almondbutter', holds: 'almond' },
  { pieces: 'sesambutter', holds: 'sesame' },
  { pieces: 'mandelbutter mandelmilch', holds: 'almond' },
  { pieces: 'haferdrink hafermilch', holds: 'oat' },
  { pieces: 'sojamilch', holds: 'soy' },
  { pieces: 'haselnussmilch', holds: 'hazelnut' },
  { pieces: 'kokosbutter kokosöl kokosfett', holds: 'coconut' },
  { pieces: 'buchweizen boekweit', holds: 'buckwheat' },
  { pieces: 'egg eggs', holds: 'egg' },
  { pieces: 'nut nuts', holds: 'tree-nut' },
  { pieces: 'oat oats', holds: 'oat' },
  { pieces: 'rye', holds: 'rye' },
]

/** Pieces that may be made of anything that is named beside them: protein, flavour. They are known, and leave open. [P] */
export const openPieces: readonly { readonly pieces: string; readonly open: string }[] = [
  { pieces: 'eiweiß eiweiss eiwit', open: 'egg milk soy' },
  { pieces: 'aroma', open: 'barley' },
  { pieces: 'würze gewürz', open: 'mustard celery' },
  { pieces: 'mehl meel bloem flour stärke staerke zetmeel starch pasta', open: 'wheat' },
  { pieces: 'lecithin lecithine lecithinen', open: 'soy egg' },
  { pieces: 'white yolk', open: 'egg' },
  { pieces: 'oil', open: 'soy' },
]

/** Pieces of what is usually made with something, whatever else is named beside them: cream, a roll. They always leave it open. [P] */
export const madePieces: readonly { readonly pieces: string; readonly open: string }[] = [
  { pieces: 'creme crème', open: 'milk' },
  { pieces: 'brötchen brood', open: 'wheat' },
  { pieces: 'joghurt gurt yoghurt', open: 'milk' },
]

/** Pieces that bring nothing: what a thing was made into, what was done to it, and longer names that hold a shorter one. [P] */
export const harmlessPieces: readonly string[] = `
pulver poeder powder öl oel olie fett vet fat kern kerne kernen saat zaad seed schrot flocken vlokken flakes kleie zemelen keim kiemen sirup stroop siroop syrup mus paste püree mark extrakt extract konzentrat concentraat saft sap protein isolat isolaat zucker suiker sugar salz zout salt vollkorn volkoren korn körner voll mager trocken süß sauer butterfrei faser vezel fibre stücke stückchen stukjes blättchen blätter splitter stifte masse massa roh vollrohr rohr rohrzucker erzeugnis erzeugnisse produkt produkte zubereitung anteil anteile bestandteile getränk drink drank ersatz basis teil rest gries quell röst geröstet gemahlen gehackt hart weich frisch trink schmalz rein reinfett essig azijn wasser water backpulver hefe gist reis rijst rice kartoffel aardappel tapioka tapioca hirse gierst quinoa raps raap palm palmkern palmpit shea sheakern oliven lein distel kürbis apfel appel birne kirsch himbeer erdbeer heidelbeer johannisbeer trauben orangen zitronen citroen limetten ananas mango bananen tomaten tomaat zwiebel knoblauch karotten möhren rüben bieten spinat kräuter pfeffer paprika zimt kaneel ingwer gember vanille vanillin
kakaobutter cacaoboter sheabutter sheakernbutter reismilch rijstmelk milchsäure melkzuur muskatnuss nootmuskaat butternuss laktase 
farb stoff farbstoff säure zuur mittel middel regulator geschmack verstärker überzug
hälften ganz würfel scheiben kugel kugeln drops plättchen schale schalen blüten wurzel rinde beeren frucht früchte kirsch kirschen apfel äpfel birne birnen orange orangen zitronen zitrone limetten himbeer himbeeren erdbeer erdbeeren heidelbeer johannisbeer traube trauben rosinen dattel datteln feige feigen pflaumen aprikosen pfirsich ananas mango bananen banane kürbis karotten karotte tomaten tomate zwiebel zwiebeln kartoffel kartoffeln reis hirse kaffee tee wein weinstein rum meer stein jod vanille zimt ingwer nelken pfeffer kümmel mohn lein leinsamen hanf chia oliven raps palm sonnen distel traubenkern wasser natur bio geschmack gelier puder feinst kristall hagel streich koch back tief kühl heiß kalt press citrat chlorid phosphat sulfat carbonat natrium calcium kalium magnesium eisen citronen wein essig brannt apfel
 meal solids whole dried ground paste pieces scharrel papier rohr rüben blatt blätter kölbchen auszug speise tafel natrium kalium calcium magnesium ammonium ijzer zink eisen kupfer carbonaat bicarbonaat waterstofcarbonaat citraat fosfaat difosfaat sulfaat lactaat alginaat sorbaat benzoaat ascorbaat jodide jodaat gluconaat propionaat stearaat carbonat bicarbonat hydrogencarbonat citrat phosphat diphosphat sulfat chlorid chloride hydroxid hydroxide lactat alginat sorbat benzoat ascorbat iodid iodat gluconat propionat oxid oxide mono di tri schaafsel schilfers snippers splitters`
  .trim()
  .split(/\s+/)
