<script setup lang="ts">
import type { Person } from '#core/people'
import {
  trialLimits,
  answered,
  layTasting,
  scoredCup,
  type Tasting,
  type TastingKind,
  type Trial,
} from '#core/trial'

/**
 * Blind tastings: laid out with codes and orders by chance, answered cup by cup, opened when all
 * have spoken.
 */
interface Check {
  readonly arm: string
  readonly people: readonly {
    readonly personId: string
    readonly verdict: string
    readonly because: string
  }[]
}
const props = defineProps<{
  trial: Trial
  people: readonly Person[]
  checks: readonly Check[]
  open: string | null
}>()
const emit = defineEmits<{
  lay: [tasting: Tasting]
  keep: [tasting: Tasting]
  open: [id: string]
  show: [id: string | null]
  drop: [id: string]
}>()

const kinds: readonly { readonly id: TastingKind; readonly says: string; readonly asks: string }[] =
  [
    { id: 'triangle', says: 'three cups, two alike', asks: 'Which is the odd one?' },
    { id: 'preference', says: 'two cups, the better one', asks: 'Which do you like better?' },
    { id: 'pair', says: 'two cups, which is more so', asks: 'Which is the moister?' },
    { id: 'ranking', says: 'all in order', asks: 'Put them in order, the best first.' },
  ]
const laying = ref(false)
const draft = reactive({
  kind: 'triangle' as TastingKind,
  question: '',
  arms: [] as string[],
  others: '',
  in: [] as string[],
})
const wrong = ref('')
const letter = (id: string) => props.trial.arms.find(a => a.id === id)?.letter ?? ''
/** Whoever may not eat one of the arms does not taste. Nobody is asked to taste what is not known. */
const guests = computed(() =>
  props.people.map(person => {
    const of = props.checks
      .filter(c => draft.arms.includes(c.arm))
      .flatMap(c => c.people.filter(p => p.personId === person.id).map(p => ({ ...p, arm: c.arm })))
    const bad = of.find(p => p.verdict === 'conflict')
    const open = of.find(p => p.verdict === 'unknown')
    return {
      person,
      may: bad ? ('no' as const) : open ? ('unknown' as const) : ('yes' as const),
      because: bad ? `cannot eat ${letter(bad.arm)}` : open ? `not known yet: ${open.because}` : '',
    }
  }),
)
function lay() {
  draft.kind = 'triangle'
  draft.question = ''
  draft.arms = props.trial.arms.slice(0, 2).map(a => a.id)
  draft.in = []
  draft.others = ''
  wrong.value = ''
  laying.value = true
}
watch(
  () => draft.kind,
  kind => {
    draft.arms =
      kind === 'ranking'
        ? props.trial.arms.map(a => a.id)
        : draft.arms.length === 2
          ? draft.arms
          : props.trial.arms.slice(0, 2).map(a => a.id)
  },
)
const tasters = computed(() => [
  ...guests.value
    .filter(g => g.may !== 'no' && draft.in.includes(g.person.id))
    .map(g => g.person.name),
  ...draft.others
    .split(/[,;]/u)
    .map(n => n.trim().slice(0, trialLimits.taster))
    .filter(Boolean),
])
const before = shallowRef('')
watch(
  () => [draft.kind, tasters.value.length, draft.arms.length, laying.value] as const,
  async ([kind, n, arms]) => {
    before.value = n ? (await useCore().before(kind, n, arms)).says : ''
  },
  { immediate: true },
)
function layOut() {
  const question = draft.question.trim() || kinds.find(k => k.id === draft.kind)!.asks
  const seed = crypto.getRandomValues(new Uint32Array(1))[0]!
  const id = crypto.randomUUID()
  const made = layTasting(id, draft.kind, question, [...draft.arms], tasters.value, seed)
  if (!made.ok) {
    wrong.value = made.sentence
    return
  }
  laying.value = false
  emit('lay', made.tasting)
}
const turn = (list: string[], id: string) =>
  list.includes(id) ? list.filter(x => x !== id) : [...list, id]

