<script setup lang="ts">
import { learnPace } from '#core/day'
import { handsTook } from '#core/make'

/** How long hands took where that is otherwise than planned; learned once a making. */
const house = useHouseStore()
const make = useMakeStore()
const takeBack = useTakeBack()
/** Logarithm of taken against planned from which a difference is worth a word. */
const worthSaying = 0.15
const hands = computed(() =>
  make.making && make.counter?.finished !== null
    ? handsTook(make.making).filter(t => Math.abs(Math.log(t.took / t.planned)) > worthSaying)
    : [],
)
const said = computed(() =>
  hands.value
    .slice(0, 4)
    .map(t => `${Math.round(t.took)} instead of ${Math.round(t.planned)} min for “${t.short}”`)
    .join(', '),
)
const paced = ref('')
async function learnHands() {
  if (!make.making) return
  const back = await house.keepKitchen({
    ...house.kitchen,
    pace: learnPace(house.kitchen.pace, handsTook(make.making)),
  })
  paced.value = make.making.id
  takeBack('Remembered. Days are planned with it from now on.', 'Take it back', async () => {
    await back()
    paced.value = ''
  })
}
</script>

<template>
  <section
    v-if="hands.length && paced !== make.making?.id"
    class="sheet paces"
    aria-label="Your hands"
  >
    <p>Your hands took {{ said }}.</p>
    <button type="button" class="knuckle ghost" @click="learnHands">Plan days with that</button>
  </section>
</template>

<style scoped>
.paces {
  padding: 14px 22px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
