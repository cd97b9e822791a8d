<script setup lang="ts">
/** The work in its order, drawn as a rhizome that grows with it: a thick root up to where the bake stands. */
const rail = useStages()
/** Where more stages are than a phone is wide, the one that is looked at is in sight. */
const list = useTemplateRef<HTMLElement>('list')
const here = computed(() => rail.value.find(stage => stage.here)?.id)
watch(
  [here, list],
  () =>
    nextTick(() => {
      const item = list.value?.querySelector<HTMLElement>('[aria-current]')?.parentElement
      if (list.value && item)
        list.value.scrollLeft = item.offsetLeft - (list.value.clientWidth - item.clientWidth) / 2
    }),
  { immediate: true },
)
const step = 74
const x = (i: number) => 38 + (i % 2 ? 6 : -4)
const y = (i: number) => 37 + i * step
const grown = (i: number) => rail.value[i]!.done || rail.value.slice(i).some(stage => stage.here)
const root = (i: number) =>
  `M ${x(i)} ${y(i)} C ${52 - (i % 2 ? 22 : 0)} ${y(i) + step * 0.34}, ` +
  `${26 + (i % 2 ? 26 : 0)} ${y(i) + step * 0.65}, ${x(i + 1)} ${y(i + 1)}`
</script>

<template>
  <nav class="rail no-print" aria-label="Stages of the work">
    <svg class="roots" width="76" :height="y(rail.length - 1) + 40" aria-hidden="true">
      <path
        v-for="i in rail.length - 1"
        :key="`r${i}`"
        :d="root(i - 1)"
        fill="none"
        stroke-linecap="round"
        :stroke="grown(i) ? 'var(--ginger)' : 'var(--line)'"
        :stroke-width="grown(i) ? 13 : 9"
      />
      <g v-for="(stage, i) in rail" :key="stage.id">
        <ellipse
          :cx="x(i)"
          :cy="y(i)"
          :rx="stage.here ? 19 : grown(i) ? 13 : 9"
          :ry="stage.here ? 16 : grown(i) ? 11 : 8"
          :fill="stage.here || grown(i) ? 'var(--ginger)' : 'var(--strand)'"
          :transform="`rotate(${i % 2 ? 18 : -14} ${x(i)} ${y(i)})`"
        />
        <path
          v-if="stage.here"
          :d="`M ${x(i) + 6} ${y(i) - 13} c 3 -16 18 -15 20 -24 c 5 12 -3 22 -20 24`"
          fill="var(--leaf)"
        />
      </g>
    </svg>
    <ol ref="list">
      <li v-for="stage in rail" :key="stage.id">
        <NuxtLink :to="stage.to" :aria-current="stage.here ? 'step' : undefined" class="stage">
          <span class="word">{{ stage.id }}</span>
          <span v-if="stage.open" class="open"
            >{{ stage.open }}<span class="word-open"> open</span></span
          >
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.rail {
  position: sticky;
  top: 76px;
  width: 132px;
  align-self: start;
}
.roots {
  position: absolute;
  left: 0;
  top: 0;
  pointer-events: none;
  overflow: visible;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  height: 74px;
}
.stage {
  display: flex;
  flex-direction: column;
  justify-content: center;
  height: 70px;
  padding-left: 70px;
  color: var(--soft);
  font-size: 1rem;
  text-decoration: none;
  border-radius: 12px;
}
.stage:hover .word {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.stage[aria-current] {
  color: var(--ink);
  font-weight: 700;
  font-size: 1.125rem;
}
.open {
  font-size: 0.8125rem;
  font-weight: 600;
  color: var(--beet);
}

@media (max-width: 760px) {
  .rail {
    position: fixed;
    inset: auto 0 0;
    width: auto;
    z-index: 20;
    background: var(--sheet);
    border-top: 1.5px solid var(--line);
    padding-bottom: env(safe-area-inset-bottom);
  }
  .roots {
    display: none;
  }
  ol {
    display: flex;
    overflow-x: auto;
    scrollbar-width: none;
    scroll-snap-type: x proximity;
  }
  li {
    flex: 1 0 62px;
    height: auto;
    scroll-snap-align: center;
  }
  .stage {
    height: 60px;
    padding: 0;
    align-items: center;
    border-radius: 0;
    position: relative;
  }
  .stage::before {
    content: '';
    width: 22px;
    height: 13px;
    border-radius: 50%;
    background: var(--strand);
    margin-bottom: 3px;
    transform: rotate(-10deg);
  }
  .stage[aria-current]::before {
    background: var(--ginger);
    width: 30px;
  }
  .open {
    position: absolute;
    top: 3px;
    left: calc(50% + 17px);
    font-size: 0.85rem;
  }
  .word-open {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
</style>
