<script setup lang="ts">
import {
  keptPicture,
  labelCanvas,
  leanOf,
  markWord,
  type LabelSetting,
} from '~/composables/labelCanvas'
import { labelText, labelWords, type LabelWord } from '~/composables/labelText'

/**
 * A photo of a label: straightened, cut, cleaned, read here in the browser, with every word marked
 * over the picture by what it brings. Words that the recogniser was unsure of are confirmed by
 * hand, one after the other; until then they count as not known.
 */
const props = defineProps<{ file: File }>()
const emit = defineEmits<{
  read: [found: { text: string; unconfirmed: readonly string[]; picture: string }]
  close: []
}>()

const photo = usePhotoText()
const problem = ref('')
const source = shallowRef<HTMLCanvasElement | null>(null)
const asTaken: LabelSetting = {
  turn: 0,
  tilt: 0,
  clean: true,
  cut: { left: 0, right: 0, top: 0, bottom: 0 },
}
const setting = shallowRef(asTaken)
const view = useTemplateRef<HTMLCanvasElement>('view')
const words = shallowRef<readonly LabelWord[]>([])
const looked = ref(false)
/** The longest side that a photo is worked on with, in pixels. */
const longestSide = 2400

watch(
  () => props.file,
  async file => {
    problem.value = ''
    words.value = []
    looked.value = false
    try {
      const canvas = await photo.open(file, longestSide)
      setting.value = { ...asTaken, clean: setting.value.clean, tilt: leanOf(canvas) }
      source.value = canvas
    } catch (error) {
      problem.value = error instanceof Error ? error.message : 'This picture cannot be opened.'
    }
  },
  { immediate: true },
)

const shownCanvas = shallowRef<HTMLCanvasElement | null>(null)
let drawing = 0
watch(
  [source, setting],
  () => {
    // Set anew, so what was read of it stands no longer where it did.
    words.value = []
    looked.value = false
    const now = ++drawing
    requestAnimationFrame(() => {
      if (now !== drawing) return
      shownCanvas.value = source.value && labelCanvas(source.value, setting.value)
      void nextTick(draw)
    })
  },
  { immediate: true },
)

const marks = useLabelMarks(words)
function draw() {
  const canvas = view.value
  const from = shownCanvas.value
  if (!canvas || !from) return
  canvas.width = from.width
  canvas.height = from.height
  const ctx = canvas.getContext('2d')!
  ctx.drawImage(from, 0, 0)
  for (const [i, { box }] of words.value.entries()) {
    const mark = marks.value[i]
    if (mark) markWord(ctx, box, mark)
  }
}
watch([words, marks], () => void nextTick(draw))

const give = () =>
  emit('read', {
    text: labelText(words.value).text,
    unconfirmed: words.value.filter(word => word.doubtful).map(word => word.text),
    picture: keptPicture(shownCanvas.value!),
  })
async function readIt() {
  const canvas = shownCanvas.value
  if (!canvas) return
  problem.value = ''
  try {
    const { lines } = await photo.recognise(canvas)
    words.value = labelWords(lines)
    looked.value = true
    if (words.value.length) give()
    else
      problem.value =
        'No words were found. Is the label in focus, and the right way up? Turn or cut it, ' +
        'and read once more.'
  } catch {
    problem.value = 'The photo could not be read. Try again, or type what stands on the label.'
  }
}
</script>

<template>
  <section class="label" aria-label="Photo of the label">
    <p v-if="problem" class="trouble" role="alert">{{ problem }}</p>
    <template v-if="source">
      <canvas
        ref="view"
        class="view"
        role="img"
        :aria-label="
          looked ? `The label, ${words.length} words read` : 'The label as it will be read'
        "
      />
      <LabelTools v-model="setting" />
      <p v-if="photo.progress.value !== null" role="status" class="busy">
        Reading the label, here in this browser …
        {{ Math.round(100 * photo.progress.value) }} %<progress
          :value="photo.progress.value"
          max="1"
        />
      </p>
      <div class="acts">
        <UButton
          type="button"
          color="neutral"
          icon="i-lucide-scan-text"
          :disabled="photo.progress.value !== null"
          @click="readIt"
          >{{ looked ? 'Read it once more' : 'Read the label' }}</UButton
        >
        <UButton type="button" color="neutral" variant="ghost" @click="emit('close')"
          >Put the photo away</UButton
        >
      </div>
      <DoubtfulWords
        v-if="looked && words.length"
        v-model="words"
        :canvas="shownCanvas"
        @confirmed="give"
      />
    </template>
  </section>
</template>

<style scoped>
.label {
  display: grid;
  gap: 10px;
}
.view {
  width: 100%;
  max-height: 380px;
  object-fit: contain;
  border-radius: 12px;
  background: #fff;
}
.tools,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.busy {
  display: grid;
  gap: 6px;
}
.busy progress {
  width: 100%;
  height: 8px;
  accent-color: var(--ginger);
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
</style>
