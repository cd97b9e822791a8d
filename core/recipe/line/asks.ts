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
  const spoon = ['leaven', 'salt', 'spice', 'flavour', 'acid', 'binder', 'gel', 'yeast'].includes(
    ingredient.kind,
  )
  return spoon
    ? ['tsp', 'tbsp']
    : region === 'uk' || region === 'ie' || region === 'metric'
      ? ['tbsp', 'cup']
      : ['cup', 'tbsp']
}
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

export function asksOf(
  line: Line,
  main: Mention | null,
  best: Weighed | null,
  { answered, region }: { readonly answered: string | undefined; readonly region: Region },
): Finding[] {
  const asks: Finding[] = []
  const about = { lineId: line.id, text: line.text }
  const item = line.ingredient ? ingredientById(line.ingredient) : undefined
  const say = (ingredient: Ingredient, label = ingredient.name) => ({
    label,
    edits: [{ do: 'say' as const, lineId: line.id, ingredient: ingredient.id }],
  })
  if (!item) {
    const guesses = nearNames(line.name, region)
    asks.push(
      saying({
        ...about,
        code: 'unknown-ingredient',
        severity: 'stop',
        sentence:
          `I do not know what “${line.name}” ` +
          `is.${guesses.length ? ` Is it ${guesses.map(g => g.name).join(' or ')}?` : ''}`,
        corrections: guesses.map(g => say(g)),
      }),
    )
  } else if (line.unread.length) {
    asks.push(
      saying({
        ...about,
        code: 'unread-words',
        severity: 'stop',
        sentence:
          `I read “${line.name}” as ${item.name}, but do not know ` +
          `${line.unread.length > 1 ? 'the words' : 'the word'} ` +
          `${line.unread.map(w => `“${w}”`).join(', ')}. Is it that?`,
        corrections: [say(item, `Yes, ${item.name}`)],
      }),
    )
  }
  if (line.open && item)
    asks.push(
      saying({
        ...about,
        code: 'open-kind',
        severity: 'stop',
        sentence:
          `“${line.open}” leaves open which ${line.name || item.name} it is, so it may hold ` +
          'anything that one of them holds. Which do you take?',
        corrections: kindsLike(item).map(kind => say(kind)),
      }),
    )
  const twoWays = line.evidence.amount && otherReading(line.text.slice(line.evidence.amount[0]))
  if (twoWays && line.evidence.by === 'words')
    asks.push(
      saying({
        ...about,
        code: 'odd-fraction',
        severity: 'ask',
        sentence: `The amount of “${line.text}” can be read in two ways. It is taken as ${twoWays.is}.`,
        corrections: [twoWays.is, twoWays.or].map(amount => ({
          label: amount,
          edits: [
            {
              do: 'retype' as const,
              lineId: line.id,
              text: amount + withoutAmount(line.text, line.evidence.amount!),
            },
          ],
        })),
      }),
    )
  if (main?.ambiguous && !answered && item) {
    asks.push(
      saying({
        ...about,
        code: 'ambiguous',
        severity: 'ask',
        sentence: `${main.ambiguous.asks} It is read as ${item.name}.`,
        corrections: main.ambiguous.choices.flatMap(choice => {
          const thing = ingredientById(choice)
          return thing ? [say(thing)] : []
        }),
      }),
    )
  }
  if (
    !line.amount &&
    !line.purpose &&
    item &&
    !['salt', 'spice', 'flavour', 'decoration'].includes(item.kind)
  ) {
    asks.push(
      saying({
        ...about,
        code: 'no-amount',
        severity: line.optional ? 'note' : 'ask',
        sentence: `No amount is written for ${line.name}. It stays unknown; it is not taken as none.`,
      }),
    )
  } else if (line.amount && !line.grams && item && !line.unit) {
    const units = likelyUnits(line.amount.high, item, region)
    const at = line.evidence.amount?.[1] ?? 0
    asks.push(
      saying({
        ...about,
        code: 'no-unit',
        severity: 'ask',
        sentence: `“${line.text}” has a number, but no unit.`,
        corrections: units.map(unit => ({
          label: `${line.text.slice(0, at).trim()} ${unit}`,
          edits: [
            {
              do: 'retype' as const,
              lineId: line.id,
              text: `${line.text.slice(0, at).trimEnd()} ${unit}${line.text.slice(at)}`,
            },
          ],
        })),
      }),
    )
  } else if (line.amount && !line.grams && item) {
    asks.push(
      saying({
        ...about,
        code: 'no-weight',
        severity: 'ask',
        sentence:
          `I cannot weigh “${line.text}”: ${best?.how ?? 'no weight is known'}. Write it in ` +
          'grams or spoons.',
      }),
    )
  }
  return asks
}
