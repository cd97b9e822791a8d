/**
 * Foods that may be made of anything: what they are made of has to stand right behind them, or they block. In the form in which they
 * are printed, in seven languages. [P]
 */
export const openFoods = `
pastry | puff pastry | shortcrust pastry | shortcrust | filo pastry | choux pastry | cake | cake pieces | sponge cake | sponge | crumb | crumbs | breadcrumb | breadcrumbs | biscuit crumb | cookie crumb | batter | roux | dough | cookie dough | bread dough | crust | pie crust | filling | cream filling | topping | sauce | toast | muffin | muffin mix | cupcake | brownie | brownie pieces | biscuit | biscuits | biscuit pieces | cookie | cookies | cookie pieces | fudge | fudge chunks | fudge pieces | wafer | wafers | cone | granola | muesli | cereal clusters | bread | bun | roll | croissant | pancake | waffle | crouton | coating | glaze | icing | frosting | compound | inclusions | cake mix | bread mix | baking mix | pasta sauce | gravy | dressing | mayonnaise | pesto | crumble | streusel | pudding | mousse
| financier | financiers | florentine | florentines | bakewell | bakewells | berliner | berliners | danish | danishes | fancies | churro | churros | eclair | eclairs | éclair | éclairs | choux | tart | tarts | tartlet | tartlets | pie | pies | trifle | trifles | fool | fools | posset | possets | parfait | parfaits | semifreddo | bombe | bombes | nugget | nuggets | bites | crunchies | kiev | kievs | velouté | veloute | stuffing | wellington | wellingtons | opera cake | slump | pandowdy | baiser | quatre-quarts | feuilleté | feuilletés | bouchée | bouchées | plumcake | croccante | tarta | tartas | napolitana | napolitanas | palmeras | soes | soesjes
| oblaten | oblate | ostie | ostia | obleas | host wafers | wafer paper | sausage | sausages | burger | burgers
| teig | blätterteig | mürbeteig | keksteig | kuchen | kuchenstücke | krümel | keksbruch | füllung | cremefüllung | sosse | soße | sauce | brot | brötchen | gebäck | backware | backwaren | überzug | glasur | backmischung | waffeln | pfannkuchen | müsli | zubereitung | fruchtzubereitung | kekskrümel
| pâte | pâte feuilletée | pâte brisée | pâte sablée | gâteau | gâteaux | génoise | garniture | fourrage | pain | brioche | crêpe | gaufre | enrobage | glaçage | nappage | préparation | viennoiserie | miettes | mousse
| impasto | pasta frolla | pasta sfoglia | torta | ripieno | farcitura | salsa | pane | biscotto | biscotti | glassa | copertura | crema | cialda | savoiardi | preparato
| masa | hojaldre | pastel | bizcocho | bizcochos | relleno | salsa | pan | galleta | galletas | cobertura | glaseado | crema | barquillo | preparado | magdalena
| maionese | massa | massa folhada | bolo | bolos | recheio | molho | pão | bolacha | bolachas de água e sal | bolachas | biscoito | cobertura | preparado | mayonesa
| pepernoten | kruidnoten | deeg | bladerdeeg | taart | cake | vulling | saus | brood | koek | koekje | koekjes | koekkruimels | biscuit | glazuur | beslag | wafel | bereiding
| drink | drinks | beverage | bar | snack | snacks | getränk | riegel | boisson | puddingpulver | barre | bevanda | barretta | bebida | barrita | barra | drank | reep | dessert | desserts | dessertcreme | kochcreme | postre | dolce | sobremesa | toetje | aufstrich | tartinade
`

/** What such a food is cut or made into: "wafer pieces" is as open as a wafer. [P] */
export const openTails: readonly string[] = 'pieces piece chunks chunk bits crumbs crumb base bases layer layers case cases shell shells mix balls curls sticks'.split(' ')
