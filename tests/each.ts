/**
 * What is gone over in a test that asserts within a loop: refuses an empty list, over which every
 * such test would pass.
 * @example each([1, 2]).every(n => n > 0) // true
 */
export function each<T>(list: Iterable<T>): readonly T[] {
  const all = [...list]
  if (!all.length) throw new Error('There is nothing to go over, so nothing would be tested.')
  return all
}

declare const afterAll: (work: () => void) => void

/**
 * For lists of which some may be empty, but not all of them: goes over whatever it is given, and
 * fails the file at its end when there never was anything. Made beside the tests, used within them.
 * @example const anyHit = tally('hits'); for (const hit of anyHit(reading.contains)) expect(hit)
 */
export function tally(what: string) {
  let [asked, seen] = [0, 0]
  afterAll(() => {
    if (asked && !seen) throw new Error(`There were no ${what} at all, so nothing was tested.`)
  })
  return <T>(list: Iterable<T>): readonly T[] => {
    const all = [...list]
    asked += 1
    seen += all.length
    return all
  }
}
