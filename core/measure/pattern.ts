/**
 * A regular expression that is too long for one line, from its flags and its pieces, which are put
 * together as they stand. The pieces are `String.raw`, so that a backslash is written once.
 */
export const pattern = (flags: string, ...pieces: readonly string[]): RegExp =>
  new RegExp(pieces.join(''), flags)
