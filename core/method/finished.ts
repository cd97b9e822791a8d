import type { Component, Line, Recipe, Span } from '../recipe'
import { linesTaken, type Action } from './action'
import { readMethod } from './read'

/** What a dessert is finished with once it is baked, as a part of its own. */
const finishName = (part: string): string => (part ? `${part}: to finish` : 'To finish')

/** Where what is baked ends and its finish begins: the lines of the finish, and its first sentence. */
interface Cut {
  readonly lines: readonly Line[]
  readonly at: number
  readonly place: number
}

/** The doings of a part in the order of its steps. */
const doingsOf = (recipe: Recipe, component: Component): Action[] =>
  readMethod(recipe).actions.filter(action => action.step.component === component.name)

/** The lines that the words of a doing take by themselves, or the rest of: not what is made of them. */
const namedIn = (action: Action): string[] =>
  action.takes.flatMap(({ thing, share }) => {
    if (thing.is === 'line') return [thing.line]
    return thing.is === 'made' && share.of === 'rest' ? thing.lines : []
  })

/**
 * Where the finish begins: at the first sentence behind the last bake that takes what no doing
 * before it takes. None where nothing of the part is baked, or where a sentence of the finish takes
 * something of the batter again: then they cannot be told apart. None where there is such a part.
 */
function cutOf(recipe: Recipe, component: Component): Cut | null {
  const name = finishName(component.name).toLowerCase()
  if (recipe.components.some(other => other.name.toLowerCase() === name)) return null
  const own = doingsOf(recipe, component)
  const last = own.findLastIndex(action => action.verb === 'bake')
  if (last < 0) return null
  const before = new Set(own.slice(0, last + 1).flatMap(linesTaken))
  if (!component.lines.some(line => before.has(line.id))) return null
  const isNew = (id: string) => !before.has(id) && component.lines.some(line => line.id === id)
  const first = own.findIndex((action, i) => i > last && linesTaken(action).some(isNew))
  if (first < 0) return null
  const { step, sentence } = own[first]!
  const behind = own.filter(
    action =>
      action.step.at > step.at || (action.step.at === step.at && action.span[0] >= sentence[0]),
  )
  const isSame = (action: Action) =>
    action.step.at === step.at && action.sentence[0] === sentence[0]
  if (own.slice(0, last + 1).some(isSame)) return null
  const taken = new Set(behind.flatMap(linesTaken))
  if (behind.flatMap(namedIn).some(id => before.has(id))) return null
  return {
    lines: component.lines.filter(line => taken.has(line.id) && !before.has(line.id)),
    at: step.at,
    place: sentence[0],
  }
}

/** A step, and where it stands in the text that was read. */
interface Told {
  readonly text: string
  readonly from: Span | null
}
const partOf = (name: string, lines: readonly Line[], told: readonly Told[]): Component => {
  const steps = told.filter(step => step.text)
  return {
    name,
    lines: lines.map(line => ({ ...line, component: name })),
    steps: steps.map(step => step.text),
    stepsFrom: steps.map(step => step.from),
  }
}

function inTwo({ name, lines, steps, stepsFrom }: Component, cut: Cut): Component[] {
  const told = steps.map((text, at): Told => ({ text, from: stepsFrom?.[at] ?? null }))
  const { text, from } = told[cut.at]!
  const half = (words: string): Told => ({ text: words.trim(), from })
  return [
    partOf(
      name,
      lines.filter(line => !cut.lines.includes(line)),
      [...told.slice(0, cut.at), half(text.slice(0, cut.place))],
    ),
    partOf(finishName(name), cut.lines, [half(text.slice(cut.place)), ...told.slice(cut.at + 1)]),
  ]
}

const known = new WeakMap<Recipe, Recipe>()

/**
 * A recipe in which what a baked part is filled, topped and dusted with is a part of its own, with
 * its own sentences: none of it was in the oven, so none of it counts in the batter's balance. The
 * same recipe where nothing is to be parted.
 */
export function withFinish(recipe: Recipe): Recipe {
  const seen = known.get(recipe)
  if (seen) return seen
  const cuts = recipe.components.map(component => cutOf(recipe, component))
  const parted = cuts.some(Boolean)
    ? {
        ...recipe,
        components: recipe.components.flatMap((component, i) =>
          cuts[i] ? inTwo(component, cuts[i]) : [component],
        ),
      }
    : recipe
  known.set(recipe, parted)
  known.set(parted, parted)
  return parted
}
