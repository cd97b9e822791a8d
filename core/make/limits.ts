/** How much the counter takes. What the interface lets somebody type, a house file opens with. */
export const makeLimits = { note: 4000, timerName: 200, grams: 100_000, minutes: 20_160 } as const
