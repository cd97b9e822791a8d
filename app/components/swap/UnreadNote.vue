<script setup lang="ts">
/** Beside "nothing has to change": what rests on packets that nobody read is not known all the same. */
defineProps<{ bake: string }>()
const safety = useSafety()
const resting = computed(() => safety.claims?.coverage ?? { bought: 0, onPackets: 0 })
const unread = computed(() => resting.value.bought - resting.value.onPackets)
</script>

<template>
  <p v-if="unread" class="unread">
    {{ unread }} of {{ resting.bought }} bought lines rest on no packet that was read: what those
    hold nobody knows yet. <NuxtLink :to="`/packet/${bake}`">To the packets</NuxtLink>
  </p>
</template>

<style scoped>
.unread {
  border-left: 4px dashed var(--slate);
  padding-left: 14px;
}
</style>
