import { isInside } from '../../../formula'
import type { Component, Line } from '../../../recipe'
import type { Leaving } from '../../leaving'
import type { Option } from '../../choose'
import type { DessertPart, Setting } from '../../ways'
import type { Change } from '../../plan'
import { factsOf } from '../telling/facts'
import type { Making } from '../telling/making'
import { writeAnswered } from './answered'
import { writeChosen } from './chosen'
import { extraLines } from './join-line'
import { Ledger } from './ledger'
import { writeRighted } from './righted'
import { writeUnmeasured } from './unmeasured'
import { trimmedLine } from './write'

/** A component of the adapted recipe, and the changes that made it. */
export interface Rewritten {
  readonly component: Component
  readonly changes: readonly Change[]
  readonly naming: ReadonlyMap<string, string>
  /** Lines that leave for something that is made ready first. */
  readonly ready: ReadonlySet<string>
  /** How much heavier a line is now than what it stands for, by its id. */
  readonly factors: ReadonlyMap<string, number>
  readonly making: Making
}

/**
 * Writes one answered part: its new lines, what they are called in the steps, and the changes with
 * their reasons.
 */
export function rewritePart(option: Option, index: number, setting: Setting): Rewritten {
  const { part, answers } = option
  const { component } = part
  const ledger = new Ledger(option, index, setting)
  for (const [group, answer] of answers) writeAnswered(ledger, group, answer)
  for (const item of part.leaving)
    if (item.how === 'leaves' && !ledger.gone.has(item.line.id)) writeUnmeasured(ledger, item)
  const reworded = writeChosen(ledger)
  const { used, trims } = writeRighted(ledger)
  const extra = extraLines(
    used.map(({ of: a, amount }) => ({ a, amount })),
    { component: component.name, newLines: ledger.newLines, ...setting },
    ledger.nextId,
    ledger.isElsewhere,
  )
  const trimOf = new Map(trims.map(t => [t.lineId, t.amount]))
  const lines = component.lines.flatMap((line): Line[] => {
    if (ledger.gone.has(line.id)) return ledger.newLines.get(line.id) ?? []
    const now = reworded.get(line.id) ?? line
    const trim = trimOf.get(line.id)
    return [trim ? trimmedLine(now, trim, setting.region) : now]
  })
  const all = [...lines, ...extra]
  return {
    component: { ...component, lines: all },
    changes: ledger.changes,
    naming: ledger.naming,
    ready: ledger.ready,
    factors: new Map([...ledger.factors, ...trims.map(t => [t.lineId, t.to / t.from] as const)]),
    making: {
      at: index,
      part,
      answers,
      facts: factsOf(part, answers, all),
      first: ledger.first,
      helps: extra,
      lines: [...ledger.newLines.values()].flat(),
    },
  }
}

/** Does it have lines that no balance is computed of? */
export const hasUnweighed = (part: DessertPart): boolean => part.leaving.some(isUnweighed)
const isUnweighed = (item: Leaving): boolean =>
  item.how !== 'leaves' || !item.line.grams || !isInside(item.line)
