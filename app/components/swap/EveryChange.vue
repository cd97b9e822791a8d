<script setup lang="ts">
import type { Plan, Way, Wishes } from '#core/swap'

/** Every change of the plan and why, with the other ways that there are for it. */
defineProps<{ plan: Plan; names: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ wish: [wishes: Wishes] }>()
const current = useCurrentBake()
const plans = usePlans()
const bake = computed(() => current.bake!)
/** What each job of a leaving line is: asked of the core once it is needed. */
const explains = ref<Readonly<Record<string, string>>>({})
onMounted(async () => {
  const { jobs } = await useCore().choices()
  explains.value = Object.fromEntries(jobs.map(each => [each.job, each.explains]))
})
const ways = shallowRef<readonly Way[]>([])
watch(
  () => [plans.adaptation, current.bake?.wishes],
  async () => {
    const here = current.bake
    if (!here || !plans.adaptation) return
    ways.value = await useCore()
      .waysFor(current.asked(here))
      .catch(() => [])
  },
  { immediate: true },
)
</script>

<template>
  <section class="sheet wide" aria-labelledby="changes">
    <h2 id="changes">Every change, and why</h2>
    <ChangeList
      :recipe="bake.recipe"
      :plan="plan"
      :ways="ways"
      :wishes="bake.wishes"
      :explains="explains"
      :school-names="names"
      @wish="wishes => emit('wish', wishes)"
    />
    <p v-for="why in plans.adaptation?.why ?? []" :key="why" class="soft tiny">{{ why }}</p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.tiny {
  font-size: 0.9rem;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
@media (max-width: 1040px) {
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .wide {
    padding: 16px;
  }
}
</style>
