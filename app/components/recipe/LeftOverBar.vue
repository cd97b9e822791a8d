<script setup lang="ts">
import type { LeftOver, RecipeEdit } from '#core/recipe'

/**
 * What of the text is in no line, step or fact: each is placed by one press, and until then
 * nothing is claimed.
 */
const props = defineProps<{ left: readonly LeftOver[]; component: string }>()
const emit = defineEmits<{ edit: [edit: RecipeEdit]; show: [] }>()
const place = (words: string, as: 'line' | 'step' | 'remark') =>
  emit('edit', { do: 'place', words, as, component: props.component })
const ways = [
  { as: 'line', label: 'An ingredient', says: 'an ingredient' },
  { as: 'step', label: 'A step', says: 'a step' },
  { as: 'remark', label: 'Nothing to eat', says: 'nothing to eat' },
] as const
const short = (words: string) => (words.length > 120 ? `${words.slice(0, 118)} …` : words)
</script>

<template>
  <section class="left" aria-labelledby="left">
    <div class="top">
      <h2 id="left">
        {{ left.length === 1 ? 'One piece is left over' : `${left.length} pieces are left over` }}
      </h2>
      <button type="button" class="show" @click="emit('show')">Show in the text</button>
    </div>
    <p class="soft">
      I could not tell what this is. It may be something to eat, so nothing is claimed until you
      say.
    </p>
    <ul>
      <li v-for="one in left" :key="one.words">
        <span class="words">“{{ short(one.words) }}”</span>
        <span class="acts">
          <UButton
            v-for="way in ways"
            :key="way.as"
            color="neutral"
            variant="outline"
            :aria-label="`${one.words} is ${way.says}`"
            @click="place(one.words, way.as)"
            >{{ way.label }}</UButton
          >
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.left {
  margin: 10px 0 4px;
  padding: 12px 16px 14px;
  border: 2px dashed var(--beet);
  border-radius: 14px;
  background: var(--ground);
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
}
h2 {
  font-size: 1.1rem;
  font-weight: 650;
  color: var(--beet);
}
.show {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
ul {
  list-style: none;
  padding: 0;
  margin: 8px 0 0;
  display: grid;
  gap: 10px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
}
.words {
  font-size: 1.06rem;
  flex: 1 1 220px;
  min-width: 0;
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
