import { exactly, readUnit, times, type Region, type Unit } from '../../measure'
import {
  findMentions,
  ingredientById,
  inUnit,
  mainMention,
  weigh,
  type Handling,
  type Ingredient,
  type Mention,
} from '../../pantry'
import { finding as saying, type Finding, type Line } from '../recipe'
import { examples, openKind } from '../tables/choice-words'
import { extra, foreignStart, quantitiesIn, wordsOnly, type FoundAmount } from './amounts'
import { asksOf } from './asks'
import { choicesOf, type LineChoice } from './choices'
import { fruitPart } from './fruit'
import { bareLine } from './marks'
import { purposeOf } from './purpose'
import type { Quantity } from './quantity'
import { chooseWeight, type Disagreement, type LineWeight } from './weights'

export interface LineOptions {
  readonly region?: Region
  readonly id?: string
  readonly component?: string
  /** How this baker fills a cup of flour when no word says it. */
  readonly handling?: Handling
  /** The baker's own answer to "what is this?": an id of the pantry. */
  readonly ingredient?: string
}

export type LineResult =
  | { readonly ok: true; readonly line: Line; readonly findings: readonly Finding[] }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'empty' | 'too-long'
        readonly sentence: string
        readonly at: readonly [number, number]
      }
    }

export const longestLine = 600

const ofWord = /\s*(?:of|de)\s+(?:the\s+|an?\s+)?/iuy

/**
 * Where the name ends and the preparation begins: the first comma, bracket, dash or semicolon
 * behind a known word.
 */
function nameEnd(text: string, from: number, mentions: readonly Mention[]): number {
  const known = mentions.find(m => m.start >= from)
  const stop = /[,;(–—]|\s-\s|\*/gu
  stop.lastIndex = Math.max(from, known?.start ?? from)
  for (let found = stop.exec(text); found; found = stop.exec(text))
    if (!mentions.some(m => found!.index > m.start && found!.index < m.end)) return found.index
  return text.length
}

/** "2 x 60 g eggs", "3 eggs (60 g each)": sold by their weight in the shell. */
const inShell = /\d\s*[x×]\s*\d{2}\s*-?g\b|\d{2}\s*-?g\s+each\b/iu
const shellShare = 0.115

/** "12 sugar cubes", "4 gelatine leaves", "7 saffron strands": the unit behind the name. */
function unitBehind(rest: string): Unit | null {
  const read = readUnit(rest, rest.length - rest.trimStart().length)
  return read && (read.unit.kind === 'count' || read.unit.kind === 'vague') ? read.unit : null
}

function skipOf(text: string, from: number): number {
  ofWord.lastIndex = from
  const found = ofWord.exec(text)
  const start = found ? from + found[0].length : from
  return start + Math.max(0, text.slice(start).search(/[\p{L}\p{N}]/u))
}

/**
 * Unread words of the name, and of what a preparation adds ("topped with …", "plus …"); its verbs
 * are left alone.
 */
function unreadIn(named: readonly string[], preparation: string, region: Region): string[] {
  const added = /\b(?:plus|with|and|topped|mixed|filled)\b(.*)$/iu.exec(preparation)?.[1] ?? ''
  return [...named, ...findMentions(added, region).unread]
}

/**
 * Reads one ingredient line: amount, unit, grams (low, best, high), ingredient, preparation, what
 * it is for, and the choices that it offers, each as a line of its own in `orElse`. `region` sizes
 * its cups, spoons and eggs ('metric' when not said). Grams are null when nothing says how much; an
 * ingredient the pantry does not know is null. Refuses an empty text and one longer than 600
 * characters.
 *
 * @example
 * readLine('2 tbsp maple syrup').line?.ingredient // "maple-syrup"
 */
export function readLine(source: string, options: LineOptions = {}): LineResult {
  const text = bareLine(source)
  if (!text)
    return {
      ok: false,
      problem: {
        code: 'empty',
        sentence: 'There is nothing in this line to read.',
        at: [0, source.length],
      },
    }
  if (text.length > longestLine)
    return {
      ok: false,
      problem: {
        code: 'too-long',
        sentence:
          `This line has ${text.length} characters; an ingredient line has at most ` +
          `${longestLine}. Part it into several.`,
        at: [longestLine, source.length],
      },
    }
  const { region = 'metric', id = 'line', component = '' } = options
  const setting = { region, id, component, handling: options.handling }
  const choices = choicesOf(text, region)
  if (choices.length < 2 && choices[0]!.text === text)
    return { ok: true, ...lineOf(text, { ...setting, ingredient: options.ingredient }) }
  return { ok: true, ...offering(text, choices, { ...setting, ingredient: options.ingredient }) }
}

type Setting = Required<Pick<LineOptions, 'region' | 'id' | 'component'>> &
  Pick<LineOptions, 'ingredient' | 'handling'>

/**
 * A line with choices: the first is the line, the others stand in `orElse`; each counts until one
 * is taken.
 */
function offering(
  text: string,
  choices: readonly LineChoice[],
  setting: Setting,
): { line: Line; findings: Finding[] } {
  const [first, ...others] = choices as [LineChoice, ...LineChoice[]]
  const main = lineOf(first.text, setting)
  const rest = others.map((choice, i) => ({
    choice,
    ...lineOf(choice.text, {
      ...setting,
      id: `${setting.id}${'-or'.repeat(i + 1)}`,
      ingredient: undefined,
    }),
  }))
  const amount = main.line.evidence.amount
  const said = amount ? first.text.slice(...amount) : ''
  const at = said ? text.indexOf(said.trim()) : -1
  return {
    line: {
      ...main.line,
      text,
      reads: first.text,
      optional: main.line.optional || /\boptional(?:ly)?\b/iu.test(text),
      purpose: main.line.purpose ?? purposeOf(text.replace(extra, ''), main.line.amount !== null),
      evidence: {
        ...main.line.evidence,
        amount: at >= 0 ? [at, at + said.trim().length] : null,
        name: first.span,
      },
      orElse: rest.map(({ line, choice }) => ({
        ...line,
        purpose: line.purpose ?? purposeOf(text.replace(extra, ''), line.amount !== null),
        condition: choice.condition,
      })),
    },
    findings: [
      ...main.findings.map(f => ({
        ...f,
        corrections: f.code === 'weight-against-volume' ? [] : f.corrections,
      })),
      ...rest.flatMap(({ findings }) => findings.filter(f => passedOn.has(f.code))),
    ],
  }
}

const blankAt = (text: string, from: number, to: number) =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to)

