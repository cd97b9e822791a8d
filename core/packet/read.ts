import { pattern } from '../measure'
import { avoidableName, membersOf, wordsOf, type AvoidableId, type Word } from '../pantry'
import { clausesOf, modeAt, type Clauses, type Scope } from './clauses'
import { covers, findsIn, type Finds, type FoundName } from './found'
import { isHarmless, isTellingWord } from './inflected'
import { isPlain } from './lexicon'
import { proseIn, usesIn } from './prose'
import { deniedBy, marksIn, type PacketMark } from './marks'
import type { PacketClaim, PacketHit, PacketReading, UnknownPlace } from './reading'
import { rolesOf } from './roles'
import { besideClaim, insteadWords, type ClauseMode } from './tables/clauses'

export interface PacketOptions {
  /** How a text without a clause of its own is meant: a "may contain" field is a trace. */ readonly as?:
    'list' | 'contains' | 'trace' | 'facility'
}

const longestStatement = 8000

/** A statement taken apart, before anything is said of it. */
interface Parts extends Finds, Clauses {
  readonly text: string
  readonly words: readonly Word[]
  readonly said: readonly PacketMark[]
  readonly modeOf: (at: number) => ClauseMode
}

/** How many words of a stretch are known: plain ones, and names that settle what the term leaves open. */
function knownWords(
  { words, found }: Parts,
  term: FoundName,
  [start, end]: readonly [number, number],
) {
  const settles = (name: FoundName) =>
    name !== term && !name.meaning.open.some(id => term.meaning.open.includes(id))
  const isKnown = (word: Parts['words'][number]) =>
    isPlain(word.plain) ||
    found.some(name => settles(name) && name.start <= word.start && name.end >= word.end)
  return words.filter(word => word.start >= start && word.end <= end && isKnown(word)).length
}

/** Where a bracket that opened before `start` closes, and how many things stand in it. */
function bracketFrom(text: string, start: number) {
  let [depth, end, items] = [1, start, 1]
  for (; end < text.length && depth; end++) {
    const c = text[end]!
    if ('([{'.includes(c)) depth++
    else if (')]}'.includes(c)) depth--
    else if (depth === 1 && /[,;]/u.test(c)) items++
  }
  return { end, items }
}

