import type { Celsius } from '../measure'

/** Metres above the sea. */
export type Metres = number

const kelvin = 273.15
const critical = { kelvin: 647.096, pascal: 22.064e6 }

/**
 * Pressure of saturated steam in pascal at that temperature; the vapour pressure equation of Wagner
 * and Pruss [L], good to 0.1 % from 0 to 370 °C.
 */
function steamPressure(celsius: Celsius): number {
  const t = celsius + kelvin
  const x = 1 - t / critical.kelvin
  const sum =
    -7.85951783 * x +
    1.84408259 * x ** 1.5 -
    11.7866497 * x ** 3 +
    22.6807411 * x ** 3.5 -
    15.9618719 * x ** 4 +
    1.80122502 * x ** 7.5
  return critical.pascal * Math.exp((critical.kelvin / t) * sum)
}

/** Density of saturated steam in kg/m³, as an ideal gas: within 2 % up to 120 °C. */
export const steamDensity = (celsius: Celsius): number =>
  (steamPressure(celsius) * 0.018015) / (8.314462 * (celsius + kelvin))

/** Air pressure in pascal at that height: the standard atmosphere [L]. */
export const airPressure = (height: Metres): number =>
  101_325 * (1 - 2.25577e-5 * height) ** 5.25588

/** Where water boils, in °C, by bisection of the steam pressure. */
export function boilingPoint(height: Metres): Celsius {
  const pressure = airPressure(height)
  let [low, high] = [40, 130]
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (steamPressure(middle) < pressure) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** Heat that goes into a gram of water when it boils off, J/kg. [L] */
export const latentHeat = 2.26e6

/**
 * What the gas in a pore conducts, W/(m K): air, and steam that evaporates on its warm side and
 * condenses on its cold one, D(T)·P/(P − p)·L·dρ/dT. Near boiling that grows without end; it is cut
 * at 6, and P/(P − p) at 12. [M] as in studies of bread crumb
 */
export function poreConductivity(celsius: Celsius, pressure: number): number {
  const t = Math.min(celsius, 99.9)
  const spread = 2.12e-5 * ((t + kelvin) / kelvin) ** 1.81
  const gain = Math.min(12, pressure / Math.max(pressure - steamPressure(t), 1))
  const slope = (steamDensity(t + 0.5) - steamDensity(t - 0.5)) * latentHeat
  return Math.min(6, 0.028 + spread * gain * slope)
}
