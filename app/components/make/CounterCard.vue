<script setup lang="ts">
import {
  bakeLossFor,
  bakeLossRowOf,
  type Counter,
  type Making,
  type PlacedCard,
  type Pour,
  type ScaleReading,
} from '#core/make'
import type { Saying } from '~/stores/make'

/** The one thing to do now, in large type. */
const props = defineProps<{
  making: Making
  counter: Counter
  placed: PlacedCard
  now: number
  several: boolean
  weighPour: (card: string, grams: number) => Promise<Pour | null>
}>()
const emit = defineEmits<{ say: [sayings: Saying[]] }>()
const card = computed(() => props.placed.card)
const say = (...sayings: Saying[]) => emit('say', sayings)

const scaled = defineModel<boolean>('scaled', { required: true })
const reading = ref<ScaleReading | null>(null)
const scale = useTemplateRef<{ zero: () => void }>('scale')
const typed = ref('')
const wrong = ref('')
const pour = shallowRef<{ readonly of: Pour; readonly got: number } | null>(null)
watch(
  () => card.value.id,
  () => {
    typed.value = ''
    wrong.value = ''
    pour.value = null
  },
)

/** What is still to be weighed: all of it, or what topping up wants. */
const target = computed(() =>
  props.placed.wanted === null
    ? null
    : props.placed.got === null
      ? props.placed.wanted
      : Math.max(0, props.placed.wanted - props.placed.got),
)
const isTopUp = computed(() => props.placed.got !== null)
const small = computed(
  () => target.value !== null && target.value < 10 && Boolean(card.value.item?.spoons),
)
const isMeasured = computed(() => card.value.kind === 'measure')
const usesScale = computed(
  () =>
    scaled.value && ((card.value.kind === 'weigh' && target.value !== null) || isMeasured.value),
)

/** The weight in hand: typed goes before the scale's. Null: nobody says; undefined: what is typed is none. */
function inHand(): number | null | undefined {
  if (typed.value.trim()) {
    const n = readDecimal(typed.value)
    if (n === null || !Number.isFinite(n) || n < 0 || n > 20_000) {
      wrong.value = `“${typed.value}” is no weight: grams from 0 to 20 000.`
      return undefined
    }
    return n
  }
  return usesScale.value && reading.value ? Math.max(0, reading.value.grams) : null
}
async function isIn() {
  const grams = inHand()
  if (grams === undefined) return
  wrong.value = ''
  const { id, item } = card.value
  if (grams === null || target.value === null || !item) {
    say({ do: 'done', card: id })
    return
  }
  // An empty scale says that it was weighed elsewhere.
  if (!typed.value.trim() && grams < 0.5 && target.value > 3) {
    say({ do: 'done', card: id })
    return
  }
  const found = await props.weighPour(id, (props.placed.got ?? 0) + grams)
  if (found && !found.fine) {
    pour.value = { of: found, got: grams }
    return
  }
  weighed(grams)
}
function weighed(grams: number, ...more: Saying[]) {
  say(
    { do: 'weighed', card: card.value.id, grams, by: typed.value.trim() ? 'hand' : 'scale' },
    { do: 'done', card: card.value.id },
    ...more,
  )
  scale.value?.zero()
}

const row = computed(() => bakeLossRowOf(card.value.weighing?.row ?? ''))
const before = computed(() => {
  const h = props.making.log.findLast(
    h => h.do === 'measured' && h.card === card.value.weighing?.other,
  )
  return h?.do === 'measured' ? h : null
})
const loss = computed(() => {
  if (!row.value || card.value.weighing?.when !== 'after') return null
  const said = typed.value.trim()
    ? readDecimal(typed.value)
    : usesScale.value
      ? (reading.value?.grams ?? null)
      : null
  return said !== null && Number.isFinite(said) && said > 0
    ? bakeLossFor(
        row.value,
        before.value?.grams ?? null,
        said,
        before.value ? props.now - before.value.at : 0,
      )
    : null
})
function measured() {
  const grams = inHand()
  if (grams === undefined) return
  if (grams === null || grams <= 0) {
    wrong.value = 'How many grams? Type them, or go on without weighing.'
    return
  }
  say({ do: 'measured', card: card.value.id, grams }, { do: 'done', card: card.value.id })
}

