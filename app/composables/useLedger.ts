import type { InjectionKey } from 'vue'
import { linesOf, type Component, type Line, type RecipeEdit } from '#core/recipe'

/** The one ledger of the recipe page, for what the page is made of. */
export const ledgerKey: InjectionKey<ReturnType<typeof useLedger>> = Symbol('ledger')

/** Where new lines go; `run` is the same for all that are typed into one open field. */
interface Adding {
  readonly component: string
  readonly after?: string
  readonly run: number
}
interface LineField {
  readonly edit: () => Promise<void>
  readonly focus: () => void
}

type Edit = (what: RecipeEdit | readonly RecipeEdit[], at?: string) => Promise<boolean>

/** The field for new lines: where it is open, what is typed in it, what becomes of it. */
function useLineAdding(lines: Ref<readonly Line[]>, edit: Edit) {
  const adding = ref<Adding | null>(null)
  const draft = ref('')
  useDraft(`add-line/${String(useRoute().params.bake)}`, reactive({ adding, draft }))
  let runs = 0
  /** Opens a field for new lines, below a line or at the end of a part. */
  function open(component: string, after: string | undefined) {
    draft.value = ''
    adding.value = { component, ...(after === undefined ? {} : { after }), run: ++runs }
  }
  let adds: Promise<unknown> = Promise.resolve()
  /**
   * The field is free for the next line at once, and each line goes below the one before; a refused
   * one comes back into the field, and whoever has closed it meanwhile finds it closed.
   */
  function add(text: string) {
    const place = adding.value
    if (!place) return
    draft.value = ''
    adds = adds.then(() => addTo(place, text))
  }
  const lastOf = new Map<number, string>()
  async function addTo(place: Adding, text: string) {
    const after = lastOf.get(place.run) ?? place.after
    const before = new Set(lines.value.map(l => l.id))
    if (
      !(await edit(
        { do: 'add', component: place.component, text, ...(after === undefined ? {} : { after }) },
        'add',
      ))
    ) {
      adding.value ??= place
      draft.value = [text, draft.value].filter(Boolean).join(' ')
      return
    }
    const fresh = lines.value.find(l => !before.has(l.id))
    if (!fresh) return
    lastOf.set(place.run, fresh.id)
    if (adding.value?.run === place.run) adding.value = { ...place, after: fresh.id }
  }
  // A field below a line that a step back took away would jump and catch the keys: without words in
  // it, it closes.
  watch(lines, now => {
    const after = adding.value?.after
    if (after !== undefined && !draft.value && !now.some(l => l.id === after)) adding.value = null
  })
  return { adding, draft, open, add }
}

/**
 * The page moves for so long under a finger that pressed a word, in ms: what then lies beneath it
 * was not looked at.
 */
const settles = 500

/** A line or step that is looked at: its words light up in the text. */
function useLooking() {
  const active = ref<string | null>(null)
  let still = 0
  const look = (id: string | null) => {
    if (performance.now() > still) active.value = id
  }
  /** From the text or a finding to the line itself. */
  function lookAndGo(id: string) {
    active.value = id
    still = performance.now() + settles
    document
      .querySelector<HTMLElement>(
        `[data-line="${CSS.escape(id)}"], [data-step="${CSS.escape(id)}"]`,
      )
      ?.focus()
  }
  return { active, look, lookAndGo }
}

/** The place one up or down of a line: in its own part, or at the edge of the one beside it. */
function placeBeside(parts: readonly Component[], line: Line, by: 1 | -1) {
  const here = parts.findIndex(part => part.lines.some(l => l.id === line.id))
  const own = parts[here]!
  const at = own.lines.findIndex(l => l.id === line.id)
  const isInside = own.lines[at + by] !== undefined
  const to = isInside ? own : parts[here + by]
  if (!to) return null
  const follower = {
    up: isInside ? own.lines[at - 1] : undefined,
    down: isInside ? own.lines[at + 2] : to.lines[0],
  }[by === -1 ? 'up' : 'down']
  return { to: to.name, before: follower?.id ?? null }
}

/** The lines' fields, by line, for going from one to the next. */
function useFields() {
  const fields = new Map<string, LineField>()
  const setField = (id: string, field: unknown) => {
    if (field) fields.set(id, field as LineField)
    else fields.delete(id)
  }
  return { fields, setField }
}

/**
 * Moving about the ledger's lines and changing them by keys and buttons; where a change is refused,
 * the sentence stands at its line.
 */
export function useLedger() {
  const current = useCurrentBake()
  const refusals = ref<Readonly<Record<string, string>>>({})
  const looking = useLooking()
  const { fields, setField } = useFields()
  const lines = computed(() => (current.bake ? linesOf(current.bake.recipe) : []))

  async function edit(what: RecipeEdit | readonly RecipeEdit[], at = ''): Promise<boolean> {
    const sentence = await current.edit(what)
    refusals.value = sentence ? { [at]: sentence } : {}
    return !sentence
  }
  const adding = useLineAdding(lines, edit)
  const retyped = (line: Line, text: string): RecipeEdit[] =>
    text === line.text ? [] : [{ do: 'retype', lineId: line.id, text }]

  async function go(line: Line, by: 1 | -1, isEdited: boolean) {
    const next = lines.value[lines.value.findIndex(l => l.id === line.id) + by]
    await nextTick()
    const field = next && fields.get(next.id)
    if (field) await (isEdited ? field.edit() : field.focus())
    else if (isEdited && by === 1) below(line)
  }
  const below = (line: Line) => adding.open(line.component, line.id)
  /** Edits at a line, and goes back to it or to what took its place. */
  async function editAt(line: Line, what: readonly RecipeEdit[], next: () => string | undefined) {
    const focus = focusLater()
    const isDone = await edit(what, line.id)
    await nextTick()
    focus(fields.get((isDone && next()) || line.id))
  }
  async function remove(line: Line) {
    const at = lines.value.findIndex(l => l.id === line.id)
    const beside = () => lines.value[Math.min(at, lines.value.length - 1)]?.id
    await editAt(line, [{ do: 'remove', lineId: line.id }], beside)
  }
  /** One place up or down, into the neighbouring part at its edges. */
  async function move(line: Line, by: 1 | -1) {
    const place = placeBeside(current.bake?.recipe.components ?? [], line, by)
    if (place) await editAt(line, [{ do: 'move', lineId: line.id, ...place }], () => line.id)
  }
  const split = (line: Line, text: string, at: number) =>
    editAt(line, [...retyped(line, text), { do: 'split', lineId: line.id, at }], () => line.id)
  const join = (line: Line, text: string) => {
    const above = lines.value[lines.value.findIndex(l => l.id === line.id) - 1]
    const edits: RecipeEdit[] = [...retyped(line, text), { do: 'join', lineId: line.id }]
    return editAt(line, edits, () => above?.id)
  }
  return {
    refusals,
    ...looking,
    ...adding,
    setField,
    edit,
    retype: (line: Line, text: string) => edit({ do: 'retype', lineId: line.id, text }, line.id),
    go,
    below,
    remove,
    move,
    split,
    join,
  }
}
