import type { Celsius } from '../measure'
import type { Recipe } from '../recipe'
import { cuesFor, linerFor, remarksOn, settlesFor } from './advice'
import { bakesOf, mainBake, type StatedBake } from './bake-times'
import { tinBatter, type TinBatter } from './batter'
import { share, takes, type Filling } from './fill'
import type { Kitchen } from './kitchen'
import { otherSettings, ovenOffset, settingOf } from './oven'
import { acrossOf, layTray, loadsOf } from './pieces'
import { cutOf } from './cut'
import { retold } from './retold'
import type { SizedPieces, SizedTin, SizedUp, Sizing } from './sized'
import { predictBake, type BakeTime } from './predict'
import { readTin, type TinReading } from './read-tin'
import { amountsOf, resize } from './resize'
import { countedEggs, factorFor, statedCount } from './target'
import { wholeOnTray } from './tables/tin-words'
import { usualTin } from './tables/tins'
import { tinProblem, type NamedTin, type Tin } from './tin'

export const asWritten: Sizing = { target: { by: 'times', times: 1 }, tins: [] }

/** Grams of a piece of dough where nobody says. [M] */
const usualPiece = 30
/** The tin that the recipe is baked in: what the baker says, else its words, else a tray of this kitchen. */
function statedTin(
  sizing: Sizing,
  reading: TinReading | null,
  isOnTray: boolean,
  kitchen: Kitchen,
) {
  const { length, breadth } = kitchen.tray
  const tray: Tin = { ...usualTin('tray-40'), top: [length, breadth], bottom: [length, breadth] }
  const stated: Tin | null = sizing.stated ?? reading?.tin ?? (isOnTray ? tray : null)
  const name = sizing.stated?.name ?? reading?.text ?? 'the tray'
  const isSound = stated !== null && !tinProblem(stated)
  const own: readonly NamedTin[] = isSound
    ? [{ ...stated, id: 'stated', name, source: 'the recipe' }]
    : []
  return { stated, own }
}

/** The bake that counts: what the baker says of its time, else the recipe's, else its heat alone. */
function bakeMeant(recipe: Recipe, sizing: Sizing, first: StatedBake | null): StatedBake | null {
  const celsius = recipe.oven?.celsius ?? null
  if (sizing.statedMinutes)
    return {
      minutes: sizing.statedMinutes,
      celsius: first?.celsius ?? celsius,
      step: first?.step ?? null,
      action: first?.action ?? null,
      again: false,
    }
  if (first) return first
  return celsius ? { minutes: [0, 0], celsius, step: null, action: null, again: false } : null
}

/** Its bakes: the one that counts, its heat, and those that come after. */
function bakesMeant(recipe: Recipe, sizing: Sizing) {
  const bakes = bakesOf(recipe)
  const first = mainBake(bakes)
  const main = bakeMeant(recipe, sizing, first)
  return {
    main,
    timed: main && main.minutes[1] > 0 ? main : null,
    heat: sizing.celsius ?? main?.celsius ?? null,
    again: bakes.filter(bake => bake !== first),
  }
}

/** “Serves 8” counts the eaters: what is shaped into one round is one piece. */
const isOnePiece = (recipe: Recipe): boolean =>
  /\bserv|\bportions?\b|\bpeople\b/iu.test(recipe.yield?.text ?? '') &&
  recipe.components.some(c => c.steps.some(step => wholeOnTray.test(step)))

/** Grams of a piece: as the baker says, else of the recipe's own count, else a usual one. */
function gramsOfPiece(
  sizing: Sizing,
  batter: TinBatter | null,
  { count, isOne }: { readonly count: number | null; readonly isOne: boolean },
): number {
  if (sizing.pieceGrams !== undefined) return sizing.pieceGrams
  if (batter && isOne) return batter.grams
  return batter && count ? batter.grams / count : usualPiece
}

/** The stated tin and how much is in it, as the bake time is asked for; of a tray, one piece alone. */
function knownFilling(
  before: TinBatter,
  stated: Tin | null,
  { given, isOne }: { readonly given: number | null; readonly isOne: boolean },
): { readonly tin: Tin | null; readonly ml: number } {
  if (stated?.shape !== 'tray') return { tin: stated, ml: before.ml }
  // Where nobody says how many, its own pieces are taken to be usual ones.
  const pieces = isOne ? 1 : (given ?? Math.max(1, before.grams / usualPiece))
  return { tin: { ...stated, count: 1 }, ml: before.ml / pieces }
}

