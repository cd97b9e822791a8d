<script setup lang="ts">
import type { Ingredient, Stock } from '#core/pantry'
import type { UnknownName } from '#core/recipe'
import { readingOf, type IngredientForm } from '#core/share'

const house = useHouseStore()
const undo = useTakeBack()
const download = useDownload()
useHead({ title: 'Pantry' })

const rows = shallowRef<readonly Ingredient[]>([])
const words = shallowRef<readonly UnknownName[]>([])
const looked = ref(false)
const own = computed(() => new Set(house.stock.ingredients.map(i => i.id)))
const names = computed(() =>
  rows.value.map(i => ({ id: i.id, name: i.name })).sort((a, b) => a.name.localeCompare(b.name)),
)
const nameOf = computed(() => new Map(names.value.map(n => [n.id, n.name])))

const latest = latestOnly()
async function look() {
  const isLatest = latest.begin()
  await house.start()
  const found = await useCore().pantry()
  const unknown = await useCore().unknowns(
    (await house.everyBake().catch(() => []))
      .filter(b => !b.archived)
      .map(bake => ({
        id: bake.id,
        reading: readingOf(bake),
        stale: bake.updated < house.stocked,
      })),
  )
  if (!isLatest()) return
  rows.value = found
  words.value = unknown
  looked.value = true
}
watch(() => house.stock, look, { immediate: true })

/** Keeps another stock, and says so with the way back. */
async function restock(next: Stock, says: string) {
  const before = house.stock
  await house.keepStock(next)
  undo(says, 'Undo', () => house.keepStock(before))
}

const editing = shallowRef<{ form: IngredientForm; fresh: boolean } | null>(null)
const blank = (name: string): IngredientForm => ({
  id: `own-${crypto.randomUUID()}`,
  name,
  names: [],
  kind: 'ready-made',
  water: 0,
  fat: 0,
  solid: 0,
  protein: 0,
  sugar: 0,
  starch: 0,
  fibre: 0,
  density: null,
  piece: null,
  holds: [],
  mayHold: [],
  traces: [],
  packetRead: false,
})
async function open(id: string) {
  const form = await useCore().formOf(id)
  if (form) editing.value = { form, fresh: false }
}
function fresh(name = '') {
  editing.value = { form: blank(name), fresh: true }
}
async function keep(ingredient: Ingredient) {
  editing.value = null
  await restock(
    {
      ...house.stock,
      ingredients: [...house.stock.ingredients.filter(i => i.id !== ingredient.id), ingredient],
    },
    `“${ingredient.name}” is in the pantry now.`,
  )
}
async function revert() {
  const form = editing.value?.form
  editing.value = null
  if (form)
    await restock(
      { ...house.stock, ingredients: house.stock.ingredients.filter(i => i.id !== form.id) },
      `“${form.name}” of this house is taken out.`,
    )
}

const busy = ref('')
async function answer(given: readonly { words: string; ingredient: string }[]) {
  const said = new Set(given.map(g => g.words))
  const touched = [...new Set(words.value.filter(w => said.has(w.words)).flatMap(w => w.bakes))]
  const before = house.stock
  busy.value = 'Reading …'
  await house.keepStock({
    ...before,
    names: [...before.names.filter(n => !said.has(n.words)), ...given],
  })
  const again = () =>
    house.readAgain(touched, n => {
      busy.value = `${n} of ${touched.length} read again`
    })
  await again()
  busy.value = ''
  await look()
  undo(
    `${given.length === 1 ? 'One name is' : `${given.length} names are`} known now; ` +
      `${touched.length} ${touched.length === 1 ? 'recipe was' : 'recipes were'} read again.`,
    'Undo',
    async () => {
      await house.keepStock(before)
      await again()
      busy.value = ''
      await look()
    },
  )
}
const forget = (said: string) =>
  restock(
    { ...house.stock, names: house.stock.names.filter(n => n.words !== said) },
    `“${said}” is forgotten.`,
  )

