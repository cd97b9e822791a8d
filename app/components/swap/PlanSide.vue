<script setup lang="ts">
import type { Plan } from '#core/swap'

/** Beside the ledger: the plans on offer, taking one, its balance, how sure it is. */
const props = defineProps<{
  plan: Plan
  offered: readonly Plan[]
  names: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ take: [plan: Plan]; test: [plan: Plan] }>()
const looked = defineModel<string>('looked', { required: true })
const partAt = defineModel<number>('partAt', { required: true })
const current = useCurrentBake()
const plans = usePlans()
const isChosen = computed(() => current.bake?.plan?.id === props.plan.id)
const part = computed(() => props.plan.parts[partAt.value] ?? null)
/** The same plan before amounts were moved by hand. */
const computedPlan = computed(() =>
  props.plan.nudged ? (plans.adaptation?.plans.find(p => p.id === props.plan.id) ?? null) : null,
)
const confidence = computed(
  () => props.plan.confidence.charAt(0).toUpperCase() + props.plan.confidence.slice(1),
)
</script>

<template>
  <aside class="side">
    <PlanCards
      v-model="looked"
      :plans="offered"
      :kept="current.bake?.plan?.id ?? null"
      :names="names"
    />
    <p v-if="plans.planning" class="soft tiny going" role="status">
      Weighing more ways …
      <button type="button" class="stop" @click="plans.stopWorking()">Stop</button>
    </p>
    <UButton
      size="xl"
      color="neutral"
      block
      :disabled="isChosen"
      :icon="isChosen ? 'i-lucide-check' : undefined"
      @click="emit('take', plan)"
      >{{ isChosen ? 'This is your plan' : 'Take this plan' }}</UButton
    >
    <UButton
      v-if="computedPlan"
      color="neutral"
      variant="outline"
      block
      icon="i-lucide-rotate-ccw"
      @click="emit('take', computedPlan)"
      >As it was worked out</UButton
    >
    <PlanBalance v-if="part" v-model:part-at="partAt" :plan="plan" />
    <p class="sure" aria-live="polite">
      <b>{{ confidence }}.</b>
      {{ plan.confidenceBecause }} <span class="soft">{{ plan.restsOn }}</span>
    </p>
    <p v-if="plan.testPiece" class="piece">
      <b>A test piece first.</b> {{ plan.testPiece.says }}
      <button type="button" class="link" @click="emit('test', plan)">Size a test</button>
    </p>
    <HowItCame v-if="isChosen" />
  </aside>
</template>

<style scoped>
.side {
  grid-column: 2;
  grid-row: 1 / span 5;
  display: grid;
  gap: 12px;
}
.tiny {
  font-size: 0.9rem;
}
.sure {
  line-height: 1.35;
  font-size: 0.98rem;
}
.piece {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 10px 14px;
  line-height: 1.35;
}
.link {
  font-weight: 650;
}
.going {
  display: flex;
  gap: 8px;
  align-items: center;
}
.stop {
  min-height: 44px;
  padding: 0 10px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
@media (max-width: 1040px) {
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .side {
    order: -1;
  }
}
</style>
