<script setup lang="ts">
import type { Counter } from '#core/make'

/** How long there is for what is in hand, where that presses. */
const props = defineProps<{ counter: Counter; now: number }>()
/** So many minutes before a deadline it is said; in the last ones it stands out. */
const soon = 16
const near = 2
const left = computed(() =>
  props.counter.deadline ? props.counter.deadline.moment - props.now : null,
)
const says = computed(() => (left.value! > 0 ? `${sayCount(left.value!)} left:` : 'Now:'))
</script>

<template>
  <p
    v-if="counter.deadline && left !== null && left < soon"
    class="deadline"
    :class="{ near: left < near }"
  >
    <b>{{ says }}</b>
    {{ counter.deadline.because }}
  </p>
</template>

<style scoped>
.deadline {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
.deadline b {
  font-size: 1.3rem;
  margin-right: 6px;
}
.deadline.near {
  background: var(--beet-pale);
}
</style>
