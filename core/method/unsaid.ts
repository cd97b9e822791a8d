import { ingredientById } from '../pantry'
import { linesTaken, type Action, type Operand } from './action'
import type { VerbId } from './tables/verbs'
import { wordsIn } from './words'

/** Behind a verb these go on with it, and are no object yet: "squeeze out", "whisk in". */
const particles: ReadonlySet<string> = new Set(
  'in out up off through over well lightly gently thoroughly dry'.split(' '),
)
const pronouns: ReadonlySet<string> = new Set(['it', 'them', 'these', 'this', 'those'])
/** Where one of these comes next, the verb has no object of its own. */
const noObject: ReadonlySet<string> = new Set(
  'and then until till to into onto with for off at while'.split(' '),
)

/** What comes out of what it soaked in: "squeeze out the water". */
const behindBath: ReadonlySet<VerbId> = new Set<VerbId>(['squeeze', 'drain'])
const isWater = ({ thing }: Operand): boolean =>
  thing.is === 'aside' && ingredientById(thing.ingredient ?? '')?.kind === 'water'

/** How an action speaks of what it works on: by a pronoun, not at all, or by a name. */
function objectOf({ text, span, verb, wordAt, takes }: Action): 'pronoun' | 'none' | 'named' {
  if (behindBath.has(verb) && takes.every(isWater)) return 'pronoun'
  const [first, second] = wordsIn(text.slice(wordAt[1] - span[0]))
  const next = first && particles.has(first.is) ? second : first
  if (next && pronouns.has(next.is)) return 'pronoun'
  return !next || noObject.has(next.is) || (first && noObject.has(first.is)) ? 'none' : 'named'
}

const isSame = ([a, b]: Action['sentence'], [c, d]: Action['sentence']) => a === c && b === d

/**
 * The lines that an action works on without naming them: "squeeze the leaves and add to the pan",
 * "drain it". Of a pronoun what its step spoke of last, of nothing what its sentence did.
 */
export function withUnsaid(actions: readonly Action[]): Action[] {
  let [spoken, before]: [readonly string[], Action | null] = [[], null]
  return actions.map(action => {
    const isSameStep =
      before?.step.at === action.step.at && before.step.component === action.step.component
    if (!isSameStep) spoken = []
    const object = action.word ? objectOf(action) : 'named'
    const goesOn = object === 'none' && before !== null && isSame(before.sentence, action.sentence)
    const unsaid = object === 'pronoun' || goesOn ? spoken : []
    const own = linesTaken(action)
    if (own.length > 0 && !unsaid.length) spoken = own
    before = action
    return { ...action, unsaid }
  })
}
