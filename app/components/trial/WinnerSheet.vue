<script setup lang="ts">
import type { Arm, Lesson } from '#core/trial'

/** The winner: what it teaches, what the oven learns from it, and whether it is the plan now. */
const props = defineProps<{ won: Arm }>()
const emit = defineEmits<{ uncrown: []; learned: [lessons: readonly Lesson[]] }>()
const open = inject(openTrialKey)!
const { bake } = open
const current = useCurrentBake()
const takeBack = useTakeBack()
const { taught, lessons, isKnown, learnIt } = useTrialLessons(open)
const { oven, ovenLearns } = useWinnersOven(open)

/** From these weights on a lesson is proven, or at least more than one look. */
const weights = { shown: 0.95, liked: 0.4 }
const how = computed(() => {
  const weight = taught.value?.weight ?? 0
  if (weight >= weights.shown) return 'shown by a blind test'
  if (weight >= weights.liked) return 'more liked it, without proof: it counts for less than half'
  return 'one look at it, a hint'
})
async function learnNow() {
  emit('learned', await learnIt())
}
const isPlan = ref(false)
watch(
  () => [props.won, bake.value.plan] as const,
  async ([won, plan]) => {
    isPlan.value =
      plan !== null &&
      (await useCore()
        .same(plan.recipe, won.recipe)
        .catch(() => false))
  },
  { immediate: true },
)
async function takeAsPlan() {
  const before = bake.value.plan
  const plan = await useCore().versionPlan(bake.value, props.won, current.table, current.knows())
  await current.keepTrials({ plan })
  takeBack(`“${props.won.says}” is the plan now.`, 'Take it back', () =>
    current.keepTrials({ plan: before }),
  )
}
</script>

<template>
  <p>
    <b>{{ won.letter }} won:</b> {{ won.says }}.
    <button type="button" class="link" @click="emit('uncrown')">Take the crown back</button>
  </p>
  <div v-if="taught?.lessons.length" class="teach">
    <p>
      <b>What this teaches</b>{{ ' ' }}<span class="soft">— {{ how }}</span>
    </p>
    <ul>
      <li v-for="each in taught.lessons" :key="each.lesson.id">{{ each.says }}</li>
    </ul>
  </div>
  <div v-if="oven" class="row">
    <p>
      It took {{ Math.round(oven.took) }} min in the oven, reckoned were
      {{ Math.round(oven.expected) }}.
    </p>
    <UButton color="neutral" variant="outline" @click="ovenLearns"
      >Let the oven’s setting learn from it</UButton
    >
  </div>
  <div class="row">
    <UButton color="neutral" :disabled="isKnown || !lessons.length" @click="learnNow">{{
      isKnown ? 'The house has learned it' : 'Let the house learn it'
    }}</UButton><UButton color="neutral" variant="outline" :disabled="isPlan" @click="takeAsPlan">{{
      isPlan ? 'It is the plan' : 'Take it as the plan'
    }}</UButton>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.teach ul {
  margin: 4px 0 0;
  padding-left: 20px;
}
</style>
