import type { Recipe } from '../../recipe'
import type { Action } from '../action'
import { readMethod } from '../read'
import { englishGate } from './english'
import { foamGate } from './foam'
import type { Fault, Gate } from './gate'
import { goneGate } from './gone'
import { heatGate } from './heat'
import { orderGate } from './order'
import { seizingGate } from './seizing'
import { setsGate } from './sets'
import { settersGate } from './setters'
import { sharesGate } from './shares'

const gates: readonly Gate[] = [
  sharesGate,
  orderGate,
  heatGate,
  foamGate,
  goneGate,
  settersGate,
  setsGate,
  seizingGate,
  englishGate,
]

/**
 * What the gates find in a changed method: shares that add up and nothing lost, nothing used before
 * it is made, the heat that every part had, nothing whipped that holds no foam, nothing named that
 * left, setters boiled or not as they must be, nothing told to set that cannot, no water that seizes
 * chocolate, and plain English. They read the result alone and
 * share no code with what makes plans. Empty where all is well; what the original already had wrong
 * is not counted.
 */
export function gateFaults(was: Recipe, is: Recipe): readonly Fault[] {
  const { actions: actionsBefore, had } = originalOf(was)
  const changed = { was, is, actionsBefore, actions: readMethod(is).actions }
  return gates.flatMap(gate => gate(changed)).filter(fault => !had.has(fault.says))
}

interface Original {
  readonly actions: readonly Action[]
  /** What it already had wrong. */
  readonly had: ReadonlySet<string>
}
/** Many plans are made of one recipe: it is read once. */
const originals = new WeakMap<Recipe, Original>()
function originalOf(was: Recipe): Original {
  const known = originals.get(was)
  if (known) return known
  const { actions } = readMethod(was)
  const same = { was, is: was, actionsBefore: actions, actions }
  const had = new Set(gates.flatMap(gate => gate(same)).map(fault => fault.says))
  const read = { actions, had }
  originals.set(was, read)
  return read
}
