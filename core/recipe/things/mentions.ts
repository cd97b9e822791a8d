import { pattern } from '../../measure'
import {
  flourKinds,
  findMentions,
  ingredientById,
  pantryEdition,
  partOfFruit,
  remembered,
  wordsOf,
  type AvoidableId,
  type Ingredient,
  type Kind,
  type Mention,
} from '../../pantry'
import { vesselsIn } from '../facts/vessels'
import type { Line } from '../recipe'
import { calledByEnd } from './by-end'
import { canBeMade, isMadeBefore, isMadeHere, kindsUsed, type MadeSoFar } from './made'
import {
  amountOf,
  brought,
  genericWords,
  hiddenWords,
  neverServed,
  notMeant,
  stateWords,
  tinLead,
} from '../tables/hidden-words'

/**
 * Where a step names an ingredient. `verb` when the word is a doing ("butter the tin"), which
 * brings it all the same; `line` is the listed line that is meant, null when the step brings
 * something that no line lists.
 */
export interface StepMention {
  readonly start: number
  readonly end: number
  readonly words: string
  readonly ingredient: Ingredient
  readonly verb: boolean
  readonly line: Line | null
  /** What claim words right before it say is not in it. */
  readonly without: readonly AvoidableId[]
}

const doing = pattern(
  'iu',
  String.raw`^\s+(?:(?:and\s+(?:\w+\s+)?)?(?:the|a|an|your|it|them|these|both|each|`,
  String.raw`one|two|three|four|six|eight|ten|twelve|base|sides|`,
  String.raw`tins?|pans?|trays?|ramekins|moulds?|dish)\b|well\b|generously\b|lightly\b)`,
)
const beforeDoing = pattern(
  'iu',
  String.raw`(?:^|[.;:,]\s*|\b(?:and|then|you|lightly|generously|first|to)\s+|`,
  String.raw`\b(?:for|to\s+make)\s+(?:the|an?|your)\s+[\p{L} -]{3,24}\s+)$`,
)
const servedWith = pattern(
  'iu',
  String.raw`\b(?:with|alongside|scoop\s+of|dollop\s+of|topped\s+with|drizzled?\s+(?:with|`,
  String.raw`over)|shop-?bought|ready-?made|bought)\s+(?:(?:a|an|some|more|extra|`,
  String.raw`plenty\s+of|vanilla|whipped|cold|warm|little|scoop\s+of|dollop\s+of|`,
  String.raw`ready-?made|bought)\s+)*$`,
)

const afterCreaming = pattern(
  'iu',
  String.raw`^\s+(?:together|the|butter|until|in|sugar|margarine|both|everything|half|all|`,
  String.raw`most|your|these|them|well|soft|softened|(?:two|a|one)\s+(?:thirds?|quarters?)|`,
  String.raw`shortening|plant|block|vegan|it|fat)\b`,
)

/** Is this "cream the butter", where cream is what the hands do? */
const isCreaming = (step: string, m: { start: number; end: number; words: string }) =>
  /^creams?$/iu.test(m.words) &&
  afterCreaming.test(step.slice(m.end)) &&
  beforeDoing.test(step.slice(0, m.start))

/** Flour or fat for a tin or a board: not a line of another kind, even by its plain name. */
const forTin = (step: string, m: { start: number; end: number }) =>
  tinLead.test(step.slice(0, m.start)) && !/\bthe\s+$/iu.test(step.slice(0, m.start))

/**
 * Is this what is being made here? "The custard", "cool the biscuits", "roll out pastry"; not "a
 * biscuit base", "with custard", "into a pastry case", "crushed meringues".
 */
function isMade(
  step: string,
  m: Mention,
  lines: readonly Line[],
  made: MadeSoFar | undefined,
): boolean {
  const usedHere = kindsUsed(step, foodsIn(step), lines)
  const rest = step.slice(m.end)
  const usedBehind = kindsUsed(rest, foodsIn(rest), lines)
  const at = { ingredient: m.ingredient, step, start: m.start, end: m.end, usedHere, usedBehind }
  if (!canBeMade(at, lines, made)) return false
  const lead = step.slice(0, m.start)
  if (brought.test(lead) || brought.test(step.slice(0, m.end).replace(/\S+$/u, ''))) return false
  if (
    /^\s+(?:case|shell|base|crust)\b/iu.test(step.slice(m.end)) &&
    /\ban?\s+(?:\p{L}+\s+)?$/iu.test(lead)
  )
    return false
  return !amountOf.test(lead)
}

