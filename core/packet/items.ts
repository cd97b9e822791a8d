import type { Word } from '../pantry'
import { andWords, besideName, butWords, clauseEnds, leadWords } from './tables/clauses'

export interface Span {
  readonly start: number
  readonly end: number
}

/** A thing that a clause names, and how many commas stand before it in the clause. */
export interface ListItem extends Span {
  readonly group: number
  readonly words: readonly Word[]
}

/** The things that a clause names, as far as it keeps its form. */
export interface Items {
  readonly items: readonly ListItem[]
  /** The whole clause fits its form, up to a mark, a line's end or the end of the text. */
  readonly isEnded: boolean
  readonly commas: number
  /** "And" or "or" joins the last two. */
  readonly isJoined: boolean
}

/** A statement as the clauses look at it. */
export interface ClauseText {
  readonly text: string
  readonly words: readonly Word[]
  /** Where clauses open. */
  readonly opens: ReadonlySet<number>
  /** Where things stand that bring something. */
  readonly terms: readonly Span[]
}

export interface Form {
  /** Is this a thing of the clause? */
  readonly fits: (item: readonly Word[]) => boolean
  /** Where it must end; the text's end where nothing is said. */
  readonly until?: number
  /** A semicolon parts its things and brackets say more of them; both end the clause otherwise. */
  readonly isSoft: boolean
}

type Mark =
  | 'and'
  | 'parts'
  | 'comma'
  | 'semicolon'
  | 'opens'
  | 'closes'
  | 'line'
  | 'colon'
  | 'ends'
  | 'closing'
type Token = Word | Mark

const fullStop = /^[.!?](?=\s|$|["”')\]])/u
const marks: readonly { readonly sign: RegExp; readonly is: Mark }[] = [
  { sign: fullStop, is: 'ends' },
  { sign: /^(?:[•▪■●|]|\s[-–—]\s)/u, is: 'ends' },
  { sign: /^,/u, is: 'comma' },
  { sign: /^:/u, is: 'colon' },
  { sign: /^[/&]/u, is: 'parts' },
  { sign: /^[([{]/u, is: 'opens' },
  { sign: /^[)\]}]/u, is: 'closes' },
  { sign: /^\n/u, is: 'line' },
]

/** What stands between two words. */
function marksIn(gap: string, isSoft: boolean): Mark[] {
  return [...gap].flatMap((letter, i) => {
    if (letter === ';') return isSoft ? 'semicolon' : 'ends'
    if ('([{'.includes(letter) && !isSoft) return 'ends'
    return marks.find(({ sign }) => sign.test(gap.slice(i)))?.is ?? []
  })
}

/** Where the verb that stands at a clause's end has to stop: at a mark, a line's end, or another clause. */
const atEnd = /^["”')\]\s]*(?:[.!?;:,)\]\n•]|$)/u

/** Does the verb that stands at a clause's end stand here, and is that its end? */
function closingAt(of: ClauseText, word: Word, until: number): Mark | null {
  const verb = clauseEnds.exec(of.text.slice(word.start, until))
  if (!verb) return null
  const end = word.start + verb[0].length
  const next = of.words.find(w => w.start >= end)
  if (atEnd.test(of.text.slice(end, until)) || (next && of.opens.has(next.start))) return 'ends'
  // "Werden auch Nüsse verarbeitet": a word that leads to a name ends no clause before one.
  return leadWords.has(word.plain) ? null : 'closing'
}

/** Words and marks from `at` on, up to where another clause opens. */
function* tokensFrom(of: ClauseText, at: number, form: Form): Generator<Token> {
  const until = form.until ?? of.text.length
  let pos = at
  for (const word of of.words) {
    if (word.start < at || word.start >= until) continue
    yield* marksIn(of.text.slice(pos, word.start), form.isSoft)
    const rest = of.text.slice(word.start, until)
    if (of.opens.has(word.start) || (pos > at && butWords.test(rest))) return yield 'ends'
    const closing = pos > at ? closingAt(of, word, until) : null
    if (closing) return yield closing
    yield andWords.has(of.text.slice(word.start, word.end).toLowerCase()) ? 'and' : word
    pos = word.end
  }
  yield* marksIn(of.text.slice(pos, until), form.isSoft)
  yield 'ends'
}

/** Takes tokens until the clause ends or something does not fit. */
class ItemReader {
  private readonly items: ListItem[] = []
  private current: Word[] = []
  private commas = 0
  private depth = 0
  private isJoined = false
  private isLineEnd = false
  /** What parts its things: commas or semicolons, never both. */
  private parter: Mark | null = null

  constructor(
    private readonly of: ClauseText,
    private readonly form: Form,
  ) {}

  private result(isEnded: boolean): Items {
    return { items: this.items, isEnded, commas: this.commas, isJoined: this.isJoined }
  }
  /** Ends the thing at hand; false where it is none of the clause's. */
  private close(): boolean {
    const bare = this.current.filter(word => !besideName.has(word.plain))
    if (bare.length > 0) {
      const words = [this.current, bare].find(this.form.fits)
      if (!words) return false
      const [start, end] = [this.current[0]!.start, this.current.at(-1)!.end]
      this.items.push({ start, end, group: this.commas, words })
    }
    this.current = []
    return true
  }
  private ended = (): Items => this.result(this.close())

  /** Null where it goes on. */
  take(token: Token): Items | null {
    // A line's end ends it behind a name, unless "and" begins the next.
    if (this.isLineEnd && token !== 'and') return this.ended()
    this.isLineEnd = false
    if (typeof token !== 'string') return this.word(token)
    if (token === 'line') {
      this.isLineEnd = this.current.length > 0
      return null
    }
    return this.mark(token)
  }

  private word(word: Word): null {
    const isLead = leadWords.has(this.of.text.slice(word.start, word.end).toLowerCase())
    if (this.current.length > 0 || !isLead) this.current.push(word)
    return null
  }

  private mark(mark: Mark): Items | null {
    if (mark === 'colon' && this.items.length + this.current.length === 0) return null
    if (mark === 'ends' || mark === 'colon') return this.ended()
    if (mark === 'closes' && this.depth === 0) return this.ended()
    if (mark === 'closing') {
      this.close()
      return this.result(false)
    }
    if (!this.close()) return this.result(false)
    if (mark === 'comma' || mark === 'semicolon') return this.parted(mark)
    if (mark === 'opens') this.depth++
    if (mark === 'closes') this.depth--
    if (mark === 'and') this.isJoined = true
    return null
  }

  /** Where the other mark comes in, the list goes on: "sesame, almonds; sugar". */
  private parted(mark: Mark): Items | null {
    // "A, b and c" is whole; of traces it is taken only where the sentence ends with it.
    if (this.isJoined && this.commas > 0 && !this.form.isSoft) return this.result(true)
    if (this.parter !== null && this.parter !== mark) {
      const isLate = this.parter === 'semicolon'
      if (isLate) this.items.splice(this.items.findIndex(item => item.group > 0))
      return this.result(true)
    }
    this.parter = mark
    this.commas++
    this.isJoined = false
    return null
  }
}

/**
 * The things that a clause names right behind `at`, in the closed form "a, b and c" up to its end.
 * It is broken by the first that does not fit; what came before that is given all the same.
 */
export function itemsBehind(of: ClauseText, at: number, form: Form): Items {
  const reader = new ItemReader(of, form)
  for (const token of tokensFrom(of, at, form)) {
    const done = reader.take(token)
    if (done) return done
  }
  return reader.take('ends')!
}
