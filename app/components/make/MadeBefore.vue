<script setup lang="ts">
/** What happened when this bake was made before, the last one first. */
const current = useCurrentBake()
const make = useMakeStore()
const before = computed(() =>
  (current.bake?.made ?? []).filter(made => made.making !== make.making?.id).reverse(),
)
</script>

<template>
  <div v-if="before.length" class="earlier">
    <h2>Made before</h2>
    <details v-for="made in before" :key="made.making" class="sheet past">
      <summary>
        {{ sayMoment(made.begun, make.now) }}, {{ sayLength(made.finished - made.begun)
        }}<span class="soft">{{
          made.differs.length ? `, ${made.differs.length} not as planned` : ', as planned'
        }}</span>
      </summary>
      <MadeSheet
        :made="made"
        :title="current.bake?.title ?? ''"
        :planned="false"
        :result="null"
        :oven="null"
      />
    </details>
  </div>
</template>

<style scoped>
.earlier {
  display: grid;
  gap: 8px;
}
.earlier h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.past {
  padding: 4px 18px;
}
.past summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  gap: 6px;
  cursor: pointer;
}
</style>
