<script setup lang="ts">
import { answered, scoredCup, type Serving, type Tasting } from '#core/trial'

/** One taster before their cups: the answer, and each cup in words. */
const props = defineProps<{ tasting: Tasting; serving: Serving }>()
const emit = defineEmits<{ keep: [tasting: Tasting] }>()
const taster = computed(() => props.serving.taster)
const isRanking = computed(() => props.tasting.kind === 'ranking')
const answer = computed(() => props.tasting.answers.find(a => a.taster === taster.value))
const ranks = ref<number[]>([])
/** The cup that is being put into words. */
const describing = ref(false)
const described = ref('')
watch(taster, () => {
  ranks.value = []
  describing.value = false
})
watch(
  () => props.serving,
  ({ cups }) => {
    if (!cups.some(cup => cup.code === described.value)) described.value = cups[0]?.code ?? ''
  },
  { immediate: true },
)
const toggled = (event: Event) => {
  describing.value = (event.target as HTMLDetailsElement).open
}
const inWords = (code: string) =>
  (props.tasting.scores ?? []).filter(s => s.taster === taster.value && s.code === code)
const score = (word: string, value: number | null) => {
  const of = { taster: taster.value, code: described.value, word, value }
  emit('keep', scoredCup(props.tasting, of))
}
const keep = (choice: number | null, order: readonly number[] | null) =>
  emit('keep', answered(props.tasting, { taster: taster.value, choice, ranks: order }))
function choose(place: number) {
  if (!isRanking.value) {
    keep(place, null)
    return
  }
  const order = ranks.value.includes(place)
    ? ranks.value.filter(p => p !== place)
    : [...ranks.value, place]
  ranks.value = order
  const { cups } = props.serving
  if (order.length === cups.length)
    keep(
      null,
      cups.map((_, i) => 1 + order.indexOf(i)),
    )
}
const isChosen = (place: number) =>
  isRanking.value ? ranks.value.includes(place) : answer.value?.choice === place
</script>

<template>
  <section class="ask" :aria-label="`${taster} tastes`">
    <p class="big">{{ taster }}: {{ tasting.question }}</p>
    <div class="cups">
      <button
        v-for="(cup, i) in serving.cups"
        :key="cup.code"
        type="button"
        class="code"
        :aria-pressed="isChosen(i)"
        @click="choose(i)"
      >
        {{ cup.code }}<span v-if="ranks.includes(i)" class="place">{{ ranks.indexOf(i) + 1 }}</span>
      </button>
    </div>
    <p v-if="isRanking" class="soft">The best first, then the next.</p>
    <details class="key" :open="describing" @toggle="toggled">
      <summary>And in words, cup by cup</summary>
      <div class="row" role="group" aria-label="Which cup">
        <button
          v-for="each in serving.cups"
          :key="each.code"
          type="button"
          class="chip"
          :aria-pressed="each.code === described"
          @click="described = each.code"
        >
          {{ each.code
          }}<span v-if="inWords(each.code).length"> · {{ inWords(each.code).length }}</span>
        </button>
      </div>
      <WordSliders
        v-if="describing"
        :key="`${taster}${described}`"
        :scores="inWords(described)"
        @score="score"
      />
    </details>
  </section>
</template>

<style scoped>
.tasting,
.lay,
.on,
.ask,
fieldset {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.chip {
  min-height: 48px;
  padding: 0 16px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.key summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.big {
  font-size: 1.25rem;
  font-weight: 600;
}
.cups {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
}
.code {
  min-width: 108px;
  min-height: 96px;
  border-radius: 22px;
  border: 2px solid var(--line);
  background: var(--sheet);
  font-size: 1.75rem;
  font-weight: 650;
  cursor: pointer;
  position: relative;
}
.code[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
.place {
  position: absolute;
  top: 6px;
  right: 10px;
  font-size: 1rem;
}
</style>
