<script setup lang="ts">
import type { Caution } from '#core/people'
import type { Action } from '#core/method'
import type { Component, Recipe, RecipeEdit } from '#core/recipe'

/** The steps, each with what it takes of which line, its times and heat; corrected in place. */
const props = defineProps<{
  component: Component
  recipe: Recipe
  actions: readonly Action[]
  active: string | null
  refused: string
  cautions: readonly Caution[]
}>()
const emit = defineEmits<{ edit: [edit: RecipeEdit]; look: [id: string] }>()

const editing = ref<number | null>(null)
const text = ref('')
const current = useCurrentBake()
useDraft(`step/${current.bake?.id}/${props.component.name}`, reactive({ editing, text }))
const area = useTemplateRef<HTMLTextAreaElement[]>('area')
async function open(at: number) {
  text.value = props.component.steps[at] ?? ''
  editing.value = at
  await nextTick()
  area.value?.[0]?.focus()
}
async function leave(keep: boolean, at: number) {
  if (editing.value === null) return
  editing.value = null
  const is = text.value
  text.value = ''
  if (keep && is !== props.component.steps[at])
    emit(
      'edit',
      at < props.component.steps.length
        ? { do: 'restep', component: props.component.name, at, text: is }
        : { do: 'add-step', component: props.component.name, after: at - 1, text: is },
    )
  await nextTick()
  document.querySelector<HTMLElement>(`[data-step="${CSS.escape(stepId(at))}"]`)?.focus()
}
const stepId = (at: number) => `${props.component.name}#${at}`
const actionsOf = (at: number) =>
  props.actions.filter(({ step }) => step.component === props.component.name && step.at === at)
function typed(event: KeyboardEvent, at: number) {
  if (event.key === 'Escape') {
    event.preventDefault()
    void leave(false, at)
  }
  if (event.key === 'Enter' && !event.shiftKey) {
    event.preventDefault()
    void leave(true, at)
  }
}
async function pressed(event: KeyboardEvent, at: number) {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key] ?? 0
  if (by && event.altKey) {
    event.preventDefault()
    emit('edit', { do: 'move-step', component: props.component.name, at, to: at + by })
    await nextTick()
  } else if (by) {
    event.preventDefault()
    document.querySelector<HTMLElement>(`[data-step="${CSS.escape(stepId(at + by))}"]`)?.focus()
  } else if (event.key === 'Delete') {
    event.preventDefault()
    emit('edit', { do: 'remove-step', component: props.component.name, at })
  }
}
type OwnEdit = RecipeEdit extends infer E
  ? E extends { component: string }
    ? Omit<E, 'component'>
    : never
  : never
const edit = (own: OwnEdit) =>
  emit('edit', { ...own, component: props.component.name } as RecipeEdit)
/** Where one doing ends and the next begins a step may be cut. */
const cutsOf = (at: number) => {
  const places = cutPlaces(props.component.steps[at] ?? '', actionsOf(at))
  const children = places.map(({ place, says }) => ({
    label: says,
    onSelect: () => edit({ do: 'cut-step', at, place }),
  }))
  return children.length ? [{ label: 'Cut in two', icon: 'i-lucide-scissors', children }] : []
}
const partsFor = (at: number) => {
  const others = props.recipe.components.filter(c => c.name !== props.component.name)
  const children = others.map(({ name }) => ({
    label: name || props.recipe.title,
    onSelect: () => edit({ do: 'step-to-part', at, to: name }),
  }))
  return children.length ? [{ label: 'To another part', icon: 'i-lucide-split', children }] : []
}
const menu = (at: number) => [
  [
    { label: 'Correct', icon: 'i-lucide-pencil', onSelect: () => void open(at) },
    {
      label: 'Move up',
      icon: 'i-lucide-arrow-up',
      disabled: at === 0,
      onSelect: () =>
        emit('edit', { do: 'move-step', component: props.component.name, at, to: at - 1 }),
    },
    {
      label: 'Move down',
      icon: 'i-lucide-arrow-down',
      disabled: at === props.component.steps.length - 1,
      onSelect: () =>
        emit('edit', { do: 'move-step', component: props.component.name, at, to: at + 1 }),
    },
  ],
  [
    ...cutsOf(at),
    {
      label: 'Join with the next',
      icon: 'i-lucide-merge',
      disabled: at === props.component.steps.length - 1,
      onSelect: () => edit({ do: 'join-step', at }),
    },
    ...partsFor(at),
  ],
  [
    {
      label: 'Take out',
      icon: 'i-lucide-trash-2',
      onSelect: () => emit('edit', { do: 'remove-step', component: props.component.name, at }),
    },
  ],
]
</script>

