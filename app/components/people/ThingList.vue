<script setup lang="ts">
import { peopleLimits, type AvoidedThing } from '#core/people'

/** What somebody does not eat besides, by name. */
const things = defineModel<readonly AvoidedThing[]>({ required: true })
const thing = ref('')
async function addThing() {
  const words = thing.value.trim().replace(/\s+/gu, ' ').slice(0, peopleLimits.thing)
  if (!words || things.value.some(t => t.words.toLowerCase() === words.toLowerCase())) {
    thing.value = ''
    return
  }
  const known = await useCore().ingredientOf(words)
  things.value = [...things.value, { words, ingredient: known?.id ?? null }]
  thing.value = ''
}
defineExpose({ addThing })
</script>

<template>
  <fieldset>
    <legend>Other things, by name</legend>
    <ul v-if="things.length" class="things">
      <li v-for="(each, i) in things" :key="each.words">
        <b>{{ each.words }}</b>{{ ' '
        }}<span class="soft">{{
          each.ingredient ? 'known to the pantry' : 'looked for by these words alone'
        }}</span
        ><UButton
          type="button"
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          :aria-label="`Take ${each.words} off`"
          @click="things = things.toSpliced(i, 1)"
        />
      </li>
    </ul>
    <div class="acts">
      <UInput
        v-model="thing"
        placeholder="strawberries, dill …"
        aria-label="Something else that is not eaten"
        class="thing"
        :maxlength="peopleLimits.thing"
        @keydown.enter.prevent="addThing"
      /><UButton
        type="button"
        color="neutral"
        variant="outline"
        icon="i-lucide-plus"
        @click="addThing"
        >Add</UButton
      >
    </div>
  </fieldset>
</template>

<style scoped>
legend {
  font-weight: 650;
  margin-bottom: 6px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.things {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
.things li {
  display: flex;
  gap: 10px;
  align-items: center;
  background: var(--ground);
  border-radius: 14px;
  padding: 2px 6px 2px 14px;
  min-height: 48px;
}
.things li button {
  margin-left: auto;
}
.thing {
  flex: 1;
  min-width: 180px;
}
</style>