/** Pantry words that in a step are what the hands do: always, and where they do it to something. */
const onlyDoing = /^(?:spreads?|sprinkle|ice)$/iu
const doingToIt = /^rice$/iu

/** "The white and milk chocolate": no egg's. */
const sharesChocolate =
  /^\s*(?:,\s*\p{L}+\s*)?(?:and|or|&)\s+(?:milk|dark|plain|bittersweet|semisweet)\s+chocolate\b/iu

/** "until it looks like breadcrumbs", "the size of a walnut": a likeness brings nothing. */
const likeness = pattern(
  'iu',
  String.raw`\b(?:like|resembl\w+|(?:size|colour|color|consistency|texture|thickness)\s+of|`,
  String.raw`as\s+\w+\s+as)\s+(?:a|an|the|fine|coarse|thick|thin|single|double|soft|runny|`,
  String.raw`small|large|very|\s)*$`,
)

/**
 * The ingredients that a step names. "Cream the butter" names butter alone; "butter the tin" brings
 * butter; a word for the thing being made ("pour in the custard", "cool the biscuits") is no
 * ingredient unless it is served with. `own` are the lines of the step's own part: they are meant
 * first. `made` is what earlier steps used and made (`rememberStep`); left out, any of it may be.
 */
export function mentionsInStep(
  step: string,
  lines: readonly Line[] = [],
  own: readonly Line[] = lines,
  made?: MadeSoFar,
): StepMention[] {
  const all = foodsIn(step)
  const here = all.filter(m => isMadeHere(step, m, all, lines))
  const isMade = (m: Mention) =>
    here.includes(m) ||
    (made !== undefined && isMadeBefore(step, m, made.words)) ||
    isMadeBefore(step, m, wordsIn(here.filter(one => one.start < m.start)))
  const named = all.flatMap(m => {
    const found = mentionIn(step, m, { lines, own, made })
    return found && (found.line || !isMade(m)) ? found : []
  })
  const found = [...named, ...whiteChocolate(step, lines), ...hiddenIn(step, lines)]
  const taken = [
    ...namedIn(step),
    ...found,
    ...vesselsIn(step).map(v => ({ start: v.span[0], end: v.span[1] })),
  ]
  const called = calledByEnd(step, own, lines, taken).map((one): StepMention => ({
    ...one,
    words: step.slice(one.start, one.end),
    verb: false,
    without: [],
  }))
  return [...found, ...called].sort((a, b) => a.start - b.start)
}

const wordsIn = (mentions: readonly Mention[]) => new Set(mentions.map(m => m.words.toLowerCase()))

/** Adds what a step uses, and makes of listed things, to what the steps before have. */
export function rememberStep(step: string, lines: readonly Line[], made: MadeSoFar): void {
  const all = foodsIn(step)
  for (const words of wordsIn(all.filter(m => isMadeHere(step, m, all, lines))))
    made.words.add(words)
  for (const kind of kindsUsed(step, all, lines)) made.used.add(kind)
  made.steps.push(step)
}

/** A doing ("cream the butter"), or a likeness ("the size of a walnut"). */
const isNoFood = (step: string, m: Mention): boolean =>
  isCreaming(step, m) ||
  onlyDoing.test(m.words) ||
  (doingToIt.test(m.words) &&
    doing.test(step.slice(m.end)) &&
    beforeDoing.test(step.slice(0, m.start))) ||
  likeness.test(step.slice(0, m.start))

interface InRecipe {
  readonly lines: readonly Line[]
  readonly own: readonly Line[]
  readonly made: MadeSoFar | undefined
}

/** One name in a step with the line that it means; null for what is made here, or nothing to eat. */
function mentionIn(
  step: string,
  m: Mention,
  { lines, own, made: before }: InRecipe,
): StepMention | null {
  const lead = step.slice(0, m.start)
  const served = !neverServed.has(m.ingredient.kind) && servedWith.test(lead)
  const line =
    (own === lines
      ? null
      : lineMeant({ words: m.words, ingredient: m.ingredient, lines: own, served, lead })) ??
    lineMeant({ words: m.words, ingredient: m.ingredient, lines, served, lead })
  const made = m.ingredient.kind === 'ready-made' && !served && isMade(step, m, lines, before)
  if (!line && (made || isNotMeant(step, m, lines))) return null
  const verb =
    /^(?:butter|flour|oil)$/iu.test(m.words) &&
    doing.test(step.slice(m.end)) &&
    beforeDoing.test(lead)
  return {
    start: m.start,
    end: m.end,
    words: m.words,
    ingredient: m.ingredient,
    verb,
    line: verb || forTin(step, m) ? sameLine(m.ingredient, lines) : line,
    without: m.without,
  }
}

