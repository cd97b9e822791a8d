import { findMentions, wordsOf } from '../pantry'
import { longestText, pattern, type Region } from '../measure'
import { readOvenFacts, readPan, readYield } from './facts/facts'
import { wholeFindings, type Rule } from './findings'
import { placesOf, type PlacedSpan } from './accounted'
import { gather } from './layout/gather'
import { languageFinding } from './language'
import { layOut, type LaidPart } from './layout/layout'
import { oneList } from './layout/unit-lists'
import { longestLine } from './line/line'
import { maskMarks } from './layout/mask'
import { piecesOf } from './layout/pieces'
import { layOutProse } from './layout/prose'
import { finding, linesOf, type Finding, type LeftOver, type Recipe } from './recipe'
import { guessRegion } from './region'

export interface RecipeOptions {
  readonly region?: Region
  readonly title?: string
}
export interface RecipeReading {
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  /** The text that was read, in which lines and steps have their places. */
  readonly text: string
  /** What became of every piece of it. */
  readonly places: readonly PlacedSpan[]
  /** The words that decided the region; empty when it was given or nothing did. */
  readonly regionBecause: readonly string[]
}

const invisible = pattern(
  'gu',
  String.raw`[\u0000-\u0008\u000b-\u001f\u007f\u200b-\u200f\u202a-\u202e`,
  String.raw`\u2066-\u2069\ufeff\ufffe]`,
)

/** The text with plain line ends and without control characters and marks of writing direction. */
export const cleanText = (text: string): string =>
  text.replace(/\r\n?|\u2028|\u2029/gu, '\n').replace(invisible, '')

/**
 * Prose about the weather is passed over; a line that names something to eat, or may be the name of
 * something, is not.
 */
function couldMatter(text: string): boolean {
  const { mentions, unread } = findMentions(text)
  return mentions.length > 0 || (unread.length > 0 && wordsOf(text).length <= 4)
}

const firstOf = (parts: readonly LaidPart[], is: LaidPart['is']) =>
  parts.find(p => p.is === is)?.text
const textsOf = (parts: readonly LaidPart[], ...is: readonly LaidPart['is'][]) =>
  parts.filter(p => is.includes(p.is)).map(p => p.text)
const titleOf = (parts: readonly LaidPart[]): string =>
  (firstOf(parts, 'title') ?? '').replace(/^recipe\s*:\s*/iu, '').slice(0, 120)

/** Facts that are kept: more, and longer ones, are no facts. */
const [mostFacts, longestFact] = [40, 160] as const

/** What of the text stands in no line, step or fact, and may name something to eat. */
const leftIn = (text: string, places: readonly PlacedSpan[]): LeftOver[] =>
  places
    .filter(place => place.is === 'left over')
    .map(({ from }) => ({
      words: text
        .slice(...from)
        .replace(/\s+/gu, ' ')
        .trim(),
      from,
    }))
    .filter(({ words }) => couldMatter(words))

/** The recipe that parts of a text make, with the findings of their lines. */
function recipeIn(
  text: string,
  parts: readonly LaidPart[],
  places: readonly PlacedSpan[],
  { region, title }: { readonly region: Region; readonly title: string },
): { readonly recipe: Recipe; readonly findings: readonly Finding[] } {
  const findings: Finding[] = []
  const components = gather(parts, region, findings)
  const steps = components.flatMap(c => c.steps)
  const told = [...textsOf(parts, 'fact', 'other'), ...steps]
  const short = told.filter(line => line.length <= longestLine).slice(0, 200)
  const left = leftIn(text, places)
  const stated = textsOf(parts, 'fact').map(fact => fact.slice(0, longestFact))
  const recipe: Recipe = {
    title: title || 'Untitled dessert',
    region,
    components,
    yield: readYield(short.join('\n')),
    pan: readPan(told),
    oven: readOvenFacts(steps, told),
    ...(stated.length ? { facts: stated.slice(0, mostFacts) } : {}),
    ...(left.length && components.some(c => c.lines.length) ? { left } : {}),
  }
  return { recipe, findings }
}

