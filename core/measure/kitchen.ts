import type { Grams, GramsPerMl, Millilitres } from './quantity'
import type { Region } from './region'
import { takableParts } from './tables/units'
import { millilitresIn, unitById } from './unit'

/** What a kitchen can measure, nearest to a wanted weight, and what the rounding loses. */
export interface KitchenAmount {
  /** "124 g", "1 Tbsp + ½ tsp (16 g)", "2 tsp". */
  readonly text: string
  /** The weight that this text really means. */
  readonly grams: Grams
  /** `grams` less what was asked for. */
  readonly loss: Grams
}

const fractionText: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
]

/** A number as kitchens write it: 1½, ⅔, 2; to the nearest of the fractions that spoons and cups have. */
export function kitchenNumber(n: number): string {
  const whole = Math.floor(n + 1e-9)
  const rest = n - whole
  const [part, sign] = fractionText.reduce((best, row) =>
    Math.abs(row[0] - rest) < Math.abs(best[0] - rest) ? row : best,
  )
  const all = part === 1 ? whole + 1 : whole
  return all === 0 ? sign || '0' : `${all}${sign}`
}

/** A fiftieth more or less is the same spoon. */
const alike = 0.02
/**
 * The number that a kitchen takes of a unit, where one is near: 1½ cups, but not 1⅛; ½ oz, but not
 * 4.3. Of units that the table does not have, any number. Null where none is near.
 */
export function takable(unit: string, n: number): number | null {
  const parts = takableParts[unit]
  if (!parts) return n
  const whole = Math.floor(n + alike)
  const all = (whole ? parts.from : parts.below).map(part => whole + part)
  const near = [...all, whole + 1].filter(to => Math.abs(n - to) < alike * Math.max(to, 0.5))
  return near.sort((a, b) => Math.abs(n - a) - Math.abs(n - b))[0] ?? null
}

interface Spoons {
  readonly ml: Millilitres
  readonly text: string
  readonly parts: number
}

const teaspoonParts = [0, 1 / 8, 1 / 4, 1 / 2, 3 / 4, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5] as const
const tablespoonParts = [0, 1, 2, 3] as const
const cupParts = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4] as const

type Piece = readonly [count: number, each: Millilitres, name: string]
/** The sum of some measures; none of which nothing is used. */
function sumOf(pieces: readonly Piece[]): Spoons[] {
  const used = pieces.filter(([count]) => count > 0)
  if (!used.length) return []
  const ml = used.reduce((sum, [count, each]) => sum + count * each, 0)
  const text = used.map(([count, , name]) => `${kitchenNumber(count)} ${name}`).join(' + ')
  return [{ ml, text, parts: used.length }]
}

/**
 * Every sum of at most two measures (cup and tablespoon, or tablespoon and teaspoon) that comes
 * within reach of `ml`.
 */
function spoonSums(ml: Millilitres, region: Region): Spoons[] {
  const size = (id: string) => millilitresIn(unitById(id)!, region)!
  const [cup, tbsp, tsp] = [size('cup'), size('tbsp'), size('tsp')]
  const teaspoons = teaspoonParts.filter(count => count < tbsp / tsp - 0.01)
  const wholeCups = Math.floor(ml / cup)
  const cups = [wholeCups, wholeCups + 1]
    .flatMap(count => cupParts.map(part => count + part))
    .filter(count => count > 0)
  const spoons = tablespoonParts.flatMap(t =>
    teaspoons.flatMap(s =>
      sumOf([
        [t, tbsp, 'Tbsp'],
        [s, tsp, 'tsp'],
      ]),
    ),
  )
  const withCups = cups.flatMap(c =>
    tablespoonParts.flatMap(t =>
      sumOf([
        [c, cup, c > 1 ? 'cups' : 'cup'],
        [t, tbsp, 'Tbsp'],
      ]),
    ),
  )
  return [...spoons, ...withCups]
}

/**
 * The spoons or cups nearest to a weight. A second measure is only added when it brings the amount
 * closer by more than 3 % of it. `loss` says what the rounding gives or takes; nothing else is
 * lost.
 */
export function spoonAmount(wanted: Grams, density: GramsPerMl, region: Region): KitchenAmount {
  const ml = wanted / density
  const cost = (s: Spoons) => Math.abs(s.ml - ml) / Math.max(ml, 0.3) + 0.03 * s.parts
  const best = spoonSums(ml, region).reduce((a, b) => (cost(b) < cost(a) ? b : a))
  const grams = best.ml * density
  return { text: best.text, grams, loss: grams - wanted }
}

/** The steps of a kitchen scale by the weight from which they hold, in grams. [M] */
const scaleSteps = [
  { from: 10, step: 1 },
  { from: 2, step: 0.5 },
  { from: -Infinity, step: 0.1 },
]
/** A weight as a kitchen scale of 1 g steps shows it; below 10 g to half a gram, below 2 g to a tenth. */
export function scaleAmount(wanted: Grams): KitchenAmount {
  const step = scaleSteps.find(row => wanted >= row.from)!.step
  // Sums in another order differ in their last digits; that must not tip a half.
  const steps = Math.round(Number((wanted / step).toPrecision(9)))
  const grams = Math.round(steps * step * 10) / 10
  return { text: `${grams} g`, grams, loss: grams - wanted }
}

/** A weight in a sentence or a table: whole grams from 10 g, tenths below. */
export const weightText = (grams: Grams): string =>
  `${grams >= 10 ? Math.round(grams) : Math.round(grams * 10) / 10} g`
