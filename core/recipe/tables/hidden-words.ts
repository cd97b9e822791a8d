import type { Kind } from '../../pantry'

/** Words in steps that bring an ingredient without naming it as one, and which. [P] */
export const hiddenWords: readonly { readonly sign: RegExp; readonly brings: string; /** Only where the list has it: nobody lists the oil of a bowl. */ readonly listed?: true }[] = [
  { sign: /\b(?:well-?)?buttered\b/giu, brings: 'butter' },
  { sign: /\b(?:lightly\s+)?oiled\b/giu, brings: 'neutral-oil', listed: true },
  { sign: /\b(?:lightly\s+)?floured\b/giu, brings: 'plain-flour' },
  { sign: /\begg-?washed\b/giu, brings: 'egg' },
]

/** What no list has and the step does not mean to eat: beans that weigh down a case, the curd that is being made, the cream that mascarpone became. [P] */
export const notMeant: readonly {
  readonly words: RegExp
  readonly in: RegExp
  /** Only where the list has what it is made of: else it may come out of a jar. */ readonly of?: readonly Kind[]
  /** What it is called where that leaves, since then the word would say what is not there; the words of `in` end with it. */ readonly instead?: string
}[] = [
  { words: /^beans$/iu, in: /\b(?:baking|ceramic)\s+beans\b|\bblind\b|\b(?:foil|paper|parchment)\s+and\s+(?:the\s+)?beans\b/iu },
  {
    words: /^cream$/iu,
    in: /(?<!\b(?:whip|whisk|beat|pour)\s+)\b(?:the|your|remaining)\s+(?:(?!double|single|whip|sour|clotted|heavy|ice|fresh|pouring)\p{L}+\s+){0,2}cream\b(?!\s+(?:cheese|of))/iu,
    of: ['fresh-cheese'],
    instead: 'mixture',
  },
  {
    words: /^seeds?$/iu,
    in: /\bseeds?\s+(?:of|from|out\s+of)\s+(?:(?:the|a|an|each|your|one|half)\s+)?(?:(?:split|halved|green|vanilla)\s+)?(?:vanilla|cardamom|pomegranate|passion\s?fruit|pods?)\b|\b(?:vanilla|cardamom)\s+seeds\b/iu,
  },
  { words: /^jelly$/iu, in: /\bthe\s+jelly\b/iu, of: ['gel'] },
  { words: /^curd$/iu, in: /\bthe\s+curd\b/iu, of: ['egg', 'egg-yolk', 'egg-product', 'starch', 'gel'] },
]

/** Nobody has these beside a cake: "dust it with flour", "the eggs with a little flour". [P] */
export const neverServed: ReadonlySet<Kind> = new Set<Kind>(['flour', 'gluten-free-flour', 'flour-mix', 'starch', 'leaven', 'salt', 'yeast', 'binder'])

/** Words for a kind of thing: in a step each stands for whatever of that kind is listed. [P] */
export const genericWords: readonly string[] = ['flour', 'sugar', 'chocolate', 'nut', 'fruit', 'oil', 'cream', 'milk', 'cocoa', 'spice', 'berry', 'syrup', 'yeast', 'jam']

/** Before fat or flour that goes on a tin, a board or a pin. [P] */
export const tinLead =
  /\b(?:greas|dust|flour|butter|lin|brush|oil|coat|sprinkl)\w*\b[^.;]{0,40}\b(?:tins?|pans?|dish(?:es)?|mou?lds?|trays?|sheets?|ramekins?|basins?|surface|board|worktop|counter|hands?|pin|foil|paper|it|them)\b[^.;]{0,20}\b(?:with|in)\s+(?:(?:a\s+little|some|extra|more|plenty\s+of|plain|soft(?:ened)?|melted)\s+)*$/iu

/** Before something bought that goes in: crushed, crumbled, a number of them. [P] */
export const brought =
  /\b(?:crushed|crumbled|broken|chopped|shop-?bought|ready-?made|bought|leftover|stale|some|a\s+few|more|extra|add|with|in|through|over|onto?)\s+(?:(?!the\b|your\b|this\b|each\b|that\b)\p{L}+\s+)?$/iu

/** Before a food that comes by pieces or spoons: "slices of brioche". [P] */
export const amountOf = /\b(?:slices?|pieces?|scoops?|dollops?|spoonfuls?|sheets?|packs?|packets?|layers?)\s+of\s+(?:\p{L}+\s+)?$/iu

/** How a thing is at the moment; it is the same thing. [P] */
export const stateWords: readonly string[] = 'hot warm cold cool cooled iced chilled boiling strong melted softened soft beaten sifted chopped grated toasted mashed drained soaked cooked'.split(' ')

/** Ends of names by which no line is called: what is being made, or a part of it, is called so too. [P] */
export const notEnds: ReadonlySet<string> = new Set(
  'mixture batter dough cake topping filling sauce base layer side top half rest pan water piece slice end centre middle part edge case shell white yolk'.split(' '),
)
