import { defineStore } from 'pinia'
import type { Bake, House, Person } from '#core'
import { addToHouse, readFact, readHouse, removeBake, removePerson, replaceHouse, saveBake, savePerson, watchHouse, writeFact } from '~/db/house'

/** The people and bakes of this house, as the database has them; kept up to date, also by other tabs. */
export const useHouseStore = defineStore('house', () => {
  const people = shallowRef<readonly Person[]>([])
  const bakes = shallowRef<readonly Bake[]>([])
  const ready = ref(false)
  const problem = ref('')
  const measureIn = ref<'grams' | 'spoons'>('grams')

  let starting: Promise<void> | null = null
  /** Looks into the house once, however many pages ask for it. */
  const start = () => starting ??= lookIn()

  async function lookIn() {
    try {
      watchHouse(house => { people.value = house.people; bakes.value = house.bakes }, () => { problem.value = unreadable })
      const first = await readHouse()
      people.value = first.people
      bakes.value = first.bakes
      measureIn.value = await readFact('measureIn', 'grams')
      const empty = !first.people.length && !first.bakes.length
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
    const read = await Promise.all(files.recipes.map(async (source, i): Promise<Bake> => {
      const { recipe, findings } = await core.readRecipe(source, {})
      const stamp = new Date(now - i * 1000).toISOString()
      return { id: `demo-${i + 1}`, title: recipe.title, source, region: recipe.region, recipe, findings, people: files.people.map(p => p.id), wishes: {}, plan: null, created: stamp, updated: stamp }
    }))
    await addToHouse({ people: files.people, bakes: read })
  }

  async function measure(by: 'grams' | 'spoons') {
    measureIn.value = by
    await writeFact('measureIn', by)
  }

  return {
    people, bakes, ready, problem, measureIn, start, openDemo, measure,
    keepPerson: (person: Person) => savePerson(person), dropPerson: (id: string) => removePerson(id),
    keepBake: (bake: Bake) => saveBake(bake), dropBake: (id: string) => removeBake(id),
    replace: (house: House) => replaceHouse(house), whole: readHouse,
  }
})

const noDemo = 'The demo house could not be fetched from this server. Is it still running? Load the page again when it is.'
const unreadable = 'This browser does not let Ingwer keep data here (private mode, or the disk is full). You can work, but nothing is saved; take the house file with you before you close.'
