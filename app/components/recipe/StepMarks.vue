<script setup lang="ts">
import type { Action } from '#core/method'
import { linesOf, type Recipe } from '#core/recipe'

/**
 * What a step takes, how long it stays where, at which heat, and for which part it is: quiet marks
 * beneath it. One that was read wrongly is corrected with one press, from a list.
 */
const props = defineProps<{
  text: string
  recipe: Recipe
  /** The actions of this step. */
  actions: readonly Action[]
  active: string | null
}>()
const emit = defineEmits<{ reword: [text: string]; look: [id: string] }>()

const lines = computed(() => linesOf(props.recipe))
const takes = computed(() =>
  takenMarks(props.actions, new Map(lines.value.map(line => [line.id, line]))),
)
const stays = computed(() => stayMarks(props.actions))

/** Parts that share their steps are told apart in each. */
const parts = computed(() => props.recipe.components.filter(c => c.lines.length > 0))
const isShared = computed(() => parts.value.length > 1 && parts.value.some(c => !c.steps.length))
const part = computed(() => {
  const names = new Set(props.actions.map(action => action.part))
  return isShared.value && names.size === 1 ? [...names][0]! : null
})
const partSays = (name: string) => `for the ${name.replace(/^the\s+/iu, '') || 'dessert itself'}`

const asItem = ({ label, text }: Choice) => ({ label, onSelect: () => emit('reword', text) })
const group = (label: string, choices: readonly Choice[]) =>
  choices.length ? [[{ label, type: 'label' as const }, ...choices.map(asItem)]] : []
const otherTakes = (use: TakenMark) => {
  const { things, shares } = otherWords(props.text, use, lines.value)
  const another = things.map(asItem)
  return [
    ...group('It takes', shares),
    ...(another.length ? [[{ label: 'It is another thing', children: another }]] : []),
  ]
}
const otherStay = (stay: StayMark) =>
  otherStays(props.text, stay).flatMap(({ says, choices }) => group(`${says} is`, choices))
const otherPart = (name: string) => group('It is for', otherParts(props.text, name, parts.value))
</script>

<template>
  <p v-if="takes.length || stays.length || part !== null" class="takes soft">
    <span v-if="takes.length"
      >takes
      <UDropdownMenu
        v-for="use in takes"
        :key="use.key"
        :items="otherTakes(use)"
        :disabled="!use.span"
        :modal="false"
      >
        <button
          type="button"
          class="use"
          :class="{ on: use.lineId !== null && active === use.lineId, missing: !use.lineId }"
          :title="use.span ? 'Is this read wrongly?' : undefined"
          @click="use.lineId && emit('look', use.lineId)"
        >
          {{ use.says }}
        </button></UDropdownMenu
      ></span
    >
    <UDropdownMenu
      v-for="(stay, n) in stays"
      :key="n"
      :items="otherStay(stay)"
      :disabled="!stay.said.length"
      :modal="false"
    >
      <button type="button" class="use time" title="Is this read wrongly?">
        {{ stay.says }}
      </button></UDropdownMenu
    >
    <UDropdownMenu v-if="part !== null" :items="otherPart(part)" :modal="false">
      <button type="button" class="use" title="Is this read wrongly?">
        {{ partSays(part) }}
      </button></UDropdownMenu
    >
  </p>
</template>

<style scoped>
.takes {
  font-size: 0.9rem;
  padding: 0 6px 6px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
.use {
  padding: 0 4px;
  min-height: 36px;
  border-radius: 6px;
  text-decoration: underline;
  text-decoration-color: var(--strand);
  text-underline-offset: 3px;
  cursor: pointer;
}
.use + .use {
  margin-left: 6px;
}
.use.on {
  background: var(--ginger-pale);
  color: var(--ink);
  font-weight: 650;
  text-decoration-color: var(--ginger);
}
.use.missing {
  color: var(--beet);
  text-decoration: underline wavy var(--beet) 1px;
  cursor: default;
}
.time {
  font-weight: 600;
}
</style>
