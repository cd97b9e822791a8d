<script setup lang="ts">
/** On whatever page one is: what a timer at the counter has to say, and the way there. */
const make = useMakeStore()
const route = useRoute()
const away = computed(() => make.active !== null && route.path !== `/make/${make.active.bake}`)
const call = computed(() => (away.value ? make.calls[0] : undefined))
</script>

<template>
  <section
    v-if="call && make.active"
    class="call no-print"
    role="alert"
    aria-label="At the counter"
  >
    <p>
      <b>{{ call.says.charAt(0).toUpperCase() }}{{ call.says.slice(1) }}</b
      >{{ ' ' }}<span class="soft">{{ make.active.title }}</span>
    </p>
    <NuxtLink :to="`/make/${make.active.bake}`" class="way">To the counter</NuxtLink>
    <button
      type="button"
      class="way"
      @click="
        make.sayActive(
          call.mark === null
            ? { do: 'stop', timer: call.timer }
            : { do: 'heard', timer: call.timer, mark: call.mark },
        )
      "
    >
      {{ call.mark === null ? 'It is done' : 'Seen to' }}
    </button>
  </section>
</template>

<style scoped>
.call {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  background: var(--ginger-pale);
  border: 2px solid var(--ginger);
  border-radius: 16px;
  padding: 8px 16px;
  margin-bottom: 12px;
}
.call p {
  flex: 1;
  min-width: 200px;
}
.way {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
  color: var(--ink);
}
</style>
