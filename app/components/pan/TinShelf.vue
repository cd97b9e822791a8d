<script setup lang="ts">
import { brimful, materialRows, tinRows, tinWordsOf, type Material, type NamedTin } from '#core/pan'

/**
 * The tins to choose from, drawn to one scale: the recipe's own, this house's, then the usual ones.
 * Several may be chosen for one batter.
 */
const props = defineProps<{
  chosen: readonly NamedTin[]
  stated: NamedTin | null
  own: readonly NamedTin[]
  assumed: readonly string[]
}>()
const emit = defineEmits<{
  tins: [tins: readonly NamedTin[]]
  edit: [tin: NamedTin | null]
  state: []
  drop: [tin: NamedTin]
}>()

const groups = [
  { id: 'round', says: 'round', shapes: ['round'] },
  { id: 'box', says: 'square, slab, loaf', shapes: ['box'] },
  { id: 'ring', says: 'ring', shapes: ['ring'] },
  { id: 'cups', says: 'cups', shapes: ['cups'] },
  { id: 'flat', says: 'tray, log', shapes: ['tray', 'log'] },
] as const
const group = ref<string>('round')
watch(
  () => props.stated?.shape,
  shape => {
    group.value =
      groups.find(g => (g.shapes as readonly string[]).includes(shape ?? 'round'))?.id ?? 'round'
  },
  { immediate: true },
)
const shown = computed(() =>
  tinRows.filter(tin =>
    (groups.find(g => g.id === group.value)!.shapes as readonly string[]).includes(tin.shape),
  ),
)
const isChosen = (id: string) => props.chosen.some(tin => tin.id === id)
/** A press takes it instead; with another already there, “and another” adds it. */
const adding = ref(false)
function pick(tin: NamedTin) {
  if (isChosen(tin.id)) {
    emit(
      'tins',
      props.chosen.filter(t => t.id !== tin.id),
    )
    return
  }
  emit('tins', adding.value ? [...props.chosen, tin] : [tin])
  adding.value = false
}
const change = (id: string, change: Partial<NamedTin>) =>
  emit(
    'tins',
    props.chosen.map(tin => (tin.id === id ? { ...tin, ...change } : tin)),
  )
/** Nothing stands in what has no walls. */
const isFlat = (tin: NamedTin) => tin.shape === 'tray' || tin.shape === 'log'
const toTheBrim = (tin: NamedTin) => (isFlat(tin) ? 0 : Math.round(brimful(tin)))
const most = 96
const counted = (tin: NamedTin, to: number) =>
  change(tin.id, { count: Math.max(1, Math.min(most, to)) })
</script>

