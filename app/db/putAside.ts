import {
  emptyHouse,
  openedWith,
  overdue,
  type House,
  type PutAside,
  type PutAsideWhole,
  type SetAside,
} from '#core/share'
import { written } from './disk'
import { db, live } from './schema'

/** What was taken off this house. Whoever takes something off puts it aside in the same transaction. */
export const asideTables = () => [db().putAside, db().putAsideWhole] as const

/** Puts a whole house aside (then `bad` is what of it did not hold together), or parts of one; its key. */
export async function putAside(
  says: string,
  house: House | Partial<House>,
  bad?: readonly SetAside[],
): Promise<string> {
  const id = crypto.randomUUID()
  const on = new Date().toISOString()
  await db().putAside.add({ id, on, says, isWhole: bad !== undefined })
  await db().putAsideWhole.add({ id, house: { ...emptyHouse, ...house }, bad: bad ?? [] })
  return id
}

/** What can be brought back, newest first. */
export const allPutAside = (): Promise<PutAside[]> =>
  db().putAside.orderBy('on').reverse().toArray()

/** Calls back with it now and after every change, by this tab or another. */
export const watchPutAside = (changed: (rows: readonly PutAside[]) => void) =>
  live(allPutAside, changed)

export async function putAsideWhole(id: string): Promise<PutAsideWhole | undefined> {
  const [row, whole] = await Promise.all([db().putAside.get(id), db().putAsideWhole.get(id)])
  return row && whole && { ...row, ...whole }
}

/** Throws away for good what was put aside. */
export const forgetPutAside = (ids: readonly string[]) => written(() => forgetNow(ids))
export const forgetNow = (ids: readonly string[]) =>
  db().transaction('rw', [...asideTables()], async () => {
    await Promise.all(asideTables().map(table => table.bulkDelete([...ids])))
  })

/** The house is opened on a day (YYYY-MM-DD): what was put aside long enough ago goes. */
export const sweepPutAside = (today: string) =>
  written(() =>
    db().transaction('rw', [db().facts, ...asideTables()], async () => {
      const before = (await db().facts.get('opened'))?.value as readonly string[] | undefined
      const opened = openedWith(before ?? [], today)
      await db().facts.put({ key: 'opened', value: opened })
      await forgetNow(overdue(await allPutAside(), opened))
    }),
  )
