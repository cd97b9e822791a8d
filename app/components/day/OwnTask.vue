<script setup lang="ts">
import { dayLimits, type DayPlan, type OwnTask } from '#core/day'

/** Something else that day, put among the tasks. */
const props = defineProps<{ shown: Extract<DayPlan, { ok: true }> }>()
const { day, wish } = inject(bakeDayKey)!
const own = reactive({ says: '', minutes: '10', hands: true, after: '' })
useDraft('own-task', own)
const wrong = ref('')
const canFollow = computed(() => props.shown.tasks.filter(task => task.kind !== 'serve'))
/** Minutes in a day: the longest task. */
const longest = 1440
function addOwn() {
  const n = readDecimal(own.minutes)
  if (!own.says.trim()) {
    wrong.value = 'What is to be done?'
    return
  }
  if (n === null || !Number.isFinite(n) || n < 0 || n > longest) {
    wrong.value = `“${own.minutes}” is no length: minutes from 0 to ${longest}.`
    return
  }
  wrong.value = ''
  const task: OwnTask = {
    id: `own-${crypto.randomUUID()}`,
    says: own.says.trim().slice(0, dayLimits.says),
    minutes: n,
    hands: own.hands,
    ...(own.after ? { after: own.after } : {}),
  }
  own.says = ''
  void wish({ own: [...(day.value.wishes.own ?? []), task] })
}
</script>

<template>
  <form class="own no-print" aria-label="A task of your own" @submit.prevent="addOwn">
    <h2>Something else that day</h2>
    <label
      >What<input
        v-model="own.says"
        class="input"
        :maxlength="dayLimits.says"
        placeholder="fetch the lanterns"
    /></label>
    <label>Minutes<input v-model="own.minutes" class="input short" inputmode="decimal" /></label>
    <label
      >After<select v-model="own.after" class="input">
        <option value="">anything</option>
        <option v-for="task in canFollow" :key="task.id" :value="task.id">
          {{ task.short }}
        </option>
      </select></label
    >
    <label class="check"><input v-model="own.hands" type="checkbox" /> needs my hands</label>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <UButton type="submit" color="neutral" variant="outline">Add it</UButton>
  </form>
</template>

<style scoped>
.check {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  font-weight: 400 !important;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.lists,
.side,
.own,
.out {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.own label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.own .check {
  display: flex;
  flex-wrap: wrap;
}
.short {
  max-width: 110px;
}
.wrong {
  color: var(--beet);
}
</style>
