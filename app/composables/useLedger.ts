import { linesOf, type Line, type RecipeEdit } from '#core'

interface LineField { readonly edit: () => Promise<void>, readonly focus: () => void }

/** Moving about the ledger's lines and changing them by keys and buttons; where a change is refused, the sentence stands at its line. */
export function useLedger() {
  const bench = useBenchStore()
  const refusals = ref<Readonly<Record<string, string>>>({})
  /** A line or step that is looked at: its words light up in the text. */
  const active = ref<string | null>(null)
  const adding = ref<{ readonly component: string, readonly after?: string } | null>(null)
  const draft = ref('')
  const fields = new Map<string, LineField>()
  const setField = (id: string, field: unknown) => { if (field) fields.set(id, field as LineField); else fields.delete(id) }
  const lines = computed(() => bench.bake ? linesOf(bench.bake.recipe) : [])

  async function edit(what: RecipeEdit | readonly RecipeEdit[], at = ''): Promise<boolean> {
    const sentence = await bench.edit(what)
    refusals.value = sentence ? { [at]: sentence } : {}
    return !sentence
  }
  const retyped = (line: Line, text: string): RecipeEdit[] => text === line.text ? [] : [{ do: 'retype', lineId: line.id, text }]

  async function go(line: Line, by: 1 | -1, open: boolean) {
    const next = lines.value[lines.value.indexOf(lines.value.find(l => l.id === line.id)!) + by]
    await nextTick()
    const field = next && fields.get(next.id)
    if (field) { if (open) await field.edit(); else field.focus() }
    else if (open && by === 1) below(line)
  }
  function below(line: Line) {
    draft.value = ''
    adding.value = { component: line.component, after: line.id }
  }
  async function add(text: string) {
    const place = adding.value
    if (!place) return
    const before = new Set(lines.value.map(l => l.id))
    if (!(await edit({ do: 'add', component: place.component, text, ...place.after === undefined ? {} : { after: place.after } }, 'add'))) return
    draft.value = ''
    const fresh = lines.value.find(l => !before.has(l.id))
    adding.value = { component: place.component, after: fresh?.id ?? place.after }
  }
  async function remove(line: Line) {
    const at = lines.value.findIndex(l => l.id === line.id)
    if (!(await edit({ do: 'remove', lineId: line.id }, line.id))) return
    await nextTick()
    const next = lines.value[Math.min(at, lines.value.length - 1)]
    if (next) fields.get(next.id)?.focus()
  }
  /** One place up or down, into the neighbouring part at its edges. */
  async function move(line: Line, by: 1 | -1) {
    const parts = bench.bake?.recipe.components ?? []
    const here = parts.findIndex(c => c.lines.some(l => l.id === line.id))
    const own = parts[here]!
    const at = own.lines.findIndex(l => l.id === line.id)
    const neighbour = parts[here + by]
    const inside = own.lines[at + by] !== undefined
    if (!inside && !neighbour) return
    const to = inside ? own.name : neighbour!.name
    const before = inside ? by === -1 ? own.lines[at - 1]!.id : own.lines[at + 2]?.id ?? null : by === -1 ? null : neighbour!.lines[0]?.id ?? null
    await edit({ do: 'move', lineId: line.id, to, before }, line.id)
    await nextTick()
    fields.get(line.id)?.focus()
  }
  async function split(line: Line, text: string, at: number) {
    await edit([...retyped(line, text), { do: 'split', lineId: line.id, at }], line.id)
    await nextTick()
    fields.get(line.id)?.focus()
  }
  async function join(line: Line, text: string) {
    const above = lines.value[lines.value.findIndex(l => l.id === line.id) - 1]
    await edit([...retyped(line, text), { do: 'join', lineId: line.id }], line.id)
    await nextTick()
    fields.get(refusals.value[line.id] ? line.id : above?.id ?? line.id)?.focus()
  }
  /** The page moves under a finger that pressed a word: what then lies beneath it was not looked at. */
  let still = 0
  const settles = 500
  const look = (id: string | null) => { if (performance.now() > still) active.value = id }
  /** From the text or a finding to the line itself. */
  function lookAndGo(id: string) {
    active.value = id
    still = performance.now() + settles
    document.querySelector<HTMLElement>(`[data-line="${CSS.escape(id)}"], [data-step="${CSS.escape(id)}"]`)?.focus()
  }
  return { refusals, active, adding, draft, setField, edit, retype: (line: Line, text: string) => edit({ do: 'retype', lineId: line.id, text }, line.id), go, below, add, remove, move, split, join, look, lookAndGo }
}
