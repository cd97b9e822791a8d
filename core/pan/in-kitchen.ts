import { kitchenNumber, readNumber } from '../measure'

const valueOf = (text: string) => readNumber(text, 0)?.value ?? 0
const near = (n: number, to: number) => Math.abs(n - to) < 0.02 * Math.max(to, 0.5)
/** Whether a kitchen's fractions say this number. */
const isKitchenNumber = (n: number): boolean => near(valueOf(kitchenNumber(n)), n)

/** "1½"; a number that only nearly is whole keeps a decimal. */
export const said = (n: number) =>
  isKitchenNumber(n) || n % 1 === 0 ? kitchenNumber(n) : String(Math.round(n * 10) / 10)
/** "eggs" of one egg. */
export const one = (name: string) => name.replace(/(?<=[^s])s$/u, '')
