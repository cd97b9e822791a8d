<script setup lang="ts">
import type { Call } from '#core/make'
import type { Saying } from '~/stores/make'

/** What timers call out, each until somebody has heard it. */
defineProps<{ calls: readonly Call[] }>()
const emit = defineEmits<{ say: [sayings: readonly Saying[]] }>()
const say = (sayings: readonly Saying[]) => emit('say', sayings)
</script>

<template>
  <section v-for="call in calls" :key="`${call.timer}/${call.mark}`" class="call" role="alert">
    <p>
      <b>{{ call.says }}</b>
    </p>
    <div class="acts">
      <template v-if="call.mark !== null"
        ><button
          type="button"
          class="knuckle ghost"
          @click="
            say([
              { do: 'more', timer: call.timer, minutes: 3 },
              { do: 'heard', timer: call.timer, mark: call.mark },
            ])
          "
        >
          3 min more</button
        ><button
          type="button"
          class="knuckle done"
          @click="say([{ do: 'heard', timer: call.timer, mark: call.mark }])"
        >
          Seen to
        </button></template
      >
      <template v-else
        ><button
          v-for="n in [1, 3, 5]"
          :key="n"
          type="button"
          class="knuckle ghost"
          :aria-label="`${n} minutes more`"
          @click="say([{ do: 'more', timer: call.timer, minutes: n }])"
        >
          +{{ n }}</button
        ><button
          type="button"
          class="knuckle done"
          @click="say([{ do: 'stop', timer: call.timer }])"
        >
          It is done
        </button></template
      >
    </div>
  </section>
</template>

<style scoped>
.call {
  background: var(--ginger-pale);
  border: 2.5px solid var(--ginger);
  border-radius: 18px;
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.call p {
  font-size: 1.35rem;
}
.call p::first-letter {
  text-transform: uppercase;
}
.call .done {
  flex: 1;
}
</style>
