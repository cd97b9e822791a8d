import type { Component } from '../recipe'
import {
  crumbFamilies,
  familyRows,
  familyRules,
  heated,
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

/** Names of parts that say nothing of their kind. */
const general = /^(?:the\s+)?(?:topping|dough|mixture|mix|batter|crust|top)$/iu

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
  const ratios = ratiosOf(weightsOf(component.lines))
  const named =
    isMain || general.test(component.name) ? `${component.name} ${title}` : component.name
  if (said && byId.has(said))
    return {
      family: narrowed(familyById(said), named, ratios),
      because: `you said so (${sayRatios(ratios)})`,
    }
  const words =
    byWords(component.name, ratios) ??
    (isMain || general.test(component.name) ? byWords(title, ratios) : undefined)
  if (words)
    return {
      family: narrowed(words, named, ratios),
      because: `called so, and its proportions agree (${sayRatios(ratios)})`,
    }
  const rule = familyRules.find(({ when }) => within(ratios, when))!
  const family =
    rule.family === 'muffin' &&
    ratios.hardFat >= 30 &&
    ratios.sugar >= 60 &&
    creamed.test(component.steps.join(' '))
      ? familyById('creamed')
      : familyById(rule.family)
  if (
    family.id === 'cheesecake' &&
    ratios.eggShare > 0.03 &&
    component.steps.length &&
    !heated.test(component.steps.join(' '))
  )
    return {
      family: narrowed(familyById('mousse'), named, ratios),
      because: `by its proportions, and nothing heats it: ${sayRatios(ratios)}`,
    }
  // Syrup held by crumbs is no cake: three times its flour in sugar is a filling.
  if (crumbFamilies.has(family.id) && ratios.sugar > tooSweet)
    return {
      family: narrowed(familyById('other'), named, ratios),
      because: `by its proportions: ${sayRatios(ratios)}`,
    }
  return {
    family: narrowed(family, named, ratios),
    because: `by its proportions: ${sayRatios(ratios)}`,
  }
}
