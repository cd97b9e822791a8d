import { ingredientById } from '../../pantry'
import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'
import { titleClaims } from '../tables/title-claims'

/** What a title promises ("sugar-free", "no-bake", "flourless") and a line or a step breaks. */
export function titleClaim(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  return titleClaims.flatMap(({ sign, kinds, bakes, brings }) => {
    const said = sign.exec(recipe.title)?.[0]
    if (!said) return []
    const line = linesOf(recipe).find(l =>
      kinds.includes(ingredientById(l.ingredient ?? '')?.kind ?? 'water'),
    )
    const step = bakes ? steps.find(s => s.times.some(time => time.kind === 'bake')) : undefined
    if (!line && !step) return []
    return [
      finding({
        code: 'claim',
        severity: 'ask',
        ...(line ? { lineId: line.id } : { step: { component: step!.component, at: step!.at } }),
        text: line?.text ?? step!.text,
        about: `${said} ${line?.text ?? step!.text}`,
        sentence:
          `The title says ${said}, but “${(line?.text ?? step!.text).slice(0, 80)}” ` +
          `brings ${brings}.`,
      }),
    ]
  })
}
