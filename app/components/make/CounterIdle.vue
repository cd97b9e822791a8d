<script setup lang="ts">
import type { PlacedCard } from '#core/make'
import type { Saying } from '~/stores/make'

/** Nothing to do until `until`, in minutes since 1970 (null: nothing at all any more); `then` comes next. */
const props = defineProps<{ until: number | null; then: PlacedCard | null }>()
const emit = defineEmits<{ say: [sayings: readonly Saying[]] }>()
const say = (sayings: readonly Saying[]) => emit('say', sayings)
const make = useMakeStore()
const wait = computed(() => {
  if (!props.until) return ''
  const minutes = props.until - make.now
  return minutes < 1440 ? sayCount(minutes) : sayLength(minutes)
})
</script>

<template>
  <section class="idle">
    <h1>Nothing to do{{ until ? ` until ${sayMoment(until, make.now)}` : '' }}</h1>
    <p v-if="until" class="wait">{{ wait }}</p>
    <template v-if="then"
      ><p class="then">then {{ then.card.says }}</p>
      <button type="button" class="knuckle ghost" @click="say([{ do: 'go', card: then.card.id }])">
        Go on with it now
      </button></template
    >
  </section>
</template>

<style scoped>
.idle {
  display: grid;
  gap: 12px;
}
.idle h1 {
  font-size: clamp(1.7rem, 4vw, 2.3rem);
  font-weight: 700;
}
.wait {
  font-family: var(--font-title);
  font-weight: 750;
  font-size: clamp(4rem, 12vw, 6rem);
  line-height: 1;
  letter-spacing: -0.03em;
}
.then {
  color: var(--soft);
  font-size: 1.1rem;
}
.idle .knuckle {
  justify-self: start;
}
</style>
