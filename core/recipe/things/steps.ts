import {
  millilitresIn,
  readOven,
  type OvenReading,
  type Region,
  type Unit,
  pattern,
} from '../../measure'
import {
  ingredientById,
  pantryEdition,
  remembered,
  rememberedOf,
  weigh,
  wordsOf,
  type Kind,
} from '../../pantry'
import { partOpenedBy } from '../layout/gather'
import { sentencesIn } from '../sentences'
import { nothingMade, type MadeSoFar } from './made'
import { mentionsInStep, namesOf, rememberStep, type StepMention } from './mentions'
import { readQuantity, type Quantity } from '../line/quantity'
import type { Component, Line, Recipe, Span } from '../recipe'
import { readStepTimes, type StepTime } from '../facts/step-times'
import { orderWords } from '../tables/verb-words'
import { cueSigns, gatherings, hobWords, shareWords, shortestBake } from '../tables/step-words'

/**
 * How much of a line a step takes: an amount it states, a share it names ("half the sugar"), what
 * is left, or all.
 */
type Share =
  | { readonly of: 'amount'; readonly quantity: Quantity; readonly grams: number | null }
  | { readonly of: 'part'; readonly fraction: number }
  | { readonly of: 'rest' }
  | { readonly of: 'all' }

/** One use of an ingredient by a step; `line` is null when no line lists it. */
export interface StepUse {
  readonly mention: StepMention
  readonly line: Line | null
  readonly share: Share
}

/** A step understood as far as needed. Spans are in the step's own text. */
interface StepReading {
  readonly text: string
  readonly uses: readonly StepUse[]
  /** Lines taken together by a gathering word ("the dry ingredients", "everything"). */
  readonly gathers: readonly {
    readonly span: Span
    readonly kinds: readonly Kind[] | 'all' | 'rest'
  }[]
  readonly times: readonly StepTime[]
  readonly oven: OvenReading | null
  readonly cues: readonly { readonly span: Span; readonly text: string }[]
}

const before = 48
const joint = pattern(
  'iu',
  String.raw`^\s*(?:of\s+)?(?:the\s+|your\s+|more\s+|that\s+)?(?:(?:remaining|reserved|`,
  String.raw`other|sifted|melted|softened|cold|warm|hot|beaten|chopped|grated|fresh|`,
  String.raw`extra)\s+)*$`,
)
const countedThing = pattern(
  'iu',
  String.raw`(?:minutes?|mins?|hours?|cm|inch|°|degrees|times|tins?|layers?|parts|thirds|`,
  String.raw`batches|additions|rounds|speed)\b`,
)

/** The amount that a step states right before a name: "add 120 ml of the milk". */
function amountBefore(text: string, m: StepMention, region: Region): Quantity | null {
  const from = Math.max(0, m.start - before)
  const size = (unit: Unit) => millilitresIn(unit, region) ?? unit.g ?? 1
  let found: Quantity | null = null
  for (const { index } of text
    .slice(from, m.start)
    .matchAll(/(?<![\p{L}\d.,/])(?=[\d½⅓¼¾⅔⅛]|(?:one|two|three|half|a|an)\b)/giu)) {
    const quantity = readQuantity(text, from + index, size)
    if (!quantity || quantity.end > m.start || !joint.test(text.slice(quantity.end, m.start)))
      continue
    if (
      countedThing.test(text.slice(quantity.end, m.start)) ||
      (/^(?:an?|half)\b/iu.test(text.slice(quantity.start).trimStart()) && !quantity.unit)
    )
      continue
    // "Heat the oven to 175 C. Butter a tin": no cups.
    if (quantity.unit?.id === 'cup' && quantity.amount.low >= 30) continue
    found = quantity
    break
  }
  return found && (found.unit || found.amount.low >= 1) ? found : null
}

/** "the butter (250 g)": the amount that a step states behind a name. */
function amountBehind(text: string, m: StepMention, region: Region): Quantity | null {
  const open = /^\s*\(\s*(?:about\s+)?(?=\d|[½¼¾⅓⅔])/u.exec(text.slice(m.end))
  if (!open) return null
  const size = (unit: Unit) => millilitresIn(unit, region) ?? unit.g ?? 1
  const quantity = readQuantity(text, m.end + open[0].length, size)
  return quantity?.unit && /^\s*\)/u.test(text.slice(quantity.end)) ? quantity : null
}

