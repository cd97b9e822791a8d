import type { Ingredient } from '../pantry'
import { measures, type Measure } from './measures'
import { glutenKinds, glutenOfProtein, heavinessById, heavinessByKind } from './tables/hold'

/**
 * Where each measure stands in a vector; behind the measures come the three things that lift and
 * acid are made of.
 */
export const at = Object.fromEntries(measures.map((m, i) => [m, i])) as Readonly<
  Record<Measure, number>
>
export const [atAcid, atSoda, atPowder, atEgg] = [
  measures.length,
  measures.length + 1,
  measures.length + 2,
  measures.length + 3,
] as const
export const vectorLength = measures.length + 4

function glutenOf(i: Ingredient): number {
  if (i.hold !== undefined) return i.hold
  if (!glutenKinds.includes(i.kind)) return 0
  return i.per100.protein * Math.max(0, ...i.holds.map(id => glutenOfProtein[id] ?? 0))
}

/**
 * Grams of fresh egg that a gram of this stands for: dried egg by what it sets, against 2 a 100 g
 * of the fresh.
 */
export function freshEgg(i: Ingredient): number {
  if (i.kind === 'egg-product') return i.does.set / 2
  return i.kind === 'egg' || i.kind === 'egg-white' || i.kind === 'egg-yolk' ? 1 : 0
}

const known = new WeakMap<Ingredient, Float64Array>()
const boiled = new WeakMap<Ingredient, Float64Array>()

/**
 * What one gram brings, measure by measure; `lift` and `acid` stay 0, since they follow from the
 * acid, soda, powder and egg that stand behind. Worked out once an ingredient: plans are weighed
 * some ten thousand times a recipe. `starchSets` is how many times better than in a crumb its
 * starch sets.
 */
export function perGram(i: Ingredient, starchSets = 1): Float64Array {
  const cache = starchSets === 1 || i.kind !== 'starch' ? known : boiled
  const there = cache.get(i)
  if (there) return there
  const v = new Float64Array(vectorLength)
  const { per100, does } = i
  const put = (m: Measure, of100: number) => {
    v[at[m]] = of100 / 100
  }
  put('water', per100.water)
  put('fat', per100.fat)
  put('solidFat', per100.fat * per100.solid)
  put('sugar', per100.sugar + (i.bulk ?? 0))
  put('protein', per100.protein)
  put('starch', per100.starch)
  put('fibre', per100.fibre)
  put('bind', does.bind)
  put('set', does.set * (cache === boiled ? starchSets : 1))
  put('foam', does.foam)
  put('emulsify', does.emulsify)
  put('gluten', glutenOf(i))
  put('sweetness', i.sweet)
  put('salt', i.salt ?? 0)
  v[at.heaviness] = heavinessById[i.id] ?? heavinessByKind[i.kind] ?? 0
  v[atAcid] = i.acid
  v[atSoda] = i.soda
  v[atPowder] = i.powder
  v[atEgg] = freshEgg(i) / 50
  cache.set(i, v)
  return v
}
