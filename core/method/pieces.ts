import { ingredientById, type Kind } from '../pantry'
import type { StepUse } from '../recipe'
import type { Operand } from './action'
import { takeLine, type Here } from './here'
import { ofPiece, pieceOfIt } from './tables/shares'

const fruits: ReadonlySet<Kind> = new Set(['fruit', 'juice', 'acid'])

/** "The zest of the orange": the fruit behind "of" is the piece's own, and taken once. */
export const isOwnerOf = (use: StepUse, uses: readonly StepUse[], text: string): boolean =>
  use.line !== null &&
  ofPiece.test(text.slice(0, use.mention.start)) &&
  uses.some(other => other.line === use.line && other.mention.end <= use.mention.start)

/** "Add half its juice": a piece of the fruit that the step spoke of last. */
export function ofIts(here: Here): Operand[] {
  const { step, clause } = here
  const hit = pieceOfIt.exec(step.text.slice(...clause.span))
  if (!hit) return []
  const start = clause.span[0] + hit.index
  const isFruit = ({ line }: StepUse) =>
    fruits.has(ingredientById(line?.ingredient ?? '')?.kind ?? 'water')
  // "The rest of the cherry juice" is named by itself.
  if (step.uses.some(({ mention }) => mention.start < start + hit[0].length && start < mention.end))
    return []
  const fruit = step.uses.filter(use => use.mention.end <= start && isFruit(use)).at(-1)
  if (!fruit?.line) return []
  const piece = /juice/iu.test(hit[0]) ? 'juice' : 'zest'
  return [takeLine(fruit.line, { of: 'piece', piece }, [start, start + hit[0].length], here)]
}
