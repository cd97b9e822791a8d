import { pattern, readAmount, weightText } from '../measure'
import { ingredientById, nameIn } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { one, said } from './in-kitchen'
import { countedEggs } from './target'
import { farRows } from './tables/far-rows'

/**
 * Something that the baker should know of the new size. `snap` is a factor at which it would come
 * out whole.
 */
export interface SizeNote {
  readonly code: 'egg' | 'pack' | 'small' | 'leaven' | 'far' | 'unweighed'
  readonly says: string
  readonly lineId?: string
  readonly snap?: number
  readonly snapSays?: string
  readonly source: string
}

/** "1 tin (400 g) pumpkin": how many of what, in the line's own words. */
const packWords = pattern(
  'iu',
  String.raw`^\s*(\d+(?:[.,]\d+)?|[½¼¾⅓⅔]|\d+[½¼¾]|an?|one|two|three|`,
  String.raw`four)\s+(?:[x×]\s*)?(?:\(?\d+\s*(?:g|ml|oz)\)?\s+)?(tin|can|packet|pack|jar|`,
  String.raw`block|carton|sachet|tub)s?\b`,
)

function eggNotes(recipe: Recipe, by: number): SizeNote[] {
  return countedEggs(recipe).flatMap((line): SizeNote[] => {
    const now = (line.amount!.low + line.amount!.high) / 2
    const to = now * by
    if (Math.abs(to - Math.round(to)) < 0.04) return []
    const whole = Math.ceil(to)
    const each = line.grams ? line.grams.best / now : 50
    const snapTo = Math.max(1, Math.round(to))
    const names = (n: number) => `${said(n)} ${one(line.name)}${n > 1 ? 's' : ''}`
    return [
      {
        code: 'egg',
        lineId: line.id,
        source: '[P]',
        says:
          `${names(to)}: beat ${names(whole)} and weigh ${weightText(to * each)}; ` +
          `${weightText((whole - to) * each)} are left, for a day in the fridge.`,
        ...(Math.abs(snapTo / now / by - 1) < 0.34
          ? { snap: snapTo / now, snapSays: `Make it ${names(snapTo)}` }
          : {}),
      },
    ]
  })
}

function packNotes(recipe: Recipe, by: number): SizeNote[] {
  return linesOf(recipe).flatMap((line): SizeNote[] => {
    const found = packWords.exec(line.text)
    const now = found ? (readAmount(found[1]!, 0)?.amount.low ?? 0) : 0
    if (!found || !now) return []
    const pack = found[2]!.toLowerCase()
    const to = now * by
    if (Math.abs(to - Math.round(to)) < 0.04 || to <= 0) return []
    const left = line.grams
      ? ` ${weightText(((Math.ceil(to) - to) * line.grams.best) / now)} of it are left.`
      : ''
    const snapTo = Math.max(1, Math.round(to))
    return [
      {
        code: 'pack',
        lineId: line.id,
        source: '[P]',
        says: `${said(to)} ${pack}${to > 1 ? 's' : ''} of ${line.name}.${left}`,
        ...(Math.abs(snapTo / now / by - 1) < 0.34
          ? {
              snap: snapTo / now,
              snapSays: `Make it ${said(snapTo)} ${pack}${snapTo > 1 ? 's' : ''}`,
            }
          : {}),
      },
    ]
  })
}

/** What a spoon can no longer take. */
const smallest = { leaven: 0.6, other: 0.3 }
const smallNotes = (recipe: Recipe, by: number): SizeNote[] =>
  linesOf(recipe).flatMap((line): SizeNote[] => {
    const ingredient = ingredientById(line.ingredient ?? '')
    const grams = line.grams ? line.grams.best * by : null
    if (
      !ingredient ||
      grams === null ||
      by >= 1 ||
      grams >= (ingredient.kind === 'leaven' ? smallest.leaven : smallest.other) ||
      grams <= 0
    )
      return []
    return [
      {
        code: 'small',
        lineId: line.id,
        source: '[M]',
        says:
          `${weightText(grams)} ${nameIn(ingredient, recipe.region)} is less than a kitchen ` +
          'scale sees: weigh ten times as much into ten times as much of the flour or sugar, ' +
          'and take a tenth of that.',
      },
    ]
  })

/** What is said of a recipe that is made much larger or smaller. */
function farNotes(recipe: Recipe, factor: number): SizeNote[] {
  const kinds = new Set(
    linesOf(recipe).map(line => ingredientById(line.ingredient ?? '')?.kind ?? 'water'),
  )
  return farRows
    .filter(
      ({ above, below }) =>
        (above !== undefined && factor >= above) || (below !== undefined && factor <= below),
    )
    .filter(row => !row.kinds || row.kinds.some(kind => kinds.has(kind)))
    .map(({ code, says, source }) => ({ code, says, source }))
}
/** Everything that the baker should know of a recipe at this factor. */
export const notesOn = (recipe: Recipe, factor: number): SizeNote[] => [
  ...eggNotes(recipe, factor),
  ...packNotes(recipe, factor),
  ...smallNotes(recipe, factor),
  ...farNotes(recipe, factor),
]
