<script setup lang="ts">
import type { Plan, Wishes } from '#core/swap'

/**
 * Everything that is wished for besides what the table needs: as words that can be taken back, and
 * the few that are chosen here.
 */
const props = defineProps<{ wishes: Wishes; plan: Plan | null; open?: boolean }>()
const emit = defineEmits<{ wish: [wishes: Wishes] }>()

const choices = shallowRef<Awaited<ReturnType<ReturnType<typeof useCore>['choices']>>>({
  families: [],
  sweeteners: [],
  schools: [],
  jobs: [],
})
onMounted(async () => {
  choices.value = await useCore().choices()
})
const names = ref<Readonly<Record<string, string>>>({})
const current = useCurrentBake()
watch(
  () => [props.wishes.pin, props.wishes.ban, props.wishes.atMost, choices.value],
  async () => {
    const ids = [
      ...(props.wishes.pin ?? []),
      ...(props.wishes.ban ?? []),
      ...Object.keys(props.wishes.atMost ?? {}),
    ]
    const found: Record<string, string> = {}
    for (const id of ids)
      found[id] =
        choices.value.schools.find(s => s.id === id)?.name ??
        (await useCore().nameOf(id, current.bake?.region ?? 'metric'))
    names.value = found
  },
  { immediate: true },
)

const without = <T,>(list: readonly T[] | undefined, item: T) =>
  (list ?? []).filter(x => x !== item)
const chips = computed(() => [
  ...(props.wishes.pin ?? []).map(id => ({
    key: `pin-${id}`,
    says: `with ${names.value[id] ?? id}`,
    off: { ...props.wishes, pin: without(props.wishes.pin, id) },
  })),
  ...(props.wishes.ban ?? []).map(id => ({
    key: `ban-${id}`,
    says: `without ${names.value[id] ?? id}`,
    off: { ...props.wishes, ban: without(props.wishes.ban, id) },
  })),
  ...Object.entries(props.wishes.atMost ?? {}).map(([id, g]) => {
    const { [id]: _, ...rest } = props.wishes.atMost!
    return {
      key: `most-${id}`,
      says: `at most ${g} g ${names.value[id] ?? id}`,
      off: { ...props.wishes, atMost: rest },
    }
  }),
  ...Object.entries(props.wishes.schools ?? {}).map(([question, id]) => {
    const { [question]: _, ...rest } = props.wishes.schools!
    return {
      key: `school-${question}`,
      says: choices.value.schools.find(s => s.id === id)?.name ?? id,
      off: { ...props.wishes, schools: rest },
    }
  }),
])

const cuts = [
  { value: 0, says: 'as written' },
  { value: 0.15, says: '15 % less' },
  { value: 0.25, says: 'a quarter less' },
  { value: 0.33, says: 'a third less' },
  { value: 0.5, says: 'half' },
]
const less = (what: 'sugar' | 'fat', value: number) =>
  emit('wish', { ...props.wishes, less: { ...props.wishes.less, [what]: value } })
const factor = ref(String(props.wishes.factor ?? ''))
const wrong = ref('')
const needsFactor = computed(
  () => choices.value.sweeteners.find(s => s.id === props.wishes.sweeten)?.needsFactor ?? false,
)
function sweeten(id: string) {
  emit('wish', { ...props.wishes, sweeten: id || undefined })
}
function say() {
  const n = readDecimal(factor.value)
  if (n === null || !Number.isFinite(n) || n < 1 || n > 20_000) {
    wrong.value = `“${factor.value}” is no factor between 1 and 20 000; it stands on the packet`
    return
  }
  wrong.value = ''
  emit('wish', { ...props.wishes, factor: n })
}
const family = (part: string, id: string) => {
  const { [part]: _, ...rest } = props.wishes.family ?? {}
  emit('wish', { ...props.wishes, family: id ? { ...rest, [part]: id } : rest })
}
</script>

<template>
  <div class="wishes">
    <p v-if="chips.length" class="chips" role="group" aria-label="What you asked for">
      <button
        v-for="chip in chips"
        :key="chip.key"
        type="button"
        class="chip"
        :aria-label="`${chip.says}: take it back`"
        @click="emit('wish', chip.off)"
      >
        {{ chip.says }} <UIcon name="i-lucide-x" class="x" />
      </button>
    </p>
    <details class="more" :open="open">
      <summary>Ask for more: less sugar or fat, another sweetener, another kind of dessert</summary>
      <div class="fields">
        <label
          ><span>Sugar</span
          ><select
            aria-label="Sugar"
            :value="wishes.less?.sugar ?? 0"
            @change="less('sugar', Number(($event.target as HTMLSelectElement).value))"
          >
            <option v-for="c in cuts" :key="c.value" :value="c.value">{{ c.says }}</option>
          </select></label
        >
        <label
          ><span>Fat</span
          ><select
            aria-label="Fat"
            :value="wishes.less?.fat ?? 0"
            @change="less('fat', Number(($event.target as HTMLSelectElement).value))"
          >
            <option v-for="c in cuts" :key="c.value" :value="c.value">{{ c.says }}</option>
            <option :value="1">without any</option>
          </select></label
        >
        <label
          ><span>Sweeten with</span
          ><select
            aria-label="Sweeten with"
            :value="wishes.sweeten ?? ''"
            @change="sweeten(($event.target as HTMLSelectElement).value)"
          >
            <option value="">the sugar itself</option>
            <option v-for="s in choices.sweeteners" :key="s.id" :value="s.id">{{ s.name }}</option>
          </select></label
        >
        <form v-if="needsFactor" class="factor" @submit.prevent="say">
          <label
            ><span>Times as sweet as sugar, by its packet</span
            ><input
              v-model="factor"
              inputmode="decimal"
              class="input"
              :aria-invalid="Boolean(wrong)" /></label
          ><UButton type="submit" size="sm" color="neutral" variant="outline"
            >Reckon with it</UButton
          >
          <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
          <p v-else-if="!wishes.factor" class="soft">
            Without the product’s own factor nothing can be sweetened with it.
          </p>
        </form>
        <label v-for="part in plan?.parts ?? []" :key="part.component"
          ><span>{{ part.component ? `The ${part.component} is` : 'It is' }}</span
          ><select
            :aria-label="part.component ? `The ${part.component} is` : 'It is'"
            :value="wishes.family?.[part.component] ?? ''"
            @change="family(part.component, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">
              {{ part.familyName }} ({{
                wishes.family?.[part.component] ? 'as you said' : 'as read'
              }})
            </option>
            <option v-for="f in choices.families" :key="f.id" :value="f.id">
              {{ f.name }}
            </option></select
          ><small class="soft">{{ part.familyBecause }}</small></label
        >
      </div>
    </details>
  </div>
</template>

<style scoped>
.wishes {
  display: grid;
  gap: 8px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  min-height: 40px;
  padding: 0 14px;
  border-radius: 20px;
  background: var(--ginger-pale);
  cursor: pointer;
  display: inline-flex;
  gap: 8px;
  align-items: center;
  font-weight: 560;
}
.x {
  opacity: 0.7;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: var(--ginger-ink);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 10px 16px;
  padding: 4px 0 10px;
}
label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
  align-content: start;
}
label span {
  font-weight: 600;
}
select,
.input {
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  padding: 0 10px;
  background: var(--ground);
  color: var(--ink);
  width: 100%;
}
.factor {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.bad {
  color: var(--beet);
}
</style>
