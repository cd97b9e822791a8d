<script setup lang="ts">
import type { SetAside } from '#core/share'
import { lookThrough } from '~/db/lookThrough'

/**
 * A page that cannot be shown does not blank the rest. The house is looked through once: rows that
 * do not hold together are set aside, and the page comes again without them.
 */
const aside = shallowRef<readonly SetAside[]>([])
const isLooking = ref(false)
const house = useHouseStore()
const route = useRoute()
/** Looked through once for each page: what fails again then has another cause. */
const looked = new Set<string>()
async function heal(clear: () => void) {
  if (looked.has(route.path)) return
  looked.add(route.path)
  isLooking.value = true
  try {
    const found = await lookThrough()
    aside.value = [...aside.value, ...found]
    await house.refresh()
    if (found.length) clear()
  } catch {
    /* Then only the sentence helps. */
  } finally {
    isLooking.value = false
  }
}
</script>

<template>
  <div v-if="aside.length" class="aside no-print" role="alert">
    <p><b>Not everything in this house holds together.</b> The rest works.</p>
    <ul>
      <li v-for="(entry, i) in aside" :key="i">
        {{ entry.sentence }}
        <template v-if="entry.kind === 'person'"
          >Until you say again what they avoid, they avoid everything.</template
        >
      </li>
    </ul>
    <UButton color="neutral" variant="outline" @click="aside = []">Seen</UButton>
  </div>
  <NuxtErrorBoundary>
    <slot />
    <template #error="{ clearError }">
      <BrokenPage :looking="isLooking" @look="heal(clearError)" @again="clearError()" />
    </template>
  </NuxtErrorBoundary>
</template>

<style scoped>
.aside {
  background: var(--beet-pale);
  color: var(--ink);
  border-radius: 14px;
  padding: 12px 18px;
  margin-bottom: 14px;
  display: grid;
  gap: 10px;
  justify-items: start;
}
</style>
