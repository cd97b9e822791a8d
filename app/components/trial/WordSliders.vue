<script setup lang="ts">
import { lexicon } from '#core/trial'

/** The words of the lexicon, each from 0 to 9 between its ends; what nobody said stays unsaid. */
const props = defineProps<{
  scores: readonly { readonly word: string; readonly value: number }[]
}>()
const emit = defineEmits<{ score: [word: string, value: number | null] }>()
const valueOf = (word: string) => props.scores.find(s => s.word === word)?.value ?? null
const usual = computed(() =>
  lexicon.filter(
    row => !row.off || valueOf(row.id) !== null || ['gumminess', 'crumbliness'].includes(row.id),
  ),
)
const offNotes = computed(() => lexicon.filter(row => !usual.value.includes(row)))
</script>

<template>
  <div class="words">
    <div v-for="row in usual" :key="row.id" class="word">
      <span class="name">{{ row.name }}</span><span class="end soft">{{ row.low }}</span>
      <input
        type="range"
        min="0"
        max="9"
        step="1"
        :class="{ unset: valueOf(row.id) === null }"
        :value="valueOf(row.id) ?? 4"
        :aria-label="`${row.name}: ${row.low} to ${row.high}`"
        :aria-valuetext="valueOf(row.id) === null ? 'not said' : String(valueOf(row.id))"
        @change="emit('score', row.id, Number(($event.target as HTMLInputElement).value))"
        @pointerup="emit('score', row.id, Number(($event.target as HTMLInputElement).value))"
      />
      <span class="end soft">{{ row.high }}</span><output>{{ valueOf(row.id) ?? '–' }}</output
      ><button
        type="button"
        class="un"
        :disabled="valueOf(row.id) === null"
        :aria-label="`Not said: ${row.name}`"
        @click="emit('score', row.id, null)"
      >
        ×
      </button>
    </div>
    <div class="row" role="group" aria-label="Does it taste of anything else">
      <span>Tastes</span
      ><button
        v-for="row in offNotes"
        :key="row.id"
        type="button"
        class="chip"
        @click="emit('score', row.id, 4)"
      >
        {{ row.name }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.words {
  display: grid;
  gap: 4px;
  min-width: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
.chip {
  min-height: 48px;
  padding: 0 16px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  background: var(--sheet);
}
.word {
  display: grid;
  grid-template-columns: 88px 74px minmax(120px, 1fr) 92px 26px 44px;
  gap: 10px;
  align-items: center;
}
.name {
  font-weight: 600;
}
.end {
  font-size: 0.92rem;
}
.end:nth-of-type(2) {
  text-align: right;
}
input[type='range'] {
  width: 100%;
  height: 48px;
  accent-color: var(--ginger);
}
input.unset {
  filter: grayscale(1);
  opacity: 0.4;
}
output {
  font-weight: 700;
  text-align: right;
}
.un {
  width: 44px;
  height: 44px;
  border-radius: 12px;
  font-size: 1.25rem;
  color: var(--soft);
  cursor: pointer;
}
.un:disabled {
  opacity: 0.25;
}
@media (max-width: 760px) {
  .word {
    grid-template-columns: 74px minmax(0, 1fr) 22px 44px;
    gap: 0 8px;
  }
  .word .end {
    display: none;
  }
}
</style>
