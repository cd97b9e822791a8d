import { defineStore } from 'pinia'
import type { Packet } from '#core/packet'
import { usualKitchen, type Kitchen } from '#core/pan'
import { emptyStock, type Stock } from '#core/pantry'
import type { PeopleGroup, Person, VerdictChange } from '#core/people'
import {
  bakeWith,
  readingOf,
  tagsOf,
  type Bake,
  type House,
  type SetAside,
  type ShelfRow,
} from '#core/share'
import type { Tried } from '#core/swap'
import type { Lesson } from '#core/trial'
import {
  addToHouse,
  allBakes,
  allPackets,
  allPeople,
  bakeById,
  joinBakes,
  pictureOf,
  readAside,
  readBaked,
  readFact,
  readHouse,
  readView,
  writeLessons,
  removeBake,
  sweepArms,
  removeGroup,
  removePacket,
  removePerson,
  replaceHouse,
  saveBake,
  saveBakes,
  saveGroup,
  savePacket,
  savePerson,
  savePhoto,
  savePicture,
  stockedSince,
  watchHouse,
  writeFact,
  writeKitchen,
  writeStock,
  type BakedBy,
  type HouseView,
} from '~/db/house'
import { isDemoServer, readDemoHouse } from '~/ports/demoHouse'

/** What a change of people or packets did to the kept bakes. */
export interface HouseChange {
  readonly what: string
  readonly rows: readonly {
    readonly bake: string
    readonly title: string
    readonly changes: readonly VerdictChange[]
  }[]
}

/**
 * The people, packets, shelf and stock of this house, as the database has them; kept up to date,
 * also by other tabs.
 */
