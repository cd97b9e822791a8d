<script setup lang="ts">
/** A paper case with a letter, for one arm of a trial. */
defineProps<{ letter: string; faint?: boolean; won?: boolean }>()
</script>

<template>
  <svg
    class="sign"
    :class="{ faint }"
    width="44"
    height="46"
    viewBox="0 0 44 46"
    role="img"
    :aria-label="`${letter}${won ? ', the winner' : ''}`"
  >
    <path d="M6 17 C6 5 38 5 38 17 Z" :fill="won ? 'var(--ginger)' : 'var(--strand)'" />
    <path
      d="M5 17 H39 L34.5 41 H9.5 Z"
      :fill="won ? 'var(--ginger-pale)' : 'var(--sheet)'"
      stroke="var(--ginger)"
      stroke-width="2"
      stroke-linejoin="round"
    />
    <path d="M13 19 L15 40 M31 19 L29 40" stroke="var(--line)" stroke-width="1.5" />
    <text x="22" y="35" text-anchor="middle" font-size="16" font-weight="700" fill="var(--ink)">
      {{ letter }}
    </text>
  </svg>
</template>

<style scoped>
.sign {
  flex: none;
}
.faint {
  opacity: 0.4;
}
</style>
