import { pattern } from '../measure'
import { ingredientById, plainWord, wordsOf } from '../pantry'
import { linesOf, notEnds, type Line, type Span, type StepUse } from '../recipe'
import type { Operand } from './action'
import { apart, gathered, type Gather } from './gathered'
import { tailOf, takeLine, type Here } from './here'
import { isOwnerOf, ofIts } from './pieces'
import { overOf } from './place'
import { shareOf, shareSaid } from './share'
import { exceptSign } from './tables/gathering'
import { becomesOf, inCue } from './tables/shares'
import { madeNames, readied, readiedWords, wholes } from './tables/operands'
import type { VerbId } from './tables/verbs'
import { vesselNouns } from './tables/vessels'
import { byWord, past } from './verbs'
import { singular, wordsIn } from './words'

/** "The chopped ginger": of lines of that name the one that was chopped. */
function doneBefore(use: StepUse, { recipe, step, larder }: Here): Line | null {
  const participle = /(\p{L}+)\s+$/u.exec(step.text.slice(0, use.mention.start))?.[1]
  const verb = byWord.get(past.get(participle?.toLowerCase() ?? '') ?? '')
  const tail = wordsOf(use.mention.words).at(-1)?.plain
  if (!verb || !tail) return null
  return linesOf(recipe).find(line => tailOf(line) === tail && larder.isDone(line, verb)) ?? null
}

/** A word of the step as what no list has. */
const asideOf = ({ mention }: StepUse, text: string, use: StepUse): Operand => ({
  thing: { is: 'aside', words: mention.words, ingredient: mention.ingredient.id },
  share: shareOf(use, text),
  span: [mention.start, mention.end],
})

/**
 * "Heat the milk. Pour on the milk": where each part has a method, a line of the part that is used
 * up is meant, and not another part's that is called so too. Null where some of it is left here.
 */
function usedUpHere(use: StepUse, here: Here): Line | null {
  const { recipe, own, larder } = here
  const listed = recipe.components.filter(c => c.lines.length > 0)
  const isEach = listed.length > 1 && listed.every(c => c.steps.length > 0)
  if (!isEach || !use.line || use.share.of === 'amount') return null
  const alike = [...larder.same(use.line), ...ofName(use, here)].filter(line => own.includes(line))
  const isUsed = alike.length > 0 && !alike.some(line => larder.has(line))
  return isUsed ? (alike.findLast(line => larder.lastOf(line) !== null) ?? null) : null
}

/** One use as an operand: a line while there is some of it, else what was made of it. */
function operandOf(use: StepUse, here: Here): Operand {
  const { step, own, larder } = here
  if (!use.line) return asideOf(use, step.text, use)
  const span: Span = [use.mention.start, use.mention.end]
  const share = shareOf(use, step.text)
  const done = doneBefore(use, here) ?? usedUpHere(use, here)
  if (done) return { thing: { is: 'made', by: larder.lastOf(done), lines: [done.id] }, share, span }
  const same = larder.same(use.line)
  const meant = [
    ...ofBareName(use, here),
    ...same.filter(line => isSoMuch(line, use)),
    ...same.filter(line => own.includes(line)),
    ...same,
    ...ofName(use, here),
  ]
  const made = isAs(madeNames, span, step.text)
    ? meant.find(line => larder.lastOf(line) !== null)
    : null
  if (made) return { thing: { is: 'made', by: larder.lastOf(made), lines: [made.id] }, share, span }
  return takeLine(meant.find(line => larder.has(line, share)) ?? use.line, share, span, here)
}

/** "9.5 g water": of two lines of water the one of that weight. */
const isSoMuch = (line: Line, { share }: StepUse): boolean => {
  const grams = share.of === 'amount' ? share.grams : null
  const whole = line.grams?.best
  return grams !== null && whole !== undefined && Math.abs(grams - whole) < alike * whole
}
const alike = 0.02

/**
 * "The almonds" of a list with ground and flaked ones: those that no step calls by their whole name.
 */
