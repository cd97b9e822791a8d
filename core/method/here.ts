import { wordsOf } from '../pantry'
import type { Line, PlacedStep, Recipe, Span } from '../recipe'
import type { Operand, OperandShare } from './action'
import type { Clause } from './clauses'
import type { Larder } from './larder'

/** Where an action stands while its operands are looked for. */
export interface Here {
  readonly recipe: Recipe
  readonly steps: readonly PlacedStep[]
  readonly step: PlacedStep
  readonly clause: Clause
  /** The lines of the part that it works on. */
  readonly own: readonly Line[]
  readonly larder: Larder
  /** The action's id. */
  readonly action: string
  /** What the action before took. */
  readonly before: readonly Operand[]
}

/** A line as an operand: itself while there is some of it, else what was made of it. */
export function takeLine(line: Line, share: OperandShare, span: Span | null, here: Here): Operand {
  const { larder, action, clause } = here
  if (!larder.has(line, share))
    return { thing: { is: 'made', by: larder.lastOf(line), lines: [line.id] }, share, span }
  // What is parted is taken later, piece by piece.
  if (clause.verb !== 'separate') larder.take(line, share, action, clause.verb)
  return { thing: { is: 'line', line: line.id }, share, span }
}

/** The last word of a line's name, as steps call it: "chips", "juice", and a name nobody knows. */
export function tailOf(line: Line): string | undefined {
  if (!tails.has(line)) tails.set(line, wordsOf(line.name.split(/[,(]/u)[0]!).at(-1)?.plain)
  return tails.get(line)
}
/** Every word of every clause asks every line. */
const tails = new WeakMap<Line, string | undefined>()