/** Tin and all before it goes in, and after: what it lost, for whoever wants to know. */
const bakeCard = computed(() =>
  card.value.kind === 'bake'
    ? card.value
    : props.making.cards.find(c => c.kind === 'bake' && `${c.id}:out` === card.value.id),
)
const tin = ref('')
function bakeWeight(): Saying[] | null {
  if (!tin.value.trim()) return []
  const n = readDecimal(tin.value)
  if (n === null || !Number.isFinite(n) || n <= 0 || n > 20_000) {
    wrong.value = `“${tin.value}” is no weight: grams up to 20 000.`
    return null
  }
  tin.value = ''
  return [{ do: 'measured', card: card.value.id, grams: n }]
}
function andWeighed(last: Saying) {
  const weights = bakeWeight()
  if (weights) {
    wrong.value = ''
    say(...weights, last)
  }
}
const press = computed(
  () =>
    ({
      heat: 'It is on',
      weigh: 'It is in',
      do: 'Done',
      wait: 'It has begun',
      bake: 'It is in the oven',
      measure: 'That is it',
      serve: 'It is on the table',
    })[card.value.kind],
)
function done() {
  const { kind, id } = card.value
  if (kind === 'weigh') void isIn()
  else if (kind === 'measure') measured()
  else if (kind === 'bake') andWeighed({ do: 'begun', card: id })
  else if (kind === 'wait') say({ do: 'begun', card: id })
  else if (bakeCard.value) andWeighed({ do: 'done', card: id })
  else say({ do: 'done', card: id })
}
const title = computed(() =>
  card.value.kind === 'weigh'
    ? card.value.item!.name
    : card.value.kind === 'bake'
      ? `Into the oven${props.several ? `: ${card.value.title}` : ''}`
      : card.value.says,
)
/** One thing a line, to be found again after a look away. */
const sentences = computed(() => title.value.split(/(?<=[.;])\s+(?=\p{L})/u))
const long = computed(() => title.value.length > 90)
defineExpose({ done })
</script>

