<script setup lang="ts">
import type { Plan } from '#core'

const { bench, missing, opened } = useBake()
const toast = useToast()
const bake = computed(() => bench.bake)
useHead({ title: () => `Swap: ${bake.value?.title ?? ''}` })

watch(() => [bake.value?.id, bake.value?.recipe, bake.value?.people, opened.value] as const, ([id]) => { if (id && opened.value) void bench.work() }, { immediate: true })

const plans = computed<readonly Plan[]>(() => {
  const found = bench.adaptation?.plans ?? []
  const kept = bake.value?.plan
  // The plan that was chosen is shown as it was chosen, whatever is worked out today.
  if (!kept) return found
  return found.some(p => p.id === kept.id) ? found.map(p => p.id === kept.id ? kept : p) : [kept, ...found]
})
const looked = ref('closest')
watch(() => bake.value?.id, () => { looked.value = bake.value?.plan?.id ?? 'closest' }, { immediate: true })
watch(plans, () => { if (plans.value.length && !plans.value.some(p => p.id === looked.value)) looked.value = plans.value[0]!.id })
const plan = computed(() => plans.value.find(p => p.id === looked.value) ?? plans.value[0] ?? null)
const partAt = ref(0)
watch(plan, () => { partAt.value = 0 })
const part = computed(() => plan.value?.parts[partAt.value] ?? null)
const forWhom = computed(() => bench.table.length > 2 ? `all ${bench.table.length}` : bench.table.map(p => p.name).join(' and ') || 'the table')
const first = computed(() => plan.value?.changes.flatMap(c => c.adds.filter((add, i) => add.prepare && i === 0).map(add => `${add.prepare}${add.restMinutes ? ` Rest ${add.restMinutes >= 120 ? `${Math.round(add.restMinutes / 60)} hours` : `${add.restMinutes} min`}.` : ''}`)) ?? [])

async function choose() {
  if (!plan.value) return
  await bench.choose(plan.value.id)
  toast.add({ title: 'Chosen, and saved with the bake.', color: 'success', actions: [{ label: 'To the card', color: 'primary', variant: 'outline', onClick: () => { void navigateTo(`/share/${bake.value?.id}`) } }] })
}
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar />
    <p v-if="bench.working === 'planning' && !plan" class="soft waiting" role="status">Weighing the ways against each other …</p>

    <section v-else-if="bench.adaptation && !plan" class="sheet refusal" aria-live="polite">
      <h1>{{ bench.adaptation.verdict === 'already-fine' ? 'Nothing has to change' : bench.adaptation.verdict === 'not-advised' ? 'Better not this one' : 'It cannot be worked out yet' }}</h1>
      <p v-for="why in bench.adaptation.why" :key="why">{{ why }}</p>
      <div v-if="bench.adaptation.instead.length" class="instead">
        <h2>What works instead</h2>
        <p v-for="text in bench.adaptation.instead" :key="text">{{ text }}</p>
      </div>
      <div class="ways">
        <UButton :to="`/recipe/${bake.id}`" color="neutral" variant="outline" icon="i-lucide-arrow-left">Back to the recipe</UButton>
        <UButton v-if="bench.adaptation.verdict === 'already-fine'" :to="`/share/${bake.id}`" color="neutral">To the card</UButton>
        <UButton v-if="bench.adaptation.verdict === 'not-advised'" to="/" color="neutral">Try another dessert</UButton>
      </div>
    </section>

    <div v-else-if="plan" class="grid">
      <h1 class="sr-only">What changes</h1>
      <section class="sheet ledger" aria-label="The recipe, as written and adapted">
        <StrandLedger :recipe="bake.recipe" :plan="plan" :for-whom="forWhom" />
      </section>

      <aside class="side">
        <PlanCards v-model="looked" :plans="plans" :kept="bake.plan?.id ?? null" />
        <UButton size="xl" color="neutral" block :disabled="bake.plan?.id === plan.id" :icon="bake.plan?.id === plan.id ? 'i-lucide-check' : undefined" @click="choose">{{ bake.plan?.id === plan.id ? 'This is your plan' : 'Take this plan' }}</UButton>
        <section v-if="part" aria-labelledby="balance">
          <div class="head"><h2 id="balance">The balance</h2><span class="soft tiny still" :title="part.familyBecause">green: still a {{ part.familyName.split(' or ')[0] }}</span></div>
          <div v-if="plan.parts.length > 1" class="tabs" role="group" aria-label="Part">
            <button v-for="(p, i) in plan.parts" :key="p.component" type="button" class="tab" :aria-pressed="i === partAt" @click="partAt = i">{{ p.component || 'main part' }}</button>
          </div>
          <BalanceWires :part="part" />
        </section>
        <p class="sure"><b>{{ plan.confidence.charAt(0).toUpperCase() + plan.confidence.slice(1) }}.</b> {{ plan.confidenceBecause }} <span class="soft">{{ plan.restsOn }}</span></p>
      </aside>

      <div class="notes">
        <section v-if="first.length || plan.notes.length" class="sheet note"><h2>First, and mixing</h2><ul><li v-for="text in [...first, ...plan.notes]" :key="text">{{ text }}</li></ul></section>
        <section class="sheet note"><h2>What will differ</h2><ul><li v-for="text in [...plan.differs, ...plan.risks]" :key="text">{{ text }}</li><li v-if="!plan.differs.length && !plan.risks.length">Nothing that a guest should notice, by the numbers.</li></ul></section>
        <section class="sheet note"><h2>Packets to read</h2><ul><li v-for="p in plan.packets" :key="p.ingredient"><b>{{ p.name }}</b>: look for {{ p.lookFor.join(', ') }}</li><li v-if="!plan.packets.length">None that this table’s needs make doubtful. Traces are for the packet to say all the same.</li></ul><NuxtLink :to="`/packet/${bake.id}`" class="topackets">Tie this bake to its packets</NuxtLink></section>
      </div>

      <section class="sheet wide" aria-labelledby="changes">
        <h2 id="changes">Every change, and why</h2>
        <ChangeList :recipe="bake.recipe" :plan="plan" />
        <p v-for="why in bench.adaptation?.why ?? []" :key="why" class="soft tiny">{{ why }}</p>
      </section>
      <section class="sheet wide" aria-labelledby="steps">
        <h2 id="steps">What is done now</h2>
        <ol class="steps"><template v-for="component in plan.recipe.components" :key="component.name"><li v-for="(step, i) in component.steps" :key="i">{{ step }}</li></template></ol>
        <h2 v-if="plan.cautions.length" class="cautions">Cautions</h2>
        <ul class="plain"><li v-for="text in plan.cautions" :key="text">{{ text }}</li></ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.topackets { min-height: 44px; display: inline-flex; align-items: center; text-decoration: underline; text-underline-offset: 3px; }
