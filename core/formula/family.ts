import { readMethod, withFinish } from '../method'
import type { Component, Line, Recipe } from '../recipe'
import {
  crumbFamilies,
  familyRows,
  familyRules,
  general,
  heated,
  mayBeFoam,
  saysCake,
  tooSweet,
  type FamilyRow,
  type When,
} from './tables/families'
import { variantRows } from './tables/variants'
import { ratiosOf, type Ratio, type Ratios } from './ratios'
import { weightsOf } from './weight'

export type { FamilyRow }

/** What kind of dessert a part is, and what said so. */
export interface FamilyReading {
  readonly family: FamilyRow
  readonly because: string
}

const within = (ratios: Ratios, when: When) =>
  (Object.entries(when) as [Ratio, readonly [number, number]][]).every(
    ([ratio, [low, high]]) => ratios[ratio] >= low && ratios[ratio] <= high,
  )
const byId = new Map(familyRows.map(row => [row.id, row]))
export const familyById = (id: string): FamilyRow => byId.get(id) ?? byId.get('other')!

/** The family as the narrower kind that it is here, when its words or proportions say so. */
function narrowed(family: FamilyRow, text: string, ratios: Ratios): FamilyRow {
  const of = variantRows.filter(row => row.of === family.id)
  const row =
    of.find(v => text && v.words?.test(text) && within(ratios, v.wide)) ??
    of.find(v => v.when && within(ratios, v.when))
  return row
    ? {
        ...family,
        name: row.name,
        variant: row.id,
        weights: { ...family.weights, ...row.weights },
        eggLift: row.eggLift ?? family.eggLift,
      }
    : family
}

const byWords = (text: string, ratios: Ratios) =>
  text ? familyRows.find(row => row.words?.test(text) && within(ratios, row.wide)) : undefined
const creamed = /\b(?:cream|beat)\b[^.]{0,40}\b(?:butter|margarine|fat|block)\b/iu

/** The family that the words alone speak of, whatever the proportions: to judge the proportions by. */
export function familySaid(component: Component, title: string, isMain: boolean): FamilyRow | null {
  const { yeastShare } = ratiosOf(weightsOf(component.lines))
  // Buns without yeast are little cakes.
  const said = (text: string) =>
    familyRows.find(row => row.words?.test(text) && (!row.wide.yeastShare || yeastShare > 0))
  return (
    said(component.name) ??
    (isMain || general.test(component.name) ? said(title) : undefined) ??
    null
  )
}

const readAlone = new WeakMap<Component, Recipe>()
/** A part as a recipe of its own, to read its method. */
function alone(component: Component): Recipe {
  const known = readAlone.get(component)
  if (known) return known
  const bare = { title: '', region: 'uk', yield: null, pan: null, oven: null } as const
  const recipe = { ...bare, components: [component] }
  readAlone.set(component, recipe)
  return recipe
}
/** Its steps make other parts too: they take much that it does not list. */
function isShared(component: Component): boolean {
  const takes = readMethod(alone(component)).actions.flatMap(action => action.takes)
  const others = takes.flatMap(({ thing, readies }) =>
    thing.is === 'aside' && !readies ? (thing.ingredient ?? []) : [],
  )
  return new Set(others.filter(id => !besideIds.has(id))).size >= ofOthers
}
/** So many things of others' lists. */
const ofOthers = 2
const besideIds: ReadonlySet<string> = new Set(['water', 'salt'])
/** What goes into the oven of a part: a sponge filled with cream is a sponge. */
function batterLines(component: Component): readonly Line[] {
  return isShared(component) ? component.lines : withFinish(alone(component)).components[0]!.lines
}

/** Eggs whipped to volume and folded into what has hardly any flour and nothing that lifts, baked. */
function isHeldByFoam(component: Component, ratios: Ratios): boolean {
  const isEggy = ratios.eggShare > 0.2 && ratios.flourShare < 0.1
  if (!isEggy || ratios.lift > 0.5 || ratios.sugarPerWhite > 0 || ratios.nutShare > 0.12)
    return false
  const { actions } = readMethod(alone(component))
  const isWhipped = actions.some(a => a.manners.has('to-peaks') || a.until?.kinds.has('peaks'))
  return isWhipped && actions.some(a => a.verb === 'fold') && actions.some(a => a.verb === 'bake')
}

