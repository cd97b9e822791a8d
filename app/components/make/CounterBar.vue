<script setup lang="ts">
/** In place of the usual bar while something is being made: how far it is, and for whom. */
const current = useCurrentBake()
const standing = useBeadState()
const make = useMakeStore()
const counter = computed(() => make.counter!)
const hour = useServingHour()
</script>

<template>
  <Teleport defer to="#bench">
    <div class="top" :aria-busy="current.saved === 'saving' || make.replanning">
      <p class="title" :title="current.bake?.title">{{ current.bake?.title }}</p>
      <p class="where">
        <b>{{ Math.min(counter.done + 1, counter.of) }}</b> of {{ counter.of
        }}<template v-if="hour"> · on the table at {{ sayHour(hour) }}</template>
        <b v-if="current.saved === 'failed'" role="alert"> · not saved</b>
      </p>
      <div class="beads">
        <PersonBead
          v-for="person in current.table"
          :key="person.id"
          :person="person"
          :state="standing(person.id)"
          :size="26"
          :label="person.name"
        />
      </div>
    </div>
  </Teleport>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 18px;
  min-width: 0;
}
.top .title {
  font-weight: 650;
  font-size: 1.2rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  min-width: 0;
}
.where {
  color: var(--soft);
}
.where b {
  color: var(--ink);
}
.beads {
  display: flex;
  gap: 4px;
  margin-left: auto;
}
@media (max-width: 760px) {
  .beads {
    display: none;
  }
  .top {
    padding: 6px 0;
  }
  .top .title {
    flex-basis: 100%;
    font-size: 1.06rem;
  }
}
</style>
