<script setup lang="ts">
import { watchLabel } from '~/db/house'

/** Takes a photo of a label, and shows the one that was kept with the packet. */
const props = defineProps<{ packet: string; withKept: boolean }>()
const emit = defineEmits<{ pick: [photo: File] }>()
const kept = ref('')
// The page shows a packet as soon as it is kept: its label may still be on its way.
watch(
  () => props.packet,
  (id, _, onCleanup) => onCleanup(watchLabel(id, is => (kept.value = is))),
  { immediate: true },
)
const picker = useTemplateRef<HTMLInputElement>('picker')
function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) emit('pick', file)
}
</script>

<template>
  <div class="photo">
    <UButton
      type="button"
      color="neutral"
      variant="outline"
      icon="i-lucide-camera"
      @click="picker?.click()"
      >Photo of the label</UButton
    >
    <input
      ref="picker"
      type="file"
      accept="image/*"
      class="sr-only"
      tabindex="-1"
      aria-label="Photo of a label"
      @change="picked"
    />
    <details v-if="kept && withKept">
      <summary>the photo that was kept</summary>
      <img :src="kept" alt="The label of this packet" class="kept" />
    </details>
  </div>
</template>

<style scoped>
.photo {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.kept {
  max-width: 100%;
  border-radius: 12px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
