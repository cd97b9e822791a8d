import type { Conflict, Person } from '#core/people'

const worst = ['contains', 'may contain', 'unknown'] as const

/** What stands at a line for one person: the worst that was found, why, and on what it rests. */
export interface ConflictMark {
  readonly person: Person
  readonly state: (typeof worst)[number]
  readonly because: readonly string[]
  readonly sources: readonly string[]
}

/** The marks of everybody who cannot, or perhaps cannot, eat something, in the table's order. */
export const conflictMarks = (
  people: readonly Person[],
  conflicts: readonly Conflict[],
): ConflictMark[] =>
  people.flatMap(person => {
    const own = conflicts.filter(c => c.personId === person.id)
    const state = worst.find(s => own.some(c => c.state === s))
    if (!state) return []
    return [
      {
        person,
        state,
        because: [...new Set(own.map(c => c.because))],
        sources: [...new Set(own.map(c => c.source).filter(Boolean))].slice(0, 3),
      },
    ]
  })
