/** The list `aside` is set aside: it was written before it was read, and nobody mended on it. */
export const statementShares = ({ aside = [], ...lists }) => ({
  open: Object.values(lists).flat(),
  aside,
})

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

const kindOf = { unsaid: 'open', warning: 'warning', trace: 'trace', facility: 'trace' }

/** One statement: what it makes of each thing that must be found, and what it says too much. */
function scoreOne(written, { readPacket, groupsOf }) {
  const meets = (a, b) => a === b || groupsOf(a).has(b) || groupsOf(b).has(a)
  const ofLaw = id => fourteen.has(id) || [...groupsOf(id)].some(group => fourteen.has(group))
  const { text, expected } = marked(written)
  const reading = readPacket(text)
  const isBlocked = reading.unknown.length > 0
  const hits = [...reading.contains, ...reading.mayContain].map(hit => ({
    ...hit,
    kind: kindOf[hit.how] ?? 'contains',
  }))
  const found = expected.map(e => {
    const own = hits.filter(hit => e.allergen && meets(hit.allergen, e.allergen))
    if (e.kind === 'unknown' || e.kind === 'open')
      return { e, isAsked: false, isMissed: false, isClear: !isBlocked && !own.length }
    const isMet = own.some(
      hit => hit.kind === e.kind || (e.kind === 'trace' && hit.kind === 'contains'),
    )
    // A trace alone says nothing to those who go by what is in it.
    const counts = own.filter(hit => e.kind === 'trace' || hit.kind !== 'trace')
    return {
      e,
      isAsked: true,
      isMissed: !isMet,
      isClear: !isMet && !isBlocked && !counts.length,
    }
  })
  const said = hits.filter(hit => hit.kind === 'contains' && ofLaw(hit.allergen))
  const isRight = hit =>
    expected.some(
      e =>
        (['contains', 'open'].includes(e.kind) && meets(hit.allergen, e.allergen)) ||
        (e.kind === 'unknown' && overlaps(e, hit)),
    )
  const isHarmless = expected.every(e => e.kind !== 'unknown' && e.kind !== 'open')
  const falsely = said.filter(hit => !isRight(hit))
  const words = e => `${e.kind} ${e.allergen} “${text.slice(e.start, e.end)}”`
  const says = [
    ...found.filter(f => f.isMissed).map(f => `missed: ${words(f.e)}`),
    ...found.filter(f => f.isClear).map(f => `CLEAR: ${words(f.e)}`),
    ...falsely.map(hit => `falsely: ${hit.allergen} “${hit.words}”`),
    ...(isBlocked && isHarmless ? [`blocked: ${reading.unknownWords.join(', ')}`] : []),
  ]
  return { text, found, said, falsely, isBlocked: isBlocked && isHarmless, says }
}

/**
 * How statements are read: `missed` of what must be found, `falsely` of all that is said to be in
 * it, `blocked` of those whose words are all harmless, and `clear` where somebody who avoids what is
 * in it would see nothing. `groupsOf`: the groups of an allergen.
 */
export function scorePackets(all, core) {
  const rows = all.map(written => scoreOne(written, core))
  const count = pick => rows.reduce((n, row) => n + pick(row), 0)
  return {
    of: all.length,
    expected: count(row => row.found.filter(f => f.isAsked).length),
    missed: count(row => row.found.filter(f => f.isMissed).length),
    clear: count(row => row.found.filter(f => f.isClear).length),
    said: count(row => row.said.length),
    falsely: count(row => row.falsely.length),
    blocked: rows.filter(row => row.isBlocked).length,
    wrong: rows.filter(row => row.says.length).map(({ text, says }) => ({ text, says })),
  }
}
