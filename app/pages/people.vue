<script setup lang="ts">
import type { Bead, Person } from '#core/people'

const house = useHouseStore()
const current = useCurrentBake()
const undo = useTakeBack()
const route = useRoute()
useHead({ title: 'People' })

// The form brings a validator along, so it is fetched only when somebody opens it.
const PersonForm = defineAsyncComponent(() => import('~/components/people/PersonForm.vue'))
const open = ref<Person | 'new' | 'guest' | null>(null)
useDraft('people', reactive({ open }))
/** The bake that a guest is asked for, by the page's address. */
const guestOf = computed(() =>
  typeof route.query.guest === 'string' ? route.query.guest : undefined,
)
watch(
  guestOf,
  bake => {
    if (bake) open.value = 'guest'
  },
  { immediate: true },
)
const beads = computed<readonly Bead[]>(() =>
  house.people.filter(p => p !== open.value).flatMap(p => p.bead ?? []),
)
const guests = computed(() => house.people.filter(person => person.guestOf))
const bakeOf = (person: Person) =>
  house.shelf.find(row => row.id === person.guestOf)?.title ?? 'a bake that is gone'

/** The form is kept or left: it is closed, and no draft any more. */
function close() {
  const is = open.value
  forgetDraft(personDraft(typeof is === 'object' ? is?.id : undefined, guestOfForm(is)))
  open.value = null
}
const guestOfForm = (is: typeof open.value) => (is === 'guest' ? guestOf.value : undefined)
async function keep(person: Person) {
  const asGuest = open.value === 'guest'
  close()
  await house.keepPerson(person)
  if (!asGuest || !person.guestOf) return
  if (await current.open(person.guestOf))
    await current.seat([...(current.bake?.people ?? []), person.id])
  await navigateTo(`/recipe/${person.guestOf}`)
}
async function drop(person: Person) {
  const back = await house.dropPerson(person)
  undo(`${person.name} has left the house.`, 'Bring back', back)
}
const leave = async () => {
  const bake = guestOf.value
  close()
  if (bake) await navigateTo(`/recipe/${bake}`)
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>{{ open === 'guest' ? 'A guest for one bake' : 'Who eats' }}</h1>
      <UButton
        v-if="open === null"
        color="neutral"
        size="xl"
        icon="i-lucide-plus"
        @click="open = 'new'"
        >Someone new</UButton
      >
    </div>
    <section v-if="open !== null" class="sheet form">
      <PersonForm
        :key="typeof open === 'string' ? open : open.id"
        :person="typeof open === 'string' ? null : open"
        :taken="beads"
        :guest-of="open === 'guest' ? guestOf : undefined"
        @keep="keep"
        @cancel="leave"
      />
    </section>
    <p v-if="house.ready && !house.people.length && open === null" class="soft">
      Nobody lives here yet. Say who eats, and what each must not get; every recipe is then read for
      them.
    </p>
    <PeopleList :people="house.residents" @change="open = $event" @leave="drop" />
    <section v-if="guests.length" class="guests" aria-labelledby="guests">
      <h2 id="guests">Guests for one bake</h2>
      <PeopleList :people="guests" :of-bake="bakeOf" @change="open = $event" @leave="drop" />
    </section>
    <GroupList v-if="house.residents.length" />
    <p class="soft small">
      Ingwer helps a careful person; it does not diagnose and does not certify. Your allergist, the
      packet in your hand and the maker’s answer come first.
    </p>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  max-width: 860px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
}
h2 {
  font-size: 1.12rem;
  font-weight: 640;
}
.form {
  padding: 22px;
}
.guests {
  display: grid;
  gap: 10px;
}
.guests > h2 {
  font-size: 1.25rem;
  font-weight: 650;
}
.small {
  font-size: 0.94rem;
}
</style>
