import { pattern } from '../../measure'
import { ingredientById, nameIn, type Ingredient } from '../../pantry'
import { finding, type Correction, type Finding, type Line, type Recipe, linesOf } from '../recipe'
import type { PlacedStep, StepUse } from '../things/steps'

/** Water that heats or washes and goes into nothing. */
const notInIt = pattern(
  'iu',
  String.raw`(?:\b(?:simmering|boiling|running|soapy|hot|cold|iced?|warm|bath|pan|pot|`,
  String.raw`saucepan|bowl|tray|tin|dish|kettle|tap|under|over)\s+(?:of\s+)?(?:(?:gently|`,
  String.raw`barely|simmering|boiling|hot|cold|warm|iced)\s+)*)$`,
)
const afterNotInIt = pattern(
  'iu',
  String.raw`^\s*(?:bath|to\s+(?:cover|boil|a\s+boil|the\s+boil)|until|`,
  String.raw`for\s+(?:the\s+)?(?:bath|pan)|boils|in\s+(?:a|the)\s+(?:pan|pot|kettle|`,
  String.raw`saucepan))`,
)
const definite = /\b(?:the|your|remaining)\s+(?:\p{L}+\s+){0,2}$/iu
/** Named among the things that are added: "the flour, sugar and salt", "stir in some cinnamon". */
const among = pattern(
  'iu',
  String.raw`(?:,\s*(?:and\s+|the\s+)?|\b(?:and|add|in)\s+(?:the\s+)?(?:a\s+(?:little|`,
  String.raw`bit\s+of|pinch\s+of|dash\s+of)\s+|some\s+)?)$`,
)
const adding = pattern(
  'iu',
  String.raw`\b(?:add|stir|mix|whisk|fold|beat|pour|sprinkle|dissolve|combine|sift|cream|`,
  String.raw`blend|rub|toss|drizzle|put|bring|boil|heat|melt|dust|scatter|place|warm|`,
  String.raw`soak)\w*\b`,
)

/** Does a step bring this, or only speak of it? Whatever could matter to someone's safety always counts. */
function isBrought(use: StepUse, text: string): boolean {
  const { ingredient, start, end } = use.mention
  if (ingredient.holds.length || ingredient.mayHold.length) return true
  const lead = text.slice(Math.max(0, start - 80), start)
  if (
    ingredient.kind === 'water' &&
    (notInIt.test(lead) ||
      (use.share.of !== 'amount' &&
        notInIt.test(`${lead}${text.slice(start, end).replace(/\S+$/u, '')}`)) ||
      afterNotInIt.test(text.slice(end)))
  )
    return false
  if (use.share.of === 'amount') return adding.test(text.slice(0, start))
  return (
    adding.test(lead) && (definite.test(lead) || (ingredient.kind !== 'water' && among.test(lead)))
  )
}

const isSoda = (i: Ingredient) => i.kind === 'leaven' && i.soda > 0
const isPowder = (i: Ingredient) => i.kind === 'leaven' && i.powder > 0

/** The listed leavener that a step's other one probably means; null when both or neither are listed. */
function takenFor(ingredient: Ingredient, lines: readonly Line[]): Line | null {
  const ofPowder = isPowder(ingredient) ? isSoda : null
  const other = isSoda(ingredient) ? isPowder : ofPowder
  return (
    (other &&
      lines.find(line => {
        const i = ingredientById(line.ingredient ?? '')
        return i !== undefined && other(i)
      })) ??
    null
  )
}

function addLine(use: StepUse, step: PlacedStep, shown: string): Correction {
  const { share, mention } = use
  const text =
    share.of === 'amount'
      ? `${step.text.slice(share.quantity.start, share.quantity.end).trim()} ${mention.words}`
      : mention.words
  return {
    label: `Add “${text}” to the list`,
    edits: [
      { do: 'add', component: step.component, text: mention.verb ? `${shown}, for the tin` : text },
    ],
  }
}

/** What a step uses and no line lists, and soda taken for powder. Each ingredient is said once. */
export function notListed(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const lines = linesOf(recipe)
  if (!lines.length) return []
  const said = new Set<string>()
  const found: Finding[] = []
  for (const step of steps)
    for (const use of step.uses) {
      const { ingredient, words, start, end } = use.mention
      if (use.line || said.has(ingredient.id) || !isBrought(use, step.text)) continue
      said.add(ingredient.id)
      const place = { step: { component: step.component, at: step.at }, text: step.text }
      const meant = takenFor(ingredient, lines)
      const meantThing = ingredientById(meant?.ingredient ?? '')
      const shown = nameIn(ingredient, recipe.region)
      if (meant && meantThing && !steps.some(s => s.uses.some(u => u.line?.id === meant.id))) {
        const listed = nameIn(meantThing, recipe.region)
        const listedWords = meant.evidence.name
          ? meant.text.slice(...meant.evidence.name).trim()
          : listed
        found.push(
          finding({
            ...place,
            code: 'soda-powder',
            severity: 'ask',
            lineId: meant.id,
            about: `${ingredient.id} ${meant.text}`,
            sentence: `The list has ${listed}, but the step uses ${words}. Which is it?`,
            corrections: [
              {
                label: `The step means ${listed}`,
                edits: [
                  {
                    do: 'restep',
                    ...place.step,
                    text: step.text.slice(0, start) + listed + step.text.slice(end),
                  },
                ],
              },
              {
                label: `The list means ${shown}`,
                edits: [
                  { do: 'retype', lineId: meant.id, text: meant.text.replace(listedWords, words) },
                ],
              },
            ],
          }),
        )
        continue
      }
      const safety = ingredient.holds.length > 0 || ingredient.mayHold.length > 0
      found.push(
        finding({
          ...place,
          code: 'not-listed',
          severity: 'ask',
          about: `${ingredient.id} ${step.text}`,
          sentence:
            `A step uses ${shown} (“${words}”), but no line lists ` +
            `it.${safety ? ' It counts in who can eat this.' : ''}`,
          corrections: [addLine(use, step, shown)],
        }),
      )
    }
  return found
}
