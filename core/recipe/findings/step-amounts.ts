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
export function stepAmounts(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const found: Finding[] = []
  const rest = steps.some(step => step.gathers.some(({ kinds }) => kinds === 'rest'))
  const lines = linesOf(recipe)
  const byLine = new Map<string, Placed[]>()
  for (const step of steps)
    for (const use of step.uses)
      if (use.line) byLine.set(use.line.id, [...(byLine.get(use.line.id) ?? []), { use, step }])
  const listed = new Map<string | null, number>()
  for (const line of lines) listed.set(line.ingredient, (listed.get(line.ingredient) ?? 0) + 1)
  for (const line of lines) {
    const uses = byLine.get(line.id) ?? []
    // Which of two lines a step means is not known.
    if (
      !uses.length ||
      !line.amount ||
      line.purpose ||
      line.orElse.length ||
      listed.get(line.ingredient)! > 1
    )
      continue
    const stated = uses.filter(placed => isStated(line, placed))
    const parts = uses.filter(({ use }) => use.share.of === 'part')
    const whole = uses.some(
      ({ use, step }) =>
        use.share.of === 'all' && ![...stated, ...parts].some(p => p.step === step),
    )
    const closes = rest || uses.some(({ use }) => use.share.of === 'rest')
    if (stated.length) {
      // In the same unit there is nothing to round: every difference is one.
      const slack = stated.every(placed => sameUnit(line, placed.use)) ? 0.015 : 0.05
      const over = stated.find(placed => (takenShare(line, [placed])?.low ?? 0) > 1 + slack)
      const taken = takenShare(line, stated)
      if (over) found.push(disagreeing(line, over))
      else if (
        taken &&
        stated.length === 1 &&
        !parts.length &&
        taken.high < 1 - slack &&
        !closes &&
        !whole &&
        !/\bdivided\b/iu.test(line.text)
      )
        found.push(disagreeing(line, stated[0]!))
      else if (taken && taken.low > 1.1) found.push(disagreeing(line, stated.at(-1)!))
      else if (taken && !parts.length && taken.high < 0.95 && !closes && !whole)
        found.push(leftOver(line, stated, taken.high))
    } else if (parts.length && !closes && !whole) {
      const sum = parts.reduce(
        (n, { use }) => n + (use.share.of === 'part' ? use.share.fraction : 0),
        0,
      )
      if (sum < 0.95) found.push(leftOver(line, parts, sum))
    }
  }
  return found
}
