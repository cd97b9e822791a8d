import type { Packet } from '#core/packet'
import { joinedChanges, type Person, type VerdictChange } from '#core/people'
import { allBakes, allPackets, allPeople, readFact, writeFact } from '~/db/house'

/** What a change of people or packets did to the kept bakes. */
export interface HouseChange {
  readonly what: string
  readonly rows: readonly ChangedBake[]
}
interface ChangedBake {
  readonly bake: string
  readonly title: string
  readonly changes: readonly VerdictChange[]
}

interface Known {
  readonly people: readonly Person[]
  readonly packets: readonly Packet[]
}

const atOnce = 25

/** What was not seen yet and what came after it, as one. */
function joined(earlier: HouseChange | null, what: string, rows: readonly ChangedBake[]) {
  const all = [...(earlier?.rows ?? []), ...rows]
  const bakes = [...new Map(all.map(row => [row.bake, row])).values()]
  const found = bakes
    .map(row => {
      const was = earlier?.rows.find(({ bake }) => bake === row.bake)?.changes ?? []
      const is = rows.find(({ bake }) => bake === row.bake)?.changes ?? []
      return { ...row, changes: joinedChanges(was, is) }
    })
    .filter(row => row.changes.length > 0)
  if (!found.length) return null
  if (!rows.length) return { what: earlier!.what, rows: found }
  const said = earlier && !earlier.what.includes(what) ? `${earlier.what} ${what}` : what
  return { what: said, rows: found }
}

/** Checks every kept bake again whenever people or packets change, and says what that did. */
export function useRecheck(people: Ref<readonly Person[]>, packets: Ref<readonly Packet[]>) {
  /** What changes did to kept bakes, until somebody has seen it. */
  const changed = shallowRef<HouseChange | null>(null)
  /** How many of the kept bakes are checked again; null when none are. */
  const rechecking = shallowRef<{ readonly done: number; readonly of: number } | null>(null)
  /** A check that was broken off: until it is done nobody knows what changed. */
  const unchecked = shallowRef<{ readonly what: string; readonly before: Known } | null>(null)
  let checking: Promise<void> = Promise.resolve()

  /** Does something to people or packets; once that is kept, every kept bake is checked again. */
  async function andCheckAll(what: string, act: () => Promise<unknown>) {
    const before = { people: people.value, packets: packets.value }
    await act()
    check(what, before)
  }
  /** One check after the other, each of what it was begun for. */
  function check(what: string, before: Known) {
    checking = checking
      .then(() => checkAll(what, before))
      .catch(() => {
        unchecked.value ??= { what, before }
      })
  }
  async function checkAll(what: string, before: Known) {
    const since = unchecked.value?.before ?? before
    const after = { people: await allPeople(), packets: await allPackets() }
    const bakes = await allBakes()
    const rows: ChangedBake[] = []
    try {
      for (let at = 0; at < bakes.length; at += atOnce) {
        rechecking.value = { done: at, of: bakes.length }
        const some = bakes.slice(at, at + atOnce)
        rows.push(...(await useCore().recheck(some, since, after, today())))
      }
    } finally {
      rechecking.value = null
    }
    unchecked.value = null
    changed.value = joined(changed.value, what, rows)
    await writeFact('changed', changed.value)
  }
  function checkAgain() {
    if (unchecked.value) check(unchecked.value.what, unchecked.value.before)
  }
  async function changesSeen() {
    changed.value = null
    await writeFact('changed', null)
  }

  async function lookUp() {
    changed.value = await readFact<HouseChange | null>('changed', null)
  }
  return { changed, rechecking, unchecked, andCheckAll, checkAgain, changesSeen, lookUp }
}
