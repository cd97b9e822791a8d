<script setup lang="ts">
import type { Counter, Felt, Timer } from '#core/make'
import type { Saying } from '~/stores/make'

/** Beside the card: timers, the probe, notes and pictures, the step back, all cards, settings. */
const props = defineProps<{ counter: Counter }>()
const emit = defineEmits<{ say: [sayings: readonly Saying[]] }>()
const say = (sayings: readonly Saying[]) => emit('say', sayings)
const current = useCurrentBake()
const make = useMakeStore()
const making = computed(() => make.making)
const log = computed(() => making.value?.log ?? [])
/** What is in the oven now and has a computed warming. */
const baking = computed(() =>
  props.counter.timers.flatMap(timer => {
    const card = making.value?.cards.find(c => c.id === timer.card)
    return timer.stopped === null && card?.warming ? [{ timer, card, warming: card.warming }] : []
  }),
)
const feltOf = (timer: Timer): Felt[] =>
  log.value.flatMap(h =>
    h.do === 'felt' && h.card === timer.card
      ? [{ minutes: h.at - timer.begun, celsius: h.celsius }]
      : [],
  )
const notes = computed(() => log.value.flatMap(h => (h.do === 'note' ? [h.text] : [])))
const photos = computed(() => log.value.flatMap(h => (h.do === 'photo' ? [h.photo] : [])))
/** The card in hand: notes and pictures are kept with it. */
const inHand = computed(() => props.counter.current?.card.id ?? '')
</script>

<template>
  <aside class="side">
    <TimerList
      id="timers"
      :timers="counter.timers"
      :now="make.now"
      @more="(timer, minutes) => say([{ do: 'more', timer, minutes }])"
      @stop="timer => say([{ do: 'stop', timer }])"
      @own="
        (says, minutes) => say([{ do: 'timer', timer: `own-${making!.log.length}`, says, minutes }])
      "
    />
    <ProbePanel
      v-for="each in baking"
      :key="each.timer.id"
      :timer="each.timer"
      :warming="each.warming"
      :felt="feltOf(each.timer)"
      :likely="each.card.minutes"
      :now="make.now"
      @felt="celsius => make.say({ do: 'felt', card: each.card.id, celsius })"
      @set="minutes => say([{ do: 'more', timer: each.timer.id, minutes }])"
    />
    <NotePad
      :bake="current.bake?.id ?? ''"
      :photos="photos"
      :notes="notes"
      @note="text => make.say({ do: 'note', card: inHand, text })"
      @photo="data => make.addPhoto(inHand, data)"
    />
    <div class="acts">
      <button
        type="button"
        class="knuckle ghost"
        :disabled="!make.canStepBack"
        @click="make.back()"
      >
        One step back
      </button>
    </div>
    <CardList :counter="counter" @say="say" />
    <CounterSettings />
  </aside>
</template>

<style scoped>
.side {
  display: grid;
  gap: 14px;
  min-width: 0;
}
</style>
