import { pattern } from '../../measure'
import { findMentions, ingredientById, nameIn, wordsOf, type Ingredient } from '../../pantry'
import {
  finding,
  type Component,
  type Correction,
  type Finding,
  type Line,
  type Recipe,
} from '../recipe'
import { sayable } from '../things/mentions'
import type { PlacedStep } from '../things/steps'
import { gatherings } from '../tables/step-words'

const plain = (text: string) => wordsOf(text).map(w => w.plain)

/** For each line the words of its names that no other line has: "chips" of "dark chocolate chips". */
function ownWords(lines: readonly Line[]): ReadonlyMap<Line, readonly string[]> {
  const words = lines.map(line => [
    ...new Set(findMentions(line.text).mentions.flatMap(m => plain(m.words))),
  ])
  const count = new Map<string, number>()
  for (const word of words.flat()) count.set(word, (count.get(word) ?? 0) + 1)
  return new Map(
    lines.map((line, i) => [
      line,
      words[i]!.filter(word => word.length > 2 && count.get(word) === 1),
    ]),
  )
}

/** Is the line taken by a gathering word of some step: its kind, everything, or the rest? */
const isGathered = (ingredient: Ingredient, component: Component, steps: readonly PlacedStep[]) =>
  steps.some(step =>
    step.gathers.some(
      ({ kinds }) =>
        kinds === 'rest' ||
        (kinds === 'all'
          ? step.component === component.name ||
            !component.steps.length ||
            step.text.toLowerCase().includes(component.name)
          : kinds.includes(ingredient.kind)),
    ),
  )

const beforeMadeThing = pattern(
  'iu',
  String.raw`\b(?:mix|beat|combine|make|prepare|blend|whisk|stir|whizz|melt|simmer|boil|`,
  String.raw`cook)\w*\s+(?:together\s+|up\s+)?(?:all\s+(?:of\s+)?)?(?:the\s+|your\s+)?$`,
)

/** "Mix the filling", "beat the glaze ingredients": the step takes the whole part. */
const isMadeWhole = (component: Component, steps: readonly PlacedStep[]) =>
  component.name !== '' &&
  steps.some(({ text }) => {
    const at = text.toLowerCase().indexOf(component.name)
    return at > 0 && beforeMadeThing.test(text.slice(0, at))
  })

/** "Put it with the flour": behind the first thing of its company that a step already takes. */
function withCompany(
  ingredient: Ingredient,
  name: string,
  steps: readonly PlacedStep[],
): Correction[] {
  const company = gatherings.find(
    row => Array.isArray(row.kinds) && row.kinds.length > 6 && row.kinds.includes(ingredient.kind),
  )?.kinds
  if (!Array.isArray(company)) return []
  for (const step of steps) {
    const use = step.uses.find(
      u => u.line && !u.mention.verb && company.includes(u.mention.ingredient.kind),
    )
    if (use)
      return [
        {
          label: `Put it with “${use.mention.words}”`,
          edits: [
            {
              do: 'restep',
              component: step.component,
              at: step.at,
              text: `${step.text.slice(0, use.mention.end)}, the ${name}${step.text.slice(use.mention.end)}`,
            },
          ],
        },
      ]
  }
  return []
}

/**
 * Lines that no step uses. Nothing is said where the steps are too short to name things, of what
 * greases, decorates or is optional, and of a part that the steps only call by its name.
 */
export function notUsed(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const all = recipe.components.flatMap(component =>
    component.lines.map(line => ({ component, line })),
  )
  const lines = all.map(({ line }) => line)
  if (!steps.length || lines.length < 3) return []
  const usedIds = new Set(
    steps.flatMap(step =>
      step.uses.flatMap(use =>
        use.line
          ? [use.line.ingredient, use.line.id, use.mention.ingredient.id]
          : [use.mention.ingredient.id],
      ),
    ),
  )
  // "Cream the butter and sugar" of two sugars may mean both.
  const loosely = new Set(
    steps.flatMap(step =>
      step.uses.flatMap(use =>
        wordsOf(use.mention.words).length === 1
          ? (sayable[use.mention.ingredient.kind] ?? []).map(kind => `${step.component}|${kind}`)
          : [],
      ),
    ),
  )
  const isLoosely = ({ component, line }: { component: Component; line: Line }) => {
    const kind = ingredientById(line.ingredient ?? '')?.kind
    return (
      kind !== undefined &&
      (loosely.has(`${component.name}|${kind}`) ||
        (!component.steps.length && [...loosely].some(each => each.endsWith(`|${kind}`))))
    )
  }
  const own = ownWords(lines)
  const stepWords = new Set(steps.flatMap(step => plain(step.text)))
  const named = ({ line }: { line: Line }) =>
    [line, ...line.orElse].some(l => usedIds.has(l.id) || usedIds.has(l.ingredient ?? '')) ||
    own.get(line)!.some(word => stepWords.has(word))
  const weighty = all.filter(({ line }) => !line.purpose && !line.optional && line.ingredient)
  if (weighty.filter(named).length < 0.55 * weighty.length) return []
  // A part that the steps only call by its name ("sprinkle with the topping"): nothing of its own
  // is named either.
  const elsewhere = (component: Component) =>
    new Set(all.filter(each => each.component !== component).map(({ line }) => line.ingredient))
  const calledOnly = (component: Component) =>
    !component.steps.length &&
    component.name !== '' &&
    plain(component.name).some(word => stepWords.has(word)) &&
    !all.some(
      each =>
        each.component === component &&
        named(each) &&
        !elsewhere(component).has(each.line.ingredient),
    )
  return weighty
    .filter(each => {
      const ingredient = ingredientById(each.line.ingredient!)
      return (
        ingredient &&
        !named(each) &&
        !isLoosely(each) &&
        !isGathered(ingredient, each.component, steps) &&
        !isMadeWhole(each.component, steps) &&
        !calledOnly(each.component)
      )
    })
    .map(({ line }) => {
      const ingredient = ingredientById(line.ingredient!)!
      const name = nameIn(ingredient, recipe.region)
      const small = ['salt', 'spice', 'flavour', 'decoration'].includes(ingredient.kind)
      return finding({
        code: 'not-used',
        severity: small ? 'note' : 'ask',
        lineId: line.id,
        text: line.text,
        sentence: `“${line.text}” is in the list, but no step uses it.`,
        corrections: [
          ...withCompany(ingredient, name, steps),
          { label: 'Take the line out', edits: [{ do: 'remove', lineId: line.id }] },
        ],
      })
    })
}
