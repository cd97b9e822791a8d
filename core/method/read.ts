import { aDay } from '../measure'
import { pantryEdition, rememberedOf } from '../pantry'
import {
  linesOf,
  ownLines,
  partBySentence,
  partOpenedBy,
  readSteps,
  type Component,
  type Line,
  type PlacedStep,
  type Recipe,
} from '../recipe'
import type { Action, ActionMode, ActionVessel, Method, Operand } from './action'
import { clausesOf, type Clause } from './clauses'
import { cueOf } from './cues'
import { Larder } from './larder'
import { operandsOf } from './operands'
import { overOf, toolOf, vesselOf } from './place'
import { mannersOf, partsNamed } from './manners'
import { byTinOf, phasesOf, settingsOf, timesIn } from './stretches'
import { mayStay, mustStay } from './tables/keeping'
import { aheadSign, asides, remarkSign } from './tables/remarks'
import { toRise } from './tables/cues'
import { inBowl, type VerbId } from './tables/verbs'
import { joined, withObjects, withVessels } from './together'
import { withUnsaid } from './unsaid'

const ovenVerbs: ReadonlySet<VerbId> = new Set(
  'bake preheat toast load lower cook put'.split(' ') as VerbId[],
)

/** Allowed to stay so long, and not told to: "freeze for up to two months", "store in an airtight tin". */
const mayWait: ReadonlySet<VerbId> = new Set<VerbId>(['keep', 'freeze', 'chill', 'wrap', 'cover'])
const isKept = (clause: Clause, step: PlacedStep): boolean =>
  clause.verb !== null &&
  mayWait.has(clause.verb) &&
  mayStay.test(step.text.slice(...clause.span)) &&
  !mustStay.test(step.text.slice(...clause.span)) &&
  timesIn(clause, step).every(time => time.low >= aDay)

function modeOf(clause: Clause, step: PlacedStep): ActionMode {
  const { text } = step
  const isRemark = !clause.isPassive && remarkSign.test(text.slice(...clause.sentence))
  if (clause.verb === null || isRemark || asides.has(clause.word)) return 'remark'
  // "Can be made ahead" behind a method makes none of it so.
  if (aheadSign.test(text.slice(...clause.sentence)) || isKept(clause, step)) return 'ahead'
  return clause.verb === 'serve' ? 'serve' : 'do'
}

const standing: ReadonlySet<string> = new Set(['stand', 'sit', 'set', 'leave'])

interface Settling {
  readonly verb: VerbId
  readonly word: string
  readonly kinds: ReadonlySet<string>
  readonly hasSetting: boolean
  readonly hasVessel: boolean
  readonly isIt: boolean
  readonly isToRise: boolean
  /** The verb alone: what it is done to stands behind the next one. */
  readonly isBare: boolean
}
/** What a verb is, once its clause's times, settings and vessel are known: the first that fits. */
const settlings: readonly { readonly is: VerbId; readonly where: (at: Settling) => boolean }[] = [
  // "Butter the bread" is spread, "butter the tin" greased.
  {
    is: 'spread',
    where: at =>
      at.verb === 'grease' && at.word === 'butter' && !at.hasVessel && !at.isIt && !at.isBare,
  },
  {
    is: 'rest',
    where: at => at.verb === 'put' && standing.has(at.word) && !at.hasVessel && at.kinds.size > 0,
  },
  { is: 'preheat', where: at => at.verb === 'lower' && at.hasSetting },
  { is: 'bake', where: at => at.verb === 'cook' && (at.hasSetting || at.kinds.has('bake')) },
  { is: 'proof', where: at => at.verb === 'rest' && (at.kinds.has('rise') || at.isToRise) },
  { is: 'soak', where: at => at.verb === 'rest' && at.kinds.has('soak') },
]
function settled(
  clause: Clause,
  step: PlacedStep,
  hasSetting: boolean,
  into: ActionVessel | null,
): VerbId {
  const verb = clause.verb!
  const at: Settling = {
    verb,
    word: clause.word,
    kinds: new Set(timesIn(clause, step).map(time => time.kind)),
    hasSetting,
    hasVessel: into !== null,
    isIt: /\b(?:it|them)\b/iu.test(step.text.slice(...clause.span)),
    isToRise: toRise.test(step.text.slice(...clause.span)),
    isBare: clause.words.filter(word => word.is !== 'and').length < 2,
  }
  return settlings.find(row => row.where(at))?.is ?? verb
}

const conditions = /\b(?:if|unless|in\s+case)\b[^.,;]*/iu

