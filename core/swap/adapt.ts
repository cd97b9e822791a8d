import { ingredientById } from '../pantry'
import { bandsOf, familyOf, isInside, massOf, measures, noBalance, plusBalance, weightsOf, balanceOf, type Balance } from '../formula'
import { cautionsFor, checkPeople, needsOf, packetsToCheck, unknownNeeds, type Person } from '../people'
import { linesOf, mentionsInStep, type Recipe } from '../recipe'
import { isBlocked, tableOf, type Table } from './allowed'
import { setByArithmetic } from './arithmetic'
import type { Wishes } from './candidates'
import { leavingOf, mayBeLeftOut } from './leaving'
import { noticed } from './explain'
import { costOf, optionsFor, partOf, type Option, type Part } from './part'
import type { Plan, PlanPart } from './plan'
import { hasUnweighed, rewritePart, rewriteRecipe, type Rewritten } from './rewrite'
import { confidenceWords, type ConfidenceWord } from './tables/limits'
import { noteRows } from './tables/consequences'
import { routeRows, weakGround } from './tables/routes'

export interface Adaptation {
  readonly verdict: 'already-fine' | 'adapted' | 'not-advised' | 'cannot'
  /** Family of the main part. */
  readonly family: string
  readonly why: readonly string[]
  readonly plans: readonly Plan[]
  /** What to bake instead, when it is not advised. */
  readonly instead: readonly string[]
}

const nothing = (verdict: Adaptation['verdict'], family: string, why: readonly string[], instead: readonly string[] = []): Adaptation => ({ verdict, family, why, plans: [], instead })

/** What of a part leaves, in the route table's words. */
function leavesOf(part: Part): ReadonlySet<string> {
  return new Set(part.groups.flatMap(group => group.question === 'egg' || group.question === 'egg-wash' ? ['egg'] : group.question === 'flour' ? ['gluten'] : group.question === 'cream' ? ['cream'] : []))
}

function partsOf(recipe: Recipe, table: Table): Part[] {
  const mass = recipe.components.map(c => massOf(weightsOf(c.lines)))
  const main = mass.indexOf(Math.max(...mass))
  return recipe.components.map((component, i) => {
    const reading = familyOf(component, recipe.title, i === main || (component.name === '' && recipe.components.length === 1))
    const leaving = leavingOf(component, reading.family, table, recipe.region)
    const bare = partOf(component, reading, leaving, null)
    const leaves = leavesOf(bare)
    const route = routeRows.find(row => row.family === reading.family.id && row.leaves.some(what => leaves.has(what))) ?? null
    return { ...bare, route }
  })
}

/** A weight that leaves and is not written: nothing can be computed from it. */
function unweighable(parts: readonly Part[]): string[] {
  return parts.flatMap(part => part.leaving.flatMap(item => item.how === 'leaves' && !item.line.grams && isInside(item.line) && !item.line.purpose && !mayBeLeftOut(item.line, item.ingredient, part.mass)
    ? [`How much “${item.line.name || item.line.text}” is not written, and it has to be replaced. Say how much, and the plan can be worked out.`] : []))
}

const experimental = confidenceWords.findIndex(c => c.word === 'experimental')

interface Choice { readonly title: string, readonly id: string, readonly options: ReadonlyMap<number, Option> }

const eggAnswer = (option: Option) => option.answers.find(([group]) => group.question === 'egg')?.[1].id
/** Two answers count as different when their egg schools differ, or, without eggs, any school. */
const signature = (option: Option) => eggAnswer(option) ?? option.answers.map(([, answer]) => answer.id).join('+')

