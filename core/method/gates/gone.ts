import { ingredientById } from '../../pantry'
import { linesOf, readSteps } from '../../recipe'
import { goneCues as cues } from '../tables/gates'
import type { Fault, Gate } from './gate'

/** No step names what is in the recipe no more. */
export const goneGate: Gate = ({ was, is }) => {
  const listed = new Set(
    linesOf(is)
      .flatMap(line => [line, ...line.orElse])
      .map(l => l.ingredient),
  )
  const gone = new Set(
    linesOf(was)
      .filter(line => line.ingredient !== null && !listed.has(line.ingredient))
      .map(line => line.ingredient!),
  )
  const kinds = new Set([...gone].flatMap(id => ingredientById(id)?.kind ?? []))
  const stays = new Set([...listed].flatMap(id => ingredientById(id ?? '')?.kind ?? []))
  return readSteps(is).flatMap((step): Fault[] => {
    const named = step.uses.filter(
      use => !use.line && !use.mention.verb && gone.has(use.mention.ingredient.id),
    )
    const said = cues.filter(
      cue =>
        cue.kinds.some(kind => kinds.has(kind)) &&
        !cue.kinds.some(kind => stays.has(kind)) &&
        cue.sign.test(step.text),
    )
    const words = [
      ...named.map(use => use.mention.words),
      ...said.map(cue => cue.sign.exec(step.text)![0]),
    ]
    return words.map(word => ({
      gate: 'gone',
      says: `A step still speaks of “${word}”.`,
      step: { component: step.component, at: step.at },
    }))
  })
}
