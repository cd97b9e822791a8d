import { readLine } from './line/line'
import { linesOf, type Component, type Finding, type Line, type Recipe, type Span } from './recipe'

/** A reading on its way through several corrections, and what every correction does to it. */

export interface EditDraft {
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  readonly settled: readonly string[]
}
export type Step =
  | { readonly ok: true; readonly draft: EditDraft }
  | {
      readonly ok: false
      readonly problem: { readonly code: string; readonly sentence: string; readonly at: Span }
    }

export const refuse = (sentence: string): Step => ({
  ok: false,
  problem: { code: 'nothing-there', sentence, at: [0, 0] },
})
export const done = (draft: EditDraft): Step => ({ ok: true, draft })
export const answerOf = (line: Line) =>
  line.evidence.by === 'baker' && line.ingredient ? { ingredient: line.ingredient } : {}
export const longestStep = 4000
export const setting = ({ recipe }: EditDraft) => ({
  region: recipe.region,
  handling: recipe.handling,
})

/** Findings that a line gives by itself. */
export const ofLine: ReadonlySet<Finding['code']> = new Set([
  'unknown-ingredient',
  'unread-words',
  'ambiguous',
  'no-amount',
  'no-weight',
  'no-unit',
  'weight-against-volume',
  'two-readings',
  'open-kind',
])

export const nextId = (recipe: Recipe) =>
  `l${1 + Math.max(0, ...linesOf(recipe).map(l => Number(/^l(\d+)$/u.exec(l.id)?.[1] ?? 0)))}`
export const mapPart = (
  draft: EditDraft,
  name: string,
  change: (part: Component) => Component,
): EditDraft => ({
  ...draft,
  recipe: {
    ...draft.recipe,
    components: draft.recipe.components.map(c => (c.name === name ? change(c) : c)),
  },
})
const withoutLine = (findings: readonly Finding[], lineId: string) =>
  findings.filter(
    f => !(ofLine.has(f.code) && (f.lineId === lineId || f.lineId?.startsWith(`${lineId}-or`))),
  )

export function replaceLine(
  draft: EditDraft,
  lineId: string,
  put: readonly Line[],
  found: readonly Finding[],
): EditDraft {
  const components = draft.recipe.components.map(c => ({
    ...c,
    lines: c.lines.flatMap(line => (line.id === lineId ? put : [line])),
  }))
  return {
    ...draft,
    recipe: { ...draft.recipe, components },
    findings: [...withoutLine(draft.findings, lineId), ...found],
  }
}

/** Reads a text in place of a line; what the heading said it is for stays when its words do. */
export function reread(
  draft: EditDraft,
  line: Line,
  text: string,
  answer: { ingredient?: string } = {},
): Step {
  const read = readLine(text, {
    ...setting(draft),
    id: line.id,
    component: line.component,
    ...answer,
  })
  if (!read.ok) return read
  return done(
    replaceLine(
      draft,
      line.id,
      [
        {
          ...read.line,
          from: line.from ?? null,
          purpose: read.line.purpose ?? (line.text === read.line.text ? line.purpose : null),
        },
      ],
      read.findings,
    ),
  )
}

/** A new line in a part, behind another or at its end. */
export function addLine(
  draft: EditDraft,
  component: string,
  text: string,
  after: string | undefined,
): Step {
  const read = readLine(text, { ...setting(draft), id: nextId(draft.recipe), component })
  if (!read.ok) return read
  const line = { ...read.line, from: null }
  const part = draft.recipe.components.find(c => c.name === component)
  const next: EditDraft = { ...draft, findings: [...draft.findings, ...read.findings] }
  if (!part)
    return done({
      ...next,
      recipe: {
        ...draft.recipe,
        components: [
          ...draft.recipe.components,
          { name: component, lines: [line], steps: [], stepsFrom: [] },
        ],
      },
    })
  const at = after === undefined ? part.lines.length : part.lines.findIndex(l => l.id === after) + 1
  return done(
    mapPart(next, component, c => ({
      ...c,
      lines: [...c.lines.slice(0, at), line, ...c.lines.slice(at)],
    })),
  )
}

/** Changes the steps of a part; the places in the text go along with their steps. */
export function changeSteps(
  draft: EditDraft,
  component: string,
  at: number,
  change: (steps: [string, Span | null][]) => void,
): Step {
  const part = draft.recipe.components.find(c => c.name === component)
  if (!part || at < -1 || at >= Math.max(1, part.steps.length))
    return refuse('That step is not there any more.')
  const steps = part.steps.map((text, i): [string, Span | null] => [
    text,
    part.stepsFrom?.[i] ?? null,
  ])
  change(steps)
  return done(
    mapPart(draft, component, c => ({
      ...c,
      steps: steps.map(([text]) => text),
      stepsFrom: steps.map(([, from]) => from),
    })),
  )
}
