import {
  adapt,
  checkPeople,
  newPacket,
  noWords,
  readLine,
  readRecipe,
  type Line,
  type Person,
  type Recipe,
} from '#core'
import type { Packet } from '#core/packet'
import { claims, packetsFor, type CheckedPacket, type Strictness } from '#core/people'
import {
  avoidedThere,
  touches,
  trueItems,
  trueLines,
  trueReplacements,
  trueSteps,
  type Truth,
} from './truth'

/** A small generator of chance, so that a run can be repeated. */
function chance(seed: number) {
  let state = seed
  const next = () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296
    return state / 4_294_967_296
  }
  const below = (n: number) => Math.floor(next() * n)
  const some = <T>(all: readonly T[], most: number): T[] =>
    Array.from({ length: below(most + 1) }, () => all[below(all.length)]!)
  return { next, below, one: <T>(all: readonly T[]) => all[below(all.length)]!, some }
}
type Chance = ReturnType<typeof chance>

const strictnesses: readonly Strictness[] = ['allergy', 'intolerance', 'choice']
const someone = (c: Chance): Person => ({
  id: 'p',
  name: 'P',
  diets: [],
  avoids: [...new Set([c.one(avoidedThere), ...c.some(avoidedThere, 2)])].map(allergen => ({
    allergen,
    strictness: c.one(strictnesses),
  })),
})

const lineOf = (words: string): Line => {
  const found = readLine(words, { id: words, component: '' })
  if (!found.ok) throw new Error(`no line: ${words}`)
  return found.line
}

/** A packet of some line with a statement put together by chance, and what is true of it. */
interface TruePacket {
  readonly packet: Packet
  readonly contains: readonly string[]
  readonly traces: readonly string[]
  readonly maybe: readonly string[]
}
function somePacket(c: Chance, id: string): TruePacket {
  const list = [trueItems.find(i => i.words === 'sugar')!, ...c.some(trueItems, 4)]
  const traces = c.next() < 0.4 ? c.some(trueItems.slice(0, 21), 2) : []
  const before = c.one([
    '',
    'Ingredients: ',
    'No added sugar. ',
    'Free from fish. Ingredients: ',
    'Contains no fish. ',
  ])
  const behind = traces.length
    ? c.one([
        `. May contain ${traces.map(i => i.words).join(' and ')}.`,
        `. Made in a factory that handles ${traces.map(i => i.words).join(', ')}.`,
      ])
    : ''
  return {
    packet: {
      ...newPacket(id, id, null),
      words: { ...noWords, statement: `${before}${list.map(i => i.words).join(', ')}${behind}` },
      checkedOn: '2026-01-01',
    },
    contains: list.flatMap(i => i.holds),
    traces: traces.flatMap(i => i.holds),
    maybe: list.flatMap(i => i.maybe),
  }
}

const isHit = (person: Person, ids: readonly string[], traceOnly = false) =>
  person.avoids.some(
    a => (!traceOnly || a.strictness === 'allergy') && ids.some(id => touches(a.allergen, id)),
  )

/** What the oracle found against the check: sentences, each a fault. */
export interface SafetyRun {
  readonly recipes: number
  readonly clear: number
  readonly claimed: number
  readonly faults: readonly string[]
}

interface Pool {
  readonly lines: readonly { readonly truth: Truth; readonly line: Line }[]
  readonly packets: readonly TruePacket[]
}
/** One case: a recipe with packets for somebody, and what is true of it. */
interface Case {
  readonly recipe: Recipe
  readonly person: Person
  readonly checked: readonly CheckedPacket[]
  readonly holds: readonly string[]
  readonly maybe: readonly string[]
  readonly traces: readonly string[]
  readonly says: string
}

function someCase(c: Chance, { lines, packets }: Pool): Case {
  const picked = [...new Set([c.one(lines), ...c.some(lines, 5)])]
  const steps = c.some(trueSteps, 2)
  const person = someone(c)
  const tied = picked
    .filter(() => c.next() < 0.3)
    .map(({ line }) => ({ line, own: packets[c.below(packets.length)]! }))
  const untied = picked.filter(p => !tied.some(({ line }) => line === p.line))
  const ties = tied.map(({ line, own }) => ({
    ingredient: null,
    lineId: line.id,
    packets: [own.packet.id],
  }))
  return {
    recipe: {
      title: 'x',
      region: 'uk',
      yield: null,
      pan: null,
      oven: null,
      components: [{ name: '', lines: picked.map(p => p.line), steps: steps.map(s => s.words) }],
    },
    person,
    checked: packetsFor(
      ties,
      packets.map(p => p.packet),
      '2026-01-02',
    ),
    holds: [...picked.map(p => p.truth), ...steps]
      .flatMap(truth => truth.holds)
      .concat(tied.flatMap(({ own }) => own.contains)),
    maybe: [...untied.map(p => p.truth), ...steps]
      .flatMap(truth => truth.maybe)
      .concat(tied.flatMap(({ own }) => own.maybe)),
    traces: tied.flatMap(({ own }) => own.traces),
    says: [
      picked.map(p => p.truth.words).join('; '),
      steps.map(s => s.words).join(' '),
      person.avoids.map(a => `${a.allergen} ${a.strictness}`).join(),
      tied.map(({ line, own }) => `${line.text} ← ${own.packet.words.statement}`).join(' / '),
    ].join(' | '),
  }
}

