import { findMentions, wordsOf } from '../pantry'
import { pattern, type Region } from '../measure'
import { readOvenFacts, readPan, readYield } from './facts/facts'
import { wholeFindings, type Rule } from './findings'
import { placesOf, type Placed } from './accounted'
import { gather } from './layout/gather'
import { languageFinding } from './language'
import { layOut, type Part } from './layout/layout'
import { oneList } from './layout/unit-lists'
import { longestLine } from './line/line'
import { maskMarks } from './layout/mask'
import { piecesOf } from './layout/pieces'
import { layOutProse } from './layout/prose'
import { finding, linesOf, type Finding, type Recipe } from './recipe'
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
  readonly places: readonly Placed[]
  /** The words that decided the region; empty when it was given or nothing did. */
  readonly regionBecause: readonly string[]
}

/** More than this is no recipe; the rest is left out and said. */
const longestText = 200_000

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

/** A recipe of what was laid out of `text`. `findings` are those that were made on the way. */
export function readParts(
  text: string,
  laidOut: readonly Part[],
  options: RecipeOptions,
  findings: Finding[],
  further: readonly Rule[],
): RecipeReading {
  const note = (
    code: Finding['code'],
    severity: Finding['severity'],
    sentence: string,
    about?: string,
  ) => findings.push(finding({ code, severity, sentence, text: about }))
  const guess = guessRegion(text)
  const region = options.region ?? guess.region
  const title =
    options.title ??
    laidOut
      .find(p => p.is === 'title')
      ?.text.replace(/^recipe\s*:\s*/iu, '')
      .slice(0, 120) ??
    ''
  const { parts, findings: betweenLists } = oneList(laidOut, region)
  const places = placesOf(text, parts, maskMarks(text))
  const components = gather(parts, region, findings)
  findings.push(...languageFinding(text), ...betweenLists)
  const steps = components.flatMap(c => c.steps)
  const told = [
    ...parts.filter(p => p.is === 'fact' || p.is === 'other').map(p => p.text),
    ...steps,
  ]
  const facts = told
    .filter(line => line.length <= longestLine)
    .slice(0, 200)
    .join('\n')
  const left = places
    .filter(place => place.is === 'left over')
    .map(({ from }) => ({
      words: text
        .slice(...from)
        .replace(/\s+/gu, ' ')
        .trim(),
      from,
    }))
    .filter(({ words }) => couldMatter(words))
  const stated = parts
    .filter(p => p.is === 'fact')
    .map(p => p.text.slice(0, 160))
    .slice(0, 40)
  const recipe: Recipe = {
    title: title || 'Untitled dessert',
    region,
    components,
    yield: readYield(facts),
    pan: readPan(told),
    oven: readOvenFacts(steps, told),
    ...(stated.length ? { facts: stated } : {}),
    ...(left.length && components.some(c => c.lines.length) ? { left } : {}),
  }

  const lines = linesOf(recipe)
  if (!text.trim())
    note(
      'empty',
      'stop',
      'There is no text yet. Paste a recipe: its title, what goes in, and what is done.',
    )
  else if (!lines.length)
    note(
      'no-lines',
      'stop',
      'I found no ingredient lines in this text. Write each ingredient on a line of its ' +
        'own, with its amount first: “200 g plain flour”.',
    )
  else if (!steps.length)
    note(
      'no-steps',
      'note',
      'I found no steps. The amounts can be worked out all the same; the mixing notes will be general.',
    )
  const notes = parts.filter(
    p => p.is === 'note' && !/^https?:/iu.test(p.text) && couldMatter(p.text),
  )
  if (notes.length && lines.length)
    note(
      'other-text',
      'note',
      `${notes.length === 1 ? 'One line is' : `${notes.length} lines are`} read as ` +
        'neither ingredient nor step, and not checked: ' +
        `“${notes[0]!.text.slice(0, 80)}”${notes.length > 1 ? ' …' : ''}`,
      notes[0]!.text,
    )
  findings.push(...wholeFindings(recipe, further))
  return { recipe, findings, text, places, regionBecause: options.region ? [] : guess.because }
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
  return readParts(text, prose ?? inList, options, findings, further)
}
