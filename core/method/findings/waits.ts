import { finding, type Finding } from '../../recipe'
import type { Action } from '../action'
import type { Manner } from '../tables/manners'
import type { VerbId } from '../tables/verbs'

/** What is left to itself and has to end some time; what cools or stands ends by itself. */
const ending: ReadonlySet<VerbId> = new Set('chill freeze proof soak'.split(' ') as VerbId[])
/** Manners that say when it is over. */
const ends: readonly Manner[] = ['until-needed', 'to-firm', 'to-set', 'rises', 'quite-cold']
const meanwhile = /\b(?:while|overnight|until|before)\b/iu

const isEndless = ({ verb, phases, until, manners, mode, text }: Action): boolean =>
  ending.has(verb) &&
  mode === 'do' &&
  !phases.length &&
  !until &&
  !ends.some(one => manners.has(one)) &&
  !meanwhile.test(text)

/**
 * A wait that nobody ends: neither a time nor a sign tells when it is over, and something is done
 * with it afterwards.
 */
export const endlessWaits = (actions: readonly Action[]): Finding[] =>
  actions
    .filter((action, n) => isEndless(action) && actions.slice(n + 1).some(a => a.mode === 'do'))
    .map(({ step, text }) => {
      const says = text.trim().replace(/[.,;]$/u, '')
      return finding({
        code: 'endless-wait',
        severity: 'note',
        step,
        text: text.trim(),
        sentence: `“${says}”: for how long, or until what, is not written.`,
      })
    })
