<script setup lang="ts">
import type { Measure } from '#core/formula'
import {
  substitutionsOf,
  type Plan,
  type Result,
  type Sensitivity,
  type Way,
  type Wishes,
} from '#core/swap'

const PlanProfile = defineAsyncComponent(() => import('~/components/swap/PlanProfile.vue'))

const { missing, opened } = useBake()
const current = useCurrentBake()
const plans = usePlans()
const toast = useToast()
const bake = computed(() => current.bake)
useHead({ title: () => `Swap: ${bake.value?.title ?? ''}` })

watch(
  () => [bake.value?.id, bake.value?.recipe, bake.value?.people, opened.value] as const,
  ([id]) => {
    if (id && opened.value) void plans.work()
  },
  { immediate: true },
)

/**
 * Marks a plan as it comes out today beside the chosen one of its name; once taken it is called as
 * before.
 */
const nowadays = '-today'
const titled = { learned: ', as learned', anew: ', anew' } as const
const waysOf = (p: Plan) =>
  JSON.stringify([substitutionsOf(p).sort(), p.changes.flatMap(c => c.house ?? []).sort()])
const hasLearned = (p: Plan, kept: Plan) =>
  p.changes.some(c => c.house && !kept.changes.some(k => k.house === c.house))
const offered = computed<readonly Plan[]>(() => {
  const found = [
    ...(plans.adaptation?.plans ?? []),
    ...(plans.adaptation?.unasked ? [plans.adaptation.unasked] : []),
    ...(plans.adaptation?.offer ? [plans.adaptation.offer] : []),
  ]
  const kept = bake.value?.plan
  // The plan that was chosen is shown as it was chosen, whatever is worked out today.
  if (!kept) return found
  // Beside it the same as it comes out today, where that is another: something was learned, taken
  // back or asked for since, or others sit at the table.
  return found.some(p => p.id === kept.id)
    ? found.flatMap(p =>
        p.id !== kept.id
          ? [p]
          : waysOf(p) !== waysOf(kept)
            ? [
                kept,
                {
                  ...p,
                  id: `${p.id}${nowadays}`,
                  title:
                    p.title === kept.title
                      ? `${p.title}${hasLearned(p, kept) ? titled.learned : titled.anew}`
                      : p.title,
                },
              ]
            : [kept],
      )
    : [kept, ...found]
})
const looked = ref('closest')
watch(
  () => bake.value?.id,
  () => {
    looked.value = bake.value?.plan?.id ?? 'closest'
  },
  { immediate: true },
)
watch(offered, () => {
  if (offered.value.length && !offered.value.some(p => p.id === looked.value))
    looked.value = offered.value[0]!.id
})
const refused = computed(
  () => plans.adaptation !== null && !bake.value?.plan && !plans.adaptation.plans.length,
)
const plan = computed(() =>
  refused.value
    ? null
    : (offered.value.find(p => p.id === looked.value) ?? offered.value[0] ?? null),
)
const computedPlan = computed(() =>
  plan.value?.nudged ? (plans.adaptation?.plans.find(p => p.id === plan.value!.id) ?? null) : null,
)
const partAt = ref(0)
watch(
  () => plan.value?.id,
  () => {
    partAt.value = 0
  },
)
const part = computed(() => plan.value?.parts[partAt.value] ?? null)
const forWhom = computed(() =>
  current.table.length > 2
    ? `all ${current.table.length}`
    : current.table.map(p => p.name).join(' and ') || 'the table',
)

/** Names of schools and what each job of a leaving line is: asked of the core once they are needed. */
const names = ref<Readonly<Record<string, string>>>({})
const explains = ref<Readonly<Record<string, string>>>({})
watch(
  offered,
  async () => {
    const ids = offered.value.flatMap(substitutionsOf).filter(id => !names.value[id])
    if (ids.length)
      names.value = {
        ...names.value,
        ...Object.fromEntries((await useCore().schoolNames(ids)).map(s => [s.id, s.name])),
      }
  },
  { immediate: true },
)
onMounted(async () => {
  explains.value = Object.fromEntries(
    (await useCore().choices()).jobs.map(j => [j.job, j.explains]),
  )
})
const where = async (component: string, measure: Measure) =>
  await useCore().contributions(bake.value!.recipe, plan.value!, component, measure)
const ways = shallowRef<readonly Way[]>([])
watch(
  () => [plans.adaptation, bake.value?.wishes],
  async () => {
    if (bake.value && plans.adaptation)
      ways.value = await useCore()
        .waysFor(bake.value.recipe, current.table, bake.value.wishes, current.knows())
        .catch(() => [])
  },
)

