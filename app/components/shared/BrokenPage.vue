<script setup lang="ts">
/** In place of a page that cannot be shown. */
defineProps<{ looking: boolean }>()
const emit = defineEmits<{ look: []; again: [] }>()
onMounted(() => emit('look'))
</script>

<template>
  <section class="broken sheet" role="alert" aria-labelledby="broken">
    <h1 id="broken">This page cannot be shown</h1>
    <p v-if="looking">The house is looked through for what does not hold together …</p>
    <template v-else>
      <p>Everything is kept. Something of what is to be shown here is not as it should be.</p>
      <div class="acts">
        <UButton color="neutral" @click="emit('again')">Try it again</UButton>
        <UButton color="neutral" variant="outline" to="/settings" @click="emit('again')"
          >To the house file</UButton
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.broken {
  padding: 22px;
  display: grid;
  gap: 12px;
  max-width: 720px;
}
h1 {
  font-size: 1.5rem;
  font-weight: 700;
}
</style>
