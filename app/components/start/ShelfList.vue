<script setup lang="ts">
import { bakeLimits, type ShelfRow } from '#core/share'

/**
 * Everything that is kept: looked through, tagged, doubled, put away or thrown away, each of which
 * can be taken back.
 */
const house = useHouseStore()
const undo = useTakeBack()
const query = ref('')
const tag = ref('')
const archived = ref(false)
const page = 40
const shown = ref(page)
const search = useShelfSearch(() => house.shelf)

const away = computed(() => house.shelf.filter(row => row.archived).length)
const tags = computed(() => {
  const count = new Map<string, number>()
  for (const row of house.shelf)
    if (Boolean(row.archived) === archived.value)
      for (const t of row.tags) count.set(t, (count.get(t) ?? 0) + 1)
  return [...count]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 12)
    .map(([name]) => name)
})
const found = computed(() =>
  search(query.value).filter(
    row => Boolean(row.archived) === archived.value && (!tag.value || row.tags.includes(tag.value)),
  ),
)
watch([query, tag, archived], () => {
  shown.value = page
})
watch(away, n => {
  if (!n) archived.value = false
})

const day = (iso: string) =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })

async function drop(row: ShelfRow) {
  const back = await house.dropBake(row.id)
  undo(`“${row.title}” is thrown away.`, 'Bring it back', back)
}
async function archive(row: ShelfRow) {
  const to = !row.archived
  await house.archive(row.id, to)
  undo(to ? `“${row.title}” is put away.` : `“${row.title}” is back on the shelf.`, 'Undo', () =>
    house.archive(row.id, !to),
  )
}
async function duplicate(row: ShelfRow) {
  const id = await house.duplicate(row.id)
  if (id) undo(`There is a copy of “${row.title}”.`, 'Take it away again', () => house.dropBake(id))
}

const tagging = ref<string | null>(null)
const words = ref('')
useDraft('tags', reactive({ tagging, words }))
function openTags(row: ShelfRow) {
  tagging.value = row.id
  words.value = row.tags.join(', ')
}
async function keepTags(row: ShelfRow) {
  if (tagging.value !== row.id) return
  tagging.value = null
  const said = words.value
  words.value = ''
  await house.tag(row.id, said.split(','))
}
const menu = (row: ShelfRow) => [
  [
    { label: 'Tags …', icon: 'i-lucide-tag', onSelect: () => openTags(row) },
    { label: 'Make a copy', icon: 'i-lucide-copy', onSelect: () => void duplicate(row) },
    {
      label: row.archived ? 'Back on the shelf' : 'Put away',
      icon: 'i-lucide-archive',
      onSelect: () => void archive(row),
    },
  ],
  [{ label: 'Throw away', icon: 'i-lucide-trash-2', onSelect: () => void drop(row) }],
]
</script>

<template>
  <div>
    <div v-if="house.shelf.length > 3" class="look">
      <input
        v-model="query"
        type="search"
        class="input"
        aria-label="Look on the shelf"
        placeholder="Look for a name, a tag, something in it"
      />
      <div v-if="tags.length || away" class="chips">
        <button
          v-for="each in tags"
          :key="each"
          type="button"
          class="chip"
          :aria-pressed="tag === each"
          @click="tag = tag === each ? '' : each"
        >
          {{ each }}
        </button>
        <button
          v-if="away"
          type="button"
          class="chip"
          :aria-pressed="archived"
          @click="archived = !archived"
        >
          put away ({{ away }})
        </button>
      </div>
    </div>
    <p v-if="!found.length" class="soft none">
      {{ query || tag ? 'Nothing on the shelf fits that.' : 'Nothing here.' }}
    </p>
    <ul class="bakes">
      <li v-for="row in found.slice(0, shown)" :key="row.id">
        <form v-if="tagging === row.id" class="tagform" @submit.prevent="keepTags(row)">
          <input
            v-model="words"
            :maxlength="20 * bakeLimits.tag"
            class="input"
            :aria-label="`Tags of ${row.title}, parted by commas`"
            autofocus
            @keydown.esc.prevent="tagging = null"
          />
          <UButton type="submit" color="neutral" variant="outline">Keep</UButton>
        </form>
        <template v-else>
          <NuxtLink :to="row.planned ? `/swap/${row.id}` : `/recipe/${row.id}`" class="bake">
            <span class="title">{{ row.title }}</span>
            <span class="soft tiny"
              >{{ row.says }} · {{ day(row.updated)
              }}<template v-if="row.open"> · {{ row.open }} to check</template></span
            >
            <span v-if="row.tags.length" class="tags"
              ><span v-for="each in row.tags" :key="each" class="tag">{{ each }}</span></span
            >
          </NuxtLink>
          <UDropdownMenu :items="menu(row)" :content="{ align: 'end' }"
            ><UButton
              icon="i-lucide-ellipsis"
              color="neutral"
              variant="ghost"
              class="more"
              :aria-label="`More for ${row.title}`"
          /></UDropdownMenu>
        </template>
      </li>
    </ul>
    <UButton v-if="found.length > shown" color="neutral" variant="ghost" block @click="shown += 200"
      >{{ found.length - shown }} more</UButton
    >
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 8px;
  margin-bottom: 8px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  min-height: 38px;
  padding: 0 14px;
  border-radius: 19px;
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
  padding: 8px 4px;
}
.bakes {
  list-style: none;
  padding: 0;
  margin: 0;
}
.bakes li {
  display: flex;
  align-items: center;
  border-top: 1.5px solid var(--line);
}
.bakes li:first-child {
  border-top: 0;
}
.bake {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 11px 4px;
  min-height: 60px;
  justify-content: center;
  text-decoration: none;
  color: var(--ink);
}
.bake .title {
  font-weight: 620;
  font-size: 1.06rem;
  overflow-wrap: anywhere;
}
.bake:hover .title {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.tiny {
  font-size: 0.9rem;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 2px;
}
.tag {
  font-size: 0.84rem;
  padding: 0 9px;
  border-radius: 10px;
  background: var(--sheet);
  border: 1px solid var(--line);
}
.more {
  min-width: 44px;
  min-height: 44px;
  justify-content: center;
}
.tagform {
  display: flex;
  gap: 6px;
  flex: 1;
  padding: 7px 0;
}
</style>
