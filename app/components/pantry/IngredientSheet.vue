<script setup lang="ts">
import { builtIn, kindNames, type Ingredient, type Kind } from '#core/pantry'
import type { IngredientForm } from '#core/share'

/**
 * One ingredient of the house's own, or a correction of one that Ingwer brings: what it is, what is
 * in it, what its packet says.
 */
const props = defineProps<{ form: IngredientForm; fresh: boolean; own: boolean }>()
const emit = defineEmits<{ keep: [ingredient: Ingredient]; revert: []; cancel: [] }>()

const shares = [
  ['water', 'Water'],
  ['fat', 'Fat'],
  ['protein', 'Protein'],
  ['sugar', 'Sugar'],
  ['starch', 'Starch'],
  ['fibre', 'Fibre'],
] as const
const text = (n: number | null) => (n === null ? '' : String(Math.round(n * 1000) / 1000))
const state = reactive({
  name: props.form.name,
  names: props.form.names.join(', '),
  kind: props.form.kind,
  water: text(props.form.water),
  fat: text(props.form.fat),
  solid: text(props.form.solid),
  protein: text(props.form.protein),
  sugar: text(props.form.sugar),
  starch: text(props.form.starch),
  fibre: text(props.form.fibre),
  density: text(props.form.density),
  piece: text(props.form.piece),
  holds: [...props.form.holds],
  mayHold: [...props.form.mayHold],
  traces: [...props.form.traces],
  packetRead: props.form.packetRead,
})
const isBack = useDraft(`ingredient/${props.form.id}`, state)
type List = 'holds' | 'mayHold' | 'traces'
const row = computed(() => builtIn(props.form.id))
/** What the name always brings cannot be taken off: a product free of it is another ingredient. */
const stays = (field: List, id: string) => row.value?.[field].includes(id) ?? false

const kinds = Object.entries(kindNames).map(([value, label]) => ({ value: value as Kind, label }))
const lists: readonly { field: List; label: string; add: string }[] = [
  { field: 'holds', label: 'It holds', add: 'Add what it holds' },
  { field: 'mayHold', label: 'It may hold, by the maker', add: 'Add what it may hold' },
  { field: 'traces', label: 'Traces, by its packet', add: 'Add a trace' },
]

const sum = computed(() =>
  shares.reduce((total, [field]) => total + (readDecimal(state[field]) || 0), 0),
)
const problems = ref<readonly { path: string; message: string }[]>([])
const about = (...paths: string[]) =>
  problems.value
    .filter(p => paths.includes(p.path))
    .map(p => `${p.message}.`)
    .join(' ')
const busy = ref(false)

async function keep() {
  busy.value = true
  const figures = Object.fromEntries(
    [...shares.map(([f]) => f), 'solid' as const].map(f => [f, readDecimal(state[f]) ?? 0]),
  ) as Pick<IngredientForm, 'water' | 'fat' | 'protein' | 'sugar' | 'starch' | 'fibre' | 'solid'>
  const found = await useCore().ingredientFrom({
    id: props.form.id,
    name: state.name.trim(),
    names: state.names
      .split(',')
      .map(n => n.trim())
      .filter(Boolean),
    kind: state.kind,
    ...figures,
    density: readDecimal(state.density),
    piece: readDecimal(state.piece),
    holds: [...state.holds],
    mayHold: [...state.mayHold],
    traces: [...state.traces],
    packetRead: state.packetRead,
  })
  busy.value = false
  if (found.ok) {
    problems.value = []
    emit('keep', found.ingredient)
    return
  }
  problems.value = found.problems
  await nextTick()
  document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
}
const first = useTemplateRef<HTMLInputElement>('first')
const sheet = useTemplateRef<HTMLFormElement>('sheet')
onMounted(() => {
  ;(props.fresh ? first.value : sheet.value)?.focus({ preventScroll: true })
  sheet.value?.scrollIntoView({ block: 'nearest' })
})
</script>