<template>
  <ol class="steps">
    <li
      v-for="(step, at) in component.steps"
      :key="at"
      :class="{ lit: active === stepId(at) }"
      @mouseenter="emit('look', stepId(at))"
      @focusin="emit('look', stepId(at))"
    >
      <textarea
        v-if="editing === at"
        ref="area"
        v-model="text"
        class="area"
        rows="3"
        :aria-label="`Correct step ${at + 1}`"
        @keydown="typed($event, at)"
        @blur="leave(true, at)"
      />
      <div v-else class="row">
        <button
          type="button"
          class="words"
          :data-step="stepId(at)"
          :aria-label="`Correct step ${at + 1}: ${step}`"
          @click="open(at)"
          @keydown="pressed($event, at)"
        >
          {{ step }}
        </button>
        <UDropdownMenu :items="menu(at)" :content="{ align: 'end' }">
          <UButton
            color="neutral"
            variant="ghost"
            icon="i-lucide-ellipsis"
            class="more"
            :aria-label="`More for step ${at + 1}`"
          />
        </UDropdownMenu>
      </div>
      <StepMarks
        :text="step"
        :recipe="recipe"
        :actions="actionsOf(at)"
        :active="active"
        :class="{ ink: active === stepId(at) }"
        @reword="edit({ do: 'restep', at, text: $event })"
        @look="emit('look', $event)"
      />
      <CautionNote
        v-for="caution in cautions.filter(
          c => c.step?.component === component.name && c.step.at === at,
        )"
        :key="caution.id"
        :caution="caution"
      />
    </li>
    <li v-if="editing === component.steps.length">
      <textarea
        ref="area"
        v-model="text"
        class="area"
        rows="2"
        aria-label="A new step"
        @keydown="typed($event, component.steps.length)"
        @blur="leave(true, component.steps.length)"
      />
    </li>
  </ol>
  <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
  <UButton
    color="neutral"
    variant="ghost"
    icon="i-lucide-plus"
    @click="open(component.steps.length)"
    >A step is missing</UButton
  >
</template>

<style scoped>
.steps {
  padding-left: 1.7em;
  display: grid;
  gap: 4px;
  list-style: decimal;
  margin: 0;
}
.steps li::marker {
  color: var(--soft);
  font-weight: 600;
}
.lit {
  background: linear-gradient(90deg, var(--ginger-pale), transparent 70%);
  border-radius: 10px;
}
.row {
  display: flex;
  gap: 6px;
  align-items: flex-start;
}
.words {
  flex: 1;
  min-width: 0;
  min-height: 44px;
  text-align: left;
  padding: 9px 6px;
  border-radius: 10px;
  cursor: text;
  overflow-wrap: anywhere;
  line-height: 1.45;
}
.words:hover {
  background: var(--ground);
}
.more {
  min-width: 44px;
  min-height: 44px;
  justify-content: center;
}
.ink {
  color: var(--ink);
}
.area {
  width: 100%;
  font: inherit;
  line-height: 1.45;
  padding: 9px 12px;
  border: 1.5px solid var(--ginger);
  border-radius: 12px;
  background: var(--ground);
  color: var(--ink);
}
.refused {
  color: var(--beet);
  font-weight: 600;
}
</style>
