<script setup lang="ts">
import { linesOf, sayRestTime, type Line } from '#core/recipe'
import type { Bake } from '#core/share'
import type { ChosenArm } from '~/composables/useProposedArms'

/** One amount or one rest that somebody changes themselves. */
const props = defineProps<{ bake: Bake; full: boolean }>()
const emit = defineEmits<{ add: [arm: ChosenArm]; wrong: [sentence: string] }>()
const current = useCurrentBake()
type Rests = Awaited<ReturnType<ReturnType<typeof useCore>['rests']>>

const lines = computed(() =>
  linesOf((props.bake.plan ?? props.bake).recipe).filter(l => l.grams && l.ingredient),
)
const rests = shallowRef<Rests>([])
watch(
  () => [props.bake.recipe, props.bake.plan],
  async () => {
    rests.value = await useCore()
      .rests(props.bake.recipe, props.bake.plan)
      .catch(() => [])
  },
  { immediate: true },
)
/** A line, or `rest:` and what rests. */
const own = reactive({ line: '', amount: '' })
useDraft(`arm/${props.bake.id}`, own)
const resting = computed(() => rests.value.find(r => own.line === `rest:${r.key}`))
const refuse = (sentence: string) => emit('wrong', sentence)
function add(arm: Omit<ChosenArm, 'warning'>) {
  emit('wrong', '')
  emit('add', { ...arm, warning: '' })
  own.amount = ''
}

async function addLine(line: Line, grams: number | null) {
  if (grams === null || !Number.isFinite(grams) || grams < 0 || grams > 20_000) {
    refuse(`“${own.amount}” is no weight in grams.`)
    return
  }
  const found = await useCore()
    .armByHand(current.handBase(props.bake), line.id, grams)
    .catch(() => null)
  if (!found) {
    refuse('That could not be worked out.')
    return
  }
  const now = linesOf(found.plan.recipe).find(l => l.id === line.id)?.grams?.best ?? grams
  add({
    id: `own-${line.id}-${now}`,
    says: `${line.name}: ${sayGrams(now)} g`,
    because: `instead of ${sayGrams(line.grams!.best)} g, by your own hand`,
    plan: found.plan,
  })
}
async function addRest(rest: Rests[number], minutes: number | null) {
  if (minutes === null || !Number.isFinite(minutes) || minutes < 1) {
    refuse(`“${own.amount}” is no time in minutes.`)
    return
  }
  if (minutes > rest.most) {
    refuse(
      `${sayRestTime(minutes)} is too long for ${rest.name}: at most ${sayRestTime(rest.most)}.`,
    )
    return
  }
  const found = await useCore()
    .restByHand(current.handBase(props.bake), rest.key, Math.round(minutes))
    .catch(() => null)
  if (!found) {
    const isSame = minutes === rest.minutes
    refuse(isSame ? 'It is as long as that already.' : 'That could not be worked out.')
    return
  }
  add({
    id: `own-rest-${rest.key}-${Math.round(minutes)}`,
    says: `${rest.says} ${sayRestTime(minutes)}, not ${sayRestTime(rest.minutes)}`,
    because: 'by your own hand',
    plan: found.plan,
  })
}
async function byHand() {
  const amount = readDecimal(own.amount)
  const line = lines.value.find(l => l.id === own.line)
  if (resting.value) await addRest(resting.value, amount)
  else if (line) await addLine(line, amount)
  else refuse('Which line?')
}
</script>

<template>
  <fieldset v-if="lines.length">
    <legend>by your own hand</legend>
    <form class="own" @submit.prevent="byHand">
      <select v-model="own.line" class="input" aria-label="Line or rest">
        <option value="">which line or rest</option>
        <option v-for="line in lines" :key="line.id" :value="line.id">
          {{ line.name }}, {{ sayGrams(line.grams!.best) }} g
        </option>
        <option v-for="rest in rests" :key="rest.key" :value="`rest:${rest.key}`">
          {{ rest.name }}, {{ sayRestTime(rest.minutes) }}
        </option></select
      ><input
        v-model="own.amount"
        class="input short"
        inputmode="decimal"
        :aria-label="resting ? 'Minutes of it' : 'Grams of it'"
        :placeholder="resting ? 'min' : 'g'"
      /><UButton type="submit" color="neutral" variant="outline" :disabled="full">Add</UButton>
    </form>
  </fieldset>
</template>

<style scoped>
legend {
  font-weight: 650;
  padding: 6px 0 2px;
}
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.own select {
  flex: 1 1 190px;
  min-width: 0;
}
.short {
  max-width: 80px;
}
</style>
