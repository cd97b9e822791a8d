<script setup lang="ts">
import type { DayPlan, DayWishes, PlacedTask } from '#core/day'

/** The day hour by hour; each length can be changed, and each task tied to an hour. */
const props = defineProps<{
  plan: Extract<DayPlan, { ok: true }>
  tasks: readonly PlacedTask[]
  titles: Readonly<Record<string, string>>
  wishes: DayWishes
}>()
const emit = defineEmits<{
  length: [task: PlacedTask, minutes: number]
  hour: [task: PlacedTask, which: 'notBefore' | 'outBy', at: number | null]
  drop: [task: PlacedTask]
}>()
/** Of tasks on more than one day each hour says its day. */
const days = computed(
  () =>
    new Set(props.tasks.map(t => new Date(t.starts * 60_000).toDateString())).size +
    (props.plan.end - (props.tasks[0]?.starts ?? props.plan.end) > 2 * 1440 ? 1 : 0),
)
const several = computed(() => Object.keys(props.titles).length > 1)
const changed = (task: PlacedTask) =>
  task.usual !== undefined ||
  props.wishes.notBefore?.[task.id] !== undefined ||
  props.wishes.outBy?.[task.id] !== undefined
const oneDigit = (n: number) => (Math.round(n * 10) / 10).toLocaleString('en')
const wrong = ref<Readonly<Record<string, string>>>({})
function typed(task: PlacedTask, text: string) {
  const n = readDecimal(text)
  if (n === null || !Number.isFinite(n) || n < 0 || n > 2880) {
    wrong.value = { [task.id]: `“${text}” is no length: minutes from 0 to 2880.` }
    return
  }
  wrong.value = {}
  emit('length', task, n)
}
const back = (task: PlacedTask) => {
  emit('hour', task, 'notBefore', null)
  emit('hour', task, 'outBy', null)
  if (task.usual !== undefined) emit('length', task, task.usual)
}
</script>

<template>
  <ol class="list">
    <li
      v-for="task in tasks"
      :key="task.id"
      :class="{ waits: !task.hands, serve: task.kind === 'serve' }"
    >
      <span class="at">{{
        days > 1 ? sayWeekHour(task.starts, plan.end) : sayHour(task.starts)
      }}</span>
      <span class="what"
        ><b v-if="several && titles[task.bake]" class="of">{{ titles[task.bake] }}</b> {{ task.says
        }}<span
          v-if="plan.tight.includes(task.id)"
          class="tight"
          title="it must be done at that minute: something would wait too long"
        >
          tight</span
        >
        <span v-if="changed(task) || (task.pace && task.pace !== 1)" class="mine"
          >{{
            [
              ...(task.pace && task.pace !== 1
                ? [`by your own pace, ${oneDigit(task.pace)} times the usual`]
                : []),
              ...(task.usual !== undefined ? [`usually ${Math.round(task.usual)} min`] : []),
              ...(wishes.notBefore?.[task.id] !== undefined || wishes.outBy?.[task.id] !== undefined
                ? ['moved by you']
                : []),
            ].join(', ')
          }}
          <button v-if="changed(task)" type="button" class="link" @click="back(task)">
            as it was
          </button></span
        >
        <span v-if="wrong[task.id]" class="wrong" role="alert">{{ wrong[task.id] }}</span>
      </span>
      <span v-if="task.kind !== 'serve'" class="len">
        <button
          type="button"
          class="step"
          :aria-label="`Three minutes less: ${task.short}`"
          @click="emit('length', task, Math.max(0, task.minutes - 3))"
        >
          −
        </button>
        <TypedField
          inputmode="decimal"
          :shown="Math.round(task.minutes)"
          :aria-label="`Minutes: ${task.short}`"
          @typed="typed(task, $event)"
        />
        <button
          type="button"
          class="step"
          :aria-label="`Three minutes more: ${task.short}`"
          @click="emit('length', task, task.minutes + 3)"
        >
          +
        </button>
      </span>
      <details v-if="task.kind !== 'serve'" class="hours">
        <summary :aria-label="`Hours for ${task.short}`">···</summary>
        <label
          >not before
          <input
            type="datetime-local"
            class="input"
            :value="
              wishes.notBefore?.[task.id] !== undefined ? toField(wishes.notBefore[task.id]!) : ''
            "
            @change="
              emit('hour', task, 'notBefore', fromField(($event.target as HTMLInputElement).value))
            "
        /></label>
        <label
          >over by
          <input
            type="datetime-local"
            class="input"
            :value="wishes.outBy?.[task.id] !== undefined ? toField(wishes.outBy[task.id]!) : ''"
            @change="
              emit('hour', task, 'outBy', fromField(($event.target as HTMLInputElement).value))
            "
        /></label>
        <button v-if="task.kind === 'own'" type="button" class="link" @click="emit('drop', task)">
          Take it out
        </button>
      </details>
    </li>
  </ol>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr) auto 44px;
  gap: 4px 12px;
  align-items: center;
  border-top: 1.5px solid var(--line);
  padding: 5px 0;
}
.at {
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.waits .what {
  color: var(--soft);
}
.serve {
  border-top-color: var(--leaf);
  font-weight: 650;
}
.of {
  font-weight: 600;
  color: var(--ginger-ink);
}
.tight {
  color: var(--beet);
  font-size: 0.88rem;
  font-weight: 600;
}
.mine {
  display: block;
  font-size: 0.9rem;
  color: var(--ginger-ink);
}
.wrong {
  display: block;
  color: var(--beet);
}
.len {
  display: inline-flex;
  align-items: center;
}
.step {
  width: 44px;
  height: 44px;
  font-size: 1.2rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  cursor: pointer;
}
.len .input {
  width: 62px;
  text-align: center;
  border: 0;
  padding: 0 4px;
}
.hours summary {
  list-style: none;
  cursor: pointer;
  min-height: 44px;
  display: grid;
  place-items: center;
  color: var(--soft);
}
.hours[open] {
  grid-column: 2 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.hours label {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.95rem;
}
.hours .input {
  width: auto;
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
@media (max-width: 520px) {
  li {
    grid-template-columns: 54px minmax(0, 1fr) 44px;
  }
  .len {
    grid-column: 2;
  }
  .hours {
    grid-row: 1;
    grid-column: 3;
  }
  .hours[open] {
    grid-row: auto;
    grid-column: 1 / -1;
  }
}
@media print {
  .len,
  .hours,
  .link {
    display: none;
  }
}
</style>
