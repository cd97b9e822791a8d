<script setup lang="ts">
import type { Finding, RecipeEdit } from '#core'

/** What a colleague would say about the reading, worst first, each with its corrections one press away. */
const props = defineProps<{ findings: readonly Finding[], ingredients: readonly { id: string, name: string }[] }>()
const emit = defineEmits<{ edit: [edit: RecipeEdit] }>()

const order = { stop: 0, ask: 1, note: 2 }
const words = { stop: 'Needs an answer', ask: 'Please check', note: 'By the way' }
const sorted = computed(() => props.findings.map((finding, at) => ({ finding, at })).sort((a, b) => order[a.finding.severity] - order[b.finding.severity]))
const options = computed(() => props.ingredients.map(item => ({ label: item.name, value: item.id })))
const canSay = (f: Finding) => f.lineId && ['unknown-ingredient', 'unread-words', 'ambiguous'].includes(f.code)

function correct(finding: Finding, correction: Finding['corrections'][number]) {
  if (!finding.lineId) return
  if (correction.ingredient) emit('edit', { do: 'say', lineId: finding.lineId, ingredient: correction.ingredient })
  else if (correction.text) emit('edit', { do: 'retype', lineId: finding.lineId, text: correction.text })
}
const say = (finding: Finding, value: unknown) => { if (finding.lineId && typeof value === 'string') emit('edit', { do: 'say', lineId: finding.lineId, ingredient: value }) }
</script>

<template>
  <ul class="findings">
    <li v-for="{ finding, at } in sorted" :key="at" :class="finding.severity">
      <p class="kind">{{ words[finding.severity] }}</p>
      <p class="sentence">{{ finding.sentence }}</p>
      <p v-if="finding.text && finding.code !== 'weight-against-volume'" class="quote soft">“{{ finding.text.slice(0, 140) }}”</p>
      <div class="acts">
        <UButton v-for="correction in finding.corrections" :key="correction.label" color="neutral" variant="outline" size="md" @click="correct(finding, correction)">{{ correction.label }}</UButton>
        <USelectMenu v-if="canSay(finding)" :items="options" value-key="value" placeholder="It is …" :aria-label="`Say what “${finding.text}” is`" class="pick" :search-input="{ placeholder: 'Look for it' }" @update:model-value="say(finding, $event)" />
        <UButton v-if="finding.severity !== 'stop'" color="neutral" variant="ghost" size="md" @click="emit('edit', { do: 'dismiss', finding: at })">Not a problem</UButton>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.findings { list-style: none; padding: 0; margin: 0; display: grid; gap: 14px; }
li { border-left: 4px solid var(--strand); padding: 1px 0 1px 14px; }
li.stop { border-left-color: var(--beet); border-left-style: double; border-left-width: 7px; }
li.ask { border-left-color: var(--ginger); }
.kind { font-weight: 650; font-size: 0.9rem; }
.stop .kind { color: var(--beet); }
.ask .kind { color: var(--ginger-ink); }
.quote { font-size: 0.9rem; overflow-wrap: anywhere; }
.sentence { overflow-wrap: anywhere; }
.acts { display: flex; flex-wrap: wrap; gap: 6px; margin-top: 6px; }
.pick { min-width: 130px; flex: 1; }
</style>
