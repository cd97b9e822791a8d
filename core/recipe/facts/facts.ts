import { readAmount, readOven } from '../../measure'
import type { Oven, Pan, Recipe, Yield } from '../recipe'
import { sentencesIn } from '../sentences'
import { readStepTimes } from './step-times'
import { vesselOf, vesselsIn } from './vessels'
import { bakeWord } from '../tables/step-words'
import { afterCount, makes } from '../tables/yields'

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
  const isSize =
    first && /^\s*-?(?:g|kg|ml|cm|mm|inch|in\b|lb|"|x|crowd|lot)/iu.test(line.slice(first.end))
  const plainCount = isSize ? null : (first?.amount ?? null)
  return {
    text: line,
    count: pieces ? readAmount(pieces[1]!, 0)!.amount : plainCount,
  }
}

/**
 * The tin, dish or mould that a recipe is made in: of those that its texts name the first that bakes
 * and has a size, else the first with a size, else the first. Null where none is named.
 */
export function readPan(texts: readonly string[]): Pan | null {
  const labelled = texts.map(vesselOf).find(found => found !== null)
  if (labelled) return { text: labelled }
  const all = texts.flatMap(vesselsIn).filter(v => v.sized || !v.flat)
  const one =
    all.find(v => v.sized && v.bakes) ??
    all.find(v => v.bakes) ??
    all.find(v => v.sized) ??
    all[0] ??
    bareIn(texts)
  return one ? { text: one.text.replace(prepared, '') } : null
}

const prepared = /^(?:(?:greased|lined|buttered|oiled|floured|prepared|and)[\s,]+)+/iu

/** "Press into a mould": a vessel without any size, where nothing better is said. */
function bareIn(texts: readonly string[]): { text: string } | null {
  for (const text of texts) {
    const hit =
      /\b(?:into|in)\s+(?:an?|the|small|large|\s)*\b(moulds?|molds?|basins?|terrine)\b/iu.exec(text)
    if (hit) return { text: hit[1]! }
  }
  return null
}

const baking = new RegExp(String.raw`\b(?:${bakeWord}|roast|in\s+the\s+oven|oven\s+for)\b`, 'iu')
const bakeFact = /^\s*(?:bak(?:e|ing)|cook(?:ing)?)\s*(?:time)?\s*[:–-]/iu

/** It goes on baking what bakes already: "30 minutes more", "then at 160 °C for 25 minutes". */
const goesOn = /\b(?:more|further|another|again|longer|then|continue|return)\b/iu

interface Baked {
  readonly low: number
  readonly high: number
  readonly text: string
}

const bakesIn = (sentence: string): readonly { low: number; high: number }[] =>
  baking.test(sentence) && !/^\s*(?:prep|total)/iu.test(sentence)
    ? readStepTimes(sentence).filter(
        t =>
          t.kind === 'bake' ||
          ((t.kind === 'other' || t.kind === 'cook') && /\boven\b|^\s*\W*bak/iu.test(sentence)),
      )
    : []

/**
 * The minutes of the bake: of the first sentence that bakes, with what it and later ones go on
 * baking; a line such as "Bake time: 35 min" when no step says it.
 */
function bakeMinutes(steps: readonly string[], texts: readonly string[]): Baked | null {
  let all: Baked | null = null as Baked | null
  for (const sentence of steps.flatMap(sentencesIn))
    for (const [i, time] of bakesIn(sentence).entries()) {
      if (!all) all = { low: time.low, high: time.high, text: sentence }
      else if (
        i > 0
          ? /\bthen\b/iu.test(sentence)
          : goesOn.test(sentence) && !/\bslices?\b/iu.test(sentence)
      )
        all = { ...all, low: all.low + time.low, high: all.high + time.high }
    }
  if (all) return all
  for (const text of texts)
    if (bakeFact.test(text)) {
      const time = readStepTimes(text)[0]
      if (time) return { low: time.low, high: time.high, text }
    }
  return null
}

/**
 * The first oven setting that the steps or facts name, and the bake time. Null when neither is
 * there.
 */
export function readOvenFacts(steps: readonly string[], facts: readonly string[]): Oven | null {
  const setting =
    [...steps, ...facts]
      .flatMap(sentencesIn)
      .map(readOven)
      .find(found => found !== null) ?? null
  const minutes = bakeMinutes(steps, facts)
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
