<script setup lang="ts">
import type { ContactPlan, Person } from '#core/people'

/** What to do against traces before and while this is baked, in order, ticked off as it is done. */
const props = defineProps<{
  plan: ContactPlan
  people: readonly Person[]
  ticked: readonly string[]
}>()
defineEmits<{ tick: [key: string] }>()
const stages = [
  ['order', 'Order'],
  ['tools', 'Tools'],
  ['surfaces', 'Table and oven'],
  ['storage', 'Afterwards'],
] as const
const who = computed(() => props.people.filter(p => props.plan.people.includes(p.id)))
const done = computed(() => props.plan.steps.filter(s => props.ticked.includes(s.key)).length)
</script>

<template>
  <section v-if="plan.steps.length" class="contact" aria-labelledby="contact">
    <h2 id="contact">
      Against traces <span class="soft count">{{ done }} of {{ plan.steps.length }} done</span>
    </h2>
    <p class="for">
      <PersonBead v-for="p in who" :key="p.id" :person="p" :size="28" />{{ ' '
      }}<span>for {{ who.map(p => p.name).join(', ') }}: {{ plan.against.join(', ') }}</span>
    </p>
    <div v-for="[stage, title] in stages" :key="stage" class="stage">
      <template v-if="plan.steps.some(s => s.stage === stage)">
        <h3>{{ title }}</h3>
        <label
          v-for="step in plan.steps.filter(s => s.stage === stage)"
          :key="step.key"
          class="step"
          :class="{ done: ticked.includes(step.key) }"
        >
          <input
            type="checkbox"
            :checked="ticked.includes(step.key)"
            @change="$emit('tick', step.key)"
          /><span
            >{{ step.says }} <span class="soft small">{{ step.because }}</span></span
          >
        </label>
      </template>
    </div>
  </section>
</template>

<style scoped>
.contact {
  display: grid;
  gap: 6px;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.count {
  font-weight: 400;
  font-size: 0.95rem;
  font-family: var(--font-sans);
  margin-left: 8px;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
  margin-top: 6px;
}
.for {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.step {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  min-height: 46px;
  padding: 8px 0;
  cursor: pointer;
}
.step input {
  width: 26px;
  height: 26px;
  flex: none;
  accent-color: var(--leaf);
  margin-top: 1px;
}
.done {
  color: var(--soft);
  text-decoration: line-through;
  text-decoration-thickness: 1px;
}
.small {
  font-size: 0.92rem;
}
</style>
