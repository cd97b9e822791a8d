import { pattern } from '../measure'
import {
  avoidableName,
  membersOf,
  phrasesIn,
  wordsOf,
  type AvoidableId,
  type Word,
} from '../pantry'
import { additive, insideWord, isPlain, lexicon, type Meaning } from './lexicon'
import { modeAt, scopesOf, type Scope } from './scope'
import { besideClaim, markRows, type ClauseMode } from './tables/clauses'

/**
 * How it comes to be said: an ingredient, the "contains" line, a trace, the facility, or a word
 * that leaves open what it was made of.
 */
type HitHow = 'ingredient' | 'contains' | 'trace' | 'facility' | 'unsaid'

/** One thing found in a statement. `start` and `end` are places in the statement, end exclusive. */
export interface PacketHit {
  readonly allergen: AvoidableId
  readonly start: number
  readonly end: number
  readonly words: string
  readonly how: HitHow
  readonly because: string
  readonly source: string
}

/** What a packet says is not in it. It is shown; `against` when its own list speaks against it. */
export interface PacketClaim {
  readonly name: string
  readonly words: string
  readonly start: number
  readonly end: number
  readonly without: readonly AvoidableId[]
  readonly against: boolean
}

interface UnknownPlace {
  readonly words: string
  readonly start: number
  readonly end: number
}

export interface PacketReading {
  readonly contains: readonly PacketHit[]
  /** Traces, facility sentences, and what a word leaves open (`how` tells). */
  readonly mayContain: readonly PacketHit[]
  readonly claims: readonly PacketClaim[]
  readonly unknownWords: readonly string[]
  readonly unknown: readonly UnknownPlace[]
}

export interface PacketOptions {
  /** How a text without a clause of its own is meant: a "may contain" field is a trace. */ readonly as?:
    'list' | 'contains' | 'trace' | 'facility'
}

export const longestStatement = 8000

