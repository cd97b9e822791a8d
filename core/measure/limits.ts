/** The longest text that a recipe may be read from, in characters; nothing read out of it is longer. */
export const longestText = 200_000
