import type { FamilyRow } from './tables/families'
import { balanceRules, type BalanceRule } from './tables/balance-rules'
import { ratiosOf } from './ratios'
import type { Weight } from './weight'

/**
 * A rule of the family that the new proportions leave, though the old ones kept it; with what there
 * is now.
 */
export interface LeftRule {
  readonly rule: BalanceRule
  readonly was: number
  readonly is: number
}

/**
 * Which of the family's balance rules the change breaks. Warnings only: what the original broke
 * already is not counted.
 */
export function rulesLeft(
  before: readonly Weight[],
  after: readonly Weight[],
  family: FamilyRow,
): LeftRule[] {
  const [was, is] = [ratiosOf(before), ratiosOf(after)]
  const within = (n: number, [low, high]: readonly [number, number]) => n >= low && n <= high
  return balanceRules.flatMap(rule =>
    rule.families.includes(family.id) &&
    within(was[rule.ratio], rule.range) &&
    !within(is[rule.ratio], rule.range)
      ? [{ rule, was: was[rule.ratio], is: is[rule.ratio] }]
      : [],
  )
}
