import type { Celsius, Minutes } from '../measure'
import { readSteps, type Recipe } from '../recipe'
import { cuesFor, linerFor, remarksOn, settlesFor, type LinerNote } from './advice'
import { bakesOf, mainBake, type StatedBake } from './bake-times'
import { tinBatter, type BatterSaid, type TinBatter } from './batter'
import { share, takes, type Filling } from './fill'
import type { Kitchen } from './kitchen'
import { otherSettings, ovenOffset, settingOf, type OvenOffset } from './oven'
import {
  acrossOf,
  cutInto,
  layTray,
  loadsOf,
  slicesOf,
  squaresOf,
  type Grid,
  type Layout,
} from './pieces'
import { predictBake, type BakeProblem, type BakeTime } from './predict'
import { readTin, type TinReading } from './read-tin'
import { amountsOf, resize, type SizeNote, type SizedAmount } from './resize'
import { countedEggs, factorFor, statedCount, type SizeTarget } from './target'
import { wholeOnTray } from './tables/tin-words'
import { usualTin } from './tables/tins'
import { tinProblem, type NamedTin, type Tin } from './tin'

/** How a baker wants a bake sized; kept with the bake. What is absent stays as the recipe says. */
export interface Sizing {
  readonly target: SizeTarget
  /** Tins of this house or usual ones, with how many of each; none: the stated one. */
  readonly tins: readonly NamedTin[]
  /** What the recipe is really baked in, where its words do not say or say it wrong. */
  readonly stated?: NamedTin
  readonly statedMinutes?: readonly [Minutes, Minutes]
  /** The heat it is to have, of a still oven. */
  readonly celsius?: Celsius
  readonly start?: Celsius
  readonly said?: BatterSaid
  /** Grams of dough a piece, on a tray. */
  readonly pieceGrams?: number
  /** Cut into so many, or into squares or slices of that side in cm. */
  readonly cut?: { readonly by: 'count' | 'side'; readonly n: number }
  readonly traysAtOnce?: number
}

export const asWritten: Sizing = { target: { by: 'times', times: 1 }, tins: [] }

/** One tin of the choice, filled and timed. Grams are of each single tin or cup. */
export interface SizedTin {
  readonly tin: Tin
  readonly name: string
  readonly filling: Filling
  readonly gramsEach: number
  readonly time: BakeTime | BakeProblem
}
export interface SizedPieces {
  readonly count: number
  readonly grams: number
  readonly across: number
  readonly layout: Layout
  readonly tray: readonly [number, number]
  readonly loads: number
  readonly last: number
}
export type SizedCut =
  | { readonly how: 'grid'; readonly grid: Grid }
  | { readonly how: 'wedges'; readonly count: number }
  | { readonly how: 'slices'; readonly count: number; readonly thick: number }

export interface SizedUp {
  /** At its new size, with tin and bake time in words and steps. As it was, where `problem` says why. */
  readonly recipe: Recipe
  readonly factor: number
  readonly problem: { readonly code: string; readonly sentence: string } | null
  readonly notes: readonly SizeNote[]
  /** What the recipe's words say of its tin; null where they name none. */
  readonly reading: TinReading | null
  /** Of the recipe as written: eggs that are counted, and how many it makes; null where nobody says. */
  readonly counts: { readonly eggs: number; readonly makes: number | null }
  /** Every line, as written and at the new size. */
  readonly amounts: readonly SizedAmount[]
  readonly stated: Tin | null
  readonly batter: TinBatter | null
  readonly tins: readonly SizedTin[]
  readonly pieces: SizedPieces | null
  readonly cut: SizedCut | null
  readonly bake: StatedBake | null
  /** Further times in the oven, kept as written. */
  readonly again: readonly StatedBake[]
  readonly setting: {
    readonly says: string
    readonly others: readonly string[]
    readonly offset: OvenOffset
  } | null
  readonly cues: readonly string[]
  readonly liner: LinerNote | null
  readonly remarks: readonly string[]
  readonly settles: Minutes
}

/** Grams of a piece of dough where nobody says. [M] */
const usualPiece = 30
const saidWindow = ([low, high]: readonly [Minutes, Minutes]) =>
  low === high ? `${low} minutes` : `${low}–${high} minutes`

const counted = /^(?:\d+|one)\s+cups?\b/u
/** Its steps with the new time, and the new tin where they name the old one. */
function retold(
  recipe: Recipe,
  main: StatedBake | null,
  time: BakeTime | null,
  tins: readonly SizedTin[],
  changed: boolean,
): Recipe {
  const words = tins.map(t => t.name).join(' and ')
  const from = recipe.pan?.text
  const moved = time && main?.step && time.by !== 'stated' && time.likely > 0
  const placed = moved
    ? readSteps(recipe).find(s => s.component === main.step!.component && s.at === main.step!.at)
    : undefined
  const span = placed?.times.find(
    t => t.kind === 'bake' && t.low === main!.minutes[0] && t.high === main!.minutes[1],
  )?.span
  return {
    ...recipe,
    pan: changed && words ? { text: words } : recipe.pan,
    oven:
      recipe.oven && moved
        ? { ...recipe.oven, minutes: { low: time.minutes[0], high: time.minutes[1] } }
        : recipe.oven,
    components: recipe.components.map(c => ({
      ...c,
      steps: c.steps.map((text, at) => {
        const timed =
          span && c.name === main!.step!.component && at === main!.step!.at
            ? `${text.slice(0, span[0])}${saidWindow(time!.minutes)}${text.slice(span[1])}`
            : text
        if (!changed || !words || !from || !timed.includes(from)) return timed
        // "a 900 g loaf tin" becomes "3 cups of a muffin tin", without its article.
        const before = timed.indexOf(from)
        const lead = counted.test(words)
          ? timed.slice(0, before).replace(/\b(?:an?|one|your|the)\s+$/iu, '')
          : timed.slice(0, before)
        return `${lead}${words}${timed.slice(before + from.length)}`
      }),
    })),
  }
}

