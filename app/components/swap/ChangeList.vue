<script setup lang="ts">
import { linesOf, schools, weightText, type Change, type Plan, type Recipe } from '#core'

/** Every change in words: what leaves, what comes in, what gives a little, and why, down to the school and its source. */
const props = defineProps<{ recipe: Recipe, plan: Plan }>()
const textOf = (id: string) => linesOf(props.recipe).find(line => line.id === id)?.text ?? id
const grams = (g: number | null) => g === null ? 'as much as before' : weightText(g)
const schoolOf = (change: Change) => schools.find(s => s.id === change.school)
</script>

<template>
  <ul class="changes">
    <li v-for="(change, i) in plan.changes" :key="i" class="change">
      <p class="line">
        <span v-if="change.component" class="soft">{{ change.component }}: </span>
        <template v-if="change.removes.length"><s>{{ change.removes.map(textOf).join(', ') }}</s> <span aria-hidden="true">→</span><span class="sr-only"> becomes </span></template>
        <b v-for="(add, j) in change.adds" :key="j">{{ j ? ' + ' : ' ' }}{{ grams(add.grams) }} {{ add.name }} <span class="kitchen">({{ add.kitchen }})</span></b>
        <span v-for="trim in change.trims" :key="trim.lineId" class="trim"> {{ trim.name }} {{ grams(trim.from) }} → <b>{{ grams(trim.to) }}</b></span>
      </p>
      <details>
        <summary>Why</summary>
        <p>{{ change.because }} {{ change.did }}</p>
        <p class="soft">{{ schoolOf(change) ? `School: ${schoolOf(change)!.name}. ` : '' }}Source: {{ change.source }}</p>
      </details>
    </li>
  </ul>
</template>

<style scoped>
.changes { list-style: none; padding: 0; margin: 0; }
.change { border-top: 1.5px solid var(--line); padding: 8px 0 2px; }
.change:first-child { border-top: 0; }
.line { overflow-wrap: anywhere; }
.line s { color: var(--soft); }
.kitchen { font-weight: 400; color: var(--soft); }
.trim { margin-right: 8px; }
summary { cursor: pointer; color: var(--ginger-ink); text-decoration: underline; text-underline-offset: 3px; min-height: 36px; display: inline-flex; align-items: center; }
details p { padding-bottom: 6px; max-width: 70ch; }
</style>
