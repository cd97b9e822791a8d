<script setup lang="ts">
import type { Measure } from '#core/formula'
import type { Plan } from '#core/swap'

/** The balance of one part of the plan, and which part is looked at. */
const props = defineProps<{ plan: Plan }>()
const partAt = defineModel<number>('partAt', { required: true })
const current = useCurrentBake()
const part = computed(() => props.plan.parts[partAt.value] ?? null)
const where = async (component: string, measure: Measure) =>
  await useCore().contributions(current.bake!.recipe, props.plan, component, measure)
</script>

<template>
  <section v-if="part" aria-labelledby="balance">
    <div class="head">
      <h2 id="balance">The balance</h2>
      <span class="soft tiny still" :title="part.familyBecause"
        >green: still a {{ part.familyName.split(' or ')[0] }}</span
      >
    </div>
    <div v-if="plan.parts.length > 1" class="tabs" role="group" aria-label="Part">
      <button
        v-for="(p, i) in plan.parts"
        :key="p.component"
        type="button"
        class="tab"
        :aria-pressed="i === partAt"
        @click="partAt = i"
      >
        {{ p.component || 'main part' }}
      </button>
    </div>
    <BalanceWires :part="part" :where="where" />
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  white-space: nowrap;
}
.still {
  overflow: hidden;
  text-overflow: ellipsis;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.tiny {
  font-size: 0.9rem;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 6px;
}
.tab {
  min-height: 40px;
  padding: 0 14px;
  border-radius: 20px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  font-weight: 600;
}
</style>
