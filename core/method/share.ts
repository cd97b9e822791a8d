import { ingredientById, type Kind } from '../pantry'
import type { StepUse } from '../recipe'
import type { OperandShare } from './action'
import { littleOf, most, nearlyAll, sayRemaining } from './tables/shares'

const pieceKinds: Readonly<Record<string, 'yolk' | 'white'>> = {
  'egg-yolk': 'yolk',
  'egg-white': 'white',
}
const fruits: ReadonlySet<Kind> = new Set(['fruit', 'juice', 'acid', 'flavour'])
/** The two words behind a name: "lemon zest and juice". */
const behind = /^(?:\s+(?:and|&)?\s*\p{L}+){0,2}/u

/** What of an egg or a fruit a mention means, where its line is of the whole. */
function pieceOf(use: StepUse, text: string): 'yolk' | 'white' | 'zest' | 'juice' | null {
  const { mention, line } = use
  const listed = ingredientById(line?.ingredient ?? '')
  if (!line || !listed) return null
  const egg = pieceKinds[mention.ingredient.kind]
  if (egg && listed.kind === 'egg') return egg
  if (!fruits.has(listed.kind)) return null
  const said = `${mention.words} ${behind.exec(text.slice(mention.end))?.[0] ?? ''}`
  const [juice, zest] = [/\bjuice/iu, /\b(?:zest|rind|peel)(?!ed)/iu].map(sign => sign.test(said))
  // "Lemon zest and juice" is all of it, and so is a line of the juice alone.
  if (juice === zest || /juice|zest|rind/iu.test(line.name)) return null
  return juice ? 'juice' : 'zest'
}

/** How much of its line a use takes. */
export function shareOf(use: StepUse, text: string): OperandShare {
  const { share } = use
  if (share.of === 'amount')
    return sayRemaining.test(text.slice(0, share.quantity.start))
      ? { of: 'rest' }
      : { of: 'amount', grams: share.grams }
  if (share.of !== 'all') return share
  const lead = text.slice(Math.max(0, use.mention.start - 40), use.mention.start)
  if (nearlyAll.test(lead)) return { of: 'part', fraction: most }
  if (littleOf.test(lead)) return { of: 'amount', grams: null }
  const piece = pieceOf(use, text)
  return piece ? { of: 'piece', piece } : { of: 'all' }
}

/** The share that words before a place say, where no food is known there. */
export function shareSaid(lead: string): OperandShare {
  if (sayRemaining.test(lead)) return { of: 'rest' }
  if (littleOf.test(lead)) return { of: 'amount', grams: null }
  if (/\bhalf\s+(?:of\s+)?(?:the\s+)?$/iu.test(lead)) return { of: 'part', fraction: 1 / 2 }
  return { of: 'all' }
}
