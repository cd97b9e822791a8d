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
/** Factors with a button of their own. */
const plainly = { written: 1, half: 0.5, third: 1 / 3, double: 2 } as const
type Plainly = keyof typeof plainly
const isPlain = (id: Way): id is Plainly => id in plainly
const is = (t: SizeTarget): Way => {
  switch (t.by) {
    case 'times': {
      const found = Object.entries(plainly).find(([, n]) => Math.abs(n - t.times) < 1e-9)
      return found ? (found[0] as Plainly) : 'times'
    }
    case 'people':
      return 'count'
    case 'pieces':
      return t.grams === undefined ? 'count' : 'piece'
    default:
      return t.by
  }
}
const upToThousandths = (n: number) => String(Math.round(n * 1000) / 1000)
/** The target's own figure, as it stands in the first field. */
const figureOf = (t: SizeTarget): string => {
  switch (t.by) {
    case 'times':
      return upToThousandths(t.times)
    case 'people':
      return String(t.people)
    case 'pieces':
      return String(t.pieces)
    case 'line':
      return String(t.grams)
    case 'eggs':
      return String(t.eggs)
    case 'test':
      return String(t.tests)
    default:
      return ''
  }
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
  first.value = figureOf(t)
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
/** What is likely meant, put into the fields as a way is picked. */
const likely: Partial<Record<Way, () => void>> = {
  times: () => {
    const now = props.target
    first.value = now.by === 'times' ? upToThousandths(now.times) : '1.5'
  },
  count: () => {
    first.value = String(Math.round(count.value ?? 12))
  },
  piece: () => {
    first.value = String(Math.round(count.value ?? 12))
    second.value = '30'
  },
  line: () => {
    line.value = weighed.value[0]?.id ?? ''
    first.value = String(Math.round(weighed.value[0]?.grams?.best ?? 100))
  },
  eggs: () => {
    first.value = String(Math.max(1, Math.round(eggs.value) - 1))
  },
  test: () => {
    first.value = '1'
    emit('size', { by: 'test', tests: 1 })
  },
  tin: () => emit('size', tinTarget()),
}
function pick(id: Way) {
  way.value = id
  wrong.value = ''
  if (isPlain(id)) emit('size', { by: 'times', times: plainly[id] })
  else likely[id]?.()
}
function say() {
  if (way.value === 'tin') {
    emit('size', tinTarget())
    return
  }
  const n = number(first.value, 'number')
  const target = n === null ? null : targetOf(n)
  if (target) emit('size', target)
}
function targetOf(n: number): SizeTarget | null {
  switch (way.value) {
    case 'times':
      return { by: 'times', times: n }
    case 'count':
      return serves.value ? { by: 'people', people: n } : { by: 'pieces', pieces: n }
    case 'piece': {
      const grams = number(second.value, 'weight')
      return grams === null ? null : { by: 'pieces', pieces: n, grams }
    }
    case 'line':
      return { by: 'line', lineId: line.value, grams: n }
    case 'eggs':
      return { by: 'eggs', eggs: n }
    case 'test':
      return { by: 'test', tests: n }
    default:
      return null
  }
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
    <form v-if="!isPlain(way)" class="fields" @submit.prevent="say" @change="say">
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
