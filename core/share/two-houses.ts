import { longestText } from '../measure'
import type { Packet } from '../packet'
import { usualKitchen } from '../pan'
import { ingredientById, type Stock } from '../pantry'
import { avoidSays, dietRows, type PeopleGroup, type Person } from '../people'
import type { Bake, House } from './bake'
import { isSame } from './three-way'

/** Of which of two houses something is as it will be; both: the file's as a copy beside the one here. */
export type Counts = 'here' | 'file' | 'both'

/** Something of a house file, met with this house: it is not here yet, the same, or otherwise. */
export interface Met {
  readonly key: string
  readonly kind: 'person' | 'group' | 'packet' | 'bake' | 'ingredient' | 'name' | 'kitchen'
  readonly name: string
  readonly is: 'new' | 'same' | 'differs'
  /** Where they differ, what each is, in words. */
  readonly here: string
  readonly file: string
}

const folded = (name: string) => name.trim().toLowerCase().replace(/\s+/gu, ' ')

/** Ids of the file's things that are here under another one: the only one here of that look. */
function otherIds<T extends { readonly id: string }>(
  here: readonly T[],
  file: readonly T[],
  lookOf: (of: T) => string,
): ReadonlyMap<string, string> {
  const ids = new Set(here.map(each => each.id))
  const taken = new Set(file.map(each => each.id))
  return new Map(
    file.flatMap(each => {
      if (ids.has(each.id)) return []
      const alike = here.filter(own => lookOf(own) === lookOf(each))
      const twins = file.filter(other => lookOf(other) === lookOf(each))
      const [own] = alike
      const isClear = own && alike.length === 1 && twins.length === 1 && !taken.has(own.id)
      return isClear ? [[each.id, own.id] as const] : []
    }),
  )
}

/** Fields in which an id of a person, packet, group or bake stands. */
const idFields: ReadonlySet<string> = new Set([
  'id',
  'people',
  'packets',
  'packet',
  'bake',
  'with',
  'guestOf',
])
/** The same with other ids, in the fields where ids stand. */
function renamed<T>(value: T, ids: ReadonlyMap<string, string>, field = ''): T {
  if (typeof value === 'string') {
    const other = idFields.has(field) ? ids.get(value) : undefined
    return (other ?? value) as T
  }
  if (Array.isArray(value)) return value.map(each => renamed(each, ids, field)) as T
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [key, renamed(each, ids, key)]),
  ) as T
}

/**
 * A file's house with the ids of this one: whoever has the same name is the same person, the same
 * text under the same title the same bake, and so on; nothing where it could be two.
 */
export function knownHere(here: House, file: House): House {
  const ids = new Map([
    ...otherIds(here.people, file.people, person => folded(person.name) + (person.guestOf ?? '')),
    ...otherIds(here.groups, file.groups, group => folded(group.name)),
    ...otherIds(here.packets, file.packets, ({ name, ingredient }) =>
      JSON.stringify([folded(name), ingredient]),
    ),
    ...otherIds(here.bakes, file.bakes, ({ title, source, arm }) =>
      JSON.stringify([title, source, arm ?? null]),
    ),
  ])
  return ids.size ? renamed(file, ids) : file
}

const personSays = (person: Person): string =>
  [
    ...person.avoids.map(avoidSays),
    ...dietRows.filter(row => person.diets.includes(row.id)).map(row => row.name),
    ...(person.things ?? []).map(thing => `no ${thing.words}`),
    ...(person.carries ? ['carries emergency medicine'] : []),
    ...(person.note ? [`“${person.note}”`] : []),
  ].join('; ') || 'avoids nothing'

/** What two of a kind may differ in, in words. */
const bakeParts: readonly (readonly [keyof Bake, string])[] = [
  ['title', 'the title'],
  ['recipe', 'the recipe'],
  ['people', 'who eats'],
  ['ties', 'the packets'],
  ['wishes', 'the wishes'],
  ['plan', 'the chosen plan'],
  ['size', 'the size'],
  ['day', 'the day'],
  ['making', 'the making'],
  ['made', 'what was made'],
  ['baked', 'the verdicts'],
  ['trials', 'the trials'],
  ['tags', 'the tags'],
  ['archived', 'its place on the shelf'],
]
function bakeSays(bake: Bake, other: Bake): string {
  const parts = bakeParts.filter(([key]) => !isSame(bake[key], other[key])).map(([, says]) => says)
  const on = `changed on ${bake.updated.slice(0, 10)} at ${bake.updated.slice(11, 16)}`
  return parts.length ? `${on}; differs in ${parts.join(', ')}` : on
}

