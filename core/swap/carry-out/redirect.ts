import { judge } from '../choose'
import type { Grams } from '../../measure'
import {
  flourKinds,
  ingredientById,
  measured,
  nameIn,
  type Ingredient,
  type Kind,
} from '../../pantry'
import { isInside } from '../../formula'
import { checkPeople, cautionsFor, packetsToCheck, type Person } from '../../people'
import type { Line, Recipe } from '../../recipe'
import { asksPacket, mayCome, type Table, listed } from '../leaving'
import type { DessertPart } from '../ways'
import type { Addition, Change, Plan } from '../plan'
import { redirectRows, type RedirectRow } from '../tables/redirects'
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

/** A line of the formula worked out: the original's own, or a new one. */
interface FoundLine {
  readonly ingredient: Ingredient
  readonly grams: Grams
  readonly own: Line | null
}

/** What the formula is worked out from: its row, and the lines that are there already. */
interface Found extends RedirectAsked {
  readonly row: RedirectRow
  readonly at: number
  readonly kept: readonly Line[]
  readonly lines: readonly FoundLine[]
}
const thingOf = (line: Line) => (line.ingredient ? ingredientById(line.ingredient) : undefined)
const kindsOf: Readonly<Record<NonNullable<RedirectRow['lines'][number]['own']>, readonly Kind[]>> =
  {
    flour: flourKinds,
    sugar: ['sugar'],
    chocolate: ['chocolate', 'plant-chocolate'],
    wine: ['alcohol', 'juice'],
  }

/** The grams that the row's per cent are of; null where the part has nothing of it. */
function baseOf(row: RedirectRow, lines: readonly Line[]): Grams | null {
  const grams = lines
    .filter(line => isInside(line) && row.base.includes(thingOf(line)?.kind ?? 'water'))
    .reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  return grams > 0 ? Math.max(grams, row.least ?? 0) : null
}

function foundFor(asked: RedirectAsked): Found | null {
  const { refused, table, parts } = asked
  const { component } = refused
  const rows = redirectRows.filter(r => r.family === refused.reading.family.id)
  const row = rows.find(r => baseOf(r, component.lines) !== null)
  const base = row ? baseOf(row, component.lines) : null
  if (!row || base === null) return null
  const kept = component.lines.filter(line => !refused.leaving.some(item => item.line === line))
  const lines = row.lines.flatMap(({ of, percent, own, within }): FoundLine[] => {
    const line = own
      ? kept.find(one => kindsOf[own].includes(thingOf(one)?.kind ?? 'water') && one.grams)
      : undefined
    const ingredient = line ? thingOf(line)! : firstFit(of, table)
    if (!ingredient) return []
    const [low, high] = (within ?? [percent, percent]).map(n => (n * base) / 100) as [Grams, Grams]
    const was = line?.grams?.best ?? (percent * base) / 100
    return [{ ingredient, grams: Math.min(Math.max(was, low), high), own: line ?? null }]
  })
  if (lines.length < row.lines.length) return null
  return { ...asked, row, kept, lines, at: parts.indexOf(refused) }
}

/** Its own lines with the formula's amounts, and what comes in. */
function linesIn(found: Found): readonly Line[] {
  const { at, recipe, refused, by } = found
  return found.lines.map(({ ingredient, grams, own }, i) =>
    own && own.grams!.best === grams
      ? own
      : writtenLine({
          id: own?.id ?? `i${at}-${i}`,
          component: refused.component.name,
          ingredient,
          amount: measured(grams, ingredient, recipe.region, by),
          region: recipe.region,
          tail: '',
        }),
  )
}
/** Is it none of the formula's own lines? */
const isNew = (line: Line, { lines }: Found): boolean =>
  !lines.some(one => one.own === line || one.ingredient.id === line.ingredient)
