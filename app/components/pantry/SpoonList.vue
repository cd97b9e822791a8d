<script setup lang="ts">
import type { Ingredient, OwnSpoon } from '#core/pantry'

/** What was weighed in this house; each can be taken out again. */
const props = defineProps<{ rows: readonly Ingredient[] }>()
const house = useHouseStore()
const restock = useRestock()
const nameOf = (id: string) => props.rows.find(row => row.id === id)?.name ?? id
const drop = (spoon: OwnSpoon) =>
  restock(
    { ...house.stock, spoons: house.stock.spoons.filter(s => s !== spoon) },
    'The pantry’s weight counts again.',
  )
</script>

<template>
  <section class="sheet list" aria-labelledby="ours">
    <h2 id="ours">Weighed in this house</h2>
    <ul>
      <li v-for="spoon in house.stock.spoons" :key="`${spoon.ingredient} ${spoon.unit}`">
        <span class="grams"
          ><b>{{ spoonGrams(spoon.grams) }}</b> g</span
        ><span class="name">one {{ spoonName(spoon.unit) }} of {{ nameOf(spoon.ingredient) }}</span>
        <UButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          :aria-label="`Take the ${spoonName(spoon.unit)} of ${nameOf(spoon.ingredient)} out`"
          @click="drop(spoon)"
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
.form,
.list {
  padding: 20px 22px;
  display: grid;
  gap: 14px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 54px;
  border-top: 1.5px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.grams {
  width: 84px;
  text-align: right;
}
.name {
  flex: 1;
  min-width: 0;
}
</style>
