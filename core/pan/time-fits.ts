import { finding, type Finding, type Recipe } from '../recipe'
import { bakesOf, mainBake } from './bake-times'
import { tinBatter, type TinBatter } from './batter'
import { predictBake } from './predict'
import { readTin, type TinReading } from './read-tin'
import { unanchored, unanchoredMinutes } from './rule'
import { bakeTimeRows } from './tables/bake-times'

/**
 * Recipes' own times lie within these factors of what their tin and batter ask for; [C] over the
 * reading corpus.
 */
const wide = { short: 1.6, long: 1.9 }

/** Its size was said, not taken from what is usual. */
const isSure = ({ tin, assumed }: TinReading) =>
  tin.shape !== 'tray' &&
  !assumed.some(text => /^the usual|^centimetres|^inches|^two|cups$/u.test(text))
/** It is done when its middle is as hot as a cake's; nothing of it is unweighed. */
const isCake = ({ row, unweighed }: TinBatter) =>
  row.by === 'heat' && row.finish >= 85 && !unweighed.length

/**
 * By the instant rule: where the tin's size is stated, its batter weighed, and heat has to go
 * through it. The model then says how long.
 */
function byDepth(recipe: Recipe, low: number, high: number, celsius: number): Finding[] {
  const reading = recipe.pan && readTin(recipe.pan.text)
  const batter = reading && tinBatter(recipe)
  if (!reading || !batter || !isSure(reading) || !isCake(batter)) return []
  const [quick, slow] = [unanchored.low, unanchored.high].map(each =>
    unanchoredMinutes(reading.tin, batter.ml / reading.tin.count, celsius, each),
  ) as [number, number]
  const isLong = low > slow * wide.long ? ('long' as const) : null
  const off = high < quick / wide.short ? ('short' as const) : isLong
  const found =
    off &&
    predictBake({
      tin: reading.tin,
      ml: batter.ml,
      celsius,
      family: batter.row.family,
      variant: batter.row.variant,
      density: batter.density,
      water: batter.water,
    })
  if (!found || !found.ok) return []
  const said = low === high ? `${low}` : `${low}–${high}`
  return [
    finding({
      code: 'bake-time',
      severity: 'ask',
      about: `${said} ${recipe.pan!.text}`,
      text: recipe.oven!.text,
      sentence:
        `${said} minutes at ${celsius} °C is ${off} for this tin: ` +
        `${Math.round(batter.grams)} g of batter lie about ` +
        `${found.depthCm.toFixed(1).replace(/\.0$/u, '')} cm deep in the ` +
        `${recipe.pan!.text}, which takes ${found.minutes[0]}–${found.minutes[1]} minutes.`,
    }),
  ]
}

/** By what its kind of tin or dessert usually takes, where no depth is known. */
function byKind(recipe: Recipe, low: number, high: number, celsius: number): Finding[] {
  const row =
    bakeTimeRows.find(r => r.sign.test(recipe.pan?.text ?? '')) ??
    bakeTimeRows.find(r => r.sign.test(recipe.title))
  if (!row || (low <= row.minutes[1] && high >= row.minutes[0])) return []
  const said = low === high ? `${low}` : `${low}–${high}`
  return [
    finding({
      code: 'bake-time',
      severity: 'ask',
      about: `${said} ${recipe.pan?.text ?? recipe.title}`,
      text: recipe.oven!.text,
      sentence:
        `${said} minutes at ${celsius} °C is odd for ${row.name}: usual are ` +
        `${row.minutes[0]}–${row.minutes[1]} minutes.`,
    }),
  ]
}

/**
 * "The stated time does not fit the stated tin." Silent where the oven is far from where cakes
 * bake, or no time is stated.
 */
export function timeFits(recipe: Recipe): Finding[] {
  const { oven } = recipe
  if (!oven?.minutes || !oven.celsius || oven.celsius < 145 || oven.celsius > 215) return []
  const bakes = bakesOf(recipe)
  const main = mainBake(bakes)!
  // Base and filling bake one after the other: together they are what the tin has had.
  const total = Math.max(
    main.minutes[1],
    bakes.reduce((sum, bake) => sum + bake.minutes[1], 0),
  )
  const depth = byDepth(recipe, main.minutes[0], total, oven.celsius)
  return depth.length
    ? depth
    : byKind(recipe, oven.minutes.low, Math.max(oven.minutes.high, total), oven.celsius)
}