function ofBareName({ mention }: StepUse, { recipe, steps, own }: Here): readonly Line[] {
  const words = wordsOf(mention.words)
  const tail = words.at(-1)?.plain
  const alike = linesOf(recipe).filter(line => tailOf(line) === tail)
  if (words.length > 1 || alike.length < 2) return []
  const here = alike.filter(line => own.includes(line))
  const among = here.length ? here : alike
  const isCalled = (line: Line) => {
    const [before, last] = line.name.toLowerCase().split(' ').slice(-2)
    return last !== undefined && steps.some(s => s.text.toLowerCase().includes(`${before} ${last}`))
  }
  const [only, more] = among.filter(line => !isCalled(line))
  return only && !more ? [only] : []
}

/** "The flour", where the first line of that name is used up: another that is called so too. */
function ofName({ mention }: StepUse, { recipe, own }: Here): readonly Line[] {
  const tail = wordsOf(mention.words).at(-1)?.plain
  const lines = linesOf(recipe).filter(line => tailOf(line) === tail)
  return [...lines.filter(line => own.includes(line)), ...lines]
}

/** Is this word only there for a vessel, a board or hands: "a buttered dish", "an oiled tin"? */
const isLook = ({ mention }: StepUse) => mention.verb && /(?:ed|floured)$/iu.test(mention.words)

/** "Brush the tray with butter": what stands right behind the verb is a vessel. */
function isOfTin({ mention }: StepUse, { verb, words }: Here['clause']): boolean {
  if (verb !== 'brush' && verb !== 'coat' && verb !== 'line') return false
  const vessel = words.slice(1, 6).find(word => vesselNouns.has(singular(word.is)))
  const isObject = vessel !== undefined && vessel.start < mention.start
  return isObject && !words.some(w => notTin.has(w.is) && w.start < vessel.start)
}
/** "Brush the cake in its tin with …" is of the cake. */
const notTin: ReadonlySet<string> = new Set(['in', 'on', 'from', 'cake', 'top', 'tops', 'case'])

/** "Butter the tin", "dust with flour": the cake's own line only where nothing else takes it. */
function forVessel(use: StepUse, { step, steps, clause }: Here): boolean {
  const { line, mention } = use
  if (clause.verb !== 'grease' && clause.verb !== 'dust' && !isOfTin(use, clause)) return false
  if (!line || line.purpose !== null || !readied.has(mention.ingredient.kind)) return false
  // "Butter and flour a tin": the tin stands in the next clause.
  const isBare = clause.words.length <= 2
  if (!isBare && !clause.words.some(w => readiedWords.has(singular(w.is)))) return false
  const takes = ({ kinds }: Gather) =>
    !Array.isArray(kinds) || kinds.includes(mention.ingredient.kind)
  return steps.some(
    other =>
      other.uses.some(one => one.line === line && !(other === step && one === use)) ||
      other.gathers.some(takes),
  )
}

const inBath = /\b(?:of|in)\s+(?:just\s+)?(?:hot|boiling|simmering|cold|iced|warm)?\s*$/iu
const becomes = /\bto\s+an?\s+(?:\p{L}+\s+)?$/iu
/** A bath ("a roasting tin of hot water"), what it becomes ("to a dark caramel"), or a look. */
function isNoOperand({ mention }: StepUse, { step, clause }: Here): boolean {
  const lead = step.text.slice(clause.words[0]?.start ?? clause.span[0], mention.start)
  const isBath =
    mention.ingredient.kind === 'water' &&
    inBath.test(lead) &&
    clause.words.some(w => w.start < mention.start && vesselNouns.has(singular(w.is)))
  // "Over a pan of simmering water" is the hob's.
  const over = overOf(step.text.slice(...clause.span), clause.span[0])
  const isOver = over !== null && over[0] <= mention.start && mention.end <= over[1]
  return (
    isBath ||
    isOver ||
    becomes.test(lead) ||
    becomesOf.test(step.text.slice(mention.end)) ||
    inCue.test(lead)
  )
}

