<script setup lang="ts">
import type { Plan } from '#core/swap'

/** What is done now, and the cautions that belong to it. */
defineProps<{ plan: Plan }>()
</script>

<template>
  <section class="sheet wide" aria-labelledby="steps">
    <h2 id="steps">What is done now</h2>
    <ol class="steps">
      <template v-for="component in plan.recipe.components" :key="component.name"
        ><li v-for="(step, i) in component.steps" :key="i">{{ step }}</li></template
      >
    </ol>
    <h2 v-if="plan.cautions.length" class="cautions">Cautions</h2>
    <ul class="plain">
      <li v-for="text in plan.cautions" :key="text">{{ text }}</li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
.steps {
  padding-left: 1.5em;
  display: grid;
  gap: 7px;
  list-style: decimal;
}
.steps li::marker {
  color: var(--soft);
  font-weight: 600;
}
.cautions {
  margin-top: 16px;
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
