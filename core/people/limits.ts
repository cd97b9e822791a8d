/** How much the form of a person takes. What the interface lets somebody type, a house file opens with. */
export const peopleLimits = { name: 60, thing: 60, things: 40, note: 600 } as const
