<script setup lang="ts">
import { emptyStock } from '#core/pantry'

const house = useHouseStore()
const toast = useToast()
const undo = useTakeBack()
const mode = useColorMode()
useHead({ title: 'House file' })

const refusal = ref('')
async function empty() {
  const [before, asideBefore] = [await house.whole(), await house.aside()]
  await house.replace({
    people: [],
    groups: [],
    bakes: [],
    packets: [],
    stock: emptyStock,
    pictures: [],
    labels: [],
  })
  undo('The house is empty.', 'Bring everything back', () => house.replace(before, asideBefore))
}
async function demo() {
  try {
    await house.openDemo()
    toast.add({ title: 'The Brackwater house has moved in beside yours.', color: 'success' })
  } catch {
    refusal.value = 'The demo house could not be fetched from this server. Is it still running?'
  }
}
const looks = [
  { value: 'system', label: 'as this device' },
  { value: 'light', label: 'light' },
  { value: 'dark', label: 'dark' },
]
</script>

<template>
  <div class="page">
    <h1>Your house</h1>
    <HouseFile />
    <section class="sheet">
      <h2>This kitchen measures with</h2>
      <div class="acts" role="group" aria-label="This kitchen measures with">
        <UButton
          :color="'neutral'"
          :variant="house.measureIn === 'grams' ? 'solid' : 'outline'"
          :aria-pressed="house.measureIn === 'grams'"
          @click="house.measure('grams')"
          >a scale</UButton
        >
        <UButton
          :color="'neutral'"
          :variant="house.measureIn === 'spoons' ? 'solid' : 'outline'"
          :aria-pressed="house.measureIn === 'spoons'"
          @click="house.measure('spoons')"
          >spoons and cups only</UButton
        >
      </div>
    </section>
    <section class="sheet">
      <h2>Light</h2>
      <div class="acts" role="group" aria-label="Light">
        <UButton
          v-for="look in looks"
          :key="look.value"
          color="neutral"
          :variant="mode.preference === look.value ? 'solid' : 'outline'"
          :aria-pressed="mode.preference === look.value"
          @click="mode.preference = look.value"
          >{{ look.label }}</UButton
        >
      </div>
    </section>
    <section class="sheet">
      <h2>To try things on</h2>
      <div class="acts">
        <UButton color="neutral" variant="outline" @click="demo"
          >Let the Brackwater house move in</UButton
        >
        <UButton color="neutral" variant="outline" @click="empty">Empty this house</UButton>
      </div>
      <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
    </section>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  max-width: 780px;
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
  margin-bottom: 4px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.sheet {
  padding: 18px 22px;
  display: grid;
  gap: 10px;
}
.refusal {
  color: var(--beet);
  font-weight: 600;
}
</style>