const packetSays = ({ words, checkedOn }: Packet): string =>
  [
    checkedOn ? `looked at on ${checkedOn}` : 'never looked at',
    ...Object.values(words).filter(Boolean),
  ]
    .join(': ')
    .slice(0, 400)

type Side = { readonly here: string; readonly file: string }
const apart = (says: string): Side => ({ here: says, file: says })

/** Things of one kind, each by its id. */
function metOf<T>(
  kind: Met['kind'],
  lists: { readonly here: readonly T[]; readonly file: readonly T[] },
  keyOf: (of: T) => string,
  says: { readonly name: (of: T) => string; readonly apart: (here: T, file: T) => Side },
): Met[] {
  const own = new Map(lists.here.map(each => [keyOf(each), each]))
  return lists.file.map((each): Met => {
    const is = { key: `${kind}:${keyOf(each)}`, kind, name: says.name(each) }
    const there = own.get(keyOf(each))
    if (there === undefined) return { ...is, is: 'new', here: '', file: '' }
    if (isSame(there, each)) return { ...is, is: 'same', here: '', file: '' }
    return { ...is, is: 'differs', ...says.apart(there, each) }
  })
}

const idOf = ({ id }: { readonly id: string }) => id
const nameOf = ({ name }: { readonly name: string }) => name
const membersSay = (group: PeopleGroup, people: readonly Person[]) =>
  group.people.map(id => people.find(person => person.id === id)?.name ?? '?').join(', ')
const ingredientName = (id: string, stock: Stock) =>
  (stock.ingredients.find(row => row.id === id) ?? ingredientById(id))?.name ?? id
/** When a bake was begun and changed does not make it another. */
const undated = (bake: Bake): Bake => ({ ...bake, created: '', updated: '', findings: [] })

function metBakes(here: House, file: House): Met[] {
  const own = new Map(here.bakes.map(bake => [bake.id, bake]))
  const bakes = file.bakes.filter(bake => !bake.arm)
  return metOf('bake', { here: here.bakes, file: bakes }, idOf, {
    name: bake => bake.title,
    apart: (mine, theirs) => ({ here: bakeSays(mine, theirs), file: bakeSays(theirs, mine) }),
  }).map((met, i) => {
    const mine = own.get(bakes[i]!.id)
    const isAlike = mine && isSame(undated(mine), undated(bakes[i]!))
    return met.is === 'differs' && isAlike ? { ...met, is: 'same', here: '', file: '' } : met
  })
}

/** The kitchen asks only where both say something of theirs. */
function metKitchen({ kitchen: mine }: House, { kitchen: theirs }: House): Met[] {
  if (!theirs || isSame(theirs, usualKitchen)) return []
  const is = { key: 'kitchen:', kind: 'kitchen', name: 'Tins, oven and pace' } as const
  if (isSame(mine, theirs)) return [{ ...is, is: 'same', here: '', file: '' }]
  if (!mine || isSame(mine, usualKitchen)) return [{ ...is, is: 'new', here: '', file: '' }]
  const tins = (n: number) => `${n} ${n === 1 ? 'tin' : 'tins'}`
  const [here, file] = [mine, theirs].map(
    ({ tins: all, oven }) => `${tins(all.length)}, ${oven.log.length} bakes in the oven’s log`,
  ) as [string, string]
  return [{ ...is, is: 'differs', here, file }]
}

/**
 * A house file that was made `knownHere`, met with this house: everything of it, by whether it is
 * new, the same, or otherwise and so to be asked about. Bakes of trial arms come with their dessert.
 */
