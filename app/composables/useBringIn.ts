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

/**
 * Reads files one after the other into bakes of this house, be they recipes or the file of a bake
 * from another device; every file gets an answer, none stops the others.
 */
export function useBringIn() {
  const house = useHouseStore()
  const current = useCurrentBake()
  const takeBack = useTakeBack()
  const files = ref<readonly Brought[]>([])
  const busy = computed(() => files.value.some(f => f.state === 'waiting' || f.state === 'reading'))
  const done = computed(
    () => files.value.filter(f => f.state === 'read' || f.state === 'refused').length,
  )
  const set = (at: number, change: Partial<Brought>) => {
    files.value = files.value.map((f, i) => (i === at ? { ...f, ...change } : f))
  }

  async function one(
    file: File,
    people: readonly string[],
  ): Promise<{ says: string; bakes: Bake[]; kept?: true } | string> {
    if (file.size > largest)
      return (
        `“${file.name}” has ${Math.round(file.size / 1e6)} MB; a recipe is far smaller. ` +
        'Nothing of it was kept.'
      )
    const carried = /\.json$/iu.test(file.name) ? await file.text() : ''
    if (carried.includes('"ingwer-bake"')) return join(carried)
    const found = await useCore().readFile(file.name, await file.arrayBuffer())
    if (!found.ok) return found.problem.sentence
    const now = Date.now()
    const bakes = found.readings.map((reading, i) =>
      bakeOf(crypto.randomUUID(), reading, people, new Date(now - i).toISOString()),
    )
    const lines = bakes.reduce(
      (n, b) => n + b.recipe.components.reduce((m, c) => m + c.lines.length, 0),
      0,
    )
    return {
      says: bakes.length > 1 ? `${bakes.length} recipes, ${lines} lines` : `${lines} lines`,
      bakes,
    }
  }

  /** The file of one bake, from another device: taken in where it is newer than what is here. */
  async function join(text: string): Promise<{ says: string; bakes: Bake[]; kept: true } | string> {
    const found = await useCore().readBakeFile(text)
    if (!found.ok) return found.problem.sentence
    const rows = await house.joinBakes(found.house)
    const main = rows[0]!
    if (main.is === 'older')
      return `“${main.bake.title}” is here already, and what is here is newer. Nothing was changed.`
    if (rows.some(row => row.bake.id === current.bake?.id)) current.clear()
    const replaced = rows.flatMap(row => (row.before && row.is === 'newer' ? [row.before] : []))
    if (replaced.length)
      takeBack(
        `“${main.bake.title}” is as on the other device now.`,
        'Back to the one that was here',
        async () => {
          for (const bake of replaced)
            await house.keepBake({ ...bake, updated: new Date().toISOString() })
          if (replaced.some(b => b.id === current.bake?.id)) current.clear()
        },
      )
    return {
      says: main.is === 'new' ? 'a bake, with its people and packets' : 'newer than what was here',
      bakes: rows.filter(row => row.is !== 'older').map(row => row.bake),
      kept: true,
    }
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
