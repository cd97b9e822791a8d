<script setup lang="ts">
/** The pantry as a table: saved, and brought in again; `troubles` says which rows were not taken. */
const emit = defineEmits<{ troubles: [sentences: readonly string[]] }>()
const house = useHouseStore()
const restock = useRestock()
const download = useDownload()
const picker = useTemplateRef<HTMLInputElement>('picker')
/** No table of ingredients is larger, in bytes. */
const largest = 5_000_000
async function saveTable(which: 'all' | 'own') {
  download(
    which === 'all' ? 'pantry.csv' : 'our-pantry.csv',
    await useCore().pantryCsv(which, house.stock),
    'text/csv',
  )
}
async function bringIn(file: File) {
  const found = await useCore().readPantryCsv(await file.arrayBuffer())
  emit(
    'troubles',
    found.problems.map(problem => problem.sentence),
  )
  if (!found.ingredients.length) return
  const ids = new Set(found.ingredients.map(item => item.id))
  const others = house.stock.ingredients.filter(item => !ids.has(item.id))
  const taken =
    found.ingredients.length === 1
      ? '1 ingredient was'
      : `${found.ingredients.length} ingredients were`
  const not = found.problems.length ? `, ${found.problems.length} rows were not` : ''
  await restock(
    { ...house.stock, ingredients: [...others, ...found.ingredients] },
    `${taken} taken from the table${not}.`,
  )
}
async function openTable(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  emit('troubles', [])
  if (file.size > largest) {
    const size = Math.round(file.size / 1e6)
    const says = `“${file.name}” has ${size} MB; a table of ingredients is far smaller.`
    emit('troubles', [`${says} Nothing was changed.`])
    return
  }
  try {
    await bringIn(file)
  } catch {
    emit('troubles', [`“${file.name}” could not be read. Nothing was changed.`])
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
  <input
    ref="picker"
    type="file"
    accept=".csv,text/csv"
    class="sr-only"
    tabindex="-1"
    aria-label="Table of ingredients to bring in"
    @change="openTable"
  />
</template>
