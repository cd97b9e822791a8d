/** What two sides made of one thing since both had it; `mine` is what counts where they clash. */
export interface ThreeWay<T> {
  readonly base: T
  readonly mine: T
  readonly theirs: T
}
export interface Merged<T> {
  readonly value: T
  /** Both changed it, and not to the same. */
  readonly isClash: boolean
}

/** Keys in one order: the same thing is the same text, however it was put together. */
const inOrder = (_: string, value: unknown) =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value
const textOf = (value: unknown) => JSON.stringify(value, inOrder)

export const isSame = (a: unknown, b: unknown): boolean => a === b || textOf(a) === textOf(b)

/** The side that changed it; where both did, otherwise, mine. */
export function eitherOf<T>({ base, mine, theirs }: ThreeWay<T>): Merged<T> {
  if (isSame(mine, theirs) || isSame(theirs, base)) return { value: mine, isClash: false }
  return isSame(mine, base) ? { value: theirs, isClash: false } : { value: mine, isClash: true }
}

/** A list in which each word stands once: what either put in is in, what either took out is out. */
export function wordsOfBoth({
  base,
  mine,
  theirs,
}: ThreeWay<readonly string[]>): readonly string[] {
  // Who changed nothing has no say in the order either.
  if (isSame(mine, base)) return theirs
  const taken = new Set(base.filter(word => !theirs.includes(word)))
  const added = theirs.filter(word => !base.includes(word) && !mine.includes(word))
  return [...mine.filter(word => !taken.has(word)), ...added]
}

/** Keys in my order; what is only theirs stands behind the one that it stands behind there. */
function keysInOrder(mine: readonly string[], theirs: readonly string[]): string[] {
  const keys = [...mine]
  theirs.forEach((key, i) => {
    if (keys.includes(key)) return
    const before = theirs[i - 1]
    keys.splice(before === undefined ? 0 : keys.indexOf(before) + 1, 0, key)
  })
  return keys
}

/**
 * A list of things with a key each: every thing by itself. Who took one out that the other changed
 * clashes with them. `clashes` are keys.
 */
export function listOfBoth<T>(
  { base, mine, theirs }: ThreeWay<readonly T[]>,
  keyOf: (of: T) => string,
): { readonly list: readonly T[]; readonly clashes: readonly string[] } {
  if (isSame(mine, base)) return { list: theirs, clashes: [] }
  const [b, m, t] = [base, mine, theirs].map(
    list => new Map(list.map(each => [keyOf(each), each])),
  ) as [Map<string, T>, Map<string, T>, Map<string, T>]
  const merged = keysInOrder([...m.keys()], [...t.keys()]).map(key => ({
    key,
    ...eitherOf<T | undefined>({ base: b.get(key), mine: m.get(key), theirs: t.get(key) }),
  }))
  return {
    list: merged.flatMap(({ value }) => (value === undefined ? [] : [value])),
    clashes: merged.filter(({ isClash }) => isClash).map(({ key }) => key),
  }
}

/**
 * What is told one after the other: everything that either told, without what either took back, in
 * the order of `at` from where they part.
 */
export function logOfBoth<T>(
  { base, mine, theirs }: ThreeWay<readonly T[]>,
  at: (of: T) => number,
): readonly T[] {
  if (isSame(mine, theirs) || isSame(theirs, base)) return mine
  if (isSame(mine, base)) return theirs
  const [had, here, there] = [base, mine, theirs].map(list => new Set(list.map(textOf))) as [
    Set<string>,
    Set<string>,
    Set<string>,
  ]
  const parts = mine.findIndex((each, i) => !isSame(each, theirs[i]))
  const common = parts < 0 ? mine.length : parts
  const stays = (each: T, other: ReadonlySet<string>) => {
    const key = textOf(each)
    return other.has(key) || !had.has(key)
  }
  const own = mine.slice(common).filter(each => stays(each, there))
  const added = theirs.slice(common).filter(each => !here.has(textOf(each)) && stays(each, here))
  return [...mine.slice(0, common), ...[...own, ...added].sort((a, b) => at(a) - at(b))]
}
