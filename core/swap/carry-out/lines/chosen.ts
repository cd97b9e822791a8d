import { ingredientById } from '../../../pantry'
import type { Line } from '../../../recipe'
import { struckChoices, type Leaving } from '../../leaving'
import { writtenLine } from './write'
import type { Ledger } from './ledger'

/** The line as its first choice alone. */
function firstChoice({ reads, ...line }: Line): Line {
  return {
    ...line,
    orElse: [],
    text: reads ?? line.text,
    evidence: { ...line.evidence, amount: null, name: null },
  }
}

/** A choice that the recipe itself offers, and everyone may eat. */
function picked(ledger: Ledger, line: Line, taken: Line): Line {
  const ingredient = ingredientById(taken.ingredient!)!
  const amount = taken.grams ? ledger.measured(ingredient, taken.grams.best) : null
  ledger.change({
    removes: [line.id],
    adds: [ledger.addition({ of: { ingredient }, amount }, null)],
    because: `The recipe itself offers ${ingredient.name}, which everyone here may eat.`,
    did: '',
    school: null,
    source: 'the recipe',
  })
  const { reads: _, condition: __, ...own } = taken
  return { ...own, id: line.id, component: line.component, orElse: [] }
}

/** A line whose other words name what somebody avoids: only what it is of stays. */
function bare(ledger: Ledger, line: Line): Line {
  const ingredient = ingredientById(line.ingredient!)!
  return writtenLine({
    id: line.id,
    component: line.component,
    ingredient,
    amount: line.grams ? ledger.measured(ingredient, line.grams.best) : null,
    region: ledger.setting.region,
    tail: '',
    purpose: line.purpose,
  })
}

function chosen(ledger: Ledger, item: Leaving): Line {
  const { line } = item
  if (item.how === 'picks') return picked(ledger, line, item.alternative)
  const isNarrowed = item.how === 'narrows'
  const others = line.orElse.map(choice => choice.text).join('”, “')
  ledger.change({
    removes: [],
    adds: [],
    because: isNarrowed
      ? `“${others}” is struck as an alternative.`
      : `Only ${ingredientById(line.ingredient!)!.name} itself stays of “${line.text}”.`,
    did: '',
    school: null,
    source: 'the recipe',
  })
  return isNarrowed ? firstChoice(line) : bare(ledger, line)
}

/** The lines that stay with other words: a choice taken or struck, a blocked word gone; by id. */
export function writeChosen(ledger: Ledger): ReadonlyMap<string, Line> {
  const stays = ledger.option.part.leaving.filter(item => !ledger.gone.has(item.line.id))
  for (const [id, name] of stays.flatMap(struckChoices)) ledger.naming.set(id, name)
  return new Map(stays.map(item => [item.line.id, chosen(ledger, item)]))
}
