<script setup lang="ts">
import { backToDisk } from '~/db/backToDisk'
import { diskState, type DiskFault } from '~/db/disk'

/** The disk does not take the house: why, what that means, and how nothing of it is lost. */
const filed = useFiledStore()
const says: Readonly<Record<DiskFault, string>> = {
  full: 'This device’s disk is full, or what the browser may use of it.',
  refused: 'This browser keeps nothing for this page: a private window, or storage is turned off.',
  newer: 'A newer Ingwer has taken over this house, in another tab perhaps: load this page again.',
  held: 'Another tab holds an older Ingwer open: close it, then try again.',
  silent: 'The database of this browser does not answer.',
  broken: 'The database of this browser cannot be opened or written to.',
}
const busy = ref(false)
const failed = ref(false)
async function again() {
  busy.value = true
  failed.value = !(await backToDisk())
  busy.value = false
}
function warn(event: BeforeUnloadEvent) {
  if (diskState.fault && diskState.unsaved) event.preventDefault()
}
onMounted(() => window.addEventListener('beforeunload', warn))
onBeforeUnmount(() => window.removeEventListener('beforeunload', warn))
</script>

<template>
  <div v-if="diskState.fault" class="disk no-print" role="alert">
    <p>
      <b>{{ says[diskState.fault] }}</b> You can go on; it stays only while this page is open.
      <template v-if="diskState.unsaved">
        {{ diskState.unsaved === 1 ? 'One change is' : `${diskState.unsaved} changes are` }} in no
        file and on no disk.
      </template>
      <template v-else>Nothing is unsaved now.</template>
    </p>
    <div class="acts">
      <UButton color="neutral" @click="filed.save">Save the house file</UButton>
      <UButton color="neutral" variant="outline" :loading="busy" @click="again"
        >Try the disk again</UButton
      >
    </div>
    <p v-if="failed" class="soft">The disk still does not take it. Nothing is lost so far.</p>
  </div>
</template>

<style scoped>
.disk {
  background: var(--beet-pale);
  color: var(--ink);
  border-radius: 14px;
  padding: 12px 18px;
  margin-bottom: 14px;
  display: grid;
  gap: 10px;
}
</style>
