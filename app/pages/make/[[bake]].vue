<script setup lang="ts">
const { missing, opened } = useBake()
const current = useCurrentBake()
const dayPlan = useDayPlan()
const make = useMakeStore()
const bake = computed(() => current.bake)
useHead({ title: () => `Make: ${bake.value?.title ?? ''}` })

const making = computed(() => make.making)
const isFinished = computed(() => make.counter !== null && make.counter.finished !== null)
const isWorking = computed(() => !making.value && (dayPlan.working || !dayPlan.plan))
useClockPutBack()
onMounted(() => document.addEventListener('visibilitychange', current.catchUp))
onBeforeUnmount(() => document.removeEventListener('visibilitychange', current.catchUp))
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page" :aria-busy="isWorking || make.beginning">
    <BenchBar v-if="!making || isFinished" />
    <CounterBar v-else />
    <BeforeMaking v-if="!making" />
    <AfterMaking v-else-if="isFinished" />
    <CounterWay v-else-if="make.counter" />
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
}
</style>