<template>
  <div class="shelf">
    <div class="row" role="group" aria-label="The recipe’s tin and your own">
      <button type="button" class="tin" :aria-pressed="!chosen.length" @click="emit('tins', [])">
        <span class="draw"
          ><TinShape v-if="stated" :tin="stated" :most="72" /><span v-else class="none"
            >?</span
          ></span
        >
        <span class="name"
          >{{ stated ? 'as the recipe says' : 'no tin is named'
          }}<span v-if="stated" class="soft size">{{ tinWordsOf(stated) }}</span></span
        >
      </button>
      <button
        v-for="tin in own"
        :key="tin.id"
        type="button"
        class="tin"
        :aria-pressed="isChosen(tin.id)"
        @click="pick(tin)"
      >
        <span class="draw"><TinShape :tin="tin" :most="72" /></span
        ><span class="name"
          >{{ tin.name }}<span class="soft size">{{ tinWordsOf(tin) }}</span></span
        >
      </button>
      <button type="button" class="tin new" @click="emit('edit', null)">
        <span class="draw plus" aria-hidden="true">+</span
        ><span class="name">a tin of your own</span>
      </button>
    </div>
    <p v-if="stated && assumed.length && !chosen.length" class="soft tiny">
      Not said, so taken: {{ assumed.join(', ') }}.
      <button type="button" class="link" @click="emit('state')">Put the recipe’s tin right</button>
    </p>
    <p v-else-if="!chosen.length" class="soft tiny">
      <button type="button" class="link" @click="emit('state')">
        {{ stated ? 'Put the recipe’s tin right' : 'Say what the recipe is baked in' }}
      </button>
    </p>

    <div class="ways" role="group" aria-label="Kind of tin">
      <button
        v-for="each in groups"
        :key="each.id"
        type="button"
        class="way"
        :aria-pressed="group === each.id"
        @click="group = each.id"
      >
        {{ each.says }}
      </button>
    </div>
    <div class="row" role="group" aria-label="Usual tins">
      <button
        v-for="tin in shown"
        :key="tin.id"
        type="button"
        class="tin"
        :aria-pressed="isChosen(tin.id)"
        :title="`${tinWordsOf(tin)}, ${toTheBrim(tin)} ml to the brim`"
        @click="pick(tin)"
      >
        <span class="draw"><TinShape :tin="tin" :most="72" /></span
        ><span class="name">{{ tin.name }}</span>
      </button>
    </div>

    <ul v-if="chosen.length" class="chosen" aria-label="Chosen tins">
      <li v-for="tin in chosen" :key="tin.id">
        <b class="grow">{{ tin.name }}</b>
        <span class="count"
          ><button
            type="button"
            class="step"
            :aria-label="`Fewer ${tin.name}`"
            @click="counted(tin, tin.count - 1)"
          >
            −</button
          ><span class="n">{{ tin.count }} {{ tin.shape === 'cups' ? 'cups' : '' }}</span
          ><button
            type="button"
            class="step"
            :aria-label="`More ${tin.name}`"
            @click="counted(tin, tin.count + 1)"
          >
            +
          </button></span
        >
        <select
          class="input material"
          :value="tin.material"
          :aria-label="`What ${tin.name} is made of`"
          @change="
            change(tin.id, { material: ($event.target as HTMLSelectElement).value as Material })
          "
        >
          <option v-for="m in materialRows" :key="m.id" :value="m.id">{{ m.name }}</option>
        </select>
        <button
          v-if="own.some(o => o.id === tin.id)"
          type="button"
          class="link"
          @click="
            emit(
              'edit',
              own.find(o => o.id === tin.id)!,
            )
          "
        >
          Change
        </button>
        <button
          v-if="own.some(o => o.id === tin.id)"
          type="button"
          class="link"
          @click="emit('drop', tin)"
        >
          Throw away
        </button>
      </li>
      <li>
        <button type="button" class="link" :aria-pressed="adding" @click="adding = !adding">
          {{ adding ? 'Choose the other tin above' : 'And another tin for the same batter' }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.shelf {
  display: grid;
  gap: 10px;
  min-width: 0;
}
.row {
  display: flex;
  gap: 8px;
  overflow-x: auto;
  padding: 3px;
}
.tin {
  flex: 0 0 104px;
  display: grid;
  grid-template-rows: 76px auto;
  gap: 4px;
  justify-items: center;
  align-items: center;
  padding: 8px 6px;
  border: 1.5px solid var(--line);
  border-radius: 14px;
  cursor: pointer;
  text-align: center;
}
.tin[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
.draw {
  display: grid;
  place-items: center;
}
.plus,
.none {
  font-size: 2rem;
  color: var(--soft);
}
.name {
  font-size: 0.92rem;
  line-height: 1.2;
  align-self: start;
}
.size {
  display: block;
  font-size: 0.84rem;
}
.tiny {
  font-size: 0.92rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.way {
  min-height: 44px;
  padding: 0 12px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  font-size: 0.96rem;
}
.way[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
  font-weight: 600;
}
.chosen {
  list-style: none;
  padding: 0;
  margin: 0;
}
.chosen li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  border-top: 1.5px solid var(--line);
  padding: 4px 0;
}
.grow {
  flex: 1;
  min-width: 120px;
}
.count {
  display: inline-flex;
  align-items: center;
}
.step {
  width: 44px;
  height: 44px;
  font-size: 1.25rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  cursor: pointer;
}
.n {
  min-width: 62px;
  text-align: center;
  font-weight: 650;
}
.material {
  width: auto;
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  color: var(--ginger-ink);
}
</style>
