import type { Material } from '../tin'

/** Words by which recipes name what they bake in: the first row that a text has counts, then its sizes are read into it. [P] */
export const tinWords: readonly { readonly sign: RegExp; readonly like: string; readonly sized: 'across' | 'sides' | 'pound' | 'cups' | 'none' }[] = [
  { sign: /\b(?:ring|bundt|tube|kugelhopf|gugelhupf|savarin|fluted\s+(?:cake\s+)?(?:tin|pan))\b/iu, like: 'ring-24', sized: 'across' },
  { sign: /\b(?:ramekins?|custard\s+cups|darioles?|(?:individual|mini)\s+(?:pudding\s+)?(?:moulds?|basins?|dish(?:es)?)|pudding\s+(?:moulds|basins))\b/iu, like: 'ramekins', sized: 'cups' },
  { sign: /\bpopovers?\b/iu, like: 'cups-popover', sized: 'cups' },
  { sign: /\bmadeleines?\b/iu, like: 'cups-madeleine', sized: 'cups' },
  { sign: /\bmini[\s-]*(?:muffin|cupcake)|\b(?:24|48)[\s-]*(?:hole|cup|well|cavit)/iu, like: 'cups-mini', sized: 'cups' },
  { sign: /\b(?:jumbo|texas)\b|\b6[\s-]*(?:hole|cup|well)(?=\W+(?:\p{L}+\W+)?muffin)/iu, like: 'cups-jumbo', sized: 'cups' },
  { sign: /\b(?:bun|patty|fairy\s+cake|yorkshire(?:\s+pudding)?|jam\s+tart)\s+(?:tins?|pans?)\b/iu, like: 'cups-bun', sized: 'cups' },
  { sign: /\b(?:muffin|cupcake|fairy\s+cake|friand)|\b\d{1,2}[\s-]*(?:hole|cup|well|cavit)|\bcases\b/iu, like: 'cups-12', sized: 'cups' },
  { sign: /\b(?:tartlets?|individual\s+(?:tart|flan|quiche))\b/iu, like: 'tartlets', sized: 'cups' },
  { sign: /\bmini[\s-]*loa(?:f|ves)\b/iu, like: 'loaf-mini', sized: 'sides' },
  { sign: /\b(?:1|one)[\s-]*(?:lb|pound)|\b(?:4[05]|50)0\s*g\b/iu, like: 'loaf-450', sized: 'pound' },
  { sign: /\bloa(?:f|ves)\b|\b(?:2|two)[\s-]*(?:lb|pound)|\b9[05]0\s*g\b/iu, like: 'loaf-900', sized: 'sides' },
  { sign: /\b(?:tart|flan|quiche)\b/iu, like: 'tart-24', sized: 'across' },
  { sign: /\bspring-?form|\bloose[\s-]*(?:bottom|base)ed\b/iu, like: 'springform-23', sized: 'across' },
  { sign: /\bpie\b/iu, like: 'pie-23', sized: 'across' },
  { sign: /\bbasins?\b|\bpudding\s+(?:bowls?|moulds?)\b/iu, like: 'basin', sized: 'across' },
  { sign: /\bskillet|\bfrying\s+pan/iu, like: 'skillet-26', sized: 'across' },
  { sign: /\bsquare\b/iu, like: 'square-20', sized: 'across' },
  { sign: /\bhalf[\s-]sheet\b/iu, like: 'slab-46-33', sized: 'sides' },
  { sign: /\bquarter[\s-]sheet\b/iu, like: 'slab-33-23-low', sized: 'sides' },
  { sign: /\bjelly[\s-]*roll\b/iu, like: 'slab-38-25', sized: 'sides' },
  { sign: /\bswiss[\s-]*roll\b/iu, like: 'slab-33-23-low', sized: 'sides' },
  { sign: /\b(?:traybake|slab|brownie|roasting|rectang\w+|sheet\s+cake)\b/iu, like: 'slab-30-20', sized: 'sides' },
  { sign: /\b(?:cookie|baking|biscuit)\s+(?:sheets?|trays?)\b|\bsheets?\b|\btrays?\b/iu, like: 'tray-40', sized: 'sides' },
  { sign: /\b(?:round|sandwich|cake|layer|deep|tins?|pans?|dish(?:es)?|moulds?|molds?)\b/iu, like: 'round-20', sized: 'across' },
]

export const materialWords: readonly { readonly sign: RegExp; readonly material: Material }[] = [
  { sign: /\bglass\b/iu, material: 'glass' },
  { sign: /\b(?:ceramic|stoneware|earthenware|porcelain)\b/iu, material: 'ceramic' },
  { sign: /\bsilicone\b/iu, material: 'silicone' },
  { sign: /\b(?:dark|non-?stick|black)\b/iu, material: 'dark' },
  { sign: /\b(?:shiny|bright|alumini?um|foil)\b/iu, material: 'shiny' },
  { sign: /\bcast[\s-]*iron\b/iu, material: 'iron' },
  { sign: /\bpaper\s+(?:loaf|mould|mold)/iu, material: 'paper' },
]

/** Shaped as one on its tray. [P] */
export const wholeOnTray = /\b(?:a|one|the|large)\s+(?:\d+(?:\.\d+)?[\s-]*(?:cm|inch(?:es)?|in|")\s+)?(?:circle|disc|round|ring|wreath|plait|braid|log|loaf|rectangle|oval)\b/iu
