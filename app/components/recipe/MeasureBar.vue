<script setup lang="ts">
import { regions, type Region } from '#core/measure'
import type { Handling } from '#core/pantry'
import { guessRegion } from '#core/recipe'

/** In which region's cups and spoons the recipe is measured, how cups were filled, and what gave it away. */
const { edit } = inject(ledgerKey)!
const current = useCurrentBake()
const bake = computed(() => current.bake!)
const regionNames: Record<Region, string> = {
  us: 'United States',
  ca: 'Canada',
  uk: 'United Kingdom',
  ie: 'Ireland',
  au: 'Australia',
  nz: 'New Zealand',
  za: 'South Africa',
  in: 'India',
  metric: 'metric, anywhere',
}
const regionItems = regions.map(value => ({ value, label: regionNames[value] }))
const fills: { value: Handling; label: string }[] = [
  { value: 'spooned', label: 'cups spooned' },
  { value: 'scooped', label: 'cups scooped' },
  { value: 'sifted', label: 'cups sifted' },
]
const hasCups = computed(() =>
  bake.value.recipe.components
    .flatMap(component => component.lines)
    .some(line => line.unit === 'cup' && /spooned|scooped|sifted/u.test(line.evidence.how)),
)
/** The words that gave the region away, as long as it is the one that they speak for. */
const because = computed(() => {
  const guess = guessRegion(bake.value.source)
  if (!guess || guess.region !== bake.value.region) return ''
  const words = [...new Set(guess.because.map(each => each.trim()))].slice(0, 3)
  return words.map(each => `“${each}”`).join(', ')
})
</script>

<template>
  <div class="measures" role="group" aria-label="How it is measured">
    <span class="soft">measured as in</span>
    <USelectMenu
      :model-value="bake.region"
      :items="regionItems"
      value-key="value"
      aria-label="Region of the recipe"
      :search-input="false"
      @update:model-value="edit({ do: 'region', region: $event })"
    />
    <USelectMenu
      v-if="hasCups"
      :model-value="bake.recipe.handling ?? 'spooned'"
      :items="fills"
      value-key="value"
      aria-label="How the cups were filled"
      :search-input="false"
      @update:model-value="edit({ do: 'handling', handling: $event as Handling })"
    />
    <NuxtLink to="/spoons" class="link">your own spoons</NuxtLink>
    <span v-if="because" class="soft because">guessed by {{ because }}</span>
  </div>
</template>

<style scoped>
.because {
  flex-basis: 100%;
  font-size: 0.9rem;
}
.measures {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  margin-top: 2px;
}
</style>
