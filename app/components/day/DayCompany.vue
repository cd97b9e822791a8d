<script setup lang="ts">
/** Which other bakes are wanted on the same day. */
const { bake, day, keep } = inject(bakeDayKey)!
const house = useHouseStore()
const others = computed(() => house.shelf.filter(row => row.id !== bake.value?.id && !row.archived))
const together = (id: string, is: boolean) =>
  keep({ with: is ? [...day.value.with, id] : day.value.with.filter(x => x !== id) })
const isChecked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <details class="with">
    <summary>
      {{ day.with.length ? `and ${day.with.length} more on the same day` : 'with other bakes' }}
    </summary>
    <label v-for="other in others" :key="other.id" class="check"
      ><input
        type="checkbox"
        :checked="day.with.includes(other.id)"
        @change="together(other.id, isChecked($event))"
      />
      {{ other.title }}</label
    >
    <p v-if="!others.length" class="soft">Nothing else is on the shelf.</p>
  </details>
</template>

<style scoped>
.with summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.with[open] {
  flex-basis: 100%;
}
.check {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  font-weight: 400 !important;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
</style>
