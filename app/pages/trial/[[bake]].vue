<script setup lang="ts">
import type { Plan } from '#core/swap'
import { beginTrial, type Lesson, type Trial } from '#core/trial'

const { missing, opened } = useBake()
const current = useCurrentBake()
const route = useRoute()
const router = useRouter()
const bake = computed(() => current.bake)
useHead({ title: () => `Trial: ${bake.value?.title ?? ''}` })
// An arm's trial is with its dessert.
watch(
  bake,
  now => {
    if (now?.arm && route.path.startsWith('/trial'))
      void router.replace({ path: `/trial/${now.arm.bake}`, query: { trial: now.arm.trial } })
  },
  { immediate: true },
)

// Another tab may note and taste as well.
const house = useHouseStore()
watch(
  () => house.rows,
  () => {
    void current.catchUp()
  },
)

const places = [
  { id: 'trials', says: 'trials' },
  { id: 'wrong', says: 'what went wrong' },
  { id: 'versions', says: 'versions' },
  { id: 'school', says: 'what this house learned' },
] as const
type Place = (typeof places)[number]['id']
const at = computed<Place>(() => places.find(p => p.id === route.query.at)?.id ?? 'trials')
const go = (id: Place, more: Record<string, string> = {}) =>
  router.replace({ query: { ...(id === 'trials' ? {} : { at: id }), ...more } })

const trials = computed<readonly Trial[]>(() => bake.value?.trials ?? [])
const beginning = ref(false)
const chosen = computed(
  () => trials.value.find(t => t.id === route.query.trial) ?? trials.value.at(-1) ?? null,
)
const keep = (trial: Trial) =>
  current.keepTrials({
    trials: trials.value.some(t => t.id === trial.id)
      ? trials.value.map(t => (t.id === trial.id ? trial : t))
      : [...trials.value, trial],
  })

const lot = () => crypto.getRandomValues(new Uint32Array(1))[0]!
async function begin(
  question: string,
  tried: readonly { readonly says: string; readonly because: string; readonly plan: Plan }[],
  tests: number,
  base?: Plan,
  rematchOf: string | null = null,
) {
  const now = bake.value
  if (!now) return
  const from = base ?? (await useCore().basePlan(current.handBase(now)))
  const trial = beginTrial(
    crypto.randomUUID(),
    today(),
    lot(),
    question,
    from,
    tried,
    tests,
    rematchOf,
  )
  const focus = focusLater()
  await keep(trial)
  beginning.value = false
  await go('trials', { trial: trial.id })
  await nextTick()
  focus(document.querySelector<HTMLElement>('#trial-head'))
}
/** The winner once more beside what it won against. */
async function rematch(trial: Trial, winner: string) {
  const [base] = trial.arms
  const won = trial.arms.find(a => a.id === winner)
  const now = bake.value
  if (!now || !base || !won) return
  const from = await useCore().versionPlan(now, base, current.table, current.knows())
  const plan = await useCore().versionPlan(now, won, current.table, current.knows())
  await begin(
    `Once more: ${won.says}`,
    [{ says: won.says, because: 'the winner, baked again', plan }],
    trial.tests,
    from,
    trial.id,
  )
}
async function drop(trial: Trial) {
  const before = trials.value
  await current.keepTrials({ trials: before.filter(t => t.id !== trial.id) })
  takeBack('The trial is thrown away.', 'Bring it back', () =>
    current.keepTrials({ trials: before }),
  )
  await go('trials')
}
const takeBack = useTakeBack()
const fresh = ref<readonly Lesson[]>([])
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake && !bake.arm" class="page">
    <BenchBar />
    <h1 class="sr-only">Trials</h1>
    <nav class="places no-print" aria-label="Of this dessert">
      <button
        v-for="place in places"
        :key="place.id"
        type="button"
        class="place"
        :aria-current="at === place.id ? 'page' : undefined"
        @click="go(place.id)"
      >
        {{ place.says }}
      </button>
    </nav>

    <template v-if="at === 'trials'">
      <div
        v-if="trials.length && !beginning"
        class="list no-print"
        role="group"
        aria-label="Trials of this dessert"
      >
        <button
          v-for="trial in trials"
          :key="trial.id"
          type="button"
          class="day"
          :aria-pressed="chosen?.id === trial.id"
          @click="go('trials', { trial: trial.id })"
        >
          <b>{{ sayDay(trial.begun) }}</b> {{ trial.question || 'a trial'
          }}<span v-if="trial.crowned" class="won">
            · {{ trial.arms.find(a => a.id === trial.crowned)?.letter }} won</span
          >
        </button>
        <UButton color="neutral" variant="outline" icon="i-lucide-plus" @click="beginning = true"
          >New trial</UButton
        >
      </div>
      <ArmPicker
        v-if="beginning || !trials.length"
        :bake="bake"
        :first="!trials.length"
        @begin="begin"
        @leave="beginning = false"
      />
      <TrialSheet
        v-else-if="chosen"
        :key="chosen.id"
        :trial="chosen"
        :bake="bake"
        @keep="keep"
        @rematch="winner => rematch(chosen!, winner)"
        @drop="drop(chosen)"
        @learned="
          lessons => {
            fresh = lessons
            go('school')
          }
        "
      />
    </template>
    <DiagnosePanel
      v-else-if="at === 'wrong'"
      :bake="bake"
      @try="
        (says, because, plan, base) =>
          begin(`Was it this? ${says}`.slice(0, 200), [{ says, because, plan }], 1, base)
      "
    />
    <VersionTree
      v-else-if="at === 'versions'"
      :bake="bake"
      @open="trial => go('trials', { trial })"
    />
    <SchoolPanel v-else :fresh="fresh.map(l => l.id)" />
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
}
.place {
  min-height: 44px;
  font-size: 1.06rem;
  color: var(--soft);
  cursor: pointer;
  border-bottom: 3px solid transparent;
}
.place[aria-current] {
  color: var(--ink);
  font-weight: 650;
  border-color: var(--ginger);
}
.place:hover {
  color: var(--ink);
}
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.day {
  min-height: 44px;
  padding: 6px 16px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  text-align: left;
  max-width: 100%;
}
.day[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
.won {
  color: var(--leaf);
  font-weight: 600;
}
</style>
