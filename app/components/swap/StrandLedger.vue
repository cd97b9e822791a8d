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
interface Strand {
  readonly key: string
  readonly d: string
  readonly width: number
  readonly colour: string
  readonly light: boolean
}
const strands = ref<Strand[]>([])
const height = ref(0)
const gap = ref({ left: 0, width: 0 })

const removed = computed(() => new Set(props.plan.changes.flatMap(change => change.removes)))
const trimmed = computed(
  () =>
    new Map(
      props.plan.changes.flatMap(change => change.trims.map(trim => [trim.lineId, trim] as const)),
    ),
)
const before = computed(
  () =>
    new Map(props.recipe.components.flatMap(c => c.lines.map(line => [line.id, line] as const))),
)
const isNew = (line: Line) => !before.value.has(line.id) || removed.value.has(line.id)
/** New lines by the change that they belong to, found by component and ingredient. */
const arrivals = computed(() => {
  const left = new Map(
    props.plan.recipe.components.map(c => [c.name, c.lines.filter(isNew)] as const),
  )
  return props.plan.changes.flatMap(change =>
    change.adds.flatMap(add => {
      const pool = left.get(change.component) ?? []
      const line = pool.find(
        l =>
          l.ingredient === add.ingredient &&
          (add.grams === null || Math.abs((l.grams?.best ?? 0) - add.grams) < 0.06),
      )
      if (!line) return []
      left.set(
        change.component,
        pool.filter(l => l !== line),
      )
      return [{ line, change }]
    }),
  )
})

/** The change that a line on the right belongs to, in words: what brought it, or what trimmed it. */
function whyOf(line: Line): { readonly why: string; readonly source: string } | null {
  const trim = trimmed.value.get(line.id)
  const change = trim
    ? props.plan.changes.find(c => c.trims.includes(trim))
    : arrivals.value.find(a => a.line === line)?.change
  if (!change) return null
  const add = change.adds.find(a => a.ingredient === line.ingredient)
  const measured =
    add?.exact !== undefined && add.grams !== null
      ? ` Worked out as ${weightText(add.exact)}, measured as ${weightText(add.grams)}.`
      : ''
  return {
    why: trim
      ? `From ${weightText(trim.from)} to ${weightText(trim.to)}, ${trim.because}.`
      : `${change.because}${measured}`,
    source: change.source,
  }
}

const amountOf = (line: Line) =>
  line.grams ? weightText(line.grams.best) : line.purpose ? 'a little' : '? g'
const kitchenOf = (line: Line) =>
  props.plan.changes
    .flatMap(c => c.adds)
    .find(add => add.ingredient === line.ingredient && add.grams === line.grams?.best)?.kitchen ??
  ''
const bodyWords = (line: Line) => line.name || line.text
const difference = (line: Line) => {
  const t = trimmed.value.get(line.id)
  return t ? `${t.to > t.from ? '+' : '−'}${weightText(Math.abs(t.to - t.from))}` : ''
}

function draw() {
  const box = frame.value?.getBoundingClientRect()
  if (!box || !frame.value) return
  const rows = (side: string) =>
    new Map(
      [...frame.value!.querySelectorAll<HTMLElement>(`[data-${side}]`)].map(el => [
        el.dataset[side]!,
        el.getBoundingClientRect(),
      ]),
    )
  const [left, right] = [rows('from'), rows('to')]
  const [firstLeft, firstRight] = [left.values().next().value, right.values().next().value]
  if (!firstLeft || !firstRight) return
  const [x0, x1] = [firstLeft.right - box.left, firstRight.left - box.left]
  gap.value = { left: x0, width: x1 - x0 }
  height.value = box.height
  const mid = (r: DOMRect) => r.top - box.top + r.height / 2
  const thick = (grams: number) => Math.max(1.6, Math.min(26, grams / 11))
  const made: Strand[] = []
  const strand = (
    key: string,
    from: DOMRect,
    to: DOMRect,
    grams: number,
    colour: string,
    light: boolean,
    shift = 0,
  ) => {
    const [y0, y1, w] = [mid(from) + shift, mid(to), x1 - x0]
    made.push({
      key,
      d: `M 0 ${y0} C ${w * 0.5} ${y0}, ${w * 0.5} ${y1}, ${w} ${y1}`,
      width: thick(grams),
      colour,
      light,
    })
  }
  for (const [id, line] of before.value) {
    const [from, to] = [left.get(id), right.get(id)]
    if (from && to && !removed.value.has(id))
      strand(id, from, to, line.grams?.best ?? 4, 'var(--strand)', true)
  }
  for (const { line, change } of arrivals.value) {
    const sources = change.removes.length ? change.removes : leverSource(change.component)
    for (const id of sources) {
      const [from, to, old] = [left.get(id), right.get(line.id), before.value.get(id)]
      if (from && to && old)
        strand(
          `${id}-${line.id}`,
          from,
          to,
          (line.grams?.best ?? 4) / sources.length,
          strandColour(old),
          false,
        )
    }
  }
  strands.value = made
}
/** What only sets the rest right comes from the egg that left, when one did. */
const leverSource = (component: string) =>
  props.plan.changes
    .filter(c => c.component === component)
    .flatMap(c => c.removes)
    .filter(id => /egg|yolk|white/iu.test(before.value.get(id)?.text ?? ''))
    .slice(0, 1)

let watching: ResizeObserver | null = null
onMounted(() => {
  watching = new ResizeObserver(() => draw())
  if (frame.value) watching.observe(frame.value)
  draw()
})
onBeforeUnmount(() => watching?.disconnect())
watch(
  () => props.plan,
  () => nextTick(draw),
)
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
        :opacity="s.light ? 0.8 : 0.75"
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
            <small v-if="difference(line)" class="moved">{{ difference(line) }}</small>
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
