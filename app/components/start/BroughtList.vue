<script setup lang="ts">
import type { Brought } from '~/composables/useBringIn'

/** What became of every file that was brought in, while it is read and after. */
defineProps<{ files: readonly Brought[]; done: number; busy: boolean }>()
const emit = defineEmits<{ close: [] }>()
const states = { waiting: 'waits', reading: 'being read …', read: 'read', refused: 'not read' }
</script>

<template>
  <section class="sheet brought" aria-live="polite" aria-label="Files brought in">
    <div class="head">
      <p>
        <b>{{
          busy
            ? `Reading ${Math.min(done + 1, files.length)} of ${files.length} …`
            : `${files.filter(f => f.state === 'read').length} of ${files.length} read`
        }}</b>
      </p>
      <UButton
        v-if="!busy"
        color="neutral"
        variant="ghost"
        icon="i-lucide-x"
        aria-label="Close this list"
        @click="emit('close')"
      />
    </div>
    <progress class="bar" :max="files.length" :value="done">
      {{ done }} of {{ files.length }}
    </progress>
    <ul>
      <li v-for="file in files" :key="file.name" :class="file.state">
        <span class="name">{{ file.name }}</span>
        <span class="soft">{{
          file.state === 'read' || file.state === 'refused' ? file.says : states[file.state]
        }}</span>
        <span v-if="file.bakes.length" class="links"
          ><NuxtLink
            v-for="bake in file.bakes.slice(0, 5)"
            :key="bake.id"
            :to="`/recipe/${bake.id}`"
            >{{ bake.title }}</NuxtLink
          ></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.brought {
  padding: 14px 18px;
  margin-top: 16px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
}
.bar {
  width: 100%;
  height: 8px;
  accent-color: var(--ginger);
}
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  max-height: 320px;
  overflow: auto;
}
li {
  padding: 8px 0;
  border-top: 1.5px solid var(--line);
  display: grid;
  gap: 2px;
}
li:first-child {
  border-top: 0;
}
.name {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.refused .soft {
  color: var(--beet);
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.links a {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 34px;
  display: inline-flex;
  align-items: center;
}
</style>
