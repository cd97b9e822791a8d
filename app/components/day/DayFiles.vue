<script setup lang="ts">
import type { DayPlan } from '#core/day'
import { calendar } from '#core/share'

/** The day as a calendar, as text, on paper; and back to how it was worked out. */
const props = defineProps<{ shown: Extract<DayPlan, { ok: true }> }>()
const { bake, day, keep, plan, titles } = inject(bakeDayKey)!
const dayPlan = useDayPlan()
const house = useHouseStore()
const download = useDownload()
const takeBack = useTakeBack()
const title = computed(() => Object.values(titles.value).join(', '))
const isChanged = computed(() =>
  Object.values(day.value.wishes).some(w => w && Object.keys(w).length > 0),
)
const isPaced = computed(() => props.shown.tasks.some(task => task.pace && task.pace !== 1))
async function saveCalendar() {
  if (!plan.value || !bake.value) return
  const now = new Date().toISOString()
  download(
    fileName(bake.value.title, 'ics'),
    await useCore().calendarOf(plan.value, { ...titles.value }, now, dayPlan.shopping),
    'text/calendar',
  )
}
async function saveText() {
  if (!plan.value || !bake.value) return
  const { end } = plan.value
  const { dayText } = await calendar()
  download(
    fileName(`${bake.value.title} day`, 'md'),
    dayText(plan.value, title.value, at => sayMoment(at, end), dayPlan.shopping),
    'text/markdown',
  )
}
async function forgetPace() {
  const back = await house.keepKitchen({ ...house.kitchen, pace: {} })
  takeBack('Days are planned by the usual times again.', 'Take it back', back)
}
const print = () => window.print()
</script>

<template>
  <div class="out no-print">
    <UButton
      color="neutral"
      block
      icon="i-lucide-calendar-plus"
      :disabled="!plan"
      @click="saveCalendar"
      >Calendar file</UButton
    >
    <UButton
      color="neutral"
      variant="outline"
      block
      icon="i-lucide-file-down"
      :disabled="!plan"
      @click="saveText"
      >Day as Markdown</UButton
    >
    <UButton color="neutral" variant="outline" block icon="i-lucide-printer" @click="print"
      >Print</UButton
    >
    <UButton
      v-if="isPaced"
      color="neutral"
      variant="ghost"
      block
      icon="i-lucide-gauge"
      @click="forgetPace"
      >Plan by the usual pace again</UButton
    >
    <UButton
      v-if="isChanged"
      color="neutral"
      variant="ghost"
      block
      icon="i-lucide-rotate-ccw"
      @click="keep({ wishes: {} })"
      >As it was worked out</UButton
    >
  </div>
</template>

<style scoped>
.lists,
.side,
.own,
.out {
  display: grid;
  gap: 12px;
  min-width: 0;
}
</style>
