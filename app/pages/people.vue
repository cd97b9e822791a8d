<script setup lang="ts">
import { avoidableName, dietRows, type Bead, type Person } from '#core'

const house = useHouseStore()
const undo = useTakeBack()
useHead({ title: 'People' })

// The form brings a validator along, so it is fetched only when somebody opens it.
const PersonForm = defineAsyncComponent(() => import('~/components/people/PersonForm.vue'))
const open = ref<Person | 'new' | null>(null)
const beads = computed<readonly Bead[]>(() => house.people.filter(p => p !== open.value).flatMap(p => p.bead ?? []))

const needs = (person: Person) => [
  ...person.diets.map(id => dietRows.find(row => row.id === id)?.name ?? id),
  ...person.avoids.map(a => `${avoidableName(a.allergen)}${a.except?.length ? ` but not ${a.except.map(avoidableName).join(', ')}` : ''}${a.level === 'trace' ? ', traces too' : ''}`),
]
async function keep(person: Person) {
  await house.keepPerson(person)
  open.value = null
}
async function drop(person: Person) {
  await house.dropPerson(person.id)
  undo(`${person.name} has left the house.`, 'Bring back', () => house.keepPerson(person))
}
</script>

<template>
  <div class="page">
    <div class="head"><h1>Who eats</h1><UButton v-if="open === null" color="neutral" size="xl" icon="i-lucide-plus" @click="open = 'new'">Someone new</UButton></div>
    <section v-if="open !== null" class="sheet form">
      <PersonForm :key="open === 'new' ? 'new' : open.id" :person="open === 'new' ? null : open" :taken="beads" @keep="keep" @cancel="open = null" />
    </section>
    <p v-if="house.ready && !house.people.length && open === null" class="soft">Nobody lives here yet. Say who eats, and what each must not get; every recipe is then read for them.</p>
    <ul class="people">
      <li v-for="person in house.people" :key="person.id" class="sheet person">
        <PersonBead :person="person" :size="48" />
        <div class="text">
          <h2>{{ person.name }}</h2>
          <p class="soft">{{ needs(person).join(' · ') || 'avoids nothing' }}</p>
        </div>
        <UButton color="neutral" variant="ghost" icon="i-lucide-pencil" :aria-label="`Change ${person.name}`" @click="open = person" />
        <UButton color="neutral" variant="ghost" icon="i-lucide-trash-2" :aria-label="`${person.name} leaves`" @click="drop(person)" />
      </li>
    </ul>
    <p class="soft small">Ingwer helps a careful person; it does not diagnose and does not certify. Your allergist, the packet in your hand and the maker’s answer come first.</p>
  </div>
</template>

<style scoped>
.page { display: grid; gap: 14px; max-width: 860px; }
.head { display: flex; justify-content: space-between; align-items: center; gap: 12px; }
h1 { font-size: 1.7rem; font-weight: 700; }
h2 { font-size: 1.12rem; font-weight: 640; }
.form { padding: 22px; }
.people { list-style: none; padding: 0; margin: 0; display: grid; gap: 10px; }
.person { display: flex; align-items: center; gap: 16px; padding: 12px 14px 12px 18px; }
.text { flex: 1; min-width: 0; }
.small { font-size: 0.94rem; }
</style>
