<script setup lang="ts">
import type { DayPlan, PlacedTask } from '#core/day'

/** The day as a drawing, its hours in a sentence, and what lateness would do to it. */
const props = defineProps<{ shown: Extract<DayPlan, { ok: true }>; heading: string }>()
const emit = defineEmits<{ move: [task: PlacedTask, by: number] }>()
const { plan, titles } = inject(bakeDayKey)!
const dayPlan = useDayPlan()
/** So late it is begun in the sentence below the drawing, in minutes. */
const delay = 20
const late = shallowRef<{ readonly serve: number; readonly over: readonly string[] } | null>(null)
watch(plan, async now => {
  late.value = now ? await useCore().ifLate(now, delay) : null
})
const ifLate = computed(() => {
  if (!late.value) return ''
  const over = late.value.over.length ? `, and ${late.value.over[0]}` : ''
  return ` Begun ${delay} minutes late, it is on the table at ${sayHour(late.value.serve)}${over}.`
})
const bakes = computed(() => Object.keys(titles.value))
const warnings = computed(() => props.shown.warnings)
</script>

<template>
  <section class="sheet part" aria-labelledby="drawn">
    <div class="head">
      <h2 id="drawn">{{ heading }}</h2>
      <p>
        <b>Begin at {{ sayMoment(shown.start, shown.end) }}</b
        >, on the table at {{ sayHour(shown.end) }}: {{ sayLength(shown.total) }} in all,
        {{ sayLength(shown.hands) }} of it work.<span
          v-if="dayPlan.working"
          class="soft looking"
          role="status"
        >
          Looking for a shorter day …</span
        >
      </p>
    </div>
    <p v-for="warning in warnings" :key="warning" class="misfit warn" role="status">
      {{ warning }}
    </p>
    <DayTimeline :plan="shown" :bakes="bakes" @move="(task, by) => emit('move', task, by)" />
    <p class="soft tiny">
      Drag a block, or move it with the arrow keys; the rest follows. A thick edge is tight.{{
        ifLate
      }}
    </p>
  </section>
</template>

<style scoped>
/* Only where it takes a while. */
.looking {
  animation: looks 0s 0.35s both;
}
@keyframes looks {
  from {
    visibility: hidden;
  }
  to {
    visibility: visible;
  }
}
.part {
  padding: 14px 22px;
  min-width: 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.tiny {
  font-size: 0.93rem;
}
.misfit {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.misfit.warn {
  background: var(--slate-pale);
  margin-bottom: 10px;
}
@media (max-width: 940px) {
  .part,
  .ask {
    padding: 12px 16px;
  }
}
</style>
