<script setup lang="ts">
import type { Bake } from '#core'

const house = useHouseStore()
const bench = useBenchStore()
const toast = useToast()
const text = ref('')
const seated = ref<readonly string[]>([])
const reading = ref(false)
const problem = ref('')
useHead({ title: 'Ingwer' })
onMounted(() => bench.clear())

// Everyone of the house sits at the table until somebody is sent away.
let touched = false
watch(() => house.people, people => { if (!touched) seated.value = people.map(p => p.id) }, { immediate: true })
const seat = (people: readonly string[]) => { touched = true; seated.value = people }

async function begin() {
  problem.value = ''
  if (!text.value.trim()) {
    problem.value = 'There is no text yet. Paste a recipe first: its title, what goes in, and what is done.'
    document.getElementById('paste')?.focus()
    return
  }
  reading.value = true
  try {
    const bake = await bench.begin(text.value, seated.value)
    await navigateTo(`/recipe/${bake.id}`)
  }
  catch {
    problem.value = 'Reading stopped half way. Your text is still here; try once more.'
  }
  reading.value = false
}

const opening = ref(false)
async function openDemo() {
  opening.value = true
  try { await house.openDemo() }
  catch { problem.value = 'The demo house could not be fetched from this server. Is it still running?' }
  opening.value = false
}

async function drop(bake: Bake) {
  await house.dropBake(bake.id)
  toast.add({ title: `“${bake.title}” is thrown away.`, color: 'neutral', actions: [{ label: 'Bring it back', color: 'primary', variant: 'outline', onClick: () => { void house.keepBake(bake) } }] })
}
const day = (iso: string) => new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
const example = 'Dark sticky ginger loaf\n\n225 g plain flour\n1 tsp bicarbonate of soda\n115 g butter\n1½ Tbsp treacle\n2 large eggs …\n\nFor the glaze\n100 g icing sugar …'
</script>

<template>
  <div class="start">
    <section class="paste">
      <h1>Which dessert do you love?</h1>
      <p class="soft lead">Paste it as it is. Ingwer reads it, shows who cannot eat what, and works out a version that still is that dessert.</p>
      <form @submit.prevent="begin">
        <label for="paste" class="label">The recipe, as plain text</label>
        <textarea id="paste" v-model="text" class="field" :placeholder="example" rows="12" spellcheck="false" @keydown.ctrl.enter.prevent="begin" @keydown.meta.enter.prevent="begin" />
        <WhoEats v-if="house.people.length" :model-value="seated" :people="house.people" label="Who eats" @update:model-value="seat">
          <NuxtLink to="/people" class="more">someone else</NuxtLink>
        </WhoEats>
        <p v-else-if="house.ready" class="nobody">Nobody lives here yet. <NuxtLink to="/people">Say who eats</NuxtLink>, or look around in the demo house first.</p>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <div class="go">
          <UButton type="submit" size="xl" color="neutral" :loading="reading" icon="i-lucide-wheat">Read it</UButton>
          <span class="soft hint">or Ctrl + Enter</span>
        </div>
      </form>
    </section>

    <section class="shelf" aria-labelledby="kept">
      <h2 id="kept">On the shelf</h2>
      <p v-if="!house.ready" class="soft">Looking …</p>
      <div v-else-if="!house.bakes.length" class="empty">
        <p class="soft">Nothing is kept here yet. What you paste is saved by itself, in this browser alone.</p>
        <UButton color="neutral" variant="outline" :loading="opening" @click="openDemo">Open the Brackwater house</UButton>
        <p class="soft tiny">An invented household with five guests and seven desserts, to try things on.</p>
      </div>
      <ul v-else class="bakes">
        <li v-for="bake in house.bakes" :key="bake.id">
          <NuxtLink :to="bake.plan ? `/swap/${bake.id}` : `/recipe/${bake.id}`" class="bake">
            <span class="title">{{ bake.title }}</span>
            <span class="soft tiny">{{ bake.plan ? `${bake.plan.title.toLowerCase()} plan, ${bake.plan.confidence}` : 'as written' }} · {{ day(bake.updated) }}</span>
          </NuxtLink>
          <UButton icon="i-lucide-trash-2" color="neutral" variant="ghost" :aria-label="`Throw away ${bake.title}`" @click="drop(bake)" />
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.start { display: grid; grid-template-columns: minmax(0, 1.65fr) minmax(270px, 1fr); gap: 36px; }
h1 { font-size: 2.1rem; font-weight: 700; }
h2 { font-size: 1.25rem; font-weight: 650; margin-bottom: 10px; padding-top: 10px; }
.lead { margin: 8px 0 16px; max-width: 60ch; }
.label { font-weight: 600; display: block; margin-bottom: 6px; }
.field { width: 100%; min-height: 292px; background: var(--sheet); border: 1.5px solid var(--line); border-radius: 18px; padding: 16px 18px; font: inherit; line-height: 1.5; resize: vertical; color: var(--ink); }
.field::placeholder { color: var(--soft); opacity: 0.75; }
.field:focus-visible { border-radius: 18px; }
form > :deep(fieldset) { margin-top: 14px; }
.more { min-height: 44px; display: inline-flex; align-items: center; padding: 0 8px; text-decoration: underline; text-underline-offset: 3px; }
.nobody { margin-top: 14px; }
.nobody a { text-decoration: underline; text-underline-offset: 3px; font-weight: 600; }
.problem { color: var(--beet); font-weight: 600; margin-top: 12px; }
.go { display: flex; align-items: center; gap: 14px; margin-top: 18px; }
.bakes { list-style: none; padding: 0; margin: 0; }
.bakes li { display: flex; align-items: center; border-top: 1.5px solid var(--line); }
.bakes li:first-child { border-top: 0; }
.bake { flex: 1; display: flex; flex-direction: column; gap: 2px; padding: 11px 4px; min-height: 60px; justify-content: center; text-decoration: none; color: var(--ink); }
.bake .title { font-weight: 620; font-size: 1.06rem; }
.bake:hover .title { text-decoration: underline; text-underline-offset: 3px; }
.tiny { font-size: 0.9rem; }
.empty { display: grid; gap: 12px; justify-items: start; }
@media (max-width: 900px) { .start { grid-template-columns: minmax(0, 1fr); gap: 18px; } .field { min-height: 170px; height: 190px; } h1 { font-size: 1.6rem; } .lead { margin: 6px 0 10px; } .hint { display: none; } }
</style>
