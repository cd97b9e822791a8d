<script setup lang="ts">
import { noWords, type PacketReading } from '#core/packet'
import { cleaned, greyOf, skewOf, type Grey } from '~/composables/labelImage'
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
const turn = ref(0)
const tilt = ref(0)
const clean = ref(true)
const cut = reactive({ left: 0, right: 0, top: 0, bottom: 0 })
const sides = [
  ['left', 'Cut off left'],
  ['right', 'Cut off right'],
  ['top', 'Cut off top'],
  ['bottom', 'Cut off bottom'],
] as const
const view = useTemplateRef<HTMLCanvasElement>('view')
const words = shallowRef<readonly LabelWord[]>([])
const looked = ref(false)

const pixels = (canvas: HTMLCanvasElement) =>
  canvas
    .getContext('2d', { willReadFrequently: true })!
    .getImageData(0, 0, canvas.width, canvas.height)
function smaller(canvas: HTMLCanvasElement, width: number): Grey {
  const scale = Math.min(1, width / Math.max(canvas.width, canvas.height))
  const small = document.createElement('canvas')
  small.width = Math.max(1, Math.round(canvas.width * scale))
  small.height = Math.max(1, Math.round(canvas.height * scale))
  small.getContext('2d')!.drawImage(canvas, 0, 0, small.width, small.height)
  return greyOf(pixels(small))
}

watch(
  () => props.file,
  async file => {
    problem.value = ''
    words.value = []
    looked.value = false
    Object.assign(cut, { left: 0, right: 0, top: 0, bottom: 0 })
    turn.value = 0
    try {
      source.value = await photo.open(file, 2400)
      tilt.value = skewOf(smaller(source.value, 700))
    } catch (error) {
      problem.value = error instanceof Error ? error.message : 'This picture cannot be opened.'
    }
  },
  { immediate: true },
)

/** The picture as it is set: turned, straightened, cut. */
function prepared(): HTMLCanvasElement | null {
  const from = source.value
  if (!from) return null
  const quarter = turn.value % 180 !== 0
  const [w, h] = quarter ? [from.height, from.width] : [from.width, from.height]
  const whole = document.createElement('canvas')
  whole.width = w
  whole.height = h
  const ctx = whole.getContext('2d')!
  ctx.fillStyle = '#fff'
  ctx.fillRect(0, 0, w, h)
  ctx.translate(w / 2, h / 2)
  ctx.rotate(((turn.value - tilt.value) * Math.PI) / 180)
  ctx.drawImage(from, -from.width / 2, -from.height / 2)
  const [x, y] = [(w * cut.left) / 100, (h * cut.top) / 100]
  const out = document.createElement('canvas')
  out.width = Math.max(20, Math.round(w * (1 - (cut.left + cut.right) / 100)))
  out.height = Math.max(20, Math.round(h * (1 - (cut.top + cut.bottom) / 100)))
  out.getContext('2d')!.drawImage(whole, -x, -y)
  return out
}
function tidied(canvas: HTMLCanvasElement): HTMLCanvasElement {
  if (!clean.value) return canvas
  const grey = cleaned(greyOf(pixels(canvas)))
  const image = new ImageData(grey.width, grey.height)
  grey.data.forEach((v, i) => {
    image.data.set([v, v, v, 255], 4 * i)
  })
  const out = document.createElement('canvas')
  out.width = grey.width
  out.height = grey.height
  out.getContext('2d')!.putImageData(image, 0, 0)
  return out
}
/** Small print is read better when it is drawn larger. */
function enlarged(canvas: HTMLCanvasElement): HTMLCanvasElement {
  const scale = Math.min(2.5, Math.max(1, 1700 / canvas.width))
  if (scale === 1) return canvas
  const out = document.createElement('canvas')
  out.width = Math.round(canvas.width * scale)
  out.height = Math.round(canvas.height * scale)
  const ctx = out.getContext('2d')!
  ctx.imageSmoothingQuality = 'high'
  ctx.drawImage(canvas, 0, 0, out.width, out.height)
  return out
}

const shownCanvas = shallowRef<HTMLCanvasElement | null>(null)
let drawing = 0
watch(
  [source, turn, tilt, clean, cut],
  () => {
    // Set anew, so what was read of it stands no longer where it did.
    words.value = []
    looked.value = false
    const now = ++drawing
    requestAnimationFrame(() => {
      if (now !== drawing) return
      const canvas = prepared()
      shownCanvas.value = canvas && enlarged(tidied(canvas))
      void nextTick(draw)
    })
  },
  { immediate: true, deep: true },
)

