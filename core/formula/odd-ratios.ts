import { sweetKinds, ingredientById, type Ingredient } from '../pantry'
import {
  finding,
  linesOf,
  readLine,
  type Component,
  type Correction,
  type Finding,
  type Line,
  type Recipe,
} from '../recipe'
import { familyOf, familySaid } from './family'
import { misreadAbove, usualAnywhere, usualByFamily, type Usual } from './tables/usual-ratios'
import { ratiosOf } from './ratios'
import { isInside, weightsOf } from './weight'

const names: Readonly<Record<Usual, string>> = {
  salt: 'salt',
  soda: 'soda',
  powder: 'baking powder',
  spice: 'spice',
  yeast: 'yeast',
  sugar: 'sugar',
  fat: 'fat',
  water: 'liquid',
  vanilla: 'flavouring',
}

const bulk: ReadonlySet<Usual> = new Set(['sugar', 'fat', 'water'])

/** How much of a measure a gram of the ingredient brings. */
const brings: Readonly<Record<Usual, (i: Ingredient) => number>> = {
  salt: i => (i.kind === 'salt' ? 1 : 0),
  soda: i => (i.kind === 'leaven' && i.soda > 0 ? 1 : 0),
  powder: i => (i.kind === 'leaven' && i.powder > 0 && !i.soda ? 1 : 0),
  spice: i => (i.kind === 'spice' && i.per100.water < 50 ? 1 : 0),
  yeast: i => {
    if (i.kind !== 'yeast') return 0
    return i.per100.water > 40 ? 0.4 : 1
  },
  sugar: i => (sweetKinds.includes(i.kind) ? i.per100.sugar / 100 : 0),
  fat: i =>
    [
      'nut',
      'seed',
      'coconut',
      'chocolate',
      'plant-chocolate',
      'nut-flour',
      'fresh-cheese',
      'plant-cheese',
    ].includes(i.kind)
      ? 0
      : i.per100.fat / 100,
  water: i =>
    [
      'milk',
      'sour-milk',
      'cream',
      'plant-drink',
      'plant-sour',
      'plant-cream',
      'water',
      'juice',
      'alcohol',
      'acid',
      'egg',
      'egg-white',
      'egg-yolk',
      'butter',
      'plant-block',
      'plant-spread',
      'syrup',
      'honey',
      'puree',
      'tofu',
      'binder',
    ].includes(i.kind)
      ? i.per100.water / 100
      : 0,
  vanilla: i =>
    i.kind === 'flavour' && i.density.spooned !== undefined && i.per100.water > 20 ? 1 : 0,
}

/** "3 1/4 cups" that may have been "3/4 cup": the text with the fraction read the other way. */
function misread(line: Line): { text: string; said: string } | null {
  const found = /^(\d)\s+1\s*[/⁄]\s*(\d)(?!\d)/u.exec(line.text)
  // "2/4" is nothing that anybody writes.
  if (
    !found ||
    Number(found[1]) >= Number(found[2]) ||
    (Number(found[2]) % Number(found[1]) === 0 && found[1] !== '1') ||
    (Number(found[1]) % 2 === 0 && Number(found[2]) % 2 === 0)
  )
    return null
  const said = `${found[1]}/${found[2]}`
  return { text: said + line.text.slice(found[0].length), said }
}

interface Heavy {
  readonly line: Line
  readonly ingredient: Ingredient
  readonly grams: number
}

/** A line whose weight is odd, and what is usual. */
interface OddLine {
  readonly line: Line
  readonly without: number
  readonly flour: number
  readonly measure: Usual
  readonly usual: readonly [number, number]
  readonly recipe: Recipe
}

/**
 * What the heaviest line of a measure would be if it were read or written otherwise, so that the
 * whole fits.
 */
function otherReadings({
  line,
  without,
  flour,
  measure,
  usual: [low, high],
  recipe,
}: OddLine): Correction[] {
  const asked = misread(line)
  const candidates = [
    ...(asked
      ? [
          {
            label:
              asked.said +
              line.text
                .slice(line.text.length - (asked.text.length - asked.said.length))
                .slice(0, 24),
            text: asked.text,
          },
        ]
      : []),
    ...((['tbsp', 'cup'] as const).includes(line.unit as 'tbsp') && line.evidence.amount
      ? [
          line.unit === 'tbsp'
            ? { from: /\b(?:[Tt]ablespoons?|[Tt]bsps?|TBSP|[Tt]bs|T)\b\.?/u, to: 'tsp' }
            : { from: /\b(?:cups?|c)\b\.?/iu, to: 'Tbsp' },
        ].map(({ from, to }) => ({
          label: line.text.replace(from, to).slice(0, 40),
          text: line.text.replace(from, to),
        }))
      : []),
  ]
  return candidates.flatMap(({ label, text }) => {
    const read = readLine(text, { region: recipe.region, id: line.id, component: line.component })
    const thing = read.ok && read.line.ingredient ? ingredientById(read.line.ingredient) : undefined
    if (!read.ok || !read.line.grams || !thing) return []
    const now = (100 * (without + read.line.grams.best * brings[measure](thing))) / flour
    return now >= low && now <= high
      ? [{ label: `“${label.trim()}”`, edits: [{ do: 'retype' as const, lineId: line.id, text }] }]
      : []
  })
}

