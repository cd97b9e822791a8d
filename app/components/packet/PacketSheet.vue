<script setup lang="ts">
import Joi from 'joi'
import {
  packetLimits,
  noWords,
  packetFigures,
  withWords,
  type FieldReading,
  type Packet,
  type PacketWords,
} from '#core/packet'
import { avoidables } from '#core/pantry'
import type { Person } from '#core/people'
import type { FoundPacket } from '~/ports/packetLookUp'

/**
 * One packet: what stands on it, how that reads, and when somebody looked. Keeping it asks whether
 * it was read in the hand today.
 */
const props = defineProps<{
  packet: Packet
  fresh: boolean
  names: readonly { id: string; name: string }[]
  people: readonly Person[]
}>()
const emit = defineEmits<{
  keep: [packet: Packet, label: string | undefined]
  drop: []
  cancel: []
}>()

const state = reactive({
  name: props.packet.name,
  ingredient: props.packet.ingredient ?? '',
  where: props.packet.where,
  words: { ...props.packet.words } as { -readonly [K in keyof PacketWords]: string },
  code: props.packet.code,
  figures: Object.fromEntries(
    packetFigures.map(f => [
      f,
      props.packet.figures[f] === undefined ? '' : String(props.packet.figures[f]),
    ]),
  ) as Record<(typeof packetFigures)[number], string>,
  price: props.packet.price === null ? '' : String(props.packet.price),
  size: props.packet.size === null ? '' : String(props.packet.size),
  recheckDays: String(props.packet.recheckDays),
  by: props.packet.checkedBy,
  answer: props.packet.answer?.text ?? '',
  answerOn: props.packet.answer?.on ?? '',
  without: [...(props.packet.answer?.without ?? [])],
  unconfirmed: [...props.packet.unconfirmed],
})
const figureNames: Record<(typeof packetFigures)[number], string> = {
  fat: 'fat, g',
  saturates: 'of it saturated, g',
  sugars: 'sugars, g',
  protein: 'protein, g',
  salt: 'salt, g',
  fibre: 'fibre, g',
  factor: 'sweetens like … times sugar',
}
const figure = (what: string, most: number) =>
  Joi.string()
    .allow('')
    .custom((text: string, helpers) => {
      const n = readDecimal(text) ?? 0
      return Number.isFinite(n) && n >= 0 && n <= most
        ? text
        : helpers.message({ custom: `${what}: a number from 0 to ${most}.` })
    })
const schema = Joi.object({
  name: Joi.string()
    .trim()
    .min(1)
    .max(100)
    .required()
    .messages({ 'string.empty': 'A packet needs a name: what stands large on its front.' }),
  price: figure('Price', 1000),
  size: figure('Size', 100_000),
  recheckDays: figure('Read again after', 3650),
  figures: Joi.object(
    Object.fromEntries(packetFigures.map(f => [f, figure(figureNames[f], 1000)])),
  ),
})
  .unknown(true)
  .prefs({ abortEarly: false })

const fields = shallowRef<readonly FieldReading[]>([])
let turn = 0
watch(
  () => ({ ...state.words }),
  async words => {
    const now = ++turn
    const found = await useCore().readFields(words)
    if (now === turn) fields.value = found
  },
  { immediate: true, deep: true },
)

const options = computed(() => props.names.map(n => ({ label: n.name, value: n.id })))
const allergens = avoidables.map(a => ({ value: a.id, label: a.name }))
const photo = shallowRef<File | null>(null)
const label = ref<string>()
function readLabel(found: { text: string; unconfirmed: readonly string[]; picture: string }) {
  state.words.statement = found.text
  state.unconfirmed = [...found.unconfirmed]
  label.value = found.picture
}
function lookedUp(packet: FoundPacket) {
  if (!state.name.trim()) state.name = packet.name
  if (!state.ingredient && packet.ingredient) state.ingredient = packet.ingredient
  Object.assign(state.words, packet.words)
  if (!state.size && packet.size) state.size = String(packet.size)
}

