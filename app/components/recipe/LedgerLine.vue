<script setup lang="ts">
import type { Caution, Conflict, Person } from '#core/people'
import type { Line } from '#core/recipe'

/**
 * One line of the recipe: its weight, the words as written, what they were read as, and who cannot
 * eat it. Enter corrects, arrows go from line to line, Alt with an arrow moves the line, Ctrl+Enter
 * parts it at the cursor, 1, 2, 3 take what it offers, Backspace at its start joins it with the
 * one above, Delete takes it out.
 */
const props = defineProps<{
  line: Line
  conflicts: readonly Conflict[]
  people: readonly Person[]
  readAs: string
  refused: string
  active: boolean
  cautions: readonly Caution[]
}>()
const emit = defineEmits<{
  retype: [text: string]
  remove: []
  split: [text: string, at: number]
  join: [text: string]
  move: [by: 1 | -1]
  below: []
  go: [by: 1 | -1, edit: boolean]
  look: []
  take: [choice: number]
}>()

const editing = ref(false)
/** The menu is made when it is asked for: four hundred of them would keep a long recipe from showing. */
const wanted = ref(false)
const explained = ref(false)
const text = ref('')
const current = useCurrentBake()
useDraft(`line/${current.bake?.id}/${props.line.id}`, reactive({ editing, text }))
watch(editing, is => {
  if (!is) text.value = ''
})
const field = useTemplateRef<HTMLInputElement>('field')
const opener = useTemplateRef<HTMLButtonElement>('opener')

async function edit() {
  text.value = props.line.text
  editing.value = true
  await nextTick()
  field.value?.focus()
}
async function leave(keep: boolean, focus = true) {
  if (!editing.value) return
  editing.value = false
  if (keep && text.value !== props.line.text) emit('retype', text.value)
  await nextTick()
  if (focus) opener.value?.focus()
}
defineExpose({ edit, focus: () => opener.value?.focus() })

function typed(event: KeyboardEvent) {
  const input = event.target as HTMLInputElement
  const at = input.selectionStart ?? 0
  if (event.key === 'Escape') {
    event.preventDefault()
    void leave(false)
  } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
    event.preventDefault()
    editing.value = false
    emit('split', text.value, at)
  } else if (event.key === 'Backspace' && at === 0 && input.selectionEnd === 0) {
    event.preventDefault()
    editing.value = false
    emit('join', text.value)
  } else if (event.key === 'Tab' && !event.ctrlKey) {
    event.preventDefault()
    void leave(true, false)
    emit('go', event.shiftKey ? -1 : 1, true)
  }
}
const pressed = onLineKey(() => props.line, {
  move: by => emit('move', by),
  go: by => emit('go', by, false),
  remove: () => emit('remove'),
  take: choice => emit('take', choice),
  below: () => emit('below'),
})

const menu = computed(() =>
  lineMenu(props.line.text, {
    edit,
    below: () => emit('below'),
    split: at => emit('split', props.line.text, at),
    join: () => emit('join', props.line.text),
    move: by => emit('move', by),
    remove: () => emit('remove'),
  }),
)

const spread = computed(() => {
  const g = props.line.grams
  return g && g.high - g.low > 0.02 * g.best ? `${round(g.low)}–${round(g.high)} g` : ''
})
const round = (n: number) => (n >= 10 ? Math.round(n) : Math.round(n * 10) / 10)
const marks = computed(() => conflictMarks(props.people, props.conflicts))
// The button that took a choice is gone with it.
watch(
  () => props.line.orElse.length,
  async (now, before) => {
    if (now || !before) return
    await nextTick()
    opener.value?.focus()
  },
)
</script>

