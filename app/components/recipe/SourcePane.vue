<script setup lang="ts">
import type { Span } from '#core/recipe'

/**
 * The text as it was read, word for word: the words of every line and step are a place to press,
 * and those of the line that is looked at light up.
 */
const props = defineProps<{
  source: string
  places: readonly { id: string; from: Span; label: string }[]
  /** What of it is left over. */
  left: readonly Span[]
  active: string | null
}>()
const emit = defineEmits<{ look: [id: string]; go: [id: string] }>()

const isLeft = ({ at, text }: Piece) =>
  props.left.some(([from, to]) => from < at + text.length && to > at)

interface Piece {
  readonly at: number
  readonly text: string
  readonly id: string | null
  readonly ids: readonly string[]
  readonly label: string
}
/** What no line or step stands in, parted where something is left over. */
function rest(out: Piece[], from: number, to: number) {
  const cuts = props.left
    .flatMap(span => [...span])
    .filter(at => at > from && at < to)
    .sort((a, b) => a - b)
  let start = from
  for (const end of [...cuts, to]) {
    out.push({ at: start, text: props.source.slice(start, end), id: null, ids: [], label: '' })
    start = end
  }
}
const pieces = computed<Piece[]>(() => {
  const sorted = [...props.places]
    .filter(p => p.from[1] <= props.source.length)
    .sort((a, b) => a.from[0] - b.from[0] || b.from[1] - a.from[1])
  const out: Piece[] = []
  let at = 0
  for (const place of sorted) {
    const [start, end] = place.from
    if (start < at) {
      // Two things of one line share its words.
      const last = out.at(-1)
      if (last?.id) out[out.length - 1] = { ...last, ids: [...last.ids, place.id] }
      continue
    }
    if (start > at) rest(out, at, start)
    out.push({
      at: start,
      text: props.source.slice(start, end),
      id: place.id,
      ids: [place.id],
      label: place.label,
    })
    at = end
  }
  if (at < props.source.length) rest(out, at, props.source.length)
  return out
})

const box = useTemplateRef<HTMLElement>('box')
watch(
  () => props.active,
  async () => {
    await nextTick()
    const mark = box.value?.querySelector<HTMLElement>('.lit')
    if (!mark || !box.value) return
    const [top, bottom] = [
      mark.offsetTop - box.value.offsetTop,
      mark.offsetTop - box.value.offsetTop + mark.offsetHeight,
    ]
    if (top < box.value.scrollTop || bottom > box.value.scrollTop + box.value.clientHeight)
      box.value.scrollTop = Math.max(0, top - box.value.clientHeight / 3)
  },
)
</script>

<template>
  <div ref="box" class="pane" tabindex="0" role="region" aria-label="The text as it was read">
    <template v-for="(piece, i) in pieces" :key="i">
      <button
        v-if="piece.id"
        type="button"
        class="words"
        :class="{ lit: active !== null && piece.ids.includes(active) }"
        :aria-label="`Look at ${piece.label}`"
        @click="emit('go', piece.id)"
        @focus="emit('look', piece.id)"
        @mouseenter="emit('look', piece.id)"
        v-text="piece.text"
      />
      <mark v-else-if="isLeft(piece)" class="over" v-text="piece.text" />
      <span v-else class="rest" v-text="piece.text" />
    </template>
  </div>
</template>

<style scoped>
.pane {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  font-size: 0.97rem;
  line-height: 1.55;
  background: var(--sheet);
  border-radius: 14px;
  padding: 14px 16px;
  max-height: min(62vh, 620px);
  overflow: auto;
  position: relative;
}
.words {
  display: inline;
  text-align: left;
  font: inherit;
  white-space: pre-wrap;
  padding: 1px 2px;
  margin: 0 -2px;
  border-radius: 5px;
  cursor: pointer;
  text-decoration: underline dotted var(--strand) 1.5px;
  text-underline-offset: 4px;
}
.words:hover {
  background: var(--ground);
}
.lit {
  background: var(--ginger-pale);
  text-decoration: underline solid var(--ginger) 2px;
}
/* Left over: told by its line as well as by its colour. */
.over {
  background: transparent;
  color: var(--beet);
  text-decoration: underline wavy var(--beet) 1.5px;
  text-underline-offset: 4px;
}
.rest {
  color: var(--soft);
}
</style>
