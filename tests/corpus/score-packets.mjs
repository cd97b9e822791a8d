/** Of the statements three of five, of the probes every third is set aside and was never looked at while the reader was mended. */
export const statementShares = all =>
  split(Object.values(all).flat(), (_, i, at) => [1, 3, 4].includes(at % 5), Object.values(all))
export const probeShares = all => split(all, (_, i) => i % 3 === 2)

function split(rows, isAside, lists = [rows]) {
  const placed = lists.flatMap(list => list.map((row, at) => ({ row, at })))
  const [open, aside] = [[], []]
  placed.forEach(({ row, at }, i) => (isAside(row, i, at) ? aside : open).push(row))
  return { open, aside }
}

const kinds = { '~': 'trace', '?': 'open', '#': 'warning', '!': 'unknown' }
/** Takes the marks out of a written statement: the bare text, and what must be found in it. */
function marked(written) {
  const expected = []
  let [text, rest] = ['', written]
  for (;;) {
    const at = /([~?!#])?\{(?:([a-z,-]+):)?([^}]+)\}/u.exec(rest)
    if (!at) return { text: text + rest, expected }
    text += rest.slice(0, at.index)
    const place = { start: text.length, end: text.length + at[3].length }
    for (const allergen of (at[2] ?? '').split(','))
      expected.push({ kind: kinds[at[1]] ?? 'contains', allergen, ...place })
    text += at[3]
    rest = rest.slice(at.index + at[0].length)
  }
}

/** Only the law's fourteen are counted: what else the tables know is not marked in the corpus. */
const fourteen = new Set(
  'milk egg gluten tree-nut peanut soy sesame lupin celery mustard sulphite fish shellfish'.split(
    ' ',
  ),
)
const overlaps = (a, b) => a.start < b.end && b.start < a.end

/**
 * How statements are read: `missed` of what must be found, `falsely` of all that is said to be in
 * it, `blocked` of those whose words are all harmless, and `clear` where somebody who avoids what is
 * in it would see nothing. `groupsOf`: the groups of an allergen.
 */
export function scorePackets(all, { readPacket, groupsOf }) {
  const meets = (a, b) => a === b || groupsOf(a).has(b) || groupsOf(b).has(a)
  const ofLaw = id => fourteen.has(id) || [...groupsOf(id)].some(group => fourteen.has(group))
  const score = {
    of: all.length,
    expected: 0,
    missed: 0,
    said: 0,
    falsely: 0,
    blocked: 0,
    clear: 0,
  }
  const wrong = []
  for (const written of all) {
    const { text, expected } = marked(written)
    const reading = readPacket(text)
    const isBlocked = reading.unknown.length > 0
    const hits = [...reading.contains, ...reading.mayContain].map(hit => ({
      ...hit,
      kind:
        { unsaid: 'open', warning: 'warning', trace: 'trace', facility: 'trace' }[hit.how] ??
        'contains',
    }))
    const says = []
    for (const e of expected) {
      const own = hits.filter(hit => e.allergen && meets(hit.allergen, e.allergen))
      if (e.kind === 'unknown' || e.kind === 'open') {
        if (isBlocked || own.length) continue
        score.clear++
        says.push(`clear: “${text.slice(e.start, e.end)}”`)
        continue
      }
      score.expected++
      const isMet = own.some(
        hit => hit.kind === e.kind || (e.kind === 'trace' && hit.kind === 'contains'),
      )
      if (isMet) continue
      score.missed++
      says.push(`missed: ${e.kind} ${e.allergen}`)
      // Whoever avoids it would see nothing: a trace alone says nothing to those who go by what is in it.
      const counts = own.filter(hit => e.kind === 'trace' || hit.kind !== 'trace')
      if (!isBlocked && counts.length === 0) {
        score.clear++
        says.push(`clear: ${e.allergen}`)
      }
    }
    for (const hit of hits.filter(h => h.kind === 'contains' && ofLaw(h.allergen))) {
      score.said++
      const isRight = expected.some(
        e =>
          (['contains', 'open'].includes(e.kind) && meets(hit.allergen, e.allergen)) ||
          (e.kind === 'unknown' && overlaps(e, hit)),
      )
      if (isRight) continue
      score.falsely++
      says.push(`falsely: ${hit.allergen} “${hit.words}”`)
    }
    const isHarmless = expected.every(e => e.kind !== 'unknown' && e.kind !== 'open')
    if (isBlocked && isHarmless) {
      score.blocked++
      says.push(`blocked: ${reading.unknownWords.join(', ')}`)
    }
    if (says.length) wrong.push({ text, says })
  }
  return { ...score, wrong }
}
