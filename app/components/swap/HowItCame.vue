<script setup lang="ts">
import type { Result } from '#core/swap'

/** How the chosen plan came out today: the word about it learns from that. */
const current = useCurrentBake()
const plans = usePlans()
const results: readonly { readonly result: Result; readonly says: string }[] = [
  { result: 'worked', says: 'It worked' },
  { result: 'fair', says: 'So-so' },
  { result: 'failed', says: 'It failed' },
]
const resultToday = computed(() => current.bake?.baked?.find(b => b.on === today())?.result ?? null)
const say = (result: Result) => plans.baked(resultToday.value === result ? null : result)
</script>

<template>
  <div class="came">
    <p id="came" class="soft tiny">Baked it today? The word above learns from it.</p>
    <div class="tabs" role="group" aria-labelledby="came">
      <button
        v-for="r in results"
        :key="r.result"
        type="button"
        class="tab"
        :aria-pressed="resultToday === r.result"
        @click="say(r.result)"
      >
        {{ r.says }}
      </button>
    </div>
  </div>
</template>

<style scoped>
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
.came {
  display: grid;
  gap: 4px;
}
</style>
