<script setup lang="ts">
import { sidesAt, tinWordsOf, type Filling } from '#core/pan'

/**
 * A tin cut through its middle, to scale: how deep the batter stands, how high it comes, and how
 * much room is left.
 */
const props = defineProps<{ filling: Filling; name: string }>()
const tin = computed(() => props.filling.tin)
const wide = 300
const across = computed(() => Math.max(tin.value.top[0], tin.value.bottom[0]))
const scale = computed(() =>
  Math.min((wide - 96) / across.value, 110 / Math.max(tin.value.height, props.filling.risen, 3)),
)
const px = (cm: number) => cm * scale.value
const middle = 20 + (wide - 96) / 2
const ground = computed(() => 26 + px(Math.max(tin.value.height, props.filling.risen)))
const half = (height: number) => px(sidesAt(tin.value, height)[0] / 2)
const level = (height: number) => ground.value - px(height)
/** Batter from the bottom up to a height; above the rim it bulges. */
const slab = (height: number, dome: number) => {
  const top = Math.min(height, tin.value.height)
  return (
    `M ${middle - half(0)} ${ground.value} L ${middle - half(top)} ${level(top)} Q ${middle} ` +
    `${level(height) - px(dome)} ${middle + half(top)} ${level(top)} L ${middle + half(0)} ` +
    `${ground.value} Z`
  )
}
/** From rim to rim round the bottom, with a lip of 5 on either side. */
const outline = computed(() => {
  const { height } = tin.value
  const rim = level(height)
  return (
    `M ${middle - half(height) - 5} ${rim} L ${middle - half(height)} ${rim} ` +
    `L ${middle - half(0)} ${ground.value} L ${middle + half(0)} ${ground.value} ` +
    `L ${middle + half(height)} ${rim} l 5 0`
  )
})
const tube = computed(() => tin.value.tube && px(tin.value.tube[0] / 2))
const cm = (n: number) => `${(Math.round(n * 10) / 10).toLocaleString('en')} cm`
const stands = {
  low: 'much less than it is made for',
  right: 'stands as it should',
  full: 'fuller than usual',
  over: 'it will climb over the rim',
}
const says = computed(
  () =>
    `${props.name}, ${tinWordsOf(tin.value)}: batter ${cm(props.filling.depth)} deep, ` +
    `rises to about ${cm(props.filling.risen)}; ${stands[props.filling.stands]}`,
)
const over = computed(() => props.filling.stands === 'over')
</script>

<template>
  <figure class="cut">
    <svg
      :width="wide"
      :height="ground + 14"
      :viewBox="`0 0 ${wide} ${ground + 14}`"
      role="img"
      :aria-label="says"
    >
      <path
        v-if="filling.risen > filling.depth + 0.05"
        :d="slab(filling.risen, Math.min(0.6, filling.risen * 0.12))"
        class="risen"
        :class="{ over }"
      />
      <path :d="slab(filling.depth, 0)" class="batter" />
      <rect
        v-if="tube"
        class="tube"
        :x="middle - tube"
        :y="level(tin.height) - 6"
        :width="2 * tube"
        :height="px(tin.height) + 6"
      />
      <path class="tin" :d="outline" />
      <g class="marks">
        <line
          :x1="middle + half(filling.depth) + 9"
          :x2="middle + half(filling.depth) + 9"
          :y1="ground"
          :y2="level(filling.depth)"
        />
        <text
          :x="Math.min(wide - 46, middle + half(filling.depth) + 14)"
          :y="Math.min(ground - 2, level(filling.depth / 2) + 5)"
        >
          {{ cm(filling.depth) }}
        </text>
      </g>
    </svg>
    <figcaption :class="filling.stands">
      <span class="sign" aria-hidden="true">{{
        { low: '↓', right: '●', full: '▲', over: '◆' }[filling.stands]
      }}</span>
      {{ stands[filling.stands]
      }}<template v-if="filling.room > 0.05">, {{ cm(filling.room) }} below the rim</template>
    </figcaption>
  </figure>
</template>

<style scoped>
.cut {
  margin: 0;
}
svg {
  max-width: 100%;
  height: auto;
  display: block;
}
.tin {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.batter {
  fill: var(--ginger);
  opacity: 0.85;
}
.risen {
  fill: var(--ginger-pale);
  stroke: var(--ginger);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
.risen.over {
  fill: var(--beet-pale);
  stroke: var(--beet);
}
.tube {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.marks line {
  stroke: var(--soft);
  stroke-width: 1.5;
}
.marks text {
  fill: var(--ink);
  font-size: 14px;
  font-weight: 650;
}
figcaption {
  font-size: 0.95rem;
}
figcaption.right .sign {
  color: var(--leaf);
}
figcaption.over {
  color: var(--beet);
  font-weight: 600;
}
figcaption.full .sign {
  color: var(--ginger);
}
</style>