export function meetHouses(here: House, file: House): readonly Met[] {
  return [
    ...metOf('person', { here: here.people, file: file.people }, idOf, {
      name: nameOf,
      apart: (mine, theirs) => ({ here: personSays(mine), file: personSays(theirs) }),
    }),
    ...metOf('group', { here: here.groups, file: file.groups }, idOf, {
      name: nameOf,
      apart: (mine, theirs) => ({
        here: membersSay(mine, here.people),
        file: membersSay(theirs, file.people),
      }),
    }),
    ...metOf('packet', { here: here.packets, file: file.packets }, idOf, {
      name: nameOf,
      apart: (mine, theirs) => ({ here: packetSays(mine), file: packetSays(theirs) }),
    }),
    ...metBakes(here, file),
    ...metOf('ingredient', { here: here.stock.ingredients, file: file.stock.ingredients }, idOf, {
      name: nameOf,
      apart: () => apart('what it consists of'),
    }),
    ...metOf('name', { here: here.stock.names, file: file.stock.names }, ({ words }) => words, {
      name: ({ words }) => words,
      apart: (mine, theirs) => ({
        here: ingredientName(mine.ingredient, here.stock),
        file: ingredientName(theirs.ingredient, file.stock),
      }),
    }),
    ...metKitchen(here, file),
  ]
}

/** Which side counts for something, by its key; what is the same or only here is as it is here. */
type Said = Readonly<Record<string, Counts>>
function bothOf<T>(
  here: readonly T[],
  file: readonly T[],
  keyOf: (of: T) => string,
  countsOf: (key: string) => Counts | undefined,
): T[] {
  const theirs = new Map(file.map(each => [keyOf(each), each]))
  const own = new Set(here.map(keyOf))
  return [
    ...here.map(each => (countsOf(keyOf(each)) === 'file' && theirs.get(keyOf(each))) || each),
    ...file.filter(each => !own.has(keyOf(each))),
  ]
}

const copyOf = (bake: Bake, id: string): Bake => {
  const title = `${bake.title} (from the file)`.slice(-longestText)
  const own = renamed(bake, new Map([[bake.id, id]]))
  return { ...own, title, recipe: { ...own.recipe, title } }
}

/**
 * Both houses in one. Everything of either is in it; of what differs the side that counts, by its
 * key (`Met.key`); where nothing is said, as it is here. `file` is as `knownHere` gives it; `newId`
 * gives ids for copies.
 */
export function houseOfBoth(here: House, file: House, said: Said, newId: () => string): House {
  const by = (kind: Met['kind']) => (key: string) => said[`${kind}:${key}`]
  const ofBake = by('bake')
  const own = new Set(here.bakes.map(idOf))
  const copies = file.bakes.filter(bake => ofBake(bake.id) === 'both' && own.has(bake.id))
  const parents = new Map(
    [...here.bakes, ...file.bakes].flatMap(({ id, arm }) => (arm ? [[id, arm.bake]] : [])),
  )
  const bakes = bothOf(here.bakes, file.bakes, idOf, id => ofBake(parents.get(id) ?? id))
  const { stock } = here
  const kitchen =
    said['kitchen:'] === 'file' || !here.kitchen || isSame(here.kitchen, usualKitchen)
      ? (file.kitchen ?? here.kitchen)
      : here.kitchen
  return {
    people: bothOf(here.people, file.people, idOf, by('person')),
    groups: bothOf(here.groups, file.groups, idOf, by('group')),
    packets: bothOf(here.packets, file.packets, idOf, by('packet')),
    bakes: [...bakes, ...copies.map(bake => copyOf(bake, newId()))],
    stock: {
      ingredients: bothOf(stock.ingredients, file.stock.ingredients, idOf, by('ingredient')),
      names: bothOf(stock.names, file.stock.names, ({ words }) => words, by('name')),
      spoons: bothOf(
        stock.spoons,
        file.stock.spoons,
        ({ ingredient, unit }) => `${ingredient} ${unit}`,
        () => 'here',
      ),
    },
    pictures: bothOf(here.pictures, file.pictures, ({ bake }) => bake, ofBake),
    labels: bothOf(here.labels, file.labels, ({ packet }) => packet, by('packet')),
    photos: bothOf(here.photos ?? [], file.photos ?? [], idOf, () => 'here'),
    lessons: bothOf(here.lessons ?? [], file.lessons ?? [], idOf, () => 'here'),
    ...(kitchen ? { kitchen } : {}),
  }
}
