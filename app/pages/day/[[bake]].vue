<script setup lang="ts">
const { missing, opened } = useBake()
const dayPlan = useDayPlan()
const bakeDay = useBakeDay()
provide(bakeDayKey, bakeDay)
const { bake, day, titles, problem, shown } = bakeDay
const { length, hour, move, drop } = useTaskWishes(bakeDay)
useHead({ title: () => `Day: ${bake.value?.title ?? ''}` })

const evening = computed(() => shown.value?.tasks.filter(t => t.evening) ?? [])
const main = computed(() => shown.value?.tasks.filter(t => !t.evening) ?? [])
/** From so many minutes before the serving on, it is no evening before but days. */
const aNightAway = 2 * 1440 - 300
const early = computed(() => {
  const first = evening.value[0]
  const isDays = first && shown.value && shown.value.end - first.starts > aNightAway
  return isDays ? 'Days before' : 'The evening before'
})
const heading = computed(() => (evening.value.length ? `${early.value}, and the day` : 'The day'))
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page" :aria-busy="dayPlan.working || !dayPlan.plan">
    <BenchBar />
    <h1 class="sr-only">The day</h1>
    <DayWhen />

    <DayRefusal v-if="problem" />
    <p v-if="!shown && !problem" class="soft" role="status">Placing the day …</p>

    <template v-if="shown">
      <DayDrawn :shown="shown" :heading="heading" @move="move" />
      <div class="two">
        <div class="lists">
          <section v-if="evening.length" class="sheet part" aria-labelledby="evening">
            <h2 id="evening">{{ early }}</h2>
            <DayList
              :plan="shown"
              :tasks="evening"
              :titles="titles"
              :wishes="day.wishes"
              @length="length"
              @hour="hour"
            />
          </section>
          <section class="sheet part" aria-labelledby="hours">
            <h2 id="hours">Hour by hour</h2>
            <DayList
              :plan="shown"
              :tasks="main"
              :titles="titles"
              :wishes="day.wishes"
              @length="length"
              @hour="hour"
              @drop="drop"
            />
          </section>
        </div>
        <aside class="side">
          <section v-if="shown.preheats.length">
            <h2>The oven</h2>
            <p v-for="heat in shown.preheats" :key="heat.at">
              <b>{{ sayHour(heat.at) }}</b> heat to {{ heat.celsius }} °C
            </p>
          </section>
          <details v-if="dayPlan.shopping.length" class="buy">
            <summary><h2>What it takes</h2></summary>
            <ul>
              <li v-for="each in dayPlan.shopping" :key="each.name">
                {{ each.says }}<span v-if="each.optional" class="soft"> if wanted</span>
              </li>
            </ul>
          </details>
          <OwnTask :shown="shown" />
          <DayFiles :shown="shown" />
        </aside>
      </div>
    </template>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
}
.part {
  padding: 14px 22px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 262px;
  gap: 14px 22px;
  align-items: start;
}
.lists,
.side,
.own,
.out {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.buy summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
}
.buy summary h2 {
  margin: 0;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.buy ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 3px;
}
@media (max-width: 940px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .part,
  .ask {
    padding: 12px 16px;
  }
}
@media print {
  .two {
    display: block;
  }
}
</style>