function sayRatios(r: Ratios): string {
  const said =
    r.flour > 0
      ? ([
          ['sugar', r.sugar],
          ['fat', r.fat],
          ['egg', r.egg],
          ['water', r.water],
        ] as const)
      : ([
          ['sugar', 100 * r.sugarShare],
          ['butter', 100 * r.butterShare],
          ['milk and cream', 100 * r.milkShare],
          ['egg', 100 * r.eggShare],
        ] as const)
  const numbers = said
    .filter(([, n]) => n >= 0.5)
    .map(([name, n]) => `${name} ${Math.round(n)}`)
    .join(', ')
  return r.flour > 0 ? `on 100 flour ${numbers}` : `of 100 parts ${numbers}`
}

/** What the proportions alone say, and where the steps tell otherwise. */
function byProportions(
  { steps }: Component,
  ratios: Ratios,
): { readonly family: FamilyRow; readonly isCold?: boolean } {
  const method = steps.join(' ')
  const rule = familyRules.find(({ when }) => within(ratios, when))!
  const isCreamed = ratios.hardFat >= 30 && ratios.sugar >= 60 && creamed.test(method)
  const family = familyById(rule.family === 'muffin' && isCreamed ? 'creamed' : rule.family)
  const isCold = ratios.eggShare > 0.03 && steps.length > 0 && !heated.test(method)
  if (family.id === 'cheesecake' && isCold) return { family: familyById('mousse'), isCold }
  // Syrup held by crumbs is no cake: three times its flour in sugar is a filling.
  const isFilling = crumbFamilies.has(family.id) && ratios.sugar > tooSweet
  return { family: isFilling ? familyById('other') : family }
}

/** By its name, else by the title; "custard" of an ice cream is what the title says. */
function wordsFor(name: string, title: string, isMain: boolean, ratios: Ratios) {
  const [titled, named] = [byWords(title, ratios), byWords(name, ratios)]
  return isMain && general.test(name) ? (titled ?? named) : (named ?? titled)
}

/**
 * The family of one part: a word of its own name, or of the dessert's title when the part has no
 * name or is the main one, wins where the proportions allow it; else the first rule that the
 * proportions meet. Inside it, the narrower kind. `said` is the baker's own word for it, which no
 * proportion overrules.
 */
export function familyOf(
  component: Component,
  title: string,
  isMain: boolean,
  said?: string,
): FamilyReading {
  const ratios = ratiosOf(weightsOf(batterLines(component)))
  const speaksForIt = isMain || general.test(component.name)
  const named = speaksForIt ? `${component.name} ${title}` : component.name
  const figures = sayRatios(ratios)
  const is = (family: FamilyRow, because: string) => ({
    family: narrowed(family, named, ratios),
    because,
  })
  if (said && byId.has(said)) return is(familyById(said), `you said so (${figures})`)
  const words = wordsFor(component.name, speaksForIt ? title : '', isMain, ratios)
  // Whatever it is called: a cheesecake of whipped whites is held by their foam.
  if ((!words || mayBeFoam.has(words.id)) && isHeldByFoam(component, ratios))
    return is(
      familyById('whipped-cake'),
      `eggs are whipped and folded in, and nothing else lifts it (${figures})`,
    )
  if (words) return is(words, `called so, and its proportions agree (${figures})`)
  const { family, isCold } = byProportions(component, ratios)
  // Nuts hold a cake as flour does.
  if (family.id === 'nut-filling' && saysCake.test(named))
    return is(
      familyById(ratios.butterShare >= 0.12 ? 'creamed' : 'muffin'),
      `called a cake, and nuts hold it (${figures})`,
    )
  return isCold
    ? is(family, `by its proportions, and nothing heats it: ${figures}`)
    : is(family, `by its proportions: ${figures}`)
}
