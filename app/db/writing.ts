import type { DBCore, DBCoreTransaction, Middleware } from 'dexie'
import { readonly, ref, watch } from 'vue'

const open = ref(0)

/** How many writes of this tab are under way: at 0, what was kept is on the disk. */
export const writing = readonly(open)

/** What comes before a write is under way with it. */
export async function underWay<T>(work: () => Promise<T>): Promise<T> {
  open.value++
  try {
    return await work()
  } finally {
    open.value--
  }
}

/** So long whoever reads the whole house waits for a write that does not end, in ms. */
const patience = 10_000

/** Until nothing that was said before is still on its way: what is read then holds all of it. */
export const settled = (): Promise<void> =>
  new Promise(resolve => {
    const late = setTimeout(done, patience)
    const stop = watch(open, count => count || done(), { flush: 'sync' })
    function done() {
      clearTimeout(late)
      stop()
      resolve()
    }
    if (!open.value) done()
  })

/** Counts every transaction that may write, from its beginning until it is on the disk or given up. */
export const countsWrites: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'counts writes',
  create: core => ({
    ...core,
    transaction(tables, mode, options) {
      const begun = core.transaction(tables, mode, options)
      if (mode === 'readwrite') count(begun)
      return begun
    },
  }),
}

/** An error that nobody catches ends as an abort: one of the two always comes. */
function count(begun: DBCoreTransaction) {
  const native = begun as DBCoreTransaction & EventTarget
  open.value++
  const ends = ['complete', 'abort']
  const end = () => {
    for (const name of ends) native.removeEventListener(name, end)
    open.value--
  }
  for (const name of ends) native.addEventListener(name, end)
}
