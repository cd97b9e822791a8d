import type { Grams } from '../measure'
import { withFinish } from '../method'
import { sweetKinds, ingredientById, type Ingredient, type Kind } from '../pantry'
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
import { familyOf, familySaid, type FamilyRow } from './family'
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

/** A part that is looked at: what weighs in it, its flour, its family, and how sure that is. */
interface Looked {
  readonly component: Component
  readonly recipe: Recipe
  readonly isMain: boolean
  readonly heavy: readonly Heavy[]
  readonly flour: Grams
  readonly flourShare: number
  readonly family: FamilyRow
  /** The family is said by a name, not guessed from the proportions. */
  readonly isSaid: boolean
  /** Nothing that counts is without a weight. */
  readonly isKnown: boolean
}
/** With less flour nothing is said, in grams. */
const leastFlour = 30
/** With a smaller share of flour a dessert may have nearly any of what is bulk. */
const leastShare = 0.15
const light: readonly Kind[] = ['salt', 'spice', 'flavour', 'decoration']
const isLight = ({ ingredient }: Line) =>
  light.includes(ingredientById(ingredient ?? '')?.kind ?? 'water')

function lookAt(component: Component, recipe: Recipe, isMain: boolean): Looked {
  const inside = component.lines.filter(isInside)
  const { flour, flourShare } = ratiosOf(weightsOf(component.lines))
  const named = familySaid(component, recipe.title, isMain)
  // "Plum streusel traybake" with a part called streusel: the title speaks of that part.
  const others = recipe.components.filter(other => other !== component)
  const isOfOther = others.some(other => named?.words?.test(other.name))
  const said = named && !isOfOther ? named : null
  return {
    component,
    recipe,
    isMain,
    heavy: inside.flatMap(line => {
      const ingredient = ingredientById(line.ingredient ?? '')
      return ingredient && line.grams ? [{ line, ingredient, grams: line.grams.best }] : []
    }),
    flour,
    flourShare,
    family: said ?? familyOf(component, recipe.title, isMain).family,
    isSaid: said !== null && said !== undefined,
    // Where a weight is missing nothing can be called too little.
    isKnown: inside.every(line => line.grams || line.purpose || isLight(line)),
  }
}
/** How much of one measure there is on 100 g flour, and what most of it comes from. */
function amountOf({ heavy, flour }: Looked, measure: Usual) {
  const parts = heavy
    .map(each => ({ ...each, part: each.grams * brings[measure](each.ingredient) }))
    .filter(each => each.part > 0)
    .sort((a, b) => b.part - a.part)
  const sum = parts.reduce((n, each) => n + each.part, 0)
  return { sum, now: (100 * sum) / flour, most: parts[0] ?? null }
}
const round = (n: number) => (n < 10 ? Number(n.toFixed(1)) : Math.round(n))

/** A measure in numbers: how much there is, how much is usual, and how far that is off. */
interface Measured extends ReturnType<typeof amountOf> {
  readonly measure: Usual
  readonly low: number
  readonly high: number
  readonly isMuch: boolean
  readonly isLittle: boolean
  /** Without a family of its own, or with little flour, a dessert may have nearly any of these. */
  readonly isOpen: boolean
}
function measuredIn(of: Looked, measure: Usual): Measured {
  const own = usualByFamily[of.family.id]?.[measure]
  const [low, high] = own ?? usualAnywhere[measure]
  const amount = amountOf(of, measure)
  return {
    ...amount,
    measure,
    low,
    high,
    isMuch: amount.now > high,
    // A family that was guessed from the proportions cannot say that they are wrong.
    isLittle: of.isKnown && of.isMain && of.isSaid && amount.now < low,
    isOpen: bulk.has(measure) && (!of.isSaid || !own || of.flourShare < leastShare),
  }
}
/** The heaviest line read with its fraction the other way, where so much of it speaks for that. */
function twistedIn({ measure, now, most }: Measured) {
  const asMisread = misreadAbove[measure]
  if (!most || !asMisread || now <= asMisread.above) return null
  // Only a first figure of two and more: "1 1/2 cups" is everywhere.
  return /^[2-9]/u.test(most.line.text) ? misread(most.line) : null
}

const retypesIn = (corrections: readonly Correction[]): string[] =>
  corrections.flatMap(({ edits }) => edits.flatMap(e => (e.do === 'retype' ? [e.text] : [])))

/** What is said of it: a fraction that may be misread, else how far it is from what is usual. */
function oddSentence(of: Looked, found: Measured, fraction: string | null): string {
  const { measure, now, low, high, isMuch, isLittle, most } = found
  const on = `${round(now)} g ${names[measure]} on 100 g flour`
  if (fraction && most) {
    const least = isMuch || isLittle ? high : misreadAbove[measure]!.above
    return `“${most.line.text}” gives ${on}, where at most ${round(least)} are usual. Was it ${fraction}?`
  }
  const name = of.family.id === 'other' ? '' : `${of.family.name}: `
  return `${on} is ${isMuch ? 'far more' : 'far less'} than usual (${name}${round(low)}–${round(high)}).`
}

/** The finding of it, about its heaviest line, or about the part where it has none. */
function oddFinding(
  of: Looked,
  found: Measured,
  { fraction, corrections }: { fraction: string | null; corrections: readonly Correction[] },
): Finding {
  const line = found.most?.line
  return finding({
    code: fraction ? 'odd-fraction' : 'ratio',
    severity: 'ask',
    about: `${found.measure} ${line?.text ?? of.component.name}`,
    ...(line ? { lineId: line.id, text: line.text } : {}),
    sentence: oddSentence(of, found, fraction),
    corrections,
  })
}

/** Is so much of a measure odd, and is it a fraction misread? */
function oddMeasure(of: Looked, measure: Usual): Finding[] {
  const found = measuredIn(of, measure)
  const { sum, low, high, most, isMuch, isOpen } = found
  const isOdd = isMuch || found.isLittle
  // Where nearly anything may be, only a slip is said.
  const isSaid = isOdd && !isOpen
  if (!most) return isSaid ? [oddFinding(of, found, { fraction: null, corrections: [] })] : []
  const twisted = twistedIn(found)
  if (!isOdd && !twisted) return []
  const { flour, recipe } = of
  const usual = isOdd ? ([low, high] as const) : misreadAbove[measure]!.ordinary
  const { line, part } = most
  const corrections = otherReadings({ line, without: sum - part, flour, measure, usual, recipe })
  const slip = isMuch ? misread(line) : twisted
  const isFraction = slip !== null && retypesIn(corrections).includes(slip.text)
  if (!isFraction && !isSaid) return []
  return [oddFinding(of, found, { fraction: isFraction ? slip.said : null, corrections })]
}

function oddIn(component: Component, recipe: Recipe, isMain: boolean): Finding[] {
  const of = lookAt(component, recipe, isMain)
  if (of.flour < leastFlour) return []
  return (Object.keys(usualAnywhere) as Usual[]).flatMap(measure => oddMeasure(of, measure))
}

/** Proportions far outside what such a dessert has, and fractions that explain them. */
export function oddRatios(written: Recipe): Finding[] {
  const recipe = withFinish(written)
  const mass = (c: Component) => c.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const main = recipe.components.reduce<Component | null>(
    (best, c) => (!best || mass(c) > mass(best) ? c : best),
    null,
  )
  return linesOf(recipe).length < 2
    ? []
    : recipe.components.flatMap(component => oddIn(component, recipe, component === main))
}
