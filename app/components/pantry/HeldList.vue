<script setup lang="ts">
import { avoidables } from '#core/pantry'

/** What an ingredient holds, by one degree of certainty; what `stays` comes with its name. */
defineProps<{ label: string; prompt: string; stays: (id: string) => boolean }>()
const held = defineModel<string[]>({ required: true })
const items = avoidables.map(a => ({ value: a.id, label: a.name }))
const nameOf = new Map(items.map(item => [item.value, item.label]))
const free = computed(() => items.filter(item => !held.value.includes(item.value)))
const add = (id: unknown) => {
  if (typeof id === 'string') held.value = [...held.value, id]
}
const takeOff = (id: string) => {
  held.value = held.value.filter(each => each !== id)
}
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <ul v-if="held.length" class="chips">
      <li v-for="id in held" :key="id">
        {{ nameOf.get(id) ?? id }}
        <span v-if="stays(id)" class="lock" role="img" aria-label="comes with the name"
          ><UIcon name="i-lucide-lock"
        /></span>
        <button
          v-else
          type="button"
          :aria-label="`Take ${nameOf.get(id) ?? id} off: ${label}`"
          class="off"
          @click="takeOff(id)"
        >
          <UIcon name="i-lucide-x" />
        </button>
      </li>
    </ul>
    <USelectMenu
      :key="held.length"
      :items="free"
      value-key="value"
      :placeholder="prompt"
      :aria-label="prompt"
      class="wide"
      @update:model-value="add"
    />
  </fieldset>
</template>

<style scoped>
.wide {
  width: 100%;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
  min-width: 0;
}
legend {
  font-weight: 650;
  margin-bottom: 4px;
}
.chips {
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chips li {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding-left: 14px;
  border-radius: 22px;
  background: var(--ground);
}
.lock {
  margin: 0 14px 0 8px;
  color: var(--soft);
}
.off {
  min-width: 44px;
  min-height: 44px;
  display: grid;
  place-items: center;
  border-radius: 22px;
  cursor: pointer;
}
</style>
