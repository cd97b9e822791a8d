<script setup lang="ts">
import { avoidables } from '#core/pantry'
import type { Avoid, Strictness } from '#core/people'

/** One thing that somebody must not get: allergy, intolerance or choice, and what is spared. */
const props = defineProps<{ name: string }>()
const avoid = defineModel<Avoid>({ required: true })
defineEmits<{ drop: [] }>()

const ways: readonly { id: Strictness; name: string; says: string }[] = [
  {
    id: 'allergy',
    name: 'an allergy',
    says: 'Traces count: packets that may contain it, shared tools and the order in which one bakes.',
  },
  {
    id: 'intolerance',
    name: 'an intolerance',
    says: 'What is in it counts; a trace does not. If you are not sure, it is an allergy.',
  },
  { id: 'choice', name: 'a choice', says: 'What is in it counts; a trace does not.' },
]
const chosen = computed(() => ways.find(way => way.id === avoid.value.strictness)!)
const choose = (strictness: Strictness) => {
  const { unasked: _, ...rest } = avoid.value
  avoid.value = { ...rest, strictness }
}
const members = computed(() =>
  avoidables
    .filter(a => a.in?.includes(avoid.value.allergen))
    .map(a => ({ value: a.id, label: a.name })),
)
const except = computed({
  get: () => [...(avoid.value.except ?? [])],
  set: ids => {
    const { except: _, ...rest } = avoid.value
    avoid.value = ids.length ? { ...rest, except: ids } : rest
  },
})
/** What some people react to raw alone: fruit and nuts that are like a pollen. */
const mayBeRaw = computed(() =>
  [
    'tree-nut',
    'almond',
    'hazelnut',
    'walnut',
    'peanut',
    'soy',
    'celery',
    'egg',
    'milk',
    'banana',
  ].includes(avoid.value.allergen),
)
const toggleRaw = () => {
  const { onlyRaw, ...rest } = avoid.value
  avoid.value = onlyRaw ? rest : { ...rest, onlyRaw: true }
}
/** Baked milk or egg is a matter for the clinic: never acted on. */
const isBakedQuestion = computed(() => ['egg', 'milk'].includes(avoid.value.allergen))
</script>

<template>
  <li class="avoid">
    <div class="head">
      <b>{{ props.name }}</b>
      <USelectMenu
        v-if="members.length"
        v-model="except"
        multiple
        :items="members"
        value-key="value"
        placeholder="but may have …"
        :aria-label="`${props.name}: but may have`"
        class="except"
      />
      <UButton
        type="button"
        color="neutral"
        variant="ghost"
        icon="i-lucide-x"
        :aria-label="`Take ${props.name} off`"
        @click="$emit('drop')"
      />
    </div>
    <div class="acts" role="group" :aria-label="`How strictly: ${props.name}`">
      <span class="soft">it is</span>
      <UButton
        v-for="way in ways"
        :key="way.id"
        type="button"
        size="md"
        color="neutral"
        :variant="way.id === avoid.strictness ? 'solid' : 'outline'"
        :aria-pressed="way.id === avoid.strictness"
        @click="choose(way.id)"
        >{{ way.name }}</UButton
      >
      <UButton
        v-if="mayBeRaw && !isBakedQuestion"
        type="button"
        size="md"
        color="neutral"
        :variant="avoid.onlyRaw ? 'solid' : 'outline'"
        :aria-pressed="avoid.onlyRaw === true"
        @click="toggleRaw"
        >raw only</UButton
      >
    </div>
    <p class="soft says">
      <b v-if="avoid.unasked" class="ask"
        >Nobody has said yet which it is, so the strictest counts.{{ ' ' }}</b
      >{{ chosen.says
      }}<template v-if="isBakedQuestion">
        Whether baked {{ props.name }} is borne is for the clinic: write it below, nothing here acts
        on it.</template
      >
    </p>
  </li>
</template>

<style scoped>
.avoid {
  display: grid;
  gap: 6px;
  background: var(--ground);
  border-radius: 14px;
  padding: 8px 8px 10px 14px;
}
.head,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.head b {
  flex: 1;
  min-width: 90px;
}
.except {
  min-width: 150px;
}
.says {
  font-size: 0.94rem;
}
.ask {
  color: var(--ink);
}
</style>
