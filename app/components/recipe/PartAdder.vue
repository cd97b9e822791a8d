<script setup lang="ts">
/** A part that is missing: its name, and it is there to be filled. */
const { refusals, edit } = inject(ledgerKey)!
const partName = ref('')
const naming = ref(false)
useDraft(`part/${String(useRoute().params.bake)}`, reactive({ partName, naming }))
async function addPart() {
  const isNamed = partName.value.trim() !== ''
  if (isNamed && !(await edit({ do: 'add-part', name: partName.value }, 'part'))) return
  partName.value = ''
  naming.value = false
}
</script>

<template>
  <form v-if="naming" class="partform" @submit.prevent="addPart">
    <input
      v-model="partName"
      class="input"
      aria-label="Name of the new part"
      placeholder="glaze, filling …"
      autofocus
      @keydown.esc="naming = false"
    />
    <UButton type="submit" color="neutral" variant="outline">Add the part</UButton>
    <p v-if="refusals.part" class="trouble" role="alert">{{ refusals.part }}</p>
  </form>
  <UButton v-else color="neutral" variant="ghost" icon="i-lucide-layers" @click="naming = true"
    >A part is missing</UButton
  >
</template>

<style scoped>
.partform {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  padding-top: 8px;
}
.input {
  flex: 1;
  background: var(--ground);
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
</style>
