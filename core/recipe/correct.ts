import type { Region } from '../measure'
import { readLine } from './line'
import { linesOf, type Component, type Finding, type Line, type Recipe } from './recipe'
import { notListed } from './not-listed'

/** What a baker does to a reading. Every one gives a new recipe and its findings; the old ones stay as they were. */
export type RecipeEdit =
  | { readonly do: 'retype', readonly lineId: string, readonly text: string }
  | { readonly do: 'say', readonly lineId: string, readonly ingredient: string }
  | { readonly do: 'remove', readonly lineId: string }
  | { readonly do: 'add', readonly component: string, readonly text: string }
  | { readonly do: 'region', readonly region: Region }
  | { readonly do: 'title', readonly title: string }
  | { readonly do: 'dismiss', readonly finding: number }

export interface Reading { readonly recipe: Recipe, readonly findings: readonly Finding[] }
export type EditResult = { readonly ok: true } & Reading | { readonly ok: false, readonly problem: { readonly code: string, readonly sentence: string, readonly at: readonly [number, number] } }

const refuse = (sentence: string): EditResult => ({ ok: false, problem: { code: 'nothing-there', sentence, at: [0, 0] } })
const answerOf = (line: Line) => line.evidence.by === 'baker' && line.ingredient ? { ingredient: line.ingredient } : {}

function withLine(reading: Reading, lineId: string, replace: (line: Line) => readonly Line[], found: readonly Finding[]): Reading {
  const components = reading.recipe.components.map(c => ({ ...c, lines: c.lines.flatMap(line => line.id === lineId ? replace(line) : [line]) }))
  return settle({ recipe: { ...reading.recipe, components }, findings: [...reading.findings.filter(f => f.lineId !== lineId && !f.lineId?.startsWith(`${lineId}-or`)), ...found] })
}

/** Findings that speak of the whole are worked out again; answers to the others stay. */
function settle({ recipe, findings }: Reading): Reading {
  const rest = findings.filter(f => f.code !== 'not-listed' && !(f.code === 'no-lines' && linesOf(recipe).length) && !(f.code === 'empty' && linesOf(recipe).length))
  return { recipe, findings: [...rest, ...notListed(recipe.components)] }
}

function reread(reading: Reading, region: Region): Reading {
  const fresh: Finding[] = []
  const components = reading.recipe.components.map((component): Component => ({ ...component, lines: component.lines.map(line => {
    const read = readLine(line.text, { region, id: line.id, component: line.component, ...answerOf(line) })
    if (!read.ok) return line
    fresh.push(...read.findings)
    return { ...read.line, purpose: read.line.purpose ?? line.purpose }
  }) }))
  return settle({ recipe: { ...reading.recipe, region, components }, findings: [...reading.findings.filter(f => !f.lineId), ...fresh] })
}

/**
 * Applies one correction. Refuses, with a sentence, an empty or over-long line and a line that is not there; the reading
 * is then unchanged.
 */
export function editRecipe(reading: Reading, edit: RecipeEdit): EditResult {
  const { recipe } = reading
  const lineId = 'lineId' in edit ? edit.lineId : ''
  const line = linesOf(recipe).find(l => l.id === lineId)
  if (edit.do === 'region') return { ok: true, ...reread(reading, edit.region) }
  if (edit.do === 'title') return edit.title.trim() ? { ok: true, recipe: { ...recipe, title: edit.title.trim().slice(0, 120) }, findings: reading.findings } : refuse('A dessert needs a name. The old one is kept.')
  if (edit.do === 'dismiss') return { ok: true, recipe, findings: reading.findings.filter((_, i) => i !== edit.finding) }
  if (edit.do === 'add') {
    const id = `l${1 + Math.max(0, ...linesOf(recipe).map(l => Number(/^l(\d+)$/u.exec(l.id)?.[1] ?? 0)))}`
    const read = readLine(edit.text, { region: recipe.region, id, component: edit.component })
    if (!read.ok) return read
    const there = recipe.components.some(c => c.name === edit.component)
    const components = there ? recipe.components.map(c => c.name === edit.component ? { ...c, lines: [...c.lines, read.line] } : c) : [...recipe.components, { name: edit.component, lines: [read.line], steps: [] }]
    return { ok: true, ...settle({ recipe: { ...recipe, components }, findings: [...reading.findings, ...read.findings] }) }
  }
  if (!line) return refuse('That line is not there any more.')
  if (edit.do === 'remove') return { ok: true, ...withLine(reading, line.id, () => [], []) }
  const read = readLine(edit.do === 'retype' ? edit.text : line.text, { region: recipe.region, id: line.id, component: line.component, ...edit.do === 'say' ? { ingredient: edit.ingredient } : {} })
  if (!read.ok) return read
  return { ok: true, ...withLine(reading, line.id, old => [{ ...read.line, purpose: read.line.purpose ?? (old.text === read.line.text ? old.purpose : null) }], read.findings) }
}
