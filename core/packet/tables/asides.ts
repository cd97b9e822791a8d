/**
 * What opens a sentence of how to keep it, use it, or what is in 100 g: what such a sentence names still counts, only a word that
 * nobody knows does not block there, up to its first comma, colon, bracket or end. [P] as packets print them, seven languages
 */
const anywhere =
  'nutrition(?:al)?\\s+(?:information|facts)|store\\s+in|storage|best\\s+before|once\\s+opened|keep\\s+refrigerated|nährwerte?|(?:kühl\\s+und\\s+)?trocken\\s+lagern|valeurs?\\s+nutritionnelles?|à\\s+conserver|conservare|valori\\s+nutrizionali|conservar|consumir\\s+preferentemente|valores\\s+nutricionales|bewaren|voedingswaarde'

/** At the head of a sentence: what is done with the packet or with what is in it. */
const heads = [
  // English
  'store|keep|refrigerate|reseal|discard|defrost|thaw|consume|enjoy|serve|stir|shake\\s+(?:well|before|gently|the)|rinse|preheat|simmer|cook\\s+(?:in|for|from|until|the|as)|boil\\s+(?:for|in|until|the)|soak\\s+(?:for|in|overnight|before|the)|add|heat\\s+(?:in|for|until|the|gently|through)|use\\s+(?:by|before|as|within|the|straight|like|one)|use\\s+\\d|once|after\\s+opening|before\\s+(?:opening|use|serving)|do\\s+not\\s+(?:refreeze|freeze|store|use\\s+if)|suitable\\s+for\\s+(?:home\\s+)?freezing|(?:cooking|preparation|storage|baking|serving)\\s+(?:instructions?|suggestions?|guidelines?)|directions|settling|oil\\s+separation|contents\\s+may',
  // German
  'vor\\s+(?:licht|wärme|hitze|feuchtigkeit|nässe|gebrauch|dem\\s+(?:öffnen|verzehr|gebrauch))|nach\\s+(?:dem\\s+)?(?:öffnen|anbruch)|(?:sehr\\s+)?(?:kühl|trocken|dunkel|luftdicht|lichtgeschützt|gekühlt)\\s+(?:und\\s+\\p{L}+\\s+)?(?:lagern|aufbewahren|halten)|bei\\s+(?:raumtemperatur|zimmertemperatur|\\+?\\d)|im\\s+(?:kühlschrank|tiefkühlfach)|mindestens\\s+haltbar|zubereitung\\s*:|ungeöffnet|gut\\s+(?:schütteln|umrühren|verschlossen)',
  // French
  'conserver|(?:bien\\s+)?agiter|(?:bien\\s+)?remuer|réchauffer|faire\\s+(?:cuire|chauffer|fondre|bouillir)|servir|consommer|à\\s+consommer|tenir|garder|ajouter|verser|refermer|après\\s+ouverture|avant\\s+(?:ouverture|emploi|utilisation)|une\\s+fois\\s+ouvert|conseils?\\s+d|préparation\\s*:|mode\\s+d',
  // Italian
  "conservarsi|agitare|mescolare|servire|consumare|da\\s+consumar(?:e|si)|cuocere|scaldare|riscaldare|aggiungere|tenere|una\\s+volta\\s+aperto|dopo\\s+l[’']apertura|prima\\s+dell[’']uso|preparazione\\s*:|modalità",
  // Spanish, Portuguese
  'agitar|agítese|consérvese|remover|servir|consumir|cocer|calentar|añadir|mantener|manténgase|guardar|proteger|una\\s+vez\\s+abiert[oa]|después\\s+de\\s+abrir|modo\\s+de|mexer|cozer|aquecer|adicionar|juntar|manter|depois\\s+de\\s+abert[oa]|após\\s+(?:a\\s+)?abertura|uma\\s+vez\\s+abert[oa]',
  // Dutch
  '(?:koel|droog|gekoeld|donker|afgesloten|buiten\\s+bereik)\\s+(?:en\\s+\\p{L}+\\s+)?bewaren|na\\s+open(?:en|ing)|voor\\s+gebruik|goed\\s+(?:schudden|roeren|sluiten)|schudden|bereiding\\s*:|ten\\s+minste\\s+houdbaar|serveer|verwarm|beschermen\\s+tegen',
].join('|')

/**
 * At the head of a sentence: what it is good for, what to do with it, what one portion does, and where it comes from. None of them
 * tells what is in it, so it goes on over its commas; whatever brings something counts there as well. [P]
 */
