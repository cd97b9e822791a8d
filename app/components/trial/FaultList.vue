<script setup lang="ts">
/** The faults by the sense that finds them; each is said, or said not to be so. */
defineProps<{
  rows: readonly { readonly id: string; readonly says: string; readonly sense: string }[]
  said: Readonly<Record<string, 'yes' | 'no'>>
}>()
const emit = defineEmits<{ say: [id: string, to: 'yes' | 'no' | null] }>()
const senses = [
  { id: 'look', says: 'how it looks' },
  { id: 'bite', says: 'how it cuts and bites' },
  { id: 'taste', says: 'how it tastes' },
] as const
const say = (id: string, to: 'yes' | 'no' | null) => emit('say', id, to)
</script>

<template>
  <div class="all">
    <template v-for="sense in senses" :key="sense.id"
      ><h3 v-if="rows.some(r => r.sense === sense.id)" class="sense">{{ sense.says }}</h3>
      <ul class="faults" :aria-label="`Faults: ${sense.says}`">
        <li v-for="row in rows.filter(r => r.sense === sense.id)" :key="row.id">
          <button
            type="button"
            class="fault"
            :aria-pressed="said[row.id] === 'yes'"
            @click="say(row.id, said[row.id] === 'yes' ? null : 'yes')"
          >
            {{ row.says }}</button><button
            v-if="said[row.id] === 'no'"
            type="button"
            class="not"
            :aria-label="`Not looked for: ${row.says}`"
            @click="say(row.id, null)"
          >
            not so ×
          </button>
        </li>
      </ul></template
    >
  </div>
</template>

<style scoped>
h3 {
  font-size: 1.1rem;
  font-weight: 650;
}
.sense {
  font-size: 0.98rem;
  color: var(--soft);
  font-weight: 600;
}
.faults {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.faults li {
  display: flex;
  gap: 4px;
}
.fault {
  min-height: 44px;
  padding: 4px 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  text-align: left;
}
.fault[aria-pressed='true'] {
  background: var(--beet-pale);
  border-color: var(--beet);
  font-weight: 600;
}
.not {
  min-height: 44px;
  padding: 0 12px;
  border-radius: 22px;
  background: var(--slate-pale);
  cursor: pointer;
}
.all {
  display: grid;
  gap: 12px;
}
</style>
