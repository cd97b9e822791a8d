import type { Method } from '../ways'
import { setByArithmetic } from './arithmetic'
import type { AmountSetter } from './draft'

const asDosed: AmountSetter = draft => draft
export const setterOf: Readonly<Record<Exclude<Method, 'solver' | 'composition'>, AmountSetter>> = {
  'one-for-one': asDosed,
  'table': asDosed,
  'table-arithmetic': setByArithmetic,
  'arithmetic': setByArithmetic,
}