function oddIn(component: Component, recipe: Recipe, isMain: boolean): Finding[] {
  const inside = component.lines.filter(isInside)
  const heavy: Heavy[] = inside.flatMap(line => {
    const ingredient = ingredientById(line.ingredient ?? '')
    return ingredient && line.grams ? [{ line, ingredient, grams: line.grams.best }] : []
  })
  const flour = ratiosOf(weightsOf(component.lines)).flour
  if (flour < 30) return []
  // Where a weight is missing nothing can be called too little.
  const known = inside.every(
    line =>
      line.grams ||
      line.purpose ||
      ['salt', 'spice', 'flavour', 'decoration'].includes(
        ingredientById(line.ingredient ?? '')?.kind ?? '',
      ),
  )
  const named = familySaid(component, recipe.title, isMain)
  // "Plum streusel traybake" with a part called streusel: the title speaks of that part.
  const said =
    named && recipe.components.some(other => other !== component && named.words?.test(other.name))
      ? null
      : named
  const family = said ?? familyOf(component, recipe.title, isMain).family
  const found: Finding[] = []
  const { flourShare } = ratiosOf(weightsOf(component.lines))
  for (const measure of Object.keys(usualAnywhere) as Usual[]) {
    const [low, high] = usualByFamily[family.id]?.[measure] ?? usualAnywhere[measure]
    const parts = heavy
      .map(each => ({ ...each, part: each.grams * brings[measure](each.ingredient) }))
      .filter(each => each.part > 0)
      .sort((a, b) => b.part - a.part)
    const sum = parts.reduce((n, each) => n + each.part, 0)
    const now = (100 * sum) / flour
    const most = parts[0]
    const asMisread = misreadAbove[measure]
    // Only a first figure of two and more: "1 1/2 cups" is everywhere.
    const twisted =
      most && asMisread && now > asMisread.above && /^[2-9]/u.test(most.line.text)
        ? misread(most.line)
        : null
    // A family that was guessed from the proportions cannot say that they are wrong.
    const odd = now > high || (known && isMain && said !== null && now < low)
    if (!odd && !twisted) continue
    const corrections = most
      ? otherReadings({
          line: most.line,
          without: sum - most.part,
          flour,
          measure,
          usual: odd ? [low, high] : asMisread!.ordinary,
          recipe,
        })
      : []
    const fraction = most && now > high ? misread(most.line) : twisted
    const isFraction =
      fraction !== null &&
      corrections.some(c => c.edits.some(e => e.do === 'retype' && e.text === fraction.text))
    // Without a family of its own, or with little flour, a dessert may have nearly any of these:
    // only a slip is said.
    if (!odd && !isFraction) continue
    if (
      bulk.has(measure) &&
      !isFraction &&
      (!said || !usualByFamily[family.id]?.[measure] || flourShare < 0.15)
    )
      continue
    const round = (n: number) => (n < 10 ? Number(n.toFixed(1)) : Math.round(n))
    found.push(
      finding({
        code: isFraction ? 'odd-fraction' : 'ratio',
        severity: 'ask',
        about: `${measure} ${most?.line.text ?? component.name}`,
        ...(most ? { lineId: most.line.id, text: most.line.text } : {}),
        sentence: isFraction
          ? `“${most!.line.text}” gives ${round(now)} g ${names[measure]} on 100 g flour, ` +
            `where at most ${round(odd ? high : asMisread!.above)} are usual. Was it ` +
            `${fraction.said}?`
          : `${round(now)} g ${names[measure]} on 100 g flour is ` +
            `${now > high ? 'far more' : 'far less'} than usual ` +
            `(${family.id === 'other' ? '' : `${family.name}: `}${round(low)}–${round(high)}).`,
        corrections,
      }),
    )
  }
  return found
}

/** Proportions far outside what such a dessert has, and fractions that explain them. */
export function oddRatios(recipe: Recipe): Finding[] {
  const mass = (c: Component) => c.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const main = recipe.components.reduce<Component | null>(
    (best, c) => (!best || mass(c) > mass(best) ? c : best),
    null,
  )
  return linesOf(recipe).length < 2
    ? []
    : recipe.components.flatMap(component => oddIn(component, recipe, component === main))
}
