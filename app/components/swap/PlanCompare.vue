<script setup lang="ts">
import type { Measure } from '#core/formula'
import { weightText } from '#core/measure'
import { linesOf } from '#core/recipe'
import { measureNames, type Plan } from '#core/swap'

/** Two plans side by side: what goes in, and how far each measure has moved. What differs is marked. */
const props = defineProps<{ plans: readonly Plan[] }>()
const left = defineModel<string>('left', { required: true })
const right = defineModel<string>('right', { required: true })
const pair = computed(
  () =>
    [left.value, right.value].map(id => props.plans.find(p => p.id === id) ?? props.plans[0]!) as [
      Plan,
      Plan,
    ],
)

const rows = computed(() => {
  const sums = pair.value.map(plan => {
    const found = new Map<string, { name: string; grams: number | null }>()
    for (const line of linesOf(plan.recipe)) {
      const key = line.ingredient ?? line.text
      const there = found.get(key)
      found.set(key, {
        name: there?.name ?? line.name ?? line.text,
        grams: line.grams ? (there?.grams ?? 0) + line.grams.best : (there?.grams ?? null),
      })
    }
    return found
  }) as [
    Map<string, { name: string; grams: number | null }>,
    Map<string, { name: string; grams: number | null }>,
  ]
  const keys = [...new Set(sums.flatMap(s => [...s.keys()]))]
  const say = (cell: { grams: number | null } | undefined) => {
    if (!cell) return '–'
    return cell.grams === null ? 'some' : weightText(cell.grams)
  }
  return keys.map(key => {
    const [a, b] = [sums[0].get(key), sums[1].get(key)]
    return { key, name: (a ?? b)!.name, a: say(a), b: say(b), differs: say(a) !== say(b) }
  })
})
const shown: readonly Measure[] = ['water', 'fat', 'sugar', 'protein', 'lift', 'bind', 'set']
const measuresOf = computed(() =>
  shown.flatMap(measure => {
    const cells = pair.value.map(plan => {
      const was = plan.balance.before[measure]
      const by = was > 0.3 ? Math.round((100 * (plan.balance.after[measure] - was)) / was) : null
      if (by === null) return null
      return by === 0 ? '±0' : `${by > 0 ? '+' : '−'}${Math.abs(by)} %`
    })
    return cells.every(c => c !== null)
      ? [{ measure, name: measureNames[measure], a: cells[0]!, b: cells[1]! }]
      : []
  }),
)
</script>

<template>
  <div class="compare">
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">What</span></th>
          <th scope="col">
            <select v-model="left" aria-label="One plan">
              <option v-for="p in plans" :key="p.id" :value="p.id">{{ p.title }}</option>
            </select>
          </th>
          <th scope="col">
            <select v-model="right" aria-label="The other plan">
              <option v-for="p in plans" :key="p.id" :value="p.id">{{ p.title }}</option>
            </select>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">how sure</th>
          <td>{{ pair[0].confidence }}</td>
          <td>{{ pair[1].confidence }}</td>
        </tr>
        <tr v-for="row in rows" :key="row.key" :class="{ differs: row.differs }">
          <th scope="row">{{ row.name }}</th>
          <td>{{ row.a }}</td>
          <td>{{ row.b }}</td>
        </tr>
        <tr class="rule">
          <th scope="row" colspan="3">Against the original</th>
        </tr>
        <tr v-for="row in measuresOf" :key="row.measure" :class="{ differs: row.a !== row.b }">
          <th scope="row">{{ row.name }}</th>
          <td>{{ row.a }}</td>
          <td>{{ row.b }}</td>
        </tr>
        <tr>
          <th scope="row">what will differ</th>
          <td class="words">
            {{ [...pair[0].differs, ...pair[0].risks].join('; ') || 'nothing to be noticed' }}
          </td>
          <td class="words">
            {{ [...pair[1].differs, ...pair[1].risks].join('; ') || 'nothing to be noticed' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.compare {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th,
td {
  text-align: left;
  padding: 6px 10px 6px 0;
  vertical-align: top;
  border-top: 1.5px solid var(--line);
}
thead th {
  border-top: 0;
}
tbody th {
  font-weight: 400;
  color: var(--soft);
}
td {
  font-weight: 560;
}
.differs th {
  color: var(--ink);
  font-weight: 600;
}
.differs td {
  color: var(--ginger-ink);
}
.rule th {
  padding-top: 16px;
  font-weight: 650;
  color: var(--ink);
}
.words {
  font-weight: 400;
  font-size: 0.95rem;
  max-width: 26ch;
}
select {
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  padding: 0 10px;
  background: var(--ground);
  color: var(--ink);
  font-weight: 650;
  max-width: 100%;
}
</style>
