<script setup lang="ts">
import type { SizedUp, SizeTarget } from '#core/pan'
import { linesOf, type Recipe } from '#core/recipe'

/**
 * What the amounts are to come to: as written, so many times, for so many, by a weight in hand, by
 * eggs, by the tin, or a test.
 */
const props = defineProps<{
  recipe: Recipe
  target: SizeTarget
  problem: string
  counts: SizedUp['counts']
}>()
const emit = defineEmits<{ size: [target: SizeTarget] }>()

const weighed = computed(() => linesOf(props.recipe).filter(line => line.grams && !line.purpose))
const eggs = computed(() => props.counts.eggs)
const count = computed(() => props.counts.makes)
const serves = computed(() => /serv|people|persons|portion/iu.test(props.recipe.yield?.text ?? ''))

type Way =
  | 'written'
  | 'half'
  | 'third'
  | 'double'
  | 'times'
  | 'count'
  | 'piece'
  | 'line'
  | 'eggs'
  | 'tin'
  | 'test'
const ways = computed<readonly { readonly id: Way; readonly says: string }[]>(() => [
  { id: 'written', says: 'as written' },
  { id: 'half', says: 'half' },
  { id: 'third', says: 'a third' },
  { id: 'double', says: 'double' },
  { id: 'times', says: '× …' },
  ...(count.value
    ? [{ id: 'count' as const, says: serves.value ? 'for so many people' : 'so many pieces' }]
    : []),
  { id: 'piece', says: 'pieces of a weight' },
  ...(weighed.value.length ? [{ id: 'line' as const, says: 'what I have of …' }] : []),
  ...(eggs.value ? [{ id: 'eggs' as const, says: 'by eggs' }] : []),
  { id: 'tin', says: 'to fill the tin' },
  { id: 'test', says: 'a test' },
])
const is = (t: SizeTarget): Way => {
  if (t.by === 'times')
    return t.times === 1
      ? 'written'
      : t.times === 0.5
        ? 'half'
        : Math.abs(t.times - 1 / 3) < 1e-9
          ? 'third'
          : t.times === 2
            ? 'double'
            : 'times'
  return t.by === 'people'
    ? 'count'
    : t.by === 'pieces'
      ? t.grams === undefined
        ? 'count'
        : 'piece'
      : t.by
}
const way = ref<Way>(is(props.target))
watch(
  () => props.target,
  t => {
    way.value = is(t)
    fill()
  },
)

const first = ref('')
const second = ref('')
const line = ref('')
/** Schools of filling: by the kind of batter, or half, two thirds, three quarters whatever it is. */
const fills = { half: 1 / 2, thirds: 2 / 3, quarters: 3 / 4 } as const
const keep = ref<'depth' | 'fill' | 'all' | keyof typeof fills>('depth')
const tinTarget = (): SizeTarget =>
  keep.value in fills
    ? { by: 'tin', keep: 'fill', fill: fills[keep.value as keyof typeof fills] }
    : { by: 'tin', keep: keep.value as 'depth' | 'fill' | 'all' }
