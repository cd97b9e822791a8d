<script setup lang="ts">
import type { Made } from '#core/make'
import type { Result } from '#core/swap'

/** What really happened, as it is kept with the bake. */
const props = defineProps<{
  made: Made
  title: string
  planned: boolean
  result: Result | null
  oven: { readonly took: number; readonly expected: number } | null
}>()
const emit = defineEmits<{ result: [how: Result | null]; oven: [] }>()
const ways: readonly { readonly id: Result; readonly says: string }[] = [
  { id: 'worked', says: 'as it should be' },
  { id: 'fair', says: 'passable' },
  { id: 'failed', says: 'not itself' },
]
const percent = (share: number) => Math.round(100 * share)
const weighed = computed(() => props.made.weights.filter(w => w.got !== null))
</script>

<template>
  <section class="sheet made" :aria-label="`What happened: ${title}`">
    <h2>{{ title }}</h2>
    <p class="soft">
      From {{ sayHour(made.begun) }} to {{ sayHour(made.finished) }}:
      {{ sayLength(made.finished - made.begun) }}.
    </p>
    <ul v-if="made.differs.length" class="differs">
      <li v-for="each in made.differs" :key="each">{{ each }}</li>
    </ul>
    <p v-else>All of it went as planned.</p>
    <table v-if="made.times.length">
      <caption class="sr-only">
        Times
      </caption>
      <thead>
        <tr>
          <th>What</th>
          <th>planned</th>
          <th>took</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(time, n) in made.times" :key="n">
          <th scope="row">{{ time.says }}</th>
          <td>{{ sayLength(time.planned) }}</td>
          <td>{{ sayLength(time.took) }}</td>
        </tr>
      </tbody>
    </table>
    <details v-if="weighed.length">
      <summary>{{ weighed.length }} weights</summary>
      <table>
        <tbody>
          <tr v-for="w in weighed" :key="w.lineId">
            <th scope="row">{{ w.name }}</th>
            <td>{{ w.wanted === null ? '' : `${sayGrams(w.wanted)} g` }}</td>
            <td>{{ sayGrams(w.got!) }} g</td>
          </tr>
        </tbody>
      </table>
    </details>
    <p v-for="loss in made.losses" :key="loss.of">
      {{ loss.of.charAt(0).toUpperCase() }}{{ loss.of.slice(1) }}:
      {{
        loss.share !== null
          ? `${percent(loss.share)} % went, usual ${loss.usual.map(percent).join('–')} %`
          : `100 ml weighed ${Math.round(loss.per100!)} g, usual ${loss.usual[0]}–${loss.usual[1]} g`
      }}.
    </p>
    <p v-for="note in made.notes" :key="note.at" class="soft">
      {{ sayHour(note.at) }}{{ note.beside ? `, at “${note.beside}”` : '' }}: {{ note.text }}
    </p>
    <div v-if="oven" class="row">
      <p>
        The oven took {{ Math.round(oven.took) }} instead of {{ Math.round(oven.expected) }} min.
      </p>
      <button type="button" class="knuckle ghost" @click="emit('oven')">
        Let the oven’s setting learn from it
      </button>
    </div>
    <fieldset v-if="planned">
      <legend>How did it come out?</legend>
      <div class="row">
        <button
          v-for="way in ways"
          :key="way.id"
          type="button"
          class="knuckle ghost"
          :aria-pressed="result === way.id"
          @click="emit('result', result === way.id ? null : way.id)"
        >
          {{ way.says }}
        </button>
      </div>
    </fieldset>
  </section>
</template>

<style scoped>
.made {
  padding: 18px 22px;
  display: grid;
  gap: 12px;
}
h2 {
  font-size: 1.3rem;
  font-weight: 650;
}
.differs {
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
}
table {
  border-collapse: collapse;
  max-width: 520px;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  color: var(--soft);
}
td,
thead th + th {
  text-align: right;
  padding: 4px 0 4px 14px;
  white-space: nowrap;
}
tbody tr {
  border-top: 1.5px solid var(--line);
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 650;
  padding-bottom: 8px;
}
.knuckle[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
</style>
