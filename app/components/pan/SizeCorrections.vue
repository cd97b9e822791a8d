<script setup lang="ts">
import type { SizedUp } from '#core/pan'

/** What sizing took for granted, to put right: time, heat, warmth, density, parts beside the tin, cutting. */
const props = defineProps<{ up: SizedUp; at: SizedUp['tins'][number] | null }>()
const { size, say } = useSizing()
const { wrong, number } = useNumberField()
const value = (event: Event) => (event.target as HTMLInputElement).value
const isChecked = (event: Event) => (event.target as HTMLInputElement).checked

const statedTime = computed(() => {
  const minutes = size.value.statedMinutes ?? props.up.bake?.minutes
  if (!minutes) return ''
  const [low, high] = minutes
  return low === high ? String(low) : `${low}–${high}`
})
/** “40”, “40–45”, “40 to 45 min” → minutes from and to; null for anything else. */
function readSpan(given: string): [number, number] | null {
  const found =
    /^\s*(\d+(?:[.,]\d+)?)\s*(?:(?:[-–]|to)\s*(\d+(?:[.,]\d+)?))?\s*(?:min\w*)?\s*$/u.exec(given)
  if (!found) return null
  const [low, high] = [readDecimal(found[1]!)!, readDecimal(found[2] ?? found[1]!)!]
  return low > 0 && high >= low && high <= 1440 ? [low, high] : null
}
function sayTime(given: string) {
  const span = readSpan(given)
  const isUnreadable = span === null && given.trim() !== ''
  wrong.value = isUnreadable ? `“${given}” is no bake time: minutes, as 40 or 40–45.` : ''
  if (!isUnreadable) void say({ statedMinutes: span ?? undefined })
}

/** Room warmth: what a batter has where nobody says otherwise, in °C. */
const room = 20
const starts = [
  { value: room, says: 'at room warmth' },
  { value: 5, says: 'from the fridge' },
  { value: 35, says: 'warm' },
]
const startAt = (celsius: number) => say({ start: celsius === room ? undefined : celsius })
const beside = (component: string, is: boolean) =>
  say({ said: { ...size.value.said, beside: { ...size.value.said?.beside, [component]: is } } })

/** Batter is weighed by the cup of so many millilitres. */
const weighed = 250
const sayDensity = (grams: number | undefined) =>
  say({
    said: { ...size.value.said, density: grams === undefined ? undefined : grams / weighed },
  })

const cutByCount = (given: string) =>
  number(given, { low: 1, high: 200, what: 'number of pieces' }, n =>
    say({ cut: n === undefined ? undefined : { by: 'count', n: Math.round(n) } }),
  )
const cutBySide = (given: string) =>
  number(given, { low: 0.5, high: 40, what: 'side in cm' }, n =>
    say({ cut: n === undefined ? undefined : { by: 'side', n } }),
  )
/** How many pieces it is cut into, as it was said or as it was worked out. */
const pieces = computed(() => {
  if (size.value.cut?.by === 'count') return size.value.cut.n
  if (!props.up.cut) return ''
  return props.up.cut.how === 'grid' ? props.up.cut.grid.count : props.up.cut.count
})
</script>

<template>
  <details class="sheet part tool">
    <summary>
      <h2>Put it right</h2>
      <span class="soft">stated time, heat, warmth, density, what lies in the tin, cutting</span>
    </summary>
    <div class="fields">
      <label
        >The recipe’s own time
        <span class="unit"
          ><TypedField :shown="statedTime" placeholder="40–45" @typed="sayTime($event)" /> min</span
        ></label
      >
      <label
        >Heat, still
        <span class="unit"
          ><TypedField
            inputmode="decimal"
            :shown="size.celsius ?? up.bake?.celsius ?? ''"
            @typed="
              number($event, { low: 60, high: 300, what: 'oven heat in °C' }, n =>
                say({ celsius: n }),
              )
            "
          />
          °C</span
        ></label
      >
      <label
        >The batter goes in
        <select class="input" :value="size.start ?? room" @change="startAt(Number(value($event)))">
          <option v-for="s in starts" :key="s.value" :value="s.value">{{ s.says }}</option>
        </select></label
      >
      <label
        >{{ weighed }} ml of batter weigh
        <span class="unit"
          ><TypedField
            inputmode="decimal"
            :shown="Math.round(weighed * (size.said?.density ?? up.batter?.density ?? 1))"
            @typed="
              number($event, { low: 40, high: 500, what: 'weight of 250 ml of batter' }, sayDensity)
            "
          />
          g</span
        ></label
      >
      <label v-if="up.pieces"
        >A piece of dough
        <span class="unit"
          ><TypedField
            inputmode="decimal"
            :shown="Math.round(up.pieces.grams)"
            @typed="
              number($event, { low: 1, high: 5000, what: 'weight of a piece in g' }, n =>
                say({ pieceGrams: n }),
              )
            "
          />
          g</span
        ></label
      >
      <template v-if="up.cut || at?.tin.shape === 'box'">
        <label
          >Cut into
          <span class="unit"
            ><TypedField inputmode="numeric" :shown="pieces" @typed="cutByCount" /> pieces</span
          ></label
        >
        <label v-if="up.cut?.how !== 'wedges'"
          >or {{ up.cut?.how === 'slices' ? 'slices' : 'squares' }} of
          <span class="unit"
            ><TypedField
              inputmode="decimal"
              :shown="size.cut?.by === 'side' ? size.cut.n : ''"
              placeholder="5"
              @typed="cutBySide"
            />
            cm</span
          ></label
        >
      </template>
    </div>
    <fieldset v-if="up.batter && up.batter.parts.length > 1">
      <legend>Goes into the tin</legend>
      <label v-for="part in up.batter.parts" :key="part.component" class="check"
        ><input
          type="checkbox"
          :checked="!part.beside"
          @change="beside(part.component, !isChecked($event))"
        />
        {{ part.component || 'main part' }}
        <span class="soft"
          >{{ Math.round(part.grams * up.factor) }} g, {{ part.familyName }}</span
        ></label
      >
    </fieldset>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </details>
</template>

<style scoped>
.part {
  grid-column: 1;
  padding: 16px 22px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.tool {
  padding: 8px 22px;
}
.tool summary {
  display: flex;
  gap: 4px 14px;
  align-items: baseline;
  flex-wrap: wrap;
  cursor: pointer;
  min-height: 44px;
}
.tool summary h2 {
  margin: 0;
}
.tool[open] {
  padding-bottom: 16px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 22px;
}
.fields label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.unit {
  display: flex;
  gap: 8px;
  align-items: center;
}
.fields .input {
  width: auto;
}
.fields .unit .input {
  width: 96px;
  text-align: right;
}
fieldset {
  border: 0;
  padding: 12px 0 0;
  margin: 0;
}
legend {
  font-weight: 650;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.wrong {
  color: var(--beet);
  padding-top: 8px;
}
@media (max-width: 1040px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
