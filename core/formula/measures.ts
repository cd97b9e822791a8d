/** The quantities in which a dessert is held in balance, in the order in which they are shown. */
export const measures = ['water', 'fat', 'solidFat', 'sugar', 'protein', 'starch', 'fibre', 'lift', 'acid', 'bind', 'set', 'foam', 'emulsify', 'gluten', 'sweetness'] as const
export type Measure = (typeof measures)[number]

/**
 * What a recipe or part amounts to: `water … fibre` in g; `gluten` in g of gluten or as much hold by a gum; `lift` in mmol CO₂ (the egg's own included); `acid` in
 * meq left over after the soda; `bind set foam emulsify` in large-egg units; `sweetness` in g of table sugar.
 */
export type Balance = Readonly<Record<Measure, number>>

export const noBalance: Balance = Object.fromEntries(measures.map(m => [m, 0])) as Record<Measure, number>

export const plusBalance = (a: Balance, b: Balance): Balance => Object.fromEntries(measures.map(m => [m, a[m] + b[m]])) as Record<Measure, number>
