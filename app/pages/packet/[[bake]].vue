<script setup lang="ts">
import type { Region } from '#core/measure'
import { newPacket, type Packet } from '#core/packet'
import type { Claims, ContactPlan, PacketCoverage, PacketLink } from '#core/people'

const { missing, opened } = useBake()
const current = useCurrentBake()
const route = useRoute()
const house = useHouseStore()
const undo = useTakeBack()
const { looks, looked } = usePackets()
useHead({ title: () => `Packets${current.bake ? `: ${current.bake.title}` : ''}` })

// The sheet brings a validator along, so it is fetched when a packet is opened.
const PacketSheet = defineAsyncComponent(() => import('~/components/packet/PacketSheet.vue'))
// Shallow: what is kept must be plain data, all the way down.
const open = shallowRef<{
  packet: Packet
  fresh: boolean
  to: Pick<PacketLink, 'ingredient' | 'lineId'> | null
} | null>(null)
const names = shallowRef<readonly { id: string; name: string }[]>([])
watch(
  [() => current.bake?.region, () => house.stocked],
  async ([region]) => {
    names.value = await useCore().ingredientNames(region ?? ('uk' as Region))
  },
  { immediate: true },
)
const nameOf = computed(() => new Map(names.value.map(n => [n.id, n.name])))

interface Safety {
  readonly resting: PacketCoverage
  readonly says: string
  readonly claims: Claims
  readonly contact: ContactPlan
  readonly lookFor: ReadonlyMap<string, readonly string[]>
}
const safety = shallowRef<Safety | null>(null)
const bought = shallowRef<ReadonlySet<string>>(new Set())
let turn = 0
watch(
  [() => current.bake, () => current.table, () => house.packets],
  async ([bake, table, packets]) => {
    if (!bake) {
      safety.value = null
      return
    }
    const now = ++turn
    const recipe = bake.plan?.recipe ?? bake.recipe
    const [found, kinds] = await Promise.all([
      useCore().safety(recipe, table, bake.ties, { packets, today: today() }),
      useCore().boughtIn(recipe),
    ])
    if (now !== turn) return
    bought.value = new Set(kinds)
    safety.value = {
      resting: found.claims.coverage,
      says: found.claims.restsSays,
      claims: found.claims,
      contact: found.contact,
      lookFor: new Map(found.toRead.map(r => [r.ingredient, r.lookFor])),
    }
  },
  { immediate: true },
)

const trouble = ref('')
const sheet = useTemplateRef<HTMLElement>('sheet')
async function show(
  packet: Packet,
  fresh = false,
  to: Pick<PacketLink, 'ingredient' | 'lineId'> | null = null,
) {
  open.value = { packet, fresh, to }
  await nextTick()
  sheet.value?.focus()
  sheet.value?.scrollIntoView({ block: 'nearest' })
}
const begin = (
  name = '',
  ingredient: string | null = null,
  to: Pick<PacketLink, 'ingredient' | 'lineId'> | null = null,
) => show(newPacket(crypto.randomUUID(), name, ingredient), true, to)
const openById = (id: string) => {
  const packet = house.packets.find(p => p.id === id)
  if (packet) void show(packet)
}
async function keep(packet: Packet, label: string | undefined) {
  const was = open.value
  const before = house.packets.find(p => p.id === packet.id)
  trouble.value = ''
  // The sheet stays open, with all that was typed, until it is really kept.
  try {
    await house.keepPacket(packet, label)
  } catch {
    trouble.value =
      'This packet could not be kept (private mode, or the disk is full). What you typed is still here.'
    return
  }
  // Whoever has opened another meanwhile stays there.
  if (open.value === was) open.value = null
  if (was?.to) await current.tie(was.to, [packet.id])
  if (before) undo(`“${packet.name}” is kept.`, 'Undo', () => house.keepPacket(before))
}
async function drop() {
  const packet = open.value?.packet
  open.value = null
  if (!packet) return
  const back = await house.dropPacket(packet)
  undo(`“${packet.name}” is thrown away.`, 'Bring back', back)
}
const old = computed(() =>
  looks.value.filter(
    l =>
      !l.packet.checkedOn ||
      l.check.people.some(p => p.conflicts.some(c => c.rule === 'packet-not-read')),
  ),
)
</script>

