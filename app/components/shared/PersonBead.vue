<script lang="ts">
import { isStrict, type Person, type State } from '#core/people'

/** What a thing is to somebody, or that the whole dessert is not for them. */
export type BeadState = State | 'must not'
</script>

<script setup lang="ts">
/**
 * A person as a bead: own shape, letter and colour. `state` says what a thing in the dessert is to
 * them: contains (full), may contain (half full), unknown (an empty outline with a question mark);
 * or that they must not eat the dessert (an outline, struck through). Without one the bead stands
 * for the person, or beside a dessert for somebody who may have it.
 */
const props = defineProps<{ person: Person; state?: BeadState; size?: number; label?: string }>()

const shapes: Record<string, string> = {
  circle: 'M20 3a17 17 0 1 1 0 34a17 17 0 1 1 0-34z',
  square: 'M10 4h20a6 6 0 0 1 6 6v20a6 6 0 0 1-6 6H10a6 6 0 0 1-6-6V10a6 6 0 0 1 6-6z',
  drop: 'M20 1C26 9 36 15 36 24.5A15.5 15 0 0 1 20 39A15.5 15 0 0 1 4 24.5C4 15 14 9 20 1z',
  hexagon: 'M11 4.5h18L38 20l-9 15.5H11L2 20z',
  triangle: 'M20 3.5L38 35H2z',
  diamond: 'M20 1.5L38.5 20L20 38.5L1.5 20z',
  shield: 'M4 5h32v15c0 9-7 15-16 18C11 35 4 29 4 20z',
  star: 'M20 2l5.2 11.300L37.5 15l-9 8.600L31 36l-11-6.200L9 36l2.5-12.400L2.5 15l12.300-1.700z',
}
const colours: Record<string, string> = {
  beet: '#98274a',
  sea: '#27598c',
  leaf: '#33703f',
  plum: '#7a4a9c',
  rust: '#a84a12',
  slate: '#4f5f74',
  moss: '#5f5f1c',
  ink: '#1f2421',
}

const bead = computed(
  () =>
    props.person.bead ?? {
      letter: props.person.name.charAt(0).toUpperCase(),
      shape: 'circle' as const,
      colour: 'slate' as const,
    },
)
/** A second outline: for this person traces count. */
const strict = computed(() => isStrict(props.person))
const path = computed(() => shapes[bead.value.shape]!)
const colour = computed(() => colours[bead.value.colour]!)
const name = computed(
  () => props.label ?? (props.state ? `${props.person.name}: ${props.state}` : props.person.name),
)
const low = computed(() => (['triangle', 'drop'].includes(bead.value.shape) ? 28.5 : 26))
const clip = useId()
</script>

<template>
  <svg
    :width="size ?? 34"
    :height="size ?? 34"
    viewBox="-3 -3 46 46"
    role="img"
    :aria-label="name"
    class="bead"
  >
    <title>{{ name }}{{ strict ? ', traces count' : '' }}</title>
    <path
      v-if="strict"
      :d="path"
      fill="none"
      :stroke="colour"
      stroke-width="1.8"
      transform="translate(20 20) scale(1.14) translate(-20 -20)"
    />
    <template v-if="!state || state === 'contains'">
      <path :d="path" :fill="colour" class="edge" />
      <text x="20" :y="low" text-anchor="middle" class="letter" fill="#fff">{{ bead.letter }}</text>
    </template>
    <template v-else-if="state === 'must not'">
      <path :d="path" fill="var(--sheet)" :stroke="colour" stroke-width="2.6" />
      <path
        class="barred"
        d="M5 35L35 5"
        stroke="var(--beet)"
        stroke-width="3.4"
        stroke-linecap="round"
      />
      <text x="20" :y="low" text-anchor="middle" class="letter own clear" :fill="colour">
        {{ bead.letter }}
      </text>
    </template>
    <template v-else-if="state === 'may contain'">
      <clipPath :id="clip"><rect x="0" y="20" width="40" height="20" /></clipPath>
      <path :d="path" fill="var(--sheet)" :stroke="colour" stroke-width="2.6" class="line" />
      <path :d="path" :fill="colour" opacity="0.34" :clip-path="`url(#${clip})`" />
      <text x="20" :y="low" text-anchor="middle" class="letter own" :fill="colour">
        {{ bead.letter }}
      </text>
    </template>
    <template v-else>
      <path :d="path" fill="none" stroke="var(--slate)" stroke-width="2.4" stroke-dasharray="4 3" />
      <text x="16" :y="low" text-anchor="middle" class="letter" fill="var(--slate)">
        {{ bead.letter }}
      </text>
      <text x="28.5" :y="low" text-anchor="middle" class="letter ask" fill="var(--slate)">?</text>
    </template>
  </svg>
</template>

<style scoped>
.bead {
  flex: none;
  display: inline-block;
  vertical-align: middle;
}
.letter {
  font: 700 17px var(--font-sans);
}
/* The strike goes behind the letter: it says who is meant. */
.clear {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 6px;
  stroke-linejoin: round;
}
.ask {
  font-size: 14px;
}
</style>

<style>
.dark .bead .edge {
  stroke: rgb(255 255 255 / 0.35);
  stroke-width: 1;
}
.dark .bead .own {
  fill: var(--ink);
}
</style>
