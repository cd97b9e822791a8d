import type { Region } from '../measure'
import { ingredientById, nameIn, type Ingredient, measured } from '../pantry'
import { isInside, ratiosOf, weightsOf } from '../formula'
import { checkPeople, cautionsFor, packetsToCheck, type Person } from '../people'
import type { Line, Recipe } from '../recipe'
import { asksPacket, mayCome, type Table } from './allowed'
import { judge } from './judge'
import type { DessertPart } from './part'
import type { Addition, Plan } from './plan'
import { redirectRows } from './tables/redirects'
import { writtenLine } from './write'

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

/**
 * A whole recipe that stands in for a part which must not be adapted: computed from its own flour
 * and sugar by a formula of the table. Null where there is none, something of it is not for this
 * table, or the check finds a conflict.
 */
export function redirectOf({
  recipe,
  parts,
  refused,
  people,
  table,
  by,
}: RedirectAsked): Plan | null {
  const row = redirectRows.find(r => r.family === refused.reading.family.id)
  const { component } = refused
  const flour = ratiosOf(weightsOf(component.lines)).flour
  if (!row || flour <= 0) return null
  const kept = component.lines.filter(line => !refused.leaving.some(item => item.line === line))
  const sugarLine = kept.find(
    line => line.ingredient && ingredientById(line.ingredient)?.kind === 'sugar',
  )
  const flourLine = kept.find(
    line => line.ingredient && ingredientById(line.ingredient)!.kind.includes('flour'),
  )
  const flourThing = flourLine ? ingredientById(flourLine.ingredient!)! : firstFit(row.flour, table)
  if (!flourThing || !sugarLine?.grams) return null
  const things = row.adds.map(add => ({
    ingredient: firstFit(add.of, table),
    grams: (add.percent * flour) / 100,
  }))
  if (things.some(t => !t.ingredient)) return null
  const sugar = Math.min(
    Math.max(sugarLine.grams.best, (row.sugar[0] * flour) / 100),
    (row.sugar[1] * flour) / 100,
  )
  const at = parts.indexOf(refused)
  const line = (id: string, ingredient: Ingredient, grams: number): Line =>
    writtenLine({
      id,
      component: component.name,
      ingredient,
      amount: measured(grams, ingredient, recipe.region, by),
      region: recipe.region,
      tail: '',
    })
  const sweet = ingredientById(sugarLine.ingredient!)!
  const lines = [
    flourLine ?? line(`i${at}-0`, flourThing, flour),
    sugar === sugarLine.grams.best ? sugarLine : line(sugarLine.id, sweet, sugar),
    ...things.map((t, i) => line(`i${at}-${i + 1}`, t.ingredient!, t.grams)),
  ]
  const flavours = kept.filter(
    l =>
      l !== sugarLine &&
      l !== flourLine &&
      (!isInside(l) ||
        ['flavour', 'spice', 'salt'].includes(ingredientById(l.ingredient ?? '')?.kind ?? '')),
  )
  const names = [flourThing, sweet, ...things.map(t => t.ingredient!)].map(i =>
    nameIn(i, recipe.region),
  )
  const steps = row.steps.map(step =>
    step
      .replace('{flour}', names[0]!)
      .replace('{sugar}', names[1]!)
      .replace(/\{(\d)\}/gu, (_, n: string) => names[Number(n) + 1]!),
  )
  const adapted: Recipe = {
    ...recipe,
    title: `${recipe.title}: ${row.title.charAt(0).toLowerCase()}${row.title.slice(1)}`,
    components: recipe.components.map((c, i) =>
      i === at ? { name: c.name, lines: [...lines, ...flavours], steps } : c,
    ),
  }
  const check = checkPeople(adapted, people)
  if (check.people.some(p => p.verdict === 'conflict')) return null
  const whole = judge({ adapted, parts, touched: new Set([at]), schools: [] })
  const adds = lines
    .filter(l => l !== flourLine && l !== sugarLine)
    .map((l): Addition => ({
      ingredient: l.ingredient!,
      name: l.name,
      grams: l.grams!.best,
      kitchen: measured(l.grams!.best, ingredientById(l.ingredient!)!, recipe.region as Region, by)
        .kitchen,
    }))
  return {
    id: 'instead',
    title: row.title,
    recipe: adapted,
    ...whole,
    risks: [],
    confidence: row.confidence,
    confidenceBecause: row.because,
    testPiece: null,
    changes: [
      {
        component: component.name,
        removes: refused.leaving.map(item => item.line.id),
        adds,
        trims: [],
        because: row.because,
        did: '',
        school: null,
        source: row.source,
      },
    ],
    differs: ['a soft oil crumb instead of a dry, springy sponge'],
    notes: [],
    cautions: cautionsFor(adapted, people),
    packets: packetsToCheck(adapted, people, check),
    forPeople: people.map(p => p.id),
  }
}
