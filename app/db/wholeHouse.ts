import {
  broughtBack,
  isEmptyHouse,
  shelfRowOf,
  type House,
  type PutAsideWhole,
  type SetAside,
} from '#core/share'
import { usualKitchen } from '#core/pan'
import type { Stock } from '#core/pantry'
import { written } from './disk'
import { NotKept } from './guard'
import {
  allBakes,
  allGroups,
  allPackets,
  allPeople,
  bakedIn,
  putBakes,
  putStock,
  readFact,
  readKitchen,
  readLessons,
  readStock,
  stockedSince,
  putFact,
} from './house'
import { asideTables, forgetNow, putAside, putAsideWhole } from './putAside'
import { db } from './schema'

/** Everything in this house at once. Every writer either does all of it or nothing. */
export async function readHouse(): Promise<House> {
  const [people, bakes, stock, pictures, groups, packets, labels, kitchen, photos, lessons] =
    await Promise.all([
      allPeople(),
      allBakes(),
      readStock(),
      db().pictures.toArray(),
      allGroups(),
      allPackets(),
      db().labels.toArray(),
      readKitchen(),
      db().photos.toArray(),
      readLessons(),
    ])
  return {
    people,
    bakes,
    stock,
    pictures,
    groups,
    packets,
    labels,
    kitchen,
    ...(photos.length ? { photos } : {}),
    ...(lessons.length ? { lessons } : {}),
  }
}

/** What does not hold together in this house: it goes along into every house file. */
export const readAside = () => readFact<readonly SetAside[]>('aside', [])

/**
 * Puts another house in place of this one, whole or not at all; `aside` is what of it does not hold
 * together. The one that was here is put aside under what is said of it; its key is given.
 */
export const replaceHouse = (
  house: House,
  aside: readonly SetAside[] = [],
  says = 'The house as it was before another took its place',
) => written(() => replaceNow(house, aside, says))
const replaceNow = (house: House, aside: readonly SetAside[], says: string) =>
  db().transaction(
    'rw',
    [
      db().people,
      db().bakes,
      db().shelf,
      db().pictures,
      db().facts,
      db().groups,
      db().packets,
      db().labels,
      db().photos,
      ...asideTables(),
    ],
    async () => {
      const before = await readHouse()
      const key = isEmptyHouse(before) ? null : await putAside(says, before, await readAside())
      await Promise.all(
        [
          db().people,
          db().bakes,
          db().shelf,
          db().pictures,
          db().groups,
          db().packets,
          db().labels,
          db().photos,
        ].map(table => table.clear()),
      )
      await db().people.bulkAdd(house.people.map(person => ({ ...person })))
      await db().bakes.bulkPut([...house.bakes])
      await db().shelf.bulkPut(house.bakes.map(shelfRowOf))
      await putFact('baked', bakedIn(house.bakes))
      await db().pictures.bulkPut([...house.pictures])
      await db().groups.bulkPut([...house.groups])
      await db().packets.bulkPut([...house.packets])
      await db().labels.bulkPut([...house.labels])
      await db().photos.bulkPut([...(house.photos ?? [])])
      await putStock(house.stock, new Date().toISOString())
      await putFact('kitchen', house.kitchen ?? usualKitchen)
      await putFact('lessons', house.lessons ?? [])
      await putFact('aside', aside)
      return key
    },
  )

/** Adds people, groups, packets and bakes that the house does not have yet; what it has stays as it is. */
export const addToHouse = (house: Pick<House, 'people' | 'bakes' | 'groups' | 'packets'>) =>
  written(() =>
    db().transaction(
      'rw',
      [db().people, db().bakes, db().shelf, db().groups, db().packets],
      async () => {
        const [groups, packets] = [
          new Set(await db().groups.toCollection().primaryKeys()),
          new Set(await db().packets.toCollection().primaryKeys()),
        ]
        await db().groups.bulkPut(house.groups.filter(group => !groups.has(group.id)))
        await db().packets.bulkPut(house.packets.filter(packet => !packets.has(packet.id)))
        const [people, bakes] = [
          new Set((await db().people.toArray()).map(person => person.id)),
          new Set(await db().bakes.toCollection().primaryKeys()),
        ]
        await db().people.bulkAdd(
          house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })),
        )
        const fresh = house.bakes.filter(bake => !bakes.has(bake.id))
        await db().bakes.bulkPut(fresh)
        await db().shelf.bulkPut(fresh.map(shelfRowOf))
      },
    ),
  )