function cutOf(tin: Tin | undefined, count: number | null, cut: Sizing['cut']): SizedCut | null {
  if (!tin || (cut && !(cut.n > 0))) return null
  const whole = Math.max(1, Math.min(200, Math.round(cut?.by === 'count' ? cut.n : (count ?? 0))))
  if (
    tin.shape === 'log' ||
    (tin.shape === 'box' && tin.top[0] > 1.5 * tin.top[1] && tin.height > 5.5)
  ) {
    const thick = cut?.by === 'side' ? cut.n : count || cut ? tin.top[0] / whole : 2.5
    const slices = cut?.by === 'side' || (!count && !cut) ? slicesOf(tin.top[0], thick) : whole
    return slices ? { how: 'slices', count: slices, thick } : null
  }
  if (tin.shape === 'box') {
    const [a, b] = tin.bottom
    if (cut?.by === 'side') {
      const grid = squaresOf(a, b, cut.n)
      return grid.count ? { how: 'grid', grid } : null
    }
    return count || cut ? { how: 'grid', grid: cutInto(a, b, whole) } : null
  }
  return (tin.shape === 'round' || tin.shape === 'ring') && (count || cut?.by === 'count')
    ? { how: 'wedges', count: whole }
    : null
}

/**
 * Everything that the pan stage says of a bake: amounts at the new size, how the batter stands in
 * each tin, how long it bakes in this house's oven, how it is laid, cut and seen to be done;
 * `quick` leaves the heat model out. A wish that cannot be met is a `problem`; the rest is then
 * said of the recipe as it is.
 *
 * @example
 * const recipe = readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe
 * sizeUp(recipe, asWritten, usualKitchen).factor // 1
 */
