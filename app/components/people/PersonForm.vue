<script setup lang="ts">
import Joi from 'joi'
import { avoidables } from '#core/pantry'
import {
  peopleLimits,
  beadColours,
  beadShapes,
  dietRows,
  lawLists,
  type Avoid,
  type Bead,
  type Person,
  type AvoidedThing,
} from '#core/people'

/**
 * One person's needs: name, bead, diets, what is avoided and why, other
 * things by name, and a note that nothing acts on. `guestOf`: a guest of that bake alone.
 */
const props = defineProps<{ person: Person | null; taken: readonly Bead[]; guestOf?: string }>()
const emit = defineEmits<{ keep: [person: Person]; cancel: [] }>()

const shapeOf = (i: number) =>
  beadShapes.find(s => !props.taken.some(b => b.shape === s)) ?? beadShapes[i % beadShapes.length]!
const colourOf = () => beadColours.find(c => !props.taken.some(b => b.colour === c)) ?? 'slate'
const state = reactive({
  name: props.person?.name ?? '',
  diets: [...(props.person?.diets ?? [])],
  avoids: [...(props.person?.avoids ?? [])] as Avoid[],
  carries: props.person?.carries ?? false,
  things: [...(props.person?.things ?? [])] as readonly AvoidedThing[],
  note: props.person?.note ?? '',
  shape: props.person?.bead?.shape ?? shapeOf(props.taken.length),
  colour: props.person?.bead?.colour ?? colourOf(),
})
const draft = personDraft(props.person?.id, props.guestOf)
const isBack = useDraft(draft, state)
const schema = Joi.object({
  name: Joi.string().trim().min(1).max(60).required().messages({
    'string.empty': 'A person needs a name.',
    'string.max': 'A name has at most 60 letters.',
  }),
})
  .unknown(true)
  .prefs({ abortEarly: false })

const items = avoidables.map(a => ({ value: a.id, label: a.name }))
const choosable = computed(() =>
  items.filter(item => !state.avoids.some(a => a.allergen === item.value)),
)
const nameOf = (id: string) => items.find(i => i.value === id)?.label ?? id
const add = (value: unknown) => {
  if (typeof value === 'string') state.avoids.push({ allergen: value, strictness: 'allergy' })
}
/** The law's list that the quick buttons show: a place to begin, not what somebody must avoid. */
const list = ref(lawLists[0]!.id)
const listItems = lawLists.map(l => ({ value: l.id, label: l.name }))
const quick = computed(() => lawLists.find(l => l.id === list.value)!.entries)
const has = (id: string) => state.avoids.some(a => a.allergen === id)
const toggle = (id: string) => {
  if (has(id)) state.avoids = state.avoids.filter(a => a.allergen !== id)
  else add(id)
}

const toggleDiet = (id: string) => {
  state.diets = state.diets.includes(id) ? state.diets.filter(d => d !== id) : [...state.diets, id]
}
const bead = computed<Bead>(() => ({
  letter: (state.name.trim().charAt(0) || '?').toUpperCase(),
  shape: state.shape,
  colour: state.colour,
}))
const shown = computed<Person>(() => ({
  id: 'shown',
  name: state.name || 'new',
  avoids: [],
  diets: [],
  bead: bead.value,
}))

const thingList = useTemplateRef('thingList')
async function keep() {
  // What still stands in the field was meant, too.
  await thingList.value?.addThing()
  emit('keep', {
    id: props.person?.id ?? crypto.randomUUID(),
    name: state.name.trim(),
    avoids: state.avoids.map(a => ({ ...a, ...(a.except ? { except: [...a.except] } : {}) })),
    ...(state.carries ? { carries: true as const } : {}),
    diets: [...state.diets],
    bead: bead.value,
    ...(state.things.length ? { things: state.things.map(t => ({ ...t })) } : {}),
    ...(state.note.trim() ? { note: state.note.trim() } : {}),
    ...((props.guestOf ?? props.person?.guestOf)
      ? { guestOf: props.guestOf ?? props.person!.guestOf! }
      : {}),
  })
}
</script>

