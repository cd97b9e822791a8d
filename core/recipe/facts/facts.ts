import { readAmount, readOven, pattern } from '../../measure'
import type { Oven, Pan, Recipe, Yield } from '../recipe'
import { readStepTimes } from './step-times'
import { bakeWord } from '../tables/step-words'

const makes = pattern(
  'iu',
  String.raw`\b(?:makes|serves|yields?|servings?|portions?|cuts\s+into)\b\s*:?\s*(?:about|`,
  String.raw`approx\.?|around|one|a)?\s*(?=\d|[½¼]|one\b|two\b|three\b|four\b|five\b|six\b|`,
  String.raw`eight\b|ten\b|twelve\b|a\s|an\s|\p{L}+\s+\d)`,
)
const afterCount = pattern(
  'iu',
  String.raw`\b(\d{1,3}(?:\s*[-–]\s*\d{1,3})?)\s+(?:servings?|portions?|pieces|slices|`,
  String.raw`muffins|cookies|biscuits|squares|buns|cupcakes|scones)\b`,
)
const shapes = [
  String.raw`(?:(?:round|square|loose[- ]bottomed|spring-?form|deep|shallow|rectangular|fluted|`,
  String.raw`non-?stick|cake|loaf|traybake|muffin|bundt-style|ring|tart|flan|pie|brownie|baking|`,
  String.raw`roasting|swiss-roll|metal|glass|ceramic|lined|greased|large|small|medium)[\s,-]+)*`,
].join('')
const vessels = String.raw`(?:tins?|pans?|dish(?:es)?|moulds?|molds?|trays?|cases?|ramekins?|skillet|sheets?)`
const sized = pattern(
  'iu',
  String.raw`((?:\d{1,3}(?:[.,½¼¾]\d*)?\s*(?:-|\s)?(?:cm|mm|inch(?:es)?|in\.?|"|”|lb|g|hole|cup|`,
  String.raw`well)?\s*(?:x|×|by)?\s*(?:\/\s*|\(\s*)?){1,5}\)?[\s,-]*${shapes}${vessels})`,
)
const named = pattern(
  'iu',
  String.raw`\b((?:round|square|loaf|muffin|ring|tart|brownie|spring-?form|traybake|ramekin|`,
  String.raw`bundt-style)\s+${shapes}${vessels})`,
)

/** How many it makes or serves, as the text says; the count is null when only words say it. */
export function readYield(text: string): Yield | null {
  const found = makes.exec(text)
  const line = found
    ? text
        .slice(found.index)
        .split(/[\n.]/u)[0]!
        .replace(/^([^(]*)\)\s*$/u, '$1')
        .trim()
    : text
  const pieces = afterCount.exec(line)
  if (!found) return pieces ? { text: pieces[0], count: readAmount(pieces[1]!, 0)!.amount } : null
  const first = readAmount(line, found[0].length)
  const isSize = first && /^\s*-?(?:g|kg|ml|cm|mm|inch|in\b|lb|"|x)/iu.test(line.slice(first.end))
  return {
    text: line,
    count: pieces ? readAmount(pieces[1]!, 0)!.amount : isSize ? null : (first?.amount ?? null),
  }
}

/** The tin or tray as the text names it. */
export function readPan(text: string): Pan | null {
  const found = sized.exec(text) ?? named.exec(text)
  return found ? { text: found[1]!.trim() } : null
}

const baking = new RegExp(String.raw`\b(?:${bakeWord}|roast|in\s+the\s+oven|oven\s+for)\b`, 'iu')
const bakeFact = /^\s*(?:bak(?:e|ing)|cook(?:ing)?)\s*(?:time)?\s*[:–-]/iu

/** The minutes of the first sentence that bakes; a line such as "Bake time: 35 min" when no step says it. */
function bakeMinutes(texts: readonly string[]): { low: number; high: number; text: string } | null {
  const sentences = texts.flatMap(text => text.split(/(?<=[.;!?])\s+/u))
  for (const sentence of sentences) {
    const time =
      baking.test(sentence) && !/^\s*(?:prep|total)/iu.test(sentence)
        ? readStepTimes(sentence).find(
            t =>
              t.kind === 'bake' ||
              ((t.kind === 'other' || t.kind === 'cook') && /\boven\b|^\s*\W*bak/iu.test(sentence)),
          )
        : undefined
    if (time) return { low: time.low, high: time.high, text: sentence }
  }
  for (const text of texts)
    if (bakeFact.test(text)) {
      const time = readStepTimes(text)[0]
      if (time) return { low: time.low, high: time.high, text }
    }
  return null
}

/** The first oven setting that the texts name, and the bake time. Null when neither is there. */
export function readOvenFacts(texts: readonly string[]): Oven | null {
  const setting =
    texts
      .flatMap(text => text.split(/(?<=[.;!?])\s+/u))
      .map(readOven)
      .find(found => found !== null) ?? null
  const minutes = bakeMinutes(texts)
  if (!setting && !minutes) return null
  return {
    celsius: setting?.celsius ?? null,
    fan: setting?.fan ?? false,
    minutes: minutes && { low: minutes.low, high: minutes.high },
    text: setting?.text ?? minutes?.text ?? '',
  }
}

/** What a recipe says of itself, as short texts: how many, which tin, how hot, how long. */
export function sayFacts(recipe: Recipe): string[] {
  const { oven } = recipe
  const minutes =
    oven?.minutes &&
    (oven.minutes.low === oven.minutes.high
      ? `${oven.minutes.low} min`
      : `${oven.minutes.low}–${oven.minutes.high} min`)
  const heat = oven?.celsius && `${oven.celsius} °C${oven.fan ? ' (from a fan setting)' : ''}`
  return [recipe.yield?.text, recipe.pan?.text, heat, minutes].filter((fact): fact is string =>
    Boolean(fact),
  )
}
