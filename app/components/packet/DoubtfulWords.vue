<script setup lang="ts">
import { cutOut } from '~/composables/labelCanvas'
import type { LabelWord } from '~/composables/labelText'

/** Words that the recogniser was unsure of, each beside its own piece of the picture, to be confirmed. */
const props = defineProps<{ canvas: HTMLCanvasElement | null }>()
const emit = defineEmits<{ confirmed: [] }>()
const words = defineModel<readonly LabelWord[]>({ required: true })
/** So many are asked for at once. */
const atOnce = 3
const doubts = computed(() =>
  words.value.flatMap((word, i) => (word.doubtful ? [{ word, i }] : [])),
)
const asked = computed(() =>
  doubts.value.slice(0, atOnce).map(({ word, i }) => ({
    word,
    i,
    picture: props.canvas ? cutOut(props.canvas, word.box) : '',
  })),
)
const typed = reactive<Record<number, string>>({})
const type = (i: number, event: Event) => {
  typed[i] = (event.target as HTMLInputElement).value
}
const list = useTemplateRef<HTMLElement>('list')
async function confirm(i: number, text = (typed[i] ?? words.value[i]!.text).trim()) {
  // A speck that is no word goes; the typed ones after it keep their places by being confirmed or
  // typed again.
  if (text)
    words.value = words.value.map((word, at) =>
      at === i ? { ...word, text, doubtful: false, sure: 100 } : word,
    )
  else {
    words.value = words.value.filter((_, at) => at !== i)
    for (const key of Object.keys(typed)) Reflect.deleteProperty(typed, key)
  }
  await nextTick()
  emit('confirmed')
  await nextTick()
  list.value?.querySelector<HTMLInputElement>('input')?.focus()
}
</script>

<template>
  <div ref="list" class="doubts">
    <p v-if="!doubts.length" role="status">
      <b>All words are confirmed.</b> Compare the text with the packet once more.
    </p>
    <template v-else>
      <p role="status">
        <b>{{ doubts.length }} {{ doubts.length === 1 ? 'word' : 'words' }} to confirm.</b>{{ ' '
        }}<span class="soft">Until then nothing is said of this packet.</span>
      </p>
      <form
        v-for="{ word, i, picture } in asked"
        :key="i"
        class="doubt"
        @submit.prevent="confirm(i)"
      >
        <img v-if="picture" :src="picture" alt="" class="snip" />
        <input
          :value="typed[i] ?? word.text"
          class="input"
          :aria-label="`Word on the label, read as ${word.text}`"
          @input="type(i, $event)"
        />
        <UButton type="submit" color="neutral" variant="outline" icon="i-lucide-check"
          >It is right</UButton
        >
        <UButton
          type="button"
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          :aria-label="`“${word.text}” is no word`"
          @click="confirm(i, '')"
        />
      </form>
    </template>
  </div>
</template>

<style scoped>
.doubts {
  display: grid;
  gap: 8px;
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 12px 14px;
  color: var(--ink);
}
.doubt {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.snip {
  height: 40px;
  max-width: 45%;
  object-fit: contain;
  background: #fff;
  border-radius: 8px;
}
.input {
  flex: 1;
  min-width: 120px;
}
</style>
