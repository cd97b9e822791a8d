<script setup lang="ts">
import type { Counter, Making, PlacedCard, Pour } from '#core/make'
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
const scale = useTemplateRef<{ zero: () => void }>('scale')

const weighing = useWeighedCard(props, scaled, say)
const { reading, typed, wrong, pour, target, isMeasured, isWeighed, isSmall, usesScale } = weighing
const isTopUp = computed(() => props.placed.got !== null)
const onScale = computed(() => (usesScale.value && reading.value ? reading.value.grams : null))
const typedAs = computed(() => {
  if (isMeasured.value) return 'It weighs'
  return usesScale.value ? 'or typed' : 'It was'
})
function goesIn(grams: number, ...more: Saying[]) {
  weighing.weighed(grams, ...more)
  scale.value?.zero()
}
const weightInHand = computed(() => (typed.value.trim() ? readDecimal(typed.value) : onScale.value))
const { row, before, loss } = useBakeLoss(props, card, weightInHand)

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
const pressed = {
  heat: 'It is on',
  weigh: 'It is in',
  do: 'Done',
  wait: 'It has begun',
  bake: 'It is in the oven',
  measure: 'That is it',
  serve: 'It is on the table',
} as const
const press = computed(() => pressed[card.value.kind])
async function itIsIn() {
  if (await weighing.isIn()) scale.value?.zero()
}
function done() {
  const { kind, id } = card.value
  if (kind === 'weigh') void itIsIn()
  else if (kind === 'measure') weighing.measured()
  else if (kind === 'bake') andWeighed({ do: 'begun', card: id })
  else if (kind === 'wait') say({ do: 'begun', card: id })
  else if (bakeCard.value) andWeighed({ do: 'done', card: id })
  else say({ do: 'done', card: id })
}
const title = computed(() => {
  const { kind, item, title: dessert, says } = card.value
  if (kind === 'weigh') return item!.name
  if (kind !== 'bake') return says
  return props.several ? `Into the oven: ${dessert}` : 'Into the oven'
})
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

    <CardFigure
      :card="card"
      :target="target"
      :on-scale="onScale"
      :is-top-up="isTopUp"
      :is-small="isSmall"
    />

    <CardDeadline :counter="counter" :now="now" />
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
    <MeasuredLoss
      v-if="isMeasured && row"
      :card="card"
      :row="row"
      :before="before?.grams ?? null"
      :on-scale="onScale"
      :loss="loss"
      :now="now"
    />
    <PourNote
      v-if="pour"
      :pour="pour.of"
      :name="card.item!.name"
      :got="pour.got"
      @again="pour = null"
      @leave="goesIn(pour!.got)"
      @scale="factor => goesIn(pour!.got, { do: 'scale', bake: card.bake, factor })"
    />

    <label v-if="!pour && (isMeasured || (isWeighed && !card.item!.counted))" class="typed"
      ><span class="soft">{{ typedAs }}</span
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
        v-if="(isWeighed || isMeasured) && !scaled"
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