async function take(one: Plan) {
  const id = one.id.replace(nowadays, '')
  await plans.choose({
    ...one,
    id,
    title: one.title.replace(titled.learned, '').replace(titled.anew, ''),
  })
  looked.value = id
  toast.add({
    title: 'Chosen, and saved with the bake.',
    color: 'success',
    actions: [
      {
        label: 'To the card',
        color: 'primary',
        variant: 'outline',
        onClick: () => {
          void navigateTo(`/share/${bake.value?.id}`)
        },
      },
    ],
  })
}
/** What was asked for is looked at, beside the plan that was chosen. */
const wish = (wishes: Wishes) => {
  looked.value = bake.value?.plan?.id === 'closest' ? `closest${nowadays}` : 'closest'
  void plans.wish(wishes)
}

/** Only the newest of many quick moves is worked out. */
let waiting: { readonly lineId: string; readonly grams: number } | null = null
let moving = false
async function nudge(lineId: string, grams: number) {
  waiting = { lineId, grams }
  if (moving) return
  moving = true
  try {
    while (waiting && plan.value) {
      const next: { readonly lineId: string; readonly grams: number } = waiting
      waiting = null
      await plans.nudge(plan.value, next.lineId, next.grams)
    }
  } finally {
    moving = false
  }
}

const comparing = reactive({ left: '', right: '' })
watch(
  offered,
  () => {
    if (!offered.value.some(p => p.id === comparing.left))
      comparing.left = offered.value[0]?.id ?? ''
    if (!offered.value.some(p => p.id === comparing.right) || comparing.right === comparing.left)
      comparing.right = offered.value.find(p => p.id !== comparing.left)?.id ?? ''
  },
  { immediate: true },
)

/** The plan is taken, and a test of it sized. */
async function testFirst(of: Plan) {
  await take(of)
  await current.resize({ target: { by: 'test', tests: 1 }, tins: [] })
  await navigateTo(`/pan/${bake.value!.id}`)
}

const sensitivity = shallowRef<readonly Sensitivity[]>([])
const whatIf = ref(false)
watch(
  () => [whatIf.value, plan.value?.id, plans.adaptation] as const,
  async ([open]) => {
    if (open && plan.value && bake.value)
      sensitivity.value = await useCore().sensitivity(
        bake.value.recipe,
        plan.value,
        current.table,
        bake.value.wishes,
        current.knows(),
      )
  },
)