const now = computed(() => props.trial.tastings.find(t => t.id === props.open) ?? null)
const taster = ref('')
// Whoever has not spoken yet is next; what is said in words moves nobody on.
watch(
  () => [now.value?.id, now.value?.answers.length],
  () => {
    const t = now.value
    taster.value = t?.servings.find(s => !t.answers.some(a => a.taster === s.taster))?.taster ?? ''
  },
  { immediate: true },
)
const serving = computed(() => now.value?.servings.find(s => s.taster === taster.value) ?? null)
const ranks = ref<number[]>([])
watch(taster, () => {
  ranks.value = []
  describing.value = false
})
/** The cup that is being put into words. */
const describing = ref(false)
const described = ref('')
watch(
  serving,
  s => {
    if (!s?.cups.some(c => c.code === described.value)) described.value = s?.cups[0]?.code ?? ''
  },
  { immediate: true },
)
const inWords = (code: string) =>
  (now.value?.scores ?? []).filter(s => s.taster === taster.value && s.code === code)
const score = (word: string, value: number | null) => {
  if (now.value)
    emit('keep', scoredCup(now.value, { taster: taster.value, code: described.value, word, value }))
}
function choose(place: number) {
  if (!now.value || !serving.value) return
  if (now.value.kind !== 'ranking') {
    emit('keep', answered(now.value, { taster: taster.value, choice: place, ranks: null }))
    return
  }
  ranks.value = ranks.value.includes(place)
    ? ranks.value.filter(p => p !== place)
    : [...ranks.value, place]
  if (ranks.value.length === serving.value.cups.length) {
    const order = ranks.value
    emit(
      'keep',
      answered(now.value, {
        taster: taster.value,
        choice: null,
        ranks: serving.value.cups.map((_, i) => 1 + order.indexOf(i)),
      }),
    )
  }
}
const left = computed(() =>
  now.value
    ? now.value.servings.filter(s => !now.value!.answers.some(a => a.taster === s.taster)).length
    : 0,
)
const peek = ref(false)
</script>