<template>
  <UForm :schema="schema" :state="state" class="form" @submit="keep">
    <DraftNote :found="isBack" />
    <div class="first">
      <PersonBead :person="shown" :size="56" />
      <UFormField label="Name" name="name" class="grow"
        ><UInput
          v-model="state.name"
          :maxlength="peopleLimits.name"
          autofocus
          class="wide"
          autocomplete="off"
      /></UFormField>
    </div>
    <fieldset>
      <legend>Diet</legend>
      <div class="acts">
        <UTooltip v-for="diet in dietRows" :key="diet.id" :text="diet.says"
          ><UButton
            type="button"
            color="neutral"
            :variant="state.diets.includes(diet.id) ? 'solid' : 'outline'"
            :aria-pressed="state.diets.includes(diet.id)"
            @click="toggleDiet(diet.id)"
            >{{ diet.name }}</UButton
          ></UTooltip
        >
      </div>
      <p
        v-for="diet in dietRows.filter(d => state.diets.includes(d.id))"
        :key="diet.id"
        class="soft says"
      >
        {{ diet.name }}: {{ diet.says }}
      </p>
    </fieldset>
    <fieldset>
      <legend>Must not get</legend>
      <div class="law">
        <span class="soft">begin with what packets must name in</span
        ><USelectMenu
          v-model="list"
          :items="listItems"
          value-key="value"
          :search-input="false"
          aria-label="Whose list to begin with"
        />
      </div>
      <div class="acts" role="group" aria-label="From the law’s list">
        <UButton
          v-for="id in quick"
          :key="id"
          type="button"
          color="neutral"
          :variant="has(id) ? 'solid' : 'outline'"
          :aria-pressed="has(id)"
          @click="toggle(id)"
          >{{ nameOf(id) }}</UButton
        >
      </div>
      <ul v-if="state.avoids.length" class="avoids">
        <AvoidRow
          v-for="(avoid, i) in state.avoids"
          :key="avoid.allergen"
          v-model="state.avoids[i]!"
          :name="nameOf(avoid.allergen)"
          @drop="state.avoids.splice(i, 1)"
        />
      </ul>
      <USelectMenu
        :key="state.avoids.length"
        :items="choosable"
        value-key="value"
        placeholder="Anything else: coconut, pea, poppy …"
        aria-label="Add something to avoid"
        class="add"
        :search-input="{ placeholder: 'milk, egg, almond …' }"
        @update:model-value="add"
      />
    </fieldset>
    <ThingList ref="thingList" v-model="state.things" />
    <fieldset>
      <legend>In an emergency</legend>
      <UButton
        type="button"
        color="neutral"
        :variant="state.carries ? 'solid' : 'outline'"
        :aria-pressed="state.carries"
        class="carries"
        @click="state.carries = !state.carries"
        >carries emergency medicine</UButton
      >
      <p v-if="state.carries" class="soft says">
        Shown first wherever {{ state.name.trim() || 'this person' }} is named, and every need of
        theirs counts traces. The plan itself belongs to the family and its doctor.
      </p>
    </fieldset>
    <p class="soft says">
      Not covered here: what diabetes asks for (doses, carbohydrate units), low-FODMAP and other
      therapeutic diets, certification by a religious body. Ask whoever looks after them.
    </p>
    <UFormField label="To remember" hint="shown on the card of people, never acted on" name="note"
      ><UTextarea
        v-model="state.note"
        :rows="2"
        class="wide"
        :maxlength="peopleLimits.note"
        placeholder="for example: what the clinic said"
    /></UFormField>
    <fieldset>
      <legend>Bead</legend>
      <div class="acts">
        <button
          v-for="shape in beadShapes"
          :key="shape"
          type="button"
          class="pick"
          :aria-label="shape"
          :aria-pressed="state.shape === shape"
          @click="state.shape = shape"
        >
          <PersonBead
            :person="{ ...shown, bead: { ...bead, shape } }"
            :size="32"
            label=""
            aria-hidden="true"
          />
        </button>
      </div>
      <div class="acts">
        <button
          v-for="colour in beadColours"
          :key="colour"
          type="button"
          class="pick"
          :aria-label="colour"
          :aria-pressed="state.colour === colour"
          @click="state.colour = colour"
        >
          <PersonBead
            :person="{ ...shown, bead: { ...bead, colour } }"
            :size="32"
            label=""
            aria-hidden="true"
          />
        </button>
      </div>
    </fieldset>
    <div class="acts end">
      <UButton type="submit" size="xl" color="neutral"
        >Keep {{ state.name.trim() || 'this person' }}</UButton
      >
      <UButton type="button" size="xl" color="neutral" variant="ghost" @click="emit('cancel')"
        >Leave it</UButton
      >
    </div>
  </UForm>
</template>

<style scoped>
.form {
  display: grid;
  gap: 18px;
}
/* Room for the error is always there: a sentence that comes or goes must not move what is about
   to be pressed. */
.first {
  display: flex;
  gap: 16px;
  align-items: flex-start;
}
.grow {
  flex: 1;
  min-height: 102px;
}
.wide,
.add {
  width: 100%;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
  min-width: 0;
}
legend {
  font-weight: 650;
  margin-bottom: 6px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.avoids {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
.law {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.says {
  font-size: 0.94rem;
}
.carries {
  justify-self: start;
}
.pick {
  width: 46px;
  height: 46px;
  display: grid;
  place-items: center;
  border-radius: 12px;
  border: 1.5px solid transparent;
  cursor: pointer;
}
.pick[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
</style>