<template>
  <NoBake v-if="opened && missing && route.params.bake" :missing="missing" />
  <div v-else class="page">
    <BenchBar v-if="current.bake" />
    <div class="grid" :class="{ opened: open }">
      <div class="main">
        <section v-if="current.bake" class="sheet block" aria-labelledby="lines">
          <h1 id="lines">Out of which packets</h1>
          <template v-if="safety">
            <p class="rests">
              <b>{{ safety.resting.onPackets }} of {{ safety.resting.bought }}</b> bought lines rest
              on a packet that was read.
            </p>
            <SaidList :claims="safety.claims" class="saids" />
          </template>
          <LineTies
            :bake="current.bake"
            :packets="house.packets"
            :name-of="nameOf"
            :bought="bought"
            :look-for="safety?.lookFor ?? new Map()"
            @tie="current.tie"
            @open="openById"
            @fresh="(ingredient, name, to) => begin(name, ingredient, to)"
          />
        </section>
        <section v-if="current.bake && safety?.contact.steps.length" class="sheet block">
          <ContactSteps
            :plan="safety.contact"
            :people="current.table"
            :ticked="current.bake.ticked"
            @tick="current.tick"
          />
        </section>
        <section class="sheet block" aria-labelledby="packets">
          <div class="head">
            <component :is="current.bake ? 'h2' : 'h1'" id="packets">Packets of the house</component
            ><UButton color="neutral" size="xl" icon="i-lucide-plus" @click="begin()"
              >New packet</UButton
            >
          </div>
          <p v-if="!looked" class="soft">Looking …</p>
          <p v-else-if="!looks.length" class="soft">
            No packet is entered yet. Type or photograph what stands on one, and Ingwer says who may
            eat it, and remembers when you looked.
          </p>
          <p v-else-if="old.length" class="soft">
            {{ old.length === 1 ? 'One packet wants' : `${old.length} packets want` }} to be read
            again.
          </p>
          <PacketRow
            v-for="look in looks"
            :key="look.packet.id"
            :look="look"
            :people="house.residents"
            :active="open?.packet.id === look.packet.id"
            @open="show(look.packet)"
          />
        </section>
      </div>
      <aside
        v-if="open"
        ref="sheet"
        class="sheet side"
        tabindex="-1"
        :aria-label="open.fresh ? 'A new packet' : open.packet.name"
      >
        <PacketSheet
          :key="open.packet.id"
          :packet="open.packet"
          :fresh="open.fresh"
          :names="names"
          :people="house.residents"
          @keep="keep"
          @drop="drop"
          @cancel="open = null"
        />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <PacketHistory v-if="!open.fresh" :packet="open.packet" />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  gap: 22px;
  grid-template-columns: minmax(0, 1fr);
  align-items: start;
}
.grid.opened {
  grid-template-columns: minmax(0, 1fr) 500px;
}
.main {
  display: grid;
  gap: 18px;
  grid-template-columns: minmax(0, 1fr);
  max-width: 980px;
}
.block {
  padding: 18px 22px;
}
h1,
h2 {
  font-size: 1.35rem;
  font-weight: 650;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
  margin-bottom: 6px;
}
.rests {
  margin: 4px 0 8px;
}
.saids {
  margin-bottom: 10px;
}
.trouble {
  color: var(--beet);
  font-weight: 600;
  padding-top: 10px;
}
.side {
  padding: 20px 22px;
  outline: none;
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 16px);
  overflow: auto;
}
@media (max-width: 1100px) {
  .grid.opened {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    position: static;
    max-height: none;
    order: -1;
  }
}
@media (max-width: 760px) {
  .block,
  .trouble {
    color: var(--beet);
    font-weight: 600;
    padding-top: 10px;
  }
  .side {
    padding: 16px;
  }
}
</style>
