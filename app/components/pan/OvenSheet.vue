<script setup lang="ts">
import { ovenOffset, type Kitchen } from '#core/pan'

/** This house's oven, tray and height: what every bake time allows for. */
const house = useHouseStore()
const takeBack = useTakeBack()
const kitchen = computed(() => house.kitchen)
const oven = computed(() => kitchen.value.oven)
const offset = computed(() => ovenOffset(oven.value))
const { wrong, number } = useNumberField()
async function keep(next: Kitchen, says = '') {
  const back = await house.keepKitchen(next)
  if (says) takeBack(says, 'Take it back', back)
}
const inOven = (change: Partial<Kitchen['oven']>, says = '') =>
  keep({ ...kitchen.value, oven: { ...oven.value, ...change } }, says)
/** An emptied field changes nothing: a tray has a length. */
const inTray = (change: Partial<Record<keyof Kitchen['tray'], number | undefined>>) => {
  const [value] = Object.values(change)
  if (value !== undefined)
    void keep({ ...kitchen.value, tray: { ...kitchen.value.tray, ...change } as Kitchen['tray'] })
}
const scales = [
  { id: 'C', says: '°C' },
  { id: 'F', says: '°F' },
  { id: 'gas', says: 'gas mark' },
] as const

const set = ref('180')
const read = ref('')
useDraft('thermometer', reactive({ set, read }))
function measured() {
  const [at, is] = [readDecimal(set.value), readDecimal(read.value)]
  if (is === null) {
    wrong.value = ''
    return
  }
  if (
    at === null ||
    ![at, is].every(n => Number.isFinite(n) && n >= 60 && n <= 300) ||
    Math.abs(is - at) > 60
  ) {
    wrong.value = 'Both must be °C from 60 to 300, and not more than 60 apart.'
    return
  }
  wrong.value = ''
  read.value = ''
  void inOven({ offset: Math.round(is - at) }, 'What the thermometer says is kept.')
}
</script>

<template>
  <div class="oven">
    <div class="fields">
      <div class="ways" role="group" aria-label="Kind of oven">
        <button type="button" class="way" :aria-pressed="!oven.fan" @click="inOven({ fan: false })">
          still heat</button
        ><button type="button" class="way" :aria-pressed="oven.fan" @click="inOven({ fan: true })">
          fan
        </button>
      </div>
      <div class="ways" role="group" aria-label="Its dial">
        <button
          v-for="s in scales"
          :key="s.id"
          type="button"
          class="way"
          :aria-pressed="oven.scale === s.id"
          @click="inOven({ scale: s.id })"
        >
          {{ s.says }}
        </button>
      </div>
      <label
        >Tray, inside
        <span class="unit"
          ><TypedField
            inputmode="decimal"
            aria-label="Length of the tray"
            :shown="kitchen.tray.length"
            @typed="
              number($event, { low: 15, high: 80, what: 'length in cm' }, length =>
                inTray({ length }),
              )
            "
          />
          ×
          <TypedField
            inputmode="decimal"
            aria-label="Breadth of the tray"
            :shown="kitchen.tray.breadth"
            @typed="
              number($event, { low: 15, high: 80, what: 'breadth in cm' }, breadth =>
                inTray({ breadth }),
              )
            "
          />
          cm</span
        ></label
      >
      <label
        >Trays at once
        <span class="unit"
          ><TypedField
            inputmode="numeric"
            :shown="kitchen.tray.atOnce"
            @typed="
              number($event, { low: 1, high: 4, what: 'number of trays' }, n =>
                inTray({ atOnce: n === undefined ? undefined : Math.round(n) }),
              )
            " /></span
      ></label>
      <label
        >Above the sea
        <span class="unit"
          ><TypedField
            inputmode="decimal"
            :shown="kitchen.altitude"
            @typed="
              number($event, { low: -400, high: 5000, what: 'height in metres' }, altitude =>
                altitude === undefined ? undefined : keep({ ...kitchen, altitude }),
              )
            "
          />
          m</span
        ></label
      >
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <h3>Does it lie?</h3>
    <p class="soft">
      {{
        offset.says ||
        'Nothing is known yet. Measure it once, or remember how long bakes took: then it is learned.'
      }}<template v-if="offset.rests"> One bake alone moves it little.</template>
    </p>
    <form class="lies" @submit.prevent="measured">
      <label
        >Set to
        <input v-model="set" class="input" inputmode="decimal" aria-label="Oven set to, °C" />
        °C,</label
      ><label
        >a thermometer inside reads
        <input
          v-model="read"
          class="input"
          inputmode="decimal"
          aria-label="Thermometer reads, °C"
        />
        °C</label
      ><UButton type="submit" color="neutral" variant="outline">Keep</UButton
      ><UButton
        v-if="oven.offset !== null"
        type="button"
        color="neutral"
        variant="ghost"
        @click="inOven({ offset: null }, 'The thermometer counts no longer.')"
        >Forget the thermometer</UButton
      >
    </form>
    <ul v-if="oven.log.length" class="log" aria-label="How long bakes took">
      <li v-for="(note, i) in oven.log" :key="`${note.on} ${note.bake} ${i}`">
        <span class="grow"
          >{{ sayDay(note.on) }}, {{ note.title }}: <b>{{ Math.round(note.took) }} min</b>{{ ' '
          }}<span class="soft">for {{ Math.round(note.expected) }} expected</span></span
        ><button
          type="button"
          class="link"
          :aria-label="`Forget ${note.title} of ${sayDay(note.on)}`"
          @click="inOven({ log: oven.log.filter((_, at) => at !== i) }, 'Forgotten.')"
        >
          Forget
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.oven {
  display: grid;
  gap: 10px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 22px;
  align-items: center;
}
.fields label,
.lies label {
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}
.unit {
  display: flex;
  align-items: center;
  gap: 6px;
}
.fields .input,
.lies .input {
  width: 84px;
  text-align: right;
}
.ways {
  display: flex;
  gap: 6px;
}
.way {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.way[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
  font-weight: 600;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
}
.lies {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.log {
  list-style: none;
  padding: 0;
  margin: 0;
}
.log li {
  display: flex;
  align-items: center;
  gap: 10px;
  border-top: 1.5px solid var(--line);
}
.grow {
  flex: 1;
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.wrong {
  color: var(--beet);
}
</style>
