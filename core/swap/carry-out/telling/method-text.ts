import type { Action } from '../../../method'
import { readMethod } from '../../../method'
import type { Recipe, Span } from '../../../recipe'

/** Words put in the place of others within a doing. */
interface Edit {
  readonly span: Span
  readonly to: string
}

/** One doing of the method that is told anew, with what it was before anything was renamed. */
export interface Doing {
  readonly action: Action
  readonly step: ToldStep
  /** What its sentence did in the original. */
  readonly was: readonly Action[]
  readonly edits: Edit[]
  /** Null: it stays; else it goes, and this sentence stands in its place ('' none). */
  instead: string | null
  /** A sentence right before it, though it stands in the middle of one. */
  preceded: string | null
}

/** A step that is told anew. `place`: its place among all steps; `component`: among the parts. */
export interface ToldStep {
  readonly component: number
  readonly place: number
  readonly text: string
  doings: readonly Doing[]
  /** Steps of their own that come right before it. */
  readonly ahead: string[]
  /** Sentences before the sentence that begins there, and at its end. */
  readonly before: Map<number, string[]>
  readonly behind: string[]
}

/** Actions by the step that they stand in. */
const byStep = (actions: readonly Action[]): ReadonlyMap<string, readonly Action[]> => {
  const found = new Map<string, Action[]>()
  for (const action of actions) {
    const key = `${action.step.component}|${action.step.at}`
    found.set(key, [...(found.get(key) ?? []), action])
  }
  return found
}
const sentencesIn = (actions: readonly Action[]): readonly number[] => [
  ...new Set(actions.map(action => action.sentence[0])),
]

/**
 * The steps of `renamed` as doings that can be told anew; `was` is the recipe before. Steps stand in
 * both at the same places.
 */
export function toldSteps(was: Recipe, renamed: Recipe): readonly ToldStep[] {
  const [before, now] = [was, renamed].map(recipe => byStep(readMethod(recipe).actions))
  let place = 0
  return renamed.components.flatMap((c, component) =>
    c.steps.map((text, at): ToldStep => {
      const key = `${c.name}|${at}`
      const [own, old] = [now!.get(key) ?? [], before!.get(key) ?? []]
      const [sentences, oldSentences] = [sentencesIn(own), sentencesIn(old)]
      // A step that lost a sentence is looked at as a whole.
      const wasAt = (action: Action) =>
        sentences.length === oldSentences.length
          ? old.filter(o => o.sentence[0] === oldSentences[sentences.indexOf(action.sentence[0])])
          : old
      const step: ToldStep = {
        component,
        place: place++,
        text,
        doings: [],
        ahead: [],
        before: new Map(),
        behind: [],
      }
      step.doings = own.map(action => ({
        action,
        step,
        was: wasAt(action),
        edits: [],
        instead: null,
        preceded: null,
      }))
      return step
    }),
  )
}

/** Puts a sentence right before a doing: before its own sentence, or within that, behind `after`. */
export function sayBefore(doing: Doing, says: string, after?: Doing): void {
  const { action, step } = doing
  if (after?.action.sentence[0] === action.sentence[0]) {
    doing.preceded = doing.preceded ? `${doing.preceded} ${says}` : says
    return
  }
  const at = action.sentence[0]
  step.before.set(at, [...(step.before.get(at) ?? []), says])
}

/** Puts words in the place of others, unless something else was put there. */
export function edit(doing: Doing, span: Span, to: string): void {
  const isFree = !doing.edits.some(one => one.span[0] < span[1] && span[0] < one.span[1])
  if (isFree) doing.edits.push({ span, to })
}
