import { addLine, changeSteps, done, refuse, reread, type EditDraft, type Step } from './draft'
import { linesOf, type RecipeEdit } from './recipe'

/** What the baker answers to what was asked of a text: a choice, a left-over, a fact. */
export type BakerAnswer = Extract<
  RecipeEdit,
  { readonly do: 'take' | 'place' | 'no-food' | 'forget-fact' }
>

/** Says what a left-over is: it becomes a line or a step at the end of a part, or is passed over. */
function placeLeft(draft: EditDraft, edit: Extract<RecipeEdit, { do: 'place' }>): Step {
  const { left = [] } = draft.recipe
  const one = left.find(l => l.words === edit.words)
  if (!one) return refuse('That is not left over any more.')
  const recipe = { ...draft.recipe, left: left.filter(l => l !== one) }
  const now = { ...draft, recipe }
  if (edit.as === 'remark') return done(now)
  if (edit.as === 'line') return addLine(now, edit.component, edit.words, undefined)
  const part = recipe.components.find(c => c.steps.length) ?? recipe.components[0]
  return part
    ? changeSteps(now, part.name, part.steps.length - 1, steps => {
        steps.push([one.words, one.from])
      })
    : refuse('There is no part to put it in.')
}

/** One of the choices of a line becomes the line. */
function takeChoice(draft: EditDraft, lineId: string, at: number): Step {
  const line = linesOf(draft.recipe).find(l => l.id === lineId)
  if (!line) return refuse('That line is not there any more.')
  const choice = [line.reads ?? line.text, ...line.orElse.map(other => other.text)][at]
  return choice === undefined
    ? refuse('That choice is not there any more.')
    : reread(draft, line, choice)
}

export const isAnswer = (edit: RecipeEdit): edit is BakerAnswer =>
  ['take', 'place', 'no-food', 'forget-fact'].includes(edit.do)

export function answer(draft: EditDraft, edit: BakerAnswer): Step {
  const { recipe } = draft
  if (edit.do === 'take') return takeChoice(draft, edit.lineId, edit.choice)
  if (edit.do === 'place') return placeLeft(draft, edit)
  if (edit.do === 'no-food') {
    const noFood = [...new Set([...(recipe.noFood ?? []), edit.words])]
    return done({ ...draft, recipe: { ...recipe, noFood } })
  }
  const facts = (recipe.facts ?? []).filter(text => text !== edit.text)
  return done({ ...draft, recipe: { ...recipe, facts } })
}
