<script setup lang="ts">
import { sidesAt, type Tin } from '#core/pan'

/**
 * A tin as it looks from above, drawn to scale: so many pixels a centimetre, the same for all that
 * stand side by side.
 */
const props = withDefaults(defineProps<{ tin: Tin; scale?: number; most?: number }>(), {
  scale: 1.55,
  most: 84,
})
const round = computed(
  () => props.tin.shape === 'round' || props.tin.shape === 'ring' || props.tin.shape === 'cups',
)
const cups = computed(() => props.tin.shape === 'cups')
const columns = computed(() => (cups.value ? Math.ceil(Math.sqrt(props.tin.count * 1.34)) : 1))
const rows = computed(() => Math.ceil(props.tin.count / columns.value))
const pitch = computed(() => props.tin.top[0] + 1.6)
const size = computed<readonly [number, number]>(() =>
  cups.value ? [columns.value * pitch.value, rows.value * pitch.value] : props.tin.top,
)
const shrink = computed(() => Math.min(props.scale, props.most / Math.max(...size.value)))
const px = (cm: number) => cm * shrink.value
const below = computed(() => sidesAt(props.tin, 0))
const at = (i: number): readonly [number, number] => [
  px(((i % columns.value) + 0.5) * pitch.value) + 2,
  px((Math.floor(i / columns.value) + 0.5) * pitch.value) + 2,
]
</script>

<template>
  <svg
    class="shape"
    :class="tin.material"
    :width="px(size[0]) + 4"
    :height="px(size[1]) + 4"
    aria-hidden="true"
  >
    <template v-if="cups">
      <g v-for="i in Math.min(tin.count, 96)" :key="i">
        <circle class="rim" :cx="at(i - 1)[0]" :cy="at(i - 1)[1]" :r="px(tin.top[0] / 2)" />
        <circle class="floor" :cx="at(i - 1)[0]" :cy="at(i - 1)[1]" :r="px(tin.bottom[0] / 2)" />
      </g>
    </template>
    <template v-else-if="round">
      <ellipse
        class="rim"
        :cx="px(size[0] / 2) + 2"
        :cy="px(size[1] / 2) + 2"
        :rx="px(size[0] / 2)"
        :ry="px(size[1] / 2)"
      />
      <ellipse
        class="floor"
        :cx="px(size[0] / 2) + 2"
        :cy="px(size[1] / 2) + 2"
        :rx="px(below[0] / 2)"
        :ry="px(below[1] / 2)"
      />
      <circle
        v-if="tin.tube"
        class="hole"
        :cx="px(size[0] / 2) + 2"
        :cy="px(size[1] / 2) + 2"
        :r="px(tin.tube[0] / 2)"
      />
    </template>
    <template v-else>
      <rect
        class="rim"
        :class="{ open: tin.shape === 'log' }"
        x="2"
        y="2"
        :width="px(size[0])"
        :height="px(size[1])"
        :rx="tin.shape === 'log' ? px(size[1] / 2) : 3"
      />
      <rect
        v-if="tin.shape === 'box'"
        class="floor"
        :x="2 + px((size[0] - below[0]) / 2)"
        :y="2 + px((size[1] - below[1]) / 2)"
        :width="px(below[0])"
        :height="px(below[1])"
        rx="2"
      />
    </template>
  </svg>
</template>

<style scoped>
.shape {
  display: block;
  overflow: visible;
}
.rim {
  fill: var(--sheet);
  stroke: var(--soft);
  stroke-width: 1.6;
}
.floor {
  fill: none;
  stroke: var(--strand);
  stroke-width: 1.2;
}
.hole {
  fill: var(--ground);
  stroke: var(--soft);
  stroke-width: 1.6;
}
.open {
  stroke-dasharray: 5 3;
}
.dark .rim,
.iron .rim {
  stroke: var(--ink);
  stroke-width: 2.4;
}
.glass .rim,
.ceramic .rim {
  stroke: var(--slate);
}
</style>
