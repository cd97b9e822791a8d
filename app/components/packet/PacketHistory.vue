<script setup lang="ts">
import type { Packet, PacketChange } from '#core/packet'

/** What stood on the packet before, and what each change brought: allergens first, then the words. */
const props = defineProps<{ packet: Packet }>()
const rows = shallowRef<readonly { on: string; by: string; change: PacketChange }[]>([])
watch(
  () => props.packet,
  async packet => {
    const all = [
      ...packet.history.map(h => ({ on: h.on, by: h.by, words: h.words })),
      { on: packet.checkedOn, by: packet.checkedBy, words: packet.words },
    ]
    rows.value = (
      await Promise.all(
        all.slice(1).map(async (now, i) => ({
          on: now.on,
          by: now.by,
          change: await useCore().changeOf(all[i]!.words, now.words),
        })),
      )
    ).reverse()
  },
  { immediate: true },
)
</script>

<template>
  <section v-if="rows.length" class="history" aria-labelledby="history">
    <h2 id="history">How its words changed</h2>
    <ol>
      <li v-for="(row, i) in rows" :key="i">
        <b>{{ row.on ? sayDay(row.on) : 'not read yet' }}</b><span v-if="row.by" class="soft">
          by {{ row.by }}</span
        >
        <p v-if="row.change.came.length">now {{ row.change.came.join(', ') }}</p>
        <p v-if="row.change.went.length">no longer {{ row.change.went.join(', ') }}</p>
        <p v-if="!row.change.came.length && !row.change.went.length" class="soft">
          the same allergens
        </p>
        <p v-if="row.change.wordsIn.length || row.change.wordsOut.length" class="soft">
          <ins v-for="w in row.change.wordsIn" :key="`i${w}`">{{ w }}</ins><del
            v-for="w in row.change.wordsOut"
            :key="`o${w}`"
            >{{ w }}</del
          >
        </p>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.history {
  display: grid;
  gap: 6px;
  padding-top: 14px;
}
h2 {
  font-size: 1.05rem;
  font-weight: 650;
}
ol {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 10px;
}
li {
  border-left: 3px solid var(--strand);
  padding-left: 12px;
}
ins,
del {
  margin-right: 8px;
}
ins {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
  color: var(--ink);
}
</style>
