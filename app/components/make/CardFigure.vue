<script setup lang="ts">
import type { Card } from '#core/make'

/** The figure of a card, in the largest type: grams, spoons, minutes. */
defineProps<{
  card: Card
  target: number | null
  /** On the scale now, in grams; null: no scale is used. */
  onScale: number | null
  isTopUp: boolean
  isSmall: boolean
}>()
</script>

<template>
  <template v-if="card.kind === 'weigh'">
    <p v-if="onScale !== null" class="figure">
      <b>{{ sayGrams(onScale) }}</b> of {{ sayGrams(target!) }} g<template v-if="isTopUp">
        more</template
      >
    </p>
    <p v-else-if="target !== null && !isSmall" class="figure">
      <b>{{ sayGrams(target) }}</b> g<template v-if="isTopUp"> more</template
      ><span v-if="card.item!.spoons && !isTopUp" class="spoons">{{ card.item!.spoons }}</span>
    </p>
    <p v-else-if="isSmall" class="figure">
      <b class="words">{{ card.item!.spoons }}</b><span class="spoons"
        >{{ sayGrams(target!) }} g</span
      >
    </p>
    <p v-else class="figure">
      <b class="words">{{ card.item!.says }}</b>
    </p>
    <p class="soft for">
      {{ card.item!.says }}<template v-if="card.item!.for">. For: {{ card.item!.for }}</template>
    </p>
  </template>
  <p v-else-if="card.kind === 'bake'" class="figure">
    <b>{{ Math.round(card.minutes) }}</b> min<span v-if="card.celsius" class="spoons"
      >at {{ Math.round(card.celsius) }} °C</span
    >
  </p>
  <p v-else-if="card.kind === 'do' && card.minutes >= 2" class="soft for">
    about {{ Math.round(card.minutes) }} min
  </p>
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
.figure b.words {
  font-size: clamp(2.2rem, 7vw, 3.4rem);
}
.spoons {
  margin-left: 18px;
  font-size: 1.35rem;
}
.for {
  font-size: 1.06rem;
}
</style>
