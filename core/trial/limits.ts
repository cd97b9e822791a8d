/** How much the forms of a trial take. What the interface lets somebody type, a house file opens with. */
export const trialLimits = { taster: 80, question: 300, note: 4000, says: 300, score: 9 } as const