/** Is what a term was made of said right behind it: "(soya)", ": sunflower", "from rice"? */
function isSettled(parts: Parts, term: FoundName): boolean {
  const { text, words } = parts
  const rest = text.slice(term.end)
  const from = /^\s+(?:from|of|aus|d(?:e|es|u|i)|van|d[’'])\s*/iu.exec(rest)
  if (from) {
    const start = term.end + from[0].length
    const next = words.find(w => w.start >= start)
    return (
      next !== undefined &&
      knownWords(parts, term, [start, next.end]) > 0 &&
      !modest.has(next.plain)
    )
  }
  const behind = /^\s*(?:\(?\d+(?:[.,]\d+)?\s?%\)?\s*)?([([{:])/u.exec(rest)
  if (!behind) return false
  const start = term.end + behind[0].length
  if (behind[1] === ':') {
    const end = start + (/[,;.)\]]/u.exec(text.slice(start))?.index ?? text.length)
    return term.meaning.needs === 1 && knownWords(parts, term, [start, end]) > 0
  }
  const { end, items } = bracketFrom(text, start)
  return items >= term.meaning.needs && knownWords(parts, term, [start, end]) > 0
}
/** Words that name nothing: "of soil", "from this". */
const modest: ReadonlySet<string> = new Set(
  'the a this natural plant vegetable origin fatty'.split(' '),
)

const placeOf = (
  text: string,
  { start, end }: { readonly start: number; readonly end: number },
) => ({
  start,
  end,
  words: text.slice(start, end),
})

/** How a mode is said of an allergen that its words name for certain. */
const softly: Partial<
  Record<ClauseMode, { readonly how: PacketHit['how']; readonly says: string }>
> = {
  trace: { how: 'trace', says: 'said as a possible trace' },
  facility: { how: 'facility', says: 'in the same house or line' },
  warning: { how: 'warning', says: 'said to be nothing for those who avoid it' },
}

/** How a name is said: softly only where all of it stands in the clause, and in sound print. */
function modeFor({ modeOf }: Parts, { start, end, isDamage }: FoundName): ClauseMode {
  const mode = modeOf(start)
  return mode === 'warning' || (!isDamage && mode === modeOf(end - 1)) ? mode : 'list'
}

/** Why something is left open. */
function openSays({ says }: FoundName, words: string, id: AvoidableId, mode: ClauseMode): string {
  if (mode === 'torn') return `“${words}” may be denied here, or be in it: the words do not say`
  if (says) return `${says}: perhaps ${avoidableName(id)}`
  return `“${words}” may be made of ${avoidableName(id)}; the words do not say`
}

/** What one name brings where it stands. */
function hitsOf(parts: Parts, term: FoundName): readonly PacketHit[] {
  const { text, said } = parts
  const mode = modeFor(parts, term)
  if (mode === 'denied' || mode === 'heading') return []
  const place = { ...placeOf(text, term), source: term.meaning.source }
  const isNamed = (id: AvoidableId) =>
    place.words.toLowerCase().includes(avoidableName(id).toLowerCase())
  // "Vegan cheese": its own words deny what its name usually brings, so that is open, until its
  // list says. A name that says the thing itself is not denied: gluten-free wheat starch is wheat.
  const before = said.find(
    s => !s.row.weak && s.end <= term.start && /^[\s-]*$/u.test(text.slice(s.end, term.start)),
  )
  const isDisputed = (id: AvoidableId) =>
    before !== undefined && deniedBy(before).includes(id) && !isNamed(id)
  const soft = softly[mode]
  const isOf = mode !== 'torn' && !insteadWords.test(text.slice(term.end))
  const isOpen = (id: AvoidableId) => isDisputed(id) || !isOf
  const certain = term.meaning.holds.filter(id => !isOpen(id) || mode === 'warning')
  const hits: PacketHit[] = certain.map(allergen => ({
    ...place,
    allergen,
    how: soft?.how ?? (mode === 'contains' ? 'contains' : 'ingredient'),
    because: soft
      ? `${soft.says}: “${place.words}”`
      : (term.says ??
        (isNamed(allergen)
          ? `“${place.words}” is named`
          : `“${place.words}” is or brings ${avoidableName(allergen)}`)),
  }))
  const open = [...term.meaning.open, ...term.meaning.holds.filter(isOpen)]
  if (soft || !open.length || (isOf && isSettled(parts, term))) return hits
  // "Gluten-free oats": what their own words deny is no longer left open.
  const denied = said
    .filter(s => !s.row.weak && s.start >= term.start && s.end <= term.end)
    .flatMap(deniedBy)
  return [
    ...hits,
    ...open
      .filter(id => !denied.includes(id))
      .map((allergen): PacketHit => ({
        ...place,
        allergen,
        how: 'unsaid',
        because: openSays(term, place.words, allergen, mode),
      })),
  ]
}

/**
 * A mark within a warning is none: "cannot guarantee nut-free" warns of nuts, "not vegan" of all
 * that vegans leave.
 */
function warnedMarks(
  { text, said, modeOf }: Parts,
  contains: readonly PacketHit[],
): readonly PacketHit[] {
  return said
    .filter(mark => modeOf(mark.start) === 'warning')
    .flatMap(mark => {
      const without = deniedBy(mark)
      // What the list names is why it is not for them; else it may be any of it.
      const named = without.filter(id => contains.some(hit => hit.allergen === id))
      return (named.length ? named : without).map((allergen): PacketHit => ({
        ...placeOf(text, mark),
        allergen,
        how: 'warning',
        because: `said not to be “${text.slice(mark.start, mark.end)}”`,
        source: mark.row.source,
      }))
    })
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
const isGrammar = ({ text, scopes, modeOf }: Parts, word: Word) =>
  scopes.some(
    (s: Scope) => s.mode !== 'contains' && s.start <= word.start && word.end <= s.opened,
  ) ||
  (grammar.test(text.slice(word.start, word.end)) && modeOf(word.start) !== 'list')

/**
 * Letters that stand alone are of vitamins, articles, amounts; several in a row are a word that came
 * apart.
 */
const isLooseLetter = ({ text, words }: Parts, word: Word, i: number) => {
  const isLetter = (w: Word | undefined) => w !== undefined && /^\p{L}$/u.test(w.plain)
  const beside = (a: Word | undefined, b: Word | undefined) =>
    a !== undefined &&
    b !== undefined &&
    isLetter(a) &&
    isLetter(b) &&
    text.slice(a.end, b.start) === ' '
  return isLetter(word) && (beside(words[i - 1], word) || beside(word, words[i + 1]))
}

function unknownIn(parts: Parts): readonly UnknownPlace[] {
  const { text, words, found, said, numbers, doubtful, anything, listed, titles, modeOf } = parts
  const prose = proseIn(text, words)
  const isOfSentence = (w: Word) =>
    (covers(prose, w.start, w.end) || modeOf(w.start) === 'aside') && isTellingWord(w.plain)
  const isUnknown = (w: Word, i: number) =>
    !covers(found, w.start, w.end) &&
    !covers(said, w.start, w.end) &&
    !covers(numbers, w.start, w.end) &&
    !covers(anything, w.start, w.end) &&
    !covers(listed, w.start, w.end) &&
    !covers(titles, w.start, w.end) &&
    !isPlain(w.plain) &&
    !isHarmless(w.plain) &&
    !isOfSentence(w) &&
    !/^[\d%]+(?:g|mg|ml|kg|kj|kcal)?$/u.test(w.plain) &&
    (w.plain.length > 1 || isLooseLetter(parts, w, i)) &&
    !isGrammar(parts, w)
  const isTold = (place: { readonly start: number }) => modeOf(place.start) !== 'aside'
  const uses = usesIn(text)
  return [
    ...words.filter(isUnknown).map(w => placeOf(text, w)),
    ...[
      ...anything.filter(place => !covers(uses, place.start, place.end)),
      ...doubtful.filter(w => ![said, titles].some(spans => covers(spans, w.start, w.end))),
    ]
      .filter(isTold)
      .map(place => placeOf(text, place)),
  ]
}

function claimsIn(parts: Parts, contains: readonly PacketHit[]): readonly PacketClaim[] {
  const { text, said, denials, modeOf } = parts
  const isSpokenAgainst = (without: readonly AvoidableId[]) =>
    without.some(id =>
      contains.some(
        hit => membersOf(id).has(hit.allergen) && !besideClaim[id]?.includes(hit.allergen),
      ),
    )
  const claim = (
    name: string,
    place: { readonly start: number; readonly end: number },
    without: readonly AvoidableId[],
  ): PacketClaim => ({
    ...placeOf(text, place),
    name,
    without,
    against: isSpokenAgainst(without),
  })
  return [
    ...said
      .filter(mark => modeOf(mark.start) !== 'warning')
      .map(mark => claim(mark.row.name, mark, deniedBy(mark))),
    ...denials.map(denial => claim('free from', denial, denial.without)),
  ]
}

/** Most words, and at least so many, that nobody knows: a language that is not read. */
const fewestForTongue = 3
const mostUnknown = 0.5

const byPlace = (a: { readonly start: number }, b: { readonly start: number }) => a.start - b.start
const once = (hits: readonly PacketHit[]): PacketHit[] =>
  hits
    .filter(
      (hit, i) =>
        hits.findIndex(
          other =>
            other.allergen === hit.allergen && other.start === hit.start && other.how === hit.how,
        ) === i,
    )
    .sort(byPlace)

function taken(text: string, options: PacketOptions): Parts {
  const words = wordsOf(text)
  const finds = findsIn(text, words)
  const brings = finds.found.filter(f => f.meaning.holds.length || f.meaning.open.length)
  const clauses = clausesOf(text, brings, words)
  const modeOf = (at: number): ClauseMode => {
    const mode = modeAt(clauses.scopes, at)
    return mode === 'list' && options.as && !clauses.scopes.some(s => s.start <= at && at < s.end)
      ? options.as
      : mode
  }
  return { text, words, said: marksIn(text), modeOf, ...finds, ...clauses }
}

/**
 * Reads the statement of a packet in English, German, French, Italian, Spanish, Portuguese or Dutch:
 * what it contains, what it may contain, what it claims, and every word that no table knows. The
 * longest name wins (cocoa butter is no butter); brackets, percentages and additive numbers are read;
 * a claim never takes back what the list says, and a denial, a trace or a facility sentence softens
 * only what stands right behind it in its closed form (`clausesOf`). What was misread or joined of
 * unknown pieces is open and unknown. Never fails; beyond 8,000 characters it does not read on and
 * says so as an unknown. Places count in the text as given. Sources: the rows of `tables/`.
 *
 * @example
 * readPacket('Wheat flour, sugar. May contain milk.').mayContain.map(hit => hit.allergen) // ["milk"]
 */
export function readPacket(statement: string, options: PacketOptions = {}): PacketReading {
  const parts = taken(statement.slice(0, longestStatement), options)
  const { text, words, said, found } = parts
  // "Dairy" of "dairy-free" is the mark's word.
  const hits = found.filter(f => !covers(said, f.start, f.end)).flatMap(f => hitsOf(parts, f))
  const isCertain = (hit: PacketHit) => hit.how === 'ingredient' || hit.how === 'contains'
  const contains = once(hits.filter(isCertain))
  const mayContain = once([...hits.filter(hit => !isCertain(hit)), ...warnedMarks(parts, contains)])
  const claims = [...claimsIn(parts, contains)].sort(byPlace)
  const unread = unknownIn(parts)
  const unknown = [
    ...unread,
    ...(statement.length > longestStatement
      ? [
          {
            words: `everything after the first ${longestStatement} characters`,
            start: longestStatement,
            end: statement.length,
          },
        ]
      : []),
  ]
    .filter((u, i, all) => all.findIndex(o => o.start === u.start && o.end === u.end) === i)
    .sort(byPlace)
  return {
    contains,
    mayContain,
    claims,
    unknownWords: [...new Set(unknown.map(u => u.words))],
    unknown,
    roles: rolesOf({ text, words, contains, mayContain, claims, unknown, modeOf: parts.modeOf }),
    unreadTongue: unread.length >= fewestForTongue && unread.length > mostUnknown * words.length,
  }
}
