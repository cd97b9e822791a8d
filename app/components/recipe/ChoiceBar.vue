<script setup lang="ts">
import type { Line } from '#core/recipe'

/**
 * What a line offers, each a press away; until one is taken it counts as each of them. On the line
 * itself the keys 1, 2, 3 … take them as well.
 */
const props = defineProps<{ line: Line }>()
const emit = defineEmits<{ take: [choice: number] }>()
const choices = computed(() => [
  { text: props.line.reads ?? props.line.text, condition: null },
  ...props.line.orElse.map(({ text, condition }) => ({ text, condition: condition ?? null })),
])
</script>

<template>
  <div class="choices" role="group" :aria-label="`Choices of ${line.text}`">
    <span class="soft">Take one; until then it counts as each:</span>
    <button
      v-for="(choice, i) in choices"
      :key="choice.text"
      type="button"
      class="choice"
      :aria-label="`Take ${choice.text}`"
      @click="emit('take', i)"
    >
      <kbd aria-hidden="true">{{ i + 1 }}</kbd>
      <span>{{ choice.text }}</span>
      <span v-if="choice.condition" class="soft">{{ choice.condition }}</span>
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  padding: 0 0 10px 98px;
  font-size: 0.95rem;
}
.choice {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 4px 12px;
  text-align: left;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  background: var(--sheet);
  font-weight: 600;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.choice:hover {
  border-color: var(--ginger);
}
.choice .soft {
  font-weight: 400;
}
kbd {
  font: 600 0.8rem var(--font-sans);
  min-width: 22px;
  height: 22px;
  border-radius: 6px;
  background: var(--ground);
  color: var(--soft);
  display: inline-grid;
  place-items: center;
  border: 1px solid var(--line);
}
@media (max-width: 760px) {
  .choices {
    padding-left: 0;
  }
}
@media (pointer: coarse) {
  kbd {
    display: none;
  }
}
</style>