const marks = markRows.map(row => ({
  row,
  pattern: new RegExp(`(?<![\\p{L}\\p{N}-])(?:${row.words})(?![\\p{L}\\p{N}])`, 'giu'),
}))
/** Between two words of one name nothing but a space, a hyphen, an apostrophe or a broken line may stand. */
const stops = /[^\s\-‐’'\u00ad]/u
const stopsAndLines = /[^\s\-‐’'\u00ad]|\n/u
const numberPattern = pattern(
  'giu',
  String.raw`(?<![\p{L}\p{N}.,])(?:(E|INS)[\s.-]?)?(\d{3,4})(?:`,
  String.raw`\s?([a-h])(?![\p{L}\p{N}]))?(?:`,
  String.raw`\s?\(?[ivx]{1,4}\)?(?![\p{L}\p{N}]))?(?![\p{L}\p{N}%]|[.,]\d|\s?(?:%|g\b|mg\b|`,
  String.raw`ml\b|kJ\b|kcal\b|µg\b))`,
)

interface Found {
  readonly start: number
  readonly end: number
  readonly meaning: Meaning
  readonly says?: string
}

/**
 * One ingredient a line, as somebody lists it by hand: then a line's end ends a name, where in a
 * printed text it does not.
 */
const isListOfLines = (text: string) =>
  (text.match(/(?<![,;:]\s*)\n/gu)?.length ?? 0) > (text.match(/[,;]/gu)?.length ?? 0)

/** Is what a term was made of said right behind it: "(soya)", ": sunflower", "from rice"? */
function isSettled(
  text: string,
  words: readonly Word[],
  found: readonly Found[],
  term: Found,
): boolean {
  const behind = /^\s*(?:\(?\d+(?:[.,]\d+)?\s?%\)?\s*)?([([{:])/u.exec(text.slice(term.end))
  const from = /^\s+(?:from|of|aus|d(?:e|es|u)|d[’'])\s*/iu.exec(text.slice(term.end))
  const known = (start: number, end: number) =>
    words.filter(
      w =>
        w.start >= start &&
        w.end <= end &&
        (isPlain(w.plain) ||
          found.some(
            f =>
              f !== term &&
              f.start <= w.start &&
              f.end >= w.end &&
              !f.meaning.open.some(id => term.meaning.open.includes(id)),
          )),
    ).length
  if (from) {
    const start = term.end + from[0].length
    const next = words.find(w => w.start >= start)
    return next !== undefined && known(start, next.end) > 0 && !modest.has(next.plain)
  }
  if (!behind) return false
  const start = term.end + behind[0].length
  if (behind[1] === ':') {
    const end = start + (/[,;.)\]]/u.exec(text.slice(start))?.index ?? text.length)
    return term.meaning.needs === 1 && known(start, end) > 0
  }
  let [depth, end, items] = [1, start, 1]
  for (; end < text.length && depth; end++) {
    if ('([{'.includes(text[end]!)) depth++
    else if (')]}'.includes(text[end]!)) depth--
    else if (depth === 1 && /[,;]/u.test(text[end]!)) items++
  }
  return items >= term.meaning.needs && known(start, end) > 0
}
/** Words that name nothing: "of soil", "from this". */
const modest: ReadonlySet<string> = new Set([
  'the',
  'a',
  'this',
  'natural',
  'plant',
  'vegetable',
  'origin',
  'fatty',
])

const covers = (spans: readonly { start: number; end: number }[], start: number, end: number) =>
  spans.some(s => s.start <= start && s.end >= end)

/**
 * Reads the statement of a packet in English, German or French: what it contains, what it may
 * contain, what it claims, and every word that no table knows. The longest name wins (cocoa butter
 * is no butter); brackets, percentages and additive numbers are read; a claim never takes back what
 * the list says. Never fails; beyond 8,000 characters it does not read on and says so as an
 * unknown. Places count in the text as given. Sources: the rows of `tables/`.
 */
export function readPacket(statement: string, options: PacketOptions = {}): PacketReading {
  const text = statement.slice(0, longestStatement)
  const words = wordsOf(text)
  const scopes = scopesOf(text)
  const said = marks
    .flatMap(({ row, pattern }) =>
      [...text.matchAll(pattern)].map(m => ({ row, start: m.index, end: m.index + m[0].length })),
    )
    .filter(
      (m, i, all) =>
        !all.some(
          (other, j) =>
            j !== i &&
            other.start <= m.start &&
            other.end >= m.end &&
            (other.end - other.start > m.end - m.start || j < i),
        ),
    )

  const lines = isListOfLines(text)
  const found: Found[] = phrasesIn(text, words, lexicon(), lines ? stopsAndLines : stops).map(
    ({ from, to, entry }) => ({
      start: words[from]!.start,
      end: words[to - 1]!.end,
      meaning: entry,
    }),
  )
  // A name that runs over a broken line may also be two: what its parts would bring is left open.
  for (const whole of lines ? [] : found.filter(f => text.slice(f.start, f.end).includes('\n'))) {
    for (const { from, to, entry } of phrasesIn(
      text,
      words.filter(w => w.start >= whole.start && w.end <= whole.end),
      lexicon(),
      stopsAndLines,
    )) {
      const inner = words.filter(w => w.start >= whole.start && w.end <= whole.end)
      found.push({
        start: inner[from]!.start,
        end: inner[to - 1]!.end,
        meaning: {
          holds: [],
          open: entry.holds.filter(id => !whole.meaning.holds.includes(id)),
          needs: 2,
          source: entry.source,
        },
        says: 'the line is broken here, so it may be two things',
      })
    }
  }
  const numbers: { start: number; end: number }[] = []
  for (const match of text.matchAll(numberPattern)) {
    const at = match.index
    // Without its E a number counts only in brackets, as some countries print it.
    if (!match[1] && !/[([][^()[\]]*$/u.test(text.slice(0, at))) continue
    const known = additive(Number(match[2]), match[3]?.toLowerCase() ?? '')
    if (!known) continue
    numbers.push({ start: at, end: at + match[0].length })
    found.push({
      start: at,
      end: at + match[0].length,
      meaning: known.meaning,
      says: `${match[2]}${match[3] ?? ''} is ${known.name}`,
    })
  }
  for (const word of words) {
    if (covers(found, word.start, word.end) || isPlain(word.plain)) continue
    const inside = insideWord(text.slice(word.start, word.end))
    if (inside.holds.length)
      found.push({
        start: word.start,
        end: word.end,
        meaning: { holds: inside.holds, open: [], needs: 2, source: '[P]' },
        says: `“${inside.part}” is in “${text.slice(word.start, word.end)}”`,
      })
  }

  const [contains, mayContain]: [PacketHit[], PacketHit[]] = [[], []]
  const ownMode = (at: number): ClauseMode => {
    const mode = modeAt(scopes, at)
    return mode === 'list' && options.as && !scopes.some(s => s.start <= at && at < s.end)
      ? options.as
      : mode
  }
  for (const term of found) {
    // "Dairy" of "dairy-free" is the claim's word.
    if (covers(said, term.start, term.end)) continue
    const mode = ownMode(term.start)
    const place = {
      start: term.start,
      end: term.end,
      words: text.slice(term.start, term.end),
      source: term.meaning.source,
    }
    const names = (id: AvoidableId) =>
      term.says ??
      (place.words.toLowerCase().includes(avoidableName(id).toLowerCase())
        ? `“${place.words}” is named`
        : `“${place.words}” is or brings ${avoidableName(id)}`)
    if (mode === 'free' || mode === 'without' || mode === 'heading') continue
    // "Vegan cheese": its own words deny what its name usually brings, so that is open, until its
    // list says. A name that says the thing itself is not denied: gluten-free wheat starch is
    // wheat.
    const before = said.find(
      s => !s.row.weak && s.end <= term.start && /^[\s-]*$/u.test(text.slice(s.end, term.start)),
    )
    const disputed = (id: AvoidableId) =>
      before !== undefined &&
      before.row.without.split(' ').includes(id) &&
      !place.words.toLowerCase().includes(avoidableName(id))
    const open = [...term.meaning.open, ...term.meaning.holds.filter(disputed)]
    for (const allergen of term.meaning.holds.filter(id => !disputed(id))) {
      if (mode === 'trace' || mode === 'unfit')
        mayContain.push({
          ...place,
          allergen,
          how: 'trace',
          because: `said as a possible trace: “${place.words}”`,
        })
      else if (mode === 'facility')
        mayContain.push({
          ...place,
          allergen,
          how: 'facility',
          because: `in the same house or line: “${place.words}”`,
        })
      else
        contains.push({
          ...place,
          allergen,
          how: mode === 'contains' ? 'contains' : 'ingredient',
          because: names(allergen),
        })
    }
    if (
      mode === 'aside' ||
      mode === 'trace' ||
      mode === 'facility' ||
      mode === 'unfit' ||
      !open.length ||
      isSettled(text, words, found, term)
    )
      continue
    // "Gluten-free oats": what their own words deny is no longer left open.
    const denied = said
      .filter(s => !s.row.weak && s.start >= term.start && s.end <= term.end)
      .flatMap(s => s.row.without.split(' '))
    for (const allergen of open.filter(id => !denied.includes(id)))
      mayContain.push({
        ...place,
        allergen,
        how: 'unsaid',
        because: term.says
          ? `${term.says}: perhaps ${avoidableName(allergen)}`
          : `“${place.words}” may be made of ${avoidableName(allergen)}; the words do not say`,
      })
  }

  const unknown: UnknownPlace[] = words
    .filter(
      w =>
        !covers(found, w.start, w.end) &&
        !covers(said, w.start, w.end) &&
        !covers(numbers, w.start, w.end) &&
        !isPlain(w.plain) &&
        !/^[\d%]+(?:g|mg|ml|kg|kj|kcal)?$/u.test(w.plain) &&
        w.plain.length > 1 &&
        modeAt(scopes, w.start) !== 'aside' &&
        !isGrammar(text, scopes, w),
    )
    .map(w => ({ words: text.slice(w.start, w.end), start: w.start, end: w.end }))
  if (statement.length > longestStatement)
    unknown.push({
      words: `everything after the first ${longestStatement} characters`,
      start: longestStatement,
      end: statement.length,
    })

  const spoken = (without: readonly AvoidableId[]) =>
    without.some(id =>
      contains.some(
        hit => membersOf(id).has(hit.allergen) && !besideClaim[id]?.includes(hit.allergen),
      ),
    )
  const claims: PacketClaim[] = said.map(({ row, start, end }) => {
    const without = row.without ? row.without.split(' ') : []
    return {
      name: row.name,
      words: text.slice(start, end),
      start,
      end,
      without,
      against: spoken(without),
    }
  })
  for (const scope of scopes)
    if (scope.mode === 'free' || scope.mode === 'without') {
      const without = [
        ...new Set(
          found
            .filter(
              f => f.start >= scope.start && f.end <= scope.end && !covers(said, f.start, f.end),
            )
            .flatMap(f => f.meaning.holds),
        ),
      ]
      if (without.length)
        claims.push({
          name: 'free from',
          words: text.slice(scope.start, scope.end).trim(),
          start: scope.start,
          end: scope.end,
          without,
          against: spoken(without),
        })
    }
  const byPlace = (a: { start: number }, b: { start: number }) => a.start - b.start
  return {
    contains: once(contains).sort(byPlace),
    mayContain: once(mayContain).sort(byPlace),
    claims: claims.sort(byPlace),
    unknownWords: [...new Set(unknown.map(u => u.words))],
    unknown: unknown.sort(byPlace),
  }
}

/**
 * Words of the sentence that opens a clause are its grammar, and bring nothing: "handles", "allergy
 * sufferers".
 */
const grammar = pattern(
  'iu',
  String.raw`^(?:handles?|handling|facility|facilities|factory|bakery|equipment|line|`,
  String.raw`premise|environment|site|sufferer|people|person|allergic|intolerance|`,
  String.raw`intolerant|allergy|guarantee|cannot|due|method|methods|manufacturing|shared|`,
  String.raw`same|where|betrieb|verarbeitet|werden|wird|geeignet|atelier|établissement|`,
  String.raw`etablissement|convient|personne|allergique|allergie|intolérance|small|amount|`,
  String.raw`residue|suitable|unsuitable)s?$`,
)
const isGrammar = (text: string, scopes: readonly Scope[], word: Word) =>
  scopes.some(s => s.start <= word.start && word.end <= s.opened) ||
  (grammar.test(text.slice(word.start, word.end)) && modeAt(scopes, word.start) !== 'list')

const once = (hits: readonly PacketHit[]): PacketHit[] =>
  hits.filter(
    (hit, i) =>
      hits.findIndex(
        other =>
          other.allergen === hit.allergen && other.start === hit.start && other.how === hit.how,
      ) === i,
  )
