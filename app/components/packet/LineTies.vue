<script setup lang="ts">
import { whyNotChecked, type Packet } from '#core/packet'
import type { PacketLink } from '#core/people'
import type { Line } from '#core/recipe'
import type { Bake } from '#core/share'

/**
 * The lines of a bake and the packets that they come out of: one press ties them; the bake's
 * verdict rests on what is tied.
 */
const props = defineProps<{
  bake: Bake
  packets: readonly Packet[]
  nameOf: ReadonlyMap<string, string>
  bought: ReadonlySet<string>
  lookFor: ReadonlyMap<string, readonly string[]>
}>()
const emit = defineEmits<{
  tie: [to: Pick<PacketLink, 'ingredient' | 'lineId'>, packets: readonly string[]]
  open: [id: string]
  fresh: [ingredient: string | null, name: string, to: Pick<PacketLink, 'ingredient' | 'lineId'>]
}>()

interface Row {
  readonly key: string
  readonly to: Pick<PacketLink, 'ingredient' | 'lineId'>
  readonly lines: readonly Line[]
  readonly name: string
  readonly tied: readonly string[]
  readonly asks: readonly string[]
}
const rows = computed((): Row[] => {
  const found = new Map<string, { to: Row['to']; lines: Line[] }>()
  for (const line of (props.bake.plan?.recipe ?? props.bake.recipe).components.flatMap(c =>
    c.lines.flatMap(l => [l, ...l.orElse]),
  )) {
    if (!props.bought.has(line.ingredient ?? '')) continue
    const to = line.ingredient
      ? { ingredient: line.ingredient, lineId: null }
      : { ingredient: null, lineId: line.id }
    const key = line.ingredient ?? `line:${line.id}`
    const row = found.get(key) ?? { to, lines: [] }
    row.lines.push(line)
    found.set(key, row)
  }
  return [...found]
    .map(([key, { to, lines }]) => ({
      key,
      to,
      lines,
      name: (to.ingredient && props.nameOf.get(to.ingredient)) || lines[0]!.name || lines[0]!.text,
      tied:
        props.bake.ties.find(t => t.ingredient === to.ingredient && t.lineId === to.lineId)
          ?.packets ?? [],
      asks: to.ingredient ? (props.lookFor.get(to.ingredient) ?? []) : [],
    }))
    .sort(
      (a, b) =>
        Number(b.asks.length > 0 && !b.tied.length) - Number(a.asks.length > 0 && !a.tied.length),
    )
})
const packetOf = (id: string) => props.packets.find(p => p.id === id)
const choices = (row: Row) =>
  props.packets
    .filter(p => !row.tied.includes(p.id))
    .sort(
      (a, b) =>
        Number(b.ingredient === row.to.ingredient) - Number(a.ingredient === row.to.ingredient) ||
        a.name.localeCompare(b.name),
    )
    .map(p => ({ value: p.id, label: `${p.name}${p.where ? `, ${p.where}` : ''}` }))
const fits = (row: Row) =>
  props.packets.filter(
    p => p.ingredient !== null && p.ingredient === row.to.ingredient && !row.tied.includes(p.id),
  )
</script>

<template>
  <ul class="ties">
    <li v-for="row in rows" :key="row.key" :class="{ wanted: row.asks.length && !row.tied.length }">
      <div class="what">
        <b>{{ row.name }}</b><span class="soft small">{{
          row.lines.map(l => l.text).join(' · ')
        }}</span
        ><span v-if="row.asks.length && !row.tied.length" class="asks small"
          >look for {{ row.asks.join(', ') }}</span
        >
      </div>
      <div class="with">
        <span v-for="id in row.tied" :key="id" class="tied">
          <button type="button" class="name" @click="emit('open', id)">
            {{ packetOf(id)?.name ?? 'a packet that is gone'
            }}<span class="soft small">{{
              packetOf(id)
                ? whyNotChecked(packetOf(id)!, today()) ||
                  `read on ${sayDay(packetOf(id)!.checkedOn)}`
                : ''
            }}</span>
          </button>
          <UButton
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`${row.name} does not come out of ${packetOf(id)?.name ?? 'it'}`"
            @click="
              emit(
                'tie',
                row.to,
                row.tied.filter(t => t !== id),
              )
            "
          />
        </span>
        <template v-if="!row.tied.length">
          <UButton
            v-for="packet in fits(row).slice(0, 2)"
            :key="packet.id"
            color="neutral"
            variant="outline"
            icon="i-lucide-link"
            :aria-label="`${row.name} comes out of ${packet.name}`"
            @click="emit('tie', row.to, [packet.id])"
            >{{ packet.name
            }}<template v-if="fits(row).length > 1 && packet.where"
              >, {{ packet.where }}</template
            ></UButton
          >
        </template>
        <USelectMenu
          v-if="choices(row).length"
          :key="row.tied.length"
          :items="choices(row)"
          value-key="value"
          :placeholder="
            row.tied.length
              ? 'and another'
              : fits(row).length
                ? 'another packet'
                : 'choose a packet'
          "
          :aria-label="`Packet for ${row.name}`"
          class="choose"
          @update:model-value="emit('tie', row.to, [...row.tied, String($event)])"
        />
        <UButton
          v-if="!row.tied.length"
          color="neutral"
          variant="ghost"
          icon="i-lucide-plus"
          :aria-label="`New packet for ${row.name}`"
          @click="emit('fresh', row.to.ingredient, '', row.to)"
          >new</UButton
        >
      </div>
    </li>
  </ul>
</template>

<style scoped>
.ties {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 4px 16px;
  border-top: 1.5px solid var(--line);
  padding: 8px 4px;
  align-items: center;
}
li:first-child {
  border-top: 0;
}
.wanted {
  box-shadow: inset 4px 0 0 -1px var(--slate);
  padding-left: 12px;
}
.what {
  display: grid;
  gap: 1px;
  overflow-wrap: anywhere;
}
.small {
  font-size: 0.9rem;
}
.asks {
  color: var(--slate);
  font-weight: 600;
}
.with {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.tied {
  display: inline-flex;
  align-items: center;
  background: var(--ground);
  border-radius: 14px;
  padding-left: 12px;
}
.name {
  display: grid;
  text-align: left;
  cursor: pointer;
  min-height: 46px;
  align-content: center;
  font-weight: 600;
}
.name .small {
  font-weight: 400;
}
.choose {
  min-width: 150px;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
