<script setup lang="ts">
import {
  findingRows,
  type Finding,
  type Preview,
  type Reading,
  type RecipeEdit,
} from '#core/recipe'

/**
 * What a colleague would say about the reading, worst first, each with why it matters and its
 * corrections one key away; beside every correction stands what it would change.
 */
const props = defineProps<{
  reading: Reading
  ingredients: readonly { id: string; name: string }[]
  active: string | null
}>()
const emit = defineEmits<{
  edit: [edits: readonly RecipeEdit[]]
  look: [finding: Finding]
  call: [words: string, ingredient: string]
}>()

const order = { stop: 0, ask: 1, note: 2 }
const kinds = { stop: 'Needs an answer', ask: 'Please check', note: 'By the way' }
const sorted = computed(() =>
  [...props.reading.findings].sort((a, b) => order[a.severity] - order[b.severity]),
)
/** A long list says nothing: the worst come first, the others on demand. */
const atOnce = 5
const all = ref(false)
const shown = computed(() =>
  all.value
    ? sorted.value
    : sorted.value.slice(
        0,
        Math.max(atOnce, sorted.value.filter(f => f.severity === 'stop').length),
      ),
)
const options = computed(() =>
  props.ingredients.map(item => ({ label: item.name, value: item.id })),
)
const canSay = (f: Finding) =>
  f.lineId && ['unknown-ingredient', 'unread-words', 'ambiguous'].includes(f.code)

type Seen =
  | { readonly ok: true; readonly changes: readonly Preview[] }
  | { readonly ok: false; readonly sentence: string }
const previews = shallowRef<ReadonlyMap<string, readonly Seen[]>>(new Map())
// Only for what is shown, and a few at a time: what is pressed meanwhile is not kept waiting behind them.
const few = 6
watch(
  [() => props.reading, shown],
  async ([reading, findings], before) => {
    // What stands there stays until the new answer is there: text that goes and comes would move
    // what is about to be pressed.
    const anew = reading !== before?.[0]
    const asked = findings.filter(f => f.corrections.length && (anew || !previews.value.has(f.key)))
    for (let at = 0; at < asked.length; at += few) {
      const found = await useCore()
        .previews(reading, asked.slice(at, at + few))
        .catch(() => [])
      if (reading !== props.reading || findings !== shown.value) return
      previews.value = new Map([...previews.value, ...found])
    }
  },
  { immediate: true },
)
const short = (text: string | null) => {
  if (text === null) return ''
  return text.length > 90 ? `${text.slice(0, 88)} …` : text
}
function says(finding: Finding, i: number): string {
  const seen = previews.value.get(finding.key)?.[i]
  if (!seen) return ''
  if (!seen.ok) return seen.sentence
  const [first, ...rest] = seen.changes
  if (!first) return ''
  const more = rest.length
    ? `, and ${rest.length} more ${rest.length === 1 ? 'change' : 'changes'}`
    : ''
  if (first.before === null) return `comes in: ${short(first.after)}${more}`
  if (first.after === null) return `goes out: ${short(first.before)}${more}`
  // Of two long texts only what differs is shown.
  const [before, after] = [first.before, first.after]
  let same = 0
  while (same < before.length && before[same] === after[same]) same++
  const from = same > 30 ? before.lastIndexOf(' ', same - 12) + 1 : 0
  return (
    `${from ? '… ' : ''}${short(before.slice(from))} → ` +
    `${from ? '… ' : ''}${short(after.slice(from))}${more}`
  )
}

const remember = ref(true)
function say(finding: Finding, value: unknown) {
  if (!finding.lineId || typeof value !== 'string') return
  const words = /“([^”]+)”/u.exec(finding.sentence)?.[1]
  if (remember.value && finding.code === 'unknown-ingredient' && words) emit('call', words, value)
  else emit('edit', [{ do: 'say', lineId: finding.lineId, ingredient: value }])
}

const list = useTemplateRef<HTMLElement>('list')
/**
 * Figures press the corrections of the finding that has the focus; x puts it aside; arrows go from
 * one to the next.
 */
function pressed(event: KeyboardEvent, finding: Finding) {
  if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey) return
  const cards = [...(list.value?.querySelectorAll<HTMLElement>(':scope > li') ?? [])]
  const at = cards.indexOf(event.currentTarget as HTMLElement)
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    cards[at + (event.key === 'ArrowDown' ? 1 : -1)]?.focus()
    return
  }
  const correction = finding.corrections[Number(event.key) - 1]
  if (correction) {
    event.preventDefault()
    choose(correction.edits, at)
  }
  if (event.key === 'x' && finding.severity !== 'stop') {
    event.preventDefault()
    choose([{ do: 'dismiss', key: finding.key }], at)
  }
}
/** The finding that was just answered, and its place, until it is gone from the list. */
let answered: { readonly key: string; readonly at: number } | null = null
function choose(edits: readonly RecipeEdit[], at: number) {
  answered = { key: shown.value[at]!.key, at }
  emit('edit', edits)
}
const isElsewhere = () => {
  const focused = document.activeElement
  return focused !== null && focused !== document.body && !list.value?.contains(focused)
}
/** When an answered finding goes, the one that takes its place has the focus: one key follows another. */
watch(
  shown,
  findings => {
    if (!answered || findings.some(finding => finding.key === answered!.key)) return
    const cards = list.value?.querySelectorAll<HTMLElement>(':scope > li')
    if (!isElsewhere()) cards?.[Math.min(answered.at, cards.length - 1)]?.focus()
    answered = null
  },
  { flush: 'post' },
)
</script>

