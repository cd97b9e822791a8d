<script setup lang="ts">
/** Something is being made, and its timers could not be heard: nobody touched the page since it came. */
const make = useMakeStore()
const { alarm } = defineProps<{ alarm: ReturnType<typeof useAlarm> }>()
const isSilent = computed(() => make.active !== null && !alarm.quiet.value && !alarm.isAwake.value)
</script>

<template>
  <p v-if="isSilent" class="silent no-print" role="status">
    No sound until you touch the page or press a key.
  </p>
</template>

<style scoped>
.silent {
  font-size: 1.5rem;
  font-weight: 700;
  line-height: 1.25;
  background: var(--ginger-pale);
  border: 2px solid var(--ginger);
  border-radius: 16px;
  padding: 12px 18px;
  margin-bottom: 12px;
}
</style>