/** What no list has and the step does not mean to eat: a row of the table says so. */
const isNotMeant = (step: string, m: Mention, lines: readonly Line[]): boolean =>
  notMeant.some(
    row =>
      row.words.test(m.words) &&
      (row.instead
        ? new RegExp(`(?:${row.in.source})$`, 'iu').test(step.slice(0, m.end))
        : row.in.test(step)) &&
      (!row.of ||
        lines.some(l => row.of!.includes(ingredientById(l.ingredient ?? '')?.kind ?? 'water'))),
  )

/** "The white and milk chocolate": the white one by its colour alone. */
function whiteChocolate(step: string, lines: readonly Line[]): StepMention[] {
  const hit = /\bwhite\b/iu.exec(step)
  if (!hit || !sharesChocolate.test(step.slice(hit.index + hit[0].length))) return []
  const line = lines.find(l => /\bwhite\s+(?:\p{L}+\s+)?chocolate\b/iu.test(l.text))
  const ingredient = ingredientById(line?.ingredient ?? '')
  if (!line || !ingredient) return []
  const end = hit.index + hit[0].length
  return [{ start: hit.index, end, words: hit[0], ingredient, verb: false, line, without: [] }]
}

/** What a word brings without naming it: "buttered", "floured". */
const hiddenIn = (step: string, lines: readonly Line[]): StepMention[] =>
  hiddenWords.flatMap(({ sign, brings, listed }) =>
    [...step.matchAll(sign)].flatMap(hit => {
      const ingredient = ingredientById(brings)!
      const line = sameLine(ingredient, lines)
      const end = hit.index + hit[0].length
      return line || !listed
        ? [{ start: hit.index, end, words: hit[0], ingredient, verb: true, line, without: [] }]
        : []
    }),
  )

/** A case that is eaten with what it holds. */
const filledCase = /\b(?:cases?|shells?)$/iu
/** What a step names, its vessels and what the hands do apart. */
const foodsIn = remembered(
  (step): readonly Mention[] => {
    const vessels = vesselsIn(step)
    return namedIn(step)
      .filter(
        m =>
          filledCase.test(m.words) ||
          !vessels.some(v => m.start >= v.span[0] && m.end <= v.span[1]),
      )
      .filter(m => !isNoFood(step, m))
  },
  2000,
  pantryEdition,
)
const plainWords = (text: string) => wordsOf(text).map(w => w.plain)
/** What lines and steps name: every step asks about every line, and every stage about every step. */
const namedIn = remembered(text => findMentions(text).mentions, 2000, pantryEdition)
const namesIn = remembered(text => namedIn(text).map(m => plainWords(m.words)), 2000, pantryEdition)
/** The words of everything that a line names. */
export const namesOf = (line: Line): readonly (readonly string[])[] => namesIn(line.text)
/** Words for what of a plant, or made of it, is meant. */
const ofPlant: ReadonlySet<string> = new Set(
  [
    'pod',
    'bean',
    'extract',
    'essence',
    'paste',
    'powder',
    'seed',
    'stick',
    'root',
    'leaf',
    'sugar',
    'strand',
    'juice',
    'zest',
    'peel',
    'rind',
  ].map(word => plainWords(word)[0]!),
)
const beginsWith = (all: readonly string[], head: readonly string[]) =>
  head.length > 0 && head.length < all.length && head.every((word, i) => all[i] === word)
const endsWith = (all: readonly string[], tail: readonly string[]) =>
  tail.length <= all.length && tail.every((word, i) => all[all.length - tail.length + i] === word)

/** One word for a kind of thing stands for whatever of these kinds is listed. */
const sayable: Partial<Record<Kind, readonly Kind[]>> = {
  flour: flourKinds,
  sugar: ['sugar'],
  chocolate: ['chocolate', 'plant-chocolate'],
  nut: ['nut', 'nut-flour'],
  fruit: ['fruit', 'dried-fruit'],
  oil: ['oil'],
  cream: ['cream'],
  milk: ['milk'],
  cocoa: ['cocoa'],
  spice: ['spice'],
}

/**
 * The line of a tin's butter, oil or flour: the same, else one of its kind that holds what it holds
 * (self-raising flour; never rye for wheat).
 */