const opensFor = /^\W*(?:for|to\s+make|to|once|when|while|after)\b/iu
/** Before its verb a clause names what it is for: "For the chocolate sauce, …", "Rhubarb: …". */
function isHeading(at: number, { step, clause }: Here): boolean {
  const verb = clause.words[0]?.start ?? clause.span[0]
  if (at >= verb) return false
  const lead = step.text.slice(clause.span[0], verb)
  return /:\s*(?:\p{L}+\s+)?$/u.test(lead) || opensFor.test(lead)
}

/** Lines whose last word is one with this at its end, as breadcrumbs are crumbs. */
const endsIn =
  (noun: string) =>
  (line: Line): boolean =>
    noun.length >= 5 && singular(tailOf(line) ?? '').endsWith(noun)

/** "Rub to crumbs", "until it looks like crumbs": what it becomes is no line. */
const becomesWhat = pattern(
  'iu',
  String.raw`\b(?:to|into|like|resembl\w+|form\w*|have|get)\s+(?:(?:an?|fine|coarse|rough|even|loose|damp|`,
  String.raw`soft|smooth|thick|moist|big|large|small)\s+)*$`,
)
/** Lines that a clause calls by the end of their names, where no other name stands. */
function byTail(uses: readonly StepUse[], here: Here): Operand[] {
  const { recipe, step, clause, own } = here
  const isNamed = (start: number, end: number) =>
    uses.some(({ mention }) => mention.start < end && start < mention.end)
  const cue = clause.words.findIndex(w => w.is === 'until' || w.is === 'till')
  return clause.words.slice(1, cue < 0 ? undefined : cue).flatMap(({ is, start, end }) => {
    const noun = singular(is)
    if (isNamed(start, end) || notEnds.has(noun) || vesselNouns.has(noun)) return []
    if (becomesWhat.test(step.text.slice(clause.span[0], start))) return []
    const find = (lines: readonly Line[]) => lines.filter(line => tailOf(line) === plainWord(is))
    const named = [...new Set([...find(own), ...find(linesOf(recipe))])]
    // "The crumbs" of breadcrumbs: the last half of one word.
    const [line, second] = named.length ? named : linesOf(recipe).filter(endsIn(noun))
    if (!line || (second && !own.includes(line)) || uses.some(use => use.line === line)) return []
    return [takeLine(line, shareSaid(step.text.slice(clause.span[0], start)), [start, end], here)]
  })
}

const sharedOut =
  /\b(half|(?:a|one)\s+third|two\s+thirds|(?:a|one)\s+quarter)\s+(?:of\s+)?(?:it|them)\b/iu
const fractions: Readonly<Record<string, number>> = {
  'half': 1 / 2,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 1 / 4,
  'one quarter': 1 / 4,
}
/** "Half of them", "a third of it": of what the action before took. */
function ofThem({ step, clause, before }: Here): Operand[] {
  const hit = sharedOut.exec(step.text.slice(...clause.span))
  const [thing] = before.map(one => one.thing).filter(one => one.is !== 'aside')
  if (!hit || !thing) return []
  const fraction = fractions[hit[1]!.toLowerCase().replaceAll(/\s+/gu, ' ')] ?? 1 / 2
  const start = clause.span[0] + hit.index
  const lines = thing.is === 'line' ? [thing.line] : thing.lines
  return [
    {
      thing: { is: 'made', by: null, lines },
      share: { of: 'part', fraction },
      span: [start, start + hit[0].length],
    },
  ]
}

/** "Both sugars": a name in the plural for several lines is a gathering word. */
const isPlural = (use: StepUse, gathers: readonly Gather[], own: readonly Line[]): boolean =>
  gathers.some(
    ({ kinds, span }) =>
      Array.isArray(kinds) &&
      span[0] <= use.mention.start &&
      use.mention.end <= span[1] &&
      /s$/iu.test(use.mention.words) &&
      own.filter(l => kinds.includes(ingredientById(l.ingredient ?? '')?.kind ?? 'water')).length >
        1,
  )

