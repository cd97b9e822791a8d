/**
 * Reads a thing once: asked for the same again, it gives what was found then, so nobody may change
 * that. The same is what has the same `key`: a text is its own, other things give one by which all
 * that is read of them can be told. Everything is forgotten when there are `most`, and when
 * `edition` moves (the pantry's, where the reading rests on it).
 */
export function remembered<T>(
  read: (text: string) => T,
  most: number,
  edition?: () => number,
): (text: string) => T
export function remembered<A, T>(
  read: (of: A) => T,
  most: number,
  edition: () => number,
  key: (of: A) => string,
): (of: A) => T
export function remembered<A, T>(
  read: (of: A) => T,
  most: number,
  edition: () => number = () => 0,
  key = (of: A) => of as string,
): (of: A) => T {
  const known = new Map<string, T>()
  let last = edition()
  return of => {
    const name = key(of)
    const before = last === edition() ? known.get(name) : undefined
    if (before !== undefined) return before
    if (known.size >= most || last !== edition()) {
      known.clear()
      last = edition()
    }
    const found = read(of)
    known.set(name, found)
    return found
  }
}

/**
 * The same for a thing that is asked for again and again while it is worked on: known as long as
 * the thing itself lives, and as what it is, not by what is in it. Nobody may change it meanwhile.
 */
export function rememberedOf<A extends object, T>(
  read: (of: A) => T,
  edition: () => number,
): (of: A) => T {
  const known = new WeakMap<A, { readonly edition: number; readonly found: T }>()
  return of => {
    const now = edition()
    const before = known.get(of)
    if (before?.edition === now) return before.found
    const found = read(of)
    known.set(of, { edition: now, found })
    return found
  }
}
