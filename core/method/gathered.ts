import { ingredientById } from '../pantry'
import type { Line, PlacedStep, StepUse } from '../recipe'
import type { Operand, OperandShare } from './action'
import { takeLine, type Here } from './here'
import { shareOf } from './share'
import {
  exceptSign,
  forTins,
  goesOn,
  intoIt,
  restOf,
  saysMore,
  soFar,
  theOthers,
  target,
} from './tables/gathering'
import { wholes } from './tables/operands'
import { inCue, shareOfBowl } from './tables/shares'
import { singular, wordsIn } from './words'

export type Gather = PlacedStep['gathers'][number]
const all = { of: 'all' } as const

/** A long list of kinds is a company ("the dry ingredients"), a short one a name ("the nuts"). */
const longest = 8
const isCompany = (kinds: Gather['kinds']): boolean =>
  Array.isArray(kinds) && kinds.length > longest

/** Of gathering words that overlap the first: "the dry ingredients for the dough". */
export const apart = (gathers: readonly Gather[]): readonly Gather[] =>
  gathers.filter(
    (g, i) =>
      !gathers.some(
        (other, j) =>
          other.span[0] < g.span[1] &&
          g.span[0] < other.span[1] &&
          (other.span[0] < g.span[0] || (other.span[0] === g.span[0] && j > i)),
      ),
  )

/** "The flour mixture": what it went into. */
const isWholeOf = (behind: string): boolean => {
  const [next] = wordsIn(behind)
  return next !== undefined && !behind.slice(0, next.start).trim() && wholes.has(singular(next.is))
}
/** Is all of it taken by its own name at a later place? Then it is not among "the dry ingredients". */
const isNamedLater = (line: Line, { step, steps, clause }: Here): boolean =>
  steps.some((other, at) =>
    other.uses.some(
      use =>
        use.line === line &&
        !use.mention.verb &&
        ['all', 'piece'].includes(shareOf(use, other.text).of) &&
        !isWholeOf(other.text.slice(use.mention.end)) &&
        !saysMore.test(line.text) &&
        !forTins.test(other.text.slice(0, use.mention.start)) &&
        !inCue.test(other.text.slice(0, use.mention.start)) &&
        (other === step ? use.mention.start > clause.span[1] : at > steps.indexOf(step)),
    ),
  )

/** "A spoonful of the whites". */
const isALittle = (share: OperandShare): boolean => share.of === 'amount' && share.grams === null
/**
 * "Half the eggs, then the rest": the rest of what was shared out just before; nothing new where that
 * was the bowl itself ("sandwich them with a third, spread the rest").
 */
function restShared({ span }: Gather, here: Here): Operand[] | null {
  const { step, larder, clause } = here
  const isShared = (use: StepUse) =>
    use.share.of === 'part' ||
    (use.mention.start >= clause.sentence[0] && isALittle(shareOf(use, step.text)))
  const shared = step.uses.findLast(
    use => use.mention.end <= span[0] && use.line !== null && isShared(use),
  )
  const bowl = [...step.text.slice(0, span[0]).matchAll(shareOfBowl)].at(-1)
  if (bowl && bowl.index > (shared?.mention.end ?? -1)) return []
  if (!shared) return null
  const lines = larder.same(shared.line!)
  const line =
    larder.partedOf(lines) ??
    lines.find(one => here.own.includes(one) && larder.has(one)) ??
    shared.line!
  return [takeLine(line, { of: 'rest' }, span, here)]
}

/** "… and chop everything": what the sentence has taken so far, and nothing new. */
function isSoFar({ kinds, span }: Gather, { step, clause }: Here): boolean {
  const said = step.text.slice(...span)
  return (
    kinds === 'all' &&
    soFar.test(said) &&
    !goesOn.test(step.text.slice(span[1])) &&
    step.uses.some(
      ({ mention }) => mention.start >= clause.sentence[0] && mention.end <= clause.span[0],
    )
  )
}

const isWithin = ({ mention }: StepUse, [from, to]: Gather['span']): boolean =>
  from <= mention.start && mention.end <= to

/** The lines that a gathering word can mean: those of a part that it names, else of its own. */
function meantBy({ kinds, span }: Gather, named: readonly StepUse[], here: Here): Line[] {
  const { recipe, step, own, clause } = here
  const said = step.text.slice(Math.max(0, span[0] - 3), span[1]).toLowerCase()
  const part = recipe.components.find(
    c => c.name !== '' && c.lines.length > 0 && said.includes(c.name.toLowerCase()),
  )
  const excepted = exceptSign.test(step.text.slice(span[1], clause.span[1]))
    ? named.filter(use => use.mention.start > span[1]).map(use => use.line)
    : []
  const isOf = (line: Line) =>
    !Array.isArray(kinds) || kinds.includes(ingredientById(line.ingredient ?? '')?.kind ?? 'water')
  // What the clause itself names is not gathered as well: "the dry ingredients with half the sugar".
  const isTaken = (line: Line) =>
    named.some(use => use.line === line && !isWithin(use, span)) ||
    ((!Array.isArray(kinds) || isCompany(kinds)) && isNamedLater(line, here))
  return (part?.lines ?? own).filter(
    line => isOf(line) && line.purpose === null && !excepted.includes(line) && !isTaken(line),
  )
}

/** What a gathering word takes: "everything", "the dry ingredients", "both sugars", "the rest". */
export function gathered(gather: Gather, named: readonly StepUse[], here: Here): Operand[] {
  const { kinds, span } = gather
  const { step, larder } = here
  if (kinds === 'rest') {
    // "Stir the purée into the rest": of what is in the bowl.
    if (intoIt.test(step.text.slice(0, span[0]))) return []
    const said = step.text.slice(...span)
    const shared = restOf.test(said) ? restShared(gather, here) : null
    if (shared) return shared
    if (theOthers.test(said)) return []
  }
  if (isSoFar(gather, here)) return []
  const meant = meantBy(gather, named, here)
  const there = meant.filter(line => larder.has(line))
  const mixed = meant.filter(line => !larder.has(line) && larder.lastOf(line) !== null)
  // "Stir into the dry ingredients" that were mixed before: into what was made of them.
  const isTarget = target.test(step.text.slice(0, span[0]))
  if (isCompany(kinds) && isTarget && mixed.length >= 2)
    return [
      {
        thing: { is: 'made', by: larder.lastOf(mixed.at(-1)!), lines: mixed.map(line => line.id) },
        share: all,
        span,
        isTarget: true,
      },
    ]
  const isName = Array.isArray(kinds) && !isCompany(kinds)
  const lines = isName && !there.length ? mixed : there
  return lines.map(line => takeLine(line, all, null, here))
}
