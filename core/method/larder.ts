import type { Line } from '../recipe'
import type { OperandShare } from './action'
import type { VerbId } from './tables/verbs'

/** So little of a line is none. */
const nothingLeft = 0.02
/** "A spoonful of the flour": so much of its line. [M] */
const aLittle = 0.12

/** A share as a fraction of its line; what is not measured takes a little. */
function fractionOf(line: Line, share: OperandShare, left: number): number {
  if (share.of === 'part') return share.fraction
  if (share.of !== 'amount') return left
  const whole = line.grams?.best
  return whole && share.grams !== null ? share.grams / whole : Math.min(left, aLittle)
}

/** How much of each line is left, and what earlier actions did to it. */
export class Larder {
  private readonly left = new Map<string, number>()
  private readonly by = new Map<string, string>()
  private readonly done = new Map<string, VerbId>()
  /** Pieces of eggs and fruits that were taken by themselves. */
  private readonly pieces = new Map<string, Set<string>>()

  /** The line of which a part was taken last. */
  private lastParted: Line | null = null

  constructor(private readonly lines: readonly Line[]) {}

  has = (line: Line, share?: OperandShare): boolean =>
    (this.left.get(line.id) ?? 1) > nothingLeft &&
    !(share?.of === 'piece' && this.pieces.get(line.id)?.has(share.piece))

  /** Lines of the same thing as `line`, its own first: the next is meant where the first is used up. */
  same = (line: Line): readonly Line[] => [
    line,
    ...this.lines.filter(
      other => other !== line && other.ingredient !== null && other.ingredient === line.ingredient,
    ),
  ]

  take(line: Line, share: OperandShare, action: string, verb: VerbId | null): void {
    this.by.set(line.id, action)
    if (verb) this.done.set(line.id, verb)
    if (share.of === 'part') this.lastParted = line
    if (share.of !== 'piece') {
      const left = this.left.get(line.id) ?? 1
      this.left.set(line.id, Math.max(0, left - fractionOf(line, share, left)))
      return
    }
    const had = this.pieces.get(line.id) ?? new Set()
    had.add(share.piece)
    this.pieces.set(line.id, had)
    if (had.size > 1) this.left.set(line.id, 0)
  }

  /** "The chopped ginger": of lines of one name the one that was chopped. */
  isDone = (line: Line, verb: VerbId): boolean => this.done.get(line.id) === verb
  /** Of which of these a part was taken last, if there is some of it left. */
  partedOf = (lines: readonly Line[]): Line | null =>
    this.lastParted && lines.includes(this.lastParted) && this.has(this.lastParted)
      ? this.lastParted
      : null
  /** The action that took of it last. */
  lastOf = (line: Line): string | null => this.by.get(line.id) ?? null
}
