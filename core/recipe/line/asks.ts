import type { Region } from '../../measure'
import {
  allIngredients,
  ingredientById,
  nearNames,
  type Ingredient,
  type Kind,
  type Mention,
  type Weighed,
} from '../../pantry'
import { otherReading } from './quantity'
import { finding as saying, type Finding, type Line } from '../recipe'

/** Units that a number without one may have been meant in, likeliest first. [P] */
function likelyUnits(amount: number, ingredient: Ingredient, region: Region): string[] {
  if (amount >= 15) return [millilitreKinds.includes(ingredient.kind) ? 'ml' : 'g']
  if (spoonKinds.includes(ingredient.kind)) return ['tsp', 'tbsp']
  return ['uk', 'ie', 'metric'].includes(region) ? ['tbsp', 'cup'] : ['cup', 'tbsp']
}
const spoonKinds: readonly Kind[] = [
  'leaven',
  'salt',
  'spice',
  'flavour',
  'acid',
  'binder',
  'gel',
  'yeast',
]
const millilitreKinds: readonly Kind[] = [
  'milk',
  'water',
  'cream',
  'plant-drink',
  'plant-cream',
  'juice',
  'oil',
  'alcohol',
  'sour-milk',
]

/** Others of its kind that a baker may mean, at most six. */
const kindsLike = (item: Ingredient): Ingredient[] => {
  const kinds: readonly Kind[] =
    item.kind === 'milk' || item.kind === 'plant-drink' ? ['milk', 'plant-drink'] : [item.kind]
  return [item, ...allIngredients().filter(i => i.id !== item.id && kinds.includes(i.kind))]
    .filter(i => !i.mayHold.length || i === item)
    .slice(0, 6)
}

/** The line behind its number, the unit left standing. */
const withoutAmount = (text: string, [from]: readonly [number, number]) =>
  text.slice(from).replace(/^\s*(?:\d+\s+)?(?:\d+\s*[/⁄]\s*\d+|[¼½¾⅓⅔⅛])(?:-\p{L}+)?/iu, '')

/** A line as it is asked about. */
interface Asked {
  readonly line: Line
  readonly main: Mention | null
  readonly best: Weighed | null
  readonly item: Ingredient | undefined
  readonly answered: string | undefined
  readonly region: Region
}
type Ask = (asked: Asked) => Finding | null

const about = ({ line }: Asked) => ({ lineId: line.id, text: line.text })
const say = ({ line }: Asked, ingredient: Ingredient, label = ingredient.name) => ({
  label,
  edits: [{ do: 'say' as const, lineId: line.id, ingredient: ingredient.id }],
})
const retyped = (line: Line, label: string, text: string) => ({
  label,
  edits: [{ do: 'retype' as const, lineId: line.id, text }],
})

const unknown: Ask = asked => {
  const { line, item, region } = asked
  if (item) return null
  const guesses = nearNames(line.name, region)
  return saying({
    ...about(asked),
    code: 'unknown-ingredient',
    severity: 'stop',
    sentence:
      `I do not know what “${line.name}” ` +
      `is.${guesses.length ? ` Is it ${guesses.map(g => g.name).join(' or ')}?` : ''}`,
    corrections: guesses.map(g => say(asked, g)),
  })
}

const unreadWords: Ask = asked => {
  const { line, item } = asked
  if (!item || !line.unread.length) return null
  return saying({
    ...about(asked),
    code: 'unread-words',
    severity: 'stop',
    sentence:
      `I read “${line.name}” as ${item.name}, but do not know ` +
      `${line.unread.length > 1 ? 'the words' : 'the word'} ` +
      `${line.unread.map(w => `“${w}”`).join(', ')}. Is it that?`,
    corrections: [say(asked, item, `Yes, ${item.name}`)],
  })
}

const openKind: Ask = asked => {
  const { line, item } = asked
  if (!line.open || !item) return null
  return saying({
    ...about(asked),
    code: 'open-kind',
    severity: 'stop',
    sentence:
      `“${line.open}” leaves open which ${line.name || item.name} it is, so it may hold ` +
      'anything that one of them holds. Which do you take?',
    corrections: kindsLike(item).map(kind => say(asked, kind)),
  })
}

const twoReadings: Ask = asked => {
  const { line } = asked
  const { amount, by } = line.evidence
  const ways = amount && otherReading(line.text.slice(amount[0]))
  if (!ways || by !== 'words') return null
  return saying({
    ...about(asked),
    code: 'two-readings',
    severity: 'ask',
    sentence: `The amount of “${line.text}” can be read in two ways. It is taken as ${ways.is}.`,
    corrections: [ways.is, ways.or].map(words =>
      retyped(line, words, words + withoutAmount(line.text, amount)),
    ),
  })
}

const twoMeanings: Ask = asked => {
  const { main, item, answered } = asked
  if (!main?.ambiguous || answered || !item) return null
  return saying({
    ...about(asked),
    code: 'ambiguous',
    severity: 'ask',
    sentence: `${main.ambiguous.asks} It is read as ${item.name}.`,
    corrections: main.ambiguous.choices.flatMap(choice => {
      const thing = ingredientById(choice)
      return thing ? [say(asked, thing)] : []
    }),
  })
}

const needsNoAmount: readonly Kind[] = ['salt', 'spice', 'flavour', 'decoration']
const noAmount: Ask = asked => {
  const { line, item } = asked
  if (line.amount || line.purpose || !item || needsNoAmount.includes(item.kind)) return null
  return saying({
    ...about(asked),
    code: 'no-amount',
    severity: line.optional ? 'note' : 'ask',
    sentence: `No amount is written for ${line.name}. It stays unknown; it is not taken as none.`,
  })
}

const noUnit: Ask = asked => {
  const { line, item, region } = asked
  if (!line.amount || line.grams || !item || line.unit) return null
  const at = line.evidence.amount?.[1] ?? 0
  return saying({
    ...about(asked),
    code: 'no-unit',
    severity: 'ask',
    sentence: `“${line.text}” has a number, but no unit.`,
    corrections: likelyUnits(line.amount.high, item, region).map(unit =>
      retyped(
        line,
        `${line.text.slice(0, at).trim()} ${unit}`,
        `${line.text.slice(0, at).trimEnd()} ${unit}${line.text.slice(at)}`,
      ),
    ),
  })
}

const noWeight: Ask = asked => {
  const { line, item, best } = asked
  if (!line.amount || line.grams || !item || !line.unit) return null
  return saying({
    ...about(asked),
    code: 'no-weight',
    severity: 'ask',
    sentence:
      `I cannot weigh “${line.text}”: ${best?.how ?? 'no weight is known'}. Write it in ` +
      'grams or spoons.',
  })
}

const asks: readonly Ask[] = [
  unknown,
  unreadWords,
  openKind,
  twoReadings,
  twoMeanings,
  noAmount,
  noUnit,
  noWeight,
]

/** Every question that a line leaves, in the order in which they are put. */
export function asksOf(
  line: Line,
  main: Mention | null,
  best: Weighed | null,
  { answered, region }: { readonly answered: string | undefined; readonly region: Region },
): Finding[] {
  const item = line.ingredient ? ingredientById(line.ingredient) : undefined
  return asks.flatMap(ask => ask({ line, main, best, item, answered, region }) ?? [])
}
