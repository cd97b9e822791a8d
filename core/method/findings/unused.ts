import { ingredientById, nameIn, wordsOf, type Ingredient } from '../../pantry'
import {
  finding,
  gatherings,
  linesOf,
  type Component,
  type Correction,
  type Finding,
  type Line,
  type PlacedStep,
  type Recipe,
} from '../../recipe'
import type { Action } from '../action'
import { linesTaken } from '../action'

/** Of fewer lines nothing is said; nor where the actions take less than this share of what weighs. */
const enough = { lines: 3, taken: 0.55 }
const small: ReadonlySet<string> = new Set(['salt', 'spice', 'flavour', 'decoration'])
/** So many kinds are a company: "the dry ingredients". */
const ofCompany = 6

/** "Put it with the flour": behind the first thing of its company that a step already takes. */
function withCompany(
  ingredient: Ingredient,
  name: string,
  steps: readonly PlacedStep[],
): Correction[] {
  const company = gatherings.find(
    ({ kinds }) =>
      Array.isArray(kinds) && kinds.length > ofCompany && kinds.includes(ingredient.kind),
  )?.kinds
  if (!Array.isArray(company)) return []
  for (const { uses, text, component, at } of steps) {
    const use = uses.find(
      u => u.line && !u.mention.verb && company.includes(u.mention.ingredient.kind),
    )
    if (!use) continue
    const { end, words } = use.mention
    const now = `${text.slice(0, end)}, the ${name}${text.slice(end)}`
    return [
      { label: `Put it with “${words}”`, edits: [{ do: 'restep', component, at, text: now }] },
    ]
  }
  return []
}

function unused(line: Line, recipe: Recipe, steps: readonly PlacedStep[]): Finding {
  const ingredient = ingredientById(line.ingredient!)!
  return finding({
    code: 'not-used',
    severity: small.has(ingredient.kind) ? 'note' : 'ask',
    lineId: line.id,
    text: line.text,
    sentence: `“${line.text}” is in the list, but no step uses it.`,
    corrections: [
      ...withCompany(ingredient, nameIn(ingredient, recipe.region), steps),
      { label: 'Take the line out', edits: [{ do: 'remove', lineId: line.id }] },
    ],
  })
}

/**
 * Every line that some action takes, or what was made of it, or one of its choices. Of two lines of
 * one thing, and of a leavener that a step calls by the other's name, other findings ask.
 */
function takenIn(
  actions: readonly Action[],
  steps: readonly PlacedStep[],
  lines: readonly Line[],
): ReadonlySet<string> {
  const ids = new Set(actions.flatMap(linesTaken))
  const things = actions.flatMap(({ takes }) => takes.map(({ thing }) => thing))
  const named = new Set<string | null>([
    ...things.flatMap(thing => (thing.is === 'aside' ? [thing.ingredient] : [])),
    ...lines.filter(line => ids.has(line.id)).map(line => line.ingredient),
  ])
  const kindOf = (id: string | null) => ingredientById(id ?? '')?.kind
  const gathered = new Set<string | undefined>(
    steps.flatMap(({ gathers }) => gathers.flatMap(({ kinds }) => kinds)),
  )
  const isTaken = (line: Line) =>
    named.has(line.ingredient) ||
    line.orElse.some(other => ids.has(other.id)) ||
    gathered.has(kindOf(line.ingredient)) ||
    isOtherLeavener(line, things)
  return new Set([...ids, ...lines.filter(isTaken).map(line => line.id)])
}
/** A step names a leavener that no line lists: this one may be meant. */
const isOtherLeavener = (line: Line, things: readonly Action['takes'][number]['thing'][]) =>
  ingredientById(line.ingredient ?? '')?.kind === 'leaven' &&
  things.some(thing => thing.is === 'aside' && ingredientById(thing.ingredient)?.kind === 'leaven')

/**
 * Lines that no action takes. Nothing is said where the steps are too short to name things, of what
 * greases, decorates or is optional, and of a part that the steps only call by its name.
 */
export function unusedLines(
  recipe: Recipe,
  steps: readonly PlacedStep[],
  actions: readonly Action[],
): Finding[] {
  const lines = linesOf(recipe)
  if (!actions.length || lines.length < enough.lines) return []
  const taken = takenIn(actions, steps, lines)
  const weighty = lines.filter(line => !line.purpose && !line.optional && line.ingredient)
  const isTaken = (line: Line) => taken.has(line.id)
  if (weighty.filter(isTaken).length < enough.taken * weighty.length) return []
  const said = new Set(actions.flatMap(action => wordsOf(action.text).map(word => word.plain)))
  // "Sprinkle with the topping": nothing of its own is named either.
  const isCalled = ({ name, steps: own, lines: listed }: Component) =>
    !own.length &&
    name !== '' &&
    wordsOf(name).some(word => said.has(word.plain)) &&
    !listed.some(isTaken)
  const called = recipe.components.filter(isCalled)
  const isUnused = (line: Line) =>
    !isTaken(line) &&
    ingredientById(line.ingredient!) !== undefined &&
    !called.some(part => part.lines.includes(line))
  return weighty.filter(isUnused).map(line => unused(line, recipe, steps))
}
