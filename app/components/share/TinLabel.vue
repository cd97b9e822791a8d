<script setup lang="ts">
import { saidOf, type Person } from '#core/people'
import { restsOnRead, type CardFacts } from '#core/share'

/**
 * The card in the size of a label for a tin: what, when, for whom, what is in it, how long. The
 * rest stands in its code.
 */
const props = defineProps<{ people: readonly Person[]; facts: CardFacts; code: string }>()
const said = computed(() => saidOf(props.facts.claims))
/** A bead beside a dessert stands for somebody who may have it. */
const mayHave = computed(() =>
  props.people.filter(p => props.facts.claims.each.some(claim => claim.people.includes(p.id))),
)
</script>

<!-- eslint-disable vue/no-v-html -- drawn by us from our own text, so no foreign markup gets in -->
<template>
  <article class="label" aria-label="Label for a tin">
    <div
      class="code"
      role="img"
      aria-label="The card’s text as a code for a phone’s camera"
      v-html="code"
    />
    <header>
      <h1>{{ facts.title }}</h1>
      <p>
        made {{ sayDay(facts.madeOn)
        }}<template v-if="facts.keeping.useBy">
          · eat by <b>{{ sayDay(facts.keeping.useBy) }}</b></template
        >
      </p>
    </header>
    <p
      v-for="each in said"
      :key="each.says"
      :class="[each.is.replace(' ', '-'), { sure: restsOnRead(facts) }]"
    >
      <span v-if="each.is === 'claim'" class="beads"
        ><PersonBead v-for="p in mayHave" :key="p.id" :person="p" :size="24" /></span
      >{{ each.says }}
    </p>
    <p v-if="facts.contains.length"><b>Contains</b> {{ facts.contains.join(', ') }}</p>
    <p v-if="facts.mayContain.length"><b>May contain</b> {{ facts.mayContain.join(', ') }}</p>
    <p v-if="facts.unknown.length">
      <b>Not known</b> {{ facts.unknown.slice(0, 3).join('; ')
      }}<template v-if="facts.unknown.length > 3">
        and {{ facts.unknown.length - 3 }} more, in the code</template
      >
    </p>
    <p v-if="facts.notChecked.length"><b>Packets not read</b> {{ facts.notChecked.length }}</p>
  </article>
</template>

<style scoped>
.label {
  width: 105mm;
  max-width: 100%;
  min-height: 99mm;
  background: #fff;
  color: #1f2421;
  border: 1.5px solid var(--strand);
  border-radius: 4mm;
  padding: 5mm;
  font-size: 3.1mm;
  line-height: 1.32;
}
.label > * {
  overflow-wrap: anywhere;
  margin-bottom: 1.3mm;
}
h1 {
  font-size: 5mm;
  font-weight: 700;
  line-height: 1.15;
}
.beads {
  display: inline-flex;
  gap: 3px;
  margin-right: 2mm;
}
.claim,
.not-for {
  font-weight: 600;
  border-left: 1mm dashed #4f5f74;
  padding-left: 2mm;
}
.claim.sure {
  border-left: 1mm solid #33703f;
}
.not-for {
  font-weight: 700;
  border-left: 1.6mm solid #98274a;
}
.not-known,
.nobody {
  border-left: 1mm dashed #4f5f74;
  padding-left: 2mm;
}
.code {
  float: right;
  width: 34mm;
  margin: 0 0 2mm 4mm;
}
.code :deep(svg) {
  width: 100%;
  height: auto;
  display: block;
}
@media print {
  .label {
    border: 0;
    padding: 0;
    min-height: 0;
    width: auto;
    font-size: 2.75mm;
  }
}
</style>
