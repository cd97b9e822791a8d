<script setup lang="ts">
import { whyNotChecked } from '#core/packet'
import { avoidableName } from '#core/pantry'
import type { Person } from '#core/people'
import type { PacketLook } from '~/composables/usePackets'

/** A packet in short: who may eat it, when it was read, and the packet it must not be mistaken for. */
const props = defineProps<{ look: PacketLook; people: readonly Person[]; active: boolean }>()
defineEmits<{ open: [] }>()
const stateOf = (id: string) => {
  const found = props.look.check.people.find(p => p.personId === id)
  if (found?.verdict === 'conflict') return 'contains' as const
  if (found && found.verdict !== 'unknown') return undefined
  const states = new Set(found?.conflicts.map(conflict => conflict.state))
  const isOnlyTraces = states.has('may contain') && !states.has('unknown')
  return isOnlyTraces ? ('may contain' as const) : ('unknown' as const)
}
const cannot = computed(() =>
  props.people.map(person => ({ person, state: stateOf(person.id) })).filter(p => p.state),
)
const fine = computed(() => props.people.filter(person => !stateOf(person.id)))
const why = computed(() => whyNotChecked(props.look.packet, today()))
const names = (ids: readonly string[]) => ids.map(avoidableName).join(', ')
</script>

<template>
  <div class="row" :class="{ active }">
    <button
      type="button"
      class="open"
      :aria-label="`Open the packet ${look.packet.name}`"
      @click="$emit('open')"
    >
      <span class="name">{{ look.packet.name }}</span>
      <span class="soft small">{{
        why ||
        [
          `read on ${sayDay(look.packet.checkedOn)}`,
          look.packet.checkedBy && `by ${look.packet.checkedBy}`,
        ]
          .filter(Boolean)
          .join(' ')
      }}</span>
      <span v-if="fine.length" class="small"
        >nothing found for {{ fine.map(p => p.name).join(', ') }}</span
      >
    </button>
    <span class="beads"
      ><PersonBead
        v-for="each in cannot"
        :key="each.person.id"
        :person="each.person"
        :state="each.state"
        :size="28"
    /></span>
    <p v-for="a in look.alike" :key="a.other" class="alike" role="note">
      <UIcon name="i-lucide-copy-x" /> Do not mistake it for {{ a.name }}:
      <template v-if="a.only.length">this one alone has {{ names(a.only) }}</template
      ><template v-if="a.only.length && a.otherOnly.length">; </template
      ><template v-if="a.otherOnly.length">the other alone has {{ names(a.otherOnly) }}</template
      >.
    </p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 10px;
  align-items: center;
  border-top: 1.5px solid var(--line);
  padding: 6px 4px;
}
.row.active {
  background: linear-gradient(90deg, var(--ginger-pale), transparent 80%);
  border-radius: 10px;
}
.open {
  text-align: left;
  min-height: 48px;
  display: grid;
  gap: 1px;
  cursor: pointer;
  padding: 4px 6px;
  border-radius: 10px;
}
.open:hover .name {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.name {
  font-weight: 650;
  font-size: 1.06rem;
  overflow-wrap: anywhere;
}
.small {
  font-size: 0.92rem;
}
.beads {
  display: flex;
  gap: 3px;
  flex-wrap: wrap;
  justify-content: flex-end;
}
.alike {
  grid-column: 1 / -1;
  color: var(--beet);
  font-weight: 600;
  font-size: 0.95rem;
  padding: 0 6px 4px;
}
</style>
