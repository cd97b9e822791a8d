import type { Ingredient, Kind } from './ingredient'
import { fatsEggsDairy } from './tables/fats-eggs-dairy'
import { flours } from './tables/flours'
import { fruitVegetables } from './tables/fruit-vegetables'
import { grainsDairy } from './tables/grains-dairy'
import { leavenFlavour } from './tables/leaven-flavour'
import { nutsFruit } from './tables/nuts-fruit'
import { plant } from './tables/plant'
import { spicesDrinks } from './tables/spices-drinks'
import { sugars } from './tables/sugars'
import { sweetsBought } from './tables/sweets-bought'

/** Milled and packed where wheat is, unless a packet is certified. [P] */
const besideWheat: readonly Kind[] = ['gluten-free-flour', 'flour-mix', 'starch']
const milled = (row: Ingredient): Ingredient =>
  besideWheat.includes(row.kind) && ![...row.holds, ...row.mayHold, ...row.traces].includes('wheat')
    ? { ...row, traces: [...row.traces, 'wheat'] }
    : row

/** Every ingredient that Ingwer knows by itself; a house may add its own (`stockPantry`). */
export const pantry: readonly Ingredient[] = [
  ...flours,
  ...sugars,
  ...fatsEggsDairy,
  ...grainsDairy,
  ...plant,
  ...nutsFruit,
  ...fruitVegetables,
  ...leavenFlavour,
  ...spicesDrinks,
  ...sweetsBought,
].map(milled)