/** What is missing in a text: everything, its ingredients, or its steps. */
function missingIn(text: string, recipe: Recipe): Finding[] {
  if (!text.trim())
    return [
      finding({
        code: 'empty',
        severity: 'stop',
        sentence:
          'There is no text yet. Paste a recipe: its title, what goes in, and what is done.',
      }),
    ]
  if (!linesOf(recipe).length)
    return [
      finding({
        code: 'no-lines',
        severity: 'stop',
        sentence:
          'I found no ingredient lines in this text. Write each ingredient on a line of its ' +
          'own, with its amount first: “200 g plain flour”.',
      }),
    ]
  return recipe.components.some(c => c.steps.length)
    ? []
    : [
        finding({
          code: 'no-steps',
          severity: 'note',
          sentence:
            'I found no steps. The amounts can be worked out all the same; the mixing notes ' +
            'will be general.',
        }),
      ]
}

/** Notes of the writer that name something to eat: they are in no check. */
function notesIn(parts: readonly LaidPart[], recipe: Recipe): Finding[] {
  const notes = textsOf(parts, 'note').filter(note => !/^https?:/iu.test(note) && couldMatter(note))
  const [first] = notes
  if (!first || !linesOf(recipe).length) return []
  return [
    finding({
      code: 'other-text',
      severity: 'note',
      text: first,
      sentence:
        `${notes.length === 1 ? 'One line is' : `${notes.length} lines are`} read as ` +
        'neither ingredient nor step, and not checked: ' +
        `“${first.slice(0, 80)}”${notes.length > 1 ? ' …' : ''}`,
    }),
  ]
}

/** A text that is laid out in parts, with what was found on the way. */
interface PartsRead {
  readonly text: string
  readonly laidOut: readonly LaidPart[]
  readonly options: RecipeOptions
  readonly before: readonly Finding[]
  readonly further: readonly Rule[]
}

/** A recipe of what was laid out of `text`. `before` are the findings that were made on the way. */
export function readParts({ text, laidOut, options, before, further }: PartsRead): RecipeReading {
  const guess = guessRegion(text)
  const region = options.region ?? guess.region
  const { parts, findings: betweenLists } = oneList(laidOut, region)
  const places = placesOf(text, parts, maskMarks(text))
  const title = options.title ?? titleOf(laidOut)
  const { recipe, findings } = recipeIn(text, parts, places, { region, title })
  return {
    recipe,
    findings: [
      ...before,
      ...findings,
      ...languageFinding(text),
      ...betweenLists,
      ...missingIn(text, recipe),
      ...notesIn(parts, recipe),
      ...wholeFindings(recipe, further),
    ],
    text,
    places,
    regionBecause: options.region ? [] : guess.because,
  }
}

/**
 * Reads a recipe that is plain text. Never fails: what cannot be read is a finding with the words
 * it is about.
 */
export function readPlain(
  source: string,
  options: RecipeOptions = {},
  further: readonly Rule[] = [],
  before: readonly Finding[] = [],
): RecipeReading {
  const findings: Finding[] = [...before]
  let text = cleanText(source)
  if (text.length > longestText) {
    findings.push(
      finding({
        code: 'too-long',
        severity: 'stop',
        about: 'text',
        sentence:
          `This text has ${text.length.toLocaleString('en')} characters. Only the first ` +
          `${longestText.toLocaleString('en')} are read; paste the recipe alone.`,
      }),
    )
    text = text.slice(0, longestText)
  }
  const pieces = piecesOf(maskMarks(text))
  const inList = layOut(pieces)
  const prose = inList.some(p => p.is === 'ingredient') ? null : layOutProse(pieces)
  if (prose)
    findings.push(
      finding({
        code: 'no-list',
        severity: 'note',
        sentence: 'There is no list of ingredients; the amounts were taken out of the sentences.',
      }),
    )
  return readParts({ text, laidOut: prose ?? inList, options, before: findings, further })
}