/**
 * Lays the file of one bake into this house: a bake that is newer than what is here takes its
 * place, with its photos; an older one does not. People, packets and pantry rows that the house has
 * stay as they are. Gives what became of each bake.
 */
export const joinBakes = (house: House) =>
  written(() =>
    db().transaction(
      'rw',
      [
        db().people,
        db().bakes,
        db().shelf,
        db().pictures,
        db().facts,
        db().packets,
        db().labels,
        db().photos,
        ...asideTables(),
      ],
      async () => {
        const here = new Map(
          (await db().bakes.bulkGet(house.bakes.map(bake => bake.id))).flatMap(bake =>
            bake ? [[bake.id, bake] as const] : [],
          ),
        )
        const rows = house.bakes.map(bake => {
          const before = here.get(bake.id)
          if (!before) return { bake, before, is: 'new' as const }
          const isNewer = before.updated < bake.updated
          return { bake, before, is: isNewer ? ('newer' as const) : ('older' as const) }
        })
        const taken = rows.filter(row => row.is !== 'older').map(row => row.bake)
        const replaced = rows.flatMap(row => (row.is === 'newer' ? (row.before ?? []) : []))
        for (const bake of replaced)
          await putAside(`“${bake.title}” as it was before a newer one came in a file`, {
            bakes: [bake],
          })
        await putBakes(taken)
        const ids = new Set(taken.map(bake => bake.id))
        const [people, packets] = [
          new Set((await db().people.toArray()).map(person => person.id)),
          new Set(await db().packets.toCollection().primaryKeys()),
        ]
        await db().people.bulkAdd(
          house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })),
        )
        await db().packets.bulkPut(house.packets.filter(packet => !packets.has(packet.id)))
        await db().labels.bulkPut(house.labels.filter(label => !packets.has(label.packet)))
        await db().pictures.bulkPut(house.pictures.filter(picture => ids.has(picture.bake)))
        await db().photos.bulkPut((house.photos ?? []).filter(photo => ids.has(photo.bake)))
        await joinStock(house.stock)
        return rows
      },
    ),
  )

/** Rows and names of the pantry that this house does not have yet. */
async function joinStock({ ingredients, names }: Stock) {
  const stock = await readStock()
  const ids = new Set(stock.ingredients.map(row => row.id))
  const words = new Set(stock.names.map(name => name.words))
  const [more, moreNames] = [
    ingredients.filter(row => !ids.has(row.id)),
    names.filter(name => !words.has(name.words)),
  ]
  if (!more.length && !moreNames.length) return
  await putStock(
    {
      ...stock,
      ingredients: [...stock.ingredients, ...more],
      names: [...stock.names, ...moreNames],
    },
    await stockedSince(),
  )
}

/** What was brought back, and who and which packets are otherwise in the house by now, and stay so. */
export interface BroughtBack {
  readonly says: string
  readonly stays: readonly string[]
}

/** Puts what was put aside into the house again: a whole house in place of what is here, a part beside it. */
export const bringBack = (id: string): Promise<BroughtBack> =>
  written(() =>
    db().transaction('rw', db().tables, async () => {
      const back = await putAsideWhole(id)
      if (!back)
        throw new NotKept(
          'This is not put aside any more: it was brought back, or its time is over.',
        )
      const stays = back.isWhole ? await wholeBack(back) : await partBack(back)
      await forgetNow([id])
      return { says: back.says, stays }
    }),
  )

async function wholeBack({ house, bad, says }: PutAsideWhole) {
  await replaceNow(house, bad, `The house as it was before this came back: ${says}`)
  return []
}

async function partBack({ house: part }: PutAsideWhole) {
  const { house, stays } = broughtBack(await readHouse(), part, () => crypto.randomUUID())
  await db().people.bulkAdd(house.people.map(person => ({ ...person })))
  await db().groups.bulkPut([...house.groups])
  await putBakes(house.bakes)
  await db().packets.bulkPut([...house.packets])
  await db().labels.bulkPut([...house.labels])
  await db().pictures.bulkPut([...house.pictures])
  await db().photos.bulkPut([...(house.photos ?? [])])
  if (part.stock.ingredients.length) await putStock(house.stock, new Date().toISOString())
  return stays
}
