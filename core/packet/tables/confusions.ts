/** Letters that print and photos take for one another: both sides are read as the second. [P], [M] */
export const confusions: readonly (readonly [string, string])[] = [
  ['rn', 'm'],
  ['vv', 'w'],
  ['cl', 'd'],
  ['1', 'i'],
  ['l', 'i'],
  ['|', 'i'],
  ['!', 'i'],
  ['¡', 'i'],
  ['0', 'o'],
  ['5', 's'],
  ['8', 'b'],
  ['6', 'b'],
  ['9', 'g'],
]