/** What is wrong with what the core says of a case; none where nothing is. */
function faultsOf({ recipe, person, checked, holds, maybe, traces, says }: Case) {
  const { verdict } = checkPeople(recipe, [person], { packets: checked }).people[0]!
  const isClaimed = claims(recipe, [person], checked).each.length > 0
  const isHeld = isHit(person, holds)
  const isOpen = isHit(person, maybe) || isHit(person, traces, true)
  const isClear = verdict === 'clear'
  const faults = [
    ...(isClear && isHeld ? [`clear though it holds: ${says}`] : []),
    ...(isClear && isOpen ? [`clear though it may hold: ${says}`] : []),
    ...(isClaimed && (!isClear || isHeld || isOpen) ? [`claimed: ${says}`] : []),
  ]
  return { isClear, isClaimed, faults }
}

/**
 * Recipes, people and packets put together by chance, judged by a truth that shares no table with
 * the core: nothing that holds may be clear, and nothing may be claimed that was not read.
 */
export function safetyRun(recipes: number, seed = 7): SafetyRun {
  const c = chance(seed)
  const pool: Pool = {
    lines: trueLines.map(truth => ({ truth, line: lineOf(truth.words) })),
    packets: Array.from({ length: 400 }, (_, i) => somePacket(c, `packet ${i}`)),
  }
  const faults: string[] = []
  let [clear, claimed] = [0, 0]
  for (let n = 0; n < recipes; n++) {
    const found = faultsOf(someCase(c, pool))
    clear += Number(found.isClear)
    claimed += Number(found.isClaimed)
    faults.push(...found.faults)
  }
  return { recipes, clear, claimed, faults }
}

const truths = [...trueLines, ...trueReplacements].map(truth => ({
  ...truth,
  bare: truth.words.replace(/^[\d½¼¾]+\s*(?:g|ml|tsp|tbsp)?\s*/u, '').toLowerCase(),
}))
/** What the oracle knows of a line of a plan: by the longest name that it ends with. */
const truthOf = (text: string) =>
  truths
    .filter(truth => text.toLowerCase().endsWith(` ${truth.bare}`))
    .sort((a, b) => b.bare.length - a.bare.length)[0]

/**
 * Plans of ordinary desserts for people by chance: no line of a plan may be one of which the oracle
 * knows that it holds what somebody avoids.
 */
export function planRun(texts: readonly string[], tables: number, seed = 11) {
  const c = chance(seed)
  const asked = texts.flatMap(text => Array.from({ length: tables }, () => readRecipe(text).recipe))
  const shown = asked.flatMap(recipe => {
    const person = someone(c)
    return adapt(recipe, [person]).plans.map(plan => ({ plan, person }))
  })
  const faults = shown.flatMap(({ plan, person }) =>
    plan.recipe.components
      .flatMap(part => part.lines)
      .filter(line => isHit(person, truthOf(line.text)?.holds ?? []))
      .map(
        line => `${plan.title}: “${line.text}” for ${person.avoids.map(a => a.allergen).join()}`,
      ),
  )
  return { plans: shown.length, faults }
}

/** What the bench prints of the oracle: a hundred thousand recipes, and plans of these texts. */
export function safetyRows(texts: readonly string[]): string[] {
  const run = safetyRun(100_000)
  const planned = planRun(texts, 12)
  return [
    `safety, judged by another truth ${run.recipes.toLocaleString('en')} recipes: ${run.clear} clear, ` +
      `${run.claimed} claimed, ${run.faults.length} faults; ${planned.plans} plans, ` +
      `${planned.faults.length} with what somebody avoids`,
    ...[...run.faults.slice(0, 10), ...planned.faults.slice(0, 10)].map(
      fault => `  FAULT ${fault}`,
    ),
  ]
}
