<script setup lang="ts">
import { avoidableName, kindNames, type Ingredient } from '#core/pantry'

/** Every ingredient as a row: looked for by name, by kind, or only those of this house. */
const props = defineProps<{
  rows: readonly Ingredient[]
  own: ReadonlySet<string>
  open: string | null
}>()
const emit = defineEmits<{ open: [id: string] }>()

const query = ref('')
const every = 'every'
const kind = ref(every)
const onlyOwn = ref(false)
const page = 60
const shown = ref(page)
watch([query, kind, onlyOwn], () => {
  shown.value = page
})

const kinds = computed(() => [
  { value: every, label: 'every kind' },
  ...Object.entries(kindNames)
    .filter(([k]) => props.rows.some(r => r.kind === k))
    .map(([value, label]) => ({ value, label })),
])
const plain = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')
const sought = computed(() =>
  props.rows
    .map(row => ({
      row,
      names: plain([row.name, ...row.names, ...Object.values(row.called ?? {})].join(' ')),
    }))
    .sort((a, b) => a.row.name.localeCompare(b.row.name)),
)
const found = computed(() => {
  const words = plain(query.value).split(/\s+/u).filter(Boolean)
  return sought.value
    .filter(
      ({ row, names }) =>
        (kind.value === every || row.kind === kind.value) &&
        (!onlyOwn.value || props.own.has(row.id)) &&
        words.every(word => names.includes(word)),
    )
    .map(({ row }) => row)
})
const figure = (n: number) => {
  if (n === 0) return ''
  return n < 1 ? n.toFixed(1) : String(Math.round(n))
}
const holds = (row: Ingredient) =>
  [...row.holds.map(avoidableName), ...row.mayHold.map(id => `${avoidableName(id)}?`)].join(', ')
const figures = ['water', 'fat', 'protein', 'sugar', 'starch', 'fibre'] as const
</script>

<template>
  <div class="look">
    <input
      v-model="query"
      type="search"
      class="input grow"
      aria-label="Look for an ingredient"
      placeholder="Look for an ingredient"
    />
    <USelectMenu
      v-model="kind"
      :items="kinds"
      value-key="value"
      aria-label="Kind of ingredient"
      class="kind"
    />
    <button type="button" class="chip" :aria-pressed="onlyOwn" @click="onlyOwn = !onlyOwn">
      of this house ({{ own.size }})
    </button>
  </div>
  <p v-if="!found.length" class="soft none">
    No ingredient fits that{{ onlyOwn && !own.size ? '; nothing of your own is entered yet' : '' }}.
  </p>
  <div v-else class="scroll" tabindex="0" role="region" aria-label="Ingredients">
    <table>
      <thead>
        <tr>
          <th scope="col">
            {{ found.length }} {{ found.length === 1 ? 'ingredient' : 'ingredients' }}
          </th>
          <th v-for="each in figures" :key="each" scope="col" class="n">{{ each }}</th>
          <th scope="col" class="n">g/ml</th>
          <th scope="col">holds</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in found.slice(0, shown)"
          :key="row.id"
          :class="{ on: open === row.id }"
          @click="emit('open', row.id)"
        >
          <th scope="row">
            <button
              type="button"
              class="name"
              :aria-label="`Open ${row.name}`"
              @click.stop="emit('open', row.id)"
            >
              <span>{{ row.name }}</span><span class="soft kindof"
                >{{ kindNames[row.kind]
                }}<b v-if="own.has(row.id)" class="ours">
                  · ours{{ row.unread ? ', packet not read' : '' }}</b
                ></span
              >
            </button>
          </th>
          <td v-for="each in figures" :key="each" class="n">{{ figure(row.per100[each]) }}</td>
          <td class="n">{{ Object.values(row.density)[0]?.toFixed(2) ?? '' }}</td>
          <td class="holds">{{ holds(row) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
  <UButton v-if="found.length > shown" color="neutral" variant="ghost" block @click="shown += 400"
    >{{ found.length - shown }} more</UButton
  >
</template>

<style scoped>
.look {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  margin-bottom: 12px;
  align-items: center;
}
.grow {
  flex: 1 1 200px;
  width: auto;
}
.kind {
  width: 200px;
}
.chip {
  min-height: 46px;
  padding: 0 16px;
  border-radius: 23px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  color: var(--soft);
}
.chip[aria-pressed='true'] {
  border-color: var(--ginger);
  box-shadow: inset 0 0 0 1px var(--ginger);
  color: var(--ink);
  font-weight: 600;
}
.none {
  padding: 18px 4px;
}
.scroll {
  overflow-x: auto;
  border-radius: 14px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.97rem;
  min-width: 620px;
}
thead th {
  color: var(--soft);
  font-weight: 600;
  font-size: 0.88rem;
  padding: 4px 8px;
  text-align: left;
  white-space: nowrap;
}
th.n,
td.n {
  text-align: right;
  padding: 4px 7px;
}
tbody tr {
  border-top: 1.5px solid var(--line);
  cursor: pointer;
}
tbody tr:hover {
  background: var(--ground);
}
tbody tr.on {
  background: var(--ginger-pale);
}
tbody th {
  text-align: left;
  padding: 0 8px;
  min-width: 170px;
  font-weight: 620;
}
td {
  padding: 4px 8px;
}
.name {
  min-height: 50px;
  text-align: left;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  justify-content: center;
  line-height: 1.25;
}
.kindof {
  font-size: 0.86rem;
  font-weight: 400;
}
.on .kindof {
  color: var(--ink);
}
.ours {
  font-weight: 650;
  color: var(--ginger-ink);
}
.holds {
  font-size: 0.9rem;
  max-width: 190px;
}
@media (max-width: 760px) {
  .kind {
    flex: 1;
  }
}
</style>
