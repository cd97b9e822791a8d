import type { Grams } from '../measure'
import { ingredientById, nameIn, type Ingredient, measured } from '../pantry'
import { isInside, ratiosOf, weightsOf } from '../formula'
import { checkPeople, cautionsFor, packetsToCheck, type Person } from '../people'
import type { Line, Recipe } from '../recipe'
import { asksPacket, mayCome, type Table } from './allowed'
import { judge } from './judge'
import type { DessertPart } from './part'
import type { Addition, Change, Plan } from './plan'
import { redirectRows } from './tables/redirects'
import { writtenLine } from './lines/write'

const firstFit = (ids: readonly string[], table: Table): Ingredient | null => {
  const fit = ids.map(id => ingredientById(id)!).filter(item => mayCome(item, table))
  return fit.find(item => !asksPacket(item, table)) ?? fit[0] ?? null
}

/** A part that cannot be adapted, and the rest of the dessert. */
interface RedirectAsked {
  readonly recipe: Recipe
  readonly parts: readonly DessertPart[]
  readonly refused: DessertPart
  readonly people: readonly Person[]
  readonly table: Table
  readonly by: 'grams' | 'spoons'
}

/** What the formula is worked out from: its row, and the lines that are there already. */
interface Found extends RedirectAsked {
  readonly row: (typeof redirectRows)[number]
  readonly at: number
  readonly kept: readonly Line[]
  readonly flour: Grams
  readonly flourLine: Line | undefined
  readonly flourThing: Ingredient
  readonly sugarLine: Line
  readonly sugarThing: Ingredient
  /** What comes in, and how much of it. */
  readonly adds: readonly { readonly ingredient: Ingredient; readonly grams: Grams }[]
}
const thingOf = (line: Line) => (line.ingredient ? ingredientById(line.ingredient) : undefined)
function foundFor(asked: RedirectAsked): Found | null {
  const { refused, table, parts } = asked
  const { component } = refused
  const row = redirectRows.find(r => r.family === refused.reading.family.id)
  const { flour } = ratiosOf(weightsOf(component.lines))
  if (!row || flour <= 0) return null
  const kept = component.lines.filter(line => !refused.leaving.some(item => item.line === line))
  const sugarLine = kept.find(line => thingOf(line)?.kind === 'sugar')
  const flourLine = kept.find(line => thingOf(line)?.kind.includes('flour'))
  const flourThing = flourLine ? thingOf(flourLine) : firstFit(row.flour, table)
  if (!flourThing || !sugarLine?.grams) return null
  const adds = row.adds.flatMap(({ of, percent }) => {
    const ingredient = firstFit(of, table)
    return ingredient ? [{ ingredient, grams: (percent * flour) / 100 }] : []
  })
  if (adds.length < row.adds.length) return null
  const base = { ...asked, row, kept, flour, flourLine, flourThing, sugarLine, adds }
  return { ...base, at: parts.indexOf(refused), sugarThing: thingOf(sugarLine)! }
}

/** Its flour, its sugar within what the formula takes, and what comes in. */
function linesIn(found: Found): readonly Line[] {
  const { row, at, flour, flourLine, flourThing, sugarLine, sugarThing, adds } = found
  const [low, high] = row.sugar.map(percent => (percent * flour) / 100) as [Grams, Grams]
  const was = sugarLine.grams!.best
  const sugar = Math.min(Math.max(was, low), high)
  const line = (id: string, ingredient: Ingredient, grams: Grams): Line =>
    writtenLine({
      id,
      component: found.refused.component.name,
      ingredient,
      amount: measured(grams, ingredient, found.recipe.region, found.by),
      region: found.recipe.region,
      tail: '',
    })
  return [
    flourLine ?? line(`i${at}-0`, flourThing, flour),
    sugar === was ? sugarLine : line(sugarLine.id, sugarThing, sugar),
    ...adds.map(({ ingredient, grams }, i) => line(`i${at}-${i + 1}`, ingredient, grams)),
  ]
}
/** What flavours the original and may stay, and what never went into it. */
const flavoursIn = ({ kept, sugarLine, flourLine }: Found) =>
  kept.filter(
    line =>
      line !== sugarLine &&
      line !== flourLine &&
      (!isInside(line) || flavouring.includes(thingOf(line)?.kind ?? '')),
  )
const flavouring: readonly string[] = ['flavour', 'spice', 'salt']

/** The formula's steps, with the names that its things have here. */
function stepsIn({ row, flourThing, sugarThing, adds, recipe }: Found): string[] {
  const names = [flourThing, sugarThing, ...adds.map(add => add.ingredient)].map(thing =>
    nameIn(thing, recipe.region),
  )
  return row.steps.map(step =>
    step
      .replace('{flour}', names[0]!)
      .replace('{sugar}', names[1]!)
      .replace(/\{(\d)\}/gu, (_, n: string) => names[Number(n) + 1]!),
  )
}

/** The recipe with the formula in the part's place. */
function recipeWith(found: Found, lines: readonly Line[]): Recipe {
  const { recipe, row, at } = found
  const title = `${row.title.charAt(0).toLowerCase()}${row.title.slice(1)}`
  const all = [...lines, ...flavoursIn(found)]
  return {
    ...recipe,
    title: `${recipe.title}: ${title}`,
    components: recipe.components.map((c, i) =>
      i === at ? { name: c.name, lines: all, steps: stepsIn(found) } : c,
    ),
  }
}

/** What comes in and what leaves, as one change. */
function changeTo(found: Found, lines: readonly Line[]): Change {
  const { row, refused, recipe, by, flourLine, sugarLine } = found
  const isNew = (line: Line) => line !== flourLine && line !== sugarLine
  const adds = lines.filter(isNew).map((line): Addition => {
    const grams = line.grams!.best
    const { kitchen } = measured(grams, thingOf(line)!, recipe.region, by)
    return { ingredient: line.ingredient!, name: line.name, grams, kitchen }
  })
  return {
    component: refused.component.name,
    removes: refused.leaving.map(item => item.line.id),
    adds,
    trims: [],
    because: row.because,
    did: '',
    school: null,
    source: row.source,
  }
}

/**
 * A whole recipe that stands in for a part which must not be adapted: computed from its own flour
 * and sugar by a formula of the table. Null where there is none, something of it is not for this
 * table, or the check finds a conflict.
 */
export function redirectOf(asked: RedirectAsked): Plan | null {
  const found = foundFor(asked)
  if (!found) return null
  const { row, at } = found
  const { parts, people } = asked
  const lines = linesIn(found)
  const adapted = recipeWith(found, lines)
  const check = checkPeople(adapted, people)
  if (check.people.some(p => p.verdict === 'conflict')) return null
  return {
    id: 'instead',
    title: row.title,
    recipe: adapted,
    ...judge({ adapted, parts, touched: new Set([at]), schools: [] }),
    risks: [],
    confidence: row.confidence,
    confidenceBecause: row.because,
    testPiece: null,
    changes: [changeTo(found, lines)],
    differs: ['a soft oil crumb instead of a dry, springy sponge'],
    notes: [],
    cautions: cautionsFor(adapted, people),
    packets: packetsToCheck(adapted, people, check),
    forPeople: people.map(p => p.id),
  }
}