const results: readonly { readonly result: Result; readonly says: string }[] = [
  { result: 'worked', says: 'It worked' },
  { result: 'fair', says: 'So-so' },
  { result: 'failed', says: 'It failed' },
]
const lastBaked = computed(() => bake.value?.baked?.find(b => b.on === today()) ?? null)
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page" :aria-busy="plans.planning || !plans.adaptation">
    <BenchBar />
    <p v-if="plans.planning && !plan" class="soft waiting" role="status">
      Weighing the ways against each other …
    </p>

    <PlanRefusal
      v-else-if="plans.adaptation && !plan"
      :bake="bake"
      :adaptation="plans.adaptation"
      @take="take"
      @wish="wish"
    />

    <div v-else-if="plan" class="grid">
      <h1 class="sr-only">What changes</h1>
      <section class="sheet ledger" aria-label="The recipe, as written and adapted">
        <StrandLedger
          :recipe="bake.recipe"
          :plan="plan"
          :for-whom="forWhom"
          :wishes="bake.wishes"
          :anew="`${plan.id} ${current.stepped}`"
          @nudge="nudge"
          @wish="wish"
        />
      </section>

      <aside class="side">
        <PlanCards v-model="looked" :plans="offered" :kept="bake.plan?.id ?? null" :names="names" />
        <p v-if="plans.planning" class="soft tiny going" role="status">
          Weighing more ways …
          <button type="button" class="stop" @click="plans.stopWorking()">Stop</button>
        </p>
        <UButton
          size="xl"
          color="neutral"
          block
          :disabled="bake.plan?.id === plan.id"
          :icon="bake.plan?.id === plan.id ? 'i-lucide-check' : undefined"
          @click="take(plan)"
          >{{ bake.plan?.id === plan.id ? 'This is your plan' : 'Take this plan' }}</UButton
        >
        <UButton
          v-if="computedPlan"
          color="neutral"
          variant="outline"
          block
          icon="i-lucide-rotate-ccw"
          @click="take(computedPlan)"
          >As it was worked out</UButton
        >
        <section v-if="part" aria-labelledby="balance">
          <div class="head">
            <h2 id="balance">The balance</h2>
            <span class="soft tiny still" :title="part.familyBecause"
              >green: still a {{ part.familyName.split(' or ')[0] }}</span
            >
          </div>
          <div v-if="plan.parts.length > 1" class="tabs" role="group" aria-label="Part">
            <button
              v-for="(p, i) in plan.parts"
              :key="p.component"
              type="button"
              class="tab"
              :aria-pressed="i === partAt"
              @click="partAt = i"
            >
              {{ p.component || 'main part' }}
            </button>
          </div>
          <BalanceWires :part="part" :where="where" />
        </section>
        <p class="sure" aria-live="polite">
          <b>{{ plan.confidence.charAt(0).toUpperCase() + plan.confidence.slice(1) }}.</b>
          {{ plan.confidenceBecause }} <span class="soft">{{ plan.restsOn }}</span>
        </p>
        <p v-if="plan.testPiece" class="piece">
          <b>A test piece first.</b> {{ plan.testPiece.says }}
          <button type="button" class="link" @click="testFirst(plan)">Size a test</button>
        </p>
        <div v-if="bake.plan?.id === plan.id" class="came">
          <p id="came" class="soft tiny">Baked it today? The word above learns from it.</p>
          <div class="tabs" role="group" aria-labelledby="came">
            <button
              v-for="r in results"
              :key="r.result"
              type="button"
              class="tab"
              :aria-pressed="lastBaked?.result === r.result"
              @click="plans.baked(lastBaked?.result === r.result ? null : r.result)"
            >
              {{ r.says }}
            </button>
          </div>
        </div>
      </aside>

      <section class="sheet wide asks" aria-label="What you ask for">
        <WishBar :wishes="bake.wishes" :plan="plan" @wish="wish" />
      </section>

      <PlanNotes :plan="plan" :bake="bake.id" class="notes" />

      <section class="sheet wide" aria-labelledby="changes">
        <h2 id="changes">Every change, and why</h2>
        <ChangeList
          :recipe="bake.recipe"
          :plan="plan"
          :ways="ways"
          :wishes="bake.wishes"
          :explains="explains"
          :school-names="names"
          @wish="wish"
        />
        <p v-for="why in plans.adaptation?.why ?? []" :key="why" class="soft tiny">{{ why }}</p>
      </section>
      <section class="sheet wide" aria-labelledby="steps">
        <h2 id="steps">What is done now</h2>
        <ol class="steps">
          <template v-for="component in plan.recipe.components" :key="component.name"
            ><li v-for="(step, i) in component.steps" :key="i">{{ step }}</li></template
          >
        </ol>
        <h2 v-if="plan.cautions.length" class="cautions">Cautions</h2>
        <ul class="plain">
          <li v-for="text in plan.cautions" :key="text">{{ text }}</li>
        </ul>
      </section>
      <details
        class="sheet wide tool"
        @toggle="whatIf = ($event.target as HTMLDetailsElement).open"
      >
        <summary>
          <h2>What if</h2>
          <span class="soft">a slider for each amount, and what it moves</span>
        </summary>
        <WhatIf
          v-if="whatIf && part && sensitivity.length"
          :plan="plan"
          :part="part"
          :sensitivity="sensitivity"
          :anew="current.stepped"
          @nudge="nudge"
        />
      </details>
      <details v-if="offered.length > 1" class="sheet wide tool">
        <summary>
          <h2>Two plans side by side</h2>
          <span class="soft">what goes in, and how far each measure moves</span>
        </summary>
        <PlanCompare
          v-model:left="comparing.left"
          v-model:right="comparing.right"
          :plans="offered"
        />
        <PlanProfile
          :plans="offered.filter(p => p.id === comparing.left || p.id === comparing.right)"
        />
      </details>
      <details v-if="current.table.length > 1" class="sheet wide tool">
        <summary>
          <h2>One for all, or several batches</h2>
          <span class="soft">whether parting the table is worth it</span>
        </summary>
        <SplitTable />
      </details>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 332px;
  gap: 16px 20px;
  align-items: start;
}
.ledger {
  padding: 22px 18px 18px 24px;
  grid-column: 1;
}
.side {
  grid-column: 2;
  grid-row: 1 / span 5;
  display: grid;
  gap: 12px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  white-space: nowrap;
}
.still {
  overflow: hidden;
  text-overflow: ellipsis;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.tiny {
  font-size: 0.9rem;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 6px;
}
.tab {
  min-height: 40px;
  padding: 0 14px;
  border-radius: 20px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  font-weight: 600;
}
.sure {
  line-height: 1.35;
  font-size: 0.98rem;
}
.notes {
  grid-column: 1;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
.asks {
  padding: 8px 24px;
}
.tool {
  padding: 8px 24px;
  grid-column: 1 / -1;
}
.tool summary {
  display: flex;
  gap: 4px 14px;
  align-items: baseline;
  flex-wrap: wrap;
  cursor: pointer;
  min-height: 44px;
}
.tool summary h2 {
  margin: 0;
}
.tool[open] summary {
  margin-bottom: 8px;
}
.piece {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 10px 14px;
  line-height: 1.35;
}
.came {
  display: grid;
  gap: 4px;
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  font-weight: 650;
}
.going {
  display: flex;
  gap: 8px;
  align-items: center;
}
.stop {
  min-height: 44px;
  padding: 0 10px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.steps {
  padding-left: 1.5em;
  display: grid;
  gap: 7px;
  list-style: decimal;
}
.steps li::marker {
  color: var(--soft);
  font-weight: 600;
}
.cautions {
  margin-top: 16px;
}
.waiting {
  padding: 30px 0;
  font-size: 1.15rem;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .side {
    order: -1;
  }
  .ledger {
    padding: 16px;
  }
  .wide {
    padding: 16px;
  }
}
</style>
