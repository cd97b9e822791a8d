import { weightText } from '#core/measure'
import type { Line, Recipe } from '#core/recipe'
import type { Change, Plan } from '#core/swap'

/** Grams of a line and of what a change adds are the same within this. */
const same = 0.06

/** New lines by the change that they belong to, found by component and ingredient. */
function arrivalsOf(plan: Plan, isNew: (line: Line) => boolean) {
  const left = new Map(plan.recipe.components.map(c => [c.name, c.lines.filter(isNew)] as const))
  const found: { readonly line: Line; readonly change: Change }[] = []
  for (const change of plan.changes)
    for (const add of change.adds) {
      const pool = left.get(change.component) ?? []
      const isIt = (line: Line) =>
        line.ingredient === add.ingredient &&
        (add.grams === null || Math.abs((line.grams?.best ?? 0) - add.grams) < same)
      const line = pool.find(isIt)
      if (!line) continue
      left.set(
        change.component,
        pool.filter(other => other !== line),
      )
      found.push({ line, change })
    }
  return found
}

/** The lines of a recipe and of its plan: which leave, which arrive, which are trimmed, and why. */
export function usePlanLines(of: { readonly recipe: Recipe; readonly plan: Plan }) {
  const removed = computed(() => new Set(of.plan.changes.flatMap(change => change.removes)))
  const trimmed = computed(() => {
    const trims = of.plan.changes.flatMap(change => change.trims)
    return new Map(trims.map(trim => [trim.lineId, trim]))
  })
  const before = computed(() => {
    const lines = of.recipe.components.flatMap(component => component.lines)
    return new Map(lines.map(line => [line.id, line]))
  })
  const isNew = (line: Line) => !before.value.has(line.id) || removed.value.has(line.id)
  const arrivals = computed(() => arrivalsOf(of.plan, isNew))

  /** What brought a line on the right: the change, in words. */
  function broughtBy(line: Line, change: Change) {
    const add = change.adds.find(a => a.ingredient === line.ingredient)
    const isRounded = add?.exact !== undefined && add.grams !== null
    const measured = isRounded
      ? ` Worked out as ${weightText(add.exact!)}, measured as ${weightText(add.grams!)}.`
      : ''
    return { why: `${change.because}${measured}`, source: change.source }
  }
  /** The change that a line on the right belongs to, in words: what brought it, or what trimmed it. */
  function whyOf(line: Line): { readonly why: string; readonly source: string } | null {
    const trim = trimmed.value.get(line.id)
    if (!trim) {
      const change = arrivals.value.find(arrival => arrival.line === line)?.change
      return change ? broughtBy(line, change) : null
    }
    const change = of.plan.changes.find(c => c.trims.includes(trim))!
    const why = `From ${weightText(trim.from)} to ${weightText(trim.to)}, ${trim.because}.`
    return { why, source: change.source }
  }
  const kitchenOf = (line: Line) => {
    const adds = of.plan.changes.flatMap(change => change.adds)
    const add = adds.find(a => a.ingredient === line.ingredient && a.grams === line.grams?.best)
    return add?.kitchen ?? ''
  }
  const differenceOf = (line: Line) => {
    const trim = trimmed.value.get(line.id)
    if (!trim) return ''
    return `${trim.to > trim.from ? '+' : '−'}${weightText(Math.abs(trim.to - trim.from))}`
  }
  return { removed, before, isNew, arrivals, whyOf, kitchenOf, differenceOf }
}
