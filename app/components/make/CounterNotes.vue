<script setup lang="ts">
import type { Counter } from '#core/make'
import type { Saying } from '~/stores/make'

/** What presses: a wait that may not go on much longer, how late it is, a day that no longer fits. */
const props = defineProps<{ counter: Counter; several: boolean }>()
const emit = defineEmits<{ say: [sayings: readonly Saying[]] }>()
const say = (sayings: readonly Saying[]) => emit('say', sayings)
const make = useMakeStore()
const hour = useServingHour()
/** So many minutes before its end a longest wait of another card is said. */
const soonGone = 16
/** From so many minutes on it is said how far behind it is. */
const worthSaying = 3
const calling = computed(() => {
  const { calling: next } = props.counter
  return next && next.moment - make.now < soonGone ? next : null
})
const left = computed(() =>
  calling.value && calling.value.moment > make.now
    ? `${sayCount(calling.value.moment - make.now)} left:`
    : 'Now:',
)
const whose = computed(() => {
  const title = calling.value?.placed.card.title
  return props.several && title ? `${title}: ` : ''
})
/** The first wait that is over its longest, as the rest of the day was placed. */
const tooLong = computed(() => (make.rest?.plan.ok ? make.rest.plan.over[0] : undefined))
const isBehind = computed(() => make.rest !== null && make.rest.late >= worthSaying)
const problem = computed(() => (make.rest && !make.rest.plan.ok ? make.rest.plan.problem : null))
</script>

<template>
  <p v-if="calling" class="over calling" role="status">
    <span
      ><b>{{ left }}</b> {{ whose }}{{ calling.because }}</span
    ><button
      type="button"
      class="knuckle ghost"
      @click="say([{ do: 'go', card: calling.placed.card.id }])"
    >
      <span>{{ calling.placed.card.short }} first</span>
    </button>
  </p>
  <p v-if="tooLong" class="over" role="status">
    Waited too long already: {{ tooLong }}. Go straight on.
  </p>
  <p v-else-if="isBehind" class="over" role="status">
    {{ Math.round(make.rest!.late) }} min behind: on the table at {{ sayHour(hour!) }}.
  </p>
  <p v-if="problem" class="over" role="status">{{ problem.sentence }}</p>
</template>

<style scoped>
.over {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
.calling button span {
  display: inline-block;
}
.calling button span::first-letter {
  text-transform: uppercase;
}
.calling {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
}
</style>
