<script setup lang="ts">
/** Before a winner is crowned: bake it once more first? */
defineProps<{ letter: string }>()
const emit = defineEmits<{ rematch: []; crown: []; leave: [] }>()
</script>

<template>
  <div class="ask" role="alertdialog" aria-labelledby="again-head">
    <p id="again-head">
      <b>Bake {{ letter }} once more first?</b> One afternoon has its luck: an oven that had just
      been opened, a cup at the edge. Whoever wins twice wins.
    </p>
    <div class="row">
      <UButton color="neutral" @click="emit('rematch')">Set up the repeat</UButton
      ><UButton color="neutral" variant="outline" @click="emit('crown')"
        >Crown {{ letter }} now</UButton
      ><UButton color="neutral" variant="ghost" @click="emit('leave')">Not yet</UButton>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.ask {
  background: var(--ginger-pale);
  border-radius: 16px;
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
</style>
