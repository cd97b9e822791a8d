<script setup lang="ts">
import type { Verdict } from '#core/people'

/**
 * What a change of people or packets did to the kept bakes, until somebody has seen it; and how far
 * the checking is.
 */
const house = useHouseStore()
const words: Record<Verdict, string> = {
  clear: 'nothing found',
  unknown: 'not known',
  conflict: 'contains',
}
const stateWords = (verdict: Verdict | null) => (verdict ? words[verdict] : 'not at the table')
const all = ref(false)
const shown = computed(() => house.changed?.rows.slice(0, all.value ? undefined : 3) ?? [])
</script>

<template>
  <p v-if="house.rechecking" class="busy" role="status">
    Checking every kept bake again … {{ house.rechecking.done }} of {{ house.rechecking.of
    }}<progress :value="house.rechecking.done" :max="house.rechecking.of" />
  </p>
  <div v-else-if="house.unchecked" class="unchecked" role="alert">
    <p>
      The kept bakes could not be checked again after this change: for none of them is it known
      whether all at the table may still have it.
    </p>
    <UButton color="neutral" variant="outline" @click="house.checkAgain()">Check again</UButton>
  </div>
  <section v-if="house.changed" class="changes" aria-labelledby="changes" aria-live="polite">
    <div class="head">
      <h2 id="changes">What this changed</h2>
      <UButton color="neutral" variant="outline" @click="house.changesSeen()">Seen</UButton>
    </div>
    <p>
      {{ house.changed.what }}
      {{
        house.changed.rows.length === 1
          ? 'One bake reads otherwise'
          : `${house.changed.rows.length} bakes read otherwise`
      }}:
    </p>
    <ul>
      <li v-for="row in shown" :key="row.bake">
        <NuxtLink :to="`/recipe/${row.bake}`">{{ row.title }}</NuxtLink>
        <span v-for="change in row.changes" :key="change.personId" class="change"
          ><b>{{ change.name }}</b
          >:
          {{
            change.from === change.to
              ? `${words[change.to ?? 'unknown']}, for other reasons`
              : `${stateWords(change.from)} → ${stateWords(change.to)}`
          }}<template v-if="change.because[0]">
            ({{ change.because[0]
            }}{{
              change.because.length > 1 ? ` and ${change.because.length - 1} more` : ''
            }})</template
          ></span
        >
      </li>
    </ul>
    <UButton
      v-if="house.changed.rows.length > 3"
      color="neutral"
      variant="ghost"
      @click="all = !all"
      >{{ all ? 'Fewer' : `All ${house.changed.rows.length}` }}</UButton
    >
  </section>
</template>

<style scoped>
.busy {
  display: grid;
  gap: 6px;
  margin-bottom: 12px;
}
.busy progress {
  width: 100%;
  height: 8px;
  accent-color: var(--ginger);
}
.unchecked {
  border-left: 4px dashed var(--slate);
  padding-left: 12px;
  margin-bottom: 16px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.changes {
  border: 2px dashed var(--slate);
  border-radius: 18px;
  padding: 12px 18px;
  margin-bottom: 16px;
  display: grid;
  gap: 6px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
h2 {
  font-size: 1.1rem;
  font-weight: 650;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
li a {
  font-weight: 650;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.change {
  overflow-wrap: anywhere;
}
</style>
