<script setup lang="ts">
const pantry = usePantry()
const { rows, words, looked, own, names, nameOf } = pantry
const { busy, answer } = useNamingWords(pantry)
const { editing, open, fresh, keep, revert, leave } = useIngredientEditing()
const troubles = ref<readonly string[]>([])
useHead({ title: 'Pantry' })
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>The pantry</h1>
      <p class="soft lead">
        What Ingwer knows about each ingredient: grams in 100 g, what a millilitre weighs, what it
        holds (with a “?”: by the maker). What you correct or add counts first.
      </p>
      <div class="acts">
        <UButton color="neutral" size="xl" icon="i-lucide-plus" @click="fresh()"
          >New ingredient</UButton
        >
        <PantryTableFile @troubles="sentences => (troubles = sentences)" />
        <UButton to="/spoons" color="neutral" size="xl" variant="outline" icon="i-lucide-scale"
          >Your own spoons</UButton
        >
      </div>
      <div v-if="troubles.length" class="troubles" role="alert">
        <p v-for="(says, i) in troubles.slice(0, 8)" :key="i">{{ says }}</p>
        <p v-if="troubles.length > 8">… and {{ troubles.length - 8 }} more rows.</p>
      </div>
    </div>
    <div class="grid" :class="{ editing }">
      <section class="sheet list" aria-label="All ingredients">
        <p v-if="!looked" class="soft">Looking …</p>
        <PantryTable v-else :rows="rows" :own="own" :open="editing?.form.id ?? null" @open="open" />
      </section>
      <aside class="side">
        <IngredientSheet
          v-if="editing"
          :key="editing.form.id"
          :form="editing.form"
          :fresh="editing.fresh"
          :own="own.has(editing.form.id)"
          @keep="keep"
          @revert="revert"
          @cancel="leave"
        />
        <template v-else>
          <UnknownWords
            v-if="looked"
            :words="words"
            :names="names"
            :busy="busy"
            @answer="answer"
            @fresh="fresh"
          />
          <CalledHere :name-of="nameOf" />
        </template>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 18px;
  grid-template-columns: minmax(0, 1fr);
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
}
.lead {
  margin: 4px 0 12px;
  max-width: 76ch;
}
.troubles {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 16px;
  margin-top: 12px;
  display: grid;
  gap: 4px;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px;
  align-items: start;
}
.grid.editing {
  grid-template-columns: minmax(0, 1fr) 460px;
}
.list {
  padding: 16px 18px;
}
.side {
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr);
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 16px);
  overflow: auto;
  border-radius: 18px;
}
@media (max-width: 1040px) {
  .grid,
  .grid.editing {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    position: static;
    max-height: none;
    order: -1;
  }
}
</style>
