<script setup lang="ts">
/** Reading what was typed, or bringing it in by a file or a photo. */
defineProps<{ reading: boolean; busy: boolean; readingPhoto: boolean }>()
const emit = defineEmits<{ take: [files: readonly File[]] }>()
const readable =
  '.txt,.md,.markdown,.html,.htm,.mhtml,.xhtml,.json,.jsonld,' +
  'text/*,application/json,application/ld+json,image/*'
const picker = useTemplateRef<HTMLInputElement>('picker')
const camera = useTemplateRef<HTMLInputElement>('camera')
function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const all = [...(input.files ?? [])]
  input.value = ''
  if (all.length) emit('take', all)
}
</script>

<template>
  <div class="go">
    <UButton type="submit" size="xl" color="neutral" :loading="reading" icon="i-lucide-wheat"
      >Read it</UButton
    >
    <UButton
      color="neutral"
      variant="outline"
      size="xl"
      icon="i-lucide-folder-open"
      :disabled="busy"
      @click="picker?.click()"
      >Open files</UButton
    >
    <UButton
      color="neutral"
      variant="outline"
      size="xl"
      icon="i-lucide-camera"
      :disabled="readingPhoto"
      @click="camera?.click()"
      >Photo of a card</UButton
    >
    <span class="soft hint">Ctrl + Enter reads</span>
  </div>
  <input
    ref="picker"
    type="file"
    multiple
    :accept="readable"
    class="unseen"
    aria-label="Recipe files to open"
    tabindex="-1"
    @change="picked"
  />
  <input
    ref="camera"
    type="file"
    accept="image/*"
    class="unseen"
    aria-label="Photo of a recipe card"
    tabindex="-1"
    @change="picked"
  />
</template>

<style scoped>
.go {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 18px;
  flex-wrap: wrap;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
@media (max-width: 900px) {
  .hint {
    display: none;
  }
}
</style>
