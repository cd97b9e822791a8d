<script setup lang="ts">
/** What this house calls an ingredient by names of its own; each can be forgotten. */
const props = defineProps<{ nameOf: ReadonlyMap<string, string> }>()
const house = useHouseStore()
const restock = useRestock()
const called = computed(() =>
  house.stock.names.map(({ words, ingredient }) => ({
    words,
    means: props.nameOf.get(ingredient) ?? ingredient,
  })),
)
const forget = (words: string) =>
  restock(
    { ...house.stock, names: house.stock.names.filter(name => name.words !== words) },
    `“${words}” is forgotten.`,
  )
</script>

<template>
  <section v-if="called.length" class="sheet box" aria-labelledby="said">
    <h2 id="said">What this house calls it</h2>
    <ul>
      <li v-for="name in called" :key="name.words">
        <span
          ><b>{{ name.words }}</b> is {{ name.means }}</span
        ><UButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          :aria-label="`Forget ${name.words}`"
          @click="forget(name.words)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.box {
  padding: 16px 18px;
  display: grid;
  gap: 6px;
}
.box ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
.box li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  border-top: 1.5px solid var(--line);
  min-height: 48px;
}
.box li:first-child {
  border-top: 0;
}
</style>
