<script setup lang="ts">
/** Said above a form in which something was found that had been typed before. */
defineProps<{ found: boolean }>()
</script>

<template>
  <p v-if="found" class="soft" role="status">What you had typed before is back.</p>
</template>
