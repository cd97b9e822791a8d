import { readOven } from '../../measure'
import { finding, readStepTimes, type Finding, type Recipe } from '../../recipe'
import type { Action } from '../action'
import { isBake } from './bake'
import { anotherBake, onHob, statesBake, statesCooking } from '../tables/heat'
import type { VerbId } from '../tables/verbs'

const use = (celsius: number) => ({
  label: `Use ${Math.round(celsius)} °C`,
  edits: [{ do: 'oven' as const, celsius: Math.round(celsius) }],
})

/** Below this heat nothing bakes in less than so many minutes. [P] */
const bakesAt = { least: 85, slowly: 150 } as const

/** A setting at which nothing bakes in the time that is written. */
function tooCool({ oven }: Recipe, actions: readonly Action[]): Finding[] {
  if (!oven?.celsius || oven.celsius >= bakesAt.least) return []
  const isSlow = (oven.minutes?.high ?? 0) >= bakesAt.slowly
  if (isSlow || !actions.some(isBake)) return []
  const text = oven.text.trim()
  const written = Number(/\d{2,3}/u.exec(text)?.[0] ?? 0)
  return [
    finding({
      code: 'oven-odd',
      severity: 'ask',
      text: oven.text,
      sentence: `“${text}” is only ${oven.celsius} °C: too cool to bake in that time.`,
      corrections: written >= 100 && written <= 250 ? [use(written)] : [],
    }),
  ]
}

/** A bake, and no time for one anywhere. */
function noTime({ oven }: Recipe, actions: readonly Action[]): Finding[] {
  const last = actions.findLast(isBake)
  if (!last || oven?.minutes || actions.some(isTimed)) return []
  return [
    finding({
      code: 'no-bake-time',
      severity: 'note',
      step: last.step,
      text: last.text.trim(),
      sentence: 'No bake time is written.',
    }),
  ]
}
const isTimed = (action: Action): boolean =>
  isBake(action) && (action.phases.length > 0 || action.byTin.length > 0)

/** Ovens are rounded to tens, and scales to each other. °C [P] */
const sameHeat = 16
/** What changes the oven's heat on purpose. */
const changes: ReadonlySet<VerbId> = new Set<VerbId>(['lower', 'preheat', 'off'])

/** What is said of the oven's heat, and where. */
interface Heat {
  readonly celsius: number
  readonly text: string
}
const heatOf = (action: Action | undefined): Heat | null =>
  action?.settings[0] ? { celsius: action.settings[0].celsius, text: action.text.trim() } : null

function heatIn(facts: readonly string[]): Heat | null {
  for (const text of facts) {
    const celsius = readOven(text)?.celsius
    if (celsius) return { celsius, text }
  }
  return null
}

/** It is baked at what it was heated to, and not at what it is turned to after a while. */
const isOneHeat = ({ text, settings, phases }: Action): boolean =>
  !anotherBake.test(text) && (phases.length < 2 || settings.length !== 1)

/** The oven as it was heated, and the first bake, where nothing changes the heat between them. */
function heatedAndBaked(actions: readonly Action[]): readonly (Heat | null)[] {
  const heated = actions.findIndex(a => a.verb === 'preheat' && a.settings.length > 0)
  const baked = actions.findIndex(isBake)
  const isSame =
    heated >= 0 &&
    baked >= 0 &&
    isOneHeat(actions[baked]!) &&
    !actions.slice(heated + 1, baked).some(a => changes.has(a.verb))
  return [heatOf(actions[heated]), isSame || heated < 0 ? heatOf(actions[baked]) : null]
}

/** The oven is heated to one setting and the first bake asks for another; or a fact line says a third. */
function twoOvens({ facts = [] }: Recipe, actions: readonly Action[]): Finding[] {
  const [heated, baked] = heatedAndBaked(actions)
  const told = heatIn(facts)
  const pairs = [
    [heated, baked],
    [told, heated ?? baked],
  ] as const
  for (const [one, two] of pairs) {
    if (!one || !two || Math.abs(one.celsius - two.celsius) <= sameHeat) continue
    return [
      finding({
        code: 'two-ovens',
        severity: 'ask',
        text: two.text,
        about: `${one.text} ${two.text}`,
        sentence:
          `Two oven settings for one bake: ${Math.round(one.celsius)} °C and ` +
          `${Math.round(two.celsius)} °C. Which is it?`,
        corrections: [use(one.celsius), use(two.celsius)],
      }),
    ]
  }
  return []
}

/** Narrower than recipes round their own times. [P] */
const longer = 1.6
const shorter = 0.62
/** A "cook time" has so many minutes beside what is timed. [P] */
const besides = 10

/** "Bake time: 20 min" over a step that bakes 45. A cook time holds what simmers as well. */
function twoTimes({ oven, facts = [] }: Recipe, actions: readonly Action[]): Finding[] {
  const minutes = oven?.minutes
  const fact = facts.find(text => statesBake.test(text))
  const time = fact ? readStepTimes(fact)[0] : undefined
  if (!minutes || !fact || !time || !actions.some(isTimed)) return []
  const hob = actions
    .filter(a => onHob.has(a.verb))
    .flatMap(a => a.phases)
    .reduce((sum, phase) => sum + phase.high, 0)
  const most = minutes.high * longer + (statesCooking.test(fact) ? hob + besides : 0)
  if (time.high >= minutes.low * shorter && time.low <= most) return []
  const { low, high } = minutes
  const said = low === high ? low : `${low}–${high}`
  return [
    finding({
      code: 'two-times',
      severity: 'ask',
      text: fact,
      sentence: `“${fact}” and the steps do not agree: they bake ${said} minutes.`,
      corrections: [{ label: 'The steps are right', edits: [{ do: 'forget-fact', text: fact }] }],
    }),
  ]
}

/** Of the bakes: two settings or times of one, none written, or too cool for it. */
export const bakeFindings = (recipe: Recipe, actions: readonly Action[]): Finding[] => [
  ...twoOvens(recipe, actions),
  ...twoTimes(recipe, actions),
  ...tooCool(recipe, actions),
  ...noTime(recipe, actions),
]
