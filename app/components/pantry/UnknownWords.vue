<script setup lang="ts">
/** Words that no recipe of this house could be read by: all answered at once, and remembered. */
const props = defineProps<{
  words: readonly {
    words: string
    bakes: readonly string[]
    example: string
    near: readonly string[]
  }[]
  names: readonly { id: string; name: string }[]
  busy: string
}>()
const emit = defineEmits<{
  answer: [names: readonly { words: string; ingredient: string }[]]
  fresh: [words: string]
}>()
const answers = reactive<Record<string, string>>({})
const items = computed(() => props.names.map(n => ({ value: n.id, label: n.name })))
const nameOf = computed(() => new Map(props.names.map(n => [n.id, n.name])))
const given = computed(() =>
  Object.entries(answers)
    .filter(([words, id]) => id && props.words.some(w => w.words === words))
    .map(([words, ingredient]) => ({ words, ingredient })),
)
</script>

<template>
  <section class="sheet box" aria-labelledby="what">
    <h2 id="what">What is this?</h2>
    <p v-if="!words.length" class="soft">Every name in your recipes is known.</p>
    <template v-else>
      <p class="soft small">
        {{
          words.length === 1
            ? 'One name in your recipes is'
            : `${words.length} names in your recipes are`
        }}
        not known. Say what they are; it is remembered for every recipe, and can be taken back.
      </p>
      <ul>
        <li v-for="row in words" :key="row.words">
          <p>
            <b>{{ row.words }}</b>{{ ' '
            }}<span class="soft small"
              >{{ row.example
              }}{{ row.bakes.length > 1 ? `, in ${row.bakes.length} recipes` : '' }}</span
            >
          </p>
          <div v-if="row.near.length" class="near">
            <button
              v-for="id in row.near"
              :key="id"
              type="button"
              class="chip"
              :aria-pressed="answers[row.words] === id"
              @click="answers[row.words] = answers[row.words] === id ? '' : id"
            >
              {{ nameOf.get(id) ?? id }}
            </button>
          </div>
          <div class="pick">
            <USelectMenu
              :model-value="answers[row.words] || undefined"
              :items="items"
              value-key="value"
              placeholder="it is …"
              :aria-label="`What is ${row.words}?`"
              class="wide"
              :search-input="{ placeholder: 'oat drink, spelt flour …' }"
              @update:model-value="answers[row.words] = String($event)"
            />
            <UButton
              color="neutral"
              variant="ghost"
              icon="i-lucide-plus"
              :aria-label="`${row.words} is a new ingredient`"
              @click="emit('fresh', row.words)"
              >new</UButton
            >
          </div>
        </li>
      </ul>
      <UButton
        color="neutral"
        block
        :disabled="!given.length"
        :loading="Boolean(busy)"
        @click="emit('answer', given)"
        >{{
          busy || (given.length > 1 ? `Keep these ${given.length} answers` : 'Keep this answer')
        }}</UButton
      >
    </template>
  </section>
</template>

<style scoped>
.box {
  padding: 16px 18px;
  display: grid;
  gap: 10px;
  grid-template-columns: minmax(0, 1fr);
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.small {
  font-size: 0.92rem;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 12px;
  max-height: 520px;
  overflow: auto;
  grid-template-columns: minmax(0, 1fr);
}
li {
  display: grid;
  gap: 6px;
  grid-template-columns: minmax(0, 1fr);
}
.near {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  border-color: var(--ginger);
  box-shadow: inset 0 0 0 1px var(--ginger);
  font-weight: 600;
}
.pick {
  display: flex;
  gap: 6px;
  align-items: center;
}
.wide {
  flex: 1;
  min-width: 0;
}
</style>