/** What is in the fields: the target's own figures, or what is likely meant. */
function fill() {
  const t = props.target
  first.value =
    t.by === 'times'
      ? String(Math.round(t.times * 1000) / 1000)
      : t.by === 'people'
        ? String(t.people)
        : t.by === 'pieces'
          ? String(t.pieces)
          : t.by === 'line'
            ? String(t.grams)
            : t.by === 'eggs'
              ? String(t.eggs)
              : t.by === 'test'
                ? String(t.tests)
                : ''
  second.value = t.by === 'pieces' && t.grams !== undefined ? String(t.grams) : '30'
  if (t.by === 'line') line.value = t.lineId
  if (t.by === 'tin')
    keep.value =
      (Object.keys(fills) as (keyof typeof fills)[]).find(id => fills[id] === t.fill) ?? t.keep
}
fill()
const wrong = ref('')
const number = (text: string, what: string): number | null => {
  const n = readDecimal(text)
  if (n !== null && Number.isFinite(n) && n > 0) {
    wrong.value = ''
    return n
  }
  wrong.value = `“${text}” is no ${what}: a number above zero is wanted.`
  return null
}
function pick(id: Way) {
  way.value = id
  wrong.value = ''
  const now = props.target
  if (id === 'written') emit('size', { by: 'times', times: 1 })
  else if (id === 'half') emit('size', { by: 'times', times: 0.5 })
  else if (id === 'third') emit('size', { by: 'times', times: 1 / 3 })
  else if (id === 'double') emit('size', { by: 'times', times: 2 })
  else if (id === 'times')
    first.value = now.by === 'times' ? String(Math.round(now.times * 1000) / 1000) : '1.5'
  else if (id === 'count') first.value = String(Math.round(count.value ?? 12))
  else if (id === 'piece') {
    first.value = String(Math.round(count.value ?? 12))
    second.value = '30'
  } else if (id === 'line') {
    line.value = weighed.value[0]?.id ?? ''
    first.value = String(Math.round(weighed.value[0]?.grams?.best ?? 100))
  } else if (id === 'eggs') first.value = String(Math.max(1, Math.round(eggs.value) - 1))
  else if (id === 'test') {
    first.value = '1'
    emit('size', { by: 'test', tests: 1 })
  } else if (id === 'tin') emit('size', tinTarget())
}
function say() {
  if (way.value === 'tin') {
    emit('size', tinTarget())
    return
  }
  const n = number(first.value, 'number')
  if (n === null) return
  if (way.value === 'times') emit('size', { by: 'times', times: n })
  else if (way.value === 'count')
    emit('size', serves.value ? { by: 'people', people: n } : { by: 'pieces', pieces: n })
  else if (way.value === 'piece') {
    const grams = number(second.value, 'weight')
    if (grams !== null) emit('size', { by: 'pieces', pieces: n, grams })
  } else if (way.value === 'line') emit('size', { by: 'line', lineId: line.value, grams: n })
  else if (way.value === 'eggs') emit('size', { by: 'eggs', eggs: n })
  else if (way.value === 'test') emit('size', { by: 'test', tests: n })
}
function chose(id: string) {
  line.value = id
  first.value = String(Math.round(weighed.value.find(l => l.id === id)?.grams?.best ?? 100))
  say()
}
</script>

<template>
  <div class="bar">
    <div class="ways" role="group" aria-label="How much">
      <button
        v-for="each in ways"
        :key="each.id"
        type="button"
        class="way"
        :aria-pressed="way === each.id"
        @click="pick(each.id)"
      >
        {{ each.says }}
      </button>
    </div>
    <form
      v-if="!['written', 'half', 'third', 'double'].includes(way)"
      class="fields"
      @submit.prevent="say"
      @change="say"
    >
      <template v-if="way === 'line'">
        <label class="grow"
          >Of
          <select
            class="input"
            :value="line"
            aria-label="Of which ingredient"
            @change.stop="chose(($event.target as HTMLSelectElement).value)"
          >
            <option v-for="each in weighed" :key="each.id" :value="each.id">
              {{ each.name || each.text }}
            </option>
          </select></label
        >
        <label
          >there are
          <input
            v-model="first"
            class="input short"
            inputmode="decimal"
            aria-label="Grams that there are"
          />
          g</label
        >
      </template>
      <label v-else-if="way === 'tin'" class="grow"
        ><select v-model="keep" class="input" aria-label="How the tin is filled">
          <option value="depth">as deep as in the recipe’s tin</option>
          <option value="fill">as full as this kind of batter takes</option>
          <option value="half">half full</option>
          <option value="thirds">two thirds full</option>
          <option value="quarters">three quarters full</option>
          <option value="all">all of the batter, as it is</option>
        </select></label
      >
      <template v-else>
        <label
          ><input
            v-model="first"
            class="input short"
            inputmode="decimal"
            :aria-label="
              {
                times: 'How many times',
                count: serves ? 'How many people' : 'How many pieces',
                piece: 'How many pieces',
                eggs: 'How many eggs',
                test: 'How many tests',
              }[way as 'times']
            "
          />
          {{
            {
              times: 'times the recipe',
              count: serves ? 'people' : 'pieces',
              piece: 'pieces',
              eggs: `of ${Math.round(eggs * 10) / 10} eggs`,
              test: 'tests of 45 g flour',
            }[way as 'times']
          }}</label
        >
        <label v-if="way === 'piece'"
          >of
          <input
            v-model="second"
            class="input short"
            inputmode="decimal"
            aria-label="Grams a piece"
          />
          g</label
        >
      </template>
    </form>
    <p v-if="wrong || problem" class="wrong" role="alert">{{ wrong || problem }}</p>
  </div>
</template>

<style scoped>
.bar {
  display: grid;
  gap: 10px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
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
  border-color: var(--ginger);
  background: var(--ginger-pale);
  font-weight: 600;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.fields label {
  display: flex;
  align-items: center;
  gap: 8px;
}
.fields .input {
  width: auto;
}
.fields .short {
  width: 92px;
  text-align: right;
}
.wrong {
  color: var(--beet);
}
</style>