export function sizeUp(
  recipe: Recipe,
  sizing: Sizing,
  kitchen: Kitchen,
  measureIn: 'grams' | 'spoons' = 'grams',
  quick = false,
): SizedUp {
  const reading = recipe.pan ? readTin(recipe.pan.text) : null
  const before = tinBatter(recipe, sizing.said)
  const onTray = before?.row.by === 'browning' || before?.row.by === 'drying'
  const tray: Tin = {
    ...usualTin('tray-40'),
    top: [kitchen.tray.length, kitchen.tray.breadth],
    bottom: [kitchen.tray.length, kitchen.tray.breadth],
  }
  const stated: Tin | null = sizing.stated ?? reading?.tin ?? (onTray ? tray : null)
  const own: readonly NamedTin[] =
    stated && !tinProblem(stated)
      ? [
          {
            ...stated,
            id: 'stated',
            name: sizing.stated?.name ?? reading?.text ?? 'the tray',
            source: 'the recipe',
          },
        ]
      : []
  const wanted = sizing.tins.length
    ? sizing.tins
    : sizing.target.by === 'test'
      ? testCups(recipe, sizing, before)
      : own
  const bad = [...wanted, ...(stated ? [stated] : [])].map(tinProblem).find(Boolean) ?? null
  const sized = bad
    ? { ok: false as const, problem: bad, recipe, factor: 1 as const, notes: [] }
    : resize(recipe, sizing.target, { from: stated, to: wanted, said: sizing.said, measureIn })
  const tins = sized.ok ? wanted : own
  const { factor } = sized
  const batter = before && {
    ...before,
    grams: before.grams * factor,
    ml: before.ml * factor,
    eggs: before.eggs,
    flour: before.flour * factor,
  }
  const bakes = bakesOf(recipe)
  const first = mainBake(bakes)
  const main: StatedBake | null = sizing.statedMinutes
    ? {
        minutes: sizing.statedMinutes,
        celsius: first?.celsius ?? recipe.oven?.celsius ?? null,
        step: first?.step ?? null,
        again: false,
      }
    : (first ??
      (recipe.oven?.celsius
        ? { minutes: [0, 0], celsius: recipe.oven.celsius, step: null, again: false }
        : null))
  const given = statedCount(recipe)
  const count = given === null ? null : given * factor

  const lies = tins.length === 1 && tins[0]!.shape === 'tray' && batter !== null
  // “Serves 8” counts the eaters: what is shaped into one round is one piece.
  const isOne =
    /\bserv|\bportions?\b|\bpeople\b/iu.test(recipe.yield?.text ?? '') &&
    recipe.components.some(c => c.steps.some(step => wholeOnTray.test(step)))
  const pieceGrams =
    sizing.pieceGrams ??
    (batter && isOne ? batter.grams : batter && count ? batter.grams / count : usualPiece)
  const pieces =
    lies && pieceGrams >= 1 && pieceGrams <= 5000
      ? laid(
          tins[0]!,
          Math.max(1, Math.round(batter.grams / pieceGrams)),
          batter.grams,
          kitchen,
          sizing.traysAtOnce,
        )
      : null
  const fillings =
    batter && tins.length
      ? share(
          tins.map(tin => (pieces ? { ...tin, count: Math.min(96, pieces.count) } : tin)),
          batter.ml,
          batter.row,
        )
      : []
  // Where nobody says how many, its own pieces are taken to be usual ones.
  const before0 =
    before && stated?.shape === 'tray'
      ? before.ml / (isOne ? 1 : (given ?? Math.max(1, before.grams / usualPiece)))
      : null
  const knownTin = stated && before0 && stated.shape === 'tray' ? { ...stated, count: 1 } : stated
  const heat = sizing.celsius ?? main?.celsius ?? null
  const sizedTins = fillings.map((filling, i): SizedTin => ({
    tin: tins[i]!,
    name: tins[i]!.name,
    filling,
    gramsEach: (batter!.grams * filling.ml) / batter!.ml,
    time: predictBake(
      {
        tin: knownTin,
        ml: knownTin && before0 && knownTin.shape === 'tray' ? before0 : before!.ml,
        minutes: main && main.minutes[1] > 0 ? main.minutes : null,
        celsius: main?.celsius ?? null,
        family: batter!.row.family,
        variant: batter!.row.variant,
        density: batter!.density,
        water: batter!.water,
        fill: before!.row.fill,
        rise: before!.row.rise,
      },
      {
        tin: filling.tin.shape === 'tray' ? { ...filling.tin, count: 1 } : filling.tin,
        ml: filling.tin.shape === 'tray' ? filling.ml : filling.ml * filling.tin.count,
        celsius: heat,
        start: sizing.start,
        altitude: kitchen.altitude,
        quick,
      },
    ),
  }))
  const offset = ovenOffset(kitchen.oven)
  const lead = sizedTins.map(t => t.time).filter((t): t is BakeTime => t.ok)
  const slowest = lead.length ? lead.reduce((a, b) => (b.likely > a.likely ? b : a)) : null
  const changed = tins !== own
  return {
    recipe: sized.ok ? retold(sized.recipe, main, slowest, sizedTins, changed) : recipe,
    factor,
    problem: sized.ok ? null : sized.problem,
    notes: sized.notes,
    reading,
    counts: {
      eggs: countedEggs(recipe).reduce(
        (sum, line) => sum + (line.amount!.low + line.amount!.high) / 2,
        0,
      ),
      makes: given,
    },
    amounts: amountsOf(recipe, factor, measureIn),
    stated,
    batter,
    tins: sizedTins,
    pieces,
    cut: pieces ? null : cutOf(tins[0], count, sizing.cut),
    bake: main && main.minutes[1] > 0 ? main : null,
    again: bakes.filter(b => b !== first),
    setting:
      heat && batter?.row.by !== 'cold'
        ? {
            says: settingOf(heat, kitchen.oven, offset.degrees).says,
            others: otherSettings(heat, kitchen.oven, offset.degrees),
            offset,
          }
        : null,
    cues: batter ? cuesFor(batter) : [],
    liner: batter && tins[0] ? linerFor(recipe, tins[0], batter) : null,
    remarks: batter
      ? remarksOn(
          sizedTins.map(t => t.filling),
          batter,
          { trays: sizing.traysAtOnce ?? kitchen.tray.atOnce, altitude: kitchen.altitude },
        )
      : [],
    settles: batter ? settlesFor(batter) : 0,
  }
}

/** As many muffin cups as the tests fill. */
function testCups(recipe: Recipe, sizing: Sizing, batter: TinBatter | null): NamedTin[] {
  const cup = { ...usualTin('cups-12'), count: 1 }
  const found = factorFor(recipe, sizing.target, batter)
  const count =
    found.ok && batter
      ? Math.max(
          1,
          Math.min(96, Math.ceil((batter.ml * found.factor) / takes(cup, batter.row) - 0.15)),
        )
      : 1
  return [
    {
      ...cup,
      count,
      name: count > 1 ? `${count} cups of a muffin tin` : 'one cup of a muffin tin',
    },
  ]
}

/** Pieces of equal weight on trays; the rest of the dough is in them. */
function laid(
  tin: Tin,
  count: number,
  grams: number,
  kitchen: Kitchen,
  atOnce = kitchen.tray.atOnce,
): SizedPieces {
  const each = grams / count
  const across = acrossOf(each)
  const [length, breadth] = tin.bottom
  const layout = layTray(length, breadth, across)
  const { loads, last } = loadsOf(count, layout.count, atOnce)
  return { count, grams: each, across, layout, tray: [length, breadth], loads, last }
}
