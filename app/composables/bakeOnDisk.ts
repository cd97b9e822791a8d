import { isSameBake, mergeBake, type Bake } from '#core/share'
import { NotKept } from '~/db/guard'
import { underWay } from '~/db/writing'
import { bakeById, saveBakeOver, watchBake, type KeptBake } from '~/db/house'

/** Both tabs changed the same of a bake: until somebody says which counts, neither overwrites the other. */
export interface BakeClash {
  readonly base: Bake
  readonly theirs: Bake
  /** What both changed, in words. */
  readonly words: readonly string[]
}
export type BakeSaved = '' | 'saving' | 'saved' | 'failed' | 'clash' | 'gone'

const bothHere = 'Another tab changed this dessert as well; both are here.'
const fromThere = 'Brought up to what another tab did.'

/** What the open bake's disk needs of whoever has it open. */
interface Opened {
  readonly bake: Ref<Bake | null>
  /** Its steps back and forth: they take part in what another tab did, so that none undoes it unseen. */
  readonly steps: readonly Ref<readonly Bake[]>[]
  readonly say: (notice: string) => void
  /** Lines came from both sides: its findings are to be read again. */
  readonly readAgain: () => Promise<void>
}

/**
 * The open bake and its row on the disk, which other tabs write as well: what they do not both touch
 * is brought together, what they do is asked about, and what was thrown away does not come back by
 * itself.
 */
export class BakeOnDisk {
  readonly saved = ref<BakeSaved>('')
  readonly clash = shallowRef<BakeClash | null>(null)
  /** Versions that this tab read or wrote last, by bake; null: it has never been written. */
  private readonly known = new Map<string, Bake | null>()
  private readonly inTurn = oneByOne()
  private stop = () => {}
  constructor(private readonly opened: Opened) {}

  /** A bake is laid open, as it is on the disk, or new. */
  laid(next: Bake, isNew: boolean) {
    this.known.set(next.id, isNew ? null : next)
    this.clash.value = null
    if (!isNew) this.saved.value = 'saved'
    this.stop()
    this.stop = watchBake(next.id, row => {
      if (!isSameBake(row, this.known.get(next.id) ?? undefined)) void this.catchUp()
    })
  }

  /** Writes it upon what is there; one after the other, so that each knows what the last one wrote. */
  save = (next: Bake) => underWay(() => this.write(next))
  private async write(next: Bake) {
    this.saved.value = 'saving'
    const free = await this.inTurn()
    let kept: KeptBake | null = null
    try {
      kept = await saveBakeOver(next, this.known.get(next.id) ?? null)
    } catch (error) {
      this.saved.value = 'failed'
      if (error instanceof NotKept) this.opened.say(error.message)
    } finally {
      free()
    }
    if (kept) await this.took(next, kept)
  }

  /** What became of a bake that was to be kept. */
  private async took(sent: Bake, kept: KeptBake) {
    if (kept.is === 'gone') {
      this.saved.value = 'gone'
      return
    }
    if (kept.is === 'clash') {
      this.clashes(this.known.get(sent.id) ?? sent, kept.theirs, kept.clashes)
      return
    }
    this.known.set(sent.id, kept.bake)
    this.saved.value = 'saved'
    this.clash.value = null
    if (kept.is === 'kept') return
    this.bring(sent, kept.bake)
    this.opened.say(bothHere)
    if (kept.isReadAnew) await this.opened.readAgain()
  }
  private clashes(base: Bake, theirs: Bake, words: readonly string[]) {
    this.clash.value = { base, theirs, words }
    this.saved.value = 'clash'
  }

  /** What another tab made of it, from one version to the next, in the open bake and its steps. */
  private bring(from: Bake, to: Bake) {
    const { bake, steps } = this.opened
    const brought = (mine: Bake) => (isSameBake(mine, from) ? to : mergeBake(from, mine, to).bake)
    if (bake.value?.id === to.id) bake.value = brought(bake.value)
    for (const list of steps) list.value = list.value.map(brought)
  }

  /** The row was written, by whoever it was: read between two writes of this tab, it is the newest. */
  catchUp = async () => {
    const id = this.opened.bake.value?.id
    if (!id) return
    const free = await this.inTurn()
    const isWaiting = this.saved.value === 'clash'
    let isNew = false
    try {
      isNew = this.meets(id, await bakeById(id))
    } catch {
      // What cannot be read now is looked at again with the next write.
    } finally {
      free()
    }
    if (isNew && isWaiting) await this.save(this.opened.bake.value!)
  }
  /** Takes in what another tab made of it; false where there is nothing, or somebody has to say. */
  private meets(id: string, row: Bake | undefined): boolean {
    const before = this.known.get(id)
    const mine = this.opened.bake.value
    if (!before || mine?.id !== id || isSameBake(row, before)) return false
    if (!row) {
      this.saved.value = 'gone'
      return false
    }
    const { clashes } = mergeBake(before, mine, row)
    if (clashes.length) {
      this.clashes(before, row, clashes)
      return false
    }
    this.known.set(id, row)
    this.clash.value = null
    this.bring(before, row)
    this.opened.say(fromThere)
    return true
  }

  /** The bake where both changed the same and one side counts; everything else of both stays. */
  settled(counts: 'mine' | 'theirs'): Bake | null {
    const here = this.clash.value
    const mine = this.opened.bake.value
    if (!here || !mine) return null
    this.known.set(here.theirs.id, here.theirs)
    this.clash.value = null
    return counts === 'mine'
      ? mergeBake(here.base, mine, here.theirs).bake
      : mergeBake(here.base, here.theirs, mine).bake
  }
  /** Thrown away elsewhere, it is to stay all the same: it is written as a new one. */
  stays() {
    const here = this.opened.bake.value
    if (here) this.known.set(here.id, null)
  }
}
