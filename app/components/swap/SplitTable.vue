<script setup lang="ts">
import type { Plan } from '#core/swap'

/**
 * One version for everybody, or several batches: weighed when asked, with progress, and stopped
 * when told.
 */
const current = useCurrentBake()
const plans = usePlans()
const split = computed(() => plans.split)
/** What a batch bakes: the dessert in its word of confidence, or another in its place. */
function saysOf(plan: Plan | null): string {
  if (!plan) return 'as it is written'
  return plan.id === 'instead' ? `${plan.title}: ${plan.confidence}` : plan.confidence
}
const looked = ref(false)
watch(
  () => current.bake?.id,
  () => {
    looked.value = false
  },
)
async function look() {
  looked.value = true
  await plans.weighSplit()
}
async function apart() {
  const first = await plans.bakeApart()
  if (first) await navigateTo(`/swap/${first}`)
}
</script>

<template>
  <div>
    <div v-if="plans.splitting" class="going" role="status">
      <progress
        :value="plans.splitting.done"
        :max="plans.splitting.of"
        aria-label="Groups weighed"
      />
      <span>{{ plans.splitting.done }} of {{ plans.splitting.of }} ways to part the table</span>
      <UButton color="neutral" variant="outline" size="sm" @click="plans.stopSplit()">Stop</UButton>
    </div>
    <template v-else-if="split">
      <p>
        <b>{{
          split.better
            ? `${split.batches.length} batches are clearly better.`
            : 'One version for all does as well.'
        }}</b>
        {{ split.because }}
      </p>
      <ul class="batches">
        <li v-for="(batch, i) in split.batches" :key="batch.people.join()">
          <span class="nth">{{ i + 1 }}</span>
          <span
            ><b>{{ batch.names.join(', ') }}</b
            ><br /><span class="soft">{{ saysOf(batch.plan) }}</span></span
          >
        </li>
      </ul>
      <p class="soft">{{ split.order }}</p>
      <UButton color="neutral" :variant="split.better ? 'solid' : 'outline'" @click="apart"
        >Make a bake of each batch</UButton
      >
    </template>
    <p v-else-if="looked" class="soft">
      With fewer than two people who avoid something, or more than seven, there is nothing to part.
    </p>
    <template v-else>
      <p class="soft">What stands above is for everybody. It may be worth baking two.</p>
      <UButton color="neutral" variant="outline" @click="look"
        >Weigh it against several batches</UButton
      >
    </template>
  </div>
</template>

<style scoped>
.going {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
progress {
  accent-color: var(--ginger);
  width: 200px;
}
.batches {
  list-style: none;
  padding: 8px 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
.batches li {
  display: flex;
  gap: 12px;
  align-items: start;
}
.nth {
  width: 30px;
  height: 30px;
  border-radius: 50%;
  background: var(--ginger-pale);
  display: grid;
  place-items: center;
  font-weight: 650;
  flex: none;
}
</style>
