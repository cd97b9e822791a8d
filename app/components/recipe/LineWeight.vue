<script setup lang="ts">
import type { Line } from '#core/recipe'

/** What a line weighs, its tenths beside the others' tenths; “a little”, or a question. */
const props = defineProps<{ line: Line }>()
/** From so many grams on tenths are left out. */
const whole = 10
const parts = computed(() => {
  const best = props.line.grams?.best
  if (best === undefined) return null
  const [grams, tenth] = (best >= whole ? String(Math.round(best)) : best.toFixed(1)).split('.')
  return { grams, tenth: tenth ? `.${tenth}` : '' }
})
</script>

<template>
  <span v-if="parts" class="grams"
    ><b>{{ parts.grams }}</b
    ><span class="tenth">{{ parts.tenth }}</span
    ><span class="unit">g</span></span
  >
  <span v-else class="grams none" :title="line.evidence.how">{{
    line.purpose ? 'a little' : '? g'
  }}</span>
</template>

<style scoped>
.grams {
  width: 84px;
  flex: none;
  display: grid;
  grid-template-columns: 1fr 22px 14px;
  text-align: right;
  align-items: baseline;
  font-size: 1.06rem;
}
.grams b {
  font-weight: 650;
}
.tenth {
  text-align: left;
  font-weight: 650;
}
.unit {
  color: var(--soft);
  font-size: 0.95rem;
}
.none {
  display: block;
  padding-right: 14px;
  color: var(--slate);
  font-style: italic;
  font-size: 0.95rem;
}
@media (max-width: 760px) {
  .grams {
    width: 58px;
    grid-template-columns: 1fr 16px 11px;
    font-size: 1rem;
  }
}
</style>