.grid { display: grid; grid-template-columns: minmax(0, 1fr) 332px; gap: 16px 20px; align-items: start; }
.ledger { padding: 22px 18px 18px 24px; grid-column: 1; }
.side { grid-column: 2; grid-row: 1 / span 3; display: grid; gap: 12px; }
.head { display: flex; justify-content: space-between; align-items: baseline; gap: 8px; white-space: nowrap; }
.still { overflow: hidden; text-overflow: ellipsis; }
h2 { font-size: 1.15rem; font-weight: 650; margin-bottom: 6px; }
.tiny { font-size: 0.9rem; }
.tabs { display: flex; flex-wrap: wrap; gap: 6px; margin-bottom: 6px; }
.tab { min-height: 40px; padding: 0 14px; border-radius: 20px; border: 1.5px solid var(--line); cursor: pointer; }
.tab[aria-pressed="true"] { background: var(--sheet); border-color: var(--ginger); font-weight: 600; }
.sure { line-height: 1.35; font-size: 0.98rem; }
.notes { grid-column: 1; display: grid; grid-template-columns: repeat(auto-fit, minmax(210px, 1fr)); gap: 12px; }
.note { padding: 14px 18px; font-size: 0.98rem; }
.note ul, .plain { list-style: none; padding: 0; margin: 0; display: grid; gap: 6px; }
.note li::first-letter { text-transform: uppercase; }
.wide { grid-column: 1; padding: 18px 24px; }
.steps { padding-left: 1.5em; display: grid; gap: 7px; list-style: decimal; }
.steps li::marker { color: var(--soft); font-weight: 600; }
.cautions { margin-top: 16px; }
.waiting { padding: 30px 0; font-size: 1.15rem; }
.refusal { padding: 26px 30px; display: grid; gap: 14px; max-width: 760px; }
.refusal h1 { font-size: 1.6rem; font-weight: 650; }
.instead { background: var(--leaf-pale); border-radius: 14px; padding: 14px 18px; }
.ways { display: flex; gap: 10px; flex-wrap: wrap; }
@media (max-width: 1040px) { .grid { grid-template-columns: minmax(0, 1fr); } .side, .ledger, .notes, .wide { grid-column: 1; grid-row: auto; } .side { order: -1; } .ledger { padding: 16px; } .wide { padding: 16px; } }
</style>
