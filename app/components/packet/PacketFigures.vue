<script setup lang="ts">
import { packetFigures, packetLimits } from '#core/packet'
import { avoidables } from '#core/pantry'
import { figureNames, type PacketFigure, type PacketForm } from '~/composables/packetForm'

/** Where it is bought, what stands in its table, what the maker answered. */
const state = defineModel<PacketForm>({ required: true })
const allergens = avoidables.map(a => ({ value: a.id, label: a.name }))
const figureLabel = (f: PacketFigure) =>
  f === 'factor' ? figureNames[f] : `${figureNames[f]} in 100 g`
</script>

<template>
  <details class="more">
    <summary>Where bought, size, figures, the maker’s answer</summary>
    <div class="two">
      <UFormField label="Where bought" name="where"
        ><UInput v-model="state.where" :maxlength="packetLimits.where" class="wide"
      /></UFormField>
      <UFormField label="Read again after, days" name="recheckDays"
        ><UInput v-model="state.recheckDays" class="wide" inputmode="numeric"
      /></UFormField>
      <UFormField label="Size, g" name="size"
        ><UInput v-model="state.size" class="wide" inputmode="decimal"
      /></UFormField>
      <UFormField label="Price" name="price"
        ><UInput v-model="state.price" class="wide" inputmode="decimal"
      /></UFormField>
      <UFormField v-for="f in packetFigures" :key="f" :label="figureLabel(f)" :name="`figures.${f}`"
        ><UInput v-model="state.figures[f]" class="wide" inputmode="decimal"
      /></UFormField>
    </div>
    <UFormField label="What the maker answered" name="answer"
      ><UTextarea v-model="state.answer" :rows="2" class="wide" :maxlength="packetLimits.answer"
    /></UFormField>
    <div class="two">
      <UFormField label="Answered on" name="answerOn"
        ><UInput v-model="state.answerOn" type="date" class="wide" :max="today()"
      /></UFormField>
      <UFormField label="They say it is without" name="without"
        ><USelectMenu
          v-model="state.without"
          multiple
          :items="allergens"
          value-key="value"
          class="wide"
          placeholder="nothing chosen"
          aria-label="They say it is without"
      /></UFormField>
    </div>
    <p class="soft small">
      An answer closes words that leave something open. What the list says it takes back never.
    </p>
  </details>
</template>

<style scoped>
.wide {
  width: 100%;
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.more[open] {
  display: grid;
  gap: 12px;
}
.small {
  font-size: 0.92rem;
}
@media (max-width: 560px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
