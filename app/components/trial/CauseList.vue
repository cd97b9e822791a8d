<script setup lang="ts">
import type { Diagnosis } from '#core/trial'

/** The likeliest causes, each with its reason and the one thing to change; what would tell them apart. */
const props = defineProps<{ found: Diagnosis | null; working: boolean; weights: number }>()
const emit = defineEmits<{
  say: [id: string, to: 'yes' | 'no']
  try: [cause: Diagnosis['causes'][number]]
}>()
/** So many causes are shown, and none that is less likely than this. */
const shows = { most: 5, least: 0.02 }
const shown = computed(() =>
  (props.found?.causes ?? [])
    .slice(0, shows.most)
    .filter(cause => cause.likelihood > shows.least && cause.explains.length),
)
const percent = (n: number) => `${Math.round(100 * n)} %`
const say = (to: 'yes' | 'no') => {
  const symptom = props.found?.apart?.symptom
  if (symptom) emit('say', symptom, to)
}
</script>

<template>
  <section class="causes" aria-labelledby="why-head" :aria-busy="working">
    <h2 id="why-head">Most likely</h2>
    <p v-if="!found && !working" class="soft">
      Say what is wrong, and the {{ weights }} weights of this recipe, its oven and whatever was
      measured are looked through for the cause.
    </p>
    <p v-if="working && !found" class="soft" role="status">Looking through the recipe …</p>
    <template v-if="found">
      <p v-for="c in found.contradictions" :key="c" class="clash" role="note">{{ c }}</p>
      <ol class="list">
        <li v-for="(cause, n) in shown" :key="cause.id" class="sheet cause">
          <div class="top">
            <h3>{{ cause.cause }}</h3>
            <span class="share">{{ percent(cause.likelihood) }}</span>
          </div>
          <div class="bar" aria-hidden="true">
            <span :style="{ width: `${100 * cause.likelihood}%` }" />
          </div>
          <p>{{ cause.because }}</p>
          <div v-if="cause.nextChange" class="next">
            <p><b>Change one thing:</b> {{ cause.nextChange.says }}</p>
            <UButton
              v-if="cause.nextChange.plan"
              color="neutral"
              :variant="n ? 'outline' : 'solid'"
              @click="emit('try', cause)"
              >Try it side by side</UButton
            >
          </div>
          <p class="soft source">{{ cause.source }}</p>
        </li>
      </ol>
      <div v-for="b in found.besides" :key="b.symptom" class="apart">
        <p>
          <b>Not explained by that: {{ b.says }}.</b> Perhaps a second fault. By itself it is most
          likely “{{ b.cause.cause.toLowerCase() }}” ({{ percent(b.cause.likelihood) }}).
          <template v-if="b.cause.nextChange"
            >For that: {{ b.cause.nextChange.says }} One at a time.</template
          >
        </p>
      </div>
      <p class="soft">
        {{ percent(found.else) }} for something that is not in these tables. Likelihoods rest on
        bakers’ fault lists and on this recipe’s figures; they add up to 100, and are no proof.
      </p>
      <div v-if="found.apart" class="apart">
        <p><b>What would tell them apart.</b> {{ found.apart.asks }}</p>
        <div v-if="found.apart.symptom" class="row">
          <UButton color="neutral" variant="outline" @click="say('yes')">It is</UButton
          ><UButton color="neutral" variant="outline" @click="say('no')">It is not</UButton>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
h3 {
  font-size: 1.1rem;
  font-weight: 650;
}
.causes {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
}
.cause {
  padding: 14px 20px;
  display: grid;
  gap: 8px;
}
.top {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
}
.share {
  font-weight: 700;
  font-size: 1.15rem;
  white-space: nowrap;
}
.bar {
  height: 9px;
  border-radius: 5px;
  background: var(--line);
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--ginger);
  border-radius: 5px;
}
.next {
  background: var(--ginger-pale);
  border-radius: 14px;
  padding: 10px 16px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
}
.source {
  font-size: 0.88rem;
}
.apart {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 12px 18px;
  display: grid;
  gap: 10px;
}
.clash {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 16px;
}
.row {
  display: flex;
  gap: 10px;
}
</style>
