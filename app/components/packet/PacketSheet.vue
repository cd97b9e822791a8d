<script setup lang="ts">
import { packetLimits, type FieldReading, type Packet } from '#core/packet'
import type { Person } from '#core/people'
import { packetForm, packetFormSchema, packetOf, whyNotRead } from '~/composables/packetForm'
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

const state = reactive(packetForm(props.packet))
const isBack = useDraft(`packet/${props.packet.id}`, state)
const unconfirmed = computed(() =>
  state.unconfirmed
    .slice(0, 5)
    .map(word => `“${word}”`)
    .join(', '),
)
const fields = shallowRef<readonly FieldReading[]>([])
const latest = latestOnly()
watch(
  () => ({ ...state.words }),
  async words => {
    const isLatest = latest.begin()
    const found = await useCore().readFields(words)
    if (isLatest()) fields.value = found
  },
  { immediate: true, deep: true },
)

const options = computed(() => props.names.map(n => ({ label: n.name, value: n.id })))
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

const asked = ref<'' | 'read' | 'later'>('')
const trouble = ref('')
function keep() {
  const isRead = asked.value === 'read'
  trouble.value = isRead ? whyNotRead(state) : ''
  if (trouble.value) return
  emit('keep', packetOf(props.packet, state, isRead, today()), label.value)
}
</script>

<template>
  <UForm
    :schema="packetFormSchema"
    :state="state"
    :validate-on="[]"
    class="form"
    :aria-label="fresh ? 'New packet' : `Packet ${packet.name}`"
    @submit="keep"
  >
    <DraftNote :found="isBack" />
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
          unconfirmed
        }}).
      </p>
      <StatementReading v-else :fields="fields" />
    </section>
    <PacketFigures v-model="state" />
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