const picker = useTemplateRef<HTMLInputElement>('picker')
const troubles = ref<readonly string[]>([])
const largest = 5_000_000
async function saveTable(which: 'all' | 'own') {
  download(
    which === 'all' ? 'pantry.csv' : 'our-pantry.csv',
    await useCore().pantryCsv(which, house.stock),
    'text/csv',
  )
}
async function openTable(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  troubles.value = []
  if (file.size > largest) {
    troubles.value = [
      `“${file.name}” has ${Math.round(file.size / 1e6)} MB; a table of ingredients is far ` +
        'smaller. Nothing was changed.',
    ]
    return
  }
  try {
    const found = await useCore().readPantryCsv(await file.arrayBuffer())
    troubles.value = found.problems.map(p => p.sentence)
    if (!found.ingredients.length) return
    const ids = new Set(found.ingredients.map(i => i.id))
    await restock(
      {
        ...house.stock,
        ingredients: [...house.stock.ingredients.filter(i => !ids.has(i.id)), ...found.ingredients],
      },
      `${found.ingredients.length} ` +
        `${found.ingredients.length === 1 ? 'ingredient was' : 'ingredients were'} taken ` +
        'from the ' +
        `table${found.problems.length ? `, ${found.problems.length} rows were not` : ''}.`,
    )
  } catch {
    troubles.value = [`“${file.name}” could not be read. Nothing was changed.`]
  }
}
const menu = [
  [
    {
      label: 'What is of this house',
      icon: 'i-lucide-file-down',
      onSelect: () => void saveTable('own'),
    },
    {
      label: 'The whole pantry',
      icon: 'i-lucide-file-down',
      onSelect: () => void saveTable('all'),
    },
  ],
]
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>The pantry</h1>
      <p class="soft lead">
        What Ingwer knows about each ingredient: grams in 100 g, what a millilitre weighs, what it
        holds (with a “?”: by the maker). What you correct or add counts first.
      </p>
      <div class="acts">
        <UButton color="neutral" size="xl" icon="i-lucide-plus" @click="fresh()"
          >New ingredient</UButton
        >
        <UDropdownMenu :items="menu"
          ><UButton
            color="neutral"
            size="xl"
            variant="outline"
            icon="i-lucide-file-down"
            trailing-icon="i-lucide-chevron-down"
            >Save as a table</UButton
          ></UDropdownMenu
        >
        <UButton
          color="neutral"
          size="xl"
          variant="outline"
          icon="i-lucide-folder-open"
          @click="picker?.click()"
          >Bring in a table</UButton
        >
        <UButton to="/spoons" color="neutral" size="xl" variant="outline" icon="i-lucide-scale"
          >Your own spoons</UButton
        >
        <input
          ref="picker"
          type="file"
          accept=".csv,text/csv"
          class="sr-only"
          tabindex="-1"
          aria-label="Table of ingredients to bring in"
          @change="openTable"
        />
      </div>
      <div v-if="troubles.length" class="troubles" role="alert">
        <p v-for="(says, i) in troubles.slice(0, 8)" :key="i">{{ says }}</p>
        <p v-if="troubles.length > 8">… and {{ troubles.length - 8 }} more rows.</p>
      </div>
    </div>
    <div class="grid" :class="{ editing }">
      <section class="sheet list" aria-label="All ingredients">
        <p v-if="!looked" class="soft">Looking …</p>
        <PantryTable v-else :rows="rows" :own="own" :open="editing?.form.id ?? null" @open="open" />
      </section>
      <aside class="side">
        <IngredientSheet
          v-if="editing"
          :key="editing.form.id"
          :form="editing.form"
          :fresh="editing.fresh"
          :own="own.has(editing.form.id)"
          @keep="keep"
          @revert="revert"
          @cancel="editing = null"
        />
        <template v-else>
          <UnknownWords
            v-if="looked"
            :words="words"
            :names="names"
            :busy="busy"
            @answer="answer"
            @fresh="fresh"
          />
          <section v-if="house.stock.names.length" class="sheet box" aria-labelledby="said">
            <h2 id="said">What this house calls it</h2>
            <ul>
              <li v-for="name in house.stock.names" :key="name.words">
                <span
                  ><b>{{ name.words }}</b> is
                  {{ nameOf.get(name.ingredient) ?? name.ingredient }}</span
                ><UButton
                  color="neutral"
                  variant="ghost"
                  icon="i-lucide-x"
                  :aria-label="`Forget ${name.words}`"
                  @click="forget(name.words)"
                />
              </li>
            </ul>
          </section>
        </template>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 18px;
  grid-template-columns: minmax(0, 1fr);
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.lead {
  margin: 4px 0 12px;
  max-width: 76ch;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.troubles {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 16px;
  margin-top: 12px;
  display: grid;
  gap: 4px;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px;
  align-items: start;
}
.grid.editing {
  grid-template-columns: minmax(0, 1fr) 460px;
}
.list {
  padding: 16px 18px;
}
.side {
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr);
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 16px);
  overflow: auto;
  border-radius: 18px;
}
.box {
  padding: 16px 18px;
  display: grid;
  gap: 6px;
}
.box ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
.box li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  border-top: 1.5px solid var(--line);
  min-height: 48px;
}
.box li:first-child {
  border-top: 0;
}
@media (max-width: 1040px) {
  .grid,
  .grid.editing {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    position: static;
    max-height: none;
    order: -1;
  }
}
</style>
