<script setup lang="ts">
import {
  isStrict,
  type PeopleCheck,
  type Person,
  type PersonCheck,
  type PacketCoverage,
  type State,
} from '#core/people'

/**
 * Who can eat it as it is written: a sentence a person, never the word “safe”. Where packets are
 * unread that matter to somebody, that is not known, whatever the words say.
 */
const props = defineProps<{
  people: readonly Person[]
  check: PeopleCheck | null
  resting: PacketCoverage | null
  bake: string
}>()
const unread = computed(() => (props.resting ? props.resting.bought - props.resting.onPackets : 0))
/** Does that leave it unknown, by the rule of the claims? */
const isOpen = (person: Person) =>
  unread.value > 0 && (props.resting!.onPackets === 0 || isStrict(person))
const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`
const wordsOf = (found: PersonCheck, is: (state: State) => boolean) =>
  new Set(found.conflicts.filter(c => is(c.state)).map(c => c.words)).size
/** What is said of one person, and in which state the bead stands. */
function rowOf(
  person: Person,
  found: PersonCheck | undefined,
): { readonly state?: State; readonly says: string } {
  if (!found) return { state: 'unknown', says: 'being checked …' }
  const open = wordsOf(found, state => state !== 'contains')
  if (found.verdict === 'conflict') {
    const brings = counted(
      wordsOf(found, state => state === 'contains'),
      'thing',
    )
    return {
      state: 'contains',
      says: `cannot eat ${brings} in it${open ? `; ${open} not known` : ''}`,
    }
  }
  if (found.verdict === 'unknown')
    return { state: 'unknown', says: `not known yet: ${open} to read` }
  if (!unread.value) return { says: 'nothing found in what you entered' }
  return {
    ...(isOpen(person) ? { state: 'unknown' as const } : {}),
    says: `nothing found in the words; ${counted(unread.value, 'packet')} not read`,
  }
}
const rows = computed(() =>
  props.people.map(person => ({
    person,
    ...rowOf(
      person,
      props.check?.people.find(p => p.personId === person.id),
    ),
  })),
)
</script>

<template>
  <ul class="verdicts">
    <li v-for="row in rows" :key="row.person.id">
      <PersonBead :person="row.person" :state="row.state" :size="34" />
      <span
        ><b>{{ row.person.name }}</b
        >{{ ' ' }}<span :class="row.state ?? 'none'">{{ row.says }}</span></span
      >
    </li>
    <li v-if="!people.length" class="soft">Nobody is at the table. Press a bead above.</li>
  </ul>
  <p v-if="resting" class="soft resting">
    <NuxtLink :to="`/packet/${bake}`"
      >{{ resting.onPackets }} of {{ resting.bought }} bought lines</NuxtLink
    >
    rest on a packet that was read.
  </p>
</template>

<style scoped>
.verdicts {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  line-height: 1.3;
}
.contains {
  color: var(--beet);
}
.unknown {
  color: var(--slate);
}
.none {
  color: var(--soft);
}
.resting {
  margin-top: 8px;
  font-size: 0.95rem;
}
.resting a {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
</style>
