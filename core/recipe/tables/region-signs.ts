import type { Region } from '../../measure'

/** Words and measures that give away where a recipe was written, with the weight of each for each region. [P] */
export const regionSigns: readonly { readonly sign: RegExp, readonly points: Partial<Record<Region, number>> }[] = [
  { sign: /°\s*F\b|\bdegrees F\b|fahrenheit/iu, points: { us: 3, ca: 1 } },
  { sign: /\bsticks? (?:of )?(?:\w+ ){0,2}(?:butter|margarine)\b|\bsticks?\)/iu, points: { us: 3 } },
  { sign: /all-?\s?purpose flour/iu, points: { us: 3, ca: 3 } },
  { sign: /confectioners|powdered sugar|semi-?sweet|half-and-half|heavy cream|cornstarch|\bmolasses\b|granulated sugar|graham cracker/iu, points: { us: 2, ca: 2 } },
  { sign: /\bcups?\b/iu, points: { us: 2, ca: 2, au: 1, nz: 1, za: 1, in: 1, uk: -3, ie: -3 } },
  { sign: /(?:^|\n)\s*[\d/ ½¼¾⅓⅔-]{1,8}\s?[cC]\.?\s+\p{L}/u, points: { us: 2 } },
  { sign: /\b(?:bake|oven)\b[^.\n]{0,40}\b(?:3[0-9]|4[0-7])[05]\b(?!\s*(?:°|º)?\s*(?:g|ml|C)\b)/iu, points: { us: 2, ca: 2 } },
  { sign: /\b\d+\s*mL\b/u, points: { ca: 4 } },
  { sign: /\b(?:35|18|10)\s*% (?:whipping |table |coffee )?cream\b|homo milk/iu, points: { ca: 4 } },
  { sign: /\bcastor sugar\b/iu, points: { za: 2, in: 1 } },
  { sign: /\bslice (?:tin|pan)\b|\blamington tin\b|\braw sugar\b/iu, points: { au: 2, nz: 1 } },
  { sign: /\b(?:9|8|13)\s*[- ]?(?:x\s*\d+[- ]?)?(?:inch|")/iu, points: { us: 1 } },
  { sign: /°\s*C\b|celsius/iu, points: { uk: 1, ie: 1, au: 1, nz: 1, za: 1, in: 1, metric: 1, us: -1 } },
  { sign: /gas(?:\s*mark)?\s*\d/iu, points: { uk: 3, ie: 3 } },
  { sign: /caster sugar|castor sugar/iu, points: { uk: 2, ie: 2, au: 2, nz: 2, za: 2, in: 1 } },
  { sign: /plain flour|self-?\s?raising flour|icing sugar|desiccated|sultana/iu, points: { uk: 2, ie: 2, au: 2, nz: 2 } },
  { sign: /bicarbonate of soda|double cream|golden syrup|treacle|cornflour|muscovado|\btins?\b|semi-skimmed/iu, points: { uk: 2, ie: 2, au: 1, nz: 1, za: 1 } },
  { sign: /bread soda/iu, points: { ie: 6 } },
  { sign: /bicarb soda|thickened cream|almond meal/iu, points: { au: 5 } },
  { sign: /high-?grade flour|standard flour/iu, points: { nz: 5 } },
  { sign: /cake wheat flour|\bamasi\b|\bmaas\b/iu, points: { za: 5 } },
  { sign: /\bmaida\b|\bcurd\b|\bdahi\b|\bsooji\b|\bjaggery\b|\bbesan\b/iu, points: { in: 5 } },
  { sign: /\b\d[\d.,]*\s*(?:g|ml|dl|kg)\b/iu, points: { metric: 1, uk: 1, ie: 1, au: 1, nz: 1, za: 1, in: 1 } },
  { sign: /\b\d[\d.,]*\s*(?:dl|cl)\b/iu, points: { metric: 3 } },
]
