<script setup lang="ts">
/** Whether photos can be read without a network: said while they cannot. */
const { state, megabytes, fetchThem } = usePhotoFiles()
</script>

<template>
  <p v-if="state === 'fetching'" class="soft tiny" role="status">
    The photo reader is being fetched ({{ megabytes }} MB), so that it works without a network.
  </p>
  <p v-else-if="state === 'saves' || state === 'failed'" class="soft tiny">
    {{
      state === 'saves'
        ? 'This device saves data: photos are read with a network alone.'
        : 'The photo reader could not be fetched: photos are read with a network alone.'
    }}
    <UButton color="neutral" variant="ghost" @click="fetchThem"
      >Fetch it now ({{ megabytes }} MB)</UButton
    >
  </p>
  <p v-else-if="state === 'cannot'" class="soft tiny">
    This browser keeps no files for a page: photos are read with a network alone.
  </p>
</template>

<style scoped>
.tiny {
  font-size: 0.9rem;
}
</style>
