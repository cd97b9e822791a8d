import { pattern } from '../../measure'
import { ingredientById, type Kind } from '../../pantry'
import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'

const tasting = pattern(
  'iu',
  String.raw`\b(?:tast(?:e|ing)|lick(?:ing)?|sampl(?:e|ing)|nibbl(?:e|ing)|sneak(?:ing)?|`,
  String.raw`eat(?:ing)?|snack(?:ing)?|try(?:ing)?)\b[^.;!?]{0,50}\b(?:raw|dough|batter|`,
  String.raw`mixture|bowl|beaters?|whisk|spatula|spoon)\b`,
)
const fine = pattern(
  'iu',
  String.raw`\b(?:do\s+not|don['’]t|never|avoid|no)\s+(?:\w+\s+){0,2}(?:tast|lick|eat|try|`,
  String.raw`sampl|nibbl)|to\s+taste\b|heat[\s-]*treated|toasted\s+flour|(?:frosting|icing|`,
  String.raw`glaze|cream|syrup|filling|sauce|ganache)\b`,
)
const raw: readonly Kind[] = [
  'flour',
  'gluten-free-flour',
  'flour-mix',
  'egg',
  'egg-white',
  'egg-yolk',
  'egg-product',
]

/** A step that suggests tasting raw dough or batter, where flour or egg is in it. */
export function rawDough(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const risky = linesOf(recipe).some(line =>
    raw.includes(ingredientById(line.ingredient ?? '')?.kind ?? 'water'),
  )
  if (!risky) return []
  return steps.flatMap(step => {
    const sentences = step.text.split(/(?<=[.!?;])\s+/u)
    const bad = sentences.find(s => tasting.test(s) && !fine.test(s))
    if (!bad) return []
    const rest = sentences.filter(s => s !== bad).join(' ')
    const place = { component: step.component, at: step.at }
    return [
      finding({
        code: 'raw-dough',
        severity: 'ask',
        step: place,
        text: bad,
        sentence: `A step suggests eating raw dough or batter: “${bad.trim()}”`,
        corrections: [
          {
            label: 'Take that sentence out',
            edits: [
              rest ? { do: 'restep', ...place, text: rest } : { do: 'remove-step', ...place },
            ],
          },
        ],
      }),
    ]
  })
}
