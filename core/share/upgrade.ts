import { emptyStock } from '../pantry'
import { finding, type Correction, type Finding } from '../recipe'

/** What an older version wrote, of which nothing is certain yet. */
type Old = Record<string, unknown>

const isOld = (value: unknown): value is Old => typeof value === 'object' && value !== null

function correctionFrom1(lineId: unknown, old: unknown): Correction[] {
  if (!isOld(old) || typeof old.label !== 'string' || typeof lineId !== 'string') return []
  const { label, ingredient, text } = old
  if (typeof ingredient === 'string') return [{ label, edits: [{ do: 'say', lineId, ingredient }] }]
  if (typeof text === 'string') return [{ label, edits: [{ do: 'retype', lineId, text }] }]
  return []
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

/**
 * A person of version 3 as version 4 has it: whether it is an allergy, an intolerance or a choice
 * was not asked. The stricter reading stands, for which traces count, and it is still to be asked.
 */
export function personFrom3(old: unknown): unknown {
  if (!isOld(old) || !Array.isArray(old.avoids)) return old
  const avoidFrom3 = (avoid: unknown) => {
    if (!isOld(avoid) || !('level' in avoid)) return avoid
    const { level, ...rest } = avoid
    return { ...rest, strictness: 'allergy', ...(level === 'trace' ? {} : { unasked: true }) }
  }
  return { ...old, avoids: old.avoids.map(avoidFrom3) }
}

/** A house file of version 3 as version 4 has it. */
const houseFrom3 = (old: Old): Old => ({
  ...old,
  version: 4,
  people: Array.isArray(old.people) ? old.people.map(personFrom3) : old.people,
})

/** A house file of version 2 as version 3 has it. */
const houseFrom2 = (old: Old): Old => ({
  ...old,
  version: 3,
  bakes: Array.isArray(old.bakes) ? old.bakes.map(bakeFrom2) : old.bakes,
  groups: [],
  packets: [],
  labels: [],
})

/** A house file of version 1 as version 2 has it. */
const houseFrom1 = (old: Old): Old => ({
  ...old,
  version: 2,
  bakes: Array.isArray(old.bakes) ? old.bakes.map(bakeFrom1) : old.bakes,
  stock: emptyStock,
  pictures: [],
})

/** A house file of whatever version as the newest has it, step by step. */
export function upToDate(file: Old): unknown {
  const second = file.version === 1 ? houseFrom1(file) : file
  const third = second.version === 2 ? houseFrom2(second) : second
  return third.version === 3 ? houseFrom3(third) : third
}
