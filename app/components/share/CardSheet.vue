<script setup lang="ts">
import type { Person } from '#core/people'
import { blocksOf } from '#core/recipe'
import { emergencyText, notCheckedText, type Bake, type CardFacts } from '#core/share'

/**
 * The card as it is printed: what it is, what is in it by its packets, for whom it was checked,
 * what may be there, what nobody knows, how it keeps.
 */
const props = defineProps<{
  bake: Bake
  people: readonly Person[]
  facts: CardFacts
  code: string
}>()
const recipe = computed(() => props.facts.recipe)
const resting = computed(() => props.facts.claims.coverage)
/** In three rows: who may have it, of whom nobody knows, who must not. Beads stand in the first alone. */
const rows = computed(() => {
  const { each, notFor, notKnown } = props.facts.claims
  const isIn = (all: readonly { personId: string }[]) => (p: Person) =>
    all.some(u => u.personId === p.id)
  const may = (p: Person) => each.some(claim => claim.people.includes(p.id))
  const rest = (p: Person) => !may(p) && !isIn(notFor)(p) && !isIn(notKnown)(p)
  return [
    { title: 'Nothing found for', is: 'may', people: props.people.filter(may) },
    { title: 'Not known for', is: 'open', people: props.people.filter(isIn(notKnown)) },
    { title: 'Not for', is: 'not', people: props.people.filter(isIn(notFor)) },
    { title: 'Avoid nothing', is: 'rest', people: props.people.filter(rest) },
  ].filter(row => row.people.length)
})
const lists = computed(() =>
  [
    { id: 'contains', title: 'Contains', items: props.facts.contains },
    { id: 'may', title: 'May contain', items: props.facts.mayContain },
    { id: 'unknown', title: 'Not known', items: props.facts.unknown },
    { id: 'not-read', title: 'Packets not read', items: props.facts.notChecked },
  ].filter(list => list.items.length),
)
</script>

<!-- eslint-disable vue/no-v-html -- drawn by us from our own text, so no foreign markup gets in -->
<template>
  <article class="sheet card">
    <header>
      <div class="top">
        <div>
          <h1>{{ facts.title }}</h1>
          <p class="soft">
            {{ sayDay(facts.madeOn) }} ·
            {{
              bake.plan
                ? `Adapted: ${bake.plan.title.toLowerCase()}, ${bake.plan.confidence}`
                : 'As written; no plan is chosen yet'
            }}<template v-if="facts.facts"> · {{ facts.facts }}</template>
          </p>
        </div>
        <div
          class="code"
          role="img"
          aria-label="The card’s text as a code for a phone’s camera"
          v-html="code"
        />
      </div>
      <dl class="for">
        <div v-for="row in rows" :key="row.is" :class="row.is">
          <dt>{{ row.title }}</dt>
          <dd v-for="person in row.people" :key="person.id">
            <PersonBead v-if="row.is === 'may'" :person="person" :size="30" />{{ ' '
            }}<span
              ><b>{{ person.name }}</b
              >{{ ' '
              }}<span class="soft">{{
                facts.checkedFor.find(p => p.id === person.id)?.needs
              }}</span></span
            >
          </dd>
        </div>
      </dl>
      <SaidList :claims="facts.claims" />
      <p class="soft rest">
        {{ resting.onPackets }} of {{ resting.bought }} bought lines rest on a packet that was read.
      </p>
    </header>
    <section class="lists" aria-label="What is in it">
      <div v-for="list in lists" :key="list.id" :class="list.id">
        <h2><span class="sign" aria-hidden="true" />{{ list.title }}</h2>
        <p>{{ list.items.join(list.id === 'unknown' ? '; ' : ', ') }}</p>
      </div>
    </section>
    <section v-if="facts.packets.length" class="packets">
      <h2>By their packets</h2>
      <p v-for="packet in facts.packets" :key="packet.name">
        <b>{{ packet.name }}</b>{{ ' '
        }}<span class="soft">read on {{ sayDay(packet.checkedOn) }}:</span>
        {{ packet.statement }}
      </p>
    </section>
    <div class="body">
      <section v-for="(block, at) in blocksOf(recipe)" :key="at">
        <h2 v-if="block.name">{{ block.name }}</h2>
        <div :class="{ two: block.lines.length && block.steps.length }">
          <ul v-if="block.lines.length">
            <li v-for="line in block.lines" :key="line.id">{{ line.text }}</li>
          </ul>
          <ol v-if="block.steps.length">
            <li v-for="(step, i) in block.steps" :key="i">{{ step }}</li>
          </ol>
        </div>
      </section>
    </div>
    <footer>
      <p>
        <b>Keeping:</b> {{ facts.keeping.says }}, {{ facts.keeping.span
        }}<template v-if="facts.keeping.useBy">; eat by {{ sayDay(facts.keeping.useBy) }}</template
        >. Frozen: {{ facts.keeping.freeze }}.<template
          v-for="text in facts.keeping.told"
          :key="text"
        >
          The recipe: “{{ text }}”</template
        >
      </p>
      <p v-if="facts.toRead.length">
        <b>Packets to read:</b>
        {{ facts.toRead.map(p => `${p.name} (${p.lookFor.join(', ')})`).join('; ') }}.
      </p>
      <p v-if="bake.plan?.notes.length"><b>Good to know:</b> {{ bake.plan.notes.join(' ') }}</p>
      <p v-if="facts.cautions.length"><b>Cautions:</b> {{ facts.cautions.join(' ') }}</p>
      <p class="soft">{{ notCheckedText }}</p>
      <p>{{ emergencyText }}</p>
    </footer>
  </article>
