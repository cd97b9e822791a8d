<script setup lang="ts">
import type { Plan } from '#core/swap'
import type { Recipe } from '#core/recipe'

/** What is done now, with what changed in it word by word, and the cautions that belong to it. */
const props = defineProps<{ plan: Plan; was: Recipe | null }>()

const isMarked = ref(true)
const parts = computed(() =>
  props.plan.recipe.components.map(({ name, steps }) => {
    const before = props.was?.components.find(c => c.name === name)?.steps ?? []
    return { name, ...changedSteps(before, steps) }
  }),
)
const gone = computed(() => parts.value.flatMap(part => part.gone))
const changed = computed(
  () => parts.value.flatMap(part => part.steps).filter(step => step.isChanged).length,
)
</script>

<template>
  <section class="sheet wide" aria-labelledby="steps">
    <div class="head">
      <h2 id="steps">What is done now</h2>
      <UButton
        v-if="was && (changed || gone.length)"
        color="neutral"
        variant="ghost"
        class="mark"
        :icon="isMarked ? 'i-lucide-check' : 'i-lucide-minus'"
        :aria-pressed="isMarked"
        @click="isMarked = !isMarked"
        >Mark what changed</UButton
      >
    </div>
    <p v-if="was && !changed && !gone.length" class="soft">The steps stay as they are.</p>
    <ol class="steps">
      <template v-for="part in parts" :key="part.name">
        <li v-for="(step, i) in part.steps" :key="i" :class="{ fresh: isMarked && step.isNew }">
          <span v-if="isMarked && step.isNew" class="tag">new</span>
          <template v-for="(words, k) in step.words" :key="k">
            <del v-if="words.is === 'gone' && isMarked">{{ words.text }}</del>
            <ins v-else-if="words.is === 'new' && isMarked && !step.isNew">{{ words.text }}</ins>
            <template v-else-if="words.is !== 'gone'">{{ words.text }}</template>
          </template>
        </li>
      </template>
    </ol>
    <template v-if="isMarked && gone.length">
      <h3 class="gone">Not done any more</h3>
      <ul class="plain">
        <li v-for="text in gone" :key="text">
          <del>{{ text }}</del>
        </li>
      </ul>
    </template>
    <h2 v-if="plan.cautions.length" class="cautions">Cautions</h2>
    <ul class="plain">
      <li v-for="text in plan.cautions" :key="text">{{ text }}</li>
    </ul>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 18px;
  margin-bottom: 6px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.mark {
  min-height: 44px;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
.steps {
  padding-left: 1.5em;
  display: grid;
  gap: 7px;
  list-style: decimal;
}
.steps li {
  white-space: pre-wrap;
}
.steps li::marker {
  color: var(--soft);
  font-weight: 600;
}
ins {
  text-decoration: underline;
  text-decoration-color: var(--ginger);
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
  font-weight: 600;
}
del {
  color: var(--soft);
  text-decoration: line-through;
  padding-right: 0.25em;
}
.tag {
  display: inline-block;
  margin-right: 0.5em;
  padding: 0 7px;
  border-radius: 999px;
  background: var(--ginger-pale);
  font-size: 0.85rem;
  font-weight: 600;
}
.gone {
  font-size: 1rem;
  font-weight: 650;
  margin: 12px 0 4px;
}
.cautions {
  margin-top: 16px;
}
@media (max-width: 1040px) {
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .wide {
    padding: 16px;
  }
}
</style>
