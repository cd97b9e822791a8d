import { usualKitchen } from '../pan'
import { longestText } from '../measure'
import { emptyStock } from '../pantry'
import type { SetAside } from './backup'
import type { Bake, House } from './bake'
import { isSame } from './three-way'

/**
 * What somebody took off this house, as it is listed: it can be brought back for some weeks. `on` is
 * the moment (ISO); `isWhole`: it was a whole house, and takes the place of what is there then.
 */
export interface PutAside {
  readonly id: string
  readonly on: string
  readonly says: string
  readonly isWhole: boolean
}
/** The same with what was taken off; of a part only that. */
export interface PutAsideWhole extends PutAside {
  readonly house: House
  /** What of it did not hold together. */
  readonly bad: readonly SetAside[]
}

/** How many days what was taken off can be brought back. */
export const putAsideDays = 30
const openedCount = 3
const dayLength = 86_400_000

/** A house that holds nothing. */
export const emptyHouse: House = {
  people: [],
  groups: [],
  bakes: [],
  packets: [],
  stock: emptyStock,
  pictures: [],
  labels: [],
}

/** Does a house hold nothing that somebody entered? */
export function isEmptyHouse(house: House): boolean {
  const { people, groups, bakes, packets, stock, pictures, photos = [], lessons = [] } = house
  const lists = [people, groups, bakes, packets, pictures, photos, lessons, ...Object.values(stock)]
  return (
    lists.every(list => list.length === 0) &&
    (!house.kitchen || isSame(house.kitchen, usualKitchen))
  )
}

/** The days (YYYY-MM-DD) on which this house was opened last, with today: no more than are asked for. */
export const openedWith = (opened: readonly string[], today: string): readonly string[] =>
  [...opened.filter(day => day !== today), today].slice(-openedCount)

/**
 * Whose time is over, by id: put aside more than 30 days before each of the last three days on which
 * the house was opened. A clock that is wrong for a day or two loses nothing.
 */
export function overdue(rows: readonly PutAside[], opened: readonly string[]): readonly string[] {
  if (opened.length < openedCount) return []
  const earliest = Math.min(...opened.map(day => Date.parse(day)))
  return rows
    .filter(row => Date.parse(row.on) + putAsideDays * dayLength < earliest)
    .map(row => row.id)
}

/** The last day (ISO) on which something that was put aside can be brought back for sure. */
export const keptUntil = ({ on }: PutAside): string =>
  new Date(Date.parse(on) + putAsideDays * dayLength).toISOString()

/** What of a part is not there: it can be put back without touching anything. */
function missing<T>(there: readonly T[], back: readonly T[], keyOf: (of: T) => string) {
  const keys = new Set(there.map(keyOf))
  return back.filter(each => !keys.has(keyOf(each)))
}

/** A bake that is there gets back the trials that it lost; everything else of it stays. */
function withTrials(there: Bake, back: Bake): Bake | null {
  const lost = missing(there.trials ?? [], back.trials ?? [], trial => trial.id)
  return lost.length ? { ...there, trials: [...(there.trials ?? []), ...lost] } : null
}

/** Names of what is there and differs from what would come back. */
const differing = <T extends { readonly id: string; readonly name: string }>(
  there: readonly T[],
  back: readonly T[],
): readonly string[] =>
  back.flatMap(each => {
    const own = there.find(row => row.id === each.id)
    return own && !isSame(own, each) ? [own.name] : []
  })

/** Missing bakes, those with the trials that they lost, and copies of what is otherwise by now. */
function bakesBack(there: readonly Bake[], back: readonly Bake[], newId: () => string): Bake[] {
  const own = new Map(there.map(bake => [bake.id, bake]))
  return back.flatMap(bake => {
    const now = own.get(bake.id)
    if (!now) return [bake]
    const healed = withTrials(now, bake)
    if (healed) return [healed]
    if (isSame({ ...now, updated: bake.updated }, bake)) return []
    const title = `${bake.title} (as it was)`.slice(-longestText)
    return [{ ...bake, id: newId(), title, recipe: { ...bake.recipe, title } }]
  })
}

/**
 * What is to be written so that a part is in the house again. What is there stays as it is: a bake
 * that differs comes back as a copy under a new id; `stays` names people, groups and packets that do.
 */
export function broughtBack(
  there: House,
  part: House,
  newId: () => string,
): { readonly house: House; readonly stays: readonly string[] } {
  const { stock } = there
  return {
    house: {
      people: missing(there.people, part.people, person => person.id),
      groups: missing(there.groups, part.groups, group => group.id),
      bakes: bakesBack(there.bakes, part.bakes, newId),
      packets: missing(there.packets, part.packets, packet => packet.id),
      pictures: missing(there.pictures, part.pictures, picture => picture.bake),
      labels: missing(there.labels, part.labels, label => label.packet),
      photos: missing(there.photos ?? [], part.photos ?? [], photo => photo.id),
      stock: {
        ...stock,
        ingredients: [
          ...stock.ingredients,
          ...missing(stock.ingredients, part.stock.ingredients, row => row.id),
        ],
      },
    },
    stays: [
      ...differing(there.people, part.people),
      ...differing(there.groups, part.groups),
      ...differing(there.packets, part.packets),
    ],
  }
}
