import {
  exactly,
  fillingRows,
  millilitresIn,
  times,
  unitById,
  type Amount,
  type Region,
  type Spread,
  type Unit,
} from '../measure'
import type { Handling, Ingredient } from './ingredient'
import { ownSpoon } from './lookup'
import { eggSizes } from './tables/egg-sizes'

/** How a weight was found, in words for the baker, and on what source it rests. */
export interface Weighed {
  readonly grams: Spread | null
  readonly how: string
  readonly source: string
}

const round = (n: number, digits = 3) => Number(n.toPrecision(digits))
const inRange = ({ low, high }: Amount): Spread => ({ low, best: (low + high) / 2, high })

/** The handling that a line's words name ("packed", "sifted"), if this ingredient has a density for it. */
function handlingIn(words: string, ingredient: Ingredient): Handling | null {
  const found = /\b(sifted|spooned|scooped|packed|melted)\b/i.exec(words)?.[1]?.toLowerCase() as
    Handling | undefined
  return found && ingredient.density[found] ? found : null
}

/**
 * Grams a millilitre: what the words say, else as this baker usually fills it, else the first
 * handling of the row; the others are its spread.
 */
function densityOf(
  ingredient: Ingredient,
  words: string,
  usual: Handling | undefined,
): { spread: Spread; handling: Handling } {
  const said = handlingIn(words, ingredient)
  if (said) return { spread: exactly(ingredient.density[said]!), handling: said }
  const [[first, firstDensity]] = Object.entries(ingredient.density) as [[Handling, number]]
  const [handling, best] =
    usual && ingredient.density[usual] ? [usual, ingredient.density[usual]!] : [first, firstDensity]
  const others = (Object.entries(ingredient.density) as [Handling, number][])
    .filter(([h]) => h !== 'melted')
    .map(([, d]) => d)
  return {
    spread: { low: Math.min(best, ...others), best, high: Math.max(best, ...others) },
    handling,
  }
}

const sizeWord = /\b(extra[\s-]large|jumbo|large|medium|small|xl)\b/i

function eggPiece(
  ingredient: Ingredient,
  words: string,
  region: Region,
): { g: Spread; how: string } | null {
  const whole = ingredient.pieces['']
  if (!whole || !ingredient.kind.startsWith('egg')) return null
  const said =
    sizeWord.exec(words)?.[1]?.toLowerCase().replace('-', ' ').replace('xl', 'extra large') ?? ''
  const [low, best, high] = eggSizes[region][said] ?? eggSizes[region]['']!
  const share = whole[1] / 50
  return {
    g: { low: low * share, best: best * share, high: high * share },
    how: `${said ? `${said} there` : 'the usual size there'}: ${round(best * share)} g without shell`,
  }
}

/** "Large" and "small" are the ends of what such pieces weigh; nothing said is the middle. */
function sized(
  [low, best, high]: readonly [number, number, number],
  words: string,
): readonly [number, number, number] {
  const said = sizeWord.exec(words)?.[1]?.toLowerCase()
  if (!said || said === 'medium') return [low, best, high]
  return said === 'small'
    ? [low, (low + best) / 2, best]
    : [best, said === 'large' ? (best + high) / 2 : high, high]
}

/** What one piece weighs there: a square of chocolate is an ounce in North America. */
const pieceIn = (ingredient: Ingredient, unit: string, region: Region) =>
  ingredient.pieces[`${unit}@${region}`] ?? ingredient.pieces[unit]

const unknownWeight = (how: string): Weighed => ({ grams: null, how, source: '' })

