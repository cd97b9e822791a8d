<script setup lang="ts">
/** On the way: one card at a time, what calls, what comes next, and everything beside it. */
const make = useMakeStore()
const counter = computed(() => make.counter!)
const making = computed(() => make.making!)
const say = useSaying(make)
/** More than one dessert is made: cards say whose they are. */
const several = computed(
  () => new Set(making.value.cards.map(card => card.bake).filter(Boolean)).size > 1,
)
const rest = computed(() => (make.rest?.plan.ok ? make.rest.plan : null))
const idleUntil = useIdleUntil(rest)
watch(
  () => make.counter && (idleUntil.value === null ? (make.counter.current?.card.id ?? '') : ''),
  card => {
    if (card !== null) make.hold(card)
  },
  { immediate: true },
)
watch(
  [() => make.making?.log.length, () => Math.floor(make.now), () => make.making?.id],
  () => {
    if (make.making && make.counter?.finished === null) void make.replan()
  },
  { immediate: true },
)
const scaled = ref(localStorage.getItem('ingwer-scale') === '1')
watch(scaled, is => localStorage.setItem('ingwer-scale', is ? '1' : '0'))

const running = computed(() => counter.value.timers.filter(t => t.stopped === null))
/** The next timer to end stays in sight on a phone. */
const first = computed(() => running.value[0])
const more = computed(() => running.value.length - 1)
const toTimers = () => document.getElementById('timers')?.scrollIntoView({ block: 'center' })
const lowFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
const whose = (title: string) => (several.value && title ? `${title}: ` : '')
</script>

<template>
  <div class="counter">
    <div class="main">
      <CounterCalls :calls="counter.calls" @say="say" />
      <CounterNotes :counter="counter" :several="several" @say="say" />
      <div id="now" tabindex="-1" class="now">
        <CounterIdle
          v-if="idleUntil !== null || !counter.current"
          :until="idleUntil"
          :then="counter.current"
          @say="say"
        />
        <CounterCard
          v-else
          v-model:scaled="scaled"
          :making="making"
          :counter="counter"
          :placed="counter.current"
          :now="make.now"
          :several="several"
          :weigh-pour="make.pour"
          @say="say"
        />
      </div>
      <ol v-if="counter.next.length" class="next" aria-label="Next">
        <li v-for="each in counter.next" :key="each.card.id">
          then {{ whose(each.card.title) }}{{ lowFirst(each.card.says) }}
        </li>
      </ol>
    </div>
    <CounterSide :counter="counter" @say="say" />
    <a v-if="first" href="#timers" class="strip" @click.prevent="toTimers"
      ><span
        >{{ first.says }}<template v-if="more"> and {{ more }} more</template></span
      ><b>{{ sayCount(first.ends - make.now) }}</b></a
    >
  </div>
</template>

<style scoped>
.counter {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 18px 34px;
  align-items: start;
}
.main {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  min-width: 0;
}
.now {
  outline: none;
}
.next {
  list-style: none;
  margin: 0;
  padding: 0;
}
.next li {
  border-top: 1.5px solid var(--line);
  padding: 12px 0;
  color: var(--soft);
  font-size: 1.1rem;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
/* Where timers stand below the card. */
.strip {
  display: none;
}
@media (max-width: 1000px) {
  .counter {
    grid-template-columns: minmax(0, 1fr);
  }
  .strip {
    position: fixed;
    inset: auto 0 0;
    z-index: 19;
    min-height: 64px;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 14px;
    padding: 0 20px;
    background: var(--sheet);
    border-top: 1.5px solid var(--line);
    color: var(--ink);
  }
  .strip b {
    font-size: 1.5rem;
  }
  .strip span::first-letter {
    text-transform: uppercase;
  }
}
@media (max-width: 760px) {
  .strip {
    bottom: calc(61px + env(safe-area-inset-bottom));
  }
  .counter {
    padding-bottom: 40px;
  }
  .next li {
    display: block;
    white-space: nowrap;
    text-overflow: ellipsis;
    padding: 9px 0;
  }
}
</style>
