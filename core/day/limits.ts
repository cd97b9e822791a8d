/** How much the form of a day takes. What the interface lets somebody type, a house file opens with. */
export const dayLimits = {
  says: 200,
  tasks: 60,
  minutes: 2880,
  ahead: 90,
  /** Days from today on which something may be served. */ serve: { before: 1830, ahead: 1830 },
} as const
