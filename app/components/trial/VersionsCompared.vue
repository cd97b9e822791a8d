<script setup lang="ts">
import type { Comparison, Version } from '#core/trial'

/** Two versions held against each other: what differs, and what came of them. */
const props = defineProps<{ left: Version; right: Version; compared: Comparison }>()
const difference = computed(() =>
  [
    { says: 'ingredients', of: props.compared.recipe },
    { says: 'method', of: props.compared.method },
    { says: 'oven and tin', of: props.compared.day },
  ].filter(group => group.of.length),
)
</script>

<template>
  <section class="sheet part" aria-labelledby="versus-head">
    <h2 id="versus-head">
      {{ versionName(left) }} <span class="soft">and</span> {{ versionName(right) }}
    </h2>
    <p v-if="!difference.length" class="soft">They are the same.</p>
    <p v-if="compared.changes.length > 1" class="two">
      <b>{{ compared.changes.length }} changes lie between them,</b> so what is better in one cannot
      be put down to any of them alone.
    </p>
    <div class="wide">
      <table v-if="difference.length">
        <caption class="sr-only">
          What differs
        </caption>
        <tbody>
          <template v-for="group in difference" :key="group.says"
            ><tr v-for="(d, n) in group.of" :key="`${group.says}${n}`">
              <td v-if="n" />
              <th v-else scope="row">{{ group.says }}</th>
              <td>{{ d.says }}</td>
            </tr></template
          >
        </tbody>
      </table>
    </div>
    <div v-if="compared.outcome.length" class="wide">
      <table>
        <caption class="cap">
          What came of them
        </caption>
        <thead>
          <tr>
            <td />
            <th class="n">{{ versionName(left).slice(0, 24) }}</th>
            <th class="n">{{ versionName(right).slice(0, 24) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in compared.outcome" :key="row.what">
            <th scope="row">{{ row.what }}</th>
            <td class="n">{{ row.a }}</td>
            <td class="n">{{ row.b }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.tree,
.part {
  padding: 16px 22px;
  display: grid;
  gap: 8px;
  min-width: 0;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.two {
  background: var(--slate-pale);
  border-radius: 12px;
  padding: 8px 14px;
}
.wide {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  max-width: 760px;
  width: 100%;
}
.cap {
  text-align: left;
  font-weight: 650;
  padding-top: 6px;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--soft);
  vertical-align: top;
  padding: 5px 16px 5px 0;
  white-space: nowrap;
}
td {
  padding: 5px 0;
}
.n {
  text-align: right;
  padding: 5px 0 5px 14px;
  white-space: normal;
}
tbody tr {
  border-top: 1.5px solid var(--line);
}
</style>