export const useHouseStore = defineStore('house', () => {
  const people = shallowRef<readonly Person[]>([])
  const groups = shallowRef<readonly PeopleGroup[]>([])
  const packets = shallowRef<readonly Packet[]>([])
  const rows = shallowRef<readonly ShelfRow[]>([])
  /** What stands on the shelf; the arms of trials have their place with their dessert. */
  const shelf = computed<readonly ShelfRow[]>(() => rows.value.filter(row => !row.armOf))
  /** What trials have taught this house. */
  const lessons = shallowRef<readonly Lesson[]>([])
  /** Its tins, oven and trays. */
  const kitchen = shallowRef<Kitchen>(usualKitchen)
  /** What the last change of people or packets did to kept bakes, until somebody has seen it. */
  const changed = shallowRef<HouseChange | null>(null)
  /** How many of the kept bakes are checked again; null when none are. */
  const rechecking = shallowRef<{ readonly done: number; readonly of: number } | null>(null)
  const stock = shallowRef<Stock>(emptyStock)
  /** When the stock changed last: a bake that was read before is read again when it is opened. */
  const stocked = ref('')
  const ready = ref(false)
  /**
   * What this house has baked by its plans, by bake: kept beside the bakes, so that nobody has to
   * read them all for it.
   */
  const bakedBy = shallowRef<BakedBy>({})
  const tried = computed<readonly Tried[]>(() => Object.values(bakedBy.value).flat())
  async function keepBake(bake: Bake) {
    await saveBake(bake)
    noteBaked(bake)
  }
  /** What was baked by a plan counts at once, before the house is read again. */
  function noteBaked(bake: Bake) {
    if (bake.baked) bakedBy.value = { ...bakedBy.value, [bake.id]: bake.baked }
  }
  const problem = ref('')
  const measureIn = ref<'grams' | 'spoons'>('grams')

  let starting: Promise<void> | null = null
  /** Looks into the house once, however many pages ask for it. */
  const start = () => (starting ??= lookIn())

  let poured = emptyStock as Stock
  /** Hands the house's own stock to the core, if it is another than it has. */
  async function pour(next: Stock) {
    if (JSON.stringify(next) === JSON.stringify(poured)) return
    poured = next
    stock.value = next
    await useCore().stock(next)
  }

  function seen(view: HouseView) {
    people.value = view.people
    groups.value = view.groups
    packets.value = view.packets
    rows.value = view.shelf
    if (JSON.stringify(view.lessons) !== JSON.stringify(lessons.value)) lessons.value = view.lessons
    if (JSON.stringify(view.kitchen) !== JSON.stringify(kitchen.value)) kitchen.value = view.kitchen
  }

  async function lookIn() {
    try {
      await sweepArms()
      const first = await readView()
      seen(first)
      changed.value = await readFact<HouseChange | null>('changed', null)
      // Known before the stock is shown: whoever changes it at once must not be overtaken by this.
      stocked.value = await stockedSince()
      await pour(first.stock)
      watchHouse(
        view => {
          seen(view)
          void pour(view.stock)
        },
        () => {
          problem.value = unreadable
        },
      )
      measureIn.value = await readFact('measureIn', 'grams')
      bakedBy.value = await readBaked()
      const empty = !first.people.length && !first.shelf.length
      // The demo household moves in once; whoever empties the house afterwards keeps it empty.
      if (empty && !(await readFact('demoSeen', false)) && (await isDemoServer())) {
        await openDemo().then(
          () => writeFact('demoSeen', true),
          () => {
            problem.value = noDemo
          },
        )
      }
    } catch {
      problem.value = unreadable
    }
    ready.value = true
  }

  /** The demo household moves in beside whoever lives here. */
  const openDemo = async () => addToHouse(await readDemoHouse())

  const atOnce = 25
  /**
   * Does something to people or packets, then checks every kept bake again and keeps what changed
   * until it is seen.
   */
  async function andCheckAll(what: string, act: () => Promise<unknown>) {
    const before = { people: people.value, packets: packets.value }
    await act()
    const [after, bakes] = [
      { people: await allPeople(), packets: await allPackets() },
      await allBakes(),
    ]
    const rows: HouseChange['rows'][number][] = []
    try {
      for (let at = 0; at < bakes.length; at += atOnce) {
        rechecking.value = { done: at, of: bakes.length }
        rows.push(
          ...(await useCore().recheck(bakes.slice(at, at + atOnce), before, after, today())),
        )
      }
    } finally {
      rechecking.value = null
    }
    changed.value = rows.length ? { what, rows } : null
    await writeFact('changed', changed.value)
  }
  async function changesSeen() {
    changed.value = null
    await writeFact('changed', null)
  }

  async function measure(by: 'grams' | 'spoons') {
    measureIn.value = by
    await writeFact('measureIn', by)
  }

  /** Keeps what this house bakes with; gives the way back. */
  async function keepKitchen(next: Kitchen): Promise<() => Promise<unknown>> {
    const before = kitchen.value
    kitchen.value = next
    await writeKitchen(next)
    return () => keepKitchen(before)
  }

  /** Keeps what trials have taught; gives the way back. */
  async function keepLessons(next: readonly Lesson[]): Promise<() => Promise<unknown>> {
    const before = lessons.value
    lessons.value = next
    await writeLessons(next)
    return () => keepLessons(before)
  }

  /** Keeps another stock of the pantry; what is read from now on knows it. */
  async function keepStock(next: Stock) {
    stocked.value = new Date().toISOString()
    // Shown when it is kept; where nothing can be kept it counts for as long as this page is open.
    try {
      await writeStock(next, stocked.value)
    } finally {
      await pour(next)
    }
  }

  /** Reads kept bakes once more, after the pantry learned something; `done` hears how many are through. */
  async function readAgain(ids: readonly string[], done: (n: number) => void) {
    for (const [i, id] of ids.entries()) {
      const bake = await bakeById(id)
      const read = bake && bakeWith(bake, await useCore().reread(readingOf(bake)))
      if (read) await saveBake({ ...read, updated: new Date().toISOString() })
      done(i + 1)
    }
  }

  /** Changes one kept bake, and stamps it only where its content changed. */
  async function changeBake(id: string, change: (bake: Bake) => Bake) {
    const bake = await bakeById(id)
    if (bake) await saveBake(change(bake))
  }
  const tag = (id: string, tags: readonly string[]) =>
    changeBake(id, bake => ({ ...bake, tags: tagsOf(tags) }))
  const archive = (id: string, archived: boolean) => changeBake(id, bake => ({ ...bake, archived }))

  async function duplicate(id: string): Promise<string | null> {
    const [bake, picture] = await Promise.all([bakeById(id), pictureOf(id)])
    if (!bake) return null
    const now = new Date().toISOString()
    const copy: Bake = {
      ...bake,
      id: crypto.randomUUID(),
      title: `${bake.title} (copy)`,
      recipe: { ...bake.recipe, title: `${bake.recipe.title} (copy)` },
      archived: false,
      baked: [],
      making: null,
      made: [],
      trials: [],
      favourites: [],
      created: now,
      updated: now,
    }
    await saveBake(copy)
    if (picture) await savePicture({ bake: copy.id, data: picture.data })
    return copy.id
  }

  /** Takes a bake off for good; gives the way to bring it back. */
  async function dropBake(id: string): Promise<() => Promise<void>> {
    const { bake, picture, photos, arms, guests } = await removeBake(id)
    return async () => {
      for (const guest of guests) await savePerson(guest)
      if (bake) await saveBakes([bake, ...arms])
      if (picture) await savePicture(picture)
      for (const photo of photos) await savePhoto(photo)
    }
  }

  return {
    tried,
    residents: computed(() => people.value.filter(person => !person.guestOf)),
    groups,
    packets,
    changed,
    rechecking,
    changesSeen,
    people,
    shelf,
    rows,
    kitchen,
    keepKitchen,
    lessons,
    keepLessons,
    stock,
    stocked,
    ready,
    problem,
    measureIn,
    start,
    openDemo,
    measure,
    keepStock,
    readAgain,
    tag,
    archive,
    duplicate,
    dropBake,
    joinBakes,
    keepPerson: (person: Person) =>
      andCheckAll(`${person.name} is as entered now.`, () => savePerson(person)),
    dropPerson: (person: Person) =>
      andCheckAll(`${person.name} has left the house.`, () => removePerson(person.id)),
    keepGroup: (group: PeopleGroup) => saveGroup(group),
    dropGroup: (id: string) => removeGroup(id),
    keepPacket: (packet: Packet, label?: string) =>
      andCheckAll(`The packet “${packet.name}” is as entered now.`, () =>
        savePacket(packet, label),
      ),
    /** Takes a packet off; gives the way to bring it back. */
    dropPacket: async (packet: Packet) => {
      let gone: Awaited<ReturnType<typeof removePacket>> | null = null
      await andCheckAll(`The packet “${packet.name}” has left the house.`, async () => {
        gone = await removePacket(packet.id)
      })
      return async () => {
        if (gone?.packet) {
          const { packet: back, label } = gone
          await andCheckAll(`The packet “${back.name}” is back.`, () => savePacket(back, label))
        }
      }
    },
    keepBake,
    noteBaked,
    keepBakes: (bakes: readonly Bake[]) => saveBakes(bakes),
    everyBake: allBakes,
    replace: async (house: House, aside: readonly SetAside[] = []) => {
      await replaceHouse(house, aside)
      bakedBy.value = await readBaked()
      stocked.value = await stockedSince()
      await pour(house.stock)
    },
    whole: readHouse,
    aside: readAside,
  }
})

const noDemo =
  'The demo house could not be fetched from this server. Is it still running? Load the page again when it is.'
const unreadable =
  'This browser does not let Ingwer keep data here (private mode, or the disk is full). ' +
  'You can work, but nothing is saved; take the house file with you before you close.'
