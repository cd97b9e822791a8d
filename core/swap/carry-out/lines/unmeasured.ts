import { ingredientById, type Ingredient } from '../../../pantry'
import { capital, type Line } from '../../../recipe'
import { listed, sayDid, whatItWasFor, type Leaving, type Question } from '../../leaving'
import { purposeWords } from '../reasons'
import { type Substitution, nobodyAvoids, schoolForUnmeasured, type Setting } from '../../ways'
import { leverIngredients } from '../../tables/limits'
import { rewriteStep } from '../telling/rename'
import { wordsOf, type Ledger, type Weighed } from './ledger'

type Leaves = Extract<Leaving, { how: 'leaves' }>

/** Goes into no dough: it greases, dusts, or is brushed on. */
const isForThePan = ({ line, question }: Leaves): boolean =>
  line.purpose === 'pan' ||
  (line.purpose === 'brush' && question === 'butter') ||
  (line.purpose === 'dust' && question === 'flour')

/** Grams of what greases or dusts, per gram of what did: oil has no water. [P] */
const panDose: Readonly<Partial<Record<Question, number>>> = { flour: 1 }
const fatDose = 0.8

/** What comes for a line, per gram of it, and how the plan speaks of it. */
interface Stand {
  readonly adds: readonly { readonly ingredient: Ingredient; readonly share: number }[]
  readonly inSteps: string
  readonly because: string
  readonly answer: Substitution | null
}

/** Another fat or flour does as well for a tin. */
function forThePan(question: Question, { table }: Setting): Stand | null {
  const { dusting, grease } = leverIngredients
  const ingredient = nobodyAvoids(question === 'flour' ? dusting : grease, table)
  if (!ingredient) return null
  return {
    adds: [{ ingredient, share: panDose[question] ?? fatDose }],
    inSteps: ingredient.name,
    because: 'another fat or flour does as well there',
    answer: null,
  }
}

const bySchool = (answer: Substitution): Stand => ({
  adds: answer.adds.map(d => ({
    ingredient: ingredientById(d.ingredient)!,
    share: d.perGram,
  })),
  inSteps: answer.inSteps,
  because: answer.reason,
  answer,
})

const nothing: Stand = {
  adds: [],
  inSteps: '',
  because: 'nothing that everyone may eat stands in for it, so it is left out',
  answer: null,
}

function standFor(item: Leaves, { option: { part }, setting }: Ledger): Stand {
  if (isForThePan(item)) return forThePan(item.question, setting) ?? nothing
  const answer = schoolForUnmeasured(item, part, setting)
  return answer ? bySchool(answer) : nothing
}

/** What takes the place of a line that no balance is computed of: for the tin, to brush, to serve. */
export function writeUnmeasured(ledger: Ledger, item: Leaves): void {
  const { line } = item
  const { inSteps, because, answer, ...stand } = standFor(item, ledger)
  const adds = stand.adds.map(({ ingredient, share }) => ({
    of: { ingredient },
    amount: line.grams ? ledger.measured(ingredient, line.grams.best * share) : null,
  }))
  ledger.gone.add(line.id)
  ledger.naming.set(line.id, inSteps)
  if (answer?.prepare) ledger.ready.add(line.id)
  const tail = tailOf(line, ledger.setting)
  ledger.newLines.set(
    line.id,
    adds.map(({ of, amount }) => ledger.line(of.ingredient, amount, tail, line.purpose)),
  )
  if (answer?.prepare && adds.length > 1) ledger.first.push(readyUnmeasured(ledger, answer, adds))
  const jobs = whatItWasFor(line, item.question)
  ledger.change({
    removes: [line.id],
    adds: adds.map(one => ledger.addition(one, answer)),
    because: `${capital(wordsOf(line))}: ${because}.`,
    did: sayDid(jobs),
    jobs,
    school: answer?.id ?? null,
    source: answer?.source ?? '[P]',
  })
}

const readyUnmeasured = (
  ledger: Ledger,
  { inSteps, prepare }: Substitution,
  adds: readonly Weighed<{ readonly ingredient: Ingredient }>[],
): string =>
  `For the ${inSteps}: ${listed(adds.map(({ of }) => ledger.called(of.ingredient)))}. ${prepare}`

/** What the line said besides, where that names nothing that leaves. */
function tailOf(line: Line, setting: Setting): string {
  // "Beaten, to glaze" is said of eggs alone.
  const isEgg = ingredientById(line.ingredient ?? '')?.kind.startsWith('egg') ?? false
  const tail = (!isEgg && line.preparation) || purposeWords(line)
  return isClean(tail, setting) ? tail : purposeWords(line)
}
const isClean = (text: string, { table }: Setting): boolean =>
  text === '' ||
  rewriteStep(text, {
    lines: [],
    byLine: new Map(),
    standIn: () => null,
    grease: null,
    dusting: null,
    table,
  }) === text
