import type { Packet } from '#core/packet'
import type { Person, VerdictChange } from '#core/people'
import { allBakes, allPackets, allPeople, readFact, writeFact } from '~/db/house'

/** What a change of people or packets did to the kept bakes. */
export interface HouseChange {
  readonly what: string
  readonly rows: readonly {
    readonly bake: string
    readonly title: string
    readonly changes: readonly VerdictChange[]
  }[]
}

/** Checks every kept bake again whenever people or packets change, and says what that did. */
export function useRecheck(people: Ref<readonly Person[]>, packets: Ref<readonly Packet[]>) {
  /** What the last change did to kept bakes, until somebody has seen it. */
  const changed = shallowRef<HouseChange | null>(null)
  /** How many of the kept bakes are checked again; null when none are. */
  const rechecking = shallowRef<{ readonly done: number; readonly of: number } | null>(null)
  const atOnce = 25
  /**
   * Does something to people or packets, then checks every kept bake again and keeps what changed
   * until it is seen.
   */
  async function andCheckAll(what: string, act: () => Promise<unknown>) {
    const before = { people: people.value, packets: packets.value }
    await act()
    const [after, bakes] = [
      { people: await allPeople(), packets: await allPackets() },
      await allBakes(),
    ]
    const rows: HouseChange['rows'][number][] = []
    try {
      for (let at = 0; at < bakes.length; at += atOnce) {
        rechecking.value = { done: at, of: bakes.length }
        rows.push(
          ...(await useCore().recheck(bakes.slice(at, at + atOnce), before, after, today())),
        )
      }
    } finally {
      rechecking.value = null
    }
    changed.value = rows.length ? { what, rows } : null
    await writeFact('changed', changed.value)
  }
  async function changesSeen() {
    changed.value = null
    await writeFact('changed', null)
  }

  async function lookUp() {
    changed.value = await readFact<HouseChange | null>('changed', null)
  }
  return { changed, rechecking, andCheckAll, changesSeen, lookUp }
}