const sameLine = ({ id, kind, holds }: Ingredient, lines: readonly Line[]): Line | null =>
  lines.find(l => l.ingredient === id) ??
  lines.find(l => {
    const listed = ingredientById(l.ingredient ?? '')
    return listed?.kind === kind && holds.every(held => listed.holds.includes(held))
  }) ??
  null

/** A word for a kind; "walnuts" are no listed almonds, though both are nuts. */
const generic: ReadonlySet<string> = new Set(genericWords.flatMap(word => plainWords(word)))

const saidPart = { juice: /juice/iu, zest: /zest|rind|peel/iu }

const brushing = /\b(?:brush|greas|coat)\w*\b[^.;]{0,60}$/iu

/** A step's whole egg may be the whites and yolks of the list, and the other way round. */
const eggOf: Partial<Record<Kind, readonly Kind[]>> = {
  'egg-white': ['egg'],
  'egg-yolk': ['egg'],
  'egg': ['egg-white', 'egg-yolk'],
}

/** Words of a step that name an ingredient, among the lines, with the words that lead to them. */
interface Meant {
  readonly words: string
  readonly ingredient: Ingredient
  readonly lines: readonly Line[]
  readonly served: boolean
  readonly lead: string
}

/**
 * The listed line that a word in a step means: the same ingredient, or a line whose own name ends
 * in that word ("the milk" of a recipe with oat milk), or a whole egg parted into its yolk and
 * white. What is served with it must be listed as itself.
 */
function lineMeant({ words, ingredient, lines, served, lead }: Meant): Line | null {
  // Of two lines of butter the one "for brushing" is meant where something is brushed.
  const all = lines.filter(l => l.ingredient === ingredient.id)
  const same =
    all.length > 1
      ? (all.find(l => brushing.test(lead) === (l.purpose === 'pan' || l.purpose === 'brush')) ??
        all[0])
      : all[0]
  if (same || served) return same ?? null
  const base = ingredient.madeOf ? lines.find(l => l.ingredient === ingredient.madeOf) : undefined
  if (base) return base
  const tail = withoutState(plainWords(words))
  const ending = lines.find(l => l.ingredient && namesOf(l).some(words => endsWith(words, tail)))
  if (ending) return ending
  // "The vanilla" of a list with a vanilla pod, "the cinnamon" of one with a cinnamon stick.
  const beginning = lines.find(
    l =>
      l.ingredient &&
      namesOf(l).some(
        words =>
          beginsWith(words, tail) && words.slice(tail.length).every(word => ofPlant.has(word)),
      ),
  )
  if (beginning) return beginning
  // "1 lemon, zest and juice" lists both, and so does "4 lemons".
  const ofFruit = lines.find(l =>
    (['juice', 'zest'] as const).some(
      part =>
        (saidPart[part].test(l.text) || isWholeFruit(l)) &&
        partOfFruit(namedIn(l.text), part)?.id === ingredient.id,
    ),
  )
  if (ofFruit) return ofFruit
  const ofKind = (...kinds: readonly Kind[]) =>
    lines.find(l => l.ingredient !== null && kinds.includes(ingredientById(l.ingredient)!.kind))
  const parted = ofKind(...(eggOf[ingredient.kind] ?? []))
  if (parted) return parted
  // "Sift the flour" of a list with rye flour or a gluten-free blend, "the sugar" of one with muscovado.
  return ofPlainWord(tail, ingredient.kind, lines)
}

/** "The hot coffee" of a list with instant coffee: how it is now is no other thing. */
function withoutState(words: readonly string[]): readonly string[] {
  const at = words.findIndex((word, i) => i === words.length - 1 || !states.has(word))
  return words.slice(Math.max(at, 0))
}
const states: ReadonlySet<string> = new Set(stateWords.flatMap(plainWords))

/** The fruit itself is listed, whatever of it is used. */
const isWholeFruit = (line: Line): boolean =>
  !saidPart.juice.test(line.text) &&
  !saidPart.zest.test(line.text) &&
  ingredientById(line.ingredient ?? '')?.kind === 'fruit'

/** "The flour" of a list with rye flour: the first listed line of the kind that a plain word names. */
function ofPlainWord(words: readonly string[], kind: Kind, lines: readonly Line[]): Line | null {
  const kinds = words.length === 1 && generic.has(words[0]!) ? sayable[kind] : undefined
  if (!kinds) return null
  return lines.find(l => l.ingredient && kinds.includes(ingredientById(l.ingredient)!.kind)) ?? null
}
