<script setup lang="ts">
/** Before it is made: who cannot eat it, whose packets are unread, which steps against traces are open. */
const current = useCurrentBake()
const safety = useSafety()
const bake = computed(() => current.bake)
const cannot = computed(() => (safety.claims?.notFor ?? []).map(u => u.name))
const unsure = computed(() => (safety.claims?.notKnown ?? []).map(u => u.name))
/** Steps against cross-contact that nobody has ticked. */
const openAgainstTraces = computed(
  () => (safety.contact?.steps ?? []).filter(step => !bake.value?.ticked.includes(step.key)).length,
)
const names = (all: readonly string[]) => new Intl.ListFormat('en').format(all)
</script>

<template>
  <p v-if="cannot.length" class="stop" role="alert">
    <b>{{ names(cannot) }} cannot eat this as it stands.</b>{{ ' '
    }}<NuxtLink :to="`/swap/${bake?.id}`" class="link">Work out a version</NuxtLink>
  </p>
  <p v-else-if="unsure.length" class="unsure">
    <b>Not known yet whether {{ names(unsure) }} can eat it:</b> packets are to be read.
    <NuxtLink :to="`/packet/${bake?.id}`" class="link">To the packets</NuxtLink>
  </p>
  <p v-if="openAgainstTraces" class="unsure">
    <b
      >Against traces,
      {{ openAgainstTraces === 1 ? 'one step is' : `${openAgainstTraces} steps are` }} not ticked
      yet.</b
    >{{ ' ' }}<NuxtLink :to="`/packet/${bake?.id}`" class="link">To the steps</NuxtLink>
  </p>
</template>

<style scoped>
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
}
.unsure {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 12px 18px;
}
.link {
  color: var(--ginger-ink);
}
</style>
