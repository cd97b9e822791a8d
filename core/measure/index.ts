/** Numbers and units as recipes write them, and as a kitchen measures them. */

/* Numbers with a unit: what they are, and checked where they come in. */
export { aDay } from './quantity'
export { exactly } from './quantity'
export { times } from './quantity'
export type { Celsius } from './quantity'
export type { Grams } from './quantity'
export type { GramsPerMl } from './quantity'
export type { Minutes } from './quantity'
export type { Spread } from './quantity'

/* Where a recipe comes from: its cups, spoons and words. */
export { isRegion } from './region'
export { regions } from './region'
export type { Region } from './region'

/* Numbers and amounts as written: “1½”, “2-3”, “a dozen”. */
export { readNumber } from './number'
export { readPartAfter } from './number'
export { splitFraction } from './number'
export { readAmount } from './amount'
export type { Amount } from './amount'

/* Units: what stands in a text, and how much one holds. */
export { millilitresIn } from './unit'
export { readUnit } from './unit'
export { unitById } from './unit'
export type { Unit } from './unit'
export type { UnitId } from './unit'
export { fillingRows } from './tables/units'
export { takableParts } from './tables/units'

/* Temperatures: scales, gas marks, fan ovens, and what a sentence sets. */
export { celsiusOfFahrenheit } from './temperature'
export { celsiusOfGasMark } from './temperature'
export { fahrenheitOfCelsius } from './temperature'
export { ovenCelsius } from './temperature'
export { readOven } from './temperature'
export { settingsIn } from './temperature'
export { stillCelsius } from './temperature'
export { asStill } from './temperature'
export { fanDegrees } from './temperature'
export type { OvenSetting } from './temperature'
export type { OvenReading } from './temperature'

/* Amounts as a kitchen weighs and spoons them. */
export { takable } from './kitchen'
export { kitchenNumber } from './kitchen'
export { scaleAmount } from './kitchen'
export { spoonAmount } from './kitchen'
export { weightText } from './kitchen'

/* A long regular expression written over several lines. */
export { pattern } from './pattern'

/* What the schemas of kept things are made of. */
export { longestText } from './limits'
