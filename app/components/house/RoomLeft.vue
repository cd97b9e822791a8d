<script setup lang="ts">
/** How full the browser's storage is, and whether it stays when the device's disk runs full. */
const { isLasting, used, room, ask } = useStorageRoom()
const asked = ref(false)
async function askOnce() {
  await ask()
  asked.value = true
}
const share = computed(() =>
  used.value !== null && room.value ? Math.min(1, used.value / room.value) : null,
)
const units = [
  ['GB', 1e9],
  ['MB', 1e6],
  ['kB', 1e3],
] as const
function bytes(n: number): string {
  const [name, of] = units.find(([, size]) => n >= size) ?? (['kB', 1e3] as const)
  return `${new Intl.NumberFormat('en-GB', { maximumSignificantDigits: 3 }).format(n / of)} ${name}`
}
</script>

<template>
  <section class="sheet" aria-labelledby="room">
    <h2 id="room">Room in this browser</h2>
    <p v-if="share !== null && used !== null && room !== null">
      <meter :value="share" max="1" high="0.8" aria-label="How full the storage is" />
      {{ bytes(used) }} of {{ bytes(room) }} are used<template v-if="share > 0.8"
        >: nearly full. Save the house file, and throw away for good what is put aside</template
      >.
    </p>
    <p v-else class="soft">This browser does not say how much room there is.</p>
    <p v-if="isLasting">The browser keeps it until you delete it yourself.</p>
    <template v-else-if="isLasting === false">
      <p>
        When this device’s disk runs full, the browser may delete what is kept here.
        <template v-if="asked"
          >It was asked to keep it, and said no; it may say yes once the page is used more often or
          installed.</template
        >
      </p>
      <div class="acts">
        <UButton color="neutral" variant="outline" @click="askOnce"
          >Ask it to keep everything</UButton
        >
      </div>
    </template>
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
</style>
