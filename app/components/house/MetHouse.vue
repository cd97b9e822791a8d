<script setup lang="ts">
import type { Counts, Met } from '#core/share'

/** A house file beside this house: what it would bring, and for what differs which side counts. */
const props = defineProps<{ name: string; met: readonly Met[]; busy: boolean }>()
const emit = defineEmits<{
  together: [said: Readonly<Record<string, Counts>>]
  inPlace: []
  leave: []
}>()

const kinds: Readonly<Record<Met['kind'], readonly [string, string]>> = {
  person: ['person', 'people'],
  group: ['set of people', 'sets of people'],
  packet: ['packet', 'packets'],
  bake: ['bake', 'bakes'],
  ingredient: ['row of the pantry', 'rows of the pantry'],
  name: ['name in the pantry', 'names in the pantry'],
  kitchen: ['kitchen', 'kitchens'],
}
const listOf = (is: Met['is']) => {
  const words = Object.entries(kinds).flatMap(([kind, [one, many]]) => {
    const n = props.met.filter(met => met.kind === kind && met.is === is).length
    return n ? [`${n} ${n === 1 ? one : many}`] : []
  })
  return words.length ? new Intl.ListFormat('en-GB').format(words) : 'nothing'
}
const asked = computed(() => props.met.filter(met => met.is === 'differs'))
const said = shallowRef<Readonly<Record<string, Counts>>>({})
const say = (key: string, counts: Counts) => {
  said.value = { ...said.value, [key]: counts }
}
const sayAll = (counts: Counts) => {
  said.value = Object.fromEntries(asked.value.map(met => [met.key, counts]))
}
const open = computed(() => asked.value.filter(met => !said.value[met.key]).length)
const ways = (met: Met): readonly (readonly [Counts, string])[] => [
  ['here', 'as it is here'],
  ['file', 'as in the file'],
  ...(met.kind === 'bake' ? ([['both', 'both, beside each other']] as const) : []),
]
</script>

<template>
  <section class="met" aria-labelledby="met-head">
    <h3 id="met-head">“{{ name }}” beside this house</h3>
    <p>
      New: {{ listOf('new') }}. The same: {{ listOf('same') }}. Otherwise here:
      {{ listOf('differs') }}.
    </p>
    <template v-if="asked.length">
      <div v-if="asked.length > 1" class="acts">
        <UButton color="neutral" variant="outline" @click="sayAll('here')">All as here</UButton>
        <UButton color="neutral" variant="outline" @click="sayAll('file')"
          >All as in the file</UButton
        >
      </div>
      <ul class="rows">
        <li v-for="each in asked" :key="each.key">
          <p>
            <b>{{ each.name }}</b> <span class="soft">({{ kinds[each.kind][0] }})</span>
          </p>
          <p class="side"><span class="soft">here</span> {{ each.here }}</p>
          <p class="side"><span class="soft">file</span> {{ each.file }}</p>
          <div class="acts" role="group" :aria-label="`Which counts: ${each.name}`">
            <UButton
              v-for="[counts, label] in ways(each)"
              :key="counts"
              color="neutral"
              :variant="said[each.key] === counts ? 'solid' : 'outline'"
              :aria-pressed="said[each.key] === counts"
              @click="say(each.key, counts)"
              >{{ label }}</UButton
            >
          </div>
        </li>
      </ul>
    </template>
    <p v-if="open" class="soft" role="status">
      {{ open === 1 ? 'One thing is' : `${open} things are` }} still to be said before both can be
      one house.
    </p>
    <div class="acts">
      <UButton color="neutral" :disabled="open > 0" :loading="busy" @click="emit('together', said)"
        >Bring both together</UButton
      >
      <UButton color="neutral" variant="outline" :disabled="busy" @click="emit('inPlace')"
        >Put the file’s house in place of this one</UButton
      >
      <UButton color="neutral" variant="ghost" :disabled="busy" @click="emit('leave')"
        >Leave the file</UButton
      >
    </div>
  </section>
</template>

<style scoped>
.met {
  display: grid;
  gap: 10px;
  border-top: 1.5px solid var(--line);
  padding-top: 12px;
}
h3 {
  font-weight: 650;
}
.rows {
  list-style: none;
  padding: 0;
  margin: 0;
  max-height: 60vh;
  overflow: auto;
}
.rows li {
  border-top: 1.5px solid var(--line);
  padding: 10px 0;
  display: grid;
  gap: 6px;
}
.side {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  overflow-wrap: anywhere;
}
</style>