/** What is asked of a choice that stands behind another. */
const passedOn: ReadonlySet<Finding['code']> = new Set([
  'unknown-ingredient',
  'unread-words',
  'open-kind',
  'ambiguous',
])

/** "your favourite nuts", "milk of choice": where the kind is left open, and the text without these words. */
function openIn(text: string): { open: string | null; rest: string } {
  const all = [...text.matchAll(openKind)]
  const found = all[0]
  if (!found) return { open: null, rest: text }
  const blanked = all.reduce((now, hit) => blankAt(now, hit.index, hit.index + hit[0].length), text)
  const example = text.search(examples)
  const closed = text.indexOf(')', Math.max(0, example))
  const rest = example < 0 ? blanked : blankAt(blanked, example, closed < 0 ? text.length : closed)
  return { open: found[0].trim(), rest }
}

const toShell = (weighed: LineWeight): LineWeight =>
  weighed.grams && weighed.quantity.unit?.kind === 'mass'
    ? {
        ...weighed,
        grams: times(weighed.grams, exactly(1 - shellShare)),
        how: `weighed in the shell, of which ${100 * shellShare} % is shell`,
        source: '[M] shell about 11–12 %',
      }
    : weighed

/** What a name in the line is taken to be: what the baker said, a part of a fruit, or the words. */
interface Named {
  readonly main: Mention | null
  readonly unit: Unit | null
  readonly ingredient: Ingredient | null
  readonly start: number
  readonly end: number
  readonly unread: readonly string[]
}

function namedIn(text: string, words: string, found: FoundAmount, setting: Setting): Named {
  const { region, ingredient: answered } = setting
  const start =
    found.main && found.main.start < 3
      ? skipOf(words, found.main.end)
      : Math.max(0, words.search(/\S/))
  const reading = findMentions(words, region)
  const end = Math.min(
    nameEnd(words, start, reading.mentions),
    foreignStart(text, found.main, region),
  )
  const named = findMentions(words.slice(start, end), region)
  const own = mainMention(named.mentions)
  const main = own ?? mainMention(reading.mentions)
  const fruit = fruitPart(text, region)
  const unit = unitOf(found.main, own ? words.slice(start + own.end) : '', main)
  const settled = answered !== undefined || (fruit !== null && main !== null)
  return {
    main,
    unit,
    ingredient: meant(answered, fruit ?? main?.ingredient ?? null, unit),
    start,
    end,
    unread: settled ? [] : unreadIn(named.unread, words.slice(end), region),
  }
}

