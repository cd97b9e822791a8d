import { defineStore } from 'pinia'
import { bakeOf, bakeWith, emptyStock, readingOf, tagsOf, type Bake, type House, type Person, type ShelfRow, type Stock } from '#core'
import { addToHouse, allBakes, bakeById, pictureOf, readFact, readHouse, readView, removeBake, removePerson, replaceHouse, saveBake, saveBakes, savePerson, savePicture, stockedSince, watchHouse, writeFact, writeStock } from '~/db/house'

/** The people, shelf and stock of this house, as the database has them; kept up to date, also by other tabs. */
export const useHouseStore = defineStore('house', () => {
  const people = shallowRef<readonly Person[]>([])
  const shelf = shallowRef<readonly ShelfRow[]>([])
  const stock = shallowRef<Stock>(emptyStock)
  /** When the stock changed last: a bake that was read before is read again when it is opened. */
  const stocked = ref('')
  const ready = ref(false)
  const problem = ref('')
  const measureIn = ref<'grams' | 'spoons'>('grams')

  let starting: Promise<void> | null = null
  /** Looks into the house once, however many pages ask for it. */
  const start = () => starting ??= lookIn()

  let poured = emptyStock as Stock
  /** Hands the house's own stock to the core, if it is another than it has. */
  async function pour(next: Stock) {
    if (JSON.stringify(next) === JSON.stringify(poured)) return
    poured = next
    stock.value = next
    await useCore().stock(next)
  }

  async function lookIn() {
    try {
      const first = await readView()
      people.value = first.people
      shelf.value = first.shelf
      // Known before the stock is shown: whoever changes it at once must not be overtaken by this.
      stocked.value = await stockedSince()
      await pour(first.stock)
      watchHouse(view => { people.value = view.people; shelf.value = view.shelf; void pour(view.stock) }, () => { problem.value = unreadable })
      measureIn.value = await readFact('measureIn', 'grams')
      const empty = !first.people.length && !first.shelf.length
      // The demo household moves in once; whoever empties the house afterwards keeps it empty.
      if (empty && !(await readFact('demoSeen', false)) && await isDemoServer()) {
        await openDemo().then(() => writeFact('demoSeen', true), () => { problem.value = noDemo })
      }
    }
    catch {
      problem.value = unreadable
    }
    ready.value = true
  }

  const isDemoServer = async () => {
    try { return (await $fetch<{ demo: boolean }>('/api/house')).demo }
    catch { return false }
  }

  /** Reads the demo household's open files as a user's own would be, and adds them to the house. */
  async function openDemo() {
    const core = useCore()
    const files = await $fetch<{ people: Person[], recipes: string[] }>('/api/demo')
    const now = Date.now()
    const read = await Promise.all(files.recipes.map(async (source, i): Promise<Bake> => bakeOf(`demo-${i + 1}`, await core.readRecipe(source, {}), files.people.map(p => p.id), new Date(now - i * 1000).toISOString())))
    await addToHouse({ people: files.people, bakes: read })
  }

  async function measure(by: 'grams' | 'spoons') {
    measureIn.value = by
    await writeFact('measureIn', by)
  }

  /** Keeps another stock of the pantry; what is read from now on knows it. */
  async function keepStock(next: Stock) {
    stocked.value = new Date().toISOString()
    // Shown when it is kept; where nothing can be kept it counts for as long as this page is open.
    try { await writeStock(next, stocked.value) }
    finally { await pour(next) }
  }

  /** Reads kept bakes once more, after the pantry learned something; `done` hears how many are through. */
  async function readAgain(ids: readonly string[], done: (n: number) => void) {
    for (const [i, id] of ids.entries()) {
      const bake = await bakeById(id)
      if (bake) await saveBake({ ...bakeWith(bake, await useCore().reread(readingOf(bake))), updated: new Date().toISOString() })
      done(i + 1)
    }
  }

  /** Changes one kept bake, and stamps it only where its content changed. */
  async function changeBake(id: string, change: (bake: Bake) => Bake) {
    const bake = await bakeById(id)
    if (bake) await saveBake(change(bake))
  }
  const tag = (id: string, tags: readonly string[]) => changeBake(id, bake => ({ ...bake, tags: tagsOf(tags) }))
  const archive = (id: string, archived: boolean) => changeBake(id, bake => ({ ...bake, archived }))

  async function duplicate(id: string): Promise<string | null> {
    const [bake, picture] = await Promise.all([bakeById(id), pictureOf(id)])
    if (!bake) return null
    const now = new Date().toISOString()
    const copy: Bake = { ...bake, id: crypto.randomUUID(), title: `${bake.title} (copy)`, recipe: { ...bake.recipe, title: `${bake.recipe.title} (copy)` }, archived: false, created: now, updated: now }
    await saveBake(copy)
    if (picture) await savePicture({ bake: copy.id, data: picture.data })
    return copy.id
  }

  /** Takes a bake off for good; gives the way to bring it back. */
  async function dropBake(id: string): Promise<() => Promise<void>> {
    const { bake, picture } = await removeBake(id)
    return async () => {
      if (bake) await saveBake(bake)
      if (picture) await savePicture(picture)
    }
  }

  return {
    people, shelf, stock, stocked, ready, problem, measureIn, start, openDemo, measure, keepStock, readAgain, tag, archive, duplicate, dropBake,
    keepPerson: (person: Person) => savePerson(person), dropPerson: (id: string) => removePerson(id),
    keepBake: (bake: Bake) => saveBake(bake), keepBakes: (bakes: readonly Bake[]) => saveBakes(bakes), everyBake: allBakes,
    replace: async (house: House) => { await replaceHouse(house); stocked.value = await stockedSince(); await pour(house.stock) }, whole: readHouse,
  }
})

const noDemo = 'The demo house could not be fetched from this server. Is it still running? Load the page again when it is.'
const unreadable = 'This browser does not let Ingwer keep data here (private mode, or the disk is full). You can work, but nothing is saved; take the house file with you before you close.'
