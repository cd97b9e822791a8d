<script setup lang="ts">
import type { SizedUp, SizeTarget } from '#core/pan'

/** Every line as written and at the new size; and what is to be known of it. */
defineProps<{ up: SizedUp; of: string }>()
const emit = defineEmits<{ size: [target: SizeTarget] }>()
const parts = (up: SizedUp) =>
  [...new Set(up.amounts.map(a => a.component))].map(name => ({
    name,
    rows: up.amounts.filter(a => a.component === name),
  }))
</script>

<template>
  <section aria-labelledby="amounts">
    <div class="head">
      <h2 id="amounts">What goes in now</h2>
      <span class="soft"
        >{{
          up.factor === 1 ? '' : `${(Math.round(up.factor * 1000) / 1000).toLocaleString('en')} × `
        }}{{ of }}</span
      >
    </div>
    <table>
      <thead class="sr-only">
        <tr>
          <th>Ingredient</th>
          <th>as written</th>
          <th>now</th>
          <th>spoons</th>
        </tr>
      </thead>
      <tbody v-for="part in parts(up)" :key="part.name">
        <tr v-if="part.name" class="part">
          <th colspan="4" scope="rowgroup">{{ part.name }}</th>
        </tr>
        <tr v-for="row in part.rows" :key="row.lineId">
          <th scope="row">{{ row.name }}</th>
          <td class="soft was">{{ up.factor === 1 ? '' : row.was }}</td>
          <td class="now" :class="{ words: !row.was }">{{ row.now }}</td>
          <td class="soft spoons">
            {{ row.spoons
            }}<template v-if="Math.abs(row.off) >= 6">
              ({{ row.off > 0 ? '+' : '−' }}{{ Math.abs(row.off) }} %)</template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-if="up.notes.length" class="notes">
      <li v-for="note in up.notes" :key="note.says">
        {{ note.says }}
        <button
          v-if="note.snap"
          type="button"
          class="link"
          @click="emit('size', { by: 'times', times: note.snap })"
        >
          {{ note.snapSays }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  gap: 12px;
  align-items: baseline;
  flex-wrap: wrap;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
  padding: 6px 10px 6px 0;
  min-width: 104px;
}
th,
td {
  vertical-align: baseline;
}
tbody tr:not(.part) {
  border-top: 1.5px solid var(--line);
}
tr.part th {
  font-weight: 650;
  padding-top: 12px;
}
td {
  text-align: right;
  white-space: nowrap;
  padding: 6px 0 6px 14px;
}
.now {
  font-weight: 650;
}
.words {
  white-space: normal;
  font-weight: 400;
}
.spoons {
  text-align: left;
  white-space: normal;
  min-width: 118px;
}
.notes {
  list-style: none;
  padding: 10px 0 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.notes li {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 8px 14px;
  line-height: 1.35;
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  font-weight: 650;
}
@media (max-width: 520px) {
  .was {
    display: none;
  }
  .spoons {
    min-width: 84px;
  }
}
</style>
