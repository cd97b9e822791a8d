import type { Region } from '../measure'
import type { Finding, Recipe } from '../recipe'
import type { Person } from '../people'
import type { Plan, Wishes } from '../swap'

/** One dessert for some people, from pasting to sharing: the unit of work, as it is stored and exported. */
export interface Bake {
  readonly id: string
  readonly title: string
  /** The text as it was pasted; never changed by a correction. */
  readonly source: string
  readonly region: Region
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  readonly people: readonly string[]
  readonly wishes: Wishes
  /** The plan that was chosen, whole, so that a card can be printed without working it out again. */
  readonly plan: Plan | null
  readonly created: string
  readonly updated: string
}

/** Everything that a house holds. */
export interface House { readonly people: readonly Person[], readonly bakes: readonly Bake[] }