/** The unit of the amount, or, of a bare count, the one behind the name. */
const unitOf = (amount: Quantity | null, behind: string, main: Mention | null): Unit | null =>
  amount?.unit ?? (amount && main ? unitBehind(behind) : null)

/** What the baker said it is; else what the words name, as its unit means it. */
function meant(
  answered: string | undefined,
  named: Ingredient | null,
  unit: Unit | null,
): Ingredient | null {
  const said = answered ? ingredientById(answered) : undefined
  if (said) return said
  return named && !answered ? inUnit(named, unit?.id ?? null) : named
}

const withoutAsides = (name: string) =>
  name
    .replace(/\s*\b(?:to taste|each)\b\s*/i, ' ')
    .replace(/[\s:–-]+$/u, '')
    .trim()

/** Every amount of the line weighed as what it is of. */
function weighedIn(
  text: string,
  { found, words, named, setting }: Pick<LineRead, 'found' | 'words' | 'named' | 'setting'>,
) {
  const { unit, ingredient } = named
  const weights = [...(found.main ? [found.main] : []), ...found.others].map(quantity => ({
    ...weigh({
      amount: quantity.amount,
      unit: quantity === found.main ? unit : quantity.unit,
      ingredient,
      region: setting.region,
      words: `${text.slice(quantity.start, quantity.end)} ${words}`,
      usual: setting.handling,
    }),
    quantity,
  }))
  return ingredient?.kind === 'egg' && inShell.test(text) ? weights.map(toShell) : weights
}
/** A line's words, amounts and name as they were found. */
interface LineRead {
  readonly setting: Setting
  readonly open: ReturnType<typeof openIn>['open']
  readonly found: ReturnType<typeof quantitiesIn>
  readonly words: string
  readonly named: ReturnType<typeof namedIn>
}
const tidied = (text: string) => text.replace(/\s+/g, ' ').trim()
/** What is done to it beforehand: what stands behind its name. */
const preparationIn = (text: string, end: number) =>
  text
    .slice(end)
    .replace(/^[\s,;–—-]+/u, '')
    .trim()
/** From where in the text the line's figures are, and by what they were worked out. */
function evidenceOf(
  { found, named, setting }: LineRead,
  best: ReturnType<typeof chooseWeight>['best'],
): Line['evidence'] {
  return {
    amount: found.main ? [found.main.start, found.main.end] : null,
    name: named.main ? [named.start, named.end] : null,
    how: best?.how ?? 'no amount is written',
    source: best?.source ?? '',
    by: setting.ingredient ? 'baker' : 'words',
  }
}

function lineOf(text: string, setting: Setting): { line: Line; findings: Finding[] } {
  const { region, id, component, ingredient: answered } = setting
  const { open, rest } = openIn(text)
  const found = quantitiesIn(rest, region)
  const words = wordsOnly(rest, found)
  const named = namedIn(rest, words, found, setting)
  const read: LineRead = { setting, open, found, words, named }
  const { main, unit, ingredient, start, end } = named
  const { best, odd } = chooseWeight(weighedIn(text, read), text, ingredient)
  const line: Line = {
    id,
    text,
    component,
    amount: found.main?.amount ?? null,
    unit: unit?.id ?? null,
    grams: best?.grams ?? null,
    ingredient: ingredient?.id ?? null,
    name: withoutAsides(tidied(words.slice(start, end)) || tidied(words)),
    preparation: preparationIn(text, end),
    optional: /\boptional(?:ly)?\b/i.test(text),
    purpose: ingredient?.usedFor ?? purposeOf(text.replace(extra, ''), found.main !== null),
    orElse: [],
    unread: named.unread,
    ...(open && !answered ? { open } : {}),
    evidence: evidenceOf(read, best),
  }
  return {
    line,
    findings: [
      ...(odd ? [disagreeing(line, odd)] : []),
      ...asksOf(line, main, best, { answered, region }),
    ],
  }
}

const disagreeing = ({ id, text }: Line, odd: Disagreement): Finding =>
  saying({
    code: 'weight-against-volume',
    severity: 'ask',
    lineId: id,
    text,
    sentence: odd.sentence,
    corrections: odd.instead.map(({ label, text: retyped }) => ({
      label,
      edits: [{ do: 'retype', lineId: id, text: retyped }],
    })),
  })
