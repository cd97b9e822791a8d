/** How much the forms of tins take. What the interface lets somebody type, a house file opens with. */
export const panLimits = { tinName: 80, tins: 200, tinsAtOnce: 12, count: 96 } as const
