<script setup lang="ts">
/** The photo that was read, beside its text, with what could not be made out well. */
const props = defineProps<{ picture: string; doubtful: boolean; doubts: readonly string[] }>()
const emit = defineEmits<{ away: [] }>()
/** So many doubtful words are named; of the others their number is said. */
const most = 6
const named = computed(() => {
  const words = props.doubts
    .slice(0, most)
    .map(word => `“${word}”`)
    .join(', ')
  const others = props.doubts.length - most
  return others > 0 ? `${words} and ${others} more` : words
})
</script>

<template>
  <figure class="photo">
    <img :src="picture" alt="The photo that is being read" />
    <figcaption class="soft">
      <p>
        {{
          doubtful ? 'Hard to read: compare every figure.' : 'Compare the figures before you go on.'
        }}
      </p>
      <p v-if="doubts.length" class="doubts" role="note">
        Look again at {{ named }}. A figure that could not be made out stands as “?”.
      </p>
      <button type="button" class="link" @click="emit('away')">Put the photo away</button>
    </figcaption>
  </figure>
</template>

<style scoped>
.photo {
  margin: 0;
}
.photo img {
  width: 100%;
  max-height: 480px;
  object-fit: contain;
  object-position: top;
  border-radius: 14px;
  background: var(--sheet);
}
.photo figcaption {
  font-size: 0.92rem;
  padding-top: 6px;
}
.doubts {
  color: var(--ink);
  font-weight: 600;
}
.photo .link {
  padding: 0;
}
</style>
