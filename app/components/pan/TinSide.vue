<script setup lang="ts">
import type { SizedUp } from '#core/pan'

/** Beside the choices: the batter in the tin that is looked at, how long it bakes, how it is cut. */
const props = defineProps<{ up: SizedUp; at: SizedUp['tins'][number] | null }>()
const looked = defineModel<number>('looked', { required: true })
const current = useCurrentBake()
const sizes = useSize()
const house = useHouseStore()
const takeBack = useTakeBack()
const isFlat = computed(
  () => !props.at || props.at.tin.shape === 'tray' || Boolean(props.up.pieces),
)
/** Where a recipe says no heat, an oven's log is kept as of a middling one. */
const middling = 175
async function took(minutes: number, expected: number) {
  const { bake } = current
  if (!bake) return
  const note = {
    on: today(),
    bake: bake.id,
    title: bake.title,
    celsius: props.up.bake?.celsius ?? middling,
    expected,
    took: minutes,
  }
  const back = await house.keepKitchen({
    ...house.kitchen,
    oven: { ...house.kitchen.oven, log: [...house.kitchen.oven.log.slice(-199), note] },
  })
  takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
}
</script>

<template>
  <aside class="side">
    <div v-if="up.tins.length > 1" class="tabs" role="group" aria-label="Tin">
      <button
        v-for="(tin, i) in up.tins"
        :key="tin.name"
        type="button"
        class="tab"
        :aria-pressed="i === looked"
        @click="looked = i"
      >
        {{ tin.name }}
      </button>
    </div>
    <section v-if="at && up.batter" class="picture" aria-label="In the tin">
      <p class="holds">
        <b>{{ at.name }}</b>
      </p>
      <TinCut v-if="!isFlat" :filling="at.filling" :name="at.name" />
      <p v-if="!isFlat" class="tiny">
        {{ Math.round(up.batter.grams) }} g of {{ up.batter.familyName.split(' or ')[0] }} batter,
        about {{ Math.round(up.batter.ml) }} ml<template
          v-if="at.filling.tin.count > 1 || up.tins.length > 1"
          >; <b>{{ Math.round(at.gramsEach) }} g in each</b
          >{{ at.filling.tin.shape === 'cups' ? ', to top up evenly' : '' }}</template
        >.
      </p>
      <TinFigures v-if="!isFlat" :up="up" :at="at" />
      <PieceDrawing v-if="isFlat" :pieces="up.pieces" :cut="up.cut" :tin="at.tin" />
      <p v-if="up.pieces && up.pieces.loads > 1" class="tiny">
        Portion the next tray three minutes before the oven is free.
      </p>
    </section>
    <p v-else-if="!up.batter" class="misfit">
      No line of this has a weight, so nothing can be said of depth or time. Amounts are put in at
      the recipe.
    </p>
    <p v-else class="misfit">The recipe names no tin. Choose one, and depth and time follow.</p>
    <BakeTimes v-if="at" :up="up" :at="at" :working="sizes.sizing" @took="took" />
    <section v-if="!isFlat && up.cut && at" aria-labelledby="cut">
      <h2 id="cut">Cutting it</h2>
      <PieceDrawing :pieces="null" :cut="up.cut" :tin="at.tin" />
    </section>
  </aside>
</template>

<style scoped>
.side {
  grid-column: 2;
  grid-row: 1 / span 12;
  display: grid;
  gap: 14px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.holds {
  font-size: 1.1rem;
}
.picture {
  display: grid;
  gap: 6px;
}
.tiny {
  font-size: 0.95rem;
  line-height: 1.35;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.tab {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  font-weight: 600;
}
.misfit {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 10px 14px;
}
@media (max-width: 1040px) {
  .side {
    grid-column: 1;
    grid-row: auto;
  }
}
</style>
