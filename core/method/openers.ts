import {
  alsoNoun,
  announces,
  articles,
  endsClause,
  endsLead,
  notBefore,
  openingStates,
  opensLead,
  particles,
  pronouns,
  purposes,
  stateManners,
  stateOpeners,
  subordinate,
  toldBehind,
} from './tables/verbs'
import { vesselNouns } from './tables/vessels'
import { byWord, isManner, past } from './verbs'
import { singular, type StepWord } from './words'

/* Where what stands before an order ends, without a comma: where, when, what for. */

/** "In a clean bowl whisk …": a lead-in without a comma ends with its vessel or its time. */
const isLeadEnd = (words: readonly StepWord[], at: number): boolean =>
  words.slice(0, 2).some((w, n) => opensLead.has(w.is) && (n === 0 || isManner(words[0]!.is))) &&
  at <= 8 &&
  (vesselNouns.has(singular(words[at - 1]!.is)) || endsLead.has(words[at - 1]!.is)) &&
  !words.slice(1, at - 1).some(w => byWord.has(w.is) && !alsoNoun.has(w.is))

/**
 * "When bubbles rise to the surface flip them over": behind a whole clause of when, without a comma,
 * a sure verb with its object orders.
 */
const isWhenEnd = (words: readonly StepWord[], at: number): boolean =>
  subordinate.has(words[0]!.is) &&
  at >= 3 &&
  !notBefore.has(words[at - 1]!.is) &&
  !pronouns.has(words[at - 1]!.is) &&
  (alsoNoun.has(words[at]!.is) ? particles : toldBehind).has(words[at + 1]?.is ?? '') &&
  words.slice(1, at).some(w => byWord.has(w.is) || past.has(w.is) || endsClause.has(w.is))
/**
 * "When lukewarm beat in the egg", "while still hot brush with syrup": how it is by then, and a sure
 * order behind it.
 */
function isStateEnd(words: readonly StepWord[], at: number): boolean {
  const [first, ...states] = words.slice(0, at).map(word => word.is)
  const isAll = states.every(is => openingStates.has(is) || stateManners.has(is))
  const next = words[at + 1]?.is ?? ''
  const orders = alsoNoun.has(words[at]!.is) ? particles : toldBehind
  return (
    stateOpeners.has(first!) &&
    isAll &&
    openingStates.has(states.at(-1) ?? '') &&
    (orders.has(next) || next === 'with')
  )
}

/**
 * "For the icing beat …", "To make a syrup boil …", "To finish dust …": what it is for needs no comma
 * behind it.
 */
function isPurposeEnd(words: readonly StepWord[], at: number): boolean {
  const from = words.findIndex(word => !isManner(word.is))
  const [first = '', second = ''] = words.slice(from, from + 2).map(word => word.is)
  if (first === 'to' && purposes.has(second)) return at === from + 2
  const lead = first === 'to' && announces.has(second) ? 2 : 1
  if (lead === 1 && first !== 'for') return false
  const [article, ...name] = words.slice(from + lead, at).map(word => word.is)
  const last = name.at(-1)
  const isNoun = last !== undefined && (!byWord.has(last) || alsoNoun.has(last))
  return isNoun && name.length <= 4 && articles.has(article!)
}

/** Does what stands before an order end at the word before `at`? */
export const isOpenerEnd = (words: readonly StepWord[], at: number): boolean =>
  isLeadEnd(words, at) || isPurposeEnd(words, at) || isWhenEnd(words, at) || isStateEnd(words, at)
