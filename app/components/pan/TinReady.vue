<script setup lang="ts">
import type { SizedUp } from '#core/pan'

/** How the tin is made ready, and what of that no line of the recipe names. */
defineProps<{ up: SizedUp }>()
const current = useCurrentBake()
const addLine = (text: string) => {
  const main = current.bake?.recipe.components[0]
  if (main) void current.edit({ do: 'add', component: main.name, text })
}
</script>

<template>
  <section class="sheet part" aria-labelledby="ready">
    <h2 id="ready">Making the tin ready</h2>
    <p>{{ up.liner?.says }}</p>
    <p v-if="up.liner?.missing" class="tiny">
      No line of the recipe greases it, and what is put on a tin is eaten too.
      <button type="button" class="link" @click="addLine(up.liner.missing)">
        Add “{{ up.liner.missing }}” to the recipe</button
      >, so that it is checked.
    </p>
    <ul v-if="up.remarks.length" class="plain soft">
      <li v-for="text in up.remarks" :key="text">{{ text }}</li>
    </ul>
  </section>
</template>

<style scoped>
.part {
  grid-column: 1;
  padding: 16px 22px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.tiny {
  font-size: 0.95rem;
  line-height: 1.35;
}
.plain {
  list-style: none;
  padding: 6px 0 0;
  margin: 0;
  display: grid;
  gap: 4px;
  font-size: 0.96rem;
}
.link {
  color: var(--ginger-ink);
}
@media (max-width: 1040px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