const number = (text: string) => {
  const n = readDecimal(text)
  return text.trim() && Number.isFinite(n) ? n : null
}
const asked = ref<'' | 'read' | 'later'>('')
const trouble = ref('')
function keep() {
  const read = asked.value === 'read'
  trouble.value = ''
  if (read && !state.words.statement.trim()) {
    trouble.value = 'There is no ingredient statement yet, so there is nothing that was read.'
    return
  }
  if (read && state.unconfirmed.length) {
    trouble.value =
      'Words of the photo are not confirmed yet; keep it as not read, or confirm them first.'
    return
  }
  const base: Packet = {
    ...props.packet,
    name: state.name.trim(),
    ingredient: state.ingredient || null,
    where: state.where.trim(),
    code: state.code.trim(),
    price: number(state.price),
    size: number(state.size) || null,
    recheckDays: Math.max(1, Math.round(number(state.recheckDays) ?? props.packet.recheckDays)),
    unconfirmed: [...state.unconfirmed],
    figures: Object.fromEntries(
      packetFigures.flatMap(f => {
        const n = number(state.figures[f])
        return n === null ? [] : [[f, n]]
      }),
    ),
  }
  const worded = withWords(
    base,
    { ...noWords, ...state.words },
    read ? { on: today(), by: state.by.trim() } : null,
  )
  const answer = state.answer.trim()
    ? { on: state.answerOn || today(), text: state.answer.trim(), without: [...state.without] }
    : null
  // An answer that stood there before other words came is about those words; a new one is taken.
  const same = JSON.stringify(answer) === JSON.stringify(props.packet.answer)
  emit('keep', { ...worded, answer: same ? worded.answer : answer }, label.value)
}
</script>

