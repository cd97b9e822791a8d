export {
  exactly,
  times,
  type Celsius,
  type Grams,
  type GramsPerMl,
  type Millilitres,
  type Minutes,
  type Spread,
} from './quantity'
export { isRegion, regions, type Region } from './region'
export { readNumber, readPartAfter, splitFraction } from './number'
export { pattern } from './pattern'
export { readAmount, type Amount } from './amount'
export { millilitresIn, readUnit, unitById, type Unit, type UnitId } from './unit'
export { fillingRows } from './tables/units'
export {
  celsiusOfFahrenheit,
  celsiusOfGasMark,
  fahrenheitOfCelsius,
  ovenCelsius,
  readOven,
  settingsIn,
  stillCelsius,
  type OvenSetting,
  stillOfFan,
  type OvenReading,
} from './temperature'
export { kitchenNumber, scaleAmount, spoonAmount, weightText, type KitchenAmount } from './kitchen'
