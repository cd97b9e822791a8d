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
/* It lies over the page and lets every press through: what one presses must not move away with it. */
.silent {
  position: fixed;
  top: 8px;
  left: 50%;
  transform: translateX(-50%);
  z-index: 25;
  pointer-events: none;
  width: max-content;
  max-width: calc(100vw - 24px);
  font-size: 1.5rem;
  font-weight: 700;
  line-height: 1.25;
  text-align: center;
  background: var(--ginger-pale);
  color: var(--ink);
  border: 2px solid var(--ginger);
  border-radius: 16px;
  padding: 10px 18px;
}
</style>
