<script setup lang="ts">
import { makeLimits } from '#core/make'
import type { Photo } from '#core/share'
import { photosOf } from '~/db/house'

/** Notes and photos on the way, beside the card that they were made at. */
const props = defineProps<{ bake: string; photos: readonly string[]; notes: readonly string[] }>()
const emit = defineEmits<{ note: [text: string]; photo: [data: string] }>()
const writing = ref(false)
const text = ref('')
useDraft(`note/${props.bake}`, reactive({ writing, text }))
const wrong = ref('')
const picker = useTemplateRef<HTMLInputElement>('picker')
const kept = shallowRef<readonly Photo[]>([])
watch(
  () => props.photos,
  async ids => {
    kept.value = ids.length
      ? (await photosOf(props.bake)).filter(photo => ids.includes(photo.id))
      : []
  },
  { immediate: true },
)
function keep() {
  if (text.value.trim()) emit('note', text.value.trim().slice(0, 4000))
  text.value = ''
  writing.value = false
}
async function took(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  wrong.value = ''
  try {
    emit('photo', await smallPhoto(file))
  } catch {
    wrong.value = `“${file.name}” is no picture that can be read here. Nothing was kept of it.`
  }
}
</script>

<template>
  <section class="pad" aria-label="Notes and photos">
    <div v-if="writing" class="write">
      <textarea
        v-model="text"
        :maxlength="makeLimits.note"
        class="input"
        rows="3"
        aria-label="Note"
        placeholder="thicker than last time"
      />
      <div class="acts">
        <button type="button" class="knuckle ghost" @click="writing = false">Leave it</button
        ><button type="button" class="knuckle done" @click="keep">Keep it</button>
      </div>
    </div>
    <div v-else class="acts">
      <button type="button" class="knuckle ghost" @click="writing = true">Note</button>
      <button type="button" class="knuckle ghost" @click="picker?.click()">Photo</button>
      <input
        ref="picker"
        type="file"
        accept="image/*"
        capture="environment"
        class="sr-only"
        tabindex="-1"
        aria-label="Photo of how it looks"
        @change="took"
      />
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <ul v-if="notes.length" class="notes">
      <li v-for="(note, n) in notes" :key="n">{{ note }}</li>
    </ul>
    <div v-if="kept.length" class="photos">
      <img
        v-for="(photo, n) in kept"
        :key="photo.id"
        :src="photo.data"
        :alt="`Photo ${n + 1} of this making`"
      />
    </div>
  </section>
</template>

<style scoped>
.pad,
.write {
  display: grid;
  gap: 10px;
}
.acts {
  display: flex;
  gap: 10px;
}
.write textarea {
  padding: 12px;
  font-size: 1.15rem;
}
.notes {
  margin: 0;
  padding-left: 20px;
  color: var(--soft);
}
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.photos img {
  width: 84px;
  height: 84px;
  object-fit: cover;
  border-radius: 12px;
}
.wrong {
  color: var(--beet);
}
</style>
