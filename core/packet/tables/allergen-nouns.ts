/**
 * The names by which a packet may deny one of the law's fourteen (or another that is avoided): bare names alone. "Wheat flour", "milk
 * chocolate", "peanut butter" are things that may be in it, and are never denied. [L] Annex II in seven languages, [P]
 */
export const denialNouns: Readonly<Record<string, string>> = {
  'milk':
    'milk | dairy | dairy products | dairy ingredients | milk products | cow’s milk | cows milk | milk protein | milk proteins | lactose | casein | whey | butter | cream | animal milk | milch | kuhmilch | milcheiweiß | laktose | lait | lait de vache | lactose | produits laitiers | latte | lattosio | latticini | leche | lactosa | lácteos | productos lácteos | leite | lactose | lacticínios | melk | koemelk | lactose | zuivel',
  'egg': 'egg | eggs | egg products | ei | eier | œuf | œufs | oeuf | oeufs | uovo | uova | huevo | huevos | ovo | ovos | eieren',
  'gluten':
    'gluten | cereals containing gluten | gluten containing cereals | glutenhaltiges getreide | céréales contenant du gluten | glutine | cereali contenenti glutine | glúten | cereales que contienen gluten | cereais que contêm glúten | glutenbevattende granen',
  'wheat': 'wheat | weizen | blé | froment | frumento | grano | trigo | tarwe',
  'rye': 'rye | roggen | seigle | segale | centeno | centeio | rogge',
  'barley': 'barley | gerste | orge | orzo | cebada | cevada | gerst',
  'oat': 'oat | oats | hafer | avoine | avena | aveia | haver',
  'tree-nut':
    'nut | nuts | tree nut | tree nuts | nüsse | nüssen | nuss | schalenfrüchte | schalenfrüchten | fruits à coque | frutta a guscio | frutos de cáscara | frutos secos | frutos de casca rija | noten',
  'almond': 'almond | almonds | mandeln | amandes | mandorle | almendras | amêndoas | amandelen',
  'hazelnut': 'hazelnut | hazelnuts | haselnüsse | haselnüssen | noisettes | nocciole | avellanas | avelãs | hazelnoten',
  'walnut': 'walnut | walnuts | walnüsse | walnüssen | noix | noci | nueces | nozes | walnoten',
  'cashew': 'cashew | cashews | cashewnüsse | noix de cajou | anacardi | anacardos | cajus | cashewnoten',
  'pistachio': 'pistachio | pistachios | pistazien | pistaches | pistacchi | pistachos | pistácios',
  'peanut': 'peanut | peanuts | groundnuts | erdnuss | erdnüsse | erdnüssen | arachides | arachide | cacahuètes | arachidi | cacahuetes | cacahuete | amendoins | amendoim | pinda | pinda’s | pindas',
  'soy': 'soy | soya | soybeans | soya beans | soja | soia',
  'sesame': 'sesame | sesame seeds | sesam | sésame | sesamo | sésamo | sesamzaad',
  'lupin': 'lupin | lupine | lupinen | lupini | altramuces | tremoço',
  'celery': 'celery | sellerie | céleri | sedano | apio | aipo | selderij',
  'mustard': 'mustard | senf | moutarde | senape | mostaza | mostarda | mosterd',
  'sulphite': 'sulphites | sulfites | sulphur dioxide | sulfite | sulphite | sulfit | sulfite | solfiti | sulfitos | sulfiet | sulfieten',
  'fish': 'fish | fisch | poisson | poissons | pesce | pescado | peixe | vis',
  'crustacean': 'crustaceans | krebstiere | crustacés | crostacei | crustáceos | schaaldieren',
  'mollusc': 'molluscs | weichtiere | mollusques | molluschi | moluscos | weekdieren',
  'shellfish': 'shellfish | schalentiere',
  'coconut': 'coconut | kokos | coco | cocco',
  'corn': 'corn | maize | mais | maïs | maíz | milho',
  'alcohol': 'alcohol | alkohol | alcool | alcol',
  'gelatine': 'gelatine | gelatin | gélatine | gelatina',
  'honey': 'honey | honig | miel | miele | honing',
}

/** What else a packet denies in the same breath, and never means anything that somebody here avoids. [P] */
export const deniedBesides =
  /^(?:(?:any|added|artificial|synthetic|industrial|refined|of|the|all|zugesetzte[nr]?|künstliche[nr]?|ajoutés?|artificiels?|artificiali|aggiunti|artificiales|añadidos|artificiais|adicionados|toegevoegde|kunstmatige)\s+)*(?:colou?rs?|colou?rings?|flavou?rs?|flavou?rings?|flavou?r\s+enhancers?|preservatives?|additives?|sweeteners?|sugars?|salt|msg|gmos?|gm\s+ingredients|palm\s+oil|hydrogenated\s+fats?|trans\s+fats?|animal\s+products|animal\s+ingredients|e[-\s]numbers|zucker|zuckerzusatz|aromen|farbstoffe[n]?|konservierungsstoffe[n]?|palmöl|geschmacksverstärker[n]?|sucres?|colorants?|conservateurs?|arômes|huile\s+de\s+palme|zuccheri|coloranti|conservanti|olio\s+di\s+palma|azúcares|colorantes|conservantes|aceite\s+de\s+palma|açúcares|corantes|óleo\s+de\s+palma|suikers?|kleurstoffen|conserveermiddelen|palmolie)$/iu
