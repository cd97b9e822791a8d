/** Plant drinks that stand in for milk: ingredient, name, how it is, how rare, how much one tastes it. [P] */
export interface DrinkRow {
  readonly ingredient: string
  readonly name: string
  readonly how: string
  readonly rarity: number
  readonly flavour: number
}
const drink = (ingredient: string, name: string, how: string, rarity: number, flavour: number): DrinkRow => ({ ingredient, name, how, rarity, flavour })

export const drinks: readonly DrinkRow[] = [
  drink('oat-drink', 'oat drink', 'rounded and mild', 0, 0),
  drink('soy-drink', 'soy drink', 'nearest in protein', 0, 0.2),
  drink('pea-drink', 'pea drink', 'near in protein', 0.6, 0.3),
  drink('almond-drink', 'almond drink', 'thin and mild', 0.5, 0.1),
  drink('rice-drink', 'rice drink', 'thin and sweet', 0.2, 0.1),
  drink('coconut-drink', 'coconut drink', 'thin, a little coconut', 0.3, 0.5),
  drink('hemp-drink', 'hemp drink', 'thin, a little grassy', 0.9, 0.7),
]

/** Those that one sours: coconut and hemp would be tasted. */
export const souredDrinks: readonly DrinkRow[] = drinks.filter(row => row.flavour < 0.5)
