import { isRegion, pattern } from '../../measure'
import type { Rule } from '../findings'
import { headingName } from '../layout/heading'
import { numberedRun } from '../layout/rows'
import type { LaidPart } from '../layout/layout'
import { contentOf, type PageContent } from './markup'
import { parseLoosely, recipesInData, recipesInItems, type StatedRecipe } from './linked-data'
import { finding, type Finding } from '../recipe'
import { cleanText, readParts, readPlain, type RecipeOptions, type RecipeReading } from '../text'

/** A page or file may hold several recipes; `others` are the titles of those that were not asked for. */
export interface PageReading extends RecipeReading {
  readonly others: readonly string[]
  readonly which: number
  readonly keywords: readonly string[]
}
export interface PageOptions extends RecipeOptions {
  readonly which?: number
}

/** No page of a recipe is longer; the rest is left out and said. */
const longestPage = 8_000_000
const mostStated = 400
const mostRecipes = 500
/** Titles of further recipes that are said. */
const mostNamed = 5

/** Lays out a stated recipe as the text that is kept, each line in its place. */
function laidOut(stated: StatedRecipe): { text: string; parts: LaidPart[] } {
  const parts: LaidPart[] = []
  let text = ''
  const write = (is: LaidPart['is'] | null, line: string, name = '') => {
    const clean = cleanText(line).replace(/\s+/gu, ' ').trim()
    if (!clean) return
    const from = [text.length, text.length + clean.length] as const
    text += `${clean}\n`
    if (is === 'component') parts.push({ is, text: clean, name, from })
    else if (is) parts.push({ is, text: clean, from })
  }
  write('title', stated.title)
  for (const fact of stated.facts) write('fact', fact)
  text += '\n'
  write('ingredients', 'Ingredients')
  const starts = new Map<number, string>()
  let from = 0
  for (const part of stated.parts) {
    starts.set(from, part.name)
    from += part.count
  }
  stated.ingredients.slice(0, mostStated).forEach((line, i) => {
    const own = starts.get(i)
    if (own !== undefined && stated.parts.length > 1)
      write('component', `For the ${own || 'main part'}:`, own)
    const heading = stated.parts.length
      ? null
      : headingName(line, stated.ingredients.slice(i + 1, i + 5))
    if (heading !== null) write('component', line, heading)
    else write('ingredient', line)
  })
  text += '\n'
  write('steps', 'Method')
  for (const section of stated.sections) {
    if (section.name)
      write(
        'component',
        `${section.name}:`,
        section.name
          .toLowerCase()
          .replace(/^(?:for|to\s+make|make)\s+(?:the\s+)?/iu, '')
          .slice(0, 60),
      )
    else if (stated.sections.length > 1) write('steps', 'Method')
    // Some pages put all their steps into one text, by numbers.
    const steps = section.steps.flatMap(step =>
      numberedRun({ text: step, at: 0 }).map(piece => piece.text),
    )
    for (const step of steps.slice(0, mostStated))
      write('step', step.replace(/^(?:step\s*)?\d{1,2}\s*[.):–-]?\s+(?=\p{L})/iu, ''))
  }
  return { text, parts }
}

function read(
  all: readonly StatedRecipe[],
  options: PageOptions,
  further: readonly Rule[],
  findings: Finding[],
): PageReading {
  const which = Math.min(options.which ?? 0, all.length - 1)
  const stated = all[which]!
  const others = all.filter((_, i) => i !== which).map(other => other.title || 'Untitled dessert')
  const named = others.slice(0, mostNamed).map(title => `“${title}”`)
  if (others.length)
    findings.push(
      finding({
        code: 'several',
        severity: 'note',
        sentence:
          `There are ${all.length} recipes here; this is “${stated.title || 'the first'}”. ` +
          `The others: ${named.join(', ')}${others.length > mostNamed ? ' …' : ''}.`,
      }),
    )
  const { text, parts } = laidOut(stated)
  const region = options.region ?? (isRegion(stated.region) ? stated.region : undefined)
  return {
    ...readParts({
      text,
      laidOut: parts,
      options: { ...options, ...(region ? { region } : {}) },
      before: findings,
      further,
    }),
    others,
    which,
    keywords: stated.keywords,
  }
}

const alone = (reading: RecipeReading): PageReading => ({
  ...reading,
  others: [],
  which: 0,
  keywords: [],
})
const holdsSomething = (stated: StatedRecipe) =>
  stated.ingredients.length > 0 || stated.sections.length > 0

const isWhole = (stated: StatedRecipe) =>
  stated.ingredients.length > 0 && stated.sections.some(section => section.steps.length > 0)

