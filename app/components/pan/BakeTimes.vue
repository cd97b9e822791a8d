<script setup lang="ts">
import type { SizedTin, SizedUp } from '#core/pan'

/** How long it bakes, at what setting, and how it is seen to be done. */
const props = defineProps<{ up: SizedUp; at: SizedTin | null; working: boolean }>()
const emit = defineEmits<{ took: [minutes: number, expected: number] }>()

const time = computed(() => (props.at?.time.ok ? props.at.time : null))
const span = (from: number, to: number) => (from === to ? `${from}` : `${from}–${to}`)
const hours = (m: number) =>
  m >= 100 ? `${Math.floor(m / 60)} h ${Math.round(m % 60)} min` : `${m} min`
const whole = ([from, to]: readonly [number, number]) => {
  if (to < 100) return `${span(from, to)} min`
  return from === to ? hours(from) : `${hours(from)} – ${hours(to)}`
}
const rests: Readonly<Record<string, string>> = {
  stated: 'as the recipe says: nothing that matters has changed',
  model: 'by how heat gets through this batter, set by the recipe’s own tin and time',
  rule: 'by volume over wetted area, until the heat model answers',
  pieces: 'by the weight of a piece',
  unstated: 'no time is stated: what ordinary batters take',
}
const because = computed(() => {
  if (!time.value) return ''
  return time.value.by === 'rule' && !time.value.fits
    ? 'by rule and model together, since the stated time fits nothing'
    : (rests[time.value.by] ?? '')
})
const entered = ref('')
useDraft(`took/${String(useRoute().params.bake)}`, reactive({ entered }))
const wrong = ref('')
function took() {
  const n = readDecimal(entered.value)
  if (n === null || !Number.isFinite(n) || n < 1 || n > 600) {
    wrong.value = `“${entered.value}” is no bake time: minutes from 1 to 600.`
    return
  }
  wrong.value = ''
  entered.value = ''
  emit('took', n, time.value!.likely)
}
</script>

<template>
  <section v-if="at" class="times" aria-labelledby="time" :aria-busy="working">
    <h2 id="time">In the oven</h2>
    <template v-if="time && time.by === 'cold'"
      ><p class="big">not baked</p>
      <p class="soft">
        {{ time.notes.join(' ')
        }}<template v-if="up.settles >= 60">
          Give it {{ Math.round(up.settles / 60) }} hours at least.</template
        >
      </p></template
    >
    <template v-else-if="time && time.likely > 0">
      <p class="big">{{ whole(time.minutes) }}</p>
      <p class="first">
        first look at <b>{{ time.firstCheck }} min</b>, turn at {{ time.turnAt
        }}<template v-if="up.setting"
          >, at <b>{{ up.setting.says }}</b></template
        >
      </p>
      <p class="soft tiny">
        {{ because
        }}<template v-if="time.by === 'model' && Math.abs(time.rule / time.likely - 1) > 0.04"
          >; the rule of thumb says {{ Math.round(time.rule) }}</template
        >.
      </p>
      <p v-if="up.setting" class="soft tiny">Elsewhere: {{ up.setting.others.join(', ') }}.</p>
      <p v-if="up.setting?.offset.says" class="tiny">
        {{ up.setting.offset.says }} The setting allows for it.
      </p>
      <p v-if="!time.fits && time.usual" class="misfit" role="note">
        <b>The stated time does not fit the stated tin.</b>
        {{ up.bake ? whole(up.bake.minutes) : '' }} is written; that much batter in it would take
        {{ whole(time.usual) }}. Is the tin, the time or an amount another?
      </p>
      <WarmingChart v-if="time.warming" :time="time" />
      <p v-for="bake in up.again" :key="`${bake.step?.component} ${bake.step?.at}`" class="tiny">
        And another time in the oven, {{ whole(bake.minutes) }}, as the recipe says.
      </p>
    </template>
    <p v-else-if="time" class="soft">{{ time.notes.join(' ') }}</p>
    <p v-else-if="!at.time.ok" class="misfit" role="note">{{ at.time.problem.sentence }}</p>
    <template v-if="time && time.notes.length && time.likely > 0"
      ><p v-for="note in time.notes" :key="note" class="soft tiny">{{ note }}</p></template
    >

    <template v-if="up.cues.length"
      ><h3>Done when</h3>
      <ul>
        <li v-for="cue in up.cues" :key="cue">{{ cue }}</li>
      </ul></template
    >
    <p v-if="up.pieces && up.settles" class="tiny">
      Leave them {{ up.settles }} min on the tray: they are soft while they are hot.
    </p>
    <p v-else-if="up.settles && time?.by !== 'cold'" class="tiny">
      Leave it {{ up.settles }} min before it is cut{{
        up.batter && up.batter.eggs < 0.15 && up.batter.row.by === 'heat'
          ? ': without egg the crumb sets while it cools'
          : ''
      }}.
    </p>
    <form v-if="time && time.likely > 0" class="took" @submit.prevent="took">
      <label for="took">It took</label
      ><input
        id="took"
        v-model="entered"
        class="input"
        inputmode="decimal"
        placeholder="min"
      /><UButton type="submit" color="neutral" variant="outline" :disabled="!entered.trim()"
        >Remember</UButton
      >
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </form>
  </section>
</template>

<style scoped>
.times {
  display: grid;
  gap: 6px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
  padding-top: 4px;
}
.big {
  font-family: var(--font-title);
  font-size: 2.1rem;
  font-weight: 700;
  line-height: 1.1;
}
.first {
  font-size: 1.02rem;
}
.tiny {
  font-size: 0.93rem;
}
.misfit {
  background: var(--beet-pale);
  border-radius: 12px;
  padding: 10px 14px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  padding-left: 18px;
  position: relative;
  line-height: 1.3;
}
li::before {
  content: '';
  position: absolute;
  left: 2px;
  top: 0.5em;
  width: 8px;
  height: 8px;
  border-radius: 50%;
  background: var(--leaf);
}
.took {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
  padding-top: 4px;
}
.took .input {
  width: 92px;
  text-align: right;
}
.wrong {
  color: var(--beet);
  flex-basis: 100%;
}
</style>
