<script setup lang="ts">
import { avoidableName, type FieldReading, type PacketHit } from '#core'

/**
 * The words of a packet as they were read: what contains, what may contain, what leaves it open,
 * what nobody knows, each marked in its place and listed with its reason.
 */
const props = defineProps<{ fields: readonly FieldReading[] }>()

type State = 'contains' | 'trace' | 'open' | 'unknown' | 'claim'
const order: readonly State[] = ['contains', 'trace', 'open', 'unknown', 'claim']
const labels = {
  statement: 'Statement',
  containsLine: 'Contains line',
  mayContainLine: 'May-contain line',
  facility: 'Facility',
  marks: 'Marks and claims',
}
const says: Record<State, string> = {
  contains: 'contains',
  trace: 'may contain',
  open: 'leaves it open',
  unknown: 'not known',
  claim: 'claims',
}

interface Piece {
  readonly text: string
  readonly state: State | null
  readonly title: string
}
function piecesOf({ text, reading }: FieldReading): Piece[] {
  const spans = [
    ...reading.contains.map(h => ({
      start: h.start,
      end: h.end,
      state: 'contains' as State,
      title: avoidableName(h.allergen),
    })),
    ...reading.mayContain.map(h => ({
      start: h.start,
      end: h.end,
      state: (h.how === 'unsaid' ? 'open' : 'trace') as State,
      title: avoidableName(h.allergen),
    })),
    ...reading.unknown.map(u => ({
      start: u.start,
      end: u.end,
      state: 'unknown' as State,
      title: '',
    })),
    ...reading.claims.map(c => ({
      start: c.start,
      end: c.end,
      state: 'claim' as State,
      title: c.against ? 'its own list speaks against it' : 'claimed, not proved',
    })),
  ]
  const cuts = [...new Set([0, text.length, ...spans.flatMap(s => [s.start, s.end])])]
    .filter(n => n <= text.length)
    .sort((a, b) => a - b)
  return cuts.slice(0, -1).map((from, i) => {
    const here = spans.filter(s => s.start <= from && s.end > from)
    const state = order.find(o => here.some(s => s.state === o)) ?? null
    return {
      text: text.slice(from, cuts[i + 1]),
      state,
      title: state
        ? `${says[state]}${
            here.some(s => s.title)
              ? `: ${[
                  ...new Set(
                    here
                      .filter(s => s.state === state)
                      .map(s => s.title)
                      .filter(Boolean),
                  ),
                ].join(', ')}`
              : ''
          }`
        : '',
    }
  })
}
const rows = computed(() =>
  props.fields.map(field => ({ field: field.field, pieces: piecesOf(field) })),
)
const all = computed(() =>
  props.fields.flatMap(f => [...f.reading.contains, ...f.reading.mayContain]),
)
const group = (pick: (hit: PacketHit) => boolean) => {
  const found = new Map<string, PacketHit[]>()
  for (const hit of all.value.filter(pick))
    found.set(hit.allergen, [...(found.get(hit.allergen) ?? []), hit])
  return [...found].map(([id, hits]) => ({
    id,
    name: avoidableName(id),
    because: [...new Set(hits.map(h => h.because))].slice(0, 3).join('; '),
  }))
}
const lists = computed(() =>
  [
    {
      state: 'contains' as const,
      title: 'Contains',
      rows: group(h => h.how === 'ingredient' || h.how === 'contains'),
    },
    {
      state: 'trace' as const,
      title: 'May contain',
      rows: group(h => h.how === 'trace' || h.how === 'facility'),
    },
    { state: 'open' as const, title: 'The words leave open', rows: group(h => h.how === 'unsaid') },
  ].filter(list => list.rows.length),
)
const unknown = computed(() => [...new Set(props.fields.flatMap(f => f.reading.unknownWords))])
const claims = computed(() => props.fields.flatMap(f => f.reading.claims))
</script>

<template>
  <div class="reading">
    <p v-if="!fields.length" class="soft">Nothing is entered yet, so nothing can be said.</p>
    <template v-else>
      <div v-for="row in rows" :key="row.field" class="field">
        <span class="soft small">{{ labels[row.field] }}</span>
        <p class="words">
          <template v-for="(piece, i) in row.pieces" :key="i"
            ><mark v-if="piece.state" :class="piece.state" :title="piece.title"
              >{{ piece.text }}<span class="sr-only"> ({{ piece.title }})</span></mark
            ><template v-else>{{ piece.text }}</template></template
          >
        </p>
      </div>
      <div v-for="list in lists" :key="list.state" class="list">
        <h3><span class="key" :class="list.state" aria-hidden="true" />{{ list.title }}</h3>
        <ul>
          <li v-for="each in list.rows" :key="each.id">
            <b>{{ each.name }}</b>{{ ' ' }}<span class="soft">{{ each.because }}</span>
          </li>
        </ul>
      </div>
      <div v-if="unknown.length" class="list">
        <h3><span class="key unknown" aria-hidden="true" />Words that are not known</h3>
        <p>
          {{ unknown.map(w => `“${w}”`).join(', ') }}. Is one misspelt? Until they are known,
          nothing is said of this packet.
        </p>
      </div>
      <div v-if="claims.length" class="list">
        <h3><span class="key claim" aria-hidden="true" />Claims, shown and not believed</h3>
        <ul>
          <li v-for="(claim, i) in claims" :key="i">
            “{{ claim.words }}”<b v-if="claim.against" class="against">
              its own list speaks against it</b
            >
          </li>
        </ul>
      </div>
      <p v-if="!lists.length && !unknown.length" class="soft">
        Nothing that anybody here could avoid was found in these words.
      </p>
    </template>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 12px;
}
.small {
  font-size: 0.88rem;
}
.words {
  line-height: 1.75;
  overflow-wrap: anywhere;
  white-space: pre-wrap;
}
mark {
  color: var(--ink);
  background: none;
  border-radius: 4px;
  padding: 1px 2px;
}
mark.contains {
  background: var(--beet-pale);
  box-shadow: inset 0 -3px 0 var(--beet);
  font-weight: 650;
}
mark.trace {
  background: var(--ginger-pale);
  border-bottom: 3px dashed var(--ginger);
}
mark.open {
  border-bottom: 3px dotted var(--slate);
  background: var(--slate-pale);
}
mark.unknown {
  text-decoration: underline wavy var(--slate);
  text-underline-offset: 4px;
  background: var(--slate-pale);
}
mark.claim {
  outline: 1.5px solid var(--strand);
  font-style: italic;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
  display: flex;
  align-items: center;
  gap: 8px;
}
.key {
  width: 22px;
  height: 12px;
  border-radius: 3px;
  flex: none;
}
.key.contains {
  background: var(--beet);
}
.key.trace {
  border-bottom: 4px dashed var(--ginger);
}
.key.open {
  border-bottom: 4px dotted var(--slate);
}
.key.unknown {
  border: 2px dashed var(--slate);
}
.key.claim {
  border: 1.5px solid var(--strand);
}
ul {
  list-style: none;
  padding: 0;
  margin: 2px 0 0;
  display: grid;
  gap: 2px;
}
.against {
  color: var(--beet);
}
</style>
