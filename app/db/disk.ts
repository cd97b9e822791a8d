import type { DBCore, DBCoreMutateRequest, DBCoreMutateResponse, Middleware } from 'dexie'
import { readonly, shallowReactive } from 'vue'
import { db, HouseDb, workOn } from './schema'
import { underWay } from './writing'

/**
 * Where the disk does not take the house, it is worked on in memory: the same tables and rules, until
 * the page is closed. What was written there is known by its keys, so that it can be written to the
 * disk when that goes again; the house file takes all of it in any case.
 */
export type DiskFault = 'full' | 'refused' | 'newer' | 'held' | 'silent' | 'broken'

/** Whether the house is on the disk (`fault` null), else why not and how many writes are in memory alone. */
const state = shallowReactive<{ fault: DiskFault | null; unsaved: number }>({
  fault: null,
  unsaved: 0,
})
export const diskState = readonly(state)

/** What the errors of a database say, by their names. */
const faults: readonly (readonly [DiskFault, readonly string[]])[] = [
  ['full', ['QuotaExceededError']],
  ['newer', ['VersionError']],
  ['refused', ['MissingAPIError', 'SecurityError', 'InvalidStateError', 'NotAllowedError']],
  [
    'broken',
    ['UnknownError', 'OpenFailedError', 'DatabaseClosedError', 'TimeoutError', 'AbortError'],
  ],
]
interface AnyError {
  readonly name?: string
  readonly inner?: unknown
  readonly failures?: readonly unknown[]
}
/** The names of an error and of whatever it was made of. */
function namesIn(error: unknown, deep = 0): string[] {
  if (typeof error !== 'object' || error === null || deep > 4) return []
  const { name, inner, failures = [] } = error as AnyError
  return [...(name ? [name] : []), ...[inner, ...failures].flatMap(each => namesIn(each, deep + 1))]
}
/** What of the disk failed; null where it was no fault of the disk. */
export function diskFault(error: unknown): DiskFault | null {
  const names = namesIn(error)
  return faults.find(([, ofIt]) => ofIt.some(name => names.includes(name)))?.[0] ?? null
}

type Keys = Map<unknown, unknown>
/** Which rows were written in memory, by table; null: all of a table. */
const journal = new Map<string, Keys | null>()
function note(table: string, keys: readonly unknown[] | null) {
  state.unsaved += 1
  const known = journal.get(table)
  if (known === null) return
  if (!keys) {
    journal.set(table, null)
    return
  }
  const all: Keys = known ?? new Map()
  for (const key of keys) all.set(key, key)
  journal.set(table, all)
}
const keysOf = (request: DBCoreMutateRequest, answer: DBCoreMutateResponse) => {
  if (request.type === 'deleteRange') return null
  if (request.type === 'delete') return request.keys
  return answer.results ?? request.keys ?? null
}
const notesWrites: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'notes writes',
  create: core => ({
    ...core,
    table: name => {
      const table = core.table(name)
      return {
        ...table,
        mutate: async request => {
          const answer = await table.mutate(request)
          note(name, keysOf(request, answer))
          return answer
        },
      }
    },
  }),
}

/**
 * A house in memory; whatever is asked of it waits until everything that can still be read of the
 * disk is there.
 */
async function memoryOf(disk: HouseDb): Promise<HouseDb> {
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb')
  const memory = new HouseDb(`${disk.name}-in-memory`, {
    indexedDB: new IDBFactory(),
    IDBKeyRange,
  })
  memory.use(notesWrites)
  memory.on('ready', async open => {
    for (const table of disk.isOpen() ? disk.tables : []) {
      const rows: unknown[] = await table.toArray().catch(() => [])
      await open.table(table.name).bulkPut(rows)
    }
    journal.clear()
    state.unsaved = 0
    disk.close()
  })
  return memory
}
let moving: Promise<void> | null = null
/** The disk could not be read: what it holds is not in memory, and nothing in memory stands for it. */
let isUnread = false
/** Goes on in memory, for a reason that is said. */
export const intoMemory = (fault: DiskFault): Promise<void> =>
  (moving ??= (async () => {
    isUnread = !db().isOpen()
    const memory = await memoryOf(db())
    state.fault = fault
    workOn(memory)
    await memory.open()
  })())

/** Does a write; where the disk does not take it, in memory, and from then on. */
export const written = <T>(work: () => PromiseLike<T>): Promise<T> =>
  underWay(async () => {
    const on = db()
    try {
      return await work()
    } catch (error) {
      const fault = diskFault(error)
      const isMemory = on === db() && state.fault !== null
      if (!fault || isMemory) throw error
      await intoMemory(fault)
      return await work()
    }
  })

/** So long the disk may take to open, in ms; another tab that holds an older version, less. */
const patience = { open: 10_000, held: 4_000 }

/** What is in memory alone, as the way back to the disk needs it. */
export const inMemory = () => ({ journal, isUnread }) as const
/** Everything is on the disk again. */
export function onDisk(disk: HouseDb) {
  giveWay(disk)
  journal.clear()
  moving = null
  isUnread = false
  Object.assign(state, { fault: null, unsaved: 0 })
}
/** The disk still fails, perhaps for another reason. */
export function stillFails(error: unknown) {
  state.fault = diskFault(error) ?? state.fault
}

/** A newer Ingwer in another tab may have the disk once everything of it is here. */
function giveWay(disk: HouseDb) {
  disk.on('versionchange', () => {
    void intoMemory('newer')
    return false
  })
}

/** Opens the house on the disk; where that fails, in memory. */
export async function openHouse(): Promise<void> {
  const disk = db()
  let late: ReturnType<typeof setTimeout> | undefined
  const tooLate = new Promise<DiskFault>(resolve => {
    late = setTimeout(() => resolve('silent'), patience.open)
    disk.on('blocked', () => setTimeout(() => resolve('held'), patience.held))
  })
  giveWay(disk)
  const opened = disk.open().then(
    () => null,
    (error: unknown) => diskFault(error) ?? ('broken' as const),
  )
  const fault = await Promise.race([opened, tooLate])
  clearTimeout(late)
  if (fault) await intoMemory(fault)
}

/** Everything is in a house file now. */
export function savedElsewhere() {
  state.unsaved = 0
}