<template>
  <form
    ref="sheet"
    tabindex="-1"
    class="sheet form"
    :aria-label="fresh ? 'A new ingredient' : `Ingredient ${form.name}`"
    @submit.prevent="keep"
    @keydown.esc="emit('cancel')"
  >
    <DraftNote :found="isBack" />
    <div class="head">
      <h2>{{ fresh ? 'A new ingredient' : form.name }}</h2>
      <UButton
        type="button"
        color="neutral"
        variant="ghost"
        icon="i-lucide-x"
        aria-label="Close without keeping"
        @click="emit('cancel')"
      />
    </div>
    <p v-if="row" class="soft small">
      {{ own ? 'Corrected in this house.' : 'Comes with Ingwer.' }} Source: {{ row.source }}
    </p>
    <label class="field"
      ><span>Name</span
      ><input
        ref="first"
        v-model="state.name"
        class="input"
        maxlength="80"
        :aria-invalid="Boolean(about('name'))"
    /></label>
    <p v-if="about('name')" class="problem" role="alert">{{ about('name') }}</p>
    <label class="field"
      ><span>Other names, parted by commas</span
      ><input v-model="state.names" class="input" :aria-invalid="Boolean(about('names'))"
    /></label>
    <p v-if="about('names')" class="problem" role="alert">{{ about('names') }}</p>
    <div class="field">
      <span id="kind">What it is to a baker</span
      ><USelectMenu
        v-model="state.kind"
        :items="kinds"
        value-key="value"
        aria-labelledby="kind"
        class="wide"
      />
    </div>

    <fieldset>
      <legend>
        In 100 g <span class="soft">({{ Math.round(sum) }} g named)</span>
      </legend>
      <div class="figures">
        <label v-for="[name, label] in shares" :key="name" class="figure"
          ><span>{{ label }}</span
          ><input
            v-model="state[name]"
            class="input"
            :aria-label="`${label}, g in 100 g`"
            inputmode="decimal"
            :aria-invalid="Boolean(about(name))"
          /><span class="soft">g</span></label
        >
        <label class="figure"
          ><span>Firm part of the fat</span
          ><input
            v-model="state.solid"
            class="input"
            aria-label="Firm part of the fat, %"
            inputmode="decimal"
            :aria-invalid="Boolean(about('solid'))"
          /><span class="soft">%</span></label
        >
      </div>
      <p v-if="about('', 'solid', ...shares.map(([f]) => f))" class="problem" role="alert">
        {{ about('', 'solid', ...shares.map(([f]) => f)) }}
      </p>
    </fieldset>
    <fieldset>
      <legend>Its weight</legend>
      <div class="figures two">
        <label class="figure"
          ><span>A millilitre, levelled</span
          ><input
            v-model="state.density"
            class="input"
            aria-label="Grams a millilitre"
            inputmode="decimal"
            placeholder="not known"
            :aria-invalid="Boolean(about('density'))"
          /><span class="soft">g</span></label
        >
        <label class="figure"
          ><span>One piece</span
          ><input
            v-model="state.piece"
            class="input"
            aria-label="Grams a piece"
            inputmode="decimal"
            placeholder="not known"
            :aria-invalid="Boolean(about('piece'))"
          /><span class="soft">g</span></label
        >
      </div>
      <p v-if="about('density', 'piece')" class="problem" role="alert">
        {{ about('density', 'piece') }}
      </p>
    </fieldset>
    <HeldList
      v-for="list in lists"
      :key="list.field"
      v-model="state[list.field]"
      :label="list.label"
      :prompt="list.add"
      :stays="id => stays(list.field, id)"
    />
    <label class="check"
      ><input v-model="state.packetRead" type="checkbox" /><span
        >The packet was read for this.
        <span class="soft"
          >Until it was, it counts as not known for everybody who must not get something.</span
        ></span
      ></label
    >
    <p v-if="row && (row.holds.length || row.mayHold.length)" class="soft small">
      What the name always brings stays on it. A product that is free of it is another ingredient,
      with a name of its own.
    </p>
    <div class="acts">
      <UButton type="submit" size="xl" color="neutral" :loading="busy">Keep it</UButton>
      <UButton
        v-if="own"
        type="button"
        size="xl"
        color="neutral"
        variant="outline"
        @click="emit('revert')"
        >{{ row ? 'Back to Ingwer’s figures' : 'Take it out' }}</UButton
      >
    </div>
  </form>
</template>

<style scoped>
.form {
  outline: none;
  scroll-margin-top: 8px;
  padding: 18px 20px 22px;
  display: grid;
  gap: 12px;
  grid-template-columns: minmax(0, 1fr);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
  overflow-wrap: anywhere;
}
.small {
  font-size: 0.9rem;
}
.field {
  display: grid;
  gap: 4px;
}
.field > span {
  font-weight: 600;
  font-size: 0.95rem;
}
.wide {
  width: 100%;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
  min-width: 0;
}
legend {
  font-weight: 650;
  margin-bottom: 4px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
.figures.two {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
.figure {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 18px;
  gap: 2px 6px;
  align-items: center;
  font-size: 0.95rem;
}
.figure > span:first-child {
  grid-column: 1 / -1;
}
.figure .input {
  text-align: right;
}
.input[aria-invalid='true'] {
  border-color: var(--beet);
  border-width: 2px;
}
.problem {
  color: var(--beet);
  font-weight: 600;
  font-size: 0.95rem;
}
.check {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  min-height: 44px;
  padding-top: 4px;
}
.check input {
  width: 24px;
  height: 24px;
  flex: none;
  accent-color: var(--ginger);
}
</style>
