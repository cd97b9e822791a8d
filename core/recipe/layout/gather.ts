import type { Region } from '../../measure'
import type { LaidPart } from './layout'
import { longestLine, readLine } from '../line/line'
import { partThings } from '../line/second'
import { sentencesIn } from '../sentences'
import { leadsToName } from '../tables/headings'
import {
  finding,
  type Component,
  type Finding,
  type Line,
  type Purpose,
  type Span,
} from '../recipe'

/** More than these are no recipe's; the rest is left out and said. */
const mostLines = 400

interface Growing {
  name: string
  lines: Line[]
  steps: string[]
  stepsFrom: Span[]
}

/** What the lines under such a name are for ("to serve"); null where it is a part like any other. */
function purposeOf(name: string): Purpose | null {
  if (!/^(?:to|for)\s/u.test(name)) return null
  if (/serv/u.test(name)) return 'serve'
  return /greas|tin|pan/u.test(name) ? 'pan' : 'decorate'
}

/**
 * Gathers what was laid out into parts of the dessert, each with its lines and steps. Findings of
 * the lines are added.
 */
/** Ingredient lines as they are read, each under the part that it stands in. */
function linesUnder(parts: readonly LaidPart[], region: Region, findings: Finding[]) {
  const found: { readonly name: string; readonly line: Line }[] = []
  let name = ''
  let count = 0
  const readThing = (text: string, from: Span) => {
    if (count >= mostLines) return
    const id = `l${++count}`
    const read = readLine(text.slice(0, longestLine), { region, id, component: name })
    if (!read.ok) return
    const purpose = read.line.purpose ?? purposeOf(name)
    const line = { ...read.line, from, ...(purpose ? { purpose } : {}) }
    found.push({ name, line })
    findings.push(...read.findings.filter(f => !(f.code === 'no-amount' && line.purpose)))
  }
  for (const part of parts) {
    if (part.is === 'component') name = part.name
    if (part.is === 'ingredients' || part.is === 'steps') name = ''
    if (part.is !== 'ingredient') continue
    const bare = part.text.replace(/^[\s•*▢□☐◦‣–—-]+/u, '')
    for (const text of partThings(bare, region)) readThing(text, part.from)
  }
  if (count >= mostLines)
    findings.push(
      finding({
        code: 'too-long',
        severity: 'stop',
        about: 'lines',
        sentence: `Only the first ${mostLines} ingredient lines are read.`,
      }),
    )
  return found
}
/** A step, and the part under whose heading it stands; '' where that says nothing. */
interface StandingStep {
  readonly text: string
  readonly from: Span
  readonly under: string
}
function stepsUnder(parts: readonly LaidPart[]): StandingStep[] {
  // Where each part has its steps under its own ingredients, a later ingredient follows some step.
  const isPartByPart =
    parts.findIndex(p => p.is === 'step') < parts.findLastIndex(p => p.is === 'ingredient')
  const steps: StandingStep[] = []
  let name = ''
  let isListed = false
  for (const part of parts) {
    if (part.is === 'component') [name, isListed] = [part.name, false]
    if (part.is === 'ingredients' || part.is === 'steps') name = ''
    if (part.is === 'ingredient') isListed = true
    if (part.is === 'step')
      steps.push({
        text: part.text,
        from: part.from,
        under: isListed && !isPartByPart ? '' : name,
      })
  }
  return steps
}

export function gather(
  parts: readonly LaidPart[],
  region: Region,
  findings: Finding[],
): Component[] {
  const found: Growing[] = []
  const named = (name: string) => {
    let at = found.find(c => bareName(c.name) === bareName(name))
    if (!at) found.push((at = { name, lines: [], steps: [], stepsFrom: [] }))
    return at
  }
  for (const { name, line } of linesUnder(parts, region, findings)) named(name).lines.push(line)
  const steps = stepsUnder(parts)
  const owners = steps.map(step => stepTo(step.text, step.under, found, named))
  // One method that goes from part to part and back stays one, in its order: it is the heaviest
  // part's, as what no part is named for.
  const goesBack = owners.some(
    (own, i) => i > 0 && found.indexOf(own) < found.indexOf(owners[i - 1]!),
  )
  for (const [i, step] of steps.entries()) {
    const own = goesBack && !step.under ? stepTo('', '', found, named) : owners[i]!
    own.steps.push(step.text)
    own.stepsFrom.push(step.from)
  }
  return found.filter(c => c.lines.length || c.steps.length)
}

/** A part’s name in small letters, without what leads to it: “For the glaze” is “glaze”. */
export const bareName = (name: string): string => name.toLowerCase().replace(leadsToName, '')

const opensFor = (opening: string, part: string): boolean => {
  const name = part.replaceAll(/[.*+?^${}()|[\]\\]/gu, String.raw`\$&`)
  const sign = String.raw`(?:for|make|prepare|mix)\s+(?:the\s+)?${name}s?(?!\p{L})`
  return new RegExp(sign, 'u').test(opening)
}

/**
 * The part that a step begins by naming: "For the glaze, …", "Make the streusel: …"; "make the sauce"
 * means the only part whose name ends so.
 */
export function partOpenedBy<Part extends { readonly name: string }>(
  step: string,
  parts: readonly Part[],
): Part | undefined {
  const opening = sentencesIn(step)[0]!.slice(0, 60).toLowerCase()
  const named = parts.filter(({ name }) => name !== '' && !/^(?:to|for)\s/u.test(name))
  const whole = named.find(({ name }) => opensFor(opening, name))
  if (whole) return whole
  const [first, ...more] = named.filter(({ name }) => {
    const [tail, before] = name.split(' ').reverse()
    return before !== undefined && opensFor(opening, tail!)
  })
  return more.length ? undefined : first
}

const weight = (c: Growing) => c.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)

/**
 * A step belongs under its heading, if that part has lines; without one, to the part it begins by
 * naming ("For the glaze, …"), else the heaviest.
 */
function stepTo(
  step: string,
  heading: string,
  found: readonly Growing[],
  named: (name: string) => Growing,
): Growing {
  const headed = found.find(c => bareName(c.name) === bareName(heading))
  if (heading && (headed || !found.some(c => c.lines.length))) return headed ?? named(heading)
  return (
    partOpenedBy(step, found) ??
    found.reduce<Growing | null>(
      (best, c) => (!best || weight(c) > weight(best) ? c : best),
      null,
    ) ??
    named('')
  )
}
