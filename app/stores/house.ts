import { defineStore } from 'pinia'
import type { Packet } from '#core/packet'
import { usualKitchen, type Kitchen } from '#core/pan'
import { emptyStock, type Stock } from '#core/pantry'
import type { PeopleGroup, Person } from '#core/people'
import {
  bakeWith,
  readingOf,
  tagsOf,
  type Bake,
  type House,
  type PutAside,
  type SetAside,
  type ShelfRow,
} from '#core/share'
import type { Tried } from '#core/swap'
import type { Lesson } from '#core/trial'
import {
  allBakes,
  bakeById,
  pictureOf,
  readBaked,
  readFact,
  readView,
  writeLessons,
  removeBake,
  sweepArms,
  removeGroup,
  removePacket,
  removePerson,
  saveBake,
  saveBakes,
  saveGroup,
  savePacket,
  savePerson,
  savePicture,
  stockedSince,
  watchHouse,
  writeFact,
  writeKitchen,
  writeStock,
  type BakedBy,
  type HouseView,
  putTrialAside,
} from '~/db/house'
import { isVisiting } from '~/db/visit'
import { forgetPutAside, sweepPutAside, watchPutAside } from '~/db/putAside'
import {
  addToHouse,
  bringBack,
  joinBakes,
  readAside,
  readHouse,
  replaceHouse,
  type BroughtBack,
} from '~/db/wholeHouse'
import { settled } from '~/db/writing'
import { isDemoServer, readDemoHouse } from '~/ports/demoHouse'

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
  const { changed, rechecking, unchecked, andCheckAll, checkAgain, changesSeen, lookUp } =
    useRecheck(people, packets)
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
      await sweepPutAside(today())
      const first = await readView()
      seen(first)
      await lookUp()
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
      watchPutAside(all => {
        putAside.value = all
      })
      measureIn.value = await readFact('measureIn', 'grams')
      bakedBy.value = await readBaked()
      const empty = !first.people.length && !first.shelf.length
      // The demo household moves in once; whoever empties the house afterwards keeps it empty.
      if (empty && !(await readFact('demoSeen', false)) && (isVisiting() || (await isDemoServer())))
        await openDemo().then(
          () => writeFact('demoSeen', true),
          () => {
            problem.value = noDemo
          },
        )
    } catch {
      problem.value = unreadable
    }
    ready.value = true
  }

  const openDemo = async () => addToHouse(await readDemoHouse())

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

  /** What was taken off and can still be brought back, newest first. */
  const putAside = shallowRef<readonly PutAside[]>([])
  /** Puts it into the house again; everything kept is checked with it. */
  async function back(id: string): Promise<BroughtBack> {
    let found: BroughtBack | null = null
    await andCheckAll('Something that was put aside is back.', async () => {
      found = await bringBack(id)
    })
    await isAnother()
    return found!
  }
  /** The way back of what was just put aside. */
  const wayBack = (id: string | null) => async () => {
    if (id) await back(id)
  }
  /** After the whole house became another. */
  async function isAnother() {
    bakedBy.value = await readBaked()
    stocked.value = await stockedSince()
    await pour((await readView()).stock)
  }
  /** Takes a bake off; gives the way to bring it back. */
  const dropBake = async (id: string) => wayBack(await removeBake(id))

  return {
    tried,
    residents: computed(() => people.value.filter(person => !person.guestOf)),
    groups,
    packets,
    changed,
    rechecking,
    unchecked,
    checkAgain,
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
    /** Somebody leaves; gives the way to bring them back. */
    dropPerson: async (person: Person) => {
      let id: string | null = null
      await andCheckAll(`${person.name} has left the house.`, async () => {
        id = await removePerson(person.id)
      })
      return wayBack(id)
    },
    keepGroup: (group: PeopleGroup) => saveGroup(group),
    dropGroup: async (id: string) => wayBack(await removeGroup(id)),
    keepPacket: (packet: Packet, label?: string) =>
      andCheckAll(`The packet “${packet.name}” is as entered now.`, () =>
        savePacket(packet, label),
      ),
    /** Takes a packet off; gives the way to bring it back. */
    dropPacket: async (packet: Packet) => {
      let id: string | null = null
      await andCheckAll(`The packet “${packet.name}” has left the house.`, async () => {
        id = await removePacket(packet.id)
      })
      return wayBack(id)
    },
    putAside,
    back,
    forget: (ids: readonly string[]) => forgetPutAside(ids),
    putTrialAside,
    keepBake,
    noteBaked,
    keepBakes: (bakes: readonly Bake[]) => saveBakes(bakes),
    everyBake: allBakes,
    /** Another house in place of this one; gives the way back. */
    replace: async (house: House, says: string, aside: readonly SetAside[] = []) => {
      const id = await replaceHouse(house, aside, says)
      await isAnother()
      return wayBack(id)
    },
    /** Everything of this house as it is on the disk now, before the watch tells of it. */
    refresh: async () => seen(await readView()),
    /** With everything that was said before, also what is on its way to the disk. */
    whole: async () => {
      await settled()
      return readHouse()
    },
    aside: readAside,
  }
})

const noDemo =
  'The demo house could not be fetched from this server. Is it still running? Load the page again when it is.'
const unreadable = 'This house cannot be read just now. Load the page again; nothing was changed.'
