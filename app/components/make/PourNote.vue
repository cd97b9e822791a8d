<script setup lang="ts">
import type { Pour } from '#core/make'

/** More or less went in than was wanted: what that does, and what can be done. */
const props = defineProps<{ pour: Pour; name: string; got: number }>()
const emit = defineEmits<{ again: []; leave: []; scale: [factor: number] }>()
const more = computed(() => props.pour.by > 0)
const shown = computed(() => props.pour.shifts.filter(s => s.says).slice(0, 3))
const outside = computed(() => props.pour.shifts.filter(s => !s.inside))
</script>

<template>
  <div class="note" role="alert">
    <p>
      <b>{{ sayGrams(Math.abs(pour.by)) }} g too {{ more ? 'much' : 'little' }}</b
      >{{
        pour.percent
          ? ` (${pour.percent > 0 ? '+' : '−'}${Math.abs(Math.round(pour.percent))} %)`
          : ''
      }}.
      <template v-if="!shown.length">Hardly anybody will notice.</template>
      <template v-else
        >{{ outside.length ? 'That goes beyond what this dessert bears' : 'Still this dessert' }}:
        <template v-for="(shift, n) in shown" :key="shift.measure"
          >{{ n ? '; ' : '' }}{{ shift.name }} {{ shift.percent > 0 ? '+' : '−'
          }}{{ Math.abs(shift.percent) }} %, {{ shift.says }}</template
        >.</template
      >
    </p>
    <details v-if="pour.factor !== null">
      <summary>
        Scale the rest by {{ (Math.round(pour.factor * 1000) / 1000).toLocaleString('en') }}
      </summary>
      <ul>
        <li v-for="each in pour.topUp.filter(t => t.grams > 0.4)" :key="`t${each.name}`">
          {{ sayGrams(each.grams) }} g more {{ each.name }}
        </li>
        <li v-for="each in pour.ahead" :key="`a${each.name}`">
          {{ each.name }}: {{ sayGrams(each.to) }} instead of {{ sayGrams(each.from) }} g
        </li>
      </ul>
    </details>
    <p v-else-if="more" class="soft">
      The rest cannot be scaled to it: {{ pour.whyNot.charAt(0).toLowerCase()
      }}{{ pour.whyNot.slice(1) }}
    </p>
    <div class="acts">
      <button
        type="button"
        class="knuckle"
        :class="outside.length ? 'done' : 'ghost'"
        @click="emit('again')"
      >
        {{ more ? 'I take some out' : 'I add some' }}
      </button>
      <button
        v-if="pour.factor !== null"
        type="button"
        class="knuckle ghost"
        @click="emit('scale', pour.factor)"
      >
        Scale the rest
      </button>
      <button
        type="button"
        class="knuckle"
        :class="outside.length ? 'ghost' : 'done'"
        @click="emit('leave')"
      >
        Leave it so
      </button>
    </div>
  </div>
</template>

<style scoped>
.note {
  background: var(--ginger-pale);
  border-radius: 16px;
  padding: 14px 16px;
  display: grid;
  gap: 10px;
  font-size: 1.06rem;
}
summary {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.acts > * {
  flex: 1;
  min-width: 120px;
}
</style>
