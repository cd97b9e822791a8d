import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import type { DayPlan, Needed } from '#core/day'
import type { Made, Making } from '#core/make'
import type { SizedUp, Sizing } from '#core/pan'
import type { Caution, Claims, ContactPlan, PeopleCheck, Person, Tie } from '#core/people'
import type { RecipeEdit } from '#core/recipe'
import { bakeOf, bakeWith, readingOf, type Bake, type BakeDay } from '#core/share'
import type { Adaptation, Plan, Result, Split, Wishes } from '#core/swap'
import { NotKept } from '~/db/guard'
import { bakeById, savePicture } from '~/db/house'
import { useHouseStore } from './house'

/**
 * The bake on the bench: what is open, who can eat it, and the plans for it. Every change is saved
 * and can be undone.
 */
export const useBenchStore = defineStore('bench', () => {
  const house = useHouseStore()
  const bake = shallowRef<Bake | null>(null)
  const check = shallowRef<PeopleCheck | null>(null)
  /** The same of the chosen plan's recipe; null without a plan. */
  const planCheck = shallowRef<PeopleCheck | null>(null)
  /** What may be said of what will be baked, and on how many packets it rests. */
  const claims = shallowRef<Claims | null>(null)
  const cautions = shallowRef<readonly Caution[]>([])
  /** What is to be done against traces, of what will be baked. */
  const contact = shallowRef<ContactPlan | null>(null)
  const adaptation = shallowRef<Adaptation | null>(null)
  const working = ref<'' | 'reading' | 'checking' | 'planning'>('')
  const saved = ref<'' | 'saving' | 'saved' | 'failed'>('')
  /** One sentence on what the last change brought along, or on what went wrong. */
  const notice = ref('')
  const past = shallowRef<readonly Bake[]>([])
  const future = shallowRef<readonly Bake[]>([])
  /** Answers of the worker that come after something newer was asked are thrown away. */
  let asked = 0

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

  /** `keep` the plans that are shown: the recipe and the table are the same. */
  async function show(next: Bake, keep = false) {
    if (
      bake.value?.id !== next.id ||
      bake.value.recipe !== next.recipe ||
      bake.value.people !== next.people
    ) {
      split.value = null
      stopSplit()
    }
    bake.value = next
    if (keep) {
      await look(next)
      return
    }
    adaptation.value = null
    const turn = ++asked
    working.value = 'checking'
    await look(next)
    if (turn === asked) working.value = ''
  }

  let looked = 0
  /** Checks the recipe and the chosen plan for the table, by the packets of the house. */
  async function look(at: Bake) {
    const turn = ++looked
    const of = (recipe: Bake['recipe']) =>
      useCore()
        .safety(recipe, table.value, at.ties, { packets: house.packets, today: today() })
        .catch(broken)
    const [written, planned] = await Promise.all([
      of(at.recipe),
      at.plan ? of(at.plan.recipe) : null,
    ])
    if (turn !== looked) return
    check.value = written?.check ?? null
    cautions.value = written?.cautions ?? []
    claims.value = (planned ?? written)?.claims ?? null
    contact.value = (planned ?? written)?.contact ?? null
    planCheck.value = planned?.check ?? null
  }
  // A person or a packet changed, here or in another tab: what was said of this bake may hold no longer.
  watch([() => house.people, () => house.packets], () => {
    if (bake.value) void look(bake.value)
  })
  // What the house has learned meanwhile is in the plans that are shown.
  watch(
    () => house.lessons,
    () => {
      if (adaptation.value) void work()
    },
  )

  /** A mistake of ours inside the worker: said, and nothing is lost. */
  function broken(): null {
    notice.value =
      'Something went wrong in the working out. Your recipe is kept; change a line or load the page again.'
    return null
  }

  async function save(next: Bake) {
    saved.value = 'saving'
    try {
      await house.keepBake(next)
      saved.value = 'saved'
    } catch (error) {
      saved.value = 'failed'
      if (error instanceof NotKept) notice.value = error.message
    }
  }

  /** Shows and saves a changed bake; the one before can be brought back. */
  async function change(next: Bake, keep = false) {
    if (bake.value) past.value = [...past.value.slice(-99), bake.value]
    future.value = []
    // A chosen plan that somebody can no longer eat is said where it is looked at, by planCheck.
    notice.value =
      bake.value?.plan && !next.plan
        ? 'The chosen plan is set aside, since what it rests on changed. Undo brings it back.'
        : ''
    const stamped = { ...next, updated: new Date().toISOString() }
    await Promise.all([show(stamped, keep), save(stamped)])
  }

  /** Reads a pasted text and lays it on the bench; the photo that it was read from stays with it. */
  async function begin(source: string, people: readonly string[], picture = ''): Promise<Bake> {
    working.value = 'reading'
    try {
      await house.start()
      const next = bakeOf(
        crypto.randomUUID(),
        await useCore().readRecipe(source, {}),
        people,
        new Date().toISOString(),
      )
      past.value = []
      future.value = []
      await Promise.all([
        show(next),
        save(next),
        picture ? savePicture({ bake: next.id, data: picture }).catch(() => undefined) : undefined,
      ])
      return next
    } finally {
      working.value = ''
    }
  }

  /** Lays a kept bake on the bench; false when the house has none of that id. */
  async function open(id: string | undefined): Promise<boolean> {
    await house.start()
    if (!id) return bake.value !== null
    if (bake.value?.id === id) {
      await show(bake.value)
      return true
    }
    const kept = await bakeById(id).catch(() => undefined)
    if (!kept) return false
    past.value = []
    future.value = []
    saved.value = 'saved'
    await show(kept)
    // The house may have learned names or weighed spoons since: read again, the answers kept.
    if (kept.updated < house.stocked) await readAgain()
    return true
  }

  /**
   * Corrections and steps back wait for the one before: none is worked out from a recipe that
   * another is about to replace.
   */
  let before: Promise<void> = Promise.resolve()
  async function inTurn(): Promise<() => void> {
    const mine = before
    let free = () => {}
    before = new Promise(resolve => {
      free = resolve
    })
    await mine
    return free
  }

  /**
   * Applies corrections as one; the sentence of a refusal, or '' when it is done. A chosen plan is
   * set aside when the lines change.
   */
  async function edit(what: RecipeEdit | readonly RecipeEdit[]): Promise<string> {
    const free = await inTurn()
    try {
      const now = bake.value
      if (!now) return ''
      const edits = Array.isArray(what) ? (what as readonly RecipeEdit[]) : [what as RecipeEdit]
      const result = await useCore().editRecipe(readingOf(now), edits)
      if (!result.ok) return result.problem.sentence
      const kept = change(bakeWith(now, result))
      free()
      await kept
      return ''
    } finally {
      free()
    }
  }

  /** Every line once more, after the house's own pantry changed. */
  async function readAgain() {
    const now = bake.value
    if (!now) return
    const next = bakeWith(now, await useCore().reread(readingOf(now)))
    if (JSON.stringify(next) !== JSON.stringify(now)) await change(next)
  }

  const seat = async (people: readonly string[]) => {
    if (bake.value) await change({ ...bake.value, people: [...people], plan: null })
  }

  /** Ties a line, or all lines of an ingredient, to packets; none unties it. */
  async function tie(to: Pick<Tie, 'ingredient' | 'lineId'>, packets: readonly string[]) {
    const now = bake.value
    if (!now) return
    const others = now.ties.filter(t => t.ingredient !== to.ingredient || t.lineId !== to.lineId)
    await changeQuietly({ ...now, ties: packets.length ? [...others, { ...to, packets }] : others })
  }
  /** Ticks a step against cross-contact off, or on again. */
  async function tick(key: string) {
    const now = bake.value
    if (now)
      await changeQuietly({
        ...now,
        ticked: now.ticked.includes(key) ? now.ticked.filter(k => k !== key) : [...now.ticked, key],
      })
  }
  /** A change that leaves the recipe alone: the plans that are shown stay. */
  const changeQuietly = (next: Bake) => change(next, true)

  const knows = () => ({
    ties: bake.value?.ties ?? [],
    packets: house.packets,
    today: today(),
    tried: house.tried,
    lessons: house.lessons,
  })
  /** What versions by hand start from: the bake as it is planned, for whoever sits there now. */
  const handBase = ({ recipe, plan, wishes }: Bake) => ({
    recipe,
    plan,
    people: [...table.value],
    wishes,
    knows: knows(),
  })
  const asWished = (now: Bake): Wishes => ({ ...now.wishes, measureIn: house.measureIn })

  async function work() {
    const now = bake.value
    if (!now) return
    const turn = ++asked
    working.value = 'planning'
    // A first plan is shown while the others are still weighed.
    const first = proxy((plan: Plan) => {
      if (turn === asked && !adaptation.value)
        adaptation.value = {
          verdict: 'adapted',
          family: plan.parts[0]?.family ?? '',
          why: [],
          plans: [plan],
          instead: [],
        }
    })
    const found = await useCore()
      .adapt(now.recipe, table.value, asWished(now), knows(), first)
      .catch(broken)
    if (turn !== asked) return
    adaptation.value = found
    working.value = ''
  }
  /** Stops waiting: what was there before stays. */
  function stopWorking() {
    asked++
    working.value = ''
  }

  /**
   * What the baker asks for besides; the plans are worked out anew. A plan that was chosen stays
   * chosen until another is.
   */
  async function wish(wishes: Wishes) {
    const now = bake.value
    if (!now) return
    await changeQuietly({ ...now, wishes })
    await work()
  }

  async function choose(plan: Plan) {
    if (!bake.value) return
    await changeQuietly({ ...bake.value, plan })
  }

  let nudged: { readonly lineId: string; readonly at: number } | null = null
  const together = 1500
  /**
   * Moves one amount of a plan; it is then the bake's own plan. Steps on the same line in short
   * order are one step to undo.
   */
  async function nudge(plan: Plan, lineId: string, grams: number) {
    const now = bake.value
    if (!now) return
    // When it was pressed: how long it takes to work out parts no steps.
    const at = performance.now()
    const found = await useCore()
      .nudge(now.recipe, plan, lineId, grams, table.value, asWished(now), knows())
      .catch(broken)
    if (!found || bake.value?.id !== now.id) return
    const next = { ...bake.value, plan: found.plan, updated: new Date().toISOString() }
    if (nudged?.lineId === lineId && at - nudged.at < together && past.value.length) {
      bake.value = next
      await save(next)
    } else await changeQuietly(next)
    nudged = { lineId, at: performance.now() }
    planCheck.value = found.check
  }

  const split = shallowRef<Split | null>(null)
  const splitting = ref<{ readonly done: number; readonly of: number } | null>(null)
  let splitTurn = 0
  /** Weighs one version for all against several batches. */
  async function weighSplit() {
    const now = bake.value
    if (!now) return
    const turn = ++splitTurn
    split.value = null
    splitting.value = { done: 0, of: 1 }
    const found = await useCore()
      .split(
        now.recipe,
        table.value,
        asWished(now),
        knows(),
        proxy((done: number, of: number) => {
          if (turn !== splitTurn) return false
          splitting.value = { done, of }
          return true
        }),
      )
      .catch(broken)
    if (turn !== splitTurn) return
    split.value = found
    splitting.value = null
  }
  function stopSplit() {
    splitTurn++
    splitting.value = null
  }
  /** Makes a bake of each batch, each with its people and plan; the one that is baked first is opened. */
  async function bakeApart(): Promise<string | null> {
    const now = bake.value
    const found = split.value
    if (!now || !found) return null
    const moment = new Date().toISOString()
    const bakes = found.batches.map((batch): Bake => {
      const title = `${now.title} for ${batch.names.join(' and ')}`.slice(0, 160)
      return {
        ...now,
        id: crypto.randomUUID(),
        title,
        recipe: { ...now.recipe, title },
        people: batch.people,
        plan: batch.plan,
        baked: [],
        making: null,
        made: [],
        trials: [],
        favourites: [],
        created: moment,
        updated: moment,
      }
    })
    for (const each of [...bakes].reverse()) await house.keepBake(each)
    return bakes[0]?.id ?? null
  }

  /** How it came out, today, by the chosen plan; or takes that back. */
  async function baked(result: Result | null) {
    const now = bake.value
    if (!now?.plan) return
    const day = today()
    const others = (now.baked ?? []).filter(b => b.on !== day)
    const schools = [...new Set(now.plan.changes.flatMap(change => change.school ?? []))]
    await changeQuietly({
      ...now,
      baked: result
        ? [
            ...others,
            { on: day, result, family: now.plan.parts[0]?.family ?? 'other', schools, note: '' },
          ]
        : others,
    })
    await work()
  }

  const sized = shallowRef<SizedUp | null>(null)
  const sizing = ref(false)
  let sizeTurn = 0
  /** Works out size, tin and bake time of what is made; an instant answer comes before the heat model's. */
  async function sizeUp() {
    const now = bake.value
    if (!now) return
    const turn = ++sizeTurn
    sizing.value = true
    const first = proxy((found: SizedUp) => {
      if (turn === sizeTurn) sized.value = found
    })
    const found = await useCore()
      .sizedBake(now, house.kitchen, house.measureIn, first)
      .catch(broken)
    if (turn !== sizeTurn) return
    if (found) sized.value = found
    sizing.value = false
  }
  /** Another size, tin or cut. */
  async function resize(size: Sizing) {
    if (bake.value) await changeQuietly({ ...bake.value, size })
  }

  const dayPlan = shallowRef<DayPlan | null>(null)
  const dayWorking = ref(false)
  const shopping = shallowRef<readonly Needed[]>([])
  let dayTurn = 0
  /** The bakes of a day: the one on the bench, and those made along with it. */
  const sharing = async (day: BakeDay | undefined): Promise<readonly Bake[]> => {
    const here = bake.value
    return here
      ? [
          here,
          ...(
            await Promise.all(
              (day?.with ?? []).filter(id => id !== here.id).map(id => bakeById(id)),
            )
          ).filter(b => b !== undefined),
        ]
      : []
  }
  /** Milliseconds until a good plan is shown, and until the search for a better one ends. */
  const [soonEnough, longEnough] = [160, 1500]
  /** Works out the day; a first plan is shown while better ones are looked for. */
  async function planDay(
    day: BakeDay,
    now: number,
    asleep: readonly (readonly [number, number])[],
  ) {
    const here = bake.value
    if (!here) return
    const turn = ++dayTurn
    dayWorking.value = true
    const all = await sharing(day)
    const apart = all.length > 1 ? await useCore().apart(all, house.people) : []
    const better = proxy((plan: DayPlan) => {
      if (turn === dayTurn) dayPlan.value = plan
    })
    const found = await useCore()
      .planDay(
        all,
        { serveAt: day.serveAt, now, kitchen: house.kitchen, asleep, wishes: day.wishes, apart },
        soonEnough,
        longEnough,
        better,
      )
      .catch(broken)
    if (turn !== dayTurn) return
    dayPlan.value = found
    shopping.value = (await useCore().shopping(all, house.kitchen).catch(broken)) ?? []
    if (turn === dayTurn) dayWorking.value = false
  }
  async function keepDay(day: BakeDay) {
    if (bake.value) await changeQuietly({ ...bake.value, day })
  }
  /**
   * What another tab said of the making or the trials meanwhile counts: the newer of both is gone
   * on with.
   */
  async function catchUp() {
    const now = bake.value
    const kept = now && (await bakeById(now.id).catch(() => undefined))
    if (!kept || bake.value?.id !== kept.id || kept.updated <= bake.value.updated) return
    bake.value = {
      ...bake.value,
      ...(kept.making ? { making: kept.making, made: kept.made } : {}),
      ...(kept.trials ? { trials: kept.trials } : {}),
      ...(kept.favourites ? { favourites: kept.favourites } : {}),
      updated: kept.updated,
    }
  }
  /** Keeps where its making stands. That has steps back of its own: those of the recipe do not touch it. */
  async function keepMaking(making: Making | null, made?: readonly Made[]) {
    const now = bake.value
    if (!now) return
    const next: Bake = {
      ...now,
      making,
      ...(made ? { made } : {}),
      updated: new Date().toISOString(),
    }
    bake.value = next
    await save(next)
  }

  /** Keeps trials, favourites or another plan of the bake that is open. */
  const keepTrials = async (part: Pick<Partial<Bake>, 'trials' | 'favourites' | 'plan'>) => {
    if (bake.value) await changeQuietly({ ...bake.value, ...part })
  }

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
    nudged = null
    const same = back.recipe === bake.value.recipe && back.people === bake.value.people
    const wished = JSON.stringify(back.wishes) !== JSON.stringify(bake.value.wishes)
    const next: Bake = { ...back, making: bake.value.making, made: bake.value.made }
    const kept = Promise.all([show(next, same), save(next)])
    free()
    await kept
    stepped.value++
    if (same && wished) await work()
  }

  return {
    bake,
    stepped,
    check,
    planCheck,
    cautions,
    contact,
    claims,
    adaptation,
    working,
    saved,
    notice,
    table,
    seatable,
    split,
    splitting,
    tie,
    tick,
    begin,
    open,
    edit,
    readAgain,
    seat,
    work,
    stopWorking,
    wish,
    choose,
    nudge,
    weighSplit,
    stopSplit,
    bakeApart,
    baked,
    knows,
    handBase,
    sized,
    sizing,
    sizeUp,
    resize,
    dayPlan,
    dayWorking,
    shopping,
    planDay,
    keepDay,
    sharing,
    catchUp,
    keepMaking,
    keepTrials,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    undo: () => step(past, future),
    redo: () => step(future, past),
    clear: () => {
      bake.value = null
      check.value = null
      planCheck.value = null
      adaptation.value = null
      sized.value = null
      dayPlan.value = null
    },
  }
})
