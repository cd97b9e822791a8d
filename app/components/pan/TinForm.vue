<script setup lang="ts">
import {
  panLimits,
  brimful,
  materialRows,
  tinProblem,
  usualTin,
  type NamedTin,
  type Shape,
} from '#core/pan'

/** A tin of the house's own, drawn while it is typed in. `tin` null for a new one; its id stays. */
const props = defineProps<{ tin: NamedTin | null; heading: string }>()
const emit = defineEmits<{ keep: [tin: NamedTin]; leave: [] }>()

const shapes: readonly { readonly id: Shape; readonly says: string; readonly like: string }[] = [
  { id: 'round', says: 'round', like: 'round-20' },
  { id: 'box', says: 'square or oblong', like: 'square-20' },
  { id: 'ring', says: 'ring', like: 'ring-24' },
  { id: 'cups', says: 'cups', like: 'cups-12' },
  { id: 'tray', says: 'tray', like: 'tray-40' },
  { id: 'log', says: 'log, free-form', like: 'log' },
]
const start = props.tin ?? { ...usualTin('round-20'), name: '' }
const text = (n: number | undefined) => (n === undefined ? '' : String(Math.round(n * 100) / 100))
const form = reactive({
  name: props.tin?.name ?? '',
  shape: start.shape as Shape,
  a: text(start.top[0]),
  b: text(start.top[1]),
  below: text(start.bottom[0]),
  belowB: text(start.bottom[1]),
  height: text(start.height),
  tubeAbove: text(start.tube?.[0]),
  tubeBelow: text(start.tube?.[1]),
  count: String(start.count),
  material: start.material,
  measured: text(start.measured),
})
const isBack = useDraft(`tin/${props.tin?.id ?? 'new'}`, form)
function shaped(shape: Shape) {
  const like = usualTin(shapes.find(s => s.id === shape)!.like)
  Object.assign(form, {
    shape,
    a: text(like.top[0]),
    b: text(like.top[1]),
    below: text(like.bottom[0]),
    belowB: text(like.bottom[1]),
    height: text(like.height),
    tubeAbove: text(like.tube?.[0]),
    tubeBelow: text(like.tube?.[1]),
    count: String(like.count),
    measured: '',
  })
}
const round = computed(
  () => form.shape === 'round' || form.shape === 'ring' || form.shape === 'cups',
)
const number = (given: string) => readDecimal(given) ?? Number.NaN
const built = computed((): NamedTin => {
  const [a, below] = [number(form.a), form.below.trim() ? number(form.below) : number(form.a)]
  const [b, belowB] = round.value
    ? [a, below]
    : [number(form.b), form.belowB.trim() ? number(form.belowB) : number(form.b)]
  const base: NamedTin = {
    id: props.tin?.id ?? '',
    name: form.name.trim(),
    source: 'your own',
    shape: form.shape,
    top: [a, b],
    bottom: [below, belowB],
    height: form.shape === 'tray' ? 1 : number(form.height),
    count: form.shape === 'cups' || form.count.trim() ? number(form.count) : 1,
    material: form.material,
  }
  return {
    ...base,
    ...(form.shape === 'ring'
      ? { tube: [number(form.tubeAbove), number(form.tubeBelow || form.tubeAbove)] as const }
      : {}),
    ...(form.measured.trim() ? { measured: number(form.measured) } : {}),
  }
})
const problem = computed(() => tinProblem(built.value))
const tried = ref(false)
const field = useTemplateRef<HTMLInputElement>('field')
onMounted(() => field.value?.focus())
function keep() {
  tried.value = true
  if (problem.value || !form.name.trim()) return
  emit('keep', { ...built.value, id: props.tin?.id || `own-${crypto.randomUUID()}` })
}
</script>

