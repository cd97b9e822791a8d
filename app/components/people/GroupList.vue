<script setup lang="ts">
import { peopleLimits, type PeopleGroup } from '#core/people'

/** Sets of people who often eat together: chosen with one press wherever people sit down. */
const house = useHouseStore()
const undo = useTakeBack()
const making = ref(false)
const name = ref('')
const picked = ref<readonly string[]>([])
useDraft('group', reactive({ making, name, picked }))
const problem = ref('')
const known = (group: PeopleGroup) =>
  group.people.flatMap(id => house.residents.find(p => p.id === id) ?? [])

function problemNow() {
  if (!name.value.trim()) return 'A set needs a name: Sunday, school …'
  return picked.value.length ? '' : 'Press the beads of those who belong to it.'
}
async function keep() {
  problem.value = problemNow()
  if (problem.value) return
  await house.keepGroup({
    id: crypto.randomUUID(),
    name: name.value.trim().slice(0, 60),
    people: [...picked.value],
  })
  leave()
}
function leave() {
  making.value = false
  name.value = ''
  picked.value = []
}
async function drop(group: PeopleGroup) {
  const back = await house.dropGroup(group.id)
  undo(`The set “${group.name}” is gone; its people stay.`, 'Bring back', back)
}
</script>

<template>
  <section class="groups" aria-labelledby="sets">
    <div class="head">
      <h2 id="sets">Sets</h2>
      <UButton
        v-if="!making && house.residents.length > 1"
        color="neutral"
        variant="outline"
        icon="i-lucide-plus"
        @click="making = true"
        >New set</UButton
      >
    </div>
    <form v-if="making" class="sheet form" @submit.prevent="keep">
      <label class="field"
        ><span>Name of the set</span
        ><input
          v-model="name"
          class="input"
          autofocus
          :maxlength="peopleLimits.name"
          placeholder="Sunday"
          @keydown.esc="leave"
      /></label>
      <WhoEats v-model="picked" :people="house.residents" label="Who belongs to it" />
      <p v-if="problem" class="trouble" role="alert">{{ problem }}</p>
      <div class="acts">
        <UButton type="submit" color="neutral">Keep the set</UButton
        ><UButton type="button" color="neutral" variant="ghost" @click="leave">Leave it</UButton>
      </div>
    </form>
    <p v-if="!house.groups.length && !making" class="soft">
      A set (“Sunday”, “school”) seats several people with one press.
    </p>
    <ul v-if="house.groups.length">
      <li v-for="group in house.groups" :key="group.id" class="sheet">
        <b>{{ group.name }}</b><span class="beads"
          ><PersonBead
            v-for="person in known(group)"
            :key="person.id"
            :person="person"
            :size="30" /></span
        ><UButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          :aria-label="`Undo the set ${group.name}`"
          @click="drop(group)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
}
.form {
  padding: 18px;
  display: grid;
  gap: 14px;
}
.field {
  display: grid;
  gap: 6px;
  font-weight: 600;
}
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 4px 6px 4px 18px;
  min-height: 54px;
}
.beads {
  display: flex;
  gap: 3px;
}
</style>
