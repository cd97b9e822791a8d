const kindOf = { '~': 'trace', '?': 'open' }

/** Takes the marks out of a written statement: the bare text, and what must be found at which place. */
export function marked(written) {
  const expected = []
  let text = ''
  let rest = written
  for (;;) {
    const at = /(~|\?|!)?\{(?:([a-z,-]+):)?([^}]+)\}/u.exec(rest)
    if (!at) break
    text += rest.slice(0, at.index)
    const place = { start: text.length, end: text.length + at[3].length }
    const kind = kindOf[at[1]] ?? 'contains'
    expected.push(
      ...(at[1] === '!'
        ? [{ kind: 'unknown', allergen: '', ...place }]
        : at[2].split(',').map(allergen => ({ kind, allergen, ...place }))),
    )
    text += at[3]
    rest = rest.slice(at.index + at[0].length)
  }
  return { text: text + rest, expected }
}

const overlaps = (a, b) => a.start < b.end && b.start < a.end

/**
 * Right and wrong of all statements: a hit counts when allergen and kind are as written and the
 * places overlap. Misses of an allergen stand apart.
 */
export function scoreStatements(all, readPacket) {
  let [raised, right, expectedCount, met, exact] = [0, 0, 0, 0, 0]
  const [wrong, missed] = [[], []]
  for (const written of all) {
    const { text, expected } = marked(written)
    const reading = readPacket(text)
    const found = [
      ...reading.contains.map(h => ({
        kind: 'contains',
        allergen: h.allergen,
        start: h.start,
        end: h.end,
      })),
      ...reading.mayContain.map(h => ({
        kind: h.how === 'unsaid' ? 'open' : 'trace',
        allergen: h.allergen,
        start: h.start,
        end: h.end,
      })),
      ...reading.unknown.map(u => ({ kind: 'unknown', allergen: '', start: u.start, end: u.end })),
    ]
    const same = (a, b) => a.kind === b.kind && a.allergen === b.allergen && overlaps(a, b)
    const says = []
    for (const f of found) {
      raised++
      // What a misprint may be is open beside being unknown.
      const isMisprint =
        f.kind === 'open' && expected.some(e => e.kind === 'unknown' && overlaps(e, f))
      if (isMisprint || expected.some(e => same(e, f))) right++
      else says.push(`too much: ${f.kind} ${f.allergen} “${text.slice(f.start, f.end)}”`)
    }
    for (const e of expected) {
      expectedCount++
      const hit = found.find(f => same(e, f))
      if (hit) met++
      if (hit && hit.start === e.start && hit.end === e.end) exact++
      if (!hit) says.push(`missing: ${e.kind} ${e.allergen} “${text.slice(e.start, e.end)}”`)
      // Worse than a wrong kind: nowhere in the reading.
      if (e.allergen && !found.some(f => f.allergen === e.allergen))
        missed.push(`${e.allergen} in “${text}”`)
    }
    if (says.length) wrong.push({ text, says })
  }
  return {
    of: all.length,
    raised,
    expected: expectedCount,
    precision: right / raised,
    recall: met / expectedCount,
    exact: exact / expectedCount,
    missed,
    wrong,
  }
}
