<script setup lang="ts">
defineProps<{ missing: boolean }>()
</script>

<template>
  <div class="none">
    <h1>{{ missing ? 'This bake is not in the house' : 'Nothing is on the bench' }}</h1>
    <p class="soft">
      {{
        missing
          ? 'It may have been thrown away, or was kept in another browser. A house file brings it along.'
          : 'Paste a recipe first, or take one from the shelf.'
      }}
    </p>
    <UButton to="/" color="neutral">To the start page</UButton>
  </div>
</template>

<style scoped>
.none {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding-top: 24px;
}
h1 {
  font-size: 1.6rem;
  font-weight: 650;
}
</style>
