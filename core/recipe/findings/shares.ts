import { pattern } from '../../measure'
import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import type { PlacedStep, StepUse } from '../things/steps'

/** Three thirds of 0.34 and a rounding come to a little more than one. [P] */
const whole = 1.04

/** Steps that take more of a line than there is: half of it, and then two thirds. */
export function tooMuch(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const parts = new Map<string, { readonly use: StepUse; readonly step: PlacedStep }[]>()
  for (const step of steps)
    for (const use of step.uses)
      if (use.line && use.share.of === 'part')
        parts.set(use.line.id, [...(parts.get(use.line.id) ?? []), { use, step }])
  return linesOf(recipe).flatMap(line => {
    const uses = parts.get(line.id) ?? []
    const sum = uses.reduce(
      (n, { use }) => n + (use.share.of === 'part' ? use.share.fraction : 0),
      0,
    )
    const last = uses.at(-1)
    if (!last || sum <= whole) return []
    return [
      finding({
        code: 'shares',
        severity: 'ask',
        lineId: line.id,
        step: { component: last.step.component, at: last.step.at },
        text: last.step.text,
        about: `${line.text} ${last.step.text}`,
        sentence: `The steps take ${Math.round(100 * sum)} % of the ${line.name}: more than there is.`,
        corrections: [
          {
            label: 'The last one takes the rest',
            edits: [
              {
                do: 'restep',
                component: last.step.component,
                at: last.step.at,
                text: restInstead(last.step.text, last.use),
              },
            ],
          },
        ],
      }),
    ]
  })
}

const share = pattern(
  'iu',
  String.raw`(?:\b(?:an?|one|two|three|another|the\s+(?:first|second|last|other))[\s-]+)?(?:half|thirds?|`,
  String.raw`quarters?|½|⅓|⅔|¼|¾|\d/\d)(?:\s+of)?(?:\s+(?:the|your|it))?\s+(?:\p{L}+\s+){0,2}$`,
)

const restInstead = (text: string, { mention }: StepUse) => {
  const lead = text.slice(0, mention.start)
  const hit = share.exec(lead)
  return hit ? `${lead.slice(0, hit.index)}the remaining ${text.slice(mention.start)}` : text
}