/** What the words bring, worked out beside the page. */
const reading = shallowRef<PacketReading | null>(null)
watch(words, async now => {
  const found = await useCore().readFields({ ...noWords, statement: labelText(now).text })
  if (now === words.value) reading.value = found[0]?.reading ?? null
})
const stateOf = computed(() => {
  const { places } = labelText(words.value)
  const found = reading.value
  // Before every doubtful word is confirmed, nothing is marked but the doubts: half a verdict would
  // pass for one.
  const open = words.value.some(w => w.doubtful)
  const at = (
    list: readonly { start: number; end: number }[],
    [from, to]: readonly [number, number],
  ) => list.some(h => h.start < to && from < h.end)
  return places.map((place, i) =>
    words.value[i]!.doubtful
      ? ('doubt' as const)
      : open || !found
        ? null
        : at(found.contains, place)
          ? ('contains' as const)
          : at(found.mayContain, place)
            ? ('maybe' as const)
            : at(found.unknown, place)
              ? ('unknown' as const)
              : null,
  )
})
const colours = { doubt: '#4f5f74', contains: '#98274a', maybe: '#b97a12', unknown: '#4f5f74' }
function draw() {
  const canvas = view.value
  const from = shownCanvas.value
  if (!canvas || !from) return
  canvas.width = from.width
  canvas.height = from.height
  const ctx = canvas.getContext('2d')!
  ctx.drawImage(from, 0, 0)
  words.value.forEach((word, i) => {
    const state = stateOf.value[i]
    if (!state) return
    const { x0, y0, x1, y1 } = word.box
    ctx.lineWidth = Math.max(2, canvas.width / 400)
    ctx.strokeStyle = colours[state]
    ctx.setLineDash(state === 'contains' ? [] : state === 'maybe' ? [14, 6] : [4, 5])
    ctx.strokeRect(x0 - 4, y0 - 4, x1 - x0 + 8, y1 - y0 + 8)
    if (state === 'contains' || state === 'maybe') {
      ctx.globalAlpha = 0.18
      ctx.fillStyle = colours[state]
      ctx.fillRect(x0 - 4, y0 - 4, x1 - x0 + 8, y1 - y0 + 8)
      ctx.globalAlpha = 1
    }
  })
}
watch([words, stateOf], () => void nextTick(draw))

function give() {
  const kept = document.createElement('canvas')
  const from = shownCanvas.value!
  const scale = Math.min(1, 1200 / from.width)
  kept.width = Math.round(from.width * scale)
  kept.height = Math.round(from.height * scale)
  kept.getContext('2d')!.drawImage(from, 0, 0, kept.width, kept.height)
  emit('read', {
    text: labelText(words.value).text,
    unconfirmed: words.value.filter(w => w.doubtful).map(w => w.text),
    picture: kept.toDataURL('image/jpeg', 0.7),
  })
}
async function readIt() {
  const canvas = shownCanvas.value
  if (!canvas) return
  problem.value = ''
  try {
    const { lines } = await photo.recognise(canvas)
    words.value = labelWords(lines)
    looked.value = true
    if (!words.value.length)
      problem.value =
        'No words were found. Is the label in focus, and the right way up? Turn or cut it, ' +
        'and read once more.'
    else give()
  } catch {
    problem.value = 'The photo could not be read. Try again, or type what stands on the label.'
  }
}

const doubts = computed(() =>
  words.value.flatMap((word, i) => (word.doubtful ? [{ word, i }] : [])),
)
const snippets = computed(
  () =>
    new Map(
      doubts.value.slice(0, 3).map(({ word, i }) => {
        const from = shownCanvas.value
        if (!from) return [i, ''] as const
        const { x0, y0, x1, y1 } = word.box
        const [pad, out] = [12, document.createElement('canvas')]
        out.width = Math.max(1, x1 - x0 + 2 * pad)
        out.height = Math.max(1, y1 - y0 + 2 * pad)
        out.getContext('2d')!.drawImage(from, -x0 + pad, -y0 + pad)
        return [i, out.toDataURL('image/png')] as const
      }),
    ),
)
const typed = reactive<Record<number, string>>({})
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
  give()
  await nextTick()
  list.value?.querySelector<HTMLInputElement>('input')?.focus()
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
      <div class="tools">
        <UButton
          type="button"
          color="neutral"
          variant="outline"
          icon="i-lucide-rotate-ccw"
          aria-label="Turn left"
          @click="turn = (turn + 270) % 360"
        />
        <UButton
          type="button"
          color="neutral"
          variant="outline"
          icon="i-lucide-rotate-cw"
          aria-label="Turn right"
          @click="turn = (turn + 90) % 360"
        />
        <label class="slide"
          >straighten
          <input
            v-model.number="tilt"
            type="range"
            min="-15"
            max="15"
            step="0.5"
            aria-label="Straighten, in degrees"
          />
          {{ tilt }}°</label
        >
        <label class="check"><input v-model="clean" type="checkbox" /> clean</label>
        <details class="cuts">
          <summary>cut to the words</summary>
          <label v-for="[side, says] in sides" :key="side" class="slide"
            >{{ side }}
            <input
              v-model.number="cut[side]"
              type="range"
              min="0"
              max="45"
              step="1"
              :aria-label="says"
            />
            {{ cut[side] }} %</label
          >
        </details>
      </div>
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
      <div v-if="looked && words.length" ref="list" class="doubts">
        <p v-if="!doubts.length" role="status">
          <b>All words are confirmed.</b> Compare the text with the packet once more.
        </p>
        <template v-else>
          <p role="status">
            <b>{{ doubts.length }} {{ doubts.length === 1 ? 'word' : 'words' }} to confirm.</b
            >{{ ' ' }}<span class="soft">Until then nothing is said of this packet.</span>
          </p>
          <form
            v-for="{ word, i } in doubts.slice(0, 3)"
            :key="i"
            class="doubt"
            @submit.prevent="confirm(i)"
          >
            <img v-if="snippets.get(i)" :src="snippets.get(i)" alt="" class="snip" />
            <input
              :value="typed[i] ?? word.text"
              class="input"
              :aria-label="`Word on the label, read as ${word.text}`"
              @input="typed[i] = ($event.target as HTMLInputElement).value"
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
.slide,
.check {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.slide input {
  accent-color: var(--ginger);
  width: 130px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.cuts summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.cuts .slide {
  display: flex;
  justify-content: space-between;
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
.trouble {
  color: var(--beet);
  font-weight: 600;
}
</style>