const makesPart: ReadonlySet<VerbId> = new Set(
  'combine beat whisk stir make melt boil simmer cook blend sift knead'.split(' ') as VerbId[],
)
/** "Mix the filling", "beat the icing": all of that part. */
function wholePart(here: Here): Operand[] {
  const { recipe, step, clause, larder } = here
  if (clause.verb === null || !makesPart.has(clause.verb)) return []
  const said = step.text.slice(clause.words[0]!.end, clause.span[1]).toLowerCase()
  const part = recipe.components.find(
    c =>
      c.name !== '' && new RegExp(String.raw`^\s+(?:the\s+)?${escaped(c.name)}\b`, 'iu').test(said),
  )
  const lines = part?.lines.filter(line => line.purpose === null && larder.has(line)) ?? []
  return lines.map(line => takeLine(line, { of: 'all' }, null, here))
}
const escaped = (text: string) => text.replaceAll(/[.*+?^${}()|[\]\\]/gu, String.raw`\$&`)

/** "Bind with the water", once in its part's method, of a list with two lines of water: both. */
function listedTwice({ thing, share }: Operand, here: Here): Operand[] {
  const { recipe, steps, step, own, larder } = here
  const line = thing.is === 'line' && linesOf(recipe).find(one => one.id === thing.line)
  if (!line || share.of !== 'all' || !own.includes(line)) return []
  const isAlike = (other: Line) => other !== line && other.ingredient === line.ingredient
  const others = own.filter(one => isAlike(one) && one.purpose === null && larder.has(one))
  const told = steps
    .filter(one => one.component === step.component)
    .flatMap(one => one.uses.filter(use => use.mention.ingredient.id === line.ingredient))
  const isGathered = steps.some(one => one.component === step.component && one.gathers.length > 0)
  if (told.length !== 1 || isGathered) return []
  return others.map(other => takeLine(other, share, null, here))
}

/** All that the words of a clause take, in order. */
export function operandsOf(here: Here): Operand[] {
  const { step, clause, own } = here
  const [from, to] = clause.span
  const isHere = (at: number) => at >= from && at < to && !isHeading(at, here)
  const gathers = apart(step.gathers).filter(
    ({ span }) => isHere(span[0]) && !/^syrup$/iu.test(step.text.slice(...span)),
  )
  const isExcepted = ({ mention }: StepUse) =>
    gathers.some(
      ({ span }) =>
        span[1] <= mention.start && exceptSign.test(step.text.slice(span[1], mention.start)),
    )
  const uses = step.uses.filter(use => isHere(use.mention.start))
  const named = uses.filter(
    use => !isExcepted(use) && !isPlural(use, gathers, own) && !isOwnerOf(use, uses, step.text),
  )
  const operands = named
    .filter(use => !isNoOperand(use, here))
    .map((use): Operand => {
      if (isLook(use)) return { ...asideOf(use, step.text, use), readies: true }
      return forVessel(use, here) ? asideOf(use, step.text, use) : operandOf(use, here)
    })
  const tails = byTail(uses, here)
  const isSaid = ({ span }: Gather) =>
    tails.some(tail => tail.span && span[0] <= tail.span[0] && tail.span[1] <= span[1]) ||
    uses.some(
      use =>
        !isPlural(use, gathers, own) && use.mention.start < span[1] && span[0] < use.mention.end,
    )
  const more = gathers.filter(g => !isSaid(g)).flatMap(g => gathered(g, uses, here))
  const twins = operands.flatMap(one => listedTwice(one, here))
  const all = [...ofThem(here), ...operands, ...twins, ...ofIts(here), ...tails, ...more]
  const said = all.map(one =>
    isAs(wholes, one.span, step.text) ? { ...one, tells: true as const } : one,
  )
  return said.length ? said : wholePart(here)
}
/** "The plum cake": one of these names of what is made goes on behind it. */
function isAs(names: ReadonlySet<string>, span: Span | null, text: string): boolean {
  const behind = span ? text.slice(span[1]) : ''
  const [next] = wordsIn(behind)
  return next !== undefined && !behind.slice(0, next.start).trim() && names.has(singular(next.is))
}
