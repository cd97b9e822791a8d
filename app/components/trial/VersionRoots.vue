<script setup lang="ts">
import type { Version } from '#core/trial'

/** The versions as they grew out of one another, from left to right. */
const props = defineProps<{
  versions: readonly Version[]
  spots: readonly { readonly id: string; readonly column: number; readonly row: number }[]
  picked: readonly string[]
  hits: ReadonlySet<string> | null
  favourites: ReadonlySet<string>
}>()
const emit = defineEmits<{ pick: [id: string] }>()
/** One column and one row of the drawing; the knot in it; in pixels. */
const cell = { wide: 236, high: 92 }
const knot = { right: 196, middle: 36 }
const at = (id: string) => {
  const spot = props.spots.find(p => p.id === id)
  return spot ? { x: spot.column * cell.wide, y: spot.row * cell.high } : { x: 0, y: 0 }
}
const size = computed(() => ({
  width: Math.max(1, ...props.spots.map(s => s.column + 1)) * cell.wide,
  height: Math.max(1, ...props.spots.map(s => s.row + 1)) * cell.high,
}))
const grown = computed(() => props.versions.filter(version => version.parent))
/** The strand from the version that it grew out of. */
const root = (version: Version) => {
  const [from, to] = [at(version.parent!), at(version.id)]
  const [y, end] = [from.y + knot.middle, to.y + knot.middle]
  const bend = knot.right + 26
  return (
    `M ${from.x + knot.right} ${y} ` +
    `C ${from.x + bend} ${y}, ${to.x - 26} ${end}, ${to.x + 2} ${end}`
  )
}
const isThick = (version: Version) => version.crowned || version.kind === 'plan'
const under = (version: Version) =>
  [
    version.on ? sayDay(version.on) : '',
    version.crowned ? ' · won' : '',
    props.favourites.has(version.id) ? ' · favourite' : '',
  ].join('')
</script>

<template>
  <section class="sheet tree" aria-labelledby="tree-head">
    <h2 id="tree-head">How it grew</h2>
    <p class="soft">
      {{ versions.length < 3 ? 'Trials will grow here. ' : '' }}Press two to hold them against each
      other.
    </p>
    <div class="scroll">
      <div class="field" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
        <svg :width="size.width" :height="size.height" aria-hidden="true">
          <path
            v-for="v in grown"
            :key="v.id"
            :d="root(v)"
            fill="none"
            stroke-linecap="round"
            :stroke="isThick(v) ? 'var(--ginger)' : 'var(--strand)'"
            :stroke-width="v.crowned ? 9 : 5"
          />
        </svg>
        <button
          v-for="v in versions"
          :key="v.id"
          type="button"
          class="knot"
          :class="{ crowned: v.crowned, faint: hits && !hits.has(v.id) }"
          :aria-pressed="picked.includes(v.id)"
          :style="{ left: `${at(v.id).x}px`, top: `${at(v.id).y}px` }"
          @click="emit('pick', v.id)"
        >
          <span class="label">{{ versionName(v) }}</span><span class="soft small">{{
            under(v)
          }}</span>
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.tree,
.part {
  padding: 16px 22px;
  display: grid;
  gap: 8px;
  min-width: 0;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.scroll {
  overflow-x: auto;
  padding: 4px;
}
.field {
  position: relative;
}
.field svg {
  position: absolute;
  inset: 0;
}
.knot {
  position: absolute;
  width: 198px;
  height: 74px;
  border-radius: 24px 18px 26px 20px;
  background: var(--ground);
  border: 2px solid var(--strand);
  padding: 6px 14px;
  cursor: pointer;
  text-align: left;
  display: grid;
  align-content: center;
}
.knot.crowned {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.knot[aria-pressed='true'] {
  outline: 3px solid var(--leaf);
  outline-offset: 1px;
}
.faint {
  opacity: 0.3;
}
.label {
  font-weight: 600;
  line-height: 1.2;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.small {
  font-size: 0.86rem;
}
</style>