/** What tins are timed by: the batter as written and as sized, the known bake, the oven’s heat. */
interface Timing {
  readonly before: TinBatter
  readonly batter: TinBatter
  readonly known: { readonly tin: Tin | null; readonly ml: number }
  readonly main: StatedBake | null
  readonly heat: Celsius | null
  readonly start: Celsius | undefined
  readonly altitude: number
  readonly quick: boolean
}

/** One filled tin with its bake time. */
function timedTin(filling: Filling, tin: NamedTin, by: Timing): SizedTin {
  const { before, batter, known, main, heat, start, altitude, quick } = by
  const isTray = filling.tin.shape === 'tray'
  const time = predictBake(
    {
      ...known,
      minutes: main && main.minutes[1] > 0 ? main.minutes : null,
      celsius: main?.celsius ?? null,
      family: batter.row.family,
      variant: batter.row.variant,
      density: batter.density,
      water: batter.water,
      fill: before.row.fill,
      rise: before.row.rise,
    },
    {
      tin: isTray ? { ...filling.tin, count: 1 } : filling.tin,
      ml: isTray ? filling.ml : filling.ml * filling.tin.count,
      celsius: heat,
      start,
      altitude,
      quick,
    },
  )
  return { tin, name: tin.name, filling, gramsEach: (batter.grams * filling.ml) / batter.ml, time }
}

/** The longest of the times that can be worked out. */
function slowestOf(tins: readonly SizedTin[]): BakeTime | null {
  const times = tins.map(t => t.time).filter((t): t is BakeTime => t.ok)
  return times.length ? times.reduce((a, b) => (b.likely > a.likely ? b : a)) : null
}

/** What the oven of this kitchen is set to. */
function ovenSetting(heat: Celsius, kitchen: Kitchen): NonNullable<SizedUp['setting']> {
  const offset = ovenOffset(kitchen.oven)
  return {
    says: settingOf(heat, kitchen.oven, offset.degrees).says,
    others: otherSettings(heat, kitchen.oven, offset.degrees),
    offset,
  }
}

const eggsIn = (recipe: Recipe): number =>
  countedEggs(recipe).reduce((sum, { amount }) => sum + (amount!.low + amount!.high) / 2, 0)

/** The amounts at the wanted size, into the wanted tins; or why not, and then into the stated one. */
function resizedFor(
  recipe: Recipe,
  sizing: Sizing,
  by: {
    readonly before: TinBatter | null
    readonly stated: Tin | null
    readonly own: readonly NamedTin[]
    readonly measureIn: 'grams' | 'spoons'
  },
) {
  const { before, stated, own, measureIn } = by
  const byTest = sizing.target.by === 'test' ? testCups(recipe, sizing, before) : own
  const wanted = sizing.tins.length ? sizing.tins : byTest
  const all = stated ? [...wanted, stated] : wanted
  const bad = all.map(tinProblem).find(Boolean)
  if (bad) return { tins: own, factor: 1, recipe: null, problem: bad, notes: [] }
  const sized = resize(recipe, sizing.target, {
    from: stated,
    to: wanted,
    said: sizing.said,
    measureIn,
  })
  return {
    tins: sized.ok ? wanted : own,
    factor: sized.factor,
    recipe: sized.ok ? sized.recipe : null,
    problem: sized.ok ? null : sized.problem,
    notes: sized.notes,
  }
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
  const isOnTray = ['browning', 'drying'].includes(before?.row.by ?? '')
  const { stated, own } = statedTin(sizing, reading, isOnTray, kitchen)
  const sized = resizedFor(recipe, sizing, { before, stated, own, measureIn })
  const { tins, factor } = sized
  const batter = timesFactor(before, factor)

  const { main, timed, heat, again } = bakesMeant(recipe, sizing)
  const given = statedCount(recipe)
  const count = given === null ? null : given * factor
  const isOne = isOnePiece(recipe)
  const pieces = batter && piecesOn(tins, batter, sizing, { count, isOne, kitchen })
  const { altitude } = kitchen
  const sizedTins =
    before && batter
      ? timedTins(tins, pieces, {
          before,
          batter,
          main,
          heat,
          altitude,
          quick,
          start: sizing.start,
          known: knownFilling(before, stated, { given, isOne }),
        })
      : []
  const asBaked = { main, time: slowestOf(sizedTins), tins: sizedTins, changed: tins !== own }
  return {
    recipe: sized.recipe ? retold(sized.recipe, asBaked) : recipe,
    factor,
    problem: sized.problem,
    notes: sized.notes,
    reading,
    counts: { eggs: eggsIn(recipe), makes: given },
    amounts: amountsOf(recipe, factor, measureIn),
    stated,
    batter,
    tins: sizedTins,
    pieces,
    cut: pieces ? null : cutOf(tins[0], count, sizing.cut),
    bake: timed,
    again,
    setting: heat && batter?.row.by !== 'cold' ? ovenSetting(heat, kitchen) : null,
    ...adviceFor(recipe, batter, sizedTins, { sizing, kitchen }),
  }
}

