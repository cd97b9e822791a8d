<script setup lang="ts">
import { sayFacts, type Bake, type Person } from '#core'

/** The card as it is printed: what it is, what is in it, for whom it was checked, and what was not. */
const props = defineProps<{ bake: Bake, people: readonly Person[], claim: string | null, openPackets: number }>()
const recipe = computed(() => props.bake.plan?.recipe ?? props.bake.recipe)
const facts = computed(() => sayFacts(recipe.value).join(' · '))
</script>

<template>
  <article class="sheet card">
    <header>
      <h1>{{ bake.title }}</h1>
      <p class="soft">{{ bake.plan ? `Adapted: ${bake.plan.title.toLowerCase()} plan, ${bake.plan.confidence}` : 'As written; no plan is chosen yet' }}<template v-if="facts"> · {{ facts }}</template></p>
      <p class="beads"><PersonBead v-for="person in people" :key="person.id" :person="person" :size="30" /></p>
      <p class="claim" :class="{ open: !claim, unread: openPackets > 0 }">{{ claim ?? (people.length ? 'No claim can be made for this table yet: something in it conflicts or is not known.' : 'Checked for nobody.') }}</p>
    </header>
    <div class="body">
      <section v-for="component in recipe.components" :key="component.name">
        <h2 v-if="component.name">{{ component.name }}</h2>
        <div class="two">
          <ul><li v-for="line in component.lines" :key="line.id">{{ line.text }}</li></ul>
          <ol><li v-for="(step, i) in component.steps" :key="i">{{ step }}</li></ol>
        </div>
      </section>
    </div>
    <footer>
      <p v-if="bake.plan?.packets.length"><b>Packets to read:</b> {{ bake.plan.packets.map(p => `${p.name} (${p.lookFor.join(', ')})`).join('; ') }}.</p>
      <p v-if="bake.plan?.notes.length"><b>Good to know:</b> {{ bake.plan.notes.join(' ') }}</p>
      <p v-if="bake.plan?.cautions.length"><b>Cautions:</b> {{ bake.plan.cautions.join(' ') }}</p>
      <p class="soft">Not checked: what the packets in your kitchen say, traces from your own tools, religious certification. An emergency plan belongs to the family: ________________</p>
    </footer>
  </article>
</template>

<style scoped>
.card { padding: 28px 32px; display: grid; gap: 18px; }
h1 { font-size: 1.9rem; font-weight: 700; }
h2 { font-size: 1.1rem; font-weight: 650; margin-bottom: 6px; }
h2::first-letter { text-transform: uppercase; }
.beads { display: flex; gap: 6px; margin: 10px 0; flex-wrap: wrap; }
.claim { border-left: 4px solid var(--leaf); padding-left: 14px; font-weight: 600; }
/* Packets that nobody has read yet are unknown, and unknown never wears the green of what was found. */
.claim.unread { border-left: 4px dashed var(--slate); }
.claim.open { border-left-color: var(--slate); border-left-style: dashed; color: var(--slate); }
.body { display: grid; gap: 16px; }
.two { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr); gap: 26px; }
.two ul { list-style: none; padding: 0; margin: 0; display: grid; gap: 5px; align-content: start; }
.two ol { list-style: decimal; padding-left: 1.4em; margin: 0; display: grid; gap: 6px; align-content: start; }
li { overflow-wrap: anywhere; }
footer { display: grid; gap: 8px; font-size: 0.96rem; border-top: 1.5px solid var(--line); padding-top: 14px; }
@media (max-width: 760px) { .card { padding: 20px 18px; } .two { grid-template-columns: minmax(0, 1fr); gap: 14px; } }
@media print { .card { padding: 0; } }
</style>
