<script setup lang="ts">
import type { Lesson, Trial } from '#core/trial'
import { trialPlaces, type TrialPlace } from '~/composables/trialPlaces'
import type { TrialWish } from '~/composables/useTrials'

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

const at = computed<TrialPlace>(
  () => trialPlaces.find(p => p.id === route.query.at)?.id ?? 'trials',
)
const go = (id: TrialPlace, more: Record<string, string> = {}) =>
  router.replace({ query: { ...(id === 'trials' ? {} : { at: id }), ...more } })

const { trials, keep, begin: beginTrial, rematch: rematchOf, drop: dropTrial } = useTrials()
const isBeginning = ref(false)
const chosen = computed(
  () => trials.value.find(t => t.id === route.query.trial) ?? trials.value.at(-1) ?? null,
)
async function begin(wish: TrialWish) {
  const focus = focusLater()
  const trial = await beginTrial(wish)
  if (!trial) return
  isBeginning.value = false
  await go('trials', { trial: trial.id })
  await nextTick()
  focus(document.querySelector<HTMLElement>('#trial-head'))
}
async function rematch(winner: string) {
  const wish = chosen.value && (await rematchOf(chosen.value, winner))
  if (wish) await begin(wish)
}
async function drop(trial: Trial) {
  await dropTrial(trial)
  await go('trials')
}
const fresh = ref<readonly Lesson[]>([])
function learned(lessons: readonly Lesson[]) {
  fresh.value = lessons
  void go('school')
}
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake && !bake.arm" class="page">
    <BenchBar />
    <h1 class="sr-only">Trials</h1>
    <TrialPlaces :at="at" @go="place => go(place)" />

    <template v-if="at === 'trials'">
      <TrialList
        v-if="trials.length && !isBeginning"
        :trials="trials"
        :chosen="chosen?.id ?? null"
        @choose="trial => go('trials', { trial })"
        @begin="isBeginning = true"
      />
      <ArmPicker
        v-if="isBeginning || !trials.length"
        :bake="bake"
        :first="!trials.length"
        @begin="begin"
        @leave="isBeginning = false"
      />
      <TrialSheet
        v-else-if="chosen"
        :key="chosen.id"
        :trial="chosen"
        :bake="bake"
        @keep="keep"
        @rematch="rematch"
        @drop="drop(chosen)"
        @learned="learned"
      />
    </template>
    <DiagnosePanel v-else-if="at === 'wrong'" :bake="bake" @try="begin" />
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
</style>
