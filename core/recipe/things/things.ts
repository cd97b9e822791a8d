import {
  findMentions,
  ingredientById,
  pantryEdition,
  rememberedOf,
  wordsOf,
  type AvoidableId,
  type Mention,
} from '../../pantry'
import { linesOf, type Component, type Line, type Recipe, type Span } from '../recipe'
import { canBeMadeOf, nothingMade, type MadeSoFar } from './made'
import { mentionsInStep, rememberStep } from './mentions'
import { unknownFoods } from './unknown-foods'

/**
 * Something to eat that the dessert names, wherever it is named. The check, the card, the label,
 * cautions, claims, shopping and the plan read this list and nothing else.
 */
export interface Thing {
  /**
   * A line as it is read, one of its choices, what its words name besides, what only a step brings,
   * words where food stands that nobody knows, and what of the text is left over.
   */
  readonly is: 'line' | 'choice' | 'also' | 'aside' | 'unknown' | 'left over'
  /** Null: nobody knows what it is. */
  readonly ingredient: string | null
  /** The words that name it, with some around them where it stands in a step. */
  readonly words: string
  /** What claim words that are its own say is not in it. */
  readonly without: readonly AvoidableId[]
  /** Words of its name that nobody knows. */
  readonly unread: readonly string[]
  /** Words that leave its kind to whoever bakes. */
  readonly open: string | null
  /** What else its name means, as long as nobody has said which: "jelly". */
  readonly mayBe?: readonly string[]
  readonly component: string
  /** The line it stands in; null for what only a step names. */
  readonly lineId: string | null
  /** The step it stands in, and its place there. */
  readonly step: { readonly at: number; readonly span: Span } | null
  /** Somebody of the house said what it is, or a plan wrote it: its other words are no question. */
  readonly answered: boolean
}

const lineOf = (id: string) => id.replace(/(?:-or)+$/u, '')

/** Everything in a line: what it was read as, every other thing that its words name, and its choices. */
function ofLine(line: Line, region: Recipe['region'], choice: boolean): Thing[] {
  return [
    ...namedByLine(line, region, choice),
    ...line.orElse.flatMap(other => ofLine(other, region, true)),
  ]
}

/** What one line, or one choice, is and names by itself, without what else it offers. */
export function namedByLine(line: Line, region: Recipe['region'], choice = false): Thing[] {
  const words = line.reads ?? line.text
  const reading = findMentions(words, region)
  const answered = line.evidence.by === 'baker'
  const place = {
    words: line.text,
    component: line.component,
    lineId: lineOf(line.id),
    step: null,
    answered,
  }
  const own = reading.mentions.find(m => m.ingredient.id === line.ingredient)
  const main: Thing = {
    ...place,
    is: choice ? 'choice' : 'line',
    ingredient: line.ingredient,
    without: answered ? [] : (own?.without ?? claimsAlone(reading)),
    unread: line.unread,
    open: line.open ?? null,
    ...(answered || !own ? {} : otherReadings(own, region)),
  }
  // An answer of the baker's stands for the words that were asked about.
  const others = answered ? [] : reading.mentions.filter(m => m.ingredient.id !== line.ingredient)
  return [
    main,
    ...others.map((m): Thing => ({
      ...place,
      is: 'also',
      ingredient: m.ingredient.id,
      without: m.without,
      unread: [],
      open: null,
      ...otherReadings(m, region),
    })),
  ]
}

/** What a name with two meanings may be besides, where the region does not say. */
function otherReadings(
  { ambiguous, ingredient }: Mention,
  region: Recipe['region'],
): Pick<Thing, 'mayBe'> {
  const isOpen = ambiguous !== null && ambiguous.by?.[region] === undefined
  return isOpen ? { mayBe: ambiguous.choices.filter(id => id !== ingredient.id) } : {}
}

/** Claims of a line whose ingredient none of its words names by itself ("juice of 1 lemon"). */
const claimsAlone = ({ mentions, claims }: ReturnType<typeof findMentions>) =>
  mentions.length ? [] : claims.flatMap(claim => claim.without)

const shown = (step: string, [from, to]: Span) => step.slice(Math.max(0, from - 30), to + 20).trim()

/** The words of the dessert itself: what its lines, parts and title are called. */
const ownWords = (recipe: Recipe): Set<string> =>
  new Set(
    [
      recipe.title,
      recipe.yield?.text ?? '',
      ...recipe.components.map(c => c.name),
      ...linesOf(recipe).map(l => l.text),
    ].flatMap(text => wordsOf(text).map(word => word.plain)),
  )

/** What the steps before have spoken of, and what they have made of listed things. */
interface Before {
  readonly known: Set<string>
  readonly made: MadeSoFar
}

function ofSteps(recipe: Recipe, component: Component, before: Before): Thing[] {
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  return component.steps.flatMap((text, at) => {
    const found = ofStep({ text, at, component, lines, before, noFood: recipe.noFood ?? [] })
    // What a step speaks of is here for those behind it.
    for (const word of wordsOf(text)) before.known.add(word.plain)
    rememberStep(text, lines, before.made)
    return found
  })
}

interface PlacedText {
  readonly text: string
  readonly at: number
  readonly component: Component
  readonly lines: readonly Line[]
  readonly before: Before
  readonly noFood: readonly string[]
}

function ofStep({ text, at, component, lines, before, noFood }: PlacedText): Thing[] {
  return [
    ...mentionsInStep(text, lines, lines, before.made)
      .filter(m => !m.line)
      .map((m): Thing => ({
        is: 'aside',
        ingredient: m.ingredient.id,
        words: shown(text, [m.start, m.end]),
        without: m.without,
        unread: [],
        open: null,
        component: component.name,
        lineId: null,
        step: { at, span: [m.start, m.end] },
        answered: false,
      })),
    ...unknownFoods(text, before.known, canBeMadeOf(lines))
      .filter(({ words }) => !noFood.includes(words))
      .map(({ words, span }): Thing => ({
        is: 'unknown',
        ingredient: null,
        words,
        without: [],
        unread: [],
        open: null,
        component: component.name,
        lineId: null,
        step: { at, span },
        answered: false,
      })),
  ]
}

function allThings(recipe: Recipe): readonly Thing[] {
  const before: Before = { known: ownWords(recipe), made: nothingMade() }
  return [
    ...linesOf(recipe).flatMap(line => ofLine(line, recipe.region, false)),
    ...recipe.components.flatMap(component => ofSteps(recipe, component, before)),
    ...(recipe.left ?? []).map(({ words }): Thing => ({
      is: 'left over',
      ingredient: null,
      words,
      without: [],
      unread: [],
      open: null,
      component: '',
      lineId: null,
      step: null,
      answered: false,
    })),
  ]
}

/**
 * Everything to eat that a recipe names: its lines with all their choices, what their words name
 * besides, what only its steps bring, and what nobody knows. In the order of the recipe.
 */
export const thingsOf: (recipe: Recipe) => readonly Thing[] = rememberedOf(allThings, pantryEdition)

/** The ingredient that a thing is; undefined where nobody knows. */
export const ingredientOf = (thing: Thing) =>
  thing.ingredient === null ? undefined : ingredientById(thing.ingredient)