<template>
  <div class="tasting">
    <div class="row no-print">
      <button
        v-for="t in trial.tastings"
        :key="t.id"
        type="button"
        class="chip"
        :aria-pressed="open === t.id"
        @click="emit('show', open === t.id ? null : t.id)"
      >
        {{ kinds.find(k => k.id === t.kind)!.says }}: {{ t.arms.map(letter).join(', ')
        }}<span class="soft">
          · {{ t.opened ? 'opened' : `${t.answers.length} of ${t.servings.length}` }}</span
        >
      </button>
      <UButton
        v-if="!laying && trial.arms.length > 1"
        color="neutral"
        variant="outline"
        icon="i-lucide-plus"
        @click="lay"
        >Blind tasting</UButton
      >
    </div>

    <form v-if="laying" class="lay no-print" aria-label="A blind tasting" @submit.prevent="layOut">
      <div class="row" role="group" aria-label="What is asked">
        <button
          v-for="kind in kinds"
          :key="kind.id"
          type="button"
          class="chip"
          :aria-pressed="draft.kind === kind.id"
          @click="draft.kind = kind.id"
        >
          {{ kind.says }}
        </button>
      </div>
      <label
        >The question<input
          v-model="draft.question"
          class="input"
          :maxlength="trialLimits.question"
          :placeholder="kinds.find(k => k.id === draft.kind)!.asks"
      /></label>
      <div class="row" role="group" aria-label="Between which arms">
        <button
          v-for="arm in trial.arms"
          :key="arm.id"
          type="button"
          class="chip"
          :aria-pressed="draft.arms.includes(arm.id)"
          @click="draft.arms = turn(draft.arms, arm.id)"
        >
          {{ arm.letter }}
        </button>
      </div>
      <fieldset>
        <legend>Who tastes</legend>
        <label v-for="g in guests" :key="g.person.id" class="who" :class="g.may"
          ><input
            type="checkbox"
            :checked="g.may !== 'no' && draft.in.includes(g.person.id)"
            :disabled="g.may === 'no'"
            @change="draft.in = turn(draft.in, g.person.id)"
          /><PersonBead :person="g.person" :size="26" label="" aria-hidden="true" />
          {{ g.person.name
          }}<span v-if="g.because" :class="g.may === 'no' ? 'stop' : 'open'">{{
            g.because
          }}</span></label
        >
        <label
          >Others, with commas between<input
            v-model="draft.others"
            class="input"
            maxlength="600"
            placeholder="somebody next door"
        /></label>
        <p v-if="draft.others.trim()" class="open">
          What the others may eat, Ingwer does not know: ask them first.
        </p>
      </fieldset>
      <p v-if="before" class="soft">{{ before }}</p>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <div class="row">
        <UButton type="submit" color="neutral">Lay it out</UButton
        ><UButton color="neutral" variant="ghost" @click="laying = false">Leave it</UButton>
      </div>
    </form>

    <div v-if="now" class="on no-print">
      <template v-if="!now.opened">
        <details
          class="key"
          :open="peek"
          @toggle="peek = ($event.target as HTMLDetailsElement).open"
        >
          <summary>For whoever pours: which cup is which</summary>
          <table>
            <tbody>
              <tr v-for="s in now.servings" :key="s.taster">
                <th scope="row">{{ s.taster }}</th>
                <td v-for="cup in s.cups" :key="cup.code">
                  <b>{{ cup.code }}</b> {{ letter(cup.arm) }}
                </td>
              </tr>
            </tbody>
          </table>
          <p class="soft">
            Write the codes under the cups, set them in this order, and close this before anybody
            looks.
          </p>
        </details>
        <div class="row" role="group" aria-label="Who is tasting">
          <button
            v-for="s in now.servings"
            :key="s.taster"
            type="button"
            class="chip"
            :aria-pressed="s.taster === taster"
            @click="taster = s.taster"
          >
            {{ s.taster }}<span v-if="now.answers.some(a => a.taster === s.taster)"> ✓</span>
          </button>
        </div>
        <section v-if="serving" class="ask" :aria-label="`${taster} tastes`">
          <p class="big">{{ taster }}: {{ now.question }}</p>
          <div class="cups">
            <button
              v-for="(cup, i) in serving.cups"
              :key="cup.code"
              type="button"
              class="code"
              :aria-pressed="
                now.kind === 'ranking'
                  ? ranks.includes(i)
                  : now.answers.find(a => a.taster === taster)?.choice === i
              "
              @click="choose(i)"
            >
              {{ cup.code
              }}<span v-if="ranks.includes(i)" class="place">{{ ranks.indexOf(i) + 1 }}</span>
            </button>
          </div>
          <p v-if="now.kind === 'ranking'" class="soft">The best first, then the next.</p>
          <details
            class="key"
            :open="describing"
            @toggle="describing = ($event.target as HTMLDetailsElement).open"
          >
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
        <p v-else class="soft">Everybody has spoken.</p>
        <div class="row">
          <UButton color="neutral" :disabled="!now.answers.length" @click="emit('open', now.id)">{{
            left ? `Open the codes with ${left} still to taste` : 'Open the codes'
          }}</UButton><UButton color="neutral" variant="ghost" @click="emit('drop', now.id)"
            >Throw this tasting away</UButton
          >
        </div>
      </template>
      <table v-else>
        <caption class="sr-only">
          What was said
        </caption>
        <tbody>
          <tr v-for="s in now.servings" :key="s.taster">
            <th scope="row">{{ s.taster }}</th>
            <td
              v-for="(cup, i) in s.cups"
              :key="cup.code"
              :class="{ said: now.answers.find(a => a.taster === s.taster)?.choice === i }"
            >
              {{ cup.code }} <b>{{ letter(cup.arm) }}</b><span
                v-if="now.answers.find(a => a.taster === s.taster)?.ranks"
              >
                · {{ now.answers.find(a => a.taster === s.taster)!.ranks![i] }}</span
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
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
.tasting {
  width: 100%;
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
.lay,
.on {
  background: var(--ground);
  border-radius: 16px;
  padding: 16px;
}
label {
  display: grid;
  gap: 3px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  gap: 4px;
}
legend {
  font-weight: 650;
  padding-bottom: 4px;
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.who input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.who.no {
  color: var(--soft);
}
.stop {
  color: var(--beet);
  font-weight: 600;
}
.open {
  color: var(--slate);
}
.key summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 600;
}
th,
td {
  padding: 6px 18px 6px 0;
}
td.said {
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-decoration-color: var(--ginger);
  text-underline-offset: 4px;
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
.wrong {
  color: var(--beet);
}
</style>
