<script setup lang="ts">
import type { PeopleGroup, Person } from '#core/people'

/** Who sits at the table: a bead a person, pressed in or not; a set seats its people, and nobody else. */
const props = defineProps<{
  people: readonly Person[]
  label: string
  groups?: readonly PeopleGroup[]
}>()
const seated = defineModel<readonly string[]>({ required: true })
const toggle = (id: string) => {
  seated.value = seated.value.includes(id)
    ? seated.value.filter(p => p !== id)
    : props.people.map(p => p.id).filter(p => p === id || seated.value.includes(p))
}
</script>

<template>
  <fieldset class="who">
    <legend class="soft">{{ label }}</legend>
    <div class="row">
      <button
        v-for="person in people"
        :key="person.id"
        type="button"
        class="seat"
        :aria-pressed="seated.includes(person.id)"
        @click="toggle(person.id)"
      >
        <PersonBead :person="person" :size="32" label="" aria-hidden="true" />
        <span>{{ person.name }}</span>
      </button>
      <slot />
    </div>
    <div v-if="groups?.length" class="row sets">
      <span class="soft">or just</span>
      <button
        v-for="group in groups"
        :key="group.id"
        type="button"
        class="set"
        @click="seated = people.map(p => p.id).filter(id => group.people.includes(id))"
      >
        {{ group.name }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
.who {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 6px;
}
.seat {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 46px;
  padding: 5px 16px 5px 7px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  background: transparent;
  cursor: pointer;
  color: var(--soft);
}
.seat[aria-pressed='false'] :deep(svg) {
  opacity: 0.4;
}
.seat[aria-pressed='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  box-shadow: inset 0 0 0 1px var(--ginger);
  color: var(--ink);
  font-weight: 600;
}
.set {
  min-height: 44px;
  padding: 0 12px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  cursor: pointer;
}
</style>
