<script setup lang="ts">
import { weightText } from '#core/measure'
import type { Line, Recipe } from '#core/recipe'
import type { Plan, Wishes } from '#core/swap'

/**
 * The recipe as written on the left, the plan's on the right; a strand runs from what leaves to
 * what comes in, as thick as its grams.
 */
const props = defineProps<{
  recipe: Recipe
  plan: Plan
  forWhom: string
  wishes: Wishes
  anew?: unknown
}>()
const emit = defineEmits<{ nudge: [lineId: string, grams: number]; wish: [wishes: Wishes] }>()
const frame = useTemplateRef<HTMLElement>('frame')
const lines = usePlanLines(props)
const { removed, isNew, whyOf, kitchenOf, differenceOf } = lines
const { strands, height, gap } = useStrands(frame, props, lines)
const amountOf = (line: Line) => {
  if (line.grams) return weightText(line.grams.best)
  return line.purpose ? 'a little' : '? g'
}
const bodyWords = (line: Line) => line.name || line.text
</script>

<template>
  <div ref="frame" class="frame">
    <svg
      class="strands"
      :style="{ left: `${gap.left}px` }"
      :width="gap.width"
      :height="height"
      aria-hidden="true"
    >
      <path
        v-for="s in strands"
        :key="s.key"
        :d="s.d"
        :stroke="s.colour"
        :stroke-width="s.width"
        fill="none"
        :opacity="0.78"
      />
    </svg>
    <div class="side old">
      <h2>As written</h2>
      <template v-for="component in recipe.components" :key="component.name">
        <h3 v-if="component.name">{{ component.name }}</h3>
        <ul>
          <li
            v-for="line in component.lines"
            :key="line.id"
            :data-from="line.id"
            :class="{ out: removed.has(line.id) }"
          >
            <span class="what"
              ><span v-if="removed.has(line.id)" class="sr-only">leaves: </span
              >{{ bodyWords(line) }}</span
            ><span class="amount">{{ amountOf(line) }}</span>
          </li>
        </ul>
      </template>
    </div>
    <div class="side new">
      <h2>For {{ forWhom }}</h2>
      <template v-for="component in plan.recipe.components" :key="component.name">
        <h3 v-if="component.name">{{ component.name }}</h3>
        <ul>
          <li
            v-for="line in component.lines"
            :key="line.id"
            :data-to="line.id"
            :class="{ in: isNew(line) }"
          >
            <span class="what"
              ><span v-if="isNew(line)" class="sr-only">new: </span>{{ bodyWords(line) }}
              <small v-if="isNew(line) && kitchenOf(line)" class="kitchen">{{
                kitchenOf(line)
              }}</small></span
            >
            <small v-if="differenceOf(line)" class="moved">{{ differenceOf(line) }}</small>
            <NudgeAmount
              v-if="line.grams && line.ingredient"
              :grams="line.grams.best"
              :name="bodyWords(line)"
              :anew="anew"
              @nudge="emit('nudge', line.id, $event)"
            />
            <span v-else class="amount">{{ amountOf(line) }}</span>
            <LineWishes
              v-if="line.ingredient && whyOf(line)"
              :line="line"
              :wishes="wishes"
              :why="whyOf(line)!.why"
              :source="whyOf(line)!.source"
              :asks="isNew(line)"
              @wish="emit('wish', $event)"
            />
            <span v-else class="nodots" />
          </li>
        </ul>
      </template>
    </div>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 112px minmax(0, 1.12fr);
}
.strands {
  position: absolute;
  top: 0;
  pointer-events: none;
}
.side.old {
  grid-column: 1;
}
.side.new {
  grid-column: 3;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
  min-height: 34px;
  overflow-wrap: anywhere;
}
h3 {
  font-size: 1rem;
  font-weight: 620;
  padding: 12px 0 2px;
  color: var(--soft);
  font-family: var(--font-title);
}
h3::first-letter {
  text-transform: uppercase;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  min-height: 42px;
  padding: 3px 10px 3px 0;
}
.old li {
  border-top: 1.5px solid var(--line);
  padding-right: 12px;
}
.old li:first-child {
  border-top: 0;
}
.new li {
  padding-left: 10px;
  border-radius: 10px;
  margin-bottom: 2px;
}
.what {
  min-width: 0;
  overflow-wrap: anywhere;
  line-height: 1.25;
}
.amount {
  font-weight: 650;
  white-space: nowrap;
  text-align: right;
}
.out .what {
  text-decoration: line-through;
  color: var(--soft);
}
.out .amount {
  font-weight: 400;
  color: var(--soft);
}
.in {
  background: var(--ginger-pale);
}
.in .what {
  font-weight: 600;
}
.kitchen {
  font-weight: 400;
  font-size: 0.86rem;
  color: var(--soft);
  display: block;
}
.nodots {
  width: 30px;
  flex: none;
}
.new .what {
  flex: 1;
}
.new li {
  gap: 4px;
}
.moved {
  font-weight: 400;
  white-space: nowrap;
  font-size: 0.86rem;
  color: var(--ginger-ink);
  margin-right: 7px;
}
@media (max-width: 760px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
  .strands,
  .side.old {
    display: none;
  }
  .side.new {
    grid-column: 1;
  }
}
</style>
