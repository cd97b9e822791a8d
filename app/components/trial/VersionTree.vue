<script setup lang="ts">
import type { Bake } from '#core/share'
import type { Comparison, Version } from '#core/trial'

/**
 * The versions of a dessert as they grew out of one another; any two held against each other; files
 * out and in.
 */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ open: [trial: string] }>()
const current = useCurrentBake()
const takeBack = useTakeBack()
const router = useRouter()

const versions = shallowRef<readonly Version[]>([])
const spots = shallowRef<
  readonly { readonly id: string; readonly column: number; readonly row: number }[]
>([])
watch(
  () => [props.bake.recipe, props.bake.plan, props.bake.trials],
  async () => {
    const found = await useCore().versions(props.bake)
    versions.value = found.versions
    spots.value = found.places
  },
  { immediate: true },
)
const picked = ref<string[]>([])
watch(
  () => props.bake.id,
  () => {
    picked.value = []
  },
)
function pick(id: string) {
  picked.value = picked.value.includes(id)
    ? picked.value.filter(p => p !== id)
    : [...picked.value, id].slice(-2)
}
const of = (id: string | undefined) => versions.value.find(v => v.id === id)
const compared = shallowRef<Comparison | null>(null)
watch([picked, versions], async () => {
  const [a, b] = picked.value.map(of)
  compared.value = a && b ? await useCore().compare(a, b) : null
})
const one = computed(() => of(picked.value.at(-1)) ?? null)
const two = computed(() => {
  const [left, right] = picked.value.map(of)
  return left && right && compared.value ? { left, right, compared: compared.value } : null
})

const words = ref('')
const hits = shallowRef<ReadonlySet<string> | null>(null)
watch([words, versions], async () => {
  hits.value = words.value.trim()
    ? new Set(await useCore().findVersions(versions.value, words.value))
    : null
})
const dear = computed(() => new Set(props.bake.favourites ?? []))
const love = (id: string) =>
  current.keepTrials({
    favourites: dear.value.has(id) ? [...dear.value].filter(f => f !== id) : [...dear.value, id],
  })

async function again(v: Version) {
  const before = props.bake.plan
  const plan =
    v.kind === 'written'
      ? null
      : await useCore().versionPlan(props.bake, v, current.table, current.knows())
  await current.keepTrials({ plan })
  takeBack(`“${versionName(v)}” is what will be baked.`, 'Take it back', () =>
    current.keepTrials({ plan: before }),
  )
  await router.push(`/day/${props.bake.id}`)
}
const wrong = ref('')
const notes = ref<readonly string[]>([])
function told(trouble: string, all: readonly string[]) {
  wrong.value = trouble
  if (!trouble) notes.value = all
}
</script>

<template>
  <div class="back">
    <div class="row no-print">
      <input
        v-model="words"
        type="search"
        class="input find"
        aria-label="Look for a version"
        placeholder="look for: chia, cooler, winner …"
      />
      <TrialFiles :bake="bake" @told="told" />
    </div>
    <p v-if="wrong" class="stop" role="alert">{{ wrong }}</p>
    <ul v-if="notes.length" class="soft">
      <li v-for="note in notes" :key="note">{{ note }}</li>
    </ul>
    <p v-if="hits && !hits.size" class="soft" role="status">
      No version has “{{ words.trim() }}” in it.
    </p>

    <VersionRoots
      :versions="versions"
      :spots="spots"
      :picked="picked"
      :hits="hits"
      :favourites="dear"
      @pick="pick"
    />

    <section v-if="one" class="sheet part" aria-labelledby="one-head">
      <h2 id="one-head">{{ versionName(one) }}</h2>
      <p v-if="one.since.length" class="soft">
        Since {{ versionName(of(one.parent!)!) }}: {{ one.since.map(c => c.says).join('; ') }}
      </p>
      <p v-if="one.outcome.note">“{{ one.outcome.note }}”</p>
      <div class="row no-print">
        <UButton color="neutral" icon="i-lucide-repeat" @click="again(one)">Bake this again</UButton
        ><UButton
          color="neutral"
          variant="outline"
          :icon="dear.has(one.id) ? 'i-lucide-heart-off' : 'i-lucide-heart'"
          :aria-pressed="dear.has(one.id)"
          @click="love(one.id)"
          >{{ dear.has(one.id) ? 'No longer a favourite' : 'A favourite' }}</UButton
        ><UButton v-if="one.trial" color="neutral" variant="ghost" @click="emit('open', one.trial)"
          >To its trial</UButton
        >
      </div>
    </section>

    <VersionsCompared v-if="two" :left="two.left" :right="two.right" :compared="two.compared" />
  </div>
</template>

<style scoped>
.back {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.find {
  flex: 1 1 220px;
  max-width: 360px;
}
.tree,
.part {
  padding: 16px 22px;
  display: grid;
  gap: 8px;
  min-width: 0;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 10px 16px;
}
</style>
