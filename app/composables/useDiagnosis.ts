import type { Bake } from '#core/share'
import { noRecord, type Arm, type Diagnosis, type Symptom } from '#core/trial'
import { bakeById } from '~/db/house'

interface Told {
  readonly bake: Bake
  /** The arm that was on the table; null: the plan, or the recipe as written. */
  readonly arm: Ref<Arm | null>
  readonly said: Ref<Readonly<Record<string, 'yes' | 'no'>>>
  readonly typed: Ref<Readonly<Record<string, number>>>
}

const plannedMinutes = ({ recipe }: Bake) => {
  const minutes = recipe.oven?.minutes
  return minutes ? (minutes.low + minutes.high) / 2 : null
}
/** What was seen: as it was noted of the arm, and as it was typed here. */
function noted(bake: Bake, arm: Arm | null, typed: Readonly<Record<string, number>>) {
  const { before, after, minutes, core, rested, waited } = typed
  const record = arm?.record ?? noRecord
  return {
    wishes: bake.wishes,
    ...(arm ? { baked: arm.recipe } : {}),
    record: {
      ...record,
      before: before ?? record.before,
      after: after ?? record.after,
      minutes: minutes ?? record.minutes,
    },
    core: core ?? null,
    rested: rested ?? null,
    waited: waited ?? null,
    planned: arm ? null : plannedMinutes(bake),
  }
}

/** Why a bake went wrong, worked out anew with everything that is said; null where nothing is. */
export function useDiagnosis(of: Told) {
  const current = useCurrentBake()
  const house = useHouseStore()
  const made = shallowRef<Bake['made']>()
  watch(
    of.arm,
    async now => {
      made.value = now ? (await bakeById(now.id))?.made : of.bake.made
    },
    { immediate: true },
  )
  const symptoms = computed<readonly Symptom[]>(() =>
    Object.entries(of.said.value).map(([id, is]) => ({ id, absent: is === 'no' })),
  )
  const found = shallowRef<Diagnosis | null>(null)
  const working = ref(false)
  const latest = latestOnly()
  async function work() {
    const isLatest = latest.begin()
    const { bake } = of
    if (!symptoms.value.some(symptom => !symptom.absent)) {
      found.value = null
      working.value = false
      return
    }
    working.value = true
    const next = await useCore()
      .diagnose({
        symptoms: symptoms.value,
        recipe: bake.recipe,
        plan: bake.plan,
        seen: {
          ...noted(bake, of.arm.value, of.typed.value),
          people: [...current.table],
          made: made.value?.at(-1) ?? null,
        },
        knows: current.knows(),
        bake: of.arm.value ? null : bake,
        kitchen: house.kitchen,
      })
      .catch(() => null)
    if (!isLatest()) return
    found.value = next
    working.value = false
  }
  watch(
    [
      symptoms,
      of.typed,
      of.arm,
      made,
      () => of.bake.recipe,
      () => of.bake.plan,
      () => current.table,
    ],
    work,
    { immediate: true },
  )
  return { found, working }
}
