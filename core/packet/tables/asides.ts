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
 * At the head of a sentence behind the list: what it is good for, what to do with it, what one portion does. Foods that may be made of
 * anything ("for cakes") are no part of it there; what brings something counts, and a word that nobody knows blocks as anywhere. No word
 * that could as well tell what is in it stands here: no "with" of a filling, no "just", no past that is a present ("spread over", "cut"). [P]
 */
const uses = [
  '(?:ideal|perfect|great|lovely|delicious|good|wonderful|excellent|brilliant|fantastic)\\s+(?:for|with|in|on|over|alongside)',
  '(?:whisk|sift|sieve|knead|fold|spoon|scatter|sprinkle|splash|drizzle|dissolve|unroll|warm|place|pour|squeeze|dust|brush|grill|microwave|swap|try)\\s+(?:it|them|into|in|on|onto|over|under|beneath)',
  '(?:thickens?|whips?|pairs?|goes)\\s+(?:well\\s+with|with|in|\\p{L}+)',
  '(?:one|each|every|half|a)\\s+(?:an?\\s+|level\\s+|heaped\\s+)*(?:pouch|sachet|capful|packet|teaspoon|tablespoon|spoonful|pinch|dash)\\s+(?:replaces|raises|thickens|keeps|sets|tints|lifts)',
  '(?:stops?|prevents?)\\s+\\p{L}+',
  '(?:finely\\s+|coarsely\\s+)?(?:milled|ground)\\s+(?:finely\\s+)?for',
  // German, French, Italian, Spanish, Portuguese, Dutch
  '(?:ideal|perfekt|hervorragend|bestens)\\s+(?:für|zum|zu)|schmeckt\\s+zu|passt\\s+zu|eignet\\s+sich\\s+für',
  '(?:idéale?s?|parfaite?s?|délicieu(?:x|se)s?)\\s+(?:pour|avec|en|dans|sur)|accompagne',
  'ideal[ei]?\\s+(?:per|para)|perfett[oaie]\\s+(?:per|con)|ottim[oaie]\\s+(?:per|con)|perfeit[oa]\\s+(?:para|com)|perfect[oa]\\s+(?:para|con)',
  '(?:ideaal|heerlijk|lekker|perfect)\\s+(?:voor|bij|in)',
].join('|')

/** A sentence begins behind a mark or a line’s end; a second one of this kind may follow a comma. */
const sentence = '(?<=(?:^|[.!?;:,)\\]\\n•])\\s{0,3})'

/** A sentence with one of these tells what is in it, whatever it begins with: there an unknown word blocks as in a list. */
export const tellsContents =
  '\\b(?:contain\\w*|ingredients?|includ\\w*|made\\s+(?:with|from|of|using)|prepared\\s+(?:with|from|using)|added|adds|free|allerg\\w*|traces?|enriched|flavou?red|based|coated|filled|topped|layered|studded|with\\s+(?:pieces|chunks|bits)|enthält|zutaten|spuren|contient|ingrédients|contiene|ingredienti|ingredientes|contém|bevat)\\b'

export const asideRows = [
  { mode: 'aside', words: `${sentence}(?:${heads})(?!\\p{L})`, source: '[P]' },
  { mode: 'aside', words: `\\b(?:${anywhere})\\b`, source: '[P]' },
] as const
/** A sentence of uses: behind an end, never behind a comma; not where it tells what is in it; up to a colon or a bracket. */
export const useSentence = `(?<=[.!?]\\s{1,3}|\\n\\s{0,3})(?![^.!?\\n]*${tellsContents})(?:${uses})(?!\\p{L})[^.!?:;()[\\]\\n]*`
