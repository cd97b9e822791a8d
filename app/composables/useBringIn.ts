import { linesOf } from '#core/recipe'
import { bakeOf, type Bake } from '#core/share'

/** What became of one file that was brought in. */
export interface Brought {
  readonly name: string
  readonly state: 'waiting' | 'reading' | 'read' | 'refused'
  readonly says: string
  readonly bakes: readonly { readonly id: string; readonly title: string }[]
}

const largest = 20_000_000
const pictures = /^image\//u

/** What was made of one file, in words and as bakes; `kept` are in the house already. */
interface Made {
  readonly says: string
  readonly bakes: readonly Bake[]
  readonly kept?: true
}

/** Takes in the file of one bake from another device, where it is newer than what is here. */
function useJoinBake() {
  const house = useHouseStore()
  const current = useCurrentBake()
  const takeBack = useTakeBack()
  async function bringBack(bakes: readonly Bake[]) {
    for (const bake of bakes) await house.keepBake({ ...bake, updated: new Date().toISOString() })
    if (bakes.some(bake => bake.id === current.bake?.id)) current.clear()
  }
  return async (text: string): Promise<Made | string> => {
    const found = await useCore().readBakeFile(text)
    if (!found.ok) return found.problem.sentence
    const rows = await house.joinBakes(found.house)
    const main = rows[0]!
    const { title } = main.bake
    if (main.is === 'older')
      return `“${title}” is here already, and what is here is newer. Nothing was changed.`
    if (rows.some(row => row.bake.id === current.bake?.id)) current.clear()
    const replaced = rows.flatMap(row => (row.before && row.is === 'newer' ? [row.before] : []))
    const isNow = `“${title}” is as on the other device now.`
    if (replaced.length) takeBack(isNow, 'Back to the one that was here', () => bringBack(replaced))
    return {
      says: main.is === 'new' ? 'a bake, with its people and packets' : 'newer than what was here',
      bakes: rows.filter(row => row.is !== 'older').map(row => row.bake),
      kept: true,
    }
  }
}
/** Reads a file of recipes for some people. */
async function recipesIn(file: File, people: readonly string[]): Promise<Made | string> {
  const found = await useCore().readFile(file.name, await file.arrayBuffer())
  if (!found.ok) return found.problem.sentence
  const now = Date.now()
  const bakes = found.readings.map((reading, i) =>
    bakeOf(crypto.randomUUID(), reading, people, new Date(now - i).toISOString()),
  )
  const lines = bakes.flatMap(bake => linesOf(bake.recipe)).length
  const says = bakes.length > 1 ? `${bakes.length} recipes, ${lines} lines` : `${lines} lines`
  return { says, bakes }
}

/**
 * Reads files one after the other into bakes of this house, be they recipes or the file of a bake
 * from another device; every file gets an answer, none stops the others.
 */
export function useBringIn() {
  const house = useHouseStore()
  const join = useJoinBake()
  const files = ref<readonly Brought[]>([])
  const busy = computed(() => files.value.some(f => f.state === 'waiting' || f.state === 'reading'))
  const done = computed(
    () => files.value.filter(f => f.state === 'read' || f.state === 'refused').length,
  )
  const set = (at: number, change: Partial<Brought>) => {
    files.value = files.value.map((f, i) => (i === at ? { ...f, ...change } : f))
  }

  async function one(file: File, people: readonly string[]): Promise<Made | string> {
    if (file.size > largest) {
      const size = Math.round(file.size / 1e6)
      return `“${file.name}” has ${size} MB; a recipe is far smaller. Nothing of it was kept.`
    }
    const carried = /\.json$/iu.test(file.name) ? await file.text() : ''
    return carried.includes('"ingwer-bake"') ? join(carried) : recipesIn(file, people)
  }

  /** Gives the bakes that were made of all files. Pictures are left to the photo reader. */
  async function bring(all: readonly File[], people: readonly string[]): Promise<Bake[]> {
    await house.start()
    const texts = all.filter(file => !pictures.test(file.type))
    files.value = texts.map(file => ({ name: file.name, state: 'waiting', says: '', bakes: [] }))
    const made: Bake[] = []
    for (const [at, file] of texts.entries()) {
      set(at, { state: 'reading' })
      try {
        const read = await one(file, people)
        if (typeof read === 'string') {
          set(at, { state: 'refused', says: read })
          continue
        }
        if (!read.kept) await house.keepBakes(read.bakes)
        made.push(...read.bakes)
        set(at, {
          state: 'read',
          says: read.says,
          bakes: read.bakes.map(b => ({ id: b.id, title: b.title })),
        })
      } catch {
        set(at, {
          state: 'refused',
          says: `“${file.name}” could not be read or kept. The others are not touched.`,
        })
      }
    }
    return made
  }
  return {
    files,
    busy,
    done,
    bring,
    clear: () => {
      files.value = []
    },
  }
}
