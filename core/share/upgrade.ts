import { emptyStock } from '../pantry'
import { finding, type Correction, type Finding, type RecipeEdit } from '../recipe'

/** What an older version wrote, of which nothing is certain yet. */
type Old = Record<string, unknown>

const isOld = (value: unknown): value is Old => typeof value === 'object' && value !== null

function correctionFrom1(lineId: unknown, old: unknown): Correction[] {
  if (!isOld(old) || typeof old.label !== 'string' || typeof lineId !== 'string') return []
  const edits: RecipeEdit[] =
    typeof old.ingredient === 'string'
      ? [{ do: 'say', lineId, ingredient: old.ingredient }]
      : typeof old.text === 'string'
        ? [{ do: 'retype', lineId, text: old.text }]
        : []
  return edits.length ? [{ label: old.label, edits }] : []
}

function findingFrom1(old: unknown): unknown {
  if (!isOld(old) || 'key' in old) return old
  const corrections = Array.isArray(old.corrections)
    ? old.corrections.flatMap(c => correctionFrom1(old.lineId, c))
    : []
  return finding({ ...(old as unknown as Omit<Finding, 'key'>), corrections })
}

/**
 * A bake of version 1 as version 2 has it: corrections are edits, and there are tags, an archive
 * and settled findings.
 */
export function bakeFrom1(old: unknown): unknown {
  if (!isOld(old)) return old
  return {
    ...old,
    findings: Array.isArray(old.findings) ? old.findings.map(findingFrom1) : old.findings,
    settled: old.settled ?? [],
    tags: old.tags ?? [],
    archived: old.archived ?? false,
  }
}

/** A bake of version 2 as version 3 has it: with the packets it is made of, and what is ticked off. */
export const bakeFrom2 = (old: unknown): unknown =>
  isOld(old) ? { ...old, ties: old.ties ?? [], ticked: old.ticked ?? [] } : old

/** A house file of version 2 as version 3 has it. */
export const houseFrom2 = (old: Old): Old => ({
  ...old,
  version: 3,
  bakes: Array.isArray(old.bakes) ? old.bakes.map(bakeFrom2) : old.bakes,
  groups: [],
  packets: [],
  labels: [],
})

/** A house file of version 1 as version 2 has it. */
export const houseFrom1 = (old: Old): Old => ({
  ...old,
  version: 2,
  bakes: Array.isArray(old.bakes) ? old.bakes.map(bakeFrom1) : old.bakes,
  stock: emptyStock,
  pictures: [],
})
