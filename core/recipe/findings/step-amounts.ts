import { pattern } from '../../measure'
import { finding, linesOf, type Finding, type Line, type Recipe } from '../recipe'
import type { PlacedStep, StepUse } from '../things/steps'

interface Placed {
  readonly use: StepUse
  readonly step: PlacedStep
}

const more =
  /\b(?:more|extra|another|additional|if\s+(?:needed|necessary|you\s+like|it)|as\s+needed|or\s+so)\b/iu
const byTurns = /^[^.;]{0,30}\b(?:at\s+a\s+time|by\s+(?:one|the)|each\s+time)\b/iu

/** "Fill each with 2 Tbsp jam": so much a piece, not in all. */
const perPiece = /\b(?:each|every|per)\b(?!\s+of)/iu

const quoted = ({ use, step }: Placed) =>
  use.share.of === 'amount'
    ? step.text.slice(use.share.quantity.start, use.share.quantity.end).trim()
    : ''
const amountOf = (line: Line) =>
  line.evidence.amount ? line.text.slice(...line.evidence.amount).trim() : ''
const sameUnit = (line: Line, use: StepUse) =>
  use.share.of === 'amount' && (use.share.quantity.unit?.id ?? null) === line.unit

/** How much of the line the uses with an amount take, 1 for all of it; null when it cannot be compared. */
function takenShare(line: Line, placed: readonly Placed[]): { low: number; high: number } | null {
  let [low, high] = [0, 0]
  for (const { use } of placed) {
    if (use.share.of !== 'amount') continue
    if (sameUnit(line, use) && line.amount) {
      low += use.share.quantity.amount.low / line.amount.high
      high += use.share.quantity.amount.high / line.amount.low
    } else if (use.share.grams !== null && line.grams) {
      low += (use.share.grams * 0.93) / line.grams.high
      high += (use.share.grams * 1.07) / line.grams.low
    } else return null
  }
  return { low, high }
}

function disagreeing(line: Line, placed: Placed): Finding {
  const { use, step } = placed
  const [inStep, inList] = [quoted(placed), amountOf(line)]
  const share = use.share.of === 'amount' ? use.share : null
  return finding({
    code: 'step-amount',
    severity: 'ask',
    lineId: line.id,
    step: { component: step.component, at: step.at },
    text: step.text,
    about: `${line.text} ${inStep} ${step.text}`,
    sentence: `The list says ${inList} ${line.name}, the step ${inStep}.`,
    corrections: [
      {
        label: `${inStep} in the list`,
        edits: [
          {
            do: 'retype',
            lineId: line.id,
            text: line.evidence.amount
              ? line.text.slice(0, line.evidence.amount[0]) +
                inStep +
                line.text.slice(line.evidence.amount[1])
              : `${inStep} ${line.text}`,
          },
        ],
      },
      ...(share
        ? [
            {
              label: `${inList} in the step`,
              edits: [
                {
                  do: 'restep' as const,
                  component: step.component,
                  at: step.at,
                  text:
                    step.text.slice(0, share.quantity.start) +
                    inList +
                    step.text.slice(share.quantity.end),
                },
              ],
            },
          ]
        : []),
    ],
  })
}

const shareBefore = pattern(
  'iu',
  String.raw`(?:(?:another|one|the\s+last|an?)?[\s-]*(?:half|third|quarter|fourth|½|⅓|¼|`,
  String.raw`1\/3|1\/2|1\/4)(?:\s+of)?(?:\s+(?:the|it))?\s*|)$`,
)

function leftOver(line: Line, placed: readonly Placed[], taken: number): Finding {
  const { step, use } = placed.at(-1)!
  const start =
    use.share.of === 'amount'
      ? use.share.quantity.start
      : Math.max(0, step.text.slice(0, use.mention.start).search(/(?:\S*\s+){0,5}$/u))
  const spans = shareBefore.exec(step.text.slice(0, use.mention.start))
  const from = use.share.of === 'amount' ? start : (spans?.index ?? use.mention.start)
  return finding({
    code: 'parts-short',
    severity: 'ask',
    lineId: line.id,
    step: { component: step.component, at: step.at },
    text: step.text,
    about: `${line.text} ${step.text}`,
    sentence: `The steps take ${Math.round(100 * taken)} % of the ${line.name}; the rest is never added.`,
    corrections: [
      {
        label: 'The rest goes in at the last addition',
        edits: [
          {
            do: 'restep',
            component: step.component,
            at: step.at,
            text: `${step.text.slice(0, from)}the remaining ${step.text.slice(use.mention.start)}`,
          },
        ],
      },
    ],
  })
}

