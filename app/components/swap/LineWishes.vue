<script setup lang="ts">
import type { Line } from '#core/recipe'
import type { Wishes } from '#core/swap'

/**
 * Why a line weighs what it weighs, and what a baker may ask of a new thing: keep it, leave it out
 * today, or only so much of it.
 */
const props = defineProps<{
  line: Line
  wishes: Wishes
  why: string
  source: string
  asks: boolean
}>()
const emit = defineEmits<{ wish: [wishes: Wishes] }>()

const open = ref(false)
const have = ref('')
const wrong = ref('')
const id = computed(() => props.line.ingredient!)
const pinned = computed(() => props.wishes.pin?.includes(id.value) ?? false)
watch(open, now => {
  if (now) {
    have.value = String(props.wishes.atMost?.[id.value] ?? '')
    wrong.value = ''
  }
})

const without = (list: readonly string[] | undefined) => (list ?? []).filter(x => x !== id.value)
function ask(next: Wishes) {
  open.value = false
  emit('wish', next)
}
const keep = () =>
  ask({
    ...props.wishes,
    pin: pinned.value ? without(props.wishes.pin) : [...without(props.wishes.pin), id.value],
    ban: without(props.wishes.ban),
  })
const notToday = () =>
  ask({
    ...props.wishes,
    ban: [...without(props.wishes.ban), id.value],
    pin: without(props.wishes.pin),
  })
function only() {
  const grams = readDecimal(have.value)
  if (grams === null) {
    const { [id.value]: _, ...rest } = props.wishes.atMost ?? {}
    ask({ ...props.wishes, atMost: rest })
    return
  }
  if (!Number.isFinite(grams) || grams < 0 || grams > 10_000) {
    wrong.value = `“${have.value}” is no weight between 0 and 10 000 g`
    return
  }
  ask({ ...props.wishes, atMost: { ...props.wishes.atMost, [id.value]: grams } })
}
</script>

<template>
  <UPopover v-model:open="open">
    <button
      type="button"
      class="dots"
      :aria-label="
        asks ? `${line.name}: why, keep it, leave it out, or only so much` : `${line.name}: why`
      "
    >
      <span aria-hidden="true">···</span>
    </button>
    <template #content>
      <div class="ask" role="group" :aria-label="line.name">
        <p class="what">{{ line.name }}</p>
        <p class="why">
          {{ why }} <span class="soft">Source: {{ source }}</span>
        </p>
        <template v-if="asks">
          <button type="button" class="act" :aria-pressed="pinned" @click="keep">
            <UIcon name="i-lucide-pin" />
            {{ pinned ? 'Need not be kept' : 'Keep it in every plan' }}
          </button>
          <button type="button" class="act" @click="notToday">
            <UIcon name="i-lucide-ban" /> Not today
          </button>
          <form class="only" @submit.prevent="only">
            <label :for="`have-${line.id}`">I have only</label>
            <input
              :id="`have-${line.id}`"
              v-model="have"
              class="input"
              inputmode="decimal"
              :aria-invalid="Boolean(wrong)"
            />
            <span>g</span>
            <UButton type="submit" size="sm" color="neutral" variant="outline"
              >Reckon with it</UButton
            >
          </form>
          <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
        </template>
      </div>
    </template>
  </UPopover>
</template>

<style scoped>
.dots {
  min-width: 30px;
  min-height: 34px;
  border-radius: 8px;
  cursor: pointer;
  color: var(--soft);
  letter-spacing: 1px;
}
.dots:hover,
.dots[data-state='open'] {
  background: var(--sheet);
  color: var(--ink);
}
.ask {
  padding: 12px;
  display: grid;
  gap: 4px;
  min-width: 250px;
  background: var(--sheet);
}
.what {
  font-weight: 650;
  padding: 0 8px 4px;
}
.why {
  padding: 0 8px 6px;
  max-width: 34ch;
  font-size: 0.94rem;
  line-height: 1.35;
}
.act {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  padding: 0 8px;
  border-radius: 10px;
  cursor: pointer;
  text-align: left;
}
.act:hover {
  background: var(--ginger-pale);
}
.only {
  display: flex;
  gap: 6px;
  align-items: center;
  padding: 4px 8px;
}
.input {
  width: 4.4em;
  min-height: 40px;
  border: 1.5px solid var(--line);
  border-radius: 8px;
  padding: 0 8px;
  background: var(--ground);
  color: var(--ink);
  text-align: right;
}
.bad {
  color: var(--beet);
  padding: 0 8px;
  font-size: 0.9rem;
}
@media (pointer: coarse) {
  .dots {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
