<script setup lang="ts">
/** The fat of a block stands on its packet, and all amounts of it follow from that. */
const props = defineProps<{ id: string; name: string; fat: number }>()
const emit = defineEmits<{ known: [] }>()
const house = useHouseStore()
const typed = ref(String(props.fat))
const wrong = ref('')
watch(
  () => props.fat,
  fat => {
    typed.value = String(fat)
  },
)
async function say() {
  const fat = readDecimal(typed.value)
  if (fat === null || !Number.isFinite(fat) || fat < 40 || fat > 100) {
    wrong.value = `“${typed.value}” is no fat between 40 and 100 %`
    return
  }
  wrong.value = ''
  if (fat === props.fat) return
  const row = await useCore().withFat(props.id, fat)
  if (row)
    await house.keepStock({
      ...house.stock,
      ingredients: [...house.stock.ingredients.filter(i => i.id !== props.id), row],
    })
  emit('known')
}
</script>

<template>
  <form class="fat" @submit.prevent="say">
    <label :for="`fat-${id}`">Fat on its packet</label>
    <input
      :id="`fat-${id}`"
      v-model="typed"
      inputmode="decimal"
      :aria-label="`${name}: fat on its packet, %`"
      :aria-invalid="Boolean(wrong)"
    /><span>%</span>
    <UButton type="submit" size="sm" color="neutral" variant="outline">Reckon with it</UButton>
    <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
  </form>
</template>

<style scoped>
.fat {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding-top: 4px;
}
input {
  width: 4em;
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: 8px;
  padding: 0 8px;
  background: var(--ground);
  color: var(--ink);
  text-align: right;
}
.bad {
  color: var(--beet);
  flex-basis: 100%;
}
</style>