/** The part that an action works on: that of what it takes, else the one its step is about. */
function partOf(takes: Action['takes'], recipe: Recipe, now: string): string {
  const lineIds = takes.flatMap(({ thing }) => (thing.is === 'line' ? [thing.line] : []))
  const parts = recipe.components.filter(c => c.lines.some(line => lineIds.includes(line.id)))
  return parts.length === 1 ? parts[0]!.name : now
}

/** "For the filling, …" within a step begins another part's work. */
const partOpened = (sentence: string, recipe: Recipe): Component | null =>
  partOpenedBy(
    sentence.trimStart(),
    recipe.components.filter(c => c.lines.length > 0),
  ) ?? null

/** Reads the clauses of one step after the other. */
class MethodReader {
  private readonly owns: readonly (readonly (readonly Line[])[])[]
  private readonly larder: Larder
  private readonly steps: readonly PlacedStep[]
  private readonly bySentence: ReturnType<typeof partBySentence>
  private before: readonly Operand[] = []

  constructor(private readonly recipe: Recipe) {
    this.owns = ownLines(recipe)
    this.bySentence = partBySentence(recipe)
    this.larder = new Larder(linesOf(recipe))
    this.steps = readSteps(recipe)
  }

  read = (): Action[] => this.steps.flatMap(step => this.step(step))

  private step(step: PlacedStep): Action[] {
    const { components } = this.recipe
    const part = components.findIndex(c => c.name === step.component)
    const own = this.owns[part]?.[step.at] ?? []
    const ofStep = components.find(c => c.lines === own || c.lines.includes(own[0]!))
    let [named, opened]: (Component | null)[] = [null, null]
    const foods = step.uses.map(({ mention }) => mention)
    return clausesOf(step.text, foods).map((clause, n) => {
      const sentence = step.text.slice(...clause.sentence)
      const opens = partOpened(sentence, this.recipe)
      named = opens ?? named
      opened = opens ?? this.bySentence?.(sentence, opened ?? ofStep ?? null) ?? opened
      // What is baked, rolled or chilled is the step's; what is stirred goes on with the sentence's.
      const goesOn = clause.verb !== null && inBowl.has(clause.verb)
      const now = (named ?? (goesOn ? opened : null) ?? ofStep)?.name ?? step.component
      const lines = opened?.lines ?? own
      return this.action(clause, step, { id: `${part}.${step.at}.${n}`, now, lines })
    })
  }

  private action(
    clause: Clause,
    step: PlacedStep,
    {
      id,
      now,
      lines,
    }: { readonly id: string; readonly now: string; readonly lines: readonly Line[] },
  ): Action {
    const { recipe, steps, larder, before } = this
    const [from, to] = clause.span
    const text = step.text.slice(from, to)
    const named = operandsOf({
      recipe,
      steps,
      step,
      clause,
      own: lines,
      larder,
      action: id,
      before,
    })
    const takes = named.filter(one => !one.isTarget)
    this.before = takes.length ? takes : before
    const settings = clause.verb && ovenVerbs.has(clause.verb) ? settingsOf(text, from) : []
    const into = vesselOf(clause, step)
    return {
      id,
      part: partOf(takes, recipe, now),
      step: { component: step.component, at: step.at },
      verb: clause.verb ? settled(clause, step, settings.length > 0, into) : 'look',
      word: clause.word,
      wordAt: clause.word ? [clause.words[0]!.start, clause.words[0]!.end] : [from, from],
      manners: mannersOf(text),
      takes,
      unsaid: [],
      names: partsNamed(text, recipe),
      meets: named.flatMap(({ isTarget, thing }) =>
        isTarget && thing.is === 'made' ? thing.lines : [],
      ),
      into,
      with: toolOf(clause),
      over: overOf(text, from),
      settings,
      phases: phasesOf(clause, step),
      byTin: byTinOf(clause, step),
      until: cueOf(step.cues, step.text, clause.span),
      when: conditions.exec(text)?.[0] ?? null,
      mode: modeOf(clause, step),
      span: clause.span,
      sentence: clause.sentence,
      text,
    }
  }
}

/**
 * The method of a recipe as actions, in the order of its steps: each with what its words take and
 * how much of it, where it goes, settings, stretches of time, what it is done until. A line that is
 * used up is spoken of as what was made of it. Sentences that order nothing are remarks. Reads any
 * text and never fails; what is not understood takes nothing. Spans count in each step's own text.
 */
export const readMethod: (recipe: Recipe) => Method = rememberedOf(
  recipe => ({
    actions: withUnsaid(joined(withObjects(withVessels(new MethodReader(recipe).read())))),
  }),
  pantryEdition,
)
