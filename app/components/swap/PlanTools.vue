<script setup lang="ts">
import type { Plan, Sensitivity } from '#core/swap'

const PlanProfile = defineAsyncComponent(() => import('~/components/swap/PlanProfile.vue'))

/** Folded below the plan: sliders for each amount, two plans side by side, parting the table. */
const props = defineProps<{ plan: Plan; offered: readonly Plan[]; partAt: number }>()
const emit = defineEmits<{ nudge: [lineId: string, grams: number] }>()
const current = useCurrentBake()
const plans = usePlans()
const part = computed(() => props.plan.parts[props.partAt] ?? null)

const sensitivity = shallowRef<readonly Sensitivity[]>([])
const isOpen = ref(false)
watch(
  () => [isOpen.value, props.plan.id, plans.adaptation] as const,
  async ([open]) => {
    const { bake } = current
    if (!open || !bake) return
    sensitivity.value = await useCore().sensitivity(current.asked(bake), props.plan)
  },
)
const toggled = (event: Event) => {
  isOpen.value = (event.target as HTMLDetailsElement).open
}

const comparing = reactive({ left: '', right: '' })
watch(
  () => props.offered,
  offered => {
    const isOffered = (id: string) => offered.some(plan => plan.id === id)
    if (!isOffered(comparing.left)) comparing.left = offered[0]?.id ?? ''
    if (!isOffered(comparing.right) || comparing.right === comparing.left)
      comparing.right = offered.find(plan => plan.id !== comparing.left)?.id ?? ''
  },
  { immediate: true },
)
const compared = computed(() =>
  props.offered.filter(plan => plan.id === comparing.left || plan.id === comparing.right),
)
</script>

<template>
  <details class="sheet wide tool" @toggle="toggled">
    <summary>
      <h2>What if</h2>
      <span class="soft">a slider for each amount, and what it moves</span>
    </summary>
    <WhatIf
      v-if="isOpen && part && sensitivity.length"
      :plan="plan"
      :part="part"
      :sensitivity="sensitivity"
      :anew="current.stepped"
      @nudge="(lineId, grams) => emit('nudge', lineId, grams)"
    />
  </details>
  <details v-if="offered.length > 1" class="sheet wide tool">
    <summary>
      <h2>Two plans side by side</h2>
      <span class="soft">what goes in, and how far each measure moves</span>
    </summary>
    <PlanCompare v-model:left="comparing.left" v-model:right="comparing.right" :plans="offered" />
    <PlanProfile :plans="compared" />
  </details>
  <details v-if="current.table.length > 1" class="sheet wide tool">
    <summary>
      <h2>One for all, or several batches</h2>
      <span class="soft">whether parting the table is worth it</span>
    </summary>
    <SplitTable />
  </details>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
.tool {
  padding: 8px 24px;
  grid-column: 1 / -1;
}
.tool summary {
  display: flex;
  gap: 4px 14px;
  align-items: baseline;
  flex-wrap: wrap;
  cursor: pointer;
  min-height: 44px;
}
.tool summary h2 {
  margin: 0;
}
.tool[open] summary {
  margin-bottom: 8px;
}
@media (max-width: 1040px) {
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .wide {
    padding: 16px;
  }
}
</style>
