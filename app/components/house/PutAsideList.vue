<script setup lang="ts">
import { keptUntil, type PutAside } from '#core/share'

/** What was taken off this house in the last weeks: brought back, or thrown away for good. */
const house = useHouseStore()
const toast = useToast()
const busy = ref('')
const problem = ref('')
const day = (iso: string) =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
const at = (iso: string) =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
async function bringBack(row: PutAside) {
  busy.value = row.id
  problem.value = ''
  try {
    const { stays } = await house.back(row.id)
    const others = stays.length
      ? `As they are now: ${stays.join(', ')}; you have them otherwise by now.`
      : undefined
    toast.add({ title: `Back: ${row.says}.`, description: others, color: 'neutral' })
  } catch (error) {
    const why = error instanceof Error ? error.message : ''
    problem.value = `This could not be brought back; it is still here. ${why}`
  } finally {
    busy.value = ''
  }
}
const sure = ref('')
const forget = async (row: PutAside) => {
  if (sure.value !== row.id) {
    sure.value = row.id
    return
  }
  sure.value = ''
  await house.forget([row.id])
}
</script>

<template>
  <section class="sheet" aria-labelledby="put-aside">
    <h2 id="put-aside">Put aside</h2>
    <p class="soft">
      Whatever is thrown away, emptied or replaced lies here for 30 days, in this browser alone.
    </p>
    <p v-if="!house.putAside.length" class="soft">Nothing is put aside.</p>
    <ul v-else class="rows">
      <li v-for="row in house.putAside" :key="row.id">
        <p>
          {{ row.says }}
          <span class="soft"
            >· {{ day(row.on) }}, {{ at(row.on) }}; here until {{ day(keptUntil(row)) }}</span
          >
        </p>
        <div class="acts">
          <UButton
            color="neutral"
            variant="outline"
            :loading="busy === row.id"
            :aria-label="`Bring back: ${row.says}`"
            @click="bringBack(row)"
            >Bring back</UButton
          >
          <UButton
            color="neutral"
            variant="ghost"
            :aria-label="`${sure === row.id ? 'Yes, gone for good' : 'Throw away for good'}: ${row.says}`"
            @click="forget(row)"
            @blur="sure = ''"
            >{{ sure === row.id ? 'Yes, gone for good' : 'Throw away for good' }}</UButton
          >
        </div>
      </li>
    </ul>
    <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.sheet {
  padding: 18px 22px;
  display: grid;
  gap: 10px;
}
.rows {
  list-style: none;
  padding: 0;
  margin: 0;
}
.rows li {
  border-top: 1.5px solid var(--line);
  padding: 10px 0;
  display: grid;
  gap: 8px;
}
.refusal {
  color: var(--beet);
  font-weight: 600;
}
</style>
