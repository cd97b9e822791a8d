<script setup lang="ts">
import type { NamedTin, SizedUp } from '#core/pan'

/** In what it is baked: the tins on the shelf, or the form of one of them. */
const props = defineProps<{ up: SizedUp }>()
const house = useHouseStore()
const takeBack = useTakeBack()
const { size, say } = useSizing()

/** A test has cups of its own; a recipe that is sized by its tin needs one. */
const tins = (chosen: readonly NamedTin[]) => {
  const isTinLost = !chosen.length && size.value.target.by === 'tin'
  void say({ tins: chosen, ...(isTinLost ? { target: { by: 'times', times: 1 } } : {}) })
}
const stated = computed((): NamedTin | null =>
  props.up.stated
    ? {
        ...props.up.stated,
        id: 'stated',
        name: size.value.stated?.name ?? props.up.reading?.text ?? 'a tray',
        source: 'the recipe',
      }
    : null,
)

const editing = ref<{ readonly tin: NamedTin | null; readonly what: 'own' | 'stated' } | null>(null)
useDraft('tins', reactive({ editing }))
function leave() {
  forgetDraft(`tin/${editing.value?.tin?.id ?? 'new'}`)
  editing.value = null
}
const heading = computed(() => {
  if (editing.value?.what === 'stated') return 'What the recipe is baked in'
  return editing.value?.tin ? `Your tin: ${editing.value.tin.name}` : 'A tin of your own'
})
async function keepTin(tin: NamedTin) {
  const what = editing.value?.what
  leave()
  if (what === 'stated') {
    await say({ stated: { ...tin, id: 'stated' } })
    return
  }
  await house.keepKitchen({
    ...house.kitchen,
    tins: [...house.kitchen.tins.filter(t => t.id !== tin.id), tin],
  })
  const there = size.value.tins.some(t => t.id === tin.id)
  await say({
    tins: there
      ? size.value.tins.map(t =>
          t.id === tin.id ? { ...tin, count: t.shape === 'cups' ? tin.count : t.count } : t,
        )
      : [tin],
  })
}
async function dropTin(tin: NamedTin) {
  const back = await house.keepKitchen({
    ...house.kitchen,
    tins: house.kitchen.tins.filter(t => t.id !== tin.id),
  })
  takeBack(`“${tin.name}” is thrown away; this bake keeps it.`, 'Bring it back', back)
}
</script>

<template>
  <TinForm
    v-if="editing"
    class="part"
    :tin="editing.tin"
    :heading="heading"
    @keep="keepTin"
    @leave="leave"
  />
  <section v-else class="sheet part" aria-labelledby="what">
    <h2 id="what">In what</h2>
    <TinShelf
      :chosen="size.tins"
      :stated="stated"
      :own="house.kitchen.tins"
      :assumed="size.stated ? [] : (up.reading?.assumed ?? [])"
      @tins="tins"
      @edit="tin => (editing = { tin, what: 'own' })"
      @state="editing = { tin: stated, what: 'stated' }"
      @drop="dropTin"
    />
  </section>
</template>

<style scoped>
.part {
  grid-column: 1;
  padding: 16px 22px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
@media (max-width: 1040px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
