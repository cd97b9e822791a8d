import { defineStore } from 'pinia'
import type { DayPlan } from '#core/day'
import {
  beginMaking,
  canTakeBack,
  counterState,
  madeOf,
  takeBack,
  tell,
  type MakingEvent,
  type Making,
  type Pour,
} from '#core/make'
import type { Bake } from '#core/share'
import type { Result } from '#core/swap'
import { bakeById, readFact, savePhoto, writeFact } from '~/db/house'
import { useCurrentBake } from './currentBake'
import { usePlans } from './plans'
import { useHouseStore } from './house'

/** What is said at the counter: the same without its moment. */
export type Saying = MakingEvent extends infer H
  ? H extends MakingEvent
    ? Omit<H, 'at'>
    : never
  : never

/** The making on the bench: what stands now, what is said of it, and the day that follows from it. */
export const useMakeStore = defineStore('make', () => {
  const current = useCurrentBake()
  const plans = usePlans()
  const house = useHouseStore()
  /** Minutes since 1970 on this device's clock; moved by the page's own beat. */
  const now = ref(Date.now() / 60_000)
  const making = computed<Making | null>(() => current.bake?.making ?? null)
  /**
   * The card that somebody is at, so that a wait which ends does not put another under the finger;
   * the same after a reload.
   */
  const inHand = ref(sessionStorage.getItem('ingwer-in-hand') ?? '')
  function hold(card: string) {
    inHand.value = card
    sessionStorage.setItem('ingwer-in-hand', card)
  }
  const counter = computed(() =>
    making.value ? counterState(making.value, now.value, inHand.value) : null,
  )
  /** What is being made in this house, whatever lies on the bench: its timers call on every page. */
  const active = shallowRef<{
    readonly bake: string
    readonly title: string
    readonly making: Making
  } | null>(null)
  const calls = computed(() =>
    active.value ? counterState(active.value.making, now.value).calls : [],
  )
  /** Looks up what was being made when the page was closed. */
  async function lookUp() {
    const id = await readFact('atCounter', '').catch(() => '')
    const bake = id ? await bakeById(id).catch(() => undefined) : undefined
    if (bake?.making && !isFinished(bake.making))
      active.value = { bake: bake.id, title: bake.title, making: bake.making }
  }
  const isFinished = (of: Making) => of.log.some(h => h.do === 'finished')
  watch(
    () => making.value?.id,
    () => {
      rest.value = null
    },
  )
  watch(making, next => {
    const here = current.bake
    if (!here) return
    if (next && !isFinished(next)) {
      if (active.value?.bake !== here.id) void writeFact('atCounter', here.id)
      active.value = { bake: here.id, title: here.title, making: next }
    } else if (active.value?.bake === here.id) {
      active.value = null
      void writeFact('atCounter', '')
    }
  })
  const beginning = ref(false)
  /** The rest of the day as it would go from here, and how late that is. */
  const rest = shallowRef<{ readonly plan: DayPlan; readonly late: number } | null>(null)

  async function begin(plan: Extract<DayPlan, { ok: true }>) {
    const here = current.bake
    if (!here || beginning.value) return
    beginning.value = true
    try {
      const cards = await useCore().cardsOf(await current.bakesOf(here.day), plan, house.kitchen)
      if (current.bake?.id !== here.id) return
      now.value = Date.now() / 60_000
      const serveAt = here.day?.serveAt ? Date.parse(here.day.serveAt) / 60_000 : null
      rest.value = null
      await current.keepMaking(beginMaking(crypto.randomUUID(), cards, serveAt, now.value))
    } finally {
      beginning.value = false
    }
  }

  /**
   * Says what happened, all at this moment; kept at once, upon what another tab of this browser may
   * have said meanwhile.
   */
  async function say(...sayings: readonly Saying[]) {
    await current.catchUp()
    let next = making.value
    if (!next) return
    now.value = Date.now() / 60_000
    for (const each of sayings) next = tell(next, { ...each, at: now.value } as MakingEvent)
    await current.keepMaking(next)
  }
  /** The same of whatever is being made, from a page that has something else on the bench. */
  async function sayActive(...sayings: readonly Saying[]) {
    const here = active.value
    if (!here) return
    if (current.bake?.id === here.bake) {
      await say(...sayings)
      return
    }
    now.value = Date.now() / 60_000
    const bake = await bakeById(here.bake)
    if (!bake?.making) {
      active.value = null
      return
    }
    const next = sayings.reduce<Making>(
      (m, each) => tell(m, { ...each, at: now.value } as MakingEvent),
      bake.making,
    )
    await house.keepBake({ ...bake, making: next, updated: new Date().toISOString() })
    active.value = { ...here, making: next }
  }
  /** The device's clock was put back by so many minutes. */
  const clockSet = (minutes: number) => sayActive({ do: 'clock', minutes })
  /** One step back; from the end to the last tick before it. */
  async function back() {
    const here = making.value
    if (!here) return
    let next = takeBack(here)
    const reopened = isFinished(here) && !isFinished(next)
    if (reopened) next = takeBack(next)
    // The card that it was said of is in hand again.
    const undone = here.log.findLast(h => 'card' in h && !next.log.includes(h))
    hold(undone && 'card' in undone ? undone.card : '')
    await current.keepMaking(
      next,
      reopened ? (current.bake?.made ?? []).filter(m => m.making !== here.id) : undefined,
    )
    if (isFinished(next)) await finish()
  }

  let turn = 0
  /** The rest of the day is being placed: which card comes next may still change. */
  const replanning = ref(false)
  /** Places the rest of the day anew, for how it goes. */
  async function replan() {
    const here = current.bake
    const at = counter.value
    if (!here || !making.value || !at || at.finished !== null) return
    const mine = ++turn
    replanning.value = true
    const others = new Set(making.value.cards.map(c => c.bake).filter(id => id && id !== here.id))
    const found = await useCore()
      .replan(
        await current.bakesOf({ serveAt: null, with: [...others], wishes: {} }),
        {
          serveAt: making.value.serveAt,
          now: now.value,
          kitchen: house.kitchen,
          wishes: here.day?.wishes ?? {},
          asleep: nightsFor(
            making.value.serveAt ?? now.value + 1440,
            now.value,
            nightsBack(here.day?.wishes),
          ),
          happened: at.happened,
        },
        100,
      )
      .catch(() => null)
    if (mine !== turn) return
    rest.value = found
    replanning.value = false
  }

  async function addPhoto(card: string, data: string) {
    const here = current.bake
    if (!here) return
    const id = crypto.randomUUID()
    await savePhoto({ id, bake: here.id, data })
    await say({ do: 'photo', card, photo: id })
  }
  /**
   * The last tick, or something said after it: what really happened is kept with every bake that
   * was made.
   */
  async function finish() {
    if (making.value && !isFinished(making.value)) await say({ do: 'finished' })
    const here = current.bake
    const done = making.value
    if (!here || !done) return
    const withRecord = (bake: Bake) => [
      ...(bake.made ?? []).filter(m => m.making !== done.id),
      madeOf(done, bake.id, now.value),
    ]
    await current.keepMaking(done, withRecord(here))
    for (const id of new Set(done.cards.map(c => c.bake).filter(id => id && id !== here.id))) {
      const other = await bakeById(id)
      if (other)
        await house.keepBake({
          ...other,
          made: withRecord(other),
          updated: new Date().toISOString(),
        })
    }
  }
  const again = () => current.keepMaking(null)

  const pour = async (card: string, grams: number): Promise<Pour | null> => {
    const done = making.value
    const of = done?.cards.find(c => c.id === card)?.bake
    const bake = of && of !== current.bake?.id ? await bakeById(of) : current.bake
    return done && bake
      ? await useCore()
          .pourOf({ making: done, card, grams, bake, kitchen: house.kitchen, now: now.value })
          .catch(() => null)
      : null
  }
  const result = (how: Result | null) => plans.baked(how)

  /** Something is being made on this bench, and not on the table yet. */
  const going = computed(() => counter.value !== null && counter.value.finished === null)
  return {
    now,
    making,
    counter,
    hold,
    replanning,
    going,
    active,
    calls,
    lookUp,
    sayActive,
    clockSet,
    beginning,
    rest,
    begin,
    say,
    back,
    replan,
    addPhoto,
    finish,
    again,
    pour,
    result,
    canStepBack: computed(() => making.value !== null && canTakeBack(making.value)),
  }
})
