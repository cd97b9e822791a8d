import { flourKinds, ingredientById, type Kind } from '../../pantry'
import { finding, linesOf, type Finding, type Line, type Recipe } from '../../recipe'
import { linesTaken, type Action } from '../action'
import { isBake } from './bake'
import { cooks, onHeat } from '../tables/heat'
import type { VerbId } from '../tables/verbs'

/** Mixed into a dough or batter. */
const mixes: ReadonlySet<VerbId> = new Set(
  'combine stir beat whisk rub fold sift knead add cream blend'.split(' ') as VerbId[],
)
/** What is not eaten raw. */
const raw: readonly Kind[] = [...flourKinds, 'gluten-free-flour', 'flour-mix', 'leaven']

const isRaw = ({ ingredient, purpose }: Line): boolean =>
  purpose === null && raw.includes(ingredientById(ingredient ?? '')?.kind ?? 'water')
const isDone = ({ mode }: Action): boolean => mode === 'do'

const isCooked = ({ verb, text }: Action): boolean => cooks.has(verb) || onHeat.test(text)

/** Raw flour or leaven that is mixed in for the first time once all the baking is done. */
function mixedTooLate({ components }: Recipe, actions: readonly Action[]): Action | undefined {
  for (const { name, lines } of components) {
    const ids = new Set(lines.filter(isRaw).map(line => line.id))
    const own = actions.filter(a => a.step.component === name)
    const first = own.findIndex(a => linesTaken(a).some(id => ids.has(id)))
    const isLate =
      first > 0 &&
      isDone(own[first]!) &&
      mixes.has(own[first]!.verb) &&
      own.slice(0, first).some(isBake) &&
      !own.slice(first).some(isCooked)
    if (isLate) return own[first]
  }
  return undefined
}

/** The oven is heated once nothing is baked any more. */
function heatedTooLate(actions: readonly Action[]): Action | undefined {
  const last = actions.findLastIndex(isBake)
  return last < 0 ? undefined : actions.slice(last).find(a => a.verb === 'preheat' && isDone(a))
}

/** An order that cannot be: a step that comes too late for what it does. */
export function orderFindings(recipe: Recipe, actions: readonly Action[]): Finding[] {
  if (linesOf(recipe).length === 0) return []
  const late = mixedTooLate(recipe, actions)
  const heated = heatedTooLate(actions)
  const found = (action: Action | undefined, says: string) =>
    action
      ? [
          finding({
            code: 'order' as const,
            severity: 'ask',
            step: action.step,
            text: action.text.trim(),
            sentence: `“${action.text.trim().replace(/[.,;]$/u, '')}” ${says}`,
          }),
        ]
      : []
  return [
    ...found(late, 'comes after the bake, and nothing is baked from then on. Is the order right?'),
    ...found(heated, 'comes when nothing is baked any more. Is the order right?'),
  ]
}
