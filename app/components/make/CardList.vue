<script setup lang="ts">
import type { Counter, PlacedCard } from '#core/make'
import type { Saying } from '~/stores/make'

/** All cards of the making, to jump to one that may be begun. */
defineProps<{ counter: Counter }>()
const emit = defineEmits<{ say: [sayings: readonly Saying[]] }>()
const say = (sayings: readonly Saying[]) => emit('say', sayings)
const statusOf = (placed: PlacedCard) => {
  if (placed.is === 'running') return 'going on'
  if (placed.is !== 'over') return ''
  return placed.leftOut ? 'left out' : 'done'
}
/** A wait is not begun by hand: it begins with the end of what it follows. */
const cannotBegin = ({ is, card }: PlacedCard) =>
  is === 'over' || is === 'running' || (card.kind === 'wait' && card.after.length > 0)
</script>

<template>
  <details class="fold">
    <summary>All {{ counter.of }} cards</summary>
    <ol>
      <li v-for="each in counter.cards" :key="each.card.id">
        <button
          type="button"
          class="knuckle jump"
          :class="each.is"
          :disabled="cannotBegin(each)"
          @click="say([{ do: 'go', card: each.card.id }])"
        >
          <span class="is">{{ statusOf(each) }}</span>{{ each.card.says }}
        </button>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.jump {
  width: 100%;
  text-align: left;
  font-weight: 400;
  font-size: 1rem;
  padding: 8px 14px;
  background: var(--sheet);
}
.jump.over {
  opacity: 0.75;
}
.is {
  display: inline-block;
  min-width: 62px;
  color: var(--leaf);
  font-weight: 650;
}
.is:empty {
  display: none;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
</style>
