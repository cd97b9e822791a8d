<script setup lang="ts">
import { linesOf } from '#core'
import type { Bake } from '#core/share'
import type { Adaptation, Plan, Wishes } from '#core/swap'

/** Why there is no plan, what works instead, and where to go on. */
defineProps<{ bake: Bake; adaptation: Adaptation }>()
const current = useCurrentBake()
const emit = defineEmits<{ take: [plan: Plan]; wish: [wishes: Wishes] }>()

const refusals: Readonly<Record<string, string>> = {
  'already-fine': 'Nothing has to change',
  'not-advised': 'Better not this one',
}
</script>

<template>
  <section class="sheet refusal" aria-live="polite">
    <h1>
      {{ refusals[adaptation.verdict] ?? 'It cannot be worked out yet' }}
    </h1>
    <p v-for="why in adaptation.why" :key="why">{{ why }}</p>
    <UnreadNote v-if="adaptation.verdict === 'already-fine'" :bake="bake.id" />
    <div v-if="adaptation.instead.length" class="instead">
      <h2>What works instead</h2>
      <template v-if="adaptation.offer">
        <p>
          <b>{{ adaptation.offer.title }}</b>, worked out from what the recipe has.
          {{ adaptation.offer.confidenceBecause }}
        </p>
        <ul>
          <li v-for="line in linesOf(adaptation.offer.recipe)" :key="line.id">{{ line.text }}</li>
        </ul>
        <UButton color="neutral" @click="emit('take', adaptation.offer)">Take this instead</UButton>
      </template>
      <p v-for="text in adaptation.instead" v-else :key="text">{{ text }}</p>
    </div>
    <details v-if="adaptation.verdict === 'not-advised' && current.table.length > 1">
      <summary>
        <h2>One for all, or several batches</h2>
        <span class="soft">those who may eat it as it is need not go without</span>
      </summary>
      <SplitTable />
    </details>
    <WishBar
      v-if="adaptation.verdict !== 'not-advised'"
      :wishes="bake.wishes"
      :plan="null"
      open
      @wish="emit('wish', $event)"
    />
    <div class="ways">
      <UButton
        :to="`/recipe/${bake.id}`"
        color="neutral"
        variant="outline"
        icon="i-lucide-arrow-left"
        >Back to the recipe</UButton
      >
      <UButton
        v-if="adaptation.verdict === 'already-fine'"
        :to="`/share/${bake.id}`"
        color="neutral"
        >To the card</UButton
      >
      <UButton v-if="adaptation.verdict === 'not-advised'" to="/" color="neutral" variant="outline"
        >Try another dessert</UButton
      >
    </div>
  </section>
</template>

<style scoped>
.refusal {
  padding: 26px 30px;
  display: grid;
  gap: 14px;
  max-width: 760px;
}
.refusal h1 {
  font-size: 1.6rem;
  font-weight: 650;
}
.instead {
  background: var(--leaf-pale);
  border-radius: 14px;
  padding: 14px 18px;
}
.instead ul {
  margin: 10px 0 14px;
  padding-left: 1.2em;
  columns: 2;
}
summary {
  cursor: pointer;
}
summary h2 {
  display: inline;
}
summary .soft {
  display: block;
}
.ways {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
</style>
