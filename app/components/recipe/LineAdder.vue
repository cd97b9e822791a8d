<script setup lang="ts">
/** A field for a new line: Enter adds it and waits for the next; Escape or an empty Enter closes. */
const emit = defineEmits<{ add: [text: string]; close: [] }>()
defineProps<{ refused: string }>()
const text = defineModel<string>({ required: true })
const field = useTemplateRef<HTMLInputElement>('field')
onMounted(() => field.value?.focus())
const submit = () => {
  if (text.value.trim()) emit('add', text.value)
  else emit('close')
}
</script>

<template>
  <li class="adder">
    <form @submit.prevent="submit">
      <input
        ref="field"
        v-model="text"
        class="input"
        aria-label="A new line"
        placeholder="100 g …"
        @keydown.esc.prevent="emit('close')"
      />
      <UButton type="submit" color="neutral" variant="outline">Add</UButton>
    </form>
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
  </li>
</template>

<style scoped>
.adder {
  list-style: none;
  padding: 6px 0 6px 96px;
  border-top: 1.5px solid var(--line);
}
form {
  display: flex;
  gap: 8px;
}
.input {
  flex: 1;
  border-color: var(--ginger);
  background: var(--ground);
}
.refused {
  color: var(--beet);
  font-weight: 600;
  padding-top: 6px;
}
@media (max-width: 760px) {
  .adder {
    padding-left: 0;
  }
}
</style>
