import { ingredientOf, thingsOf, type Recipe } from '../recipe'
import { isStrict, type Person } from './person'
import { cautionRows, crossContact } from './tables/cautions'

/** A caution and the place that calls for it: a line, or a step of a part. */
export interface Caution {
  readonly id: string
  readonly says: string
  readonly because: string
  readonly defer: string
  readonly source: string
  readonly lineId: string | null
  readonly step: { readonly component: string; readonly at: number } | null
}

const patterns = new Map(
  cautionRows.flatMap(row => (row.steps ? [[row.id, new RegExp(row.steps, 'iu')] as const] : [])),
)

const placeOf = (step: { readonly component: string; readonly at: number } | undefined) =>
  step ? { component: step.component, at: step.at } : null

/**
 * The cautions that this recipe calls for, each once, in the table's order, with the first place
 * that calls for it: a step where its words are in one, else the line.
 */
export function cautionsAt(recipe: Recipe): readonly Caution[] {
  const here = thingsOf(recipe).flatMap(thing => {
    const ingredient = ingredientOf(thing)
    return ingredient ? [{ thing, names: [ingredient.id, `kind:${ingredient.kind}`] }] : []
  })
  const steps = recipe.components.flatMap(c =>
    c.steps.map((text, at) => ({ component: c.name, at, text })),
  )
  const lineOf = (ids: readonly string[]) =>
    here.find(each => each.names.some(name => ids.includes(name)))
  return cautionRows.flatMap((row): Caution[] => {
    const line = lineOf(row.when)
    const step = steps.find(each => patterns.get(row.id)?.test(each.text))
    const either = row.when.length ? line : step
    const called = row.both ? line && step : either
    if (!called || (row.unless && lineOf(row.unless))) return []
    return [
      {
        id: row.id,
        says: row.says,
        because: row.because,
        defer: row.defer ?? '',
        source: row.source,
        lineId: step ? null : (line?.thing.lineId ?? null),
        step:
          placeOf(step) ??
          (line?.thing.step ? placeOf({ ...line.thing, at: line.thing.step.at }) : null),
      },
    ]
  })
}

/** The sentences alone; cross-contact first when someone avoids traces. */
export function cautionsFor(recipe: Recipe, people: readonly Person[]): readonly string[] {
  const traces = people.some(isStrict)
  return [...(traces ? [crossContact] : []), ...cautionsAt(recipe).map(row => row.says)]
}
