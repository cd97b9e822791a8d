import type { Region } from '../measure'
import { findMentions, wordsOf } from '../pantry'
import { readOvenFacts, readPan, readYield } from './facts'
import { layOut, type Part } from './layout'
import { layOutProse } from './prose'
import { longestLine, partThings, readLine } from './line'
import { wholeFindings, type Rule } from './findings'
import { piecesOf } from './pieces'
import { finding, linesOf, type Component, type Finding, type Line, type Recipe, type Span } from './recipe'
import { guessRegion } from './region'

export interface RecipeOptions { readonly region?: Region, readonly title?: string }
export interface RecipeReading {
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  /** The text that was read, in which lines and steps have their places. */
  readonly text: string
  /** The words that decided the region; empty when it was given or nothing did. */
  readonly regionBecause: readonly string[]
}

/** More than this is no recipe; the rest is left out and said. */
export const longestText = 200_000
const mostLines = 400
const markup = /<(?:!doctype|html|head|body|script|style|div|span|p|ul|ol|li|h[1-6]|table|br|img|svg|iframe|a)\b[^<>]*>/iu

/** The visible text of pasted page source; nothing of it is executed, and scripts and styles are dropped whole. */
function withoutMarkup(text: string): string {
  return text
    .replace(/<(script|style|noscript|template|svg|iframe)\b[\s\S]*?(?:<\/\1\s*>|$)/giu, ' ')
    .replace(/<!--[\s\S]*?(?:-->|$)/gu, ' ')
    .replace(/<\/?(?:p|div|li|ul|ol|h[1-6]|br|tr|table|section|article|header|footer)\b[^<>]*>/giu, '\n')
    .replace(/<[^<>\n]{0,2000}>/gu, ' ')
    .replace(/&nbsp;/giu, ' ').replace(/&frac12;/giu, '½').replace(/&frac14;/giu, '¼').replace(/&frac34;/giu, '¾').replace(/&deg;/giu, '°').replace(/&amp;/giu, '&').replace(/&lt;/giu, '‹').replace(/&gt;/giu, '›').replace(/&(?:quot|#39|rsquo|apos);/giu, '’')
}

// eslint-disable-next-line no-control-regex -- control characters are what is taken out
const clean = (text: string) => text.replace(/\r\n?|\u2028|\u2029/gu, '\n').replace(/[\u0000-\u0008\u000b-\u001f\u007f\u200b-\u200f\u202a-\u202e\u2066-\u2069\ufeff\ufffe]/gu, '')

/** Prose about the weather is passed over; a line that names something to eat, or may be the name of something, is not. */
function couldMatter(text: string): boolean {
  const { mentions, unread } = findMentions(text)
  return mentions.length > 0 || (unread.length > 0 && wordsOf(text).length <= 4)
}

/** Reads a whole recipe. Never fails: what cannot be read is a finding with the words it is about. */
export function readRecipe(source: string, options: RecipeOptions = {}, further: readonly Rule[] = []): RecipeReading {
  const findings: Finding[] = []
  const note = (code: Finding['code'], severity: Finding['severity'], sentence: string, text?: string) => findings.push(finding({ code, severity, sentence, text }))
  let text = clean(source)
  if (text.length > longestText) {
    note('too-long', 'stop', `This text has ${text.length.toLocaleString('en')} characters. Only the first ${longestText.toLocaleString('en')} are read; paste the recipe alone.`)
    text = text.slice(0, longestText)
  }
  if (markup.test(text)) {
    note('markup', 'note', 'This is the source of a web page. Only its visible words are read; nothing in it is run.')
    text = withoutMarkup(text)
  }
  const guess = guessRegion(text)
  const region = options.region ?? guess.region
  const pieces = piecesOf(text)
  const inList = layOut(pieces)
  const prose = inList.some(p => p.is === 'ingredient') ? null : layOutProse(pieces)
  const parts = prose ?? inList
  const title = options.title ?? parts.find(p => p.is === 'title')?.text.slice(0, 120) ?? ''
  const components = gather(parts, region, findings)
  const steps = components.flatMap(c => c.steps)
  const told = [...parts.filter(p => p.is === 'fact' || p.is === 'other').map(p => p.text), ...steps]
  const oven = readOvenFacts([...steps, ...told])
  const facts = told.filter(line => line.length <= longestLine).slice(0, 200).join('\n')
  const recipe: Recipe = { title: title || 'Untitled dessert', region, components, yield: readYield(facts), pan: readPan(facts), oven }

  const lines = linesOf(recipe)
  if (prose) note('no-list', 'note', 'There is no list of ingredients; the amounts were taken out of the sentences.')
  if (!source.trim()) note('empty', 'stop', 'There is no text yet. Paste a recipe: its title, what goes in, and what is done.')
  else if (!lines.length) note('no-lines', 'stop', 'I found no ingredient lines in this text. Write each ingredient on a line of its own, with its amount first: “200 g plain flour”.')
  else if (!steps.length) note('no-steps', 'note', 'I found no steps. The amounts can be worked out all the same; the mixing notes will be general.')
  const leftOver = parts.filter(p => p.is === 'other' && !/^https?:/iu.test(p.text) && couldMatter(p.text))
  if (leftOver.length && lines.length) note('other-text', 'note', `${leftOver.length === 1 ? 'One line is' : `${leftOver.length} lines are`} read as neither ingredient nor step, and not checked: “${leftOver[0]!.text.slice(0, 80)}”${leftOver.length > 1 ? ' …' : ''}`, leftOver[0]!.text)
  findings.push(...wholeFindings(recipe, further))
  return { recipe, findings, text, regionBecause: options.region ? [] : guess.because }
}

interface Growing { name: string, lines: Line[], steps: string[], stepsFrom: Span[] }

function gather(parts: readonly Part[], region: Region, findings: Finding[]): Component[] {
  const found: Growing[] = []
  const named = (name: string) => {
    const plain = (n: string) => n.replace(/^(?:the|for the|to make the)\s+/iu, '')
    let at = found.find(c => plain(c.name) === plain(name))
    if (!at) found.push(at = { name, lines: [], steps: [], stepsFrom: [] })
    return at
  }
  const steps: { readonly text: string, readonly from: Span, readonly under: string }[] = []
  // Where each part has its steps under its own ingredients, a later ingredient follows some step.
  const partByPart = parts.findIndex(p => p.is === 'step') < parts.findLastIndex(p => p.is === 'ingredient')
  let name = ''
  let listed = false
  let count = 0
  for (const part of parts) {
    if (part.is === 'component') [name, listed] = [part.name, false]
    if (part.is === 'ingredients' || part.is === 'steps') name = ''
    if (part.is === 'ingredient') {
      listed = true
      for (const text of partThings(part.text.replace(/^[\s•*▢□☐◦‣–—-]+/u, ''), region)) {
        if (count >= mostLines) continue
        const read = readLine(text.slice(0, longestLine), { region, id: `l${++count}`, component: name })
        if (!read.ok) continue
        const placed = { ...read.line, from: part.from }
        const weighed = /^(?:to|for)\s/u.test(name) && !read.line.purpose ? { ...placed, purpose: /serv/u.test(name) ? 'serve' as const : /greas|tin|pan/u.test(name) ? 'pan' as const : 'decorate' as const } : placed
        named(name).lines.push(weighed)
        findings.push(...read.findings.filter(f => !(f.code === 'no-amount' && weighed.purpose)))
      }
    }
    if (part.is === 'step') steps.push({ text: part.text, from: part.from, under: listed && !partByPart ? '' : name })
  }
  for (const step of steps) {
    const own = stepTo(step.text, step.under, found, named)
    own.steps.push(step.text)
    own.stepsFrom.push(step.from)
  }
  if (count >= mostLines) findings.push(finding({ code: 'too-long', severity: 'stop', about: 'lines', sentence: `Only the first ${mostLines} ingredient lines are read.` }))
  return found.filter(c => c.lines.length || c.steps.length)
}

const weight = (c: Growing) => c.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)

/** A step belongs under its heading; without one, to the part it begins by naming ("For the glaze, …"), else the heaviest. */
function stepTo(step: string, heading: string, found: readonly Growing[], named: (name: string) => Growing): Growing {
  if (heading) return named(heading)
  const opening = step.slice(0, 60).toLowerCase()
  const own = found.find(c => c.name && !/^(?:to|for)\s/u.test(c.name) && new RegExp(`(?:for|make|prepare|mix)\\s+(?:the\\s+)?${c.name.replace(/[.*+?^${}()|[\]\\]/gu, '\\$&')}`, 'u').test(opening))
  return own ?? found.reduce<Growing | null>((best, c) => !best || weight(c) > weight(best) ? c : best, null) ?? named('')
}
