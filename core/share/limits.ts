/** How much the forms of a bake take. What the interface lets somebody type, a house file opens with. */
export const bakeLimits = { tag: 60, note: 2000 } as const
