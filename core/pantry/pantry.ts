import type { Ingredient } from './ingredient'
import { fatsEggsDairy } from './tables/fats-eggs-dairy'
import { flours } from './tables/flours'
import { leavenFlavour } from './tables/leaven-flavour'
import { nutsFruit } from './tables/nuts-fruit'
import { plant } from './tables/plant'
import { sugars } from './tables/sugars'

/** Every ingredient that Ingwer knows. */
export const pantry: readonly Ingredient[] = [...flours, ...sugars, ...fatsEggsDairy, ...plant, ...nutsFruit, ...leavenFlavour]
