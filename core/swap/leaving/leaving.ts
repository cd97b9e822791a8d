import { ingredientById, type Ingredient, type Kind } from '../../pantry'
import { isInside, type FamilyRow } from '../../formula'
import type { Region } from '../../measure'
import { ingredientOf, namedByLine, type Component, type Line } from '../../recipe'
import { isBlocked, type Table } from './allowed'
import { questionOf, type Question } from './question'

/**
 * A line that cannot stay as it is, and why: it leaves, only its words do, or one of its
 * alternatives is taken.
 */
export type Leaving =
  | {
      readonly how: 'leaves'
      readonly line: Line
      readonly ingredient: Ingredient
      readonly question: Question
    }
  | { readonly how: 'rewords'; readonly line: Line; readonly ingredient: Ingredient }
  | { readonly how: 'picks'; readonly line: Line; readonly alternative: Line }
  | { readonly how: 'narrows'; readonly line: Line }

/** Is anything that this line is or names kept away from this table? What else it offers is not looked at. */
const isLineBlocked = (line: Line, table: Table, region: Region): boolean =>
  namedByLine(line, region).some(thing => {
    const ingredient = ingredientOf(thing)
    return ingredient !== undefined && isBlocked(ingredient, table, [thing])
  })

/** Does the house's packet of it name what somebody avoids? */
const isPacketUnfit = (line: Line, table: Table): boolean =>
  table.against.has(line.id) || (line.ingredient !== null && table.against.has(line.ingredient))

/**
 * Its packet does not suit, and other makes would not surely: something else comes for it. Of what
 * usually holds nothing of the kind another packet is the answer, and no other ingredient.
 */
const isSwappable = (line: Line, table: Table): boolean => {
  const own = line.ingredient ? ingredientById(line.ingredient) : undefined
  return (
    own !== undefined && isPacketUnfit(line, table) && own.mayHold.some(id => table.never.has(id))
  )
}

const isOwnBlocked = (line: Line, table: Table, region: Region) => {
  const [own] = namedByLine(line, region)
  const ingredient = own && ingredientOf(own)
  return ingredient !== undefined && isBlocked(ingredient, table, [own!])
}

/**
 * What of a component cannot stay. Lines whose ingredient is unknown stay where they are; the check
 * will say so.
 */
export const leavingOf = (
  component: Component,
  family: FamilyRow,
  table: Table,
  region: Region,
): Leaving[] => component.lines.flatMap(line => leavingLine(line, family, table, region) ?? [])

/** Null where the line stays as it is. */
function leavingLine(line: Line, family: FamilyRow, table: Table, region: Region): Leaving | null {
  const isOut = (choice: Line) =>
    isLineBlocked(choice, table, region) || isPacketUnfit(choice, table)
  const mustGo = isLineBlocked(line, table, region) || isSwappable(line, table)
  if (!mustGo && !(isOut(line) && line.orElse.length))
    return line.orElse.some(alt => isLineBlocked(alt, table, region))
      ? { how: 'narrows', line }
      : null
  const alternative = line.orElse.find(alt => alt.ingredient && !alt.unread.length && !isOut(alt))
  if (alternative) return { how: 'picks', line, alternative }
  const own = line.ingredient ? ingredientById(line.ingredient)! : null
  if (!own || !mustGo) return null
  if (!isOwnBlocked(line, table, region) && !isPacketUnfit(line, table))
    return { how: 'rewords', line, ingredient: own }
  return { how: 'leaves', line, ingredient: own, question: questionFor(line, own, family) }
}

function questionFor(line: Line, own: Ingredient, family: FamilyRow): Question {
  const isWash =
    own.kind.startsWith('egg') &&
    (line.purpose === 'brush' || family.id === 'egg-wash' || /wash/iu.test(line.text))
  return isWash ? 'egg-wash' : (questionOf[own.kind] ?? 'flavour')
}

/** The choices of a line that are not taken, by their ids, each with what the steps call it now. */
export function struckChoices(item: Leaving): (readonly [string, string])[] {
  if (item.how !== 'picks' && item.how !== 'narrows') return []
  const taken = item.how === 'picks' ? item.alternative : item.line
  const others = [item.line, ...item.line.orElse].filter(choice => choice !== taken)
  return others.map(choice => [choice.id, taken.name || taken.text] as const)
}

/** The sugar lines, when the baker wishes another sweetener for them. */
export const sweetenedAnew = (component: Component, leaving: readonly Leaving[]): Leaving[] =>
  component.lines.flatMap((line): Leaving[] => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    return ingredient?.kind === 'sugar' &&
      ingredient.sweet > 50 &&
      !ingredient.bulk &&
      isInside(line) &&
      line.grams &&
      !leaving.some(item => item.line === line)
      ? [{ how: 'leaves', line, ingredient, question: 'sweetener' }]
      : []
  })

/** Kinds that are fat and little else. */
export const fatKinds: readonly Kind[] = [
  'butter',
  'plant-block',
  'plant-spread',
  'hard-fat',
  'oil',
]
/**
 * Every fat of a part leaves, when the baker wishes it without any: also what leaves for somebody's
 * need is not answered by another fat.
 */
export const withoutFat = (component: Component, leaving: readonly Leaving[]): Leaving[] => {
  const isFat = (ingredient: Ingredient | undefined) =>
    ingredient !== undefined && fatKinds.includes(ingredient.kind)
  const more = component.lines.flatMap((line): Leaving[] => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    return ingredient &&
      isFat(ingredient) &&
      isInside(line) &&
      line.grams &&
      !leaving.some(item => item.line === line)
      ? [{ how: 'leaves', line, ingredient, question: 'fat' }]
      : []
  })
  return [
    ...leaving.map((item): Leaving =>
      item.how === 'leaves' && isFat(item.ingredient) && isInside(item.line) && item.line.grams
        ? { ...item, question: 'fat' }
        : item,
    ),
    ...more,
  ]
}

/**
 * May the dessert do without it: said to be optional, only for the plate, or small and there for
 * taste or bite alone?
 */
export function mayBeLeftOut(line: Line, ingredient: Ingredient, batch: number): boolean {
  if (
    line.optional ||
    line.purpose === 'serve' ||
    line.purpose === 'decorate' ||
    line.purpose === 'taste'
  )
    return true
  const small = [
    'nut',
    'seed',
    'decoration',
    'flavour',
    'spice',
    'fruit',
    'dried-fruit',
    'coconut',
    'alcohol',
    'salt',
    'milk-powder',
    'gel',
  ].includes(ingredient.kind)
  return small && isInside(line) && (line.grams?.best ?? 0) <= 0.15 * batch
}
