<script setup lang="ts">
/** The sheet of the packet that is open. */
defineProps<{ names: readonly { id: string; name: string }[] }>()
// The sheet brings a validator along, so it is fetched when a packet is opened.
const PacketSheet = defineAsyncComponent(() => import('~/components/packet/PacketSheet.vue'))
const { open, trouble, keep, drop, leave } = inject(openPacketKey)!
const house = useHouseStore()
const sheet = useTemplateRef<HTMLElement>('sheet')
watch(
  open,
  async now => {
    if (!now) return
    await nextTick()
    sheet.value?.focus()
    sheet.value?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true },
)
</script>

<template>
  <aside
    v-if="open"
    ref="sheet"
    class="sheet side"
    tabindex="-1"
    :aria-label="open.fresh ? 'A new packet' : open.packet.name"
  >
    <PacketSheet
      :key="open.opening"
      :packet="open.packet"
      :fresh="open.fresh"
      :names="names"
      :people="house.residents"
      @keep="keep"
      @drop="drop"
      @cancel="leave"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <PacketHistory v-if="!open.fresh" :packet="open.packet" />
  </aside>
</template>

<style scoped>
.trouble {
  color: var(--beet);
  font-weight: 600;
  padding-top: 10px;
}
.side {
  padding: 20px 22px;
  outline: none;
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 16px);
  overflow: auto;
}
@media (max-width: 1100px) {
  .side {
    position: static;
    max-height: none;
    order: -1;
  }
}
@media (max-width: 760px) {
  .block,
  .side {
    padding: 16px;
  }
}
</style>
