import { defineStore } from 'pinia'
import type { Made, Making } from '#core/make'
import type { Sizing } from '#core/pan'
import type { Person, PacketLink } from '#core/people'
import type { RecipeEdit } from '#core/recipe'
import { bakeOf, bakeWith, readingOf, type Bake, type BakeDay } from '#core/share'
import { bakeById, savePicture } from '~/db/house'
import { useHouseStore } from './house'

const mostSteps = 100

/**
 * The bake that is open. Every change goes through here: it is saved, and can be undone. What is
 * worked out of it is in the other stores, which watch it.
 */
export const useCurrentBake = defineStore('currentBake', () => {
  const house = useHouseStore()
  const bake = shallowRef<Bake | null>(null)
  /** One sentence on what the last change brought along, or on what went wrong. */
  const notice = ref('')
  /** Counts what was opened: what was worked out for the bake before counts no more. */
  const openings = ref(0)

  const table = computed<readonly Person[]>(() =>
    house.people.filter(
      person =>
        bake.value?.people.includes(person.id) &&
        (!person.guestOf || person.guestOf === bake.value.id),
    ),
  )
  /** Who can sit at this bake's table: the house, and the guests of this bake. */
  const seatable = computed<readonly Person[]>(() =>
    house.people.filter(person => !person.guestOf || person.guestOf === bake.value?.id),
  )

  /** A mistake of ours inside the worker: said, and nothing is lost. */
  function broken(): null {
    notice.value =
      'Something went wrong in the working out. Your recipe is kept; change a line or load the page again.'
    return null
  }

  const now = () => new Date().toISOString()

  const past = shallowRef<readonly Bake[]>([])
  const future = shallowRef<readonly Bake[]>([])
  const inTurn = oneByOne()
  const say = (sentence: string) => {
    notice.value = sentence
  }
  const disk = new BakeOnDisk({ bake, steps: [past, future], say, readAgain })
  async function save(next: Bake) {
    await disk.save(next)
    house.noteBaked(next)
  }

  /** Shows and saves a changed bake; the one before can be brought back. */
  async function change(next: Bake) {
    if (bake.value) past.value = [...past.value.slice(1 - mostSteps), bake.value]
    future.value = []
    // A chosen plan that somebody can no longer eat is said where it is looked at, by the check.
    notice.value =
      bake.value?.plan && !next.plan
        ? 'The chosen plan is set aside, since what it rests on changed. Undo brings it back.'
        : ''
    await replace({ ...next, updated: now() })
  }
  /** The same without a step of its own to undo. */
  async function replace(next: Bake) {
    bake.value = next
    await save(next)
  }
  /** Changes some fields of the bake that is open. */
  async function put(part: Partial<Bake>) {
    if (bake.value) await change({ ...bake.value, ...part })
  }

  function lay(next: Bake, isNew = false) {
    past.value = []
    future.value = []
    bake.value = next
    disk.laid(next, isNew)
    openings.value++
  }

  /** Reads a pasted text into a bake and opens it; the photo that it was read from stays with it. */
  async function begin(source: string, people: readonly string[], picture = ''): Promise<Bake> {
    await house.start()
    const reading = await useCore().readRecipe(source, {})
    const next = bakeOf(crypto.randomUUID(), reading, people, now())
    lay(next, true)
    const kept = picture ? savePicture({ bake: next.id, data: picture }) : null
    await Promise.all([save(next), kept?.catch(() => undefined)])
    return next
  }

  /** Opens a kept bake; false when the house has none of that id. */
  async function open(id: string | undefined): Promise<boolean> {
    await house.start()
    if (!id) return bake.value !== null
    if (bake.value?.id === id) {
      openings.value++
      return true
    }
    const kept = await bakeById(id).catch(() => undefined)
    if (!kept) return false
    lay(kept)
    // The house may have learned names or weighed spoons since: read again, the answers kept.
    if (kept.updated < house.stocked) await readAgain()
    return true
  }

  /**
   * Applies corrections as one; the sentence of a refusal, or '' when it is done. A chosen plan is
   * set aside when the lines change. Corrections and steps back wait for the one before: none is
   * worked out from a recipe that another is about to replace.
   */
  async function edit(what: RecipeEdit | readonly RecipeEdit[]): Promise<string> {
    const free = await inTurn()
    try {
      const here = bake.value
      if (!here) return ''
      const edits = Array.isArray(what) ? (what as readonly RecipeEdit[]) : [what as RecipeEdit]
      const result = await useCore().editRecipe(readingOf(here), edits)
      if (!result.ok) return result.problem.sentence
      const kept = change(bakeWith(here, result))
      free()
      await kept
      return ''
    } finally {
      free()
    }
  }

  /** Every line once more, after the house's own pantry changed. */
  async function readAgain() {
    const here = bake.value
    if (!here) return
    const next = bakeWith(here, await useCore().reread(readingOf(here)))
    if (JSON.stringify(next) !== JSON.stringify(here)) await change(next)
  }

  const seat = (people: readonly string[]) => put({ people: [...people], plan: null })

  /** Ties a line, or all lines of an ingredient, to packets; none unties it. */
  async function tie(to: Pick<PacketLink, 'ingredient' | 'lineId'>, packets: readonly string[]) {
    const others = (bake.value?.ties ?? []).filter(
      t => t.ingredient !== to.ingredient || t.lineId !== to.lineId,
    )
    await put({ ties: packets.length ? [...others, { ...to, packets }] : others })
  }
  /** Ticks a step against cross-contact off, or on again. */
  async function tick(key: string) {
    const ticked = bake.value?.ticked ?? []
    await put({ ticked: ticked.includes(key) ? ticked.filter(k => k !== key) : [...ticked, key] })
  }
  /** Another size, tin or cut. */
  const resize = (size: Sizing) => put({ size })
  const keepDay = (day: BakeDay) => put({ day })
  /** Keeps trials, favourites or another plan. */
  const keepTrials = (part: Pick<Partial<Bake>, 'trials' | 'favourites' | 'plan'>) => put(part)

  /** Of what both tabs changed, one counts: mine, or what the other made of it, as a step of its own. */
  async function settleClash(counts: 'mine' | 'theirs') {
    const next = disk.settled(counts)
    if (next && counts === 'mine') await replace({ ...next, updated: now() })
    else if (next) await change(next)
  }
  /** Thrown away in another tab, it stays all the same. */
  async function keepGone() {
    disk.stays()
    if (bake.value) await replace({ ...bake.value, updated: now() })
  }
  /** Keeps where its making stands. That has steps back of its own: those of the recipe do not touch it. */
  async function keepMaking(making: Making | null, made?: readonly Made[]) {
    if (!bake.value) return
    await replace({ ...bake.value, making, ...(made ? { made } : {}), updated: now() })
  }

  /** The bakes of a day: the one that is open, and those made along with it. */
  async function bakesOf(day: BakeDay | undefined): Promise<readonly Bake[]> {
    const here = bake.value
    if (!here) return []
    const others = (day?.with ?? []).filter(id => id !== here.id)
    const found = await Promise.all(others.map(id => bakeById(id)))
    return [here, ...found.filter(b => b !== undefined)]
  }

  /** What the house knows of the bake that is open. */
  const knows = () => ({
    ties: bake.value?.ties ?? [],
    packets: house.packets,
    today: today(),
    tried: house.tried,
    lessons: house.lessons,
  })
  /** For what plans of a bake are worked out: its table, its wishes, what the house knows. */
  const asked = (of: Bake) => ({
    recipe: of.recipe,
    people: [...table.value],
    wishes: of.wishes,
    knows: knows(),
  })
  /** What versions by hand start from: the bake as it is planned, for whoever sits there now. */
  const handBase = (of: Bake) => ({ ...asked(of), plan: of.plan })

  /** Counts the steps back and forth, so that fields which are being moved begin anew. */
  const stepped = ref(0)
  async function step(from: typeof past, to: typeof future) {
    const free = await inTurn()
    const back = from.value.at(-1)
    if (!back || !bake.value) {
      free()
      return
    }
    notice.value = ''
    to.value = [...to.value, bake.value]
    from.value = from.value.slice(0, -1)
    // A step back is the newest that was said: what this tab read of the disk before must not undo it.
    const { making, made } = bake.value
    const kept = replace({ ...back, making, made, updated: now() })
    stepped.value++
    free()
    await kept
  }

  return {
    bake,
    saved: disk.saved,
    clash: disk.clash,
    settleClash,
    keepGone,
    notice,
    openings,
    stepped,
    table,
    seatable,
    broken,
    change,
    replace,
    put,
    begin,
    open,
    edit,
    readAgain,
    seat,
    tie,
    tick,
    resize,
    keepDay,
    keepTrials,
    keepMaking,
    catchUp: disk.catchUp,
    bakesOf,
    knows,
    asked,
    handBase,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    undo: () => step(past, future),
    redo: () => step(future, past),
    clear: () => {
      bake.value = null
    },
  }
})