const flavouring: readonly string[] = ['flavour', 'spice', 'salt']
/** What flavours the original and may stay: where the formula has a place for it. */
const flavoursIn = (found: Found): Line[] =>
  found.row.steps.some(step => step.includes(flavourHere))
    ? found.kept.filter(
        line =>
          isNew(line, found) &&
          isInside(line) &&
          !found.row.lines.some(one => one.of.includes(line.ingredient ?? '')) &&
          flavouring.includes(thingOf(line)?.kind ?? ''),
      )
    : []
/** Where a formula's step takes what flavours the original: " and {flavour}". */
const flavourHere = '{flavour}'

/** "{4} and {5} and {flavour}": what flavours it ends the list. */
const listEnd = / and ((?:the )?\{\d\}) and \{flavour\}/u

/** The formula's steps, with the names that its things have here. */
function stepsIn(found: Found): string[] {
  const nameOf = (ingredient: Ingredient) => nameIn(ingredient, found.recipe.region)
  const names = found.lines.map(({ ingredient }) => nameOf(ingredient))
  const flavours = flavoursIn(found).map(line => nameOf(thingOf(line)!))
  const ending = flavours.length > 1 ? `, $1, ${listed(flavours)}` : `, $1 and ${flavours[0]}`
  return found.row.steps.map(step =>
    step
      .replace(listEnd, flavours.length ? ending : ' and $1')
      .replace(/\{(\d)\}/gu, (_, n: string) => names[Number(n) - 1]!),
  )
}

/** The formula's amounts again, whatever was set against the rest of its part. */
const asFormula = (recipe: Recipe, { at }: Found, lines: readonly Line[]): Recipe => ({
  ...recipe,
  components: recipe.components.map((c, i) =>
    i === at
      ? { ...c, lines: c.lines.map(line => lines.find(own => own.id === line.id) ?? line) }
      : c,
  ),
})

/** The recipe with the formula in the part's place. */
function recipeWith(found: Found, lines: readonly Line[]): Recipe {
  const { recipe, row, at } = found
  const title = `${row.title.charAt(0).toLowerCase()}${row.title.slice(1)}`
  const outside = found.kept.filter(line => !isInside(line))
  const all = [...lines, ...flavoursIn(found), ...outside]
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
  const { row, refused, recipe, by } = found
  const adds = lines
    .filter(line => !found.kept.some(own => own.id === line.id))
    .map((line): Addition => {
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

/** A change of the rest, without what it did to the formula's own lines. */
const untrimmed = (change: Change, lines: readonly Line[]): Change => ({
  ...change,
  trims: change.trims.filter(trim => !lines.some(line => line.id === trim.lineId)),
})

/** What works out the other parts of a recipe for the same people. */
export type AdaptRest = (recipe: Recipe) => {
  readonly verdict: string
  readonly plans: readonly Plan[]
}

/**
 * A whole recipe that stands in for a part which must not be adapted: computed from its own flour,
 * sugar or chocolate by a formula of the table, the other parts worked out by `rest`. Null where
 * there is none, something of it is not for this table, or the check finds a conflict.
 */
export function redirectOf(asked: RedirectAsked, rest: AdaptRest): Plan | null {
  const found = foundFor(asked)
  if (!found) return null
  const { row, at } = found
  const { parts, people } = asked
  const lines = linesIn(found)
  const redirected = recipeWith(found, lines)
  const others = rest(redirected)
  const [other] = others.plans
  if (others.verdict !== 'already-fine' && !(others.verdict === 'adapted' && other)) return null
  const adapted = other ? asFormula(other.recipe, found, lines) : redirected
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
    changes: [
      changeTo(found, lines),
      ...(other?.changes ?? []).map(change => untrimmed(change, lines)),
    ],
    differs: [row.differs, ...(other?.differs ?? [])],
    notes: [],
    cautions: cautionsFor(adapted, people),
    packets: packetsToCheck(adapted, people, check),
    forPeople: people.map(p => p.id),
  }
}
