<script setup lang="ts">
import type { Component, Line } from '#core/recipe'

/** The lines of one part, each to be read, corrected, moved; and the field for one more. */
defineProps<{ component: Component; titled: boolean }>()
const { nameOf } = inject(readBakeKey)!
const ledger = inject(ledgerKey)!
const { refusals, active, adding, draft, edit } = ledger
const current = useCurrentBake()
const safety = useSafety()

const conflictsOf = (line: Line) =>
  safety.check?.people.flatMap(p => p.conflicts.filter(c => c.lineId === line.id)) ?? []
const cautionsOf = (line: Line) => safety.cautions.filter(c => c.lineId === line.id)
/** The new line stands at the end of the part: the line that it was to follow is gone, or there was none. */
const isAddedLast = ({ name, lines }: Component) => {
  const at = adding.value
  return at !== null && at.component === name && !lines.some(line => line.id === at.after)
}
const weightOf = (lines: readonly Line[]) => {
  const grams = Math.round(lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0))
  const open = lines.filter(line => !line.grams && !line.purpose).length
  return open ? `${grams} g and ${open} not weighed` : `${grams} g`
}
</script>

<template>
  <div class="part">
    <h2 v-if="titled">
      {{ component.name || 'the main part' }}
      <span class="soft weight">{{ weightOf(component.lines) }}</span>
    </h2>
    <ul class="lines">
      <template v-for="line in component.lines" :key="line.id">
        <LedgerLine
          :ref="(el: unknown) => ledger.setField(line.id, el)"
          :line="line"
          :people="current.table"
          :conflicts="conflictsOf(line)"
          :active="active === line.id"
          :read-as="line.ingredient ? (nameOf.get(line.ingredient) ?? '') : ''"
          :refused="refusals[line.id] ?? ''"
          :cautions="cautionsOf(line)"
          @retype="ledger.retype(line, $event)"
          @remove="ledger.remove(line)"
          @split="(text, at) => ledger.split(line, text, at)"
          @join="ledger.join(line, $event)"
          @move="ledger.move(line, $event)"
          @take="edit({ do: 'take', lineId: line.id, choice: $event }, line.id)"
          @below="ledger.below(line)"
          @go="(by, open) => ledger.go(line, by, open)"
          @look="ledger.look(line.id)"
        />
        <LineAdder
          v-if="adding?.after === line.id"
          v-model="draft"
          :refused="refusals.add ?? ''"
          @add="ledger.add"
          @close="adding = null"
        />
      </template>
      <LineAdder
        v-if="isAddedLast(component)"
        v-model="draft"
        :refused="refusals.add ?? ''"
        @add="ledger.add"
        @close="adding = null"
      />
    </ul>
    <UButton
      v-if="adding?.component !== component.name"
      color="neutral"
      variant="ghost"
      icon="i-lucide-plus"
      @click="ledger.open(component.name, component.lines.at(-1)?.id)"
      >A line is missing</UButton
    >
  </div>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.part {
  padding-top: 12px;
}
.part h2::first-letter {
  text-transform: uppercase;
}
.weight {
  font-weight: 400;
  font-size: 0.95rem;
  margin-left: 8px;
  font-family: var(--font-sans);
}
.lines {
  padding: 0;
  margin: 0;
}
</style>
