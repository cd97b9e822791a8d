<script setup lang="ts">
import type { Plan } from '#core/swap'

/** The plans to choose from, as one group: arrow keys move, the chosen one is looked at. */
const props = defineProps<{
  plans: readonly Plan[]
  kept: string | null
  names: Readonly<Record<string, string>>
}>()
const looked = defineModel<string>({ required: true })
const news = (plan: Plan) =>
  [...new Set(plan.changes.flatMap(c => c.adds.map(a => a.ingredient)))].filter(
    id => id !== 'water',
  )
const waysOf = (plan: Plan) => [...new Set(plan.changes.flatMap(c => c.school ?? []))]
/** The ways a plan goes, those that the others do not share first: that is what there is to choose. */
const short = (plan: Plan) => {
  const shared = (id: string) => props.plans.filter(p => waysOf(p).includes(id)).length
  return [...waysOf(plan)]
    .sort((a, b) => shared(a) - shared(b))
    .map(id => props.names[id] ?? '')
    .filter(Boolean)
    .slice(0, 2)
    .join(' · ')
}
const levels: Partial<Record<Plan['confidence'], string>> = {
  'very close': 'good',
  'close': 'good',
  'works, noticeably different': 'fair',
}
const level = (plan: Plan) => levels[plan.confidence] ?? 'weak'
const cards = useTemplateRef<HTMLButtonElement[]>('cards')
function move(event: KeyboardEvent, by: number) {
  event.preventDefault()
  const at =
    (props.plans.findIndex(p => p.id === looked.value) + by + props.plans.length) %
    props.plans.length
  looked.value = props.plans[at]!.id
  cards.value?.[at]?.focus()
}
</script>

<template>
  <div role="radiogroup" aria-label="Plans" class="plans">
    <button
      v-for="plan in plans"
      ref="cards"
      :key="plan.id"
      type="button"
      role="radio"
      class="plan"
      :aria-checked="plan.id === looked"
      :tabindex="plan.id === looked ? 0 : -1"
      @click="looked = plan.id"
      @keydown.down="move($event, 1)"
      @keydown.right="move($event, 1)"
      @keydown.up="move($event, -1)"
      @keydown.left="move($event, -1)"
    >
      <span class="title"
        >{{ plan.title
        }}<span v-if="kept === plan.id" class="kept">
          · {{ plan.nudged ? 'yours' : 'chosen' }}</span
        ></span
      >
      <span class="sure" :class="level(plan)">{{ plan.confidence }}</span>
      <span class="soft news"
        ><span class="ways">{{ short(plan) }}</span
        ><span class="count">{{ news(plan).length }} new</span></span
      >
    </button>
  </div>
</template>

<style scoped>
.plans {
  display: grid;
  gap: 7px;
}
.plan {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 1px 12px;
  text-align: left;
  padding: 10px 14px;
  border-radius: 14px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  min-height: 60px;
}
.plan[aria-checked='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  box-shadow: inset 0 0 0 1.5px var(--ginger);
}
.title {
  font-weight: 640;
  font-size: 1.06rem;
  white-space: nowrap;
}
.kept {
  color: var(--leaf);
  font-weight: 500;
}
.sure {
  justify-self: end;
  text-align: right;
  font-size: 0.92rem;
  align-self: center;
  line-height: 1.15;
}
.good {
  color: var(--leaf);
}
.fair {
  color: var(--ginger-ink);
}
.weak {
  color: var(--beet);
  font-weight: 600;
}
.news {
  grid-column: 1 / -1;
  font-size: 0.92rem;
  display: flex;
  gap: 10px;
}
.ways {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.count {
  white-space: nowrap;
}
</style>