<template>
  <UForm
    :schema="schema"
    :state="state"
    :validate-on="[]"
    class="form"
    :aria-label="fresh ? 'New packet' : `Packet ${packet.name}`"
    @submit="keep"
  >
    <UFormField label="Name on the front" name="name"
      ><UInput
        v-model="state.name"
        :maxlength="packetLimits.name"
        class="wide"
        autocomplete="off"
        :autofocus="fresh"
    /></UFormField>
    <UFormField label="What it is" name="ingredient"
      ><USelectMenu
        v-model="state.ingredient"
        :items="options"
        value-key="value"
        class="wide"
        placeholder="not said yet"
        aria-label="What it is"
        :search-input="{ placeholder: 'flour, oat drink …' }"
        virtualize
    /></UFormField>
    <CodeField v-model="state.code" @found="lookedUp" />
    <LabelPicker :packet="packet.id" :with-kept="!photo" @pick="photo = $event" />
    <LabelPhoto v-if="photo" :file="photo" @read="readLabel" @close="photo = null" />
    <UFormField label="Ingredient statement" name="statement"
      ><UTextarea
        v-model="state.words.statement"
        :rows="5"
        class="wide"
        autoresize
        :maxrows="12"
        placeholder="Type or paste all of it, brackets and all"
        spellcheck="false"
        @update:model-value="
          state.unconfirmed = state.unconfirmed.filter(w => state.words.statement.includes(w))
        "
    /></UFormField>
    <div class="two">
      <UFormField label="Contains line" name="containsLine"
        ><UInput v-model="state.words.containsLine" class="wide" placeholder="Contains milk."
      /></UFormField>
      <UFormField label="May-contain line" name="mayContainLine"
        ><UInput v-model="state.words.mayContainLine" class="wide" placeholder="May contain nuts."
      /></UFormField>
      <UFormField label="Facility sentence" name="facility"
        ><UInput v-model="state.words.facility" class="wide" placeholder="Made in a bakery that …"
      /></UFormField>
      <UFormField label="Marks and claims" name="marks"
        ><UInput v-model="state.words.marks" class="wide" placeholder="Vegan, gluten free"
      /></UFormField>
    </div>
    <section class="readout" aria-label="How it reads">
      <h2>How it reads</h2>
      <p v-if="state.unconfirmed.length" class="wait" role="status">
        No verdict yet: {{ state.unconfirmed.length }}
        {{ state.unconfirmed.length === 1 ? 'word' : 'words' }} of the photo to confirm ({{
          state.unconfirmed
            .slice(0, 5)
            .map(w => `“${w}”`)
            .join(', ')
        }}).
      </p>
      <StatementReading v-else :fields="fields" />
    </section>
    <details class="more">
      <summary>Where bought, size, figures, the maker’s answer</summary>
      <div class="two">
        <UFormField label="Where bought" name="where"
          ><UInput v-model="state.where" :maxlength="packetLimits.where" class="wide"
        /></UFormField>
        <UFormField label="Read again after, days" name="recheckDays"
          ><UInput v-model="state.recheckDays" class="wide" inputmode="numeric"
        /></UFormField>
        <UFormField label="Size, g" name="size"
          ><UInput v-model="state.size" class="wide" inputmode="decimal"
        /></UFormField>
        <UFormField label="Price" name="price"
          ><UInput v-model="state.price" class="wide" inputmode="decimal"
        /></UFormField>
        <UFormField
          v-for="f in packetFigures"
          :key="f"
          :label="f === 'factor' ? figureNames[f] : `${figureNames[f]} in 100 g`"
          :name="`figures.${f}`"
          ><UInput v-model="state.figures[f]" class="wide" inputmode="decimal"
        /></UFormField>
      </div>
      <UFormField label="What the maker answered" name="answer"
        ><UTextarea v-model="state.answer" :rows="2" class="wide" :maxlength="packetLimits.answer"
      /></UFormField>
      <div class="two">
        <UFormField label="Answered on" name="answerOn"
          ><UInput v-model="state.answerOn" type="date" class="wide" :max="today()"
        /></UFormField>
        <UFormField label="They say it is without" name="without"
          ><USelectMenu
            v-model="state.without"
            multiple
            :items="allergens"
            value-key="value"
            class="wide"
            placeholder="nothing chosen"
            aria-label="They say it is without"
        /></UFormField>
      </div>
      <p class="soft small">
        An answer closes words that leave something open. What the list says it takes back never.
      </p>
    </details>
    <UFormField label="Read by" name="by"
      ><UInput
        v-model="state.by"
        :maxlength="packetLimits.by"
        class="wide"
        list="readers"
        autocomplete="off"
    /></UFormField>
    <datalist id="readers"><option v-for="p in people" :key="p.id" :value="p.name" /></datalist>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="acts">
      <UButton type="submit" size="xl" color="neutral" icon="i-lucide-check" @click="asked = 'read'"
        >Keep; I read it today</UButton
      >
      <UButton type="submit" size="xl" color="neutral" variant="outline" @click="asked = 'later'"
        >Keep, not read</UButton
      >
      <UButton type="button" size="xl" color="neutral" variant="ghost" @click="emit('cancel')"
        >Leave it</UButton
      >
      <UButton
        v-if="!fresh"
        type="button"
        color="neutral"
        variant="ghost"
        icon="i-lucide-trash-2"
        :aria-label="`Throw the packet ${packet.name} away`"
        @click="emit('drop')"
      />
    </div>
  </UForm>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.wide {
  width: 100%;
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.readout {
  background: var(--ground);
  border-radius: 16px;
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}
h2 {
  font-size: 1.05rem;
  font-weight: 650;
}
.wait {
  border-left: 4px dashed var(--slate);
  padding-left: 12px;
  color: var(--slate);
  font-weight: 600;
}
.more[open] {
  display: grid;
  gap: 12px;
}
.small {
  font-size: 0.92rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
@media (max-width: 560px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
