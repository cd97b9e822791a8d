<script setup lang="ts">
import type { Tasting } from '#core/trial'

/** A tasting that goes on: the key for whoever pours, then one taster after the other; or what was said. */
const props = defineProps<{ tasting: Tasting; letterOf: (arm: string) => string }>()
const emit = defineEmits<{ keep: [tasting: Tasting]; open: []; drop: [] }>()
const hasSpoken = (taster: string) => props.tasting.answers.some(a => a.taster === taster)
const waiting = computed(() => props.tasting.servings.filter(s => !hasSpoken(s.taster)))
const taster = ref('')
// Whoever has not spoken yet is next; what is said in words moves nobody on.
watch(
  () => [props.tasting.id, props.tasting.answers.length],
  () => {
    taster.value = waiting.value[0]?.taster ?? ''
  },
  { immediate: true },
)
const serving = computed(() => props.tasting.servings.find(s => s.taster === taster.value) ?? null)
const peek = ref(false)
const toggled = (event: Event) => {
  peek.value = (event.target as HTMLDetailsElement).open
}
const opens = computed(() => {
  const left = waiting.value.length
  return left ? `Open the codes with ${left} still to taste` : 'Open the codes'
})
</script>

<template>
  <div class="on no-print">
    <template v-if="!tasting.opened">
      <details class="key" :open="peek" @toggle="toggled">
        <summary>For whoever pours: which cup is which</summary>
        <table>
          <tbody>
            <tr v-for="s in tasting.servings" :key="s.taster">
              <th scope="row">{{ s.taster }}</th>
              <td v-for="cup in s.cups" :key="cup.code">
                <b>{{ cup.code }}</b> {{ letterOf(cup.arm) }}
              </td>
            </tr>
          </tbody>
        </table>
        <p class="soft">
          Write the codes under the cups, set them in this order, and close this before anybody
          looks.
        </p>
      </details>
      <div class="row" role="group" aria-label="Who is tasting">
        <button
          v-for="s in tasting.servings"
          :key="s.taster"
          type="button"
          class="chip"
          :aria-pressed="s.taster === taster"
          @click="taster = s.taster"
        >
          {{ s.taster }}<span v-if="hasSpoken(s.taster)"> ✓</span>
        </button>
      </div>
      <TasterAsk
        v-if="serving"
        :tasting="tasting"
        :serving="serving"
        @keep="next => emit('keep', next)"
      />
      <p v-else class="soft">Everybody has spoken.</p>
      <div class="row">
        <UButton color="neutral" :disabled="!tasting.answers.length" @click="emit('open')">{{
          opens
        }}</UButton><UButton color="neutral" variant="ghost" @click="emit('drop')"
          >Throw this tasting away</UButton
        >
      </div>
    </template>
    <TastingTold v-else :tasting="tasting" :letter-of="letterOf" />
  </div>
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
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.chip {
  min-height: 48px;
  padding: 0 16px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.lay,
.on {
  background: var(--ground);
  border-radius: 16px;
  padding: 16px;
}
.key summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
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
</style>
