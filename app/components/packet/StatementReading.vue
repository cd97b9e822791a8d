<script setup lang="ts">
import type { FieldReading, PacketHit } from '#core/packet'
import { avoidableName } from '#core/pantry'

type RoleName = FieldReading['reading']['roles'][number]['role']

/**
 * The words of a packet as they were read: what contains, what may contain, what leaves it open,
 * what nobody knows, each marked in its place and listed with its reason; and, for whoever wants to
 * look, what every single word was taken for.
 */
const props = defineProps<{ fields: readonly FieldReading[] }>()

const labels = {
  statement: 'Statement',
  containsLine: 'Contains line',
  mayContainLine: 'May-contain line',
  facility: 'Facility',
  marks: 'Marks and claims',
}
const says: Record<RoleName, string> = {
  contains: 'contains',
  warning: 'warns',
  trace: 'may contain',
  facility: 'same house',
  open: 'leaves it open',
  unknown: 'not known',
  denied: 'said not to be in it',
  claim: 'claims',
  aside: 'beside the list',
  harmless: 'brings nothing',
}

interface Piece {
  readonly text: string
  readonly role: RoleName | null
  readonly title: string
}
/** The whole text in pieces: what stands between two words has no role. */
function piecesOf({ text, reading }: FieldReading): Piece[] {
  let at = 0
  const pieces = reading.roles.flatMap((role): Piece[] => {
    const between = text.slice(at, role.start)
    at = role.end
    return [
      { text: between, role: null, title: '' },
      { text: role.words, role: role.role, title: `${says[role.role]}: ${role.says}` },
    ]
  })
  return [...pieces, { text: text.slice(at), role: null, title: '' }].filter(piece => piece.text)
}
const quiet: readonly RoleName[] = ['harmless', 'aside']
const rows = computed(() =>
  props.fields.map(field => ({ field: field.field, pieces: piecesOf(field) })),
)
const everyWord = computed(() => props.fields.flatMap(field => field.reading.roles))
const isForeign = computed(() => props.fields.some(field => field.reading.unreadTongue))
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
    {
      state: 'warning' as const,
      title: 'Says that it is not for those who avoid',
      rows: group(h => h.how === 'warning'),
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
            ><mark
              v-if="piece.role && !quiet.includes(piece.role)"
              :class="piece.role"
              :title="piece.title"
              >{{ piece.text }}<span class="sr-only"> ({{ piece.title }})</span></mark
            ><span v-else-if="piece.role" :title="piece.title">{{ piece.text }}</span
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
      <p v-if="isForeign" class="foreign" role="status">
        Most of this is in a language that Ingwer does not read. It reads English, German, French,
        Italian, Spanish, Portuguese and Dutch; of any other nothing is said.
      </p>
      <div v-if="unknown.length" class="list">
        <h3><span class="key unknown" aria-hidden="true" />Words that are not known</h3>
        <p>
          {{
            unknown
              .slice(0, 12)
              .map(w => `“${w}”`)
              .join(', ')
          }}{{ unknown.length > 12 ? ` and ${unknown.length - 12} more` : '' }}. Is one misspelt, or
          does it not say what it is made of? Until they are known, this packet counts as not known
          for everybody.
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
      <details v-if="everyWord.length" class="every">
        <summary>Every word, and what it was taken for</summary>
        <dl>
          <div v-for="(role, i) in everyWord" :key="i">
            <dt>{{ role.words }}</dt>
            <dd>
              <span class="key" :class="role.role" aria-hidden="true" />{{ says[role.role]
              }}<span v-if="!quiet.includes(role.role)" class="soft"> · {{ role.says }}</span>
            </dd>
          </div>
        </dl>
      </details>
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
mark.warning {
  background: var(--beet-pale);
  border: 1.5px solid var(--beet);
}
mark.denied {
  border-bottom: 2px solid var(--strand);
}
mark.trace,
mark.facility {
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
.key.warning {
  border: 2px solid var(--beet);
  background: var(--beet-pale);
}
.key.denied {
  border-bottom: 2px solid var(--strand);
}
.key.trace,
.key.facility {
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
.foreign {
  background: var(--slate-pale);
  border-radius: 10px;
  padding: 8px 12px;
}
.every summary {
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
  display: flex;
  align-items: center;
}
.every dl {
  display: grid;
  gap: 4px;
  margin: 0;
}
.every dl > div {
  display: grid;
  grid-template-columns: minmax(110px, 2fr) 3fr;
  gap: 2px 12px;
  align-items: baseline;
}
.every dd {
  margin: 0;
  font-size: 0.94rem;
}
.every .key {
  display: inline-block;
  margin-right: 8px;
}
.against {
  color: var(--beet);
}
</style>
