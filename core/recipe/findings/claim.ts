import { capital } from '../things/sentence'
import {
  avoidableName,
  claimsIn,
  groupsOf,
  ingredientById,
  type ClaimWords,
  type Ingredient,
} from '../../pantry'
import { namedByLine } from '../things/things'
import { finding, linesOf, type Correction, type Finding, type Line, type Recipe } from '../recipe'
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
/** Where a claim may stand, with what it speaks for. */
interface ClaimPlace {
  readonly name: string
  readonly lines: readonly Line[]
  readonly steps: readonly PlacedStep[]
  readonly isTitle: boolean
}
type Claim = ReturnType<typeof claimsIn>[number]

const saysSo = ({ isTitle, name }: ClaimPlace, claim: Claim) =>
  `${isTitle ? 'The title' : `“${name}”`} says ${claim.words}, but`
/** The title without the claim. */
function withoutClaim(recipe: Recipe, claim: Claim): readonly Correction[] {
  const title = `${recipe.title.slice(0, claim.start)}${recipe.title.slice(claim.end)}`
    .replace(/\s+/gu, ' ')
    .replace(/^[\s,–-]+/u, '')
    .trim()
  if (!title) return []
  const label = `Take “${claim.words}” out of the title`
  return [{ label, edits: [{ do: 'title', title: capital(title) }] }]
}
/** The first line that brings what the claim denies. */
function againstLines(recipe: Recipe, place: ClaimPlace, claim: Claim): Finding[] {
  for (const line of place.lines.flatMap(each => [each, ...each.orElse])) {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    const holds =
      ingredient && against(claim, ingredient, namedByLine(line, recipe.region).slice(0, 1))
    if (!holds) continue
    return [
      finding({
        code: 'claim',
        severity: 'ask',
        lineId: line.id.replace(/(?:-or)+$/u, ''),
        text: line.text,
        about: `${claim.words} ${line.text}`,
        sentence: `${saysSo(place, claim)} “${line.text}” brings ${avoidableName(holds)}.`,
        corrections: place.isTitle ? withoutClaim(recipe, claim) : [],
      }),
    ]
  }
  return []
}
/** The first step that brings what the claim denies, from no line. */
function againstSteps(place: ClaimPlace, claim: Claim): Finding[] {
  for (const step of place.steps) {
    const use = step.uses.find(u => !u.line && against(claim, u.mention.ingredient, [u.mention]))
    if (!use) continue
    return [
      finding({
        code: 'claim',
        severity: 'ask',
        step: { component: step.component, at: step.at },
        text: step.text,
        about: `${claim.words} ${step.text}`,
        sentence: `${saysSo(place, claim)} a step brings ${use.mention.ingredient.name}.`,
      }),
    ]
  }
  return []
}
export function claims(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const whole = { name: recipe.title, lines: linesOf(recipe), steps, isTitle: true }
  const parts = recipe.components
    .filter(part => part.name)
    .map(({ name, lines }) => ({
      name,
      lines,
      steps: steps.filter(step => step.component === name),
      isTitle: false,
    }))
  return [whole, ...parts].flatMap(place =>
    claimsIn(place.name).flatMap(claim => [
      ...againstLines(recipe, place, claim),
      ...againstSteps(place, claim),
    ]),
  )
}
