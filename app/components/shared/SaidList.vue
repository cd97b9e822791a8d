<script setup lang="ts">
import { saidOf, type Claims } from '#core/people'
import { restsOnRead } from '#core/share'

/**
 * What is said of a dessert: for whom it is not, of whom nobody knows, what was found. Only what
 * rests on a packet that was read for every bought line has the green of what was found.
 */
const props = defineProps<{ claims: Claims }>()
const said = computed(() => saidOf(props.claims))
const isSure = computed(() => restsOnRead({ claims: props.claims }))
const because = (name: string) =>
  props.claims.notFor.find(each => each.name === name)?.because ?? ''
</script>

<template>
  <div class="said">
    <p
      v-for="each in said"
      :key="each.says"
      :class="[each.is.replace(' ', '-'), { sure: each.is === 'claim' && isSure }]"
    >
      {{ each.says }}
    </p>
    <details v-if="claims.notFor.length" class="why no-print">
      <summary>Why not</summary>
      <ul>
        <li v-for="each in claims.notFor" :key="each.personId">
          <b>{{ each.name }}</b>: {{ because(each.name) }}
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.said {
  display: grid;
  gap: 6px;
}
p {
  padding-left: 14px;
  border-left: 4px dashed var(--slate);
}
.not-for {
  border-left: 6px solid var(--beet);
  font-weight: 700;
}
.claim {
  font-weight: 600;
}
.claim.sure {
  border-left: 4px solid var(--leaf);
}
.why summary {
  cursor: pointer;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  padding-left: 18px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.why ul {
  margin: 0;
  padding-left: 2.2em;
  display: grid;
  gap: 4px;
}
</style>
