import type { Action } from '../action'

/** Bakes, or goes into the oven for so long: "put in the oven at 220 °C for 12 minutes". */
export const isBake = ({ verb, mode, settings, phases }: Action): boolean =>
  mode !== 'remark' &&
  (verb === 'bake' || (settings.length > 0 && phases.some(({ kind }) => kind === 'bake')))
