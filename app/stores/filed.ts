import { defineStore } from 'pinia'
import { savedElsewhere } from '~/db/disk'
import { readFact, writeFact } from '~/db/house'
import { mayWrite, pickFile, writeFile, type KeptFile } from '~/ports/houseFileHandle'

const day = 86_400_000
/** New work that is in no file for so long is worth a word; "later" is a week. */
const [longAgo, later] = [14 * day, 7 * day]
/** A file that keeps itself current is written when nothing happened for so long, in ms. */
const quiet = 4_000

/**
 * When the house was written to a file last, what has changed since, and a file that keeps itself
 * current.
 */
export const useFiledStore = defineStore('filed', () => {
  const house = useHouseStore()
  /** The last time (ISO) that all of the house went into a file; '' for never. */
  const on = ref('')
  const quietUntil = ref('')
  /** What stood in that file, by bake: its stamp, whatever the clock said then and says now. */
  const inFile = shallowRef<Readonly<Record<string, string>>>({})
  const changed = computed(() => house.rows.filter(row => inFile.value[row.id] !== row.updated))
  /** Is there new work that has been in no file for long? */
  const isDue = computed(() => {
    const now = new Date().toISOString()
    const since = changed.value.map(row => row.updated).sort()[0]
    return (
      since !== undefined && Date.parse(now) - Date.parse(since) > longAgo && now > quietUntil.value
    )
  })

  const text = async (now: string) =>
    useCore().writeBackup(await house.whole(), now, await house.aside())
  async function noteSaved(now: string) {
    on.value = now
    inFile.value = Object.fromEntries(house.rows.map(row => [row.id, row.updated]))
    await writeFact('filed', { on: now, rows: inFile.value })
    savedElsewhere()
  }
  const download = useDownload()
  /** All of the house as a download. */
  async function save() {
    const now = new Date().toISOString()
    download('ingwer-house.json', await text(now), 'application/json')
    await noteSaved(now)
  }
  async function notNow() {
    quietUntil.value = new Date(Date.now() + later).toISOString()
    await writeFact('filedLater', quietUntil.value)
  }

  /** The file that keeps itself current; `waits`: the browser wants a touch before it may go on. */
  const file = shallowRef<KeptFile | null>(null)
  const is = ref<'current' | 'writing' | 'waits' | 'failed'>('current')
  const oneAtATime = oneByOne()
  async function write() {
    const to = file.value
    if (!to) return
    const free = await oneAtATime()
    try {
      if (!(await mayWrite(to))) {
        is.value = 'waits'
        return
      }
      is.value = 'writing'
      const now = new Date().toISOString()
      await writeFile(to, await text(now))
      await noteSaved(now)
      is.value = 'current'
    } catch {
      is.value = 'failed'
    } finally {
      free()
    }
  }
  async function keepCurrent() {
    const picked = await pickFile('ingwer-house.json')
    if (!picked) return
    file.value = picked
    await writeFact('file', picked)
    await write()
  }
  async function goOn() {
    if (file.value && (await mayWrite(file.value, true))) await write()
  }
  async function letGo() {
    file.value = null
    await writeFact('file', null)
  }
  let soon: ReturnType<typeof setTimeout> | undefined
  watch(
    () => [house.rows, house.people, house.groups, house.packets, house.stock, house.kitchen],
    () => {
      clearTimeout(soon)
      if (file.value) soon = setTimeout(() => void write(), quiet)
    },
  )

  /** Once there is something to lose, the browser is asked to keep it, once. */
  async function askToLast() {
    if (!house.rows.length || (await readFact('askedToLast', false))) return
    await writeFact('askedToLast', true)
    if (!(await navigator.storage?.persisted?.())) await navigator.storage?.persist?.()
  }
  watch(() => house.rows.length > 0, askToLast)

  async function lookUp() {
    await askToLast()
    const filed = await readFact('filed', { on: '', rows: {} })
    on.value = filed.on
    inFile.value = filed.rows
    quietUntil.value = await readFact('filedLater', '')
    file.value = await readFact<KeptFile | null>('file', null)
    if (file.value && !(await mayWrite(file.value))) is.value = 'waits'
  }
  return {
    ...{ on, changed, isDue, save, notNow, noteSaved, lookUp },
    ...{ file, is, keepCurrent, goOn, letGo },
  }
})
