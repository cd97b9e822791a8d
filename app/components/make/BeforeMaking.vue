<script setup lang="ts">
import type { DayPlan } from '#core/day'
import type { BakeDay } from '#core/share'

/** Before it is made: when it would begin and end, and the button that begins it. */
const current = useCurrentBake()
const dayPlan = useDayPlan()
const house = useHouseStore()
const make = useMakeStore()
const alarm = inject(alarmKey)!
const bake = computed(() => current.bake)

// The day as it is planned, or begun now where it is not.
const day = computed<BakeDay>(() => bake.value?.day ?? { serveAt: null, with: [], wishes: {} })
const nights = (of: BakeDay) =>
  of.serveAt
    ? nightsBefore(Date.parse(of.serveAt) / 60_000, nightsBack(of.wishes))
    : nightsFor(make.now + 1440, make.now)
const work = (of = day.value) => dayPlan.planDay(of, Math.floor(make.now), nights(of))
watch(
  () => [
    bake.value?.id,
    bake.value?.day,
    bake.value?.size,
    bake.value?.plan,
    bake.value?.recipe,
    house.kitchen,
  ],
  () => {
    if (bake.value) void work()
  },
  { immediate: true },
)
const plan = computed(() => (dayPlan.plan?.ok ? dayPlan.plan : null))
const problem = computed(() => (dayPlan.plan && !dayPlan.plan.ok ? dayPlan.plan.problem : null))
async function begin(of: Extract<DayPlan, { ok: true }> | null) {
  alarm.wake()
  if (of) {
    await make.begin(of)
    return
  }
  await work({ ...day.value, serveAt: null })
  if (plan.value) await make.begin(plan.value)
}
</script>

<template>
  <section class="before">
    <h1>At the counter</h1>
    <BeforeWarnings />
    <template v-if="plan">
      <p class="lead">
        <template v-if="day.serveAt"
          >On the table at <b>{{ sayMoment(plan.end, make.now) }}</b>: it begins at
          <b>{{ sayMoment(plan.start, make.now) }}</b>{{
            plan.start - make.now > 3 ? `, in ${sayLength(plan.start - make.now)}` : ''
          }}.</template
        ><template v-else
          >Begun now, it is on the table at <b>{{ sayMoment(plan.end, make.now) }}</b>.</template
        >
        {{ sayLength(plan.hands) }} of it are work.
      </p>
      <p class="soft">
        One thing at a time, with timers that go on while the page is closed. What really happens is
        kept with the bake.
        <NuxtLink :to="`/day/${bake?.id}`" class="link">The day</NuxtLink> decides when.
      </p>
      <button
        type="button"
        class="knuckle done start"
        :disabled="make.beginning"
        @click="begin(plan)"
      >
        Begin
      </button>
    </template>
    <template v-else-if="problem">
      <p class="stop" role="alert">
        <b>By that hour it cannot be done.</b> {{ problem.sentence }}
        <NuxtLink :to="`/day/${bake?.id}`" class="link">Change the day</NuxtLink>
      </p>
      <button type="button" class="knuckle done start" @click="begin(null)">
        Begin now all the same
      </button>
    </template>
    <p v-else class="soft" role="status">Laying out the cards …</p>
    <MadeBefore />
  </section>
</template>

<style scoped>
.lead {
  font-size: 1.2rem;
}
.start {
  justify-self: start;
  min-height: 76px;
  min-width: 220px;
  font-size: 1.4rem;
}
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
}
.before {
  display: grid;
  gap: 14px;
  max-width: 820px;
}
h1 {
  font-size: 1.8rem;
  font-weight: 700;
}
.link {
  color: var(--ginger-ink);
}
</style>
