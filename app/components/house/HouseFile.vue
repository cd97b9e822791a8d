<script setup lang="ts">
/** How much is kept in this browser, and the file that holds all of it. */
const house = useHouseStore()
const { refusal, reading, share, aside, save, open } = useHouseFile()
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
      <UButton color="neutral" icon="i-lucide-archive" @click="save">Save the house file</UButton>
      <UButton
        color="neutral"
        variant="outline"
        icon="i-lucide-archive-restore"
        :loading="reading"
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
      Opening one puts its house in place of this one; you can take that back at once.
    </p>
    <p v-if="share !== null" class="soft" role="status">
      <progress :value="share" max="1" aria-label="How far the file is read" />
      {{ Math.round(100 * share) }} % of the file is read and looked through.
    </p>
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
.refusal {
  color: var(--beet);
  font-weight: 600;
}
</style>
