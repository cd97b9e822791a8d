<script setup lang="ts">
import type { Conflict, Person } from '#core/people'
import type { RecipeEdit, Thing } from '#core/recipe'

/**
 * What no line lists and a step brings all the same, as lines of their own: grease, dust, fillings,
 * what it is served with, and words where food stands that nobody knows.
 */
const props = defineProps<{
  things: readonly Thing[]
  names: ReadonlyMap<string, string>
  people: readonly Person[]
  conflicts: readonly Conflict[]
}>()
const emit = defineEmits<{ edit: [edit: RecipeEdit]; go: [id: string] }>()

const rows = computed(() =>
  props.things.map(thing => {
    const own = props.conflicts.filter(
      c => c.where === 'step' && c.words === thing.words && c.ingredient === thing.ingredient,
    )
    const named = thing.ingredient ? props.names.get(thing.ingredient) : undefined
    return {
      thing,
      name: named ?? thing.words,
      step: thing.step ? `${thing.component}#${thing.step.at}` : '',
      marks: conflictMarks(props.people, own),
      because: [...new Set(own.map(c => c.because))].join('; '),
    }
  }),
)
const list = (thing: Thing, name: string) =>
  emit('edit', { do: 'add', component: thing.component, text: name })
</script>

<template>
  <section class="brought" aria-labelledby="brought">
    <h2 id="brought">Only the steps bring</h2>
    <p class="soft">No line lists these. They count like every line in who can eat this.</p>
    <ul>
      <li v-for="(row, i) in rows" :key="i">
        <button
          type="button"
          class="words"
          :aria-label="`Look at ${row.name}`"
          @click="emit('go', row.step)"
        >
          <span class="name">{{ row.thing.is === 'unknown' ? `“${row.name}”` : row.name }}</span>
          <span class="soft where">… {{ row.thing.words }} …</span>
          <span v-if="row.because" class="because">{{ row.because }}</span>
        </button>
        <span v-if="row.marks.length" class="marks">
          <PersonBead
            v-for="mark in row.marks"
            :key="mark.person.id"
            :person="mark.person"
            :state="mark.state"
            :size="28"
          />
        </span>
        <UButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-plus"
          :aria-label="`Make ${row.name} a line`"
          @click="list(row.thing, row.name)"
          >A line</UButton
        >
        <UButton
          v-if="row.thing.is === 'unknown'"
          color="neutral"
          variant="ghost"
          :aria-label="`${row.name} is nothing to eat`"
          @click="emit('edit', { do: 'no-food', words: row.thing.words })"
          >Nothing to eat</UButton
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.brought {
  padding-top: 16px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 10px;
  min-height: 56px;
  border-top: 1.5px dashed var(--line);
}
.words {
  flex: 1 1 240px;
  min-width: 0;
  min-height: 48px;
  padding: 6px;
  display: flex;
  flex-direction: column;
  text-align: left;
  border-radius: 10px;
  cursor: pointer;
}
.words:hover {
  background: var(--ground);
}
.name {
  font-size: 1.06rem;
}
.where,
.because {
  font-size: 0.9rem;
  overflow-wrap: anywhere;
}
.marks {
  display: flex;
  gap: 3px;
}
</style>
