<script setup lang="ts">
import { sayRestTime } from '#core/recipe'
import type { Plan } from '#core/swap'

/** What comes first, what will differ, what is good to know, and which packets to read. */
const props = defineProps<{ plan: Plan; bake: string }>()
const plans = usePlans()
const first = computed(() =>
  props.plan.changes.flatMap(c =>
    c.adds
      .filter((add, i) => add.prepare && i === 0)
      .map(
        add => `${add.prepare}${add.restMinutes ? ` Rest ${sayRestTime(add.restMinutes)}.` : ''}`,
      ),
  ),
)
const fats = ref<readonly { readonly id: string; readonly name: string; readonly fat: number }[]>(
  [],
)
watch(
  () => [props.plan, plans.adaptation],
  async () => {
    const added = props.plan.changes.flatMap(c => c.adds.map(a => a.ingredient))
    fats.value = await useCore().fatsOf([...new Set(added)])
  },
  { immediate: true },
)
</script>

<template>
  <div class="notes">
    <section v-if="first.length" class="sheet note">
      <h2>First</h2>
      <ul>
        <li v-for="text in first" :key="text">{{ text }}</li>
      </ul>
    </section>
    <section class="sheet note">
      <h2>What will differ</h2>
      <ul>
        <li v-for="text in [...plan.differs, ...plan.risks]" :key="text">{{ text }}</li>
        <li v-if="!plan.differs.length && !plan.risks.length">
          Nothing that a guest should notice, by the numbers.
        </li>
      </ul>
    </section>
    <section v-if="plan.notes.length" class="sheet note">
      <h2>Good to know</h2>
      <ul>
        <li v-for="text in plan.notes" :key="text">{{ text }}</li>
      </ul>
    </section>
    <section class="sheet note">
      <h2>Packets to read</h2>
      <ul>
        <li v-for="p in plan.packets" :key="p.ingredient">
          <b>{{ p.name }}</b>: look for {{ p.lookFor.join(', ') }}
        </li>
        <li v-for="f in fats" :key="f.id">
          <span>{{ f.name }} is reckoned with {{ f.fat }} % fat.</span
          ><BlockFat :id="f.id" :name="f.name" :fat="f.fat" @known="plans.work()" />
        </li>
        <li v-if="!plan.packets.length">
          None that this table’s needs make doubtful. Traces are for the packet to say all the same.
        </li>
      </ul>
      <NuxtLink :to="`/packet/${bake}`" class="topackets">Tie this bake to its packets</NuxtLink>
    </section>
  </div>
</template>

<style scoped>
.topackets {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.note {
  padding: 14px 18px;
  font-size: 0.98rem;
}
.notes {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.notes > * {
  flex: 1 1 220px;
  min-width: 0;
}
.note ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.note li::first-letter {
  text-transform: uppercase;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
</style>
