/** The quantities in which a dessert is held in balance, in the order in which they are shown. */
export const measures = [
  'water',
  'fat',
  'solidFat',
  'sugar',
  'protein',
  'starch',
  'fibre',
  'lift',
  'acid',
  'bind',
  'set',
  'foam',
  'emulsify',
  'gluten',
  'sweetness',
  'salt',
  'heaviness',
] as const
export type Measure = (typeof measures)[number]

/**
 * What a recipe or part amounts to: `water … fibre` in g (`sugar` with what fills and melts like
 * it); `gluten` in g of gluten or as much hold by a gum; `lift` in mmol CO₂ (the egg's own
 * included); `acid` in meq left over after the soda; `bind set foam emulsify` in large-egg units;
 * `sweetness` in g of table sugar; `salt` in g; `heaviness` in g of what weighs a crumb down.
 */
export type Balance = Readonly<Record<Measure, number>>

export const noBalance: Balance = Object.fromEntries(measures.map(m => [m, 0])) as Record<
  Measure,
  number
>

export const plusBalance = (a: Balance, b: Balance): Balance =>
  Object.fromEntries(measures.map(m => [m, a[m] + b[m]])) as Record<Measure, number>