/** The recipe of the visible words, where they have both lines and steps; null otherwise. */
function wholeInWords(
  page: PageContent,
  options: PageOptions,
  further: readonly Rule[],
  findings: readonly Finding[],
): RecipeReading | null {
  for (const words of [page.main, page.text]) {
    const reading = words ? readPlain(words, options, further, findings) : null
    const parts = reading?.recipe.components ?? []
    if (parts.some(c => c.lines.length) && parts.some(c => c.steps.length)) return reading
  }
  return null
}

/** What a page states in linked data, else in its attributes. */
function statedIn(page: PageContent): StatedRecipe[] {
  const linked = page.linked
    .flatMap(source => {
      const data = parseLoosely(source)
      return data === undefined ? [] : recipesInData(data)
    })
    .filter(holdsSomething)
  return linked.length ? linked : recipesInItems(page.items).filter(holdsSomething)
}

/**
 * Every recipe that a page or a file of linked data states, each read on its own; none when it
 * states none.
 */
export function readStated(source: string, further: readonly Rule[] = []): PageReading[] {
  const data = /^\s*[[{]/u.test(source) ? parseLoosely(source) : undefined
  const all =
    data === undefined
      ? statedIn(contentOf(source.slice(0, longestPage)))
      : recipesInData(data).filter(holdsSomething)
  return all.slice(0, mostRecipes).map(stated => read([stated], {}, further, []))
}

/**
 * Reads the source of a web page: a schema.org Recipe in JSON-LD in any of its shapes, else in
 * microdata or RDFa, else the visible words. Nothing in it is run or fetched. Of several recipes
 * `which` is read, and the others are named.
 */
export function readPage(
  html: string,
  options: PageOptions = {},
  further: readonly Rule[] = [],
): PageReading {
  const findings = ofSource(html)
  const page = contentOf(html.slice(0, longestPage))
  const stated = statedIn(page)
  const own = stated[Math.min(options.which ?? 0, stated.length - 1)]
  if (!own) return inWords(page, options, further, findings)
  // Data that states half a recipe beside a page that shows all of it: what is seen is read.
  const titled = { ...options, title: options.title ?? (own.title || undefined) }
  const seen = isWhole(own) ? null : wholeInWords(page, titled, further, findings)
  return seen ? alone(seen) : read(stated, options, further, findings)
}

/** What is said of the source of any page. */
function ofSource(html: string): Finding[] {
  const found = [
    finding({
      code: 'markup',
      severity: 'note',
      sentence:
        'This is the source of a web page. Only what it says of the recipe is read; nothing in it is run.',
    }),
  ]
  if (html.length > longestPage)
    found.push(
      finding({
        code: 'too-long',
        severity: 'stop',
        about: 'page',
        sentence:
          `This page has ${html.length.toLocaleString('en')} characters. Only the first ` +
          `${longestPage.toLocaleString('en')} are read.`,
      }),
    )
  return found
}

/** A page that states nothing: its main words, where they list something, else all of them. */
function inWords(
  page: PageContent,
  options: PageOptions,
  further: readonly Rule[],
  findings: readonly Finding[],
): PageReading {
  const inMain = page.main ? readPlain(page.main, options, further, findings) : null
  if (inMain?.recipe.components.some(c => c.lines.length)) return alone(inMain)
  const bare = !options.title && page.title && !/\S/u.test(page.text)
  const titled = { ...options, ...(bare ? { title: page.title } : {}) }
  return alone(readPlain(page.text, titled, further, findings))
}

/** Reads a JSON-LD file; null when it is no JSON or holds no recipe. */
function readLinkedData(
  source: string,
  options: PageOptions = {},
  further: readonly Rule[] = [],
): PageReading | null {
  const data = parseLoosely(source)
  const all = data === undefined ? [] : recipesInData(data).filter(holdsSomething)
  return all.length ? read(all, options, further, []) : null
}

export const markup = pattern(
  'iu',
  String.raw`<(?:!doctype|html|head|body|script|style|div|span|p|ul|ol|li|h[1-6]|table|br|`,
  String.raw`img|svg|iframe|a|main|article|section)\b[^<>]*>`,
)

/**
 * Reads a recipe in whatever way it was pasted: plain text, the source of a page, or linked data.
 * Never fails.
 */
export function readRecipe(
  source: string,
  options: RecipeOptions = {},
  further: readonly Rule[] = [],
): RecipeReading {
  if (/^\s*[[{]/u.test(source)) {
    const linked = readLinkedData(source, options, further)
    if (linked) return linked
  }
  return markup.test(source.slice(0, longestPage))
    ? readPage(source, options, further)
    : readPlain(source, options, further)
}
