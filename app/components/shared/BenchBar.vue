<script setup lang="ts">
import { diskState } from '~/db/disk'

/**
 * Above every stage: the bake on the bench, who it is for, whether it is saved, and one step back
 * or forth.
 */
defineProps<{ renames?: boolean }>()
const current = useCurrentBake()
const safety = useSafety()
const says = {
  '': '',
  'saving': 'saving …',
  'saved': 'saved in this browser',
  'failed': 'not saved',
  'clash': 'not saved: changed in another tab as well',
  'gone': 'not saved: thrown away in another tab',
}
const inWords = computed(() =>
  diskState.fault && current.saved === 'saved'
    ? 'kept while this page is open'
    : says[current.saved],
)
const seated = computed({
  get: () => current.bake?.people ?? [],
  set: people => void current.seat(people),
})
const standing = useBeadState()

const naming = ref(false)
const name = ref('')
useDraft(`name/${String(useRoute().params.bake)}`, reactive({ naming, name }))
const nameField = useTemplateRef<HTMLInputElement>('nameField')
async function rename() {
  name.value = current.bake?.title ?? ''
  naming.value = true
  await nextTick()
  nameField.value?.select()
}
async function named(keep: boolean) {
  if (!naming.value) return
  naming.value = false
  const title = name.value
  name.value = ''
  if (!keep || title === current.bake?.title) return
  const sentence = await current.edit({ do: 'title', title })
  if (sentence) current.notice = sentence
}
/** Whom the chosen plan no longer suits: a packet or a person changed since it was worked out. */
const unfit = computed(() =>
  current.bake?.plan
    ? (safety.planCheck?.people ?? []).flatMap(p => {
        const hit = p.conflicts.find(c => c.state === 'contains')
        return hit
          ? [
              {
                name: current.seatable.find(s => s.id === p.personId)?.name ?? '',
                because: hit.because,
              },
            ]
          : []
      })
    : [],
)
const words = { 'must not': 'must not eat it', 'unknown': 'not known yet' }
const stateOf = (id: string) => {
  if (!seated.value.includes(id)) return 'not at the table'
  const is = standing(id)
  return is === 'must not' || is === 'unknown' ? words[is] : 'nothing found'
}
</script>

<template>
  <Teleport defer to="#bench">
    <div v-if="current.bake" class="bar">
      <div class="name">
        <input
          v-if="naming"
          ref="nameField"
          v-model="name"
          class="title rename"
          aria-label="Name of this dessert"
          maxlength="120"
          @keydown.enter.prevent="named(true)"
          @keydown.esc.prevent="named(false)"
          @blur="named(true)"
        />
        <button
          v-else-if="renames"
          type="button"
          class="title press"
          :title="current.bake.title"
          :aria-label="`Rename ${current.bake.title}`"
          @click="rename"
        >
          {{ current.bake.title }}
        </button>
        <p v-else class="title" :title="current.bake.title">{{ current.bake.title }}</p>
        <p class="soft small" role="status">
          {{ inWords
          }}<span v-if="current.notice" class="notice"
            >{{ inWords ? ' · ' : '' }}{{ current.notice }}</span
          >
        </p>
      </div>
      <div class="steps">
        <UButton
          icon="i-lucide-undo-2"
          color="neutral"
          variant="ghost"
          aria-label="Undo"
          :disabled="!current.canUndo"
          @click="current.undo()"
        />
        <UButton
          icon="i-lucide-redo-2"
          color="neutral"
          variant="ghost"
          aria-label="Redo"
          :disabled="!current.canRedo"
          @click="current.redo()"
        />
      </div>
      <div class="beads" role="group" aria-label="Who eats">
        <UTooltip
          v-for="person in current.seatable"
          :key="person.id"
          :text="`${person.name}: ${stateOf(person.id)}`"
        >
          <button
            type="button"
            class="seat"
            :aria-pressed="seated.includes(person.id)"
            :aria-label="`${person.name} eats`"
            @click="
              seated = seated.includes(person.id)
                ? seated.filter(p => p !== person.id)
                : [...seated, person.id]
            "
          >
            <PersonBead
              :person="person"
              :state="seated.includes(person.id) ? standing(person.id) : undefined"
              :size="32"
              label=""
              aria-hidden="true"
            />
          </button>
        </UTooltip>
        <UTooltip text="A guest, for this bake alone"
          ><UButton
            :to="`/people?guest=${current.bake.id}`"
            color="neutral"
            variant="ghost"
            icon="i-lucide-user-plus"
            aria-label="A guest for this bake"
        /></UTooltip>
      </div>
    </div>
  </Teleport>
  <p v-if="unfit.length && current.bake" class="unfit no-print" role="alert">
    <b>The chosen plan no longer fits.</b>{{ ' '
    }}<span v-for="u in unfit" :key="u.name">{{ u.name }}: {{ u.because }}. </span
    ><NuxtLink :to="`/swap/${current.bake.id}`">Work out another</NuxtLink>
  </p>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 16px;
  min-width: 0;
}
.name {
  min-width: 0;
  flex: 1;
}
.name .title {
  font-weight: 650;
  font-size: 1.45rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  padding-bottom: 2px;
}
.press {
  max-width: 100%;
  text-align: left;
  cursor: text;
  border-radius: 8px;
  min-height: 38px;
}
.press:hover {
  text-decoration: underline dotted var(--strand);
  text-underline-offset: 5px;
}
.rename {
  width: 100%;
  font-family: var(--font-title);
  background: var(--sheet);
  border: 1.5px solid var(--ginger);
  border-radius: 10px;
  padding: 2px 10px;
  color: var(--ink);
}
.small {
  font-size: 0.875rem;
  min-height: 1.2em;
}
.notice {
  color: var(--ginger-ink);
}
.steps,
.beads {
  display: flex;
}
.unfit {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 10px 16px;
  margin-bottom: 12px;
}
.unfit a {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 650;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
.seat {
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border-radius: 12px;
  cursor: pointer;
  background: none;
  border: 0;
}
.seat[aria-pressed='false'] :deep(svg) {
  opacity: 0.28;
}
@media (max-width: 760px) {
  .bar {
    flex-wrap: wrap;
    gap: 0 8px;
    padding-bottom: 8px;
  }
  .name {
    flex-basis: 100%;
  }
  .name .title {
    white-space: normal;
  }
  .beads {
    flex-wrap: wrap;
  }
  .steps {
    order: 3;
    margin-left: auto;
  }
}
</style>