<template>
  <form
    class="sheet form"
    :aria-label="heading"
    @submit.prevent="keep"
    @keydown.esc="emit('leave')"
  >
    <DraftNote :found="isBack" />
    <h2>{{ heading }}</h2>
    <div class="both">
      <div class="fields">
        <label class="wide"
          >What you call it<input
            ref="field"
            v-model="form.name"
            class="input"
            :maxlength="panLimits.tinName"
            placeholder="grandmother’s ring, the blue one …"
        /></label>
        <div class="ways wide" role="group" aria-label="Shape">
          <button
            v-for="s in shapes"
            :key="s.id"
            type="button"
            class="way"
            :aria-pressed="form.shape === s.id"
            @click="shaped(s.id)"
          >
            {{ s.says }}
          </button>
        </div>
        <label
          >{{ round ? 'Across, above' : 'Length, above'
          }}<span class="unit"
            ><input v-model="form.a" class="input" inputmode="decimal" /> cm</span
          ></label
        >
        <label v-if="!round"
          >Breadth, above<span class="unit"
            ><input v-model="form.b" class="input" inputmode="decimal" /> cm</span
          ></label
        >
        <template v-if="form.shape !== 'tray' && form.shape !== 'log'">
          <label
            >{{ round ? 'Across, at the bottom' : 'Length, at the bottom'
            }}<span class="unit"
              ><input v-model="form.below" class="input" inputmode="decimal" /> cm</span
            ></label
          >
          <label v-if="!round"
            >Breadth, at the bottom<span class="unit"
              ><input v-model="form.belowB" class="input" inputmode="decimal" /> cm</span
            ></label
          >
        </template>
        <label v-if="form.shape !== 'tray'"
          >Height inside<span class="unit"
            ><input v-model="form.height" class="input" inputmode="decimal" /> cm</span
          ></label
        >
        <template v-if="form.shape === 'ring'"
          ><label
            >Tube, above<span class="unit"
              ><input v-model="form.tubeAbove" class="input" inputmode="decimal" /> cm</span
            ></label
          ><label
            >Tube, at the bottom<span class="unit"
              ><input v-model="form.tubeBelow" class="input" inputmode="decimal" /> cm</span
            ></label
          ></template
        >
        <label v-if="form.shape === 'cups'"
          >How many cups<span class="unit"
            ><input v-model="form.count" class="input" inputmode="numeric" /></span
        ></label>
        <label
          >Made of<select v-model="form.material" class="input">
            <option v-for="m in materialRows" :key="m.id" :value="m.id">{{ m.name }}</option>
          </select></label
        >
        <label v-if="form.shape !== 'tray' && form.shape !== 'log'" class="wide"
          >Measured with water, to the brim{{ form.shape === 'cups' ? ' of one cup' : ''
          }}<span class="unit"
            ><input
              v-model="form.measured"
              class="input"
              inputmode="decimal"
              placeholder="better for flutes and round corners"
            />
            ml</span
          ></label
        >
      </div>
      <div class="draw">
        <TinShape v-if="!problem" :tin="built" :scale="5" :most="190" />
        <p v-if="!problem && form.shape !== 'tray' && form.shape !== 'log'" class="holds">
          <b>{{ Math.round(brimful(built)) }} ml</b> to the brim{{
            form.shape === 'cups' ? ' of a cup' : ''
          }}
        </p>
        <p v-if="problem" class="wrong" role="alert">{{ problem.sentence }}</p>
        <p v-if="tried && !form.name.trim()" class="wrong" role="alert">
          It needs a name, so that you find it again.
        </p>
      </div>
    </div>
    <div class="acts">
      <UButton type="submit" color="neutral">Keep this tin</UButton
      ><UButton type="button" color="neutral" variant="outline" @click="emit('leave')"
        >Leave it</UButton
      >
    </div>
  </form>
</template>

<style scoped>
.form {
  padding: 18px 24px;
  display: grid;
  gap: 14px;
  border: 1.5px solid var(--ginger);
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 210px;
  gap: 22px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
}
.fields label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.wide {
  grid-column: 1 / -1;
}
.unit {
  display: flex;
  align-items: center;
  gap: 8px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.way {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.way[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
  font-weight: 600;
}
.draw {
  display: grid;
  gap: 10px;
  justify-items: center;
  align-content: center;
}
.wrong {
  color: var(--beet);
}
.acts {
  display: flex;
  gap: 10px;
}
@media (max-width: 760px) {
  .both,
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
  .form {
    padding: 16px;
  }
}
</style>
