<script setup lang="ts">
import { madeOf } from '#core/make'

/** It is on the table: what really happened, what is learned from it, and what one may do next. */
const current = useCurrentBake()
const make = useMakeStore()
const carry = useCarry()
const putAway = usePutAway()
const { ovenOf, learn } = useOvenLesson()
const making = computed(() => make.making)
const records = computed(() => {
  const here = making.value
  if (!here) return []
  const bakes = new Set(here.cards.map(card => card.bake).filter(Boolean))
  return [...bakes].map(id => ({
    id,
    title: here.cards.find(card => card.bake === id)!.title,
    made: madeOf(here, id, make.counter?.finished ?? make.now),
  }))
})
const result = computed(() => current.bake?.baked?.find(b => b.on === today())?.result ?? null)
const photos = computed(() =>
  (making.value?.log ?? []).flatMap(h => (h.do === 'photo' ? [h.photo] : [])),
)
</script>

<template>
  <section v-if="current.bake" class="after">
    <h1>On the table</h1>
    <MadeSheet
      v-for="record in records"
      :key="record.id"
      :made="record.made"
      :title="record.title"
      :planned="record.id === current.bake.id && current.bake.plan !== null"
      :result="result"
      :oven="ovenOf(record.made)"
      @result="how => make.result(how)"
      @oven="learn(record.made, record.title)"
    />
    <HandsTook />
    <NotePad
      :bake="current.bake.id"
      :photos="photos"
      :notes="[]"
      @note="text => make.say({ do: 'note', card: '', text }).then(() => make.finish())"
      @photo="data => make.addPhoto('', data).then(() => make.finish())"
    />
    <div class="acts">
      <button type="button" class="knuckle ghost" @click="make.back()">One step back</button
      ><button type="button" class="knuckle ghost" @click="putAway">Make it once more</button
      ><button type="button" class="knuckle ghost" @click="carry">File of this bake</button>
    </div>
    <p>
      <NuxtLink
        v-if="current.bake.arm"
        :to="`/trial/${current.bake.arm.bake}?trial=${current.bake.arm.trial}`"
        class="link"
        >Back to the trial: how it tastes</NuxtLink
      ><NuxtLink v-else :to="`/trial/${current.bake.id}?at=wrong`" class="link"
        >Was something wrong with it?</NuxtLink
      >
    </p>
  </section>
</template>

<style scoped>
.link {
  color: var(--ginger-ink);
}
.after {
  display: grid;
  gap: 14px;
  max-width: 820px;
}
h1 {
  font-size: 1.8rem;
  font-weight: 700;
}
</style>