const timedTins = (
  tins: readonly NamedTin[],
  pieces: SizedPieces | null,
  by: Timing,
): SizedTin[] =>
  tins.length
    ? filledBy(tins, by.batter, pieces).map((filling, i) => timedTin(filling, tins[i]!, by))
    : []

/** How the batter stands in each tin; pieces lie on their tray by their number. */
const filledBy = (tins: readonly NamedTin[], batter: TinBatter, pieces: SizedPieces | null) =>
  share(
    tins.map(tin => (pieces ? { ...tin, count: Math.min(96, pieces.count) } : tin)),
    batter.ml,
    batter.row,
  )

const timesFactor = (before: TinBatter | null, factor: number): TinBatter | null =>
  before && {
    ...before,
    grams: before.grams * factor,
    ml: before.ml * factor,
    flour: before.flour * factor,
  }

/** What to look for and to mind, where anything is known of the batter. */
function adviceFor(
  recipe: Recipe,
  batter: TinBatter | null,
  tins: readonly SizedTin[],
  { sizing, kitchen }: { readonly sizing: Sizing; readonly kitchen: Kitchen },
): Pick<SizedUp, 'cues' | 'liner' | 'remarks' | 'settles'> {
  if (!batter) return { cues: [], liner: null, remarks: [], settles: 0 }
  const fillings = tins.map(t => t.filling)
  const trays = sizing.traysAtOnce ?? kitchen.tray.atOnce
  return {
    cues: cuesFor(batter),
    liner: tins[0] ? linerFor(recipe, tins[0].tin, batter) : null,
    remarks: remarksOn(fillings, batter, { trays, altitude: kitchen.altitude }),
    settles: settlesFor(batter),
  }
}

/** The pieces of dough on one tray; null where it is no tray, or nobody shapes such a piece. */
function piecesOn(
  tins: readonly NamedTin[],
  batter: TinBatter,
  sizing: Sizing,
  by: { readonly count: number | null; readonly isOne: boolean; readonly kitchen: Kitchen },
): SizedPieces | null {
  const [tray, more] = tins
  const grams = gramsOfPiece(sizing, batter, by)
  if (tray?.shape !== 'tray' || more || !(grams >= 1 && grams <= 5000)) return null
  const count = Math.max(1, Math.round(batter.grams / grams))
  return laid({
    tin: tray,
    count,
    grams: batter.grams,
    kitchen: by.kitchen,
    atOnce: sizing.traysAtOnce,
  })
}

/** As many muffin cups as the tests fill. */
function testCups(recipe: Recipe, sizing: Sizing, batter: TinBatter | null): NamedTin[] {
  const cup = { ...usualTin('cups-12'), count: 1 }
  const found = factorFor(recipe, sizing.target, { batter })
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

/** So many pieces of so many grams in all, on one tray. */
interface LaidTray {
  readonly tin: Tin
  readonly count: number
  readonly grams: number
  readonly kitchen: Kitchen
  readonly atOnce?: number
}

/** Pieces of equal weight on trays; the rest of the dough is in them. */
function laid({ tin, count, grams, kitchen, atOnce = kitchen.tray.atOnce }: LaidTray): SizedPieces {
  const each = grams / count
  const across = acrossOf(each)
  const [length, breadth] = tin.bottom
  const layout = layTray(length, breadth, across)
  const { loads, last } = loadsOf(count, layout.count, atOnce)
  return { count, grams: each, across, layout, tray: [length, breadth], loads, last }
}