const uses = [
  '(?:ideal|perfect|great|lovely|delicious|good|wonderful|excellent|superb|tasty|handy|best|brilliant|fantastic)\\s+(?:for|with|in|on|as|served|over|alongside|if|when|eaten|used|to)',
  '(?:whisk|sift|sieve|knead|beat|whip|fold|rub|spoon|scatter|sprinkle|splash|drizzle|dissolve|unroll|unwrap|wrap|warm|recycle|place|pour|tip|drain|dust|brush|press|push|pull|peel|tear|open|tap|turn|leave|let|allow|chill|grill|microwave|check|adjust|choose|save|swap|try|give|take|make|mind|see|visit|call|scan|write|contact|find|ask|tell|handle|replace|refill|reheat|boil|soak|heat|use)\\s+(?:it|them|the|a|an|your|our|with|into|in|on|onto|over|under|beneath|between|out|off|up|to|for|from|leftovers|what|gently|lightly|slowly|well|briefly|thoroughly|carefully|one|two|half|before|until|while|as|straight|after|at|away|back|along|round|more|some|enough|less|tightly|firmly|whole|\\d)',
  // Names of food as well.
  '(?:toast|roll|spread|mix|blend|dip|melt|bake|fry|chop|steam|cut|cook)\\s+(?:it|them|the|a|an|your|one|two|half|until|gently|lightly|slowly|well|briefly|before|thinly|finer|up\\s+to|into\\s+(?:a|the|two|four|six)|in\\s+(?:a|the)|over\\s+(?:a|the|hot)|to\\s+a|with\\s+(?:a|the|one|two|three)|for\\s+\\d|\\d)',
  '(?:thickens?|thins?|sets?|blends?|keeps?|lasts?|works?|melts?|serves?|replaces?|stops?|pairs?|goes|tastes?|whips?|dissolves?|spreads?|yields?|covers?)\\s+(?:it|them|the|a|an|about|up|to|well|with|without|over|on|in|at|for|like|around|hard|\\d|one|two|three|four|six|eight|ten|half|savoury|sweet|sauces?)',
  '(?:stops?|prevents?|helps?|lets?)\\s+\\p{L}+',
  'makes?\\s+(?:about|up|enough|\\d|two|three|four|six|eight|ten|twelve)',
  '(?:one|each|every|half|a|this|an)\\s+(?:an?\\s+|level\\s+|heaped\\s+|whole\\s+|little\\s+|few\\s+)*(?:pouch|sachet|capful|pack|packet|jar|tin|tub|bag|box|carton|teaspoon|tablespoon|spoon|spoonful|portion|drop|drops|pinch|dash|little)(?:ful)?\\s+(?:makes|replaces|equals|raises|serves|thickens|keeps|sets|goes|lasts|tints?|deepens)',
  '(?:our|these|this)\\s+(?:\\p{L}+\\s+){0,3}(?:(?:is|are|was|were)(?!\\s+(?:an?|the|not)\\b)|comes?|grows?|can|may|will|should|takes?|helps?)',
  '(?:it|they|you|children|appliances?|ovens|colours|separation|lines)\\s+(?:\\p{L}+\\s+)?(?:(?:is|are|was|were)(?!\\s+(?:an?|the|not)\\b)|may|might|can|will|should|must|takes?|tells?|fades?|vary|varies|open|need|swells?|whips?|lets?)',
  '(?:if|when|while|because|although|unless|whenever)\\s+\\p{L}+',
  '(?:produce|product)\\s+of',
  '(?:(?:finely|coarsely|cold|slowly)\\s+)?(?:milled|ground|soaked|dried|frozen|baked|cooked|grown|harvested|picked|farmed|reared|brewed|stoneground|fermented|aged|ripened|designed|invented|founded|established|certified|fortified|crafted|traceable|resealable|sticky|solid|liquid)\\s+(?:finely\\s+|slowly\\s+)?(?:in|on|by|at|for|below|above|under|to|from|since|within|without|versions?)',
  '(?:for|to)\\s+(?:a|an|the|best|more|further|extra|every|use|make|replace|store|open|serve|help|thicken|decorate|set)',
  "(?:do\\s+not|don[’']t|never|always|simply|just|not\\s+(?:an?|for|to\\s+be)|no\\s+need|enough\\s+(?:for|to))",
  // German, French, Italian, Spanish, Portuguese, Dutch
  '(?:ideal|perfekt|hervorragend|bestens)\\s+(?:für|zum|zu|als)|schmeckt|passt|eignet\\s+sich|lecker\\s+(?:zu|mit|als)|köstlich',
  '(?:idéale?s?|parfaite?s?|délicieu(?:x|se)s?)\\s+(?:pour|avec|en|dans|sur)|dégustez|se\\s+déguste|accompagne',
  'ideal[ei]?\\s+(?:per|para|como)|perfett[oaie]\\s+(?:per|con)|ottim[oaie]\\s+(?:per|con)|perfeit[oa]\\s+(?:para|com)|perfect[oa]\\s+(?:para|con)',
  '(?:ideaal|heerlijk|lekker|perfect)\\s+(?:voor|bij|met|als|in)',
].join('|')

/** A sentence begins behind a mark or a line’s end; a second one of this kind may follow a comma. */
const sentence = '(?<=(?:^|[.!?;:,)\\]\\n•])\\s{0,3})'

/** What is told of its use stands behind the list: behind an end, never behind a comma. */
const nextSentence = '(?<=[.!?]\\s{1,3}|\\n\\s{0,3})'
/** A sentence with one of these tells what is in it, whatever it begins with: there an unknown word blocks as in a list. */
export const tellsContents =
  '\\b(?:contain\\w*|ingredients?|includ\\w*|made\\s+(?:with|from|of|using)|prepared\\s+(?:with|from|using)|added|adds|free|allerg\\w*|traces?|enriched|flavou?red|based|coated|filled|topped|layered|studded|with\\s+(?:pieces|chunks|bits)|enthält|zutaten|spuren|contient|ingrédients|contiene|ingredienti|ingredientes|contém|bevat)\\b'

export const asideRows = [
  { mode: 'aside', words: `${nextSentence}(?![^.!?\\n]*${tellsContents})(?:${uses})(?!\\p{L})`, wide: true, source: '[P]' },
  { mode: 'aside', words: `${sentence}(?:${heads})(?!\\p{L})`, source: '[P]' },
  { mode: 'aside', words: `\\b(?:${anywhere})\\b`, source: '[P]' },
] as const
