import { wordsOf } from '../../pantry'
import { finding, type Component, type Finding, type Recipe } from '../../recipe'
import type { Action } from '../action'
import { linesTaken } from '../action'
import type { VerbId } from '../tables/verbs'

/** Brings what is in hand to something else. */
const brings: ReadonlySet<VerbId> = new Set(
  (
    'pour scatter drizzle dust spread spoon layer top fill brush coat dip sandwich decorate swirl ' +
    'soak serve fold'
  ).split(' ') as VerbId[],
)
const takesNothing = ({ takes }: Action): boolean =>
  takes.every(({ thing, isTarget }) => isTarget || thing.is !== 'line')
/** "Scatter over the pears": it is what was made that is scattered. */
const isBrought = (action: Action): boolean =>
  action.manners.has('together') || (brings.has(action.verb) && takesNothing(action))

const namedBy = (part: Component): ReadonlySet<string> =>
  new Set(wordsOf(part.name).map(word => word.plain))

const says = (action: Action, words: ReadonlySet<string>): boolean =>
  wordsOf(action.text).some(({ plain }) => words.has(plain))

/** For each action, the part that is in hand: that of the last lines that were taken by name. */
function inHand(recipe: Recipe, actions: readonly Action[]): readonly (string | null)[] {
  const partOf = new Map(
    recipe.components.flatMap(c => c.lines.map(line => [line.id, c.name] as const)),
  )
  let now: string | null = null
  return actions.map(action => {
    const direct = action.takes.flatMap(({ thing, isTarget }) =>
      thing.is === 'line' && !isTarget ? [thing.line] : [],
    )
    const [line] = direct
    if (line) now = partOf.get(line) ?? now
    return now
  })
}

/** Is it brought to something, or named by a step that is none of its own? */
function isUsed(
  part: Component,
  actions: readonly Action[],
  hands: readonly (string | null)[],
): boolean {
  const own = namedBy(part)
  return actions.some((action, i) => {
    if (!says(action, own)) return hands[i] === part.name && isBrought(action)
    return action.part !== part.name || brings.has(action.verb)
  })
}

/** What comes out of the oven or the pan is the dessert itself. */
const ends: ReadonlySet<VerbId> = new Set<VerbId>(['bake', 'fry', 'steam'])

/** A part that is made, not baked, and then in no step: neither is it named, nor brought to anything. */
export function madeAndUnused(recipe: Recipe, actions: readonly Action[]): Finding[] {
  const made = recipe.components.filter(
    part =>
      part.name !== '' &&
      part.lines.length > 0 &&
      !actions.some(action => action.part === part.name && ends.has(action.verb)) &&
      actions.some(action => action.part === part.name && linesTaken(action).length > 0),
  )
  if (recipe.components.length < 2 || made.length === 0) return []
  const hands = inHand(recipe, actions)
  return made
    .filter(part => !isUsed(part, actions, hands))
    .map(part => {
      const last = actions.findLast(action => action.part === part.name)!
      return finding({
        code: 'made-unused',
        severity: 'note',
        step: last.step,
        text: last.text.trim(),
        about: part.name,
        sentence: `“${part.name}” is made, but no step says what becomes of it.`,
      })
    })
}
