import type { Minutes } from '../measure'
import { fatKinds, flourKinds, ingredientById, nameIn } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import type { Filling } from './fill'
import { cueRows, safeEgg } from './tables/cues'
import { linerRows, notModelled } from './tables/liners'
import { materialOf } from './tables/materials'
import type { TinBatter } from './batter'
import type { Tin } from './tin'

/**
 * How it is seen that this dessert is done. On a dark batter no colour tells anything; a custard
 * with egg in it has its safe heat.
 */
export function cuesFor(batter: TinBatter): string[] {
  const { row } = batter
  const egg = batter.eggs > 0.15 ? 'with' : 'without'
  const cues = cueRows
    .filter(
      cue =>
        cue.by === row.by &&
        (!cue.families || cue.families.includes(row.family)) &&
        !cue.not?.includes(row.family) &&
        !(cue.colour && batter.dark) &&
        (!cue.egg || cue.egg === egg),
    )
    .map(cue => cue.says)
  const warm = row.by === 'heat' ? [`${row.finish} °C in the middle by a probe`] : []
  const safe =
    egg === 'with' && safeEgg.families.includes(row.family)
      ? [`egg is in it: at least ${safeEgg.celsius} °C in the middle before it is served`]
      : []
  return [
    ...cues,
    ...warm,
    ...safe,
    ...(batter.dark && row.by !== 'cold'
      ? ['its colour says nothing: the batter is dark already']
      : []),
  ]
}

/**
 * How the tin is made ready. `calls` names the lines of the recipe that go on it; what is put on a
 * tin is eaten too, so it is a line that the check sees.
 */
export interface LinerNote {
  readonly says: string
  readonly calls: readonly string[]
  /** A line to add, so that the check sees it. */ readonly missing: string | null
}

/**
 * Fat and dusting come from the recipe itself, whose people were checked; where it has none, a line
 * is offered that the check will see.
 */
export function linerFor(recipe: Recipe, tin: Tin, batter: TinBatter): LinerNote {
  const row =
    linerRows.find(
      r => r.shapes.includes(tin.shape) && (!r.families || r.families.includes(batter.row.family)),
    ) ?? linerRows.at(-1)!
  const stated = linesOf(recipe).filter(line => line.purpose === 'pan')
  const inIt = (kinds: readonly string[]) =>
    linesOf(recipe).find(
      line =>
        line.grams &&
        kinds.includes(ingredientById(line.ingredient ?? '')?.kind ?? '') &&
        !line.optional,
    )
  const nameOf = (line: ReturnType<typeof inIt>) =>
    line ? nameIn(ingredientById(line.ingredient!)!, recipe.region) : null
  const fat = row.grease ? inIt(fatKinds) : undefined
  const dust = row.dust ? inIt([...flourKinds, 'starch', 'cocoa']) : undefined
  const own = stated.map(line => line.name || line.text)
  const greased = () => {
    if (own.length) return `Grease: ${own.join(', ')}, as the recipe lists it.`
    return nameOf(fat) ? `Grease it with a little of the ${nameOf(fat)} of the recipe.` : ''
  }
  const parts = [
    row.says,
    ...(row.grease ? [greased()] : []),
    ...(row.dust && !own.length
      ? [
          nameOf(dust)
            ? `Dust it with a spoonful of the ${nameOf(dust)} of the recipe: dusting is eaten too.`
            : '',
        ]
      : []),
  ].filter(Boolean)
  return {
    says: parts.join(' '),
    calls: [
      ...stated.map(l => l.id),
      ...[fat, dust].flatMap(l => (l && !own.length ? [l.id] : [])),
    ],
    missing: row.grease && !own.length && !fat ? 'oil, for the tin' : null,
  }
}

/** Minutes before it is cut: a crumb without egg sets while it cools. */
export const settlesFor = (batter: TinBatter): Minutes =>
  batter.row.settles[batter.eggs > 0.15 ? 0 : 1]

/** What the figures do not know, and what the tin itself does. */
export function remarksOn(
  fillings: readonly Filling[],
  batter: TinBatter,
  at: { readonly trays: number; readonly altitude: number },
): string[] {
  const said = [...new Set(fillings.map(f => materialOf(f.tin.material).says).filter(Boolean))]
  const rows = notModelled.filter(
    row =>
      (row.by === undefined || row.by.includes(batter.row.by)) &&
      (!row.families || row.families.includes(batter.row.family)) &&
      (row.trays === undefined || at.trays >= row.trays) &&
      (row.altitude === undefined || at.altitude >= row.altitude),
  )
  return [...said, ...rows.map(row => row.says)]
}