const anyShare = new RegExp(shareWords.map(row => row.sign.source).join('|'), 'iu')
/** "Half the sugar", "a third of the flour", "the remaining milk": the share that stands before a name. */
function shareBefore(text: string, m: StepMention): Share | null {
  const lead = text.slice(Math.max(0, m.start - before), m.start)
  if (!anyShare.test(lead)) return null
  for (const row of shareWords)
    if (row.sign.test(lead))
      return row.fraction === 'rest' ? { of: 'rest' } : { of: 'part', fraction: row.fraction }
  return null
}

function useOf(text: string, m: StepMention, region: Region): StepUse {
  const before = amountBefore(text, m, region)
  // "1/3 cup sugar" is an amount, and no third of the sugar.
  const share =
    before?.unit && /[\d½⅓¼¾⅔]/u.test(text.slice(before.start, before.end))
      ? null
      : shareBefore(text, m)
  if (share) return { mention: m, line: m.line, share }
  const quantity = before ?? amountBehind(text, m, region)
  if (!quantity) return { mention: m, line: m.line, share: { of: 'all' } }
  const thing = m.line?.ingredient
    ? (ingredientById(m.line.ingredient) ?? m.ingredient)
    : m.ingredient
  return {
    mention: m,
    line: m.line,
    share: {
      of: 'amount',
      quantity,
      grams:
        weigh({
          amount: quantity.amount,
          unit: quantity.unit,
          ingredient: thing,
          region,
          words: text.slice(quantity.start, m.end),
        }).grams?.best ?? null,
    },
  }
}

/** What a step says whatever the list has. */
const saidBy = remembered(
  (text): Omit<StepReading, 'uses'> => ({
    text,
    gathers: gatherings.flatMap(row =>
      [...text.matchAll(row.sign)].map(hit => ({
        span: [hit.index, hit.index + hit[0].length] as const,
        kinds: row.kinds,
      })),
    ),
    times: readStepTimes(text),
    oven:
      sentencesIn(text)
        .map(readOven)
        .find(found => found !== null) ?? null,
    cues: cueSigns.flatMap(sign =>
      [...text.matchAll(sign)].map(hit => ({
        span: [hit.index, hit.index + hit[0].length] as const,
        text: hit[0].trim(),
      })),
    ),
  }),
  1000,
  pantryEdition,
)

interface StepPlace {
  readonly lines: readonly Line[]
  readonly own: readonly Line[]
  /** What earlier steps used, and made of listed things. */
  readonly made: MadeSoFar
  readonly region: Region
}

/** Reads one step against the recipe's lines: what it uses and how much of it, times, oven, cues. */
const readStep = (text: string, { lines, own, made, region }: StepPlace): StepReading => ({
  ...saidBy(text),
  uses: mentionsInStep(text, lines, own, made).map(m => useOf(text, m, region)),
})

/** A step with its place. Lines of the step's own part are looked at first. */
export interface PlacedStep extends StepReading {
  readonly component: string
  readonly at: number
}

const linesIn = (components: readonly Component[]) =>
  components.flatMap(c => c.lines.flatMap(line => [line, ...line.orElse]))

const behindOrder: ReadonlySet<string> = new Set([
  'the',
  'together',
  'your',
  'it',
  'them',
  'a',
  'an',
])
/** The words of a step as names; a doing is none: "cream the butter", "… and oil the tin". */
function saidIn(text: string): ReadonlySet<string> {
  const words = wordsOf(text)
  const isOrder = (i: number) =>
    orderWords.has(words[i]!.plain) && (i === 0 || behindOrder.has(words[i + 1]?.plain ?? ''))
  return new Set(words.flatMap((word, i) => (isOrder(i) ? [] : [word.plain])))
}

/**
 * The part that a step of a shared method works on: the one that it begins by naming; else the one
 * whose own things it names, those that no other part lists; else the one before.
 */
function partMeant(
  text: string,
  parts: readonly Component[],
  words: readonly ReadonlySet<string>[],
  before: Component | null,
): Component | null {
  const named = partOpenedBy(text, parts)
  if (named) return named
  const said = saidIn(text)
  const alone = words.map(
    (own, i) =>
      [...own].filter(
        word => said.has(word) && words.every((other, j) => j === i || !other.has(word)),
      ).length,
  )
  const most = Math.max(...alone)
  return most > 0 && alone.filter(n => n === most).length === 1
    ? parts[alone.indexOf(most)]!
    : before
}

