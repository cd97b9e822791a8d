<script setup lang="ts">
import { turned } from '#core/trial'

/** What trials have taught this house: its doses and ways, on what they rest, each to be taken back. */
const props = defineProps<{ fresh: readonly string[] }>()
const house = useHouseStore()
type Learned = Awaited<ReturnType<ReturnType<typeof useCore>['school']>>
const school = shallowRef<Learned | null>(null)
watch(
  () => house.lessons,
  async lessons => {
    school.value = await useCore().school(lessons)
  },
  { immediate: true },
)
const figures = computed(() => [
  ...(school.value?.doses ?? []).map(d => ({
    id: `dose|${d.dose.family}|${d.dose.school}`,
    name: d.name,
    says: d.says,
    factor: d.dose.factor,
  })),
  ...(school.value?.rests ?? []).map(r => ({
    id: `rest|${r.rest.family}|${r.rest.of}`,
    name: r.name,
    says: r.says,
    factor: r.rest.factor,
  })),
])
const turn = (id: string, off: boolean) => house.keepLessons(turned(house.lessons, id, off))
const byDessert = computed(() => {
  const groups = new Map<string, NonNullable<Learned>['lessons'][number][]>()
  for (const l of school.value?.lessons ?? [])
    groups.set(l.lesson.title, [...(groups.get(l.lesson.title) ?? []), l])
  return [...groups]
})
const oven = computed(() => house.kitchen.oven)
const spoons = computed(() => house.stock.spoons.length)
const paces = computed(() => Object.keys(house.kitchen.pace ?? {}).length)
</script>

<template>
  <section class="school" aria-labelledby="school-head">
    <div class="sheet part">
      <h2 id="school-head">This house’s own school</h2>
      <p v-if="!house.lessons.length" class="soft">
        Nothing yet. When a trial has a winner, the house can learn its dose, its rest, its way of
        working and that it worked; every plan from then on is worked out with it and says so.
      </p>
      <ul v-if="figures.length" class="doses">
        <li v-for="f in figures" :key="f.id">
          <span class="by" aria-hidden="true">× {{ f.factor.toFixed(2) }}</span
          ><span
            ><b>{{ f.name }}</b
            ><br />{{ f.says }}</span
          >
        </li>
      </ul>
      <p v-for="says in school?.sayings ?? []" :key="says">{{ says }}</p>
      <p v-if="house.lessons.length" class="soft">
        One trial moves a dose or a rest only by its share: two trials in which nothing changed are
        reckoned in beforehand. Nothing that is learned here changes who may eat what.
      </p>
    </div>
    <div v-for="[title, lessons] in byDessert" :key="title" class="sheet part">
      <h3>{{ title }}</h3>
      <ul class="lessons">
        <li
          v-for="l in lessons"
          :key="l.lesson.id"
          :class="{ off: l.lesson.off, fresh: props.fresh.includes(l.lesson.id) }"
        >
          <label
            ><input
              type="checkbox"
              :checked="!l.lesson.off"
              @change="turn(l.lesson.id, !($event.target as HTMLInputElement).checked)"
            /><span
              >{{ l.says }}<span class="soft"> · {{ sayDay(l.lesson.on) }}</span></span
            ></label
          >
        </li>
      </ul>
    </div>
    <div class="sheet part">
      <h3>And besides trials</h3>
      <p>
        {{
          oven.log.length
            ? `The oven: ${oven.log.length} ${oven.log.length === 1 ? 'bake' : 'bakes'} remembered`
            : 'The oven: nothing remembered'
        }}{{
          oven.offset === null
            ? ''
            : `, set to ${oven.offset > 0 ? '+' : ''}${oven.offset} °C by hand`
        }}.
        {{
          spoons
            ? `${spoons} ${spoons === 1 ? 'spoon or cup' : 'spoons and cups'} weighed here`
            : 'No spoon weighed here'
        }}.
        {{
          paces
            ? `The pace of these hands: ${paces} ${paces === 1 ? 'kind' : 'kinds'} of work`
            : 'The pace of these hands: not learned'
        }}.
      </p>
      <div class="row">
        <NuxtLink to="/pan" class="link">Pan and oven</NuxtLink
        ><NuxtLink to="/spoons" class="link">Spoons</NuxtLink
        ><NuxtLink to="/day" class="link">The day</NuxtLink>
      </div>
    </div>
  </section>
</template>

<style scoped>
.school {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.part {
  padding: 16px 22px;
  display: grid;
  gap: 10px;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
h3 {
  font-size: 1.08rem;
  font-weight: 650;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.doses li {
  display: flex;
  gap: 18px;
  align-items: center;
}
.by {
  font-size: 1.4rem;
  font-weight: 700;
  color: var(--ginger-ink);
  min-width: 84px;
}
.lessons label {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
  border-radius: 10px;
  padding: 0 6px;
}
.lessons input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
  flex: none;
}
.off {
  color: var(--soft);
  text-decoration: line-through;
}
.fresh label {
  background: var(--ginger-pale);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
</style>
