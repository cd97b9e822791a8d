<script setup lang="ts">
import type { Bake } from '#core/share'

/** Out of which packets the bake is made, what that says for whom, and the steps against traces. */
defineProps<{ bake: Bake; nameOf: ReadonlyMap<string, string> }>()
const { showById, begin } = inject(openPacketKey)!
const current = useCurrentBake()
const house = useHouseStore()
const { safety, bought } = useBakePackets()
</script>

<template>
  <section class="sheet block" aria-labelledby="lines">
    <h1 id="lines">Out of which packets</h1>
    <template v-if="safety">
      <p class="rests">
        <b>{{ safety.resting.onPackets }} of {{ safety.resting.bought }}</b> bought lines rest on a
        packet that was read.
      </p>
      <SaidList :claims="safety.claims" class="saids" />
    </template>
    <LineTies
      :bake="bake"
      :packets="house.packets"
      :name-of="nameOf"
      :bought="bought"
      :look-for="safety?.lookFor ?? new Map()"
      @tie="current.tie"
      @open="showById"
      @fresh="(ingredient, name, to) => begin(name, ingredient, to)"
    />
  </section>
  <section v-if="safety?.contact.steps.length" class="sheet block">
    <ContactSteps
      :plan="safety.contact"
      :people="current.table"
      :ticked="bake.ticked"
      @tick="current.tick"
    />
  </section>
</template>

<style scoped>
.block {
  padding: 18px 22px;
}
h1,
h2 {
  font-size: 1.35rem;
  font-weight: 650;
}
.rests {
  margin: 4px 0 8px;
}
.saids {
  margin-bottom: 10px;
}
@media (max-width: 760px) {
  .block,
  .side {
    padding: 16px;
  }
}
</style>
