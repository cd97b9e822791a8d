import type { Action } from './action'
import { saysBoil } from './tables/gates'
import { cooks, onFlame } from './tables/heat'

/**
 * Baked or boiled, by the doing or by what it goes on until: "stir until it bubbles", "stir over the
 * heat until thick".
 */
export const isCooked = ({ verb, mode, text, until }: Action): boolean =>
  mode !== 'remark' &&
  (cooks.has(verb) ||
    (until !== null &&
      (saysBoil.test(until.text) || (until.kinds.has('thick') && onFlame.test(text)))))