/** Up to three distinct answers for the main part: the closest, the one with fewest new things, and one by the larder or another way. */
function chooseMain(options: readonly Option[], wishes: Wishes): { option: Option, id: string, title: string }[] {
  const allowed = wishes.maxExtra === undefined ? options : options.filter(o => o.news.length <= wishes.maxExtra!)
  const pool = allowed.length ? allowed : options
  const [closest] = pool
  if (!closest) return []
  const chosen = [{ option: closest, id: 'closest', title: 'Closest' }]
  const fresh = () => pool.filter(o => !chosen.some(c => signature(c.option) === signature(o)) && o.loss < Math.max(20, closest.loss * 2))
  const fewest = fresh().reduce<Option | null>((best, o) => !best || o.news.length < best.news.length || (o.news.length === best.news.length && costOf(o) < costOf(best)) ? o : best, null)
  if (fewest) chosen.push(fewest.news.length < closest.news.length ? { option: fewest, id: 'fewest', title: 'Fewest extras' } : { option: fresh()[0]!, id: 'other-way', title: 'Another way' })
  const larder = new Set(wishes.larder ?? [])
  const bought = (o: Option) => o.news.filter(id => !larder.has(id)).length
  const third = larder.size ? fresh().reduce<Option | null>((best, o) => !best || bought(o) < bought(best) ? o : best, null) : fresh()[0]
  if (third) chosen.push(larder.size ? { option: third, id: 'larder', title: 'From your larder' } : { option: third, id: 'third-way', title: chosen.some(c => c.id === 'other-way') ? 'A third way' : 'Another way' })
  return chosen
}

function confidenceOf(options: readonly Option[]): { word: ConfidenceWord, because: string } {
  if (!options.length) return { word: 'very close', because: 'Only words in the steps change.' }
  const whole = options.reduce((sum, o) => sum + o.part.mass, 0)
  const graded = options.map(o => {
    const formula = o.part.route?.how === 'formula' ? o.part.route.confidence! : null
    const small = Math.min(1, o.part.mass / Math.max(whole, 1) / 0.15)
    const level = formula ? confidenceWords.findIndex(c => c.word === formula) : confidenceWords.findIndex(c => o.loss * small < c.below)
    const eggHeavy = o.part.flour > 0 && o.part.groups.some(g => g.question === 'egg') && o.part.eggs * 50 > o.part.flour
    const both = o.part.flour > 0 && o.part.groups.some(g => g.question === 'egg') && o.part.groups.some(g => g.question === 'flour')
    const worst = o.misses[0]
    const strange = o.part.reading.family.id === 'other'
    const because = strange ? 'Nothing here says what kind of dessert this is, so little is known about how far it may move.' : both ? weakGround.glutenAndEgg : eggHeavy ? weakGround.eggHeavy : formula ? o.part.route!.because : worst && worst.cost > 0.5 ? '' : 'Everything stays close to the original.'
    // Weak ground makes a word weaker, but only the numbers can advise against.
    return { level: strange ? Math.max(level, experimental - 1) : eggHeavy || both ? Math.max(level, Math.min(level + 1, experimental)) : level, because }
  })
  const worst = graded.reduce((a, b) => b.level > a.level ? b : a)
  const said = options.flatMap(o => noticed(o)).slice(0, 1)
  return { word: confidenceWords[worst.level]!.word, because: worst.because || (said[0] ? `What moves most: ${said[0]}.` : 'Everything stays close to the original.') }
}

function notesFor(options: readonly Option[]): string[] {
  const said = new Set<string>()
  for (const { part, draft } of options) {
    const gone = (question: string) => part.groups.some(g => g.question === question)
    const soda = [...draft.kept, ...draft.added].some(w => w.ingredient.soda > 0)
    const facts = new Set([...gone('egg') ? ['egg-gone'] : [], ...soda ? ['soda'] : [], ...gone('flour') ? ['gluten-gone'] : part.flour > 0 ? ['gluten-stays'] : []])
    for (const row of noteRows) if (facts.has(row.when) && row.families.includes(part.reading.family.id)) said.add(row.says)
  }
  return [...said]
}

