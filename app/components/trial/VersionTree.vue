<script setup lang="ts">
import type { Bake } from '#core/share'
import type { Comparison, Trial, Version } from '#core/trial'

/**
 * The versions of a dessert as they grew out of one another; any two held against each other; files
 * out and in.
 */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ open: [trial: string] }>()
const current = useCurrentBake()
const download = useDownload()
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

const wide = 236
const high = 92
const at = (id: string) => {
  const s = spots.value.find(p => p.id === id)
  return s ? { x: s.column * wide, y: s.row * high } : { x: 0, y: 0 }
}
const size = computed(() => ({
  width: Math.max(1, ...spots.value.map(s => s.column + 1)) * wide,
  height: Math.max(1, ...spots.value.map(s => s.row + 1)) * high,
}))
const root = (v: Version) => {
  const [a, b] = [at(v.parent!), at(v.id)]
  return (
    `M ${a.x + 196} ${a.y + 36} C ${a.x + 222} ${a.y + 36}, ${b.x - 26} ${b.y + 36}, ` +
    `${b.x + 2} ${b.y + 36}`
  )
}
const name = (v: Version) => (v.kind === 'arm' ? `${v.label}: ${v.says}` : v.label)

async function again(v: Version) {
  const before = props.bake.plan
  const plan =
    v.kind === 'written'
      ? null
      : await useCore().versionPlan(props.bake, v, current.table, current.knows())
  await current.keepTrials({ plan })
  takeBack(`“${name(v)}” is what will be baked.`, 'Take it back', () =>
    current.keepTrials({ plan: before }),
  )
  await router.push(`/day/${props.bake.id}`)
}
const trials = computed<readonly Trial[]>(() => props.bake.trials ?? [])
async function saveAs(type: 'csv' | 'md') {
  const { title } = props.bake
  const name = fileName(`${title} trials`, type)
  const core = useCore()
  if (type === 'csv') download(name, await core.trialsCsv(title, trials.value), 'text/csv')
  else download(name, await core.trialsMarkdown(title, trials.value), 'text/markdown')
}
const wrong = ref('')
const notes = ref<readonly string[]>([])
async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  const found = await useCore()
    .readTrialsCsv(await file.arrayBuffer(), props.bake.title, trials.value)
    .catch(() => ({ ok: false as const, sentence: 'That file could not be read.' }))
  wrong.value = found.ok ? '' : `${file.name}: ${found.sentence} Nothing was changed.`
  if (!found.ok) return
  notes.value = found.notes
  const before = trials.value
  await current.keepTrials({
    trials: [
      ...before.map(t => found.trials.find(f => f.id === t.id) ?? t),
      ...found.trials.filter(f => !before.some(t => t.id === f.id)),
    ],
  })
  takeBack(
    `${found.trials.length} ${found.trials.length === 1 ? 'trial' : 'trials'} brought in.`,
    'Take it back',
    () => current.keepTrials({ trials: before }),
  )
}
const difference = computed(() =>
  compared.value
    ? [
        { says: 'ingredients', of: compared.value.recipe },
        { says: 'method', of: compared.value.method },
        { says: 'oven and tin', of: compared.value.day },
      ].filter(g => g.of.length)
    : [],
)
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
      <UButton
        color="neutral"
        variant="outline"
        icon="i-lucide-file-down"
        :disabled="!trials.length"
        @click="saveAs('csv')"
        >Table (CSV)</UButton
      >
      <UButton
        color="neutral"
        variant="outline"
        icon="i-lucide-file-down"
        :disabled="!trials.length"
        @click="saveAs('md')"
        >Markdown</UButton
      >
      <label class="bring"
        ><input
          type="file"
          accept=".csv,text/csv"
          class="sr-only"
          aria-label="Bring a table of trials in"
          @change="bring"
        /><span>Bring a table in</span></label
      >
    </div>
    <p v-if="wrong" class="stop" role="alert">{{ wrong }}</p>
    <ul v-if="notes.length" class="soft">
      <li v-for="note in notes" :key="note">{{ note }}</li>
    </ul>
    <p v-if="hits && !hits.size" class="soft" role="status">
      No version has “{{ words.trim() }}” in it.
    </p>

    <section class="sheet tree" aria-labelledby="tree-head">
      <h2 id="tree-head">How it grew</h2>
      <p class="soft">
        {{ versions.length < 3 ? 'Trials will grow here. ' : '' }}Press two to hold them against
        each other.
      </p>
      <div class="scroll">
        <div class="field" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
          <svg :width="size.width" :height="size.height" aria-hidden="true">
            <path
              v-for="v in versions.filter(v => v.parent)"
              :key="v.id"
              :d="root(v)"
              fill="none"
              stroke-linecap="round"
              :stroke="v.crowned || v.kind === 'plan' ? 'var(--ginger)' : 'var(--strand)'"
              :stroke-width="v.crowned ? 9 : 5"
            />
          </svg>
          <button
            v-for="v in versions"
            :key="v.id"
            type="button"
            class="knot"
            :class="{ crowned: v.crowned, faint: hits && !hits.has(v.id) }"
            :aria-pressed="picked.includes(v.id)"
            :style="{ left: `${at(v.id).x}px`, top: `${at(v.id).y}px` }"
            @click="pick(v.id)"
          >
            <span class="label">{{ name(v) }}</span><span class="soft small"
              >{{ v.on ? sayDay(v.on) : '' }}{{ v.crowned ? ' · won' : ''
              }}{{ dear.has(v.id) ? ' · favourite' : '' }}</span
            >
          </button>
        </div>
      </div>
    </section>

    <section v-if="one" class="sheet part" aria-labelledby="one-head">
      <h2 id="one-head">{{ name(one) }}</h2>
      <p v-if="one.since.length" class="soft">
        Since {{ name(of(one.parent!)!) }}: {{ one.since.map(c => c.says).join('; ') }}
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

    <section v-if="compared" class="sheet part" aria-labelledby="versus-head">
      <h2 id="versus-head">
        {{ name(of(picked[0])!) }} <span class="soft">and</span> {{ name(of(picked[1])!) }}
      </h2>
      <p v-if="!difference.length" class="soft">They are the same.</p>
      <p v-if="compared.changes.length > 1" class="two">
        <b>{{ compared.changes.length }} changes lie between them,</b> so what is better in one
        cannot be put down to any of them alone.
      </p>
      <div class="wide">
        <table v-if="difference.length">
          <caption class="sr-only">
            What differs
          </caption>
          <tbody>
            <template v-for="group in difference" :key="group.says"
              ><tr v-for="(d, n) in group.of" :key="`${group.says}${n}`">
                <td v-if="n" />
                <th v-else scope="row">{{ group.says }}</th>
                <td>{{ d.says }}</td>
              </tr></template
            >
          </tbody>
        </table>
      </div>
      <div v-if="compared.outcome.length" class="wide">
        <table>
          <caption class="cap">
            What came of them
          </caption>
          <thead>
            <tr>
              <td />
              <th class="n">{{ name(of(picked[0])!).slice(0, 24) }}</th>
              <th class="n">{{ name(of(picked[1])!).slice(0, 24) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in compared.outcome" :key="row.what">
              <th scope="row">{{ row.what }}</th>
              <td class="n">{{ row.a }}</td>
              <td class="n">{{ row.b }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
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
.bring {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  border-radius: 10px;
}
.bring:focus-within {
  outline: 3px solid var(--ginger);
  outline-offset: 2px;
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
.scroll {
  overflow-x: auto;
  padding: 4px;
}
.field {
  position: relative;
}
.field svg {
  position: absolute;
  inset: 0;
}
.knot {
  position: absolute;
  width: 198px;
  height: 74px;
  border-radius: 24px 18px 26px 20px;
  background: var(--ground);
  border: 2px solid var(--strand);
  padding: 6px 14px;
  cursor: pointer;
  text-align: left;
  display: grid;
  align-content: center;
}
.knot.crowned {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.knot[aria-pressed='true'] {
  outline: 3px solid var(--leaf);
  outline-offset: 1px;
}
.faint {
  opacity: 0.3;
}
.label {
  font-weight: 600;
  line-height: 1.2;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.small {
  font-size: 0.86rem;
}
.two {
  background: var(--slate-pale);
  border-radius: 12px;
  padding: 8px 14px;
}
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 10px 16px;
}
.wide {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  max-width: 760px;
  width: 100%;
}
.cap {
  text-align: left;
  font-weight: 650;
  padding-top: 6px;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--soft);
  vertical-align: top;
  padding: 5px 16px 5px 0;
  white-space: nowrap;
}
td {
  padding: 5px 0;
}
.n {
  text-align: right;
  padding: 5px 0 5px 14px;
  white-space: normal;
}
tbody tr {
  border-top: 1.5px solid var(--line);
}
</style>
