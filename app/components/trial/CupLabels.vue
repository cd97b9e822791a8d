<script setup lang="ts">
import type { Trial } from '#core/trial'

/**
 * On paper: a label for each arm's tin, and one for each cup of a tasting that is not opened, to
 * cut apart. The cups' labels bear nothing but their code.
 */
const props = defineProps<{ trial: Trial; title: string }>()
const cups = computed(() =>
  props.trial.tastings
    .filter(t => !t.opened)
    .flatMap(t => t.servings.flatMap(s => s.cups.map(c => c.code))),
)
</script>

<template>
  <section class="labels" aria-hidden="true">
    <div v-for="arm in trial.arms" :key="arm.id" class="label">
      <b>{{ arm.letter }}</b><span>{{ title }}<br />{{ arm.says }}<br />{{ trial.begun }}</span>
    </div>
    <div v-for="code in cups" :key="code" class="label code">{{ code }}</div>
  </section>
</template>

<style scoped>
.labels {
  display: none;
}
@media print {
  .labels {
    display: grid;
    grid-template-columns: repeat(3, 58mm);
    gap: 4mm;
  }
  .label {
    border: 0.4mm dashed #888;
    border-radius: 3mm;
    height: 34mm;
    padding: 4mm;
    display: flex;
    gap: 4mm;
    font-size: 10pt;
    overflow: hidden;
    break-inside: avoid;
  }
  .label b {
    font-size: 26pt;
    line-height: 1;
  }
  .code {
    font-size: 30pt;
    font-weight: 700;
    align-items: center;
    justify-content: center;
  }
}
</style>