<template>
  <div>
    <ul ref="list" class="findings">
      <li
        v-for="(finding, at) in shown"
        :key="finding.key"
        :class="[finding.severity, { lit: active !== null && active === finding.lineId }]"
        tabindex="0"
        :aria-label="finding.sentence"
        @keydown="pressed($event, finding)"
        @focus="emit('look', finding)"
        @mouseenter="emit('look', finding)"
      >
        <p class="kind">{{ kinds[finding.severity] }}</p>
        <p class="sentence">{{ finding.sentence }}</p>
        <p class="why soft">{{ findingRows[finding.code] }}</p>
        <ul v-if="finding.corrections.length" class="corrections">
          <li v-for="(correction, i) in finding.corrections" :key="correction.label">
            <button type="button" class="correct" @click="choose(correction.edits, at)">
              <kbd aria-hidden="true">{{ i + 1 }}</kbd><span>{{ correction.label }}</span>
            </button>
            <p v-if="says(finding, i)" class="preview soft">{{ says(finding, i) }}</p>
          </li>
        </ul>
        <div class="acts">
          <USelectMenu
            v-if="canSay(finding)"
            :items="options"
            value-key="value"
            placeholder="It is …"
            :aria-label="`Say what “${finding.text}” is`"
            class="pick"
            :search-input="{ placeholder: 'Look for it' }"
            @update:model-value="say(finding, $event)"
          />
          <button
            v-if="finding.severity !== 'stop'"
            type="button"
            class="aside"
            @click="choose([{ do: 'dismiss', key: finding.key }], at)"
          >
            <kbd aria-hidden="true">x</kbd>Not a problem
          </button>
        </div>
        <label v-if="finding.code === 'unknown-ingredient'" class="remember"
          ><input v-model="remember" type="checkbox" /> from now on, in every bake of this
          house</label
        >
      </li>
    </ul>
    <button v-if="shown.length < sorted.length" type="button" class="back" @click="all = true">
      Show all {{ sorted.length }}
    </button>
    <button
      v-if="reading.settled?.length"
      type="button"
      class="back"
      @click="
        emit(
          'edit',
          (reading.settled ?? []).map(key => ({ do: 'recall' as const, key })),
        )
      "
    >
      {{ reading.settled.length }} put aside as no problem: bring back
    </button>
  </div>
</template>

<style scoped>
.findings {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 12px;
}
.findings > li {
  border-left: 4px solid var(--strand);
  padding: 4px 8px 6px 14px;
  border-radius: 4px 12px 12px 4px;
}
.findings > li.stop {
  border-left-color: var(--beet);
  border-left-style: double;
  border-left-width: 7px;
}
.findings > li.ask {
  border-left-color: var(--ginger);
}
.findings > li.lit {
  background: var(--ginger-pale);
}
.kind {
  font-weight: 650;
  font-size: 0.9rem;
}
.stop .kind {
  color: var(--beet);
}
.ask .kind {
  color: var(--ginger-ink);
}
.sentence {
  overflow-wrap: anywhere;
}
.why {
  font-size: 0.9rem;
  margin-top: 2px;
}
.lit .why,
.lit .preview {
  color: var(--ink);
}
.corrections {
  list-style: none;
  padding: 0;
  margin: 8px 0 0;
  display: grid;
  gap: 6px;
}
.correct {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  width: 100%;
  text-align: left;
  padding: 6px 12px;
  border-radius: 12px;
  background: var(--sheet);
  border: 1.5px solid var(--line);
  cursor: pointer;
  font-weight: 600;
  overflow-wrap: anywhere;
}
.correct:hover {
  border-color: var(--ginger);
}
kbd {
  font: 600 0.8rem var(--font-sans);
  min-width: 22px;
  height: 22px;
  border-radius: 6px;
  background: var(--ground);
  color: var(--soft);
  display: inline-grid;
  place-items: center;
  flex: none;
  border: 1px solid var(--line);
}
.preview {
  font-size: 0.88rem;
  padding: 3px 4px 0 12px;
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
  align-items: center;
}
.pick {
  min-width: 130px;
  flex: 1;
}
.aside,
.back {
  min-height: 44px;
  display: inline-flex;
  gap: 8px;
  align-items: center;
  padding: 0 8px;
  color: var(--soft);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  border-radius: 10px;
}
.remember {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  font-size: 0.92rem;
}
.remember input {
  width: 20px;
  height: 20px;
  accent-color: var(--ginger);
}
@media (pointer: coarse) {
  kbd {
    display: none;
  }
}
</style>
