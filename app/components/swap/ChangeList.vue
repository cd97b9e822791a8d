<script setup lang="ts">
import { weightText } from '#core/measure'
import { linesOf, type Recipe } from '#core/recipe'
import type { Change, Plan, Way, Wishes } from '#core/swap'

/**
 * Every change in words: what leaves and what it did here, what comes in, what gives a little, and
 * why, down to the school and its source.
 */
const props = defineProps<{
  recipe: Recipe
  plan: Plan
  ways: readonly Way[]
  wishes: Wishes
  explains: Readonly<Record<string, string>>
  schoolNames: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ wish: [wishes: Wishes] }>()
const textOf = (id: string) => linesOf(props.recipe).find(line => line.id === id)?.text ?? id
const grams = (g: number | null) => (g === null ? 'as much as before' : weightText(g))
const wayOf = (change: Change) =>
  props.ways.find(
    w => w.component === change.component && w.lines.some(id => change.removes.includes(id)),
  )
const isOnlyWords = (change: Change) =>
  !change.removes.length && !change.adds.length && !change.trims.length
const units: Readonly<Record<string, string>> = {
  g: 'g',
  eggs: 'eggs’ worth',
  mmol: 'mmol of gas',
  meq: 'meq',
}
const amount = (n: number, unit: string) =>
  `${n >= 20 ? Math.round(n) : Math.round(n * 10) / 10} ${units[unit] ?? unit}`
function choose(way: Way, id: string) {
  const { [way.question]: _, ...rest } = props.wishes.schools ?? {}
  emit('wish', { ...props.wishes, schools: id ? { ...rest, [way.question]: id } : rest })
}
</script>

<template>
  <ul class="changes">
    <li v-for="(change, i) in plan.changes" :key="i" class="change">
      <p class="line">
        <span v-if="change.component" class="soft">{{ change.component }}: </span>
        <template v-if="change.removes.length"
          ><s>{{ change.removes.map(textOf).join(', ') }}</s
          >{{ ' ' }}<span aria-hidden="true">→</span
          ><span class="sr-only"> becomes </span></template
        >
        <b v-for="(add, j) in change.adds" :key="j"
          >{{ j ? ' + ' : ' ' }}{{ grams(add.grams) }} {{ add.name }}
          <span class="kitchen">({{ add.kitchen }})</span></b
        >
        <b v-if="isOnlyWords(change)">{{ change.because }}</b>
        <span v-for="trim in change.trims" :key="trim.lineId" class="trim">
          {{ trim.name }} {{ grams(trim.from) }} → <b>{{ grams(trim.to) }}</b></span
        >
      </p>
      <p v-if="change.did" class="did">{{ change.did }}</p>
      <p v-if="change.house" class="own">{{ change.house }}</p>
      <label v-if="wayOf(change)" class="way"
        ><span>Another way</span>
        <select
          :value="wishes.schools?.[wayOf(change)!.question] ?? ''"
          @change="choose(wayOf(change)!, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">what fits best</option>
          <option v-for="school in wayOf(change)!.schools" :key="school.id" :value="school.id">
            {{ school.name }}
          </option>
        </select>
      </label>
      <details>
        <summary>Why</summary>
        <p v-if="!isOnlyWords(change)">{{ change.because }}</p>
        <dl v-if="change.jobs?.some(job => job.unit)" class="jobs">
          <template v-for="job in change.jobs.filter(j => j.unit)" :key="job.job">
            <dt>
              {{ job.job }}: {{ amount(job.amount, job.unit) }}, {{ Math.round(100 * job.share) }} %
            </dt>
            <dd>{{ explains[job.job] ?? '' }}</dd>
          </template>
        </dl>
        <p class="soft">
          {{
            change.school ? `School: ${schoolNames[change.school] ?? change.school}. ` : ''
          }}Source: {{ change.source }}
        </p>
      </details>
    </li>
  </ul>
</template>

<style scoped>
.changes {
  list-style: none;
  padding: 0;
  margin: 0;
}
.change {
  border-top: 1.5px solid var(--line);
  padding: 8px 0 2px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 16px;
  align-items: start;
}
.change:first-child {
  border-top: 0;
}
.line,
.did,
.own,
details {
  grid-column: 1;
}
.own {
  color: var(--ginger-ink);
  font-size: 0.96rem;
}
.line {
  overflow-wrap: anywhere;
}
.line s {
  color: var(--soft);
}
.did {
  color: var(--soft);
  font-size: 0.96rem;
}
.kitchen {
  font-weight: 400;
  color: var(--soft);
}
.trim {
  margin: 0 8px;
}
.trim:first-child {
  margin-left: 0;
}
.way {
  grid-column: 2;
  grid-row: 1 / span 2;
  display: grid;
  font-size: 0.86rem;
  color: var(--soft);
}
.way select {
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  padding: 0 8px;
  background: var(--ground);
  color: var(--ink);
  max-width: 190px;
  font-size: 0.96rem;
}
summary {
  cursor: pointer;
  color: var(--ginger-ink);
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 36px;
  display: inline-flex;
  align-items: center;
}
details p {
  padding-bottom: 6px;
  max-width: 70ch;
}
.jobs {
  display: grid;
  grid-template-columns: minmax(150px, auto) minmax(0, 1fr);
  gap: 4px 16px;
  padding: 2px 0 8px;
  max-width: 78ch;
}
.jobs dt {
  font-weight: 600;
}
.jobs dd {
  color: var(--soft);
  margin: 0;
}
@media (max-width: 760px) {
  .change {
    grid-template-columns: minmax(0, 1fr);
  }
  .way {
    grid-column: 1;
    grid-row: auto;
    padding: 4px 0;
    /* As wide as the page, however long the names of its ways are. */
    grid-template-columns: minmax(0, 1fr);
  }
  .way select {
    width: 100%;
    max-width: 100%;
  }
  .jobs {
    grid-template-columns: 1fr;
  }
}
</style>
