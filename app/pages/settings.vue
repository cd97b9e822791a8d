<script setup lang="ts">
import { emptyHouse } from '#core/share'

const house = useHouseStore()
const visit = useVisit()
const undo = useTakeBack()
const mode = useColorMode()
useHead({ title: 'House file' })

async function empty() {
  const back = await house.replace(emptyHouse, 'The house as it was before it was emptied')
  undo('The house is empty.', 'Bring everything back', back)
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
    <RoomLeft />
    <PutAsideList />
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
        <UButton v-if="!visit.isVisiting" color="neutral" variant="outline" @click="visit.begin"
          >Visit the Brackwater house</UButton
        >
        <UButton color="neutral" variant="outline" @click="empty">Empty this house</UButton>
      </div>
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
</style>
