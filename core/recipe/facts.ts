import { readAmount, readOven } from '../measure'
import type { Oven, Pan, Recipe, Yield } from './recipe'

const makes = /\b(?:makes|serves|yields?|servings?|portions?|cuts\s+into)\b\s*:?\s*(?:about|approx\.?|around|one|a)?\s*(?=\d|[½¼]|one\b|two\b|three\b|four\b|five\b|six\b|eight\b|ten\b|twelve\b|a\s|an\s|\p{L}+\s+\d)/iu
const afterCount = /\b(\d{1,3}(?:\s*[-–]\s*\d{1,3})?)\s+(?:servings?|portions?|pieces|slices|muffins|cookies|biscuits|squares|buns|cupcakes|scones)\b/iu
const shapes = String.raw`(?:(?:round|square|loose[- ]bottomed|spring-?form|deep|shallow|rectangular|fluted|non-?stick|cake|loaf|traybake|muffin|bundt-style|ring|tart|flan|pie|brownie|baking|roasting|swiss-roll|metal|glass|ceramic|lined|greased|large|small|medium)[\s,-]+)*`
const vessels = String.raw`(?:tins?|pans?|dish(?:es)?|moulds?|molds?|trays?|cases?|ramekins?|skillet|sheets?)`
const sized = new RegExp(String.raw`((?:\d{1,3}(?:[.,½¼¾]\d*)?\s*(?:-|\s)?(?:cm|mm|inch(?:es)?|in\.?|"|”|lb|g|hole|cup|well)?\s*(?:x|×|by)?\s*(?:\/\s*|\(\s*)?){1,5}\)?[\s,-]*${shapes}${vessels})`, 'iu')
const named = new RegExp(String.raw`\b((?:round|square|loaf|muffin|ring|tart|brownie|spring-?form|traybake|ramekin|bundt-style)\s+${shapes}${vessels})`, 'iu')

/** How many it makes or serves, as the text says; the count is null when only words say it. */
export function readYield(text: string): Yield | null {
  const found = makes.exec(text)
  const line = found ? text.slice(found.index).split(/[\n.]/u)[0]!.trim() : text
  const pieces = afterCount.exec(line)
  if (!found) return pieces ? { text: pieces[0], count: readAmount(pieces[1]!, 0)!.amount } : null
  const first = readAmount(line, found[0].length)
  const isSize = first && /^\s*-?(?:g|kg|ml|cm|mm|inch|in\b|lb|"|x)/iu.test(line.slice(first.end))
  return { text: line, count: pieces ? readAmount(pieces[1]!, 0)!.amount : isSize ? null : first?.amount ?? null }
}

/** The tin or tray as the text names it. */
export function readPan(text: string): Pan | null {
  const found = sized.exec(text) ?? named.exec(text)
  return found ? { text: found[1]!.trim() } : null
}

const minuteRange = /(\d{1,3})(?:\s*(?:-|–|—|to)\s*(\d{1,3}))?\s*(?:min(?:ute)?s?\b|m\b)/iu
const hourRange = /(\d(?:[.,]\d|[½¼¾])?|an|one|one and a half|two)\s*(?:-\s*(\d)\s*)?(?:hours?|hrs?|h)\b(?:\s*(?:and\s*)?(\d{1,2})\s*min)?/iu

function bakeMinutes(sentence: string): { low: number, high: number } | null {
  const hours = hourRange.exec(sentence)
  if (hours && !/chill|rest|cool|prove|rise|fridge/iu.test(sentence)) {
    const whole = { 'an': 1, 'one': 1, 'two': 2, 'one and a half': 1.5 }[hours[1]!.toLowerCase()] ?? Number(hours[1]!.replace('½', '.5').replace('¼', '.25').replace('¾', '.75').replace(',', '.'))
    const low = whole * 60 + Number(hours[3] ?? 0)
    return { low, high: hours[2] ? Number(hours[2]) * 60 : low }
  }
  const found = minuteRange.exec(sentence)
  if (!found) return null
  const low = Number(found[1])
  return { low, high: found[2] ? Number(found[2]) : low }
}

/**
 * The oven setting and bake time of the steps: the first setting named, and the minutes of the first sentence that bakes.
 * `asks` is true for a bare 200–260 degrees. Null when neither a setting nor a time is named.
 */
export function readOvenFacts(texts: readonly string[]): { oven: Oven | null, asks: boolean, text: string } {
  const sentences = texts.flatMap(text => text.split(/(?<=[.;!?])\s+/u))
  const setting = sentences.map(readOven).find(found => found !== null) ?? null
  const baking = sentences.find(s => /\b(?:bake|baking|bakes|baked|in the oven|oven for|cook)\b/iu.test(s) && bakeMinutes(s) !== null && !/^\s*(?:prep|total)/iu.test(s))
  const minutes = baking ? bakeMinutes(baking) : null
  if (!setting && !minutes) return { oven: null, asks: false, text: '' }
  return { oven: { celsius: setting?.celsius ?? null, fan: setting?.fan ?? false, minutes, text: setting?.text ?? baking ?? '' }, asks: setting?.asks ?? false, text: setting?.text ?? '' }
}

/** What a recipe says of itself, as short texts: how many, which tin, how hot, how long. */
export function sayFacts(recipe: Recipe): string[] {
  const { oven } = recipe
  const minutes = oven?.minutes && (oven.minutes.low === oven.minutes.high ? `${oven.minutes.low} min` : `${oven.minutes.low}–${oven.minutes.high} min`)
  const heat = oven?.celsius && `${oven.celsius} °C${oven.fan ? ' (from a fan setting)' : ''}`
  return [recipe.yield?.text, recipe.pan?.text, heat, minutes].filter((fact): fact is string => Boolean(fact))
}
