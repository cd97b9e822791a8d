<script setup lang="ts">
/** What is done, part by part; a recipe without any step still has the field for the first. */
const { actions } = inject(readBakeKey)!
const { refusals, active, edit, look } = inject(ledgerKey)!
const current = useCurrentBake()
const safety = useSafety()
const recipe = computed(() => current.bake!.recipe)
const shown = computed(() =>
  recipe.value.components.filter((part, at) => at === 0 || part.steps.length),
)
const isShared = computed(() => recipe.value.components.filter(c => c.steps.length).length < 2)
</script>

<template>
  <div v-for="component in shown" :key="`s${component.name}`" class="part">
    <h2>
      What is done<span v-if="component.name && !isShared" class="soft weight">{{
        component.name
      }}</span>
    </h2>
    <StepList
      :component="component"
      :recipe="recipe"
      :actions="actions"
      :cautions="safety.cautions"
      :active="active"
      :refused="refusals[`steps ${component.name}`] ?? ''"
      @edit="edit($event, `steps ${component.name}`)"
      @look="look"
    />
  </div>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.part {
  padding-top: 12px;
}
.part h2::first-letter {
  text-transform: uppercase;
}
.weight {
  font-weight: 400;
  font-size: 0.95rem;
  margin-left: 8px;
  font-family: var(--font-sans);
}
</style>
