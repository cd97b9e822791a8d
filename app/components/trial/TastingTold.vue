<script setup lang="ts">
import type { Tasting } from '#core/trial'

/** What everybody said, with the codes opened. */
defineProps<{ tasting: Tasting; letterOf: (arm: string) => string }>()
const answerOf = (tasting: Tasting, taster: string) =>
  tasting.answers.find(answer => answer.taster === taster)
</script>

<template>
  <table>
    <caption class="sr-only">
      What was said
    </caption>
    <tbody>
      <tr v-for="s in tasting.servings" :key="s.taster">
        <th scope="row">{{ s.taster }}</th>
        <td
          v-for="(cup, i) in s.cups"
          :key="cup.code"
          :class="{ said: answerOf(tasting, s.taster)?.choice === i }"
        >
          {{ cup.code }} <b>{{ letterOf(cup.arm) }}</b><span
            v-if="answerOf(tasting, s.taster)?.ranks"
          >
            · {{ answerOf(tasting, s.taster)!.ranks![i] }}</span
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.tasting,
.lay,
.on,
.ask,
fieldset {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.tasting {
  width: 100%;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 600;
}
th,
td {
  padding: 6px 18px 6px 0;
}
td.said {
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-decoration-color: var(--ginger);
  text-underline-offset: 4px;
}
</style>
