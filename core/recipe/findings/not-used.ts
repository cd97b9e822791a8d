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

/** A line with the part that lists it. */
interface Listed {
  readonly component: Component
  readonly line: Line
}
/**
 * "Cream the butter and sugar" of two sugars may mean both: which kinds a single word may stand
 * for, by part.
 */
function looselyNamed(steps: readonly PlacedStep[]): (listed: Listed) => boolean {
  const kinds = steps.flatMap(step =>
    step.uses
      .filter(({ mention }) => wordsOf(mention.words).length === 1)
      .flatMap(({ mention }) => sayable[mention.ingredient.kind] ?? [])
      .map(kind => ({ component: step.component, kind })),
  )
  return ({ component, line }) => {
    const kind = ingredientById(line.ingredient ?? '')?.kind
    return kinds.some(
      each => each.kind === kind && (each.component === component.name || !component.steps.length),
    )
  }
}
/** Does a step name a line, by itself, by its ingredient, or by a word that only it has? */
function namedBy(lines: readonly Line[], steps: readonly PlacedStep[]) {
  const uses = steps.flatMap(step => step.uses)
  const used = new Set(
    uses.flatMap(({ line, mention }) => [line?.ingredient, line?.id, mention.ingredient.id]),
  )
  const own = ownWords(lines)
  const words = new Set(steps.flatMap(step => plain(step.text)))
  return {
    words,
    isNamed: ({ line }: Listed) =>
      [line, ...line.orElse].some(l => used.has(l.id) || used.has(l.ingredient ?? '')) ||
      own.get(line)!.some(word => words.has(word)),
  }
}
function unused(line: Line, recipe: Recipe, steps: readonly PlacedStep[]): Finding {
  const ingredient = ingredientById(line.ingredient!)!
  const small = ['salt', 'spice', 'flavour', 'decoration'].includes(ingredient.kind)
  return finding({
    code: 'not-used',
    severity: small ? 'note' : 'ask',
    lineId: line.id,
    text: line.text,
    sentence: `“${line.text}” is in the list, but no step uses it.`,
    corrections: [
      ...withCompany(ingredient, nameIn(ingredient, recipe.region), steps),
      { label: 'Take the line out', edits: [{ do: 'remove', lineId: line.id }] },
    ],
  })
}
/** Of fewer lines nothing is said; nor where the steps name less than this share of what weighs. */
const enough = { lines: 3, named: 0.55 }

/**
 * Lines that no step uses. Nothing is said where the steps are too short to name things, of what
 * greases, decorates or is optional, and of a part that the steps only call by its name.
 */
export function notUsed(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const all: Listed[] = recipe.components.flatMap(component =>
    component.lines.map(line => ({ component, line })),
  )
  if (!steps.length || all.length < enough.lines) return []
  const lines = all.map(({ line }) => line)
  const { words, isNamed } = namedBy(lines, steps)
  const isLoosely = looselyNamed(steps)
  const weighty = all.filter(({ line }) => !line.purpose && !line.optional && line.ingredient)
  if (weighty.filter(isNamed).length < enough.named * weighty.length) return []
  // A part that the steps only call by its name ("sprinkle with the topping"): nothing of its own
  // is named either.
  const elsewhere = (component: Component) =>
    new Set(all.filter(each => each.component !== component).map(({ line }) => line.ingredient))
  const isOfItsOwn = ({ component, line }: Listed) => !elsewhere(component).has(line.ingredient)
  const isCalledOnly = (component: Component) =>
    !component.steps.length &&
    component.name !== '' &&
    plain(component.name).some(word => words.has(word)) &&
    !all.some(each => each.component === component && isNamed(each) && isOfItsOwn(each))
  const isUnused = (each: Listed) => {
    const ingredient = ingredientById(each.line.ingredient!)
    if (!ingredient || isNamed(each) || isLoosely(each)) return false
    const { component } = each
    if (isGathered(ingredient, component, steps) || isMadeWhole(component, steps)) return false
    return !isCalledOnly(component)
  }
  return weighty.filter(isUnused).map(({ line }) => unused(line, recipe, steps))
}
