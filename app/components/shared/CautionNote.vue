<script setup lang="ts">
import type { Caution } from '#core/people'

/** A caution at the line or step that calls for it, with its reason one press away. */
defineProps<{ caution: Caution }>()
</script>

<template>
  <details class="caution">
    <summary>
      <UIcon name="i-lucide-triangle-alert" class="icon" aria-hidden="true" /><span>{{
        caution.says
      }}</span>
    </summary>
    <p class="soft">
      {{ caution.because }}<template v-if="caution.defer">; {{ caution.defer }} decides</template>.
      Source: {{ caution.source }}
    </p>
  </details>
</template>

<style scoped>
.caution {
  font-size: 0.92rem;
  color: var(--ginger-ink);
  padding: 0 6px 6px;
}
summary {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  cursor: pointer;
  min-height: 44px;
  padding: 8px 0;
  list-style: none;
}
summary::-webkit-details-marker {
  display: none;
}
.icon {
  flex: none;
  width: 20px;
  height: 20px;
  margin-top: 1px;
}
p {
  padding-left: 28px;
}
</style>
