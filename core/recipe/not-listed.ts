import { mentionsInStep } from './mentions'
import type { Component, Finding } from './recipe'

/** What a step uses and no line lists: a safety matter first, so every such name that could matter to someone is said. */
export function notListed(components: readonly Component[]): Finding[] {
  const lines = components.flatMap(c => c.lines.flatMap(l => [l, ...l.orElse]))
  if (!lines.length) return []
  const said = new Set<string>()
  const findings: Finding[] = []
  for (const component of components) for (const step of component.steps) for (const m of mentionsInStep(step, lines)) {
    const { id, name, holds, mayHold } = m.ingredient
    if (m.line || said.has(id) || (!holds.length && !mayHold.length)) continue
    said.add(id)
    findings.push({ code: 'not-listed', severity: 'ask', sentence: `A step uses ${name} (“${m.words}”), but no line lists it. It counts in who can eat this.`, text: step, corrections: [] })
  }
  return findings
}
