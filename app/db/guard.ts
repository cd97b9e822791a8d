import { kept, type KeptKind } from '#core/share'
import { written } from './disk'

/** What was to be kept does not hold together: a mistake of ours, said in a sentence. */
export class NotKept extends Error {
  override readonly name = 'NotKept'
}

/**
 * Writes only what holds together by its schema: with anything else the house file would not open.
 * Throws `NotKept` with a sentence, and has written nothing then.
 */
export const keep = <T>(
  kind: KeptKind,
  values: readonly unknown[],
  write: () => PromiseLike<T>,
): Promise<T> =>
  written(async () => {
    const { keptProblem } = await kept()
    const problem = values.map(value => keptProblem(kind, value)).find(found => found !== null)
    if (problem)
      throw new NotKept(
        `This could not be kept: “${problem.at}” ${problem.because}. What was kept before is untouched.`,
      )
    return await write()
  })
