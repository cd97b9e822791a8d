<script setup lang="ts">
import type { SizedCut, SizedPieces, Tin } from '#core/pan'

/** Where pieces lie on a tray, or where a bake is cut: drawn to scale. */
const props = defineProps<{ pieces: SizedPieces | null; cut: SizedCut | null; tin: Tin | null }>()
const wide = 290
const box = computed<readonly [number, number]>(
  () => props.pieces?.tray ?? props.tin?.bottom ?? [1, 1],
)
const scale = computed(() => Math.min(wide / box.value[0], 210 / box.value[1]))
const px = (cm: number) => cm * scale.value
const m = 2
const n = (x: number) => Math.round(x * 10) / 10
const grid = computed(() => (props.cut?.how === 'grid' ? props.cut.grid : null))
const says = computed(() => {
  if (props.pieces) {
    const p = props.pieces
    return (
      `${p.count} pieces of ${Math.round(p.grams)} g, about ${n(p.across)} cm baked; ` +
      `${p.layout.count} on a tray of ${p.tray[0]} × ${p.tray[1]} cm in ${p.layout.pattern}, ` +
      `${p.loads} ` +
      `${p.loads === 1 ? 'load' : 'loads'}${p.loads > 1 ? `, ${p.last} on the last` : ''}.`
    )
  }
  if (grid.value) {
    const g = grid.value
    return (
      `${g.along} × ${g.across} make ${g.count} pieces of ${n(g.piece[0])} × ` +
      `${n(g.piece[1])} ` +
      `cm${g.left[0] + g.left[1] > 0.15 ? `; ${n(g.left[0])} and ${n(g.left[1])} cm are left over` : ''}.`
    )
  }
  if (props.cut?.how === 'wedges')
    return `${props.cut.count} wedges of ${n(360 / props.cut.count)}°.`
  if (props.cut?.how === 'slices')
    return `${props.cut.count} slices, ${n(props.cut.thick)} cm thick.`
  return ''
})
const shown = computed(() =>
  props.pieces
    ? props.pieces.layout.at.map((at, i) => ({
        at,
        full: i < Math.min(props.pieces!.count, props.pieces!.layout.count),
      }))
    : [],
)
const wedge = (i: number, count: number) => {
  const a = (2 * Math.PI * i) / count - Math.PI / 2
  return [
    px(box.value[0] / 2) * (1 + Math.cos(a)),
    px(box.value[1] / 2) * (1 + Math.sin(a)),
  ] as const
}
</script>

<template>
  <figure v-if="pieces || cut">
    <svg
      :width="px(box[0]) + 2 * m"
      :height="px(box[1]) + 2 * m"
      :viewBox="`${-m} ${-m} ${px(box[0]) + 2 * m} ${px(box[1]) + 2 * m}`"
      role="img"
      :aria-label="says"
    >
      <template v-if="pieces">
        <rect class="rim" x="0" y="0" :width="px(box[0])" :height="px(box[1])" rx="6" />
        <circle
          v-for="(piece, i) in shown"
          :key="i"
          :class="piece.full ? 'piece' : 'gap'"
          :cx="px(piece.at[0])"
          :cy="px(piece.at[1])"
          :r="px(pieces.across / 2)"
        />
      </template>
      <template v-else-if="grid">
        <rect class="rim" x="0" y="0" :width="px(box[0])" :height="px(box[1])" rx="4" />
        <rect
          v-for="i in grid.count"
          :key="i"
          class="piece square"
          :x="px(((i - 1) % grid.along) * grid.piece[0])"
          :y="px(Math.floor((i - 1) / grid.along) * grid.piece[1])"
          :width="px(grid.piece[0])"
          :height="px(grid.piece[1])"
        />
      </template>
      <template v-else-if="cut?.how === 'wedges'">
        <ellipse
          class="piece"
          :cx="px(box[0] / 2)"
          :cy="px(box[1] / 2)"
          :rx="px(box[0] / 2)"
          :ry="px(box[1] / 2)"
        />
        <line
          v-for="i in cut.count"
          :key="i"
          class="knife"
          :x1="px(box[0] / 2)"
          :y1="px(box[1] / 2)"
          :x2="wedge(i, cut.count)[0]"
          :y2="wedge(i, cut.count)[1]"
        />
        <circle
          v-if="tin?.tube"
          class="rim"
          :cx="px(box[0] / 2)"
          :cy="px(box[1] / 2)"
          :r="px(tin.tube[1] / 2)"
        />
      </template>
      <template v-else-if="cut?.how === 'slices'">
        <rect class="piece square" x="0" y="0" :width="px(box[0])" :height="px(box[1])" rx="4" />
        <line
          v-for="i in Math.max(0, cut.count - 1)"
          :key="i"
          class="knife"
          :x1="px((i * box[0]) / cut.count)"
          :x2="px((i * box[0]) / cut.count)"
          y1="0"
          :y2="px(box[1])"
        />
      </template>
    </svg>
    <figcaption>{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  display: block;
  max-width: 100%;
  height: auto;
}
.rim {
  fill: var(--sheet);
  stroke: var(--soft);
  stroke-width: 1.6;
}
.piece {
  fill: var(--ginger-pale);
  stroke: var(--ginger);
  stroke-width: 1.4;
}
.gap {
  fill: none;
  stroke: var(--strand);
  stroke-dasharray: 3 3;
}
.knife {
  stroke: var(--ginger);
  stroke-width: 1.4;
}
figcaption {
  font-size: 0.95rem;
  padding-top: 6px;
}
</style>
