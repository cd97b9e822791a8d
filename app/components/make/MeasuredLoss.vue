<script setup lang="ts">
import type { BakeLoss, Card, LossRow } from '#core/make'

/** What a weighing before or after the oven says: what usually goes, and what went. */
defineProps<{
  card: Card
  row: LossRow
  /** Grams before the oven; null: it was not weighed. */
  before: number | null
  onScale: number | null
  loss: BakeLoss | null
  now: number
}>()
const percent = (share: number) => Math.round(100 * share)
</script>

<template>
  <p v-if="onScale !== null" class="figure">
    <b>{{ sayGrams(onScale) }}</b> g
  </p>
  <p v-if="card.weighing!.when === 'before'" class="soft">
    Usual: {{ percent(row.lost[0]) }} to {{ percent(row.lost[1]) }} % of it goes.
  </p>
  <p v-else-if="before !== null" class="soft">Before, it weighed {{ sayGrams(before) }} g.</p>
  <div v-if="loss" class="loss" role="status">
    <p>
      <b>{{ loss.says }}</b> {{ loss.what }}
    </p>
    <p v-if="loss.left !== null">
      At this pace about {{ sayLength(loss.left) }} more, until {{ sayHour(now + loss.left) }}.
    </p>
  </div>
</template>

<style scoped>
.figure {
  font-size: 1.8rem;
  color: var(--soft);
  line-height: 1;
  font-family: var(--font-title);
}
.figure b {
  font-size: clamp(4rem, 12vw, 6rem);
  color: var(--ink);
  font-weight: 750;
  letter-spacing: -0.03em;
}
.loss {
  background: var(--leaf-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
</style>
