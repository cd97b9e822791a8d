<script setup lang="ts">
/** All packets of the house, and which of them want to be read again. */
defineProps<{ heading: 'h1' | 'h2' }>()
const { open, begin, show } = inject(openPacketKey)!
const house = useHouseStore()
const { looks, looked } = usePackets()
const stale = computed(() =>
  looks.value.filter(({ packet, check }) => {
    const conflicts = check.people.flatMap(person => person.conflicts)
    return !packet.checkedOn || conflicts.some(c => c.rule === 'packet-not-read')
  }),
)
</script>

<template>
  <section class="sheet block" aria-labelledby="packets">
    <div class="head">
      <component :is="heading" id="packets">Packets of the house</component
      ><UButton color="neutral" size="xl" icon="i-lucide-plus" @click="begin()">New packet</UButton>
    </div>
    <p v-if="!looked" class="soft">Looking …</p>
    <p v-else-if="!looks.length" class="soft">
      No packet is entered yet. Type or photograph what stands on one, and Ingwer says who may eat
      it, and remembers when you looked.
    </p>
    <p v-else-if="stale.length" class="soft">
      {{ stale.length === 1 ? 'One packet wants' : `${stale.length} packets want` }} to be read
      again.
    </p>
    <PacketRow
      v-for="look in looks"
      :key="look.packet.id"
      :look="look"
      :people="house.residents"
      :active="open?.packet.id === look.packet.id"
      @open="show(look.packet)"
    />
  </section>
</template>

<style scoped>
.block {
  padding: 18px 22px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
  margin-bottom: 6px;
}
@media (max-width: 760px) {
  .block,
  .side {
    padding: 16px;
  }
}
</style>
