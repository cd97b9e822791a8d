<script setup lang="ts">
import type { Conflict, Line, Person } from '#core'

/** One line of the recipe: its weight, the words as written, what they were read as, and who cannot eat it. */
const props = defineProps<{ line: Line, conflicts: readonly Conflict[], people: readonly Person[], readAs: string, refused: string }>()
const emit = defineEmits<{ retype: [text: string], remove: [] }>()

const editing = ref(false)
const explained = ref(false)
const text = ref('')
const field = useTemplateRef<HTMLInputElement>('field')
const opener = useTemplateRef<HTMLButtonElement>('opener')

async function edit() {
  text.value = props.line.text
  editing.value = true
  await nextTick()
  field.value?.focus()
}
async function leave(keep: boolean) {
  if (!editing.value) return
  editing.value = false
  if (keep && text.value !== props.line.text) emit('retype', text.value)
  await nextTick()
  opener.value?.focus()
}

const grams = computed(() => {
  const g = props.line.grams?.best
  return g === undefined ? '' : g >= 10 ? String(Math.round(g)) : g.toFixed(1)
})
const parts = computed(() => { const [whole, tenth] = grams.value.split('.'); return { whole, tenth: tenth ? `.${tenth}` : '' } })
const spread = computed(() => { const g = props.line.grams; return g && g.high - g.low > 0.02 * g.best ? `${round(g.low)}–${round(g.high)} g` : '' })
const round = (n: number) => n >= 10 ? Math.round(n) : Math.round(n * 10) / 10
const worst = ['contains', 'may contain', 'unknown'] as const
const marks = computed(() => props.people.flatMap(person => {
  const own = props.conflicts.filter(c => c.personId === person.id)
  const state = worst.find(s => own.some(c => c.state === s))
  return state ? [{ person, state, because: [...new Set(own.map(c => c.because))] }] : []
}))
</script>

<template>
  <li class="line" :class="{ hit: marks.some(m => m.state === 'contains') }">
    <div class="row">
      <span v-if="grams" class="grams"><b>{{ parts.whole }}</b><span class="tenth">{{ parts.tenth }}</span><span class="unit">g</span></span>
      <span v-else class="grams none" :title="line.evidence.how">{{ line.purpose ? 'a little' : '? g' }}</span>
      <form v-if="editing" class="editor" @submit.prevent="leave(true)">
        <input ref="field" v-model="text" class="input" :aria-label="`Correct the line ${line.text}`" @keydown.esc.prevent="leave(false)">
        <UButton type="submit" color="neutral" icon="i-lucide-check" aria-label="Keep this text" />
        <UButton color="neutral" variant="ghost" icon="i-lucide-trash-2" aria-label="Take this line out" @click="emit('remove')" />
      </form>
      <button v-else ref="opener" type="button" class="words" :aria-label="`Correct: ${line.text}`" @click="edit">
        <span class="written">{{ line.text }}</span>
        <span class="soft read">{{ readAs ? `read as ${readAs}` : 'not known' }}{{ line.evidence.how ? ` · ${line.evidence.how}` : '' }}</span>
      </button>
      <button v-if="marks.length" type="button" class="marks" :aria-expanded="explained" :aria-label="`Why not: ${marks.map(m => `${m.person.name} ${m.state}`).join(', ')}`" @click="explained = !explained">
        <PersonBead v-for="mark in marks" :key="mark.person.id" :person="mark.person" :state="mark.state" :size="28" />
      </button>
    </div>
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    <ul v-if="explained" class="why">
      <li v-for="mark in marks" :key="mark.person.id"><b>{{ mark.person.name }}</b>, {{ mark.state }}: {{ mark.because.join('; ') }}.</li>
      <li v-if="spread" class="soft">Between {{ spread }}, by how it is measured. Source: {{ line.evidence.source }}</li>
    </ul>
  </li>
</template>

<style scoped>
.line { border-top: 1.5px solid var(--line); list-style: none; }
.line:first-child { border-top: 0; }
.row { display: flex; align-items: center; gap: 14px; min-height: 56px; }
.grams { width: 84px; flex: none; display: grid; grid-template-columns: 1fr 22px 14px; text-align: right; align-items: baseline; font-size: 1.06rem; }
.grams b { font-weight: 650; }
.tenth { text-align: left; font-weight: 650; }
.unit { color: var(--soft); font-size: 0.95rem; }
.none { display: block; padding-right: 14px; color: var(--slate); font-style: italic; font-size: 0.95rem; }
.words { flex: 1; min-width: 0; text-align: left; display: flex; flex-direction: column; gap: 1px; padding: 7px 6px; border-radius: 10px; cursor: text; min-height: 48px; justify-content: center; }
.words:hover { background: var(--ground); }
.written { font-size: 1.06rem; overflow-wrap: anywhere; }
.hit .written { text-decoration: line-through; text-decoration-color: var(--beet); text-decoration-thickness: 1.5px; }
.read { font-size: 0.86rem; overflow-wrap: anywhere; }
.marks { display: flex; gap: 3px; min-height: 44px; min-width: 44px; align-items: center; justify-content: flex-end; padding: 0 4px; border-radius: 12px; cursor: pointer; }
.editor { flex: 1; display: flex; gap: 6px; min-width: 0; }
.input { flex: 1; min-width: 0; font: inherit; min-height: 46px; border: 1.5px solid var(--ginger); border-radius: 12px; padding: 0 12px; background: var(--ground); color: var(--ink); }
.refused { color: var(--beet); font-weight: 600; padding: 0 0 10px 98px; }
.why { margin: 0 0 10px 98px; padding: 10px 14px; background: var(--ground); border-radius: 12px; font-size: 0.95rem; display: grid; gap: 4px; }
@media (max-width: 760px) {
  .row { gap: 8px; padding: 4px 0; }
  .grams { width: 62px; grid-template-columns: 1fr 18px 12px; font-size: 1rem; }
  .marks { margin-left: auto; flex-wrap: wrap; max-width: 70px; padding: 0; }
  .words { padding: 6px 0; }
  .why, .refused { margin-left: 0; padding-left: 12px; }
}
</style>
