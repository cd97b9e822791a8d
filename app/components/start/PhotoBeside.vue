<script setup lang="ts">
import type { FractionShown } from '~/composables/usePhotoText'

/** The photo that was read, beside its text, with what could not be made out well. */
const props = defineProps<{
  picture: string
  doubtful: boolean
  doubts: readonly string[]
  fractions: readonly FractionShown[]
}>()
const emit = defineEmits<{ away: []; amount: [asked: FractionShown, says: string] }>()
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
      <ul v-if="fractions.length" class="asked">
        <li v-for="asked in fractions" :key="asked.seen">
          <p>
            <img :src="asked.picture" :alt="`The photo at “${asked.line}”`" class="cut" />
            {{ asked.line }}
          </p>
          <div class="acts" role="group" :aria-label="`Which amount: ${asked.line}`">
            <UButton
              v-for="says in asked.offers"
              :key="says"
              color="neutral"
              variant="outline"
              @click="emit('amount', asked, says)"
              >{{ says }}</UButton
            >
            <UButton color="neutral" variant="ghost" @click="emit('amount', asked, asked.amount)">{{
              asked.amount.startsWith('?') ? 'none of these' : `it is ${asked.amount}`
            }}</UButton>
          </div>
        </li>
      </ul>
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
.asked {
  list-style: none;
  padding: 0;
  margin: 8px 0;
}
.asked li {
  border-top: 1.5px solid var(--line);
  padding: 8px 0;
  display: grid;
  gap: 6px;
  color: var(--ink);
}
.asked p {
  display: flex;
  align-items: center;
  gap: 10px;
}
.photo .cut {
  width: auto;
  height: 44px;
  max-width: 40%;
  border-radius: 8px;
}
.photo .link {
  padding: 0;
}
</style>
