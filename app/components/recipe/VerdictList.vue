<script setup lang="ts">
import type { PeopleCheck, Person } from '#core'

/** Who can eat it as it is written: a sentence a person, never the word “safe”. */
const props = defineProps<{ people: readonly Person[]; check: PeopleCheck | null }>()
const rows = computed(() =>
  props.people.map(person => {
    const found = props.check?.people.find(p => p.personId === person.id)
    const brings = [
      ...new Set((found?.conflicts ?? []).filter(c => c.state === 'contains').map(c => c.words)),
    ]
    const open = new Set(
      (found?.conflicts ?? []).filter(c => c.state !== 'contains').map(c => c.words),
    ).size
    const state =
      found?.verdict === 'conflict'
        ? ('contains' as const)
        : found?.verdict === 'clear'
          ? undefined
          : ('unknown' as const)
    const says = !found
      ? 'being checked …'
      : found.verdict === 'conflict'
        ? `cannot eat ${brings.length} ${brings.length === 1 ? 'thing' : 'things'} in ` +
          `it${open ? `; ${open} not known` : ''}`
        : found.verdict === 'unknown'
          ? `not known yet: ${open} to read`
          : 'nothing found in what you entered'
    return { person, state, says }
  }),
)
</script>

<template>
  <ul class="verdicts">
    <li v-for="row in rows" :key="row.person.id">
      <PersonBead :person="row.person" :state="row.state" :size="34" />
      <span
        ><b>{{ row.person.name }}</b
        >{{ ' ' }}<span :class="row.state ?? 'none'">{{ row.says }}</span></span
      >
    </li>
    <li v-if="!people.length" class="soft">Nobody is at the table. Press a bead above.</li>
  </ul>
</template>

<style scoped>
.verdicts {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  line-height: 1.3;
}
.contains {
  color: var(--beet);
}
.unknown {
  color: var(--slate);
}
.none {
  color: var(--soft);
}
</style>
