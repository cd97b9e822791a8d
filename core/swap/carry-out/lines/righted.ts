import { weightText } from '../../../measure'
import { nameIn, type Measured } from '../../../pantry'
import type { Added, PlanDraft } from '../../amounts'
import type { KeptAmount } from '../../ways'
import { listed } from '../../leaving'
import type { Trim } from '../../plan'
import { leverReason, trimReason } from '../reasons'
import { limits } from '../../tables/limits'
import type { Amount, Ledger } from './ledger'

/** What sets the rest right: new things, and other amounts of what stays. */
export interface Righted {
  readonly used: readonly Amount<Added>[]
  readonly trims: readonly (Trim & { readonly amount: Measured })[]
}

/** Is it worth weighing otherwise? */
const isWorthIt = ({ was, grams }: KeptAmount, amount: Measured): boolean =>
  Math.abs(grams - was) >= limits.worthIt * was && Math.abs(amount.grams - was) >= 0.1

function trimOf(ledger: Ledger, kept: KeptAmount): Righted['trims'] {
  const { ingredient, lineId, was, grams } = kept
  const amount = ledger.measured(ingredient, grams)
  if (!isWorthIt(kept, amount)) return []
  const trim = {
    lineId,
    ingredient: ingredient.id,
    name: nameIn(ingredient, ledger.setting.region),
    from: was,
    to: amount.grams,
    kitchen: amount.kitchen,
    because: trimReason(ingredient, amount.grams - was),
    amount,
  }
  return [trim]
}

/** What is listed once already is weighed with it: one line of it is enough. */
function joinedTo(draft: PlanDraft): {
  readonly kept: readonly KeptAmount[]
  readonly more: readonly Added[]
} {
  const levers = draft.added.filter(a => a.answers === 'lever')
  const listed = (a: Added) => draft.kept.filter(k => k.ingredient.id === a.ingredient.id)
  const isJoined = (a: Added) =>
    listed(a).length === 1 && !draft.added.some(b => b !== a && b.ingredient.id === a.ingredient.id)
  const joins = levers.filter(isJoined)
  const kept = draft.kept.map(k => {
    const more = joins.find(a => a.ingredient.id === k.ingredient.id)
    return more ? { ...k, grams: k.grams + more.grams } : k
  })
  return { kept, more: levers.filter(a => !joins.includes(a)) }
}

/** Writes down what sets the rest right, as one change. */
export function writeRighted(ledger: Ledger): Righted {
  const { draft, answers } = ledger.option
  const { kept, more } = joinedTo(draft)
  const used = ledger.weighed(more)
  const trims = kept.flatMap(one => trimOf(ledger, one))
  if (!used.length && !trims.length) return { used, trims }
  const isEggGone = ledger.changes.some(change =>
    answers.some(([group, answer]) => group.question === 'egg' && answer.id === change.school),
  )
  const [came, moved] = [
    used.map(one => `${ledger.said([one])} ${leverReason(one.of, isEggGone)}`),
    trims.map(
      t => `${t.name} ${t.to > t.from ? 'up' : 'down'} to ${weightText(t.to)} ${t.because}`,
    ),
  ]
  ledger.change({
    removes: [],
    adds: used.map(one => ledger.addition(one, null)),
    trims: trims.map(({ amount: _, ...trim }) => trim),
    because: `Set right: ${listed([...came, ...moved])}.`,
    did: '',
    school: null,
    source: 'arithmetic on the pantry’s figures [C]',
  })
  return { used, trims }
}
