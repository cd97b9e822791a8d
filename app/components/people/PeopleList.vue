<script setup lang="ts">
import type { Person } from '#core/people'
import { needsText } from '#core/share'

/** People with what each must not get; each can be changed, or leave. `ofBake` says whose guest one is. */
defineProps<{ people: readonly Person[]; ofBake?: (person: Person) => string }>()
const emit = defineEmits<{ change: [person: Person]; leave: [person: Person] }>()
/** Somebody of whom an older house did not ask which it is. */
const isUnasked = (person: Person) => person.avoids.some(avoid => avoid.unasked)
</script>

<template>
  <ul class="people">
    <li v-for="person in people" :key="person.id" class="sheet person">
      <PersonBead :person="person" :size="ofBake ? 40 : 48" />
      <div class="text">
        <h2>
          {{ person.name }}<span v-if="ofBake" class="soft"> for {{ ofBake(person) }}</span>
        </h2>
        <p class="soft">{{ needsText(person) }}</p>
        <p v-if="isUnasked(person)" class="unasked">
          Is it an allergy, an intolerance or a choice? An older house did not ask: until it is
          said, traces count.
        </p>
        <p v-if="person.note" class="note">To remember: {{ person.note }}</p>
      </div>
      <UButton
        color="neutral"
        variant="ghost"
        icon="i-lucide-pencil"
        :aria-label="`Change ${person.name}`"
        @click="emit('change', person)"
      />
      <UButton
        color="neutral"
        variant="ghost"
        icon="i-lucide-trash-2"
        :aria-label="`${person.name} leaves`"
        @click="emit('leave', person)"
      />
    </li>
  </ul>
</template>

<style scoped>
h2 {
  font-size: 1.12rem;
  font-weight: 640;
}
.people {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 10px;
}
.person {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 12px 14px 12px 18px;
}
.text {
  flex: 1;
  min-width: 0;
}
.note {
  border-left: 3px solid var(--strand);
  padding-left: 10px;
  margin-top: 4px;
  font-size: 0.96rem;
}
.unasked {
  border-left: 4px dashed var(--slate);
  padding-left: 10px;
}
</style>
