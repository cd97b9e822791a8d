import type { Recipe } from '../../recipe'
import type { Action } from '../action'

/** A fault of a method that was changed, in a sentence; `step` where it shows. */
export interface Fault {
  readonly gate:
    'shares' | 'order' | 'heat' | 'foam' | 'gone' | 'setters' | 'sets' | 'seizing' | 'english'
  readonly says: string
  readonly step: { readonly component: string; readonly at: number } | null
}

/** The recipe as it was and as it is, both read as actions. */
interface Changed {
  readonly was: Recipe
  readonly is: Recipe
  readonly actionsBefore: readonly Action[]
  readonly actions: readonly Action[]
}
/** A gate that every plan passes: what it finds, nothing where it holds. */
export type Gate = (changed: Changed) => readonly Fault[]
