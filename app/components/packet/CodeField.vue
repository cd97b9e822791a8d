<script setup lang="ts">
import { readCode } from '#core/packet'
import { simulatedLookUp, type FoundPacket } from '~/ports/packetLookUp'

/**
 * A packet's code, typed, or found in a picture or by the camera; looked up behind a port whose
 * stand-in says that it is one.
 */
const code = defineModel<string>({ required: true })
const emit = defineEmits<{ found: [packet: FoundPacket] }>()

const finder = useCodeFinder()
const problem = ref('')
const says = ref('')
const busy = ref(false)
let stop: AbortController | null = null
const picker = useTemplateRef<HTMLInputElement>('picker')
const video = useTemplateRef<HTMLVideoElement>('video')
const watching = ref(false)
let stream: MediaStream | null = null

async function look(typed = code.value) {
  problem.value = ''
  says.value = ''
  const read = readCode(typed)
  if (!read.ok) {
    problem.value = read.problem.sentence
    return
  }
  code.value = read.code
  busy.value = true
  stop = new AbortController()
  const answer = await simulatedLookUp.find(read.code, stop.signal)
  busy.value = false
  if (!answer.ok) {
    problem.value = answer.sentence
    return
  }
  says.value =
    `Found “${answer.packet.name}”${answer.simulated ? ', in the simulated look-up' : ''}. ` +
    'Compare every word with the packet in your hand; it does not count as read yet.'
  emit('found', answer.packet)
}
async function fromPicture(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = ''
  try {
    const found = await finder.find(await createImageBitmap(file))
    if (found) {
      code.value = found
      await look(found)
    } else
      problem.value =
        'No code was found in this picture. Hold the bars flat and near, or type the digits.'
  } catch {
    problem.value =
      'This picture could not be looked at. Type the digits that stand under the bars.'
  }
}
async function camera() {
  problem.value = ''
  try {
    stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
  } catch {
    problem.value = 'No camera can be used here. Take a picture, or type the digits.'
    return
  }
  watching.value = true
  await nextTick()
  if (!video.value) return
  video.value.srcObject = stream
  await video.value.play().catch(() => undefined)
  while (watching.value && video.value) {
    const found = await finder.find(video.value).catch(() => null)
    if (found) {
      shut()
      code.value = found
      await look(found)
      return
    }
    await new Promise(resolve => setTimeout(resolve, 250))
  }
}
function shut() {
  watching.value = false
  stream?.getTracks().forEach(track => track.stop())
  stream = null
}
onBeforeUnmount(() => {
  shut()
  stop?.abort()
})
</script>

<template>
  <div class="code">
    <label class="field"
      ><span>Code under the bars</span>
      <span class="row"
        ><input
          v-model="code"
          class="input"
          inputmode="numeric"
          autocomplete="off"
          placeholder="13 digits"
          @keydown.enter.prevent="look()"
        />
        <UButton
          v-if="!busy"
          type="button"
          color="neutral"
          variant="outline"
          icon="i-lucide-search"
          @click="look()"
          >Look up</UButton
        >
        <UButton
          v-else
          type="button"
          color="neutral"
          variant="outline"
          icon="i-lucide-x"
          @click="stop?.abort()"
          >Stop</UButton
        >
      </span>
    </label>
    <div class="row">
      <UButton
        type="button"
        color="neutral"
        variant="ghost"
        icon="i-lucide-image"
        @click="picker?.click()"
        >From a picture</UButton
      >
      <UButton
        type="button"
        color="neutral"
        variant="ghost"
        icon="i-lucide-video"
        @click="watching ? shut() : camera()"
        >{{ watching ? 'Stop the camera' : 'By camera' }}</UButton
      >
      <input
        ref="picker"
        type="file"
        accept="image/*"
        class="sr-only"
        tabindex="-1"
        aria-label="Picture of a packet’s code"
        @change="fromPicture"
      />
      <span class="sign">simulated look-up: invented packets only</span>
    </div>
    <video
      v-if="watching"
      ref="video"
      class="video"
      muted
      playsinline
      aria-label="What the camera sees"
    />
    <p v-if="busy" role="status" class="soft">Looking …<progress class="bar" /></p>
    <p v-if="problem" class="trouble" role="alert">{{ problem }}</p>
    <p v-if="says" role="status">{{ says }}</p>
  </div>
</template>

<style scoped>
.code {
  display: grid;
  gap: 8px;
}
.field {
  display: grid;
  gap: 6px;
  font-weight: 600;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  font-weight: 400;
}
.row .input {
  flex: 1;
  min-width: 150px;
}
.sign {
  border: 1.5px dashed var(--ginger);
  color: var(--ginger-ink);
  border-radius: 10px;
  padding: 3px 10px;
  font-size: 0.88rem;
}
.video {
  width: 100%;
  border-radius: 12px;
  background: #000;
}
.bar {
  width: 100%;
  height: 8px;
  accent-color: var(--ginger);
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
</style>