/** A step up to the sentence that opens another part: "Bake. For the icing, …". */
function untilOpened(text: string, parts: readonly Component[]): string {
  const [first = '', ...rest] = sentencesIn(text)
  const next = rest.findIndex(sentence => partOpenedBy(sentence, parts) !== undefined)
  return next < 0 ? text : [first, ...rest.slice(0, next)].join('')
}

/**
 * For each step of each part, the lines that its words mean first: its part's own, or, where one
 * method makes several parts, those of the part that it is about. One array a part.
 */
export function ownLines(
  recipe: Pick<Recipe, 'components'>,
): readonly (readonly (readonly Line[])[])[] {
  const parts = recipe.components.filter(c => c.lines.length)
  if (parts.length < 2) {
    const all = linesIn(recipe.components)
    return recipe.components.map(c => c.steps.map(() => all))
  }
  const lines = new Map(recipe.components.map(c => [c, linesIn([c])]))
  const every = linesIn(recipe.components)
  const silent = parts.filter(c => !c.steps.length)
  const shared = recipe.components.filter(c => c.steps.length).length === 1
  const words = new Map(parts.map(part => [part, new Set(part.lines.flatMap(namesOf).flat())]))
  return recipe.components.map(c => {
    // A part without steps of its own ("for the filling") is made in another's.
    const here = shared ? parts : [c, ...silent]
    let now: Component | null = shared ? null : c
    return c.steps.map(text => {
      const named = shared ? undefined : partOpenedBy(text, parts)
      now =
        here.length > 1
          ? partMeant(
              untilOpened(text, here),
              here,
              here.map(part => words.get(part) ?? new Set()),
              shared ? now : c,
            )
          : c
      if (named) return lines.get(named)!
      return now ? lines.get(now)! : every
    })
  })
}

/**
 * In a method that several parts share: the part that a sentence works on, the one before where it
 * does not tell. Null where every part has steps of its own.
 */
export function partBySentence(
  recipe: Pick<Recipe, 'components'>,
): ((sentence: string, before: Component | null) => Component | null) | null {
  const parts = recipe.components.filter(c => c.lines.length)
  if (parts.length < 2 || recipe.components.filter(c => c.steps.length).length > 1) return null
  const words = parts.map(part => new Set(part.lines.flatMap(namesOf).flat()))
  return (sentence, before) => partMeant(sentence, parts, words, before)
}

const sentenceOf = (text: string, [from, to]: Span) => {
  const start = Math.max(...['.', ';', '!'].map(mark => text.lastIndexOf(mark, from) + 1))
  const ends = ['.', ';', '!'].map(mark => text.indexOf(mark, to)).filter(at => at >= 0)
  return text.slice(start, Math.min(text.length, ...ends))
}

type Stepped = Pick<Recipe, 'components' | 'region'>
/** Every step of a recipe, in order. */
export const readSteps: (recipe: Stepped) => readonly PlacedStep[] = rememberedOf(
  allSteps,
  pantryEdition,
)

function allSteps(recipe: Stepped): PlacedStep[] {
  const owns = ownLines(recipe)
  let hot = false
  const made = nothingMade()
  return recipe.components.flatMap((component, i) => {
    if (!component.steps.length) return []
    const all = linesIn([component, ...recipe.components.filter(c => c !== component)])
    const ordered = new Map<readonly Line[], readonly Line[]>()
    return component.steps.map((text, at): PlacedStep => {
      const own = owns[i]![at]!
      let lines = ordered.get(own)
      if (!lines) {
        const first = new Set(own)
        lines = own.length === all.length ? own : [...own, ...all.filter(line => !first.has(line))]
        ordered.set(own, lines)
      }
      const step = readStep(text, { lines, own, made, region: recipe.region })
      rememberStep(text, lines, made)
      hot ||= step.oven !== null || /\bovens?\b/iu.test(text)
      const times = hot
        ? step.times.map(time =>
            time.kind === 'cook' &&
            time.low >= shortestBake &&
            !hobWords.test(sentenceOf(text, time.span))
              ? { ...time, kind: 'bake' as const }
              : time,
          )
        : step.times
      return { ...step, times, component: component.name, at }
    })
  })
}
