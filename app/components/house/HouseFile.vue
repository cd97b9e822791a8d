<script setup lang="ts">
/** How much is kept in this browser, and the file that holds all of it. */
import { canKeepFile } from '~/ports/houseFileHandle'

const house = useHouseStore()
const filed = useFiledStore()
const { refusal, isBusy, share, stop, aside, found, open, leave, takePlace, bringTogether } =
  useHouseFile()
const changedSays = computed(() => {
  const n = filed.changed.length
  if (!n) return 'nothing has'
  return n === 1 ? 'one bake has' : `${n} bakes have`
})
const picker = useTemplateRef<HTMLInputElement>('picker')
function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) void open(file)
}
const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`
const kept = computed(() =>
  new Intl.ListFormat('en-GB').format([
    counted(house.people.length, 'person', 'people'),
    counted(house.packets.length, 'packet', 'packets'),
    counted(house.shelf.length, 'bake', 'bakes'),
  ]),
)
</script>

<template>
  <section class="sheet">
    <h2>House file</h2>
    <p>{{ kept }} are kept in this browser, and nowhere else. The house file holds all of it.</p>
    <div class="acts">
      <UButton color="neutral" icon="i-lucide-archive" @click="filed.save"
        >Save the house file</UButton
      >
      <UButton
        color="neutral"
        variant="outline"
        icon="i-lucide-archive-restore"
        :loading="isBusy"
        @click="picker?.click()"
        >Open a house file</UButton
      >
      <input
        ref="picker"
        type="file"
        accept=".json,application/json"
        class="sr-only"
        tabindex="-1"
        aria-label="House file to open"
        @change="picked"
      />
    </div>
    <p class="soft">
      <template v-if="filed.on"
        >Last written to a file on {{ sayDay(filed.on.slice(0, 10)) }}; {{ changedSays }} changed
        since.</template
      >
      <template v-else>It was never written to a file.</template>
    </p>
    <p v-if="filed.file" role="status">
      “{{ filed.file.name }}” is kept current by itself.
      <UButton color="neutral" variant="ghost" @click="filed.letGo">Keep it no longer</UButton>
    </p>
    <div v-else-if="canKeepFile()" class="acts">
      <UButton color="neutral" variant="outline" @click="filed.keepCurrent"
        >Keep a file current by itself</UButton
      >
    </div>
    <p class="soft">
      What is here stays until you say what becomes of it, and it can be brought back for 30 days.
    </p>
    <p v-if="share !== null" class="soft going" role="status">
      <progress :value="share" max="1" aria-label="How far the file is read" />
      {{ Math.round(100 * share) }} % of the file is read and looked through.
      <UButton color="neutral" variant="outline" @click="stop">Stop</UButton>
    </p>
    <MetHouse
      v-if="found"
      :key="found.name"
      :name="found.name"
      :met="found.met"
      :busy="isBusy"
      @together="bringTogether"
      @in-place="takePlace"
      @leave="leave"
    />
    <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
    <div v-if="aside.length" role="alert">
      <p>Not everything in this file holds together. The rest is here.</p>
      <ul>
        <li v-for="(entry, i) in aside" :key="i">{{ entry.sentence }}</li>
      </ul>
    </div>
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
.going {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
.refusal {
  color: var(--beet);
  font-weight: 600;
}
</style>
