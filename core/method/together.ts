import type { Action, Operand } from './action'
import { readyVerbs } from './place'
import type { VerbId } from './tables/verbs'

/** A verb and its joints, and nothing else. */
const bare = /^\P{L}*\p{L}+(?:\P{L}+(?:and|then))*\P{L}*$/iu

/** "Grease and line a tin", "butter the tin and flour it": one vessel for both. */
export const withVessels = (actions: readonly Action[]): Action[] =>
  actions.map((action, i) => {
    if (action.into || !readyVerbs.has(action.verb)) return action
    const isIt = /\b(?:it|them)\b/iu.test(action.text)
    const other = bare.test(action.text) ? actions[i + 1] : actions[i - 1]
    const isOne = (bare.test(action.text) || isIt) && other?.step.at === action.step.at
    return isOne && other?.into ? { ...action, into: other.into } : action
  })

const asMade = (takes: Action['takes'], by: string): Operand[] =>
  takes.map(one =>
    one.thing.is === 'line' ? { ...one, thing: { is: 'made', by, lines: [one.thing.line] } } : one,
  )

/** What is done to one thing after the other. */
const handling: ReadonlySet<VerbId> = new Set(
  'peel cut mash grind grate toast melt drain squeeze soak sift'.split(' ') as VerbId[],
)

/**
 * "Peel, core and slice the pears", "the pears are peeled, cored and sliced": each of them takes the
 * pears, the first from the list.
 */
export function withObjects(actions: readonly Action[]): Action[] {
  const all = [...actions]
  const isBare = (action: Action) =>
    handling.has(action.verb) && !action.takes.length && bare.test(action.text)
  const gives = (action: Action | undefined, to: Action): action is Action =>
    action !== undefined &&
    action.step.at === to.step.at &&
    action.takes.length > 0 &&
    handling.has(action.verb)
  for (let i = all.length - 2; i >= 0; i--) {
    const [action, next] = [all[i]!, all[i + 1]!]
    if (!isBare(action) || !gives(next, action)) continue
    all[i] = { ...action, takes: next.takes }
    all[i + 1] = { ...next, takes: asMade(next.takes, action.id) }
  }
  for (let i = 1; i < all.length; i++) {
    const [before, action] = [all[i - 1]!, all[i]!]
    if (isBare(action) && gives(before, action))
      all[i] = { ...action, takes: asMade(before.takes, before.id) }
  }
  return all
}

/** What is done to something that stays where it is. */
const stays: ReadonlySet<VerbId> = new Set(
  'turn cover lower preheat brush remove stir'.split(' ') as VerbId[],
)

/** Goes on in the oven: "return to it for 5 more", "leave for a further hour". */
const goesOn = ({ verb, text }: Action): boolean =>
  verb === 'bake' ||
  verb === 'load' ||
  (verb === 'rest' && /\b(?:further|another|more)\b/iu.test(text) && !/\bout\b/iu.test(text))

const saysMore = /\b(?:more|longer|another|further|again)\b/iu

/** Is `action` a second stretch of the bake `first`, with `between` done to it meanwhile? */
const isSecond = (first: Action | undefined, between: readonly Action[], action: Action): boolean =>
  first?.verb === 'bake' &&
  goesOn(action) &&
  first.part === action.part &&
  first.step.at === action.step.at &&
  first.step.component === action.step.component &&
  !action.takes.length &&
  !action.into &&
  first.phases.length > 0 &&
  action.phases.length > 0 &&
  (between.length > 0 || saysMore.test(action.text))

/** "Bake 15 minutes, turn, and bake 5–7 more" is one bake: its second stretch goes to the first. */
export function joined(actions: readonly Action[]): Action[] {
  const all: Action[] = []
  for (const action of actions) {
    let at = all.length - 1
    while (at >= 0 && stays.has(all[at]!.verb) && !all[at]!.takes.length) at--
    const [first, between] = [all[at], all.slice(at + 1)]
    if (!isSecond(first, between, action)) {
      all.push(action)
      continue
    }
    const [phases, said] = [first!.phases, [first!, ...between, action]]
    all.length = at
    all.push({
      ...first!,
      settings: said.flatMap(one => one.settings),
      phases: [
        ...phases.slice(0, -1),
        { ...phases.at(-1)!, then: between[0]?.verb ?? null },
        ...action.phases,
      ],
      span: [first!.span[0], action.span[1]],
      text: said.map(one => one.text).join(''),
    })
  }
  return all
}
