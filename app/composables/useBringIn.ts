import { bakeOf, type Bake } from '#core'

/** What became of one file that was brought in. */
export interface Brought { readonly name: string, readonly state: 'waiting' | 'reading' | 'read' | 'refused', readonly says: string, readonly bakes: readonly { readonly id: string, readonly title: string }[] }

const largest = 20_000_000
const pictures = /^image\//u

/** Reads files one after the other into bakes of this house; every file gets an answer, none stops the others. */
export function useBringIn() {
  const house = useHouseStore()
  const files = ref<readonly Brought[]>([])
  const busy = computed(() => files.value.some(f => f.state === 'waiting' || f.state === 'reading'))
  const done = computed(() => files.value.filter(f => f.state === 'read' || f.state === 'refused').length)
  const set = (at: number, change: Partial<Brought>) => { files.value = files.value.map((f, i) => i === at ? { ...f, ...change } : f) }

  async function one(file: File, people: readonly string[]): Promise<{ says: string, bakes: Bake[] } | string> {
    if (file.size > largest) return `“${file.name}” has ${Math.round(file.size / 1e6)} MB; a recipe is far smaller. Nothing of it was kept.`
    const found = await useCore().readFile(file.name, await file.arrayBuffer())
    if (!found.ok) return found.problem.sentence
    const now = Date.now()
    const bakes = found.readings.map((reading, i) => bakeOf(crypto.randomUUID(), reading, people, new Date(now - i).toISOString()))
    const lines = bakes.reduce((n, b) => n + b.recipe.components.reduce((m, c) => m + c.lines.length, 0), 0)
    return { says: bakes.length > 1 ? `${bakes.length} recipes, ${lines} lines` : `${lines} lines`, bakes }
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
        if (typeof read === 'string') { set(at, { state: 'refused', says: read }); continue }
        await house.keepBakes(read.bakes)
        made.push(...read.bakes)
        set(at, { state: 'read', says: read.says, bakes: read.bakes.map(b => ({ id: b.id, title: b.title })) })
      }
      catch { set(at, { state: 'refused', says: `“${file.name}” could not be read or kept. The others are not touched.` }) }
    }
    return made
  }
  return { files, busy, done, bring, clear: () => { files.value = [] } }
}
