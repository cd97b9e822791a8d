import { ingredientById, nameIn } from '../pantry'
import { editRecipe } from './correct'
import { linesOf, type Reading, type Recipe, type RecipeEdit } from './recipe'

/** One thing that a correction changes: what stood there and what will; null for what comes or goes. */
export interface Preview {
  readonly before: string | null
  readonly after: string | null
}

const named = (id: string | null, { region }: Recipe) => {
  const item = id ? ingredientById(id) : undefined
  return item ? nameIn(item, region) : 'not known'
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
  const changes: Preview[] = []
  if (before.title !== after.title) changes.push({ before: before.title, after: after.title })
  if (before.oven?.celsius !== after.oven?.celsius)
    changes.push({ before: before.oven?.text ?? null, after: after.oven?.text ?? null })
  const now = new Map(linesOf(after).map(line => [line.id, line]))
  for (const line of linesOf(before)) {
    const then = now.get(line.id)
    if (!then) changes.push({ before: line.text, after: null })
    else if (then.text !== line.text) changes.push({ before: line.text, after: then.text })
    else if (then.ingredient !== line.ingredient)
      changes.push({
        before: `${line.text} (${named(line.ingredient, before)})`,
        after: `${then.text} (${named(then.ingredient, after)})`,
      })
  }
  const old = new Set(linesOf(before).map(line => line.id))
  for (const line of linesOf(after))
    if (!old.has(line.id)) changes.push({ before: null, after: line.text })
  for (const part of before.components) {
    const steps = after.components.find(c => c.name === part.name)?.steps ?? []
    if (steps.length < part.steps.length) {
      for (const text of part.steps.filter(s => !steps.includes(s)))
        changes.push({ before: text, after: null })
    } else
      part.steps.forEach((text, i) => {
        if (steps[i] !== text) changes.push({ before: text, after: steps[i] ?? null })
      })
  }
  return { ok: true, changes }
}
