<script setup lang="ts">
import type { Keeping } from '#core/day'

/** What is made days before, kept or frozen, as long as each bake of the day keeps. */
const { bake, day, wish, titles } = inject(bakeDayKey)!
const current = useCurrentBake()
const keeping = shallowRef<Readonly<Record<string, Keeping>>>({})
watch(
  () => [bake.value?.id, bake.value?.plan, bake.value?.recipe, day.value.with],
  async () => {
    keeping.value = Object.fromEntries(await useCore().keepings(await current.bakesOf(day.value)))
  },
  { immediate: true },
)
/** A week is the longest that anything is kept unfrozen. */
const week = 7
const frozenFor = [1, 2, 3, 7, 14, 30, 60]
const ways = (id: string) => {
  const keeps = keeping.value[id]
  if (!keeps) return []
  const kept = Array.from({ length: Math.min(week, keeps.days) }, (_, n) => ({
    value: `kept ${n + 1}`,
    says: n ? `${n + 1} days before` : 'the day before',
  }))
  const frozen = frozenFor
    .filter(days => days <= keeps.frozenDays)
    .map(days => ({
      value: `frozen ${days}`,
      says: `${days === 1 ? 'the day' : `${days} days`} before, frozen`,
    }))
  return [{ value: '', says: 'on the day' }, ...kept, ...frozen]
}
const aheadOf = (id: string) => {
  const ahead = day.value.wishes.ahead?.[id]
  return ahead ? `${ahead.how} ${ahead.days}` : ''
}
function makeAhead(id: string, way: string) {
  const { [id]: _, ...rest } = day.value.wishes.ahead ?? {}
  const [how, days] = way.split(' ')
  void wish({
    ahead: way ? { ...rest, [id]: { how: how as 'kept' | 'frozen', days: Number(days) } } : rest,
  })
}
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <details class="with">
    <summary>
      {{ Object.keys(day.wishes.ahead ?? {}).length ? 'made ahead' : 'make it ahead' }}
    </summary>
    <label v-for="(name, id) in titles" :key="id" class="check"
      >{{ name }}
      <select
        class="input"
        :value="aheadOf(id)"
        :aria-label="`Made ahead: ${name}`"
        @change="makeAhead(id, value($event))"
      >
        <option v-for="way in ways(id)" :key="way.value" :value="way.value">
          {{ way.says }}
        </option></select
      >{{ ' '
      }}<span v-if="keeping[id]" class="soft"
        >{{ keeping[id].says }}, {{ keeping[id].span }}; frozen: {{ keeping[id].freeze }}.<template
          v-for="text in keeping[id].told"
          :key="text"
        >
          The recipe: “{{ text }}”</template
        ></span
      ></label
    >
  </details>
</template>

<style scoped>
.with summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.with[open] {
  flex-basis: 100%;
}
.check {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  font-weight: 400 !important;
}
</style>
