import { weigh, ingredientById } from '../../pantry'
import { unitById, type Region } from '../../measure'
import { readLine } from '../line/line'
import { finding, type Finding, type Line } from '../recipe'
import { unitLists } from '../tables/page-words'
import type { LaidPart } from './layout'

/** One list under a heading that names its measures: where its parts begin and end. */
interface UnitList {
  readonly weighs: boolean
  readonly from: number
  readonly to: number
}

const listsIn = (parts: readonly LaidPart[]): UnitList[] =>
  parts.flatMap((part, i) => {
    const words = part.text.replace(/^[#*\s]+|[*\s]+$/gu, '')
    const row = part.is === 'step' ? undefined : unitLists.find(({ sign }) => sign.test(words))
    if (!row) return []
    let to = i + 1
    while (to < parts.length && parts[to]!.is === 'ingredient') to++
    return to - i > 2 ? [{ weighs: row.weighs, from: i, to }] : []
  })

const linesOf = (parts: readonly LaidPart[], { from, to }: UnitList, region: Region): Line[] =>
  parts.slice(from + 1, to).flatMap(part => {
    const read = readLine('text' in part ? part.text : '', { region })
    return read.ok ? [read.line] : []
  })

/** Wider than cups and scales differ: one of the two lists has it wrong. [P] */
const tooFar = 1.5

/**
 * A recipe that gives its list twice, in grams and in cups: the parts with one of them (the one that
 * weighs), the other made a remark, and a finding for each thing of which the two say different
 * amounts. Lists of different things are left alone.
 */
export function oneList(
  parts: readonly LaidPart[],
  region: Region,
): { readonly parts: readonly LaidPart[]; readonly findings: readonly Finding[] } {
  const lists = listsIn(parts)
  const used = lists.find(list => list.weighs) ?? lists[0]
  const others = lists.filter(list => list !== used)
  if (!used || !others.length) return { parts, findings: [] }
  const own = linesOf(parts, used, region)
  const ids = new Set(own.map(line => line.ingredient))
  const findings: Finding[] = []
  const spare = new Set<number>([used.from])
  for (const list of others) {
    const their = linesOf(parts, list, 'us')
    const shared = their.filter(line => ids.has(line.ingredient)).length
    if (shared < 0.6 * their.length) continue
    for (let i = list.from; i < list.to; i++) spare.add(i)
    findings.push(...their.flatMap(line => differing(line, own)))
  }
  return {
    parts: parts.map((part, i) =>
      spare.has(i) ? { from: part.from, is: 'remark', text: part.text } : part,
    ),
    findings,
  }
}

function differing(line: Line, own: readonly Line[]): Finding[] {
  const same = own.filter(other => other.ingredient === line.ingredient)
  const [one] = same
  const item = ingredientById(line.ingredient ?? '')
  if (!one?.grams || !item || same.length > 1 || !line.amount) return []
  const { grams } = weigh({
    amount: line.amount,
    unit: unitById(line.unit ?? '') ?? null,
    ingredient: item,
    region: 'us',
    words: line.text,
  })
  if (!grams || (one.grams.low <= grams.high * tooFar && one.grams.high * tooFar >= grams.low))
    return []
  return [
    finding({
      code: 'weight-against-volume',
      severity: 'ask',
      text: line.text,
      sentence:
        `The two lists do not agree: “${line.text}” weighs about ${Math.round(grams.best)} g, ` +
        `“${one.text}” ${Math.round(one.grams.best)} g. The list in grams is used.`,
    }),
  ]
}