const wholeBalance = (recipe: Recipe, parts: readonly Part[]): Balance => parts.reduce((sum, part, i) => plusBalance(sum, balanceOf(weightsOf(recipe.components[i]!.lines), part.reading.family.eggLift)), noBalance)

function planOf(recipe: Recipe, people: readonly Person[], parts: readonly Part[], choice: Choice, table: Table, wishes: Wishes): Plan | null {
  const setting = { region: recipe.region, by: wishes.measureIn ?? 'grams', table, wishes } as const
  const rewritten = new Map<number, Rewritten>([...choice.options].map(([i, option]) => [i, rewritePart(option, i, setting)]))
  const adapted = rewriteRecipe(recipe, parts, rewritten, setting)
  const check = checkPeople(adapted, people)
  // The gate: a plan that the independent check does not pass is not shown, whoever thought it good.
  if (check.people.some(person => person.verdict === 'conflict')) return null
  const options = [...choice.options.values()]
  const confidence = confidenceOf(options)
  const planParts = options.map((option): PlanPart => {
    const { part } = option
    const index = parts.indexOf(part)
    const after = balanceOf(weightsOf(adapted.components[index]!.lines), part.reading.family.eggLift)
    return { component: part.component.name, family: part.reading.family.id, familyName: part.reading.family.name, familyBecause: part.reading.because, before: part.before, after, bands: bandsOf(part.before, part.reading.family, part.mass, part.flour), matters: measures.filter(m => (part.reading.family.weights[m] ?? 1) >= 0.1), loss: option.loss, mass: part.mass }
  })
  const schoolWords = options.flatMap(o => o.answers.flatMap(([, answer]) => answer.differs ? [answer.differs] : []))
  return {
    id: choice.id, title: choice.title, recipe: adapted,
    changes: [...rewritten.values()].flatMap(r => r.changes),
    balance: { before: wholeBalance(recipe, parts), after: wholeBalance(adapted, parts) },
    parts: planParts.sort((a, b) => b.mass - a.mass),
    risks: [...new Set(options.flatMap(noticed))],
    differs: [...new Set(schoolWords)],
    notes: notesFor(options),
    cautions: cautionsFor(adapted, people),
    packets: packetsToCheck(adapted, people, check),
    confidence: confidence.word, confidenceBecause: confidence.because,
    restsOn: 'Computed from composition and common practice; not yet baked in this house.',
    forPeople: people.map(person => person.id),
  }
}

/**
 * Works out a version of the recipe for these people: up to three whole plans, or why not. `already-fine` when nothing
 * has to leave; `not-advised` when a part's family must not be adapted (with what to bake instead); `cannot` when an
 * amount is missing, someone's needs are not understood, or nothing that all may eat can stand for a line. Every plan has
 * passed checkPeople without a conflict; what only packets can tell is in `packets`.
 */
export function adapt(recipe: Recipe, people: readonly Person[], wishes: Wishes = {}): Adaptation {
  const unclear = people.flatMap(person => unknownNeeds(person).map(id => `“${id}” among ${person.name}’s needs is nothing that Ingwer knows. Correct it first.`))
  if (unclear.length) return nothing('cannot', 'other', unclear)
  if (!linesOf(recipe).length) return nothing('cannot', 'other', ['There is no ingredient line to work with.'])
  const table = tableOf(people)
  const parts = partsOf(recipe, table)
  const heaviest = parts.reduce((a, b) => b.mass > a.mass ? b : a)
  const family = heaviest.reading.family.id
  const check = checkPeople(recipe, people)
  const blockedSteps = blockedInSteps(recipe, table)
  if (!people.some(person => needsOf(person).length)) return nothing('already-fine', family, ['Nobody at the table avoids anything, so nothing changes.'])
  if (!parts.some(part => part.leaving.length) && !blockedSteps) {
    const open = check.people.flatMap(person => person.conflicts)
    return nothing('already-fine', family, ['No line has to leave for the people at the table.', ...open.length ? [`What is still open: ${[...new Set(open.map(c => c.because))].slice(0, 5).join('; ')}.`] : []])
  }
  const refused = parts.find(part => part.route?.how === 'refuse')
  if (refused) {
    const leaves = leavesOf(refused)
    const rows = routeRows.filter(row => row.how === 'refuse' && row.family === refused.reading.family.id && row.leaves.some(what => leaves.has(what)))
    // The last row that applies asks the most of its alternative (gluten after egg).
    return nothing('not-advised', refused.reading.family.id, rows.map(row => row.because), [rows.at(-1)!.instead!])
  }
  const missing = unweighable(parts)
  if (missing.length) return nothing('cannot', family, missing)
  return chosen(recipe, people, parts, table, wishes, family)
}

