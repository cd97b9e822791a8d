<script setup lang="ts">
import type { Person } from '#core/people'
import type { Photo } from '#core/share'
import { trialLimits, type ArmRecord, type Score, type Trial } from '#core/trial'
import { savePhoto } from '~/db/house'

/**
 * What was measured of an arm and how it tasted, quick enough for sticky fingers: everything is
 * kept at once.
 */
const props = defineProps<{
  trial: Trial
  arm: string
  record: ArmRecord
  people: readonly Person[]
  photos: readonly Photo[]
}>()
const emit = defineEmits<{ record: [record: ArmRecord]; other: [id: string] }>()

const figures = [
  { id: 'before', says: 'before the oven', unit: 'g', most: 20_000 },
  { id: 'after', says: 'after it', unit: 'g', most: 20_000 },
  { id: 'minutes', says: 'in the oven', unit: 'min', most: 600 },
  { id: 'height', says: 'height', unit: 'cm', most: 60 },
  { id: 'spread', says: 'across', unit: 'cm', most: 100 },
] as const
const wrong = ref('')
function typed(id: (typeof figures)[number]['id'], text: string) {
  const row = figures.find(f => f.id === id)!
  const n = text.trim() ? readDecimal(text) : null
  if (n !== null && (!Number.isFinite(n) || n < 0 || n > row.most)) {
    wrong.value = `“${text}” is no figure for ${row.says}: 0 to ${row.most} ${row.unit}.`
    return
  }
  if (id === 'after' && n !== null && props.record.before && n > props.record.before) {
    wrong.value =
      `It weighs more after the oven (${n} g) than before it (${props.record.before} g): one ` +
      'of the two is not right.'
    return
  }
  wrong.value = ''
  emit('record', { ...props.record, [id]: n })
}

/** Who tastes: at the table, or anybody who scored before. */
const tasters = computed(() => [
  ...new Set([
    ...props.people.map(p => p.name),
    ...props.trial.arms.flatMap(a => a.record.scores.map(s => s.taster)),
  ]),
])
const taster = ref(tasters.value[0] ?? 'me')
const guest = ref('')
useDraft(`taster/${props.arm}`, reactive({ guest }))
function addGuest() {
  if (guest.value.trim()) {
    taster.value = guest.value.trim().slice(0, 60)
    guest.value = ''
  }
}
const all = computed(() =>
  tasters.value.includes(taster.value) ? tasters.value : [...tasters.value, taster.value],
)
function score(word: string, value: number | null) {
  const others: Score[] = props.record.scores.filter(
    s => s.taster !== taster.value || s.word !== word,
  )
  emit('record', {
    ...props.record,
    scores: value === null ? others : [...others, { taster: taster.value, word, value }],
  })
}
async function shoot(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    const id = crypto.randomUUID()
    await savePhoto({ id, bake: props.arm, data: await smallPhoto(file) })
    emit('record', { ...props.record, photos: [...props.record.photos, id] })
    taken.value = [...taken.value, id]
  } catch {
    wrong.value = 'That file is no picture that this browser can read.'
  }
  ;(event.target as HTMLInputElement).value = ''
}
const taken = ref<string[]>([])
const mine = computed(() => props.photos.filter(p => props.record.photos.includes(p.id)))
</script>

<template>
  <section class="pad no-print" aria-label="Note down">
    <div class="row" role="group" aria-label="Which arm">
      <button
        v-for="each in trial.arms"
        :key="each.id"
        type="button"
        class="knuckle"
        :aria-pressed="each.id === arm"
        @click="emit('other', each.id)"
      >
        {{ each.letter }}</button><span class="soft which">{{
        trial.arms.find(a => a.id === arm)?.says
      }}</span>
    </div>
    <div class="figures">
      <label v-for="f in figures" :key="f.id"
        >{{ f.says }}, {{ f.unit
        }}<TypedField
          :shown="record[f.id] ?? ''"
          inputmode="decimal"
          @typed="text => typed(f.id, text)"
      /></label>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <div class="row" role="group" aria-label="Who tastes">
      <button
        v-for="name in all"
        :key="name"
        type="button"
        class="chip"
        :aria-pressed="name === taster"
        @click="taster = name"
      >
        {{ name }}
      </button>
      <form class="guest" @submit.prevent="addGuest">
        <input
          v-model="guest"
          class="input"
          aria-label="Somebody else"
          placeholder="somebody else"
          :maxlength="trialLimits.taster"
          @change="addGuest"
        />
      </form>
    </div>
    <p class="soft">
      Cup by cup without knowing what is in it is fairer: that is at the blind tasting.
    </p>
    <WordSliders :scores="record.scores.filter(s => s.taster === taster)" @score="score" />
    <label class="note"
      >In your own words<TypedField
        :shown="record.note"
        :maxlength="trialLimits.note"
        placeholder="a close crumb, good with butter"
        @typed="text => emit('record', { ...record, note: text })"
    /></label>
    <div class="row">
      <label class="photo"
        ><input
          type="file"
          accept="image/*"
          capture="environment"
          class="sr-only"
          @change="shoot"
        /><span class="knuckle">Photo</span></label
      ><img
        v-for="photo in mine"
        :key="photo.id"
        :src="photo.data"
        alt="Photo of this arm"
        class="shot"
      /><span v-if="record.photos.length > mine.length" class="soft"
        >{{ record.photos.length - mine.length }} more kept</span
      >
    </div>
  </section>
</template>

<style scoped>
.pad {
  width: 100%;
  display: grid;
  gap: 14px;
  background: var(--ground);
  border-radius: 16px;
  padding: 16px;
  min-width: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.which {
  min-width: 0;
  overflow-wrap: anywhere;
}
.knuckle[aria-pressed='true'],
.chip[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.chip {
  min-height: 48px;
  padding: 0 16px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  background: var(--sheet);
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(138px, 1fr));
  gap: 10px;
}
.figures label,
.note {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.guest {
  flex: 0 1 180px;
}
.photo {
  cursor: pointer;
}
.photo .knuckle {
  display: inline-flex;
  align-items: center;
  background: var(--sheet);
}
.photo:focus-within .knuckle {
  outline: 3px solid var(--ginger);
  outline-offset: 2px;
}
.shot {
  height: 84px;
  border-radius: 12px;
}
.wrong {
  color: var(--beet);
}
@media (max-width: 760px) {
  .pad {
    padding: 12px;
  }
}
</style>
