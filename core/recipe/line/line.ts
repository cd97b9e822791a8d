import {
  exactly,
  millilitresIn,
  readUnit,
  times,
  type Region,
  type Spread,
  type Unit,
  pattern,
} from '../../measure'
import {
  findMentions,
  ingredientById,
  inUnit,
  mainMention,
  nearNames,
  partOfFruit,
  weigh,
  type Handling,
  type Ingredient,
  type Kind,
  type Mention,
  type Weighed,
} from '../../pantry'
import { readQuantity, readVague, type Quantity } from './quantity'
import { finding as saying, type Finding, type Line, type Purpose } from '../recipe'

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

const bullet = pattern(
  'iu',
  String.raw`^[\s\u00a0]*(?:[-–—*•·▪▢□☐✓✔◦‣>]+\s+|[•▪▢□☐◦‣·]\s*|\[[ x]?\]\s*|`,
  String.raw`\d{1,2}[.)]\s+(?=\D|\d+\s*(?:g|ml|kg|cups?|tsp|tbsp|oz|lb)\b))`,
)
const ofWord = /\s*(?:of|de)\s+(?:the\s+|an?\s+)?/iuy
const each = /\beach\b/i
const purposes: readonly (readonly [Purpose, RegExp])[] = [
  [
    'pan',
    pattern(
      'i',
      String.raw`\b(?:(?:for|to)\s+(?:greas\w+|the\s+(?:tin|pan|dish|tray|mou?ld|basin|ramekin|`,
      String.raw`sheet|griddle)s?|(?:butter|lin)\w*\s+the|coat(?:ing)?\s+the\s+(?:tin|pan))|`,
      String.raw`for\s+(?:the\s+)?(?:tin|pan|dish|tray|basin|ramekin)s?|for\s+(?:deep[\s-]*|`,
      String.raw`shallow[\s-]*)?frying)\b`,
    ),
  ],
  ['dust', /\b(?:(?:for|to)\s+(?:dust|roll|knead|flour)\w*)\b/i],
  ['brush', /\b(?:(?:for|to)\s+(?:brush|glaz|wash|seal)\w*)\b/i],
  ['serve', /\b(?:(?:to|for)\s+serv\w*|for\s+serving)\b/i],
  ['decorate', /\b(?:(?:to|for)\s+(?:decorat|finish|garnish|sprinkl|top|scatter)\w*)\b/i],
  ['taste', /\b(?:to\s+taste|as\s+needed|as\s+required|if\s+needed|a\s+little|some)\b/i],
]
const fromFruit = pattern(
  'i',
  String.raw`\b(juice|zest|rind|peel)(?:\s+and\s+(?:juice|zest|rind))?\s+(?:(?:of|from)\b|`,
  String.raw`(?=[\d½¼]|half\b|one\b|two\b))`,
)
const fruitThen = pattern(
  'i',
  String.raw`\b(lemons?|limes?|oranges?|clementines?|`,
  String.raw`grapefruits?)\b[^,;(]*[,;(–-]\s*(?:finely\s+)?(?:grated\s+)?(juiced?|zested|`,
  String.raw`zest|juice)(?:\s+only)?`,
)

const sizeIn = (region: Region) => (unit: Unit) => millilitresIn(unit, region) ?? unit.g ?? 1

interface Found {
  readonly main: Quantity | null
  readonly others: readonly Quantity[]
}

/** ", plus extra for dusting", "and 1 tsp for the tin": what is said of the extra is not said of the line. */
const extra = pattern(
  'iu',
  String.raw`[\s,;(]+(?:plus|and|with|\+)\s+(?:(?:a\s+(?:little|bit)|some|extra|more|`,
  String.raw`plenty)\b|(?:an?\s|\d|[½¼¾])[^,;]{0,40}?\s(?:extra\s+)?(?:for|to)\s+(?:greas|`,
  String.raw`dust|roll|brush|sprinkl|glaz|serv|decorat|finish|coat|the\s)).*$`,
)

/** What the whole line is for. */
function purposeOf(main: string, measured: boolean): Purpose | null {
  const purpose = purposes.find(([, pattern]) => pattern.test(main))?.[0] ?? null
  return purpose === 'taste' && measured ? null : purpose
}