const blockedInSteps = (recipe: Recipe, table: Table) => {
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  return recipe.components.some(c => c.steps.some(step => mentionsInStep(step, lines).some(m => !m.line && isBlocked(m.ingredient, table))))
}

function chosen(recipe: Recipe, people: readonly Person[], parts: readonly Part[], table: Table, wishes: Wishes, family: string): Adaptation {
  const touched = parts.flatMap((part, i) => part.leaving.length ? [{ part, i }] : []).sort((a, b) => b.part.mass - a.part.mass)
  const answers = new Map<number, readonly Option[]>()
  for (const { part, i } of touched) {
    const found = optionsFor(part, table, wishes, setByArithmetic, new Set())
    if ('stuck' in found) {
      const lines = found.stuck.lines.map(item => `“${item.line.name || item.line.text}”`).join(', ')
      return nothing('cannot', family, [`Nothing that everyone at this table may eat stands in for ${lines} in ${part.reading.family.name}. Take someone’s need off the table, lift a ban, or choose another dessert.`])
    }
    answers.set(i, found.options)
  }
  const [main] = touched
  if (!main) {
    const plan = planOf(recipe, people, parts, { id: 'closest', title: 'Closest', options: new Map() }, table, wishes)
    return plan ? { verdict: 'adapted', family, why: ['Only the steps bring something that has to go.'], plans: [plan], instead: [] } : nothing('cannot', family, ['The steps bring something that cannot be taken out.'])
  }
  const plans = chooseMain(answers.get(main.i)!, wishes).flatMap(({ option, id, title }): Plan[] => {
    const options = new Map([[main.i, option]])
    const used = new Set(option.news)
    for (const { part, i } of touched.slice(1)) {
      const found = optionsFor(part, table, wishes, setByArithmetic, used)
      const best = 'options' in found ? found.options[0] : undefined
      if (best) {
        options.set(i, best)
        best.news.forEach(item => used.add(item))
      }
    }
    const plan = planOf(recipe, people, parts, { id, title, options }, table, wishes)
    return plan ? [plan] : []
  })
  const advised = plans.filter(plan => plan.confidence !== 'not advised')
  if (!plans.length) return nothing('cannot', family, ['Every way that was worked out still brought something that somebody here avoids, so none is shown.'])
  return { verdict: 'adapted', family, why: whyOf(touched.map(t => t.part)), plans: advised.length ? advised : plans.slice(0, 1), instead: [] }
}

function whyOf(parts: readonly Part[]): string[] {
  return parts.flatMap(part => {
    const leaves = part.leaving.filter(item => item.how === 'leaves').map(item => ingredientById(item.line.ingredient!)!.name)
    const { name } = part.component
    const where = /^(?:to|for)\s/u.test(name) ? `${name.charAt(0).toUpperCase()}${name.slice(1)}` : name ? `In the ${name}` : 'Here'
    const route = part.route ? [part.route.because] : []
    return [...leaves.length || hasUnweighed(part) ? [`${where} (${part.reading.family.name}, ${part.reading.because}) ${leaves.length ? `${[...new Set(leaves)].join(', ')} cannot stay.` : 'only words change.'}`] : [], ...route]
  })
}