</template>

<style scoped>
.card {
  padding: 28px 32px;
  display: grid;
  gap: 18px;
}
.top {
  display: flex;
  justify-content: space-between;
  gap: 20px;
  align-items: flex-start;
}
.code {
  width: 190px;
  flex: none;
  background: #fff;
  border-radius: 8px;
  overflow: hidden;
}
.code :deep(svg) {
  display: block;
  width: 100%;
  height: auto;
}
h1 {
  font-size: 1.9rem;
  font-weight: 700;
}
h2 {
  font-size: 1.1rem;
  font-weight: 650;
  margin-bottom: 4px;
}
.body h2::first-letter {
  text-transform: uppercase;
}
.for {
  margin: 10px 0;
  display: grid;
  gap: 6px;
}
.for > div {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
}
.for dt {
  font-weight: 650;
  min-width: 8.5em;
}
.for .not dt {
  color: var(--beet);
}
.for .open dt {
  color: var(--slate);
}
.for dd {
  margin: 0;
  display: flex;
  gap: 8px;
  align-items: center;
}
.rest {
  margin-top: 6px;
}
.lists {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 14px 24px;
}
.lists h2 {
  display: flex;
  align-items: center;
  gap: 8px;
}
.sign {
  width: 20px;
  height: 12px;
  border-radius: 3px;
}
.contains .sign {
  background: var(--beet);
}
.may .sign {
  border-bottom: 4px dashed var(--ginger);
}
.unknown .sign,
.not-read .sign {
  border: 2px dashed var(--slate);
}
.packets {
  display: grid;
  gap: 4px;
  font-size: 0.96rem;
}
.body {
  display: grid;
  gap: 16px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr);
  gap: 26px;
}
.two ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 5px;
  align-content: start;
}
.two ol {
  list-style: decimal;
  padding-left: 1.4em;
  margin: 0;
  display: grid;
  gap: 6px;
  align-content: start;
}
li,
p {
  overflow-wrap: anywhere;
}
footer {
  display: grid;
  gap: 8px;
  font-size: 0.96rem;
  border-top: 1.5px solid var(--line);
  padding-top: 14px;
}
@media (max-width: 760px) {
  .card {
    padding: 20px 18px;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
  .code {
    width: 150px;
  }
  h1 {
    font-size: 1.5rem;
  }
}
@media print {
  .card {
    padding: 0;
    font-size: 9.5pt;
    gap: 8px;
  }
  h1 {
    font-size: 15pt;
  }
  h2 {
    font-size: 10.5pt;
  }
  .code {
    width: 38mm;
  }
}
</style>