<template>
  <article class="card" :aria-label="title">
    <p v-if="several && card.title && card.kind !== 'bake'" class="of">{{ card.title }}</p>
    <h1 :class="{ long }">
      <span v-for="sentence in sentences" :key="sentence">{{ sentence }} </span>
    </h1>

    <template v-if="card.kind === 'weigh'">
      <p v-if="usesScale && reading" class="figure">
        <b>{{ sayGrams(reading.grams) }}</b> of {{ sayGrams(target!) }} g<template v-if="isTopUp">
          more</template
        >
      </p>
      <p v-else-if="target !== null && !small" class="figure">
        <b>{{ sayGrams(target) }}</b> g<template v-if="isTopUp"> more</template
        ><span v-if="card.item!.spoons && !isTopUp" class="spoons">{{ card.item!.spoons }}</span>
      </p>
      <p v-else-if="small" class="figure">
        <b class="words">{{ card.item!.spoons }}</b><span class="spoons"
          >{{ sayGrams(target!) }} g</span
        >
      </p>
      <p v-else class="figure">
        <b class="words">{{ card.item!.says }}</b>
      </p>
      <p class="soft for">
        {{ card.item!.says }}<template v-if="card.item!.for">. For: {{ card.item!.for }}</template>
      </p>
    </template>
    <p v-else-if="card.kind === 'bake'" class="figure">
      <b>{{ Math.round(card.minutes) }}</b> min<span v-if="card.celsius" class="spoons"
        >at {{ Math.round(card.celsius) }} °C</span
      >
    </p>
    <p v-else-if="card.kind === 'do' && card.minutes >= 2" class="soft for">
      about {{ Math.round(card.minutes) }} min
    </p>

    <p
      v-if="counter.deadline && counter.deadline.moment - now < 16"
      class="deadline"
      :class="{ near: counter.deadline.moment - now < 2 }"
    >
      <b>{{
        counter.deadline.moment > now ? `${sayCount(counter.deadline.moment - now)} left:` : 'Now:'
      }}</b>
      {{ counter.deadline.because }}
    </p>
    <p v-for="caution in card.cautions" :key="caution" class="caution">
      <UIcon name="i-lucide-triangle-alert" class="sign" />{{ caution }}
    </p>

    <ScaleBar
      v-if="usesScale && !pour"
      ref="scale"
      v-model="reading"
      :wanted="card.kind === 'weigh' ? target : null"
      @off="scaled = false"
    />
    <template v-if="isMeasured && row">
      <p v-if="usesScale && reading" class="figure">
        <b>{{ sayGrams(reading.grams) }}</b> g
      </p>
      <p v-if="card.weighing!.when === 'before'" class="soft">
        Usual: {{ Math.round(100 * row.lost[0]) }} to {{ Math.round(100 * row.lost[1]) }} % of it
        goes.
      </p>
      <p v-else-if="before" class="soft">Before, it weighed {{ sayGrams(before.grams) }} g.</p>
      <div v-if="loss" class="loss" role="status">
        <p>
          <b>{{ loss.says }}</b> {{ loss.what }}
        </p>
        <p v-if="loss.left !== null">
          At this pace about {{ sayLength(loss.left) }} more, until {{ sayHour(now + loss.left) }}.
        </p>
      </div>
    </template>
    <PourNote
      v-if="pour"
      :pour="pour.of"
      :name="card.item!.name"
      :got="pour.got"
      @again="pour = null"
      @leave="weighed(pour!.got)"
      @scale="factor => weighed(pour!.got, { do: 'scale', bake: card.bake, factor })"
    />

    <label
      v-if="
        !pour && (isMeasured || (card.kind === 'weigh' && target !== null && !card.item!.counted))
      "
      class="typed"
      ><span class="soft">{{ isMeasured ? 'It weighs' : usesScale ? 'or typed' : 'It was' }}</span
      ><input
        v-model="typed"
        class="input"
        inputmode="decimal"
        :aria-label="isMeasured ? 'Grams that it weighs' : 'Grams that went in'"
        @keydown.enter.prevent="done"
      /><span class="soft">g</span></label
    >
    <label v-if="bakeCard" class="typed"
      ><span class="soft">Tin and all, if you weigh it</span
      ><input
        v-model="tin"
        class="input"
        inputmode="decimal"
        aria-label="Grams of tin and all"
        @keydown.enter.prevent="done"
      /><span class="soft">g</span></label
    >
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>

    <div v-if="!pour" class="acts">
      <button
        v-if="loss?.left"
        type="button"
        class="knuckle ghost"
        @click="
          say({
            do: 'timer',
            timer: `more-${making.log.length}`,
            says: card.short,
            minutes: Math.round(loss.left),
          })
        "
      >
        Weigh again in {{ Math.round(loss.left) }} min
      </button>
      <button
        v-if="isMeasured"
        type="button"
        class="knuckle ghost"
        @click="say({ do: 'left-out', card: card.id })"
      >
        Without weighing
      </button>
      <button
        v-else-if="card.kind === 'weigh'"
        type="button"
        class="knuckle ghost out"
        @click="say({ do: 'left-out', card: card.id })"
      >
        Leave it out
      </button>
      <button
        v-if="((card.kind === 'weigh' && target !== null) || isMeasured) && !scaled"
        type="button"
        class="knuckle ghost"
        @click="scaled = true"
      >
        Use a scale
      </button>
      <button type="button" class="knuckle done" @click="done">{{ press }}</button>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  gap: 14px;
}
.of {
  color: var(--ginger-ink);
  font-weight: 600;
}
h1 {
  font-size: clamp(1.9rem, 4.4vw, 2.6rem);
  font-weight: 700;
}
h1 span {
  display: block;
}
h1 span::first-letter {
  text-transform: uppercase;
}
h1.long span + span {
  padding-top: 0.35em;
}
h1.long {
  font-size: clamp(1.4rem, 3vw, 1.9rem);
  font-weight: 650;
  line-height: 1.25;
}
.figure {
  font-size: 1.8rem;
  color: var(--soft);
  line-height: 1;
  font-family: var(--font-title);
}
.figure b {
  font-size: clamp(4rem, 12vw, 6rem);
  color: var(--ink);
  font-weight: 750;
  letter-spacing: -0.03em;
}
.figure b.words {
  font-size: clamp(2.2rem, 7vw, 3.4rem);
}
.spoons {
  margin-left: 18px;
  font-size: 1.35rem;
}
.for {
  font-size: 1.06rem;
}
.deadline {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
.deadline b {
  font-size: 1.3rem;
  margin-right: 6px;
}
.deadline.near {
  background: var(--beet-pale);
}
.caution {
  background: var(--ginger-pale);
  border-radius: 14px;
  padding: 10px 14px;
  display: flex;
  gap: 10px;
  align-items: start;
}
.sign {
  flex: none;
  margin-top: 3px;
  color: var(--ginger-ink);
}
.loss {
  background: var(--leaf-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
.typed {
  display: flex;
  gap: 10px;
  align-items: center;
}
.typed .input {
  width: 130px;
  min-height: 64px;
  font-size: 1.3rem;
  text-align: right;
}
.wrong {
  color: var(--beet);
  font-weight: 600;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.acts .done {
  flex: 2;
  min-width: 160px;
  min-height: 76px;
  font-size: 1.35rem;
}
.acts .ghost {
  flex: 1;
  min-height: 76px;
}
</style>
