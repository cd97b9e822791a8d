import { kept, type KeptKind } from '#core/share'
import { towardsWrite } from './writing'

/** What was to be kept does not hold together: a mistake of ours, said in a sentence. */
export class NotKept extends Error {
  override readonly name = 'NotKept'
}

/**
 * Asked before every write: what does not hold together by its schema is not written, since the
 * house file would not open with it. Throws `NotKept` with a sentence.
 */
export const mustHold = (kind: KeptKind, ...values: readonly unknown[]): Promise<void> =>
  towardsWrite(check(kind, values))

async function check(kind: KeptKind, values: readonly unknown[]): Promise<void> {
  const { keptProblem } = await kept()
  for (const value of values) {
    const problem = keptProblem(kind, value)
    if (problem)
      throw new NotKept(
        `This could not be kept: “${problem.at}” ${problem.because}. What was kept before is untouched.`,
      )
  }
}
