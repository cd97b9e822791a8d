<script setup lang="ts">
import { makeLimits, type Timer } from '#core/make'

/** Timers by name, the next to end first; each is made longer, or done with, by a knuckle. */
const props = defineProps<{ timers: readonly Timer[]; now: number }>()
const emit = defineEmits<{
  more: [timer: string, minutes: number]
  stop: [timer: string]
  own: [says: string, minutes: number]
}>()
const running = computed(() => props.timers.filter(t => t.stopped === null))
const nextOf = (timer: Timer) => timer.marks.find(mark => mark.moment > props.now)
const opened = ref('')

const making = ref(false)
const says = ref('')
const minutes = ref('10')
useDraft('timer', reactive({ making, says, minutes }))
const wrong = ref('')
function begin() {
  const n = readDecimal(minutes.value)
  if (n === null || !Number.isFinite(n) || n <= 0 || n > 1440) {
    wrong.value = `“${minutes.value}” is no length: minutes from 1 to 1440.`
    return
  }
  emit('own', says.value.trim().slice(0, 60) || `${minutes.value} minutes`, n)
  wrong.value = ''
  says.value = ''
  making.value = false
}
</script>

<template>
  <section class="timers" aria-label="Timers">
    <ul>
      <li v-for="timer in running" :key="timer.id" :class="{ over: timer.ends <= now }">
        <button
          type="button"
          class="row"
          :aria-expanded="opened === timer.id"
          @click="opened = opened === timer.id ? '' : timer.id"
        >
          <span class="what"
            ><span class="name">{{ timer.says }}</span
            ><span v-if="nextOf(timer)" class="soft mark"
              >{{ nextOf(timer)!.says.toLowerCase() }} in
              {{ sayCount(nextOf(timer)!.moment - now) }}</span
            ><span v-else class="soft mark">until {{ sayHour(timer.ends) }}</span></span
          >
          <span class="left">{{ sayCount(timer.ends - now) }}</span>
        </button>
        <div v-if="opened === timer.id || timer.ends <= now" class="acts">
          <button
            v-for="n in [1, 3, 5]"
            :key="n"
            type="button"
            class="knuckle ghost"
            :aria-label="`${n} minutes more: ${timer.says}`"
            @click="emit('more', timer.id, n)"
          >
            +{{ n }}
          </button>
          <button
            type="button"
            class="knuckle ghost"
            :aria-label="`One minute less: ${timer.says}`"
            @click="emit('more', timer.id, -1)"
          >
            −1
          </button>
          <button
            type="button"
            class="knuckle done"
            :aria-label="`It is done: ${timer.says}`"
            @click="emit('stop', timer.id)"
          >
            It is done
          </button>
        </div>
      </li>
    </ul>
    <form v-if="making" class="own" aria-label="A timer of your own" @submit.prevent="begin">
      <label
        >For<input
          v-model="says"
          class="input tall"
          :maxlength="makeLimits.timerName"
          placeholder="the kettle"
      /></label>
      <label>Minutes<input v-model="minutes" class="input tall" inputmode="decimal" /></label>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <div class="acts">
        <button type="button" class="knuckle ghost" @click="making = false">Leave it</button
        ><button type="submit" class="knuckle done">Start</button>
      </div>
    </form>
    <button v-else type="button" class="knuckle ghost add" @click="making = true">
      Another timer
    </button>
  </section>
</template>

<style scoped>
.timers {
  display: grid;
  gap: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
li {
  background: var(--sheet);
  border-radius: 16px;
  padding: 0 16px;
}
li.over {
  background: var(--ginger-pale);
  padding-bottom: 12px;
}
.row {
  width: 100%;
  min-height: 64px;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  cursor: pointer;
  text-align: left;
}
.what {
  display: grid;
  min-width: 0;
}
.name {
  font-size: 1.06rem;
}
.name::first-letter {
  text-transform: uppercase;
}
.mark {
  font-size: 0.93rem;
}
.left {
  font-size: 1.5rem;
  font-weight: 700;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-bottom: 12px;
}
.over .acts {
  padding-bottom: 0;
}
.acts .done {
  flex: 1;
  min-width: 130px;
}
.own {
  background: var(--sheet);
  border-radius: 16px;
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}
.own label {
  display: grid;
  gap: 3px;
}
.tall {
  min-height: 64px;
  font-size: 1.2rem;
}
.add {
  justify-self: start;
}
.wrong {
  color: var(--beet);
}
</style>