function byMass(count: Spread, unit: Unit): Weighed {
  const how =
    unit.id === 'g' ? 'weight as written' : `${unit.names.at(-1)} of ${round(unit.g!, 6)} g`
  return { grams: times(count, exactly(unit.g!)), how, source: unit.source }
}
function byPinch(count: Spread, unit: Unit): Weighed {
  const [low, best, high] = unit.range!
  const how = `a ${unit.id} is ${low}–${high} g`
  return { grams: times(count, { low, best, high }), how, source: unit.source }
}
/** What a word like "heaped" makes of a spoon or cup: a row, and by how much it is more. */
function fillingOf(unit: Unit, words: string) {
  const row = fillingRows.find(each => new RegExp(`\\b${each.word}\\b`, 'i').test(words))
  const ofCup = unit.id === 'cup' ? row?.cup : undefined
  const [low, best, high] = ofCup ?? row?.factor ?? [1, 1, 1]
  const isMeasure = unit.id !== 'ml' && unit.id !== 'l'
  const fill = isMeasure ? { low, best, high } : exactly(1)
  return { fill, said: row ? `, ${row.word}` : '' }
}
type OfIngredient = Omit<WeighAsked, 'unit' | 'ingredient'> & {
  readonly unit: Unit
  readonly ingredient: Ingredient
}
function byVolume({ amount, unit, ingredient, region, words, usual }: OfIngredient): Weighed {
  const count = inRange(amount)
  const ml = millilitresIn(unit, region)!
  const { fill, said } = fillingOf(unit, words)
  const own = ownSpoon(ingredient.id, unit.id)
  if (own) {
    const how = `your own ${unit.names[0]}: ${round(own.grams)} g${said}`
    const grams = times(times(count, exactly(own.grams)), fill)
    return { grams, how, source: 'weighed in this house' }
  }
  const handlings = Object.keys(ingredient.density).length
  if (!handlings)
    return unknownWeight(`what a spoon or cup of ${ingredient.name} weighs is not known`)
  const { spread, handling } = densityOf(ingredient, words, usual)
  const handled = handlings > 1 ? `, ${handling}` : ''
  const measure = unit.id === 'ml' ? '' : `${unit.names[0]} of ${round(ml, 4)} ml × `
  return {
    grams: times(times(times(count, exactly(ml)), fill), spread),
    how: `${measure}${round(spread.best)} g/ml${handled}${said}`,
    source: `${unit.source}; ${ingredient.source}`,
  }
}
function byPiece(
  count: Spread,
  unit: Unit | null,
  { ingredient, region, words }: Pick<OfIngredient, 'ingredient' | 'region' | 'words'>,
): Weighed {
  const egg = unit === null || unit.id === 'piece' ? eggPiece(ingredient, words, region) : null
  if (egg) return { grams: times(count, egg.g), how: egg.how, source: '[U]; [L, EU 2023/2465]' }
  const piece = pieceIn(ingredient, unit?.id ?? '', region)
  if (!piece)
    return unknownWeight(unit ? `what one ${unit.id} weighs is not known` : 'no unit is written')
  const [low, best, high] = sized(piece, words)
  const how = `${round(best)} g each`
  return { grams: times(count, { low, best, high }), how, source: ingredient.source }
}

/** An amount in a unit of an ingredient, with the words around it, in a region; handling as it is usual. */
export interface WeighAsked {
  readonly amount: Amount
  readonly unit: Unit | null
  readonly ingredient: Ingredient | null
  readonly region: Region
  readonly words: string
  readonly usual?: Handling
}

/**
 * Grams of an amount in a unit (null: a bare count) of an ingredient, in that region, with low and
 * high; `words` are the line's other words (they may name a handling, a filling or an egg's size);
 * `usual` is how this baker fills a cup when no word says it. `grams` is null when it cannot be
 * known: no weight for such a piece, or a volume of something whose density is not known.
 */
export function weigh(asked: WeighAsked): Weighed {
  const { amount, unit, ingredient, region, words } = asked
  const count = inRange(amount)
  const isOwnStick = unit?.id === 'stick-butter' && ingredient?.pieces['stick-butter']
  if (unit?.kind === 'mass' && !isOwnStick) return byMass(count, unit)
  if (unit?.kind === 'vague') return byPinch(count, unit)
  if (!ingredient) return unknownWeight('the ingredient is not known, so its weight is not either')
  if (unit?.kind === 'volume') return byVolume({ ...asked, unit, ingredient })
  return byPiece(count, unit, { ingredient, region, words })
}

/** Grams a millilitre by the house's own weighed spoon or cup of it; null when none was weighed. */
export function ownDensity(ingredient: Ingredient, region: Region): number | null {
  for (const id of ['tbsp', 'tsp', 'cup']) {
    const own = ownSpoon(ingredient.id, id)
    const ml = own && millilitresIn(unitById(id)!, region)
    if (own && ml) return own.grams / ml
  }
  return null
}
