import { ingredientById, nameIn } from '../pantry'
import { editRecipe } from './correct'
import { linesOf, type Line, type Reading, type Recipe, type RecipeEdit } from './recipe'

/** One thing that a correction changes: what stood there and what will; null for what comes or goes. */
export interface Preview {
  readonly before: string | null
  readonly after: string | null
}

const named = (id: string | null, { region }: Recipe) => {
  const item = id ? ingredientById(id) : undefined
  return item ? nameIn(item, region) : 'not known'
}

function ofWhole(before: Recipe, after: Recipe): Preview[] {
  const title = { before: before.title, after: after.title }
  const oven = { before: before.oven?.text ?? null, after: after.oven?.text ?? null }
  return [
    ...(title.before === title.after ? [] : [title]),
    ...(before.oven?.celsius === after.oven?.celsius ? [] : [oven]),
  ]
}
function ofLines(before: Recipe, after: Recipe): Preview[] {
  const now = new Map(linesOf(after).map(line => [line.id, line]))
  const old = new Set(linesOf(before).map(line => line.id))
  const ofLine = (line: Line): Preview[] => {
    const then = now.get(line.id)
    if (!then) return [{ before: line.text, after: null }]
    if (then.text !== line.text) return [{ before: line.text, after: then.text }]
    if (then.ingredient === line.ingredient) return []
    return [
      {
        before: `${line.text} (${named(line.ingredient, before)})`,
        after: `${then.text} (${named(then.ingredient, after)})`,
      },
    ]
  }
  const fresh = linesOf(after).filter(line => !old.has(line.id))
  return [
    ...linesOf(before).flatMap(ofLine),
    ...fresh.map(line => ({ before: null, after: line.text })),
  ]
}
function ofSteps(before: Recipe, after: Recipe): Preview[] {
  return before.components.flatMap((part): Preview[] => {
    const steps = after.components.find(c => c.name === part.name)?.steps ?? []
    if (steps.length < part.steps.length)
      return part.steps
        .filter(text => !steps.includes(text))
        .map(text => ({ before: text, after: null }))
    return part.steps.flatMap((text, i) =>
      steps[i] === text ? [] : [{ before: text, after: steps[i] ?? null }],
    )
  })
}

/** What a correction would change, without doing it; a sentence where it is refused. */
export function previewOf(
  reading: Reading,
  edits: readonly RecipeEdit[],
):
  | { readonly ok: true; readonly changes: readonly Preview[] }
  | { readonly ok: false; readonly sentence: string } {
  const result = editRecipe(reading, edits)
  if (!result.ok) return { ok: false, sentence: result.problem.sentence }
  const [before, after] = [reading.recipe, result.recipe]
  const changes = [...ofWhole(before, after), ...ofLines(before, after), ...ofSteps(before, after)]
  return { ok: true, changes }
}
