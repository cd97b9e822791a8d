<script setup lang="ts">
const { missing, opened } = useBake()
const current = useCurrentBake()
const route = useRoute()
const house = useHouseStore()
useHead({ title: () => `Packets${current.bake ? `: ${current.bake.title}` : ''}` })

const openPacket = useOpenPacket()
provide(openPacketKey, openPacket)
const { open } = openPacket
const names = shallowRef<readonly { id: string; name: string }[]>([])
watch(
  [() => current.bake?.region, () => house.stocked],
  async ([region]) => {
    names.value = await useCore().ingredientNames(region ?? 'uk')
  },
  { immediate: true },
)
const nameOf = computed(() => new Map(names.value.map(n => [n.id, n.name])))
</script>

<template>
  <NoBake v-if="opened && missing && route.params.bake" :missing="missing" />
  <div v-else class="page">
    <BenchBar v-if="current.bake" />
    <div class="grid" :class="{ opened: open }">
      <div class="main">
        <BakePackets v-if="current.bake" :bake="current.bake" :name-of="nameOf" />
        <HousePackets :heading="current.bake ? 'h2' : 'h1'" />
      </div>
      <OpenPacket v-if="open" :names="names" />
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  gap: 22px;
  grid-template-columns: minmax(0, 1fr);
  align-items: start;
}
.grid.opened {
  grid-template-columns: minmax(0, 1fr) 500px;
}
.main {
  display: grid;
  gap: 18px;
  grid-template-columns: minmax(0, 1fr);
  max-width: 980px;
}
@media (max-width: 1100px) {
  .grid.opened {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