/** Does a use state an amount of the whole line: no more of it, not by turns, not a piece? */
const isStated = (line: Line, { use, step }: Placed): boolean =>
  use.share.of === 'amount' &&
  !more.test(step.text.slice(Math.max(0, use.share.quantity.start - 20), use.mention.end + 30)) &&
  (!byTurns.test(step.text.slice(use.mention.end)) ||
    (takenShare(line, [{ use, step }])?.low ?? 0) > 1.05) &&
  !perPiece.test(step.text.slice(0, use.mention.end + 30))

/** Amounts in the steps against the list, and parts of a line that do not add up to it. */
/** How a line is taken by the steps: by amounts that they state, by parts, whole, and the rest of it. */
interface Taken {
  readonly line: Line
  readonly stated: readonly Placed[]
  readonly parts: readonly Placed[]
  /** It is taken without a word on how much, in a step of its own. */
  readonly isWhole: boolean
  /** "The rest" of it is taken. */
  readonly isClosed: boolean
}
/** A share that is taken may differ by so much: where units differ, amounts are rounded. */
const slackOf = ({ line, stated }: Taken) =>
  stated.every(placed => sameUnit(line, placed.use)) ? 0.015 : 0.05
/** More than all of it is `over`; less than so much is left over. */
const shares = { over: 1.1, under: 0.95 }

/** Amounts that the steps state against the line's own. */
function ofStated(taken: Taken): Finding[] {
  const { line, stated, parts, isWhole, isClosed } = taken
  const slack = slackOf(taken)
  const over = stated.find(placed => (takenShare(line, [placed])?.low ?? 0) > 1 + slack)
  if (over) return [disagreeing(line, over)]
  const share = takenShare(line, stated)
  if (!share) return []
  const isOpen = !parts.length && !isClosed && !isWhole
  const isOne = stated.length === 1 && !/\bdivided\b/iu.test(line.text)
  if (isOne && isOpen && share.high < 1 - slack) return [disagreeing(line, stated[0]!)]
  if (share.low > shares.over) return [disagreeing(line, stated.at(-1)!)]
  return isOpen && share.high < shares.under ? [leftOver(line, stated, share.high)] : []
}
/** Parts of a line that do not come to all of it. */
function ofParts({ line, parts, isWhole, isClosed }: Taken): Finding[] {
  if (!parts.length || isClosed || isWhole) return []
  const fractions = parts.map(({ use }) => (use.share.of === 'part' ? use.share.fraction : 0))
  const sum = fractions.reduce((a, b) => a + b, 0)
  return sum < shares.under ? [leftOver(line, parts, sum)] : []
}
export function stepAmounts(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const isRestGathered = steps.some(step => step.gathers.some(({ kinds }) => kinds === 'rest'))
  const lines = linesOf(recipe)
  const byLine = new Map<string, Placed[]>(lines.map(line => [line.id, []]))
  for (const step of steps)
    for (const use of step.uses) if (use.line) byLine.get(use.line.id)?.push({ use, step })
  const timesListed = (ingredient: string | null) =>
    lines.filter(line => line.ingredient === ingredient).length
  return lines.flatMap(line => {
    const uses = byLine.get(line.id) ?? []
    // Which of two lines a step means is not known.
    const isUnclear = line.orElse.length > 0 || timesListed(line.ingredient) > 1
    if (!uses.length || !line.amount || line.purpose || isUnclear) return []
    const stated = uses.filter(each => isStated(line, each))
    const parts = uses.filter(({ use }) => use.share.of === 'part')
    const measured = new Set([...stated, ...parts].map(each => each.step))
    const taken: Taken = {
      line,
      stated,
      parts,
      isWhole: uses.some(({ use, step }) => use.share.of === 'all' && !measured.has(step)),
      isClosed: isRestGathered || uses.some(({ use }) => use.share.of === 'rest'),
    }
    return stated.length ? ofStated(taken) : ofParts(taken)
  })
}