/** "Eggs x 3", "egg yolks × 2": how many, behind a cross at the end. */
function timesBehind(text: string): Quantity | null {
  const found = /\s[x×*]\s*(\d{1,3})\s*$/u.exec(text)
  return found
    ? {
        amount: { low: Number(found[1]), high: Number(found[1]) },
        unit: null,
        start: found.index,
        end: text.length,
      }
    : null
}

/**
 * Of further amounts those that speak of the same thing: not the water of "1 Tbsp cornflour mixed
 * with 2 Tbsp water".
 */
function ownOf(text: string, main: Quantity, others: readonly Quantity[]): Quantity[] {
  const foreign = others.findIndex(
    q =>
      q.start > main.end &&
      foreignLead.test(text.slice(main.end, q.start)) &&
      names(text.slice(main.end, q.start)) &&
      names(text.slice(q.end, q.end + 40)),
  )
  return others.slice(0, foreign < 0 ? others.length : foreign)
}
const foreignLead = /\b(?:with|in|into|plus|and|to)\s*$|[+&]\s*$/iu
const names = (text: string) => findMentions(text).mentions.length > 0

/** Every amount of a line: at its start, behind a colon or dash, in brackets, after a slash. */
function quantitiesIn(source: string, region: Region): Found {
  const size = sizeIn(region)
  const text = source.replace(extra, '')
  const lead = readQuantity(text, 0, size) ?? readVague(text, 0) ?? timesBehind(text)
  const others: Quantity[] = []
  for (const { index } of text.matchAll(
    /(?<=[(/[,;:–—=-]\s*|\s)(?=[\d½⅓¼¾⅔⅛])|(?<=\bof\s)(?=\b(?:half|a|an|one|two|three)\b)/giu,
  )) {
    if (index < (lead?.end ?? 0) || others.some(q => index < q.end)) continue
    const found = readQuantity(text, index, size)
    if (found && (found.unit || !lead)) others.push(found)
  }
  if (lead)
    return {
      main: lead,
      others: ownOf(
        text,
        lead,
        others.filter(q => q.unit),
      ),
    }
  const ofThing = (q: Quantity) =>
    q.unit !== null || findMentions(text.slice(q.end, q.end + 30)).mentions.length > 0
  const first = others.find(ofThing) ?? others[0] ?? null
  return {
    main: first,
    others: first
      ? ownOf(
          text,
          first,
          others.filter(q => q !== first && q.unit),
        )
      : [],
  }
}

/** Every amount that the line states of its thing, the leading one first. */
export function quantitiesOf(text: string, region: Region): Quantity[] {
  const { main, others } = quantitiesIn(text, region)
  return main ? [main, ...others] : []
}

/** Blanks out the amounts so that only the words about the ingredient are left, in their places. */
function wordsOnly(text: string, found: Found): string {
  let rest = text
  for (const q of [found.main, ...found.others])
    if (q) rest = rest.slice(0, q.start) + ' '.repeat(q.end - q.start) + rest.slice(q.end)
  return rest
}

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

const differ = (a: Spread, b: Spread) => Math.max(a.best / b.best, b.best / a.best)

/** What fills a spoon in one way only: its weight and its volume must agree more closely than a flour's. */
const pourable: ReadonlySet<Kind> = new Set([
  'oil',
  'butter',
  'milk',
  'sour-milk',
  'cream',
  'water',
  'plant-drink',
  'plant-sour',
  'plant-cream',
  'syrup',
  'honey',
  'juice',
  'condensed-milk',
  'alcohol',
  'plant-block',
  'hard-fat',
])
const loose = [0.75, 1.33] as const
/** Wide enough for a spoon or cup that is rounded to 15 or 240 ml, and for a whole gram. [P] */
const close = [0.84, 1.17] as const
/** A granulated sugar pours, but heaps. [P] */
const granular = [0.79, 1.26] as const
/** Below this a whole gram more or less says nothing. */
const fewGrams = 8
const australianSpoon = 20 / 15

/**
 * A line that says its amount twice: the weight in grams wins, and a volume that cannot be it is a
 * finding.
 */
function chooseWeight(
  weights: readonly (Weighed & { quantity: Quantity })[],
  line: string,
  ingredient: Ingredient | null,
): {
  best: (Weighed & { quantity: Quantity }) | null
  odd: { readonly sentence: string; readonly label: string; readonly text: string } | null
} {
  const known = weights.filter(w => w.grams)
  const stated = known.filter(w => w.quantity.unit?.kind === 'mass')
  const best =
    stated.find(w => w.quantity.unit?.id === 'g' || w.quantity.unit?.id === 'kg') ??
    stated[0] ??
    known[0] ??
    weights[0] ??
    null
  const volume = known.find(w => w.quantity.unit?.kind === 'volume')
  if (!best?.grams || !volume?.grams || best === volume || best.quantity.unit?.kind !== 'mass')
    return { best, odd: null }
  const [under, over] =
    !ingredient || best.grams.best < fewGrams
      ? loose
      : pourable.has(ingredient.kind)
        ? close
        : ingredient.kind === 'sugar' && Object.keys(ingredient.density).length === 1
          ? granular
          : loose
  const ratio =
    volume.quantity.unit?.id === 'tbsp' ? best.grams.best / volume.grams.best / australianSpoon : 0
  if (
    (best.grams.best >= volume.grams.low * under && best.grams.best <= volume.grams.high * over) ||
    Math.abs(ratio - 1) < 0.06
  )
    return { best, odd: null }
  const sentence =
    'The weight and the volume of this line do not agree: ' +
    `${line.slice(volume.quantity.start, volume.quantity.end).trim()} weighs about ` +
    `${Math.round(volume.grams.best)} g, but ` +
    `${line.slice(best.quantity.start, best.quantity.end).trim()} is written ` +
    `(${differ(best.grams, volume.grams).toFixed(1)} times apart). The weight is used.`
  const corrected =
    line.slice(0, best.quantity.start) +
    `${Math.round(volume.grams.best)} g` +
    line.slice(best.quantity.end)
  return {
    best,
    odd: { sentence, label: `Use ${Math.round(volume.grams.best)} g`, text: corrected },
  }
}

/** "2 x 60 g eggs", "3 eggs (60 g each)": sold by their weight in the shell. */
const inShell = /\d\s*[x×]\s*\d{2}\s*-?g\b|\d{2}\s*-?g\s+each\b/iu
const shellShare = 0.115

const choiceJoint = pattern(
  'giu',
  String.raw`[\s,(]+(?:or(?:\s+use)?|\/)\s+(?!(?:more|less|so|to\s+taste|as\s+needed|until|`,
  String.raw`if|about|two|three|2|3|whatever)\b)`,
)

/** " or " that offers another ingredient, not another amount or "or so". */
function alternativesIn(
  text: string,
  mentions: readonly Mention[],
): { at: number; end: number } | null {
  for (const found of text.matchAll(choiceJoint)) {
    const before = mentions.some(m => m.end <= found.index)
    const right = text.slice(found.index + found[0].length)
    const reading = findMentions(right)
    if (before && (reading.mentions.length > 0 || reading.unread.length > 0))
      return { at: found.index, end: found.index + found[0].length }
  }
  return null
}

/**
 * "Juice of half a lemon", "1 lime, zested": the part of the fruit that goes in. Zest and juice
 * together weigh as the juice.
 */
function fruitPart(text: string, region: Region): Ingredient | null {
  const part = fromFruit.exec(text)?.[1] ?? fruitThen.exec(text)?.[2]
  if (!part) return null
  return partOfFruit(
    findMentions(text, region).mentions,
    /zest|rind|peel/iu.test(part) && !/juice/iu.test(text) ? 'zest' : 'juice',
  )
}

/**
 * Reads one ingredient line: amount, unit, grams (low, best, high), ingredient, preparation,
 * alternatives behind "or", what it is for. `region` sizes its cups, spoons and eggs ('metric' when
 * not said). Grams are null when nothing says how much; an ingredient the pantry does not know is
 * null. Refuses an empty text and one longer than 600 characters.
 */
export function readLine(source: string, options: LineOptions = {}): LineResult {
  const { region = 'metric', id = 'line', component = '' } = options
  const text = source
    .replace(/[\u200b-\u200f\u202a-\u202e\u2066-\u2069\ufeff]/gu, '')
    .replace(bullet, '')
    .replace(/[\s\u00a0\u2000-\u200a\u202f]+/gu, ' ')
    .trim()
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
  return {
    ok: true,
    ...lineOf(text, {
      region,
      id,
      component,
      ingredient: options.ingredient,
      handling: options.handling,
    }),
  }
}

function lineOf(
  text: string,
  {
    region,
    id,
    component,
    ingredient: answered,
    handling,
  }: Required<Pick<LineOptions, 'region' | 'id' | 'component'>> &
    Pick<LineOptions, 'ingredient' | 'handling'>,
): { line: Line; findings: Finding[] } {
  const whole = findMentions(text, region)
  const split = alternativesIn(text, whole.mentions)
  const own = split ? text.slice(0, split.at) : text
  const found = quantitiesIn(own, region)
  const words = wordsOnly(own, found)
  const nameStart =
    found.main && found.main.start < 3
      ? skipOf(words, found.main.end)
      : words.search(/\S/) < 0
        ? 0
        : words.search(/\S/)
  const reading = findMentions(words, region)
  const end = Math.min(
    nameEnd(words, nameStart, reading.mentions),
    foreignStart(own, found.main, region),
  )
  const named = findMentions(words.slice(nameStart, end), region)
  const main = mainMention(named.mentions) ?? mainMention(reading.mentions)
  const fruit = fruitPart(own, region)
  const counted =
    found.main && !found.main.unit && main
      ? unitBehind(named.mentions.includes(main) ? words.slice(nameStart + main.end) : '')
      : null
  const unit = found.main?.unit ?? counted
  const said = (answered ? ingredientById(answered) : null) ?? fruit ?? main?.ingredient ?? null
  const ingredient = said && !answered ? inUnit(said, unit?.id ?? null) : said

  const quantities = found.main ? [found.main, ...found.others] : []
  const weights = quantities.map(quantity => ({
    ...weigh(
      quantity.amount,
      quantity === found.main ? unit : quantity.unit,
      ingredient,
      region,
      `${own.slice(quantity.start, quantity.end)} ${words}`,
      handling,
    ),
    quantity,
  }))
  if (ingredient?.kind === 'egg' && inShell.test(own))
    for (const weighed of weights)
      if (weighed.grams && weighed.quantity.unit?.kind === 'mass')
        Object.assign(weighed, {
          grams: times(weighed.grams, exactly(1 - shellShare)),
          how: `weighed in the shell, of which ${100 * shellShare} % is shell`,
          source: '[M] shell about 11–12 %',
        })
  const { best, odd } = chooseWeight(weights, own, ingredient)
  const name =
    words.slice(nameStart, end).replace(/\s+/g, ' ').trim() || words.replace(/\s+/g, ' ').trim()
  const afterName = own
    .slice(end)
    .replace(/^[\s,;–—-]+/u, '')
    .trim()
  const unread = answered || (fruit && main) ? [] : unreadIn(named.unread, words.slice(end), region)
  const line: Line = {
    id,
    text,
    component,
    amount: found.main?.amount ?? null,
    unit: unit?.id ?? null,
    grams: best?.grams ?? null,
    ingredient: ingredient?.id ?? null,
    name: name
      .replace(/\s*\b(?:to taste|each)\b\s*/i, ' ')
      .replace(/[\s:–-]+$/u, '')
      .trim(),
    preparation: afterName,
    optional: /\boptional(?:ly)?\b/i.test(text),
    purpose:
      ingredient?.usedFor ??
      purposeOf((split ? text : own).replace(extra, ''), found.main !== null),
    orElse: [],
    unread,
    evidence: {
      amount: found.main ? [found.main.start, found.main.end] : null,
      name: main ? [nameStart, end] : null,
      how: best?.how ?? 'no amount is written',
      source: best?.source ?? '',
      by: answered ? 'baker' : 'words',
    },
  }
  const findings = [
    ...(odd
      ? [
          saying({
            code: 'weight-against-volume',
            severity: 'ask',
            lineId: id,
            text,
            sentence: odd.sentence,
            corrections: [
              {
                label: odd.label,
                edits: [
                  {
                    do: 'retype',
                    lineId: id,
                    text: split ? odd.text + text.slice(split.at) : odd.text,
                  },
                ],
              },
            ],
          }),
        ]
      : []),
    ...asksOf(line, main, best, answered, region),
  ]
  if (!split) return { line, findings }
  const right = text.slice(split.end)
  const alone = lineOf(right, { region, id: `${id}-or`, component, handling })
  const borrowed =
    !alone.line.amount && found.main
      ? lineOf(`${own.slice(0, found.main.end)} ${right}`, {
          region,
          id: `${id}-or`,
          component,
          handling,
        })
      : alone
  return {
    line: {
      ...line,
      orElse: [{ ...borrowed.line, text: right }, ...borrowed.line.orElse].filter(
        other => !other.ingredient || other.ingredient !== line.ingredient,
      ),
    },
    findings: [
      ...findings,
      ...borrowed.findings.filter(
        f => f.code === 'unknown-ingredient' || f.code === 'unread-words',
      ),
    ],
  }
}

const secondJoint = pattern(
  'giu',
  String.raw`[\s,]+(?:(?:mixed|dissolved|stirred|blended|whisked|beaten|combined|`,
  String.raw`soaked)\s+(?:with|in|into)|plus|and|with|[+&])\s+(?=\d|[½¼¾⅓⅔]|an?\s)`,
)

/** Where another thing with an amount of its own begins: "… mixed with 2 Tbsp water". */
function foreignStart(text: string, main: Quantity | null, region: Region): number {
  if (!main) return text.length
  for (const { index, 0: joint } of text.slice(main.end).matchAll(secondJoint)) {
    const at = main.end + index
    const next = readQuantity(text, at + joint.length, sizeIn(region))
    if (
      next &&
      (next.unit || joint.includes('plus') || /[+&]/u.test(joint) || joint.includes('and')) &&
      names(text.slice(main.end, at)) &&
      names(text.slice(next.end, next.end + 40))
    )
      return at
  }
  return text.length
}

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

/** Units that a number without one may have been meant in, likeliest first. [P] */
function likelyUnits(amount: number, ingredient: Ingredient, region: Region): string[] {
  if (amount >= 15) return [millilitreKinds.includes(ingredient.kind) ? 'ml' : 'g']
  const spoon = ['leaven', 'salt', 'spice', 'flavour', 'acid', 'binder', 'gel', 'yeast'].includes(
    ingredient.kind,
  )
  return spoon
    ? ['tsp', 'tbsp']
    : region === 'uk' || region === 'ie' || region === 'metric'
      ? ['tbsp', 'cup']
      : ['cup', 'tbsp']
}
const millilitreKinds: readonly Kind[] = [
  'milk',
  'water',
  'cream',
  'plant-drink',
  'plant-cream',
  'juice',
  'oil',
  'alcohol',
  'sour-milk',
]

function asksOf(
  line: Line,
  main: Mention | null,
  best: Weighed | null,
  answered: string | undefined,
  region: Region,
): Finding[] {
  const asks: Finding[] = []
  const about = { lineId: line.id, text: line.text }
  const item = line.ingredient ? ingredientById(line.ingredient) : undefined
  const say = (ingredient: Ingredient, label = ingredient.name) => ({
    label,
    edits: [{ do: 'say' as const, lineId: line.id, ingredient: ingredient.id }],
  })
  if (!item) {
    const guesses = nearNames(line.name, region)
    asks.push(
      saying({
        ...about,
        code: 'unknown-ingredient',
        severity: 'stop',
        sentence:
          `I do not know what “${line.name}” ` +
          `is.${guesses.length ? ` Is it ${guesses.map(g => g.name).join(' or ')}?` : ''}`,
        corrections: guesses.map(g => say(g)),
      }),
    )
  } else if (line.unread.length) {
    asks.push(
      saying({
        ...about,
        code: 'unread-words',
        severity: 'stop',
        sentence:
          `I read “${line.name}” as ${item.name}, but do not know ` +
          `${line.unread.length > 1 ? 'the words' : 'the word'} ` +
          `${line.unread.map(w => `“${w}”`).join(', ')}. Is it that?`,
        corrections: [say(item, `Yes, ${item.name}`)],
      }),
    )
  }
  if (main?.ambiguous && !answered && item) {
    asks.push(
      saying({
        ...about,
        code: 'ambiguous',
        severity: 'ask',
        sentence: `${main.ambiguous.asks} It is read as ${item.name}.`,
        corrections: main.ambiguous.choices.flatMap(choice => {
          const thing = ingredientById(choice)
          return thing ? [say(thing)] : []
        }),
      }),
    )
  }
  if (
    !line.amount &&
    !line.purpose &&
    item &&
    !['salt', 'spice', 'flavour', 'decoration'].includes(item.kind)
  ) {
    asks.push(
      saying({
        ...about,
        code: 'no-amount',
        severity: line.optional ? 'note' : 'ask',
        sentence: `No amount is written for ${line.name}. It stays unknown; it is not taken as none.`,
      }),
    )
  } else if (line.amount && !line.grams && item && !line.unit) {
    const units = likelyUnits(line.amount.high, item, region)
    const at = line.evidence.amount?.[1] ?? 0
    asks.push(
      saying({
        ...about,
        code: 'no-unit',
        severity: 'ask',
        sentence: `“${line.text}” has a number, but no unit.`,
        corrections: units.map(unit => ({
          label: `${line.text.slice(0, at).trim()} ${unit}`,
          edits: [
            {
              do: 'retype' as const,
              lineId: line.id,
              text: `${line.text.slice(0, at).trimEnd()} ${unit}${line.text.slice(at)}`,
            },
          ],
        })),
      }),
    )
  } else if (line.amount && !line.grams && item) {
    asks.push(
      saying({
        ...about,
        code: 'no-weight',
        severity: 'ask',
        sentence:
          `I cannot weigh “${line.text}”: ${best?.how ?? 'no weight is known'}. Write it in ` +
          'grams or spoons.',
      }),
    )
  }
  return asks
}

const twoThings = pattern(
  'iu',
  String.raw`^(.+?),?\s+(?:(?:mixed|dissolved|stirred|blended|whisked|combined)\s+(?:with|`,
  String.raw`in|into)|plus|and|\+|&)\s+((?:\d|[½¼¾⅓⅔]|one\b|two\b|an?\s).*)$`,
)

/**
 * "1 tsp each of cinnamon and ginger" as one text a thing, since each has the amount; "jam and
 * clotted cream, to serve" as two, since neither has one, and "1 egg plus 1 egg yolk" as two. Any
 * other line as itself.
 */
export function partThings(text: string, region: Region): string[] {
  const isThing = (name: string) => {
    const r = findMentions(name, region)
    return r.mentions.length === 1 && r.unread.length === 0
  }
  const found = readQuantity(text, 0, sizeIn(region)) ?? readVague(text, 0)
  if (each.test(text) && found) {
    const rest = text
      .slice(found.end)
      .replace(/\s*\([^()]*\)\s*$/u, '')
      .replace(/^\s*each\s*(?:of)?\s*:?\s*/i, '')
      .replace(/,?\s*\beach\b/i, '')
    const names = rest.split(/\s*(?:,|\band\b|&|\+)\s*/iu).filter(Boolean)
    return names.length > 1 && names.every(isThing)
      ? names.map(name => `${text.slice(0, found.end)} ${name}`)
      : [text]
  }
  // "1 egg plus 1 egg yolk": two amounts of two things.
  const [, one, two] = twoThings.exec(text) ?? []
  if (found && one && two && readQuantity(two, 0, sizeIn(region))) {
    const things = [one, two].map(name =>
      findMentions(name, region).mentions.map(m => m.ingredient.id),
    )
    if (things[0]!.length === 1 && things[1]!.length === 1 && things[0]![0] !== things[1]![0])
      return [one, two]
  }
  if (found || /\d/u.test(text)) return [text]
  const [, first, second, tail] =
    /^([^,;(]+?)\s+(?:and|&)\s+([^,;(]+?)((?:,|\s+to\s+|\s+for\s+).*)?$/iu.exec(text) ?? []
  return first && second && isThing(first) && isThing(second)
    ? [first, second].map(name => `${name}${tail ?? ''}`)
    : [text]
}
