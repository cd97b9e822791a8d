import { pattern, type Region } from '../../measure'
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
/** The step uses soda and the list has powder, or the other way round. */
function otherLeavener({
  use,
  step,
  meant,
  shown,
  region,
}: Brought & { readonly meant: Line }): Finding {
  const { ingredient, words, start, end } = use.mention
  const listed = nameIn(ingredientById(meant.ingredient!)!, region)
  const listedWords = meant.evidence.name ? meant.text.slice(...meant.evidence.name).trim() : listed
  const place = { component: step.component, at: step.at }
  const restated = step.text.slice(0, start) + listed + step.text.slice(end)
  const retyped = meant.text.replace(listedWords, words)
  return finding({
    step: place,
    text: step.text,
    code: 'soda-powder',
    severity: 'ask',
    lineId: meant.id,
    about: `${ingredient.id} ${meant.text}`,
    sentence: `The list has ${listed}, but the step uses ${words}. Which is it?`,
    corrections: [
      {
        label: `The step means ${listed}`,
        edits: [{ do: 'restep', ...place, text: restated }],
      },
      {
        label: `The list means ${shown}`,
        edits: [{ do: 'retype', lineId: meant.id, text: retyped }],
      },
    ],
  })
}
/** What a step brings that no line lists. */
interface Brought {
  readonly use: StepUse
  readonly step: PlacedStep
  /** Its name in the region. */
  readonly shown: string
  readonly region: Region
}
function missing({ use, step, shown }: Brought): Finding {
  const { ingredient, words } = use.mention
  const isAllergen = ingredient.holds.length > 0 || ingredient.mayHold.length > 0
  const counts = isAllergen ? ' It counts in who can eat this.' : ''
  return finding({
    step: { component: step.component, at: step.at },
    text: step.text,
    code: 'not-listed',
    severity: 'ask',
    about: `${ingredient.id} ${step.text}`,
    sentence: `A step uses ${shown} (“${words}”), but no line lists it.${counts}`,
    corrections: [addLine(use, step, shown)],
  })
}
export function notListed(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const lines = linesOf(recipe)
  if (!lines.length) return []
  const used = new Set(steps.flatMap(step => step.uses.map(use => use.line?.id)))
  const all = steps.flatMap(step => step.uses.map(use => ({ step, use })))
  const brought = all.filter(({ step, use }) => !use.line && isBrought(use, step.text))
  const once = new Map(brought.toReversed().map(each => [each.use.mention.ingredient.id, each]))
  return brought
    .filter(each => once.get(each.use.mention.ingredient.id) === each)
    .map(({ use, step }) => {
      const { ingredient } = use.mention
      const { region } = recipe
      const of = { use, step, shown: nameIn(ingredient, region), region }
      const meant = takenFor(ingredient, lines)
      const isMeant = meant && ingredientById(meant.ingredient ?? '') && !used.has(meant.id)
      return isMeant ? otherLeavener({ ...of, meant }) : missing(of)
    })
}