<template>
  <li
    class="line"
    :class="{ hit: !line.orElse.length && marks.some(m => m.state === 'contains'), lit: active }"
    @mouseenter="emit('look')"
    @focusin="emit('look')"
  >
    <div class="row">
      <LineWeight :line="line" />
      <form v-if="editing" class="editor" @submit.prevent="leave(true)">
        <input
          ref="field"
          v-model="text"
          class="input"
          :aria-label="`Correct the line ${line.text}`"
          @keydown="typed"
        />
        <UButton type="submit" color="neutral" icon="i-lucide-check" aria-label="Keep this text" />
      </form>
      <button
        v-else
        ref="opener"
        type="button"
        class="words"
        :data-line="line.id"
        :aria-label="`Correct: ${line.text}`"
        @click="edit"
        @keydown="pressed"
      >
        <span class="written">{{ line.text }}</span>
        <span class="soft read"
          >{{ readAs ? `read as ${readAs}` : 'not known'
          }}{{ line.evidence.how ? ` · ${line.evidence.how}` : '' }}</span
        >
      </button>
      <button
        v-if="marks.length"
        type="button"
        class="marks"
        :aria-expanded="explained"
        :aria-label="`Why not: ${marks.map(m => `${m.person.name} ${m.state}`).join(', ')}`"
        @click="explained = !explained"
      >
        <PersonBead
          v-for="mark in marks"
          :key="mark.person.id"
          :person="mark.person"
          :state="mark.state"
          :size="28"
        />
      </button>
      <UButton
        v-if="!wanted"
        color="neutral"
        variant="ghost"
        icon="i-lucide-ellipsis"
        class="more"
        :aria-label="`More for ${line.text}`"
        aria-haspopup="menu"
        @click="wanted = true"
      />
      <UDropdownMenu v-else :items="menu" :content="{ align: 'end' }" default-open>
        <UButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-ellipsis"
          class="more"
          :aria-label="`More for ${line.text}`"
        />
      </UDropdownMenu>
    </div>
    <ChoiceBar v-if="line.orElse.length" :line="line" @take="emit('take', $event)" />
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    <div v-if="cautions.length" class="minds">
      <CautionNote v-for="caution in cautions" :key="caution.id" :caution="caution" />
    </div>
    <ul v-if="explained" class="why">
      <li v-for="mark in marks" :key="mark.person.id">
        <b>{{ mark.person.name }}</b>, {{ mark.state }}: {{ mark.because.join('; ') }}.<span
          v-if="mark.sources.length"
          class="soft"
        >
          By: {{ mark.sources.join('; ') }}</span
        >
      </li>
      <li v-if="spread" class="soft">
        Between {{ spread }}, by how it is measured. Source: {{ line.evidence.source }}
      </li>
    </ul>
  </li>
</template>

<style scoped>
.line {
  border-top: 1.5px solid var(--line);
  list-style: none;
}
.line:first-child {
  border-top: 0;
}
.lit {
  background: linear-gradient(90deg, var(--ginger-pale), transparent 70%);
  border-radius: 10px;
}
.row {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 56px;
}
.words {
  flex: 1;
  min-width: 0;
  text-align: left;
  display: flex;
  flex-direction: column;
  gap: 1px;
  padding: 7px 6px;
  border-radius: 10px;
  cursor: text;
  min-height: 48px;
  justify-content: center;
}
.words:hover {
  background: var(--ground);
}
.written {
  font-size: 1.06rem;
  overflow-wrap: anywhere;
}
.hit .written {
  text-decoration: line-through;
  text-decoration-color: var(--beet);
  text-decoration-thickness: 1.5px;
}
.read {
  font-size: 0.86rem;
  overflow-wrap: anywhere;
}
.lit .read {
  color: var(--ink);
}
.marks {
  display: flex;
  gap: 3px;
  min-height: 44px;
  min-width: 44px;
  align-items: center;
  justify-content: flex-end;
  padding: 0 4px;
  border-radius: 12px;
  cursor: pointer;
}
.more {
  min-width: 44px;
  min-height: 44px;
  justify-content: center;
}
.editor {
  flex: 1;
  display: flex;
  gap: 6px;
  min-width: 0;
}
.input {
  flex: 1;
  border-color: var(--ginger);
  background: var(--ground);
}
.refused {
  color: var(--beet);
  font-weight: 600;
  padding: 0 0 10px 98px;
}
.minds {
  padding-left: 92px;
}
.why {
  margin: 0 0 10px 98px;
  padding: 10px 14px;
  background: var(--ground);
  border-radius: 12px;
  font-size: 0.95rem;
  display: grid;
  gap: 4px;
}
@media (max-width: 760px) {
  .row {
    gap: 4px;
    padding: 4px 0;
  }
  .marks {
    margin-left: auto;
    flex-wrap: wrap;
    max-width: 66px;
    padding: 0;
  }
  .words {
    padding: 6px 0;
  }
  .minds {
    padding-left: 0;
  }
  .why,
  .refused {
    margin-left: 0;
    padding-left: 12px;
  }
}
</style>
