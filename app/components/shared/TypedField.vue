<script setup lang="ts">
/**
 * A field that shows a value and gives what is typed when it is left. What is being typed stays,
 * whatever is drawn anew meanwhile; what was refused stays too, to be put right, until the value
 * changes or the field is left empty.
 */
const props = defineProps<{ shown: string | number }>()
const emit = defineEmits<{ typed: [text: string] }>()
const field = useTemplateRef<HTMLInputElement>('field')
const draft = ref<string | null>(null)
watch(
  () => props.shown,
  () => {
    if (document.activeElement !== field.value) draft.value = null
  },
)
const left = () => {
  if (draft.value !== null && (!draft.value.trim() || draft.value === String(props.shown)))
    draft.value = null
}
</script>

<template>
  <input
    ref="field"
    class="input"
    :value="draft ?? shown"
    @input="draft = field!.value"
    @change="emit('typed', field!.value)"
    @blur="left"
  />
</template>
