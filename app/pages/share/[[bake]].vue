<script setup lang="ts">
import type { CardFacts } from '#core/share'
import { renderSVG } from 'uqr'
import type { CardSize } from '~/composables/cardSizes'

const { missing, opened } = useBake()
const current = useCurrentBake()
const house = useHouseStore()
const bake = computed(() => current.bake)
useHead({ title: () => `Share: ${bake.value?.title ?? ''}` })

const size = ref<CardSize>('a5')
useHead({ style: [{ innerHTML: () => cardSizes.find(s => s.id === size.value)!.page }] })

const facts = shallowRef<CardFacts | null>(null)
const code = ref('')
const latest = latestOnly()
watch(
  [bake, () => current.table, () => house.packets],
  async ([now, table, packets]) => {
    if (!now) return
    const isLatest = latest.begin()
    const at = { packets, today: today(), kitchen: house.kitchen }
    const found = await useCore().cardFacts(now, table, at)
    if (!isLatest()) return
    facts.value = found.facts
    code.value = renderSVG(found.code, { border: 1, ecc: 'L' })
  },
  { immediate: true },
)
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar />
    <div class="grid">
      <template v-if="facts">
        <CardSheet
          v-if="size === 'a5'"
          :bake="bake"
          :people="current.table"
          :facts="facts"
          :code="code"
        />
        <TinLabel v-else :people="current.table" :facts="facts" :code="code" />
      </template>
      <p v-else class="soft" role="status">Checking …</p>
      <TakeAlong v-model:size="size" :bake="bake" :facts="facts" :code="code" />
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 262px;
  gap: 22px;
  align-items: start;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .grid {
    display: block;
  }
}
</style>
