import {
  avoidableName,
  claimsIn,
  groupsOf,
  ingredientById,
  type ClaimWords,
  type Ingredient,
} from '../../pantry'
import { namedByLine } from '../things/things'
import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'

const against = (
  claim: ClaimWords,
  ingredient: Ingredient,
  own: readonly Pick<ClaimWords, 'without'>[],
) =>
  ingredient.holds.find(
    id =>
      claim.without.some(without => groupsOf(id).has(without)) &&
      !own.some(c => c.without.some(without => groupsOf(id).has(without))),
  )

/** What the title, or the name of a part, says is not in it, and a line or a step brings all the same. */
export function claims(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const found: Finding[] = []
  const places = [
    { name: recipe.title, lines: linesOf(recipe), steps, isTitle: true },
    ...recipe.components
      .filter(c => c.name)
      .map(c => ({
        name: c.name,
        lines: c.lines,
        steps: steps.filter(s => s.component === c.name),
        isTitle: false,
      })),
  ]
  for (const place of places)
    for (const claim of claimsIn(place.name)) {
      for (const line of place.lines.flatMap(l => [l, ...l.orElse])) {
        const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
        const holds =
          ingredient && against(claim, ingredient, namedByLine(line, recipe.region).slice(0, 1))
        if (!holds) continue
        const title = `${recipe.title.slice(0, claim.start)}${recipe.title.slice(claim.end)}`
          .replace(/\s+/gu, ' ')
          .replace(/^[\s,–-]+/u, '')
          .trim()
        found.push(
          finding({
            code: 'claim',
            severity: 'ask',
            lineId: line.id.replace(/(?:-or)+$/u, ''),
            text: line.text,
            about: `${claim.words} ${line.text}`,
            sentence:
              `${place.isTitle ? 'The title' : `“${place.name}”`} says ${claim.words}, but ` +
              `“${line.text}” brings ${avoidableName(holds)}.`,
            corrections:
              place.isTitle && title
                ? [
                    {
                      label: `Take “${claim.words}” out of the title`,
                      edits: [
                        { do: 'title', title: title.charAt(0).toUpperCase() + title.slice(1) },
                      ],
                    },
                  ]
                : [],
          }),
        )
        break
      }
      for (const step of place.steps) {
        const use = step.uses.find(
          u => !u.line && against(claim, u.mention.ingredient, [u.mention]),
        )
        if (use) {
          found.push(
            finding({
              code: 'claim',
              severity: 'ask',
              step: { component: step.component, at: step.at },
              text: step.text,
              about: `${claim.words} ${step.text}`,
              sentence:
                `${place.isTitle ? 'The title' : `“${place.name}”`} says ${claim.words}, but ` +
                `a step brings ${use.mention.ingredient.name}.`,
            }),
          )
          break
        }
      }
    }
  return found
}
